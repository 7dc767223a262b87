#include "core/parallel.h"

#include <gtest/gtest.h>
#include <stdexcept>

namespace fusuma {
namespace {

TEST(Parallel, BandsCoverEveryRowOnce) {
    for (const int height : {0, 1, 63, 64, 65, 1000}) {
        std::vector<std::atomic<int>> seen(static_cast<std::size_t>(height));
        for_bands(height, {}, [&](int first, int last) {
            for (int y = first; y < last; ++y)
                ++seen[static_cast<std::size_t>(y)];
        });
        for (const auto& times : seen)
            EXPECT_EQ(times, 1);
    }
}

/// Whichever thread meets the trouble, the caller gets it, and nobody works on.
TEST(Parallel, WhatAThreadThrowsReachesTheCaller) {
    for (int bad = 0; bad < 2000; bad += 100) {
        const auto rows = [bad](int first, int last) {
            if (first <= bad && bad < last)
                throw std::runtime_error("row " + std::to_string(bad));
        };
        EXPECT_THROW(for_bands(2000, {}, rows), std::runtime_error) << bad;
    }
    EXPECT_THROW(for_bands(10, {}, [](int, int) { throw std::bad_alloc(); }), std::bad_alloc);
}

TEST(Parallel, EndsWhenAskedTo) {
    std::stop_source source;
    std::atomic<int> bands = 0;
    EXPECT_THROW(for_bands(100'000, {source.get_token()},
                           [&](int, int) {
                               if (++bands == 3)
                                   source.request_stop();
                           }),
                 Stopped);
    EXPECT_LT(bands, 20);
}

} // namespace
} // namespace fusuma
