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
    /// @param size     of the document in its units
    /// @param scale    pixels of the picture per unit
    [[nodiscard]] std::optional<Drawn> picture(const QString& id, Size size, double scale) const;

    /// The element as it lies in the document, as another SVG document of plain paths that is `fine` times as large.
    [[nodiscard]] QByteArray paths(const QString& id, Size size) const;
    static constexpr double fine = 16;

  private:
    struct Handle;
    std::unique_ptr<Handle> handle;
};

/// A page of a PDF as an SVG document of plain paths, `fine_page` times as large: places within 0.7 thousandths of a
/// millimetre, and what cairo makes pictures of at 600 dpi. It does not put every soft mask where it belongs.
/// Source: poppler and cairo
[[nodiscard]] QByteArray svg_of_pdf_page(const QByteArray& pdf, int page);
inline constexpr double fine_page = 2;

} // namespace fusuma
