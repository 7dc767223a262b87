// Sheets for transfer paper and film: printed and cut as in a mirror, with marks that lie where they always do.

#include "core/document/copies.h"
#include "core/geometry/measure.h"
#include "core/plan/planner.h"
#include "core/plan/test_prints.h"
#include "core/plan/ticket.h"
#include "core/preflight/preflight.h"
#include "tests/support/samples.h"

#include <gmock/gmock.h>

namespace fusuma {
namespace {

Document mirrored_document() {
    Document d = test::disc_document({{60, 80}, {130, 150}});
    d.placements[0].turn = 0.4;
    d.placements[1].mirrored = true;
    d.sheet.printer.margins = {12, 5, 6, 9}; // not alike on either side
    d.sheet.cutter.reach = {20, 8, 9, 10};
    d.sheet.is_mirrored = true;
    return d;
}

Point in_mirror(Point p) {
    return {210 - p.x, p.y};
}

TEST(MirroredSheet, IsTheMirrorOfItsLayoutOnThePaper) {
    const Document d = mirrored_document();
    Planner planner;
    const auto layout = planner.plan(d), paper = planner.plan(as_printed(d));
    ASSERT_EQ(paper->pages[0].cuts.size(), 2u);
    for (std::size_t i = 0; i < 2; ++i) {
        const Polygon there = flatten(paper->pages[0].cuts[i].line, 0.005);
        Polygon expected = flatten(layout->pages[0].cuts[i].line, 0.005);
        for (Point& p : expected)
            p = in_mirror(p);
        EXPECT_LT(closest_approach({there}, {expected}).distance, 0.01);
        for (const Point p : there)
            EXPECT_LT(nearest_on({expected}, p).distance, 0.02);
    }
    for (std::size_t i = 0; i < paper->pages[0].prints.size(); ++i)
        EXPECT_LT(paper->pages[0].prints[i].layer.from_unit.determinant() *
                      layout->pages[0].prints[i].layer.from_unit.determinant(),
                  0)
            << "what is printed is in the mirror, too";
}

TEST(MirroredSheet, ItsMarksAndZoneAreThoseOfThePaper) {
    Document d = mirrored_document();
    SheetSettings plain = d.sheet;
    plain.is_mirrored = false;
    Planner planner;
    const auto layout = planner.plan(d), paper = planner.plan(as_printed(d));
    EXPECT_EQ(paper->pages[0].marks, marks_on(d.sheet.paper, d.sheet.marks)) << "a machine finds them as ever";
    EXPECT_EQ(cut_zone(as_printed(d).sheet), cut_zone(plain));
    for (const Polygon& polygon : layout->pages[0].zone)
        for (const Point p : polygon)
            EXPECT_LT(nearest_on(cut_zone(plain), in_mirror(p)).distance, 1e-9)
                << "what fits the layout fits the paper";
    EXPECT_NEAR(signed_area(layout->pages[0].zone.front()), signed_area(cut_zone(plain).front()), 1e-6);
    d.sheet.division = {2, 2, 6, Division::Cut::through};
    const auto smalls = small_sheets(d.sheet), really = small_sheets(as_printed(d).sheet);
    ASSERT_EQ(smalls.size(), really.size());
    for (const Rect& small : smalls)
        EXPECT_TRUE(std::ranges::any_of(really, [&](const Rect& r) {
            return distance(r.min, {210 - small.max.x, small.min.y}) < 1e-9;
        }));
    EXPECT_EQ(as_printed(as_printed(d)), as_printed(d));
    d.sheet.is_mirrored = false;
    EXPECT_EQ(as_printed(d), d);
}

TEST(MirroredSheet, TicketsHoldThePaperAndTellWhenThatChanges) {
    const Document d = mirrored_document();
    Planner planner;
    const auto paper = planner.plan(as_printed(d));
    const Ticket ticket = frozen(d, *paper, "2026-11-27T13:00:00");
    EXPECT_EQ(ticket.pages[0].cuts, paper->pages[0].cuts);
    EXPECT_EQ(ticket.pages[0].marks, paper->pages[0].marks);
    EXPECT_THAT(test::english(changes_since(ticket, d)), testing::ElementsAre());
    Document other = d;
    other.sheet.is_mirrored = false;
    EXPECT_THAT(test::english(changes_since(ticket, other)), testing::ElementsAre("The sheet is no longer mirrored."));
    const JobPlan coded = with_code(*paper, *ticket.document, ticket.code);
    ASSERT_EQ(coded.pages[0].prints.size(), paper->pages[0].prints.size() + 1) << "with the code, readable";
}

TEST(MirroredSheet, PagesThatSetPrinterAndMachineRightAreThoseOfThePaper) {
    const SheetSettings sheet = mirrored_document().sheet, plain = unmirrored(sheet);
    const JobPlan test = machine_test(sheet), same = machine_test(plain);
    EXPECT_EQ(test.pages[0].marks, same.pages[0].marks);
    EXPECT_EQ(test.pages[0].cuts, same.pages[0].cuts);
    EXPECT_EQ(wanted_measures(sheet).left, wanted_measures(plain).left);
}

TEST(MirroredSheet, PreflightSaysSoAndTakesItBack) {
    const Document d = mirrored_document();
    Planner planner;
    const auto findings = preflight(d, planner);
    const auto said = std::ranges::find(findings, "mirrored-sheet", &Finding::rule);
    ASSERT_NE(said, findings.end());
    EXPECT_EQ(said->severity, Severity::to_look_at);
    const auto back = repaired(d, *said);
    ASSERT_TRUE(back);
    EXPECT_FALSE(back->sheet.is_mirrored);
}

} // namespace
} // namespace fusuma
