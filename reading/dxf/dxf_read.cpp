#include "reading/dxf/dxf_read.h"

#include "core/geometry/measure.h"
#include "reading/dxf/dxf_lines.h"
#include "reading/dxf/dxf_pairs.h"

#include <QString>
#include <algorithm>
#include <cmath>
#include <map>
#include <optional>

namespace fusuma {

namespace {

constexpr double meets = 0.02, largest = 20'000; // mm

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

Said words_of(DxfLeftOut kind) {
    switch (kind) {
    case DxfLeftOut::text:
        return "text"_said;
    case DxfLeftOut::fills:
        return "filled areas"_said;
    case DxfLeftOut::dimensions:
        return "dimensions"_said;
    case DxfLeftOut::pictures:
        return "pictures"_said;
    case DxfLeftOut::solids:
        return "solids"_said;
    case DxfLeftOut::endless:
        return "endless lines"_said;
    case DxfLeftOut::hidden:
        return "hidden things"_said;
    case DxfLeftOut::other:
        break;
    }
    return "things of other kinds"_said;
}

Said all_left_out(const std::set<DxfLeftOut>& kinds) {
    std::vector<Said> all;
    for (const DxfLeftOut kind : kinds)
        all.push_back(words_of(kind));
    return "comes without its {things}"_said.with_list("things", std::move(all));
}

/// Millimetres where the file states no units, or such as cannot be meant. @return what is said of it, or nothing
Said units_taken(DxfLines& read, const Rect& box) {
    if (!read.states_units)
        return "states no units, so its numbers are taken for millimetres"_said;
    const double longest = std::max(box.width(), box.height()), stated = longest * read.mm_per_unit;
    if (stated < largest || longest >= largest)
        return {};
    read.mm_per_unit = 1;
    return "would be {length} by the units that it states, so its numbers are taken for millimetres"_said.with(
        "length", stated, Unit::mm);
}

} // namespace

bool is_dxf(const QByteArray& file) {
    const QByteArray start = file.left(4096);
    return (start.contains("SECTION") || is_binary_dxf(start)) &&
           (start.contains("HEADER") || start.contains("ENTITIES") || start.contains("TABLES"));
}

Result<ReadDrawing> read_dxf(const QByteArray& file) {
    auto read = read_dxf_lines(file);
    if (!read)
        return read.problem();
    Rect box;
    for (const DxfLine& line : read->lines)
        box.include(bounds(line.path));
    ReadDrawing drawing;
    if (const Said taken_for = units_taken(*read, box); !taken_for.empty())
        drawing.add_note(taken_for);
    const double width = box.width() * read->mm_per_unit, height = box.height() * read->mm_per_unit;
    const double longest = std::max(width, height);
    if (read->lines.empty() || !(longest > 0.01))
        return Problem{"holds no lines that can be cut."_said, "Lines, arcs, polylines and splines are read."_said};
    if (longest >= largest)
        return Problem{"is {length} long, which no paper holds."_said.with("length", longest, Unit::mm),
                       "Export it at its true size."_said};
    drawing.size = {std::max(width, 0.1), std::max(height, 0.1)};
    const std::vector<DxfLine> lines = joined(std::move(read->lines), meets / read->mm_per_unit);
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
    if (!read->left_out.empty())
        drawing.add_note(all_left_out(read->left_out));
    return drawing;
}

} // namespace fusuma
