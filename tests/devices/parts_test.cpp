// Parts of drawings: what is printed and cut, combining them beside GEOS, and all of it through plan and project file.

#include "core/arrange/clusters.h"
#include "core/drawing/parts.h"
#include "core/geometry/combine_curves.h"
#include "devices/practice/practice_printer.h"
#include "formats/drawing/drawing_read.h"
#include "formats/pdf/pdf_write.h"
#include "formats/project/project_file.h"
#include "tests/support/drawing_truth.h"
#include "tests/support/geos.h"
#include "tests/support/samples.h"

#include <gmock/gmock.h>
#include <numbers>
#include <random>
#include <thread>

namespace fusuma {
namespace {

using std::numbers::pi;

/// @param size  of the page on which 80 × 60 units lie
std::shared_ptr<const Drawing> drawing_of(const std::string& inside,
                                          const std::string& size = R"(width="80mm" height="60mm")") {
    const std::string text =
        "<svg xmlns=\"http://www.w3.org/2000/svg\" " + size + " viewBox=\"0 0 80 60\">" + inside + "</svg>";
    const auto* first = reinterpret_cast<const std::byte*>(text.data());
    return *read_drawing(std::make_shared<const std::vector<std::byte>>(first, first + text.size()), "parts.svg");
}

/// A plate of 60 × 40 with a disc of radius 10 on it and a bar across both.
std::shared_ptr<const Drawing> plate() {
    return drawing_of(R"svg(<rect id="plate" x="10" y="10" width="60" height="40" fill="#f0e0c0"/>
        <circle id="disc" cx="40" cy="30" r="10" fill="#2060a0"/><rect id="bar" x="0" y="25" width="80" height="10" fill="#c04020"/>)svg");
}

ShapeIds ids_of(const Parts& parts) {
    ShapeIds ids;
    for (const Shape& shape : parts.shapes)
        ids.insert(shape.id);
    return ids;
}

Sticker sticker_of(std::shared_ptr<const Drawing> drawing, Parts parts, double border = 0) {
    Sticker s = new_sticker(DrawingArtwork{std::move(drawing), std::make_shared<const Parts>(std::move(parts))});
    s.border.width = border;
    return s;
}

TEST(Parts, OfADrawingThatIsTinyInItsFileArePrintedLargeWhereTheyLie) {
    std::string dots;
    for (int i = 0; i < 60; ++i)
        dots += "<circle cx='" + std::to_string(4.03 + 7.21 * (i % 10)) + "' cy='" +
                std::to_string(4.07 + 9.13 * (i / 10)) + "' r='1.013'/>";
    std::vector<QImage> printed;
    for (const char* size : {R"(width="80mm" height="60mm")", R"(width="0.08mm" height="0.06mm")"}) {
        const auto drawing = drawing_of(dots, size);
        Sticker s = sticker_of(drawing, all_parts(*drawing));
        s.width = 80;
        Document d = with_sticker_added({}, std::move(s));
        d.put({.sticker = 1, .centre = {100, 100}});
        Planner planner;
        const auto page = practice_print(QByteArray::fromStdString(print_pdf(*planner.plan(d))), 600);
        ASSERT_TRUE(page);
        printed.push_back(*page);
    }
    int dark = 0, differ = 0;
    for (int y = 0; y < printed[0].height(); ++y)
        for (int x = 0; x < printed[0].width(); ++x) {
            const int a = qGray(printed[0].pixel(x, y)), b = qGray(printed[1].pixel(x, y));
            dark += a < 128;
            differ += std::abs(a - b) > 128;
        }
    EXPECT_GT(dark, 50'000);
    EXPECT_LT(differ, dark / 500) << "a tenth of a millimetre off would be every eighth";
}

/// Reference: librsvg. Opacities stay with what they are stated for, whatever is printed before and after.
TEST(Parts, ArePrintedInTheColoursThatLibrsvgDrawsThemIn) {
    const std::string svg =
        R"svg(<svg xmlns="http://www.w3.org/2000/svg" width="80mm" height="60mm" viewBox="0 0 80 60">
        <linearGradient id="fades" x2="1"><stop stop-color="#000" stop-opacity=".2"/><stop offset="1" stop-color="#fff"/></linearGradient>
        <radialGradient id="glows"><stop stop-color="#fe6"/><stop offset="1" stop-color="#c40"/></radialGradient>
        <pattern id="dots" width="5" height="5" patternUnits="userSpaceOnUse"><rect width="5" height="5" fill="#286"/></pattern>
        <rect width="80" height="60" fill="#ddeeff"/>
        <rect x="5" y="5" width="30" height="20" fill="#c00" fill-opacity=".1"/>
        <rect x="10" y="10" width="30" height="20" fill="url(#glows)"/>
        <rect x="45" y="5" width="30" height="20" fill="#06c" opacity=".3"/>
        <rect x="45" y="30" width="30" height="25" fill="url(#fades)"/>
        <rect x="60" y="10" width="15" height="40" fill="#000" fill-opacity=".05"/>
        <rect x="5" y="35" width="30" height="20" fill="url(#dots)"/>
        <rect x="12" y="40" width="16" height="10" fill="#fff"/></svg>)svg";
    const auto* first = reinterpret_cast<const std::byte*>(svg.data());
    const auto drawing =
        *read_drawing(std::make_shared<const std::vector<std::byte>>(first, first + svg.size()), "colours.svg");
    Document d = with_sticker_added({}, sticker_of(drawing, all_parts(*drawing)));
    d.put({.sticker = 1, .centre = {100, 100}});
    Planner planner;
    const auto page = practice_print(QByteArray::fromStdString(print_pdf(*planner.plan(d))), 254);
    ASSERT_TRUE(page);
    const Image truth = test::rendered(QByteArray::fromStdString(svg), 800, 600);
    double worst = 0;
    for (int y = 5; y < 600; y += 10) // apart from edges, which run along whole millimetres
        for (int x = 5; x < 800; x += 10)
            for (int c = 0; c < 3; ++c) {
                const auto at = static_cast<std::size_t>(4 * (800 * y + x) + c);
                const QRgb printed = page->pixel(600 + x, 700 + y);
                const int is = c == 0 ? qRed(printed) : c == 1 ? qGreen(printed) : qBlue(printed);
                worst = std::max(worst, std::abs(is - static_cast<double>(truth.rgba[at])));
            }
    EXPECT_LT(worst, 6);
}

TEST(Parts, CombinationsHaveTheAreasThatGeosFinds) {
    // Thirty random discs and boxes in threes, beside GEOS on the flattened shapes.
    std::mt19937 random(11);
    std::uniform_real_distribution<double> at(15, 55), size(6, 14);
    for (int run = 0; run < 10; ++run) {
        std::string shapes;
        for (int i = 0; i < 3; ++i)
            shapes += i % 2 ? "<rect x='" + std::to_string(at(random)) + "' y='" + std::to_string(at(random) - 10) +
                                  "' width='" + std::to_string(size(random)) + "' height='" +
                                  std::to_string(size(random)) + "'/>"
                            : "<circle cx='" + std::to_string(at(random)) + "' cy='" + std::to_string(at(random) - 8) +
                                  "' r='" + std::to_string(size(random)) + "'/>";
        const auto drawing = drawing_of(shapes);
        const Parts parts = all_parts(*drawing);
        std::vector<test::Geos> geos;
        for (std::size_t i = 0; i < 3; ++i)
            geos.push_back(test::region_of(flatten(drawing->region(i), 0.0005)));
        const auto folded = [&](auto operation) {
            test::Geos result(operation(geos[0].get(), geos[1].get()));
            return test::area_of(test::Geos(operation(result.get(), geos[2].get())));
        };
        for (const auto& [how, expected] : {std::pair{Combining::join, folded(GEOSUnion)},
                                            {Combining::take_out, folded(GEOSDifference)},
                                            {Combining::overlap_only, folded(GEOSIntersection)},
                                            {Combining::exclude, folded(GEOSSymDifference)}}) {
            const auto combined_parts = combined(*drawing, parts, ids_of(parts), how);
            if (!combined_parts) {
                EXPECT_NEAR(expected, 0, 1e-3);
                continue;
            }
            ASSERT_EQ(combined_parts->shapes.size(), 1u);
            EXPECT_NEAR(area(region_of(*drawing, combined_parts->shapes[0])), expected, 0.06)
                << "flattened circles are a little smaller";
        }
        const auto split = combined(*drawing, parts, ids_of(parts), Combining::split);
        double sum = 0;
        for (const Shape& shape : split->shapes)
            sum += area(region_of(*drawing, shape));
        EXPECT_NEAR(sum, folded(GEOSUnion), 0.06) << "the pieces cover the whole, each place once";
    }
}

TEST(Parts, VisibleOnlyLeavesASingleLayerThatIsTakenApartAgain) {
    const auto drawing = plate();
    const Parts parts = all_parts(*drawing);
    const auto seen = combined(*drawing, parts, ids_of(parts), Combining::visible);
    ASSERT_TRUE(seen);
    ASSERT_EQ(seen->shapes.size(), 3u);
    // Handbook: a chord at 5 from the middle of a disc of radius 10 cuts off r² acos(d/r) − d √(r² − d²).
    const double cap = 100 * std::acos(0.5) - 5 * std::sqrt(75.0);
    EXPECT_NEAR(area(region_of(*drawing, seen->shapes[2])), 800, 1e-6) << "the bar lies on top";
    EXPECT_NEAR(area(region_of(*drawing, seen->shapes[1])), 2 * cap, 0.06)
        << "a circle of four cubics is larger by 0.03 %";
    EXPECT_NEAR(area(region_of(*drawing, seen->shapes[0])), 60 * 40 - 600 - 2 * cap, 0.06);
    EXPECT_EQ(seen->shapes[0].name, "plate");
    EXPECT_EQ(colour_of(paints_of(*drawing, *seen, seen->shapes[1])), (Rgb{0x20, 0x60, 0xa0}));
    const Parts again = taken_apart(*seen, {seen->shapes[1].id});
    ASSERT_EQ(again.shapes.size(), 3u);
    for (std::size_t i = 0; i < 3; ++i)
        EXPECT_EQ(again.shapes[i], parts.shapes[i]) << "just as it was";
}

TEST(Parts, VisibleOnlyOverABaseThatWasCutAloneIsCutOnceRoundAllThatIsLeft) {
    const auto drawing = plate();
    const Parts parts = cut_bottom_shape(*drawing, all_parts(*drawing));
    const auto seen = combined(*drawing, parts, ids_of(parts), Combining::visible);
    ASSERT_TRUE(seen);
    for (const Shape& shape : seen->shapes)
        EXPECT_EQ(shape.use, (PartUse{true, PartCut::outline})) << shape.name;
    Planner evaluator;
    Sticker s = sticker_of(drawing, *seen);
    s.border.width = 0;
    const Outline cut = evaluator.evaluate(s)->cut_line();
    ASSERT_EQ(cut.contours.size(), 1u) << "not round each part";
    EXPECT_NEAR(area(cut), 60 * 40 + 200, 0.5) << "the plate, and the bar's ends that stick out";
    // Where everything was cut, every part keeps its use.
    const auto all = combined(*drawing, all_parts(*drawing), ids_of(parts), Combining::visible);
    EXPECT_EQ(all->shapes[0].use, PartUse{});
}

TEST(Parts, VisibleOnlyOfManyStopsWhenAskedAndIsDoneWhenAskedAgain) {
    std::string discs;
    for (int i = 0; i < 120; ++i)
        discs += "<circle cx='" + std::to_string(8 + 37 * i % 64) + "' cy='" + std::to_string(8 + 29 * i % 44) +
                 "' r='7' fill='#" + std::to_string(100 + i) + "'/>";
    const auto drawing = drawing_of(discs);
    const Parts parts = all_parts(*drawing);
    const Combination visible(Combining::visible, parts.shapes);
    for (int i = 1; i < 40; ++i) { // it may have been done by then
        const double at = 0.025 * i;
        std::stop_source stop;
        std::atomic<double> done = 0;
        std::jthread asker([&](const std::stop_token& over) {
            while (done < at && !over.stop_requested())
                std::this_thread::yield();
            stop.request_stop();
        });
        try {
            EXPECT_TRUE(
                combined(*drawing, parts, ids_of(parts), Combining::visible, {stop.get_token(), &done}).has_value());
        } catch (const Stopped&) {
        }
    }
    std::stop_source stopped;
    stopped.request_stop();
    EXPECT_THROW(static_cast<void>(visible.results(*drawing, {stopped.get_token()})), Stopped);
    EXPECT_THROW(static_cast<void>(combined(*drawing, parts, ids_of(parts), Combining::visible, {stopped.get_token()})),
                 Stopped);
    const auto& results = visible.results(*drawing);
    ASSERT_EQ(results.size(), parts.shapes.size());
    std::vector<Outline> seen;
    for (const Combination::Part& part : results)
        seen.push_back(part.region);
    EXPECT_EQ(seen.back(), region_of(*drawing, parts.shapes.back()));
    double sum = 0;
    for (const Outline& region : seen)
        sum += area(region);
    EXPECT_NEAR(sum, area(united(seen)), 1e-3 * sum);
    // What is left of them is printed in their colours, and comes back whole.
    const auto apart = combined(*drawing, parts, ids_of(parts), Combining::visible);
    ASSERT_TRUE(apart);
    for (const Shape& shape : apart->shapes) {
        const auto paints = paints_of(*drawing, *apart, shape);
        ASSERT_EQ(paints.size(), 1u);
        EXPECT_EQ(paints[0].area->curves, region_of(*drawing, shape));
        EXPECT_EQ(std::get<Rgb>(paints[0].ink),
                  std::get<Rgb>(
                      drawing->parts[static_cast<std::size_t>(shape.of->members[shape.result].part)].paints[0].ink));
    }
    EXPECT_EQ(taken_apart(*apart, ids_of(*apart)).shapes, parts.shapes);
}

TEST(Parts, PiecesAndHolesComeTogetherAndApart) {
    const auto drawing = drawing_of(
        R"svg(<rect x="5" y="5" width="50" height="50"/><circle cx="30" cy="30" r="10"/><circle cx="70" cy="20" r="5"/>)svg");
    const Parts parts = all_parts(*drawing);
    auto holed = combined(*drawing, parts, {1, 2}, Combining::exclude);
    ASSERT_TRUE(holed);
    EXPECT_NEAR(area(region_of(*drawing, holed->shapes[0])), 2500 - 100 * pi, 0.1);
    EXPECT_EQ(region_of(*drawing, holed->shapes[0]).contours.size(), 2u) << "one shape with a hole";
    const auto joined_parts = combined(*drawing, *holed, ids_of(*holed), Combining::join);
    const auto pieces = combined(*drawing, *joined_parts, ids_of(*joined_parts), Combining::pieces);
    ASSERT_TRUE(pieces);
    EXPECT_EQ(pieces->shapes.size(), 2u);
    EXPECT_FALSE(combined(*drawing, *pieces, {pieces->shapes[0].id}, Combining::pieces)) << "a single piece stays";
    const Parts back = taken_apart(taken_apart(taken_apart(*pieces, ids_of(*pieces)), ids_of(*joined_parts)), {4});
    EXPECT_EQ(back.shapes, parts.shapes);
}

TEST(Parts, SliversAreFoundAndLeftOutUnderAThickness) {
    // A square with another over it that leaves a strip 0.3 wide at the right.
    const auto drawing = drawing_of(
        R"svg(<rect x="10" y="10" width="30.3" height="30"/><rect x="10" y="10" width="30" height="30" fill="#c00"/>)svg");
    const Parts parts = all_parts(*drawing);
    const auto seen = combined(*drawing, parts, ids_of(parts), Combining::visible);
    ASSERT_TRUE(seen);
    EXPECT_TRUE(slivers(*drawing, *seen, 0.2).empty());
    const auto found = slivers(*drawing, *seen, 0.5);
    ASSERT_EQ(found.size(), 1u);
    EXPECT_NEAR(area(found[0].piece), 9, 1e-3);
    const Parts clean = without_slivers(*seen, 0.5);
    EXPECT_TRUE(slivers(*drawing, clean, 0.5).empty());
    EXPECT_TRUE(region_of(*drawing, clean.shapes[0]).empty());
    EXPECT_NEAR(area(region_of(*drawing, clean.shapes[1])), 900, 1e-6);
}

TEST(Parts, QuickChoicesDecideWhatPrintsAndWhatCuts) {
    const auto drawing = plate();
    const Parts parts = all_parts(*drawing);
    Planner evaluator;
    const auto cut_area = [&](Parts chosen) {
        return area(evaluator.evaluate(sticker_of(drawing, std::move(chosen)))->cut_line());
    };
    EXPECT_NEAR(cut_area(cut_round_everything(parts)), 2400 + 2 * 100, 0.01) << "the plate and the bar's two ends";
    const Parts bottom = cut_bottom_shape(*drawing, parts);
    EXPECT_NEAR(cut_area(bottom), 2400, 0.01);
    EXPECT_FALSE(bottom.shapes[0].use.is_printed);
    EXPECT_TRUE(bottom.shapes[1].use.is_printed);
    const auto colours = by_colour(*drawing, parts);
    ASSERT_EQ(colours.size(), 3u);
    EXPECT_NEAR(cut_area(colours[1].second), 100 * pi, 0.1) << "the disc alone, whole, for its own paper";
    EXPECT_EQ(art_of(*drawing, colours[1].second).art->shapes.size(), 1u);
}

TEST(Parts, EachKindOfCutReachesThePlanBesidesTheBorder) {
    const auto drawing = plate();
    Parts parts = cut_bottom_shape(*drawing, all_parts(*drawing));
    parts = with_use(parts, {2}, {true, PartCut::score});
    parts = with_use(parts, {3}, {false, PartCut::through});
    Planner evaluator;
    Document d = with_sticker_added({}, sticker_of(drawing, parts, 2));
    d.put({.sticker = 1, .centre = {105, 150}});
    const auto plan = evaluator.plan(d);
    const PlanTotals sum = totals(*plan);
    EXPECT_NEAR(sum.score_mm, 2 * pi * 10, 0.01) << "the disc's own edge, however wide the border";
    EXPECT_NEAR(sum.through_mm, 2 * (80 + 10), 0.01);
    EXPECT_NEAR(sum.kiss_mm, 2 * (60 + 40) + 4 * pi, 0.05) << "Steiner: the plate's edge grown by 2";
    EXPECT_EQ(plan->pages[0].cuts.size(), 3u);
    const Contour disc = plan->pages[0].cuts[1].line;
    EXPECT_NEAR(bounds(disc).centre().x, 105, 0.01);
}

TEST(Parts, LinesAloneTakeRoomOnTheSheetWithoutBeingCutTwice) {
    const auto drawing = drawing_of(
        R"svg(<path d="M10 10 H60 V40 H10 Z" fill="none" stroke="#000" stroke-width=".1"/><path d="M20 20 H50" fill="none" stroke="#000" stroke-width=".1"/>)svg");
    Planner evaluator;
    Document d = with_sticker_added({}, sticker_of(drawing, as_in_file(*drawing, all_parts(*drawing))));
    d.put({.sticker = 1, .centre = {105, 150}});
    const auto plan = evaluator.plan(d);
    EXPECT_EQ(plan->pages[0].cuts.size(), 2u);
    EXPECT_NEAR(totals(*plan).kiss_mm, 160 + 30, 1e-3);
    EXPECT_NEAR(plan->copies[0]->room_box.width(), 50, 0.01);
}

TEST(Parts, FillsAndRecoloursArePrintedByThePracticePrinter) {
    const auto drawing = plate();
    Parts parts = with_recolour(all_parts(*drawing), {0x20, 0x60, 0xa0}, {0x10, 0xa0, 0x40});
    parts = with_fill(parts, {3}, PartFill{Fill{.kind = Fill::Kind::colour, .colour = {250, 220, 40}}, nullptr});
    Planner evaluator;
    Document d = with_sticker_added({}, sticker_of(drawing, parts));
    d.sheet.marks.kind = MarkKind::none;
    d.put({.sticker = 1, .centre = {105, 150}});
    const auto sheet = practice_print(QByteArray::fromStdString(print_pdf(*evaluator.plan(d), {true, d.inks})), 100);
    ASSERT_TRUE(sheet);
    const auto colour_at = [&](double x, double y) {
        const QColor c = sheet->pixelColor(static_cast<int>(x / 25.4 * 100), static_cast<int>(y / 25.4 * 100));
        return Rgb{static_cast<std::uint8_t>(c.red()), static_cast<std::uint8_t>(c.green()),
                   static_cast<std::uint8_t>(c.blue())};
    };
    EXPECT_EQ(colour_at(105, 142), (Rgb{0x10, 0xa0, 0x40})) << "the disc above the bar, recoloured";
    EXPECT_EQ(colour_at(105, 150), (Rgb{250, 220, 40})) << "the bar, filled anew";
    EXPECT_EQ(colour_at(80, 136), (Rgb{0xf0, 0xe0, 0xc0}));
    EXPECT_EQ(colour_at(60, 120), (Rgb{255, 255, 255}));
}

TEST(Parts, ProjectsKeepCombinationsFillsAndTheFileItself) {
    const auto drawing = plate();
    Parts parts =
        *combined(*drawing, with_recolour(all_parts(*drawing), {1, 2, 3}, {4, 5, 6}), {1, 3}, Combining::take_out);
    parts = *combined(*drawing, parts, ids_of(parts), Combining::visible);
    parts = with_fill(without_slivers(parts, 0.3), {parts.shapes[0].id},
                      PartFill{Fill{.kind = Fill::Kind::colour, .pattern = Pattern::dots}, test::picture_of({}, 4, 4)});
    parts.shapes[0].fill->picture = nullptr;
    const Document d = with_sticker_added({}, sticker_of(drawing, parts, 1.5));
    const auto loaded = read_project_bytes(*project_bytes(d), "p.fusuma");
    ASSERT_TRUE(loaded) << loaded.problem().english();
    const auto& art = std::get<DrawingArtwork>(loaded->stickers[0]->artwork);
    EXPECT_EQ(*art.parts, parts);
    EXPECT_EQ(*art.drawing->original, *drawing->original);
    Planner evaluator;
    EXPECT_EQ(evaluator.evaluate(*d.stickers[0])->cut_line(), evaluator.evaluate(*loaded->stickers[0])->cut_line());
    EXPECT_EQ(*project_bytes(*loaded), *project_bytes(d)) << "the same document, the same bytes";
}

/// Two discs of 30 mm with 2 mm borders, their middles 20 mm apart.
Document two_discs() {
    return test::disc_document({{80, 100}, {100, 100}});
}

TEST(Cluster, OneCutGoesRoundAllAndInnerLinesStayStored) {
    Planner evaluator;
    const Document d = two_discs();
    const auto one = clustered(d, evaluator, test::ids(1, 2), ClusterCut::outer);
    ASSERT_TRUE(one);
    ASSERT_EQ(one->document.placements.size(), 1u);
    EXPECT_EQ(one->selection, (Selection{one->document.placements[0].id}));
    const auto plan = evaluator.plan(one->document);
    ASSERT_EQ(plan->pages[0].cuts.size(), 1u);
    // Two discs of radius 17 at distance 20: 2πr² less the lens 2r² acos(d/2r) − d/2 √(4r² − d²).
    const double r = 17, lens = 2 * r * r * std::acos(20 / (2 * r)) - 10 * std::sqrt(4 * r * r - 400);
    EXPECT_NEAR(plan->copies[0]->room_mm2, 2 * pi * r * r - lens, 0.5);
    EXPECT_NEAR(plan->copies[0]->cut_box.min.x, 80 - 17, 0.02) << "all lies where it lay";
    EXPECT_NEAR(plan->copies[0]->cut_box.max.y, 117, 0.02);

    auto cluster = std::make_shared<Cluster>(*std::get<ClusterArtwork>(one->document.stickers.back()->artwork).cluster);
    cluster->inner_lines_are_cut = true;
    Sticker with_inner = *one->document.stickers.back();
    with_inner.artwork = ClusterArtwork{cluster};
    const auto again = evaluator.plan(with_sticker_changed(one->document, with_inner));
    EXPECT_EQ(again->pages[0].cuts.size(), 3u);

    const Edited back = parted(one->document, one->selection);
    ASSERT_EQ(back.document.placements.size(), 2u);
    for (std::size_t i = 0; i < 2; ++i) {
        EXPECT_EQ(back.document.placements[i].sticker, d.placements[i].sticker);
        EXPECT_NEAR(back.document.placements[i].centre.x, d.placements[i].centre.x, 1e-6);
        EXPECT_NEAR(back.document.placements[i].centre.y, d.placements[i].centre.y, 1e-6);
        EXPECT_NEAR(back.document.placements[i].turn, 0, 1e-9);
    }
}

TEST(Cluster, TheWhiteOfAnUpperBorderHidesWhatLiesBelowWhenAsked) {
    Planner evaluator;
    Document d = clustered(two_discs(), evaluator, test::ids(1, 2), ClusterCut::outer)->document;
    const auto at = [&](double x) {
        const auto plan = evaluator.plan(d);
        const QImage page =
            *practice_print(QByteArray::fromStdString(print_pdf(*plan, {.with_cut_lines = false})), 254);
        return page.pixelColor(static_cast<int>(x * 10), 1000);
    };
    // The upper disc's art begins at 85 mm and its border at 83; the lower one's art ends at 95.
    EXPECT_LT(at(84).green(), 100) << "the lower disc shows through the upper border";
    auto cluster = std::make_shared<Cluster>(*std::get<ClusterArtwork>(d.stickers.back()->artwork).cluster);
    cluster->borders_hide = true;
    Sticker changed = *d.stickers.back();
    changed.artwork = ClusterArtwork{cluster};
    d = with_sticker_changed(d, changed);
    EXPECT_GT(at(84).green(), 240) << "white lies over it";
    EXPECT_LT(at(80).green(), 100) << "beyond the border nothing is hidden";
    EXPECT_LT(at(90).green(), 100) << "the upper art prints";
}

TEST(Cluster, PartedMembersLieWhereATurnedLargerMirroredClusterShowedThem) {
    Planner evaluator;
    Document one = clustered(two_discs(), evaluator, test::ids(1, 2), ClusterCut::outer)->document;
    Placement& p = one.placements[0];
    p.turn = 0.7;
    p.scale = 1.25;
    p.mirrored = true;
    const Rect shown = evaluator.placed_copy(one, p)->cut_box;
    const Edited back = parted(one, {one.placements[0].id});
    Rect box;
    for (const Placement& member : back.document.placements)
        box.include(evaluator.placed_copy(back.document, member)->cut_box);
    EXPECT_NEAR(box.centre().x, shown.centre().x, 0.02);
    EXPECT_NEAR(box.centre().y, shown.centre().y, 0.02);
    EXPECT_NEAR(shown.width() - box.width(), 2 * 2 * 0.25, 0.05) << "stickers keep the width of their borders";
    EXPECT_NEAR(back.document.placements[0].scale, 1.25, 1e-6);
}

TEST(Cluster, CombinesStickersAndKeepsThemThroughAProject) {
    Planner evaluator;
    const double r = 17, disc = pi * r * r,
                 lens = 2 * r * r * std::acos(20 / (2 * r)) - 10 * std::sqrt(4 * r * r - 400);
    for (const auto& [how, expected] : {std::pair{ClusterCut::take_out, disc - lens},
                                        {ClusterCut::overlap_only, lens},
                                        {ClusterCut::exclude, 2 * (disc - lens)}}) {
        const auto one = clustered(two_discs(), evaluator, test::ids(1, 2), how);
        ASSERT_TRUE(one);
        EXPECT_NEAR(evaluator.plan(one->document)->copies[0]->room_mm2, expected, 0.5);
    }
    const auto seen = clustered(two_discs(), evaluator, test::ids(1, 2), ClusterCut::visible);
    EXPECT_EQ(evaluator.plan(seen->document)->pages[0].cuts.size(), 2u) << "each disc's visible piece";
    EXPECT_FALSE(clustered(two_discs(), evaluator, test::ids(1), ClusterCut::outer));
    const auto real = with_sticker_added({}, sticker_of(plate(), all_parts(*plate()), 1));
    Document d = real;
    d.put({.sticker = 1, .centre = {60, 60}});
    d.put({.sticker = 1, .centre = {100, 80}, .turn = 0.3});
    const Document one = clustered(d, evaluator, test::ids(1, 2), ClusterCut::outer)->document;
    const auto loaded = read_project_bytes(*project_bytes(one), "p.fusuma");
    ASSERT_TRUE(loaded) << loaded.problem().english();
    EXPECT_EQ(evaluator.plan(*loaded)->copies[0]->region, evaluator.plan(one)->copies[0]->region);
    EXPECT_EQ(*project_bytes(*loaded), *project_bytes(one));
    auto hiding = std::make_shared<Cluster>(*std::get<ClusterArtwork>(one.stickers.back()->artwork).cluster);
    hiding->borders_hide = true;
    Sticker changed = *one.stickers.back();
    changed.artwork = ClusterArtwork{hiding};
    const auto hides = read_project_bytes(*project_bytes(with_sticker_changed(one, changed)), "p.fusuma");
    ASSERT_TRUE(hides) << hides.problem().english();
    EXPECT_TRUE(std::get<ClusterArtwork>(hides->stickers.back()->artwork).cluster->borders_hide);
    const Edited pasted = joined(*loaded, only(*loaded, {loaded->placements[0].id}), 0, {5, 5});
    EXPECT_EQ(pasted.document.stickers.size(), loaded->stickers.size()) << "the same cluster is recognised";
}

} // namespace
} // namespace fusuma
