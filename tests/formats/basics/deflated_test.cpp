// Compressed on every core, and read back by zlib itself.

#include "formats/basics/deflated.h"

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

TEST(Deflated, EndsWhenAskedTo) {
    std::stop_source stop;
    stop.request_stop();
    EXPECT_THROW(static_cast<void>(deflated(sample(1000, 9), {stop.get_token()})), Stopped);
}

} // namespace
} // namespace fusuma
