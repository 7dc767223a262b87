#include "core/arrange/align.h"
#include "core/geometry/measure.h"
#include "core/plan/planner.h"
#include "tests/support/samples.h"

#include <gtest/gtest.h>
#include <numbers>

namespace fusuma {
namespace {

using test::disc_document;
using test::ids;

/// Discs of 34 mm cut width at three places.
const Document three_discs = disc_document({{40, 40}, {90, 60}, {150, 110}});

TEST(Copies, LockedOnesStay) {
    Document d = with_lock(three_discs, ids(2), true);
    d = moved(d, ids(1, 2), {5, 6});
    EXPECT_EQ(d.placements[0].centre, (Point{45, 46}));
    EXPECT_EQ(d.placements[1].centre, (Point{90, 60}));
    EXPECT_EQ(removed(d, ids(1, 2)).placements.size(), 2u);
}

TEST(Copies, TurnScaleAndMirrorGoAboutAPlace) {
    const double quarter = std::numbers::pi / 2;
    const Document d = turned(three_discs, ids(1), {40, 90}, quarter);
    EXPECT_NEAR(d.placements[0].centre.x, 90, 1e-9);
    EXPECT_NEAR(d.placements[0].centre.y, 90, 1e-9);
    EXPECT_NEAR(d.placements[0].turn, quarter, 1e-9);
    const Document large = scaled(three_discs, ids(1, 2), {0, 0}, 2);
    EXPECT_EQ(large.placements[1].centre, (Point{180, 120}));
    EXPECT_EQ(large.placements[1].scale, 2);
    EXPECT_EQ(scaled(three_discs, ids(1), {0, 0}, 1, 1.5).placements[0].stretch, 1.5);
    const Document twice = mirrored(mirrored(d, ids(1), {70, 70}, Across::up_down), ids(1), {70, 70}, Across::up_down);
    EXPECT_NEAR(twice.placements[0].turn, quarter, 1e-9);
    EXPECT_EQ(twice.placements[0].mirrored, false);
}

TEST(Copies, AStretchedCopyKeepsItsBordersWidth) {
    // A disc of 30 mm, 1.5 times as high, with 2 mm round it: 34 wide and 49 high.
    Planner evaluator;
    const Rect box = box_of(scaled(three_discs, ids(1), {40, 40}, 1, 1.5), evaluator, ids(1));
    EXPECT_NEAR(box.width(), 34, 0.05);
    EXPECT_NEAR(box.height(), 49, 0.05);
}

TEST(Copies, GetExactlyTheSizeThatIsAskedFor) {
    Planner evaluator;
    for (const double mm : {12.0, 34.0, 77.7}) {
        const auto d = sized(three_discs, evaluator, CopyId{2}, Side::width, mm);
        ASSERT_TRUE(d) << mm;
        EXPECT_NEAR(box_of(*d, evaluator, ids(2)).width(), mm, 0.02);
    }
    EXPECT_FALSE(sized(three_discs, evaluator, CopyId{2}, Side::width, 1)) << "the border alone is wider";
}

TEST(Copies, AlignAndDistributeByTheBoxesOfTheirCuts) {
    Planner evaluator;
    const Document left = aligned(three_discs, evaluator, ids(1, 2, 3), Align::left);
    for (const Placement& p : left.placements)
        EXPECT_NEAR(p.centre.x, 40, 0.02);
    const Document even = distributed(three_discs, evaluator, ids(1, 2, 3), Across::left_right);
    EXPECT_NEAR(even.placements[1].centre.x, 95, 0.02);
    const Document middle = aligned(three_discs, evaluator, ids(3), Align::centre);
    EXPECT_NEAR(middle.placements[2].centre.x, 105, 0.02) << "one alone goes by the cut zone";
}

TEST(Copies, OrderGroupRepeatAndDuplicate) {
    const Document front = ordered(three_discs, ids(1), Order::front);
    EXPECT_EQ(front.placements[2], three_discs.placements[0]) << "its id goes with it";
    EXPECT_EQ(ordered(front, ids(1), Order::back), three_discs);
    const Document group = grouped(three_discs, ids(1, 3));
    EXPECT_EQ(with_groups(group, ids(1)), ids(1, 3));
    const Edited copies = duplicated(group, ids(1, 3), {10, 0});
    EXPECT_EQ(with_groups(copies.document, ids(4)), ids(4, 5)) << "a group of its own";
    Planner evaluator;
    const Edited grid = repeated(three_discs, evaluator, ids(1), 3, 2, 3);
    ASSERT_EQ(grid.document.placements.size(), 8u);
    EXPECT_NEAR(grid.document.placements[3].centre.x, 40 + 37, 0.05);
    EXPECT_EQ(grid.selection.size(), 6u);
}

TEST(Copies, GoAlongToAnotherProjectWithTheirStickers) {
    const Document taken = only(three_discs, ids(2));
    ASSERT_EQ(taken.placements.size(), 1u);
    const Edited here = joined(three_discs, taken, 0, {5, 5});
    EXPECT_EQ(here.document.stickers.size(), 1u) << "the same sticker is there already";
    EXPECT_EQ(here.document.placements[3].centre, (Point{95, 65}));
    const Edited there = joined({}, taken, 0, {});
    EXPECT_EQ(there.document.stickers.size(), 1u);
    EXPECT_EQ(there.document.placements[0].sticker, there.document.stickers[0]->id);
}

TEST(Pages, ComeAndGoWithTheirCopies) {
    Document d = on_page(with_page_added(three_discs), ids(3), 1);
    EXPECT_EQ(d.pages, 2);
    Planner evaluator;
    EXPECT_EQ(evaluator.plan(d)->pages[0].cuts.size(), 2u);
    EXPECT_EQ(evaluator.plan(d)->pages[1].cuts.size(), 1u);
    d = with_page_removed(d, 0);
    ASSERT_EQ(d.placements.size(), 1u);
    EXPECT_EQ(d.placements[0].page, 0);
}

TEST(Pages, SmallSheetsAreCutLast) {
    Document d = three_discs;
    d.sheet.division = {2, 2, 6, Division::Cut::through};
    Planner evaluator;
    const auto plan = evaluator.plan(d);
    const auto& cuts = plan->pages[0].cuts;
    ASSERT_EQ(cuts.size(), 7u);
    for (std::size_t i = 3; i < 7; ++i)
        EXPECT_EQ(cuts[i].copy, CopyId::none);
}

} // namespace
} // namespace fusuma
