#pragma once

#include <memory>
#include <mutex>
#include <typeindex>
#include <unordered_map>
#include <vector>

namespace fusuma {

inline void mix_hash(std::size_t& hash, std::size_t more) {
    hash ^= more + 0x9e3779b97f4a7c15ULL + (hash << 6) + (hash >> 2);
}

/// Remembers the results of a pure function that were used in the last few rounds, one round being the work on one
/// version of a document. However many there are, each is found at once, and what no version needs any more goes. Safe
/// to use from several threads; two that miss at once both compute.
template <typename Key, typename Value, typename Hash> class Recent {
  public:
    template <typename Make> Value get(const Key& key, Make&& make) {
        {
            const std::scoped_lock lock(mutex);
            if (const auto it = entries.find(key); it != entries.end()) {
                it->second.used = round;
                return it->second.value;
            }
        }
        Value made = make();
        const std::scoped_lock lock(mutex);
        entries.insert_or_assign(key, Entry{made, round});
        return made;
    }

    void next_round() {
        const std::scoped_lock lock(mutex);
        ++round;
        std::erase_if(entries, [this](const auto& entry) { return entry.second.used + rounds_kept < round; });
    }

  private:
    static constexpr int rounds_kept = 4;
    struct Entry {
        Value value;
        int used = 0;
    };
    std::mutex mutex;
    std::unordered_map<Key, Entry, Hash> entries;
    int round = 0;
};

/// Facts worked out about things that stay the same for as long as they are, told apart by their addresses.
class Facts {
  public:
    using Things = std::vector<std::shared_ptr<const void>>;

    /// @param make  called when it is not known: returns the fact
    template <typename Fact, typename Make> std::shared_ptr<const Fact> get(Things about, Make&& make) {
        return std::static_pointer_cast<const Fact>(
            known.get({typeid(Fact), std::move(about)},
                      [&]() -> std::shared_ptr<const void> { return std::make_shared<const Fact>(make()); }));
    }
    void next_round() { known.next_round(); }

  private:
    struct Key {
        std::type_index kind;
        Things about; ///< kept alive, so that no address comes to mean another thing
        bool operator==(const Key&) const = default;
    };
    struct Hash {
        std::size_t operator()(const Key& key) const {
            std::size_t hash = key.kind.hash_code();
            for (const auto& thing : key.about)
                mix_hash(hash, std::hash<const void*>{}(thing.get()));
            return hash;
        }
    };
    Recent<Key, std::shared_ptr<const void>, Hash> known;
};

} // namespace fusuma
