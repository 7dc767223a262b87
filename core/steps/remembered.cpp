#include "core/steps/remembered.h"

#include <algorithm>
#include <unistd.h>
#include <utility>

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

void Remembered::forget(Entries& from, Entries::iterator entry) {
    auto [it, last] = places.equal_range(entry->hash);
    while (it->second != entry)
        ++it;
    places.erase(it);
    from.erase(entry);
}

std::shared_ptr<const void> Remembered::used(Entries::iterator entry) {
    if (entry->value) {
        entries.splice(entries.begin(), entries, entry);
        return entry->value;
    }
    auto value = entry->elsewhere.lock();
    if (!value) {
        forget(let_go, entry);
        return nullptr;
    }
    entry->value = value;
    total += entry->bytes;
    entries.splice(entries.begin(), let_go, entry);
    stay_within_budget();
    return value;
}

void Remembered::keep(Entry entry) {
    total += entry.bytes;
    entries.push_front(std::move(entry));
    places.emplace(entries.front().hash, entries.begin());
    stay_within_budget();
}

void Remembered::stay_within_budget() {
    while (total > budget && entries.size() > 1) {
        const auto oldest = std::prev(entries.end());
        total -= oldest->bytes;
        if (oldest->value.use_count() == 1) {
            forget(entries, oldest);
            continue;
        }
        oldest->elsewhere = std::exchange(oldest->value, nullptr);
        let_go.splice(let_go.begin(), entries, oldest);
    }
    constexpr std::size_t few = 64;
    if (let_go.size() <= 2 * swept + few)
        return;
    for (auto it = let_go.begin(); it != let_go.end();)
        if (const auto here = it++; here->elsewhere.expired())
            forget(let_go, here);
    swept = let_go.size();
}

} // namespace fusuma
