#include "core/rehearsal/slip.h"

#include "core/fill/distance_field.h"
#include "core/geometry/boolean.h"
#include "core/geometry/box_grid.h"
#include "core/geometry/growth.h"
#include "core/geometry/measure.h"
#include "core/steps/edge_colours.h"

#include <algorithm>
#include <random>

namespace fusuma {

/// What can show at an edge: paper, an ink of one colour (a pattern counts as its ground), the sticker's own art.
using Ink = int;
constexpr Ink bare_paper = -1, own_art = -2;

struct SlipCheck::Edge {
    Ink ink;
    DistanceField inner; ///< what lies inside the cut and shows otherwise
    DistanceField whole; ///< the cut and everywhere that shows the same
};

struct SlipCheck::Fields {
    DistanceField art, print, cut;
    std::vector<Edge> edges;
    std::optional<Ink> past_cut; ///< what shows past the cut, when it is the same all round
    std::optional<Rgb> colour;   ///< of the art along the cut, when it is cut through art of one colour all round
};

namespace {

constexpr double field_cell = 0.2, field_margin = 4, sample_step = 0.25; // mm
constexpr double farthest = 6;                                           // mm that count, more than anything slips by
constexpr double unseen = 0.03;                                          // mm that nobody sees
constexpr double sliver = 0.04;    // mm, half of what areas that reach under each other come to
constexpr double beside_reach = 2; // mm past a cut within which neighbours and marks are looked for

struct Inked {
    Ink ink;
    Polygons area;
};

/// What a sticker prints, back to front.
std::vector<Inked> inks_of(const StickerResult& result, const Polygons& art) {
    std::vector<Inked> inks;
    const auto& drawn = result.isolation->drawn;
    for (const PrintLayer& layer : result.print) {
        const auto* colour = std::get_if<Rgb>(&layer.ink);
        const bool is_art = !colour || (drawn && drawn->ground && *drawn->ground == *colour);
        const Ink ink = is_art ? own_art : (colour->red << 16) + (colour->green << 8) + colour->blue;
        if (layer.is_pattern)
            continue; // lies within the area before it
        inks.push_back({ink, layer.area.empty() ? art : layer.area});
    }
    return inks;
}

/// Where an ink shows, or for paper where nothing is printed within `around`.
Polygons where_shown(Ink ink, const std::vector<Inked>& inks, const Polygons& printed, const Polygons& around) {
    if (ink == bare_paper)
        return combine(around, printed, Combine::take_out);
    Polygons shown;
    for (const Inked& one : inks)
        shown = combine(shown, one.area, one.ink == ink ? Combine::join : Combine::take_out);
    return shown;
}

Ink ink_at(Point p, const std::vector<Inked>& inks, const std::vector<Regions>& regions) {
    for (std::size_t i = inks.size(); i-- > 0;)
        if (regions[i].contains(p))
            return inks[i].ink;
    return bare_paper;
}

/// The art's colour close inside the cut, where it is the same all round.
std::optional<Rgb> colour_along(const StickerResult& result) {
    constexpr double step = 0.5, inside = 0.2; // mm
    std::optional<Rgb> first;
    bool is_one = true;
    const ArtColours art(result);
    along_cut_line(result, step, [&](Point p, Point inward, double) {
        if (!is_one)
            return;
        const auto colour = art.at(p + inside * inward);
        if (!first)
            first = colour;
        is_one = colour && are_alike(*colour, *first);
    });
    return is_one ? first : std::nullopt;
}

} // namespace

SlipCheck::SlipCheck(const StickerResult& result) {
    constexpr double tolerance = 0.02;
    const Polygons art = flatten(result.outline(), tolerance), cut = flatten(result.cut_line(), tolerance);
    const std::vector<Inked> inks = inks_of(result, art);
    Polygons printed;
    std::vector<Regions> regions;
    for (const Inked& one : inks) {
        printed = combine(printed, one.area, Combine::join);
        regions.emplace_back(one.area);
    }
    Rect box = bounds(cut);
    box.include(bounds(printed));
    const Polygons around{corners_of(box.grown(2 * field_margin))};
    const auto field = [](const Polygons& region) { return DistanceField(region, field_cell, field_margin, farthest); };
    Fields found{field(art), field(printed), field(cut), {}, {}, {}};
    bool is_same_all_round = true;
    const auto edge_of = [&](Ink ink) {
        for (std::size_t i = 0; i < found.edges.size(); ++i)
            if (found.edges[i].ink == ink)
                return i;
        const Polygons shown = where_shown(ink, inks, printed, around);
        Polygons otherwise = combine(cut, shown, Combine::take_out);
        if (ink == own_art) // its holes are its own matter
            otherwise = combine(otherwise, printed, Combine::overlap_only);
        found.edges.push_back({ink, field(opened(otherwise, sliver, tolerance)),
                               field(combine(cut, closed(shown, sliver, tolerance), Combine::join))});
        return found.edges.size() - 1;
    };
    for (Polygon line : cut) {
        line.push_back(line.front());
        double along = 0;
        for (std::size_t i = 0; i + 1 < line.size(); ++i) {
            const double length = distance(line[i], line[i + 1]);
            const Point inward_of = unit(Point{line[i + 1].y - line[i].y, line[i].x - line[i + 1].x});
            for (; along < length; along += sample_step) {
                const Point p = lerp(line[i], line[i + 1], along / length);
                constexpr double beside_line = 0.1, border_from = 0.05; // mm
                // Outer lines run counter-clockwise on screen and holes the other way, so inside is on the same hand.
                const std::size_t which = edge_of(ink_at(p + beside_line * inward_of, inks, regions));
                const Edge& edge = found.edges[which];
                const Ink outside = ink_at(p - beside_line * inward_of, inks, regions);
                if (samples.empty())
                    found.past_cut = outside;
                is_same_all_round &= found.past_cut == outside;
                other_past_cut |= outside != bare_paper && outside != edge.ink;
                const double to_art = found.art.at(p), to_other = edge.inner.at(p);
                samples.push_back({p, which, to_art > border_from});
                const double room =
                    std::min(to_art > border_from ? to_art : HUGE_VAL, to_other > border_from ? to_other : HUGE_VAL);
                const double reaches = -edge.whole.at(p);
                const double past = reaches >= field_margin ? HUGE_VAL : std::max(0.0, reaches);
                if (std::min(room, past) < this->tolerance())
                    weakest = p;
                inward = std::min(inward, room);
                past_cut = std::min(past_cut, past);
            }
            along -= length;
        }
    }
    if (!is_same_all_round)
        found.past_cut.reset();
    if (found.edges.size() == 1 && found.edges.front().ink == own_art)
        found.colour = colour_along(result);
    fields = std::make_shared<const Fields>(std::move(found));
}

Damage SlipCheck::damage(const Sample& sample, Point moved) const {
    const Edge& edge = fields->edges[sample.edge];
    if (sample.has_border && fields->art.at(moved) < -unseen)
        return Damage::art;
    if (edge.whole.at(moved) > unseen)
        return fields->print.at(moved) > 0 ? Damage::white : Damage::colour;
    constexpr double was_clear = 0.05; // mm
    if (edge.inner.at(moved) < -unseen && edge.inner.at(sample.at) > was_clear)
        return Damage::colour;
    return Damage::none;
}

Damage SlipCheck::damage(const Transform& moved) const {
    for (const Sample& s : samples)
        if (const Damage damaged = damage(s, moved.apply(s.at)); damaged != Damage::none)
            return damaged;
    return Damage::none;
}

SlipSheet::SlipSheet(const JobPlan& plan, std::size_t page, Evaluator& evaluator, const Work& work)
    : middle{plan.paper.width / 2, plan.paper.height / 2} {
    for (const PlannedCopy& copy : plan.copies) {
        work.at(static_cast<double>(&copy - plan.copies.data()) / static_cast<double>(plan.copies.size()));
        if (copy.page != static_cast<int>(page))
            continue;
        copies.push_back(copy);
        checks.push_back(evaluator.facts.get<SlipCheck>({copy->result}, [&copy] { return SlipCheck(*copy->result); }));
    }
    std::vector<Rect> boxes;
    for (const PlannedCopy& copy : copies) {
        boxes.push_back(copy->print_box);
        boxes.back().include(copy->room_box);
    }
    const BoxGrid grid(std::move(boxes));
    for (std::size_t k = 0; k < copies.size(); ++k) {
        const Rect around = copies[k]->room_box.grown(beside_reach);
        near.push_back(grid.overlapping(around));
        std::erase(near.back(), k);
        near_marks.emplace_back();
        for (const Mark& mark : plan.pages[page].marks)
            if (Rect{mark.centre, mark.centre}.grown(mark.keep_clear).overlaps(around))
                near_marks.back().push_back(mark);
        look_beside(k);
    }
}

/// Does the art of one colour go on into a neighbour's of the same, which is printed no farther than that from there?
bool SlipSheet::goes_on_into(std::size_t k, std::size_t other, Point q, double no_farther) const {
    const auto &mine = checks[k]->fields->colour, &theirs = checks[other]->fields->colour;
    return mine && theirs && are_alike(*mine, *theirs) && checks[other]->fields->print.at(q) < no_farther;
}

void SlipSheet::look_beside(std::size_t k) {
    const SlipCheck& check = *checks[k];
    double least = check.tolerance();
    Point where = check.weak_spot();
    for (const SlipCheck::Sample& s : check.samples) {
        const Point p = copies[k]->map.apply(s.at);
        const Ink edge = check.fields->edges[s.edge].ink;
        const auto at_most = [&](double mm) {
            if (mm < least) {
                least = std::max(0.0, mm);
                where = s.at;
            }
        };
        for (const std::size_t other : near[k]) {
            const SlipCheck::Fields& theirs = *checks[other]->fields;
            const Point q = copies[other]->map.inverted().apply(p);
            const double to_cut = theirs.cut.at(q);
            if (goes_on_into(k, other, q, field_cell))
                continue;
            if (to_cut / 2 < least && to_cut > unseen && !(edge >= 0 && theirs.past_cut == edge)) // it begins halfway
                at_most(edge == bare_paper ? std::max(to_cut / 2, theirs.print.at(q)) : to_cut / 2);
        }
        if (edge != bare_paper)
            for (const Mark& mark : near_marks[k])
                at_most(distance(p, mark.centre) - mark.keep_clear);
    }
    tolerances.push_back(least);
    weak_places.push_back(copies[k]->map.apply(where));
}

Damage SlipSheet::beside(std::size_t k, const SlipCheck::Sample& sample, Point on_paper, double past) const {
    const Ink edge = checks[k]->fields->edges[sample.edge].ink;
    for (const std::size_t other : near[k]) {
        const SlipCheck::Fields& theirs = *checks[other]->fields;
        const Point q = copies[other]->map.inverted().apply(on_paper);
        if (theirs.cut.at(q) > past - unseen || (edge >= 0 && theirs.past_cut == edge))
            continue; // this side of the middle between them, or of the same colour
        if (goes_on_into(k, other, q, -unseen))
            continue;
        const bool is_printed = theirs.print.at(q) < -unseen;
        if (edge == bare_paper ? is_printed : true)
            return is_printed ? Damage::colour : Damage::white;
    }
    if (edge != bare_paper)
        for (const Mark& mark : near_marks[k])
            if (distance(on_paper, mark.centre) < mark.keep_clear - unseen)
                return Damage::white;
    return Damage::none;
}

Damage SlipSheet::damage(std::size_t k, const Transform& moved) const {
    const PlacedCopy& copy = *copies[k].placed;
    // No place of the copy moves farther than its middle does, and by what is turned and stretched on the way there.
    const Point here = copy.cut_box.centre();
    const double half = norm({copy.cut_box.width() / 2, copy.cut_box.height() / 2});
    const double bent = std::hypot(moved.a - 1, moved.b, moved.c) + std::abs(moved.d - 1);
    if (distance(moved.apply(here), here) + half * bent <= tolerances[k])
        return Damage::none;
    const Transform back = copy.map.inverted();
    for (const SlipCheck::Sample& s : checks[k]->samples) {
        const Point on_paper = moved.apply(copy.map.apply(s.at)), q = back.apply(on_paper);
        if (const Damage damaged = checks[k]->damage(s, q); damaged != Damage::none)
            return damaged;
        const double past = checks[k]->fields->cut.at(q);
        if (past > unseen)
            if (const Damage damaged = beside(k, s, on_paper, past); damaged != Damage::none)
                return damaged;
    }
    return Damage::none;
}

std::vector<CopyId> SlipSheet::damaged(const Transform& moved) const {
    std::vector<CopyId> result;
    for (std::size_t k = 0; k < copies.size(); ++k)
        if (damage(k, moved) != Damage::none)
            result.push_back(copies[k].id);
    return result;
}

Point SlipSheet::weakest_place() const {
    return weak_places[static_cast<std::size_t>(std::ranges::min_element(tolerances) - tolerances.begin())];
}

std::size_t SlipSheet::damaged_by(double mm) const {
    return static_cast<std::size_t>(
        std::ranges::count_if(tolerances, [mm](double tolerance) { return tolerance + unseen < mm; }));
}

SlipSheet::Chances SlipSheet::chances(const Spread& spread, int sheets, std::uint32_t seed, const Work& work) const {
    // Normal numbers by hand, so that a seed means the same everywhere.
    std::mt19937 numbers(seed);
    const auto normal = [&numbers] {
        double sum = -6;
        for (int i = 0; i < 12; ++i) // twelve uniform ones add up to nearly normal
            sum += (static_cast<double>(numbers()) + 0.5) / 4294967296.0;
        return sum;
    };
    Chances chances;
    chances.of_copy.assign(copies.size(), 0);
    for (int i = 0; i < sheets; ++i) {
        work.at(static_cast<double>(i) / sheets);
        const double x = spread.shift * normal(), y = spread.shift * normal(), turn = spread.turn * normal();
        const Transform moved = map_of({{x, y}, turn}, middle);
        std::size_t damaged = 0;
        for (std::size_t k = 0; k < copies.size(); ++k)
            if (damage(k, moved) != Damage::none) {
                ++damaged;
                chances.of_copy[k] += 1.0 / sheets;
            }
        chances.mean += static_cast<double>(damaged) / sheets;
        chances.all_good += damaged == 0 ? 1.0 / sheets : 0;
    }
    return chances;
}

Remedy made_safe(const Document& document, Evaluator& evaluator, double mm, const Work& work) {
    Remedy remedy{document};
    double looked_at = 0; // stickers
    for (const auto& sticker : document.stickers) {
        work.at(looked_at++ / static_cast<double>(document.stickers.size()));
        double border = 0, bleed = 0; // mm missing, at the worst of its copies
        bool is_other = false;
        for (const Placement& placement : document.placements) {
            if (placement.sticker != sticker->id)
                continue;
            const auto copy = evaluator.placed_copy(document, placement);
            const auto check =
                evaluator.facts.get<SlipCheck>({copy->result}, [&copy] { return SlipCheck(*copy->result); });
            const double factor = sticker->border.scales_with_art ? placement.scale : 1;
            border = std::max(border, (mm - check->room_inward()) / factor);
            bleed = std::max(bleed, mm - check->going_on_past_cut());
            is_other |= check->has_other_colour_past_cut();
        }
        if (border <= unseen && bleed <= unseen)
            continue;
        Sticker safe = *sticker;
        constexpr double tidy = 0.1; // mm that widths are rounded up to
        const auto rounded = [](double width) { return std::ceil(width / tidy - 1e-6) * tidy; };
        if (border > unseen) {
            safe.border.width = rounded(safe.border.width + border);
            remedy.widest_border = std::max(remedy.widest_border, safe.border.width);
        }
        const bool has_rim =
            bleeds(safe.border, safe.rims, {Bleed::Kind::rim, 1}) && reach_of(safe.border, safe.rims) > 0;
        const bool is_paper = reach_of(safe.border, safe.rims) > 0 && !has_rim;
        if (bleed > unseen && is_other && is_paper) {
            safe.bleed.kind = Bleed::Kind::none;
            ++remedy.without_bleed;
        } else if (bleed > unseen) {
            if (safe.bleed.kind == Bleed::Kind::none || is_other)
                safe.bleed = {has_rim ? Bleed::Kind::rim : Bleed::Kind::art, is_other ? safe.bleed.width : 0};
            safe.bleed.width = rounded(is_other ? std::max(safe.bleed.width, mm) : safe.bleed.width + bleed);
            remedy.widest_bleed = std::max(remedy.widest_bleed, safe.bleed.width);
        }
        remedy.document = with_sticker_changed(std::move(remedy.document), std::move(safe));
        ++remedy.stickers;
    }
    return remedy;
}

} // namespace fusuma
