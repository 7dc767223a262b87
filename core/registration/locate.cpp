#include "core/registration/locate.h"

#include <algorithm>
#include <array>
#include <numbers>

namespace fusuma {

namespace {

/// Which spot each mark is, or none.
using Assignment = std::vector<std::optional<std::size_t>>;

struct Guess {
    Assignment spots;
    std::size_t count = 0;
    double error = HUGE_VAL; ///< mm, rms of the fit through them

    [[nodiscard]] bool is_better_than(const Guess& other) const {
        return count != other.count ? count > other.count : error < other.error;
    }
};

std::vector<Pair> pairs_of(const std::vector<Mark>& marks, const std::vector<std::optional<Point>>& found) {
    std::vector<Pair> pairs;
    for (std::size_t i = 0; i < marks.size(); ++i)
        if (found[i])
            pairs.push_back({marks[i].centre, *found[i]});
    return pairs;
}

bool are_on_one_line(const std::vector<Pair>& pairs) {
    constexpr double least_area = 100; // mm²
    for (const Pair& a : pairs)
        for (const Pair& b : pairs)
            for (const Pair& c : pairs)
                if (cross(b.wanted - a.wanted, c.wanted - a.wanted) > least_area)
                    return false;
    return true;
}

Transform best_fit(const std::vector<Pair>& pairs) {
    return pairs.size() < 3 || are_on_one_line(pairs) ? fit_similarity(pairs)
           : pairs.size() == 3                        ? fit_stretched(pairs)
                                                      : fit_affine(pairs);
}

std::vector<std::optional<Point>> places_of(const Assignment& assignment, const std::vector<Spot>& spots) {
    std::vector<std::optional<Point>> places(assignment.size());
    for (std::size_t i = 0; i < assignment.size(); ++i)
        if (assignment[i])
            places[i] = spots[*assignment[i]].at;
    return places;
}

/// For each mark the spot nearest to where a map puts it, each spot once.
Guess assigned(const std::vector<Mark>& marks, const std::vector<Spot>& spots, const Transform& map, double reach) {
    Guess guess{Assignment(marks.size()), 0, HUGE_VAL};
    std::vector<char> taken(spots.size());
    for (std::size_t m = 0; m < marks.size(); ++m) {
        const Point at = map.apply(marks[m].centre);
        double nearest = reach;
        for (std::size_t s = 0; s < spots.size(); ++s)
            if (const double far = distance(spots[s].at, at); far < nearest && !taken[s]) {
                nearest = far;
                guess.spots[m] = s;
            }
        if (guess.spots[m]) {
            taken[*guess.spots[m]] = 1;
            ++guess.count;
        }
    }
    return guess;
}

double turn_off(const Transform& map) { // from straight or upside down
    const double turn = std::abs(std::atan2(map.b, map.a));
    return std::min(turn, std::numbers::pi - turn);
}

/// The best guess for each way that the sheet may lie: straight and upside down.
std::array<Guess, 2> guesses(const std::vector<Mark>& marks, const std::vector<Spot>& spots,
                             const RegistrationLimits& limits) {
    std::array<Guess, 2> best;
    constexpr double reach = 3, close = 1; // mm: stretched by different shares across and down; after a fit of all
    for (std::size_t a = 0; a < marks.size(); ++a)
        for (std::size_t b = a + 1; b < marks.size(); ++b) {
            const double wanted = distance(marks[a].centre, marks[b].centre);
            for (std::size_t s = 0; s < spots.size(); ++s)
                for (std::size_t t = 0; t < spots.size(); ++t) {
                    const double seen = distance(spots[s].at, spots[t].at);
                    if (s == t || std::abs(seen / wanted - 1) > limits.stretch + 0.3 / wanted)
                        continue;
                    const Transform map =
                        fit_similarity({{marks[a].centre, spots[s].at}, {marks[b].centre, spots[t].at}});
                    if (turn_off(map) > limits.turn)
                        continue;
                    Guess guess = assigned(marks, spots, map, reach);
                    const std::size_t way = map.a < 0 ? 1 : 0;
                    if (guess.count < 3 || guess.count < best[way].count)
                        continue;
                    const auto refit = best_fit(pairs_of(marks, places_of(guess.spots, spots)));
                    guess = assigned(marks, spots, refit, close);
                    const auto pairs = pairs_of(marks, places_of(guess.spots, spots));
                    if (pairs.size() < 3)
                        continue;
                    guess.error = root_mean_square(residuals(pairs, best_fit(pairs)));
                    if (guess.is_better_than(best[way]))
                        best[way] = std::move(guess);
                }
        }
    return best;
}

/// Fills in fit and residuals from the places found.
void fit_to(Registration& r, const std::vector<Mark>& marks) {
    const auto pairs = pairs_of(marks, r.found);
    r.marks_found = pairs.size();
    r.fit = best_fit(pairs);
    const auto left = residuals(pairs, r.fit);
    r.residual = root_mean_square(left);
    r.residuals.assign(marks.size(), 0);
    for (std::size_t i = 0, k = 0; i < marks.size(); ++i)
        if (r.found[i])
            r.residuals[i] = left[k++];
}

/// The mark without which all others agree, when there is one.
std::optional<std::size_t> odd_one_out(const Registration& r, const std::vector<Mark>& marks, double limit) {
    std::optional<std::size_t> odd;
    double least = limit;
    for (std::size_t i = 0; i < marks.size(); ++i) {
        Registration without = r;
        without.found[i].reset();
        const auto pairs = pairs_of(marks, without.found);
        if (!r.found[i] || pairs.size() < 4 || are_on_one_line(pairs))
            continue;
        fit_to(without, marks);
        if (const double most = *std::ranges::max_element(without.residuals); most < least) {
            least = most;
            odd = i;
        }
    }
    return odd;
}

Said missing_words(const std::vector<Mark>& marks, const Registration& r) {
    std::vector<Said> names;
    for (std::size_t i = 0; i < marks.size(); ++i)
        if (!r.found[i])
            names.push_back(name_of(marks, i));
    const std::size_t missing = names.size();
    return "%n marks were not found: {marks}. Smudged or covered?"_said
        .counted(missing, "A mark was not found: {marks}. Smudged or covered?")
        .with_list("marks", std::move(names));
}

} // namespace

Said name_of(const std::vector<Mark>& marks, std::size_t mark) {
    Rect box;
    for (const Mark& m : marks)
        box.include(m.centre);
    const auto place_of = [&](std::size_t i) {
        const Point p = marks[i].centre;
        const auto part = [](double at, double from, double size) { return size > 0 ? (at - from) / size : 0.5; };
        const double x = part(p.x, box.min.x, box.width()), y = part(p.y, box.min.y, box.height());
        const auto third = [](double part_of) { return part_of < 0.3 ? 0 : part_of > 0.7 ? 2 : 1; };
        return 3 * third(y) + third(x);
    };
    const int place = place_of(mark);
    const auto from_edge = [&](std::size_t i) {
        const Point p = marks[i].centre;
        return std::min(p.x - box.min.x, box.max.x - p.x) + std::min(p.y - box.min.y, box.max.y - p.y);
    };
    bool is_inner = false;
    for (std::size_t i = 0; i < marks.size(); ++i)
        is_inner = is_inner || (i != mark && place_of(i) == place && from_edge(i) < from_edge(mark));
    const std::array places{"at the top left"_said,    "at the top middle"_said,    "at the top right"_said,
                            "at the middle left"_said, "at the middle"_said,        "at the middle right"_said,
                            "at the bottom left"_said, "at the bottom middle"_said, "at the bottom right"_said};
    const MarkShape shape = marks[mark].shape;
    return (shape == MarkShape::dot     ? is_inner ? "the inner dot {place}"_said : "the dot {place}"_said
            : shape == MarkShape::cross ? is_inner ? "the inner cross {place}"_said : "the cross {place}"_said
            : is_inner                  ? "the inner ring {place}"_said
                                        : "the ring {place}"_said)
        .with("place", places[static_cast<std::size_t>(place)]);
}

namespace {

/// Tells so in the reason.
bool is_stretched(Registration& r, const RegistrationLimits& limits) {
    const Pose pose = pose_of(r.fit, {});
    if (std::max(std::abs(pose.stretch_x - 1), std::abs(pose.stretch_y - 1)) <= limits.stretch)
        return false;
    r.reason = "The print is stretched by more than {share} %: was it printed at actual size?"_said.with(
        "share", std::lround(limits.stretch * 100));
    return true;
}

} // namespace

Registration locate(const std::vector<Mark>& marks, const std::vector<Spot>& spots, const RegistrationLimits& limits) {
    Registration r;
    r.found.resize(marks.size());
    r.residuals.assign(marks.size(), 0);
    if (marks.size() < 3) {
        r.reason = "This sheet has fewer than three marks, so a sensor cannot find it."_said;
        return r;
    }
    const std::array<Guess, 2> ways = guesses(marks, spots, limits);
    const std::size_t way = ways[1].is_better_than(ways[0]) ? 1 : 0;
    const Guess &best = ways[way], &other = ways[1 - way];
    if (best.count < 3) {
        r.reason =
            spots.empty()
                ? "No mark was found. Is the sheet loaded, printed side up?"_said
                : "Only %n spots like marks were found, and they do not lie as the marks do. Is this the sheet that was printed?"_said
                      .counted(spots.size(),
                               "Only one spot like a mark was found. Is this the sheet that was printed?");
        return r;
    }
    r.found = places_of(best.spots, spots);
    fit_to(r, marks);
    if (other.count == best.count && other.error < limits.residual) {
        r.reason = "The marks fit as well the other way up. Say which way the sheet lies, or find it by hand."_said;
        return r;
    }
    if (*std::ranges::max_element(r.residuals) > limits.residual)
        if (const auto odd = odd_one_out(r, marks, limits.residual)) {
            const double off = distance(*r.found[*odd],
                                        [&] {
                                            Registration without = r;
                                            without.found[*odd].reset();
                                            fit_to(without, marks);
                                            return without.fit;
                                        }()
                                            .apply(marks[*odd].centre));
            r.found[*odd].reset();
            fit_to(r, marks);
            r.reason =
                "A mark lies {mm} mm from where the others say it should: {mark}. Smudged?"_said.with("mm", off, 2)
                    .with("mark", name_of(marks, *odd));
        }
    const double worst = *std::ranges::max_element(r.residuals);
    if (worst > limits.residual) {
        r.reason =
            "The marks are left {mm} mm off, more than {most} mm: is the sheet flat, and is it the one that was printed?"_said
                .with("mm", worst, 2)
                .with("most", limits.residual, 2);
        return r;
    }
    if (marks.size() - r.marks_found > limits.may_be_missing) {
        if (r.reason.empty())
            r.reason = missing_words(marks, r);
        return r;
    }
    if (is_stretched(r, limits))
        return r;
    r.accepted = true;
    r.reason = r.marks_found < 4 ? "Only three marks were used, so nothing checks the result."_said : Said();
    return r;
}

Registration located_by_hand(const std::vector<Mark>& marks, const std::vector<std::optional<Point>>& pointed,
                             const RegistrationLimits& limits) {
    Registration r;
    r.found = pointed;
    r.found.resize(marks.size());
    r.residuals.assign(marks.size(), 0);
    const auto pairs = pairs_of(marks, r.found);
    r.marks_found = pairs.size();
    if (pairs.size() < 3 || are_on_one_line(pairs)) {
        r.reason = "Point at three marks or more that are not on one line."_said;
        return r;
    }
    fit_to(r, marks);
    if (const double worst = *std::ranges::max_element(r.residuals); worst > limits.residual) {
        const auto odd = odd_one_out(r, marks, limits.residual);
        r.reason = "The places differ by {mm} mm."_said.with("mm", worst, 2)
                       .then(odd ? "The others agree: look again at {mark}."_said.with("mark", name_of(marks, *odd))
                                 : "Which one is off cannot be told: look at each again, or at a fifth."_said);
        return r;
    }
    if (is_stretched(r, limits))
        return r;
    r.accepted = true;
    if (pairs.size() == 3)
        r.reason = "Three marks leave little to check by: look at the first cut."_said;
    return r;
}

} // namespace fusuma
