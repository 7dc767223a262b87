#pragma once

#include "core/work.h"

#include <algorithm>
#include <thread>
#include <vector>

namespace fusuma {

/// Calls `rows(first, last)` for bands of rows that together make up [0, height), on every core. The bands must not
/// depend on each other. Throws Stopped when asked to stop.
template <typename Rows> void for_bands(int height, const Work& work, Rows&& rows) {
    constexpr int band = 64;
    std::atomic<int> next{0};
    const auto take = [&] {
        for (int first; !work.stop.stop_requested() && (first = next.fetch_add(band)) < height;)
            rows(first, std::min(height, first + band));
    };
    {
        std::vector<std::jthread> helpers;
        for (int cores = static_cast<int>(std::thread::hardware_concurrency()); cores > 1 && height > 2 * band; --cores)
            helpers.emplace_back(take);
        take();
    }
    work.at(1);
}

} // namespace fusuma
