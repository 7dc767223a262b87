#pragma once

#include "core/geometry/outline.h"
#include "core/sheet/marks.h"
#include "core/words.h"
#include "core/work.h"

#include <functional>
#include <vector>

namespace fusuma {

enum class FillWay {
    rows,   ///< a tidy grid by boxes
    snug,   ///< real outlines nest into each other, all upright
    turned, ///< snug, and copies may be turned
};
template <>
inline constexpr std::array words<FillWay>{Word{FillWay::rows, "rows"}, Word{FillWay::snug, "snug"},
                                           Word{FillWay::turned, "turned"}};
enum class Turns { half, quarters, any };
template <>
inline constexpr std::array words<Turns>{Word{Turns::half, "half"}, Word{Turns::quarters, "quarters"},
                                         Word{Turns::any, "any"}};

/// One sticker to place copies of.
struct FillItem {
    Polygons outline;       ///< of all that is cut, mm about the copy's own middle
    double bleed = 0;       ///< mm that stay whole when half of the distance to the next cut line is as much
    int wanted = -1;        ///< copies; as many as fit when negative
    bool may_touch = false; ///< an upright rectangle whose straight edges may lie on those of others like it
    bool operator==(const FillItem&) const = default;
};

/// A copy that stays where it is.
struct FixedCopy {
    Polygons outline; ///< mm on the paper
    double bleed = 0;
    bool may_touch = false;
    bool operator==(const FixedCopy&) const = default;
};

struct FillTask {
    Polygons zone; ///< mm on the paper, where cut lines may lie
    std::vector<Mark> marks;
    Rect printable; ///< mm on the paper, where bleed may lie; anywhere when empty
    double gap = 3; ///< mm between cut lines
    std::vector<FillItem> items;
    std::vector<FixedCopy> fixed;
    FillWay way = FillWay::snug;
    Turns turns = Turns::half;
    bool close_up = false; ///< as near to the top as possible instead of snugly, so that one big rest is left
    unsigned seed = 1;
    int rounds = 400; ///< of improving on the first layout; none for rows
    bool operator==(const FillTask&) const = default;
};

struct FilledCopy {
    std::size_t item = 0;
    Point centre;
    double turn = 0; ///< radians, clockwise on screen
    bool operator==(const FilledCopy&) const = default;
};

struct Filled {
    std::vector<FilledCopy> copies;
    double covered_mm2 = 0; ///< inside the cut lines of the new copies
};

/// Places copies so that every gap is kept, every line lies in the zone and every bleed stays whole, as they are
/// verified on the outlines themselves. Items with as many as fit share the room evenly: no item gets a second more
/// than another as long as another still fits.
///
/// Where all items may touch, they are laid in rows that share their cuts, whatever way was asked for.
///
/// Many copies of one outline start from its densest double lattice (Kuperberg & Kuperberg 1990, from memory); mixed
/// ones from placing the largest first where most of their edge touches. Then parts of the layout are taken out and
/// placed anew, and what covers more is kept (ruin and recreate: Schrimpf et al. 2000, from memory); and one copy more
/// is put where it overlaps least, and all are moved apart (separation.h). The same task gives the same layout.
///
/// @param work      when stopped, the best layout so far is returned
/// @param improved  called with every better layout
[[nodiscard]] Filled fill(const FillTask& task, const Work& work = {},
                          const std::function<void(const Filled&)>& improved = {});

/// Moves copies that lie close away from each other until each has about as much room on all sides as there is; none
/// ever comes nearer to anything than it may.
/// @param copies  of the task's items, as placed
[[nodiscard]] std::vector<FilledCopy> spread_evenly(const FillTask& task, std::vector<FilledCopy> copies,
                                                    const Work& work = {});

} // namespace fusuma
