#include "formats/cut_file.h"

#include "core/geometry/edge_grid.h"
#include "formats/file.h"
#include "formats/hpgl.h"
#include "formats/svg.h"

#include <QXmlStreamReader>
#include <algorithm>
#include <charconv>
#include <dxflib/dl_creationadapter.h>
#include <dxflib/dl_dxf.h>
#include <optional>
#include <sstream>

namespace fusuma {

namespace {

constexpr double tolerance = 0.01; // mm
constexpr std::size_t most_points = 4'000'000;
constexpr double most_mm = 1e5;

CutKind kind_of(std::string_view name) {
    return name == kind_name(CutKind::through) ? CutKind::through
           : name == kind_name(CutKind::score) ? CutKind::score
                                               : CutKind::kiss;
}

/// Path data as Fusuma writes it: M, L, C and Z with absolute coordinates.
std::optional<std::vector<Contour>> paths_of(std::string_view data) {
    std::vector<Contour> paths;
    const char *at = data.data(), *end = at + data.size();
    const auto skip = [&] {
        while (at != end && (*at == ' ' || *at == ',' || *at == '\n' || *at == '\t' || *at == '\r'))
            ++at;
    };
    const auto take = [&](Point& p) {
        for (double* value : {&p.x, &p.y}) {
            skip();
            const auto [next, error] = std::from_chars(at, end, *value);
            if (error != std::errc{} || !(std::abs(*value) <= most_mm))
                return false;
            at = next;
        }
        return true;
    };
    for (skip(); at != end; skip()) {
        const char command = *at++;
        if (command != 'M' && paths.empty())
            return std::nullopt;
        Point p;
        Segment s;
        if (command == 'M') {
            if (!take(p))
                return std::nullopt;
            paths.push_back({p, {}});
        } else if (command == 'L') {
            if (!take(p))
                return std::nullopt;
            paths.back().segments.push_back(Segment::line_to(p));
        } else if (command == 'C') {
            if (!take(s.control1) || !take(s.control2) || !take(s.end))
                return std::nullopt;
            s.kind = Segment::Kind::cubic;
            paths.back().segments.push_back(s);
        } else if (command == 'Z') {
            Contour& path = paths.back();
            if (!path.segments.empty() && path.segments.back().end != path.start)
                path.segments.push_back(Segment::line_to(path.start));
        } else {
            return std::nullopt;
        }
    }
    return paths;
}

Result<std::vector<ReadLine>> read_svg(const QByteArray& bytes) {
    std::vector<ReadLine> lines;
    QXmlStreamReader xml(bytes);
    std::vector<CutKind> groups{CutKind::kiss};
    std::size_t points = 0;
    while (!xml.atEnd()) {
        xml.readNext();
        if (xml.isEndElement() && xml.name() == QLatin1String("g") && groups.size() > 1)
            groups.pop_back();
        if (!xml.isStartElement())
            continue;
        if (xml.name() == QLatin1String("g"))
            groups.push_back(kind_of(xml.attributes().value(QLatin1String("id")).toString().toStdString()));
        if (xml.name() != QLatin1String("path"))
            continue;
        const auto paths = paths_of(xml.attributes().value(QLatin1String("d")).toString().toStdString());
        if (!paths)
            return Problem{"It holds a path that was not written by Fusuma."};
        for (const Contour& path : *paths) {
            lines.push_back({flatten_line(path, tolerance), groups.back()});
            if ((points += lines.back().points.size()) > most_points)
                return Problem{"It holds too many points."};
        }
    }
    if (xml.hasError())
        return Problem{"It is not an SVG file that can be read."};
    return lines;
}

/// Collects what libdxflib reads.
class DxfLines : public DL_CreationAdapter {
  public:
    explicit DxfLines(double paper_height) : height(paper_height) {}

    std::vector<ReadLine> lines;
    bool is_sound = true;

    void addLine(const DL_LineData& line) override {
        lines.push_back({{point(line.x1, line.y1), point(line.x2, line.y2)}, kind()});
    }
    void addPolyline(const DL_PolylineData& line) override {
        lines.push_back({{}, kind()});
        is_closed = (line.flags & 1) != 0;
        in_polyline = true;
    }
    void addVertex(const DL_VertexData& vertex) override {
        if (in_polyline)
            lines.back().points.push_back(point(vertex.x, vertex.y));
    }
    void endSequence() override {
        if (in_polyline && is_closed && !lines.back().points.empty())
            lines.back().points.push_back(lines.back().points.front());
        in_polyline = false;
    }
    void addSpline(const DL_SplineData& spline) override {
        controls.clear();
        is_sound = is_sound && spline.degree == 3;
    }
    void addControlPoint(const DL_ControlPointData& control) override {
        controls.push_back(point(control.x, control.y));
    }
    void endEntity() override {
        if (controls.empty())
            return;
        Contour path{controls.front(), {}};
        for (std::size_t i = 1; i + 2 < controls.size(); i += 3)
            path.segments.push_back(Segment::cubic_to(controls[i], controls[i + 1], controls[i + 2]));
        is_sound = is_sound && controls.size() % 3 == 1;
        if (is_sound && !path.segments.empty())
            lines.push_back({flatten_line(path, tolerance), kind()});
        controls.clear();
    }

  private:
    double height;
    bool in_polyline = false, is_closed = false;
    std::vector<Point> controls;

    [[nodiscard]] CutKind kind() { return kind_of(getAttributes().getLayer()); }
    Point point(double x, double y) {
        is_sound = is_sound && std::abs(x) <= most_mm && std::abs(y) <= most_mm;
        return is_sound ? Point{x, height - y} : Point{};
    }
};

Result<std::vector<ReadLine>> read_dxf(const QByteArray& bytes, Size paper) {
    // libdxflib takes a damaged file for an endless one, so its frame is looked at first.
    if (!bytes.contains("SECTION") || !bytes.trimmed().endsWith("EOF"))
        return Problem{"It is not a DXF file, or its end is missing."};
    std::stringstream stream(bytes.toStdString());
    DxfLines read(paper.height);
    DL_Dxf dxf;
    if (!dxf.in(stream, &read) || !read.is_sound)
        return Problem{"It is not a DXF file that can be read."};
    std::erase_if(read.lines, [](const ReadLine& line) { return line.points.size() < 2; });
    return std::move(read.lines);
}

Result<std::vector<ReadLine>> read_hpgl(const QByteArray& bytes, Size paper) {
    HpglReader reader;
    if (const Outcome taken = reader.take({bytes.constData(), static_cast<std::size_t>(bytes.size())}); !taken)
        return taken.problem();
    std::vector<ReadLine> lines;
    for (HpglStroke& stroke : reader.strokes()) {
        for (Point& p : stroke.points)
            p.y = paper.height - p.y;
        lines.push_back({std::move(stroke.points), kind_of_pen(stroke.pen)});
    }
    return lines;
}

/// The farthest that any place along one set of lines is from the other set.
double farthest(const Polygons& from, const Polygons& to) {
    if (from.empty())
        return 0;
    if (to.empty())
        return HUGE_VAL;
    const EdgeGrid edges(to);
    double worst = 0;
    constexpr double step = 0.5, most = 1000; // mm
    for (const Polygon& line : from)
        for (std::size_t i = 0; i + 1 < line.size(); ++i) {
            const int steps = std::max(1, static_cast<int>(distance(line[i], line[i + 1]) / step));
            for (int k = 0; k < steps; ++k)
                worst = std::max(worst,
                                 edges.distance_to(lerp(line[i], line[i + 1], static_cast<double>(k) / steps), most));
        }
    return worst;
}

/// There and back, so that nothing joins the ends of open lines.
Polygon both_ways(Polygon line) {
    if (line.size() > 1 && line.front() != line.back())
        line.insert(line.end(), line.rbegin() + 1, line.rend());
    return line;
}

} // namespace

Result<std::vector<ReadLine>> read_cut_file(const QByteArray& bytes, const QString& name, Size paper) {
    const auto read = [&] {
        if (name.endsWith(QLatin1String(".svg"), Qt::CaseInsensitive))
            return read_svg(bytes);
        if (name.endsWith(QLatin1String(".dxf"), Qt::CaseInsensitive))
            return read_dxf(bytes, paper);
        return read_hpgl(bytes, paper);
    };
    auto lines = read();
    if (lines && lines->empty())
        return Problem{quoted_name(name) + " holds no lines to cut."};
    if (!lines)
        return Problem{quoted_name(name) + " cannot be read. " + lines.problem().message, lines.problem().hint};
    return lines;
}

FileCheck compare(const std::vector<ReadLine>& file, const std::vector<CutPath>& cuts) {
    Polygons read, wanted;
    for (const ReadLine& line : file)
        read.push_back(both_ways(line.points));
    for (const CutPath& cut : cuts)
        wanted.push_back(both_ways(flatten_line(cut.line, tolerance)));
    return {file.size(), std::max(farthest(read, wanted), farthest(wanted, read))};
}

} // namespace fusuma
