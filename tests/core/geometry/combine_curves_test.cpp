// Regions of curves combined: handbook areas, curves that stay curves, and GEOS beside them.

#include "core/geometry/combine_curves.h"
#include "tests/support/exact_coverage.h"
#include "tests/support/geos.h"

#include <gtest/gtest.h>

#include <numbers>
#include <random>

namespace fusuma {
namespace {

using std::numbers::pi;
using test::Geos;

Outline disc(Point c, double r) {
    const double h = r * 4.0 / 3.0 * (std::sqrt(2.0) - 1);
    return {{{{c.x + r, c.y},
              {Segment::cubic_to({c.x + r, c.y - h}, {c.x + h, c.y - r}, {c.x, c.y - r}),
               Segment::cubic_to({c.x - h, c.y - r}, {c.x - r, c.y - h}, {c.x - r, c.y}),
               Segment::cubic_to({c.x - r, c.y + h}, {c.x - h, c.y + r}, {c.x, c.y + r}),
               Segment::cubic_to({c.x + h, c.y + r}, {c.x + r, c.y + h}, {c.x + r, c.y})}}}};
}

Outline boxed(double left, double top, double right, double bottom) {
    return {{contour_of(corners_of({{left, top}, {right, bottom}}))}};
}

std::size_t cubics(const Outline& outline) {
    std::size_t count = 0;
    for (const Contour& contour : outline.contours)
        for (const Segment& s : contour.segments)
            count += s.kind == Segment::Kind::cubic;
    return count;
}

TEST(Region, CombinedDiscsHaveTheAreasOfTheHandbookAndKeepTheirArcs) {
    // Area of the lens of two discs of radius r at distance d: 2 r² acos(d/2r) − d/2 √(4r² − d²).
    const double r = 10, d = 12, lens = 2 * r * r * std::acos(d / 2 / r) - d / 2 * std::sqrt(4 * r * r - d * d);
    const Outline a = disc({0, 0}, r), b = disc({d, 0}, r);
    const double whole = area(a), slack = 0.15; // the cubics bulge by 0.027 % of the radius
    const Outline join = combined(a, b, Combine::join), out = combined(a, b, Combine::take_out),
                  both = combined(a, b, Combine::overlap_only), either = combined(a, b, Combine::exclude);
    EXPECT_NEAR(area(join), 2 * pi * r * r - lens, 2 * slack);
    EXPECT_NEAR(area(both), lens, slack);
    EXPECT_NEAR(area(out), pi * r * r - lens, slack);
    // Among themselves they agree far better: within a tenth of the tolerance along their edges.
    const double agree = 0.1 * region_tolerance * 2 * pi * r;
    EXPECT_NEAR(area(join) + area(both), 2 * whole, agree);
    EXPECT_NEAR(area(out) + area(both), whole, agree);
    EXPECT_NEAR(area(either), area(join) - area(both), agree);
    EXPECT_EQ(join.contours.size(), 1);
    EXPECT_LE(cubics(join), 8);
    EXPECT_EQ(cubics(join), node_count(join));
    EXPECT_LE(cubics(both), 4);
}

TEST(Region, WhatNothingTouchesComesBackAsItWas) {
    const Outline a = disc({0, 0}, 5);
    const Outline same = combined(a, boxed(20, 20, 30, 30), Combine::take_out);
    ASSERT_EQ(same.contours.size(), 1);
    EXPECT_EQ(same.contours[0].segments.size(), 4);
    EXPECT_NEAR(area(same), area(a), 1e-9);
    EXPECT_EQ(combined(a, disc({0, 0}, 9), Combine::take_out), Outline{});
}

TEST(Region, CuttingAHoleLeavesItsCurveWhole) {
    const Outline ring = combined(disc({0, 0}, 10), disc({1, 0}, 4), Combine::take_out);
    ASSERT_EQ(ring.contours.size(), 2);
    EXPECT_EQ(cubics(ring), 8);
    EXPECT_NEAR(area(ring), area(disc({0, 0}, 10)) - area(disc({0, 0}, 4)), 1e-9);
    const auto pieces = pieces_of(ring);
    ASSERT_EQ(pieces.size(), 1);
    EXPECT_EQ(pieces[0].contours.size(), 2);
}

TEST(Region, FillRulesAreThoseOfSvg) {
    // SVG 1.1, 11.3: two squares, one in the other, drawn the same way round.
    const std::vector<Contour> same{contour_of(corners_of({{0, 0}, {10, 10}})),
                                    contour_of(corners_of({{2, 2}, {8, 8}}))};
    EXPECT_NEAR(area(region_of(same, FillRule::nonzero)), 100, 1e-6);
    EXPECT_NEAR(area(region_of(same, FillRule::even_odd)), 64, 1e-6);
    const std::vector<Contour> opposite{same[0], reversed(same[1])};
    EXPECT_NEAR(area(region_of(opposite, FillRule::nonzero)), 64, 1e-6);
    // The five-pointed star drawn in one go: nonzero has no hole in the middle.
    Polygon star;
    for (int i = 0; i < 5; ++i)
        star.push_back({10 * std::cos(0.8 * pi * i), 10 * std::sin(0.8 * pi * i)});
    const Outline full = region_of({contour_of(star)}, FillRule::nonzero);
    EXPECT_EQ(full.contours.size(), 1);
    EXPECT_EQ(node_count(full), 10);
    // The pentagon in the middle is similar to that of the tips, smaller by the golden ratio squared.
    const double golden = (1 + std::sqrt(5)) / 2, tips = 2.5 * 100 * std::sin(0.4 * pi);
    EXPECT_NEAR(area(full) - area(region_of({contour_of(star)}, FillRule::even_odd)), tips / std::pow(golden, 4), 1e-3);
}

TEST(Region, VisiblePartsAddUpToTheirUnionAndDoNotOverlap) {
    std::vector<Outline> stack;
    for (int i = 0; i < 12; ++i)
        stack.push_back(disc({3.0 * i, 2.0 * (i % 3)}, 6 + i % 4));
    const auto seen = visible_parts(stack);
    ASSERT_EQ(seen.size(), stack.size());
    double sum = 0;
    for (std::size_t i = 0; i < seen.size(); ++i) {
        sum += area(seen[i]);
        for (std::size_t k = 0; k < i; ++k)
            EXPECT_LT(area(combined(seen[i], seen[k], Combine::overlap_only)), 1e-3);
    }
    EXPECT_NEAR(sum, area(united(stack)), 1e-3 * sum);
    EXPECT_EQ(seen.back(), stack.back());
}

TEST(Region, SliversAreWhatIsNowhereThick) {
    const auto left = pieces_of(
        combined(boxed(0, 0, 20, 20), united({boxed(0, 0, 19.9, 12), boxed(0, 12, 12, 20)}), Combine::take_out));
    ASSERT_EQ(left.size(), 1); // a strip of 0.1 mm on a block
    EXPECT_FALSE(is_sliver(left[0], 0.3));
    EXPECT_TRUE(is_sliver(boxed(0, 0, 0.1, 12), 0.3));
    EXPECT_FALSE(is_sliver(boxed(0, 0, 0.4, 12), 0.3));
}

/// A blob with a hole, of random size and place, from curves.
Outline blob(std::mt19937& random) {
    std::uniform_real_distribution<double> place(0, 40), size(4, 14), turn(0, 6);
    const Transform map = Transform::scale(1, 0.4 + size(random) / 20)
                              .then(Transform::turn(turn(random)))
                              .then(Transform::shift({place(random), place(random)}));
    const double r = size(random);
    return transformed(combined(disc({0, 0}, r), disc({r / 4, 0}, r / 2), Combine::take_out), map);
}

TEST(Region, BesideGeosOnRandomShapes) {
    std::mt19937 random(7);
    for (int round = 0; round < 60; ++round) {
        const Outline a = blob(random), b = blob(random);
        const Geos ga = test::region_of(flatten(a, 0.0005)), gb = test::region_of(flatten(b, 0.0005));
        const std::pair<Combine, Geos> cases[] = {{Combine::join, Geos(GEOSUnion(ga.get(), gb.get()))},
                                                  {Combine::take_out, Geos(GEOSDifference(ga.get(), gb.get()))},
                                                  {Combine::overlap_only, Geos(GEOSIntersection(ga.get(), gb.get()))},
                                                  {Combine::exclude, Geos(GEOSSymDifference(ga.get(), gb.get()))}};
        for (const auto& [how, reference] : cases) {
            const Outline ours = combined(a, b, how);
            const Geos differs(GEOSSymDifference(reference.get(), test::region_of(flatten(ours, 0.0005)).get()));
            // Both stray from the curves by less than two thousandths of a millimetre along some 100 mm.
            EXPECT_LT(test::area_of(differs), 0.1) << round << " " << static_cast<int>(how);
            EXPECT_NEAR(area(ours), test::area_of(reference), 0.05) << round << " " << static_cast<int>(how);
        }
    }
}

TEST(Region, APileIsSeenAndUnitedAsGeosHasIt) {
    std::mt19937 random(21);
    constexpr int count = 90;
    constexpr double flat = 0.003;
    std::vector<Outline> pile;
    for (int i = 0; i < count; ++i)
        pile.push_back(blob(random));
    const auto seen = visible_parts(pile);
    Geos over = test::region_of({});
    for (std::size_t i = pile.size(); i-- > 0;) {
        const Geos whole = test::region_of(flatten(pile[i], flat));
        const Geos left(GEOSDifference(whole.get(), over.get()));
        const Geos differs(GEOSSymDifference(left.get(), test::region_of(flatten(seen[i], flat)).get()));
        ASSERT_LT(test::area_of(differs), 0.3) << i << ": some 100 mm of edge";
        over = Geos(GEOSUnion(over.get(), whole.get()));
    }
    const Geos all = test::region_of(flatten(united(pile), flat));
    EXPECT_LT(test::area_of(Geos(GEOSSymDifference(all.get(), over.get()))), 0.6);
}

TEST(Region, IslandsFarFromEachOtherKeepTheirHoles) {
    std::mt19937 random(22);
    std::vector<Outline> islands;
    double area_of_all = 0;
    for (int i = 0; i < 150; ++i) {
        islands.push_back(transformed(blob(random), Transform::shift({100.0 * (i % 13), 100.0 * (i / 13)})));
        area_of_all += area(islands.back());
    }
    const Outline apart = united(islands);
    EXPECT_EQ(apart.contours.size(), 2 * islands.size());
    EXPECT_NEAR(area(apart), area_of_all, 1e-6 * area_of_all);
}

} // namespace
} // namespace fusuma
