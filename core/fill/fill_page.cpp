#include "core/fill/fill_page.h"

#include "core/geometry/boolean.h"
#include "core/geometry/measure.h"

#include <algorithm>
#include <cmath>

namespace fusuma {

namespace {

Polygons moved(const Polygons& polygons, const Transform& map) {
    Polygons result = polygons;
    for (Polygon& polygon : result)
        for (Point& p : polygon)
            p = map.apply(p);
    return result;
}

double sight_for(const FillTask& task) {
    double widest = task.gap;
    for (const FillItem& item : task.items)
        widest = std::max(widest, 2 * item.bleed);
    for (const FixedCopy& fixed : task.fixed)
        widest = std::max(widest, 2 * fixed.bleed);
    constexpr double usual = 12, beyond = 6; // mm
    return std::max(usual, widest + beyond);
}

/// Points along the edge, at most `step` apart.
std::vector<Point> samples_of(const Polygons& outline, double step) {
    std::vector<Point> samples;
    for (const Polygon& polygon : outline) {
        double since = step;
        for (std::size_t i = 0; i < polygon.size(); ++i) {
            const Point a = polygon[i], b = polygon[(i + 1) % polygon.size()];
            const double length = distance(a, b);
            const int parts = std::max(1, static_cast<int>(std::ceil(length / step)));
            for (int k = 0; k < parts; ++k) {
                // Curves have points closer together than they are needed.
                if (since >= step * 0.7 || parts > 1) {
                    samples.push_back(lerp(a, b, static_cast<double>(k) / parts));
                    since = 0;
                }
                since += length / parts;
            }
        }
    }
    return samples;
}

} // namespace

ReadyItem::ReadyItem(const FillItem& item, double gap, double cell, double sight)
    : outline(item.outline), inside(item.outline), need(std::max(gap, 2 * item.bleed)), bleed(item.bleed),
      field(item.outline, cell, sight) {
    for (const Polygon& polygon : outline)
        for (const Point p : polygon)
            radius = std::max(radius, norm(p));
    area = fusuma::area(outline);
    spacing = std::max(0.8, radius / 24);
    rough_edge = PointRows(samples_of(outline, few_per * spacing));
    std::vector<Point> all = samples_of(outline, spacing);
    edge = PointRows(all);
    // Those that stick out farthest tell soonest. Every other in turn, so that the first few lie all round.
    std::stable_sort(all.begin(), all.end(), [](Point l, Point r) { return dot(l, l) > dot(r, r); });
    constexpr std::size_t strides = 7;
    for (std::size_t s = 0; s < strides; ++s)
        for (std::size_t i = s; i < all.size(); i += strides)
            samples.push_back(all[i]);
    // The deepest place inside, so that nothing small is stood upon.
    const Rect extent = bounds(outline);
    Point deepest = extent.centre();
    constexpr int grid = 12;
    for (int r = 1; r < grid; ++r)
        for (int c = 1; c < grid; ++c)
            if (const Point p = extent.min + Point{extent.width() * c / grid, extent.height() * r / grid};
                field.at(p) < field.at(deepest))
                deepest = p;
    samples.push_back(deepest);
}

Posture::Posture(const ReadyItem& of, std::size_t number, double radians)
    : piece(&of), item(number), turn(radians), cosine(std::cos(radians)), sine(std::sin(radians)),
      outline(moved(of.outline, Transform::turn(radians))), box(bounds(outline)) {
    const Transform turned = Transform::turn(radians);
    for (const Point p : of.samples)
        samples.push_back(turned.apply(p));
}

FillPage::FillPage(const FillTask& task, double cell_mm)
    : gap(task.gap), cell(cell_mm), far(sight_for(task)), box(bounds(task.zone)) {
    std::vector<double> bleeds;
    for (const FillItem& item : task.items)
        bleeds.push_back(item.bleed);
    std::sort(bleeds.begin(), bleeds.end());
    bleeds.erase(std::unique(bleeds.begin(), bleeds.end()), bleeds.end());
    for (const double bleed : bleeds) {
        Polygons zone = task.zone;
        if (bleed > 0 && !task.printable.empty())
            zone = combine(zone, {corners_of(task.printable.grown(-bleed))}, Combine::overlap_only);
        if (bleed > 0) // the zone keeps cut lines away from marks, not what prints past them
            for (const Mark& mark : task.marks)
                if (const Polygon clear = keep_clear_area(mark, bleed); !clear.empty())
                    zone = combine(zone, {clear}, Combine::take_out);
        DistanceField field(zone, cell, 2 * cell);
        layers.emplace_back(bleed,
                            Layer{std::make_shared<const ZoneFor>(ZoneFor{zone, Regions(zone), std::move(field)}), {}});
    }
    origin = box.min;
    columns = static_cast<int>(std::ceil(box.width() / cell)) + 2;
    rows = static_cast<int>(std::ceil(box.height() / cell)) + 2;
    to_copy.assign(static_cast<std::size_t>(columns) * static_cast<std::size_t>(rows), static_cast<float>(far));
    for (auto& [bleed, layer] : layers)
        for (int r = 0; r < rows; ++r)
            for (int c = 0; c < columns; ++c)
                layer.spare.push_back(static_cast<float>(
                    std::min(far, -layer.zone->field.at(origin + cell * Point{double(c), double(r)}))));
    for (const FixedCopy& fixed : task.fixed) {
        Standing copy{nullptr,
                      {},
                      fixed.outline,
                      bounds(fixed.outline),
                      std::max(gap, 2 * fixed.bleed),
                      std::make_shared<const FixedShape>(
                          FixedShape{Regions(fixed.outline), DistanceField(fixed.outline, cell, far)})};
        stamp(copy, copy.box.grown(far));
        all.push_back(std::move(copy));
    }
}

const FillPage::Layer& FillPage::layer_for(double bleed) const {
    return std::find_if(layers.begin(), layers.end(), [bleed](const auto& l) { return l.first == bleed; })->second;
}

bool FillPage::Standing::covers(Point p) const {
    return posture ? posture->covers(p - at) : fixed->inside.contains(p);
}

Rect FillPage::room_for(const Posture& posture) const {
    return {box.min - posture.box.min, box.max - posture.box.max};
}

FillPage::Fit FillPage::fit(const Posture& posture, Point at, double enough) const {
    const Layer& layer = layer_for(posture.piece->bleed);
    const double need = posture.piece->need;
    const double wide = 0.12 * posture.piece->radius + 1; // mm that still count as snug
    const double per_mm = 1 / cell, per_wide = 1 / wide;
    const Point first = per_mm * (at - origin);
    Fit found{far, 0};
    double sum = 0;
    for (const Point sample : posture.samples) {
        const Cell place = cell_at(first.x + per_mm * sample.x, first.y + per_mm * sample.y);
        double room = between(layer.spare, place);
        if (need > gap)
            room = std::min(room, between(to_copy, place) - need);
        found.clearance = std::min(found.clearance, room);
        if (found.clearance < enough)
            return found;
        if (room < wide)
            sum += 1 - std::max(0.0, room) * per_wide;
    }
    found.snugness = sum / static_cast<double>(posture.samples.size());
    return found;
}

Nearness FillPage::nearness(const Posture& posture, const PointRows& edge, Point at, double beyond) const {
    const Layer& layer = layer_for(posture.piece->bleed);
    const double scale = 1 / cell;
    const Transform map =
        Transform::turn(posture.turn).then(Transform::shift(at - origin)).then(Transform::scale(scale, scale));
    const Rect everywhere{{0, 0}, {double(columns), double(rows)}};
    Nearness found = fusuma::nearness(layer.spare.data(), columns, rows, edge, map, beyond, everywhere);
    if (posture.piece->need > gap) {
        const Nearness more =
            fusuma::nearness(to_copy.data(), columns, rows, edge, map, posture.piece->need + beyond, everywhere);
        found = {std::max(found.lacking, more.lacking), std::min(found.least, more.least)};
    }
    return found;
}

bool FillPage::is_allowed(const Posture& posture, Point at) const {
    constexpr double hair = 1e-3; // mm
    const Polygons outline = moved(posture.outline, Transform::shift(at));
    const Rect extent{posture.box.min + at, posture.box.max + at};
    const ZoneFor& zone = *layer_for(posture.piece->bleed).zone;
    const auto starts_in = [](const auto& covered) {
        return [&covered](const Polygon& polygon) { return covered(polygon.front()); };
    };
    // All pieces of a copy lie in one piece of the zone, so that none straddles two small sheets.
    const Region* home = zone.inside.piece_at(outline.front().front());
    if (overlap(extent, box) != extent || !home ||
        !std::ranges::all_of(outline, starts_in([home](Point p) { return home->contains(p); })) ||
        closest_approach(outline, zone.zone).distance == 0)
        return false;
    for (const Standing& other : all) {
        const double need = std::max(posture.piece->need, other.need);
        if (!extent.grown(need).overlaps(other.box))
            continue;
        if (std::ranges::any_of(outline, starts_in([&](Point p) { return other.covers(p); })) ||
            std::ranges::any_of(other.outline, starts_in([&](Point p) { return posture.covers(p - at); })) ||
            closest_approach(outline, other.outline, need).distance < need + hair)
            return false;
    }
    return true;
}

void FillPage::put(const Posture& posture, Point at) {
    Standing copy{&posture,
                  at,
                  moved(posture.outline, Transform::shift(at)),
                  {posture.box.min + at, posture.box.max + at},
                  posture.piece->need};
    stamp(copy, copy.box.grown(far));
    all.push_back(std::move(copy));
}

Rect FillPage::take(const std::vector<std::size_t>& standing) {
    Rect freed;
    for (const std::size_t i : standing)
        freed.include(all[i].box.grown(far));
    for (auto it = standing.rbegin(); it != standing.rend(); ++it)
        all.erase(all.begin() + static_cast<std::ptrdiff_t>(*it));
    const auto line = [this](double mm, double from, int limit) {
        return std::clamp(static_cast<int>(std::floor((mm - from) / cell)), 0, limit - 1);
    };
    const int left = line(freed.min.x, origin.x, columns), right = line(freed.max.x, origin.x, columns);
    for (int r = line(freed.min.y, origin.y, rows); r <= line(freed.max.y, origin.y, rows); ++r) {
        const auto row = static_cast<std::ptrdiff_t>(r) * columns;
        std::fill(to_copy.begin() + row + left, to_copy.begin() + row + right + 1, static_cast<float>(far));
        for (auto& [bleed, layer] : layers)
            for (int c = left; c <= right; ++c)
                layer.spare[static_cast<std::size_t>(row + c)] = static_cast<float>(
                    std::min(far, -layer.zone->field.at(origin + cell * Point{double(c), double(r)})));
    }
    for (const Standing& copy : all)
        if (copy.box.grown(far).overlaps(freed))
            stamp(copy, freed);
    return freed;
}

void FillPage::stamp(const Standing& copy, const Rect& within) {
    const Rect area = overlap(copy.box.grown(far), within);
    const auto line = [this](double mm, double from, int limit) {
        return std::clamp(static_cast<int>(std::floor((mm - from) / cell)), 0, limit - 1);
    };
    for (int r = line(area.min.y, origin.y, rows); r <= line(area.max.y, origin.y, rows); ++r)
        for (int c = line(area.min.x, origin.x, columns); c <= line(area.max.x, origin.x, columns); ++c) {
            const Point p{origin.x + c * cell, origin.y + r * cell};
            double away = 0;
            if (copy.fixed) {
                away = copy.fixed->field.at(p);
            } else {
                const Point q = p - copy.at; // turned back
                const Posture& t = *copy.posture;
                away = t.piece->field.at({t.cosine * q.x + t.sine * q.y, -t.sine * q.x + t.cosine * q.y});
            }
            const std::size_t node =
                static_cast<std::size_t>(r) * static_cast<std::size_t>(columns) + static_cast<std::size_t>(c);
            to_copy[node] = std::min(to_copy[node], static_cast<float>(away));
            for (auto& [bleed, layer] : layers)
                layer.spare[node] = std::min(layer.spare[node], static_cast<float>(away - copy.need));
        }
}

double FillPage::room_at(Point p) const {
    return between(layers.front().second.spare, cell_at((p.x - origin.x) / cell, (p.y - origin.y) / cell));
}

} // namespace fusuma
