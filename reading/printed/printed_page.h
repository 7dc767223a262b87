#pragma once

#include "core/result.h"

#include <QByteArray>
#include <QImage>

namespace fusuma {

/// A page of a PDF as it is printed, on white, RGB32 with its density.
/// @param dpi   24 to 2400
/// @param page  from 1
Result<QImage> printed_page(const QByteArray& pdf, double dpi, int page);

} // namespace fusuma
