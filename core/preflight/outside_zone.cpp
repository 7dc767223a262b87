#include "core/document/arrange.h"
#include "core/geometry/boolean.h"
#include "core/geometry/measure.h"
#include "core/preflight/rules.h"

namespace fusuma {

namespace {

/// The point of the outside part that lies deepest, and how far it is from the zone's edge.
Nearest deepest(const Polygons& outside, const Polygons& zone) {
    Nearest deepest{0, outside.front().front()};
    for (const Polygon& polygon : outside)
        for (const Point p : polygon)
            if (const double depth = nearest_on(zone, p).distance; depth > deepest.distance)
                deepest = {depth, p};
    return deepest;
}

double area_of(const Polygons& polygons) {
    double sum = 0;
    for (const Polygon& polygon : polygons)
        sum += signed_area(polygon);
    return sum;
}

/// The place where open lines lie farthest outside the zone.
Nearest worst_of(const std::vector<std::vector<Point>>& lines, const Polygons& zone) {
    Nearest worst{0, {}};
    for (const auto& line : lines)
        for (const Point p : line)
            if (!contains(zone, p))
                if (const double depth = nearest_on(zone, p).distance; depth > worst.distance)
                    worst = {depth, p};
    return worst;
}

} // namespace

std::vector<Finding> outside_zone(const PreflightInput& input) {
    constexpr double noticeable_mm2 = 0.02;
    constexpr double noticeable_mm = 0.01;
    const PagePlan& page = input.plan.pages.front();
    std::vector<Finding> findings;
    for (std::size_t i = 0; i < input.copies.size(); ++i) {
        const Polygons& copy = input.copies[i];
        Polygons outside = combine(copy, page.zone, Combine::take_out);
        if (area_of(outside) < noticeable_mm2)
            outside.clear();
        Nearest worst = outside.empty() ? Nearest{0, {}} : deepest(outside, page.zone);
        if (const Nearest of_lines = worst_of(input.lines[i], page.zone); of_lines.distance > worst.distance)
            worst = of_lines;
        if (worst.distance < noticeable_mm)
            continue;
        Finding finding{.rule = "outside-zone", .at = worst.at, .copies = {i}, .region = std::move(outside)};
        const Rect box = input.evaluator.placed_box(input.document, input.document.placements[i]);
        const Rect& most = page.largest_place;
        const std::string name = name_of_copy(input, i);
        if (box.width() > most.width() || box.height() > most.height()) {
            finding.message = name + ": larger than the cut zone, which takes " +
                              format_length(most.width(), input.document.unit) + " × " +
                              format_length(most.height(), input.document.unit);
        } else {
            bool near_mark = false;
            for (const Mark& mark : page.marks)
                near_mark = near_mark || distance(mark.centre, worst.at) < mark.keep_clear;
            const std::string depth = format_length(std::max(0.1, worst.distance), input.document.unit);
            finding.message = near_mark ? name + ": reaches " + depth + " into a mark's keep-clear area"
                                        : name + ": " + depth + " outside the cut zone";
            finding.fix = Fix{"Move it in", [&evaluator = input.evaluator, i](const Document& document) {
                                  return moved_to_free_place(document, evaluator, i);
                              }};
        }
        findings.push_back(std::move(finding));
    }
    return findings;
}

} // namespace fusuma
