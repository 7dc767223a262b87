#pragma once

#include "core/plan/plan.h"

namespace fusuma {

/// The layers of the first copy on the paper, without its id, cut back where they would cover another's sticker,
/// halfway between the two cut lines, and where they would come into the area round a mark.
[[nodiscard]] std::vector<PrintItem> printed_apart(const std::vector<std::shared_ptr<const PlacedCopy>>& copies,
                                                   const std::vector<Mark>& marks);

/// The places within `reach` mm of one region that are nearer to it than to the other, and the region itself where it
/// is not the other's. Found in steps: up to a sixteenth of the reach may be missing along the middle between the two.
[[nodiscard]] Polygons nearer_to(const Polygons& region, const Polygons& other, double reach);

} // namespace fusuma
