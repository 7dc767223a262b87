#pragma once

#include "core/document/plan.h"

namespace fusuma {

/// What one copy prints, and its cut line, in mm on the paper.
struct CopyPrint {
    std::size_t placement = 0;
    std::vector<PrintLayer> layers;
    Polygons cut;
};

/// A layer put on the paper.
[[nodiscard]] PrintLayer placed(const PrintLayer& layer, const Transform& map);

/// The layers of all copies, each copy's cut back where it would cover another's sticker, halfway between the two cut
/// lines, and where it would come into the area round a mark.
[[nodiscard]] std::vector<PrintItem> printed_apart(std::vector<CopyPrint> copies, const std::vector<Mark>& marks);

/// The places within `reach` mm of one region that are nearer to it than to the other, and the region itself where it
/// is not the other's. Found in steps: up to a sixteenth of the reach may be missing along the middle between the two.
[[nodiscard]] Polygons nearer_to(const Polygons& region, const Polygons& other, double reach);

} // namespace fusuma
