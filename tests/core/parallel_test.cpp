#include "core/parallel.h"

#include <gtest/gtest.h>
#include <stdexcept>
#include <thread>

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

TEST(Parallel, BandsOfPicturesCoverEveryPixelOnce) {
    for (const auto& [width, height] : {std::pair{0, 0}, {0, 5}, {7, 0}, {1, 1}, {3, 64}, {17, 131}}) {
        std::vector<std::atomic<int>> seen(static_cast<std::size_t>(width * height));
        for_pixels(width, height, {}, [&](std::size_t from, std::size_t to) {
            for (std::size_t i = from; i < to; ++i)
                ++seen[i];
        });
        for (const auto& times : seen)
            EXPECT_EQ(times, 1);
    }
}

TEST(Parallel, EveryOneOfAFewIsTakenOnce) {
    for (const int count : {0, 1, 2, 7}) {
        std::vector<std::atomic<int>> seen(static_cast<std::size_t>(count));
        for_each_of(count, {}, [&](int k) { ++seen[static_cast<std::size_t>(k)]; });
        for (const auto& times : seen)
            EXPECT_EQ(times, 1);
    }
    EXPECT_THROW(for_each_of(5, {}, [](int k) { k == 3 ? throw Stopped{} : void(); }), Stopped);
}

TEST(Parallel, BothAreDoneAndWhatEitherThrowsIsThrown) {
    for (int i = 0; i < 300; ++i) {
        int one = 0, other = 0;
        both(
            {}, [&] { one = 1; }, [&] { other = 2; });
        EXPECT_EQ(one + other, 3);
    }
    const auto nothing = [] {};
    const auto trouble = [] { throw std::runtime_error("trouble"); };
    EXPECT_THROW(both({}, trouble, nothing), std::runtime_error);
    EXPECT_THROW(both({}, nothing, trouble), std::runtime_error);
    std::stop_source source;
    source.request_stop();
    EXPECT_THROW(both({source.get_token()}, nothing, nothing), Stopped);
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

/// Work within work, and more callers than cores: nobody waits for help that is busy elsewhere.
TEST(Parallel, WhoGetsNoHelpDoesItAll) {
    std::atomic<int> done{0};
    const auto many = [&] { for_each_of(8, {}, [&](int) { for_each_of(8, {}, [&](int) { ++done; }); }); };
    std::vector<std::jthread> callers;
    for (int i = 0; i < 6; ++i)
        callers.emplace_back([&] {
            for (int k = 0; k < 20; ++k)
                many();
        });
    callers.clear();
    EXPECT_EQ(done, 6 * 20 * 64);
}

/// A caller that leaves early is waited out by those who help it: what they use is still there.
TEST(Parallel, HelpersEndBeforeTheirCallerLeaves) {
    for (int i = 0; i < 200; ++i) {
        std::atomic<int> at_work{0};
        try {
            const Helpers helpers([&] {
                ++at_work;
                std::this_thread::yield();
                --at_work;
            });
            throw Stopped{};
        } catch (const Stopped&) {
        }
        EXPECT_EQ(at_work, 0);
    }
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
