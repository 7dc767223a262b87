// Light evened beside a known field, soft shadows left out, subjects on busy grounds beside the truth and OpenCV's own
// mask, and several pieces on one picture.

#include "core/geometry/measure.h"
#include "core/raster/subject.h"
#include "core/steps/evaluator.h"
#include "core/steps/source_pictures.h"
#include "core/steps/split_pieces.h"
#include "tests/support/painted.h"

#include <gmock/gmock.h>
#include <numbers>
#include <random>

namespace fusuma {
namespace {

using namespace test;
using testing::HasSubstr;

PictureArtwork artwork_of(Image image) {
    auto picture = std::make_shared<Picture>();
    picture->pixels = std::move(image);
    picture->original = std::make_shared<const std::vector<std::byte>>();
    return {picture};
}

std::shared_ptr<const StickerResult> worked_out(Image image, const BackgroundSettings& background = {}) {
    Sticker sticker = new_sticker(artwork_of(std::move(image)));
    sticker.background = background;
    return Evaluator().evaluate(sticker);
}

TEST(LightOnPaper, IsTheKnownFieldWithinAFewHundredths) {
    OnGround drawn = with_art(plain(640, 480, {240, 238, 230}), 1, {30, 30, 40});
    const auto field_at = [](int x, int y) { return 1 - 0.5 * x / 640.0 * (0.5 + 0.5 * y / 480.0); };
    shade(drawn.image, 0, field_at);
    const LightField field = light_on(drawn.image);
    ASSERT_EQ(field.factor, 1);
    double worst = 0;
    for (int y = 20; y < 460; y += 20)
        for (int x = 20; x < 620; x += 20)
            worst = std::max(
                worst,
                std::abs(field.paper.rgba[4 * static_cast<std::size_t>(y * 640 + x)] / (240 * field_at(x, y)) - 1));
    EXPECT_LT(worst, 0.05);
}

/// The share of the light at each place: half of it beyond a line through the middle, hard or soft.
double half_in_shadow(int x, int y, double way, double soft) {
    const double far = (x - 320) * std::cos(way) + (y - 240) * std::sin(way);
    const double t = std::clamp(far / soft + 0.5, 0.0, 1.0);
    return 1 - 0.5 * t * t * (3 - 2 * t);
}

/// Means of what is evened in a box, red, green and blue.
std::array<double, 3> mean_of(Image& image, cv::Rect box) {
    const cv::Scalar mean = cv::mean(matrix_of(image)(box));
    return {mean[0], mean[1], mean[2]};
}

TEST(LightOnPaper, GoesOnUnderArtThatIsPaleOrLiesAcrossAShadow) {
    for (const double soft : {5.0, 60.0, 300.0})
        for (const int grey : {225, 170, 90}) {
            Image image = plain(640, 480, {244, 242, 236});
            cv::rectangle(matrix_of(image), {200, 140, 240, 200}, cv::Scalar(grey, grey, grey, 255), -1);
            cv::rectangle(matrix_of(image), {200, 140, 240, 200}, cv::Scalar(60, 60, 60, 255), 3, cv::LINE_AA);
            shade(image, 2, [&](int x, int y) { return half_in_shadow(x, y, 0.6, soft); });
            Image even = evened(image, light_on(image));
            for (const cv::Rect& at :
                 {cv::Rect(206, 146, 12, 12), cv::Rect(424, 324, 10, 10), cv::Rect(206, 324, 10, 10)})
                EXPECT_NEAR(mean_of(even, at)[1], grey * 250 / 242.0, 14) << grey << ", " << soft << " at " << at.x;
        }
}

TEST(LightOnPaper, IsSeenWithinALineThatAShadowFallsAcross) {
    for (const double soft : {5.0, 60.0, 300.0}) {
        Image image = plain(640, 480, {244, 242, 236});
        cv::circle(matrix_of(image), {320, 240}, 150, cv::Scalar(40, 40, 60, 255), 6, cv::LINE_AA);
        shade(image, 2, [&](int x, int y) { return half_in_shadow(x, y, 0.6, soft); });
        Image even = evened(image, light_on(image));
        for (const cv::Rect& at : {cv::Rect(220, 200, 20, 20), cv::Rect(310, 230, 20, 20), cv::Rect(400, 260, 20, 20)})
            EXPECT_GT(mean_of(even, at)[1], 235) << soft << " at " << at.x;
    }
}

TEST(LightOnPaper, KeepsAShadowsTipBesideArt) { // between the art's edge and the shadow's
    for (const double way : {-0.4, 3.4}) {
        Image image = plain(640, 480, {244, 242, 236});
        const cv::Rect art(200, 140, 240, 200);
        cv::rectangle(matrix_of(image), art, cv::Scalar(30, 50, 110, 255), -1);
        // The shadow's edge crosses the art's right side in its middle.
        shade(image, 2, [&](int x, int y) { return half_in_shadow(x - 120, y, way, 4); });
        cv::GaussianBlur(matrix_of(image), matrix_of(image), {}, 1.2);
        Image even = evened(image, light_on(image));
        const auto round_it = [&](int by) {
            return cv::Rect(art.x - by, art.y - by, art.width + 2 * by, art.height + 2 * by);
        };
        int residue = 0;
        for (int y = 0; y < 480; ++y)
            for (int x = 0; x < 640; ++x)
                if (round_it(40).contains({x, y}) && !round_it(4).contains({x, y}))
                    residue += even.rgba[4 * static_cast<std::size_t>(y * 640 + x) + 1] < 205;
        EXPECT_EQ(residue, 0) << way;
    }
}

TEST(LightOnPaper, OfPicturesThatAreNoSheetIsNeverATrap) { // nothing but grain, steps, one pixel of anything
    std::mt19937 numbers(2);
    for (const auto& [w, h] : {std::pair{1, 1}, {7, 300}, {300, 7}, {8, 8}, {90, 70}}) {
        Image noise = plain(w, h, {0, 0, 0}), steps = noise;
        for (std::size_t i = 0; i < noise.pixels(); ++i)
            for (std::size_t k = 0; k < 3; ++k) {
                noise.rgba[4 * i + k] = static_cast<std::uint8_t>(numbers());
                steps.rgba[4 * i + k] = static_cast<std::uint8_t>(40 * (i % 7));
            }
        for (Image* image : {&noise, &steps})
            EXPECT_EQ(evened(*image, light_on(*image)).pixels(), image->pixels());
    }
}

TEST(LineArtInAnyLight, IsTheArtAndNothingElse) {       // soft, hard and vignetted
    for (const unsigned seed : {0U, 1U, 2U, 9U, 12U}) { // 9 and 12 have narrow pieces of shaded paper between lines
        OnGround drawn = with_art(plain(640, 480, {244, 242, 236}), seed, {35, 32, 38});
        const double soft = seed % 3 == 0 ? 5 : 180, way = seed;
        shade(drawn.image, 2 + seed % 4, [&](int x, int y) {
            const double far = (x - 320) * std::cos(way) + (y - 240) * std::sin(way);
            const double t = std::clamp(far / soft + 0.5, 0.0, 1.0);
            const double off = std::hypot(x - 320, y - 240) / 400;
            return seed % 3 == 2 ? 1 - 0.45 * off * off : 1 - 0.5 * t * t * (3 - 2 * t);
        });
        const auto result = worked_out(drawn.image);
        EXPECT_EQ(result->isolation->chosen.light.light, Light::even) << seed;
        EXPECT_THAT(result->isolation->why.english(), HasSubstr("evened"));
        EXPECT_GT(overlap_of(result->isolation->coverage(), drawn.truth), 0.98)
            << seed << ": " << result->isolation->why;
    }
}

TEST(LineArtInAnyLight, PrintsNoInkOnPaperAndItsColoursAsTheyAre) {
    OnGround drawn = with_art(plain(640, 480, {238, 232, 220}), 2, {190, 60, 40});
    shade(drawn.image, 2, [](int x, int y) { return 1 - 0.45 * x / 640.0 - 0.05 * y / 480.0; });
    BackgroundSettings settings;
    settings.light.light = Light::even;
    const auto printed = [&](bool whitens) {
        settings.light.whitens_paper = whitens;
        const auto picture = std::make_shared<Picture>();
        picture->pixels = drawn.image;
        return lit({picture}, {}, light_task(settings)).printed.get();
    };
    const auto white = printed(true), evened = printed(false);
    std::size_t paper = 0, clean = 0, tinted = 0;
    for (int y = 0; y < 480; ++y)
        for (int x = 0; x < 640; ++x) {
            const std::uint8_t *a = white->rgba.data() + 4 * (y * 640 + x),
                               *b = evened->rgba.data() + 4 * (y * 640 + x);
            if (drawn.truth.at<std::uint8_t>(y, x) == 0) {
                ++paper;
                clean += std::min({a[0], a[1], a[2]}) >= 254;
                tinted += std::min({b[0], b[1], b[2]}) < 254;
            } else if (drawn.truth.at<std::uint8_t>(y, x) == 255) {
                for (int k = 0; k < 3; ++k)
                    EXPECT_EQ(a[k], b[k]) << x << ", " << y;
            }
        }
    EXPECT_GT(clean, paper * 97 / 100);
    EXPECT_GT(tinted, paper / 2);
}

TEST(LineArtInAnyLight, IsLeftAsItIsWhereAPersonOrAnOlderProjectSaysSo) {
    OnGround drawn = with_art(plain(320, 240, {244, 242, 236}), 4, {35, 32, 38});
    shade(drawn.image, 2, [](int x, int) { return 1 - 0.5 * x / 320.0; });
    BackgroundSettings as_is;
    as_is.light = {Light::as_is, Shadows::keep, true};
    EXPECT_EQ(worked_out(drawn.image, as_is)->isolation->chosen.light.light, Light::as_is);
    BackgroundSettings printed;
    printed.light.prints_evened = false; // told by the evened picture, printed as it came
    const auto result = worked_out(drawn.image, printed);
    EXPECT_EQ(result->isolation->chosen.light.light, Light::even);
    const auto pixels = result->isolation->pixels();
    for (const std::size_t at : {40UL * 320 + 20, 120UL * 320 + 160})
        EXPECT_EQ(pixels->rgba[4 * at], drawn.image.rgba[4 * at]);
    const OnGround clean = with_art(plain(320, 240, {255, 255, 255}), 4, {35, 32, 38});
    EXPECT_EQ(worked_out(clean.image)->isolation->chosen.light.light, Light::as_is) << "nothing to even";
}

TEST(SoftShadows, AreLeftOutOrKeptAndTheOfferSaysWhich) {
    for (const cv::Scalar& ground : {cv::Scalar(255, 255, 255), cv::Scalar(214, 226, 190)}) {
        const OnGround drawn = with_art(plain(640, 480, ground), 6, {180, 40, 60}, true);
        const Image shaded = with_soft_shadow(drawn, 8, 0.5);
        const auto dropped = worked_out(shaded);
        EXPECT_EQ(dropped->isolation->chosen.light.shadows, Shadows::drop);
        EXPECT_THAT(dropped->isolation->why.english(), HasSubstr("shadows"));
        EXPECT_GT(overlap_of(dropped->isolation->coverage(), drawn.truth), 0.98);
        BackgroundSettings keep;
        keep.light.shadows = Shadows::keep;
        EXPECT_LT(overlap_of(worked_out(shaded, keep)->isolation->coverage(), drawn.truth), 0.97);
        EXPECT_EQ(worked_out(drawn.image)->isolation->chosen.light.shadows, Shadows::keep) << "there are none";
    }
}

/// Made small and then larger again, as pictures from the net are: every edge is soft.
Image enlarged(const Image& image, double times) {
    cv::Mat small, large;
    cv::resize(matrix_of(const_cast<Image&>(image)), small, {}, 1 / times, 1 / times, cv::INTER_AREA);
    Image result(image.width, image.height);
    cv::resize(small, large, {image.width, image.height}, 0, 0, cv::INTER_CUBIC);
    large.copyTo(matrix_of(result));
    return result;
}

TEST(SoftShadows, AreNotTakenForTheArtWhereAllOfThePictureIsBlurred) {
    const cv::Scalar mauve(200, 120, 205);
    for (const double times : {1.0, 6.0, 12.0}) {
        const OnGround dark = with_art(plain(640, 480, mauve), 6, {33, 33, 33}, true);
        EXPECT_GT(overlap_of(worked_out(enlarged(dark.image, times))->isolation->coverage(), dark.truth), 0.93)
            << "dark art has the hue of a shadow; enlarged " << times;
    }
    for (const double times : {1.0, 3.0, 6.0}) {
        const OnGround red = with_art(plain(640, 480, mauve), 6, {180, 40, 60}, true);
        const auto shaded = worked_out(enlarged(with_soft_shadow(red, 12, 0.5), times));
        EXPECT_EQ(shaded->isolation->chosen.light.shadows, Shadows::drop) << times;
        EXPECT_GT(overlap_of(shaded->isolation->coverage(), red.truth), 0.95) << "enlarged " << times;
    }
}

TEST(SoftShadows, AreNotGreyThingsOnWhiteThatFadeSomewhere) {
    // A pebble, lit so that a part of its edge is as white as the ground it lies on.
    Image image = plain(640, 480, {255, 255, 255});
    cv::Mat rgba = matrix_of(image), truth(480, 640, CV_8U, cv::Scalar(0));
    for (int y = 0; y < 480; ++y)
        for (int x = 0; x < 640; ++x) {
            const double u = (x - 320) / 200.0, v = (y - 240) / 150.0;
            const double inside = std::clamp((1 - std::hypot(u, v)) * 150 + 0.5, 0.0, 1.0);
            const double lit = std::exp(-(std::pow(u + 0.8, 2) + std::pow(v + 0.6, 2)) / 0.06);
            const double grey = 130 + 30 * std::sin(x * 0.05) * std::cos(y * 0.04);
            const double stone = grey + (255 - grey) * lit;
            const auto value = cv::saturate_cast<std::uint8_t>(255 + inside * (stone - 255));
            rgba.at<cv::Vec4b>(y, x) = {value, value, value, 255};
            truth.at<std::uint8_t>(y, x) = cv::saturate_cast<std::uint8_t>(255 * inside);
        }
    EXPECT_FALSE(without_shadows(image, {255, 255, 255}, 10)) << "it throws none";
    BackgroundSettings by_colour;
    by_colour.source = Source::colour;
    EXPECT_GT(overlap_of(worked_out(image, by_colour)->isolation->coverage(), truth), 0.96);
}

TEST(SoftShadows, AreNeitherBroadFlatThingsHoweverPaleNorDoHardPaleOnesStay) {
    const cv::Scalar white(255, 255, 255);
    // A pale sky behind a boat: its edge is sharp, though no slope of it is as steep as art's mostly are.
    for (const cv::Scalar& pale : {cv::Scalar(225, 225, 225), cv::Scalar(228, 226, 236), cv::Scalar(222, 222, 230)}) {
        Image image = plain(640, 480, white);
        cv::Mat rgba = matrix_of(image), truth(480, 640, CV_8U, cv::Scalar(0));
        const cv::Rect sky(100, 80, 440, 200), boat(140, 260, 360, 120);
        cv::rectangle(rgba, sky, {pale[0], pale[1], pale[2], 255}, cv::FILLED);
        cv::rectangle(rgba, boat, {160, 40, 60, 255}, cv::FILLED);
        cv::rectangle(truth, sky, 255, cv::FILLED);
        cv::rectangle(truth, boat, 255, cv::FILLED);
        EXPECT_FALSE(without_shadows(image, {255, 255, 255}, 10)) << pale;
        EXPECT_GT(overlap_of(worked_out(image)->isolation->coverage(), truth), 0.99) << pale;
    }
    // The boat alone, with a hard pale shadow beside and below it.
    Image shaded = plain(640, 480, white);
    cv::Mat rgba = matrix_of(shaded), truth(480, 640, CV_8U, cv::Scalar(0));
    const cv::Rect boat(140, 160, 360, 160);
    cv::rectangle(rgba, boat + cv::Point(12, 12), {232, 232, 232, 255}, cv::FILLED);
    cv::rectangle(rgba, boat, {160, 40, 60, 255}, cv::FILLED);
    cv::rectangle(truth, boat, 255, cv::FILLED);
    EXPECT_GT(overlap_of(worked_out(shaded)->isolation->coverage(), truth), 0.99);
}

/// Radius of the disc that has as much area as the art found by colour.
double radius_found(const Image& image) {
    BackgroundSettings by_colour;
    by_colour.source = Source::colour;
    const auto result = worked_out(image, by_colour);
    const auto covered = std::ranges::count_if(result->isolation->coverage().values, [](int v) { return v >= 128; });
    return std::sqrt(static_cast<double>(covered) / std::numbers::pi);
}

TEST(SoftEdges, LieWhereTheyAreHalfCoveredHoweverBlurred) {
    constexpr double radius = 130;
    const struct {
        cv::Scalar ink, ground;
    } pairs[] = {{{0, 0, 0}, {148, 250, 196}},
                 {{200, 30, 30}, {255, 255, 255}},
                 {{250, 220, 40}, {90, 130, 170}},
                 {{33, 33, 33}, {200, 120, 205}},
                 {{120, 160, 90}, {255, 224, 120}}};
    for (const auto& [ink, ground] : pairs)
        for (const double sigma : {1.0, 2.0, 4.0}) {
            Image image = plain(400, 400, ground);
            paint(image, disc_of(radius, sigma), ink);
            EXPECT_NEAR(radius_found(image), radius, 0.25) << ink << " on " << ground << ", " << sigma;
        }
}

TEST(SoftEdges, OfInkAreNoGreyTones) {
    for (const double sigma : {0.0, 2.0, 4.0, 6.0}) {
        Image ring = plain(400, 400, {255, 255, 255}); // as letters have them: its inside is paper
        paint(ring, disc_of(130, sigma), {20, 20, 20});
        paint(ring, disc_of(100, sigma), {255, 255, 255});
        const auto result = worked_out(ring);
        EXPECT_EQ(result->isolation->chosen.source, Source::brightness) << sigma;
        EXPECT_LT(result->isolation->coverage().values[200 * 400 + 200], 10) << sigma;
    }
}

TEST(SoftEdges, KeepAPaleRimRoundSomethingDark) {
    constexpr double radius = 130;
    const struct {
        cv::Scalar ground, rim, inside;
        double thinnest; ///< px; of two colours that differ from the ground alike, no rim can be told that is thinner
    } colours[] = {{{170, 210, 240}, {255, 255, 255}, {30, 30, 60}, 4},
                   {{255, 255, 255}, {200, 220, 255}, {20, 30, 90}, 6},
                   {{120, 190, 150}, {250, 245, 230}, {200, 30, 40}, 4},
                   {{60, 60, 70}, {255, 255, 255}, {0, 0, 0}, 4}};
    for (const auto& [ground, rim, inside, thinnest] : colours)
        for (const double sigma : {0.0, 0.5, 1.0, 2.0, 3.0})
            for (const double width : {4.0, 6.0, 8.0, 12.0, 20.0})
                if (width >= std::max(thinnest, 4 * sigma)) {
                    Image image = plain(400, 400, ground);
                    paint(image, disc_of(radius, sigma), rim);
                    paint(image, disc_of(radius - width, sigma), inside);
                    EXPECT_NEAR(radius_found(image), radius, 0.25 * std::max(2.0, 1.5 * sigma))
                        << rim << " on " << ground << ", " << width << " px wide, blurred by " << sigma;
                }
}

TEST(Subjects, ComeOutOfBusyGroundsByABox) {
    int right = 0;
    constexpr int pictures = 4;
    for (unsigned seed = 0; seed < pictures; ++seed) {
        const OnGround drawn = with_art(busy_ground(seed), seed + 20, {200, 40, 90}, true);
        const cv::Rect box = cv::boundingRect(drawn.truth);
        const PixelBox around{box.x - 14, box.y - 14, box.width + 28, box.height + 28};
        const Subject subject = subject_of(drawn.image, around, {});
        const double ours = overlap_of(subject.coverage, drawn.truth);
        right += ours > 0.97;
        // Beside OpenCV's own from the same box.
        cv::Mat rgb, mask, behind, before;
        cv::cvtColor(matrix_of(const_cast<Image&>(drawn.image)), rgb, cv::COLOR_RGBA2RGB);
        cv::grabCut(rgb, mask, {around.x, around.y, around.width, around.height}, behind, before, 5,
                    cv::GC_INIT_WITH_RECT);
        Coverage theirs(640, 480);
        for (int y = 0; y < 480; ++y)
            for (int x = 0; x < 640; ++x)
                theirs.row(y)[x] = mask.at<std::uint8_t>(y, x) % 2 == 1 ? 255 : 0;
        EXPECT_GE(ours, overlap_of(theirs, drawn.truth) - 0.01) << seed;
        if (seed == 0) {
            EXPECT_EQ(subject_of(drawn.image, around, {}).coverage.values, subject.coverage.values)
                << "the same every time";
            const Subject quick = subject_of(drawn.image, around, {}, {}, Care::preview);
            EXPECT_GT(overlap_of(quick.coverage, drawn.truth), 0.9) << "a preview is of the same subject";
        }
    }
    EXPECT_GE(right, pictures * 9 / 10);
}

TEST(Subjects, HeedStrokesAndWhatStandsOutIsOfferedByItself) {
    const OnGround drawn = with_art(busy_ground(0), 33, {200, 40, 90}, true);
    const auto offered = worked_out(drawn.image);
    EXPECT_EQ(offered->isolation->chosen.source, Source::subject);
    EXPECT_THAT(offered->isolation->why.english(), HasSubstr("stands out"));
    EXPECT_GT(overlap_of(offered->isolation->coverage(), drawn.truth), 0.95);
    // What is painted over as foreign goes, what is painted over as belonging comes.
    const Stroke foreign{.kind = Stroke::Kind::foreign, .size = 60, .points = {{320, 60}, {320, 420}}};
    const Stroke belongs{.kind = Stroke::Kind::belongs, .size = 30, .points = {{40, 40}, {70, 40}}};
    const Subject painted = subject_of(drawn.image, {}, {foreign, belongs});
    EXPECT_EQ(painted.coverage.row(240)[320], 0);
    EXPECT_EQ(painted.coverage.row(40)[55], 255);
    EXPECT_FALSE(stands_out(busy_ground(1))) << "there is nothing";
}

TEST(Subjects, OfHardlyAnyPixelsAreNoTrouble) {
    for (const auto& [w, h] : {std::pair{1, 1}, {3, 9}, {5, 4}, {40, 5}, {5, 4000}, {6000, 4}}) {
        const Subject subject = subject_of(plain(w, h, {200, 20, 20}), PixelBox{-50, -50, 10, 10}, {});
        EXPECT_EQ(subject.coverage.width, w);
        EXPECT_GE(light_on(plain(w, h, {200, 20, 20})).factor, 1);
        EXPECT_FALSE(without_shadows(plain(w, h, {9, 9, 9}), {9, 9, 9}, 10));
    }
}

TEST(Pieces, AreToldApartByTheirDistanceInReadingOrder) {
    Coverage coverage(200, 100);
    const auto box = [&](int x, int y, int w, int h) {
        for (int v = y; v < y + h; ++v)
            std::fill_n(coverage.row(v) + x, w, 255);
    };
    box(120, 5, 20, 30);
    box(10, 12, 20, 20); // the first of the row, though it begins lower
    box(34, 14, 6, 6);   // 4 px beside it
    box(60, 60, 30, 30);
    box(150, 70, 1, 1); // a speck
    const auto apart = pieces_of(coverage, 2, 4);
    ASSERT_EQ(apart.size(), 4u);
    EXPECT_EQ(apart[0].box, (PixelBox{10, 12, 20, 20}));
    EXPECT_EQ(apart[1].box, (PixelBox{34, 14, 6, 6}));
    EXPECT_EQ(apart[2].box.x, 120);
    EXPECT_EQ(apart[3].box.x, 60);
    const auto joined = pieces_of(coverage, 8, 4);
    ASSERT_EQ(joined.size(), 3u);
    EXPECT_EQ(joined[0].box, (PixelBox{10, 12, 30, 20}));
    Coverage one = coverage;
    keep_piece(one, {joined[0].at, 8});
    EXPECT_EQ(std::ranges::count(one.values, 255), 20 * 20 + 6 * 6);
    EXPECT_TRUE(pieces_of(Coverage(), 3, 1).empty());
    keep_piece(one, {{9999, -9999}, 1}); // the nearest there is
    EXPECT_GT(std::ranges::count(one.values, 255), 0);
}

TEST(Pieces, BecomeStickersOfTheirOwnThatShareThePicture) {
    Image sheet = plain(400, 200, {255, 255, 255});
    cv::Mat rgba = matrix_of(sheet);
    cv::circle(rgba, {90, 100}, 60, cv::Scalar(200, 30, 30, 255), -1);
    cv::rectangle(rgba, cv::Rect(250, 60, 90, 80), cv::Scalar(20, 40, 160, 255), -1);
    Sticker sticker = new_sticker(artwork_of(std::move(sheet)));
    sticker.border.width = 0;
    Evaluator evaluator;
    const auto whole = evaluator.evaluate(sticker);
    const auto pieces = pieces_of(sticker, *whole->isolation, 1);
    ASSERT_EQ(pieces.size(), 2u);
    double area_sum = 0;
    for (const Piece& piece : pieces) {
        const Sticker own = piece_as_sticker(sticker, *whole->isolation, piece, 1);
        EXPECT_EQ(std::get<PictureArtwork>(own.artwork), std::get<PictureArtwork>(sticker.artwork));
        EXPECT_NEAR(mm_per_px(own), mm_per_px(sticker), 1e-9);
        const auto result = evaluator.evaluate(own);
        EXPECT_EQ(result->outline().contours.size(), 1u);
        area_sum += area(result->outline());
    }
    EXPECT_NEAR(area_sum, area(whole->outline()), 0.01 * area_sum);
}

TEST(SourcePictures, ShowWhatEveryChoiceWouldGiveSmall) {
    auto picture = std::make_shared<Picture>();
    picture->original = std::make_shared<const std::vector<std::byte>>();
    Image pixels = plain(900, 600, {250, 250, 250});
    cv::Mat rgba = matrix_of(pixels);
    cv::circle(rgba, {450, 300}, 200, cv::Scalar(200, 30, 30, 255), -1);
    picture->pixels = std::move(pixels);
    Sticker sticker = new_sticker(PictureArtwork{picture});
    const auto alpha_at = [](const Image& image, double x, double y) {
        const auto at =
            static_cast<std::size_t>(int(y * (image.height - 1)) * image.width + int(x * (image.width - 1)));
        return static_cast<int>(image.rgba[4 * at + 3]);
    };
    const auto pictures = source_pictures(sticker, 120);
    ASSERT_EQ(pictures.size(), words<Source>.size());
    for (std::size_t i = 0; i < pictures.size(); ++i) {
        EXPECT_LE(std::max(pictures[i]->width, pictures[i]->height), 120);
        EXPECT_EQ(alpha_at(*pictures[i], 0.5, 0.5), 255) << words<Source>[i].word;
        EXPECT_EQ(alpha_at(*pictures[i], 0, 0), words<Source>[i].value == Source::alpha ? 255 : 0)
            << words<Source>[i].word;
    }
    // Of the crop alone, as large.
    sticker.framing.crop = PixelBox{300, 200, 100, 100};
    EXPECT_GE(source_pictures(sticker, 120)[0]->width, 90);
    // Drawn artwork has none, a picture of one pixel is no trouble, and it stops when asked.
    EXPECT_TRUE(source_pictures(new_sticker(LabelArtwork{std::make_shared<const LabelDesign>()}), 120).empty());
    picture->pixels = plain(1, 1, {0, 0, 0});
    EXPECT_EQ(source_pictures(new_sticker(PictureArtwork{picture}), 120).size(), words<Source>.size());
    std::stop_source stop;
    stop.request_stop();
    EXPECT_THROW((void)source_pictures(sticker, 120, {.stop = stop.get_token()}), Stopped);
}

} // namespace
} // namespace fusuma
