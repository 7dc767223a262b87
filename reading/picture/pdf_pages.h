#pragma once

#include "core/result.h"

#include <QByteArray>
#include <QColor>
#include <QImage>

namespace fusuma {

[[nodiscard]] bool is_pdf(const QByteArray& file);

/// Pages of a PDF document. A Problem when it is damaged or locked with a password.
Result<int> pdf_page_count(const QByteArray& file);

/// One page, drawn onto a ground; ARGB32_Premultiplied. Less than a hundredth of a pixel has none of its own, as sizes
/// are written in rounded points.
/// @param page     from 1
/// @param dpi      > 0
/// @param most_px  refused when the page has more pixels at that resolution
Result<QImage> render_pdf_page(const QByteArray& file, int page, double dpi, qint64 most_px,
                               QColor ground = Qt::transparent);

} // namespace fusuma
