#include "core/raster/samples.h"

#include <gtest/gtest.h>
#include <random>

namespace fusuma {
namespace {

/// One pixel after the other, looking at all that lies before and after it on a line.
std::string colours_in_plain_steps(const Image& image) {
    const int w = image.width, h = image.height;
    std::vector<std::string> pixels(static_cast<std::size_t>(w * h)); // empty where none is known
    for (int i = 0; i < w * h; ++i)
        if (const auto* p = image.rgba.data() + 4 * i; p[3] > 0)
            pixels[static_cast<std::size_t>(i)] = std::string(p, p + 3);
    for (const bool is_down : {false, true}) {
        const auto before = pixels;
        for (int y = 0; y < h; ++y)
            for (int x = 0; x < w; ++x)
                for (const int off : {-1, 1, -2, 2}) {
                    const int xx = is_down ? x : x + off, yy = is_down ? y + off : y;
                    auto& pixel = pixels[static_cast<std::size_t>(y * w + x)];
                    if (pixel.empty() && xx >= 0 && yy >= 0 && xx < w && yy < h)
                        pixel = before[static_cast<std::size_t>(yy * w + xx)];
                }
    }
    std::string all;
    for (const std::string& pixel : pixels)
        all += pixel.empty() ? "\xff\xff\xff" : pixel;
    return all;
}

TEST(Samples, ClearPixelsTakeTheirNeighboursColours) {
    std::mt19937 random(3);
    for (const auto& [width, height, part] : {std::tuple{37, 300, 12U}, {1, 200, 3U}, {150, 1, 3U}, {2, 2, 2U}}) {
        Image image(width, height);
        for (std::size_t i = 0; i < image.rgba.size(); ++i)
            image.rgba[i] = static_cast<std::uint8_t>(i % 4 == 3 && random() % part != 0 ? 0 : random());
        const Samples samples = samples_of(image);
        EXPECT_EQ(samples.colours, colours_in_plain_steps(image)) << width << " x " << height;
        ASSERT_EQ(samples.alphas.size(), image.pixels());
        for (std::size_t i = 0; i < image.pixels(); ++i)
            EXPECT_EQ(static_cast<std::uint8_t>(samples.alphas[i]), image.rgba[4 * i + 3]);
    }
}

TEST(Samples, OfOpaquePicturesAreColoursAloneAndOfNoneNothing) {
    Image image(70, 300);
    for (std::size_t i = 0; i < image.rgba.size(); ++i)
        image.rgba[i] = static_cast<std::uint8_t>(i % 4 == 3 ? 255 : i * 7);
    EXPECT_EQ(samples_of(image).colours, colours_in_plain_steps(image));
    EXPECT_EQ(samples_of(image).alphas, "");
    EXPECT_EQ(samples_of(Image()).colours, "");
    std::stop_source stop;
    stop.request_stop();
    EXPECT_THROW(static_cast<void>(samples_of(image, Work{.stop = stop.get_token()})), Stopped);
}

} // namespace
} // namespace fusuma
