#pragma once

#include <algorithm>
#include <chrono>
#include <cmath>
#include <cstdio>

namespace fusuma::bench {

/// What a bench ends with, for bench/all: a name of its own and a ratio, of which less is better.
inline void tell(const char* name, double ratio) {
    std::printf("%s %.3f\n", name, ratio);
    std::fflush(stdout);
}

/// The best of three runs.
template <typename Step> double best_seconds(Step&& step) {
    double best = HUGE_VAL;
    for (int i = 0; i < 3; ++i) {
        const auto start = std::chrono::steady_clock::now();
        step();
        best = std::min(best, std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count());
    }
    return best;
}

} // namespace fusuma::bench
