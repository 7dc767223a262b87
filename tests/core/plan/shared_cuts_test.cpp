// Cuts that neighbours share, held against the union of the same lines by GEOS.

#include "core/arrange/fill_sheet.h"
#include "core/cutting/cut_job.h"
#include "core/geometry/measure.h"
#include "core/plan/planner.h"
#include "core/preflight/preflight.h"
#include "core/rehearsal/slip.h"
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

using testing::Contains;
using testing::Field;
using testing::IsEmpty;
using testing::Not;

CutPath shape(Polygon corners, int copy, CutKind kind = CutKind::kiss) {
    return {contour_of(corners), kind, CopyId{copy}};
}

CutPath box_at(double x, double y, double width, double height, int copy, CutKind kind = CutKind::kiss) {
    return shape(corners_of({{x, y}, {x + width, y + height}}), copy, kind);
}

double length_of(const std::vector<CutPath>& cuts) {
    double mm = 0;
    for (const CutPath& cut : cuts)
        mm += length(cut.line);
    return mm;
}

/// All edges in one set of lines, without what lies on each other.
test::Geos as_one(const std::vector<CutPath>& cuts) {
    static_cast<void>(test::region_of({}));
    std::vector<GEOSGeometry*> edges;
    for (const CutPath& cut : cuts) {
        Point from = cut.line.start;
        const auto add = [&](Point to) {
            auto* points = GEOSCoordSeq_create(2, 2);
            GEOSCoordSeq_setXY(points, 0, from.x, from.y);
            GEOSCoordSeq_setXY(points, 1, to.x, to.y);
            if (distance(from, to) > 1e-9)
                edges.push_back(GEOSGeom_createLineString(points));
            else
                GEOSCoordSeq_destroy(points);
            from = to;
        };
        for (const Segment& segment : cut.line.segments)
            add(segment.end);
        if (!cut.is_open)
            add(cut.line.start);
    }
    const test::Geos all(
        GEOSGeom_createCollection(GEOS_MULTILINESTRING, edges.data(), static_cast<unsigned>(edges.size())));
    return test::Geos(GEOSUnaryUnion(all.get()));
}

double length_of(const test::Geos& lines) {
    double mm = 0;
    GEOSLength(lines.get(), &mm);
    return mm;
}

/// A rectangle cut into more of them, at random places along a grid of 1 mm.
void divide(const Rect& whole, int times, std::mt19937& numbers, std::vector<Rect>& parts) {
    const bool is_wide = whole.width() > whole.height();
    const int room = static_cast<int>(is_wide ? whole.width() : whole.height());
    if (times == 0 || room < 20) {
        parts.push_back(whole);
        return;
    }
    const double at = std::uniform_int_distribution(8, room - 8)(numbers);
    Rect first = whole, second = whole;
    (is_wide ? first.max.x : first.max.y) = (is_wide ? second.min.x : second.min.y) =
        (is_wide ? whole.min.x : whole.min.y) + at;
    divide(first, times - 1, numbers, parts);
    divide(second, times - 1, numbers, parts);
}

TEST(SharedCuts, AreTheUnionOfAllEdgesEachCutOnceAsGeosSeesIt) {
    for (unsigned seed = 1; seed <= 25; ++seed) {
        std::mt19937 numbers(seed);
        std::vector<Rect> parts;
        divide({{0, 0}, {180, 250}}, 6, numbers, parts);
        ASSERT_GT(parts.size(), 10u);
        const Transform map = Transform::turn(seed % 5 * 0.3).then(Transform::shift({20, 10}));
        std::vector<CutPath> cuts;
        for (const Rect& part : parts) {
            Polygon corners = corners_of(part);
            for (Point& corner : corners)
                corner = map.apply(corner);
            cuts.push_back(shape(corners, static_cast<int>(cuts.size()) + 1));
        }
        const std::vector<CutPath> before = cuts;
        const Sharing sharing = share_cuts(cuts);
        EXPECT_EQ(sharing.copies.size(), parts.size());
        // In the layout's own axes, where GEOS sees what lies on each other exactly.
        std::vector<CutPath> flat, shared;
        for (const auto& [from, to] : {std::pair{&before, &flat}, {&cuts, &shared}})
            for (CutPath cut : *from) {
                const auto snapped = [&](Point p) {
                    const Point q = map.inverted().apply(p);
                    return Point{std::round(q.x * 1e6) / 1e6, std::round(q.y * 1e6) / 1e6};
                };
                cut.line.start = snapped(cut.line.start);
                for (Segment& segment : cut.line.segments)
                    segment.end = snapped(segment.end);
                to->push_back(cut);
            }
        const test::Geos all = as_one(flat), once = as_one(shared);
        EXPECT_NEAR(length_of(shared), length_of(all), 1e-3) << seed; // nothing twice …
        EXPECT_NEAR(length_of(once), length_of(all), 1e-3) << seed;   // … nothing missing
        EXPECT_NEAR(sharing.saved_mm, length_of(before) - length_of(cuts), 1e-6);
        EXPECT_THAT(cuts, testing::Each(Field(&CutPath::is_open, true)));
        EXPECT_THAT(cuts, testing::Each(Field(&CutPath::copy, CopyId::none)));
    }
}

TEST(SharedCuts, OfAGridAreItsLongLines) {
    std::vector<CutPath> cuts;
    for (int row = 0; row < 5; ++row)
        for (int column = 0; column < 3; ++column)
            cuts.push_back(box_at(10 + 50 * column, 10 + 30 * row, 50, 30, 1 + 3 * row + column));
    static_cast<void>(share_cuts(cuts));
    EXPECT_EQ(cuts.size(), 6u + 4u);
    EXPECT_DOUBLE_EQ(length_of(cuts), 6 * 150 + 4 * 150);
    // There and back: each line begins on the side where the one before it ended.
    const CutJob job = cut_job(cuts, {Material{.blade_offset = 0, .overcut = 0}, {}, {}, {}});
    EXPECT_LT(job.travel_mm, 4 * 150);
}

TEST(SharedCuts, LeaveAloneWhatIsNotSideBySideAndStraight) {
    const auto stays = [](std::vector<CutPath> cuts) {
        const std::vector<CutPath> before = cuts;
        const Sharing sharing = share_cuts(cuts);
        return cuts == before && sharing.copies.empty() && sharing.saved_mm == 0;
    };
    EXPECT_TRUE(stays({}));
    EXPECT_TRUE(stays({box_at(0, 0, 50, 30, 1), box_at(53, 0, 50, 30, 2)}));
    EXPECT_TRUE(stays({box_at(0, 0, 50, 30, 1), box_at(50.2, 0, 50, 30, 2)})) << "near is not on";
    EXPECT_TRUE(stays({box_at(0, 0, 50, 30, 1), box_at(0, 0, 50, 30, 2)})) << "one on top of the other";
    EXPECT_TRUE(stays({box_at(0, 0, 50, 30, 1), box_at(50, 30, 50, 30, 2)})) << "corner to corner";
    EXPECT_TRUE(stays({box_at(0, 0, 50, 30, 1), box_at(50, 0, 50, 30, 2, CutKind::through)})) << "another kind of cut";
    const auto disc = [](double x, int copy) { return shape(test::ellipse({x, 0}, 20, 20, 0, 90), copy); };
    std::vector<CutPath> curved{disc(0, 1), disc(40, 2)};
    curved[0].line.segments[0] = Segment::cubic_to({30, 5}, {30, 9}, curved[0].line.segments[0].end);
    EXPECT_TRUE(stays(curved));
    CutPath open = box_at(50, 0, 50, 30, 2);
    open.is_open = true;
    EXPECT_TRUE(stays({box_at(0, 0, 50, 30, 1), open}));
}

TEST(SharedCuts, AHeapOfThousandsIsLeftAsItIs) {
    for (const int boxes : {600, 13'000}) { // on each other; on one page
        std::vector<CutPath> cuts;
        for (int i = 0; i < boxes; ++i)
            cuts.push_back(box_at(0, 0, 50, 30, i + 1));
        const std::vector<CutPath> before = cuts;
        EXPECT_EQ(share_cuts(cuts).copies.size(), 0u);
        EXPECT_EQ(cuts, before);
    }
}

TEST(SharedCuts, GoAlongSlantingEdgesAsWell) {
    // Two triangles of one square share its diagonal.
    std::vector<CutPath> cuts{shape({{0, 0}, {0, 40}, {40, 40}}, 1), shape({{0, 0}, {40, 40}, {40, 0}}, 2)};
    const Sharing sharing = share_cuts(cuts);
    EXPECT_EQ(cuts.size(), 5u);
    EXPECT_NEAR(sharing.saved_mm, 40 * std::numbers::sqrt2, 1e-9);
}

TEST(SharedCuts, ThroughCutsKeepTheirTabs) {
    std::vector<CutPath> cuts{box_at(0, 0, 50, 30, 1, CutKind::through), box_at(50, 0, 50, 30, 2, CutKind::through)};
    static_cast<void>(share_cuts(cuts));
    Material material{.blade_offset = 0, .overcut = 0};
    material.tabs = 2;
    material.tab = 1;
    material.through.passes = 1;
    double cut = 0;
    for (const CutRun& run : cut_job(cuts, {material, {}, {}, {}}).runs)
        for (std::size_t i = 1; i < run.tip.size(); ++i)
            cut += distance(run.tip[i - 1], run.tip[i]);
    EXPECT_NEAR(cut, length_of(cuts) - 2.0 * static_cast<double>(cuts.size()), 0.01);
}

/// A sticker cut along the edge of a picture of one colour.
Sticker plain_box(double width, double height, Rgb colour = {200, 60, 40}) {
    const int w = static_cast<int>(width * 12), h = static_cast<int>(height * 12);
    auto picture = test::picture_of({corners_of({{0, 0}, {w * 1.0, h * 1.0}})}, w, h);
    test::repaint(*picture, [&](Image& pixels) {
        for (std::size_t i = 0; i < pixels.rgba.size(); i += 4) {
            pixels.rgba[i] = colour.red;
            pixels.rgba[i + 1] = colour.green;
            pixels.rgba[i + 2] = colour.blue;
        }
    });
    Sticker sticker = new_sticker(PictureArtwork{picture});
    sticker.name = "Plain";
    sticker.border.width = 0;
    sticker.bleed = {Bleed::Kind::art, 1.5};
    return sticker;
}

Document filled_with(const std::vector<Sticker>& stickers, Planner& planner, FillReport* told = nullptr) {
    Document document;
    document.sheet.shares_cuts = true;
    FillRequest request{.way = FillWay::snug, .rounds = 20};
    for (const Sticker& sticker : stickers) {
        document = with_sticker_added(document, sticker);
        request.orders.push_back({.sticker = document.stickers.back()->id, .wanted = -1});
    }
    FillReport report = fill_sheet(document, planner, request);
    if (told)
        *told = report;
    return report.document;
}

TEST(SharedCutsOnASheet, BoxesAreLaidEdgeToEdgeAndNothingIsWrongWithThat) {
    Planner planner;
    const Document document = filled_with({plain_box(40, 25)}, planner);
    const auto plan = planner.plan(document);
    // 194 by 281 mm of zone with bites at four corners: 4 columns, 11 rows.
    EXPECT_GE(plan->copies.size(), 4u * 11u - 4u);
    for (const CutPath& cut : plan->pages[0].cuts)
        EXPECT_TRUE(cut.is_open && cut.copy == CopyId::none);
    EXPECT_THAT(preflight(document, planner),
                Not(Contains(Field(&Finding::rule, testing::AnyOf("doubled-line", "overlap", "too-close", "short-bleed",
                                                                  "shared-edge")))));
    const PlanTotals sum = totals(*plan);
    EXPECT_NEAR(sum.kiss_mm, length_of(plan->pages[0].cuts), 1e-6);
    EXPECT_NEAR(sum.kiss_mm + sum.shared_mm, 2 * (40 + 25) * static_cast<double>(plan->copies.size()), 1);

    Document apart = document;
    apart.sheet.shares_cuts = false;
    EXPECT_THAT(preflight(apart, planner), Contains(Field(&Finding::rule, "doubled-line")));
    EXPECT_NEAR(totals(*planner.plan(apart)).kiss_mm, sum.kiss_mm + sum.shared_mm, 1);
    EXPECT_EQ(totals(*planner.plan(apart)).shared_mm, 0);
}

/// Sheets whose neighbours go on into each other's colour bear a slip inside; two colours do not.
TEST(SharedCutsOnASheet, ASlipIsSeenWhereColoursDifferOnly) {
    Planner planner;
    const auto damaged = [&planner](const Document& document, double mm) {
        const auto plan = planner.plan(document);
        const SlipSheet sheet(*plan, 0, planner);
        EXPECT_GT(sheet.size(), 12u);
        EXPECT_EQ(sheet.damaged(Transform::shift({mm, 0})).size() > 0, sheet.damaged_by(mm) > 0);
        return sheet.damaged_by(mm);
    };
    EXPECT_EQ(damaged(filled_with({plain_box(40, 25)}, planner), 0.8), 0u);
    EXPECT_GT(damaged(filled_with({plain_box(40, 25)}, planner), 1.7), 0u) << "past the bleed of 1.5 mm at the rim";
    EXPECT_GT(damaged(filled_with({plain_box(40, 25), plain_box(50, 25, {20, 120, 130})}, planner), 0.8), 8u);
}

TEST(SharedCutsOnASheet, TwoColoursAtOneCutAreTold) {
    Planner planner;
    Sticker other = plain_box(50, 25, {20, 120, 130});
    other.name = "Teal";
    const Document document = filled_with({plain_box(40, 25), other}, planner);
    const auto findings = preflight(document, planner);
    const auto found = std::ranges::find(findings, "shared-edge", &Finding::rule);
    ASSERT_NE(found, findings.end());
    EXPECT_EQ(found->severity, Severity::to_look_at);
    EXPECT_GT(found->copies.size(), 2u);
    EXPECT_EQ(std::ranges::count(findings, "shared-edge", &Finding::rule), 1) << "once for the two stickers";
    std::set<int> kinds;
    for (const Placement& p : document.placements)
        kinds.insert(p.sticker);
    EXPECT_EQ(kinds.size(), 2u);
}

TEST(SharedCutsOnASheet, CopiesOnEachOtherAreStillWrong) {
    Planner planner;
    Document document = filled_with({plain_box(40, 25)}, planner);
    Placement again = document.placements[5];
    again.id = CopyId::none;
    document.put(again);
    EXPECT_THAT(preflight(document, planner), Contains(Field(&Finding::rule, "doubled-line")));
    document.placements.back().centre.x += 3;
    EXPECT_THAT(preflight(document, planner),
                Contains(Field(&Finding::rule, testing::AnyOf("overlap", "doubled-line"))));
    document.placements.back().centre.y += 2;
    EXPECT_THAT(preflight(document, planner), Contains(Field(&Finding::rule, "overlap")));
}

TEST(SharedCutsOnASheet, WhatIsNoBoxKeepsItsGap) {
    Planner planner;
    const Document mixed = filled_with({plain_box(40, 25), test::disc_sticker(30)}, planner);
    EXPECT_THAT(planner.plan(mixed)->pages[0].sharing.copies, IsEmpty());
    EXPECT_THAT(preflight(mixed, planner), Not(Contains(Field(&Finding::rule, "too-close"))));
    Document document = with_sticker_added({}, plain_box(40, 25));
    const auto is_box_at = [&](double turn) {
        return is_box(*planner.placed_copy(document, {.sticker = 1, .centre = {80, 80}, .turn = turn}));
    };
    EXPECT_TRUE(is_box_at(0));
    EXPECT_TRUE(is_box_at(std::numbers::pi / 2));
    EXPECT_FALSE(is_box_at(0.2));
    document = with_sticker_added(document, test::disc_sticker(30));
    EXPECT_FALSE(is_box(*planner.placed_copy(document, {.sticker = 2, .centre = {80, 80}})));
}

TEST(SharedCutsOnASheet, WhatLiesThereIsTouchedOrKeptClearOf) {
    Planner planner;
    for (const double turn : {0.0, 0.3}) {
        Document document = with_sticker_added({}, plain_box(40, 25));
        document.sheet.shares_cuts = true;
        const CopyId there = document.put({.sticker = 1, .centre = {81.3, 97.7}, .turn = turn});
        FillRequest request{.way = FillWay::rows};
        request.orders.push_back({.sticker = 1, .wanted = -1});
        const FillReport report = fill_sheet(document, planner, request);
        EXPECT_GT(report.copies(), 25);
        ASSERT_TRUE(report.document.copy(there));
        EXPECT_THAT(preflight(report.document, planner),
                    Not(Contains(Field(&Finding::rule, testing::AnyOf("doubled-line", "overlap", "too-close")))))
            << turn;
    }
}

TEST(SharedCutsOnASheet, StoppedBeforeTheFirstRowNothingIsPlaced) {
    Planner planner;
    Document document = with_sticker_added({}, plain_box(40, 25));
    document.sheet.shares_cuts = true;
    FillRequest request{.way = FillWay::rows};
    request.orders.push_back({.sticker = 1, .wanted = -1});
    std::stop_source stop;
    stop.request_stop();
    const FillReport report = fill_sheet(document, planner, request, {stop.get_token()});
    EXPECT_EQ(report.copies(), 0);
    EXPECT_TRUE(report.document.placements.empty());
}

TEST(SharedCutsOnASheet, QuarterTurnsAreTriedAsAWhole) {
    Planner planner;
    Document document = with_sticker_added({}, plain_box(100, 20)); // 1 across and 14 down, or 9 across and 2 down
    document.sheet.shares_cuts = true;
    FillRequest request{.way = FillWay::turned, .rounds = 0};
    request.turns = Turns::quarters;
    request.orders.push_back({.sticker = 1, .wanted = -1});
    const FillReport report = fill_sheet(document, planner, request);
    EXPECT_GE(report.copies(), 15);
    for (const PlannedCopy& copy : planner.plan(report.document)->copies)
        EXPECT_NEAR(copy->cut_box.width(), 20, 0.01);
}

TEST(SharedCutsOnASheet, SmallSheetsWithoutAGutterShareTheirs) {
    Document document = with_sticker_added({}, test::disc_sticker(30));
    document.sheet.division = {.columns = 2, .rows = 2, .gutter = 0};
    Planner planner;
    EXPECT_EQ(planner.plan(document)->pages[0].cuts.size(), 4u);
    document.sheet.shares_cuts = true;
    const auto plan = planner.plan(document);
    EXPECT_EQ(plan->pages[0].cuts.size(), 6u);
    EXPECT_NEAR(totals(*plan).through_mm, length_of(plan->pages[0].cuts), 1e-6);
    EXPECT_GT(totals(*plan).shared_mm, 100);
}

} // namespace
} // namespace fusuma
