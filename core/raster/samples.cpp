#include "core/raster/samples.h"

#include "core/parallel.h"

#include <algorithm>
#include <atomic>
#include <vector>

namespace fusuma {

namespace {

constexpr int continued_by = 2; // pixels that a colour is continued by

void copy_colour(const char* from, char* to) {
    std::copy_n(from, 3, to);
}

} // namespace

Samples samples_of(const Image& image, const Work& work) {
    const auto width = static_cast<std::size_t>(image.width), height = static_cast<std::size_t>(image.height);
    Samples samples{std::string(3 * width * height, '\xff'), std::string(width * height, '\xff')};
    std::vector<std::uint8_t> has_colour(width * height);
    char* const colours = samples.colours.data();
    std::atomic<bool> is_opaque = true, is_clear_somewhere = false;
    for_bands(image.height, work, [&](int first, int last) {
        bool opaque = true, clear = false;
        for (std::size_t i = static_cast<std::size_t>(first) * width; i < static_cast<std::size_t>(last) * width; ++i) {
            const std::uint8_t* p = image.rgba.data() + 4 * i;
            samples.alphas[i] = static_cast<char>(p[3]);
            has_colour[i] = p[3] > 0;
            opaque = opaque && p[3] == 255;
            clear = clear || p[3] == 0;
            if (p[3] > 0)
                std::copy_n(p, 3, colours + 3 * i);
        }
        if (!opaque)
            is_opaque = false;
        if (clear)
            is_clear_somewhere = true;
    });
    if (is_opaque)
        samples.alphas.clear();
    if (!is_clear_somewhere)
        return samples;
    for_bands(image.height, work, [&](int first, int last) {
        std::vector<std::uint8_t> before(width);
        for (auto y = static_cast<std::size_t>(first); y < static_cast<std::size_t>(last); ++y) {
            std::uint8_t* const row = has_colour.data() + y * width;
            std::copy_n(row, width, before.begin());
            for (std::size_t x = 0; x < width; ++x)
                for (std::size_t k = 1; k <= continued_by && !row[x]; ++k)
                    for (const bool is_left : {true, false})
                        if (!row[x] && (is_left ? x >= k && before[x - k] : x + k < width && before[x + k])) {
                            row[x] = 1;
                            const std::size_t from = is_left ? x - k : x + k;
                            copy_colour(colours + 3 * (y * width + from), colours + 3 * (y * width + x));
                        }
        }
    });
    for_bands(image.height, work, [&](int first, int last) { // reads and writes different pixels
        for (auto y = static_cast<std::size_t>(first); y < static_cast<std::size_t>(last); ++y)
            for (std::size_t x = 0; x < width; ++x) {
                const std::size_t at = y * width + x;
                bool is_found = has_colour[at];
                for (std::size_t k = 1; k <= continued_by && !is_found; ++k)
                    for (const bool is_above : {true, false}) {
                        if (is_found || (is_above ? y < k : y + k >= height))
                            continue;
                        const std::size_t from = is_above ? at - k * width : at + k * width;
                        if (has_colour[from]) {
                            is_found = true;
                            copy_colour(colours + 3 * from, colours + 3 * at);
                        }
                    }
            }
    });
    return samples;
}

} // namespace fusuma
