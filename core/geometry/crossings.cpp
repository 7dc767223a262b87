#include "core/geometry/crossings.h"

#include <algorithm>

namespace fusuma {

namespace {

struct Chord {
    Point a, b;
    double left = 0, right = 0, top = 0, bottom = 0;

    Chord(Point from, Point to)
        : a(from), b(to), left(std::fmin(from.x, to.x)), right(std::fmax(from.x, to.x)), top(std::fmin(from.y, to.y)),
          bottom(std::fmax(from.y, to.y)) {}
};

void add_chords(const Contour& curve, std::vector<Chord>& chords) {
    Point from = curve.start;
    for (const Segment& s : curve.segments) {
        constexpr int pieces = 4;
        if (s.kind == Segment::Kind::line) {
            chords.emplace_back(from, s.end);
        } else {
            Point before = from;
            for (int i = 1; i <= pieces; ++i) {
                const double t = static_cast<double>(i) / pieces, u = 1 - t;
                const Point at =
                    u * u * u * from + 3 * u * u * t * s.control1 + 3 * u * t * t * s.control2 + t * t * t * s.end;
                chords.emplace_back(before, at);
                before = at;
            }
        }
        from = s.end;
    }
}

bool meet(const Chord& one, const Chord& other) {
    const bool is_same = (one.a == other.a && one.b == other.b) || (one.a == other.b && one.b == other.a);
    const bool is_next = one.a == other.b || one.b == other.a || one.a == other.a || one.b == other.b;
    if (is_same || is_next)
        return is_same;
    const auto side = [](const Chord& line, Point p) { return cross(line.b - line.a, p - line.a); };
    return side(one, other.a) * side(one, other.b) <= 0 && side(other, one.a) * side(other, one.b) <= 0;
}

} // namespace

std::size_t crossings(const std::vector<Contour>& curves, std::size_t most) {
    std::vector<Chord> chords;
    for (const Contour& curve : curves)
        add_chords(curve, chords);
    std::ranges::sort(chords, {}, &Chord::left);
    const std::size_t most_looks = std::max<std::size_t>(300 * most, 300'000'000);
    std::size_t found = 0, looks = 0;
    for (std::size_t i = 0; i < chords.size(); ++i)
        for (std::size_t k = i + 1; k < chords.size() && chords[k].left <= chords[i].right; ++k) {
            if (++looks > most_looks)
                return most;
            const bool is_near = chords[k].top <= chords[i].bottom && chords[i].top <= chords[k].bottom;
            if (is_near && meet(chords[i], chords[k]) && ++found >= most)
                return most;
        }
    return found;
}

} // namespace fusuma
