#pragma once

#include "core/said.h"

#include <string>

namespace fusuma {

/// What the parser of arguments says, as a sentence that can be put into words; what it says of other things stays as
/// it is. Source: the messages of CLI11 2.1, which the test compares with what it says
[[nodiscard]] Said not_understood(const std::string& error);

} // namespace fusuma
