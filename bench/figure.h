#pragma once

#include <cstdio>

namespace fusuma::bench {

/// What a bench ends with, for bench/all: a name of its own and a ratio, of which less is better.
inline void tell(const char* name, double ratio) {
    std::printf("%s %.3f\n", name, ratio);
    std::fflush(stdout);
}

} // namespace fusuma::bench
