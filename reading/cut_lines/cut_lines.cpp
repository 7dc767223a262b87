#include "reading/cut_lines/cut_lines.h"

#include "formats/basics/file.h"
#include "formats/cut_files/hpgl.h"
#include "reading/dxf/dxf_lines.h"
#include "reading/svg/svg_geometry.h"

#include <QXmlStreamReader>
#include <algorithm>

namespace fusuma {

namespace {

constexpr double tolerance = 0.01; // mm
constexpr std::size_t most_points = 4'000'000;
constexpr double most_mm = 1e5;

CutKind kind_of(const std::string& name) {
    return value_of<CutKind>(name).value_or(CutKind::kiss);
}

bool is_near(const std::vector<Point>& points) {
    return std::ranges::all_of(points, [](Point p) { return std::abs(p.x) <= most_mm && std::abs(p.y) <= most_mm; });
}

/// The line's points; a closed one ends where it begins.
std::vector<Point> points_of(const Contour& path, bool is_open) {
    std::vector<Point> points = flatten_line(path, tolerance);
    if (!is_open && !points.empty() && points.back() != points.front())
        points.push_back(points.front());
    return points;
}

Result<std::vector<ReadLine>> lines_of_svg(const QByteArray& bytes) {
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
        const QString data = xml.attributes().value(QLatin1String("d")).toString();
        const SvgPath paths = path_data(data);
        if (paths.empty() && !data.trimmed().isEmpty())
            return Problem{"It holds a path that cannot be read."_said};
        for (const SvgSubpath& path : paths) {
            lines.push_back({points_of(path.path, path.is_open), groups.back()});
            if ((points += lines.back().points.size()) > most_points)
                return Problem{"It holds too many points."_said};
            if (!is_near(lines.back().points))
                return Problem{"It holds lines that lie off every paper."_said};
        }
    }
    if (xml.hasError())
        return Problem{"It is not an SVG file that can be read."_said};
    return lines;
}

Result<std::vector<ReadLine>> read_dxf(const QByteArray& bytes, Size paper) {
    const auto read = read_dxf_lines(bytes);
    if (!read)
        return Problem{"It is not a DXF file that can be read."_said};
    std::vector<ReadLine> lines;
    for (const DxfLine& line : read->lines) {
        const Transform map =
            Transform::scale(read->mm_per_unit, -read->mm_per_unit).then(Transform::shift({0, paper.height}));
        lines.push_back({points_of(mapped_line(line.path, map), !line.is_closed), kind_of(line.layer)});
        if (!is_near(lines.back().points))
            return Problem{"It holds lines that lie off every paper."_said};
    }
    return lines;
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

} // namespace

Result<std::vector<ReadLine>> cut_lines_of(const QByteArray& bytes, const QString& name, Size paper) {
    const auto read = [&] {
        if (name.endsWith(QLatin1String(".svg"), Qt::CaseInsensitive))
            return lines_of_svg(bytes);
        if (name.endsWith(QLatin1String(".dxf"), Qt::CaseInsensitive))
            return read_dxf(bytes, paper);
        return read_hpgl(bytes, paper);
    };
    auto lines = read();
    if (lines && lines->empty())
        return Problem{"“{file}” holds no lines to cut."_said.with("file", file_name_of(name))};
    if (!lines)
        return Problem{"“{file}” cannot be read."_said.with("file", file_name_of(name)).then(lines.problem().message),
                       lines.problem().hint};
    return lines;
}

} // namespace fusuma
