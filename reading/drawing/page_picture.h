#pragma once

#include "core/result.h"
#include "reading/basics/read_drawing.h"

#include <QByteArray>

namespace fusuma {

/// Whether the parts that a PDF's page came to look as poppler draws the page: not where a soft mask went astray, or
/// something was left out.
[[nodiscard]] bool looks_as_its_page(const ReadDrawing& drawing, const QByteArray& pdf, int page);

/// The page as one picture, at 600 dpi or more where it is small, but of at most 24 megapixels, and over it what the
/// drawing only cuts. For pages whose parts do not look as it does.
Result<ReadDrawing> as_one_picture(ReadDrawing drawing, const QByteArray& pdf, int page);

} // namespace fusuma
