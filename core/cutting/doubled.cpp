#include "core/cutting/doubled.h"

#include "core/cutting/walk.h"
#include "core/geometry/box_grid.h"
#include "core/geometry/edge_grid.h"

#include <algorithm>
#include <memory>

namespace fusuma {

namespace {

Rect box_of(const FlatPath& path) {
    Rect box;
    for (const Point p : path.points)
        box.include(p);
    return box;
}

/// A path as others are compared with it; its edges are sorted only once they are asked for.
class PathBefore {
  public:
    explicit PathBefore(const FlatPath& flat) : path(flat), box(box_of(flat).grown(same_line_mm)) {}

    [[nodiscard]] const Rect& place() const { return box; }
    [[nodiscard]] bool has_near(Point p) const {
        if (!box.contains(p))
            return false;
        if (!edges) {
            Polygon round = path.points;
            if (!path.is_closed) // there and back, so that nothing joins its ends
                round.insert(round.end(), path.points.rbegin(), path.points.rend());
            edges = std::make_unique<EdgeGrid>(Polygons{std::move(round)});
        }
        return edges->is_near(p, same_line_mm);
    }

  private:
    const FlatPath& path;
    Rect box;
    mutable std::unique_ptr<EdgeGrid> edges;
};

constexpr double least_run = 0.5; // mm: shorter touches are crossings, not doubled lines

bool may_be_doubled(const FlatPath& path, const std::vector<const PathBefore*>& others) {
    double since = least_run / 2;
    for (std::size_t i = 1; i < path.points.size(); ++i) {
        const double edge = distance(path.points[i - 1], path.points[i]);
        for (; since <= edge; since += least_run / 2) {
            const Point p = lerp(path.points[i - 1], path.points[i], since / edge);
            if (std::ranges::any_of(others, [&](const PathBefore* other) { return other->has_near(p); }))
                return true;
        }
        since -= edge;
    }
    return false;
}

/// The parts of a path farther than `same_line_mm` from all the edges.
std::vector<FlatPath> left_of(const FlatPath& path, const std::vector<const PathBefore*>& others) {
    constexpr double step = 0.1; // mm
    const Walk walk(path.points, path.is_closed);
    const int samples = std::max(8, static_cast<int>(walk.length() / step));
    const double each = walk.length() / samples;
    std::vector<char> doubled(static_cast<std::size_t>(samples));
    for (int i = 0; i < samples; ++i) {
        const Point p = walk.at((i + 0.5) * each);
        doubled[static_cast<std::size_t>(i)] =
            std::ranges::any_of(others, [&](const PathBefore* other) { return other->has_near(p); });
    }
    // Runs of the same answer; on a closed line they may go past its start.
    int first = 0;
    while (path.is_closed && first < samples && doubled[static_cast<std::size_t>(first)] == doubled.back())
        ++first;
    if (first == samples)
        first = 0;
    struct Run {
        bool is_doubled;
        double from, to;
    };
    std::vector<Run> runs;
    for (int k = 0; k < samples; ++k) {
        const bool is_doubled = doubled[static_cast<std::size_t>((first + k) % samples)] != 0;
        const double from = (first + k) * each;
        if (runs.empty() || runs.back().is_doubled != is_doubled)
            runs.push_back({is_doubled, from, from});
        runs.back().to = from + each;
    }
    if (std::ranges::none_of(runs, [](const Run& r) { return r.is_doubled && r.to - r.from >= least_run; }))
        return {path};
    std::vector<FlatPath> left;
    for (std::size_t i = 0; i < runs.size(); ++i) {
        if (runs[i].is_doubled && runs[i].to - runs[i].from >= least_run)
            continue;
        const double from = runs[i].from;
        double to = runs[i].to;
        while (i + 1 < runs.size() && !(runs[i + 1].is_doubled && runs[i + 1].to - runs[i + 1].from >= least_run))
            to = runs[++i].to;
        left.push_back({walk.stretch(from, to), false, path.kind, path.copy});
    }
    return left;
}

} // namespace

std::vector<FlatPath> flattened(const std::vector<CutPath>& paths, const Transform& map) {
    constexpr double tolerance = 0.005;
    std::vector<FlatPath> flat;
    flat.reserve(paths.size());
    for (const CutPath& path : paths) {
        FlatPath f{flatten_line(path.line, tolerance), !path.is_open, path.kind, path.copy};
        for (Point& p : f.points)
            p = map.apply(p);
        if (f.points.size() > 1)
            flat.push_back(std::move(f));
    }
    return flat;
}

std::vector<FlatPath> without_doubled(std::vector<FlatPath> paths) {
    std::vector<PathBefore> known;
    std::vector<Rect> boxes;
    for (const FlatPath& path : paths) {
        known.emplace_back(path);
        boxes.push_back(known.back().place());
    }
    const BoxGrid grid(std::move(boxes));
    std::vector<FlatPath> kept;
    kept.reserve(paths.size());
    for (std::size_t i = 0; i < paths.size(); ++i) {
        std::vector<const PathBefore*> before;
        for (const std::size_t k : grid.overlapping(known[i].place()))
            if (k < i && paths[k].kind == paths[i].kind)
                before.push_back(&known[k]);
        if (may_be_doubled(paths[i], before))
            std::ranges::move(left_of(paths[i], before), std::back_inserter(kept));
        else
            kept.push_back(paths[i]);
    }
    return kept;
}

} // namespace fusuma
