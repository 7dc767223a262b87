// What is written to print and to cut, read back by readers that are not ours: poppler, librsvg; and HP-GL by the
// practice cutter's reader, which shares no code with the writer.

#include "core/arrange/free_place.h"
#include "core/geometry/measure.h"
#include "devices/practice/practice_printer.h"
#include "formats/basics/file.h"
#include "formats/cut_files/hpgl.h"
#include "formats/cut_files/svg_write.h"
#include "formats/fonts/fonts.h"
#include "formats/pdf/pdf_write.h"
#include "formats/picture/picture_read.h"
#include "formats/room/room.h"
#include "tests/support/drawing_truth.h"
#include "tests/support/hpgl.h"
#include "tests/support/samples.h"

#include <gmock/gmock.h>
#include <memory>
#include <numbers>

namespace fusuma {
namespace {

struct Planned {
    Document document;
    std::shared_ptr<const JobPlan> plan;
};

Planned three_discs(Size paper) {
    Document d = test::disc_document({});
    d.sheet.paper = paper;
    Planner evaluator;
    d = place_in_rows(d, evaluator, 1, 3).document;
    return {d, evaluator.plan(d)};
}

/// Darkness-weighted centre of the dark pixels near a place, in mm.
Point dark_centre(const QImage& sheet, Point near_mm, double reach_mm, double px_per_mm) {
    double weight = 0;
    Point sum;
    const auto px = [&](double mm) { return static_cast<int>(std::lround(mm * px_per_mm)); };
    for (int y = px(near_mm.y - reach_mm); y <= px(near_mm.y + reach_mm); ++y)
        for (int x = px(near_mm.x - reach_mm); x <= px(near_mm.x + reach_mm); ++x) {
            const double dark = 255 - qGray(sheet.pixel(x, y));
            weight += dark;
            sum = sum + dark * Point{x + 0.5, y + 0.5};
        }
    return (1 / (weight * px_per_mm)) * sum;
}

TEST(Pdf, MarksLieWhereThePlanSaysAt1200Dpi) {
    const Planned planned = three_discs({210, 297});
    const auto sheet = practice_print(QByteArray::fromStdString(print_pdf(*planned.plan)), 1200);
    ASSERT_TRUE(sheet);
    const double px_per_mm = 1200 / 25.4;
    for (const Mark& mark : planned.plan->pages[0].marks)
        EXPECT_LT(distance(dark_centre(*sheet, mark.centre, mark.radius + 1, px_per_mm), mark.centre), 0.05);
}

TEST(Pdf, ArtLandsInItsPlaceWithItsTransparencyAndWithoutCutLines) {
    const Planned planned = three_discs({210, 297});
    const auto sheet = practice_print(QByteArray::fromStdString(print_pdf(*planned.plan)), 600);
    ASSERT_TRUE(sheet);
    const double px_per_mm = 600 / 25.4;
    const auto colour = [&](Point mm) {
        return QColor(sheet->pixel(static_cast<int>(mm.x * px_per_mm), static_cast<int>(mm.y * px_per_mm)));
    };
    for (const Placement& p : planned.document.placements) {
        EXPECT_EQ(colour(p.centre), QColor(200, 60, 40));
        EXPECT_EQ(colour(p.centre + Point{15.5, 15.5}), QColor(Qt::white)) << "the picture's clear corner";
        EXPECT_LT(distance(dark_centre(*sheet, p.centre, 17.5, px_per_mm), p.centre), 0.01);
        for (int i = 0; i < 360; ++i) // along the cut line, 17 mm from the middle
            EXPECT_EQ(colour(p.centre + 17.0 * Point{std::cos(i), std::sin(i)}), QColor(Qt::white));
    }
}

TEST(PracticePrinter, TakesTheTimeThatASheetOfOursNeeds) {
    const int allowed = room::allowed_seconds();
    room::allow(0); // to files of strangers
    EXPECT_TRUE(practice_print(QByteArray::fromStdString(print_pdf(*three_discs({210, 297}).plan)), 300));
    room::allow(allowed);
}

TEST(PracticePrinter, ASizeThatIsRoundedInPointsHasNoPixelMore) {
    Document document;
    document.sheet.paper = {148, 210};
    const QByteArray pdf = QByteArray::fromStdString(print_pdf(*Planner().plan(document)));
    for (const int px_per_mm : {6, 10, 20}) {
        const auto sheet = practice_print(pdf, px_per_mm * 25.4);
        ASSERT_TRUE(sheet);
        EXPECT_EQ(sheet->size(), QSize(148 * px_per_mm, 210 * px_per_mm));
    }
}

TEST(PracticePrinter, ShowsTheColoursOfTheRealFile) {
    Planner planner;
    Document document = test::disc_document({{60, 80}});
    document.sheet.paper = {105, 148};
    const auto plan = planner.plan(document);
    const auto real = practice_print(QByteArray::fromStdString(print_pdf(*plan, {.with_cut_lines = false})), 254),
               practised = practice_print(for_practice(*plan, 2400), 254); // pictures as they are
    ASSERT_TRUE(real && practised);
    for (int y = 0; y < real->height(); ++y)
        for (int x = 0; x < real->width(); ++x) {
            const QColor one(real->pixel(x, y)), other(practised->pixel(x, y));
            ASSERT_LE(std::abs(one.red() - other.red()) + std::abs(one.green() - other.green()) +
                          std::abs(one.blue() - other.blue()),
                      2)
                << x << ' ' << y;
        }
}

TEST(PracticePrinter, StopsAtOnce) {
    std::stop_source stop;
    stop.request_stop();
    EXPECT_THROW(static_cast<void>(practice_print(QByteArray::fromStdString(print_pdf(*three_discs({210, 297}).plan)),
                                                  300, 0, {stop.get_token()})),
                 Stopped);
}

/// A JPEG photograph is printed as the file it came in, however its camera was held, and shows what its pixels show.
TEST(Pdf, PhotographsGoInAsTheJpegTheyAre) {
    const auto file = read_file(test::demo_art("harbour-ferry.jpg"), 1 << 24);
    ASSERT_TRUE(file);
    // Exif with nothing but an orientation: six is a camera held on its side.
    const QByteArray exif = QByteArray("\xff\xe1\x00\x22"
                                       "Exif\0\0MM\0\x2a\0\0\0\x08\0\x01\x01\x12\0\x03\0\0\0\x01\0\x06\0\0\0\0\0\0",
                                       36);
    for (const QByteArray& photo : {*file, file->first(2) + exif + file->sliced(2)}) {
        const auto picture = read_picture(photo, QStringLiteral("photo.jpg"));
        ASSERT_TRUE(picture);
        auto as_pixels = std::make_shared<Picture>(**picture);
        as_pixels->pixels = *(*picture)->pixels.get(); // no file is known of these
        std::vector<QImage> printed;
        std::vector<std::string> pdfs;
        for (const std::shared_ptr<const Picture>& one : {*picture, std::shared_ptr<const Picture>(as_pixels)}) {
            Sticker sticker = new_sticker(PictureArtwork{one});
            sticker.background.source = Source::alpha;
            Document d = with_sticker_added({}, sticker);
            d.put({.sticker = 1, .centre = {80, 90}, .turn = 20});
            Planner planner;
            pdfs.push_back(print_pdf(*planner.plan(d)));
            const auto sheet = practice_print(QByteArray::fromStdString(pdfs.back()), 150);
            ASSERT_TRUE(sheet);
            printed.push_back(*sheet);
        }
        EXPECT_NE(pdfs[0].find("/DCTDecode"), std::string::npos);
        EXPECT_EQ(pdfs[1].find("/DCTDecode"), std::string::npos);
        EXPECT_LT(pdfs[0].size(), static_cast<std::size_t>(photo.size()) + 20'000);
        // Looked at from a little away, since renderers sample a picture on its side at other places.
        const auto seen = [](const QImage& sheet) {
            return sheet.scaled(sheet.size() / 6, Qt::IgnoreAspectRatio, Qt::SmoothTransformation);
        };
        const QImage a = seen(printed[0]), b = seen(printed[1]), wrong = a.mirrored();
        double off = 0, far_off = 0;
        int inked = 0;
        for (int y = 0; y < a.height(); ++y)
            for (int x = 0; x < a.width(); ++x) {
                inked += b.pixel(x, y) != qRgb(255, 255, 255);
                off += std::abs(qRed(a.pixel(x, y)) - qRed(b.pixel(x, y)));
                far_off += std::abs(qRed(wrong.pixel(x, y)) - qRed(b.pixel(x, y)));
            }
        EXPECT_GT(inked, 500);
        EXPECT_LT(off / inked, 4);
        EXPECT_GT(far_off / inked, 30) << "what lies otherwise is told apart";
    }
}

/// On request: art that was cut out as JPEG, its edge still in a mask, and no finer than asked for.
TEST(Pdf, OnRequestCutOutArtIsJpegWithItsEdgeInAMask) {
    const auto picture = read_picture(test::demo_art("harbour-ferry.jpg"));
    ASSERT_TRUE(picture);
    Sticker sticker = new_sticker(PictureArtwork{*picture});
    sticker.background.source = Source::colour;
    Document d = with_sticker_added({}, sticker);
    d.put({.sticker = 1, .centre = {90, 90}});
    Planner planner;
    const auto plan = planner.plan(d);
    const std::string whole = print_pdf(*plan), small = print_pdf(*plan, {.jpeg_quality = 90});
    EXPECT_EQ(whole.find("/DCTDecode"), std::string::npos);
    EXPECT_NE(small.find("/DCTDecode"), std::string::npos);
    EXPECT_NE(small.find("/SMask"), std::string::npos);
    EXPECT_LT(small.size() * 2, whole.size());
    const auto a = practice_print(QByteArray::fromStdString(whole), 100),
               b = practice_print(QByteArray::fromStdString(small), 100);
    ASSERT_TRUE(a && b);
    double off = 0;
    for (int y = 0; y < a->height(); ++y)
        for (int x = 0; x < a->width(); ++x)
            off += std::abs(qGreen(a->pixel(x, y)) - qGreen(b->pixel(x, y)));
    EXPECT_LT(off / a->width() / a->height(), 0.5);
    std::stop_source stop;
    stop.request_stop();
    EXPECT_THROW(static_cast<void>(print_pdf(*plan, {}, {stop.get_token()})), Stopped);
}

/// A list's labels share their letters in the file; each looks as it does in a file of its own.
TEST(Pdf, LabelsOfAListLookAsTheyDoAlone) {
    LabelDesign design;
    design.shape = {.width = 40, .height = 16};
    auto table = std::make_shared<Table>();
    table->columns = {"name", "contents"};
    for (int i = 0; i < 12; ++i)
        table->rows.push_back(
            {"Relish no. " + std::to_string(7 * i), std::string(static_cast<std::size_t>(i), 'k') + "elp"});
    design.table = table;
    design.texts = {LabelText{.words = "{name}"}, LabelText{.words = "{contents}", .size = 2.6}};
    for (LabelText& text : design.texts)
        text.font.font = find_font(text.font.family, false, false);
    const auto shared = std::make_shared<const LabelDesign>(design);
    const auto printed = [&](int first, int last, std::string& pdf) {
        Document d = with_sticker_added({}, new_sticker(LabelArtwork{shared, 0}));
        for (int row = first; row < last; ++row)
            d.put({.sticker = 1,
                   .centre = {40.0 + row % 3 * 55, 50.0 + row / 3 * 30},
                   .turn = 5.0 * row,
                   .row = static_cast<std::size_t>(row)});
        Planner planner;
        pdf = print_pdf(*planner.plan(d));
        return practice_print(QByteArray::fromStdString(pdf), 200);
    };
    std::string pdf, some;
    const auto all = printed(0, 12, pdf), before = printed(0, 6, some), after = printed(6, 12, some);
    ASSERT_TRUE(all && before && after);
    EXPECT_NE(pdf.find("/P0 "), std::string::npos);
    EXPECT_EQ(some.find("/P0 "), std::string::npos);
    int worst = 0, inked = 0;
    for (int y = 0; y < all->height(); ++y)
        for (int x = 0; x < all->width(); ++x) {
            const int alone = std::min(qGreen(before->pixel(x, y)), qGreen(after->pixel(x, y)));
            worst = std::max(worst, std::abs(qGreen(all->pixel(x, y)) - alone));
            inked += alone < 128;
        }
    EXPECT_GT(inked, 2000);
    EXPECT_LE(worst, 40) << "edges may be a few hundredths of a pixel off";
}

/// What copies have under their art is in the file once, turned and mirrored as they are; what is cut back where copies
/// meet is its own.
TEST(Pdf, WhatCopiesHaveInCommonLooksAsIfWrittenForEach) {
    Sticker s = test::disc_sticker(10);
    s.rims.inner = {{1, {.kind = Fill::Kind::colour, .colour = {237, 184, 77}, .pattern = Pattern::stripes}}};
    s.rims.border = {.kind = Fill::Kind::colour, .colour = {30, 120, 102}};
    s.bleed = {Bleed::Kind::art, 1};
    Document d = with_sticker_added({}, s);
    constexpr int pages = 3;
    d.pages = pages;
    for (int i = 0; i < pages * 12; ++i)
        d.put({.sticker = 1,
               .centre = {35.0 + i % 3 * 55, 45.0 + i / 3 % 4 * 60},
               .turn = 0.4 * i,
               .mirrored = i % 2 == 1,
               .scale = i % 5 == 0 ? 0.7 : 1.0,
               .page = i / 12});
    d.put({.sticker = 1, .centre = {47, 45}}); // into its neighbours'
    Planner planner;
    const auto plan = planner.plan(d);
    JobPlan each = *plan;
    int cut_back = 0;
    for (PagePlan& page : each.pages)
        for (PrintItem& item : page.prints)
            cut_back += std::exchange(item.whole, nullptr) == nullptr;
    EXPECT_GT(cut_back, 0);
    EXPECT_LT(cut_back, 12);
    const PdfOptions print_alone{.with_cut_lines = false};
    const std::string together = print_pdf(*plan, print_alone), apart = print_pdf(each, print_alone);
    EXPECT_LT(2 * together.size(), apart.size());
    for (int page = 0; page < pages; ++page) {
        const auto one = practice_print(QByteArray::fromStdString(together), 200, page),
                   other = practice_print(QByteArray::fromStdString(apart), 200, page);
        ASSERT_TRUE(one && other);
        ASSERT_EQ(one->size(), other->size());
        int differ = 0, inked = 0;
        for (int y = 0; y < one->height(); ++y)
            for (int x = 0; x < one->width(); ++x) {
                const QColor a = one->pixelColor(x, y), b = other->pixelColor(x, y);
                differ += std::max({std::abs(a.red() - b.red()), std::abs(a.green() - b.green()),
                                    std::abs(a.blue() - b.blue())}) > 40;
                inked += b.red() < 128;
            }
        EXPECT_GT(inked, 50'000);
        EXPECT_LE(differ, inked / 2000) << "edges may be a few hundredths of a pixel off";
    }
}

/// More than is packed at a time.
TEST(Pdf, PagesWithVeryMuchOnThemAreAllThereInTheirOrder) {
    JobPlan plan;
    plan.paper = {210, 297};
    const std::vector<Rgb> colours{{200, 0, 0}, {0, 160, 0}, {0, 0, 200}};
    constexpr int steps = 25'000; // of each side of a square
    for (const Rgb colour : colours) {
        Polygon square;
        const Point corners[] = {{50, 50}, {150, 50}, {150, 150}, {50, 150}};
        for (std::size_t side = 0; side < 4; ++side)
            for (int i = 0; i < steps; ++i)
                square.push_back(corners[side] + (corners[(side + 1) % 4] - corners[side]) * (i / double(steps)));
        plan.pages.emplace_back().prints.push_back({{colour, {}, {square}}});
    }
    const QByteArray pdf = QByteArray::fromStdString(print_pdf(plan));
    for (std::size_t page = 0; page < colours.size(); ++page) {
        const auto sheet = practice_print(pdf, 25.4, static_cast<int>(page)); // a pixel a millimetre
        ASSERT_TRUE(sheet);
        const QColor seen = sheet->pixelColor(100, 100);
        EXPECT_NEAR(seen.red(), colours[page].red, 3) << page;
        EXPECT_NEAR(seen.green(), colours[page].green, 3) << page;
        EXPECT_NEAR(seen.blue(), colours[page].blue, 3) << page;
        EXPECT_EQ(sheet->pixelColor(30, 30), QColor(Qt::white));
    }
}

/// Pictures finer than anybody needs are a printer's waiting.
TEST(Pdf, PicturesFinerThanEnoughAreMadeSmallerAndLieWhereTheyLay) {
    Document d = with_sticker_added({}, test::disc_sticker(29)); // 372 px on 31 mm
    for (const Point at : {Point{40, 60}, {90.3, 60.7}, {140, 120}})
        d.put({.sticker = 1, .centre = at, .scale = 0.25});
    Planner planner;
    const std::string whole = print_pdf(*planner.plan(d)), enough = print_pdf(*planner.plan(d), {.enough_dpi = 60});
    EXPECT_LT(enough.size() + 1000, whole.size());
    constexpr double dpi = 1200, px_per_mm = dpi / 25.4;
    const auto sheet = practice_print(QByteArray::fromStdString(enough), dpi);
    ASSERT_TRUE(sheet);
    for (const Placement& p : d.placements) {
        const QPoint middle(static_cast<int>(p.centre.x * px_per_mm), static_cast<int>(p.centre.y * px_per_mm));
        EXPECT_EQ(QColor(sheet->pixel(middle)), QColor(200, 60, 40));
        EXPECT_LT(distance(dark_centre(*sheet, p.centre, 5, px_per_mm), p.centre), 0.04);
    }
    // One copy that needs all pixels keeps them for all.
    d.put({.sticker = 1, .centre = {100, 220}});
    EXPECT_EQ(print_pdf(*planner.plan(d), {.enough_dpi = 310}), print_pdf(*planner.plan(d)));
    EXPECT_EQ(print_pdf(*planner.plan(d), {.enough_dpi = 1e9}), print_pdf(*planner.plan(d)));
}

TEST(Pdf, ThePrintersCorrectionMovesAndStretchesEverything) {
    Planned planned = three_discs({210, 297});
    planned.document.sheet.printer.shift = {1.5, -0.8};
    planned.document.sheet.printer.stretch_x = 1.01;
    Planner evaluator;
    const auto plan = evaluator.plan(planned.document);
    const auto sheet = practice_print(QByteArray::fromStdString(print_pdf(*plan)), 600);
    ASSERT_TRUE(sheet);
    for (const Mark& mark : plan->pages[0].marks) {
        const Point wanted{105 + 1.01 * (mark.centre.x - 105) + 1.5, mark.centre.y - 0.8};
        EXPECT_LT(distance(dark_centre(*sheet, wanted, mark.radius + 1, 600 / 25.4), wanted), 0.06);
    }
}

TEST(Pdf, CrossesAndRingsAreDrawnAsTheirShapes) {
    Document document = test::disc_document({});
    document.sheet.marks = {.kind = MarkKind::scheme,
                            .scheme = {"Two",
                                       {{MarkShape::cross, PaperCorner::top_left, {30, 30}, 5, 0.6},
                                        {MarkShape::ring, PaperCorner::bottom_right, {30, 30}, 5, 1}}}};
    Planner evaluator;
    const auto sheet = practice_print(QByteArray::fromStdString(print_pdf(*evaluator.plan(document))), 300);
    ASSERT_TRUE(sheet);
    const auto is_black = [&](double x, double y) {
        return qGray(sheet->pixel(static_cast<int>(x * 300 / 25.4), static_cast<int>(y * 300 / 25.4))) < 60;
    };
    EXPECT_TRUE(is_black(30, 30) && is_black(26, 30) && is_black(30, 34));
    EXPECT_FALSE(is_black(27, 27));
    EXPECT_TRUE(is_black(180 + 4.5, 267));
    EXPECT_FALSE(is_black(180, 267));
}

TEST(Cut, SmallSheetsAreScoredInTheirOwnGroupAndPen) {
    Document document = test::disc_document({{60, 80}});
    document.sheet.division = {2, 2, 6, Division::Cut::score};
    Planner evaluator;
    const auto plan = evaluator.plan(document);
    EXPECT_THAT(cut_svg(*plan), testing::HasSubstr("id=\"score\""));
    EXPECT_THAT(test::hpgl_of(*plan), testing::HasSubstr("SP3;"));
    const PlanTotals sum = totals(*plan);
    const std::vector<Rect> sheets = small_sheets(document.sheet);
    EXPECT_NEAR(sum.score_mm, 4 * 2 * (sheets[0].width() + sheets[0].height()), 1e-6);
    EXPECT_NEAR(sum.kiss_mm, 34 * std::numbers::pi, 0.5);
}

TEST(Pdf, SamePlanSameBytes) {
    const auto plan = three_discs({210, 297}).plan;
    EXPECT_EQ(print_pdf(*plan), print_pdf(*plan));
}

TEST(Pdf, ATurnedMirroredCopyPrintsAsItIsPlaced) {
    // A picture with only its top-left quarter filled shows which way it lies.
    Document d = with_sticker_added(
        {}, new_sticker(PictureArtwork{test::picture_of({{{0, 0}, {0, 100}, {100, 100}, {100, 0}}}, 200, 200, 254)}));
    d.put({.sticker = 1, .centre = {100, 100}, .turn = std::numbers::pi / 2, .mirrored = true});
    Planner evaluator;
    const auto sheet = practice_print(QByteArray::fromStdString(print_pdf(*evaluator.plan(d))), 100);
    const auto filled = [&](Point mm) {
        return qGray(sheet->pixel(static_cast<int>(mm.x * 100 / 25.4), static_cast<int>(mm.y * 100 / 25.4))) < 200;
    };
    // Mirrored: top right. Then a quarter turn clockwise: bottom right.
    EXPECT_TRUE(filled({105, 105}));
    EXPECT_FALSE(filled({95, 95}));
    EXPECT_FALSE(filled({105, 95}));
    EXPECT_FALSE(filled({95, 105}));
}

TEST(PracticePrinter, RefusesWhatIsNoPdf) {
    EXPECT_EQ(practice_print("not a pdf", 300).problem().message.english(),
              "The practice printer prints nothing: its file is a damaged PDF.");
    EXPECT_FALSE(practice_print({}, 300));
    const QByteArray pdf = QByteArray::fromStdString(print_pdf(*three_discs({210, 297}).plan));
    EXPECT_EQ(practice_print(pdf, 300, 2).problem().message.english(),
              "The practice printer prints nothing: its file has no page 3, only 1.");
    EXPECT_FALSE(practice_print(pdf.first(pdf.size() / 3), 300));
}

/// The polygons of an SVG's paths, read by librsvg: the drawing is filled in black and measured as a picture.
struct Drawn {
    double width_mm = 0, height_mm = 0;
    double area_mm2 = 0;
    Rect box;
};

Drawn drawn_by_librsvg(const std::string& written, double px_per_mm) {
    QByteArray svg = QByteArray::fromStdString(written);
    svg.replace("fill=\"none\" stroke=\"#00838a\"", "fill=\"black\" "); // so that areas can be compared
    const auto size = test::size_in_mm(svg);
    if (!size) {
        ADD_FAILURE() << "not in millimetres";
        return {};
    }
    Drawn drawn{size->width, size->height, 0, {}};
    const Image image = test::rendered(svg, static_cast<int>(size->width * px_per_mm + 0.5),
                                       static_cast<int>(size->height * px_per_mm + 0.5));
    for (int y = 0; y < image.height; ++y)
        for (int x = 0; x < image.width; ++x)
            if (const int value = image.rgba[4 * static_cast<std::size_t>(y * image.width + x) + 3]; value > 0) {
                drawn.area_mm2 += value / 255.0 / (px_per_mm * px_per_mm);
                if (value > 127)
                    drawn.box.include((1 / px_per_mm) * Point{x + 0.5, y + 0.5});
            }
    return drawn;
}

TEST(Svg, LibrsvgSeesTheCutLinesInTheirTrueSizeAndPlace) {
    const Planned planned = three_discs({210, 297});
    const Drawn drawn = drawn_by_librsvg(cut_svg(*planned.plan), 10);
    EXPECT_NEAR(drawn.width_mm, 210, 1e-4);
    EXPECT_NEAR(drawn.height_mm, 297, 1e-4);
    EXPECT_NEAR(drawn.area_mm2, 3 * std::numbers::pi * 17 * 17, 2);
    EXPECT_NEAR(drawn.box.min.x, planned.document.placements.front().centre.x - 17, 0.1);
    EXPECT_NEAR(drawn.box.max.y, planned.document.placements.front().centre.y + 17, 0.1);
}

TEST(Svg, KindsOfCutHaveTheirOwnGroups) {
    Planned planned = three_discs({210, 297});
    Sticker s = *planned.document.find(1);
    s.cut = CutKind::through;
    Planner evaluator;
    const std::string svg = cut_svg(*evaluator.plan(with_sticker_changed(planned.document, s)));
    EXPECT_THAT(svg, testing::HasSubstr("<g id=\"through\""));
    EXPECT_THAT(svg, testing::Not(testing::HasSubstr("<g id=\"kiss\"")));
}

TEST(Svg, AnOutlineKeepsItsHole) {
    const Sticker ring = new_sticker(PictureArtwork{test::picture_of(
        {test::ellipse({200, 200}, 150, 150), test::as_hole(test::ellipse({200, 200}, 50, 50))}, 400, 400, 254)});
    Planner evaluator;
    const Drawn drawn = drawn_by_librsvg(outline_svg({evaluator.evaluate(ring)->outline()}, {}, {40, 40}), 20);
    EXPECT_NEAR(drawn.area_mm2, std::numbers::pi * (15 * 15 - 5 * 5), 0.6);
}

TEST(Pdf, RimsAndBleedComeOutOfThePrinterWhereThePlanHasThem) {
    // A disc of 20 mm with a yellow rim of 1 mm, a blue border of 2 mm and 1 mm of bleed, laid out turned; poppler
    // draws it.
    Document d = test::disc_document({{60, 150}});
    Sticker s = *d.find(1);
    s.rims.inner = {{1, {.kind = Fill::Kind::colour, .colour = {237, 184, 77}}}};
    s.rims.border = {.kind = Fill::Kind::colour, .colour = {30, 78, 102}};
    s.bleed = {Bleed::Kind::rim, 1};
    d = with_sticker_changed(d, s);
    d.placements[0].turn = 0.6;
    Planner evaluator;
    constexpr double dpi = 254; // 10 px to the mm
    const auto sheet = practice_print(QByteArray::fromStdString(print_pdf(*evaluator.plan(d))), dpi);
    ASSERT_TRUE(sheet);
    const auto colour_at = [&](double radius, double angle) {
        const Point p = 10 * (Point{60, 150} + radius * Point{std::cos(angle), std::sin(angle)});
        return sheet->pixelColor(static_cast<int>(p.x), static_cast<int>(p.y));
    };
    const auto is_near = [](const QColor& a, const QColor& b) {
        return std::abs(a.red() - b.red()) + std::abs(a.green() - b.green()) + std::abs(a.blue() - b.blue()) < 12;
    };
    for (double angle = 0; angle < 6.2; angle += 0.37) {
        EXPECT_TRUE(is_near(colour_at(14.6, angle), QColor(200, 60, 40))) << angle; // the art
        EXPECT_TRUE(is_near(colour_at(15.5, angle), QColor(237, 184, 77))) << angle;
        EXPECT_TRUE(is_near(colour_at(16.4, angle), QColor(30, 78, 102))) << angle;
        EXPECT_TRUE(is_near(colour_at(18.7, angle), QColor(30, 78, 102))) << angle; // past the cut at 18
        EXPECT_TRUE(is_near(colour_at(19.4, angle), Qt::white)) << angle;
        // No hairline of paper where one meets the other.
        for (double radius = 14.5; radius < 18.8; radius += 0.05)
            EXPECT_LT(colour_at(radius, angle).blue(), 150) << radius << " " << angle;
    }
}

TEST(Pdf, BleedOfTheArtsColoursLeavesNoSeamAtItsEdge) {
    Document d = test::disc_document({{60, 150}});
    Sticker s = *d.find(1);
    s.border.width = 0;
    s.bleed = {Bleed::Kind::art, 1};
    d = with_sticker_changed(d, s);
    Planner evaluator;
    for (const double dpi : {200.0, 300.0, 600.0}) {
        const auto sheet = practice_print(QByteArray::fromStdString(print_pdf(*evaluator.plan(d))), dpi);
        ASSERT_TRUE(sheet);
        for (double angle = 0; angle < 6.28; angle += 0.01)
            for (double radius = 14; radius < 15.8; radius += 0.04) {
                const Point p = dpi / 25.4 * (Point{60, 150} + radius * Point{std::cos(angle), std::sin(angle)});
                const QColor colour = sheet->pixelColor(static_cast<int>(p.x), static_cast<int>(p.y));
                ASSERT_LT(colour.green(), 85) << dpi << " dpi, " << radius << " mm from the middle";
            }
    }
}

TEST(Svg, OpenLinesStayOpenHereAndOnTheCutter) {
    JobPlan plan{{100, 100}, {{}}};
    plan.pages[0].cuts = {{{{10, 20}, {Segment::line_to({30, 20}), Segment::cubic_to({40, 20}, {40, 30}, {30, 30})}},
                           CutKind::kiss,
                           CopyId{1},
                           true}};
    EXPECT_EQ(cut_svg(plan).find('Z'), std::string::npos);
    HpglReader reader;
    ASSERT_TRUE(reader.take(test::hpgl_of(plan)));
    ASSERT_EQ(reader.strokes().size(), 1u);
    EXPECT_NEAR(distance(reader.strokes()[0].points.front(), {10, 80}), 0, 0.02);
    EXPECT_NEAR(distance(reader.strokes()[0].points.back(), {30, 70}), 0, 0.02);
}

TEST(Hpgl, ReadsBackWithinAPlotterUnitOfThePlan) {
    const Planned planned = three_discs({215.9, 279.4});
    HpglReader reader;
    ASSERT_TRUE(reader.take(test::hpgl_of(*planned.plan)));
    const auto strokes = reader.strokes();
    const auto& cuts = planned.plan->pages[0].cuts;
    ASSERT_EQ(strokes.size(), cuts.size());
    Polygons all;
    for (std::size_t i = 0; i < cuts.size(); ++i) {
        EXPECT_EQ(strokes[i].pen, 1);
        EXPECT_EQ(strokes[i].points.front(), strokes[i].points.back()) << "closed";
        Polygon on_paper;
        for (const Point p : strokes[i].points)
            on_paper.push_back({p.x, 279.4 - p.y}); // HP-GL's y axis points up
        Polygons truth;
        for (const CutPath& cut : cuts)
            truth.push_back(flatten(cut.line, 0.001));
        for (const Point p : on_paper)
            EXPECT_LT(nearest_on(truth, p).distance, 0.03);
        all.push_back(on_paper);
    }
    for (const CutPath& cut : cuts)
        for (const Point p : flatten(cut.line, 0.001))
            EXPECT_LT(nearest_on(all, p).distance, 0.03);
}

TEST(Hpgl, UnitIsAFortiethOfAMillimetre) { // HP-GL reference manuals: 0.025 mm
    HpglReader reader;
    ASSERT_TRUE(reader.take("IN;SP2;PU40,80;PD440,80;PU;"));
    ASSERT_EQ(reader.strokes().size(), 1u);
    EXPECT_EQ(reader.strokes()[0].pen, 2);
    EXPECT_EQ(reader.strokes()[0].points, (Polygon{{1, 2}, {11, 2}}));
}

TEST(Hpgl, ArrivesInAnyPiecesAndAlsoRelative) {
    HpglReader reader;
    for (const char c : std::string("IN;\r\nsp1;PA;PU100,100;PR;PD40,0,0,40;PU;VS10;"))
        ASSERT_TRUE(reader.take({&c, 1}));
    ASSERT_EQ(reader.strokes().size(), 1u);
    EXPECT_EQ(reader.strokes()[0].points, (Polygon{{2.5, 2.5}, {3.5, 2.5}, {3.5, 3.5}}));
}

TEST(Hpgl, SaysWhatIsNotHpgl) {
    for (const char* wrong : {"%!PS;", "12;", "PDx,y;", "PU1;", "PD1e999,2;", "<svg;"})
        EXPECT_FALSE(HpglReader().take(wrong)) << wrong;
}

} // namespace
} // namespace fusuma
