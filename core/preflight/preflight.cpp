#include "core/cutting/doubled.h"
#include "core/geometry/boolean.h"
#include "core/preflight/rules.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace fusuma {

std::string name_of_copy(const PreflightInput& input, std::size_t copy) {
    return input.plan.copies[copy]->sticker->name;
}

namespace {

/// How far along a's lines run on b's. Found by points every half millimetre of a.
void find_doubled(const Polygons& a, const Polygons& b, Beside& found) {
    constexpr double step = 0.5; // mm
    const Rect near = bounds(b).grown(same_line_mm);
    for (const Polygon& polygon : a)
        for (std::size_t i = 0; i < polygon.size(); ++i) {
            const Point from = polygon[i], to = polygon[(i + 1) % polygon.size()];
            const double length = distance(from, to);
            const int parts = std::max(1, static_cast<int>(std::ceil(length / step)));
            for (int k = 0; k < parts; ++k) {
                const Point p = lerp(from, to, (k + 0.5) / parts);
                if (near.contains(p) && is_nearer(b, p, same_line_mm)) {
                    found.doubled_mm += length / parts;
                    found.doubled_at = p;
                }
            }
        }
}

std::string key_of(const Document& document, const Finding& f) {
    std::string key = f.rule;
    if (f.sticker > 0)
        return key + "/sticker " + std::to_string(f.sticker) + (f.key.empty() ? "" : "/" + f.key);
    key += "/page " + std::to_string(f.page);
    for (const CopyId id : f.copies) {
        const Placement& p = *document.copy(id);
        key += "/sticker " + std::to_string(p.sticker) + " at " + std::to_string(std::lround(p.centre.x * 10)) + "," +
               std::to_string(std::lround(p.centre.y * 10));
    }
    return key;
}

/// A sticker's problem is the same wherever its copies lie; others are about certain copies.
FoundOn found_on(const Document& document, const Finding& f) {
    FoundOn found{{}, {}, document.sheet, document.pages, f.fix ? f.fix->found_on.empty_page : std::nullopt};
    const auto add_sticker = [&](int id) {
        const auto sticker = document.find(id);
        if (sticker && std::ranges::find(found.stickers, sticker) == found.stickers.end())
            found.stickers.push_back(sticker);
    };
    if (f.sticker > 0) {
        add_sticker(f.sticker);
        return found;
    }
    for (const CopyId id : f.copies) {
        found.copies.push_back(*document.copy(id));
        add_sticker(found.copies.back().sticker);
    }
    return found;
}

} // namespace

bool FoundOn::holds(const Document& document) const {
    const auto is_on = [](int page) { return [page](const Placement& p) { return p.page == page; }; };
    return document.sheet == sheet && document.pages == pages &&
           (!empty_page || std::ranges::none_of(document.placements, is_on(*empty_page))) &&
           std::ranges::all_of(copies,
                               [&](const Placement& then) {
                                   const Placement* now = document.copy(then.id);
                                   return now && *now == then;
                               }) &&
           std::ranges::all_of(stickers, [&](const auto& then) {
               const auto now = document.find(then->id);
               return now && (now == then || *now == *then);
           });
}

Result<Document> repaired(const Document& document, const Finding& finding, const Work& work) {
    if (!finding.fix || !finding.fix->found_on.holds(document))
        return Problem{"The sheet has changed; look again."_said};
    if (auto edited = finding.fix->edit(document, work))
        return std::move(*edited);
    const bool is_locked = std::ranges::any_of(finding.copies, [&](CopyId id) {
        const Placement* copy = document.copy(id);
        return copy && copy->locked;
    });
    return Problem{(is_locked ? "{finding} — it is locked; unlock it first."_said
                              : "{finding} — no free place is large enough."_said)
                       .with("finding", finding.message)};
}

std::shared_ptr<const Beside> beside(const PreflightInput& input, std::size_t a, std::size_t b) {
    const auto &first = input.plan.copies[a].placed, &second = input.plan.copies[b].placed;
    return input.planner.facts.get<Beside>({first, second}, [&] {
        Beside found;
        found.nearest = closest_approach(first->room, second->room);
        const auto holds = [](const PlacedCopy& copy, const PlacedCopy& other) {
            return std::ranges::any_of(other.room, [&](const Polygon& piece) {
                return !piece.empty() && copy.inside().contains(piece.front());
            });
        };
        // Lines apart share something only when one lies inside the other.
        if (found.nearest.distance < 0.01 || holds(*second, *first) || holds(*first, *second))
            found.shared = combine(first->room, second->room, Combine::overlap_only);
        if (found.nearest.distance < same_line_mm)
            find_doubled(first->room, second->room, found);
        return found;
    });
}

Finding about_sticker(const char* rule, Severity severity, Said message, const StickerCopies& copies) {
    const PlannedCopy& first = *copies.front();
    Finding finding{.rule = rule,
                    .severity = severity,
                    .message = std::move(message),
                    .page = first.page + 1,
                    .at = first->placement.centre,
                    .sticker = first->sticker->id};
    for (const PlannedCopy* copy : copies)
        finding.copies.push_back(copy->id);
    return finding;
}

Fix fix_of_lines(Said label, const PreflightInput& input, const Sticker& sticker, CopyId copy,
                 std::function<void(CutLines&, const StickerResult&)> change) {
    return {std::move(label),
            [&planner = input.planner, id = sticker.id, copy,
             change = std::move(change)](const Document& now, const Work& work) -> std::optional<Document> {
                const auto current = now.find(id);
                const Placement* placement = now.copy(copy);
                if (!current || !placement)
                    return std::nullopt;
                const auto result = planner.evaluate(*current, *placement, work);
                CutLines lines = result->cut->hand.lines;
                change(lines, *result);
                Sticker changed = *current;
                changed.hand = hand_for(changed, *result, lines);
                return with_sticker_changed(now, std::move(changed));
            }};
}

std::vector<Finding> preflight(const Document& document, Planner& planner) {
    enum class About { place, print, art };
    struct OneRule {
        Rule rule;
        About about;
    };
    using enum About;
    static constexpr std::array<OneRule, 25> rules{
        {{no_zone, place},         {other_paper, print},    {scaled_print, print}, {clipped_marks, print},
         {outside_zone, place},    {keep_clear, place},     {doubled_line, place}, {too_close, place},
         {outside_margins, print}, {not_on_board, art},     {uncut_art, art},      {crossing_lines, art},
         {small_contour, art},     {open_cut, art},         {no_bleed, print},     {short_bleed, print},
         {shared_edge, print},     {near_cut, art},         {many_nodes, art},     {lost_handwork, art},
         {label_text, print},      {low_resolution, print}, {empty_page, place},   {mirrored_sheet, print},
         {missing_rows, print}}};

    const auto plan = planner.plan(document);
    PreflightInput input{document, *plan, planner, {}};
    for (int page = 0; page < document.pages; ++page) {
        std::vector<Rect> boxes(plan->copies.size());
        for (std::size_t i = 0; i < boxes.size(); ++i)
            if (plan->copies[i].page == page)
                boxes[i] = plan->copies[i]->cut_box;
        input.cut_boxes.emplace_back(std::move(boxes));
    }
    std::vector<Finding> findings;
    for (const auto& [rule, about] : rules) {
        const std::size_t before = findings.size();
        if (!document.sheet.photographed)
            rule(input, findings);
        else if (about != print) { // nothing is printed, and what lies on the board stays where it is
            rule(input, findings);
            for (std::size_t i = before; i < findings.size() && about == place; ++i)
                findings[i].fix.reset();
        }
    }
    std::erase_if(findings, [&](Finding& f) {
        f.key = key_of(document, f);
        return document.silenced.contains(f.key);
    });
    for (Finding& f : findings)
        if (f.fix)
            f.fix->found_on = found_on(document, f);
    std::stable_sort(findings.begin(), findings.end(),
                     [](const Finding& l, const Finding& r) { return l.severity < r.severity; });
    return findings;
}

std::optional<Finding> unreadable(const Document& document, int sticker, const Problem& why) {
    Finding finding{.rule = "unreadable",
                    .message = why.message.then("Replace its artwork, or remove the sticker."_said),
                    .sticker = sticker};
    const Size size = artwork_size(*document.find(sticker));
    for (const Placement& placement : document.placements) {
        if (placement.sticker != sticker)
            continue;
        if (finding.copies.empty()) {
            finding.page = placement.page + 1;
            finding.at = placement.centre;
        }
        finding.copies.push_back(placement.id);
        if (placement.page + 1 != finding.page)
            continue;
        const Transform on_paper = map_of_copy(*document.find(sticker), placement);
        Polygon& where = finding.region.emplace_back(corners_of({{0, 0}, {size.width, size.height}}));
        for (Point& corner : where)
            corner = on_paper.apply(corner);
    }
    finding.key = key_of(document, finding);
    const bool is_told = !finding.copies.empty() && !document.silenced.contains(finding.key);
    return is_told ? std::optional(std::move(finding)) : std::nullopt;
}

Document silenced(Document document, const Finding& finding) {
    document.silenced.insert(finding.key);
    return document;
}

} // namespace fusuma
