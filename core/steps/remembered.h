#pragma once

#include <cstddef>
#include <functional>
#include <list>
#include <memory>
#include <mutex>
#include <typeindex>
#include <unordered_map>

namespace fusuma {

/// What results may take up in memory by default: a quarter of the machine's, at most 2 GiB.
[[nodiscard]] std::size_t usual_budget();

inline void mix_hash(std::size_t& hash, std::size_t more) {
    hash ^= more + 0x9e3779b97f4a7c15ULL + (hash << 6) + (hash >> 2);
}

/// Remembers results of pure functions by the value of their inputs, all of them within one budget of bytes: what was
/// used longest ago goes first, however many results that are. Keys are compared with ==, so a hit is never wrong. Safe
/// to use from several threads; two that miss at once both compute, and both get what the first of them came to.
///
/// What is let go while somebody holds it, such as the snapshot in sight, is found again for as long as they do: one
/// document may come to more than the budget.
///
/// A key has `rough()`, a hash of the little that tells most keys apart. A result's weight is all that it keeps alive,
/// so what two results share is counted twice, and the memory taken is at most the budget and the latest result.
class Remembered {
  public:
    explicit Remembered(std::size_t bytes) : budget(bytes) {}

    /// @param make      called when it is not known: returns the result
    /// @param bytes_of  what a result weighs
    template <typename Key, typename Make, typename Weigh>
    auto get(const Key& key, Make&& make, Weigh&& bytes_of) -> std::shared_ptr<const decltype(make())> {
        using Value = decltype(make());
        std::size_t hash = typeid(Key).hash_code();
        mix_hash(hash, key.rough());
        if (auto known = find(key, hash))
            return std::static_pointer_cast<const Value>(std::move(known));
        auto made = std::make_shared<const Value>(make());
        const std::scoped_lock lock(mutex);
        if (auto known = known_now(key, hash)) // another thread's, meanwhile: what both go on with is the same one
            return std::static_pointer_cast<const Value>(std::move(known));
        keep(Entry{hash, typeid(Key), std::make_shared<const Key>(key), made, bytes_of(*made)});
        return made;
    }

    [[nodiscard]] std::size_t bytes() const; ///< that all results together weigh

  private:
    struct Entry {
        std::size_t hash;
        std::type_index kind;
        std::shared_ptr<const void> key, value; ///< no value once it was let go
        std::size_t bytes;
        std::weak_ptr<const void> elsewhere{}; ///< the value, where others hold it
    };
    using Entries = std::list<Entry>; // most recently used first
    const std::size_t budget;
    mutable std::mutex mutex;
    Entries entries, let_go; ///< the latter have no value
    std::size_t swept = 0;   ///< how many of those were left when the ones that nobody holds any more were thrown out
    std::unordered_multimap<std::size_t, Entries::iterator> places;
    std::size_t total = 0;

    template <typename Key> std::shared_ptr<const void> find(const Key& key, std::size_t hash) {
        const std::scoped_lock lock(mutex);
        return known_now(key, hash);
    }
    template <typename Key> std::shared_ptr<const void> known_now(const Key& key, std::size_t hash) {
        for (auto [it, last] = places.equal_range(hash); it != last; ++it)
            if (it->second->kind == typeid(Key) && *static_cast<const Key*>(it->second->key.get()) == key)
                return used(it->second);
        return nullptr;
    }
    std::shared_ptr<const void> used(Entries::iterator entry); ///< its value, null when that is gone
    void keep(Entry entry);
    void stay_within_budget();
    void forget(Entries& from, Entries::iterator entry); // all of them with the mutex held
};

} // namespace fusuma
