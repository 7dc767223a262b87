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

/// Nearly normal, from a hash's four bytes: mean 0, standard deviation 2 · 73.9.
int noise_of(std::uint32_t hash) {
    return static_cast<int>((hash & 255) + (hash >> 8 & 255) + (hash >> 16 & 255) + (hash >> 24)) - 510;
}
constexpr double noise_deviation = 147.8;

/// How many of the picture's pixels make a millimetre: as it says itself, since its edges are rounded to whole pixels.
double density(const QImage& sheet, Size paper) {
    const double said = sheet.dotsPerMeterX() / 1000.0, seen = sheet.width() / paper.width;
    constexpr double rounding = 0.01;
    return std::abs(said / seen - 1) < rounding ? said : seen;
}

QTransform to_qt(const Transform& t) {
    return {t.a, t.b, t.c, t.d, t.dx, t.dy};
}

// A scan is worked out in whole numbers: places in 2^-32 px, shares of neighbours in 2^-11, grey in 2^-16.
constexpr int place_bits = 32, share_bits = 11, grey_bits = 16;

/// The print's grey between its pixels, as its paper has it; the bed's beyond it.
class SeenGrey {
  public:
    explicit SeenGrey(const QImage& grey)
        : pixels(grey.constBits()), stride(grey.bytesPerLine()),
          right(static_cast<std::uint64_t>(grey.width() - 1) << place_bits),
          bottom(static_cast<std::uint64_t>(grey.height() - 1) << place_bits) {}
    /// A place before 0 is beyond all.
    [[nodiscard]] int at(std::uint64_t across, std::uint64_t down) const {
        if (across >= right || down >= bottom)
            return bed_grey << grey_bits;
        constexpr std::uint32_t whole = 1u << share_bits;
        const auto share = [](std::uint64_t place) {
            return static_cast<std::uint32_t>(place >> (place_bits - share_bits)) & (whole - 1);
        };
        const std::uint32_t u = share(across), v = share(down);
        const uchar* above = pixels + static_cast<std::ptrdiff_t>(down >> place_bits) * stride +
                             static_cast<std::ptrdiff_t>(across >> place_bits);
        const uchar* below = above + stride;
        const std::uint32_t seen =
            (whole - v) * ((whole - u) * above[0] + u * above[1]) + v * ((whole - u) * below[0] + u * below[1]);
        constexpr int paper = (paper_grey * 256 + 127) / 255; // in 2^-8
        return static_cast<int>(seen >> (2 * share_bits - (grey_bits - 8))) * paper;
    }

  private:
    const uchar* pixels;
    std::ptrdiff_t stride;
    std::uint64_t right, bottom;
};

/// The sheet's grey values with marks spoilt as asked, in the print's own pixels.
QImage spoilt(const QImage& printed, Size paper, const std::vector<Mark>& marks, const PrintFaults& print,
              const LoadFaults& load, const Work& work) {
    const QImage colours = printed.convertToFormat(QImage::Format_RGB32);
    QImage grey(printed.size(), QImage::Format_Grayscale8);
    uchar* to = grey.bits();
    for_bands(grey.height(), work, [&](int first, int last) {
        for (int y = first; y < last; ++y) {
            const auto* from = reinterpret_cast<const QRgb*>(colours.constScanLine(y));
            std::transform(from, from + grey.width(), to + y * grey.bytesPerLine(),
                           [](QRgb colour) { return static_cast<uchar>(qGray(colour)); });
        }
    });
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
    const QImage grey = spoilt(printed, paper, marks, print, load, work.part(0, 0.3));
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
    const SeenGrey print_seen(grey);
    const auto fixed = [](double value, int bits) {
        return static_cast<std::uint64_t>(std::llround(std::ldexp(value, bits)));
    };
    const std::uint64_t across_a_pixel = fixed(from.a, place_bits), down_a_pixel = fixed(from.b, place_bits);
    const int grain = static_cast<int>(fixed(std::clamp(load.noise, 0.0, 1000.0) / noise_deviation, grey_bits));
    for_bands(scan.height, work.part(0.3, 1), [&](int first, int last) {
        for (int y = first; y < last; ++y) {
            std::uint8_t* out = scan.grey.data() + static_cast<std::ptrdiff_t>(y) * scan.width;
            const Point begin = from.apply({0.5, y + 0.5}) - Point{0.5, 0.5};
            std::uint64_t across = fixed(begin.x, place_bits), down = fixed(begin.y, place_bits);
            for (int x = 0; x < scan.width; ++x, across += across_a_pixel, down += down_a_pixel) {
                const std::uint32_t hash =
                    scrambled(static_cast<std::uint32_t>(x), static_cast<std::uint32_t>(y), load.seed);
                const int value = print_seen.at(across, down) + grain * noise_of(hash) + (1 << (grey_bits - 1));
                out[x] = static_cast<std::uint8_t>(std::clamp(value >> grey_bits, 0, 255));
            }
        }
    });
    return scan;
}

} // namespace fusuma
