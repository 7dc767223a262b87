#include "formats/cut_files/cut_file.h"

#include "core/geometry/edge_grid.h"
#include "formats/basics/file.h"
#include "formats/room/room.h"

#include <algorithm>
#include <map>

namespace fusuma {

namespace {

constexpr double tolerance = 0.01; // mm

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
    return room::ask<std::vector<ReadLine>>(
        {.asked = room::Asked::cut_file, .name = file_name_of(name), .paper = paper}, bytes);
}

FileCheck compare(const std::vector<ReadLine>& file, const std::vector<CutPath>& cuts) {
    struct Sides {
        Polygons read, wanted;
        [[nodiscard]] double apart() const { return std::max(farthest(read, wanted), farthest(wanted, read)); }
    };
    Sides all;
    std::map<CutKind, Sides> by_kind;
    for (const ReadLine& line : file) {
        all.read.push_back(both_ways(line.points));
        by_kind[line.kind].read.push_back(all.read.back());
    }
    for (const CutPath& cut : cuts) {
        all.wanted.push_back(both_ways(flatten_line(cut.line, tolerance)));
        by_kind[cut.kind].wanted.push_back(all.wanted.back());
    }
    FileCheck check{file.size(), all.apart(), 0};
    for (const auto& [kind, sides] : by_kind)
        check.worst_of_kind = std::max(check.worst_of_kind, sides.apart());
    return check;
}

} // namespace fusuma
