#include "core/drawing/drawn_art.h"

#include "core/geometry/measure.h"
#include "core/geometry/combine_curves.h"

#include <algorithm>
#include <cmath>

namespace fusuma {

int lattice_px(double width_mm) {
    constexpr double px_per_mm = 20;
    return static_cast<int>(std::clamp(std::ceil(width_mm * px_per_mm), 200.0, 4000.0));
}

Size on_lattice(Size natural) {
    const double px = lattice_px(natural.width) / natural.width;
    return {natural.width, std::max(1.0, std::ceil(natural.height * px - 1e-6)) / px};
}

Outline region_of(const Area& area) {
    return region_of(area.curves.contours, area.rule);
}

namespace {

constexpr int lines_per_px = 4;

struct RowCrossing {
    double x;
    int turn; ///< +1 where the edge goes down, −1 where it goes up
};

/// Adds the part of [from, to) that lies in each pixel of a row.
void add_span(std::vector<float>& row, double from, double to) {
    from = std::clamp(from, 0.0, static_cast<double>(row.size()));
    to = std::clamp(to, 0.0, static_cast<double>(row.size()));
    for (auto x = static_cast<std::size_t>(from); static_cast<double>(x) < to; ++x)
        row[x] += static_cast<float>(std::min(to, static_cast<double>(x + 1)) - std::max(from, static_cast<double>(x)));
}

/// Calls `paint(y, coverage of the row's pixels)` for every row that the polygons touch.
template <typename Paint>
void scan(const Polygons& polygons, FillRule rule, int width, int height, const Paint& paint) {
    const Rect box = bounds(polygons);
    if (box.empty())
        return;
    struct Edge {
        double top, bottom, x, slope;
        int turn;
    };
    std::vector<Edge> edges;
    for (const Polygon& polygon : polygons)
        for (std::size_t i = 0; i < polygon.size(); ++i) {
            Point a = polygon[i], b = polygon[(i + 1) % polygon.size()];
            if (a.y == b.y)
                continue;
            const int turn = a.y < b.y ? 1 : -1;
            if (turn < 0)
                std::swap(a, b);
            edges.push_back({a.y, b.y, a.x, (b.x - a.x) / (b.y - a.y), turn});
        }
    std::ranges::sort(edges, {}, &Edge::top);
    const int first = std::clamp(static_cast<int>(std::floor(box.min.y)), 0, height);
    const int last = std::clamp(static_cast<int>(std::ceil(box.max.y)), 0, height);
    std::vector<float> row(static_cast<std::size_t>(width));
    std::vector<Edge> active;
    std::vector<RowCrossing> crossings;
    std::size_t next = 0;
    for (int y = first; y < last; ++y) {
        for (; next < edges.size() && edges[next].top < y + 1; ++next)
            active.push_back(edges[next]);
        std::erase_if(active, [y](const Edge& e) { return e.bottom <= y; });
        std::ranges::fill(row, 0.0F);
        for (int k = 0; k < lines_per_px; ++k) {
            const double at = y + (k + 0.5) / lines_per_px;
            crossings.clear();
            for (const Edge& e : active)
                if (e.top <= at && at < e.bottom)
                    crossings.push_back({e.x + (at - e.top) * e.slope, e.turn});
            std::ranges::sort(crossings, {}, &RowCrossing::x);
            int winding = 0;
            for (std::size_t i = 0; i + 1 < crossings.size(); ++i) {
                winding += crossings[i].turn;
                if (rule == FillRule::nonzero ? winding != 0 : i % 2 == 0)
                    add_span(row, crossings[i].x, crossings[i + 1].x);
            }
        }
        paint(y, row);
    }
}

void blend(std::uint8_t* pixel, Rgb over, double alpha) {
    const double under = pixel[3] / 255.0 * (1 - alpha), sum = alpha + under;
    if (sum <= 0)
        return;
    const auto mixed = [&](double top, double below) {
        return static_cast<std::uint8_t>(std::lround((top * alpha + below * under) / sum));
    };
    pixel[0] = mixed(over.red, pixel[0]);
    pixel[1] = mixed(over.green, pixel[1]);
    pixel[2] = mixed(over.blue, pixel[2]);
    pixel[3] = static_cast<std::uint8_t>(std::lround(255 * sum));
}

} // namespace

Image rasterised(const DrawnArt& art, int width_px) {
    const double scale = width_px / art.size.width;
    Image image(width_px, std::max(1, static_cast<int>(std::lround(scale * art.size.height))));
    const Transform to_px = Transform::scale(scale, scale);
    for (const Painted& painted : art.shapes) {
        Polygons polygons;
        FillRule rule = FillRule::nonzero;
        if (painted.area) {
            polygons = flatten(transformed(painted.area->curves, to_px), 0.1);
            rule = painted.area->rule;
        } else {
            polygons = {corners_of({{0, 0}, {1, 1}})};
            for (Point& p : polygons[0])
                p = painted.from_unit.then(to_px).apply(p);
        }
        const Rgb* colour = std::get_if<Rgb>(&painted.ink);
        const auto picture = colour ? nullptr : std::get<Pixels>(painted.ink).get();
        const Transform to_unit = colour ? Transform{} : painted.from_unit.then(to_px).inverted();
        scan(polygons, rule, image.width, image.height, [&](int y, const std::vector<float>& row) {
            std::uint8_t* pixel = &image.rgba[static_cast<std::size_t>(y) * row.size() * 4];
            for (std::size_t x = 0; x < row.size(); ++x, pixel += 4) {
                if (row[x] <= 0)
                    continue;
                const double covered = row[x] / lines_per_px;
                if (colour) {
                    blend(pixel, *colour, covered * painted.opacity);
                    continue;
                }
                const Point unit = to_unit.apply({static_cast<double>(x) + 0.5, y + 0.5});
                const int u = std::clamp(static_cast<int>(unit.x * picture->width), 0, picture->width - 1);
                const int v = std::clamp(static_cast<int>(unit.y * picture->height), 0, picture->height - 1);
                const std::uint8_t* from =
                    &picture->rgba[4 * (static_cast<std::size_t>(v) * static_cast<std::size_t>(picture->width) +
                                        static_cast<std::size_t>(u))];
                blend(pixel, {from[0], from[1], from[2]}, covered * from[3] / 255);
            }
        });
    }
    return image;
}

} // namespace fusuma
