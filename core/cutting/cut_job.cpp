#include "core/cutting/cut_job.h"

#include "core/cutting/cutting_time.h"
#include "core/cutting/drag_blade.h"
#include "core/cutting/route.h"
#include "core/cutting/walk.h"
#include "core/geometry/box_grid.h"
#include "core/geometry/measure.h"

#include <algorithm>
#include <map>

namespace fusuma {

namespace {

struct Line {
    Walk walk;
    CutKind kind;
    std::size_t placement;
    std::vector<double> starts;
    Rect box;
    int inside = 0;   ///< how many other lines of its copy are round it
    double start = 0; ///< mm along it, where the blade goes in

    [[nodiscard]] Point in() const { return walk.at(start); }
    [[nodiscard]] Point out() const { return walk.is_closed() ? in() : walk.line().back(); }
    void start_near(Point before, Point after) {
        double least = HUGE_VAL;
        for (const double place : starts) {
            const Point p = walk.at(place);
            if (const double way = distance(before, p) + distance(p, after); way < least) {
                least = way;
                start = place;
            }
        }
    }
};

/// Lines that are cut one after the other.
using Unit = std::vector<std::size_t>;

std::vector<Line> lines_of(std::vector<FlatPath> paths) {
    std::vector<Line> lines;
    lines.reserve(paths.size());
    for (FlatPath& path : paths) {
        Walk walk(std::move(path.points), path.is_closed);
        std::vector<double> starts = gentle_starts(walk);
        lines.push_back({std::move(walk), path.kind, path.placement, std::move(starts), {}});
        lines.back().box = bounds(Polygons{lines.back().walk.line()});
    }
    return lines;
}

std::vector<Unit> by_copy(const std::vector<Line>& lines, CutKind kind, bool dividing) {
    std::map<std::size_t, Unit> copies;
    for (std::size_t i = 0; i < lines.size(); ++i)
        if (lines[i].kind == kind && (lines[i].placement == no_copy) == dividing)
            copies[lines[i].placement].push_back(i);
    std::vector<Unit> units;
    for (auto& [copy, unit] : copies)
        units.push_back(std::move(unit));
    return units;
}

/// Counts for each line how many of its unit's are round it.
void nest(std::vector<Line>& lines, const Unit& unit) {
    for (const std::size_t inner : unit)
        for (const std::size_t outer : unit) {
            const Line &in = lines[inner], &out = lines[outer];
            if (inner != outer && out.walk.is_closed() && out.box.contains(in.box.min) &&
                out.box.contains(in.box.max) && contains({out.walk.line()}, in.walk.line().front()))
                ++lines[inner].inside;
        }
}

/// A unit's pieces: each line that nothing is round, with all that lies in it.
std::vector<Unit> pieces_of(const std::vector<Line>& lines, const Unit& unit) {
    std::vector<Unit> pieces;
    for (const std::size_t i : unit)
        if (lines[i].inside == 0)
            pieces.push_back({i});
    for (const std::size_t i : unit)
        for (Unit& piece : pieces)
            if (lines[i].inside > 0 && lines[piece.front()].box.contains(lines[i].box.min) &&
                contains({lines[piece.front()].walk.line()}, lines[i].walk.line().front())) {
                piece.push_back(i);
                break;
            }
    return pieces;
}

/// Puts a unit's lines into the order in which they are cut, coming from `at` and going on towards `next`, and chooses
/// where each is entered: the innermost first, otherwise the nearest.
void arrange(std::vector<Line>& lines, Unit& unit, Point at, Point next) {
    for (std::size_t k = 0; k < unit.size(); ++k) {
        const auto is_better = [&](std::size_t a, std::size_t b) {
            const Line &l = lines[a], &r = lines[b];
            const auto rank = [](const Line& line) { return line.walk.is_closed() ? -line.inside : -1000; };
            if (rank(l) != rank(r))
                return rank(l) < rank(r);
            return distance(at, l.box.centre()) < distance(at, r.box.centre());
        };
        const auto from = unit.begin() + static_cast<std::ptrdiff_t>(k);
        std::iter_swap(from, std::min_element(from, unit.end(), is_better));
        Line& line = lines[unit[k]];
        line.start_near(at, k + 1 < unit.size() ? line.box.centre() : next);
        at = line.out();
    }
}

/// The units in a short order, their lines arranged. Returns the travel from `home`.
double put_in_order(std::vector<Line>& lines, std::vector<Unit>& units, Point home) {
    std::vector<Stop> stops;
    for (const Unit& unit : units) {
        Rect box;
        for (const std::size_t i : unit)
            box.include(lines[i].box);
        stops.push_back({box.centre(), box.centre()});
    }
    double way = HUGE_VAL;
    constexpr int rounds = 2; // around the middles first, then around the real starts
    for (int round = 0; round < rounds; ++round) {
        const std::vector<std::size_t> order = short_route(stops, home);
        std::vector<Unit> ordered;
        for (const std::size_t i : order)
            ordered.push_back(units[i]);
        std::vector<double> starts_before;
        for (const Line& line : lines)
            starts_before.push_back(line.start);
        Point at = home;
        double length = 0;
        std::vector<Stop> real(stops.size());
        for (std::size_t k = 0; k < ordered.size(); ++k) {
            arrange(lines, ordered[k], at, k + 1 < ordered.size() ? stops[order[k + 1]].in : at);
            for (const std::size_t i : ordered[k]) {
                length += distance(at, lines[i].in());
                at = lines[i].out();
            }
            real[k] = {lines[ordered[k].front()].in(), lines[ordered[k].back()].out()};
        }
        if (length >= way - 1e-9) {
            for (std::size_t i = 0; i < lines.size(); ++i)
                lines[i].start = starts_before[i];
            break;
        }
        way = length;
        units = std::move(ordered);
        stops = std::move(real);
    }
    return way;
}

/// All lines in the order in which they are cut.
Unit ordered(std::vector<Line>& lines, Point home) {
    Unit order;
    for (const CutKind kind : {CutKind::kiss, CutKind::score, CutKind::through})
        for (const bool dividing : {false, true}) {
            std::vector<Unit> units = by_copy(lines, kind, dividing);
            if (units.empty())
                continue;
            std::vector<Unit> pieces;
            for (const Unit& unit : units) {
                nest(lines, unit);
                std::ranges::move(pieces_of(lines, unit), std::back_inserter(pieces));
            }
            const double by_units = put_in_order(lines, units, home);
            if (pieces.size() > units.size()) {
                std::vector<Line> other = lines;
                if (put_in_order(other, pieces, home) < by_units / 2) {
                    lines = std::move(other);
                    units = std::move(pieces);
                }
            }
            for (const Unit& unit : units)
                order.insert(order.end(), unit.begin(), unit.end());
            home = lines[order.back()].out();
        }
    return order;
}

/// The stretches of a line that are cut, from its start on.
std::vector<std::pair<double, double>> spans(const Line& line, const Material& material) {
    const double from = line.start, all = line.walk.length();
    const double end = from + all;
    std::vector<std::pair<double, double>> result;
    if (line.kind == CutKind::score && material.dash_gap > 0) {
        const int dashes = std::max(1, static_cast<int>(std::lround(all / (material.dash + material.dash_gap))));
        const double each = all / dashes, share = material.dash / (material.dash + material.dash_gap);
        for (int i = 0; i < dashes; ++i)
            result.emplace_back(from + i * each, from + (i + share) * each);
        return result;
    }
    const bool has_room = all > 2 * material.tabs * material.tab;
    if (line.kind == CutKind::through && line.walk.is_closed() && material.tabs > 0 && material.tab > 0 && has_room) {
        const double each = all / material.tabs;
        for (int i = 0; i < material.tabs; ++i)
            result.emplace_back(from + i * each + material.tab / 2, from + (i + 1) * each - material.tab / 2);
        return result;
    }
    result.emplace_back(from, line.walk.is_closed() ? end + std::min(material.overcut, all) : end);
    return result;
}

} // namespace

CutJob cut_job(const std::vector<CutPath>& paths, const CutSetup& setup) {
    std::vector<Line> lines = lines_of(without_doubled(flattened(paths, setup.to_machine)));
    CutJob job;
    Point at = setup.home, facing{1, 0};
    const auto run = [&](const Line& line, std::vector<Point> tip) {
        std::vector<Point> axis =
            setup.material.blade_offset > 0 ? axis_path(tip, setup.material.blade_offset, facing) : tip;
        const double way = distance(at, axis.front());
        job.travel_mm += way;
        for (std::size_t i = 1; i < axis.size(); ++i)
            job.cut_mm += distance(axis[i - 1], axis[i]);
        at = axis.back();
        job.runs.push_back({std::move(tip), std::move(axis), line.kind, line.placement});
    };
    for (const std::size_t i : ordered(lines, setup.home)) {
        const Line& line = lines[i];
        for (int pass = 0; pass < setup.material.tooling(line.kind).passes; ++pass)
            for (const auto& [from, to] : spans(line, setup.material))
                if (std::vector<Point> tip = line.walk.stretch(from, to); tip.size() > 1 && to > from)
                    run(line, std::move(tip));
    }
    return job;
}

double estimated_seconds(const CutJob& job, const CutSetup& setup) {
    const Motion& motion = setup.motion;
    double seconds = 0;
    Point at = setup.home;
    for (const CutRun& run : job.runs) {
        seconds += seconds_along({at, run.axis.front()}, motion.travel_speed, motion.acceleration) +
                   seconds_along(run.axis, setup.material.tooling(run.kind).speed, motion.acceleration) +
                   2 * motion.lift;
        at = run.axis.back();
    }
    return seconds;
}

} // namespace fusuma
