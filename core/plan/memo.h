#pragma once

#include <list>
#include <memory>
#include <mutex>
#include <utility>

namespace fusuma {

/// Remembers the last few results of a pure function by the value of their inputs: for what is one of a kind, such as
/// the plan. Safe to use from several threads; two that miss at once both compute. Keys are compared with ==, so a hit
/// is never wrong.
template <typename Key, typename Value> class Memo {
  public:
    explicit Memo(std::size_t most) : capacity(most) {}

    template <typename Make> std::shared_ptr<const Value> get(const Key& key, Make&& make) {
        if (auto known = find(key))
            return known;
        auto made = std::make_shared<const Value>(make());
        const std::scoped_lock lock(mutex);
        entries.emplace_front(key, made);
        if (entries.size() > capacity)
            entries.pop_back();
        return made;
    }

  private:
    std::size_t capacity;
    std::mutex mutex;
    std::list<std::pair<Key, std::shared_ptr<const Value>>> entries; // most recently used first

    std::shared_ptr<const Value> find(const Key& key) {
        const std::scoped_lock lock(mutex);
        for (auto it = entries.begin(); it != entries.end(); ++it)
            if (it->first == key) {
                entries.splice(entries.begin(), entries, it);
                return entries.front().second;
            }
        return nullptr;
    }
};

} // namespace fusuma
