#include "core/border/rims.h"
#include "core/geometry/boolean.h"
#include "core/geometry/measure.h"
#include "core/plan/print_apart.h"
#include "core/preflight/preflight.h"
#include "core/raster/continued.h"
#include "tests/support/samples.h"

#include <opencv2/imgproc.hpp>

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <random>

namespace fusuma {
namespace {

using namespace test;

const std::uint8_t* pixel(const Image& image, int x, int y) {
    return &image.rgba[4 * (static_cast<std::size_t>(y) * static_cast<std::size_t>(image.width) +
                            static_cast<std::size_t>(x))];
}

/// A picture with a hard-edged shape whose every pixel has a colour of its own.
Image patchwork(const Coverage& shape, unsigned seed) {
    std::mt19937 random(seed);
    Image image(shape.width, shape.height);
    for (std::size_t i = 0; i < image.pixels(); ++i)
        for (std::size_t c = 0; c < 4; ++c)
            image.rgba[4 * i + c] = c < 3 ? static_cast<std::uint8_t>(random()) : (shape.values[i] > 127 ? 255 : 0);
    return image;
}

TEST(Continued, NearestPixelsAreThoseOfOpenCv) {
    // OpenCV's exact distances to the solid pixels a step inside the edge, and the labels of which is nearest.
    const Coverage shape = exact_coverage({ellipse({70, 80}, 50, 36, 0.4), ellipse({150, 40}, 9, 6)}, 200, 160);
    const Image art = patchwork(shape, 4);
    constexpr int reach = 30;
    const Image result = *continued(art, reach).image.get();
    ASSERT_EQ(result.width, 200 + 2 * reach);
    cv::Mat away(result.height, result.width, CV_8U, cv::Scalar(255)), distances;
    for (int y = 1; y < art.height - 1; ++y)
        for (int x = 1; x < art.width - 1; ++x) {
            bool is_solid = true;
            for (int v = -1; v <= 1; ++v)
                for (int u = -1; u <= 1; ++u)
                    is_solid = is_solid && pixel(art, x + u, y + v)[3] == 255;
            if (is_solid)
                away.at<std::uint8_t>(y + reach, x + reach) = 0;
        }
    cv::distanceTransform(away, distances, cv::DIST_L2, cv::DIST_MASK_PRECISE);
    int seen = 0;
    for (int y = 0; y < result.height; ++y)
        for (int x = 0; x < result.width; ++x) {
            const float far = distances.at<float>(y, x);
            const std::uint8_t* p = pixel(result, x, y);
            if (far > 0 && far <= reach) {
                EXPECT_EQ(p[3], 255) << x << " " << y;
            } else if (far > reach + 4) {
                EXPECT_EQ(p[3], 0) << x << " " << y;
            }
            if (far <= 0 || far >= 1.9f)
                continue; // one step out nothing is blended yet: the colour is that of a pixel at just this distance
            ++seen;
            bool is_one_of_them = false;
            for (int v = -3; v <= 3; ++v)
                for (int u = -3; u <= 3; ++u) {
                    const int sx = x + u - reach, sy = y + v - reach;
                    if (sx < 0 || sy < 0 || sx >= art.width || sy >= art.height || away.at<std::uint8_t>(y + v, x + u))
                        continue;
                    is_one_of_them = is_one_of_them || (std::abs(std::hypot(u, v) - far) < 1e-3 &&
                                                        std::equal(p, p + 3, pixel(art, sx, sy)));
                }
            EXPECT_TRUE(is_one_of_them) << x << " " << y;
        }
    EXPECT_GT(seen, 300);
}

TEST(Continued, ColoursStayAtTheEdgeAndBlendSmoothlyFartherOut) {
    // A disc, red above and blue below: beside the seam the colours run into each other, without streaks.
    Image art(400, 400);
    const Coverage disc = exact_coverage({ellipse({200, 200}, 150, 150)}, 400, 400);
    for (int y = 0; y < 400; ++y)
        for (int x = 0; x < 400; ++x) {
            std::uint8_t* p = const_cast<std::uint8_t*>(pixel(art, x, y));
            p[y < 200 ? 0 : 2] = 220;
            p[3] = disc.row(y)[x];
        }
    const Image around = *continued(art, 60).image.get();
    const auto at = [&](double angle, double radius) {
        return pixel(around, 260 + int(radius * std::cos(angle)), 260 + int(radius * std::sin(angle)));
    };
    EXPECT_EQ(at(-0.5, 175)[0], 220); // away from the seam: the art's own colour, all the way out
    EXPECT_EQ(at(0.5, 175)[2], 220);
    EXPECT_EQ(at(-0.5, 205)[0], 220);
    int steepest = 0;
    for (double angle = -0.2; angle < 0.2; angle += 0.004)
        steepest = std::max(steepest, std::abs(at(angle, 205)[0] - at(angle + 0.004, 205)[0]));
    EXPECT_LT(steepest, 40); // 220 in one step without the blend
}

TEST(Continued, APictureWithoutTransparencyGoesOnPastItsSides) {
    Image photo(50, 40);
    for (std::size_t i = 0; i < photo.pixels(); ++i) {
        photo.rgba[4 * i] = static_cast<std::uint8_t>(5 * (i % 50));
        photo.rgba[4 * i + 3] = 255;
    }
    const Image around = *continued(photo, 8).image.get();
    EXPECT_EQ(pixel(around, 3, 28)[0], 0);    // left of it, as its left column
    EXPECT_EQ(pixel(around, 62, 28)[0], 245); // right of it, as its last
    EXPECT_NEAR(pixel(around, 8 + 25, 2)[0], 125, 8);
    EXPECT_EQ(pixel(around, 8 + 25, 28)[3], 0) << "nothing under what is printed anyway";
}

TEST(Continued, ThinArtAndClearPicturesWork) {
    Image hairline(60, 60);
    for (int x = 5; x < 55; ++x) {
        std::uint8_t* p = const_cast<std::uint8_t*>(pixel(hairline, x, 30));
        p[1] = 180;
        p[3] = 200;
    }
    const Image line = *continued(hairline, 10).image.get();
    EXPECT_EQ(pixel(line, 40, 35)[1], 180);
    EXPECT_EQ(pixel(line, 40, 35)[3], 255);
    const Image nothing = *continued(Image(20, 20), 5).image.get();
    EXPECT_EQ(std::count(nothing.rgba.begin(), nothing.rgba.end(), 0),
              static_cast<std::ptrdiff_t>(nothing.rgba.size()));
}

double area_of(const Polygons& polygons) {
    double sum = 0;
    for (const Polygon& polygon : polygons)
        sum += signed_area(polygon);
    return sum;
}

constexpr Fill red_fill{.kind = Fill::Kind::colour, .colour = {200, 0, 0}};

TEST(Rims, EachTakesItsRingAndTheBleedContinuesTheOutermost) {
    // Rings of a disc have areas π (R² − r²); each reaches a little under what lies over it.
    const Outline disc{{contour_of(ellipse({0, 0}, 20, 20))}};
    const double pi = std::numbers::pi, under = 0.2;
    const BorderSettings border_settings{.width = 2};
    const Rims rims{.inner = {{1.5, red_fill}}, .border = {.kind = Fill::Kind::colour, .colour = {0, 0, 200}}};
    const double reach = reach_of(border_settings, rims);
    EXPECT_DOUBLE_EQ(reach, 3.5);
    const Outline cut = border(disc, {.reach = reach}).line;
    const auto areas = printed_areas(disc, cut, border_settings, rims, {Bleed::Kind::rim, 1}, under);
    ASSERT_EQ(areas.size(), 2u); // back to front
    EXPECT_EQ(areas[0].colour, (Rgb{0, 0, 200}));
    EXPECT_NEAR(area_of(areas[0].area), pi * (24.5 * 24.5 - 21.45 * 21.45), 1.2);
    EXPECT_NEAR(area_of(areas[1].area), pi * (21.5 * 21.5 - 19.8 * 19.8), 1.2);
    // Clear borders print nothing, and then there is nothing for the bleed to continue.
    const Rims clear{.inner = {}, .border = {}};
    EXPECT_TRUE(printed_areas(disc, cut, {.width = reach}, clear, {Bleed::Kind::rim, 1}, under).empty());
    EXPECT_FALSE(bleeds({.width = reach}, clear, {Bleed::Kind::rim, 1}));
    // The art's own colours past a cut on the outline begin under the art's edge.
    const auto past = printed_areas(disc, disc, {.width = 0}, clear, {Bleed::Kind::art, 1}, under);
    ASSERT_EQ(past.size(), 1u);
    EXPECT_FALSE(past[0].colour);
    EXPECT_NEAR(area_of(past[0].area), pi * (21 * 21 - 19.8 * 19.8), 0.5);
}

TEST(Rims, PatternsCoverTheirShareOfTheRim) {
    const Outline disc{{contour_of(ellipse({0, 0}, 20, 20))}};
    const Outline cut = border(disc, {.reach = 6}).line;
    for (const auto& [pattern, share] : {std::pair{Pattern::stripes, 0.5},
                                         // dots of radius 0.28 on a hexagonal lattice: π r² / (√3/2)
                                         {Pattern::dots, std::numbers::pi * 0.28 * 0.28 / (std::numbers::sqrt3 / 2)}}) {
        Fill fill = red_fill;
        fill.pattern = pattern;
        const auto areas = printed_areas(disc, cut, {.width = 6}, {.inner = {}, .border = fill}, {}, 0);
        ASSERT_EQ(areas.size(), 2u);
        EXPECT_EQ(areas[1].colour, fill.second);
        EXPECT_NEAR(area_of(areas[1].area) / area_of(areas[0].area), share, 0.03);
    }
}

TEST(Bleed, WhatIsNearerToANeighbourIsNotPrinted) {
    // Between two squares the middle is a straight line.
    const Polygons left{turned_rectangle({0, 0}, 20, 20, 0)}, right{turned_rectangle({21, 0}, 20, 20, 0)};
    const Regions inside(nearer_to(right, left, 2));
    for (const double y : {-9.0, 0.0, 9.0}) {
        EXPECT_TRUE(inside.contains({10.65, y}));
        EXPECT_FALSE(inside.contains({10.35, y}));
    }
    EXPECT_TRUE(inside.contains({25, 0}));
}

Document two_discs(double apart) {
    Document d = disc_document({{60, 150}, {60 + 34 + apart, 150}});
    Sticker s = *d.find(1);
    s.bleed = {Bleed::Kind::art, 1};
    return with_sticker_changed(d, s);
}

TEST(Bleed, NeighboursNeverCoverEachOthersStickersAndPreflightSaysSo) {
    Planner evaluator;
    const Document d = two_discs(0.8);
    const auto plan = evaluator.plan(d);
    std::map<CopyId, Polygons> cut, printed;
    for (const CutPath& path : plan->pages[0].cuts)
        cut[path.copy].push_back(flatten(path.line, 0.01));
    for (const PrintItem& item : plan->pages[0].prints)
        printed[item.copy] = combine(printed[item.copy], item.layer.area, Combine::join);
    EXPECT_NEAR(area_of(combine(printed[CopyId{1}], cut[CopyId{2}], Combine::overlap_only)), 0, 1e-3);
    EXPECT_NEAR(area_of(combine(printed[CopyId{2}], cut[CopyId{1}], Combine::overlap_only)), 0, 1e-3);
    EXPECT_LT(area_of(combine(printed[CopyId{1}], printed[CopyId{2}], Combine::overlap_only)),
              1.0); // a hair along the middle at most
    const double whole = std::numbers::pi * (18 * 18 - 17 * 17);
    EXPECT_GT(area_of(printed[CopyId{1}]), 0.95 * whole); // and everywhere else it is all there
    EXPECT_LT(area_of(printed[CopyId{1}]), 0.999 * whole);

    const auto findings = preflight(d, evaluator);
    const auto is_short = [](const Finding& f) { return f.rule == "short-bleed"; };
    const auto found = std::find_if(findings.begin(), findings.end(), is_short);
    ASSERT_NE(found, findings.end());
    EXPECT_THAT(found->message.english(), testing::HasSubstr("0.4 mm of bleed remain beside Disc, 1.0 mm wanted"));
    const auto repaired = found->fix->edit(d, {});
    ASSERT_TRUE(repaired);
    for (const Finding& f : preflight(*repaired, evaluator))
        EXPECT_FALSE(is_short(f)) << f.message;
    for (const Finding& f : preflight(two_discs(3), evaluator))
        EXPECT_FALSE(is_short(f)) << f.message;
}

/// The area of a copy's bleed, as cut back.
double bleed_mm2(const JobPlan& plan, CopyId copy) {
    const auto& prints = plan.pages[0].prints;
    return area_of(std::ranges::find(prints, copy, &PrintItem::copy)->layer.area); // under its art
}

TEST(Bleed, OfATurnedCopyIsAsWideAsOfAStraightOneAndWholeWhereNeighboursLieApart) {
    Sticker square = new_sticker(PictureArtwork{picture_of({corners_of({{0, 0}, {240, 240}})}, 240, 240)});
    square.border.width = 2;
    square.bleed = {Bleed::Kind::art, 1};
    Document d = with_sticker_added({}, square);
    d.put({.sticker = 1, .centre = {50, 150}});
    Planner planner;
    const double whole = bleed_mm2(*planner.plan(d), CopyId{1});
    // Turned by an eighth, corner beside edge: the boxes overlap, the outlines lie well apart.
    d.placements[0].turn = std::numbers::pi / 4;
    for (const double apart : {3.0, 1.0}) {
        d.placements.resize(1);
        const double half = 12, away = (2 * half + apart) / std::numbers::sqrt2;
        d.put({.sticker = 1, .centre = Point{50, 150} + Point{away, away}, .turn = std::numbers::pi / 4});
        const auto plan = planner.plan(d);
        EXPECT_NEAR(plan->copies[0]->past_cut, 1, 0.05);
        EXPECT_TRUE(plan->copies[0]->print_box.overlaps(plan->copies[1]->print_box));
        if (apart > 2)
            EXPECT_NEAR(bleed_mm2(*plan, CopyId{1}), whole, 0.01 * whole);
        else
            EXPECT_LT(bleed_mm2(*plan, CopyId{1}), whole - 0.3 * 24);
    }
}

TEST(Bleed, IsCutBackForAStickerThatLiesWhollyOnIt) {
    Document d = two_discs(200);
    d = with_sticker_added(std::move(d), disc_sticker(8));
    Planner planner;
    const double whole = bleed_mm2(*planner.plan(d), CopyId{1});
    d.put({.sticker = 2, .centre = {60 + 17.6, 150}}); // on the edge
    const double edge = bleed_mm2(*planner.plan(d), CopyId{1});
    EXPECT_LT(edge, whole - 1);
    d.placements.back().centre = {60, 150}; // its line meets no other
    EXPECT_EQ(bleed_mm2(*planner.plan(d), CopyId{1}), whole) << "its own sticker stays its own";
}

TEST(Bleed, ArtThatACutInsideLeavesOverIsPartedFromItsNeighbourToo) {
    // The cut runs 2 mm inside the art, so that the art itself prints past it and would reach into the next sticker.
    Document d = disc_document({{60, 150}, {60 + 26 + 1, 150}});
    Sticker s = *d.find(1);
    s.border.width = -2;
    d = with_sticker_changed(d, s);
    Planner evaluator;
    const auto plan = evaluator.plan(d);
    std::map<CopyId, Polygons> cut;
    for (const CutPath& path : plan->pages[0].cuts)
        cut[path.copy].push_back(flatten(path.line, 0.01));
    for (const PrintItem& item : plan->pages[0].prints) {
        ASSERT_FALSE(item.layer.area.empty()) << "both are cut back";
        const Polygons printed{corners_of(plan->find(item.copy)->placed->print_box)}; // beyond, its picture is clear
        const Polygons& other = cut[item.copy == CopyId{1} ? CopyId{2} : CopyId{1}];
        EXPECT_NEAR(
            area_of(combine(combine(item.layer.area, printed, Combine::overlap_only), other, Combine::overlap_only)), 0,
            1e-3);
        EXPECT_NEAR(area_of(combine(item.layer.area, cut[item.copy], Combine::overlap_only)), area_of(cut[item.copy]),
                    1e-3)
            << "its own sticker is printed whole";
    }
}

TEST(Bleed, StaysOutOfTheAreaRoundAMark) {
    Document d = two_discs(20);
    const Mark mark = marks(d.sheet).front();
    d.placements[0].centre = mark.centre + Point{0, mark.keep_clear + 17.4};
    Planner evaluator;
    const auto plan = evaluator.plan(d);
    const Polygons clear{ellipse(mark.centre, mark.keep_clear - 0.05, mark.keep_clear - 0.05, 0, 90)};
    for (const PrintItem& item : plan->pages[0].prints)
        if (!item.layer.area.empty()) {
            EXPECT_TRUE(combine(item.layer.area, clear, Combine::overlap_only).empty());
        }
    EXPECT_THAT(preflight(d, evaluator),
                testing::Contains(testing::Field(
                    &Finding::message, testing::Property(&Said::english, testing::HasSubstr("remain beside a mark")))));
}

TEST(Bleed, ArtIsPrintedOverItUntouched) {
    Planner evaluator;
    const Document d = two_discs(3);
    const auto result = evaluator.evaluate(*d.find(1));
    ASSERT_EQ(result->print.size(), 2u);
    EXPECT_EQ(std::get<PrintArt>(result->print.back().ink), result->isolation->art);
    EXPECT_TRUE(result->print.back().area.empty());
}

} // namespace
} // namespace fusuma
