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

} // namespace fusuma
