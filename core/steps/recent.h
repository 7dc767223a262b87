#pragma once

#include "core/steps/remembered.h"

#include <memory>
#include <mutex>
#include <typeindex>
#include <unordered_map>
#include <vector>

namespace fusuma {

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
    template <typename Fact, typename Make> std::shared_ptr<const Fact> get(const Things& about, Make&& make) {
        return std::static_pointer_cast<const Fact>(
            known.get({typeid(Fact), {about.begin(), about.end()}},
                      [&]() -> std::shared_ptr<const void> { return std::make_shared<const Fact>(make()); }));
    }
    void next_round() { known.next_round(); }

  private:
    /// Held weakly: the thing's memory may go, but its address comes to mean no other.
    struct Thing {
        Thing(const std::shared_ptr<const void>& thing) : address(thing.get()), held(thing) {}
        const void* address;
        std::weak_ptr<const void> held;
        bool operator==(const Thing& other) const {
            return address == other.address && !held.owner_before(other.held) && !other.held.owner_before(held);
        }
    };
    struct Key {
        std::type_index kind;
        std::vector<Thing> about;
        bool operator==(const Key&) const = default;
    };
    struct Hash {
        std::size_t operator()(const Key& key) const {
            std::size_t hash = key.kind.hash_code();
            for (const Thing& thing : key.about)
                mix_hash(hash, std::hash<const void*>{}(thing.address));
            return hash;
        }
    };
    Recent<Key, std::shared_ptr<const void>, Hash> known;
};

} // namespace fusuma
