#pragma once

#include "core/said.h"

#include <utility>
#include <variant>

namespace fusuma {

/// Why something from outside could not be used, in words for the person: what and where, and what to do about it.
struct Problem {
    Said message;
    Said hint{};
    /// Both.
    [[nodiscard]] Said said() const { return message.then(hint); }
    [[nodiscard]] std::string english() const { return said().english(); }
};

/// A value, or the reason why there is none.
template <typename T> class [[nodiscard]] Result {
  public:
    Result(T value) : content(std::move(value)) {}           // NOLINT(google-explicit-constructor)
    Result(Problem problem) : content(std::move(problem)) {} // NOLINT(google-explicit-constructor)

    explicit operator bool() const { return content.index() == 0; }
    T& operator*() { return std::get<0>(content); }
    const T& operator*() const { return std::get<0>(content); }
    T* operator->() { return &std::get<0>(content); }
    const T* operator->() const { return &std::get<0>(content); }
    [[nodiscard]] const Problem& problem() const { return std::get<1>(content); }

  private:
    std::variant<T, Problem> content;
};

struct Done {};
/// For steps that only succeed or fail.
using Outcome = Result<Done>;

} // namespace fusuma
