#include "core/geometry/measure.h"
#include "core/raster/alpha.h"
#include "core/raster/mask.h"
#include "core/trace/trace.h"
#include "tests/support/exact_coverage.h"

#include <gmock/gmock.h>

#include <random>

namespace fusuma {
namespace {

using namespace test;

/// Art of one colour over paper of another, blended by exact area coverage in encoded values. No transparency.
Image flattened(const Polygons& shapes, int width, int height, Rgb art, Rgb paper, double grain = 0) {
    const Coverage cover = exact_coverage(shapes, width, height);
    std::mt19937 random(5);
    std::normal_distribution<double> noise(0, std::max(grain, 1e-9));
    Image image(width, height);
    for (std::size_t i = 0; i < cover.values.size(); ++i) {
        const double a = cover.values[i] / 255.0;
        const double grained = noise(random);
        const auto mix = [&](std::uint8_t f, std::uint8_t b) {
            return static_cast<std::uint8_t>(std::lround(std::clamp(a * f + (1 - a) * b + grained, 0.0, 255.0)));
        };
        image.rgba[4 * i] = mix(art.red, paper.red);
        image.rgba[4 * i + 1] = mix(art.green, paper.green);
        image.rgba[4 * i + 2] = mix(art.blue, paper.blue);
        image.rgba[4 * i + 3] = 255;
    }
    return image;
}

Coverage coverage_in(const Image& image, const BackgroundSettings& chosen) {
    return cut_out(image, chosen).coverage;
}

constexpr Rgb red{200, 50, 40}, off_white{248, 245, 238}, dark_ink{40, 44, 48};

double mean_error(const Outline& outline, const Polygons& truth) {
    double sum = 0, count = 0;
    for (const Polygon& polygon : flatten(outline, 0.01))
        for (const Point p : polygon) {
            sum += nearest_on(truth, p).distance;
            ++count;
        }
    return sum / count;
}

TEST(Lab, AgreesWithPublishedValues) {
    // L*a*b* of the sRGB primaries under D65, as tabulated widely (from memory, two decimals).
    const struct {
        Rgb rgb;
        Lab lab;
    } cases[] = {{{255, 255, 255}, {100, 0, 0}},
                 {{0, 0, 0}, {0, 0, 0}},
                 {{255, 0, 0}, {53.24, 80.09, 67.20}},
                 {{0, 255, 0}, {87.73, -86.18, 83.18}},
                 {{0, 0, 255}, {32.30, 79.19, -107.86}}};
    for (const auto& c : cases) {
        const Lab lab = to_lab(c.rgb);
        EXPECT_NEAR(lab.lightness, c.lab.lightness, 0.02);
        EXPECT_NEAR(lab.a, c.lab.a, 0.03);
        EXPECT_NEAR(lab.b, c.lab.b, 0.03);
    }
    EXPECT_NEAR(colour_difference({50, 3, 4}, {50, 0, 0}), 5, 1e-12);
}

TEST(Lab, LightnessAloneTellsWhichColoursCannotBeNear) {
    std::mt19937 random(11);
    const auto any = [&] { return static_cast<std::uint8_t>(random() % 256); };
    for (int i = 0; i < 20'000; ++i) {
        const Rgb one{any(), any(), any()}, other{any(), any(), any()};
        const Lab lab = to_lab(one);
        EXPECT_NEAR(luminance_of(lab.lightness), luminance(one), 1e-12);
        const double apart = colour_difference(lab, to_lab(other)) + 1e-9;
        EXPECT_LE(luminance_of(lab.lightness - apart), luminance(other));
        EXPECT_GE(luminance_of(lab.lightness + apart), luminance(other));
    }
}

TEST(Otsu, IsTheThresholdOfLeastSpreadWithinItsClasses) {
    // The same optimum by the other formula of the 1979 paper: least weighted variance within the classes.
    const Image image = flattened({ellipse({60, 60}, 35, 35)}, 120, 120, dark_ink, {225, 225, 225}, 14);
    std::vector<double> greys;
    for (std::size_t i = 0; i < image.pixels(); ++i)
        greys.push_back(std::floor(
            (299 * image.rgba[4 * i] + 587 * image.rgba[4 * i + 1] + 114 * image.rgba[4 * i + 2] + 500) / 1000.0));
    double best = -1, least = HUGE_VAL;
    for (int t = 0; t < 255; ++t) {
        double within = 0;
        for (const bool dark : {true, false}) {
            double n = 0, sum = 0, squares = 0;
            for (const double g : greys)
                if ((g <= t) == dark) {
                    ++n;
                    sum += g;
                    squares += g * g;
                }
            if (n > 0)
                within += squares - sum * sum / n;
        }
        if (within < least - 1e-6) {
            least = within;
            best = t;
        }
    }
    EXPECT_EQ(otsu_threshold(image), best);
}

TEST(Offer, LooksAtThePictureAndSaysWhy) {
    Image clear = flattened({ellipse({50, 50}, 30, 30)}, 100, 100, red, off_white);
    clear.rgba[3] = 0;
    Image busy(60, 60);
    for (std::size_t i = 0; i < busy.rgba.size(); ++i)
        busy.rgba[i] = i % 4 == 3 ? 255 : static_cast<std::uint8_t>((i * 37) % 251);
    const struct {
        Image image;
        Source source;
        const char* why;
    } cases[] = {{clear, Source::alpha, "Clear around the art"},
                 {flattened({ellipse({50, 50}, 30, 30)}, 100, 100, red, off_white, 1.5), Source::colour, "#F8F5EE"},
                 {flattened({ellipse({50, 50}, 30, 30)}, 100, 100, dark_ink, {230, 230, 228}, 3), Source::brightness,
                  "Dark on light"},
                 {busy, Source::alpha, "whole picture counts"}};
    for (const auto& c : cases) {
        const Offer best = offer(c.image, {});
        EXPECT_EQ(best.settings.source, c.source) << c.why;
        EXPECT_THAT(best.why.english(), testing::HasSubstr(c.why));
    }
    const Offer asked = offer(cases[1].image, {.source = Source::brightness});
    EXPECT_EQ(asked.settings.source, Source::brightness) << "what the person chose stays";
    EXPECT_EQ(asked.why.english(), "");
    EXPECT_TRUE(asked.settings.brightness);
}

/// Paints more shapes over a picture.
Image with(Image image, const Polygons& shapes, Rgb ink) {
    const Coverage cover = exact_coverage(shapes, image.width, image.height);
    for (std::size_t i = 0; i < cover.values.size(); ++i) {
        std::uint8_t* const px = image.rgba.data() + 4 * i;
        const auto mix = [&](std::uint8_t& under, std::uint8_t over) {
            under = static_cast<std::uint8_t>(std::lround(under + cover.values[i] / 255.0 * (over - under)));
        };
        mix(px[0], ink.red);
        mix(px[1], ink.green);
        mix(px[2], ink.blue);
    }
    return image;
}

TEST(Offer, TakesGreyArtByBrightnessOnlyWhereAllOfItIsInk) {
    constexpr Rgb white{255, 255, 255}, light_grey{214, 214, 214}, paper{205, 205, 203};
    const Polygons body{ellipse({100, 100}, 80, 60)}, inner{ellipse({100, 100}, 76, 56)},
        hat{ellipse({80, 90}, 50, 40)};
    const auto source_for = [](const Image& image) { return offer(image, {}).settings.source; };
    for (const double grain : {0.0, 3.0}) {
        EXPECT_EQ(source_for(flattened(hat, 200, 200, dark_ink, white, grain)), Source::brightness);
        EXPECT_EQ(source_for(with(flattened(body, 200, 200, light_grey, white, grain), hat, dark_ink)), Source::colour)
            << "an elephant with a black hat, grain " << grain;
        EXPECT_EQ(source_for(with(flattened(body, 200, 200, white, paper, grain), inner, dark_ink)), Source::colour)
            << "a white rim round dark art, grain " << grain;
    }
    const Polygons stain{ellipse({140, 140}, 40, 30)};
    EXPECT_EQ(source_for(with(flattened(hat, 200, 200, dark_ink, paper, 3), stain, {190, 190, 188})),
              Source::brightness)
        << "paper that is not clean has stains that are no art";

    const Image elephant = with(flattened(body, 200, 200, light_grey, white), hat, dark_ink);
    const Outline outline = trace(coverage_in(elephant, offer(elephant, {}).settings), {}).outline;
    ASSERT_EQ(outline.contours.size(), 1u);
    EXPECT_LT(mean_error(outline, body), 0.5);
}

TEST(Background, TheOutlineStaysSubPixelOnAKnownColour) {
    const Polygons truth{ellipse({100.3, 99.6}, 70, 45, 0.5)};
    for (const Rgb paper : {Rgb{255, 255, 255}, off_white, Rgb{60, 140, 90}}) {
        const Image image = flattened(truth, 200, 200, red, paper);
        const Outline outline = trace(coverage_in(image, offer(image, {}).settings), {}).outline;
        ASSERT_EQ(outline.contours.size(), 1u);
        EXPECT_LT(mean_error(outline, truth), 0.04);
        EXPECT_NEAR(area(outline) / signed_area(truth[0]), 1, 0.001);
    }
}

TEST(Background, GrainAndDustDoNotMoveTheOutlineFar) {
    const Polygons truth{ellipse({100.3, 99.6}, 70, 45, 0.5)};
    const Image image = flattened(truth, 200, 200, red, off_white, 2);
    const Outline outline = without_specks(trace(coverage_in(image, offer(image, {}).settings), {}).outline, 20);
    ASSERT_EQ(outline.contours.size(), 1u);
    EXPECT_LT(mean_error(outline, truth), 0.1);
}

TEST(Background, BrightnessPartsInkFromPaperAtHalfWay) {
    const Polygons truth{star({100.3, 99.6}, 5, 80, 40, 0.3)};
    const Image image = flattened(truth, 200, 200, dark_ink, {236, 236, 236});
    const Outline outline =
        trace(coverage_in(image, offer(image, {.source = Source::brightness, .brightness = 139}).settings), {}).outline;
    ASSERT_EQ(outline.contours.size(), 1u);
    EXPECT_LT(mean_error(outline, truth), 0.1);
    EXPECT_NEAR(area(outline) / signed_area(truth[0]), 1, 0.005);
}

TEST(Background, PocketsAreKeptUnlessAskedFor) {
    const Polygons ring{ellipse({100, 100}, 80, 80), as_hole(ellipse({100, 100}, 40, 40))};
    const Image image = flattened(ring, 200, 200, red, off_white);
    const auto contours = [&](bool pockets) {
        return trace(coverage_in(image, offer(image, {.source = Source::colour, .pockets = pockets}).settings), {})
            .outline.contours.size();
    };
    EXPECT_EQ(contours(false), 1u);
    EXPECT_EQ(contours(true), 2u);
}

TEST(Background, AFocusBoxLeavesTheRestOut) {
    const Image image = flattened({ellipse({50, 50}, 30, 30), ellipse({150, 50}, 30, 30)}, 200, 100, red, off_white);
    const Coverage all = coverage_in(image, offer(image, {.source = Source::colour}).settings);
    const Coverage left =
        coverage_in(image, offer(image, {.source = Source::colour, .focus = PixelBox{0, 0, 100, 100}}).settings);
    EXPECT_EQ(trace(all, {}).outline.contours.size(), 2u);
    EXPECT_EQ(trace(left, {}).outline.contours.size(), 1u);
    const Coverage nothing = coverage_in(image, {.source = Source::alpha, .focus = PixelBox{900, 900, 10, 10}});
    EXPECT_EQ(content_of(nothing), AlphaContent::clear);
}

TEST(Background, OnePixelThatIsClearOrIsNotIsFoundWhereverItIs) {
    for (const int width : {1, 5, 190}) {
        constexpr int height = 97; // 190 of it are more than is looked at at once
        const auto pixels = static_cast<std::size_t>(width * height);
        for (const std::size_t at :
             {std::size_t{0}, pixels / 2, std::min<std::size_t>(pixels - 1, 1 << 14), pixels - 1})
            for (const auto& [most, one] : {std::pair{255, 254}, {255, 0}, {0, 1}, {0, 255}}) {
                Image image(width, height);
                Coverage coverage(width, height);
                for (std::size_t i = 0; i < pixels; ++i)
                    image.rgba[4 * i + 3] = coverage.values[i] = static_cast<std::uint8_t>(most);
                const AlphaContent without = most == 0 ? AlphaContent::clear : AlphaContent::opaque;
                image.rgba[4 * at] = 77; // colours tell nothing
                EXPECT_EQ(alpha_content(image), without);
                EXPECT_EQ(content_of(coverage), without);
                image.rgba[4 * at + 3] = coverage.values[at] = static_cast<std::uint8_t>(one);
                EXPECT_EQ(alpha_content(image), AlphaContent::cut_out) << width << " " << at << " " << one;
                EXPECT_EQ(content_of(coverage), AlphaContent::cut_out) << width << " " << at << " " << one;
            }
    }
}

TEST(Background, PrintedEdgesLoseTheirPaleHalo) {
    const Image image = flattened({ellipse({50.2, 50.4}, 30, 30)}, 100, 100, red, {255, 255, 255});
    const BackgroundSettings chosen = offer(image, {.source = Source::colour}).settings;
    const CutOut cut = cut_out(image, chosen);
    const Image art = isolated(image, mask_of(image, cut));
    for (std::size_t i = 0; i < art.pixels(); ++i)
        if (cut.coverage.values[i] > 60) {
            EXPECT_NEAR(art.rgba[4 * i], red.red, 12);
            EXPECT_NEAR(art.rgba[4 * i + 1], red.green, 24);
        }
}

TEST(Background, OddPicturesAreNoTrouble) {
    for (const auto& [w, h] : {std::pair{1, 1}, {1, 7}, {3, 2}})
        for (const Source source : {Source::automatic, Source::alpha, Source::brightness, Source::colour}) {
            Image image(w, h);
            std::fill(image.rgba.begin(), image.rgba.end(), std::uint8_t{255});
            const Coverage coverage = coverage_in(image, offer(image, {.source = source}).settings);
            EXPECT_EQ(coverage.values.size(), image.pixels());
        }
}

/// Half-clear paint stays half clear, whatever tells the art from its ground.
TEST(PartialAlpha, SurvivesPickingAColourAndBrightness) {
    Image image(60, 20);
    for (int y = 0; y < 20; ++y)
        for (int x = 0; x < 60; ++x) {
            const bool is_art = x >= 10 && x < 50;
            const std::uint8_t alpha = !is_art ? 255 : x < 30 ? 255 : 128;
            const std::array<std::uint8_t, 4> px = is_art ? std::array<std::uint8_t, 4>{20, 40, 120, alpha}
                                                          : std::array<std::uint8_t, 4>{250, 250, 250, alpha};
            std::ranges::copy(px, &image.rgba[4 * static_cast<std::size_t>(y * 60 + x)]);
        }
    BackgroundSettings by_colour{.source = Source::colour, .colours = {{250, 250, 250}}};
    BackgroundSettings keeping{.source = Source::colour, .colours = {{20, 40, 120}}, .use = ColourUse::keep_only};
    BackgroundSettings by_brightness{.source = Source::brightness, .brightness = 140};
    for (const auto& settings : {by_colour, keeping, by_brightness}) {
        const CutOut cut = cut_out(image, settings);
        const Image art = isolated(image, mask_of(image, cut));
        const auto at = [&](int x) { return &art.rgba[4 * static_cast<std::size_t>(10 * 60 + x)]; };
        EXPECT_EQ(at(5)[3], 0);
        EXPECT_EQ(at(20)[3], 255);
        EXPECT_EQ(at(40)[3], 128);
        EXPECT_EQ((std::array{at(40)[0], at(40)[1], at(40)[2]}), (std::array<std::uint8_t, 3>{20, 40, 120}));
    }
}

} // namespace
} // namespace fusuma
