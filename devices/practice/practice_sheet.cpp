#include "devices/practice/practice_sheet.h"

#include "core/parallel.h"

#include <QPainter>
#include <algorithm>
#include <cmath>
#include <numbers>

namespace fusuma {

namespace {

constexpr double bed = 20;    // mm round the paper
constexpr int bed_grey = 120; // of a dark cutting mat
constexpr std::uint8_t paper_grey = 246;

/// A hash of a place and a seed, evenly spread, so that noise is the same however the work is shared out.
std::uint32_t scrambled(std::uint32_t x, std::uint32_t y, std::uint32_t seed) {
    std::uint32_t h = seed * 0x9e3779b9u ^ x * 0x85ebca6bu ^ y * 0xc2b2ae35u;
    h = (h ^ (h >> 16)) * 0x7feb352du;
    h = (h ^ (h >> 15)) * 0x846ca68bu;
    return h ^ (h >> 16);
}

/// Nearly normal, from two hashes' bytes; standard deviation 1.
double noise_at(int x, int y, std::uint32_t seed) {
    const std::uint32_t h = scrambled(static_cast<std::uint32_t>(x), static_cast<std::uint32_t>(y), seed);
    const int sum = static_cast<int>((h & 255) + (h >> 8 & 255) + (h >> 16 & 255) + (h >> 24));
    return (sum - 510) / 147.8; // four bytes: mean 510, standard deviation 2 · 73.9
}

/// How many of the picture's pixels make a millimetre: as it says itself, since its edges are rounded to whole pixels.
double density(const QImage& sheet, Size paper) {
    const double said = sheet.dotsPerMeterX() / 1000.0, seen = sheet.width() / paper.width;
    constexpr double rounding = 0.01;
    return std::abs(said / seen - 1) < rounding ? said : seen;
}

QTransform to_qt(const Transform& t) {
    return {t.a, t.b, t.c, t.d, t.dx, t.dy};
}

/// The sheet's grey values with marks spoilt as asked, in the print's own pixels.
QImage spoilt(const QImage& printed, Size paper, const std::vector<Mark>& marks, const PrintFaults& print,
              const LoadFaults& load) {
    QImage grey = printed.convertToFormat(QImage::Format_Grayscale8);
    QPainter painter(&grey);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(Qt::NoPen);
    painter.scale(density(printed, paper), density(printed, paper));
    const Transform where = map_of(print.pose, {paper.width / 2, paper.height / 2});
    const auto each = [&](const std::vector<std::size_t>& numbers, auto&& spoil) {
        for (const std::size_t number : numbers)
            if (number < marks.size())
                spoil(number, where.apply(marks[number].centre), marks[number].radius);
    };
    each(load.missing, [&](std::size_t, Point at, double r) {
        painter.setBrush(Qt::white);
        painter.drawEllipse(QPointF(at.x, at.y), 1.4 * r, 1.4 * r);
    });
    each(load.smudged, [&](std::size_t number, Point at, double r) {
        // A thumb has drawn the wet ink to one side.
        const double way =
            scrambled(static_cast<std::uint32_t>(number), 7, load.seed) / 4294967296.0 * 2 * std::numbers::pi;
        painter.setBrush(QColor(60, 60, 60));
        for (int i = 1; i <= 6; ++i)
            painter.drawEllipse(QPointF(at.x + 0.25 * i * r * std::cos(way), at.y + 0.25 * i * r * std::sin(way)),
                                r * (1 - 0.08 * i), r * (1 - 0.08 * i));
    });
    return grey;
}

} // namespace

QImage with_faults(const QImage& sheet, Size paper, const PrintFaults& faults) {
    if (faults == PrintFaults{})
        return sheet;
    const double scale = density(sheet, paper);
    QImage printed(sheet.size(), QImage::Format_RGB32);
    printed.setDotsPerMeterX(sheet.dotsPerMeterX());
    printed.setDotsPerMeterY(sheet.dotsPerMeterY());
    printed.fill(Qt::white);
    QPainter painter(&printed);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    const double blank = faults.clipped;
    painter.setClipRect(
        QRectF(blank * scale, blank * scale, (paper.width - 2 * blank) * scale, (paper.height - 2 * blank) * scale));
    const QTransform to_px = QTransform::fromScale(scale, scale);
    const QTransform move = to_px.inverted() * to_qt(map_of(faults.pose, {paper.width / 2, paper.height / 2})) * to_px;
    painter.setTransform(move);
    painter.drawImage(0, 0, sheet);
    if (faults.ink_spread > 0) { // ink lands a little way off in every direction too
        painter.setCompositionMode(QPainter::CompositionMode_Darken);
        constexpr int ways = 12;
        for (int i = 0; i < ways; ++i) {
            const double angle = 2 * std::numbers::pi * i / ways;
            painter.setTransform(move * QTransform::fromTranslate(faults.ink_spread * scale * std::cos(angle),
                                                                  faults.ink_spread * scale * std::sin(angle)));
            painter.drawImage(0, 0, sheet);
        }
    }
    return printed;
}

Scan practice_scan(const QImage& printed, Size paper, const std::vector<Mark>& marks, const PrintFaults& print,
                   const LoadFaults& load, const Work& work) {
    const QImage grey = spoilt(printed, paper, marks, print, load);
    const double px_per_mm = density(printed, paper);
    Scan scan{static_cast<int>(std::ceil((paper.width + 2 * bed) * px_per_mm)),
              static_cast<int>(std::ceil((paper.height + 2 * bed) * px_per_mm)),
              px_per_mm,
              {-bed, -bed},
              {}};
    scan.grey.resize(static_cast<std::size_t>(scan.width) * static_cast<std::size_t>(scan.height));
    PracticeFaults laid;
    laid.load = load;
    // From the scan's pixels to the print's.
    const Transform from = Transform::scale(1 / px_per_mm, 1 / px_per_mm)
                               .then(Transform::shift(scan.origin))
                               .then(true_place(laid, paper).inverted())
                               .then(Transform::scale(px_per_mm, px_per_mm));
    const uchar* pixels = grey.constBits();
    const std::ptrdiff_t stride = grey.bytesPerLine();
    const int right = grey.width() - 1, bottom = grey.height() - 1;
    for_bands(scan.height, work, [&](int first, int last) {
        for (int y = first; y < last; ++y) {
            std::uint8_t* out = scan.grey.data() + static_cast<std::ptrdiff_t>(y) * scan.width;
            for (int x = 0; x < scan.width; ++x) {
                const Point p = from.apply({x + 0.5, y + 0.5}) - Point{0.5, 0.5};
                double value = bed_grey;
                if (p.x >= 0 && p.y >= 0 && p.x < right && p.y < bottom) {
                    const int left = static_cast<int>(p.x), top = static_cast<int>(p.y);
                    const double u = p.x - left, v = p.y - top;
                    const uchar *above = pixels + top * stride + left, *below = above + stride;
                    value = ((1 - v) * ((1 - u) * above[0] + u * above[1]) + v * ((1 - u) * below[0] + u * below[1])) *
                            paper_grey / 255;
                }
                value += load.noise * noise_at(x, y, load.seed);
                out[x] = static_cast<std::uint8_t>(std::clamp(value + 0.5, 0.0, 255.0));
            }
        }
    });
    return scan;
}

} // namespace fusuma
