#include <librsvg/rsvg.h> // first: Qt's keywords would disturb it

#include "tests/support/vector_truth.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace fusuma::test {

namespace {

long key_of(int x, int y) {
    return static_cast<long>(y) * 100003 + x;
}

} // namespace

Coverage rendered_alpha(const std::string& svg_path, int side_px) {
    RsvgHandle* handle = rsvg_handle_new_from_file(svg_path.c_str(), nullptr);
    if (!handle)
        return {};
    gboolean has_width = FALSE, has_height = FALSE, has_viewbox = FALSE;
    RsvgLength width, height;
    RsvgRectangle viewbox{};
    rsvg_handle_get_intrinsic_dimensions(handle, &has_width, &width, &has_height, &height, &has_viewbox, &viewbox);
    const bool in_px = has_width && has_height && width.unit != RSVG_UNIT_PERCENT && width.length > 0;
    const double across = has_viewbox ? viewbox.width : in_px ? width.length : 1;
    const double down = has_viewbox ? viewbox.height : in_px ? height.length : 1;
    const double scale = side_px / std::max(across, down);
    Coverage coverage(std::max(1, static_cast<int>(std::ceil(across * scale - 1e-9))),
                      std::max(1, static_cast<int>(std::ceil(down * scale - 1e-9))));
    cairo_surface_t* surface = cairo_image_surface_create(CAIRO_FORMAT_A8, coverage.width, coverage.height);
    cairo_t* cairo = cairo_create(surface);
    const RsvgRectangle all{0, 0, across * scale, down * scale};
    const bool drawn = rsvg_handle_render_document(handle, cairo, &all, nullptr) != 0;
    cairo_surface_flush(surface);
    for (int y = 0; drawn && y < coverage.height; ++y)
        std::copy_n(cairo_image_surface_get_data(surface) +
                        static_cast<std::ptrdiff_t>(y) * cairo_image_surface_get_stride(surface),
                    coverage.width, coverage.row(y));
    cairo_destroy(cairo);
    cairo_surface_destroy(surface);
    g_object_unref(handle);
    return drawn ? coverage : Coverage{};
}

VectorTruth::VectorTruth(const std::string& svg_path, int side_px, int finer) {
    const Coverage fine = rendered_alpha(svg_path, side_px * finer);
    const std::vector<std::uint8_t> beyond(static_cast<std::size_t>(fine.width), 0);
    for (int y = -1; y < fine.height; ++y) {
        const std::uint8_t* above = y < 0 ? beyond.data() : fine.row(y);
        const std::uint8_t* below = y + 1 < fine.height ? fine.row(y + 1) : beyond.data();
        std::array<int, 4> corner{}; // of four pixel centres, clockwise from the left one above
        for (int x = -1; x < fine.width; ++x) {
            const bool ends = x + 1 == fine.width;
            corner = {corner[1], ends ? 0 : above[x + 1], ends ? 0 : below[x + 1], corner[2]};
            const int inside = (corner[0] > 127) + (corner[1] > 127) + (corner[2] > 127) + (corner[3] > 127);
            if (inside == 0 || inside == 4)
                continue;
            // Each side of the square of four pixel centres that the level passes; pairs of them are pieces of edge.
            static constexpr int dx[4] = {0, 1, 1, 0}, dy[4] = {0, 0, 1, 1};
            std::vector<Point> crossings;
            for (std::size_t k = 0; k < 4; ++k) {
                const int a = corner[k], b = corner[(k + 1) % 4];
                if ((a > 127) == (b > 127))
                    continue;
                const double t = (127.5 - a) / (b - a);
                const Point from{x + 0.5 + dx[k], y + 0.5 + dy[k]};
                const Point to{x + 0.5 + dx[(k + 1) % 4], y + 0.5 + dy[(k + 1) % 4]};
                crossings.push_back((1.0 / finer) * lerp(from, to, t));
            }
            for (std::size_t k = 0; k + 1 < crossings.size(); k += 2)
                add({crossings[k], crossings[k + 1]});
        }
    }
}

void VectorTruth::add(Edge edge) {
    edges[key_of(static_cast<int>(std::floor(edge.from.x)), static_cast<int>(std::floor(edge.from.y)))].push_back(edge);
}

double VectorTruth::distance_to(Point p) const {
    const int px = static_cast<int>(std::floor(p.x)), py = static_cast<int>(std::floor(p.y));
    double nearest = farthest;
    for (int reach = 0; reach <= 3 && nearest > reach - 1; ++reach)
        for (int y = py - reach; y <= py + reach; ++y)
            for (int x = px - reach; x <= px + reach; ++x) {
                if (std::max(std::abs(x - px), std::abs(y - py)) != reach)
                    continue;
                const auto found = edges.find(key_of(x, y));
                if (found == edges.end())
                    continue;
                for (const Edge& e : found->second) {
                    const Point along = e.to - e.from;
                    const double t = std::clamp(dot(p - e.from, along) / std::max(1e-12, dot(along, along)), 0.0, 1.0);
                    nearest = std::min(nearest, distance(p, lerp(e.from, e.to, t)));
                }
            }
    return nearest;
}

BoundaryDistance boundary_distance(const Outline& outline, const VectorTruth& truth) {
    BoundaryDistance result;
    double sum = 0, count = 0;
    for (const Polygon& polygon : flatten(outline, 0.01))
        for (std::size_t i = 0; i < polygon.size(); ++i) {
            const Point from = polygon[i], to = polygon[(i + 1) % polygon.size()];
            const int steps = std::max(1, static_cast<int>(distance(from, to) / 2));
            for (int k = 0; k < steps; ++k, ++count) {
                const double off = truth.distance_to(lerp(from, to, static_cast<double>(k) / steps));
                sum += off;
                result.worst = std::max(result.worst, off);
            }
        }
    result.mean = count > 0 ? sum / count : 0;
    return result;
}

} // namespace fusuma::test
