// Labels: letters beside FreeType, shapes by handbook formulas, texts that fit and texts that cannot, fields and lists.

#include <ft2build.h>
#include FT_FREETYPE_H
#include FT_OUTLINE_H

#include "core/arrange/free_place.h"
#include "core/arrange/label_list.h"
#include "core/geometry/combine_curves.h"
#include "core/geometry/measure.h"
#include "core/label/label.h"
#include "core/label/set_text.h"
#include "formats/basics/shipped.h"
#include "formats/fonts/fonts.h"
#include "formats/label/calendars.h"
#include "formats/label/label_json.h"
#include "formats/label/table_read.h"
#include "formats/picture/picture_read.h"
#include "formats/project/project_file.h"
#include "tests/support/samples.h"

#include <QFile>
#include <cmath>
#include <gmock/gmock.h>
#include <numbers>

namespace fusuma {
namespace {

using std::numbers::pi;
using testing::ElementsAre;
using testing::HasSubstr;

LabelText text_in(const char* words, double size, const char* family = "Quicksand", bool bold = false) {
    LabelText text;
    text.words = words;
    text.size = size;
    text.font.family = family;
    text.font.is_bold = bold;
    text.font.font = find_font(family, bold, false);
    return text;
}

LabelDesign label_with(std::vector<LabelText> texts, ShapeNumbers shape = {}) {
    LabelDesign design;
    design.shape = shape;
    design.texts = std::move(texts);
    return design;
}

Rect ink_of(const SetLabel& label) {
    Rect ink;
    for (const SetText& text : label.texts)
        ink.include(text.ink);
    return ink;
}

TEST(Letters, InkBoxesAreThoseOfFreeType) {
    // Each printable ASCII letter of every shipped font, set by HarfBuzz, beside FreeType's own outline of it.
    FT_Library library = nullptr;
    ASSERT_EQ(FT_Init_FreeType(&library), 0);
    int compared = 0;
    for (const auto& [file, family, bold, italic] : {std::tuple{"Quicksand-Regular.ttf", "Quicksand", false, false},
                                                     {"Cabin-BoldItalic.otf", "Cabin", true, true},
                                                     {"LobsterTwo-Bold.otf", "Lobster Two", true, false},
                                                     {"DancingScript-Regular.otf", "Dancing Script", false, false},
                                                     {"Inter-Regular.otf", "Inter", false, false}}) {
        QFile bytes(shipped_file(QLatin1String("fonts/") + QLatin1String(file)));
        ASSERT_TRUE(bytes.open(QIODevice::ReadOnly));
        const QByteArray data = bytes.readAll();
        FT_Face face = nullptr;
        ASSERT_EQ(
            FT_New_Memory_Face(library, reinterpret_cast<const FT_Byte*>(data.constData()), data.size(), 0, &face), 0);
        const auto font = find_font(family, bold, italic);
        ASSERT_EQ(font->family, family);
        const double size = 10, unit = size / face->units_per_EM;
        for (char c = '!'; c <= '~'; ++c) {
            ASSERT_EQ(FT_Load_Char(face, static_cast<FT_ULong>(c), FT_LOAD_NO_SCALE), 0);
            if (face->glyph->outline.n_points == 0)
                continue;
            // The box of the curves, not of their control points, as FreeType's own walk over the outline gives it.
            Rect theirs;
            struct Walk {
                Rect* box;
                Point at;
                double unit;
                Point of(const FT_Vector* v) const {
                    return {static_cast<double>(v->x) * unit, -static_cast<double>(v->y) * unit};
                }
                void add(const Segment& s) {
                    for (int i = 0; i <= 200; ++i)
                        box->include(point_on(at, s, i / 200.0));
                    at = s.end;
                }
            } walk{&theirs, {}, unit};
            FT_Outline_Funcs functions{};
            functions.move_to = [](const FT_Vector* to, void* w) {
                static_cast<Walk*>(w)->at = static_cast<Walk*>(w)->of(to);
                return 0;
            };
            functions.line_to = [](const FT_Vector* to, void* w) {
                static_cast<Walk*>(w)->add(Segment::line_to(static_cast<Walk*>(w)->of(to)));
                return 0;
            };
            functions.conic_to = [](const FT_Vector* control, const FT_Vector* to, void* w) {
                auto& k = *static_cast<Walk*>(w);
                const Point c0 = k.of(control), end = k.of(to);
                k.add(Segment::cubic_to(lerp(k.at, c0, 2.0 / 3), lerp(end, c0, 2.0 / 3), end));
                return 0;
            };
            functions.cubic_to = [](const FT_Vector* a, const FT_Vector* b, const FT_Vector* to, void* w) {
                auto& k = *static_cast<Walk*>(w);
                k.add(Segment::cubic_to(k.of(a), k.of(b), k.of(to)));
                return 0;
            };
            ASSERT_EQ(FT_Outline_Decompose(&face->glyph->outline, &functions, &walk), 0);
            const Rect ours = set_line(*font, std::string(1, c), {size}).ink();
            // Fonts may show another form of a letter that stands alone; its height above the line stays.
            if (std::abs(ours.width() - theirs.width()) > 0.5)
                continue;
            EXPECT_NEAR(ours.min.x, theirs.min.x, 2 * unit) << family << " " << c;
            EXPECT_NEAR(ours.min.y, theirs.min.y, 2 * unit) << family << " " << c;
            EXPECT_NEAR(ours.max.x, theirs.max.x, 2 * unit) << family << " " << c;
            EXPECT_NEAR(ours.max.y, theirs.max.y, 2 * unit) << family << " " << c;
            ++compared;
        }
        EXPECT_NEAR(
            capital_height(*font),
            [&] {
                FT_Load_Char(face, 'H', FT_LOAD_NO_SCALE);
                return static_cast<double>(face->glyph->metrics.horiBearingY) / face->units_per_EM;
            }(),
            0.002)
            << family;
        FT_Done_Face(face);
    }
    FT_Done_FreeType(library);
    EXPECT_GT(compared, 400);
}

TEST(LabelShapes, HaveTheAreasOfTheHandbook) {
    const double w = 60, h = 40;
    const auto area_of = [&](ShapeNumbers s) {
        s.width = w;
        s.height = h;
        return area(outline_of(s));
    };
    EXPECT_NEAR(area_of({.kind = LabelShape::rectangle}), w * h, 1e-9);
    EXPECT_NEAR(area_of({.kind = LabelShape::rounded, .corner = 6}), w * h - (4 - pi) * 36, 0.05);
    EXPECT_NEAR(area_of({.kind = LabelShape::notched, .corner = 6}), w * h - pi * 36, 0.05);
    EXPECT_NEAR(area_of({.kind = LabelShape::oval}), pi * w * h / 4, 0.6);
    EXPECT_NEAR(area_of({.kind = LabelShape::tag, .corner = 8, .hole = 5}), w * h - 64 - pi * 6.25, 0.01);
    EXPECT_NEAR(area_of({.kind = LabelShape::banner, .corner = 8}), w * h - 8 * h, 1e-9);
    // A star of n points on half axes a and b, notches at a share q: n · a · b · q · sin(π/n).
    EXPECT_NEAR(area_of({.kind = LabelShape::star, .points = 9, .depth = 0.3}), 9 * 30 * 20 * 0.7 * std::sin(pi / 9),
                1e-6);
    EXPECT_NEAR(area_of({.kind = LabelShape::arch}), w * (h - 24) + pi * 30 * 24 / 2, 0.6);
}

TEST(LabelShapes, TheRoomKeepsItsSafetyDistanceEverywhere) {
    for (int kind = 0; kind < static_cast<int>(LabelShape::lettering); ++kind)
        for (const auto& [w, h] : {std::pair{60.0, 30.0}, {30.0, 50.0}, {40.0, 40.0}}) {
            const ShapeNumbers shape{.kind = static_cast<LabelShape>(kind), .width = w, .height = h, .corner = 5};
            const Rect room = room_in(shape, 2);
            ASSERT_FALSE(room.empty()) << kind;
            const Polygons edge = flatten(outline_of(shape), 0.002);
            for (const Point corner : corners_of(room)) {
                EXPECT_TRUE(Regions(edge).contains(corner)) << kind;
                EXPECT_GE(nearest_on(edge, corner).distance, 1.9) << kind << " " << w;
            }
            EXPECT_GE(closest_approach({corners_of(room)}, edge).distance, 1.9) << kind << " " << w;
        }
}

TEST(LabelText, IsCentredByItsInkNotByItsLineBox) {
    for (const char* words : {"ace", "Type", "gypsy", "ALL CAPS", "two lines\nof it"}) {
        const SetLabel label = set_label(label_with({text_in(words, 6)}, {.width = 80, .height = 40}), 0);
        const Rect ink = ink_of(label);
        EXPECT_NEAR(ink.centre().x, 40, 0.01) << words;
        EXPECT_NEAR(ink.centre().y, 20, 0.01) << words;
    }
    LabelText left = text_in("left", 6);
    left.align = TextAlign::left;
    EXPECT_NEAR(
        ink_of(set_label(label_with({left}, {.kind = LabelShape::rectangle, .width = 80, .height = 40}), 0)).min.x, 2,
        1e-6);
}

TEST(LabelText, ShrinksToItsLimitThenSaysSo) {
    LabelText text = text_in("Samphire and sea purslane", 9);
    text.least_size = 3;
    const LabelDesign design = label_with({text}, {.width = 50, .height = 14});
    const SetLabel shrunk = set_label(design, 0);
    EXPECT_FALSE(shrunk.texts[0].overflows);
    EXPECT_LT(shrunk.texts[0].size, 9);
    EXPECT_GE(shrunk.texts[0].size, 3);
    const Rect room = room_in(design.shape, design.safety), ink = ink_of(shrunk);
    EXPECT_TRUE(room.grown(0.05).contains(ink.min) && room.grown(0.05).contains(ink.max));

    LabelDesign tight = design;
    tight.texts[0].words = "Incomprehensibilities";
    tight.texts[0].least_size = 6;
    EXPECT_TRUE(set_label(tight, 0).texts[0].overflows);

    LabelDesign filling = design;
    filling.texts[0].words = "Ox";
    filling.texts[0].fits_room = true;
    EXPECT_NEAR(ink_of(set_label(filling, 0)).height(), room.height(), 0.1) << "as large as the room allows";
}

TEST(LabelText, CurvesAlongTheEdgeInsideTheSafetyDistance) {
    LabelText top = text_in("Brindle Quay", 5), bottom = text_in("Tide Fair", 5);
    top.run = TextRun::along_top;
    bottom.run = TextRun::along_bottom;
    const LabelDesign design = label_with({top, bottom}, {.kind = LabelShape::oval, .width = 60, .height = 60});
    const SetLabel label = set_label(design, 0);
    for (const SetText& text : label.texts) {
        EXPECT_FALSE(text.overflows);
        EXPECT_NEAR(text.ink.centre().x, 30, 0.6);
        for (const Outline& glyph : text.glyphs)
            for (const Polygon& polygon : flatten(glyph, 0.01))
                for (const Point p : polygon)
                    EXPECT_LE(distance(p, {30, 30}), 30 - 2 + 0.25);
    }
    EXPECT_LT(label.texts[0].ink.centre().y, 20);
    EXPECT_GT(label.texts[1].ink.centre().y, 40);
    // The middle letters of both stand upright: what is above their line lies higher than what hangs below it.
    EXPECT_LT(label.texts[0].ink.min.y, 7) << "capitals end at the safety distance";
}

TEST(Label, BleedsItsGroundPastTheCutByTheUsualAmount) {
    const Sticker s =
        new_sticker(LabelArtwork{std::make_shared<const LabelDesign>(label_with({text_in("Kelp", 6)})), 0});
    EXPECT_NEAR(s.bleed.width, 0.025 * 25.4, 1e-9) << "0.025 in per side, common practice";
    Planner evaluator;
    const auto result = evaluator.evaluate(s);
    EXPECT_NEAR(bounds(result->cut_line()).width(), 60, 1e-6);
    const auto& bleed = result->print.front();
    EXPECT_EQ(std::get<Rgb>(bleed.ink), *LabelDesign{}.ground);
    EXPECT_NEAR(bounds(bleed.area).width(), 60 + 2 * label_bleed, 0.01);
    Document d = with_sticker_added({}, s);
    d.put({.sticker = 1, .centre = {105, 150}});
    EXPECT_EQ(evaluator.plan(d)->pages[0].cuts.size(), 1u) << "text never cuts unless asked";
    LabelDesign cutting = label_with({text_in("Kelp", 6)});
    cutting.letters_cut = CutKind::kiss;
    d = with_sticker_changed(d, with_design(*d.stickers[0], std::make_shared<const LabelDesign>(cutting)));
    EXPECT_EQ(evaluator.plan(d)->pages[0].cuts.size(), 1u + 6u) << "K, l, p, and e and p with their holes";
}

TEST(Label, LettersAloneAreAStickerWithABorder) {
    const LabelDesign design = label_with({text_in("Tide", 20, "Lobster Two", true)},
                                          {.kind = LabelShape::lettering, .width = 150, .height = 60});
    Sticker s = new_sticker(LabelArtwork{std::make_shared<const LabelDesign>(design), 0});
    Planner evaluator;
    const auto result = evaluator.evaluate(s);
    const Rect ink = set_line(*design.texts[0].font.font, "Tide", {20}).ink();
    EXPECT_NEAR(s.width, ink.width(), 0.05) << "as large as its ink";
    EXPECT_NEAR(bounds(result->cut_line()).width(), ink.width() + 2 * s.border.width, 0.1);
    s.border.width = 0;
    s.border.join = 0;
    EXPECT_NEAR(bounds(evaluator.evaluate(s)->cut_line()).height(), ink.height(), 0.05);
}

TEST(Label, ContrastIsThatOfWcag) {
    // Source: WCAG 2.1, contrast ratio: 21 between black and white, 4.5 about #767676 on white.
    EXPECT_NEAR(contrast_ratio({0, 0, 0}, {255, 255, 255}), 21, 1e-9);
    EXPECT_NEAR(contrast_ratio({0x76, 0x76, 0x76}, {255, 255, 255}), 4.54, 0.01);
    EXPECT_EQ(contrast_colour({250, 240, 200}), (Rgb{38, 50, 61}));
    EXPECT_EQ(contrast_colour({30, 60, 90}), (Rgb{255, 255, 255}));
    for (const Swatch& swatch : swatches())
        EXPECT_GE(contrast_ratio(swatch.ground, swatch.lettering), 3.5) << swatch.name;
}

TEST(Fields, AreFilledFromRowsNumbersAndDates) {
    const Table table{{"Name", "price"}, {{"Kelp", "4.50"}, {"Dulse", ""}}};
    const Day day{2026, 8, 29};
    const auto at = [&](const char* text, std::size_t row = 0) { return filled_in(text, &table, row, day); };
    EXPECT_EQ(at("{name} {PRICE}"), "Kelp 4.50");
    EXPECT_EQ(at("{price|ask us}", 1), "ask us");
    EXPECT_EQ(at("{name}", 9), "");
    EXPECT_EQ(at("No. {number}", 1), "No. 2");
    EXPECT_EQ(at("{number:007}", 1), "008");
    EXPECT_EQ(at("{date}"), "29 August 2026");
    EXPECT_EQ(at("{date+3:ddd d MMM yy}"), "Tue 1 Sep 26") << "1 September 2026 is a Tuesday";
    EXPECT_EQ(at("{date-60:yyyy-MM-dd}"), "2026-06-30");
    EXPECT_EQ(at("{{name} {unknown} {open"), "{name} {unknown} {open");
    EXPECT_EQ(filled_in("{name|friend}", nullptr, 0, day), "friend");
    EXPECT_THAT(fields_of("{Name} {number} {date:d} {price|x} {name}"), ElementsAre("name", "price"));
    // Known days. Source: ISO 8601 calendar; 2000-02-29 was a Tuesday, 1900 no leap year
    EXPECT_EQ(in_words({2000, 2, 29}, "dddd"), "Tuesday");
    EXPECT_EQ(later({1900, 2, 28}, 1), (Day{1900, 3, 1}));
    EXPECT_EQ(later({2024, 2, 28}, 1), (Day{2024, 2, 29}));
    EXPECT_EQ(later({2026, 12, 31}, 1), (Day{2027, 1, 1}));
    for (int days = -800; days < 800; days += 7)
        EXPECT_EQ(later(later(day, days), -days), day);
}

TEST(Fields, DatesAreWrittenInTheLabelsLanguage) {
    // Source: Unicode Common Locale Data Repository, long dates; known days as above: 2026-08-29 is a Saturday
    LabelDesign design;
    design.day = {2026, 8, 29};
    const auto in = [&](const char* language, const char* words) {
        design.calendar = calendar_in(language);
        return design.calendar ? design.filled_in(words, 0) : "none";
    };
    EXPECT_EQ(in("de", "{date}"), "29. August 2026");
    EXPECT_EQ(in("es", "{date}"), "29 de agosto de 2026");
    EXPECT_EQ(in("fr", "{date}"), "29 août 2026");
    EXPECT_EQ(in("ja", "{date}"), "2026年8月29日");
    EXPECT_EQ(in("en-GB", "{date}"), "29 August 2026");
    EXPECT_EQ(in("de-AT", "{date-220:d. MMMM}"), "21. Jänner");
    EXPECT_EQ(in("de", "{date:dddd, ddd d. MMM yy}"), "Samstag, Sa. 29. Aug. 26");
    EXPECT_EQ(in("ja", "{date:dddd}"), "土曜日");
    EXPECT_EQ(in("fr", "{date+2:dddd}"), "lundi") << "weeks begin with Sunday here, with Monday there";
    for (const char* none : {"", "xx-nothing", "C", "\x01\xff"})
        EXPECT_EQ(in(none, "{date}"), "none") << none;
    for (const QString& language : calendar_languages())
        EXPECT_TRUE(calendar_in(language)) << language.toStdString();
    EXPECT_THAT(calendar_languages(), testing::IsSupersetOf({"de", "en", "es", "fr", "ja"}));
}

TEST(Fields, WhatStandsBetweenApostrophesIsNoPartOfTheDay) {
    const Day day{2026, 8, 29};
    EXPECT_EQ(in_words(day, "d 'de' MMMM"), "29 de August");
    EXPECT_EQ(in_words(day, "d MMM ''yy"), "29 Aug '26");
    EXPECT_EQ(in_words(day, "MMM 'yy"), "Aug '26") << "one alone is one";
    EXPECT_EQ(in_words(day, "'"), "'");
    EXPECT_EQ(in_words(day, "yyyyy ddddd"), "yyyyy ddddd") << "no parts of a day";
}

TEST(Fields, DaysLongBeforeAnyCalendarHaveAWeekday) {
    // Source: the Gregorian calendar repeats itself, weekdays too, every 400 years (146,097 days are 20,871 weeks)
    for (int days = -40'000; days < 800; days += 37) {
        const Day early = later({1, 1, 1}, days), same = later({2001, 1, 1}, days);
        EXPECT_EQ(in_words(early, "ddd d M"), in_words(same, "ddd d M")) << days;
        EXPECT_EQ(early.year + 2000, same.year) << days;
    }
}

TEST(Fields, EveryLanguageWritesTheWholeDay) {
    std::set<QString> tags;
    for (const QLocale& locale :
         QLocale::matchingLocales(QLocale::AnyLanguage, QLocale::AnyScript, QLocale::AnyTerritory))
        if (locale.language() != QLocale::C)
            tags.insert(locale.bcp47Name());
    EXPECT_GT(tags.size(), 200u);
    for (const QString& tag : tags) {
        const auto calendar = calendar_in(tag);
        ASSERT_TRUE(calendar) << tag.toStdString();
        const std::string words = in_words({2026, 8, 29}, {}, *calendar);
        EXPECT_THAT(words, AllOf(HasSubstr("2026"), HasSubstr("29"))) << tag.toStdString();
        EXPECT_THAT(words, AnyOf(HasSubstr(calendar->months[7]), HasSubstr(calendar->short_months[7]), HasSubstr("8")))
            << tag.toStdString();
        EXPECT_EQ(words.find(calendar->weekdays[6]), std::string::npos) << words;
    }
}

TEST(Fields, TheLanguageOfDatesIsKeptWithTheLabel) {
    LabelDesign design;
    design.texts.clear(); // fonts are found when read
    const StoreFile store = [](const auto&...) { return std::string(); };
    const auto as_read = [&] { return *label_from(label_json(design, store), {}); };
    EXPECT_FALSE(label_json(design, store).contains("dates_in"));
    EXPECT_EQ(as_read(), design);
    design.calendar = calendar_in("fr");
    EXPECT_EQ(as_read(), design);
    EXPECT_EQ(as_read().calendar->months[1], "février");
    const LabelDesign french = as_read();
    design.calendar = nullptr;
    EXPECT_NE(french, design);
}

struct CsvCase {
    const char* why;
    QByteArray text;
    std::vector<std::vector<std::string>> cells;
};

TEST(Tables, AreReadAsRfc4180Says) {
    // Source: RFC 4180, section 2, rules 1 to 7
    for (const CsvCase& c : std::vector<CsvCase>{
             {"1: lines end with CRLF",
              "aaa,bbb,ccc\r\nzzz,yyy,xxx\r\n",
              {{"aaa", "bbb", "ccc"}, {"zzz", "yyy", "xxx"}}},
             {"2: the last needs no end", "aaa,bbb\r\nzzz,yyy", {{"aaa", "bbb"}, {"zzz", "yyy"}}},
             {"4: the last field has no comma", "aaa,bbb,ccc", {{"aaa", "bbb", "ccc"}}},
             {"5: quotes may enclose fields", "\"aaa\",\"bbb\"\r\nzzz,yyy", {{"aaa", "bbb"}, {"zzz", "yyy"}}},
             {"6: breaks, quotes and commas within",
              "\"aaa\",\"b\r\nbb\",\"c,c\"\r\nz,y,x",
              {{"aaa", "b\r\nbb", "c,c"}, {"z", "y", "x"}}},
             {"7: quotes are doubled", "\"aaa\",\"b\"\"bb\"\r\nz,y", {{"aaa", "b\"bb"}, {"z", "y"}}},
             {"semicolons", "name;price\nkelp, salted;4,50\n", {{"name", "price"}, {"kelp, salted", "4,50"}}},
             {"tabs, as cells are pasted", "name\tprice\nkelp\t4.50\n", {{"name", "price"}, {"kelp", "4.50"}}},
             {"bars", "a|b\nc|d\n", {{"a", "b"}, {"c", "d"}}},
             {"one word a line", "Monday\nTuesday\n", {{"Monday"}, {"Tuesday"}}},
             {"empty cells", "a,,c\n,,\n", {{"a", "", "c"}, {"", "", ""}}}}) {
        const auto read = read_cells(c.text);
        ASSERT_TRUE(read) << c.why;
        EXPECT_EQ(read->cells, c.cells) << c.why;
    }
}

TEST(Tables, AreReadInTheEncodingThatAPersonNames) {
    // As tills wrote it: the few letters tell nothing, and are taken for those of the programs of western Europe.
    const QByteArray cheese("name;price\nK\x84se;4\n");
    EXPECT_EQ(read_cells(cheese)->cells[1][0], "K„se");
    EXPECT_EQ(read_cells(cheese, "IBM850")->cells[1][0], "Käse");
    EXPECT_EQ(read_cells(cheese, "ibm850")->form.encoding, "ibm850");
    EXPECT_EQ(read_cells("K\xc3\xa4se\n", "Windows-1252")->cells[0][0], "KÃ¤se") << "whatever it looks like";
    for (const std::string& none :
         std::initializer_list<std::string>{"Whelk-8", std::string(100'000, 'x'), " ", "\xff"})
        EXPECT_THAT(read_cells(cheese, none).problem().english(), testing::HasSubstr("No encoding is called")) << none;
}

/// The encodings in which the list reads as these words.
std::vector<std::string> encodings_with(const QByteArray& list, const std::string& expected, const std::string& words) {
    for (const Lettering& lettering : letterings_of(list, expected))
        if (lettering.words == words)
            return lettering.encodings;
    return {};
}

TEST(Tables, ShowTheirLettersInEveryEncoding) {
    const QByteArray cheese("name;price\nK\x84se;4\nplain;5\n\"K\x84se;4\nM\x94hre;3\n");
    const auto all = letterings_of(cheese, "Windows-1252");
    ASSERT_GT(all.size(), 5u);
    EXPECT_EQ(all.front().encodings.front(), "Windows-1252") << "as it was read";
    EXPECT_EQ(all.front().words, "K„se · M”hre") << "each word once; a quote that never closes is in nobody's way";
    EXPECT_THAT(encodings_with(cheese, "Windows-1252", "Käse · Möhre"), testing::ElementsAre("IBM850", "IBM852"));
    EXPECT_THAT(encodings_with("\x83\x4a\x83\x6a\n", "Windows-1252", "カニ"), testing::ElementsAre("Shift_JIS"));
    EXPECT_THAT(encodings_with("\xca\xf0\xe0\xe1\n", "KOI8-R", "Краб"), testing::ElementsAre("Windows-1251"));
    EXPECT_EQ(letterings_of("\xca\xf0\xe0\xe1\n", "KOI8-R").front().encodings.front(), "KOI8-R");
    for (const Lettering& lettering : all)
        for (const std::string& name : lettering.encodings)
            EXPECT_TRUE(read_cells(cheese.left(20), name)) << name;

    EXPECT_TRUE(letterings_of("name;price\nKelp;4\n", "Windows-1252").empty()) << "there is nothing to choose";
    EXPECT_TRUE(letterings_of("", "Windows-1252").empty());
    // However long its lines are and whatever stands there, something short is shown.
    for (const QByteArray& bad : {QByteArray(1 << 20, '\xe9'), QByteArray(5000, '"') + "\xe9",
                                  QByteArray(500, '\0') + "\xe9\n", QByteArray("\x81\x8d\x8f\x90\x9d\n")})
        for (const Lettering& lettering : letterings_of(bad, "Windows-1252"))
            EXPECT_LT(lettering.words.size(), 400u);
}

TEST(Tables, FindOutTheirEncoding) {
    const std::vector<std::vector<std::string>> cells{{"näme", "€"}, {"Öl", "£"}};
    const QString words = QStringLiteral("näme;€\nÖl;£\n");
    QByteArray little("\xff\xfe"), big("\xfe\xff"), unmarked;
    for (const QChar c : words) {
        for (QByteArray* bytes : {&little, &unmarked})
            bytes->append(static_cast<char>(c.unicode() & 255)).append(static_cast<char>(c.unicode() >> 8));
        big.append(static_cast<char>(c.unicode() >> 8)).append(static_cast<char>(c.unicode() & 255));
    }
    for (const auto& [bytes, encoding] : {std::pair{words.toUtf8(), "UTF-8"},
                                          {QByteArray("\xef\xbb\xbf") + words.toUtf8(), "UTF-8"},
                                          {little, "UTF-16"},
                                          {big, "UTF-16"},
                                          {QByteArray("n\xe4me;\x80\n\xd6l;\xa3\n"), "Windows-1252"}}) {
        const auto read = read_cells(bytes);
        ASSERT_TRUE(read) << encoding;
        EXPECT_EQ(read->cells, cells) << encoding;
        EXPECT_EQ(read->form.encoding, encoding);
        EXPECT_EQ(read->form.separator, ';');
    }
    EXPECT_THAT(read_cells("name,price\nKelp,2\n\"Dulse,3\nSamphire,4\n").problem().english(),
                testing::HasSubstr("A quote that begins in row 3 never closes"));
    EXPECT_THAT(read_cells("name,price\n" + QByteArray(2 << 20, 'k') + ",2\n").problem().english(),
                testing::HasSubstr("A cell in row 2 is larger than the 1 MB"));
    EXPECT_EQ(read_cells("name,price\n\"Kelp \"\"Relish\"\"\",2\n")->cells[1][0], "Kelp \"Relish\"");
    EXPECT_FALSE(read_cells(""));
    EXPECT_FALSE(read_cells(QByteArray("\0\1\2\3PNG\0", 8)));
}

TEST(Tables, KnowTheirHeader) {
    EXPECT_TRUE(looks_like_header({{"name"}, {"Kelp"}}, {"name"}));
    EXPECT_FALSE(looks_like_header({{"Monday"}, {"Tuesday"}}, {"name"}));
    EXPECT_TRUE(looks_like_header({{"what", "price"}, {"Kelp", "4.50"}}, {}));
    EXPECT_FALSE(looks_like_header({{"Kelp", "4.50"}, {"Dulse", "6.00"}}, {}));
    const Table table = table_of({{"a", "b"}, {"c"}, {"", " "}}, false);
    EXPECT_THAT(table.columns, ElementsAre("1", "2"));
    EXPECT_EQ(table.rows.size(), 2u) << "empty rows are none";
    EXPECT_THAT(table_of({{"a", "b", "", " "}, {"c", "", "", ""}}, false).columns, ElementsAre("1", "2"))
        << "nor are the columns after the last";
    EXPECT_EQ(table.rows[1].size(), 2u);
}

TEST(Lists, TheFirstRowIsReadAsNamesOrAsData) {
    const Table named = table_of({{"name", "price"}, {"Kelp", "4.50"}, {"Dulse", "6.00"}}, true);
    EXPECT_TRUE(has_header(named));
    const Table bare = with_header(named, false);
    EXPECT_FALSE(has_header(bare));
    EXPECT_EQ(bare.columns, (std::vector<std::string>{"1", "2"}));
    ASSERT_EQ(bare.rows.size(), 3u);
    EXPECT_EQ(bare.rows[0], (std::vector<std::string>{"name", "price"}));
    EXPECT_EQ(with_header(bare, true), named) << "and back";
    EXPECT_EQ(with_header(named, true), named);
    const Table nothing = table_of({}, false);
    EXPECT_EQ(with_header(nothing, true).rows.size(), 0u);
}

LabelDesign listed(std::size_t rows) {
    LabelDesign design = label_with({text_in("{name}", 6), text_in("{number:01}", 3)}, {.width = 50, .height = 20});
    auto table = std::make_shared<Table>();
    table->columns = {"name"};
    for (std::size_t i = 0; i < rows; ++i)
        table->rows.push_back({"Relish " + std::to_string(i + 1)});
    design.table = table;
    return design;
}

TEST(Lists, OneTextSizeOnAllIsTheLargestThatFitsEveryRow) {
    LabelDesign design = listed(3);
    design.texts[0].fits_room = true;
    auto table = std::make_shared<Table>(*design.table);
    table->rows[1][0] = "Pickled samphire with lemon and dill";
    table->rows.push_back({""}); // an empty cell says nothing about sizes
    design.table = table;
    std::vector<double> sizes;
    for (std::size_t row = 0; row < 3; ++row)
        sizes.push_back(set_label(design, row).texts[0].size);
    const double least = *std::ranges::min_element(sizes);
    ASSERT_LT(least, sizes[0] - 0.2) << "they differ";
    LabelDesign alike = design;
    alike.in_one_size = true;
    for (std::size_t row = 0; row < 3; ++row)
        EXPECT_NEAR(set_label(alike, row).texts[0].size, least, 0.02) << row;
    // It stays so when the list or the design changes, however often it was set before.
    LabelDesign shorter = alike;
    shorter.table = std::make_shared<Table>(Table{table->columns, {table->rows[0], table->rows[2]}});
    EXPECT_GT(set_label(shorter, 0).texts[0].size, least + 0.2);
    EXPECT_EQ(set_label(shorter, 0).texts[0].size, set_label(shorter, 1).texts[0].size);
    LabelDesign narrower = alike;
    narrower.shape.width = 25;
    EXPECT_LT(set_label(narrower, 0).texts[0].size, least - 0.2);
    EXPECT_FALSE(narrower == shorter);
    EXPECT_TRUE(set_label(LabelDesign{.texts = {}, .in_one_size = true}, 0).texts.empty());
}

TEST(Lists, PutEveryRowOnTheSheetInReadingOrder) {
    Planner evaluator;
    Document d = with_sticker_added({}, new_sticker(LabelArtwork{std::make_shared<const LabelDesign>(listed(50)), 0}));
    const FillReport report = place_list(d, evaluator, 1, 1, 0);
    EXPECT_EQ(report.placed[0], 50);
    ASSERT_EQ(report.document.placements.size(), 50u);
    EXPECT_GT(report.document.pages, 1);
    std::set<std::size_t> rows;
    const Placement* before = nullptr;
    std::vector<const Placement*> by_row(50);
    for (const Placement& p : report.document.placements) {
        rows.insert(p.row);
        by_row[p.row] = &p;
    }
    EXPECT_EQ(rows.size(), 50u);
    for (const Placement* p : by_row) {
        if (before) {
            const bool is_after =
                p->page > before->page ||
                (p->page == before->page && (p->centre.y > before->centre.y + 5 || p->centre.x > before->centre.x));
            EXPECT_TRUE(is_after) << p->row;
        }
        before = p;
    }
    const auto plan = evaluator.plan(report.document);
    EXPECT_NE(plan->copies[0]->result->print.back().ink, plan->copies[1]->result->print.back().ink)
        << "each has its own words";
    for (const Finding& f : preflight(report.document, evaluator))
        EXPECT_NE(f.severity, Severity::to_fix) << f.message;
}

TEST(Lists, RowsThatAreOnNoPageAreFoundAndPutWhereRoomIs) {
    for (const LabelShape shape : {LabelShape::rectangle, LabelShape::lettering}) {
        Planner planner;
        LabelDesign design = listed(shape == LabelShape::lettering ? 6 : 50);
        design.shape.kind = shape;
        const std::size_t rows = design.rows();
        Document d = with_sticker_added({}, new_sticker(LabelArtwork{std::make_shared<const LabelDesign>(design), 0}));
        const auto finding_in = [&](const Document& document) -> std::optional<Finding> {
            for (const Finding& f : preflight(document, planner))
                if (f.rule == "missing-rows")
                    return f;
            return std::nullopt;
        };
        Document single = d;
        single.put({.sticker = 1, .centre = {105, 150}, .row = 1});
        EXPECT_FALSE(finding_in(single)) << "one that is tried out";
        d = place_list(d, planner, 1, 1, 0).document;
        EXPECT_FALSE(finding_in(d));
        Document torn = d;
        std::erase_if(torn.placements,
                      [&](const Placement& p) { return p.row == 2 || p.row == 3 || p.row + 1 == rows; });
        const auto finding = finding_in(torn);
        ASSERT_TRUE(finding);
        EXPECT_EQ(finding->severity, Severity::to_look_at);
        EXPECT_THAT(finding->message.english(), HasSubstr("3 rows of its list are on no page, the first is row 3, “"));
        const Document quiet = silenced(torn, *finding);
        EXPECT_FALSE(finding_in(quiet));
        Document more_torn = quiet;
        std::erase_if(more_torn.placements, [](const Placement& p) { return p.row == 1; });
        EXPECT_TRUE(finding_in(more_torn)) << "more are missing than were ignored";
        const auto fixed = repaired(torn, *finding);
        ASSERT_TRUE(fixed);
        EXPECT_FALSE(finding_in(*fixed));
        EXPECT_EQ(fixed->placements.size(), d.placements.size()) << "each once";
        for (const Placement& p : torn.placements)
            EXPECT_EQ(*fixed->copy(p.id), p) << "none was moved";
        EXPECT_EQ(*with_missing_rows(*fixed, planner, 1), *fixed) << "then nothing is missing";
        // Told of one row as of one.
        std::erase_if(d.placements, [](const Placement& p) { return p.row == 1; });
        EXPECT_THAT(finding_in(d)->message.english(), HasSubstr("one row of its list is on no page: row 2, “"));
        // A list that is filled up gets what it lacks before what it has.
        const FillReport more = fill_sheet(d, planner,
                                           {.orders = {{.sticker = 1, .wanted = 1, .row = 1}},
                                            .pages = most_pages,
                                            .way = FillWay::rows,
                                            .rounds = 0});
        EXPECT_TRUE(rows_without_copy(more.document, 1).empty());
        std::stop_source stopped;
        stopped.request_stop();
        EXPECT_THROW(static_cast<void>(repaired(torn, *finding, {.stop = stopped.get_token()})), Stopped);
    }
}

TEST(Lists, CopiesThatAreAddedAreTheRowsThatComeNext) {
    for (const LabelShape shape : {LabelShape::rectangle, LabelShape::lettering}) {
        Planner planner;
        LabelDesign design = listed(6);
        design.shape.kind = shape;
        Document d = with_sticker_added({}, new_sticker(LabelArtwork{std::make_shared<const LabelDesign>(design), 0}));
        const auto rows_added = [&](int copies) {
            const std::size_t before = d.placements.size();
            d = place_in_rows(d, planner, 1, copies).document;
            std::vector<std::size_t> rows;
            for (std::size_t i = before; i < d.placements.size(); ++i)
                rows.push_back(d.placements[i].row);
            return rows;
        };
        EXPECT_EQ(rows_added(1), (std::vector<std::size_t>{0}));
        EXPECT_EQ(rows_added(2), (std::vector<std::size_t>{1, 2}));
        std::erase_if(d.placements, [](const Placement& p) { return p.row == 1; });
        EXPECT_EQ(rows_added(2), (std::vector<std::size_t>{1, 3})) << "what is missing comes first";
        EXPECT_EQ(rows_added(5), (std::vector<std::size_t>{4, 5, 0, 1, 2})) << "then all over again";
        EXPECT_EQ(rows_added(7), (std::vector<std::size_t>{0, 1, 2, 3, 4, 5, 0}));
        EXPECT_TRUE(preflight(d, planner).empty()) << "each has the room that its own shape takes";
    }
}

TEST(Lists, LetteringThatIsTooLongForThePlaceLeavesItToAShorterRow) {
    Planner planner;
    LabelDesign design = listed(2);
    design.shape.kind = LabelShape::lettering;
    design.shape.width = 400; // mm, more than the sheet
    design.table = std::make_shared<const Table>(Table{.columns = {"name"}, .rows = {{std::string(60, 'W')}, {"Dab"}}});
    const Document d =
        with_sticker_added({}, new_sticker(LabelArtwork{std::make_shared<const LabelDesign>(design), 0}));
    const Arranged arranged = place_in_rows(d, planner, 1, 2);
    ASSERT_EQ(arranged.placed, 1);
    EXPECT_EQ(arranged.document.placements[0].row, 1U);
    EXPECT_TRUE(are_larger_than_zone(d, planner, 1, {0}));
    EXPECT_FALSE(are_larger_than_zone(d, planner, 1, {0, 1}));
    EXPECT_FALSE(are_larger_than_zone(d, planner, 1, {}));
}

TEST(Lists, ReportRowsThatDoNotFitAndOfferToShrinkThem) {
    LabelDesign design = listed(3);
    auto table = std::make_shared<Table>(*design.table);
    table->rows[1][0] = "Incomprehensibilitiesandmoreofthem";
    design.table = table;
    design.texts[0].least_size = 5;
    Planner evaluator;
    Document d = with_sticker_added({}, new_sticker(LabelArtwork{std::make_shared<const LabelDesign>(design), 0}));
    d = place_list(d, evaluator, 1, 1, 0).document;
    const auto find = [&] {
        std::optional<Finding> found;
        for (const Finding& f : preflight(d, evaluator))
            if (f.rule == "label-text")
                found = f;
        return found;
    };
    const auto finding = find();
    ASSERT_TRUE(finding);
    EXPECT_THAT(finding->message.english(), HasSubstr("row 2"));
    ASSERT_EQ(finding->copies.size(), 1u);
    EXPECT_EQ(d.copy(finding->copies[0])->row, 1u);
    ASSERT_TRUE(finding->fix);
    d = *finding->fix->edit(d, {});
    EXPECT_FALSE(find());
    // Columns and letters that are not there are told, too.
    design.texts[0].words = "{nome}";
    EXPECT_EQ(troubles_of(design)[0].unknown_field, "nome");
    design.texts[0].words = "\U0010fffd"; // never to be a letter
    EXPECT_TRUE(troubles_of(design)[0].lacks_letters);
}

TEST(Lists, AndLabelsAreKeptByProjectsAndTemplates) {
    LabelDesign design = listed(4);
    design.frame = {0.4, 1.5, Rgb{1, 2, 3}};
    design.shape = {.kind = LabelShape::star, .width = 44, .height = 40, .points = 11, .depth = 0.2};
    design.texts[0].run = TextRun::along_top;
    design.day = {2026, 8, 29};
    design.in_one_size = true;
    design.picture.picture = *[] {
        QFile file(test::demo_art("puffin.png"));
        EXPECT_TRUE(file.open(QIODevice::ReadOnly));
        return read_picture(file.readAll(), QStringLiteral("puffin.png"));
    }();
    Planner evaluator;
    Document d = with_sticker_added({}, new_sticker(LabelArtwork{std::make_shared<const LabelDesign>(design), 2}));
    d = place_list(d, evaluator, 1, 2, 0).document;
    const auto loaded = read_project_bytes(*project_bytes(d), "p.fusuma");
    ASSERT_TRUE(loaded) << loaded.problem().english();
    EXPECT_EQ(*std::get<LabelArtwork>(loaded->stickers[0]->artwork).design, design);
    EXPECT_EQ(loaded->placements, d.placements);
    const auto templates = read_templates(templates_text("Mine", {{"Mine", "Star", design}}));
    ASSERT_TRUE(templates) << templates.problem().english();
    EXPECT_EQ(templates->front().design.shape, design.shape);
    EXPECT_EQ(templates->front().design.table, nullptr);
    EXPECT_GE(shipped_templates().size(), 14u);
    for (const LabelTemplate& t : shipped_templates())
        EXPECT_TRUE(troubles_of(t.design).empty()) << t.name;
    for (
        const char* wrong :
        {"", "[]", "{\"fusuma_labels\":9}",
         R"({"fusuma_labels":1,"family":"a","templates":[{"name":"x","shape":{"kind":"blob","width":9,"height":9},"texts":[]}]})",
         R"({"fusuma_labels":1,"family":"a","templates":[{"name":"x","shape":{"kind":"oval","width":-9,"height":9},"texts":[]}]})"})
        EXPECT_FALSE(read_templates(wrong)) << wrong;
}

/// The glyphs' boxes, from where the first begins.
std::vector<Rect> boxes_of(const SetLine& line) {
    std::vector<Rect> boxes;
    for (const PlacedGlyph& glyph : line.glyphs)
        boxes.push_back(glyph.box);
    return boxes;
}

TEST(Fonts, LettersThatOneLacksComeFromAnotherThatHasThem) {
    const auto font = find_font("Quicksand", false, false);
    EXPECT_THAT(families_beside(*font, "Kelp Relish"), testing::IsEmpty());
    for (const std::string words : {"Мёд", "Μέλι", "שלום עולם", "سلام عليكم"}) {
        const auto families = families_beside(*font, words);
        ASSERT_EQ(families.size(), 1u) << words << ": one font for the whole of it";
        const SetLine set = set_line(*font, words, {10});
        EXPECT_TRUE(std::ranges::none_of(set.glyphs, &PlacedGlyph::is_missing)) << words;
        // Exactly as in that font by itself: joined where letters join, and to the left where the script runs there.
        const SetLine alone = set_line(*find_font(families[0], false, false), words, {10});
        EXPECT_EQ(boxes_of(set), boxes_of(alone)) << words;
        EXPECT_EQ(set.advance, alone.advance) << words;
    }
    // What it has stays its own, whatever stands beside it.
    const SetLine mixed = set_line(*font, "Kelp Мёд", {10}), own = set_line(*font, "Kelp ", {10});
    ASSERT_GT(mixed.glyphs.size(), own.glyphs.size());
    for (std::size_t i = 0; i < own.glyphs.size(); ++i)
        EXPECT_EQ(mixed.glyphs[i].box, own.glyphs[i].box);
    EXPECT_NEAR(mixed.advance, own.advance + set_line(*font, "Мёд", {10}).advance, 1e-9);
    const SetLine slanted = set_line(*font, "Мёд", {.size = 10, .is_italic = true});
    EXPECT_GT(slanted.ink().width(), set_line(*font, "Мёд", {10}).ink().width()) << "italic, too";
}

TEST(Fonts, LettersThatNoneHasAreMarkedAndTheOthersStay) {
    const auto font = find_font("Quicksand", true, false);
    const SetLine set = set_line(*font, "Ab\U0010fffdМ", {10});
    ASSERT_EQ(set.glyphs.size(), 4u);
    EXPECT_THAT(set.glyphs, testing::ElementsAre(testing::Field(&PlacedGlyph::is_missing, false),
                                                 testing::Field(&PlacedGlyph::is_missing, false),
                                                 testing::Field(&PlacedGlyph::is_missing, true),
                                                 testing::Field(&PlacedGlyph::is_missing, false)));
    EXPECT_THAT(set_line(*font, "", {10}).glyphs, testing::IsEmpty());
    EXPECT_FALSE(set_line(*font, "\xff\xfe broken", {10}).glyphs.empty()) << "no UTF-8";
    std::string long_one; // every letter from another place
    for (int i = 0; i < 500; ++i)
        long_one += i % 3 == 0 ? "М" : i % 3 == 1 ? "a" : "λ ";
    EXPECT_TRUE(std::ranges::none_of(set_line(*font, long_one, {10}).glyphs, &PlacedGlyph::is_missing));
    std::string book; // no letter costs more in a long text than in a short one: this would take for ever
    for (int i = 0; i < 10'000; ++i)
        book += "Мёд ";
    EXPECT_EQ(families_beside(*font, book).size(), 1U);
}

TEST(Fonts, AMissingOneIsReplacedAndNamed) {
    const auto font = find_font("No Such Face", true, false);
    ASSERT_TRUE(font);
    EXPECT_EQ(font->family, "Inter");
    EXPECT_TRUE(font->is_bold);
    EXPECT_EQ(Font::from(std::make_shared<const std::vector<std::byte>>(100), 0, "x", false, false), nullptr);
    EXPECT_EQ(font_families().front(), "Cabin");
}

} // namespace
} // namespace fusuma
