#include "reading/dxf/dxf_lines.h"

#include "formats/basics/text_encoding.h"
#include "reading/dxf/dxf_blocks.h"
#include "reading/dxf/dxf_curves.h"
#include "reading/dxf/dxf_pairs.h"

#include <algorithm>
#include <cmath>
#include <dxflib/dl_creationadapter.h>
#include <dxflib/dl_dxf.h>
#include <numbers>
#include <sstream>

namespace fusuma {

namespace {

constexpr std::size_t most_entities = 100'000;
constexpr double farthest = 1e7; // units

double radians(double degrees) {
    return degrees * std::numbers::pi / 180;
}

struct Vector {
    double x = 0, y = 0, z = 0;
};

Vector cross(const Vector& a, const Vector& b) {
    return {a.y * b.z - a.z * b.y, a.z * b.x - a.x * b.z, a.x * b.y - a.y * b.x};
}

Vector unit(const Vector& v, const Vector& otherwise) {
    const double length = std::hypot(v.x, v.y, v.z);
    return length > 0 && std::isfinite(length) ? Vector{v.x / length, v.y / length, v.z / length} : otherwise;
}

/// The plane that an entity is drawn in, seen from above: mirrored where it was drawn from below.
/// Source: DXF reference, object coordinate systems and the arbitrary axis algorithm
Transform seen_from_above(const Vector& normal, double elevation) {
    const bool is_steep = std::abs(normal.x) < 1.0 / 64 && std::abs(normal.y) < 1.0 / 64;
    const Vector x = unit(cross(is_steep ? Vector{0, 1, 0} : Vector{0, 0, 1}, normal), {1, 0, 0});
    const Vector y = cross(normal, x);
    return {x.x, x.y, y.x, y.y, normal.x * elevation, normal.y * elevation};
}

std::optional<DxfLeftOut> left_out_kind(const std::string& entity) {
    static const std::map<std::string, std::optional<DxfLeftOut>> kinds{
        {"LINE", {}},
        {"ARC", {}},
        {"CIRCLE", {}},
        {"ELLIPSE", {}},
        {"LWPOLYLINE", {}},
        {"POLYLINE", {}},
        {"VERTEX", {}},
        {"SEQEND", {}},
        {"SPLINE", {}},
        {"INSERT", {}},
        {"POINT", {}},
        {"VIEWPORT", {}},
        {"TEXT", DxfLeftOut::text},
        {"MTEXT", DxfLeftOut::text},
        {"ATTRIB", DxfLeftOut::text},
        {"ATTDEF", {}},
        {"HATCH", DxfLeftOut::fills},
        {"SOLID", DxfLeftOut::fills},
        {"TRACE", DxfLeftOut::fills},
        {"DIMENSION", DxfLeftOut::dimensions},
        {"LEADER", DxfLeftOut::dimensions},
        {"MULTILEADER", DxfLeftOut::dimensions},
        {"IMAGE", DxfLeftOut::pictures},
        {"OLE2FRAME", DxfLeftOut::pictures},
        {"3DFACE", DxfLeftOut::solids},
        {"3DSOLID", DxfLeftOut::solids},
        {"BODY", DxfLeftOut::solids},
        {"MESH", DxfLeftOut::solids},
        {"SURFACE", DxfLeftOut::solids},
        {"XLINE", DxfLeftOut::endless},
        {"RAY", DxfLeftOut::endless},
    };
    const auto known = kinds.find(entity);
    return known == kinds.end() ? DxfLeftOut::other : known->second;
}

/// Collects what libdxflib reads, y still upwards, in the file's units.
class Collector : public DL_CreationAdapter {
  public:
    DxfContent content;
    DxfLines found; ///< its units
    bool is_sound = true;

    /// What the library does not tell of. It tells of an entity once it has seen code 0 of the next.
    void take(const DxfPair& pair) {
        const auto& [code, value] = pair;
        if (code == 0) {
            finished = std::move(begun);
            begun = {value, {}, false, false, 0};
            tell_left_out();
        } else if (code == 2 && begun.type == "SECTION") {
            is_drawing = value == "ENTITIES" || value == "BLOCKS";
        } else if (code == 8) {
            begun.layer = as_utf8(value);
        } else if (code == 60) {
            begun.is_invisible = value == "1";
        } else if (code == 67) {
            begun.is_on_paper = value == "1";
        } else if (code == 70) {
            begun.flags = static_cast<int>(std::strtol(value.c_str(), nullptr, 10));
        }
    }
    void setVariableInt(const std::string& key, int value, int) override {
        // Source: DXF reference, $INSUNITS
        static const std::map<int, double> units{{1, 25.4},    {2, 304.8},  {4, 1},      {5, 10},     {6, 1000},
                                                 {8, 25.4e-6}, {9, 0.0254}, {10, 914.4}, {13, 0.001}, {14, 100}};
        if (key != "$INSUNITS")
            return;
        if (const auto known = units.find(value); known != units.end()) {
            found.mm_per_unit = known->second;
            found.states_units = true;
        }
    }
    void addLayer(const DL_LayerData& layer) override {
        content.layers[dxf_name(as_utf8(layer.name))] = {getAttributes().getColor() < 0, (layer.flags & 1) != 0};
    }
    void addBlock(const DL_BlockData& block) override {
        into = &content.blocks[dxf_name(as_utf8(block.name))];
        *into = {};
        into->base = at(block.bpx, block.bpy);
    }
    void endBlock() override { into = nullptr; }
    void addInsert(const DL_InsertData& i) override {
        if (finished.is_invisible)
            place().left_out.emplace(finished.layer, DxfLeftOut::hidden);
        if (finished.is_invisible || !count())
            return;
        const Transform turned = Transform::turn(radians(i.angle)), plane = own_plane(i.ipz);
        const auto step = [&](double x, double y) {
            const Transform straight{plane.a, plane.b, plane.c, plane.d, 0, 0};
            return straight.apply(turned.apply(at(x, y)));
        };
        place().inserts.push_back(
            {dxf_name(as_utf8(i.name)), finished.layer,
             Transform::scale(i.sx, i.sy).then(turned).then(Transform::shift(at(i.ipx, i.ipy))).then(plane),
             std::max(i.cols, 1), std::max(i.rows, 1), step(i.colSp, 0), step(0, i.rowSp)});
    }
    void addLine(const DL_LineData& l) override { add({at(l.x1, l.y1), {Segment::line_to(at(l.x2, l.y2))}}, false); }
    void addCircle(const DL_CircleData& c) override {
        add_arc(Transform::scale(c.radius, c.radius).then(Transform::shift(at(c.cx, c.cy))).then(own_plane(c.cz)), 0,
                whole_turn);
    }
    void addArc(const DL_ArcData& a) override {
        const double first = radians(a.angle1);
        add_arc(Transform::scale(a.radius, a.radius).then(Transform::shift(at(a.cx, a.cy))).then(own_plane(a.cz)),
                first, first + onwards(radians(a.angle2) - first));
    }
    void addEllipse(const DL_EllipseData& e) override {
        const Vector minor = cross(normal(), {e.mx, e.my, e.mz});
        const Point major = at(e.mx, e.my), centre = at(e.cx, e.cy);
        add_arc({major.x, major.y, minor.x * e.ratio, minor.y * e.ratio, centre.x, centre.y}, e.angle1,
                e.angle1 + onwards(e.angle2 - e.angle1));
    }
    void addPolyline(const DL_PolylineData& p) override {
        endSequence(); // of one that nothing ended
        polyline = Polyline{finished, p.flags, own_plane(p.elevation), static_cast<std::size_t>(p.number), {}};
    }
    void addVertex(const DL_VertexData& v) override {
        constexpr int of_the_frame = 16; // of a smoothed polyline
        if (polyline && !(finished.type == "VERTEX" && (finished.flags & of_the_frame) != 0))
            polyline->corners.emplace_back(at(v.x, v.y), std::clamp(v.bulge, -1e4, 1e4));
    }
    void endSequence() override {
        if (!polyline)
            return;
        constexpr int closed = 1, in_space = 8, mesh = 16 + 64;
        const Polyline line = std::move(*polyline);
        polyline.reset();
        finished = line.entity;
        if ((line.flags & mesh) != 0) {
            place().left_out.emplace(finished.layer, DxfLeftOut::solids);
            return;
        }
        if (line.corners.size() < 2)
            return;
        const bool is_ring = (line.flags & closed) != 0;
        Contour path{line.corners[0].first, {}};
        for (std::size_t i = 0; i < line.corners.size() - (is_ring ? 0 : 1); ++i)
            add_bulged(path, line.corners[(i + 1) % line.corners.size()].first, line.corners[i].second);
        add((line.flags & in_space) != 0 ? std::move(path) : mapped_line(path, line.plane), is_ring);
    }
    void addSpline(const DL_SplineData& s) override {
        spline.emplace();
        spline->degree = static_cast<int>(s.degree);
        spline->leaves = at(s.tangentStartX, s.tangentStartY);
        spline->arrives = at(s.tangentEndX, s.tangentEndY);
    }
    void addKnot(const DL_KnotData& k) override {
        if (spline)
            spline->knots.push_back(k.k);
    }
    void addControlPoint(const DL_ControlPointData& c) override {
        if (spline)
            spline->controls.push_back({at(c.x, c.y), c.w});
    }
    void addFitPoint(const DL_FitPointData& f) override {
        if (spline)
            spline->through.push_back(at(f.x, f.y));
    }
    void endEntity() override {
        if (polyline && polyline->announced > 0 && polyline->corners.size() >= polyline->announced)
            endSequence();
        if (!spline)
            return;
        if (auto path = is_sound ? path_of(*spline) : std::nullopt)
            add(std::move(*path), false);
        else
            place().left_out.emplace(finished.layer, DxfLeftOut::other);
        spline.reset();
    }

  private:
    static constexpr double whole_turn = 2 * std::numbers::pi;
    /// What the library does not tell of an entity, or not in time.
    struct Entity {
        std::string type, layer;
        bool is_invisible = false, is_on_paper = false;
        int flags = 0;
    };
    struct Polyline {
        Entity entity;
        int flags = 0;
        Transform plane;
        std::size_t announced = 0; ///< of the light kind, which ends with its last corner; others with a SEQEND
        std::vector<std::pair<Point, double>> corners; ///< and the bulge of the piece after each
    };
    Entity begun, finished;
    bool is_drawing = false;
    std::size_t entities = 0;
    DxfBlock* into = nullptr;
    std::optional<Polyline> polyline;
    std::optional<DxfSpline> spline;

    DxfBlock& place() { return into != nullptr ? *into : finished.is_on_paper ? content.paper : content.model; }
    bool count() {
        is_sound = is_sound && ++entities <= most_entities;
        return is_sound;
    }
    void tell_left_out() {
        static const std::set<std::string> frames{"SECTION", "ENDSEC", "BLOCK", "ENDBLK", "EOF", ""};
        if (!is_drawing || finished.is_invisible || frames.contains(finished.type))
            return;
        if (const auto kind = left_out_kind(finished.type))
            place().left_out.emplace(finished.layer, *kind);
    }
    Point at(double x, double y) {
        is_sound = is_sound && std::abs(x) <= farthest && std::abs(y) <= farthest; // false for NaN, too
        return is_sound ? Point{x, y} : Point{};
    }
    Vector normal() {
        const double* direction = getExtrusion()->getDirection();
        return unit({direction[0], direction[1], direction[2]}, {0, 0, 1});
    }
    Transform own_plane(double elevation) { return seen_from_above(normal(), at(elevation, 0).x); }
    /// An angle as one from nought to a whole turn, which nought is, too.
    static double onwards(double angle) {
        const double on = std::fmod(std::fmod(angle, whole_turn) + whole_turn, whole_turn);
        return on > 1e-9 ? on : whole_turn;
    }
    void add_arc(const Transform& map, double first, double last) {
        if (auto path = ellipse_arc(map, first, last))
            add(std::move(*path), last - first > whole_turn - 1e-9);
    }
    void add(Contour path, bool closed) {
        if (finished.is_invisible)
            place().left_out.emplace(finished.layer, DxfLeftOut::hidden);
        else if (count() && !path.segments.empty())
            place().lines.push_back({finished.layer, std::move(path), closed});
    }
};

/// Hands the file to the library pair by pair, each shown to the collector before the library sees it. What is longer
/// than the library's buffer, which it would never leave, is cut off: nothing that long is used.
class PairByPair : public std::streambuf {
  public:
    PairByPair(const QByteArray& file, Collector& seen_by) : pairs(file), collector(seen_by) {}

  protected:
    int_type underflow() override {
        constexpr std::size_t longest = 1000;
        const auto pair = pairs.next();
        if (!pair)
            return traits_type::eof();
        collector.take(*pair);
        text = std::to_string(pair->code) + '\n' + pair->value.substr(0, longest) + '\n';
        setg(text.data(), text.data(), text.data() + text.size());
        return traits_type::to_int_type(text.front());
    }

  private:
    DxfPairs pairs;
    Collector& collector;
    std::string text;
};

/// The library takes a damaged file for an endless one, so its end is looked for first.
bool is_whole(const QByteArray& file) {
    DxfPairs pairs(file);
    while (pairs.next()) {
    }
    return pairs.is_whole();
}

} // namespace

Result<DxfLines> read_dxf_lines(const QByteArray& file) {
    if (!is_whole(file))
        return Problem{"is cut short."_said, "Export it again."_said};
    const Problem damaged{"is damaged, or larger than Fusuma can read."_said, "Export it again."_said};
    if (!is_sound_dxf(file))
        return damaged;
    Collector read;
    PairByPair pairs(file, read);
    std::istream stream(&pairs);
    DL_Dxf dxf;
    try {
        if (!dxf.in(stream, &read))
            return damaged;
    } catch (const std::exception&) { // of numbers and lengths that are none
        return damaged;
    }
    read.endSequence();
    if (read.is_sound && insert_blocks(read.content, read.content.model, read.found) &&
        (!read.found.lines.empty() || insert_blocks(read.content, read.content.paper, read.found)))
        return std::move(read.found);
    return damaged;
}

} // namespace fusuma
