#pragma once

#include <memory>
#include <mutex>

namespace fusuma {

/// What follows from a value and takes a while: worked out when it is first asked for, by one thread. Copies of the
/// value, which may be changed, begin anew.
template <typename T> class Once {
  public:
    Once() = default;
    Once(const Once&) {}
    Once& operator=(const Once&) {
        state = std::make_unique<State>();
        return *this;
    }

    template <typename Make> const T& get(Make&& make) const {
        std::call_once(state->flag, [&] { state->made = make(); });
        return state->made;
    }

  private:
    struct State {
        std::once_flag flag;
        T made{};
    };
    std::unique_ptr<State> state = std::make_unique<State>();
};

} // namespace fusuma
