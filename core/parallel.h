#pragma once

#include "core/work.h"

#include <algorithm>
#include <mutex>
#include <system_error>
#include <thread>
#include <utility>
#include <vector>

namespace fusuma {

/// Threads that help the caller's with one task. What one of them throws, the caller gets from join().
class Helpers {
  public:
    /// Starts one for every other core, or as many as the system still gives.
    template <typename Task> explicit Helpers(Task task) {
        for (unsigned cores = std::thread::hardware_concurrency(); cores > 1; --cores)
            try {
                threads.emplace_back([this, task] {
                    try {
                        task();
                    } catch (...) {
                        const std::scoped_lock lock(mutex);
                        if (!thrown)
                            thrown = std::current_exception();
                    }
                });
            } catch (const std::system_error&) {
                return; // no more threads to be had; the caller does the work
            }
    }
    Helpers(const Helpers&) = delete;
    Helpers& operator=(const Helpers&) = delete;

    /// Waits until all are done. Throws what the first of them threw.
    void join() {
        threads.clear();
        if (thrown)
            std::rethrow_exception(std::exchange(thrown, nullptr));
    }

  private:
    std::mutex mutex;
    std::exception_ptr thrown;
    std::vector<std::jthread> threads; // last, so that they end before what they use
};

/// Calls `rows(first, last)` for bands of rows that together make up [0, height), on every core. The bands must not
/// depend on each other. Throws Stopped when asked to stop, and what `rows` throws.
template <typename Rows> void for_bands(int height, const Work& work, Rows&& rows) {
    constexpr int band = 64;
    std::atomic<int> next{0};
    const auto take = [&] {
        try {
            for (int first; !work.stop.stop_requested() && (first = next.fetch_add(band)) < height;)
                rows(first, std::min(height, first + band));
        } catch (...) {
            next = height; // nobody begins another
            throw;
        }
    };
    if (height > 2 * band) {
        Helpers helpers(take);
        take();
        helpers.join();
    } else {
        take();
    }
    work.at(1);
}

} // namespace fusuma
