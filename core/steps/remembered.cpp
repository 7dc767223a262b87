#include "core/steps/remembered.h"

#include <algorithm>
#include <unistd.h>

namespace fusuma {

std::size_t usual_budget() {
    constexpr std::size_t most = std::size_t{2} << 30;
    const long pages = sysconf(_SC_PHYS_PAGES), page = sysconf(_SC_PAGE_SIZE);
    return pages > 0 && page > 0 ? std::min(most, static_cast<std::size_t>(pages) * static_cast<std::size_t>(page) / 4)
                                 : most / 4;
}

std::size_t Remembered::bytes() const {
    const std::scoped_lock lock(mutex);
    return total;
}

void Remembered::keep(Entry entry) {
    total += entry.bytes;
    entries.push_front(std::move(entry));
    places.emplace(entries.front().hash, entries.begin());
    while (total > budget && entries.size() > 1) {
        const auto oldest = std::prev(entries.end());
        auto [it, last] = places.equal_range(oldest->hash);
        while (it->second != oldest)
            ++it;
        places.erase(it);
        total -= oldest->bytes;
        entries.erase(oldest);
    }
}

} // namespace fusuma
