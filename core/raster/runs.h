#pragma once

#include "core/work.h"

#include <algorithm>
#include <cstdint>
#include <cstring>
#include <span>

namespace fusuma {

/// The end of the run of equal values that begins at `from`, which is before `end`.
inline const std::uint8_t* run_end(const std::uint8_t* from, const std::uint8_t* end) {
    const std::uint8_t value = *from;
    const std::uint64_t eight_alike = 0x0101010101010101U * value;
    for (std::uint64_t eight; end - from >= 8; from += 8)
        if (std::memcpy(&eight, from, 8); eight != eight_alike)
            break;
    return std::find_if(from, end, [value](std::uint8_t other) { return other != value; });
}

/// Calls `each(first, last)` for every run of a value, [first, last). It may change the run.
/// @param values  0 and 255
template <typename Value, typename Each> void for_runs_of(std::uint8_t value, std::span<Value> values, Each&& each) {
    const auto found = [values](std::size_t from, int wanted) {
        const void* const at = std::memchr(values.data() + from, wanted, values.size() - from);
        return at ? static_cast<std::size_t>(static_cast<const std::uint8_t*>(at) - values.data()) : values.size();
    };
    for (std::size_t first = found(0, value), last = 0; first < values.size(); first = found(last, value)) {
        last = found(first, 255 - value);
        each(first, last);
    }
}

/// Leaves of an area only what is joined to the picture's edge, side by side. Throws Stopped when asked to stop.
/// @param area  255 where it is, else 0, row by row
void keep_outer(std::span<std::uint8_t> area, int width, const Work& work = {});

} // namespace fusuma
