// What drawings have in common is written once, and nothing is taken for the same that is not.

#include "formats/pdf/drawn_shapes.h"

#include "core/geometry/measure.h"

#include <gtest/gtest.h>

namespace fusuma {
namespace {

Contour ring(Point middle, double half, bool is_hole) {
    std::vector<Point> corners{{-1, -1}, {1, -1}, {1, 1}, {-1, 1}};
    if (is_hole)
        std::ranges::reverse(corners);
    Contour contour{middle + half * corners.front(), {}};
    for (const std::size_t k : {1U, 2U, 3U, 0U})
        contour.segments.push_back({.kind = Segment::Kind::line, .end = middle + half * corners[k]});
    return contour;
}

/// Letters side by side, each a square with a square hole, and a triangle as wide as the number says.
DrawnArt label(double letter, double number, double opacity = 1, FillRule rule = FillRule::nonzero) {
    Outline curves;
    for (int i = 0; i < 4; ++i) {
        curves.contours.push_back(ring({2.0 + 3 * i * letter, 5}, letter, false));
        curves.contours.push_back(ring({2.0 + 3 * i * letter, 5}, letter / 3, true));
    }
    const auto line = [](Point end) { return Segment{.kind = Segment::Kind::line, .end = end}; };
    curves.contours.push_back({{1, 8}, {line({1 + number, 8}), line({1, 9}), line({1, 8})}});
    return {{30, 10}, {{Rgb{9, 9, 9}, std::make_shared<const Area>(Area{curves, rule}), opacity, {}}}};
}

std::vector<const DrawnArt*> pointers(const std::vector<DrawnArt>& arts) {
    std::vector<const DrawnArt*> all;
    for (const DrawnArt& art : arts)
        all.push_back(&art);
    return all;
}

TEST(DrawnShapes, LettersOfAnySizeAreWrittenOnce) {
    std::vector<DrawnArt> arts;
    for (int i = 0; i < 12; ++i)
        arts.push_back(label(0.5 + 0.04 * i, 1 + 0.7 * i));
    const DrawnShapes shapes(pointers(arts), {});
    ASSERT_EQ(shapes.common_pieces().size(), 1U) << "the letter; each triangle is another";
    EXPECT_EQ(std::ranges::count(shapes.common_pieces().front(), 'm'), 2) << "with its hole";
    for (const DrawnArt& art : arts) {
        const DrawnShapes::Shapes& its = shapes.of(art);
        EXPECT_TRUE(its.is_painted.front());
        EXPECT_EQ(its.pieces, std::set<std::size_t>{0});
        EXPECT_EQ(std::ranges::count(its.paths.front(), 'D'), 4) << its.paths.front();
        EXPECT_EQ(std::ranges::count(its.paths.front(), 'f'), 1) << "the triangle is its own";
    }
}

TEST(DrawnShapes, FewDrawingsAreWrittenAsTheyAre) {
    const std::vector<DrawnArt> arts(5, label(0.5, 2));
    const DrawnShapes shapes(pointers(arts), {});
    EXPECT_TRUE(shapes.common_pieces().empty());
    EXPECT_FALSE(shapes.of(arts[0]).is_painted.front());
    EXPECT_EQ(std::ranges::count(shapes.of(arts[0]).paths.front(), 'm'), 9);
}

/// Painted one by one these would look otherwise: what is seen through twice, and what the even-odd rule leaves open.
TEST(DrawnShapes, WhatWouldLookOtherwiseInPiecesStaysWhole) {
    for (const auto& odd : {label(0.5, 2, 0.5), label(0.5, 2, 1, FillRule::even_odd)}) {
        const std::vector<DrawnArt> arts(12, odd);
        EXPECT_TRUE(DrawnShapes(pointers(arts), {}).common_pieces().empty());
    }
}

TEST(DrawnShapes, StrokesThatLieApartInTheListAreOneLetter) {
    // A letter of three strokes, of which the third crosses the first, twice beside each other; and one whose hole
    // comes after the next letter, with which it is one then.
    Outline strokes, hole_late{{ring({2, 2}, 1, false), ring({8, 2}, 1, false), ring({2, 2}, 0.4, true)}};
    for (const double x : {0.0, 10.0})
        for (const Point middle : {Point{2, 2}, Point{6, 2}, Point{3, 3}})
            strokes.contours.push_back(ring(middle + Point{x, 0}, 1, false));
    for (const auto& [curves, rings, times] : {std::tuple{strokes, 3, 2}, {hole_late, 3, 1}}) {
        const std::vector<DrawnArt> arts(
            12, DrawnArt{{20, 6}, {{Rgb{}, std::make_shared<const Area>(Area{curves}), 1, {}}}});
        const DrawnShapes shapes(pointers(arts), {});
        ASSERT_EQ(shapes.common_pieces().size(), 1U);
        EXPECT_EQ(std::ranges::count(shapes.common_pieces().front(), 'm'), rings);
        EXPECT_EQ(std::ranges::count(shapes.of(arts[0]).paths.front(), 'D'), times);
    }
}

TEST(DrawnShapes, NothingAndSpecksAndEmptyDrawingsAreFine) {
    std::vector<DrawnArt> arts(20, DrawnArt{{10, 10}, {}});
    Outline speck{{Contour{{1, 1}, {{.kind = Segment::Kind::line, .end = {1, 1}}}}}};
    for (int i = 0; i < 5; ++i)
        arts.push_back({{10, 10}, {{Rgb{}, std::make_shared<const Area>(Area{speck}), 1, {}}}});
    const DrawnShapes shapes(pointers(arts), {});
    EXPECT_TRUE(shapes.common_pieces().empty());
    EXPECT_TRUE(shapes.of(arts[0]).paths.empty());
    EXPECT_FALSE(shapes.of(arts.back()).is_painted.front());
}

} // namespace
} // namespace fusuma
