#include "core/rehearsal/slip.h"

#include "core/fill/distance_field.h"
#include "core/geometry/boolean.h"
#include "core/geometry/measure.h"

#include <algorithm>
#include <random>

namespace fusuma {

struct SlipCheck::Fields {
    DistanceField art, print;
};

namespace {

constexpr double field_cell = 0.2, field_margin = 4, sample_step = 0.25; // mm
constexpr double unseen = 0.03;                         // mm that nobody sees

/// All that a sticker prints, as one region.
Polygons printed_region(const StickerResult& result, const Polygons& art) {
    Polygons region = art;
    for (const PrintLayer& layer : result.print)
        if (!layer.area.empty())
            region = combine(region, layer.area, Combine::join);
    return region;
}

} // namespace

SlipCheck::SlipCheck(const StickerResult& result) {
    constexpr double tolerance = 0.02;
    const Polygons art = flatten(result.outline(), tolerance);
    fields = std::make_shared<const Fields>(
        Fields{DistanceField(art, field_cell, field_margin), DistanceField(printed_region(result, art), field_cell, field_margin)});
    for (Polygon line : flatten(result.cut_line(), tolerance)) {
        line.push_back(line.front());
        double along = 0;
        for (std::size_t i = 0; i + 1 < line.size(); ++i) {
            const double edge = distance(line[i], line[i + 1]);
            const Point inward = unit(Point{line[i + 1].y - line[i].y, line[i].x - line[i + 1].x});
            for (; along < edge; along += sample_step) {
                const Point p = lerp(line[i], line[i + 1], along / edge);
                constexpr double just_inside = 0.1, border_from = 0.05; // mm
                // Outer lines run counter-clockwise on screen and holes the other way, so inside is on the same hand.
                const Sample sample{p, fields->print.at(p + just_inside * inward) < -unseen,
                                    fields->art.at(p) > border_from};
                const double art_room = sample.has_border ? fields->art.at(p) : HUGE_VAL;
                const double colour = sample.needs_print ? std::max(0.0, -fields->print.at(p)) : HUGE_VAL;
                if (std::min(art_room, colour) < this->tolerance())
                    weakest = p;
                to_art = std::min(to_art, art_room);
                past_print = std::min(past_print, colour);
                samples.push_back(sample);
            }
            along -= edge;
        }
    }
}

Damage SlipCheck::damage(const Transform& moved) const {
    for (const Sample& s : samples) {
        const Point q = moved.apply(s.at);
        if (s.needs_print && fields->print.at(q) > unseen)
            return Damage::white;
        if (s.has_border && fields->art.at(q) < -unseen)
            return Damage::art;
    }
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
}

Damage SlipSheet::damage(std::size_t k, const Transform& moved) const {
    const PlacedCopy& copy = *copies[k].placed;
    // No place of the copy moves farther than its middle does, and by what is turned and stretched on the way there.
    const Point here = copy.cut_box.centre();
    const double half = norm({copy.cut_box.width() / 2, copy.cut_box.height() / 2});
    const double bent = std::hypot(moved.a - 1, moved.b, moved.c) + std::abs(moved.d - 1);
    if (distance(moved.apply(here), here) + half * bent <= checks[k]->tolerance())
        return Damage::none;
    return checks[k]->damage(copy.map.then(moved).then(copy.map.inverted()));
}

std::vector<CopyId> SlipSheet::damaged(const Transform& moved) const {
    std::vector<CopyId> result;
    for (std::size_t k = 0; k < copies.size(); ++k)
        if (damage(k, moved) != Damage::none)
            result.push_back(copies[k].id);
    return result;
}

Point SlipSheet::weakest_place() const {
    const auto weakest = std::ranges::min_element(checks, {}, [](const auto& check) { return check->tolerance(); });
    return copies[static_cast<std::size_t>(weakest - checks.begin())]->map.apply((*weakest)->weak_spot());
}

std::size_t SlipSheet::damaged_by(double mm) const {
    return static_cast<std::size_t>(
        std::ranges::count_if(checks, [mm](const auto& check) { return check->tolerance() + unseen < mm; }));
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

Remedy made_safe(const Document& document, Evaluator& evaluator, double mm) {
    Remedy remedy{document};
    for (const auto& sticker : document.stickers) {
        double border = 0, bleed = 0; // mm missing, at the worst of its copies
        for (const Placement& placement : document.placements) {
            if (placement.sticker != sticker->id)
                continue;
            const auto copy = evaluator.placed_copy(document, placement);
            const auto check =
                evaluator.facts.get<SlipCheck>({copy->result}, [&copy] { return SlipCheck(*copy->result); });
            const double factor = sticker->border.scales_with_art ? placement.scale : 1;
            border = std::max(border, (mm - check->room_to_art()) / factor);
            bleed = std::max(bleed, mm - check->printed_past_cut());
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
        if (bleed > unseen) {
            const bool has_rim =
                bleeds(safe.border, safe.rims, {Bleed::Kind::rim, 1}) && reach_of(safe.border, safe.rims) > 0;
            if (safe.bleed.kind == Bleed::Kind::none)
                safe.bleed = {has_rim ? Bleed::Kind::rim : Bleed::Kind::art, 0};
            safe.bleed.width = rounded(safe.bleed.width + bleed);
            remedy.widest_bleed = std::max(remedy.widest_bleed, safe.bleed.width);
        }
        remedy.document = with_sticker_changed(std::move(remedy.document), std::move(safe));
        ++remedy.stickers;
    }
    return remedy;
}

} // namespace fusuma
