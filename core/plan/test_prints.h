#pragma once

#include "core/photo/board.h"
#include "core/plan/planner.h"

namespace fusuma {

/// The sheet as outlines, marks and two rulers, to be printed on plain paper and held against the real one.
[[nodiscard]] JobPlan plain_paper_test(const JobPlan& plan, const SheetSettings& sheet);

/// Three lengths on a page that a maker measures with a ruler: A from the paper's left edge to the upright line, B from
/// its top edge to the level line, C between the two ticks on the level line.
struct PrintMeasures {
    double left = 0, top = 0, across = 0; ///< mm
};
[[nodiscard]] PrintMeasures wanted_measures(const SheetSettings& sheet);
/// The page with them, printed with the printer's present correction, and with marks for a photograph.
[[nodiscard]] JobPlan measuring_page(const SheetSettings& sheet);
/// What the ruler would say of a page that lies so on its paper. @param print  from where it was meant to be
[[nodiscard]] PrintMeasures measures_of(const SheetSettings& sheet, const Transform& print);

/// The printer with the correction that makes the measures come out as wanted, when `measured` was printed with its
/// present one. The page is taken to be stretched alike both ways. Nothing when the measures cannot be right: off by
/// more than 20 mm or 20 %.
[[nodiscard]] std::optional<PrinterProfile> corrected(const SheetSettings& sheet, const PrintMeasures& measured);

/// Squares near the corners of the zone and one in its middle to be cut on plain paper, for setting a machine right:
/// how far each lies from where its printed twin is, is typed in.
[[nodiscard]] std::vector<Point> machine_test_places(const SheetSettings& sheet);
/// The square round such a place, cut and printed.
[[nodiscard]] Polygon machine_test_square(Point place);
[[nodiscard]] JobPlan machine_test(const SheetSettings& sheet);

/// The cutter with the correction that makes up for the deviations seen with its present one.
/// @param off  mm by which each square was cut beside its print, by place
[[nodiscard]] CutterProfile corrected(const SheetSettings& sheet, const std::vector<Point>& off);

/// The photo board as a page to print, with its paper's name between two marks.
[[nodiscard]] JobPlan board_page(const Board& board);

} // namespace fusuma
