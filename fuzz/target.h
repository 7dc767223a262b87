#pragma once

#include <map>
#include <string>
#include <string_view>
#include <vector>

namespace fusuma::fuzz {

/// A parser under test.
struct Target {
    void (*take)(std::string_view bytes); ///< must not crash, hang or take memory without bound on any bytes
    std::vector<std::string> (*seeds)();  ///< well-formed inputs to start from
};

/// All of them by name.
std::map<std::string_view, Target>& targets();

struct Registered {
    Registered(std::string_view name, void (*take)(std::string_view), std::vector<std::string> (*seeds)()) {
        targets().emplace(name, Target{take, seeds});
    }
};

} // namespace fusuma::fuzz
