// Filling, verified by GEOS on the outlines themselves.

#include "core/arrange/fill_sheet.h"
#include "core/geometry/measure.h"
#include "core/sheet/sheet.h"
#include "tests/support/geos.h"
#include "tests/support/samples.h"

#include <functional>
#include <gmock/gmock.h>
#include <gtest/gtest.h>
#include <numbers>
#include <random>
#include <set>

namespace fusuma {
namespace {

using namespace test;

Polygons placed(const FillItem& item, const FilledCopy& copy) {
    Polygons polygons = item.outline;
    const Transform map = Transform::turn(copy.turn).then(Transform::shift(copy.centre));
    for (Polygon& polygon : polygons)
        for (Point& p : polygon)
            p = map.apply(p);
    return polygons;
}

/// No overlap, the gap kept within 0.01 mm, all inside the zone.
void expect_sound(const FillTask& task, const Filled& filled) {
    const Geos zone = region_of(task.zone);
    std::vector<std::pair<Geos, double>> all;
    for (const FixedCopy& copy : task.fixed)
        all.emplace_back(region_of(copy.outline), copy.bleed);
    for (const FilledCopy& copy : filled.copies) {
        const FillItem& item = task.items[copy.item];
        Geos shape = region_of(placed(item, copy));
        const Geos outside(GEOSDifference(shape.get(), zone.get()));
        EXPECT_LT(area_of(outside), 1e-3);
        for (const auto& [other, bleed] : all) {
            double apart = 0;
            GEOSDistance(shape.get(), other.get(), &apart);
            EXPECT_GE(apart, std::max({task.gap, 2 * item.bleed, 2 * bleed}) - 0.01);
        }
        all.emplace_back(std::move(shape), item.bleed);
    }
}

/// Stars, ovals and bars of 10 to 34 mm about the origin.
std::vector<FillItem> random_items(unsigned seed) {
    std::mt19937 random(seed);
    const auto between = [&](double least, double most) {
        return std::uniform_real_distribution<double>(least, most)(random);
    };
    std::vector<FillItem> items;
    for (int i = 0; i < 4; ++i) {
        const double size = between(5, 17);
        const Polygons outline =
            i % 3 == 0   ? Polygons{star({0, 0}, 5 + i, size, size * between(0.4, 0.7), between(0, 3))}
            : i % 3 == 1 ? Polygons{ellipse({0, 0}, size, size * between(0.4, 0.9), between(0, 3), 90)}
                         : Polygons{turned_rectangle({0, 0}, 2 * size, size * 0.6, between(0, 3))};
        items.push_back({outline, i == 1 ? 2.0 : 0.0, i < 2 ? -1 : 3});
    }
    return items;
}

FillTask random_task(unsigned seed, FillWay way, Turns turns) {
    const SheetSettings sheet{.paper = {148, 210}};
    FillTask task{
        .zone = cut_zone(sheet), .marks = marks(sheet), .items = random_items(seed), .way = way, .turns = turns};
    task.fixed.push_back({{ellipse({70, 100}, 15, 10, 0.3, 80)}, 0});
    task.rounds = 2;
    return task;
}

TEST(Fill, KeepsGapsZoneAndBleedOnRandomSets) {
    for (const unsigned seed : {1u, 2u})
        for (const auto& [way, turns] : {std::pair{FillWay::rows, Turns::half},
                                         {FillWay::snug, Turns::half},
                                         {FillWay::turned, seed == 1 ? Turns::quarters : Turns::any}}) {
            SCOPED_TRACE(testing::Message() << "seed " << seed << " way " << static_cast<int>(way));
            const FillTask task = random_task(seed, way, turns);
            const Filled filled = fill(task);
            EXPECT_GT(filled.copies.size(), 8u);
            expect_sound(task, filled);
        }
}

/// Taking out and placing anew alone found one copy less in 400 rounds.
TEST(Fill, MovesAllThatIsInTheWayOfOneMore) {
    for (const auto& [points, enough] : {std::pair{4, 17u}, {8, 13u}})
        for (const FillWay way : {FillWay::snug, FillWay::turned}) {
            FillTask task{.zone = {corners_of({{0, 0}, {90, 103}})}, .gap = 2, .way = way, .turns = Turns::quarters};
            task.items = {{.outline = {star({0, 0}, points, 14, 6, 0.3)}}};
            task.rounds = 48;
            const Filled filled = fill(task);
            EXPECT_GE(filled.copies.size(), enough) << points;
            expect_sound(task, filled);
        }
}

TEST(Fill, AKindTooLargeForTheZoneKeepsNoOtherFromRoomForOneMore) {
    FillTask task{.zone = {corners_of({{0, 0}, {90, 103}})}, .gap = 2, .way = FillWay::snug};
    task.items = {{.outline = {star({0, 0}, 8, 14, 6, 0.3)}}, {.outline = {ellipse({0, 0}, 700, 900, 0, 90)}}};
    task.rounds = 192;
    const Filled filled = fill(task);
    EXPECT_GE(filled.copies.size(), 13U);
    expect_sound(task, filled);
}

TEST(Fill, OneMoreNeverPushesIntoWhatIsFixedOrTakesFromABleed) {
    FillTask task = random_task(3, FillWay::turned, Turns::half);
    task.items.resize(2);
    task.rounds = 48;
    const Filled filled = fill(task);
    expect_sound(task, filled);
    EXPECT_EQ(fill(task).copies, filled.copies) << "on however many cores";
}

TEST(Fill, TheSameSeedGivesTheSameLayoutAndEqualSharesAreFair) {
    FillTask task = random_task(5, FillWay::snug, Turns::half);
    task.fixed.clear();
    const Filled first = fill(task), second = fill(task);
    EXPECT_EQ(first.copies, second.copies);
    std::vector<int> counts(task.items.size());
    for (const FilledCopy& copy : first.copies)
        ++counts[copy.item];
    EXPECT_EQ(counts[2], 3);
    EXPECT_EQ(counts[3], 3);
    EXPECT_GT(counts[0], 0);
    EXPECT_GT(counts[1], 0);
}

TEST(Fill, NeverPlacesFewerRectanglesThanAPlainGrid) {
    // Planner and square labels: common practice sizes.
    for (const Size size : {Size{38.1, 6.35}, Size{50.8, 25.4}, Size{40, 40}}) {
        const Rect box{{-size.width / 2, -size.height / 2}, {size.width / 2, size.height / 2}};
        const Rect zone{{8, 8}, {202, 289}};
        const FillTask task{.zone = {corners_of(zone)}, .items = {{.outline = {corners_of(box)}}}, .rounds = 2};
        const auto grid = static_cast<std::size_t>((zone.width() + task.gap) / (size.width + task.gap)) *
                          static_cast<std::size_t>((zone.height() + task.gap) / (size.height + task.gap));
        EXPECT_GE(fill(task).copies.size(), grid) << size.width;
    }
}

TEST(Fill, EqualCirclesInASquareComeNearTheBestKnownPackings) {
    // Best known radii in the unit square: 0.1 for 25, 0.0917 for 30, 0.0878 for 32, 0.0873 for 33 circles
    // (Graham & Lubachevsky 1996, Electronic Journal of Combinatorics 3, R16; values from memory).
    const Rect square{{0, 0}, {100, 100}};
    for (const auto& [radius, best, enough] : {std::tuple{9.99, 25u, 25u}, {8.75, 32u, 29u}}) {
        FillTask task{.zone = {corners_of(square)}, .gap = 0, .rounds = 20};
        task.items = {{.outline = {ellipse({0, 0}, radius, radius, 0, 180)}}};
        const Filled filled = fill(task);
        EXPECT_GE(filled.copies.size(), enough);
        EXPECT_LE(filled.copies.size(), best);
        expect_sound(task, filled);
    }
}

TEST(Fill, AGapWiderThanThePiecesIsFilledAsSnugly) {
    const Rect zone{{8, 8}, {202, 289}};
    FillTask task{.zone = {corners_of(zone)}, .gap = 20, .rounds = 2};
    task.items = {{.outline = {ellipse({0, 0}, 7, 7, 0, 90)}}};
    const Filled filled = fill(task);
    expect_sound(task, filled);
    // A grid has 6 × 8; ten rows of six and five by turns, set off by half a step, have 55.
    EXPECT_GE(filled.copies.size(), 52U);
}

TEST(Fill, StoppingKeepsTheBestSoFar) {
    FillTask task = random_task(7, FillWay::snug, Turns::half);
    task.rounds = 1000000;
    std::stop_source stop;
    int told = 0;
    const Filled filled = fill(task, {stop.get_token()}, [&](const Filled&) {
        if (++told == 4)
            stop.request_stop();
    });
    EXPECT_FALSE(filled.copies.empty());
    expect_sound(task, filled);
}

TEST(Fill, SpreadingNeverComesNearerAndEvensOut) {
    FillTask task{.zone = {corners_of({{0, 0}, {120, 60}})}};
    task.items = {{.outline = {ellipse({0, 0}, 10, 10, 0, 90)}}};
    std::vector<FilledCopy> crowded{{0, {11, 30}}, {0, {35, 30}}, {0, {59, 30}}};
    const std::vector<FilledCopy> spread = spread_evenly(task, crowded);
    expect_sound(task, {spread, 0});
    const auto nearest = [](const std::vector<FilledCopy>& copies) {
        return std::min(distance(copies[0].centre, copies[1].centre), distance(copies[1].centre, copies[2].centre));
    };
    EXPECT_GT(nearest(spread), nearest(crowded) + 3);
}

TEST(FillSheet, FlowsOnToTheNextPagesAndLeavesWhatIsThere) {
    Document d = disc_document({{100, 150}});
    d.placements[0].locked = true;
    Planner evaluator;
    FillRequest request{.orders = {{.sticker = 1, .wanted = 60}}, .pages = 5, .way = FillWay::rows};
    const FillReport report = fill_sheet(d, evaluator, request);
    EXPECT_EQ(report.copies(), 60);
    EXPECT_EQ(report.document.placements[0], d.placements[0]);
    EXPECT_EQ(report.document.pages, 2);
    EXPECT_EQ(preflight_messages(report.document, evaluator), "");
}

TEST(FillSheet, StopsWhereAProjectIsFull) {
    Document d = disc_document({});
    d.pages = 2;
    for (std::size_t i = 0; i + 7 < most_copies; ++i)
        d.put({.sticker = 1, .centre = {100, 150}, .page = 1});
    Planner planner;
    const FillRequest request{.orders = {{.sticker = 1}}, .pages = 5, .way = FillWay::rows, .rounds = 0};
    const FillReport report = fill_sheet(d, planner, request);
    EXPECT_EQ(report.copies(), 7);
    EXPECT_TRUE(report.is_full);
    EXPECT_EQ(report.document.placements.size(), most_copies);
    EXPECT_EQ(report.document.pages, 2);
    const FillReport none = fill_sheet(report.document, planner, request);
    EXPECT_EQ(none.copies(), 0);
    EXPECT_TRUE(none.is_full);
}

/// Copies of a page as they lie, whatever their ids.
std::vector<std::pair<int, Point>> lie_on(const Document& d, int page) {
    std::vector<std::pair<int, Point>> all;
    for (const Placement& p : d.placements)
        if (p.page == page)
            all.emplace_back(p.sticker, p.centre);
    return all;
}

TEST(FillSheet, PagesThatAreAlikeAreSearchedOnce) {
    Document d = with_sticker_added({}, disc_sticker(60));
    d = with_sticker_added(std::move(d), disc_sticker(44));
    Planner planner;
    FillRequest request{.orders = {{.sticker = 1, .wanted = 37}}, .pages = 9, .way = FillWay::snug, .rounds = 6};
    std::set<int> searched;
    const auto note = [&](const Document& so_far) { searched.insert(so_far.placements.back().page); };
    const FillReport report = fill_sheet(d, planner, request, {}, note);
    EXPECT_EQ(report.copies(), 37);
    ASSERT_GE(report.pages, 4);
    EXPECT_EQ(report.document.pages, report.pages);
    for (int page = 1; page + 1 < report.pages; ++page)
        EXPECT_EQ(lie_on(report.document, page), lie_on(report.document, 0)) << page;
    EXPECT_THAT(searched, testing::ElementsAre(0, report.pages - 1)) << "the others are as the first";
    EXPECT_EQ(preflight_messages(report.document, planner), "");

    // What lies on a page already, and what is wanted to the last copy, make it a page of its own.
    d.pages = 2;
    d.put({.sticker = 2, .centre = {100, 150}, .page = 1});
    request.orders = {{.sticker = 1, .wanted = 30}, {.sticker = 2, .wanted = 8}};
    const FillReport other = fill_sheet(d, planner, request);
    EXPECT_EQ(other.placed, (std::vector<int>{30, 8}));
    EXPECT_EQ(other.document.placements[0], d.placements[0]);
    EXPECT_EQ(preflight_messages(other.document, planner), "");
}

TEST(FillSheet, OnAsFewPagesAsPossibleOtherWaysAreTried) {
    Document d;
    d = with_sticker_added(std::move(d),
                           new_sticker(PictureArtwork{picture_of({star({300, 300}, 4, 290, 70, 0.2)}, 600, 600)}));
    Planner planner;
    FillRequest request{
        .orders = {{.sticker = 1, .scale = 0.9}}, .way = FillWay::turned, .turns = Turns::half, .rounds = 3};
    // What a page takes differs by the numbers that the search goes by.
    std::vector<int> copies;
    for (request.seed = 1; request.seed <= 5; ++request.seed)
        copies.push_back(fill_sheet(d, planner, request).copies());
    const auto first = std::ranges::adjacent_find(copies, std::less{});
    ASSERT_NE(first, copies.end()) << testing::PrintToString(copies);
    const int most = first[1];
    request.seed = static_cast<unsigned>(first - copies.begin()) + 1;
    request.pages = 9;
    request.orders[0].wanted = 2 * most;
    const FillReport usual = fill_sheet(d, planner, request);
    request.fewest_pages = true;
    const FillReport fewest = fill_sheet(d, planner, request);
    EXPECT_EQ(usual.pages, 3);
    EXPECT_EQ(fewest.pages, 2);
    EXPECT_EQ(fewest.document.pages, 2);
    EXPECT_EQ(fewest.copies(), 2 * most);
    EXPECT_GT(fewest.left_mm2, 0);
    EXPECT_FALSE(fewest.largest_rest.empty());
    EXPECT_EQ(preflight_messages(fewest.document, planner), "");
    EXPECT_EQ(fill_sheet(d, planner, request).document, fewest.document) << "the same every time";
}

TEST(FillSheet, StoppedOnTheWayToFewerPagesKeepsWhatIsThere) {
    const Document d = with_sticker_added({}, disc_sticker(70));
    Planner planner;
    const FillRequest request{
        .orders = {{.sticker = 1, .wanted = 30}}, .pages = 20, .fewest_pages = true, .way = FillWay::snug};
    std::stop_source stop;
    const FillReport report =
        fill_sheet(d, planner, request, {stop.get_token()}, [&](const Document&) { stop.request_stop(); });
    EXPECT_GT(report.copies(), 0);
    EXPECT_EQ(report.document.placements.size(), static_cast<std::size_t>(report.copies()));
    EXPECT_EQ(preflight_messages(report.document, planner), "");
}

TEST(FillSheet, ClosingUpLeavesALargerRest) {
    const Document d = disc_document({{40, 40}, {150, 150}, {60, 250}, {150, 60}});
    Planner evaluator;
    const auto closed = closed_up(d, evaluator, 0);
    ASSERT_TRUE(closed);
    EXPECT_EQ(preflight_messages(*closed, evaluator), "");
    double lowest = 0;
    for (const Placement& p : closed->placements)
        lowest = std::max(lowest, p.centre.y);
    EXPECT_LT(lowest, 80);
}

/// Margins that leave nothing, as one may type on the way to better ones.
TEST(WithoutAZone, FillingSpreadingAndClosingUpLeaveThingsAsTheyAre) {
    Document d = disc_document({{60, 60}, {120, 60}});
    d.sheet.printer.margins = Edges::all(150);
    Planner planner;
    for (const FillWay way : {FillWay::rows, FillWay::snug, FillWay::turned}) {
        const FillReport report = fill_sheet(d, planner, {.orders = {{.sticker = 1}}, .pages = 3, .way = way});
        EXPECT_EQ(report.copies(), 0);
        EXPECT_EQ(report.document, d);
    }
    EXPECT_EQ(spread_on_page(d, planner, 0), d);
    EXPECT_FALSE(closed_up(d, planner, 0));
}

TEST(WithoutAnOutline, FillingAndSpreadingLeaveOutWhatComesToNothing) {
    Document d = disc_document({{60, 60}, {120, 60}});
    Sticker nothing = disc_sticker(8);
    nothing.border.width = -20;
    d = with_sticker_added(std::move(d), std::move(nothing));
    d.put({.sticker = 2, .centre = {150, 150}});
    Planner planner;
    const FillReport report =
        fill_sheet(d, planner, {.orders = {{.sticker = 2}, {.sticker = 1, .wanted = 2}}, .way = FillWay::snug});
    EXPECT_EQ(report.placed, (std::vector<int>{0, 2}));
    EXPECT_EQ(spread_on_page(d, planner, 0).placements.size(), 3u);
    EXPECT_TRUE(Filled(fill({.zone = cut_zone(d.sheet), .items = {FillItem{}}})).copies.empty());
}

/// Two pieces with room between them for a neighbour, which is not to lie on the second piece, nor over two sheets.
TEST(StickersInPieces, KeepAllTheirPiecesFreeAndOnOneSmallSheet) {
    const Polygons two{ellipse({-30, 0}, 5, 5, 0, 60), ellipse({30, 0}, 5, 5, 0, 60)};
    FillTask task{.zone = {corners_of({{0, 0}, {90, 60}}), corners_of({{100, 0}, {190, 60}})}};
    task.items = {{two, 0, -1}, {{ellipse({0, 0}, 12, 12, 0, 90)}, 0, -1}};
    task.rounds = 20;
    for (const FillWay way : {FillWay::snug, FillWay::turned}) {
        task.way = way;
        const Filled filled = fill(task);
        EXPECT_GT(filled.copies.size(), 6u);
        expect_sound(task, filled);
        for (const FilledCopy& copy : filled.copies) {
            const Rect box = bounds(placed(task.items[copy.item], copy));
            EXPECT_TRUE(box.max.x < 91 || box.min.x > 99) << "straddles two small sheets";
        }
    }
}

TEST(SnugFilling, WithoutBorderAndGapMakesNoDoubledLines) {
    Document d;
    Sticker square = new_sticker(PictureArtwork{picture_of({corners_of({{0, 0}, {360, 360}})}, 360, 360)});
    square.border.width = 0;
    d = with_sticker_added(std::move(d), std::move(square));
    d.sheet.gap = 0;
    Planner planner;
    for (const FillWay way : {FillWay::rows, FillWay::snug, FillWay::turned}) {
        const FillReport report = fill_sheet(d, planner, {.orders = {{.sticker = 1}}, .way = way, .rounds = 2});
        EXPECT_GT(report.copies(), 30);
        // What is cut on its own art without a bleed is another matter than how the lines lie.
        for (const Finding& finding : preflight(report.document, planner))
            EXPECT_EQ(finding.rule, "no-bleed") << finding.message;
    }
}

} // namespace
} // namespace fusuma
