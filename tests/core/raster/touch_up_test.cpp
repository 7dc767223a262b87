// Picked colours, clicked patches, filling and the brush: what becomes of known shapes.

#include "core/geometry/measure.h"
#include "core/raster/mask.h"
#include "core/raster/touch_up.h"
#include "core/trace/trace.h"
#include "tests/support/exact_coverage.h"

#include <gtest/gtest.h>

namespace fusuma {
namespace {

using namespace test;

constexpr Rgb cream{250, 248, 240}, brick{200, 50, 40}, blue{40, 70, 180}, sand{230, 200, 150};

/// Shapes of even colours over each other, blended by exact coverage in encoded values.
Image painted(int side, Rgb ground, const std::vector<std::pair<Polygons, Rgb>>& layers) {
    Image image(side, side);
    const auto channel = [](Rgb c, std::size_t k) { return k == 0 ? c.red : k == 1 ? c.green : c.blue; };
    for (std::size_t i = 0; i < image.pixels(); ++i)
        for (std::size_t k = 0; k < 4; ++k)
            image.rgba[4 * i + k] = k == 3 ? 255 : channel(ground, k);
    for (const auto& [shapes, colour] : layers) {
        const Coverage cover = exact_coverage(shapes, side, side);
        for (std::size_t i = 0; i < image.pixels(); ++i)
            for (std::size_t k = 0; k < 3; ++k) {
                const double a = cover.values[i] / 255.0;
                image.rgba[4 * i + k] =
                    static_cast<std::uint8_t>(std::lround(a * channel(colour, k) + (1 - a) * image.rgba[4 * i + k]));
            }
    }
    return image;
}

double area_of(const Coverage& coverage) {
    return area(trace(coverage, {}).outline);
}

const Polygon big = ellipse({100.2, 99.7}, 70, 70), small_disc = ellipse({100.2, 99.7}, 30, 30);
const double big_area = signed_area(big), small_area = signed_area(small_disc);

TEST(Colours, SeveralAreTakenAwayAtOnce) {
    // Red on a ground of two colours: the right half is sand.
    const Polygon right{{100, 0}, {100, 200}, {200, 200}, {200, 0}};
    const Image image = painted(200, cream, {{{right}, sand}, {{big}, brick}});
    const auto left = [&](const std::vector<Rgb>& colours) {
        return area_of(cut_out(image, {.source = Source::colour, .colours = colours}).coverage);
    };
    EXPECT_NEAR(left({cream, sand}) / big_area, 1, 0.003);
    EXPECT_GT(left({cream}), big_area + 8000) << "sand stays when only paper is taken away";
}

TEST(Colours, KeepOnlyLeavesEverythingElseOut) {
    const Image image = painted(200, cream, {{{big}, brick}, {{small_disc}, blue}});
    const CutOut cut = cut_out(image, {.source = Source::colour, .colours = {blue}, .use = ColourUse::keep_only});
    EXPECT_NEAR(area_of(cut.coverage) / small_area, 1, 0.003);
    const Image art = isolated(image, mask_of(image, cut));
    for (std::size_t i = 0; i < art.pixels(); ++i)
        if (cut.coverage.values[i] > 30) {
            EXPECT_NEAR(art.rgba[4 * i], blue.red, 8) << "no rim of the colour round it is printed";
        }
}

TEST(Patches, AClickTakesOneEvenPatchAwayWithAnySource) {
    const Image image = painted(200, cream, {{{big}, brick}, {{small_disc}, cream}});
    for (const Source source : {Source::colour, Source::brightness}) {
        BackgroundSettings settings = offer(image, {.source = source, .brightness = 180}).settings;
        if (source == Source::brightness)
            settings.fill_inside = false;
        settings.pockets_at = {{100, 100}};
        EXPECT_NEAR(area_of(cut_out(image, settings).coverage) / (big_area - small_area), 1, 0.02);
    }
    EXPECT_EQ(area_of(cut_out(image, {.source = Source::alpha, .pockets_at = {{-5, 900}}}).coverage),
              area_of(cut_out(image, {.source = Source::alpha}).coverage))
        << "a place off the picture changes nothing";
}

TEST(FillInside, MakesALineDrawingSolidAndLeavesItsOuterEdge) {
    const Image image = painted(200, cream, {{{big, as_hole(ellipse({100.2, 99.7}, 66, 66))}, {30, 30, 30}}});
    BackgroundSettings settings = offer(image, {.source = Source::brightness}).settings;
    const double ring = area_of(cut_out(image, settings).coverage);
    settings.fill_inside = true;
    EXPECT_LT(ring, 2000);
    EXPECT_NEAR(area_of(cut_out(image, settings).coverage) / big_area, 1, 0.005);
}

TEST(FillInside, StopsAtABreakInTheLine) {
    Coverage open = exact_coverage({big, as_hole(ellipse({100.2, 99.7}, 66, 66))}, 200, 200);
    restrict_to(open, {0, 0, 160, 200}); // the right end is missing
    const double before = area_of(open);
    fill_inside(open);
    EXPECT_NEAR(area_of(open), before, 1);
}

TEST(Brush, AStrokeIsAsWideAsItsSizeWithRoundEnds) {
    for (const Stroke::Kind kind : {Stroke::Kind::add, Stroke::Kind::erase}) {
        Coverage coverage(200, 120);
        if (kind == Stroke::Kind::erase)
            std::fill(coverage.values.begin(), coverage.values.end(), std::uint8_t{255});
        brush(coverage, {.kind = kind, .size = 40, .hardness = 1, .points = {{50, 60}, {150, 60}}});
        const double capsule = 100 * 40 + std::numbers::pi * 20 * 20;
        const double marked = kind == Stroke::Kind::add ? area_of(coverage) : 200 * 120 - area_of(coverage);
        EXPECT_NEAR(marked / capsule, 1, 0.01);
    }
}

TEST(Brush, SoftStrokesFadeAndGoingOverAPlaceTwiceInOneStrokeDoesNot) {
    const auto at = [](const Stroke& stroke, int x) {
        Coverage coverage(200, 120);
        brush(coverage, stroke);
        return static_cast<int>(coverage.row(60)[x]);
    };
    Stroke once{.size = 80, .hardness = 0, .points = {{100, 60}}}, twice = once;
    twice.points = {{100, 60}, {101, 60}, {100, 60}};
    EXPECT_GT(at(once, 100), 240);
    EXPECT_NEAR(at(once, 120), 128, 12);
    EXPECT_EQ(at(once, 150), 0);
    EXPECT_NEAR(at(twice, 120), at(once, 120), 8);
    EXPECT_EQ(at({.points = {}}, 100), 0);
}

TEST(SeenFrom, PlacesFollowTheOriginAndTheScale) {
    const BackgroundSettings settings{
        .pockets_at = {{30, 50}}, .strokes = {{.size = 20, .points = {{110, 70}}}}, .focus = PixelBox{20, 30, 100, 60}};
    const BackgroundSettings seen = seen_from(settings, {10, 10}, 2);
    EXPECT_EQ(seen.pockets_at.front(), (PixelPlace{10, 20}));
    EXPECT_EQ(seen.strokes.front().size, 10);
    EXPECT_EQ(seen.strokes.front().points.front(), (PicturePoint{50, 30}));
    EXPECT_EQ(*seen.focus, (PixelBox{5, 10, 50, 30}));
    EXPECT_EQ(seen_from(seen_from(settings, {7, 9}), {-7, -9}), settings);
}

TEST(Reduced, AveragesBlocksByTheirAlpha) {
    Image image(5, 2);
    const auto set = [&](std::size_t i, std::uint8_t r, std::uint8_t a) {
        image.rgba[4 * i] = r;
        image.rgba[4 * i + 3] = a;
    };
    set(0, 100, 255);
    set(1, 200, 255); // below both: clear
    set(4, 50, 255);
    set(9, 70, 255);
    const Image half = reduced(image, 2);
    ASSERT_EQ(half.width, 3);
    ASSERT_EQ(half.height, 1);
    EXPECT_EQ(half.rgba[0], 150) << "clear pixels have no say in the colour";
    EXPECT_EQ(half.rgba[3], 128);
    EXPECT_EQ(half.rgba[8], 60) << "the last block is half a block";
    EXPECT_EQ(half.rgba[11], 255);
}

} // namespace
} // namespace fusuma
