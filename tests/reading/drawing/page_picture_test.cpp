// Pages of PDF as drawings, beside what librsvg draws of the SVG that they were made of.

#include "core/geometry/measure.h"
#include "reading/drawing/decode_drawing.h"
#include "tests/support/drawing_truth.h"

#include <gmock/gmock.h>

namespace fusuma {
namespace {

QByteArray page_of(const QByteArray& inside) {
    return "<svg xmlns='http://www.w3.org/2000/svg' width='200' height='150' viewBox='0 0 200 150'>"
           "<linearGradient id='fades' x2='1'><stop stop-color='#c00'/><stop offset='1' stop-color='#c00' "
           "stop-opacity='0'/>"
           "</linearGradient><rect x='10' y='10' width='180' height='130' fill='#dde'/>" +
           inside + "</svg>";
}

wire::DrawingParts read_page(const QByteArray& svg) {
    auto read = decode_drawing(test::pdf_of(svg, {200, 150}), "page.pdf", 1);
    EXPECT_TRUE(read) << (read ? "" : read.problem().english());
    return read ? std::move(*read) : wire::DrawingParts{};
}

/// The farthest that any of a lattice of places is from librsvg's colour there, on white.
int farthest(const wire::DrawingParts& page, const QByteArray& svg) {
    DrawnArt art{page.size, {}};
    for (const Part& part : page.parts)
        std::ranges::copy(part.paints, std::back_inserter(art.shapes));
    const Image ours = rasterised(art, 400), truth = test::rendered(svg, 400, 300);
    int worst = 0;
    for (std::size_t y = 5; y < 300; y += 10)
        for (std::size_t x = 5; x < 400; x += 10)
            for (std::size_t c = 0; c < 3; ++c) {
                const auto on_white = [&](const Image& image) {
                    const std::size_t at = 4 * (400 * y + x);
                    return (image.rgba[at + c] * image.rgba[at + 3] + 255 * (255 - image.rgba[at + 3])) / 255;
                };
                worst = std::max(worst, std::abs(on_white(ours) - on_white(truth)));
            }
    return worst;
}

TEST(PageOfPdf, ComesInParts) {
    const QByteArray svg =
        page_of("<rect x='30' y='40' width='60' height='60' fill='#285'/><g opacity='.4'><rect x='100' y='30' "
                "width='70' height='50' fill='#00c'/></g>");
    const auto page = read_page(svg);
    EXPECT_EQ(page.parts.size(), 3u);
    EXPECT_TRUE(page.note.empty()) << page.note.english();
    EXPECT_LE(farthest(page, svg), 4);
}

/// cairo writes the soft mask somewhere else, so that what fades was lost or cut off.
TEST(PageOfPdf, ThatFadesIsTakenAsOnePictureAndSaysSo) {
    const QByteArray svg = page_of("<rect x='30' y='30' width='120' height='80' fill='url(#fades)'/>");
    const auto page = read_page(svg);
    ASSERT_EQ(page.parts.size(), 1u);
    EXPECT_THAT(page.note.english(), testing::HasSubstr("is taken as one picture"));
    EXPECT_LE(farthest(page, svg), 4);
    const Rect seen = bounds(page.parts[0].traced);
    const double mm = 25.4 / 72;
    EXPECT_NEAR(seen.min.x, 10 * mm, 0.05);
    EXPECT_NEAR(seen.max.y, 140 * mm, 0.05);
}

/// As a picture with clear ground, placed on a page, does.
TEST(PageOfPdf, OfNothingButWhatFadesIsRead) {
    const QByteArray svg = page_of("").replace("<rect x='10' y='10' width='180' height='130' fill='#dde'/>",
                                               "<rect x='30' y='30' width='120' height='80' fill='url(#fades)'/>");
    const auto page = read_page(svg);
    ASSERT_EQ(page.parts.size(), 1u);
    EXPECT_LE(farthest(page, svg), 4);
    const auto empty = decode_drawing(
        test::pdf_of("<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'/>", {9, 9}), "page.pdf", 1);
    EXPECT_FALSE(empty);
}

TEST(PageOfPdf, TakenAsOnePictureKeepsTheLinesThatAreCut) {
    const auto page = read_page(page_of("<rect x='30' y='30' width='120' height='80' fill='url(#fades)'/>"
                                        "<rect x='20' y='20' width='160' height='110' fill='none' stroke='#000' "
                                        "stroke-width='0.1'/>"));
    ASSERT_EQ(page.parts.size(), 2u);
    EXPECT_TRUE(page.parts[0].lines.empty());
    ASSERT_EQ(page.parts[1].lines.size(), 1u);
    EXPECT_TRUE(page.parts[1].paints.empty());
    EXPECT_NEAR(bounds(page.parts[1].lines[0].path).width(), 160 * 25.4 / 72, 0.01);
}

/// A small page may be printed large.
TEST(PageOfPdf, OfAFewMillimetresIsAPictureOfThousandsOfPixels) {
    const QByteArray svg = page_of("<rect x='30' y='30' width='120' height='80' fill='url(#fades)'/>");
    const auto page = decode_drawing(test::pdf_of(svg, {20, 15}), "page.pdf", 1);
    ASSERT_TRUE(page);
    ASSERT_EQ(page->parts.size(), 1u);
    EXPECT_NEAR(std::get<Pixels>(page->parts[0].paints[0].ink).width(), 2700, 30) << "nine tenths of the page";
}

} // namespace
} // namespace fusuma
