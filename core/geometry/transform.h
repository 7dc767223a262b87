#pragma once

#include "core/geometry/point.h"

namespace fusuma {

/// An affine map of the plane: x' = a·x + c·y + dx, y' = b·x + d·y + dy.
/// With y pointing down a positive turn is clockwise on screen.
struct Transform {
    double a = 1, b = 0, c = 0, d = 1, dx = 0, dy = 0;
    bool operator==(const Transform&) const = default;

    [[nodiscard]] Point apply(Point p) const { return {a * p.x + c * p.y + dx, b * p.x + d * p.y + dy}; }
    /// The map that does this one first and `next` after it.
    [[nodiscard]] Transform then(const Transform& next) const {
        return {next.a * a + next.c * b,
                next.b * a + next.d * b,
                next.a * c + next.c * d,
                next.b * c + next.d * d,
                next.a * dx + next.c * dy + next.dx,
                next.b * dx + next.d * dy + next.dy};
    }
    /// The map back. The determinant must not be zero.
    [[nodiscard]] Transform inverted() const {
        const double det = a * d - b * c;
        return {d / det, -b / det, -c / det, a / det, (c * dy - d * dx) / det, (b * dx - a * dy) / det};
    }
    /// Negative when the map mirrors.
    [[nodiscard]] double determinant() const { return a * d - b * c; }

    static Transform shift(Point by) { return {1, 0, 0, 1, by.x, by.y}; }
    static Transform scale(double x, double y) { return {x, 0, 0, y, 0, 0}; }
    static Transform turn(double radians) {
        return {std::cos(radians), std::sin(radians), -std::sin(radians), std::cos(radians), 0, 0};
    }
};

} // namespace fusuma
