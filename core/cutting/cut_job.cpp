#include "core/cutting/cut_job.h"

#include "core/cutting/cutting_time.h"
#include "core/cutting/drag_blade.h"
#include "core/cutting/route.h"
#include "core/cutting/walk.h"
#include "core/geometry/measure.h"
#include "core/geometry/region.h"

#include <algorithm>
#include <map>

namespace fusuma {

namespace {

struct JobLine {
    Walk walk;
    CutKind kind;
    CopyId copy;
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
using LineGroup = std::vector<std::size_t>;

std::vector<JobLine> lines_of(std::vector<FlatPath> paths) {
    std::vector<JobLine> lines;
    lines.reserve(paths.size());
    for (FlatPath& path : paths) {
        Walk walk(std::move(path.points), path.is_closed);
        std::vector<double> starts = gentle_starts(walk);
        lines.push_back({std::move(walk), path.kind, path.copy, std::move(starts), {}});
        lines.back().box = bounds(lines.back().walk.line());
    }
    return lines;
}

std::vector<LineGroup> by_copy(const std::vector<JobLine>& lines, CutKind kind, bool dividing) {
    std::vector<LineGroup> units;
    std::map<CopyId, std::size_t> unit_of;
    for (std::size_t i = 0; i < lines.size(); ++i)
        if (lines[i].kind == kind && (lines[i].copy == CopyId::none) == dividing) {
            const auto [it, is_new] = unit_of.try_emplace(lines[i].copy, units.size());
            if (is_new)
                units.emplace_back();
            units[it->second].push_back(i);
        }
    return units;
}

/// A unit's pieces: each line that nothing is round, with all that lies in it. Every line learns how many are round it.
std::vector<LineGroup> pieces_of(std::vector<JobLine>& lines, const LineGroup& unit) {
    Polygons points;
    std::vector<char> is_open;
    for (const std::size_t i : unit) {
        points.push_back(lines[i].walk.line());
        is_open.push_back(!lines[i].walk.is_closed());
    }
    const auto nesting = nesting_of(points, is_open);
    const std::vector<int> depths = depths_of(nesting);
    std::vector<LineGroup> pieces;
    std::vector<std::size_t> piece_of(unit.size());
    for (std::size_t k = 0; k < unit.size(); ++k) {
        lines[unit[k]].inside = depths[k];
        if (!nesting[k]) {
            piece_of[k] = pieces.size();
            pieces.push_back({unit[k]});
        }
    }
    for (std::size_t k = 0; k < unit.size(); ++k)
        if (nesting[k]) {
            std::size_t outermost = *nesting[k];
            while (nesting[outermost])
                outermost = *nesting[outermost];
            pieces[piece_of[outermost]].push_back(unit[k]);
        }
    return pieces;
}

/// Puts a unit's lines into the order in which they are cut, coming from `at` and going on towards `next`, and chooses
/// where each is entered: the innermost first, otherwise the nearest.
void arrange(std::vector<JobLine>& lines, LineGroup& unit, Point at, Point next) {
    for (std::size_t k = 0; k < unit.size(); ++k) {
        const auto is_better = [&](std::size_t a, std::size_t b) {
            const JobLine &l = lines[a], &r = lines[b];
            const auto rank = [](const JobLine& line) { return line.walk.is_closed() ? -line.inside : -1000; };
            if (rank(l) != rank(r))
                return rank(l) < rank(r);
            return distance(at, l.box.centre()) < distance(at, r.box.centre());
        };
        const auto from = unit.begin() + static_cast<std::ptrdiff_t>(k);
        std::iter_swap(from, std::min_element(from, unit.end(), is_better));
        JobLine& line = lines[unit[k]];
        line.start_near(at, k + 1 < unit.size() ? line.box.centre() : next);
        at = line.out();
    }
}

/// The units in a short order, their lines arranged. Returns the travel from `home`.
double put_in_order(std::vector<JobLine>& lines, std::vector<LineGroup>& units, Point home) {
    std::vector<Stop> stops;
    for (const LineGroup& unit : units) {
        Rect box;
        for (const std::size_t i : unit)
            box.include(lines[i].box);
        stops.push_back({box.centre(), box.centre()});
    }
    double way = HUGE_VAL;
    constexpr int rounds = 2; // around the middles first, then around the real starts
    for (int round = 0; round < rounds; ++round) {
        const std::vector<std::size_t> order = short_route(stops, home);
        std::vector<LineGroup> ordered;
        for (const std::size_t i : order)
            ordered.push_back(units[i]);
        std::vector<double> starts_before;
        for (const JobLine& line : lines)
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
LineGroup ordered(std::vector<JobLine>& lines, Point home) {
    LineGroup order;
    for (const CutKind kind : {CutKind::kiss, CutKind::score, CutKind::through})
        for (const bool dividing : {false, true}) {
            std::vector<LineGroup> units = by_copy(lines, kind, dividing);
            if (units.empty())
                continue;
            std::vector<LineGroup> pieces;
            for (const LineGroup& unit : units)
                std::ranges::move(pieces_of(lines, unit), std::back_inserter(pieces));
            const double by_units = put_in_order(lines, units, home);
            if (pieces.size() > units.size()) {
                std::vector<JobLine> other = lines;
                if (put_in_order(other, pieces, home) < by_units / 2) {
                    lines = std::move(other);
                    units = std::move(pieces);
                }
            }
            for (const LineGroup& unit : units)
                order.insert(order.end(), unit.begin(), unit.end());
            home = lines[order.back()].out();
        }
    return order;
}

/// The stretches of a line that are cut, from its start on.
std::vector<std::pair<double, double>> spans(const JobLine& line, const Material& material) {
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
    const bool may_loosen = line.walk.is_closed() || line.copy == CopyId::none; // what it cuts loose, tabs hold
    if (line.kind == CutKind::through && may_loosen && material.tabs > 0 && material.tab > 0 && has_room) {
        const double each = all / material.tabs;
        if (!line.walk.is_closed()) // which is entered at its end, not at a tab
            result.emplace_back(from, from + (each - material.tab) / 2);
        const double first = line.walk.is_closed() ? from : from + each / 2;
        for (int i = 0; i < material.tabs; ++i)
            result.emplace_back(first + i * each + material.tab / 2, std::min(first + (i + 1) * each - material.tab / 2,
                                                                              line.walk.is_closed() ? HUGE_VAL : end));
        return result;
    }
    result.emplace_back(from, line.walk.is_closed() ? end + std::min(material.overcut, all) : end);
    return result;
}

} // namespace

CutJob cut_job(const std::vector<CutPath>& paths, const CutSetup& setup) {
    std::vector<JobLine> lines = lines_of(without_doubled(flattened(paths, setup.to_machine)));
    CutJob job;
    Point at = setup.home, facing{1, 0};
    const auto run = [&](const JobLine& line, std::vector<Point> tip) {
        std::vector<Point> axis =
            setup.material.blade_offset > 0 ? axis_path(tip, setup.material.blade_offset, facing) : tip;
        const double way = distance(at, axis.front());
        job.travel_mm += way;
        for (std::size_t i = 1; i < axis.size(); ++i)
            job.cut_mm += distance(axis[i - 1], axis[i]);
        at = axis.back();
        job.runs.push_back({std::move(tip), std::move(axis), line.kind, line.copy});
    };
    for (const std::size_t i : ordered(lines, setup.home)) {
        const JobLine& line = lines[i];
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
