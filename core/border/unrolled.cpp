#include "core/border/unrolled.h"

namespace fusuma {

namespace {

/// Between two colours, `share` of 256.
std::uint32_t mixed(std::uint32_t a, std::uint32_t b, std::uint32_t share) {
    const std::uint32_t even = ((a & 0xff00ff) * (256 - share) + (b & 0xff00ff) * share) >> 8 & 0xff00ff;
    const std::uint32_t odd = ((a >> 8 & 0xff00ff) * (256 - share) + (b >> 8 & 0xff00ff) * share) & 0xff00ff00;
    return even | odd;
}

} // namespace

void draw_unrolled(const Ribbon& ribbon, const SeenPixels& seen, std::uint32_t paper, const StraightStrip& strip) {
    const double middle = strip.height / 2.0;
    for (int x = 0; x < strip.width; ++x) {
        const double along = strip.offset + (x + 0.5) / strip.per_mm;
        if (along > ribbon.length)
            break;
        const RibbonSample& sample = ribbon.samples[ribbon.sample_at(along)];
        // From the top of the strip inward, in pixels of what is seen.
        const Point step = (-seen.per_mm / strip.per_mm) * sample.outward;
        Point p = seen.per_mm * (sample.at - seen.origin) - (middle - 0.5) * step - Point{0.5, 0.5};
        for (int y = 0; y < strip.height; ++y, p = p + step) {
            std::uint32_t colour = paper;
            if (p.x >= 0 && p.y >= 0 && p.x < seen.width - 1 && p.y < seen.height - 1) {
                const int column = static_cast<int>(p.x), row = static_cast<int>(p.y);
                const std::uint32_t *above = seen.first + row * seen.stride + column, *below = above + seen.stride;
                const auto right = static_cast<std::uint32_t>((p.x - column) * 256);
                colour = mixed(mixed(above[0], above[1], right), mixed(below[0], below[1], right),
                               static_cast<std::uint32_t>((p.y - row) * 256));
            }
            strip.first[y * strip.stride + x] = colour;
        }
    }
}

} // namespace fusuma
