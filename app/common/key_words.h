#pragma once

#include <QString>
#include <vector>

namespace fusuma::app {

/// Keys of a view that are no menu commands, and what they do. They stand beside the code that takes them.
struct KeyWords {
    QString keys, does;
};
using KeyList = std::vector<KeyWords>;

} // namespace fusuma::app
