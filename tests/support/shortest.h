#pragma once

#include <algorithm>
#include <cmath>

namespace fusuma::test {

/// The least that up to five attempts told they took; no more are made once one was within the limit. A machine that
/// does other things is slow at random, what is slow of ours is slow each time.
template <typename Attempt> double shortest(double limit, Attempt&& attempt) {
    double least = HUGE_VAL;
    for (int i = 0; i < 5 && least >= limit; ++i)
        least = std::min(least, static_cast<double>(attempt()));
    return least;
}

}
