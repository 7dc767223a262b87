// Coverage kept in little memory: it comes out as it went in, whatever it is.

#include "core/raster/packed_coverage.h"

#include <gtest/gtest.h>
#include <random>

namespace fusuma {
namespace {

Coverage filled(int width, int height, const std::function<int(int x, int y)>& value) {
    Coverage coverage(width, height);
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x)
            coverage.row(y)[x] = static_cast<std::uint8_t>(value(x, y));
    return coverage;
}

TEST(PackedCoverage, ComesOutAsItWentIn) {
    std::mt19937 random(7);
    for (const int width : {1, 2, 3, 127, 128, 129, 130, 255, 256, 257, 1000})
        for (const int share_of_runs : {0, 5, 50, 95, 100}) {
            int left = 0, now = 0;
            const Coverage coverage = filled(width, 70, [&](int, int) {
                if (left-- <= 0) {
                    left = static_cast<int>(random() % 100) < share_of_runs ? static_cast<int>(random() % 300) : 0;
                    now = static_cast<int>(random() % 256);
                }
                return now;
            });
            const PackedCoverage packed(coverage);
            ASSERT_EQ(packed.whole().values, coverage.values) << width << " wide, " << share_of_runs << " % runs";
            const Coverage some = packed.rows(63, 66);
            ASSERT_EQ(some.height, 3);
            ASSERT_TRUE(std::equal(some.values.begin(), some.values.end(), coverage.row(63)));
        }
}

TEST(PackedCoverage, TakesLittleForCleanArtAndHardlyMoreForNoise) {
    const auto share = [](const Coverage& coverage) {
        return static_cast<double>(PackedCoverage(coverage).bytes()) / static_cast<double>(coverage.values.size());
    };
    EXPECT_LT(share(filled(2000, 2000,
                           [](int x, int y) {
                               const double inside = 900 - std::hypot(x - 1000, y - 1000);
                               return static_cast<int>(std::clamp(255 * inside, 0.0, 255.0));
                           })),
              0.03);
    std::mt19937 random(1);
    EXPECT_LT(share(filled(2000, 500, [&](int, int) { return static_cast<int>(random() & 255U); })), 1.02);
    // Runs too short to be worth anything, between values that stand alone.
    EXPECT_LT(share(filled(2000, 500, [](int x, int) { return x / 2 % 2 == 0 ? x % 251 : 7; })), 1.02);
}

TEST(PackedCoverage, OfNothingIsNothing) {
    EXPECT_TRUE(PackedCoverage().whole().values.empty());
    EXPECT_TRUE(PackedCoverage(Coverage()).empty());
    EXPECT_TRUE(PackedCoverage(Coverage()).whole().values.empty());
}

TEST(PackedCoverage, StopsWhenAsked) {
    std::stop_source stop;
    stop.request_stop();
    EXPECT_THROW(PackedCoverage(Coverage(10, 200), Work{stop.get_token()}), Stopped);
}

} // namespace
} // namespace fusuma
