#include "core/raster/mask.h"

#include "core/parallel.h"
#include "core/raster/runs.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <opencv2/core.hpp>
#include <optional>
#include <span>
#include <utility>

namespace fusuma {

namespace {

/// Calls `each(i)` for every pixel of an edge: those that are art in part.
template <typename Each> void for_edges(std::span<const std::uint8_t> coverage, Each&& each) {
    constexpr std::uint8_t least = 6; // less is clear to the eye, and would be scaled up to noise
    const std::uint8_t *at = coverage.data(), *const end = at + coverage.size();
    while (at < end)
        if (*at == 0 || *at == 255) {
            at = run_end(at, end);
        } else {
            if (*at >= least)
                each(static_cast<std::size_t>(at - coverage.data()));
            ++at;
        }
}

std::span<const std::uint8_t> row_of(const Coverage& coverage, int y) {
    return {coverage.row(y), static_cast<std::size_t>(coverage.width)};
}

const std::uint8_t* pixel_at(const Image& image, int x, int y) {
    return image.rgba.data() +
           4 * (static_cast<std::size_t>(y) * static_cast<std::size_t>(image.width) + static_cast<std::size_t>(x));
}

Rgb rgb_of(const std::uint8_t* pixel) {
    return {pixel[0], pixel[1], pixel[2]};
}

/// The colour that is mixed into an edge pixel's.
std::optional<Rgb> background_at(const CutOut& cut, PixelPlace size, int x, int y) {
    if (cut.colours.empty()) {
        const auto place = [](int at, int of, int all) { return static_cast<int>(std::int64_t{at} * of / all); };
        return rgb_of(pixel_at(cut.ground, place(x, cut.ground.width, size.x), place(y, cut.ground.height, size.y)));
    }
    const std::uint8_t near = colour_near(cut.colour_at, size, x, y);
    return near == 0 ? std::nullopt : std::optional(cut.colours[near - 1U]);
}

/// @param share  of the pixel that is art, in (0, 1]
Rgb without(Rgb background, Rgb mixed, double share) {
    const auto part = [share](int all, int its) {
        return static_cast<std::uint8_t>(std::lround(std::clamp((all - (1 - share) * its) / share, 0.0, 255.0)));
    };
    return {part(mixed.red, background.red), part(mixed.green, background.green), part(mixed.blue, background.blue)};
}

/// What the art's own colour is in a pixel of its edge.
Rgb art_colour(const Image& image, const CutOut& cut, std::uint8_t coverage, int x, int y) {
    const std::uint8_t* const here = pixel_at(image, x, y);
    const auto background = background_at(cut, {image.width, image.height}, x, y);
    if (!background)
        return rgb_of(here);
    if (cut.use == ColourUse::keep_only)
        return *background; // the only colour that is art
    return without(*background, rgb_of(here), std::min(1.0, coverage / std::max(1.0, double(here[3]))));
}

} // namespace

Mask mask_of(const Image& image, const CutOut& cut, const Work& work) {
    const Coverage& coverage = cut.coverage;
    Mask mask{PackedCoverage(coverage, work.part(0, 0.2)), {}, {}};
    if (cut.colours.empty() && cut.ground.empty())
        return mask;
    mask.edge_rows.resize(static_cast<std::size_t>(image.height) + 1);
    for_bands(image.height, work.part(0.2, 0.4), [&](int first, int last) {
        for (int y = first; y < last; ++y)
            for_edges(row_of(coverage, y),
                      [&edges = mask.edge_rows[static_cast<std::size_t>(y) + 1]](std::size_t) { ++edges; });
    });
    std::partial_sum(mask.edge_rows.begin(), mask.edge_rows.end(), mask.edge_rows.begin());
    mask.edge_colours.resize(mask.edge_rows.back());
    for_bands(image.height, work.part(0.4, 1), [&](int first, int last) {
        Rgb* next = mask.edge_colours.data() + mask.edge_rows[static_cast<std::size_t>(first)];
        for (int y = first; y < last; ++y)
            for_edges(row_of(coverage, y), [&](std::size_t x) {
                *next++ = art_colour(image, cut, coverage.row(y)[x], static_cast<int>(x), y);
            });
    });
    return mask;
}

Image isolated(const Image& image, const Mask& mask, const Work& work) {
    Image art = Image::unset(image.width, image.height);
    for_bands(image.height, work, [&](int first, int last) {
        const std::size_t width = static_cast<std::size_t>(image.width),
                          start = static_cast<std::size_t>(first) * width;
        Coverage coverage = mask.coverage.rows(first, last);
        const cv::Mat alphas(last - first, image.width, CV_8U, coverage.values.data());
        cv::Mat rgba(alphas.size(), CV_8UC4, art.rgba.data() + 4 * start);
        std::copy_n(image.rgba.data() + 4 * start, 4 * alphas.total(), rgba.data);
        cv::insertChannel(alphas, rgba, 3);
        if (mask.edge_colours.empty())
            return;
        const Rgb* next = mask.edge_colours.data() + mask.edge_rows[static_cast<std::size_t>(first)];
        for_edges(coverage.values, [&](std::size_t i) {
            std::uint8_t* const pixel = art.rgba.data() + 4 * (start + i);
            pixel[0] = next->red;
            pixel[1] = next->green;
            pixel[2] = next->blue;
            ++next;
        });
    });
    return art;
}

} // namespace fusuma
