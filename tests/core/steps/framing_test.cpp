#include "core/plan/planner.h"
#include "core/geometry/measure.h"
#include "tests/support/samples.h"

#include <gtest/gtest.h>

#include <numbers>

namespace fusuma {
namespace {

using test::degree;

TEST(Frame, IsTheBoxRoundTheTurnedCrop) {
    const Frame upright = frame_of(400, 300, {.crop = PixelBox{100, 50, 200, 100}});
    EXPECT_EQ(upright.size, (Size{200, 100}));
    EXPECT_EQ(upright.from_picture.apply({100, 50}), (Point{0, 0}));
    const Frame quarter = frame_of(400, 300, {.turn = 90 * degree}); // clockwise: the top left goes to the top right
    EXPECT_NEAR(quarter.size.width, 300, 1e-9);
    EXPECT_NEAR(distance(quarter.from_picture.apply({0, 0}), {300, 0}), 0, 1e-9);
    const Frame mirrored = frame_of(400, 300, {.mirrored = true});
    EXPECT_NEAR(distance(mirrored.from_picture.apply({0, 0}), {400, 0}), 0, 1e-9);
    const Frame tilted = frame_of(300, 300, {.turn = 45 * degree});
    EXPECT_NEAR(tilted.size.width, 300 * std::numbers::sqrt2, 1e-9);
    EXPECT_EQ(frame_of(40, 30, {.crop = PixelBox{-50, -50, 1000, 1000}}).crop, (PixelBox{0, 0, 40, 30}));
}

TEST(Frame, ALineDrawnAlongTheHorizonMakesItLevel) {
    for (const double tilt : {-50.0, -12.0, 0.0, 7.5, 30.0, 80.0}) {
        const Point along{std::cos(tilt * degree), std::sin(tilt * degree)};
        const double turn = straightened(0.2, {10, 10}, Point{10, 10} + 100.0 * along);
        const double after = tilt * degree + (turn - 0.2); // the line turns with the artwork
        EXPECT_NEAR(std::remainder(after, 90 * degree), 0, 1e-9) << tilt;
        EXPECT_LE(std::abs(turn - 0.2), 45.001 * degree) << "the shorter way";
    }
}

TEST(Frame, PixelsKeepTheirSizeWhenFramedAnew) {
    Sticker s = test::disc_sticker(30);
    const double before = mm_per_px(s);
    for (const Framing& framing :
         {Framing{.crop = PixelBox{40, 40, 200, 300}}, Framing{.turn = 0.3}, Framing{.mirrored = true, .turn = 1.5}}) {
        s = reframed(s, framing);
        EXPECT_NEAR(mm_per_px(s), before, 1e-12);
    }
}

TEST(Frame, PixelsUnderABoxAreFoundOnceTheArtworkIsTurned) {
    Sticker s = reframed(test::disc_sticker(30), {.crop = PixelBox{50, 20, 300, 200}, .turn = 90 * degree});
    const double mm = mm_per_px(s); // the crop's left edge is on top now, its bottom at the left
    EXPECT_EQ(pixels_under(s, {0, 0}, {200 * mm, 300 * mm}), (PixelBox{50, 20, 300, 200}));
    EXPECT_EQ(pixels_under(s, {30 * mm, 10 * mm}, {0, 0}), (PixelBox{50, 190, 10, 30})) << "corners in any order";
}

TEST(Frame, PrintAndCutLineTurnTogether) {
    // An ellipse off the middle of its picture; the outline must lie on its pixels however it is framed and placed.
    const auto picture = test::picture_of({test::ellipse({150, 120}, 70, 30, 0.4)}, 320, 260);
    for (const Framing& framing : {Framing{}, Framing{.crop = PixelBox{60, 40, 200, 180}}, Framing{.turn = 0.7},
                                   Framing{.crop = PixelBox{60, 40, 200, 180}, .mirrored = true, .turn = -2}}) {
        Sticker sticker = reframed(new_sticker(PictureArtwork{picture}), framing);
        sticker.border.width = 0;
        Document document = with_sticker_added({}, sticker);
        document.placements = {{.id = CopyId{1}, .sticker = 1, .centre = {100, 120}, .turn = 0.5, .mirrored = true, .scale = 1.3}};
        Planner evaluator;
        const auto plan = evaluator.plan(document);
        const PrintItem& print = plan->pages[0].prints.at(0);
        const auto pixels = std::get<Pixels>(std::get<PrintArt>(print.layer.ink)).get();
        Point middle;
        double weight = 0;
        for (int y = 0; y < pixels->height; ++y)
            for (int x = 0; x < pixels->width; ++x) {
                const double a = pixels->rgba[4 * static_cast<std::size_t>(y * pixels->width + x) + 3];
                middle =
                    middle + a * print.layer.from_unit.apply({(x + 0.5) / pixels->width, (y + 0.5) / pixels->height});
                weight += a;
            }
        middle = (1 / weight) * middle;
        ASSERT_EQ(plan->pages[0].cuts.size(), 1u);
        const Rect box = bounds(plan->pages[0].cuts[0].line);
        EXPECT_NEAR(distance(box.centre(), middle), 0, 0.01);
        const double scale = mm_per_px(sticker) * 1.3;
        EXPECT_NEAR(signed_area(plan->pages[0].cuts[0].line), std::numbers::pi * 70 * 30 * scale * scale, 0.05);
    }
}

TEST(Preview, IsTheSameStickerInFewerPixels) {
    const auto picture = test::picture_of({test::ellipse({1100, 900}, 700, 500, 0.4)}, 2400, 1800);
    Sticker s = reframed(new_sticker(PictureArtwork{picture}), {.crop = PixelBox{300, 300, 1800, 1400}, .turn = 0.2});
    s.background.strokes = {{.kind = Stroke::Kind::erase, .size = 200, .points = {{900, 900}, {1300, 900}}}};
    s.background.focus = PixelBox{400, 400, 1700, 1200};
    Planner evaluator;
    const auto quick = evaluator.preview(s), full = evaluator.evaluate(s);
    ASSERT_TRUE(quick);
    EXPECT_NEAR(area(quick->cut_line()) / area(full->cut_line()), 1, 0.01);
    EXPECT_LT(distance(bounds(quick->cut_line()).centre(), bounds(full->cut_line()).centre()), 0.5);
    EXPECT_EQ(quick->cut_line().contours.size(), full->cut_line().contours.size());
    // Small pictures are not made smaller; only the border is worked out more coarsely.
    const Sticker disc = test::disc_sticker(30);
    const auto small = evaluator.preview(disc);
    EXPECT_EQ(small->isolation, evaluator.evaluate(disc)->isolation);
    EXPECT_NEAR(bounds(small->cut_line()).width(), 34, 0.15);
}

TEST(FinishedSize, IsReachedWhateverTheBorder) {
    Planner evaluator;
    for (const double border : {-1.0, 0.0, 4.0}) {
        Sticker s = test::disc_sticker(30);
        s.border.width = border;
        const auto width = width_for_finished(*evaluator.evaluate(s), s, Side::height, 42);
        ASSERT_TRUE(width);
        EXPECT_NEAR(bounds(evaluator.evaluate(s, *width)->cut_line()).height(), 42, 0.01);
        EXPECT_FALSE(width_for_finished(*evaluator.evaluate(s), s, Side::width, 2 * border + 0.1));
    }
}

} // namespace
} // namespace fusuma
