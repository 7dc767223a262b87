#pragma once

#include "core/plan/plan.h"

#include <QImage>
#include <QTransform>

class QPainter;

namespace fusuma {

/// Draws what is printed, without the interface. For any thread.
/// @param view    from the layer's mm
/// @param art_px  one of `shown_sizes`
void paint_print(QPainter& painter, const PrintLayer& layer, const QTransform& view, int art_px);

/// A small picture of a page as it is printed, on its paper. For any thread.
/// @param most_px  along its longer side
[[nodiscard]] QImage sheet_picture(const JobPlan& plan, std::size_t page, int most_px);

} // namespace fusuma
