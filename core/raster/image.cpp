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

namespace {

/// Sums over some rows of a picture, for each of its columns: alpha, and the colours weighted by it.
class ColumnSums {
  public:
    explicit ColumnSums(int width)
        : sums(static_cast<std::size_t>(width) * 4), across(static_cast<std::size_t>(width)) {}

    void clear() { std::ranges::fill(sums, 0U); }
    /// A plain loop, so that it is done for many at once.
    void add_row(const std::uint8_t* __restrict rgba) {
        const std::size_t width = across;
        std::uint32_t* const __restrict red = sums.data(), * const __restrict green = red + width, * const __restrict blue = green + width, * const __restrict alphas = blue + width;
        for (std::size_t x = 0; x < width; ++x) {
            const std::uint32_t alpha = rgba[4 * x + 3];
            red[x] += alpha * rgba[4 * x];
            green[x] += alpha * rgba[4 * x + 1];
            blue[x] += alpha * rgba[4 * x + 2];
            alphas[x] += alpha;
        }
    }
    /// Of the columns [first, last): red, green, blue, alpha.
    [[nodiscard]] std::array<std::uint32_t, 4> of(std::size_t first, std::size_t last) const {
        std::array<std::uint32_t, 4> all{};
        const std::uint32_t *const red = sums.data(), *const green = red + across, *const blue = green + across,
                                   *const alphas = blue + across;
        for (std::size_t x = first; x < last; ++x) {
            all[0] += red[x];
            all[1] += green[x];
            all[2] += blue[x];
            all[3] += alphas[x];
        }
        return all;
    }

  private:
    std::vector<std::uint32_t> sums; // red, green, blue, alpha
    std::size_t across;
};

/// Divides rounded to the nearest by a number that is often the same, which is quicker than dividing.
class Divisor {
  public:
    std::uint8_t operator()(std::uint32_t sum, std::uint32_t count) {
        if (count != divisor) {
            divisor = count;
            inverse = 1.0 / count;
        }
        const std::uint32_t whole = sum + count / 2;
        auto quotient = static_cast<std::uint32_t>(whole * inverse);
        quotient -= quotient * count > whole;
        quotient += whole - quotient * count >= count;
        return static_cast<std::uint8_t>(quotient);
    }

  private:
    std::uint32_t divisor = 1;
    double inverse = 1;
};

} // namespace

Image reduced(const Image& image, int factor, const Work& work) {
    Image result = Image::unset((image.width + factor - 1) / factor, (image.height + factor - 1) / factor);
    for_bands(result.height, work, [&](int first, int last) {
        ColumnSums sums(image.width);
        Divisor mean;
        for (int y = first; y < last; ++y) {
            sums.clear();
            const int top = y * factor, bottom = std::min(image.height, top + factor);
            for (int v = top; v < bottom; ++v)
                sums.add_row(image.rgba.data() +
                             4 * static_cast<std::size_t>(v) * static_cast<std::size_t>(image.width));
            std::uint8_t* out =
                result.rgba.data() + 4 * static_cast<std::size_t>(y) * static_cast<std::size_t>(result.width);
            for (int x = 0; x < result.width; ++x, out += 4) {
                const int left = x * factor, right = std::min(image.width, left + factor);
                const auto [red, green, blue, alpha] =
                    sums.of(static_cast<std::size_t>(left), static_cast<std::size_t>(right));
                if (alpha == 0) {
                    std::fill_n(out, 4, std::uint8_t{0});
                    continue;
                }
                const auto pixels = static_cast<std::uint32_t>((right - left) * (bottom - top));
                out[0] = mean(red, alpha);
                out[1] = mean(green, alpha);
                out[2] = mean(blue, alpha);
                out[3] = static_cast<std::uint8_t>((alpha + pixels / 2) / pixels);
            }
        }
    });
    return result;
}

} // namespace fusuma
