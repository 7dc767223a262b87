#include "core/photo/edges.h"

#include "core/parallel.h"

#include <algorithm>

namespace fusuma {

double GreyPicture::at(Point px) const {
    const double x = std::clamp(px.x - 0.5, 0.0, width - 1.0), y = std::clamp(px.y - 0.5, 0.0, height - 1.0);
    const int left = std::min(static_cast<int>(x), std::max(0, width - 2)),
              top = std::min(static_cast<int>(y), std::max(0, height - 2));
    const int right = std::min(left + 1, width - 1), bottom = std::min(top + 1, height - 1);
    const double u = x - left, v = y - top;
    const auto value = [&](int c, int r) {
        return double(
            values[static_cast<std::size_t>(r) * static_cast<std::size_t>(width) + static_cast<std::size_t>(c)]);
    };
    return (value(left, top) * (1 - u) + value(right, top) * u) * (1 - v) +
           (value(left, bottom) * (1 - u) + value(right, bottom) * u) * v;
}

GreyPicture grey_of(const Image& image, const Work& work) {
    GreyPicture grey{image.width, image.height, {}};
    grey.values.resize(image.pixels());
    for_pixels(image.width, image.height, work, [&](std::size_t from, std::size_t to) {
        const std::uint8_t* const rgba = image.rgba.data();
        std::uint8_t* const __restrict value = grey.values.data();
        for (std::size_t i = from; i < to; ++i) {
            const std::uint8_t* const p = rgba + 4 * i;
            const int luma = (299 * p[0] + 587 * p[1] + 114 * p[2] + 500) / 1000; // ITU-R BT.601
            value[i] = static_cast<std::uint8_t>((luma * p[3] + 255 * (255 - p[3]) + 127) / 255);
        }
    });
    return grey;
}

GreyPicture saturation_of(const Image& image, const Work& work) {
    GreyPicture result{image.width, image.height, {}};
    result.values.resize(image.pixels());
    for_pixels(image.width, image.height, work, [&](std::size_t from, std::size_t to) {
        const std::uint8_t* const rgba = image.rgba.data();
        std::uint8_t* const __restrict value = result.values.data();
        for (std::size_t i = from; i < to; ++i) {
            const std::uint8_t* const p = rgba + 4 * i;
            const int top_value = std::max({p[0], p[1], p[2]}), low_value = std::min({p[0], p[1], p[2]});
            constexpr int noise_below = 24; // too dark to tell
            value[i] = static_cast<std::uint8_t>(255 * (top_value - low_value) / std::max(top_value, noise_below));
        }
    });
    return result;
}

std::optional<MetEdge> edge_along(const GreyPicture& photo, const View& view, Point from, Point to, bool rises,
                                  double least) {
    const double length = distance(from, to);
    const double density = view.density(lerp(from, to, 0.5));
    if (!(density > 0) || !(length > 0))
        return std::nullopt;
    constexpr double per_px = 3;
    const auto steps = static_cast<std::size_t>(std::clamp(length * density * per_px, 8.0, 600.0));
    std::vector<double> greys(steps + 1);
    for (std::size_t i = 0; i <= steps; ++i) {
        const auto px = view.to_photo(lerp(from, to, double(i) / double(steps)));
        if (!px || px->x < 1 || px->y < 1 || px->x > photo.width - 1 || px->y > photo.height - 1)
            return std::nullopt;
        greys[i] = photo.at(*px);
    }
    // The slope over a pixel and a half each way, weighted to its middle; over one pixel where few are looked at.
    const int reach = steps < 45 ? 3 : 5;
    const auto slope = [&](std::size_t i) {
        double sum = 0, weights = 0;
        for (int k = 1; k <= reach; ++k) {
            const double weight = (reach + 1 - k);
            sum += weight * (greys[i + static_cast<std::size_t>(k)] - greys[i - static_cast<std::size_t>(k)]);
            weights += weight * 2 * k;
        }
        return (rises ? 1 : -1) * sum / weights;
    };
    if (steps < static_cast<std::size_t>(2 * reach + 3))
        return std::nullopt;
    std::size_t best = 0;
    double steepest = 0;
    const auto rim = static_cast<std::size_t>(reach);
    for (std::size_t i = rim; i + rim <= steps; ++i)
        if (const double s = slope(i); s > steepest) {
            steepest = s;
            best = i;
        }
    if (best <= rim || best + rim >= steps)
        return std::nullopt; // it goes on beyond what is looked at
    const double before = slope(best - 1), after = slope(best + 1);
    const double bow = before - 2 * steepest + after;
    const double at = double(best) + (bow < 0 ? 0.5 * (before - after) / bow : 0.0);
    const auto [darkest, lightest] = std::ranges::minmax(greys);
    if (lightest - darkest < least || steepest * per_px * 12 < least)
        return std::nullopt;
    MetEdge edge;
    edge.along = at / double(steps) * length;
    const auto px = view.to_photo(lerp(from, to, at / double(steps)));
    if (!px)
        return std::nullopt;
    edge.px = *px;
    edge.step = (rises ? 1 : -1) * (lightest - darkest);
    edge.width = (lightest - darkest) / steepest * length / double(steps);
    return edge;
}

} // namespace fusuma
