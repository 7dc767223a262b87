#pragma once

#include "core/words.h"
#include "core/geometry/outline.h"

#include <string>
#include <vector>

namespace fusuma {

enum class MarkShape { dot, cross, ring };
template <> inline constexpr std::array words<MarkShape>{
    Word{MarkShape::dot, "dot"},
    Word{MarkShape::cross, "cross"},
    Word{MarkShape::ring, "ring"}};
enum class PaperCorner { top_left, top_right, bottom_left, bottom_right };
template <> inline constexpr std::array words<PaperCorner>{
    Word{PaperCorner::top_left, "top-left"}, Word{PaperCorner::top_right, "top-right"},
    Word{PaperCorner::bottom_left, "bottom-left"}, Word{PaperCorner::bottom_right, "bottom-right"}};

/// One mark of a scheme, placed from a corner of the paper.
struct SchemeMark {
    MarkShape shape = MarkShape::dot;
    PaperCorner from = PaperCorner::top_left;
    Point inward; ///< mm from that corner towards the middle of the paper
    double radius = 2.5;
    double line = 0.3; ///< mm, of crosses and rings
    bool operator==(const SchemeMark&) const = default;
};

/// Where a cutter expects its marks. The built-in kinds are made from the settings; further ones come from files
/// (docs/guide/mark-schemes.md).
struct MarkScheme {
    std::string name;
    std::vector<SchemeMark> marks;
    bool operator==(const MarkScheme&) const = default;
};

enum class MarkKind {
    dots,    ///< five round dots for a sensor
    crosses, ///< four crosses, for aligning by hand
    scheme,  ///< as a scheme file lists them
    none,    ///< the sheet is found by the paper's edge
};
template <> inline constexpr std::array words<MarkKind>{
    Word{MarkKind::dots, "dots", "Round dots, 5"},
    Word{MarkKind::crosses, "crosses", "Crosses, 4"},
    Word{MarkKind::none, "none", "None: by paper edge"},
    Word{MarkKind::scheme, "scheme", "From a scheme file…"}};

struct MarkSettings {
    MarkKind kind = MarkKind::dots;
    double inset = 14;     ///< mm from the paper's edges to the middle of a corner mark
    double radius = 2.5;   ///< mm, half the size of a mark
    double line = 0.3;     ///< mm, of crosses
    double keep_clear = 8; ///< mm round a mark's middle that must stay blank
    MarkScheme scheme;     ///< of that kind
    bool operator==(const MarkSettings&) const = default;
};

/// A printed shape by which the cutter, or a person, finds the print.
struct Mark {
    Point centre;
    double radius = 0; ///< mm, half its size
    double keep_clear = 0;
    MarkShape shape = MarkShape::dot;
    double line = 0; ///< mm, of crosses and rings
    bool operator==(const Mark&) const = default;
};

/// The marks on a paper. Dots: one near each corner and a fifth on the top edge's line, 30 mm (at most a third of the
/// way) from the top-left one, so that no turn of the sheet by 90° or 180° puts all five where five were. Crosses: one
/// near each corner.
[[nodiscard]] std::vector<Mark> marks_on(Size paper, const MarkSettings& settings);

/// What of a mark is printed, in mm on the paper; filled by the even-odd rule.
[[nodiscard]] Outline ink_of(const Mark& mark);

/// The round area about a mark that must stay blank, grown by `more` mm. Flattened so that the polygon never comes
/// nearer to the mark than that, and at most 0.005 mm beyond. Empty when the radius is 0.
[[nodiscard]] Polygon keep_clear_area(const Mark& mark, double more = 0);

} // namespace fusuma
