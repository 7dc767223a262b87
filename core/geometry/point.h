#pragma once

#include <cmath>

namespace fusuma {

/// A point or a vector in the plane. Millimetres with y pointing down unless the name of the variable says otherwise.
struct Point {
    double x = 0;
    double y = 0;
    bool operator==(const Point&) const = default;
};

constexpr Point operator+(Point a, Point b) {
    return {a.x + b.x, a.y + b.y};
}
constexpr Point operator-(Point a, Point b) {
    return {a.x - b.x, a.y - b.y};
}
constexpr Point operator-(Point a) {
    return {-a.x, -a.y};
}
constexpr Point operator*(Point a, double k) {
    return {a.x * k, a.y * k};
}
constexpr Point operator*(double k, Point a) {
    return a * k;
}
constexpr double dot(Point a, Point b) {
    return a.x * b.x + a.y * b.y;
}
constexpr double cross(Point a, Point b) {
    return a.x * b.y - a.y * b.x;
}
inline double norm(Point a) {
    return std::sqrt(a.x * a.x + a.y * a.y); // nothing here is near the ends of double: hypot costs ten times as much
}
inline double distance(Point a, Point b) {
    return norm(b - a);
}
constexpr Point lerp(Point a, Point b, double t) {
    return a + (b - a) * t;
}

/// The vector scaled to length 1; the zero vector stays zero.
inline Point unit(Point a) {
    const double length = norm(a);
    return length > 0 ? a * (1 / length) : Point{};
}

/// Width and height, both at least zero in any valid use.
struct Size {
    double width = 0;
    double height = 0;
    bool operator==(const Size&) const = default;
};

/// An axis-parallel rectangle from its top-left to its bottom-right corner. A fresh one is empty.
struct Rect {
    Point min{HUGE_VAL, HUGE_VAL};
    Point max{-HUGE_VAL, -HUGE_VAL};
    bool operator==(const Rect&) const = default;

    [[nodiscard]] bool empty() const { return !(min.x <= max.x && min.y <= max.y); }
    [[nodiscard]] double width() const { return empty() ? 0 : max.x - min.x; }
    [[nodiscard]] double height() const { return empty() ? 0 : max.y - min.y; }
    [[nodiscard]] Point centre() const { return lerp(min, max, 0.5); }
    [[nodiscard]] bool contains(Point p) const { return p.x >= min.x && p.x <= max.x && p.y >= min.y && p.y <= max.y; }
    [[nodiscard]] bool overlaps(const Rect& other) const {
        return min.x <= other.max.x && other.min.x <= max.x && min.y <= other.max.y && other.min.y <= max.y;
    }
    /// The rectangle with every side moved outward by `by` (inward when negative).
    [[nodiscard]] Rect grown(double by) const { return {{min.x - by, min.y - by}, {max.x + by, max.y + by}}; }
    void include(Point p) {
        min = {std::fmin(min.x, p.x), std::fmin(min.y, p.y)};
        max = {std::fmax(max.x, p.x), std::fmax(max.y, p.y)};
    }
    void include(const Rect& other) {
        if (!other.empty()) {
            include(other.min);
            include(other.max);
        }
    }
};

/// What two rectangles have in common; empty when that is nothing.
inline Rect overlap(const Rect& a, const Rect& b) {
    return {{std::fmax(a.min.x, b.min.x), std::fmax(a.min.y, b.min.y)},
            {std::fmin(a.max.x, b.max.x), std::fmin(a.max.y, b.max.y)}};
}

} // namespace fusuma
