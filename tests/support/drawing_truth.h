#pragma once

#include "core/drawing/drawing.h"
#include "core/raster/image.h"

#include <QByteArray>
#include <optional>

namespace fusuma::test {

/// A whole drawing as librsvg renders it. Empty when it refuses it.
[[nodiscard]] Image rendered(const QByteArray& svg, int width_px, int height_px);

/// How large librsvg takes a drawing for. None where it is not stated in mm, or its own numbers are not mm.
[[nodiscard]] std::optional<Size> size_in_mm(const QByteArray& svg);

/// A page of PDF as librsvg and cairo write the drawing: what sees through by soft masks and groups.
[[nodiscard]] QByteArray pdf_of(const QByteArray& svg, Size points);

/// The drawing with every gradient and pattern replaced by grey, and nothing see-through or blurred: shapes alone.
[[nodiscard]] QByteArray plain_shapes(const QByteArray& svg);

/// How two pictures of one size differ.
struct PictureDifference {
    double area = 0;   ///< symmetric difference of what they cover over what they cover, by alpha
    double colour = 0; ///< mean difference of their colours on white, 0–255, over what they cover
};
[[nodiscard]] PictureDifference difference(const Image& a, const Image& b);

/// All parts as the file has them, drawn by cairo: it softens edges as librsvg does, so that only shapes can differ.
[[nodiscard]] Image drawn_by_cairo(const Drawing& drawing, int width_px);

} // namespace fusuma::test
