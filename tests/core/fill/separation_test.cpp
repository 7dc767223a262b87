// One copy more: how much copies overlap, and how they are moved apart. Checked on the outlines themselves.

#include "core/fill/separation.h"
#include "core/geometry/measure.h"
#include "tests/support/exact_coverage.h"

#include <gtest/gtest.h>
#include <numbers>
#include <random>

namespace fusuma {
namespace {

using namespace test;

/// A page, what may stand on it, and how that overlaps.
struct Stage {
    FillTask task;
    std::vector<std::unique_ptr<ReadyItem>> pieces;
    std::vector<Posture> postures;
    FillPage page;
    Overlaps overlaps;

    Stage(FillTask given, int turns)
        : task(std::move(given)), page(task, 0.4), overlaps(page, with_postures(turns), turns) {}

    [[nodiscard]] Stance stance(std::size_t posture, Point at) const { return {&postures[posture], at}; }

  private:
    const std::vector<Posture>& with_postures(int turns) {
        for (std::size_t i = 0; i < task.items.size(); ++i) {
            pieces.push_back(std::make_unique<ReadyItem>(task.items[i], task.gap, 0.4, page.sight()));
            for (int k = 0; k < turns; ++k)
                postures.emplace_back(*pieces.back(), i, 2 * std::numbers::pi * k / turns);
        }
        return postures;
    }
};

FillTask star_and_bar(const Rect& zone) {
    FillTask task{.zone = {corners_of(zone)}, .gap = 2};
    task.items = {{.outline = {star({0, 0}, 5, 12, 5, 0.2)}},
                  {.outline = {turned_rectangle({0, 0}, 24, 7, 0.5)}, .bleed = 1.5}};
    return task;
}

Polygons outline_of(const Stance& stance) {
    Polygons outline = stance.posture->outline;
    for (Polygon& polygon : outline)
        for (Point& p : polygon)
            p = p + stance.at;
    return outline;
}

/// mm between two outlines; none where one lies in the other.
double apart(const Stance& one, const Stance& other) {
    const Polygons a = outline_of(one), b = outline_of(other);
    if (Regions(a).contains(b.front().front()) || Regions(b).contains(a.front().front()))
        return 0;
    return closest_approach(a, b).distance;
}

TEST(Nearness, OfManyPointsIsThatOfEach) {
    const Polygons shape{star({2, 1}, 6, 15, 7, 0.1)};
    constexpr double need = 3, seen = 2;
    const DistanceField field(shape, 0.5, need + seen + 1);
    std::mt19937 random(3);
    std::uniform_real_distribution<double> place(-14, 14);
    for (int i = 0; i < 200; ++i) {
        std::vector<Point> points;
        for (int k = 0; k < 37; ++k) // more than are looked up at once, and some left over
            points.push_back({place(random), place(random)});
        const Transform map = Transform::turn(0.1 * i).then(Transform::shift({2 * place(random), 2 * place(random)}));
        double lacking = 0, least = HUGE_VAL;
        for (const Point p : points) {
            const double farther = field.at(map.apply(p)) - need;
            lacking += std::max(0.0, -farther);
            least = std::min(least, farther);
        }
        const Nearness found = field.nearness(PointRows(points), map, need, seen);
        EXPECT_NEAR(found.lacking, lacking, 1e-3 * (1 + lacking));
        if (least < seen)
            EXPECT_NEAR(found.least, least, 1e-3);
        else
            EXPECT_GE(found.least, seen);
    }
}

TEST(Overlaps, TellHowOutlinesLie) {
    for (const int turns : {1, 4, 24}) {
        const Stage stage(star_and_bar({{0, 0}, {160, 120}}), turns);
        std::mt19937 random(11);
        std::uniform_real_distribution<double> place(-26, 26);
        int clear = 0, near = 0;
        for (int i = 0; i < 3000; ++i) {
            const Stance one = stage.stance(random() % stage.postures.size(), {80, 60});
            const std::size_t posture = random() % stage.postures.size(); // drawn in one order by every compiler
            const Stance other = stage.stance(posture, {80 + place(random), 60 + place(random)});
            const double need = std::max(one.posture->piece->need, other.posture->piece->need);
            const double mm = apart(one, other), found = stage.overlaps.between(one, other);
            EXPECT_NEAR(found, stage.overlaps.between(other, one), 1 + 0.3 * std::abs(found)) << "whoever is asked";
            if (Overlaps::is_clear(found)) {
                ++clear;
                if (found > 0)
                    EXPECT_LT(mm, need) << found;
                else
                    EXPECT_GE(mm, need) << found;
                continue;
            }
            ++near;
            const double closely = stage.overlaps.closely_between(one, other, 0);
            if (mm < need - 0.3) {
                EXPECT_GT(closely, 0) << mm;
            } else if (mm > need + 0.1) {
                EXPECT_LE(closely, 0) << mm;
                EXPECT_GT(stage.overlaps.closely_between(one, other, mm - need + 0.3), 0) << "asked to lie farther";
            }
        }
        EXPECT_GT(clear, 1000);
        EXPECT_GT(near, 100);
    }
}

TEST(Overlaps, WithTheZoneAndWhatIsFixedAreToldToo) {
    FillTask task = star_and_bar({{0, 0}, {120, 90}});
    task.zone = {{{0, 0}, {0, 90}, {80, 90}, {80, 60}, {120, 60}, {120, 0}}}; // a corner is not to be cut in
    task.fixed.push_back({.outline = {ellipse({40, 45}, 9, 9, 0, 60)}, .bleed = 2});
    const Stage stage(std::move(task), 1);
    for (std::size_t item = 0; item < 2; ++item) {
        EXPECT_LT(stage.overlaps.past(stage.stance(item, {85, 30})), 0) << "alone";
        EXPECT_GT(stage.overlaps.past(stage.stance(item, {44, 45})), 6) << "on what is fixed";
        EXPECT_GT(stage.overlaps.closely_past(stage.stance(item, {44, 45}), 0), 6);
        EXPECT_GT(stage.overlaps.past(stage.stance(item, {85, 68})), 6) << "over the edge";
        EXPECT_GT(stage.overlaps.closely_past(stage.stance(item, {85, 68}), 0), 6);
        EXPECT_EQ(stage.overlaps.past(stage.stance(item, {121, 45})), Overlaps::nowhere);
    }
}

TEST(Overlaps, OfTooManyPairsForMemoryAreNotAsked) {
    FillTask task{.zone = {corners_of({{0, 0}, {300, 300}})}, .gap = 2};
    for (int i = 0; i < 12; ++i)
        task.items.push_back({.outline = {ellipse({0, 0}, 30 + i, 40, 0, 40)}, .wanted = 2});
    EXPECT_TRUE(Stage(task, 1).overlaps.are_fine());
    EXPECT_FALSE(Stage(task, 24).overlaps.are_fine());
    task.rounds = 10;
    task.way = FillWay::turned;
    task.turns = Turns::any;
    EXPECT_GT(fill(task).copies.size(), 8U) << "what fits is found all the same";
}

/// Is every copy where it is allowed to stand beside all others?
void expect_allowed(const Stage& stage, const FillPage& page, std::size_t copies) {
    ASSERT_EQ(page.standing().size(), copies);
    FillPage again = stage.page;
    for (const auto& copy : page.standing()) {
        if (!copy.posture)
            continue;
        EXPECT_TRUE(again.is_allowed(*copy.posture, copy.at));
        again.put(*copy.posture, copy.at);
    }
}

TEST(Separation, MovesApartWhatLiesInAHeap) {
    const Stage stage(star_and_bar({{0, 0}, {90, 70}}), 4);
    std::mt19937 random(5);
    const Work work;
    std::vector<Stance> heap;
    for (std::size_t i = 0; i < 8; ++i)
        heap.push_back(stage.stance(i, {45 + 0.1 * static_cast<double>(i), 35}));
    const auto page = Separation(stage.overlaps, random, work).parted(heap);
    ASSERT_TRUE(page);
    expect_allowed(stage, *page, heap.size());
}

TEST(Separation, LeavesWhatIsFixedAndFindsTheRoomBesideIt) {
    FillTask task{.zone = {corners_of({{0, 0}, {64, 22}})}, .gap = 1};
    task.items = {{.outline = {ellipse({0, 0}, 10, 10, 0, 90)}}};
    task.fixed.push_back({.outline = {ellipse({32, 11}, 10, 10, 0, 90)}});
    const Stage stage(std::move(task), 1);
    std::mt19937 random(1);
    const Work work;
    Separation separation(stage.overlaps, random, work);
    const auto page = separation.parted({stage.stance(0, {30, 11}), stage.stance(0, {31, 11})});
    ASSERT_TRUE(page);
    expect_allowed(stage, *page, 3);
    EXPECT_FALSE(separation.parted({stage.stance(0, {10, 11}), stage.stance(0, {20, 11}), stage.stance(0, {52, 11})}))
        << "there is room for two";
}

TEST(Separation, OfOneMoreBeginsWhereThereIsMostRoom) {
    const Stage stage(star_and_bar({{0, 0}, {100, 60}}), 4);
    std::mt19937 random(2);
    const Work work;
    Separation separation(stage.overlaps, random, work);
    const auto more = separation.least_overlapping({stage.stance(0, {20, 20}), stage.stance(4, {30, 40})}, 1);
    ASSERT_TRUE(more);
    EXPECT_EQ(more->posture->item, 1U);
    EXPECT_GT(more->at.x, 35);
    FillPage page = stage.page;
    page.put(stage.postures[0], {20, 20});
    page.put(stage.postures[4], {30, 40});
    EXPECT_TRUE(page.is_allowed(*more->posture, more->at));
}

TEST(Separation, OfWhatTheZoneIsTooSmallForHasNoPlace) {
    const Stage stage(star_and_bar({{0, 0}, {20, 6}}), 1);
    std::mt19937 random(2);
    const Work work;
    EXPECT_FALSE(stage.overlaps.fits_at_all(0));
    EXPECT_FALSE(Separation(stage.overlaps, random, work).least_overlapping({}, 0));
}

TEST(Separation, StopsWhenAsked) {
    const Stage stage(star_and_bar({{0, 0}, {40, 40}}), 1);
    std::mt19937 random(2);
    std::stop_source stop;
    stop.request_stop();
    const Work work{stop.get_token()};
    Separation separation(stage.overlaps, random, work);
    EXPECT_THROW(static_cast<void>(separation.parted({stage.stance(0, {20, 20}), stage.stance(0, {21, 20})})), Stopped);
}

} // namespace
} // namespace fusuma
