#pragma once

#include "core/geometry/transform.h"
#include "core/hand/cut_line.h"

#include <optional>
#include <vector>

namespace fusuma {

// What was changed on the cut line by hand, kept relative to the line that the settings give. Everything is in the
// pixels of the whole picture, so it stays with the art at any size, crop and turn.

/// A place on the derived cut line, told by the edge of the art next to it.
struct Foothold {
    Point foot;          ///< the nearest point of the art's edge
    Point outward;       ///< unit vector from the art to paper there
    double distance = 0; ///< px from the foot to the place, along `outward`
    double reach = 0;    ///< px that the cut line lay from the art by its settings at the time
    bool operator==(const Foothold&) const = default;
};

/// A stretch of a contour that was drawn anew.
struct Stretch {
    struct Step {
        Segment to;
        bool is_lifted = false;        ///< nothing is cut on the way here: the line is open
        std::optional<Foothold> holds; ///< the place of the derived line that the end moves along with
        Point held_at;                 ///< where that place was
        bool operator==(const Step&) const = default;
    };
    Foothold from, to;      ///< where it leaves the derived line and comes back to it
    Point from_at, to_at;   ///< where these were
    double spanned = 0;     ///< px of the derived line that lay between them
    bool is_whole = false;  ///< nothing of the contour is left as derived
    bool as_it_was = false; ///< does not move along any more; its ends are led to the line wherever that is
    std::vector<Step> steps;
    bool operator==(const Stretch&) const = default;
};

/// A contour of the derived line that is not to be cut.
struct LeftOut {
    Foothold on;
    bool is_hole = false;
    bool operator==(const LeftOut&) const = default;
};

/// A line that was drawn freely.
struct FreeLine {
    Contour path;
    bool is_open = true;
    bool operator==(const FreeLine&) const = default;
};

struct HandWork {
    std::vector<Stretch> stretches;
    std::vector<LeftOut> left_out;
    std::vector<FreeLine> lines;
    bool operator==(const HandWork&) const = default;

    [[nodiscard]] bool empty() const { return stretches.empty() && left_out.empty() && lines.empty(); }
};
inline constexpr std::size_t most_hand_steps = 100'000; ///< nodes drawn by hand that a project may hold

/// The same on a picture `factor` times as large.
[[nodiscard]] HandWork scaled(HandWork work, double factor);

/// Without some of its stretches, given by index.
[[nodiscard]] HandWork without_stretches(HandWork work, const std::vector<std::size_t>& gone);
/// With some of its stretches held where they were, as `Stretch::as_it_was` says.
[[nodiscard]] HandWork held_as_they_were(HandWork work, const std::vector<std::size_t>& stretches);

/// The lines that handwork is relative to.
struct DerivedLine {
    Outline line;           ///< the cut line as the settings give it, mm
    Outline art;            ///< the outline of the art, mm
    double reach = 0;       ///< mm that the one lies from the other
    Transform from_picture; ///< from the picture's pixels to mm
};

struct HandResult {
    CutLines lines;                          ///< what is cut, mm
    Outline left_out;                        ///< contours of the derived line that are not
    std::vector<std::size_t> does_not_apply; ///< stretches that found no place, by their index
};

/// The derived line with the handwork done on it.
///
/// A stretch is put where its ends find their footholds on the new derived line, and each of its nodes is moved along
/// with the place of the derived line it was next to. It does not apply when an end finds no place near where it should
/// be, when the two are on different contours, or when what lies between them has become far longer or shorter.
[[nodiscard]] HandResult applied(const HandWork& work, const DerivedLine& derived);

/// The handwork that makes the derived line into `lines`. Stretches of `before` that did not apply are kept.
[[nodiscard]] HandWork recorded(const CutLines& lines, const DerivedLine& derived, const HandWork& before,
                                const std::vector<std::size_t>& does_not_apply);

} // namespace fusuma
