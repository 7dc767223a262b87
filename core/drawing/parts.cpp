#include "core/drawing/parts.h"

#include "core/geometry/combine_curves.h"
#include "core/geometry/measure.h"
#include "core/geometry/region.h"
#include "core/parallel.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace fusuma {

namespace {

/// The regions between the edges of all members, each with the topmost member over it.
std::vector<Combination::Part> split(const std::vector<const Outline*>& members) {
    std::vector<Combination::Part> parts;
    for (std::size_t i = 0; i < members.size(); ++i) {
        std::vector<Combination::Part> next;
        Outline rest = *members[i];
        for (Combination::Part& part : parts) {
            Outline both = combined(part.region, *members[i], Combine::overlap_only);
            if (both.empty()) {
                next.push_back(std::move(part));
                continue;
            }
            Outline only = combined(part.region, *members[i], Combine::take_out);
            rest = combined(rest, part.region, Combine::take_out);
            if (!only.empty())
                next.push_back({std::move(only), part.painted_as});
            next.push_back({std::move(both), i});
        }
        if (!rest.empty())
            next.push_back({std::move(rest), i});
        parts = std::move(next);
    }
    return parts;
}

Outline folded(const std::vector<const Outline*>& members, Combine how) {
    Outline result = *members[0];
    for (std::size_t i = 1; i < members.size(); ++i)
        result = combined(result, *members[i], how);
    return result;
}

Outline without_thin_pieces(const Outline& region, double thickness) {
    Outline thick;
    for (const Outline& piece : pieces_of(region))
        if (!is_sliver(piece, thickness))
            std::ranges::copy(piece.contours, std::back_inserter(thick.contours));
    return thick;
}

} // namespace

const std::vector<Combination::Part>& Combination::results(const Drawing& drawing, const Work& work) const {
    std::call_once(once, [&] {
        made.clear(); // what was stopped before
        std::vector<const Outline*> regions(members.size());
        for_each_of(static_cast<int>(members.size()), {work.stop}, [&](int k) {
            const auto member = static_cast<std::size_t>(k);
            regions[member] = &region_of(drawing, members[member]);
        });
        switch (how) {
        case Combining::join:
            made.push_back({united(regions), 0});
            break;
        case Combining::take_out:
            made.push_back({combined({regions[0]}, {regions.begin() + 1, regions.end()}, Combine::take_out), 0});
            break;
        case Combining::overlap_only:
            made.push_back({folded(regions, Combine::overlap_only), 0});
            break;
        case Combining::exclude:
            made.push_back({folded(regions, Combine::exclude), 0});
            break;
        case Combining::split:
            made = split(regions);
            break;
        case Combining::visible: {
            std::vector<Outline> all;
            for (const Outline* region : regions)
                all.push_back(*region);
            for (Outline& seen : visible_parts(all, work))
                made.push_back({std::move(seen), made.size()});
            break;
        }
        case Combining::pieces:
            for (std::size_t i = 0; i < regions.size(); ++i)
                for (Outline& piece : pieces_of(*regions[i]))
                    made.push_back({std::move(piece), i});
            break;
        }
        if (least_thickness > 0)
            for (Part& part : made)
                part.region = without_thin_pieces(part.region, least_thickness);
    });
    return made;
}

bool Shape::operator==(const Shape& other) const {
    const auto same = [](const Combination* a, const Combination* b) {
        return a == b ||
               (a && b && a->how == b->how && a->least_thickness == b->least_thickness && a->members == b->members);
    };
    return id == other.id && name == other.name && part == other.part && layer == other.layer &&
           result == other.result && use == other.use && fill == other.fill && same(of.get(), other.of.get());
}

const std::string& layer_of(const Drawing& drawing, const Shape& shape) {
    return shape.part >= 0 ? drawing.parts[static_cast<std::size_t>(shape.part)].layer : shape.layer;
}

const Outline& region_of(const Drawing& drawing, const Shape& shape) {
    return shape.of ? shape.of->results(drawing)[shape.result].region
                    : drawing.region(static_cast<std::size_t>(shape.part));
}

namespace {

std::vector<Painted> filled(const PartFill& fill, const Outline& region) {
    const Rect box = bounds(region);
    const auto area = std::make_shared<const Area>(Area{region, FillRule::nonzero});
    if (fill.picture && !box.empty()) {
        // As large as it must be to cover the box, its middle on the box's.
        const Pixels& pixels = fill.picture->pixels;
        const double scale = std::max(box.width() / pixels.width(), box.height() / pixels.height());
        const Size size{scale * pixels.width(), scale * pixels.height()};
        const Point middle = box.centre();
        return {{pixels, area, 1,
                 Transform::scale(size.width, size.height)
                     .then(Transform::shift({middle.x - size.width / 2, middle.y - size.height / 2}))}};
    }
    std::vector<Painted> paints{{fill.plain.colour, area, 1, {}}};
    if (fill.plain.pattern != Pattern::plain) {
        Outline shapes;
        for (const Polygon& polygon : pattern_in(flatten(region, 0.01), fill.plain))
            shapes.contours.push_back(contour_of(polygon));
        paints.push_back(
            {fill.plain.second, std::make_shared<const Area>(Area{std::move(shapes), FillRule::even_odd}), 1, {}});
    }
    return paints;
}

/// The paints where they lie in the region.
std::vector<Painted> clipped(std::vector<Painted> paints, const Outline& region) {
    for (Painted& painted : paints) {
        Outline shown = painted.area ? combined(region_of(*painted.area), region, Combine::overlap_only) : region;
        painted.area = std::make_shared<const Area>(Area{std::move(shown), FillRule::nonzero});
    }
    std::erase_if(paints, [](const Painted& painted) { return painted.area->curves.empty(); });
    return paints;
}

/// Whether what it prints covers its region in one piece, so that a part of the region shows just that.
bool is_painted_at_once(const Drawing& drawing, const Shape& shape) {
    if (shape.part < 0 || shape.fill)
        return false;
    const Part& part = drawing.parts[static_cast<std::size_t>(shape.part)];
    return part.traced.empty() && part.paints.size() == 1 && part.paints[0].area;
}

bool grows(Combining how) {
    return how == Combining::join || how == Combining::exclude;
}

} // namespace

std::vector<Painted> paints_of(const Drawing& drawing, const Parts& parts, const Shape& shape) {
    if (shape.fill)
        return filled(*shape.fill, region_of(drawing, shape));
    if (shape.of) {
        const Combination::Part& result = shape.of->results(drawing)[shape.result];
        const Shape& member = shape.of->members[result.painted_as];
        std::vector<Painted> paints = paints_of(drawing, parts, member);
        if (!grows(shape.of->how)) {
            if (!is_painted_at_once(drawing, member))
                return clipped(std::move(paints), result.region);
            paints[0].area = std::make_shared<const Area>(Area{result.region, FillRule::nonzero});
            return result.region.empty() ? std::vector<Painted>{} : paints;
        }
        return filled({.plain = {.kind = Fill::Kind::colour, .colour = colour_of(paints).value_or(Rgb{128, 128, 128})},
                       .picture = nullptr},
                      result.region);
    }
    std::vector<Painted> paints = drawing.parts[static_cast<std::size_t>(shape.part)].paints;
    for (Painted& painted : paints)
        if (Rgb* colour = std::get_if<Rgb>(&painted.ink))
            if (const auto it = std::ranges::find(parts.recolours, *colour, &Recolour::from);
                it != parts.recolours.end())
                *colour = it->to;
    return paints;
}

std::vector<Rgb> colours_of(const Drawing& drawing) {
    std::vector<Rgb> colours;
    for (const Part& part : drawing.parts)
        for (const Painted& painted : part.paints)
            if (const Rgb* colour = std::get_if<Rgb>(&painted.ink))
                if (std::ranges::find(colours, *colour) == colours.end())
                    colours.push_back(*colour);
    return colours;
}

Parts all_parts(const Drawing& drawing) {
    Parts all;
    for (const Part& part : drawing.parts) {
        Shape shape{.id = all.next_id++, .name = part.name, .part = all.next_id - 2, .of = nullptr, .fill = {}};
        if (part.paints.empty())
            shape.use = {false, PartCut::none};
        all.shapes.push_back(std::move(shape));
    }
    return all;
}

namespace {

const Part* part_of(const Drawing& drawing, const Shape& shape) {
    return shape.part >= 0 ? &drawing.parts[static_cast<std::size_t>(shape.part)] : nullptr;
}

bool is_painted(const Drawing& drawing, const Shape& shape) {
    const Part* part = part_of(drawing, shape);
    return !part || !part->paints.empty();
}

PartCut own_cut(CutKind kind) {
    return kind == CutKind::kiss ? PartCut::kiss : kind == CutKind::score ? PartCut::score : PartCut::through;
}

} // namespace

Parts cut_round_everything(Parts parts) {
    for (Shape& shape : parts.shapes)
        shape.use = {true, PartCut::outline};
    return parts;
}

Parts cut_bottom_shape(const Drawing& drawing, Parts parts) {
    // The lowest that is worth cutting: stray marks may lie under it.
    double largest = 0;
    for (const Shape& shape : parts.shapes)
        largest = std::max(largest, area(region_of(drawing, shape)));
    bool is_found = false;
    for (Shape& shape : parts.shapes) {
        const bool is_bottom = !is_found && area(region_of(drawing, shape)) > 0.05 * largest;
        is_found |= is_bottom;
        shape.use = is_bottom ? PartUse{false, PartCut::outline} : PartUse{true, PartCut::none};
    }
    return parts;
}

bool is_lines_alone(const Drawing& drawing) {
    return std::ranges::all_of(drawing.parts, [](const Part& part) { return part.paints.empty(); });
}

Parts as_in_file(const Drawing& drawing, Parts parts) {
    bool any_line = false;
    for (Shape& shape : parts.shapes) {
        const Part* part = part_of(drawing, shape);
        const bool is_line = part && !part->lines.empty();
        any_line |= is_line;
        shape.use =
            is_line ? PartUse{false, own_cut(part->lines[0].kind)} : PartUse{is_painted(drawing, shape), PartCut::none};
    }
    if (!any_line)
        return cut_round_everything(std::move(parts));
    return parts;
}

std::vector<std::pair<Rgb, Parts>> by_colour(const Drawing& drawing, const Parts& parts) {
    std::vector<std::pair<Rgb, Parts>> pieces;
    for (const Shape& shape : parts.shapes) {
        const auto colour = colour_of(paints_of(drawing, parts, shape));
        if (!colour)
            continue;
        auto piece = std::ranges::find(pieces, *colour, &std::pair<Rgb, Parts>::first);
        if (piece == pieces.end()) {
            pieces.emplace_back(*colour, parts);
            piece = pieces.end() - 1;
            for (Shape& other : piece->second.shapes)
                other.use = {false, PartCut::none};
        }
        for (Shape& own : piece->second.shapes)
            if (own.id == shape.id)
                own.use = {true, PartCut::outline};
    }
    return pieces;
}

Parts with_use(Parts parts, const ShapeIds& ids, const PartUse& use) {
    for (Shape& shape : parts.shapes)
        if (ids.contains(shape.id))
            shape.use = use;
    return parts;
}

Parts with_fill(Parts parts, const ShapeIds& ids, const std::optional<PartFill>& fill) {
    for (Shape& shape : parts.shapes)
        if (ids.contains(shape.id))
            shape.fill = fill;
    return parts;
}

Parts with_recolour(Parts parts, Rgb from, Rgb to) {
    std::erase_if(parts.recolours, [&](const Recolour& r) { return r.from == from; });
    if (!(from == to))
        parts.recolours.push_back({from, to});
    return parts;
}

namespace {

std::string result_name(Combining how, const std::vector<Shape>& members, const Combination::Part& result,
                        std::size_t number) {
    const std::string& own = members[result.painted_as].name;
    switch (how) {
    case Combining::visible:
        return own;
    case Combining::split:
    case Combining::pieces:
        return own + ", piece " + std::to_string(number + 1);
    default:
        return own + " + " + std::to_string(members.size() - 1);
    }
}

/// The combination's results as shapes in the place of `at`.
std::vector<Shape>::iterator put_results(const Drawing& drawing, Parts& parts, std::vector<Shape>::iterator at,
                                         const std::shared_ptr<const Combination>& combination) {
    const auto& results = combination->results(drawing);
    std::vector<Shape> shapes;
    for (std::size_t k = 0; k < results.size(); ++k) {
        if (results[k].region.empty())
            continue;
        const Shape& source = combination->members[results[k].painted_as];
        shapes.push_back({.id = parts.next_id++,
                          .name = result_name(combination->how, combination->members, results[k], k),
                          .part = -1,
                          .layer = layer_of(drawing, source),
                          .of = combination,
                          .result = k,
                          .use = source.use,
                          .fill = {}});
    }
    const auto first =
        parts.shapes.insert(at, std::make_move_iterator(shapes.begin()), std::make_move_iterator(shapes.end()));
    return first + static_cast<std::ptrdiff_t>(shapes.size());
}

} // namespace

std::optional<Parts> combined(const Drawing& drawing, const Parts& parts, const ShapeIds& ids, Combining how,
                              const Work& work) {
    for_each_of(static_cast<int>(parts.shapes.size()), {work.stop}, [&](int k) {
        if (const Shape& shape = parts.shapes[static_cast<std::size_t>(k)]; ids.contains(shape.id))
            (void)region_of(drawing, shape);
    });
    std::vector<Shape> members;
    std::set<int> are_members;
    Parts result = parts;
    std::size_t front = 0; // where the results go: where the frontmost was, counted without the members
    std::size_t kept = 0;
    for (const Shape& shape : parts.shapes) {
        if (ids.contains(shape.id)) {
            if (!region_of(drawing, shape).empty()) {
                members.push_back(shape);
                are_members.insert(shape.id);
                front = kept;
                continue;
            }
        }
        ++kept;
    }
    const std::size_t least = how == Combining::pieces ? 1 : 2;
    if (members.size() < least || (how == Combining::split && members.size() > most_split))
        return std::nullopt;
    std::erase_if(result.shapes, [&](const Shape& shape) { return are_members.contains(shape.id); });
    const auto combination = std::make_shared<const Combination>(how, members);
    const auto& results = combination->results(drawing, work.part(0.2, 1));
    if (std::ranges::all_of(results, [](const auto& r) { return r.region.empty(); }) ||
        (how == Combining::pieces && results.size() == members.size()))
        return std::nullopt;
    put_results(drawing, result, result.shapes.begin() + static_cast<std::ptrdiff_t>(front), combination);
    const auto is_cut = [](const Shape& shape) { return shape.use.cut == PartCut::outline; };
    const bool is_base_cut_alone = std::ranges::any_of(members, is_cut) && !std::ranges::all_of(members, is_cut);
    if (how == Combining::visible && is_base_cut_alone)
        // The base has lost what lies under the others: its own edge would go round each of them.
        for (Shape& shape : result.shapes)
            if (shape.of == combination)
                shape.use = {true, PartCut::outline};
    return result;
}

Parts taken_apart(Parts parts, const ShapeIds& ids) {
    std::set<const Combination*> gone;
    for (const Shape& shape : parts.shapes)
        if (ids.contains(shape.id) && shape.of)
            gone.insert(shape.of.get());
    std::vector<Shape> shapes;
    std::set<int> put;
    const auto put_back = [&](const Shape& shape) {
        if (put.insert(shape.id).second)
            shapes.push_back(shape);
    };
    for (const Shape& shape : parts.shapes)
        if (!shape.of || !gone.contains(shape.of.get()))
            put_back(shape);
        else // the members come back once, where the first of the results was
            std::ranges::for_each(shape.of->members, put_back);
    parts.shapes = std::move(shapes);
    return parts;
}

Parts without_slivers(const Parts& parts, double thickness) {
    Parts result = parts;
    std::map<const Combination*, std::shared_ptr<const Combination>> thicker;
    for (Shape& shape : result.shapes) {
        if (!shape.of)
            continue;
        std::shared_ptr<const Combination>& thick = thicker[shape.of.get()];
        if (!thick)
            thick = std::make_shared<const Combination>(shape.of->how, shape.of->members, thickness);
        shape.of = thick;
    }
    return result;
}

std::vector<Sliver> slivers(const Drawing& drawing, const Parts& parts, double thickness) {
    std::vector<Sliver> found;
    for (const Shape& shape : parts.shapes)
        if (shape.of)
            for (Outline& piece : pieces_of(region_of(drawing, shape)))
                if (is_sliver(piece, thickness))
                    found.push_back({shape.id, std::move(piece)});
    return found;
}

namespace {

CutKind kind_of(PartCut cut) {
    return cut == PartCut::kiss ? CutKind::kiss : cut == PartCut::score ? CutKind::score : CutKind::through;
}

/// The lines that a shape is cut along by itself.
std::vector<OwnLine> own_lines(const Drawing& drawing, const Shape& shape) {
    std::vector<OwnLine> lines;
    const CutKind kind = kind_of(shape.use.cut);
    if (const Part* part = part_of(drawing, shape); part && !part->lines.empty()) {
        lines = part->lines;
        for (OwnLine& line : lines)
            line.kind = kind;
        return lines;
    }
    for (const Contour& contour : region_of(drawing, shape).contours)
        lines.push_back({contour, false, kind});
    return lines;
}

/// The ground that lines lie on: what closed ones enclose, and the box round open ones.
Outline ground_of(const std::vector<OwnLine>& lines) {
    std::vector<Outline> regions;
    Rect open;
    for (const OwnLine& line : lines) {
        if (line.is_open)
            open.include(bounds(line.path));
        else
            regions.push_back(region_of({line.path}, FillRule::nonzero));
    }
    if (open.width() > 0 && open.height() > 0)
        regions.push_back({{contour_of(corners_of(open))}});
    return united(regions);
}

} // namespace

Drawn art_of(const Drawing& drawing, const Parts& parts) {
    Drawn result;
    auto art = std::make_shared<DrawnArt>();
    art->size = drawing.size;
    std::vector<const Outline*> outlines;
    for (const Shape& shape : parts.shapes) {
        if (shape.use.is_printed)
            std::ranges::move(paints_of(drawing, parts, shape), std::back_inserter(art->shapes));
        if (shape.use.cut == PartCut::none)
            continue;
        if (shape.use.cut == PartCut::outline) {
            outlines.push_back(&region_of(drawing, shape));
            continue;
        }
        std::ranges::move(own_lines(drawing, shape), std::back_inserter(result.lines));
    }
    result.art = std::move(art);
    if (outlines.size() == 1)
        result.outline = *outlines[0];
    else if (!outlines.empty())
        result.outline = united(outlines);
    else if (!result.lines.empty()) {
        result.outline = ground_of(result.lines);
        result.is_outline_cut = false;
    }
    return result;
}

std::optional<int> shape_at(const Drawing& drawing, const Parts& parts, Point at) {
    for (auto shape = parts.shapes.rbegin(); shape != parts.shapes.rend(); ++shape) {
        const Outline& region = region_of(drawing, *shape);
        if (bounds(region).contains(at) && Regions(flatten(region, 0.05)).contains(at))
            return shape->id;
    }
    return std::nullopt;
}

} // namespace fusuma
