// Sheets that cut what lies on the photo board already: whatever is done to them, every line stays on its art.

#include "core/arrange/cut_there.h"
#include "core/arrange/fill_sheet.h"
#include "core/arrange/free_place.h"
#include "core/document/as_photographed.h"
#include "core/geometry/measure.h"
#include "core/plan/ticket.h"
#include "tests/support/samples.h"

#include <gmock/gmock.h>

namespace fusuma {
namespace {

using test::a4;
using testing::AllOf;
using testing::HasSubstr;
using testing::Not;

constexpr double px_per_mm = 4;

/// What lies on a board, as a photograph that was laid flat shows it: two discs.
std::shared_ptr<const Picture> discs_on_board(double first_x_mm = 50) {
    const Rect inside = board_on(a4).inside;
    const auto disc = [](double x, double y, double r) {
        return test::ellipse(Point{x, y} * px_per_mm, r * px_per_mm, r * px_per_mm);
    };
    auto picture = test::picture_of({disc(first_x_mm, 60, 20), disc(120, 150, 12)},
                                    static_cast<int>(std::lround(inside.width() * px_per_mm)),
                                    static_cast<int>(std::lround(inside.height() * px_per_mm)), 25.4 * px_per_mm);
    picture->flat = Flattening{.by = FlatBy::board, .size = {inside.width(), inside.height()}, .px_per_mm = px_per_mm};
    picture->original = std::make_shared<const std::vector<std::byte>>(1, static_cast<std::byte>(first_x_mm));
    return picture;
}

/// A sticker of each disc, cropped to it.
Document two_pieces(const std::shared_ptr<const Picture>& picture) {
    Document document;
    for (const PixelBox& crop : {PixelBox{110, 150, 180, 180}, PixelBox{420, 540, 120, 120}}) {
        Sticker sticker = new_sticker(PictureArtwork{picture});
        sticker.name = document.stickers.empty() ? "Large" : "Small";
        sticker.border.width = 1.5;
        Framing framing;
        framing.crop = crop;
        document = with_sticker_added(std::move(document), reframed(std::move(sticker), framing));
    }
    return document;
}

Document lying_there() {
    Document document = two_pieces(discs_on_board());
    EXPECT_EQ(board_under(document)->paper, a4);
    return cutting_what_lies_there(std::move(document));
}

/// Middle and width of the lines that are cut, by page in order.
std::vector<std::pair<Point, double>> cuts_of(const Document& document) {
    Planner planner;
    std::vector<std::pair<Point, double>> cuts;
    for (const PagePlan& page : planner.plan(document)->pages)
        for (const CutPath& cut : page.cuts)
            cuts.emplace_back(bounds(cut.line).centre(), bounds(cut.line).width());
    return cuts;
}

void expect_true_places(const Document& document, const char* after) {
    const Point inside = board_on(a4).inside.min;
    const auto cuts = cuts_of(document);
    ASSERT_EQ(cuts.size(), 2u) << after;
    EXPECT_LT(distance(cuts[0].first, inside + Point{50, 60}), 0.02) << after;
    EXPECT_LT(distance(cuts[1].first, inside + Point{120, 150}), 0.02) << after;
    EXPECT_NEAR(cuts[0].second, 43, 0.05) << after;
    EXPECT_NEAR(cuts[1].second, 27, 0.05) << after;
}

TEST(CutWhatIsThere, LinesLieOnTheirArtAndNothingIsPrintedOrMoved) {
    const Document document = lying_there();
    expect_true_places(document, "laid out");
    Planner planner;
    const auto plan = planner.plan(document);
    ASSERT_EQ(plan->pages.size(), 1u);
    for (const PrintItem& item : plan->pages[0].prints)
        EXPECT_EQ(item.copy, CopyId::none) << "the board and its photograph alone are shown";
    ASSERT_EQ(plan->pages[0].marks.size(), 5u);
    for (const Mark& mark : plan->pages[0].marks)
        EXPECT_TRUE(std::ranges::any_of(board_on(a4).marks, [&](const Board::Mark& ring) {
            return distance(ring.centre, mark.centre) < 1e-9 && !ring.has_core;
        }));
    for (const Polygon& zone : plan->pages[0].zone)
        for (const Point p : zone)
            EXPECT_TRUE(board_on(a4).inside.grown(1e-6).contains(p));
    EXPECT_EQ(with_code(*plan, document, "ACDE").pages[0].prints.size(), plan->pages[0].prints.size());
    EXPECT_EQ(test::preflight_messages(document, planner), "");
}

TEST(CutWhatIsThere, NoEditDrawsALineOffItsArt) {
    const Document document = lying_there();
    Planner planner;
    const Selection both = test::ids(1, 2);
    const auto all = [&] {
        Selection selection;
        for (const Placement& copy : document.placements)
            selection.insert(copy.id);
        return selection;
    }();
    ASSERT_EQ(all.size(), both.size());
    const auto unlocked = with_lock(document, all, false);
    expect_true_places(as_photographed(moved(unlocked, all, {20, 3})), "moved");
    expect_true_places(as_photographed(turned(unlocked, all, {90, 90}, 1)), "turned");
    expect_true_places(as_photographed(scaled(unlocked, all, {90, 90}, 1.3, 1.1)), "scaled");
    expect_true_places(as_photographed(mirrored(unlocked, all, {90, 90}, Across::left_right)), "mirrored");
    expect_true_places(as_photographed(duplicated(unlocked, all, {5, 5}).document), "duplicated");
    expect_true_places(as_photographed(on_page(with_page_added(unlocked), all, 1)), "on another page");
    expect_true_places(as_photographed(place_in_rows(document, planner, 1, 3).document), "filled");
    Document sheet = document;
    sheet.sheet.is_mirrored = true;
    sheet.sheet.division.columns = 2;
    expect_true_places(as_photographed(sheet), "divided and mirrored");
    Sticker larger = resized(*document.find(1), 90);
    larger.framing.turn = 0.3;
    larger.framing.mirrored = true;
    larger.framing.stretch = 1.4;
    expect_true_places(as_photographed(with_sticker_changed(document, larger)), "resized and turned");
    // One that is not wanted is not cut.
    EXPECT_EQ(cuts_of(as_photographed(removed(unlocked, {document.placements[0].id}))).size(), 1u);
    // Cropped otherwise, it still lies where it lies.
    Sticker cropped = *document.find(1);
    cropped.framing.crop = PixelBox{100, 140, 220, 210};
    expect_true_places(as_photographed(with_sticker_changed(document, cropped)), "cropped");
}

TEST(CutWhatIsThere, EveryPhotographHasItsPageAndOtherArtIsNotCut) {
    Document document = two_pieces(discs_on_board());
    for (const auto& other : two_pieces(discs_on_board(52)).stickers) {
        Sticker again = *other;
        again.id = 0;
        document = with_sticker_added(std::move(document), again);
    }
    document = with_sticker_added(std::move(document), test::disc_sticker(30));
    document = cutting_what_lies_there(std::move(document));
    EXPECT_EQ(document.pages, 2);
    EXPECT_EQ(document.placements.size(), 4u);
    EXPECT_EQ(document.copies_of(5), 0);
    Planner planner;
    EXPECT_THAT(test::preflight_messages(document, planner),
                AllOf(HasSubstr("not-on-board: Disc: does not lie on the photographed board"), Not(HasSubstr("low-"))));
    const auto cuts = cuts_of(document);
    ASSERT_EQ(cuts.size(), 4u);
    EXPECT_NEAR(cuts[2].first.x - cuts[0].first.x, 2, 0.02) << "on its own photograph";

    const Document printed = printing_it(document);
    EXPECT_FALSE(printed.sheet.photographed);
    EXPECT_EQ(printed.sheet.marks, MarkSettings{});
    EXPECT_EQ(printed.placements.size(), 4u);
}

TEST(CutWhatIsThere, PaperThatIsNoBoardIsNoTrouble) {
    for (const Size paper : {Size{20, 20}, {89, 200}, {1e4, 1e4}}) {
        Document document = lying_there();
        document.sheet.paper = paper;
        Planner planner;
        EXPECT_EQ(planner.plan(document)->pages.size(), 1u);
    }
}

TEST(CutWhatIsThere, WhatIsWrongIsFoundAndOnlyMendedWhereThatMovesNothing) {
    Document document = two_pieces(discs_on_board());
    Sticker wide = *document.find(1);
    wide.border.width = 95; // over the other, and off the board
    document = with_sticker_changed(std::move(document), wide);
    document = cutting_what_lies_there(std::move(document));
    Planner planner;
    const auto findings = preflight(document, planner);
    EXPECT_TRUE(std::ranges::any_of(findings, [](const Finding& f) { return f.rule == "overlap"; }));
    EXPECT_TRUE(std::ranges::any_of(findings, [](const Finding& f) { return f.rule == "outside-zone"; }));
    for (const Finding& finding : findings)
        EXPECT_FALSE(finding.fix) << finding.message;
}

} // namespace
} // namespace fusuma
