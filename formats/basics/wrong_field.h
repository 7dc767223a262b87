#pragma once

#include "core/said.h"

#include <stdexcept>

namespace fusuma {

/// What is wrong with a field of a description in a file, thrown while it is read.
class WrongField : public std::out_of_range {
  public:
    explicit WrongField(Said why) : std::out_of_range(why.english()), said(std::move(why)) {}
    Said said;
};

/// Why a description cannot be read, in words for people.
[[nodiscard]] inline Said said_of(const std::out_of_range& error) {
    const auto* field = dynamic_cast<const WrongField*>(&error);
    return field ? field->said : Said::verbatim(error.what());
}

} // namespace fusuma
