#include "core/document/copies.h"
#include "core/geometry/measure.h"
#include "tests/support/samples.h"

#include <gtest/gtest.h>
#include <numbers>

namespace fusuma {
namespace {

using test::disc_document;

/// Discs of 34 mm cut width at three places.
const Document three = disc_document({{40, 40}, {90, 60}, {150, 110}});

TEST(Copies, LockedOnesStay) {
    Document d = with_lock(three, {1}, true);
    d = moved(d, {0, 1}, {5, 6});
    EXPECT_EQ(d.placements[0].centre, (Point{45, 46}));
    EXPECT_EQ(d.placements[1].centre, (Point{90, 60}));
    EXPECT_EQ(removed(d, {0, 1}).document.placements.size(), 2u);
}

TEST(Copies, TurnScaleAndMirrorGoAboutAPlace) {
    const double quarter = std::numbers::pi / 2;
    const Document d = turned(three, {0}, {40, 90}, quarter);
    EXPECT_NEAR(d.placements[0].centre.x, 90, 1e-9);
    EXPECT_NEAR(d.placements[0].centre.y, 90, 1e-9);
    EXPECT_NEAR(d.placements[0].turn, quarter, 1e-9);
    const Document large = scaled(three, {0, 1}, {0, 0}, 2);
    EXPECT_EQ(large.placements[1].centre, (Point{180, 120}));
    EXPECT_EQ(large.placements[1].scale, 2);
    EXPECT_EQ(scaled(three, {0}, {0, 0}, 1, 1.5).placements[0].stretch, 1.5);
    const Document twice = mirrored(mirrored(d, {0}, {70, 70}, Across::up_down), {0}, {70, 70}, Across::up_down);
    EXPECT_NEAR(twice.placements[0].turn, quarter, 1e-9);
    EXPECT_EQ(twice.placements[0].mirrored, false);
}

TEST(Copies, AStretchedCopyKeepsItsBordersWidth) {
    // A disc of 30 mm, 1.5 times as high, with 2 mm round it: 34 wide and 49 high.
    Evaluator evaluator;
    const Rect box = box_of(scaled(three, {0}, {40, 40}, 1, 1.5), evaluator, {0});
    EXPECT_NEAR(box.width(), 34, 0.05);
    EXPECT_NEAR(box.height(), 49, 0.05);
}

TEST(Copies, GetExactlyTheSizeThatIsAskedFor) {
    Evaluator evaluator;
    for (const double mm : {12.0, 34.0, 77.7}) {
        const auto d = sized(three, evaluator, 1, Side::width, mm);
        ASSERT_TRUE(d) << mm;
        EXPECT_NEAR(box_of(*d, evaluator, {1}).width(), mm, 0.02);
    }
    EXPECT_FALSE(sized(three, evaluator, 1, Side::width, 1)) << "the border alone is wider";
}

TEST(Copies, AlignAndDistributeByTheBoxesOfTheirCuts) {
    Evaluator evaluator;
    const Document left = aligned(three, evaluator, {0, 1, 2}, Align::left);
    for (const Placement& p : left.placements)
        EXPECT_NEAR(p.centre.x, 40, 0.02);
    const Document even = distributed(three, evaluator, {0, 1, 2}, Across::left_right);
    EXPECT_NEAR(even.placements[1].centre.x, 95, 0.02);
    const Document middle = aligned(three, evaluator, {2}, Align::centre);
    EXPECT_NEAR(middle.placements[2].centre.x, 105, 0.02) << "one alone goes by the cut zone";
}

TEST(Copies, OrderGroupRepeatAndDuplicate) {
    const Edited front = ordered(three, {0}, Order::front);
    EXPECT_EQ(front.document.placements[2], three.placements[0]);
    EXPECT_EQ(front.selection, (Selection{2}));
    EXPECT_EQ(ordered(front.document, {2}, Order::back).document, three);
    const Document group = grouped(three, {0, 2});
    EXPECT_EQ(with_groups(group, {0}), (Selection{0, 2}));
    const Edited copies = duplicated(group, {0, 2}, {10, 0});
    EXPECT_EQ(with_groups(copies.document, {3}), (Selection{3, 4})) << "a group of its own";
    Evaluator evaluator;
    const Edited grid = repeated(three, evaluator, {0}, 3, 2, 3);
    ASSERT_EQ(grid.document.placements.size(), 8u);
    EXPECT_NEAR(grid.document.placements[3].centre.x, 40 + 37, 0.05);
    EXPECT_EQ(grid.selection.size(), 6u);
}

TEST(Copies, GoAlongToAnotherProjectWithTheirStickers) {
    const Document taken = only(three, {1});
    ASSERT_EQ(taken.placements.size(), 1u);
    const Edited here = joined(three, taken, 0, {5, 5});
    EXPECT_EQ(here.document.stickers.size(), 1u) << "the same sticker is there already";
    EXPECT_EQ(here.document.placements[3].centre, (Point{95, 65}));
    const Edited there = joined({}, taken, 0, {});
    EXPECT_EQ(there.document.stickers.size(), 1u);
    EXPECT_EQ(there.document.placements[0].sticker, there.document.stickers[0]->id);
}

TEST(Pages, ComeAndGoWithTheirCopies) {
    Document d = on_page(with_page_added(three), {2}, 1);
    EXPECT_EQ(d.pages, 2);
    Evaluator evaluator;
    EXPECT_EQ(evaluator.plan(d)->pages[0].cuts.size(), 2u);
    EXPECT_EQ(evaluator.plan(d)->pages[1].cuts.size(), 1u);
    d = with_page_removed(d, 0);
    ASSERT_EQ(d.placements.size(), 1u);
    EXPECT_EQ(d.placements[0].page, 0);
}

TEST(Pages, SmallSheetsAreCutLast) {
    Document d = three;
    d.sheet.division = {2, 2, 6, Division::Cut::through};
    Evaluator evaluator;
    const auto plan = evaluator.plan(d);
    const auto& cuts = plan->pages[0].cuts;
    ASSERT_EQ(cuts.size(), 7u);
    for (std::size_t i = 3; i < 7; ++i)
        EXPECT_EQ(cuts[i].placement, no_copy);
}

} // namespace
} // namespace fusuma
