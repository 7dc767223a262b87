#include "core/fill/lattice.h"

#include "core/geometry/measure.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <set>

namespace fusuma {

namespace {

/// How much farther apart than needed two postures are, by their fields.
double clear_of(const Posture& a, const Posture& b, Point from_a_to_b, double enough) {
    const double need = std::max(a.piece->need, b.piece->need);
    double least = HUGE_VAL;
    const auto look = [&](const Posture& at, const Posture& other, Point offset) {
        for (const Point sample : other.samples) {
            const Point q = sample + offset;
            least = std::min(
                least, at.piece->field.at({at.cosine * q.x + at.sine * q.y, -at.sine * q.x + at.cosine * q.y}) - need);
            if (least < enough)
                return;
        }
    };
    look(a, b, from_a_to_b);
    if (least >= enough)
        look(b, a, -from_a_to_b);
    return least;
}

/// How near `b` comes to a row of `a` when pushed against it from far out along `way`, starting beside `start`.
double pushed_against(const Posture& a, const Posture& b, const std::vector<Point>& row, Point start, Point way) {
    constexpr double touch = 0.02;
    double far = 2 * a.piece->radius + 2 * b.piece->radius + a.piece->need;
    for (int step = 0; step < 60; ++step) {
        double room = HUGE_VAL;
        for (const Point at : row) {
            const Point offset = start + far * way - at;
            const double apart = norm(offset) - a.piece->radius - b.piece->radius - a.piece->need;
            room = std::min(room, apart >= room ? room : apart > 1 ? apart : clear_of(a, b, offset, -1));
        }
        if (room < touch)
            return far + std::max(0.0, -room);
        far -= room;
        if (far < -4 * a.piece->radius)
            return far; // can only be for shapes with no extent
    }
    return far;
}

/// By how much the outlines themselves come nearer than they may, mm.
double exact_lack(const Posture& a, const Posture& b, Point offset) {
    const double need = std::max(a.piece->need, b.piece->need);
    if (norm(offset) > a.piece->radius + b.piece->radius + need)
        return 0;
    Polygons moved = b.outline;
    for (Polygon& polygon : moved)
        for (Point& p : polygon)
            p = p + offset;
    constexpr double hair = 2e-3;
    return std::max(0.0, need + hair - closest_approach(a.outline, moved, 0).distance);
}

/// Opens the lattice until the outlines keep their distances, which the fields only know roughly.
bool made_exact(Lattice& lattice, const std::vector<Posture>& postures, Point across_way) {
    const Posture &first = postures[lattice.first], &second = postures[lattice.second];
    for (int round = 0; round < 6; ++round) {
        const double along = exact_lack(first, first, lattice.along);
        double up = 0, back = 0;
        for (int k = -2; k <= 2; ++k) {
            const Point shift = static_cast<double>(k) * lattice.along;
            if (lattice.is_double) {
                up = std::max(up, exact_lack(first, second, lattice.between + shift));
                back = std::max(back, exact_lack(second, first, lattice.across - lattice.between + shift));
            } else {
                back = std::max(back, exact_lack(first, first, lattice.across + shift));
            }
            if (k != 0 && lattice.is_double)
                back = std::max(back, exact_lack(first, first, lattice.across + shift));
        }
        if (along + up + back == 0)
            return true;
        lattice.along = lattice.along + along * 1.05 * unit(lattice.along);
        lattice.between = lattice.between + up * 1.2 * across_way;
        lattice.across = lattice.across + (up + back) * 1.2 * across_way;
    }
    return false;
}

} // namespace

std::vector<Lattice> dense_lattices(const std::vector<Posture>& postures, const Work& work) {
    constexpr int directions = 16, offsets = 12;
    constexpr std::size_t kept = 6;
    struct Found {
        Lattice lattice;
        Point way;
    };
    std::vector<Found> found;
    const double half = std::numbers::pi;
    for (std::size_t f = 0; f < postures.size() && postures[f].turn < half - 0.01; ++f) // the others repeat these
        for (std::size_t s = f; s < postures.size(); ++s) {
            // A second posture is the first turned half round; only that leaves the rows fitting on both sides.
            if (s != f && std::abs(std::remainder(postures[s].turn - postures[f].turn - half, 2 * half)) > 0.01)
                continue;
            const Posture &first = postures[f], &second = postures[s];
            for (int d = 0; d < directions; ++d) {
                work.at(static_cast<double>(d) / directions);
                const double theta = half * d / directions;
                const Point way{std::cos(theta), std::sin(theta)}, up{-way.y, way.x};
                const double tight = pushed_against(first, first, {{}}, {}, way);
                for (const double wider : {1.0, 1.2}) {
                    const Point along = wider * tight * way;
                    std::vector<Point> row;
                    for (int k = -3; k <= 3; ++k)
                        row.push_back(static_cast<double>(k) * along);
                    const auto lowest = [&](const Posture& on, const Posture& put) {
                        std::pair<double, double> best{HUGE_VAL, 0}; // height and place along
                        for (int o = 0; o < offsets; ++o) {
                            const double share = static_cast<double>(o) / offsets;
                            const double height = pushed_against(on, put, row, share * along, up);
                            if (height < best.first)
                                best = {height, share};
                        }
                        return best;
                    };
                    const auto [rise, shift] = lowest(first, second);
                    Lattice lattice{f, s, s != f, shift * along + rise * up, along, shift * along + rise * up, 0};
                    if (lattice.is_double) {
                        const auto [again, shift_again] = lowest(second, first);
                        lattice.across = lattice.between + shift_again * along + again * up;
                        // First on first of the row but one: nearly always far enough, else opened later.
                    }
                    lattice.mm2_each = std::abs(cross(lattice.along, lattice.across)) / (lattice.is_double ? 2 : 1);
                    found.push_back({lattice, up});
                }
            }
        }
    std::sort(found.begin(), found.end(),
              [](const Found& l, const Found& r) { return l.lattice.mm2_each < r.lattice.mm2_each; });
    std::vector<Lattice> dense;
    for (Found& f : found) {
        if (dense.size() >= kept)
            break;
        if (!made_exact(f.lattice, postures, f.way))
            continue;
        f.lattice.mm2_each = std::abs(cross(f.lattice.along, f.lattice.across)) / (f.lattice.is_double ? 2 : 1);
        dense.push_back(f.lattice);
    }
    return dense;
}

std::vector<std::pair<std::size_t, Point>> best_phase(const Lattice& lattice, const std::vector<Posture>& postures,
                                                      const FillPage& page) {
    const Rect box = page.extent();
    const double det = cross(lattice.along, lattice.across);
    const auto places_at = [&](Point phase) {
        // Cells whose origin may lie in the box, from its corners in steps of the lattice.
        double least_i = HUGE_VAL, most_i = -HUGE_VAL, least_k = HUGE_VAL, most_k = -HUGE_VAL;
        for (const Point corner : corners_of(box.grown(norm(lattice.between)))) {
            const Point p = corner - phase;
            const double i = cross(p, lattice.across) / det, k = cross(lattice.along, p) / det;
            least_i = std::min(least_i, i), most_i = std::max(most_i, i);
            least_k = std::min(least_k, k), most_k = std::max(most_k, k);
        }
        std::vector<std::pair<std::size_t, Point>> places;
        for (int k = static_cast<int>(std::floor(least_k)); k <= static_cast<int>(std::ceil(most_k)); ++k)
            for (int i = static_cast<int>(std::floor(least_i)); i <= static_cast<int>(std::ceil(most_i)); ++i) {
                const Point cell =
                    phase + static_cast<double>(i) * lattice.along + static_cast<double>(k) * lattice.across;
                places.emplace_back(lattice.first, cell);
                if (lattice.is_double)
                    places.emplace_back(lattice.second, cell + lattice.between);
            }
        constexpr double rough = -0.15; // what fields may be off by; checked on the outlines at the end
        std::erase_if(places, [&](const auto& place) {
            const Posture& posture = postures[place.first];
            const Rect room = page.room_for(posture).grown(1e-6);
            return !room.contains(place.second) || page.fit(posture, place.second, rough).clearance < rough;
        });
        return places;
    };
    std::vector<Point> phases;
    constexpr int steps = 7;
    for (int v = 0; v < steps; ++v)
        for (int u = 0; u < steps; ++u)
            phases.push_back(box.min + (static_cast<double>(u) / steps) * lattice.along +
                             (static_cast<double>(v) / steps) * lattice.across);
    // Against the edges, where a tidy grid fits best.
    for (const std::size_t which : {lattice.first, lattice.second}) {
        const Rect room = page.room_for(postures[which]);
        const Point back = which == lattice.first ? Point{} : lattice.between;
        constexpr double hair = 2e-3;
        for (const Point corner : corners_of(room.grown(-hair)))
            phases.push_back(corner - back);
    }
    std::vector<std::pair<std::size_t, Point>> best;
    for (const Point phase : phases)
        if (auto places = places_at(phase); places.size() > best.size())
            best = std::move(places);
    return best;
}

} // namespace fusuma
