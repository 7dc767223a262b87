#pragma once

#include "core/cutting/material.h"
#include "core/geometry/outline.h"
#include "core/result.h"
#include "core/sheet/marks.h"
#include "core/words.h"

#include <optional>
#include <string>
#include <vector>

namespace fusuma {

/// A length along each edge of the paper, mm.
struct Edges {
    double left = 0, top = 0, right = 0, bottom = 0;
    bool operator==(const Edges&) const = default;

    static constexpr Edges all(double mm) { return {mm, mm, mm, mm}; }
};

/// A printer as far as sheets depend on it.
struct PrinterProfile {
    std::string name;
    Edges margins = Edges::all(4.2);     ///< that it cannot print
    std::optional<Size> paper;           ///< what it is set to print on, when that is known
    double scaling = 1;                  ///< what its settings scale pages by; anything but 1 spoils the sizes
    bool borderless = false;             ///< its settings enlarge pages past the paper's edges
    Point shift;                         ///< mm by which prints are moved, so that they land where they should
    double stretch_x = 1, stretch_y = 1; ///< by which they are stretched about the paper's middle
    bool operator==(const PrinterProfile&) const = default;
};

/// A cutting machine as far as sheets depend on it.
struct CutterProfile {
    std::string name;
    Edges reach = Edges::all(8); ///< along each edge that it cannot reach: of the mat if it has one, else of the paper
    bool has_mat = false;        ///< it feeds the paper on a mat
    Size mat{304.8, 304.8};      ///< mm; 12 × 12 in is usual (common practice)
    Point paper_on_mat;          ///< mm, where the paper's top left lies on it
    Motion motion;
    /// What makes up for this machine's own error: cuts are scaled about the paper's middle, turned and moved.
    Point shift;     ///< mm
    double turn = 0; ///< radians
    double stretch_x = 1, stretch_y = 1;
    bool operator==(const CutterProfile&) const = default;
};

/// How one page is divided into small sheets.
struct Division {
    enum class Cut { none, through, score };
    int columns = 1, rows = 1;
    double gutter = 6; ///< mm between small sheets
    Cut cut = Cut::through;
    bool operator==(const Division&) const = default;

    [[nodiscard]] bool is_whole() const { return columns == 1 && rows == 1; }
};
template <>
inline constexpr std::array words<Division::Cut>{Word{Division::Cut::none, "none", "Not cut"},
                                                 Word{Division::Cut::through, "through", "Through cut"},
                                                 Word{Division::Cut::score, "score", "Score"}};
constexpr int most_divisions = 20; ///< columns or rows

struct SheetSettings {
    Size paper{210, 297};
    PrinterProfile printer;
    CutterProfile cutter;
    double gap = 3; ///< mm, least distance between cut lines of two copies
    /// Straight edges of neighbours may lie on each other, and are cut once.
    bool shares_cuts = false;
    MarkSettings marks;
    Division division;
    /// Printed and cut as in a mirror, for transfer paper and film. The sheet is laid out as it is seen in the end; its
    /// marks and margins lie there as they do through the film.
    bool is_mirrored = false;
    /// Set when what is cut lies on the photo board already and nothing is printed: mm on the paper, where what was
    /// photographed lies.
    std::optional<Rect> photographed;
    bool operator==(const SheetSettings&) const = default;
};

/// The sheet as it lies on the paper.
[[nodiscard]] SheetSettings unmirrored(SheetSettings sheet);

/// The marks where they lie on the layout.
[[nodiscard]] std::vector<Mark> marks(const SheetSettings& sheet);

/// What the printer can print on, or what was photographed, mm; empty when the margins leave nothing.
[[nodiscard]] Rect printable(const SheetSettings& sheet);

/// Where lines may be cut on the undivided page: paper, less margins, less what the cutter cannot reach, less the
/// keep-clear areas.
[[nodiscard]] Polygons reachable_zone(const SheetSettings& sheet);

/// The small sheets of a divided page, along rows from the top left: equal shares of the largest rectangle of the
/// reachable zone with gutters between. One that holds it all for a whole page; none when nothing is left.
[[nodiscard]] std::vector<Rect> small_sheets(const SheetSettings& sheet);

/// Where cut lines of stickers may lie: the reachable zone; on a divided page the part inside the small sheets, a gap
/// away from their own cuts.
/// @return  polygons in mm; round bites are flattened to 0.005 mm. Empty when nothing is left.
[[nodiscard]] Polygons cut_zone(const SheetSettings& sheet);

/// Why nothing can be cut on such a sheet, and what to change; nothing when something can.
[[nodiscard]] std::optional<Problem> trouble_with(const SheetSettings& sheet);

} // namespace fusuma
