// Order, start points, doubled lines, overcut, tabs, dashes, passes, the drag blade and time.

#include "core/cutting/cut_job.h"
#include "core/cutting/cutting_time.h"
#include "core/cutting/drag_blade.h"
#include "core/cutting/route.h"
#include "core/cutting/walk.h"
#include "core/geometry/measure.h"
#include "tests/support/exact_coverage.h"

#include <gmock/gmock.h>
#include <numbers>
#include <numeric>
#include <random>

namespace fusuma {
namespace {

using std::numbers::pi;

CutPath ring(Point centre, double radius, int copy = 1, CutKind kind = CutKind::kiss) {
    return {contour_of(test::ellipse(centre, radius, radius, 0, 60)), kind, CopyId{copy}};
}

CutPath box(Point from, Point to, int copy = 1, CutKind kind = CutKind::kiss) {
    return {contour_of(corners_of({from, to})), kind, CopyId{copy}};
}

double length_of(const std::vector<Point>& line) {
    double sum = 0;
    for (std::size_t i = 1; i < line.size(); ++i)
        sum += distance(line[i - 1], line[i]);
    return sum;
}

Rect box_of(const CutRun& run) {
    return bounds(Polygons{run.tip});
}

/// The shortest way from home through all stops, by Held and Karp's recurrence over subsets.
/// Source: Held & Karp, SIAM Journal 10(1), 1962 (from memory).
double shortest(const std::vector<Stop>& stops, Point home) {
    const std::size_t n = stops.size(), sets = std::size_t{1} << n;
    std::vector<std::vector<double>> best(sets, std::vector<double>(n, HUGE_VAL));
    for (std::size_t i = 0; i < n; ++i)
        best[std::size_t{1} << i][i] = distance(home, stops[i].in);
    for (std::size_t set = 1; set < sets; ++set)
        for (std::size_t last = 0; last < n; ++last)
            for (std::size_t next = 0; next < n; ++next)
                if ((set >> last & 1) && !(set >> next & 1)) {
                    double& to = best[set | std::size_t{1} << next][next];
                    to = std::min(to, best[set][last] + distance(stops[last].out, stops[next].in));
                }
    return *std::min_element(best[sets - 1].begin(), best[sets - 1].end());
}

TEST(Route, IsHardlyLongerThanTheShortestOne) {
    std::mt19937 numbers(5);
    std::uniform_real_distribution<double> place(0, 200);
    double ratio = 0;
    constexpr int tries = 30;
    for (int t = 0; t < tries; ++t) {
        std::vector<Stop> stops;
        for (int i = 0; i < 11; ++i) {
            const Point in{place(numbers), place(numbers)};
            stops.push_back({in, i % 3 == 0 ? in + Point{15, -8} : in}); // some end elsewhere than they begin
        }
        const auto order = short_route(stops, {0, 0});
        std::vector<std::size_t> seen = order;
        std::sort(seen.begin(), seen.end());
        for (std::size_t i = 0; i < stops.size(); ++i)
            ASSERT_EQ(seen[i], i) << "every stop once";
        const double one = travel(stops, order, {0, 0}) / shortest(stops, {0, 0});
        EXPECT_LT(one, 1.25);
        ratio += one / tries;
    }
    EXPECT_LT(ratio, 1.05);
}

TEST(Walk, StretchesGoOnRoundAClosedLine) {
    const Walk square({{0, 0}, {10, 0}, {10, 10}, {0, 10}, {0, 0}}, true);
    EXPECT_EQ(square.length(), 40);
    EXPECT_EQ(square.stretch(35, 55), (std::vector<Point>{{0, 5}, {0, 0}, {10, 0}, {10, 5}}));
    EXPECT_EQ(square.stretch(5, 45).back(), (Point{5, 0}));
    EXPECT_NEAR(length_of(square.stretch(5, 45)), 40, 1e-9);
    EXPECT_EQ(square.at(-5), (Point{0, 5}));
}

TEST(Walk, StartsLieAwayFromCornersAndTips) {
    Polygon star = test::star({50, 50}, 5, 40, 15, 0);
    star.push_back(star.front());
    const Walk walk(star, true);
    for (const double start : gentle_starts(walk))
        for (const Point corner : star)
            EXPECT_GT(distance(walk.at(start), corner), 2);
    Polygon drop; // a disc drawn out to a point on the right
    for (int i = 0; i < 100; ++i) {
        const double a = 2 * pi * i / 100;
        drop.push_back({10 * std::cos(a) * (1 + std::pow(std::max(0.0, std::cos(a)), 9)), 10 * std::sin(a)});
    }
    drop.push_back(drop.front());
    const Walk round(drop, true);
    for (const double start : gentle_starts(round))
        EXPECT_LT(round.at(start).x, 12);
}

TEST(CutJob, CutsKissBeforeScoreBeforeThroughAndTheSheetLast) {
    const CutJob job =
        cut_job({box({5, 5}, {95, 95}, 0, CutKind::through), ring({20, 20}, 5, 1, CutKind::through),
                 box({50, 60}, {60, 70}, 2, CutKind::score), ring({60, 20}, 5, 3)},
                {.material = {.through = {.passes = 1}, .dash_gap = 0}});
    ASSERT_EQ(job.runs.size(), 4u);
    EXPECT_EQ(job.runs[0].kind, CutKind::kiss);
    EXPECT_EQ(job.runs[1].kind, CutKind::score);
    EXPECT_EQ(job.runs[2].copy, CopyId{1});
    EXPECT_EQ(job.runs[3].copy, CopyId::none);
}

TEST(CutJob, CutsInnerLinesFirstAndEachCopyBeforeTheNext) {
    std::vector<CutPath> paths;
    for (int copy = 1; copy <= 6; ++copy) {
        const Point c{30.0 + 40 * (copy % 3), 30.0 + 40 * ((copy - 1) / 3)};
        for (const double r : {15.0, 10.0, 4.0})
            paths.push_back(ring(c, r, copy));
        paths.push_back({{c, {Segment::line_to(c + Point{2, 0})}}, CutKind::kiss, CopyId{copy}, true}); // an open line inside
    }
    const CutJob job = cut_job(paths, {});
    ASSERT_EQ(job.runs.size(), paths.size());
    for (std::size_t i = 0; i < job.runs.size(); i += 4)
        for (std::size_t k = 0; k < 4; ++k) {
            EXPECT_EQ(job.runs[i + k].copy, job.runs[i].copy);
            if (k > 0) {
                EXPECT_GT(box_of(job.runs[i + k]).width(), box_of(job.runs[i + k - 1]).width());
            }
        }
}

TEST(CutJob, GoesPieceByPieceWhereThatHalvesTheWay) {
    // Two copies of many pieces each, lying between each other like the teeth of two combs.
    std::vector<CutPath> paths;
    for (int i = 0; i < 20; ++i)
        for (int copy = 1; copy <= 2; ++copy)
            paths.push_back(ring({10 + 9.0 * i, copy == 1 ? 10.0 : 14.5}, 2, copy));
    for (int i = 0; i < 20; ++i)
        for (int copy = 1; copy <= 2; ++copy)
            paths.push_back(ring({10 + 9.0 * i, copy == 1 ? 200.0 : 204.5}, 2, copy));
    std::vector<CopyId> copies;
    for (const CutRun& run : cut_job(paths, {}).runs)
        if (copies.empty() || copies.back() != run.copy)
            copies.push_back(run.copy);
    // Finishing one copy first would go over the whole page twice; that is not halved by going piece by piece, so the
    // copies stay whole.
    EXPECT_EQ(copies.size(), 2u);
    paths.clear(); // one piece of each of ten copies here, the other there: copy by copy, the page is crossed ten times
    for (int copy = 1; copy <= 10; ++copy) {
        paths.push_back(ring({10 + 9.0 * (copy - 1), 10}, 2, copy));
        paths.push_back(ring({10 + 9.0 * (copy - 1), 280}, 2, copy));
    }
    EXPECT_LT(cut_job(paths, {}).travel_mm, 700);
}

TEST(CutJob, DropsWhatLiesOnAnotherLine) {
    // The same ring twice, and two boxes that share a side.
    const CutJob twice = cut_job({ring({30, 30}, 10, 1), ring({30, 30}, 10, 2)}, {});
    EXPECT_EQ(twice.runs.size(), 1u);
    const CutJob boxes = cut_job({box({0, 0}, {20, 20}, 1), box({20, 0}, {40, 20}, 2)}, {});
    EXPECT_NEAR(boxes.cut_mm, 80 + 60, 0.5);
    // Lines that cross are left whole, and so are those of different kinds.
    EXPECT_NEAR(cut_job({box({0, 0}, {20, 20}, 1), box({10, 10}, {30, 30}, 2)}, {}).cut_mm, 160, 1e-6);
    EXPECT_EQ(cut_job({ring({30, 30}, 10, 1), ring({30, 30}, 10, 1, CutKind::through)},
                      {.material = {.through = {.passes = 1}}})
                  .runs.size(),
              2u);
}

TEST(CutJob, FollowsTheMaterial) {
    const double round = 2 * 60 * 10 * std::sin(pi / 60); // the ring's polygon
    Material m;
    m.overcut = 2;
    m.kiss.passes = 3;
    const CutJob kiss = cut_job({ring({30, 30}, 10)}, {.material = m});
    ASSERT_EQ(kiss.runs.size(), 3u) << "three passes";
    EXPECT_NEAR(length_of(kiss.runs[0].tip), round + 2, 1e-6) << "overcut";
    m.tabs = 4;
    m.tab = 1.5;
    m.through.passes = 1;
    const CutJob tabs = cut_job({ring({30, 30}, 10, 1, CutKind::through)}, {.material = m});
    ASSERT_EQ(tabs.runs.size(), 4u);
    EXPECT_NEAR(tabs.cut_mm, round - 4 * 1.5, 1e-6);
    const CutJob score = cut_job({{{{0, 0}, {Segment::line_to({45, 0})}}, CutKind::score, CopyId{1}, true}}, {.material = m});
    ASSERT_EQ(score.runs.size(), 10u) << "dashes of 3 mm with 1.5 mm between";
    EXPECT_NEAR(score.cut_mm, 30, 1e-6);
}

TEST(CutJob, IsPlacedByTheMapOfTheSheetInTheMachine) {
    const Transform lies = Transform::turn(0.02).then(Transform::shift({3, -2}));
    const CutJob job = cut_job({ring({100, 100}, 10)}, {.to_machine = lies});
    EXPECT_LT(distance(box_of(job.runs[0]).centre(), lies.apply({100, 100})), 0.05);
}

/// A drag blade simulated independently: in steps of a micrometre, the tip moves straight towards the axis until it is
/// again `offset` from it.
std::vector<Point> dragged(const std::vector<Point>& axis, double offset, Point facing) {
    std::vector<Point> tips;
    Point tip = axis.front() - offset * facing;
    tips.push_back(tip);
    for (std::size_t i = 0; i + 1 < axis.size(); ++i) {
        const double whole = distance(axis[i], axis[i + 1]);
        const int steps = std::max(1, static_cast<int>(whole / 0.001));
        for (int k = 1; k <= steps; ++k) {
            const Point at = lerp(axis[i], axis[i + 1], static_cast<double>(k) / steps);
            tip = at - offset * unit(at - tip);
            if (k % 20 == 0 || k == steps)
                tips.push_back(tip);
        }
    }
    return tips;
}

TEST(DragBlade, TipStaysWithinAFewHundredthsOfTheWantedLine) {
    for (const double offset : {0.1, 0.25, 0.5, 0.9})
        for (const Polygon& shape :
             {test::star({50, 50}, 7, 40, 12, 0.1), test::ellipse({50, 50}, 30, 8, 0.3, 200),
              Polygon{{10, 10}, {10, 40}, {40, 40}, {40, 10}}, test::ellipse({50, 50}, 3, 3, 0, 80)}) {
            const Polygons wanted{shape};
            std::vector<Point> line = shape;
            line.push_back(line.front());
            Point facing{1, 0};
            const auto axis = axis_path(line, offset, facing);
            double worst = 0;
            for (const Point p : dragged(axis, offset, {1, 0}))
                worst = std::max(worst, nearest_on(wanted, p, worst).distance);
            EXPECT_LT(worst, 0.05) << offset << " mm, " << shape.size() << " nodes";
            // And without making up for the blade it does not.
            double plain = 0;
            for (const Point p : dragged(line, offset, {1, 0}))
                plain = std::max(plain, nearest_on(wanted, p, plain).distance);
            EXPECT_GT(plain, worst);
        }
}

TEST(DragBlade, TheTractrixAgreesWithTheBladeDraggedInSmallSteps) {
    const std::vector<Point> axis{{0, 0}, {5, 0}, {5, 5}, {4, 9}, {-3, 2}};
    Point facing = unit({1, 0.4});
    const auto exact = tip_path(axis, 0.4, facing);
    const Polygons stepped{dragged(axis, 0.4, unit({1, 0.4}))};
    for (const Point p : exact)
        EXPECT_LT(nearest_on(stepped, p, 0.003).distance, 0.003);
    EXPECT_LT(distance(exact.back(), stepped[0].back()), 0.003);
    EXPECT_NEAR(norm(facing), 1, 1e-9);
}

TEST(DragBlade, JobsLeadTheAxisAheadOfTheTip) {
    Material m;
    m.blade_offset = 0.25;
    const CutJob job = cut_job({box({10, 10}, {40, 40}, 1), box({60, 10}, {90, 40}, 2)}, {.material = m});
    Point facing{1, 0};
    for (const CutRun& run : job.runs) {
        const auto tip = tip_path(run.axis, 0.25, facing);
        const Polygons planned{run.tip};
        double worst = 0;
        for (const Point p : tip)
            worst = std::max(worst, nearest_on(planned, p, worst).distance);
        EXPECT_LT(worst, 0.02) << "the blade is turned into the line before it moves on";
        EXPECT_LT(distance(tip.front(), run.tip.front()), 0.01);
    }
}

TEST(CuttingTime, FollowsTheFormulasOfEvenAcceleration) {
    // From rest to rest over 100 mm at 200 mm/s and 2000 mm/s²: 0.1 s up, 0.1 s down over 10 mm each, 80 mm between.
    EXPECT_NEAR(seconds_along({{0, 0}, {100, 0}}, 200, 2000), 0.1 + 0.1 + 0.4, 1e-9);
    // Too short to reach full speed: 2 √(s / a).
    EXPECT_NEAR(seconds_along({{0, 0}, {5, 0}}, 200, 2000), 2 * std::sqrt(5 / 2000.0), 1e-9);
    // Points on a straight line change nothing; a right angle must be taken from rest.
    EXPECT_NEAR(seconds_along({{0, 0}, {30, 0}, {61, 0}, {100, 0}}, 200, 2000), 0.6, 1e-9);
    EXPECT_NEAR(seconds_along({{0, 0}, {100, 0}, {100, 100}}, 200, 2000), 1.2, 1e-9);
}

} // namespace
} // namespace fusuma
