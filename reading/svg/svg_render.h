#pragma once

#include "core/geometry/transform.h"
#include "core/raster/image.h"

#include <QByteArray>
#include <QString>
#include <memory>
#include <optional>

namespace fusuma {

/// What the renderer makes of single elements, for what only it can draw: text, filters, masks, markers, patterns.
/// Nothing outside the file is fetched.
/// Source: librsvg
class SvgRenderer {
  public:
    /// @param document  text of an SVG file
    explicit SvgRenderer(const QByteArray& document);
    ~SvgRenderer();
    [[nodiscard]] bool is_valid() const;

    struct Drawn {
        std::shared_ptr<const Image> image;
        Transform from_unit; ///< from the image's unit square to the document's px
    };
    /// The element as it lies in the document, as a picture.
    /// @param size     of the document in px
    /// @param scale    pixels of the picture per px
    [[nodiscard]] std::optional<Drawn> picture(const QString& id, Size size, double scale) const;

    /// The element as it lies in the document, as another SVG document of plain paths that is `fine` times as large.
    [[nodiscard]] QByteArray paths(const QString& id, Size size) const;
    static constexpr double fine = 16;

  private:
    struct Handle;
    std::unique_ptr<Handle> handle;
};

/// A page of a PDF as an SVG document of plain paths, in points.
/// Source: poppler and cairo
[[nodiscard]] QByteArray svg_of_pdf_page(const QByteArray& pdf, int page);

} // namespace fusuma
