// What evaluating does at its limits.

#include "core/plan/planner.h"
#include "core/rehearsal/slip.h"
#include "tests/support/samples.h"

#include <gtest/gtest.h>

namespace fusuma {
namespace {

using namespace test;

/// A huge picture printed small would need more pixels round it than there is memory.
TEST(ColoursCarriedOutward, StayWithinTheirBudgetAndInTheirPlace) {
    Evaluator evaluator;
    const Sticker sticker = disc_sticker(4);
    const auto isolation = evaluator.evaluate(sticker)->isolation;
    const auto usual = evaluator.continuation(isolation, 200);
    const auto vast = evaluator.continuation(isolation, 3500);
    EXPECT_EQ(usual->factor, 1);
    EXPECT_GT(vast->factor, 1);
    EXPECT_LE(vast->image.bytes(), 4 * 50'000'000u);
    EXPECT_GE(vast->margin * vast->factor, 3500);
    // The disc's own red lies all round it, as near as with all pixels.
    const auto image = vast->image.get();
    const int middle = image->width / 2, beside = vast->margin - 3;
    const auto* px =
        &image->rgba[4 * (static_cast<std::size_t>(middle) * static_cast<std::size_t>(image->width) +
                          static_cast<std::size_t>(beside))];
    EXPECT_EQ((std::array{px[0], px[1], px[2], px[3]}), (std::array<std::uint8_t, 4>{200, 60, 40, 255}));
}

/// Bleeds are parted where prints meet, not where clear margins do.
TEST(PrintBox, IsRoundWhatIsPrintedAndNotRoundClearMargins) {
    const Sticker tight = disc_sticker(30);
    Sticker loose = new_sticker(PictureArtwork{picture_of({ellipse({480, 480}, 180, 180)}, 960, 960)});
    loose.border.width = 2;
    Planner planner;
    for (const Sticker& sticker : {tight, loose}) {
        Document d = with_sticker_added({}, sticker);
        d.put({.sticker = 1, .centre = {100, 100}});
        const auto plan = planner.plan(d);
        const Rect& box = plan->copies[0]->print_box;
        EXPECT_NEAR(box.width(), 30, 0.2);
        EXPECT_NEAR(box.height(), 30, 0.2);
        EXPECT_NEAR(plan->copies[0]->past_cut, 0, 1e-9);
    }
}

TEST(SlipCheck, OfAStickerWithoutArtOrWithoutACutIsNotAskedForMore) {
    Planner planner;
    Sticker nothing = disc_sticker(8);
    nothing.border.width = -20;
    const SlipCheck no_line(*planner.evaluate(nothing));
    EXPECT_EQ(no_line.damage(Transform::shift({1, 1})), Damage::none);
    Sticker clear = disc_sticker(8);
    clear.background.strokes = {{Stroke::Kind::erase, 400, 1, {{60, 60}, {62, 60}}}};
    const SlipCheck no_art(*planner.evaluate(clear));
    EXPECT_EQ(no_art.damage(Transform::shift({1, 1})), Damage::none);
}

} // namespace
} // namespace fusuma
