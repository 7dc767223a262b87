#pragma once

#include "core/geometry/region.h"
#include "core/steps/sticker_result.h"

#include <mutex>

namespace fusuma {

/// One line of a copy that the blade follows, where it lies on the paper.
struct CopyLine {
    Contour path; ///< mm; when open its last segment ends where the line does
    CutKind kind = CutKind::kiss;
    bool is_open = false;
    StickerLine::Origin origin = StickerLine::Origin::derived;
    std::vector<Point> points; ///< the path within 0.02 mm; a closed one's last joins its first
    double mm = 0;             ///< along the path
};

/// One copy as it lies on the paper: shared between plans as long as nothing about it changes.
struct PlacedCopy {
    std::shared_ptr<const Sticker> sticker;
    std::shared_ptr<const StickerResult> result;
    Placement placement; ///< without id, page, group and lock, which change nothing about it
    Transform map;       ///< from the sticker's millimetres to the paper's
    /// All that is cut, closed or open, the artwork's own and derived alike. Rules, writers and fillers go by this list.
    std::vector<CopyLine> lines;
    Outline region; ///< the room it takes: what its closed derived lines bound, even where they are not cut themselves
    Polygons room;  ///< `region` within 0.02 mm
    double room_mm2 = 0;  ///< its area
    Rect room_box;        ///< round it
    Rect cut_box;         ///< round it and all lines
    Rect print_box;       ///< round all that is printed
    double past_cut = 0;  ///< mm that it prints past its cut line
    double least_gap = 0; ///< mm, twice its bleed: nearer neighbours cut it short

    /// `room` for asking what lies inside; made when first asked for. Safe from several threads.
    [[nodiscard]] const Regions& inside() const;

  private:
    mutable std::once_flag once;
    mutable Regions regions;
};

/// @param result  of the sticker in the placement's size and proportions
[[nodiscard]] std::shared_ptr<const PlacedCopy> place(std::shared_ptr<const Sticker> sticker,
                                                      std::shared_ptr<const StickerResult> result,
                                                      const Placement& placement);

} // namespace fusuma
