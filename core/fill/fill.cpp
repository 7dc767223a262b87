#include "core/fill/fill.h"

#include "core/fill/lattice.h"
#include "core/fill/separation.h"
#include "core/geometry/boolean.h"
#include "core/geometry/measure.h"
#include "core/parallel.h"
#include "core/sheet/room.h"

#include <algorithm>
#include <atomic>
#include <cmath>
#include <limits>
#include <numbers>
#include <random>
#include <utility>

namespace fusuma {

namespace {

std::vector<double> turns_of(const FillTask& task) {
    if (task.way != FillWay::turned)
        return {0};
    const int count = task.turns == Turns::half ? 2 : task.turns == Turns::quarters ? 4 : 24;
    std::vector<double> turns;
    for (int i = 0; i < count; ++i)
        turns.push_back(2 * std::numbers::pi * i / count);
    return turns;
}

/// Does the piece look the same at both turns?
bool look_alike(const Posture& a, const Posture& b) {
    constexpr double same_mm = 0.15;
    return std::all_of(b.samples.begin(), b.samples.end(), [&](Point p) {
        const double here = a.piece->field.at({a.cosine * p.x + a.sine * p.y, -a.sine * p.x + a.cosine * p.y});
        return here < same_mm;
    });
}

/// mm between the nodes of fields.
double cell_for(const FillTask& task) {
    double smallest = HUGE_VAL;
    for (const FillItem& item : task.items) {
        const Rect box = bounds(item.outline);
        smallest = std::min(smallest, std::min(box.width(), box.height()));
    }
    const Rect zone = bounds(task.zone);
    constexpr double most_nodes = 600000;
    return std::max(std::clamp(smallest / 40, 0.25, 0.7), std::sqrt(zone.width() * zone.height() / most_nodes));
}

/// All items in all turns that look different.
struct Shapes {
    std::vector<std::unique_ptr<ReadyItem>> pieces;
    std::vector<Posture> postures;

    Shapes(const FillTask& task, const FillPage& page) {
        for (std::size_t i = 0; i < task.items.size(); ++i) {
            pieces.push_back(std::make_unique<ReadyItem>(task.items[i], task.gap, page.cell_size(), page.sight()));
            const std::size_t first = postures.size();
            for (const double turn : turns_of(task)) {
                Posture posture(*pieces[i], i, turn);
                const bool is_new = std::none_of(postures.begin() + static_cast<std::ptrdiff_t>(first), postures.end(),
                                                 [&](const Posture& p) { return look_alike(p, posture); });
                if (is_new)
                    postures.push_back(std::move(posture));
            }
        }
    }
};

/// A place at which a posture touches something.
struct Place {
    Point at;
    double snugness;
};
/// Where one posture may stand snugly, and where that is not known since something changed.
struct Hunt {
    std::vector<Place> places;
    std::vector<Rect> unseen; ///< of places, apart from each other
};

/// What stands, and for every posture the places where it would stand snugly.
struct Layout {
    FillPage page;
    std::vector<Hunt> hunting; ///< by posture
    std::vector<int> counts;   ///< by item
};

/// One search, by the numbers of its seed.
class Search : private Layout {
  public:
    Search(const FillTask& given, const Shapes& all, FillPage empty, const Work& job)
        : Layout{std::move(empty), {}, {}}, task(given), work(job), pieces(all.pieces), postures(all.postures),
          fixed(page.standing().size()), random(given.seed) {
        hunt_everywhere();
        counts.assign(task.items.size(), 0);
    }
    /// The same so far, from here on by other numbers.
    [[nodiscard]] Search with_seed(unsigned seed) const {
        Search other(*this);
        other.random.seed(seed);
        return other;
    }

    /// The first layout.
    void begin(const std::function<void(const Filled&)>& improved) {
        try {
            if (task.close_up)
                pull_x = 0.05;
            else if (task.items.size() == 1)
                start_with_lattice();
            grow(improved);
        } catch (const Stopped&) { // as far as it came
        }
        keep_if_better();
    }
    /// Goes on looking for a better one. To squeeze one more in takes as long as several rounds of taking out and
    /// placing anew; longer at first where there are many items, as all pairs of them have to be learned.
    void go_on(const Overlaps& overlaps, int rounds) {
        constexpr int rounds_of_squeeze = 8;
        const int shakes = pieces.size() <= 2 ? 4 : 16; // after each
        while (rounds > 0 && !is_everything_placed()) {
            if (overlaps.are_fine() && rounds >= rounds_of_squeeze + shakes) {
                squeeze(overlaps);
                rounds -= rounds_of_squeeze;
            }
            for (int i = 0; i < shakes && rounds > 0 && !is_everything_placed(); ++i, --rounds)
                shake();
        }
    }
    void take_over(const Search& other) { static_cast<Layout&>(*this) = other; }

    [[nodiscard]] bool is_everything_placed() const {
        for (std::size_t i = 0; i < task.items.size(); ++i)
            if (is_wanted(i))
                return false;
        return true;
    }
    /// What is covered; a little for lying towards the top, so that what is left is left in one place.
    [[nodiscard]] double value() const {
        double covered = 0, low = 0;
        for (std::size_t i = fixed; i < page.standing().size(); ++i) {
            const auto& copy = page.standing()[i];
            covered += copy.posture->piece->area;
            low += copy.posture->piece->area * (copy.at.y - page.extent().min.y);
        }
        return covered - 0.02 * low / std::max(1.0, page.extent().height());
    }
    [[nodiscard]] const Filled& best() const { return best_layout; }
    [[nodiscard]] double best_value() const { return value_of_best; }

  private:
    const FillTask& task;
    const Work& work;
    const std::vector<std::unique_ptr<ReadyItem>>& pieces;
    const std::vector<Posture>& postures;
    std::size_t fixed;
    std::mt19937 random;
    Filled best_layout;
    double value_of_best = -1;
    double pull_x = 0.3, pull_y = 1; ///< towards the top left, by turns in other ways

    void hunt_everywhere() {
        hunting.assign(postures.size(), {});
        for (Hunt& hunt : hunting)
            hunt.unseen = {page.extent().grown(page.sight() * 4)};
    }

    double chance() { return std::uniform_real_distribution<double>(0, 1)(random); }

    bool is_wanted(std::size_t item) const {
        if (task.items[item].wanted >= 0)
            return counts[item] < task.items[item].wanted;
        return true;
    }

    /// Places in the window at which a posture touches something.
    void scan(std::size_t which, const Rect& window) {
        const Posture& posture = postures[which];
        const Rect room = overlap(page.room_for(posture), window);
        if (room.empty())
            return;
        const double step = std::clamp(posture.piece->radius / 14, page.cell_size(), 1.5);
        const double touch = 1.3 * step;
        const int lines = std::max(1, static_cast<int>(room.height() / step) + 1);
        for (int line = 0; line <= lines; ++line) {
            const double y = std::min(room.min.y + line * step, room.max.y);
            for (double x = room.min.x; x <= room.max.x;) {
                const FillPage::Fit fit = page.fit(posture, {x, y}, 0);
                if (fit.clearance < 0) {
                    x += std::max(step / 2, -fit.clearance);
                } else if (fit.clearance > touch) {
                    x += std::max(step, fit.clearance - touch / 2);
                } else {
                    hunting[which].places.push_back({{x, y}, fit.snugness});
                    x += step;
                }
            }
        }
    }

    [[nodiscard]] double pulled(Point at) const {
        const Rect& box = page.extent();
        return (pull_x * (at.x - box.min.x) / std::max(1.0, box.width()) +
                pull_y * (at.y - box.min.y) / std::max(1.0, box.height())) /
               (std::abs(pull_x) + std::abs(pull_y) + 1e-9);
    }
    [[nodiscard]] double worth_of(const Place& place) const {
        return task.close_up ? 0.001 * place.snugness - pulled(place.at) : place.snugness - 0.5 * pulled(place.at);
    }

    /// Something was put or taken within the box.
    void note_change(const Rect& changed) {
        for (std::size_t p = 0; p < postures.size(); ++p) {
            const double reach = postures[p].piece->need + 2;
            Rect window{changed.min - postures[p].box.max - Point{reach, reach},
                        changed.max - postures[p].box.min + Point{reach, reach}};
            auto& unseen = hunting[p].unseen;
            for (std::size_t i = 0; i < unseen.size();)
                if (unseen[i].overlaps(window)) {
                    window.include(unseen[i]);
                    unseen.erase(unseen.begin() + static_cast<std::ptrdiff_t>(i));
                    i = 0;
                } else {
                    ++i;
                }
            unseen.push_back(window);
        }
    }
    void look_again(std::size_t which) {
        Hunt& hunt = hunting[which];
        std::erase_if(hunt.places, [&](const Place& place) {
            return std::any_of(hunt.unseen.begin(), hunt.unseen.end(),
                               [&](const Rect& window) { return window.contains(place.at); });
        });
        for (const Rect& window : std::exchange(hunt.unseen, {}))
            scan(which, window);
    }

    /// Slides a copy into the corner it lies near, to make up for the coarse scan.
    Point settled(const Posture& posture, Point at) const {
        double most = worth_of({at, page.fit(posture, at, 0).snugness});
        for (double step = 0.8; step > 0.02; step /= 2)
            for (int tries = 0; tries < 4; ++tries) {
                Point to = at;
                for (const Point way : {Point{-1, 0}, Point{0, -1}, Point{1, 0}, Point{0, 1}, Point{-0.7, -0.7},
                                        Point{0.7, -0.7}, Point{-0.7, 0.7}, Point{0.7, 0.7}}) {
                    const Point p = at + step * way;
                    const FillPage::Fit fit = page.fit(posture, p, 0);
                    if (fit.clearance < 0)
                        continue;
                    if (const double worth = worth_of({p, fit.snugness}); worth > most + 1e-6) {
                        most = worth;
                        to = p;
                    }
                }
                if (to == at)
                    break;
                at = to;
            }
        return at;
    }

    /// Puts the posture at or very near the place, if the outlines allow it.
    bool try_to_put(const Posture& posture, Point at) {
        const Point slid = settled(posture, at);
        for (const Point p : {slid, at})
            for (const double away : {0.0, 0.08, 0.2})
                for (int way = 0; way < (away == 0 ? 1 : 8); ++way) {
                    const double angle = std::numbers::pi / 4 * way;
                    const Point q = p + away * Point{std::cos(angle), std::sin(angle)};
                    if (away > 0 && page.fit(posture, q, -0.05).clearance < -0.05)
                        continue;
                    if (page.is_allowed(posture, q)) {
                        page.put(posture, q);
                        ++counts[posture.item];
                        return true;
                    }
                }
        return false;
    }

    /// Items in the order in which the next copy should be tried: evenly for those that take as many as fit, then the
    /// largest first.
    std::vector<std::size_t> next_items() {
        std::vector<std::size_t> order;
        for (std::size_t i = 0; i < pieces.size(); ++i)
            if (is_wanted(i))
                order.push_back(i);
        std::vector<double> key(pieces.size());
        for (const std::size_t i : order)
            key[i] = (task.items[i].wanted < 0 ? 1e9 * counts[i] : 0) - pieces[i]->area * (0.9 + 0.2 * chance());
        std::sort(order.begin(), order.end(), [&](std::size_t l, std::size_t r) { return key[l] < key[r]; });
        return order;
    }

    /// Puts copies until none fits.
    /// @param improved  called with the first layout, as it comes
    void grow(const std::function<void(const Filled&)>& improved = {}) {
        std::size_t since_told = page.standing().size();
        for (bool progress = true; progress;) {
            progress = false;
            for (const std::size_t item : next_items()) {
                if (work.stop.stop_requested())
                    throw Stopped{};
                if (!put_best(item))
                    continue;
                progress = true;
                if (improved && page.standing().size() >= since_told + 5) {
                    since_told = page.standing().size();
                    improved(current());
                }
                break;
            }
        }
    }

    bool put_best(std::size_t item) {
        std::vector<std::size_t> its;
        for (std::size_t p = 0; p < postures.size(); ++p)
            if (postures[p].item == item)
                its.push_back(p);
        for_each_of(static_cast<int>(its.size()), {.stop = work.stop},
                    [&](int k) { look_again(its[static_cast<std::size_t>(k)]); });
        for (;;) {
            std::size_t which = postures.size(), index = 0;
            double most = -HUGE_VAL;
            for (const std::size_t p : its)
                for (std::size_t k = 0; k < hunting[p].places.size(); ++k)
                    if (const double worth = worth_of(hunting[p].places[k]); worth > most) {
                        most = worth;
                        which = p;
                        index = k;
                    }
            if (which == postures.size())
                return false;
            auto& places = hunting[which].places;
            const Point at = places[index].at;
            places[index] = places.back();
            places.pop_back();
            if (try_to_put(postures[which], at)) {
                note_change(page.standing().back().box);
                return true;
            }
        }
    }

    Filled current() const {
        Filled filled;
        for (std::size_t i = fixed; i < page.standing().size(); ++i) {
            const auto& copy = page.standing()[i];
            filled.copies.push_back({copy.posture->item, copy.at, copy.posture->turn});
            filled.covered_mm2 += copy.posture->piece->area;
        }
        return filled;
    }

    void keep_if_better() {
        if (const double now = value(); now > value_of_best + 1e-6) {
            value_of_best = now;
            best_layout = current();
        }
    }

    void start_with_lattice() {
        const std::vector<Lattice> lattices = dense_lattices(postures, work.part(0, 0.05));
        std::vector<std::pair<std::size_t, Point>> most;
        for (const Lattice& lattice : lattices)
            if (auto found = best_phase(lattice, postures, page); found.size() > most.size())
                most = std::move(found);
        // From the top, so that a limited number lies together.
        std::stable_sort(most.begin(), most.end(),
                         [](const auto& l, const auto& r) { return l.second.y < r.second.y; });
        for (const auto& [which, at] : most)
            if (is_wanted(0) && page.is_allowed(postures[which], at)) {
                page.put(postures[which], at);
                ++counts[0];
            }
    }

    template <typename T> const T& one_of(const std::vector<T>& several) {
        return several[static_cast<std::size_t>(chance() * static_cast<double>(several.size()))];
    }

    /// Items of which a copy more leaves those that take as many as fit even.
    [[nodiscard]] std::vector<std::size_t> items_for_one_more(const Overlaps& overlaps) const {
        int least = std::numeric_limits<int>::max();
        for (std::size_t i = 0; i < pieces.size(); ++i)
            if (task.items[i].wanted < 0 && overlaps.fits_at_all(i))
                least = std::min(least, counts[i]);
        std::vector<std::size_t> items;
        for (std::size_t i = 0; i < pieces.size(); ++i)
            if (overlaps.fits_at_all(i) && (task.items[i].wanted < 0 ? counts[i] == least : is_wanted(i)))
                items.push_back(i);
        return items;
    }
    [[nodiscard]] bool may_give_way(std::size_t item, std::size_t to) const {
        return pieces[item]->area < 0.999 * pieces[to]->area &&
               (task.items[item].wanted >= 0 || task.items[to].wanted >= 0 || counts[to] < counts[item]);
    }

    /// What stands and one copy more, or a larger one in place of another, where it overlaps little.
    [[nodiscard]] std::vector<Stance> crowded(Separation& separation, std::size_t item) {
        std::vector<Stance> copies;
        std::vector<std::size_t> smaller;
        for (std::size_t i = fixed; i < page.standing().size(); ++i) {
            const auto& copy = page.standing()[i];
            if (may_give_way(copy.posture->item, item))
                smaller.push_back(copies.size());
            copies.push_back({copy.posture, copy.at});
        }
        if (!smaller.empty() && chance() < 0.6)
            copies[one_of(smaller)].posture = &separation.any_of(item);
        else if (const auto more = separation.least_overlapping(copies, item))
            copies.push_back(*more);
        return copies;
    }

    /// Makes room for one more by moving all that is in its way; leaves everything as it is where that does not work.
    void squeeze(const Overlaps& overlaps) {
        const std::vector<std::size_t> items = items_for_one_more(overlaps);
        if (items.empty() || page.standing().size() <= fixed)
            return;
        Separation separation(overlaps, random, work);
        const std::vector<Stance> copies = crowded(separation, one_of(items));
        std::optional<FillPage> parted = separation.parted(copies);
        if (!parted)
            return;
        page = std::move(*parted);
        std::ranges::fill(counts, 0);
        for (const Stance& copy : copies)
            ++counts[copy.posture->item];
        hunt_everywhere();
        grow();
        keep_if_better();
    }

    /// Takes out what stands round a place and fills it anew; goes back when that covers less.
    void shake() {
        const auto& standing = page.standing();
        if (standing.size() <= fixed)
            return;
        const double value_before = value();
        const Rect box = page.extent();
        // Where there is most room to gain, or anywhere.
        Point middle = box.min + Point{chance() * box.width(), chance() * box.height()};
        if (chance() < 0.6) {
            double most = -HUGE_VAL;
            for (int i = 0; i < 24; ++i) {
                const Point p = box.min + Point{chance() * box.width(), chance() * box.height()};
                if (const double room = page.room_at(p); room > most) {
                    most = room;
                    middle = p;
                }
            }
        }
        double size = 0;
        for (const auto& piece : pieces)
            size += piece->radius / static_cast<double>(pieces.size());
        const double radius = size * (1.2 + 2.2 * chance());
        std::vector<std::size_t> gone;
        for (std::size_t i = fixed; i < standing.size(); ++i)
            if (distance(standing[i].at, middle) < radius)
                gone.push_back(i);
        if (gone.empty())
            return;
        const Layout before = *this;
        for (const std::size_t i : gone)
            --counts[standing[i].posture->item];
        pull_x = 2 * chance() - 0.8;
        pull_y = 2 * chance() - 0.6;
        note_change(page.take(gone).grown(-page.sight()));
        grow();
        const double now = value();
        const bool is_worth_it = now >= value_before - 1e-9 || chance() < 0.02;
        if (is_worth_it) {
            keep_if_better();
            return;
        }
        static_cast<Layout&>(*this) = before;
    }
};

/// Several searches from one first layout, side by side; now and then all go on from the best. As many on any machine,
/// so that every machine finds the same.
Filled searched(const FillTask& task, const Work& work, const std::function<void(const Filled&)>& improved) {
    const FillPage empty(task, cell_for(task));
    const Shapes shapes(task, empty);
    Search first(task, shapes, empty, work);
    first.begin(improved);
    const auto tell = [&](const Search& search) {
        if (improved)
            improved(search.best());
    };
    tell(first);
    if (task.close_up || task.rounds <= 0)
        return first.best();
    const Overlaps overlaps(empty, shapes.postures, static_cast<int>(turns_of(task).size()));
    constexpr int between = 24; // rounds before they compare
    const int together = task.rounds < 4 * between ? 2 : 4;
    std::vector<Search> searches{first};
    for (int k = 1; k < together; ++k)
        searches.push_back(first.with_seed(task.seed + 1000 * static_cast<unsigned>(k)));
    const auto best = [&] { return std::ranges::max_element(searches, {}, &Search::best_value); };
    double told = first.best_value();
    try {
        for (int round = 0; round < task.rounds && !best()->is_everything_placed(); round += together * between) {
            work.at(0.1 + 0.9 * round / task.rounds);
            const int each = std::min(between, (task.rounds - round + together - 1) / together);
            std::atomic<std::size_t> next{0};
            const auto go_on = [&] {
                for (std::size_t k; (k = next++) < searches.size();)
                    searches[k].go_on(overlaps, each);
            };
            Helpers helpers(go_on);
            go_on();
            helpers.join();
            const auto leading = std::ranges::max_element(searches, {}, &Search::value);
            for (Search& search : searches)
                if (&search != &*leading)
                    search.take_over(*leading);
            if (best()->best_value() > told) {
                told = best()->best_value();
                tell(*best());
            }
        }
    } catch (const Stopped&) { // what was found so far is the answer
    }
    return best()->best();
}

/// Straight rows and columns from the zone's top left, exact where rows by cells of half a millimetre are not. Each row
/// holds one item, in turns; items that may touch do.
class ExactRows {
  public:
    /// @param is_turned  every item by a quarter
    ExactRows(const FillTask& the_task, bool is_turned)
        : task(the_task), turn(is_turned ? quarter : 0), counts(task.items.size()) {
        for (const FillItem& item : task.items) {
            const Rect box = bounds(item.outline);
            boxes.push_back(is_turned ? Rect{{-box.max.y, box.min.x}, {-box.min.y, box.max.x}} : box);
        }
        for (const FixedCopy& copy : task.fixed)
            taken.push_back(bounds(copy.outline));
    }

    /// When stopped, the rows so far.
    Filled laid_out(const std::stop_token& stop) {
        const Rect zone = bounds(task.zone);
        std::size_t next = 0;
        for (double y = zone.min.y; y < zone.max.y && !stop.stop_requested();) {
            std::optional<double> below;
            for (std::size_t tries = 0; tries < boxes.size() && !below; ++tries) {
                const std::size_t i = next++ % boxes.size();
                if (is_wanted(i) && y + boxes[i].height() <= zone.max.y + hair && lay_row(i, y))
                    below = y + boxes[i].height() + need(i);
            }
            if (!below) // bites of marks lie here, or nothing more is wanted
                for (std::size_t i = 0; i < boxes.size(); ++i)
                    if (is_wanted(i))
                        below = std::min(below.value_or(HUGE_VAL), y + boxes[i].height() + need(i));
            if (!below)
                break;
            y = *below;
        }
        return std::move(filled);
    }

  private:
    static constexpr double hair = 1e-7, quarter = std::numbers::pi / 2;
    const FillTask& task;
    double turn;
    std::vector<Rect> boxes;
    std::vector<Rect> taken; ///< by fixed copies
    Filled filled;
    std::vector<int> counts;

    [[nodiscard]] bool is_wanted(std::size_t i) const {
        return task.items[i].wanted < 0 || counts[i] < task.items[i].wanted;
    }
    [[nodiscard]] double need(std::size_t i) const {
        return task.items[i].may_touch ? 0 : std::max(task.gap, 2 * task.items[i].bleed);
    }
    /// In columns, unless going on close behind what is in the way makes room for more.
    bool lay_row(std::size_t i, double y) {
        constexpr double step = 0.5; // mm
        std::vector<Rect> row = row_at(i, y, boxes[i].width() + need(i));
        if (std::vector<Rect> closer = row_at(i, y, step); closer.size() > row.size())
            row = std::move(closer);
        for (const Rect& at : row) {
            filled.copies.push_back({i, at.min - boxes[i].min, turn});
            filled.covered_mm2 += area(task.items[i].outline);
            ++counts[i];
        }
        return !row.empty();
    }
    /// @param past  mm to go on where something is in the way
    [[nodiscard]] std::vector<Rect> row_at(std::size_t i, double y, double past) const {
        const Rect zone = bounds(task.zone), &box = boxes[i];
        std::vector<Rect> row;
        const auto is_wanted_still = [&] {
            return task.items[i].wanted < 0 || counts[i] + static_cast<int>(row.size()) < task.items[i].wanted;
        };
        for (double x = zone.min.x; x + box.width() <= zone.max.x + hair && is_wanted_still();) {
            const Rect at{{x, y}, {x + box.width(), y + box.height()}};
            const bool fits = is_free(i, at);
            if (fits)
                row.push_back(at);
            x += fits ? box.width() + need(i) : past;
            if (!fits)
                x = side_beside(i, at, x);
        }
        return row;
    }
    /// The next right-hand side of what lies beside a place, before `most`, to lie against where that is allowed.
    [[nodiscard]] double side_beside(std::size_t i, const Rect& at, double most) const {
        for (std::size_t k = 0; k < taken.size() && task.items[i].may_touch; ++k)
            if (task.fixed[k].may_touch && taken[k].min.y < at.max.y && taken[k].max.y > at.min.y &&
                taken[k].max.x > at.min.x)
                most = std::min(most, taken[k].max.x);
        return most;
    }
    [[nodiscard]] bool is_free(std::size_t i, const Rect& at) const {
        const FillItem& item = task.items[i];
        for (std::size_t k = 0; k < taken.size(); ++k) {
            const FixedCopy& copy = task.fixed[k];
            const double apart = std::max({task.gap, 2 * item.bleed, 2 * copy.bleed});
            const bool touches = item.may_touch && copy.may_touch && at.grown(hair).overlaps(taken[k]) &&
                                 !at.grown(-hair).overlaps(taken[k]);
            if (!touches && at.grown(apart).overlaps(taken[k]))
                return false;
        }
        const Rect printed = at.grown(item.bleed);
        if (item.bleed > 0 && !task.printable.empty() && overlap(printed, task.printable) != printed)
            return false;
        const auto is_near = [&](const Mark& mark) {
            return item.bleed > 0 && at.grown(item.bleed + mark.keep_clear).contains(mark.centre);
        };
        constexpr double outside_mm2 = 1e-4;
        return std::ranges::none_of(task.marks, is_near) &&
               area(combine({corners_of(at)}, task.zone, Combine::take_out)) <= outside_mm2;
    }
};

bool may_all_touch(const FillTask& task) {
    return std::ranges::all_of(task.items, &FillItem::may_touch);
}

Filled in_exact_rows(const FillTask& task, const std::stop_token& stop) {
    Filled upright = ExactRows(task, false).laid_out(stop);
    if (task.way != FillWay::turned || task.turns == Turns::half || !may_all_touch(task))
        return upright;
    Filled turned = ExactRows(task, true).laid_out(stop);
    return turned.covered_mm2 > upright.covered_mm2 ? turned : upright;
}

/// A tidy grid: rows from the top left, each as high as its tallest copy.
Filled in_rows(const FillTask& task) {
    Room room(task.zone);
    double widest_bleed = 0;
    for (const FillItem& item : task.items)
        widest_bleed = std::max(widest_bleed, item.bleed);
    const double need = std::max(task.gap, 2 * widest_bleed);
    if (widest_bleed > 0) {
        if (!task.printable.empty())
            room.keep_inside(task.printable.grown(-widest_bleed));
        for (const Mark& mark : task.marks)
            room.block(Rect{mark.centre, mark.centre}.grown(mark.keep_clear + widest_bleed));
    }
    for (const FixedCopy& copy : task.fixed)
        room.block(bounds(copy.outline).grown(std::max(need, 2 * copy.bleed)));
    Filled filled;
    std::vector<int> counts(task.items.size());
    std::vector<char> is_full(task.items.size());
    for (bool progress = true; progress;) {
        progress = false;
        for (std::size_t i = 0; i < task.items.size(); ++i) {
            const FillItem& item = task.items[i];
            const Rect box = bounds(item.outline);
            const auto wanted = [&] { return !is_full[i] && (item.wanted < 0 || counts[i] < item.wanted); };
            // One row of each in turn, so that equal sizes stand together.
            double row = HUGE_VAL;
            while (wanted()) {
                const auto at = room.first_place({box.width(), box.height()});
                if (!at) {
                    is_full[i] = 1;
                    break;
                }
                if (row == HUGE_VAL)
                    row = at->y;
                else if (at->y > row + 1e-9)
                    break;
                filled.copies.push_back({i, *at - box.min, 0});
                filled.covered_mm2 += area(item.outline);
                room.block(Rect{*at, *at + Point{box.width(), box.height()}}.grown(need));
                ++counts[i];
                progress = true;
            }
        }
    }
    return filled;
}

/// Without these there is nothing to do, and nothing to measure by.
bool has_room_and_items(const FillTask& task) {
    return !bounds(task.zone).empty() && !task.items.empty() &&
           std::ranges::none_of(task.items, [](const FillItem& item) { return bounds(item.outline).empty(); });
}

} // namespace

Filled fill(const FillTask& task, const Work& work, const std::function<void(const Filled&)>& improved) {
    if (!has_room_and_items(task))
        return {};
    if (may_all_touch(task))
        return in_exact_rows(task, work.stop);
    Filled rows = task.close_up ? Filled{} : in_rows(task);
    if (task.items.size() == 1 && !task.close_up)
        if (Filled exact = in_exact_rows(task, work.stop); exact.covered_mm2 > rows.covered_mm2)
            rows = std::move(exact);
    if (task.way == FillWay::rows && !task.close_up)
        return rows;
    Filled snug = searched(task, work, improved);
    // Boxes can be packed better in rows than by searching.
    return rows.covered_mm2 > snug.covered_mm2 ? rows : snug;
}

} // namespace fusuma
