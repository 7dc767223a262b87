#include "core/geometry/view.h"

#include <algorithm>

namespace fusuma {

namespace {

/// @return  nothing on the horizon and behind it
std::optional<Point> projected(const std::array<double, 9>& m, Point p) {
    const double w = m[6] * p.x + m[7] * p.y + m[8];
    if (!(w > 1e-12))
        return std::nullopt;
    return Point{(m[0] * p.x + m[1] * p.y + m[2]) / w, (m[3] * p.x + m[4] * p.y + m[5]) / w};
}

/// Gaussian elimination with pivots of eight equations.
bool solve(std::array<std::array<double, 9>, 8>& rows) {
    for (std::size_t k = 0; k < 8; ++k) {
        std::size_t best = k;
        for (std::size_t r = k + 1; r < 8; ++r)
            if (std::abs(rows[r][k]) > std::abs(rows[best][k]))
                best = r;
        std::swap(rows[k], rows[best]);
        if (std::abs(rows[k][k]) < 1e-12)
            return false;
        for (std::size_t r = 0; r < 8; ++r) {
            if (r == k)
                continue;
            const double f = rows[r][k] / rows[k][k];
            for (std::size_t c = k; c < 9; ++c)
                rows[r][c] -= f * rows[k][c];
        }
    }
    return true;
}

} // namespace

std::optional<std::array<double, 9>> inverse(const std::array<double, 9>& m) {
    std::array<double, 9> r{m[4] * m[8] - m[5] * m[7], m[2] * m[7] - m[1] * m[8], m[1] * m[5] - m[2] * m[4],
                            m[5] * m[6] - m[3] * m[8], m[0] * m[8] - m[2] * m[6], m[2] * m[3] - m[0] * m[5],
                            m[3] * m[7] - m[4] * m[6], m[1] * m[6] - m[0] * m[7], m[0] * m[4] - m[1] * m[3]};
    const double det = m[0] * r[0] + m[1] * r[3] + m[2] * r[6];
    if (!(std::abs(det) > 1e-300))
        return std::nullopt;
    for (double& v : r)
        v /= det;
    return r;
}

std::optional<Point> View::to_photo(Point mm) const {
    const auto p = projected(plane, mm);
    if (!p)
        return std::nullopt;
    const double r2 = dot(*p, *p);
    return middle + focal * (1 + lens.k1 * r2 + lens.k2 * r2 * r2) * *p;
}

std::optional<Point> unbent(const View& camera, Point px) {
    const Point bent = (1 / camera.focal) * (px - camera.middle);
    const double goal = norm(bent);
    if (goal == 0 || camera.lens == Lens{})
        return bent;
    double r = goal; // Newton, from where a pinhole would show it
    for (int i = 0; i < 20; ++i) {
        const double r2 = r * r;
        const double slope = 1 + 3 * camera.lens.k1 * r2 + 5 * camera.lens.k2 * r2 * r2;
        if (!(slope > 0.05))
            return std::nullopt;
        const double step = (r * (1 + camera.lens.k1 * r2 + camera.lens.k2 * r2 * r2) - goal) / slope;
        r -= step;
        if (std::abs(step) < 1e-12 * goal)
            break;
    }
    return (r / goal) * bent;
}

std::optional<Point> View::to_plane(Point px) const {
    const auto back = inverse(plane);
    const auto p = unbent(*this, px);
    if (!back || !p)
        return std::nullopt;
    // The scale's sign is the determinant's: what lies before the camera has a positive w in both.
    const auto mm = projected(*back, *p);
    if (!mm || !projected(plane, *mm))
        return std::nullopt;
    return mm;
}

double View::density(Point mm) const {
    constexpr double h = 0.01;
    const auto here = to_photo(mm), right = to_photo(mm + Point{h, 0}), down = to_photo(mm + Point{0, h});
    if (!here || !right || !down)
        return 0;
    return std::sqrt(std::abs(cross(*right - *here, *down - *here))) / h;
}

double usual_focal(Size photo_px) {
    return std::max(photo_px.width, photo_px.height) * 26 / 36;
}

View blank_view(Size photo_px, double focal_px) {
    View view;
    view.middle = {photo_px.width / 2, photo_px.height / 2};
    view.focal = focal_px;
    return view;
}

std::optional<View> view_through(const std::array<Point, 4>& mm, const std::array<Point, 4>& px, const View& camera) {
    // In numbers near one, so that the equations can be told from singular ones.
    Rect box;
    for (const Point p : mm)
        box.include(p);
    const Point about = box.centre();
    const double size = std::max(box.width(), box.height()) / 2;
    if (!(size > 0))
        return std::nullopt;
    std::array<std::array<double, 9>, 8> rows{};
    for (std::size_t i = 0; i < 4; ++i) {
        const Point p = (1 / size) * (mm[i] - about);
        const auto q = unbent(camera, px[i]);
        if (!q)
            return std::nullopt;
        rows[2 * i] = {p.x, p.y, 1, 0, 0, 0, -p.x * q->x, -p.y * q->x, q->x};
        rows[2 * i + 1] = {0, 0, 0, p.x, p.y, 1, -p.x * q->y, -p.y * q->y, q->y};
    }
    if (!solve(rows))
        return std::nullopt;
    std::array<double, 9> h{};
    for (std::size_t k = 0; k < 8; ++k)
        h[k] = rows[k][8] / rows[k][k];
    h[8] = 1;
    View view = camera;
    for (std::size_t r = 0; r < 3; ++r) {
        view.plane[3 * r] = h[3 * r] / size;
        view.plane[3 * r + 1] = h[3 * r + 1] / size;
        view.plane[3 * r + 2] = h[3 * r + 2] - (h[3 * r] * about.x + h[3 * r + 1] * about.y) / size;
    }
    for (std::size_t i = 0; i < 4; ++i)
        if (const auto there = view.to_photo(mm[i]); !there || !(distance(*there, px[i]) < 1e-3 * camera.focal))
            return std::nullopt;
    return view;
}

} // namespace fusuma
