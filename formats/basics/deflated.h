#pragma once

#include "core/work.h"

#include <string>
#include <string_view>

namespace fusuma {

/// The bytes compressed as a zlib stream, on every core; the same bytes whatever their number. Throws Stopped when
/// asked to stop. Source: RFC 1950 and 1951; parts that begin with what lies before them as their dictionary and end on
/// a byte, as
///         zlib's manual describes for Z_SYNC_FLUSH.
[[nodiscard]] std::string deflated(std::string_view bytes, const Work& work = {});

/// A picture's rows compressed as PNG compresses them, each after a byte that says whether it stands there as it is or
/// as its differences from the pixel before or above: those of photographs pack into half. Throws Stopped when asked to
/// stop. Source: W3C Portable Network Graphics 2003, filter types 0 to 2; ISO 32000-1 7.4.4.4, predictor 15
/// @param samples  whole rows of `columns` pixels of `per_pixel` bytes
[[nodiscard]] std::string deflated_rows(std::string_view samples, std::size_t columns, std::size_t per_pixel,
                                        const Work& work = {});

} // namespace fusuma
