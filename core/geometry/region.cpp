#include "core/geometry/region.h"

#include "core/geometry/boolean.h"
#include "core/geometry/box_grid.h"
#include "core/geometry/measure.h"

#include <algorithm>
#include <cassert>
#include <memory>
#include <numeric>

namespace fusuma {

namespace {

/// Does p to q lead from one side of the line through a and b to the other? Not where an end lies on the line, to what
/// the clipper can tell: it rounds the corners it makes, which may leave them a step beyond an edge that they touch.
bool changes_sides(Point a, Point b, Point p, Point q) {
    const double one = cross(b - a, p - a), other = cross(b - a, q - a);
    return one * other < 0 && std::fmin(std::abs(one), std::abs(other)) > 2 * boolean_step * distance(a, b);
}

/// Do any two edges cross, other than by touching?
bool have_crossings(const Polygons& polygons) {
    struct Edge {
        Point from, to;
    };
    std::vector<Edge> edges;
    std::vector<Rect> boxes;
    for (const Polygon& polygon : polygons)
        for (std::size_t i = 0; i < polygon.size(); ++i) {
            edges.push_back({polygon[i], polygon[i + 1 < polygon.size() ? i + 1 : 0]});
            Rect& box = boxes.emplace_back();
            box.include(edges.back().from);
            box.include(edges.back().to);
        }
    const BoxGrid grid(std::move(boxes));
    for (std::size_t a = 0; a < edges.size(); ++a)
        for (const std::size_t b : grid.overlapping(grid.box(a)))
            if (b > a && changes_sides(edges[a].from, edges[a].to, edges[b].from, edges[b].to) &&
                changes_sides(edges[b].from, edges[b].to, edges[a].from, edges[a].to))
                return true;
    return false;
}

/// Does a line lie in a region that goes round it? One of its points may touch the edge, so three are asked.
bool lies_in(const Polygon& line, const Regions& region) {
    std::size_t inside = 0;
    for (const std::size_t i : {std::size_t{0}, line.size() / 3, 2 * line.size() / 3})
        inside += region.contains(line[i]);
    return inside >= 2;
}

bool is_flat(const Polygon& polygon) {
    return polygon.size() < 3 || signed_area(polygon) == 0;
}

} // namespace

Region::Region(Polygon outer, Polygons holes) {
    if (signed_area(outer) < 0)
        std::ranges::reverse(outer);
    contours.push_back(std::move(outer));
    for (Polygon& hole : holes) {
        if (signed_area(hole) > 0)
            std::ranges::reverse(hole);
        contours.push_back(std::move(hole));
    }
    extent = bounds(contours);
    std::size_t count = 0;
    for (const Polygon& polygon : contours) {
        inside += signed_area(polygon);
        count += polygon.size();
    }
    // About four edges to a bin; long upright ones stand in many, so there are never more bins than edges.
    const std::size_t bins = std::max<std::size_t>(1, count / 4);
    bin_end.assign(bins, 0);
    const auto for_each_edge = [this](auto&& visit) {
        for (const Polygon& polygon : contours)
            for (std::size_t i = 0; i < polygon.size(); ++i) {
                const Point from = polygon[i], to = polygon[i + 1 < polygon.size() ? i + 1 : 0];
                visit(Edge{from, to}, bin_of(std::min(from.y, to.y)), bin_of(std::max(from.y, to.y)));
            }
    };
    for_each_edge([this](const Edge&, std::size_t first, std::size_t last) {
        for (std::size_t bin = first; bin <= last; ++bin)
            ++bin_end[bin];
    });
    std::partial_sum(bin_end.begin(), bin_end.end(), bin_end.begin());
    edges.resize(bin_end.back());
    std::vector<std::uint32_t> next(bins);
    std::copy(bin_end.begin(), bin_end.end() - 1, next.begin() + 1);
    for_each_edge([&](const Edge& edge, std::size_t first, std::size_t last) {
        for (std::size_t bin = first; bin <= last; ++bin)
            edges[next[bin]++] = edge;
    });
    assert(is_valid(*this));
}

std::size_t Region::bin_of(double y) const {
    const double bins = static_cast<double>(bin_end.size());
    const double at = extent.height() > 0 ? (y - extent.min.y) / extent.height() * bins : 0;
    return static_cast<std::size_t>(std::clamp(at, 0.0, bins - 1));
}

bool Region::contains(Point p) const {
    if (!extent.contains(p))
        return false;
    const std::size_t bin = bin_of(p.y);
    bool is_inside = false;
    for (std::size_t i = bin == 0 ? 0 : bin_end[bin - 1]; i < bin_end[bin]; ++i) {
        const auto& [a, b] = edges[i];
        if ((a.y > p.y) != (b.y > p.y) && p.x < a.x + (b.x - a.x) * (p.y - a.y) / (b.y - a.y))
            is_inside = !is_inside;
    }
    return is_inside;
}

bool is_valid(const Region& region) {
    const Polygons& polygons = region.polygons();
    if (std::ranges::any_of(polygons, is_flat) || signed_area(polygons.front()) <= 0 || !(region.area() > 0))
        return false;
    const Rect around = bounds(polygons.front());
    for (std::size_t i = 1; i < polygons.size(); ++i) {
        const Rect hole = bounds(polygons[i]);
        if (signed_area(polygons[i]) > 0 || overlap(hole, around) != hole)
            return false;
    }
    return !have_crossings(polygons);
}

Regions::Regions(const Polygons& polygons) {
    const Polygons clean = have_crossings(polygons) ? combine(polygons, {}, Combine::join) : polygons;
    const auto nesting = nesting_of(clean);
    const std::vector<int> depths = depths_of(nesting);
    std::vector<Polygons> holes(clean.size());
    for (std::size_t i = 0; i < clean.size(); ++i)
        if (depths[i] % 2 == 1 && !is_flat(clean[i]))
            holes[*nesting[i]].push_back(clean[i]);
    for (std::size_t i = 0; i < clean.size(); ++i)
        if (depths[i] % 2 == 0 && !is_flat(clean[i]))
            all.emplace_back(clean[i], std::move(holes[i]));
}

double Regions::area() const {
    return std::accumulate(all.begin(), all.end(), 0.0,
                           [](double sum, const Region& region) { return sum + region.area(); });
}

const Region* Regions::piece_at(Point p) const {
    const auto found = std::ranges::find_if(all, [p](const Region& region) { return region.contains(p); });
    return found == all.end() ? nullptr : &*found;
}

std::vector<std::optional<std::size_t>> nesting_of(const Polygons& lines, const std::vector<char>& is_open) {
    std::vector<std::optional<std::size_t>> nesting(lines.size());
    std::vector<Rect> boxes;
    std::vector<double> sizes;
    std::vector<char> can_hold;
    for (const Polygon& line : lines) {
        boxes.push_back(bounds(line));
        sizes.push_back(std::abs(signed_area(line)));
        can_hold.push_back(!is_flat(line) && (is_open.empty() || !is_open[can_hold.size()]));
    }
    const BoxGrid grid(boxes);
    std::vector<std::unique_ptr<const Regions>> known(lines.size()); // made when something is asked of it
    for (std::size_t i = 0; i < lines.size(); ++i) {
        if (lines[i].empty())
            continue;
        const bool is_line = !is_open.empty() && is_open[i];
        for (const std::size_t k : grid.overlapping(boxes[i])) {
            const bool is_larger = is_line || sizes[k] > sizes[i] || (sizes[k] == sizes[i] && k < i);
            if (k == i || !is_larger || !can_hold[k] || overlap(boxes[i], boxes[k]) != boxes[i] ||
                (nesting[i] && sizes[*nesting[i]] <= sizes[k]))
                continue;
            if (!known[k])
                known[k] = std::make_unique<const Regions>(Polygons{lines[k]});
            if (lies_in(lines[i], *known[k]))
                nesting[i] = k;
        }
    }
    return nesting;
}

std::vector<int> depths_of(const std::vector<std::optional<std::size_t>>& nesting) {
    std::vector<int> depths(nesting.size());
    for (std::size_t i = 0; i < nesting.size(); ++i)
        for (auto around = nesting[i]; around; around = nesting[*around])
            ++depths[i];
    return depths;
}

} // namespace fusuma
