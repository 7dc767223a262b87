#pragma once

#include "core/fill/fill.h"
#include "core/plan/planner.h"

#include <functional>

namespace fusuma {

/// Copies of one sticker in one size that are wanted.
struct FillOrder {
    int sticker = 0;
    double scale = 1, stretch = 1;
    int wanted = -1;     ///< as many as fit when negative
    std::size_t row = 0; ///< of a list of labels
};

struct FillRequest {
    std::vector<FillOrder> orders;
    int page = 0;
    bool is_fresh = false;     ///< copies of the same stickers on the page that are not locked are placed anew
    int pages = 1;             ///< that copies may flow on to, from that page on; missing ones are added
    bool fewest_pages = false; ///< looks for other ways, too, until no page less will do
    FillWay way = FillWay::snug;
    Turns turns = Turns::half;
    unsigned seed = 1;
    int rounds = 400; ///< of searching for something better
};

struct FillReport {
    Document document;
    std::vector<int> placed; ///< by order
    bool is_full = false;    ///< the project holds no more copies, though there may be room for them
    int pages = 1;           ///< that the copies lie on, from the request's page on
    double used_share = 0;   ///< of the last one's zone, 0–1
    double left_mm2 = 0;     ///< of that zone, outside all cut lines
    Rect largest_rest;       ///< the largest rectangle that is still free there

    [[nodiscard]] int copies() const;
};

/// Fills the sheet, up to `most_copies` in the project. Everything on the page that is not placed anew stays where it
/// is. Pages that are alike are searched once. For the fewest pages, kinds are also mixed in the same shares on all,
/// and other seeds are tried.
/// @param improved  called with the document as it is so far
[[nodiscard]] FillReport fill_sheet(const Document& document, Planner& planner, const FillRequest& request,
                                    const Work& work = {}, const std::function<void(const Document&)>& improved = {});

/// The copies of a page that are not locked, spread so that each has about as much room on all sides.
[[nodiscard]] Document spread_on_page(const Document& document, Planner& planner, int page, const Work& work = {});

/// The copies of a page that are not locked, moved up as close as they may be, so that one big rest is left for the
/// next job. Nothing when that would leave less than there is.
[[nodiscard]] std::optional<Document> closed_up(const Document& document, Planner& planner, int page,
                                                const Work& work = {});

} // namespace fusuma
