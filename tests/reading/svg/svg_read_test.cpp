// Drawings beside librsvg's own rendering of the same files, and files that are damaged, hostile or odd.

#include "core/drawing/parts.h"
#include "core/geometry/measure.h"
#include "formats/basics/file.h"
#include "reading/drawing/decode_drawing.h"
#include "reading/svg/svg_geometry.h"
#include "reading/svg/svg_read.h"
#include "tests/support/drawing_truth.h"

#include <QColor>
#include <QDirIterator>
#include <cmath>
#include <gmock/gmock.h>
#include <numbers>

namespace fusuma {
namespace {

using testing::HasSubstr;
constexpr double px = 25.4 / 96; // mm, CSS Values and Units Level 3

std::shared_ptr<const Drawing> decoded(const QByteArray& svg, const char* name = "drawing.svg") {
    auto drawing = decode_drawing(svg, QLatin1String(name));
    EXPECT_TRUE(drawing) << (drawing ? "" : drawing.problem().english());
    return drawing ? drawing_of(std::move(*drawing), QLatin1String(name), nullptr) : nullptr;
}

QByteArray svg(const QByteArray& inside, const QByteArray& attributes = R"svg(width="100" height="80")svg") {
    return R"svg(<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" )svg" + attributes +
           ">" + inside + "</svg>";
}

struct Feature {
    const char* name;
    QByteArray file;
    double most_colour = 0.8; ///< mean difference of colours allowed, 0–255
    double most_area = 0.002; ///< symmetric difference allowed, of what is covered
};

void PrintTo(const Feature& feature, std::ostream* out) {
    *out << feature.name;
}

class BesideLibrsvg : public testing::TestWithParam<Feature> {};

TEST_P(BesideLibrsvg, DrawsTheSame) {
    const auto drawing = decoded(GetParam().file);
    ASSERT_TRUE(drawing);
    const Image ours = test::drawn_by_cairo(*drawing, 700);
    const Image truth = test::rendered(GetParam().file, ours.width, ours.height);
    const test::PictureDifference d = test::difference(ours, truth);
    EXPECT_LT(d.area, GetParam().most_area);
    EXPECT_LT(d.colour, GetParam().most_colour);
    double covered = 0;
    for (std::size_t i = 3; i < truth.rgba.size(); i += 4)
        covered += truth.rgba[i];
    EXPECT_GT(covered, 255 * 500.0) << "the renderer drew nothing, so nothing was compared";
}

INSTANTIATE_TEST_SUITE_P(
    Svg, BesideLibrsvg,
    testing::
        Values(Feature{"Units",
                       svg(R"svg(<rect x="2mm" y="0.2in" width="30pt" height="1cm"/><circle cx="4pc" cy="50%" r="10%"/>)svg")},
               Feature{"ViewBoxMeet", svg(R"svg(<circle cx="5" cy="5" r="5"/>)svg",
                                          R"svg(width="100" height="60" viewBox="0 0 10 10")svg")},
               Feature{
                   "ViewBoxSlice",
                   svg(R"svg(<circle cx="5" cy="5" r="4"/>)svg",
                       R"svg(width="100" height="60" viewBox="0 0 10 10" preserveAspectRatio="xMinYMax slice")svg")},
               Feature{"ViewBoxNone",
                       svg(R"svg(<circle cx="5" cy="5" r="4"/>)svg",
                           R"svg(width="100" height="60" viewBox="0 0 10 10" preserveAspectRatio="none")svg")},
               Feature{
                   "Transforms",
                   svg(R"svg(<g transform="translate(50,40) rotate(30) scale(1.5,.8)"><rect x="-15" y="-10" width="30" height="20" transform="skewX(20) matrix(1 .1 -.2 1 0 0)"/></g>)svg")},
               Feature{"RotateAbout",
                       svg(R"svg(<rect x="20" y="20" width="50" height="20" transform="rotate(45 45 30)"/>)svg")},
               Feature{"EvenOdd", svg(R"svg(<path fill-rule="evenodd" d="M10 10H90V70H10Z M30 25H70V55H30Z"/>)svg")},
               Feature{"NonZero", svg(R"svg(<path d="M50 5 L75 75 L10 30 H90 L25 75Z"/>)svg")},
               Feature{
                   "EveryPathCommand",
                   svg(R"svg(<path d="M10 10 h30 v10 l10 5 L60 10 c5 0 5 20 10 20 s10 -20 15 -10 S 95 40 90 50 q -10 10 -20 0 t -20 5 T 30 60 a 12 8 20 1 0 -15 -10 A 9 9 0 0 1 10 35 z m 30 25 a5 5 0 1 1 -.01 0z"/>)svg")},
               Feature{"ArcsTooSmall", svg(R"svg(<path d="M10 40 A 5 5 0 0 1 90 40 A 5 0 0 0 1 10 40Z"/>)svg")},
               Feature{
                   "Strokes",
                   svg(R"svg(<g fill="none" stroke="#000" stroke-width="9"><path d="M10 20 L40 60 L60 15" stroke-linejoin="miter"/><path d="M55 60 L70 30 L90 65" stroke-linejoin="round" stroke-linecap="round"/><path d="M10 70 C 30 50 50 90 45 60" stroke-linejoin="bevel" stroke-linecap="square" stroke-width="5"/></g>)svg")},
               Feature{
                   "MitreLimit",
                   svg(R"svg(<path d="M10 10 L50 14 L10 18" fill="none" stroke="#000" stroke-width="6" stroke-miterlimit="3"/><path d="M10 50 L60 58 L10 66" fill="none" stroke="#000" stroke-width="6" stroke-miterlimit="20"/>)svg")},
               Feature{
                   "Dashes",
                   svg(R"svg(<path d="M10 20 H90" fill="none" stroke="#000" stroke-width="6" stroke-dasharray="12 4 2" stroke-dashoffset="5"/><circle cx="50" cy="52" r="20" fill="none" stroke="#000" stroke-width="5" stroke-dasharray="10,6" stroke-linecap="round"/>)svg")},
               Feature{
                   "UnevenScaleOfStroke",
                   svg(R"svg(<circle cx="10" cy="10" r="7" fill="none" stroke="#000" stroke-width="3" transform="scale(5,3)"/>)svg")},
               Feature{"RoundedRectangle",
                       svg(R"svg(<rect x="10" y="10" width="80" height="60" rx="30" ry="12"/>)svg")},
               Feature{
                   "Use",
                   svg(R"svg(<defs><path id="p" d="M0 0h20v10z"/></defs><use xlink:href="#p" x="10" y="10" fill="#c30"/><use href="#p" transform="translate(50 40) scale(2)" fill="#03c"/>)svg")},
               Feature{"Symbol", svg(R"svg(<symbol id="s" viewBox="0 0 10 10"><rect width="10" height="5"/><circle cx="5" cy="8" r="2"/></symbol><use href="#s" x="10" y="10" width="60" height="40"/>)svg")}, Feature{"NestedSvg", svg(R"svg(<svg x="20" y="10" width="50" height="40" viewBox="0 0 20 20"><circle cx="10" cy="10" r="14"/></svg>)svg")}, Feature{"ClipPath", svg(R"svg(<clipPath id="c"><circle cx="40" cy="40" r="25"/><rect x="60" y="20" width="30" height="20"/></clipPath><rect width="100" height="80" clip-path="url(#c)"/>)svg")}, Feature{"ClipInBoxUnits", svg(R"svg(<clipPath id="c" clipPathUnits="objectBoundingBox"><ellipse cx=".5" cy=".5" rx=".5" ry=".3"/></clipPath><g clip-path="url(#c)"><rect x="10" y="10" width="60" height="50"/><rect x="60" y="30" width="30" height="40" fill="#900"/></g>)svg")},
               Feature{
                   "StyleSheet",
                   svg(R"svg(<style>rect{fill:#0a0} .r{fill:rgb(200,30,10)} #i{fill:hsl(220,80%,40%)} g > circle{fill:#888;stroke:#000;stroke-width:2px}</style><rect width="30" height="30"/><rect class="q r" x="35" width="30" height="30"/><rect id="i" class="r" x="70" width="30" height="30"/><g><circle cx="50" cy="55" r="20"/></g>)svg")},
               Feature{
                   "InlineStyleWins",
                   svg(R"svg(<style>.a{fill:#f00}</style><rect class="a" fill="#0f0" style="fill:#00f; stroke : #000" width="80" height="60"/>)svg")},
               Feature{
                   "ImportantWins",
                   svg(R"svg(<style>#a{fill:#0a0} rect{fill:#a00 !important;stroke:#000} .s{fill:#00a!important}</style><rect id="a" style="fill:#880;stroke:#f0f" width="40" height="40"/><rect class="s" style="fill:#fff ! important" x="50" width="40" height="40"/>)svg")},
               Feature{"SelectorsOfAllKinds", svg(R"svg(<style>/* a { */ g[data-kind="x y"] > rect{fill:#a00} rect + rect{fill:#0a0} rect ~ circle{fill:#00a} [data-n~=two]{stroke:#000} [data-n|=en]{stroke:#0ff} [data-n^="on"]{stroke-width:1} [data-n$='ee']{fill:#f80} *{stroke-width:3} path:hover{fill:#f00} g rect, g  .k\20 k, #sp\65 cial{fill-opacity:.8}</style><g data-kind="x y"><rect width="20" height="20"/><rect x="30" width="20" height="20"/><circle cx="70" cy="10" r="9"/></g><rect y="30" width="20" height="20" data-n="one two"/><rect y="30" x="30" width="20" height="20" data-n="en-GB"/><circle cx="70" cy="40" r="9" data-n="three"/><path id="special" d="M0 60h40v15z" data-n="once"/>)svg"), 1.5}, Feature{"WhatIsNotUnderstoodIsPassedOver", svg(R"svg(<style>@font-face{font-family:x;src:none} @page :first{margin:1in} rect{fill} 5{fill:red} circle{;;colour;fill:#0a0;stroke:url("#none;}") #000} } path{fill:#00a} g{fill:red</style><rect width="30" height="30"/><circle cx="60" cy="20" r="15"/><path d="M0 50h40v20z"/>)svg")},
               Feature{"CurrentColor",
                       svg(R"svg(<g color="#b5e"><rect width="60" height="60" fill="currentColor"/></g>)svg")},
               Feature{
                   "Opacity",
                   svg(R"svg(<rect width="60" height="60" fill="#c00" fill-opacity=".5"/><g opacity=".6"><rect x="40" y="20" width="50" height="50" fill="#00c"/></g>)svg"),
                   1.5},
               Feature{
                   "LinearGradient",
                   svg(R"svg(<linearGradient id="g" x2="1" y2="1"><stop offset=".1" stop-color="#fff"/><stop offset="90%" stop-color="#c30"/></linearGradient><rect width="100" height="80" fill="url(#g)"/>)svg"),
                   1.5},
               Feature{
                   "GradientOfOpacities",
                   svg(R"svg(<linearGradient id="g"><stop stop-color="#000" stop-opacity=".2"/><stop offset="1" stop-color="#fff"/></linearGradient><rect width="100" height="80" fill="#258"/><rect x="5" y="5" width="90" height="70" fill="url(#g)"/>)svg"),
                   1.5},
               Feature{
                   "RadialGradientReflected",
                   svg(R"svg(<radialGradient id="g" cx="50" cy="40" r="20" fx="45" fy="38" gradientUnits="userSpaceOnUse" spreadMethod="reflect"><stop stop-color="#ff8"/><stop offset="1" stop-color="#036"/></radialGradient><circle cx="50" cy="40" r="39" fill="url(#g)"/>)svg"),
                   2.5},
               Feature{
                   "GradientInherits",
                   svg(R"svg(<linearGradient id="a"><stop stop-color="#060"/><stop offset="1" stop-color="#ef8"/></linearGradient><linearGradient id="b" href="#a" gradientTransform="rotate(90)"/><ellipse cx="50" cy="40" rx="45" ry="30" fill="url(#b)"/>)svg"),
                   1.5},
               Feature{"PaintFallsBack", svg(R"svg(<rect width="60" height="60" fill="url(#nothing) #c0c"/>)svg")},
               Feature{
                   "PaintOrder",
                   svg(R"svg(<circle cx="50" cy="40" r="25" fill="#ec0" stroke="#000" stroke-width="12" paint-order="stroke"/>)svg")},
               Feature{
                   "HiddenAndUndisplayed",
                   svg(R"svg(<rect width="50" height="50"/><rect x="50" width="50" height="50" display="none"/><g visibility="hidden"><rect y="50" width="20" height="20"/><rect x="30" y="50" width="20" height="20" visibility="visible"/></g>)svg")},
               Feature{
                   "Text",
                   svg(R"svg(<text x="10" y="50" font-size="30" font-family="DejaVu Sans, sans-serif">Quay</text>)svg")},
               Feature{
                   "Markers",
                   svg(R"svg(<marker id="m" markerWidth="4" markerHeight="4" refX="2" refY="2" orient="auto"><path d="M0 0 L4 2 L0 4z"/></marker><path d="M15 20 L50 60 L85 20" fill="none" stroke="#000" stroke-width="4" marker-end="url(#m)" marker-mid="url(#m)"/>)svg")},
               Feature{
                   "Pattern",
                   svg(R"svg(<pattern id="p" width="10" height="10" patternUnits="userSpaceOnUse"><rect width="10" height="10" fill="#fea"/><circle cx="5" cy="5" r="3" fill="#a30"/></pattern><rect x="5" y="5" width="80" height="60" fill="url(#p)"/>)svg"),
                   3, 0.006},
               Feature{
                   "TextInASymbol",
                   svg(R"svg(<symbol id="s" viewBox="0 0 40 20"><rect width="40" height="20" fill="#2a6"/><text x="4" y="15" font-size="14" font-family="DejaVu Sans">Kelp</text></symbol><use href="#s" x="10" y="10" width="80" height="40"/>)svg")},
               Feature{
                   "UseOfWhatIsMasked",
                   svg(R"svg(<mask id="m"><rect width="100" height="30" fill="#fff"/></mask><defs><g id="s"><rect x="5" y="5" width="40" height="60" fill="#2a6" mask="url(#m)"/><circle cx="70" cy="40" r="20"/></g></defs><use href="#s" transform="translate(10 5) scale(.9)"/>)svg"),
                   1.5, 0.006},
               Feature{
                   "Switch",
                   svg(R"svg(<switch><rect systemLanguage="tlh" width="90" height="70"/><circle cx="40" cy="40" r="30"/></switch>)svg")},
               Feature{
                   "EmbeddedPicture",
                   svg(R"svg(<image x="10" y="10" width="60" height="60" href="data:image/png;base64,iVBORw0KGgoAAAANSUhEUgAAAAIAAAACCAIAAAD91JpzAAAAFklEQVR4nGM4YaMhF7WA4cOJAJsKGwAkvAU9t+NzuQAAAABJRU5ErkJggg=="/>)svg"),
                   60}),
    [](const auto& feature) { return std::string(feature.param.name); });

/// An open set of drawings: the scalable icons of the Tango project (Debian's tango-icon-theme, public domain).
QStringList icons() {
    QStringList files;
    for (QDirIterator it(QStringLiteral("/usr/share/icons/Tango/scalable"), {QStringLiteral("*.svg")}, QDir::Files,
                         QDirIterator::Subdirectories);
         it.hasNext();) {
        it.next();
        if (!it.fileInfo().isSymLink())
            files << it.filePath();
    }
    files.sort();
    return files;
}

class OpenSet : public testing::TestWithParam<int> {};

TEST_P(OpenSet, EveryShapeLiesWhereLibrsvgDrawsIt) {
    constexpr int shares = 6;
    const QStringList all = icons();
    ASSERT_GE(all.size(), 200);
    for (qsizetype i = GetParam(); i < all.size(); i += shares) {
        const auto file = read_file(all[i], largest_drawing_bytes);
        ASSERT_TRUE(file);
        const QByteArray plain = test::plain_shapes(*file);
        const auto drawing = decoded(plain);
        ASSERT_TRUE(drawing) << all[i].toStdString();
        const Image ours = test::drawn_by_cairo(*drawing, 700);
        const test::PictureDifference d = test::difference(ours, test::rendered(plain, ours.width, ours.height));
        EXPECT_LT(d.area, 0.002) << all[i].toStdString();
        EXPECT_LT(d.colour, 2) << all[i].toStdString();
    }
}

INSTANTIATE_TEST_SUITE_P(Svg, OpenSet, testing::Range(0, 6));

TEST(SvgRead, KnowsPartsLayersAndTrueSize) {
    const auto drawing = decoded(R"svg(<svg xmlns="http://www.w3.org/2000/svg" width="60mm" viewBox="0 0 600 300">
        <g id="sky"><title>Evening sky</title><rect id="air" width="600" height="200" fill="#aaccee"/>
        <g id="birds"><path d="M0 0h9v9z"/></g></g><circle cx="90" cy="90" r="50" fill="#ff0"/></svg>)svg");
    ASSERT_TRUE(drawing);
    EXPECT_NEAR(drawing->size.width, 60, 1e-9);
    EXPECT_NEAR(drawing->size.height, 30, 0.06) << "up to whole pixels of the lattice";
    ASSERT_EQ(drawing->parts.size(), 3u);
    EXPECT_EQ(drawing->parts[0].name, "air");
    EXPECT_EQ(drawing->parts[0].layer, "Evening sky");
    EXPECT_EQ(drawing->parts[1].layer, "Evening sky / birds");
    EXPECT_EQ(drawing->parts[2].name, "circle");
    EXPECT_NEAR(area(drawing->region(0)), 60 * 20, 1e-6);
    EXPECT_NEAR(area(drawing->region(2)), std::numbers::pi * 25, 0.03) << "circles of cubics are larger by 0.03 %";
    EXPECT_EQ(colour_of(drawing->parts[2].paints), (Rgb{255, 255, 0}));
}

TEST(SvgRead, ClipsAsSvgSaysWhereTheRendererDoesNot) {
    // Source: SVG 1.1, 14.3.5 (a clip path may itself be clipped) and 14.3.3 (symbols are clipped to their viewport);
    // librsvg 2.54 leaves both out, so these are compared with areas.
    const auto clipped = decoded(svg(
        R"svg(<clipPath id="a"><rect x="20" width="50" height="80"/></clipPath><clipPath id="b" clip-path="url(#a)"><circle cx="20" cy="40" r="30"/></clipPath><rect width="100" height="80" clip-path="url(#b)"/>)svg"));
    ASSERT_TRUE(clipped);
    EXPECT_NEAR(area(clipped->region(0)), std::numbers::pi * 900 / 2 * px * px, 0.05);
    const auto symbol = decoded(svg(
        R"svg(<symbol id="s" viewBox="0 0 10 10"><rect width="30" height="5"/></symbol><use href="#s" x="10" y="10" width="40" height="40"/>)svg"));
    ASSERT_TRUE(symbol);
    EXPECT_NEAR(area(symbol->region(0)), 40 * 20 * px * px, 1e-3);
}

TEST(SvgRead, ThinUnfilledLinesAndNamedLayersAreLinesToCut) {
    const auto drawing =
        decoded(svg(R"svg(<g id="score lines"><path d="M0 10 H50" fill="none" stroke="#00f" stroke-width="3"/></g>
        <rect x="5" y="20" width="40" height="20" fill="none" stroke="#f00" stroke-width="0.2"/>
        <rect x="5" y="50" width="40" height="20" fill="none" stroke="#000" stroke-width="4"/>)svg"));
    ASSERT_TRUE(drawing);
    ASSERT_EQ(drawing->parts.size(), 3u);
    ASSERT_EQ(drawing->parts[0].lines.size(), 1u);
    EXPECT_EQ(drawing->parts[0].lines[0].kind, CutKind::score);
    EXPECT_TRUE(drawing->parts[0].lines[0].is_open);
    EXPECT_EQ(drawing->parts[1].lines.size(), 1u) << "a hairline";
    EXPECT_FALSE(drawing->parts[1].lines[0].is_open);
    EXPECT_TRUE(drawing->parts[2].lines.empty()) << "a pen's line is a shape";
    const Parts parts = as_in_file(*drawing, all_parts(*drawing));
    EXPECT_EQ(parts.shapes[0].use, (PartUse{false, PartCut::score}));
    EXPECT_EQ(parts.shapes[1].use, (PartUse{false, PartCut::kiss}));
    EXPECT_EQ(parts.shapes[2].use, (PartUse{true, PartCut::none}));
}

TEST(SvgRead, TextIsTextAndSaysWhichFontWasMissing) {
    const auto drawing =
        decoded(svg(R"svg(<text x="5" y="40" font-family="No Such Face" font-size="20">Tide</text>)svg"));
    ASSERT_TRUE(drawing);
    ASSERT_EQ(drawing->parts.size(), 1u);
    EXPECT_TRUE(drawing->parts[0].is_text);
    EXPECT_EQ(drawing->parts[0].name, "“Tide”");
    EXPECT_TRUE(std::holds_alternative<Rgb>(drawing->parts[0].paints[0].ink)) << "letters are curves, not a picture";
    EXPECT_THAT(drawing->note.english(), HasSubstr("No Such Face"));
}

struct Bad {
    const char* name;
    QByteArray file;
    const char* says;
};

TEST(SvgRead, RefusesWhatCannotBeReadInOneSentence) {
    QByteArray deep, bomb = R"svg(<!DOCTYPE svg [<!ENTITY a "aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa">)svg";
    for (int i = 0; i < 500; ++i)
        deep += "<g>";
    for (char c = 'b'; c < 'j'; ++c) {
        bomb += QByteArray("<!ENTITY ") + c + " \"";
        for (int i = 0; i < 10; ++i)
            bomb += QByteArray("&") + static_cast<char>(c - 1) + ";";
        bomb += "\">";
    }
    bomb += R"svg(]><svg xmlns="http://www.w3.org/2000/svg"><title>&i;</title></svg>)svg";
    QByteArray uses = R"svg(<rect id="u0" width="1" height="1"/>)svg";
    for (int i = 1; i < 18; ++i) {
        uses += "<g id=\"u" + QByteArray::number(i) + "\">";
        for (int k = 0; k < 10; ++k)
            uses += "<use href=\"#u" + QByteArray::number(i - 1) + "\"/>";
        uses += "</g>";
    }
    for (const Bad& bad : std::vector<Bad>{
             {"malformed", "<svg xmlns=\"http://www.w3.org/2000/svg\"><rect", "damaged in line 1"},
             {"crossed", svg("<g><rect></g></rect>"), "damaged"},
             {"empty", svg(""), "nothing that can be drawn"},
             {"no size", svg("<rect width='9' height='9'/>", R"svg(width="nan" height="inf")svg"), "no size"},
             {"deep", svg(deep), "deep"},
             {"entities", bomb, "damaged"},
             {"uses", svg(uses), "more than"},
             {"other", "<svg:html xmlns:svg='x'/>", "no drawing"}}) {
        const auto read = read_svg(bad.file);
        ASSERT_FALSE(read) << bad.name;
        EXPECT_THAT(read.problem().english(), HasSubstr(bad.says)) << bad.name;
    }
}

TEST(SvgRead, LeavesOutWhatPointsElsewhereAndIgnoresScripts) {
    const auto drawing =
        decoded(svg(R"svg(<script>alert(1)</script><image href="file:///etc/passwd" width="9" height="9"/>
        <image href="http://example.org/a.png" width="9" height="9"/><use href="other.svg#x"/>
        <rect onclick="evil()" width="50" height="50" style="fill:url(http://example.org/p.svg#g)"/><a href="http://example.org"><circle cx="20" cy="20" r="9"/></a>)svg"));
    ASSERT_TRUE(drawing);
    EXPECT_EQ(drawing->parts.size(), 2u);
    EXPECT_THAT(drawing->note.english(), testing::AllOf(HasSubstr("other files"), HasSubstr("scripts")));
}

TEST(SvgRead, FallsBackCleanlyOnOddNumbers) {
    for (const char* odd : {"NaN", "inf", "1e400", "-1e308", "", "5 5", "9999999999999"}) {
        const QByteArray number(odd);
        const auto drawing = decoded(svg("<circle cx='" + number + "' cy='5' r='" + number + "'/><path d='M" + number +
                                         " 1 L 9 9 L 5 2 A " + number + " 1 0 0 1 9 9'/><g transform='scale(" + number +
                                         ")'><rect width='9' height='9'/></g>" + "<path stroke='#000' stroke-width='" +
                                         number + "' d='M0 0 L5 5'/><rect width='20' height='20'/>"));
        ASSERT_TRUE(drawing) << odd;
        for (std::size_t i = 0; i < drawing->parts.size(); ++i)
            EXPECT_TRUE(std::isfinite(area(drawing->region(i)))) << odd;
    }
    const auto book =
        decoded(svg("<text y='50' font-size='9'>" + QByteArray(200'000, 'x') + "</text><rect width='9' height='9'/>"));
    ASSERT_TRUE(book);
    EXPECT_EQ(book->parts.size(), 1u);
    EXPECT_THAT(book->note.english(), HasSubstr("20,000 letters"));
    EXPECT_TRUE(decoded(svg(
        R"svg(<g id="a"><use href="#a"/><rect width="9" height="9"/></g><clipPath id="c" clip-path="url(#c)"><rect width="5" height="5"/></clipPath><rect width="9" height="9" clip-path="url(#c)"/>)svg")));
}

TEST(SvgGeometry, UnitsAndColoursFollowCss) {
    // Source: CSS Values and Units Level 3, 6.2; CSS Color Level 4, 4–7
    const SvgMeasures m{200, 100, 20};
    for (const auto& [text, value] : {std::pair{"1in", 96.0},
                                      {"2.54cm", 96.0},
                                      {"25.4mm", 96.0},
                                      {"101.6q", 96.0},
                                      {"6pc", 96.0},
                                      {"72pt", 96.0},
                                      {"5px", 5.0},
                                      {"-3", -3.0},
                                      {"1e2", 100.0},
                                      {"2em", 40.0},
                                      {"1rem", 16.0},
                                      {"50%", 100.0}})
        EXPECT_NEAR(length_px(QLatin1String(text), m, Along::width).value_or(-1), value, 1e-9) << text;
    EXPECT_NEAR(*length_px("10%", m, Along::diagonal), 0.1 * std::sqrt((200. * 200 + 100 * 100) / 2), 1e-9);
    for (const char* wrong : {"", "x", "1 2", "mm", "5furlong", "inf"})
        EXPECT_FALSE(length_px(QLatin1String(wrong), m, Along::width)) << wrong;
    for (const auto& [text, rgb] : {std::pair{"#f80", Rgb{255, 136, 0}},
                                    {"#1a2B3c", {26, 43, 60}},
                                    {"rebeccapurple", {102, 51, 153}},
                                    {"rgb(10, 20,30)", {10, 20, 30}},
                                    {"rgb(100%,0%,50%)", {255, 0, 128}},
                                    {"hsl(120,100%,25%)", {0, 128, 0}},
                                    {"rgb(300 -5 7)", {255, 0, 7}}}) {
        const auto colour = svg_colour(QLatin1String(text));
        if (QLatin1String(text) == QLatin1String("rebeccapurple") && !colour)
            continue; // newer than the names that Qt knows
        ASSERT_TRUE(colour) << text;
        EXPECT_EQ(colour->rgb, rgb) << text;
    }
    EXPECT_NEAR(svg_colour("#11223380")->alpha, 128 / 255.0, 1e-9);
    EXPECT_NEAR(svg_colour("rgba(1,2,3,.25)")->alpha, 0.25, 1e-9);
    for (const char* wrong : {"#12", "rgb(1,2)", "url(#a)", "nocolour", "#gggggg"})
        EXPECT_FALSE(svg_colour(QLatin1String(wrong))) << wrong;
}

TEST(DxfRead, ReadsEntitiesInTheirUnitsAndJoinsEnds) {
    // Entities as the DXF reference describes them: group codes 0, 8 (layer), 10/20 (places), 42 (bulge).
    const QByteArray dxf =
        "0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n1\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n"
        "0\nLINE\n8\nthrough\n10\n0\n20\n0\n11\n2\n21\n0\n0\nLINE\n8\nthrough\n10\n2\n20\n0\n11\n2\n21\n1\n"
        "0\nLINE\n8\nthrough\n10\n0\n20\n0\n11\n2\n21\n1\n0\nCIRCLE\n8\nkiss\n10\n1\n20\n3\n40\n0.5\n"
        "0\nLWPOLYLINE\n8\nkiss\n90\n2\n70\n1\n10\n3\n20\n0\n42\n1\n10\n4\n20\n0\n42\n1\n"
        "0\nARC\n8\nscore\n10\n5\n20\n5\n40\n1\n50\n0\n51\n90\n0\nENDSEC\n0\nEOF\n";
    const auto drawing = decoded(dxf, "part.dxf");
    ASSERT_TRUE(drawing);
    ASSERT_EQ(drawing->parts.size(), 4u);
    const auto& triangle = drawing->parts[0].lines[0];
    EXPECT_FALSE(triangle.is_open) << "three loose lines whose ends meet";
    EXPECT_EQ(triangle.kind, CutKind::through);
    EXPECT_NEAR(std::abs(signed_area(triangle.path)), 25.4 * 25.4, 1e-6) << "two inches by one, halved";
    EXPECT_NEAR(std::abs(signed_area(drawing->parts[1].lines[0].path)), std::numbers::pi * 12.7 * 12.7, 0.2);
    EXPECT_NEAR(std::abs(signed_area(drawing->parts[2].lines[0].path)), std::numbers::pi * 12.7 * 12.7, 0.2)
        << "two half circles by their bulges";
    EXPECT_TRUE(drawing->parts[3].lines[0].is_open);
    EXPECT_NEAR(length(drawing->parts[3].lines[0].path), std::numbers::pi / 2 * 25.4, 0.02);
}

TEST(PdfDrawing, ComesInWithExactEdgesAtItsSize) {
    // A page of 200 × 100 points with a red rectangle of 100 × 50.
    const QByteArray content = "1 0 0 rg 50 25 100 50 re f";
    const QByteArray pdf =
        "%PDF-1.4\n1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj\n2 0 obj<</Type/Pages/Kids[3 0 R]/Count 1>>endobj\n"
        "3 0 obj<</Type/Page/Parent 2 0 R/MediaBox[0 0 200 100]/Contents 4 0 R>>endobj\n4 0 obj<</Length " +
        QByteArray::number(content.size()) + ">>stream\n" + content +
        "\nendstream endobj\ntrailer<</Root 1 0 R>>\n%%EOF";
    const auto drawing = decoded(pdf, "page.pdf");
    ASSERT_TRUE(drawing);
    constexpr double point = 25.4 / 72;
    EXPECT_NEAR(drawing->size.width, 200 * point, 0.01);
    ASSERT_EQ(drawing->parts.size(), 1u);
    EXPECT_NEAR(area(drawing->region(0)), 100 * 50 * point * point, 0.05);
    EXPECT_EQ(colour_of(drawing->parts[0].paints), (Rgb{255, 0, 0}));
}

} // namespace
} // namespace fusuma
