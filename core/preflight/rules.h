#pragma once

#include "core/geometry/box_grid.h"
#include "core/geometry/measure.h"
#include "core/preflight/preflight.h"

namespace fusuma {

/// What a rule looks at.
struct PreflightInput {
    const Document& document;
    const JobPlan& plan;
    Planner& planner;
    /// By page: the boxes of cut lines by the copy's place in the plan, empty for copies on other pages.
    std::vector<BoxGrid> cut_boxes;
};

/// One rule: appends what it finds.
using Findings = std::vector<Finding>;
using Rule = void (*)(const PreflightInput&, Findings&);

// Where copies lie.
void outside_zone(const PreflightInput& input, Findings& findings);    ///< a cut line reaches beyond the cut zone
void keep_clear(const PreflightInput& input, Findings& findings);      ///< … into the area round a mark
void outside_margins(const PreflightInput& input, Findings& findings); ///< bleed that the printer will clip
void too_close(const PreflightInput& input, Findings& findings);    ///< cut lines overlap, or are closer than the gap
void doubled_line(const PreflightInput& input, Findings& findings); ///< cut lines lie on each other
void short_bleed(const PreflightInput& input, Findings& findings);  ///< less bleed remains than was asked for
void shared_edge(const PreflightInput& input, Findings& findings);  ///< one cut between two colours

// What stickers are.
void crossing_lines(const PreflightInput& input, Findings& findings); ///< cut lines of one sticker cross
void small_contour(const PreflightInput& input, Findings& findings);  ///< smaller or narrower than a blade can turn
void open_cut(const PreflightInput& input, Findings& findings);       ///< a cut line that does not close
void many_nodes(const PreflightInput& input, Findings& findings);     ///< more nodes on a line than it can need
void not_on_board(const PreflightInput& input, Findings& findings);   ///< cut where it lies, but it does not lie there
void uncut_art(const PreflightInput& input, Findings& findings);      ///< printed but not cut, or cut but not printed
void no_bleed(const PreflightInput& input, Findings& findings);       ///< cut on its print, which ends there
void near_cut(const PreflightInput& input, Findings& findings);       ///< detail that a slip would cut into
void low_resolution(const PreflightInput& input, Findings& findings); ///< larger than the pixels carry
void label_text(const PreflightInput& input, Findings& findings);     ///< words that do not fit or cannot be set
void lost_handwork(const PreflightInput& input, Findings& findings);  ///< a change by hand that found no place

// Paper, marks and printer.
void no_zone(const PreflightInput& input, Findings& findings);       ///< nothing can be cut on such a sheet
void clipped_marks(const PreflightInput& input, Findings& findings); ///< marks off what the printer can print
void other_paper(const PreflightInput& input, Findings& findings);   ///< the printer is set to another paper
void scaled_print(const PreflightInput& input, Findings& findings);  ///< the printer is set to change sizes
void empty_page(const PreflightInput& input, Findings& findings);
void missing_rows(const PreflightInput& input,
                  Findings& findings); ///< of a list that is on the sheet but for some rows
void mirrored_sheet(const PreflightInput& input, Findings& findings);

/// The sticker's name for use in a message.
[[nodiscard]] std::string name_of_copy(const PreflightInput& input, std::size_t copy);

/// How two copies lie to each other, remembered while neither changes.
struct Beside {
    Nearest nearest;       ///< of their closed cut lines
    Polygons shared;       ///< what both cut out
    double doubled_mm = 0; ///< length over which their cut lines lie on each other
    Point doubled_at;
};
[[nodiscard]] std::shared_ptr<const Beside> beside(const PreflightInput& input, std::size_t a, std::size_t b);

/// Do their cut lines lie on each other for more than a crossing?
[[nodiscard]] bool is_doubled(const Beside& pair);
/// Do they lie side by side with one cut for both, as the sheet allows?
[[nodiscard]] bool is_shared(const PreflightInput& input, std::size_t a, std::size_t b);

/// Who has a thousand pairs that lie wrong needs no list of all of them: with thousands on one spot there are millions.
inline constexpr std::size_t most_wrong_pairs = 1000;

/// Calls `visit(a, b)`, places in the plan's copies, for every pair of copies on one page whose cut lines' boxes come
/// within `reach(a, b)` mm; at most `most_reach`. It returns whether something is wrong with the pair.
/// @return false when it ended early, at `most_wrong_pairs`
template <typename Reach, typename Visit>
bool for_neighbours(const PreflightInput& input, double most_reach, Reach&& reach, Visit&& visit) {
    std::size_t wrong = 0;
    for (std::size_t page = 0; page < input.cut_boxes.size(); ++page) {
        const BoxGrid& grid = input.cut_boxes[page];
        for (std::size_t a = 0; a < grid.size(); ++a)
            if (!grid.box(a).empty())
                for (const std::size_t b : grid.overlapping(grid.box(a).grown(most_reach)))
                    if (b > a && grid.box(a).grown(reach(a, b)).overlaps(grid.box(b)) && visit(a, b) &&
                        ++wrong >= most_wrong_pairs)
                        return false;
    }
    return true;
}

/// A sticker's copies, back to front; at least one.
using StickerCopies = std::vector<const PlannedCopy*>;

/// Calls `visit(sticker, first, copies)` for every sticker with copies, with the first of them.
template <typename Visit> void for_stickers(const PreflightInput& input, Visit&& visit) {
    for (const auto& sticker : input.document.stickers) {
        StickerCopies copies;
        for (const PlannedCopy& copy : input.plan.copies)
            if (copy->sticker->id == sticker->id)
                copies.push_back(&copy);
        if (!copies.empty())
            visit(*sticker, *copies.front()->placed, copies);
    }
}

/// A finding about one sticker, shown at its first copy.
[[nodiscard]] Finding about_sticker(const char* rule, Severity severity, Said message, const StickerCopies& copies);

/// A fix that changes a sticker's cut lines by hand, as its first copy has them.
[[nodiscard]] Fix fix_of_lines(Said label, const PreflightInput& input, const Sticker& sticker, CopyId copy,
                               std::function<void(CutLines&, const StickerResult&)> change);

} // namespace fusuma
