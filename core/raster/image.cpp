#include "core/raster/image.h"

#include "core/parallel.h"

#include <algorithm>
#include <array>

namespace fusuma {

PixelBox on_picture(const PixelBox& box, int width, int height) {
    const int left = std::clamp(box.x, 0, std::max(0, width - 1)), top = std::clamp(box.y, 0, std::max(0, height - 1));
    const int right = std::clamp(box.x + box.width, std::min(left + 1, width), width);
    const int bottom = std::clamp(box.y + box.height, std::min(top + 1, height), height);
    return {left, top, right - left, bottom - top};
}

Image cropped(const Image& image, const PixelBox& wanted) {
    const PixelBox box = on_picture(wanted, image.width, image.height);
    Image result = Image::unset(box.width, box.height);
    for (int y = 0; y < box.height; ++y) {
        const auto from = 4 * (static_cast<std::ptrdiff_t>(box.y + y) * image.width + box.x);
        std::copy_n(image.rgba.begin() + from, 4 * static_cast<std::ptrdiff_t>(box.width),
                    result.rgba.begin() + 4 * static_cast<std::ptrdiff_t>(y) * box.width);
    }
    return result;
}

Image reduced(const Image& image, int factor, const Work& work) {
    Image result = Image::unset((image.width + factor - 1) / factor, (image.height + factor - 1) / factor);
    for_bands(result.height, work, [&](int first, int last) {
        std::vector<std::array<std::uint32_t, 5>> sums(
            static_cast<std::size_t>(result.width)); // r, g, b, alpha, pixels
        for (int y = first; y < last; ++y) {
            std::fill(sums.begin(), sums.end(), std::array<std::uint32_t, 5>{});
            for (int v = y * factor; v < std::min(image.height, (y + 1) * factor); ++v) {
                const std::uint8_t* p =
                    image.rgba.data() + 4 * static_cast<std::size_t>(v) * static_cast<std::size_t>(image.width);
                for (int x = 0; x < result.width; ++x) {
                    const int across = std::min(factor, image.width - x * factor);
                    std::uint32_t red = 0, green = 0, blue = 0, alphas = 0;
                    for (int u = 0; u < across; ++u, p += 4) {
                        const std::uint32_t alpha = p[3];
                        if (alpha == 0)
                            continue;
                        red += alpha * p[0];
                        green += alpha * p[1];
                        blue += alpha * p[2];
                        alphas += alpha;
                    }
                    auto& sum = sums[static_cast<std::size_t>(x)];
                    sum[0] += red;
                    sum[1] += green;
                    sum[2] += blue;
                    sum[3] += alphas;
                    sum[4] += static_cast<std::uint32_t>(across);
                }
            }
            std::uint8_t* out =
                result.rgba.data() + 4 * static_cast<std::size_t>(y) * static_cast<std::size_t>(result.width);
            for (const auto& sum : sums) {
                const std::uint32_t alpha = std::max(1U, sum[3]);
                for (std::size_t k = 0; k < 3; ++k)
                    *out++ = static_cast<std::uint8_t>((sum[k] + alpha / 2) / alpha);
                *out++ = static_cast<std::uint8_t>((sum[3] + sum[4] / 2) / std::max(1U, sum[4]));
            }
        }
    });
    return result;
}

} // namespace fusuma
