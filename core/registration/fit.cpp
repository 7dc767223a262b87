#include "core/registration/fit.h"

namespace fusuma {

namespace {

struct Means {
    Point wanted, found;
};

Means means(const std::vector<Pair>& pairs) {
    Means m;
    for (const Pair& p : pairs) {
        m.wanted = m.wanted + p.wanted;
        m.found = m.found + p.found;
    }
    const double share = 1 / static_cast<double>(pairs.size());
    return {share * m.wanted, share * m.found};
}

/// The linear part about the means.
Transform about(const Means& m, Transform linear) {
    return Transform::shift(-m.wanted).then(linear).then(Transform::shift(m.found));
}

double squares(const std::vector<Pair>& pairs, const Transform& fit) {
    double sum = 0;
    for (const Pair& p : pairs) {
        const Point off = fit.apply(p.wanted) - p.found;
        sum += dot(off, off);
    }
    return sum;
}

/// The best stretch across and down for a given turn.
Transform stretched_at(const std::vector<Pair>& pairs, const Means& m, double turn) {
    const Transform back = Transform::turn(-turn);
    double xx = 0, yy = 0, x = 0, y = 0;
    for (const Pair& p : pairs) {
        const Point w = p.wanted - m.wanted, f = back.apply(p.found - m.found);
        xx += w.x * w.x;
        yy += w.y * w.y;
        x += w.x * f.x;
        y += w.y * f.y;
    }
    return about(m, Transform::scale(xx > 0 ? x / xx : 1, yy > 0 ? y / yy : 1).then(Transform::turn(turn)));
}

} // namespace

Transform fit_similarity(const std::vector<Pair>& pairs) {
    const Means m = means(pairs);
    double spread = 0, along = 0, across = 0;
    for (const Pair& p : pairs) {
        const Point w = p.wanted - m.wanted, f = p.found - m.found;
        spread += dot(w, w);
        along += dot(w, f);
        across += cross(w, f);
    }
    const double a = along / spread, b = across / spread;
    return about(m, {a, b, -b, a, 0, 0});
}

Transform fit_stretched(const std::vector<Pair>& pairs) {
    const Means m = means(pairs);
    const Transform start = fit_similarity(pairs);
    const double guess = std::atan2(start.b, start.a);
    // The error is smooth in the turn and has one valley near the similarity's: golden section.
    constexpr double ratio = 0.6180339887498949, around = 0.05;
    double low = guess - around, high = guess + around;
    const auto error = [&](double turn) { return squares(pairs, stretched_at(pairs, m, turn)); };
    for (double a = high - ratio * (high - low), b = low + ratio * (high - low); high - low > 1e-10;) {
        if (error(a) < error(b)) {
            high = b;
            b = a;
            a = high - ratio * (high - low);
        } else {
            low = a;
            a = b;
            b = low + ratio * (high - low);
        }
    }
    return stretched_at(pairs, m, (low + high) / 2);
}

Transform fit_affine(const std::vector<Pair>& pairs) {
    const Means m = means(pairs);
    double xx = 0, xy = 0, yy = 0;
    Point x, y; // sums of found places by wanted coordinates
    for (const Pair& p : pairs) {
        const Point w = p.wanted - m.wanted, f = p.found - m.found;
        xx += w.x * w.x;
        xy += w.x * w.y;
        yy += w.y * w.y;
        x = x + w.x * f;
        y = y + w.y * f;
    }
    const double det = xx * yy - xy * xy;
    const Point first = (1 / det) * (yy * x - xy * y), second = (1 / det) * (xx * y - xy * x);
    return about(m, {first.x, first.y, second.x, second.y, 0, 0});
}

std::vector<double> residuals(const std::vector<Pair>& pairs, const Transform& fit) {
    std::vector<double> left;
    left.reserve(pairs.size());
    for (const Pair& p : pairs)
        left.push_back(distance(fit.apply(p.wanted), p.found));
    return left;
}

double root_mean_square(const std::vector<double>& values) {
    double sum = 0;
    for (const double v : values)
        sum += v * v;
    return values.empty() ? 0 : std::sqrt(sum / static_cast<double>(values.size()));
}

Transform map_of(const Pose& pose, Point about) {
    return Transform::shift(-about)
        .then(Transform::scale(pose.stretch_x, pose.stretch_y))
        .then(Transform::turn(pose.turn))
        .then(Transform::shift(about + pose.shift));
}

Pose pose_of(const Transform& map, Point about) {
    const double x = std::hypot(map.a, map.b);
    return {map.apply(about) - about, std::atan2(map.b, map.a), x, map.determinant() / x};
}

} // namespace fusuma
