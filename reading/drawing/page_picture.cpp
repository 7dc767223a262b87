#include "reading/drawing/page_picture.h"

#include "formats/picture/picture_read.h"
#include "reading/basics/seen_of.h"
#include "reading/picture/pdf_pages.h"

#include <QRect>
#include <algorithm>
#include <array>
#include <cmath>

namespace fusuma {

namespace {

/// A channel of a picture on white.
class OnWhite {
  public:
    explicit OnWhite(const Image& of) : image(of) {}

    [[nodiscard]] int at(int x, int y, int channel) const {
        const std::size_t i =
            4 * (static_cast<std::size_t>(y) * static_cast<std::size_t>(image.width) + static_cast<std::size_t>(x));
        const int alpha = image.rgba[i + 3];
        return (image.rgba[i + static_cast<std::size_t>(channel)] * alpha + 255 * (255 - alpha)) / 255;
    }
    /// Whether `value` is far from all that lies within a pixel of a place, and between.
    [[nodiscard]] bool lacks(int value, int x, int y, int channel) const {
        constexpr int far = 24; // of 255
        int darkest = 255, lightest = 0;
        for (int v = std::max(0, y - 1); v <= std::min(image.height - 1, y + 1); ++v)
            for (int u = std::max(0, x - 1); u <= std::min(image.width - 1, x + 1); ++u) {
                darkest = std::min(darkest, at(u, v, channel));
                lightest = std::max(lightest, at(u, v, channel));
            }
        return value < darkest - far || value > lightest + far;
    }

  private:
    const Image& image;
};

/// Where something is drawn, or nothing where all is clear.
QRect inked(const QImage& picture) {
    QRect box;
    for (int y = 0; y < picture.height(); ++y) {
        const auto* row = reinterpret_cast<const QRgb*>(picture.constScanLine(y));
        const auto is_inked = [](QRgb pixel) { return qAlpha(pixel) > 0; };
        const auto* first = std::find_if(row, row + picture.width(), is_inked);
        if (first == row + picture.width())
            continue;
        const auto* last = row + picture.width() - 1;
        while (!is_inked(*last))
            --last;
        box |= QRect(QPoint(static_cast<int>(first - row), y), QPoint(static_cast<int>(last - row), y));
    }
    return box;
}

} // namespace

bool looks_as_its_page(const ReadDrawing& drawing, const QByteArray& pdf, int page) {
    constexpr double longest_px = 500;
    constexpr std::size_t one_in = 400; // of what is not white: edges, and what renderers round otherwise
    const double longest = std::max(drawing.size.width, drawing.size.height);
    const int across = std::max(1, static_cast<int>(std::lround(longest_px * drawing.size.width / longest)));
    const auto rendered = render_pdf_page(pdf, page, across * mm_per_inch / drawing.size.width, 1'000'000);
    if (!rendered)
        return true; // it tells nothing
    const auto truth = image_from(*rendered);
    DrawnArt art{drawing.size, {}};
    for (const Part& part : drawing.parts)
        std::ranges::copy(part.paints, std::back_inserter(art.shapes));
    const Image ours = rasterised(art, across);
    const OnWhite a(*truth), b(ours);
    std::size_t covered = 0, differ = 0;
    for (int y = 0; y < std::min(truth->height, ours.height); ++y)
        for (int x = 0; x < std::min(truth->width, ours.width); ++x) {
            bool is_covered = false, differs = false;
            for (int c = 0; c < 3; ++c) {
                const int is = a.at(x, y, c), drawn = b.at(x, y, c);
                is_covered |= is < 255 || drawn < 255;
                differs |= is != drawn && b.lacks(is, x, y, c) && a.lacks(drawn, x, y, c);
            }
            covered += is_covered;
            differ += differs;
        }
    return differ * one_in <= covered;
}

Result<ReadDrawing> as_one_picture(ReadDrawing drawing, const QByteArray& pdf, int page) {
    constexpr double dpi_at_least = 600, longest_px = 3000, most_px = 24e6; // small pages are enlarged
    const double width = drawing.size.width / mm_per_inch, height = drawing.size.height / mm_per_inch;
    const double dpi =
        std::min(std::max(dpi_at_least, longest_px / std::max(width, height)), std::sqrt(most_px / (width * height)));
    auto rendered = render_pdf_page(pdf, page, dpi, static_cast<qint64>(1.1 * most_px));
    if (!rendered)
        return rendered.problem();
    const QRect box = inked(*rendered);
    if (box.isEmpty() && drawing.parts.empty())
        return Problem{"holds nothing that can be drawn."_said};
    if (box.isEmpty())
        return drawing;
    const double mm_per_px = drawing.size.width / rendered->width();
    Part whole;
    whole.name = "page";
    const auto image = image_from(rendered->copy(box));
    const Transform from_unit = Transform::scale(box.width() * mm_per_px, box.height() * mm_per_px)
                                    .then(Transform::shift({box.x() * mm_per_px, box.y() * mm_per_px}));
    const Area all{transformed(Outline{{contour_of(corners_of({{0, 0}, {1, 1}}))}}, from_unit), FillRule::nonzero};
    whole.traced = seen_of(*image, from_unit, all);
    whole.paints.push_back({Pixels(image), nullptr, 1, from_unit});
    std::erase_if(drawing.parts, [](const Part& part) { return part.lines.empty(); });
    for (Part& part : drawing.parts)
        part.paints.clear(); // the picture shows them
    drawing.parts.insert(drawing.parts.begin(), std::move(whole));
    drawing.add_note("lets through in ways that parts cannot, so its page is taken as one picture"_said);
    return drawing;
}

} // namespace fusuma
