#include "core/document/copy_change.h"

#include <algorithm>

namespace fusuma {

CopyChange::CopyChange(const std::vector<Placement>& from, const std::vector<Placement>& to) {
    if (from.size() == to.size()) {
        for (std::size_t i = 0; i < to.size(); ++i)
            if (from[i] != to[i])
                changed.push_back({i, to[i]});
        changed.shrink_to_fit();
        return;
    }
    const std::size_t most = std::min(from.size(), to.size());
    first = static_cast<std::size_t>(std::ranges::mismatch(from, to).in1 - from.begin());
    std::size_t behind = 0;
    while (behind < most - first && from[from.size() - 1 - behind] == to[to.size() - 1 - behind])
        ++behind;
    out = from.size() - first - behind;
    in.assign(to.begin() + static_cast<std::ptrdiff_t>(first), to.end() - static_cast<std::ptrdiff_t>(behind));
}

void CopyChange::apply_to(std::vector<Placement>& copies) const {
    for (const Changed& one : changed)
        copies[one.at] = one.copy;
    const auto at = copies.begin() + static_cast<std::ptrdiff_t>(first);
    copies.insert(copies.erase(at, at + static_cast<std::ptrdiff_t>(out)), in.begin(), in.end());
}

std::size_t CopyChange::bytes() const {
    return changed.capacity() * sizeof(Changed) + in.capacity() * sizeof(Placement);
}

} // namespace fusuma
