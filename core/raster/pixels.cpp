#include "core/raster/pixels.h"

#include <algorithm>
#include <condition_variable>
#include <list>
#include <mutex>
#include <unistd.h>
#include <unordered_map>
#include <utility>

namespace fusuma {

struct Pixels::Source {
    Make make; ///< null when `image` stays
    File file;
    std::shared_ptr<const Image> image;
    std::weak_ptr<const Image> last; ///< as long as somebody uses it
    std::mutex mutex;
    bool is_made_now = false; ///< by one thread at a time
    std::condition_variable_any is_made;

    ~Source();
};

/// Pixels that can be made again, most recently used first.
class Pixels::Kept {
  public:
    std::shared_ptr<const Image> find(Source& of) {
        const std::scoped_lock lock(mutex);
        if (const auto place = places.find(&of); place != places.end()) {
            entries.splice(entries.begin(), entries, place->second);
            return place->second->second;
        }
        auto image = of.last.lock();
        if (image)
            put(of, image);
        return image;
    }
    void keep(Source& of, const std::shared_ptr<const Image>& image) {
        const std::scoped_lock lock(mutex);
        put(of, image);
    }
    void keep_within(std::size_t bytes) {
        const std::scoped_lock lock(mutex);
        budget = bytes;
        let_go();
    }
    void forget(Source& of) {
        std::shared_ptr<const Image> last; // let go of outside the lock
        const std::scoped_lock lock(mutex);
        if (const auto place = places.find(&of); place != places.end())
            last = take_out(place->second);
    }

  private:
    using Entries = std::list<std::pair<Source*, std::shared_ptr<const Image>>>;
    std::size_t budget =
        std::min<std::size_t>(std::size_t{1} << 30, static_cast<std::size_t>(::sysconf(_SC_PHYS_PAGES)) *
                                                        static_cast<std::size_t>(::sysconf(_SC_PAGESIZE)) / 4);
    std::mutex mutex;
    Entries entries;
    std::unordered_map<Source*, Entries::iterator> places;
    std::size_t total = 0;

    std::shared_ptr<const Image> take_out(Entries::iterator entry) {
        auto image = std::move(entry->second);
        total -= image->rgba.size();
        places.erase(entry->first);
        entries.erase(entry);
        return image;
    }
    void put(Source& of, const std::shared_ptr<const Image>& image) {
        if (const auto place = places.find(&of); place != places.end())
            take_out(place->second);
        of.last = image;
        entries.emplace_front(&of, image);
        places[&of] = entries.begin();
        total += image->rgba.size();
        let_go();
    }
    void let_go() {
        while (total > budget && entries.size() > 1)
            take_out(std::prev(entries.end()));
    }
};

Pixels::Kept& Pixels::kept() {
    static auto* const all = new Kept; // handles that outlive everything still find it
    return *all;
}

void Pixels::keep_within(std::size_t bytes) {
    kept().keep_within(bytes);
}

Pixels::Source::~Source() {
    if (make)
        kept().forget(*this);
}

Pixels::Pixels(std::shared_ptr<const Image> image)
    : source(std::make_shared<Source>()), across(image->width), down(image->height) {
    source->image = std::move(image);
}

Pixels::Pixels(Image image) : Pixels(std::make_shared<const Image>(std::move(image))) {}

Pixels::Pixels(int width, int height, Make make, File of)
    : source(std::make_shared<Source>()), across(width), down(height) {
    source->make = std::move(make);
    source->file = std::move(of);
}

Pixels::Pixels(std::shared_ptr<const Image> image, Make again, File of)
    : Pixels(image->width, image->height, std::move(again), std::move(of)) {
    kept().keep(*source, image);
}

const Pixels::File& Pixels::file() const {
    static const File none;
    return source ? source->file : none;
}

std::size_t Pixels::bytes_held() const {
    return source && !source->make ? bytes() : 0;
}

std::shared_ptr<const void> Pixels::identity() const {
    if (source && !source->make)
        return source->image;
    return source;
}

std::shared_ptr<const Image> Pixels::at_hand() const {
    static const auto none = std::make_shared<const Image>();
    if (!source)
        return none;
    return source->make ? kept().find(*source) : source->image;
}

std::shared_ptr<const Image> Pixels::get(const Work& work) const {
    if (auto image = at_hand())
        return image;
    struct Turn { // one thread makes them; who waits for that can be stopped, too
        Source& source;
        Turn(Source& of, const std::stop_token& stop) : source(of) {
            std::unique_lock lock(source.mutex);
            if (!source.is_made.wait(lock, stop, [this] { return !source.is_made_now; }))
                throw Stopped{};
            source.is_made_now = true;
        }
        ~Turn() {
            const std::scoped_lock lock(source.mutex);
            source.is_made_now = false;
            source.is_made.notify_all();
        }
        Turn(const Turn&) = delete;
        Turn& operator=(const Turn&) = delete;
    };
    const Turn turn(*source, work.stop);
    if (auto image = at_hand()) // another thread's, meanwhile
        return image;
    auto image = source->make(work);
    if (image->width != across || image->height != down)
        throw Unreadable({"A picture is not of the size that it is said to be."_said});
    kept().keep(*source, image);
    return image;
}

} // namespace fusuma
