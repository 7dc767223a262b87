#include "core/document/copies.h"
#include "core/document/history.h"
#include "core/preflight/preflight.h"
#include "tests/support/troubles.h"

#include <algorithm>
#include <gmock/gmock.h>
#include <random>

namespace fusuma {
namespace {

using test::disc_document;

struct Case {
    const char* name;
    std::vector<Point> centres; ///< of 34 mm discs on A4: zone from 8 mm to 202 × 289 mm
    const char* rule;           ///< empty: nothing found
    const char* words;          ///< part of the message
};

std::ostream& operator<<(std::ostream& out, const Case& c) {
    return out << c.name;
}

/// A fix must repair what it was found on, or nothing.
TEST(Fix, IsRefusedOnceWhatItWasFoundOnHasChanged) {
    Planner planner;
    const Document document = disc_document({{22, 150}, {105, 150}, {150, 60}});
    const auto findings = preflight(document, planner);
    ASSERT_EQ(findings.size(), 1u);
    const Finding& finding = findings.front();
    EXPECT_TRUE(repaired(document, finding));

    const auto refused = [&](const Document& now) {
        const auto result = repaired(now, finding);
        return !result && result.problem().english() == "The sheet has changed; look again.";
    };
    const CopyId found = finding.copies.front();
    EXPECT_TRUE(refused(removed(document, {found})));
    EXPECT_TRUE(refused(moved(document, {found}, {1, 0})));
    EXPECT_TRUE(refused(with_lock(document, {found}, true)));
    Sticker wider = *document.find(1);
    wider.border.width = 4;
    EXPECT_TRUE(refused(with_sticker_changed(document, wider)));
    Document narrow = document;
    narrow.sheet.paper.width = 200;
    EXPECT_TRUE(refused(narrow));

    // Whatever happens to others is none of its business, and it still finds its copy wherever that stands.
    Document others = removed(document, {document.placements[1].id});
    others = ordered(moved(others, {others.placements[1].id}, {5, 5}), {found}, Order::front);
    const auto still = repaired(others, finding);
    ASSERT_TRUE(still);
    EXPECT_GT(still->copy(found)->centre.x, 22);
    EXPECT_EQ(still->placements[0], others.placements[0]);
}

class PreflightOf : public testing::TestWithParam<Case> {};

TEST_P(PreflightOf, FindsSaysAndRepairs) {
    const Case& c = GetParam();
    Planner evaluator;
    const Document document = disc_document(c.centres);
    const auto findings = preflight(document, evaluator);
    if (!*c.rule) {
        EXPECT_THAT(findings, testing::IsEmpty()) << findings.front().message;
        return;
    }
    ASSERT_EQ(findings.size(), 1u);
    EXPECT_EQ(findings[0].rule, c.rule);
    EXPECT_THAT(findings[0].message.english(), testing::HasSubstr(c.words));
    ASSERT_TRUE(findings[0].fix);
    const auto repaired = findings[0].fix->edit(document, {});
    ASSERT_TRUE(repaired);
    EXPECT_THAT(preflight(*repaired, evaluator), testing::IsEmpty());
}

INSTANTIATE_TEST_SUITE_P(
    Places, PreflightOf,
    testing::Values(
        Case{"inside", {{105, 150}}, "", ""}, Case{"at the edge of the zone", {{25.02, 150}}, "", ""},
        Case{"over the left edge", {{22, 150}}, "outside-zone", "Disc: 3.0 mm outside the cut zone"},
        Case{"half off the paper", {{0, 150}}, "outside-zone", "Disc: 25.0 mm outside"},
        Case{"off the paper", {{-60, 150}}, "outside-zone", "outside the cut zone"},
        Case{"into a mark's keep-clear area", {{196 - 16, 283 - 16}}, "keep-clear", "mark's keep-clear area"},
        Case{"apart", {{60, 150}, {97.01, 150}}, "", ""},
        Case{"too close", {{60, 150}, {95.2, 150}}, "too-close", "1.2 mm apart, 3.0 mm wanted"},
        Case{"overlapping", {{60, 150}, {80, 150}}, "overlap", "overlap"},
        Case{"one on the other", {{60, 150}, {60, 150}}, "doubled-line", "lie on each other"}),
    [](const auto& test) {
        std::string name = test.param.name;
        std::erase_if(name, [](char ch) { return !std::isalnum(static_cast<unsigned char>(ch)); });
        return name;
    });

TEST(Preflight, NamesThePlaceFarthestOutsideTheZone) {
    Planner planner;
    std::mt19937 random(11);
    std::uniform_real_distribution<double> x(-10, 40), y(0, 290);
    int found = 0;
    for (int i = 0; i < 40; ++i) {
        const Document document = disc_document({{x(random), y(random)}});
        const Polygons& zone = planner.plan(document)->pages[0].zone;
        for (const Finding& finding : preflight(document, planner)) {
            if (finding.rule != "outside-zone")
                continue;
            double farthest = 0;
            for (const Polygon& polygon : finding.region)
                for (const Point p : polygon)
                    farthest = std::fmax(farthest, nearest_on(zone, p).distance);
            EXPECT_DOUBLE_EQ(nearest_on(zone, finding.at).distance, farthest);
            ++found;
        }
    }
    EXPECT_GT(found, 15);
}

TEST(Preflight, SmallInsideALargeHoleIsNoOverlap) {
    Document d = disc_document({{100, 150}});
    Sticker ring = new_sticker(PictureArtwork{test::picture_of(
        {test::ellipse({500, 500}, 490, 490), test::as_hole(test::ellipse({500, 500}, 400, 400))}, 1000, 1000)});
    d = with_sticker_added(d, ring);
    d.put({.sticker = 2, .centre = {100, 150}});
    Planner evaluator;
    EXPECT_THAT(preflight(d, evaluator), testing::IsEmpty());
}

TEST(Preflight, ResolutionBelow300DpiIsNamedAndTheFixReachesIt) {
    // 300 dpi wanted, below 150 visibly soft: common practice.
    Planner evaluator;
    for (const auto& [dpi, severity] : {std::pair{290.0, Severity::to_look_at}, {120.0, Severity::to_fix}}) {
        Document d = disc_document({{100, 150}});
        Sticker s = *d.find(1);
        s.width = 384 / dpi * 25.4; // the picture is 384 px wide
        d = with_sticker_changed(d, s);
        const auto findings = preflight(d, evaluator);
        ASSERT_EQ(findings.size(), 1u);
        EXPECT_EQ(findings[0].severity, severity);
        EXPECT_THAT(findings[0].message.english(),
                    testing::HasSubstr(std::to_string(static_cast<int>(dpi)) + " dpi, 300 wanted"));
        const auto repaired = findings[0].fix->edit(d, {});
        EXPECT_NEAR(repaired->find(1)->width, 384 / 300.0 * 25.4, 1e-6);
        EXPECT_THAT(preflight(*repaired, evaluator), testing::IsEmpty());
    }
}

/// The rules that find something on one sticker.
std::vector<std::string> rules_of(const Sticker& sticker) {
    Document d = with_sticker_added({}, sticker);
    d.put({.sticker = d.stickers.back()->id, .centre = {105, 150}});
    Planner planner;
    std::vector<std::string> rules;
    for (const Finding& finding : preflight(d, planner))
        rules.push_back(finding.rule);
    return rules;
}

TEST(Preflight, ACutOnItsOwnPrintWithoutABleedIsNamed) {
    const auto of_disc = [](const std::function<void(Sticker&)>& change) {
        Sticker s = test::disc_sticker(30);
        change(s);
        return rules_of(s);
    };
    using testing::Contains;
    using testing::Not;
    EXPECT_THAT(of_disc([](Sticker& s) { s.border.width = 0; }), Contains("no-bleed"));
    EXPECT_THAT(of_disc([](Sticker& s) { s.rims.border.kind = Fill::Kind::colour; }), Contains("no-bleed"));
    EXPECT_THAT(of_disc([](Sticker& s) { s.rims.border.kind = Fill::Kind::art; }), Contains("no-bleed"));
    EXPECT_THAT(of_disc([](Sticker& s) {
                    s.border.width = 0;
                    s.rims.inner = {{2, {Fill::Kind::colour}}};
                }),
                Contains("no-bleed"));
    EXPECT_THAT(of_disc([](Sticker&) {}), Not(Contains("no-bleed"))) << "paper lies on both sides";
    EXPECT_THAT(of_disc([](Sticker& s) { s.border.width = -0.5; }), Not(Contains("no-bleed"))) << "the art goes on";
    EXPECT_THAT(of_disc([](Sticker& s) {
                    s.border.width = 0;
                    s.bleed = {Bleed::Kind::art, 1};
                }),
                Not(Contains("no-bleed")));
    EXPECT_THAT(of_disc([](Sticker& s) {
                    s.rims.border = {.kind = Fill::Kind::colour, .colour = {250, 250, 248}};
                }),
                Not(Contains("no-bleed")))
        << "a slip of white is not seen";
    // Art that is white at its edge.
    const auto white = test::picture_of({test::ellipse({192, 192}, 180, 180)}, 384, 384);
    test::repaint(*white, [](Image& pixels) {
        for (std::size_t i = 0; i < pixels.rgba.size(); ++i)
            if (i % 4 != 3)
                pixels.rgba[i] = 252;
    });
    Sticker pale = new_sticker(PictureArtwork{white});
    pale.border.width = 0;
    EXPECT_THAT(rules_of(pale), Not(Contains("no-bleed")));
}

/// A drawing of 60 × 40 mm: a square picture of `px` pixels, 30 mm wide, on a coloured ground.
Sticker drawing_with_picture(int px, bool is_gradient = false) {
    const Outline ground{{contour_of(corners_of({{0, 0}, {60, 40}}))}};
    auto image = std::make_shared<Image>(px, px);
    std::ranges::fill(image->rgba, std::uint8_t{255});
    Part back{.name = "Ground", .paints = {{Rgb{20, 90, 120}, std::make_shared<const Area>(Area{ground}), 1, {}}}};
    Part picture{
        .name = "Picture",
        .paints = {{Pixels(image), nullptr, 1, Transform::scale(30, 30).then(Transform::shift({5, 5})), is_gradient}}};
    auto drawing = std::make_shared<Drawing>(Size{60, 40}, std::vector<Part>{back, picture});
    drawing->file_name = "card.svg";
    Sticker s =
        new_sticker(DrawingArtwork{drawing, std::make_shared<const Parts>(cut_round_everything(all_parts(*drawing)))});
    s.bleed = {Bleed::Kind::art, 1};
    return s;
}

TEST(Preflight, PicturesInsideDrawingsAreJudged) {
    using testing::Contains;
    using testing::Not;
    EXPECT_THAT(rules_of(drawing_with_picture(120)), Contains("low-resolution")) << "about 100 dpi";
    EXPECT_THAT(rules_of(drawing_with_picture(600)), Not(Contains("low-resolution"))) << "508 dpi";
    EXPECT_THAT(rules_of(drawing_with_picture(120, true)), Not(Contains("low-resolution"))) << "a gradient is smooth";
    EXPECT_THAT(rules_of(resized(drawing_with_picture(600), 180)), Contains("low-resolution"))
        << "three times as large";
    Document d = with_sticker_added({}, drawing_with_picture(120));
    d.put({.sticker = 1, .centre = {105, 150}});
    Planner planner;
    const auto found = preflight(d, planner);
    ASSERT_FALSE(found.empty());
    EXPECT_THAT(found[0].message.english(),
                testing::HasSubstr("Card: a picture in it is printed at 102 dpi, 300 wanted"));
    EXPECT_FALSE(found[0].fix) << "its words would shrink as well";
    // In a label, too.
    LabelDesign design;
    design.texts.clear(); // there are no fonts here
    auto small = std::make_shared<Picture>();
    small->file_name = "stamp.png";
    small->original = std::make_shared<const std::vector<std::byte>>();
    small->pixels = Image(40, 40);
    test::repaint(*small, [](Image& pixels) { std::ranges::fill(pixels.rgba, std::uint8_t{90}); });
    design.picture.picture = small;
    EXPECT_THAT(rules_of(new_sticker(LabelArtwork{std::make_shared<const LabelDesign>(design), 0})),
                Contains("low-resolution"));
}

TEST(Preflight, TooLargeForTheZoneSaysWhatFits) {
    Document d = disc_document({{105, 150}});
    Sticker s = *d.find(1);
    s.width = 230;
    d = with_sticker_changed(d, s);
    Planner evaluator;
    const auto findings = preflight(d, evaluator);
    ASSERT_FALSE(findings.empty());
    EXPECT_THAT(findings[0].message.english(),
                testing::HasSubstr("larger than the cut zone, which takes 194.0 mm × 252"));
}

TEST(Preflight, EveryRuleFindsShowsFixesAndIsTakenBack) {
    for (const test::Trouble& trouble : test::every_trouble()) {
        SCOPED_TRACE(trouble.rule);
        Planner evaluator;
        const auto found_in = [&](const Document& document) {
            std::vector<Finding> found = preflight(document, evaluator);
            std::erase_if(found, [&](const Finding& f) { return f.rule != trouble.rule; });
            return found;
        };
        History history(trouble.document);
        const std::vector<Finding> found = found_in(trouble.document);
        ASSERT_FALSE(found.empty()) << test::preflight_messages(trouble.document, evaluator);
        const Finding& first = found.front();
        EXPECT_THAT(first.message.english(), testing::Not(testing::IsEmpty()));
        const Size paper = trouble.document.sheet.paper;
        EXPECT_TRUE((Rect{{-40, -40}, {paper.width + 40, paper.height + 40}}.contains(first.at))) << "where to look";
        EXPECT_EQ(first.fix.has_value(), trouble.has_fix);
        EXPECT_TRUE(found_in(silenced(trouble.document, first)).empty() || found.size() > 1) << "it can be silenced";
        if (!first.fix)
            continue;
        const auto fixed = first.fix->edit(trouble.document, {});
        ASSERT_TRUE(fixed);
        history.apply(first.fix->label.english(), *fixed);
        EXPECT_LT(found_in(history.current()).size(), found.size()) << first.fix->label;
        history.undo();
        EXPECT_EQ(found_in(history.current()).size(), found.size());
    }
}

TEST(Preflight, WhatIsSilencedComesBackWhenTheCopyIsMoved) {
    Planner evaluator;
    Document d = disc_document({{60, 150}, {95.2, 150}});
    const auto findings = preflight(d, evaluator);
    ASSERT_EQ(findings.size(), 1u);
    d = silenced(d, findings[0]);
    EXPECT_THAT(preflight(d, evaluator), testing::IsEmpty());
    d.placements[1].centre.x -= 0.5;
    EXPECT_EQ(preflight(d, evaluator).size(), 1u);
}

TEST(Preflight, IsTheSameAfterAMoveAsFromScratch) {
    Document d;
    d = with_sticker_added(d, test::disc_sticker(10));
    for (int i = 0; i < 60; ++i)
        d.put({.sticker = 1, .centre = {30.0 + 17 * (i % 10), 60.0 + 17 * (i / 10)}});
    Planner evaluator;
    static_cast<void>(preflight(d, evaluator));
    for (const Point by : {Point{3, 0}, Point{-40, 0}, Point{0, 11}}) {
        d.placements[7].centre = d.placements[7].centre + by;
        Planner fresh;
        EXPECT_EQ(test::preflight_messages(d, evaluator), test::preflight_messages(d, fresh));
        const auto here = evaluator.plan(d), anew = fresh.plan(d);
        ASSERT_EQ(here->pages[0].cuts.size(), anew->pages[0].cuts.size());
        for (std::size_t i = 0; i < here->pages[0].cuts.size(); ++i)
            EXPECT_EQ(here->pages[0].cuts[i].line, anew->pages[0].cuts[i].line);
        EXPECT_EQ(here->pages[0].prints.size(), anew->pages[0].prints.size());
    }
}

TEST(Preflight, WhatMustBeFixedComesFirst) {
    Planner evaluator;
    const auto findings = preflight(disc_document({{60, 150}, {95.2, 150}, {0, 250}}), evaluator);
    ASSERT_EQ(findings.size(), 2u);
    EXPECT_EQ(findings[0].severity, Severity::to_fix);
    EXPECT_EQ(findings[1].severity, Severity::to_look_at);
}

/// Two discs 60 mm apart as one sticker, in a picture of their own file.
Sticker pair_of_discs() {
    Sticker s = new_sticker(PictureArtwork{
        test::picture_of({test::ellipse({60, 60}, 48, 48), test::ellipse({780, 60}, 48, 48)}, 840, 120)});
    s.name = "Pair";
    s.border.width = 1;
    return s;
}

TEST(StickersInPieces, AreSeenWhereverTheirOtherPieceLies) {
    Document d = with_sticker_added(disc_document({{100, 100}}), pair_of_discs());
    Planner planner;
    for (const double turn : {0.0, std::acos(-1.0)}) { // either piece within the disc, the other beside it
        Document on = d;
        on.put({.sticker = 2, .centre = {100 + (turn == 0 ? 30.0 : -30.0), 100}, .turn = turn});
        EXPECT_THAT(test::preflight_messages(on, planner), testing::HasSubstr("their cut lines overlap"));
    }
}

TEST(StickersInPieces, MayNotStraddleTwoSmallSheets) {
    Document d = with_sticker_added({}, pair_of_discs());
    d.sheet.division = {.columns = 2, .rows = 1, .gutter = 10, .cut = Division::Cut::none};
    d.put({.sticker = 1, .centre = {d.sheet.paper.width / 2, 100}});
    Planner planner;
    EXPECT_THAT(test::preflight_messages(d, planner), testing::HasSubstr("outside the cut zone"));
    d = moved(std::move(d), test::ids(1), {50, 0});
    EXPECT_EQ(test::preflight_messages(d, planner), "");
}

/// A drawing that is a square to print with a line of its own that reaches far beyond it.
Sticker with_a_long_line(Point from, Point to) {
    const Area area{{{contour_of(corners_of({{5, 5}, {25, 25}}))}}, FillRule::nonzero};
    Part square, line;
    square.paints.push_back({Rgb{200, 60, 40}, std::make_shared<const Area>(area), 1, {}});
    line.lines.push_back({{from, {Segment::line_to(to)}}, true, CutKind::kiss});
    const auto drawing = std::make_shared<const Drawing>(Size{30, 30}, std::vector{square, line});
    return new_sticker(
        DrawingArtwork{drawing, std::make_shared<const Parts>(as_in_file(*drawing, all_parts(*drawing)))});
}

TEST(OwnLines, AreCheckedLikeAllOthers) {
    Planner planner;
    Document outside = with_sticker_added({}, with_a_long_line({15, 15}, {29, 15}));
    outside.put({.sticker = 1, .centre = {192, 150}}); // the square in the zone, the line's end at 206 mm
    EXPECT_THAT(test::preflight_messages(outside, planner), testing::HasSubstr("outside the cut zone"));
    outside.placements[0].centre = {180, 150};
    EXPECT_THAT(test::preflight_messages(outside, planner), testing::Not(testing::HasSubstr("zone")));

    // A dot's area begins below the end of the line, and nothing else of the sticker comes near.
    Document over_mark = with_sticker_added({}, with_a_long_line({15, 15}, {1, 1}));
    const Mark mark = marks(over_mark.sheet).front();
    over_mark.put({.sticker = 1, .centre = mark.centre + Point{16, 16}});
    EXPECT_THAT(test::preflight_messages(over_mark, planner), testing::HasSubstr("into a mark's keep-clear area"));
}

} // namespace
} // namespace fusuma
