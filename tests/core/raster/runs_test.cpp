// What of an area is joined to the picture's edge, beside a flood that goes from pixel to pixel.

#include "core/raster/runs.h"
#include "core/raster/touch_up.h"

#include <algorithm>
#include <gtest/gtest.h>
#include <random>

namespace fusuma {
namespace {

std::vector<std::uint8_t> flooded_from_edge(const std::vector<std::uint8_t>& area, int width) {
    const int height = static_cast<int>(area.size()) / width;
    auto outer = flooded(width, height, edge_pixels(width, height), [&](std::size_t i) { return area[i] != 0; });
    std::ranges::replace(outer, std::uint8_t{1}, std::uint8_t{255});
    return outer;
}

TEST(OuterArea, IsWhatAFloodFromTheEdgeReaches) {
    std::mt19937 random(5);
    for (const auto& [width, height] : {std::pair{1, 1}, {1, 40}, {40, 1}, {2, 2}, {64, 64}, {157, 90}})
        for (const double part : {0.0, 0.3, 0.55, 0.65, 0.8, 1.0})
            for (int again = 0; again < 5; ++again) {
                std::bernoulli_distribution is_in(part);
                std::vector<std::uint8_t> area(static_cast<std::size_t>(width * height));
                std::ranges::generate(area, [&] { return is_in(random) ? 255 : 0; });
                auto outer = area;
                keep_outer(outer, width);
                EXPECT_TRUE(outer == flooded_from_edge(area, width)) << width << " x " << height << ", " << part;
            }
}

TEST(OuterArea, FollowsLongWaysInwards) {
    // A wall that winds to the middle, with the area between its turns: joined to the edge at its outer end only.
    constexpr int size = 201;
    std::vector<std::uint8_t> area(std::size_t{size} * size);
    const auto at = [&](int x, int y) -> std::uint8_t& { return area[static_cast<std::size_t>(y * size + x)]; };
    int x = 0, y = 1, dx = 1, dy = 0;
    for (int length = size - 2, leg = 0; length > 2; length -= leg++ % 2 == 0 ? 2 : 0) {
        for (int k = 0; k < length; ++k, x += dx, y += dy)
            at(x, y) = 255;
        std::swap(dx, dy);
        dx = -dx;
    }
    auto outer = area;
    keep_outer(outer, size);
    EXPECT_TRUE(outer == area);
    at(0, 1) = at(1, 1) = 0; // closed at its outer end
    outer = area;
    keep_outer(outer, size);
    EXPECT_TRUE(outer == flooded_from_edge(area, size));
    EXPECT_EQ(std::ranges::count(outer, 255), 0);
}

TEST(Run, EndsAtTheFirstOtherValueWhereverItBegins) {
    std::mt19937 random(9);
    for (const std::size_t size : {1U, 7U, 8U, 9U, 64U, 131U})
        for (int again = 0; again < 200; ++again) {
            const auto value = static_cast<std::uint8_t>(random());
            std::vector<std::uint8_t> values(size, value);
            for (auto changes = random() % 3; changes > 0; --changes)
                values[random() % size] = static_cast<std::uint8_t>(random());
            const std::uint8_t *const from = values.data() + random() % size, *const end = values.data() + size;
            EXPECT_EQ(run_end(from, end), std::find_if(from, end, [from](std::uint8_t v) { return v != *from; }));
        }
}

TEST(OuterArea, OfNothingIsNothingAndItEndsWhenAskedTo) {
    std::vector<std::uint8_t> none, some(100, 255);
    keep_outer(none, 0);
    EXPECT_TRUE(none.empty());
    std::stop_source stop;
    stop.request_stop();
    EXPECT_THROW(keep_outer(some, 10, {stop.get_token()}), Stopped);
}

} // namespace
} // namespace fusuma
