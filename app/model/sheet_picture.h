#pragma once

#include "core/plan/plan.h"

#include <QImage>

namespace fusuma::app {

/// A small picture of a page as it is printed, on its paper. For any thread.
/// @param most_px  along its longer side
[[nodiscard]] QImage sheet_picture(const JobPlan& plan, std::size_t page, int most_px);

} // namespace fusuma::app
