#pragma once

#include "core/work.h"

#include <algorithm>
#include <atomic>
#include <functional>
#include <memory>

namespace fusuma {

/// Other cores' help with one task. The threads wait for work as long as the program runs, one for every core but the
/// caller's, and are shared by all who ask.
class Helpers {
  public:
    /// Asks every other core to run `task`, too, as soon as it is free. Where the system gives no threads nobody does.
    explicit Helpers(std::function<void()> task);
    ~Helpers();
    Helpers(const Helpers&) = delete;
    Helpers& operator=(const Helpers&) = delete;

    /// Nobody begins any more; waits for those that have. Throws what the first of them threw.
    void join();

  private:
    struct Call;
    class Crew;
    std::unique_ptr<Call> mine;
};

/// Calls `one(k)` for every k in [0, count), on every core and in any order. Throws Stopped when asked to stop, and
/// what `one` throws.
template <typename One> void for_each_of(int count, const Work& work, One&& one) {
    std::atomic<int> next{0};
    const auto take = [&] {
        try {
            for (int k; !work.stop.stop_requested() && (k = next.fetch_add(1)) < count;)
                one(k);
        } catch (...) {
            next = count; // nobody begins another
            throw;
        }
    };
    if (count > 1) {
        Helpers helpers(take);
        take();
        helpers.join();
    } else {
        take();
    }
    work.at(1);
}

/// Does both at the same time, where another core is free. Throws Stopped when asked to stop, and what either throws.
template <typename One, typename Other> void both(const Work& work, One&& one, Other&& other) {
    for_each_of(2, work, [&](int k) { k == 0 ? one() : other(); });
}

/// Calls `rows(first, last)` for bands of rows that together make up [0, height), on every core. The bands must not
/// depend on each other. Throws Stopped when asked to stop, and what `rows` throws.
template <typename Rows> void for_bands(int height, const Work& work, Rows&& rows) {
    constexpr int band = 64;
    for_each_of((height + band - 1) / band, work, [&](int k) { rows(k * band, std::min(height, (k + 1) * band)); });
}

/// The same for pictures: calls `pixels(from, to)` with the places of the bands' pixels in reading order, so that loops
/// over them end at a number of their own. Throws Stopped when asked to stop, and what `pixels` throws.
template <typename Pixels> void for_pixels(int width, int height, const Work& work, Pixels&& pixels) {
    const auto across = static_cast<std::size_t>(width);
    for_bands(height, work, [&](int first, int last) {
        pixels(static_cast<std::size_t>(first) * across, static_cast<std::size_t>(last) * across);
    });
}

} // namespace fusuma
