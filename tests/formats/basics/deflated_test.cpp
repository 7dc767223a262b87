// Compressed on every core, and read back by zlib itself.

#include "formats/basics/deflated.h"

#include <cmath>
#include <gtest/gtest.h>
#include <random>
#include <zlib.h>

namespace fusuma {
namespace {

std::string inflated(const std::string& packed, std::size_t size) {
    std::string bytes(size + 1, '\0'); // one more, so that what is too long is seen
    uLongf got = bytes.size();
    const int result = ::uncompress(reinterpret_cast<Bytef*>(bytes.data()), &got,
                                    reinterpret_cast<const Bytef*>(packed.data()), packed.size());
    EXPECT_EQ(result, Z_OK) << "header, every part and the sum at the end";
    bytes.resize(got);
    return bytes;
}

/// @param kinds  of bytes: 1 for nothing new, 256 for noise
std::string sample(std::size_t size, int kinds) {
    std::mt19937 random(static_cast<unsigned>(size));
    std::string bytes(size, 'a');
    for (char& one : bytes)
        one = static_cast<char>(random() % static_cast<unsigned>(kinds));
    return bytes;
}

TEST(Deflated, IsReadBackByZlibWhateverItsSize) {
    constexpr std::size_t part = 1 << 20;
    for (const std::size_t size : {std::size_t{0}, std::size_t{1}, part - 1, part, part + 1, 3 * part + 777})
        for (const int kinds : {1, 20, 256}) {
            const std::string bytes = sample(size, kinds), packed = deflated(bytes);
            EXPECT_EQ(inflated(packed, size), bytes) << size << " bytes of " << kinds;
            EXPECT_EQ(deflated(bytes), packed);
        }
}

TEST(Deflated, IsHardlyLargerThanInOnePiece) {
    // What repeats over the borders of its parts is found there, too.
    std::string bytes;
    for (int i = 0; bytes.size() < 5'000'000; ++i)
        bytes += "row " + std::to_string(i % 1000) + " of a picture that repeats itself; ";
    uLongf size = ::compressBound(bytes.size());
    std::string whole(size, '\0');
    ::compress(reinterpret_cast<Bytef*>(whole.data()), &size, reinterpret_cast<const Bytef*>(bytes.data()),
               bytes.size());
    EXPECT_LT(static_cast<double>(deflated(bytes).size()), 1.01 * static_cast<double>(size));
}

/// PNG's rows undone, as W3C Portable Network Graphics 2003, 9.2, tells it.
std::string from_png_rows(const std::string& rows, std::size_t columns, std::size_t per_pixel) {
    const std::size_t row_bytes = columns * per_pixel;
    std::string samples;
    for (std::size_t at = 0; at < rows.size(); at += row_bytes + 1) {
        const char filter = rows[at];
        EXPECT_TRUE(filter >= 0 && filter <= 2);
        for (std::size_t i = 0; i < row_bytes; ++i) {
            const std::size_t back = filter == 1 ? per_pixel : row_bytes;
            const bool is_there = filter == 1 ? i >= per_pixel : filter == 2 && !samples.empty();
            const char known = is_there ? samples[samples.size() - back] : '\0';
            samples += static_cast<char>(rows[at + 1 + i] + (filter == 0 ? 0 : known));
        }
    }
    return samples;
}

/// Waves with a little noise, as cameras see; or stripes of a drawing.
std::string pixels(std::size_t columns, std::size_t height, bool is_photograph) {
    std::mt19937 random(7);
    std::string samples;
    for (std::size_t i = 0; i < columns * height; ++i)
        for (const double hue : {0.9, 1.0, 1.1}) {
            const double x = static_cast<double>(i % columns), y = static_cast<double>(i / columns);
            const double wave = 128 + 100 * std::sin(0.01 * hue * x + 0.02 * y) + static_cast<double>(random() % 3);
            samples += static_cast<char>(is_photograph ? static_cast<int>(wave) : int(x) / 30 % 7 * 36);
        }
    return samples;
}

TEST(DeflatedRows, AreReadBackByThePngRecommendationWhateverTheirNumber) {
    for (const auto& [columns, height] : {std::pair<std::size_t, std::size_t>{1, 1}, {3, 2}, {300, 1300}, {350'000, 2}})
        for (const bool is_photograph : {false, true}) {
            const std::string samples = pixels(columns, height, is_photograph);
            const std::string rows = inflated(deflated_rows(samples, columns, 3), samples.size() + height);
            EXPECT_TRUE(from_png_rows(rows, columns, 3) == samples) << columns << " x " << height;
        }
    EXPECT_EQ(inflated(deflated_rows("", 0, 3), 0), "");
}

TEST(DeflatedRows, OfPhotographsTakeHalfAndOfDrawingsNoMore) {
    constexpr std::size_t columns = 300, height = 1300;
    const auto share = [&](bool is_photograph) {
        const std::string samples = pixels(columns, height, is_photograph);
        return static_cast<double>(deflated_rows(samples, columns, 3).size()) /
               static_cast<double>(deflated(samples).size());
    };
    EXPECT_LT(share(true), 0.6);
    EXPECT_LT(share(false), 1.05);
}

TEST(Deflated, EndsWhenAskedTo) {
    std::stop_source stop;
    stop.request_stop();
    EXPECT_THROW(static_cast<void>(deflated_rows(sample(900, 9), 30, 3, {stop.get_token()})), Stopped);
    EXPECT_THROW(static_cast<void>(deflated(sample(1000, 9), {stop.get_token()})), Stopped);
}

} // namespace
} // namespace fusuma
