// How much slip stickers bear, what makes them safe, tickets, test prints, and the whole rehearsal.

#include "core/geometry/boolean.h"
#include "core/geometry/measure.h"
#include "core/plan/test_prints.h"
#include "core/plan/ticket.h"
#include "core/rehearsal/slip.h"
#include "core/sheet/lettering.h"
#include "devices/practice/practice_printer.h"
#include "devices/practice/practice_sheet.h"
#include "devices/practice/rehearsal.h"
#include "formats/pdf/pdf_write.h"
#include "tests/support/samples.h"

#include <gmock/gmock.h>
#include <numbers>

namespace fusuma {
namespace {

using testing::ElementsAre;
using testing::HasSubstr;

Document with_disc(const std::function<void(Sticker&)>& change, std::vector<Point> centres = {{60, 80}, {130, 150}}) {
    Document d = test::disc_document(centres);
    Sticker s = *d.find(1);
    change(s);
    return with_sticker_changed(d, s);
}

SlipCheck check_of(const Document& d) {
    Planner evaluator;
    return SlipCheck(*evaluator.evaluate(*d.find(1)));
}

TEST(Slip, AWhiteBorderBearsItsOwnWidth) {
    const SlipCheck check = check_of(with_disc([](Sticker& s) { s.border.width = 2; }));
    EXPECT_NEAR(check.tolerance(), 2, 0.05);
    EXPECT_EQ(check.going_on_past_cut(), HUGE_VAL) << "paper is meant to show";
    for (double angle = 0; angle < 6; angle += 0.7) {
        const Point way{std::cos(angle), std::sin(angle)};
        EXPECT_EQ(check.damage(Transform::shift(1.9 * way)), Damage::none);
        EXPECT_EQ(check.damage(Transform::shift(2.1 * way)), Damage::art);
    }
}

TEST(Slip, AColouredBorderBearsItsBleed) {
    const SlipCheck check = check_of(with_disc([](Sticker& s) {
        s.border.width = 2;
        s.rims.border = {Fill::Kind::colour};
        s.bleed = {Bleed::Kind::rim, 0.8};
    }));
    EXPECT_NEAR(check.going_on_past_cut(), 0.8, 0.05);
    EXPECT_NEAR(check.room_inward(), 2, 0.05);
    EXPECT_EQ(check.damage(Transform::shift({0.7, 0})), Damage::none);
    EXPECT_EQ(check.damage(Transform::shift({0.9, 0})), Damage::white);
}

TEST(Slip, ACutOnTheArtsEdgeBearsItsBleedAndACutInsideItHalf) {
    const SlipCheck edge = check_of(with_disc([](Sticker& s) { s.border.width = 0; }));
    EXPECT_LT(edge.tolerance(), 0.05) << "any slip shows paper";
    const SlipCheck bled = check_of(with_disc([](Sticker& s) {
        s.border.width = 0;
        s.bleed = {Bleed::Kind::art, 1};
    }));
    EXPECT_NEAR(bled.tolerance(), 1, 0.1);
    const SlipCheck inside = check_of(with_disc([](Sticker& s) { s.border.width = -0.5; }));
    EXPECT_NEAR(inside.tolerance(), 0.5, 0.05) << "the art itself is the bleed";
}

TEST(Slip, ColoursPastAWhiteBorderShowAtTheSmallestSlip) {
    const Document d = with_disc([](Sticker& s) {
        s.border.width = 2;
        s.bleed = {Bleed::Kind::art, 1};
    });
    const SlipCheck check = check_of(d);
    EXPECT_LT(check.tolerance(), 0.05);
    EXPECT_TRUE(check.has_other_colour_past_cut());
    EXPECT_EQ(check.damage(Transform::shift({0.3, 0})), Damage::colour);
    Planner evaluator;
    const Remedy remedy = made_safe(d, evaluator, 0.8);
    EXPECT_EQ(remedy.without_bleed, 1);
    EXPECT_EQ(remedy.document.find(1)->bleed.kind, Bleed::Kind::none);
    EXPECT_NEAR(check_of(remedy.document).tolerance(), 2, 0.05);
}

TEST(Slip, AnArtsBleedRoundAColouredBorderIsAnotherColour) {
    Document d = with_disc([](Sticker& s) {
        s.border.width = 2;
        s.rims.border = {Fill::Kind::colour};
        s.bleed = {Bleed::Kind::art, 1};
    });
    EXPECT_EQ(check_of(d).damage(Transform::shift({0.3, 0})), Damage::colour);
    Planner evaluator;
    const Remedy remedy = made_safe(d, evaluator, 0.8);
    EXPECT_EQ(remedy.document.find(1)->bleed.kind, Bleed::Kind::rim);
    EXPECT_GE(check_of(remedy.document).tolerance(), 0.8 - 0.03);
}

TEST(Slip, ARimInsideTheOutermostIsAnEdgeToo) {
    const SlipCheck check = check_of(with_disc([](Sticker& s) {
        s.border.width = 0.6;
        s.rims = {{{2, {Fill::Kind::colour, {200, 30, 30}}}}, {Fill::Kind::clear}};
    }));
    EXPECT_NEAR(check.tolerance(), 0.6, 0.05) << "paper, then red";
    EXPECT_EQ(check.damage(Transform::shift({0.7, 0})), Damage::colour);
    EXPECT_EQ(check.damage(Transform::shift({0.5, 0})), Damage::none);
}

TEST(Slip, APatternIsOneEdge) {
    for (const Pattern pattern : {Pattern::dots, Pattern::stripes}) {
        const SlipCheck check = check_of(with_disc([&](Sticker& s) {
            s.border.width = 2;
            s.rims.border = {.kind = Fill::Kind::colour, .pattern = pattern};
            s.bleed = {Bleed::Kind::rim, 0.8};
        }));
        EXPECT_NEAR(check.tolerance(), 0.8, 0.05);
    }
}

/// Two copies beside each other, their cut lines `gap` mm apart.
Document beside_each_other(double gap, const std::function<void(Sticker&)>& change) {
    Document d = with_disc(change, {{60, 120}});
    Planner planner;
    const double across = planner.plan(d)->copies[0]->room_box.width();
    Placement second = d.placements[0];
    second.centre.x += across + gap;
    d.put(second);
    return d;
}

/// The same art, its left half painted green.
void paint_half_green(Sticker& s) {
    auto& art = std::get<PictureArtwork>(s.artwork);
    auto picture = std::make_shared<Picture>(*art.picture);
    test::repaint(*picture, [](Image& image) {
        for (std::size_t i = 0; i < image.rgba.size(); i += 4)
            if (i / 4 % static_cast<std::size_t>(image.width) < static_cast<std::size_t>(image.width / 2))
                image.rgba[i] = 40, image.rgba[i + 1] = 160;
    });
    art.picture = std::move(picture);
}

TEST(Slip, NeighboursTakeTheirShareOfABleed) {
    const auto sheet = [](double gap, const std::function<void(Sticker&)>& change) {
        Planner planner;
        const auto plan = planner.plan(beside_each_other(gap, change));
        return SlipSheet(*plan, 0, planner);
    };
    const auto bled = [](Sticker& s) {
        s.border.width = 0;
        s.bleed = {Bleed::Kind::art, 1.5};
    };
    const SlipSheet near = sheet(1, [&](Sticker& s) {
        bled(s);
        paint_half_green(s);
    });
    EXPECT_NEAR(near.tolerance(0), 0.5, 0.06);
    EXPECT_GT(near.check(0).tolerance(), 1.4) << "alone it bears its whole bleed";
    EXPECT_EQ(near.damage(0, Transform::shift({0.7, 0})), Damage::colour) << "the neighbour's";
    EXPECT_EQ(near.damage(0, Transform::shift({-0.7, 0})), Damage::none) << "away from it";
    EXPECT_EQ(near.damage(0, Transform::shift({0.4, 0})), Damage::none);
    EXPECT_EQ(near.damaged_by(0.6), 2u);
    EXPECT_GT(sheet(4, bled).tolerance(0), 1.4);
    const SlipSheet of_one_colour = sheet(1, bled);
    EXPECT_GT(of_one_colour.tolerance(0), near.tolerance(0) + 0.3) << "the neighbour's is the same red";
    EXPECT_EQ(of_one_colour.damage(0, Transform::shift({0.7, 0})), Damage::none);
    const SlipSheet alike = sheet(1, [](Sticker& s) {
        s.border.width = 2;
        s.rims.border = {Fill::Kind::colour};
        s.bleed = {Bleed::Kind::rim, 1.5};
    });
    EXPECT_GT(alike.tolerance(0), 1.4) << "the same blue from both sides";
    EXPECT_EQ(alike.damage(0, Transform::shift({0.9, 0})), Damage::none);
}

TEST(Slip, ANeighboursBleedComesIntoAWhiteBorder) {
    Document d = beside_each_other(1.2, [](Sticker& s) { s.border.width = 2; });
    Sticker bleeding = *d.find(1);
    bleeding.rims.border = {Fill::Kind::colour};
    bleeding.bleed = {Bleed::Kind::rim, 1};
    d = with_sticker_added(std::move(d), bleeding);
    d.placements[1].sticker = d.stickers.back()->id;
    Planner planner;
    const auto plan = planner.plan(d);
    const SlipSheet sheet(*plan, 0, planner);
    EXPECT_NEAR(sheet.tolerance(0), 0.6, 0.06) << "their bleed begins halfway";
    EXPECT_EQ(sheet.damage(0, Transform::shift({0.8, 0})), Damage::colour);
    EXPECT_EQ(sheet.damage(0, Transform::shift({0, 0.8})), Damage::none);
    EXPECT_EQ(sheet.damage(1, Transform::shift({-0.8, 0})), Damage::white) << "its own bleed ends there";
}

TEST(Slip, AMarkKeepsABleedAway) {
    Document d = with_disc(
        [](Sticker& s) {
            s.border.width = 0;
            s.bleed = {Bleed::Kind::art, 2};
        },
        {{100, 100}});
    Planner planner;
    const Mark mark = planner.plan(d)->pages[0].marks.front();
    const double radius = planner.plan(d)->copies[0]->room_box.width() / 2;
    d.placements[0].centre = mark.centre + Point{mark.keep_clear + radius + 0.6, 0};
    const auto plan = planner.plan(d);
    const SlipSheet sheet(*plan, 0, planner);
    EXPECT_NEAR(sheet.tolerance(0), 0.6, 0.1);
    EXPECT_EQ(sheet.damage(0, Transform::shift({-1, 0})), Damage::white);
    EXPECT_EQ(sheet.damage(0, Transform::shift({1, 0})), Damage::none);
}

TEST(Slip, ASheetTellsWhichCopiesATurnDamages) {
    Document d = with_disc([](Sticker& s) { s.border.width = 1; }, {{105, 148.5}, {30, 30}});
    Planner evaluator;
    const auto plan = evaluator.plan(d);
    const SlipSheet sheet(*plan, 0, evaluator);
    // A turn about the paper's middle leaves the copy there; the one 140 mm away moves by 140 mm × angle.
    EXPECT_THAT(sheet.damaged(map_of({{}, 0.9 / 140}, {105, 148.5})), ElementsAre());
    EXPECT_THAT(sheet.damaged(map_of({{}, 1.3 / 140}, {105, 148.5})), ElementsAre(CopyId{2}));
    EXPECT_EQ(sheet.damaged_by(0.9), 0u);
    EXPECT_EQ(sheet.damaged_by(1.2), 2u);
}

TEST(Slip, ChancesFollowTheRayleighDistribution) {
    // Shifts with standard deviation σ each way are longer than t with probability exp(−t²/2σ²).
    Document d = with_disc([](Sticker& s) { s.border.width = 0.5; }, {{105, 148.5}});
    Planner evaluator;
    const auto plan = evaluator.plan(d);
    const SlipSheet sheet(*plan, 0, evaluator);
    const auto chances = sheet.chances({0.25, 0}, 4000, 7);
    const double t = sheet.check(0).tolerance() + 0.03; // what nobody sees
    EXPECT_NEAR(1 - chances.all_good, std::exp(-t * t / (2 * 0.25 * 0.25)), 0.02);
    EXPECT_DOUBLE_EQ(chances.mean, chances.of_copy[0]);
    EXPECT_EQ(sheet.chances({0.25, 0}, 200, 7).mean, sheet.chances({0.25, 0}, 200, 7).mean) << "the seed decides";
}

TEST(Slip, OneStepMakesEveryStickerSafe) {
    for (const auto& [border, fill, bleed] :
         {std::tuple{0.3, Fill::Kind::clear, 0.0}, {1.5, Fill::Kind::colour, 0.2}, {0.0, Fill::Kind::clear, 0.0}}) {
        const Document d = with_disc([&, b = border, f = fill, w = bleed](Sticker& s) {
            s.border.width = b;
            s.rims.border = {f};
            if (w > 0)
                s.bleed = {Bleed::Kind::rim, w};
        });
        Planner evaluator;
        const Remedy remedy = made_safe(d, evaluator, 0.8);
        EXPECT_EQ(remedy.stickers, 1);
        const auto plan = evaluator.plan(remedy.document);
        EXPECT_EQ(SlipSheet(*plan, 0, evaluator).damaged_by(0.8), 0u) << border;
        EXPECT_EQ(made_safe(remedy.document, evaluator, 0.8).stickers, 0) << "once is enough";
    }
}

TEST(Ticket, KeepsThePlanHoweverTheSheetChanges) {
    Document d = test::disc_document({{60, 80}, {130, 150}});
    Planner evaluator;
    const Ticket ticket = frozen(d, *evaluator.plan(d), "2026-11-24T09:52:00");
    EXPECT_EQ(ticket.code.size(), 4u);
    EXPECT_EQ(ticket.pages[0].cuts, evaluator.plan(d)->pages[0].cuts);
    d = with_ticket_added(d, ticket);
    EXPECT_THAT(test::english(changes_since(ticket, d)), ElementsAre());
    Document moved = d;
    moved.placements[0].centre.x += 5;
    EXPECT_THAT(test::english(changes_since(ticket, moved)), ElementsAre("1 copy was moved."));
    moved.put(moved.placements[0]);
    Sticker wider = *moved.find(1);
    wider.border.width = 4;
    moved = with_sticker_changed(moved, wider);
    moved.sheet.paper = {215.9, 279.4};
    EXPECT_THAT(
        test::english(changes_since(ticket, moved)),
        ElementsAre("The paper is another.", "The marks lie elsewhere.", "“Disc” was changed.", "1 copy was added."));
    moved = d;
    moved.placements[0].locked = true;
    moved.material.blade_offset = 0.3;
    moved.sheet.cutter.shift = {1, 0};
    EXPECT_THAT(test::english(changes_since(ticket, moved)), ElementsAre()) << "none of this is printed";
    // The same sheet printed again at another time is another ticket.
    EXPECT_NE(frozen(d, *evaluator.plan(d), "2026-11-24T09:53:00").code, ticket.code);
    EXPECT_NE(frozen(d, *evaluator.plan(d), "2026-11-24T09:52:00").code, ticket.code) << "nor does a code come twice";
    EXPECT_EQ(with_ticket_removed(d, ticket.code).tickets.size(), 0u);
}

TEST(Ticket, PrintsItsCodeInTheMarginClearOfEverything) {
    Document d = test::disc_document({{60, 80}});
    d.pages = 2;
    Planner evaluator;
    const auto plan = evaluator.plan(d);
    const JobPlan coded = with_code(*plan, d, "K4M7");
    for (const std::size_t page : {0u, 1u}) {
        ASSERT_EQ(coded.pages[page].prints.size(), plan->pages[page].prints.size() + 1);
        const Polygons& code = coded.pages[page].prints.back().layer.area;
        EXPECT_TRUE(combine(code, plan->pages[page].zone, Combine::overlap_only).empty());
        const Rect box = bounds(code), room = printable(d.sheet);
        EXPECT_TRUE(room.contains(box.min) && room.contains(box.max));
        for (const Mark& mark : plan->pages[page].marks)
            EXPECT_FALSE(box.overlaps(bounds(Polygons{keep_clear_area(mark)})));
    }
    // No margin outside the zone: beside the copies. No room at all: without.
    d.sheet.printer.margins = d.sheet.cutter.reach = Edges::all(5);
    EXPECT_EQ(with_code(*evaluator.plan(d), d, "K4M7").pages[0].prints.size(), 2u);
    d.sheet.printer.margins = Edges::all(0);
    d.sheet.paper = {30, 30};
    d.placements[0].centre = {15, 15};
    d.sheet.marks.kind = MarkKind::none;
    EXPECT_EQ(with_code(*evaluator.plan(d), d, "K4M7").pages[0].prints.size(), 1u);
}

TEST(Lettering, EveryGlyphIsDifferentAndStaysInItsPlace) {
    const std::string_view all = "0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ-./+";
    std::vector<Polygons> seen;
    for (const char c : all) {
        const Polygons glyph = lettering(std::string(1, c), {10, 20}, 6);
        ASSERT_FALSE(glyph.empty()) << c;
        const Rect box = bounds(glyph);
        EXPECT_TRUE((Rect{{9, 19}, {15.6, 27}}).contains(box.min) && box.max.x < 15.6 && box.max.y < 27) << c;
        for (const Polygons& other : seen)
            EXPECT_NE(other, glyph) << c;
        seen.push_back(glyph);
    }
    EXPECT_TRUE(lettering(" ~é", {0, 0}, 2).empty());
}

TEST(TestPrints, MeasuresSetThePrinterRight) {
    // A printer that prints 1.2 mm too far right, 0.7 mm too high and at 99.4 %.
    const auto prints = [](const SheetSettings& sheet) {
        const PrinterProfile& p = sheet.printer;
        const Point middle{sheet.paper.width / 2, sheet.paper.height / 2};
        const auto lands = [&](Point at) {
            const Point sent =
                middle + p.shift + Point{p.stretch_x * (at.x - middle.x), p.stretch_y * (at.y - middle.y)};
            return 0.994 * sent + Point{1.2, -0.7};
        };
        const PrintMeasures w = wanted_measures(sheet);
        const Point corner = lands({w.left, w.top});
        return PrintMeasures{corner.x, corner.y, lands({w.left + w.across, w.top}).x - corner.x};
    };
    SheetSettings sheet;
    for (int round = 0; round < 2; ++round) { // a second time it finds nothing more to do
        const auto corrected_printer = corrected(sheet, prints(sheet));
        ASSERT_TRUE(corrected_printer);
        sheet.printer = *corrected_printer;
        const PrintMeasures now = prints(sheet), w = wanted_measures(sheet);
        EXPECT_NEAR(now.left, w.left, 1e-9);
        EXPECT_NEAR(now.top, w.top, 1e-9);
        EXPECT_NEAR(now.across, w.across, 1e-9);
    }
    EXPECT_FALSE(corrected(sheet, {100, 20, 150})) << "that far off is a slip of the pen";
    EXPECT_FALSE(corrected(sheet, {wanted_measures(sheet).left, 20, 0}));
    // The page says where its lines should be, and prints them there.
    const auto page = practice_print(QByteArray::fromStdString(print_pdf(measuring_page({}))), 254);
    ASSERT_TRUE(page);
    const PrintMeasures w = wanted_measures({});
    EXPECT_LT(qGray(page->pixel(static_cast<int>(10 * w.left), static_cast<int>(10 * (w.top + 30)))), 100);
    EXPECT_LT(qGray(page->pixel(static_cast<int>(10 * (w.left + 70)), static_cast<int>(10 * w.top))), 100);
}

TEST(TestPrints, DeviationsSetTheMachineRight) {
    SheetSettings sheet;
    const Point middle{105, 148.5};
    const Transform machine = map_of({{0.8, -0.5}, 0.004, 1.002, 0.997}, middle);
    const auto seen = [&] {
        std::vector<Point> off;
        for (const Point place : machine_test_places(sheet)) {
            const CutterProfile& c = sheet.cutter;
            const Transform told = map_of({c.shift, c.turn, c.stretch_x, c.stretch_y}, middle);
            off.push_back(told.then(machine).apply(place) - place);
        }
        return off;
    };
    ASSERT_EQ(seen().size(), 5u);
    EXPECT_GT(norm(seen()[0]), 0.5);
    sheet.cutter = corrected(sheet, seen());
    for (const Point off : seen())
        EXPECT_LT(norm(off), 5e-3) << "a turned stretch is a little skewed";
    EXPECT_EQ(machine_test(sheet).pages[0].cuts.size(), 5u);
}

TEST(TestPrints, PlainPaperHasTheCutLinesAsOutlinesAndTwoRulers) {
    const Document d = test::disc_document({{100, 150}});
    Planner evaluator;
    const auto page =
        practice_print(QByteArray::fromStdString(print_pdf(plain_paper_test(*evaluator.plan(d), d.sheet))), 254);
    ASSERT_TRUE(page);
    const auto grey = [&](double x, double y) {
        return qGray(page->pixel(static_cast<int>(10 * x), static_cast<int>(10 * y)));
    };
    EXPECT_LT(grey(100 + 17, 150), 120) << "the cut line, 15 mm and a border of 2 mm";
    EXPECT_GT(grey(100, 150), 250) << "no art";
    EXPECT_LT(grey(14, 14), 30) << "a mark";
    EXPECT_LT(grey(55, 5.05), 160) << "the ruler along the top";
}

struct Rehearsed {
    Ticket ticket;
    Rehearsal result;
};

Rehearsed rehearsed(Document d, const RehearsalSetup& setup) {
    Planner evaluator;
    const auto plan = evaluator.plan(d);
    Rehearsed r{frozen(d, *plan, ""), {}};
    auto result =
        rehearse(QByteArray::fromStdString(print_pdf(*plan)), 0, r.ticket, SlipSheet(*plan, 0, evaluator), setup);
    EXPECT_TRUE(result);
    r.result = std::move(*result);
    return r;
}

TEST(PracticeScan, ShowsEveryPlaceOfACrookedSheetWhereItLies) {
    constexpr Size paper{30, 20};
    constexpr double k = 10; // px/mm
    QImage print(300, 200, QImage::Format_RGB32);
    print.setDotsPerMeterX(10000);
    print.setDotsPerMeterY(10000);
    const auto grey = [](Point px) { return 20 + 0.4 * px.x + 0.5 * px.y; };
    for (int y = 0; y < print.height(); ++y)
        for (int x = 0; x < print.width(); ++x) {
            const int g = static_cast<int>(std::lround(grey({x + 0.5, y + 0.5})));
            print.setPixel(x, y, qRgb(g, g, g));
        }
    PracticeFaults faults;
    faults.load = {.shift = {1.37, -2.21}, .turn = 0.13, .noise = 0};
    const Scan scan = practice_scan(print, paper, {}, {}, faults.load);
    const Transform back = true_place(faults, paper).inverted();
    const auto seen = [&scan](int x, int y) {
        return static_cast<double>(scan.grey[static_cast<std::size_t>(y) * static_cast<std::size_t>(scan.width) +
                                             static_cast<std::size_t>(x)]);
    };
    int inside = 0, beyond = 0;
    for (int y = 0; y < scan.height; ++y)
        for (int x = 0; x < scan.width; ++x) {
            const Point px = k * back.apply(scan.origin + (1 / scan.px_per_mm) * Point{x + 0.5, y + 0.5});
            const auto lies_in = [px](double by) {
                return px.x > by && px.y > by && px.x < 300 - by && px.y < 200 - by;
            };
            if (lies_in(1)) {
                ++inside;
                ASSERT_NEAR(seen(x, y), grey(px) * 246 / 255, 1.1) << x << ' ' << y;
            } else if (!lies_in(-1)) {
                ++beyond;
                ASSERT_EQ(seen(x, y), 120) << x << ' ' << y;
            }
        }
    EXPECT_GT(inside, 50000);
    EXPECT_GT(beyond, 150000);
    // Noise has the deviation asked for, and leans to neither side.
    faults.load.noise = 6;
    const Scan noisy = practice_scan(print, paper, {}, {}, faults.load);
    double sum = 0, squares = 0;
    constexpr int corner = 150;
    for (int y = 0; y < corner; ++y)
        for (int x = 0; x < corner; ++x) {
            const double off = noisy.grey[static_cast<std::size_t>(y * noisy.width + x)] - 120.0;
            sum += off;
            squares += off * off;
        }
    EXPECT_NEAR(sum / (corner * corner), 0, 0.15);
    EXPECT_NEAR(std::sqrt(squares / (corner * corner)), 6, 0.2);
}

TEST(PracticePrinter, PrintsLargeSheetsAsFineAsMemoryHolds) {
    EXPECT_EQ(practice_dpi({210, 297}), 300);
    EXPECT_EQ(practice_dpi({297, 420}, 150), 150);
    for (const Size paper : {Size{841, 1189}, Size{1500, 1700}, Size{2000, 2000}}) {
        const double dpi = practice_dpi(paper);
        EXPECT_NEAR(paper.width / 25.4 * dpi * paper.height / 25.4 * dpi, 64e6, 1);
        EXPECT_GT(dpi, 100) << "marks of 4 mm are 16 px across";
    }
}

TEST(Rehearsal, ACrookedStretchedSheetIsCutWhereItWasPrinted) {
    RehearsalSetup setup{.dpi = 200};
    setup.faults.load = {{2.4, -1.7}, 0.03, false, 6, {}, {}, 11};
    setup.faults.print.pose = {{0.4, 0.3}, 0, 1.006, 0.995};
    Document d = test::disc_document({{60, 80}, {130, 150}, {50, 220}});
    const Rehearsed r = rehearsed(d, setup);
    ASSERT_TRUE(r.result.registration.accepted) << r.result.registration.reason;
    EXPECT_LT(r.result.judgement.worst_error, 0.15);
    EXPECT_TRUE(r.result.faulty.empty());
    // Every cut in the machine lies round its print there.
    for (std::size_t i = 0; i < r.result.traces.size(); ++i) {
        const Point wanted = r.result.place.apply(d.copy(r.result.job.runs[i].copy)->centre);
        EXPECT_LT(distance(bounds(Polygons{r.result.traces[i].tip}).centre(), wanted), 0.1);
    }
    // By its edge alone the same sheet is spoilt.
    setup.method = MarkMethod::paper_edge;
    const Rehearsed by_edge = rehearsed(d, setup);
    EXPECT_GT(by_edge.result.judgement.worst_error, 1);
    EXPECT_FALSE(by_edge.result.faulty.empty());
}

TEST(Rehearsal, ASmudgedMarkIsRefusedAndFoundByHand) {
    RehearsalSetup setup{.dpi = 200};
    setup.faults.load = {{1, 1}, -0.02, false, 4, {2}, {}, 3};
    const Document d = test::disc_document({{60, 80}});
    const Rehearsed refused = rehearsed(d, setup);
    EXPECT_FALSE(refused.result.registration.accepted);
    EXPECT_THAT(refused.result.registration.reason.english(), HasSubstr("bottom right"));
    EXPECT_TRUE(refused.result.traces.empty());
    setup.method = MarkMethod::by_hand;
    const Rehearsed by_hand = rehearsed(d, setup);
    ASSERT_TRUE(by_hand.result.registration.accepted) << by_hand.result.registration.reason;
    EXPECT_LT(by_hand.result.judgement.worst_error, 0.3) << "a hand is steady to a tenth of a millimetre";
}

TEST(Rehearsal, ABladeThatIsNotMadeUpForShows) {
    Document d = test::disc_document({{60, 80}});
    RehearsalSetup setup{.dpi = 120};
    setup.faults.machine.blade_offset = 0.6;
    const double plain = rehearsed(d, setup).result.judgement.worst_error;
    d.material.blade_offset = 0.6;
    const double led = rehearsed(d, setup).result.judgement.worst_error;
    EXPECT_LT(led, 0.1);
    EXPECT_GT(plain, led + 0.1);
}

TEST(Rehearsal, ADeafSensorAndAThirstyPaperAreBorne) {
    RehearsalSetup setup{.dpi = 200};
    setup.faults.load.noise = 20;
    setup.faults.print.ink_spread = 0.1;
    const Rehearsed r = rehearsed(test::disc_document({{60, 80}}), setup);
    EXPECT_TRUE(r.result.registration.accepted) << r.result.registration.reason;
    EXPECT_LT(r.result.judgement.worst_error, 0.1);
    // A printer that leaves the edges blank takes the marks with them.
    setup.faults.print.clipped = 14;
    EXPECT_FALSE(rehearsed(test::disc_document({{60, 80}}), setup).result.registration.accepted);
}

} // namespace
} // namespace fusuma
