#pragma once

#include <algorithm>
#include <atomic>
#include <exception>
#include <stop_token>

namespace fusuma {

/// Thrown out of long work when it is asked to stop; whatever was done is dropped.
struct Stopped : std::exception {
    [[nodiscard]] const char* what() const noexcept override { return "stopped"; }
};

/// How long work is stopped from outside, and tells how far it is. The default is never stopped and tells nobody.
struct Work {
    std::stop_token stop;
    std::atomic<double>* done = nullptr; ///< share of the whole work, 0–1
    double from = 0, to = 1;             ///< the part of the whole that this piece of work is

    /// To be called every few milliseconds. Throws Stopped when asked to stop.
    void at(double share) const {
        if (stop.stop_requested())
            throw Stopped{};
        if (done)
            *done = from + (to - from) * std::clamp(share, 0.0, 1.0);
    }
    /// The same work, seen from a step that is one part of it.
    [[nodiscard]] Work part(double first, double last) const {
        return {stop, done, from + (to - from) * first, from + (to - from) * last};
    }
};

} // namespace fusuma
