#include "reading/dxf/dxf_read.h"

#include "core/geometry/measure.h"
#include "reading/dxf/dxf_lines.h"

#include <QString>
#include <algorithm>
#include <cmath>
#include <map>
#include <optional>

namespace fusuma {

namespace {

constexpr double meets = 0.02; // mm

Contour turned_round(const Contour& line) {
    Contour result{line.segments.back().end, {}};
    for (std::size_t i = line.segments.size(); i-- > 0;) {
        Segment s = line.segments[i];
        std::swap(s.control1, s.control2);
        s.end = i > 0 ? line.segments[i - 1].end : line.start;
        result.segments.push_back(s);
    }
    return result;
}

/// DxfLine lines of a layer whose ends meet become one.
std::vector<DxfLine> joined(std::vector<DxfLine> lines, double within) {
    std::vector<DxfLine> done;
    const auto cell = [within](Point p) { return std::pair{std::llround(p.x / within), std::llround(p.y / within)}; };
    std::multimap<std::pair<long long, long long>, std::size_t> ends; // of lines not yet used
    std::vector<char> is_used(lines.size());
    for (std::size_t i = 0; i < lines.size(); ++i)
        if (!lines[i].is_closed)
            for (const Point p : {lines[i].path.start, lines[i].path.segments.back().end})
                ends.emplace(cell(p), i);
    const auto next_at = [&](Point p, const std::string& layer) -> std::optional<std::size_t> {
        const auto [x, y] = cell(p);
        for (long long u = x - 1; u <= x + 1; ++u)
            for (long long v = y - 1; v <= y + 1; ++v)
                for (auto [it, last] = ends.equal_range({u, v}); it != last; ++it) {
                    const DxfLine& l = lines[it->second];
                    if (!is_used[it->second] && l.layer == layer &&
                        std::min(distance(l.path.start, p), distance(l.path.segments.back().end, p)) <= within)
                        return it->second;
                }
        return std::nullopt;
    };
    for (std::size_t i = 0; i < lines.size(); ++i) {
        if (is_used[i])
            continue;
        is_used[i] = 1;
        DxfLine line = lines[i];
        for (int side = 0; side < 2 && !line.is_closed; ++side) {
            while (const auto next = next_at(line.path.segments.back().end, line.layer)) {
                is_used[*next] = 1;
                Contour more = lines[*next].path;
                const Point end = line.path.segments.back().end;
                if (distance(more.start, end) > distance(more.segments.back().end, end))
                    more = turned_round(more);
                std::ranges::copy(more.segments, std::back_inserter(line.path.segments));
            }
            if (distance(line.path.start, line.path.segments.back().end) <= within) {
                line.path.segments.back().end = line.path.start;
                line.is_closed = true;
            } else {
                line.path = turned_round(line.path);
            }
        }
        done.push_back(std::move(line));
    }
    return done;
}

} // namespace

bool is_dxf(const QByteArray& file) {
    const QByteArray start = file.left(4096);
    return start.contains("SECTION") &&
           (start.contains("HEADER") || start.contains("ENTITIES") || start.contains("TABLES"));
}

Result<ReadDrawing> read_dxf(const QByteArray& file) {
    auto read = read_dxf_lines(file);
    if (!read)
        return read.problem();
    const std::vector<DxfLine> lines = joined(std::move(read->lines), meets / read->mm_per_unit);
    Rect box;
    for (const DxfLine& line : lines)
        box.include(bounds(line.path));
    const double width = box.width() * read->mm_per_unit, height = box.height() * read->mm_per_unit;
    if (!(width > 0.01 || height > 0.01) || !(width < 20'000 && height < 20'000))
        return Problem{"holds no lines that can be cut."_said, "Lines, arcs, polylines and splines are read."_said};
    ReadDrawing drawing{{std::max(width, 0.1), std::max(height, 0.1)}, {}, {}};
    const Transform map{
        read->mm_per_unit, 0, 0, -read->mm_per_unit, -box.min.x * read->mm_per_unit, box.max.y * read->mm_per_unit};
    for (const DxfLine& line : lines) {
        QString layer = QString::fromStdString(line.layer).toLower();
        const CutKind kind = layer.contains(QLatin1String("through")) ? CutKind::through
                             : layer.contains(QLatin1String("score")) || layer.contains(QLatin1String("crease"))
                                 ? CutKind::score
                                 : CutKind::kiss;
        Part part;
        part.name = line.is_closed ? "closed line" : "open line";
        part.layer = line.layer;
        part.lines.push_back({mapped_line(line.path, map), !line.is_closed, kind});
        drawing.parts.push_back(std::move(part));
    }
    if (read->left_out)
        drawing.note = "has blocks or text, which are left out"_said;
    return drawing;
}

} // namespace fusuma
