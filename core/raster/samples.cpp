#include "core/raster/samples.h"

#include "core/parallel.h"
#include "core/raster/runs.h"

#include <algorithm>
#include <atomic>
#include <opencv2/imgproc.hpp>
#include <vector>

namespace fusuma {

namespace {

constexpr std::size_t continued_by = 2; // pixels that a colour is continued by

/// Clear pixels of a row become white, but the nearest to others, which take the colour of those: the left one's where
/// both are as near.
/// @param colours     of the row's pixels
/// @param has_colour  255 for pixels that have one, else 0; those that take one have one from now on
void continue_along(char* colours, std::span<std::uint8_t> has_colour) {
    for_runs_of(0, has_colour, [&](std::size_t first, std::size_t last) {
        const std::size_t length = last - first;
        std::size_t of_left = first == 0 ? 0 : std::min(length, continued_by);
        std::size_t of_right = last == has_colour.size() ? 0 : std::min(length, continued_by);
        if (of_left + of_right > length) {
            of_left = (length + 1) / 2;
            of_right = length - of_left;
        }
        std::fill(colours + 3 * first, colours + 3 * last, '\xff');
        for (std::size_t x = first; x < first + of_left; ++x)
            std::copy_n(colours + 3 * (first - 1), 3, colours + 3 * x);
        for (std::size_t x = last - of_right; x < last; ++x)
            std::copy_n(colours + 3 * last, 3, colours + 3 * x);
        std::ranges::fill(has_colour.subspan(first, of_left), std::uint8_t{255});
        std::ranges::fill(has_colour.subspan(last - of_right, of_right), std::uint8_t{255});
    });
}

} // namespace

Samples samples_of(const Image& image, const Work& work) {
    const auto width = static_cast<std::size_t>(image.width), height = static_cast<std::size_t>(image.height);
    Samples samples{std::string(3 * width * height, '\0'), std::string(width * height, '\0')};
    std::vector<std::uint8_t> has_colour(width * height);
    const std::span all_have(has_colour);
    char* const colours = samples.colours.data();
    std::atomic<bool> is_opaque = true, is_clear_somewhere = false;
    for_bands(image.height, work, [&](int first, int last) {
        const std::size_t start = static_cast<std::size_t>(first) * width;
        const cv::Mat rgba(last - first, image.width, CV_8UC4,
                           const_cast<std::uint8_t*>(image.rgba.data()) + 4 * start);
        cv::Mat rgb(rgba.size(), CV_8UC3, colours + 3 * start);
        cv::Mat alpha(rgba.size(), CV_8U, samples.alphas.data() + start), has(rgba.size(), CV_8U, &has_colour[start]);
        cv::cvtColor(rgba, rgb, cv::COLOR_RGBA2RGB);
        cv::extractChannel(rgba, alpha, 3);
        cv::compare(alpha, 0, has, cv::CMP_GT);
        double least = 0;
        cv::minMaxLoc(alpha, &least);
        if (least < 255)
            is_opaque = false;
        if (least > 0)
            return;
        is_clear_somewhere = true;
        for (std::size_t row = start; row < static_cast<std::size_t>(last) * width; row += width)
            continue_along(colours + 3 * row, all_have.subspan(row, width));
    });
    if (is_opaque)
        samples.alphas.clear();
    if (!is_clear_somewhere)
        return samples;
    for_bands(image.height, work, [&](int first, int last) { // reads and writes different pixels
        for (auto y = static_cast<std::size_t>(first); y < static_cast<std::size_t>(last); ++y)
            for_runs_of(0, all_have.subspan(y * width, width), [&](std::size_t begin, std::size_t end) {
                const auto take_from = [&](std::size_t row) {
                    const std::span<const std::uint8_t> run = all_have.subspan(row * width + begin, end - begin);
                    for_runs_of(255, run, [&](std::size_t from, std::size_t to) {
                        std::copy_n(colours + 3 * (row * width + begin + from), 3 * (to - from),
                                    colours + 3 * (y * width + begin + from));
                    });
                };
                for (std::size_t k = continued_by; k > 0; --k) { // what is nearer, or above, comes last and stays
                    if (y + k < height)
                        take_from(y + k);
                    if (y >= k)
                        take_from(y - k);
                }
            });
    });
    return samples;
}

} // namespace fusuma
