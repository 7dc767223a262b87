#include "reading/dxf/dxf_lines.h"

#include "formats/basics/text_encoding.h"

#include <algorithm>
#include <cmath>
#include <cstdlib>
#include <dxflib/dl_creationadapter.h>
#include <dxflib/dl_dxf.h>
#include <map>
#include <numbers>
#include <sstream>

namespace fusuma {

namespace {

constexpr std::size_t most_entities = 100'000;
constexpr double farthest = 1e7; // units

/// An arc as cubics from angle `a` to `b`, in the unit circle's parameter, mapped.
std::vector<Segment> arc(double a, double b, const Transform& map) {
    const int steps = std::clamp(static_cast<int>(std::ceil(std::abs(b - a) / (std::numbers::pi / 2) - 1e-9)), 1, 8);
    const double step = (b - a) / steps, handle = 4.0 / 3 * std::tan(step / 4);
    std::vector<Segment> segments;
    for (int i = 0; i < steps; ++i) {
        const double s = a + i * step, e = s + step;
        const Point from{std::cos(s), std::sin(s)}, to{std::cos(e), std::sin(e)};
        segments.push_back(Segment::cubic_to(map.apply(from + Point{-from.y, from.x} * handle),
                                             map.apply(to - Point{-to.y, to.x} * handle), map.apply(to)));
    }
    return segments;
}

/// Collects what libdxflib reads, y still upwards, in the file's units.
class Collector : public DL_CreationAdapter {
  public:
    DxfLines found;
    bool is_sound = true;

    void setVariableInt(const std::string& key, int value, int) override {
        // Source: DXF reference, $INSUNITS
        static const std::map<int, double> units{{1, 25.4},    {2, 304.8},  {4, 1},      {5, 10},     {6, 1000},
                                                 {8, 25.4e-6}, {9, 0.0254}, {10, 914.4}, {13, 0.001}, {14, 100}};
        if (key == "$INSUNITS")
            if (const auto known = units.find(value); known != units.end())
                found.mm_per_unit = known->second;
    }
    void addBlock(const DL_BlockData&) override { in_block = true; }
    void endBlock() override { in_block = false; }
    void addInsert(const DL_InsertData&) override { found.left_out = true; }
    void addText(const DL_TextData&) override { found.left_out = true; }
    void addMText(const DL_MTextData&) override { found.left_out = true; }

    void addLine(const DL_LineData& l) override { add({at(l.x1, l.y1), {Segment::line_to(at(l.x2, l.y2))}}, false); }
    void addCircle(const DL_CircleData& c) override {
        ellipse_arc(Transform::scale(c.radius, c.radius).then(Transform::shift(at(c.cx, c.cy))), 0,
                    2 * std::numbers::pi);
    }
    void addArc(const DL_ArcData& a) override {
        const double first = a.angle1 * std::numbers::pi / 180;
        double last = a.angle2 * std::numbers::pi / 180;
        last = first +
               std::fmod(std::fmod(last - first, 2 * std::numbers::pi) + 2 * std::numbers::pi, 2 * std::numbers::pi);
        ellipse_arc(Transform::scale(a.radius, a.radius).then(Transform::shift(at(a.cx, a.cy))), first, last);
    }
    void addEllipse(const DL_EllipseData& e) override {
        const Point axis = at(e.mx, e.my);
        ellipse_arc(Transform{axis.x, axis.y, -axis.y * e.ratio, axis.x * e.ratio, e.cx, e.cy}, e.angle1,
                    e.angle2 > e.angle1 ? e.angle2 : e.angle2 + 2 * std::numbers::pi);
    }
    void addPolyline(const DL_PolylineData& p) override {
        corners.clear();
        is_ring = (p.flags & 1) != 0;
        in_polyline = true;
        announced = static_cast<std::size_t>(
            p.number); // of the light kind, which ends with its last corner; others with a SEQEND
    }
    void addVertex(const DL_VertexData& v) override {
        if (in_polyline)
            corners.emplace_back(at(v.x, v.y), std::clamp(v.bulge, -1e4, 1e4));
    }
    void endSequence() override {
        if (!in_polyline)
            return;
        in_polyline = false;
        if (corners.size() < 2)
            return;
        Contour path{corners[0].first, {}};
        const std::size_t count = corners.size() - (is_ring ? 0 : 1);
        for (std::size_t i = 0; i < count; ++i)
            bulged(path, corners[i].first, corners[(i + 1) % corners.size()].first, corners[i].second);
        add(std::move(path), is_ring);
    }
    void addSpline(const DL_SplineData& s) override {
        degree = static_cast<int>(s.degree);
        knots.clear();
        controls.clear();
    }
    void addKnot(const DL_KnotData& k) override { knots.push_back(k.k); }
    void addControlPoint(const DL_ControlPointData& c) override { controls.push_back(at(c.x, c.y)); }
    void endEntity() override {
        if (in_polyline && announced > 0 && corners.size() >= announced)
            endSequence();
        if (!controls.empty())
            add_spline();
        controls.clear();
    }

  private:
    bool in_block = false, in_polyline = false, is_ring = false;
    std::size_t announced = 0;
    std::vector<std::pair<Point, double>> corners; ///< and the bulge of the piece after each
    int degree = 3;
    std::vector<double> knots;
    std::vector<Point> controls;

    Point at(double x, double y) {
        is_sound = is_sound && std::abs(x) <= farthest && std::abs(y) <= farthest; // false for NaN, too
        return is_sound ? Point{x, y} : Point{};
    }
    void add(Contour path, bool closed) {
        if (in_block) {
            found.left_out = true;
            return;
        }
        // Radii, ratios and knots can carry a line off, wherever its places lie.
        const auto is_near = [](Point p) { return std::abs(p.x) <= 10 * farthest && std::abs(p.y) <= 10 * farthest; };
        is_sound = is_sound && found.lines.size() < most_entities && is_near(path.start) &&
                   std::ranges::all_of(path.segments, [&](const Segment& s) {
                       return is_near(s.end) && is_near(s.control1) && is_near(s.control2);
                   });
        if (is_sound && !path.segments.empty())
            found.lines.push_back({as_utf8(getAttributes().getLayer()), std::move(path), closed});
    }
    void ellipse_arc(const Transform& map, double first, double last) {
        if (!(std::abs(map.determinant()) > 0) || !(std::abs(last - first) > 0) || !(std::abs(last - first) < 7))
            return;
        const bool is_whole = std::abs(last - first) > 2 * std::numbers::pi - 1e-9;
        Contour path{map.apply({std::cos(first), std::sin(first)}), arc(first, last, map)};
        if (is_whole)
            path.segments.back().end = path.start;
        add(std::move(path), is_whole);
    }
    /// A bulge is the tangent of a quarter of the arc's angle, positive to the left with y upwards.
    static void bulged(Contour& path, Point from, Point to, double bulge) {
        if (std::abs(bulge) < 1e-9 || from == to) {
            path.segments.push_back(Segment::line_to(to));
            return;
        }
        const Point half = (to - from) * 0.5;
        const double rise = (1 - bulge * bulge) / (2 * bulge);
        const Point centre = from + half + Point{-half.y, half.x} * rise;
        const double radius = distance(centre, from), first = std::atan2(from.y - centre.y, from.x - centre.x);
        auto pieces =
            arc(first, first + 4 * std::atan(bulge), Transform::scale(radius, radius).then(Transform::shift(centre)));
        pieces.back().end = to;
        std::ranges::copy(pieces, std::back_inserter(path.segments));
    }
    /// Cubics whose joints have their knot three times stay cubics; of others, de Boor's points are joined: pieces of a
    /// sixteenth of a knot span.
    void add_spline() {
        const auto p = static_cast<std::size_t>(std::clamp(degree, 1, 5));
        const std::size_t n = controls.size();
        if (n <= p || knots.size() != n + p + 1 || !std::ranges::is_sorted(knots) || !std::isfinite(knots.front()) ||
            !std::isfinite(knots.back())) {
            found.left_out = true;
            return;
        }
        if (is_chain_of_cubics()) {
            Contour path{controls.front(), {}};
            for (std::size_t i = 1; i + 2 < n; i += 3)
                path.segments.push_back(Segment::cubic_to(controls[i], controls[i + 1], controls[i + 2]));
            add(std::move(path), false);
            return;
        }
        Contour path{deboor(knots[p], p), {}};
        for (std::size_t span = p; span < n; ++span) {
            if (!(knots[span + 1] > knots[span]))
                continue;
            constexpr int steps = 16;
            for (int i = 1; i <= steps; ++i) {
                const double t = knots[span] + (knots[span + 1] - knots[span]) * i / steps;
                path.segments.push_back(Segment::line_to(deboor(i == steps && span + 1 == n ? knots[n] : t, p)));
            }
        }
        add(std::move(path), false);
    }
    [[nodiscard]] bool is_chain_of_cubics() const {
        if (degree != 3 || controls.size() % 3 != 1 || knots.front() != knots[3] ||
            knots.back() != knots[knots.size() - 4])
            return false;
        for (std::size_t i = 4; i + 4 < knots.size(); i += 3)
            if (knots[i] != knots[i + 2] || !(knots[i] > knots[i - 1]))
                return false;
        return true;
    }
    [[nodiscard]] Point deboor(double t, std::size_t p) const {
        const std::size_t n = controls.size();
        std::size_t span = p;
        while (span + 1 < n && t >= knots[span + 1])
            ++span;
        std::vector<Point> d(controls.begin() + static_cast<std::ptrdiff_t>(span - p),
                             controls.begin() + static_cast<std::ptrdiff_t>(span + 1));
        for (std::size_t r = 1; r <= p; ++r)
            for (std::size_t j = p; j >= r; --j) {
                const double low = knots[j + span - p], high = knots[j + 1 + span - r];
                d[j] = high > low ? lerp(d[j - 1], d[j], (t - low) / (high - low)) : d[j];
            }
        return d[p];
    }
};

/// Whether a code's value is a place, a length, a factor or an angle. Source: DXF reference, group code value types
bool is_of_a_number(int code) {
    return (code >= 10 && code <= 59) || (code >= 110 && code <= 149) || (code >= 210 && code <= 239);
}

/// Whether libdxflib gets through the file in time and memory in proportion to its size, with the same numbers every
/// time: it never leaves a line longer than its buffer, makes room at once for as many corners, knots and points as an
/// entity announces, and takes what lay in memory for a number that is not there.
bool is_bounded(const QByteArray& file) {
    constexpr qsizetype longest_line = 1000;
    // Source: DXF reference, the codes of counts
    static const std::map<QByteArray, std::vector<int>> counts{
        {"LWPOLYLINE", {90}}, {"SPLINE", {72, 73, 74}}, {"LEADER", {76}}, {"HATCH", {91, 93}}};
    const long long lines = file.count('\n') + 1;
    long long announced = 0;
    QByteArray code, entity;
    bool is_code = true;
    for (qsizetype at = 0; at < file.size(); is_code = !is_code) {
        qsizetype end = file.indexOf('\n', at);
        end = end < 0 ? file.size() : end;
        if (end - at > longest_line)
            return false;
        const QByteArray line = file.mid(at, end - at).trimmed();
        at = end + 1;
        if (is_code) {
            code = line;
            continue;
        }
        const int number = static_cast<int>(std::strtol(code.constData(), nullptr, 10)); // as libdxflib takes it
        if (is_of_a_number(number) && (line.isEmpty() || line.front() == '\0'))
            return false;
        if (number == 0)
            entity = line;
        else if (const auto known = counts.find(entity);
                 known != counts.end() && std::ranges::find(known->second, number) != known->second.end()) {
            const long long count = std::strtoll(line.constData(), nullptr, 10);
            if (count > lines || count < -lines)
                return false;
            announced += std::abs(count);
        }
    }
    return announced <= lines;
}

} // namespace

Result<DxfLines> read_dxf_lines(const QByteArray& file) {
    // libdxflib takes a damaged file for an endless one, so its frame is looked at first.
    if (!file.contains("SECTION") || !file.trimmed().endsWith("EOF"))
        return Problem{"is cut short."_said, "Export it again."_said};
    std::stringstream stream(file.toStdString());
    Collector read;
    DL_Dxf dxf;
    const Problem damaged{"is damaged, or larger than Fusuma can read."_said, "Export it again."_said};
    if (!is_bounded(file))
        return damaged;
    try {
        if (!dxf.in(stream, &read) || !read.is_sound)
            return damaged;
    } catch (const std::exception&) { // of numbers and lengths that are none
        return damaged;
    }
    return std::move(read.found);
}

} // namespace fusuma
