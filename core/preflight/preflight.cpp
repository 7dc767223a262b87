#include "core/geometry/boolean.h"
#include "core/preflight/rules.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace fusuma {

std::string name_of_copy(const PreflightInput& input, std::size_t placement) {
    const auto& copy = input.plan.copies[placement];
    return copy ? copy->sticker->name : std::string();
}

namespace {

/// How far along a's lines run on b's. Found by points every half millimetre of a.
void find_doubled(const Polygons& a, const Polygons& b, Beside& found) {
    constexpr double step = 0.5, same_line = 0.05; // mm
    const Rect near = bounds(b).grown(same_line);
    for (const Polygon& polygon : a)
        for (std::size_t i = 0; i < polygon.size(); ++i) {
            const Point from = polygon[i], to = polygon[(i + 1) % polygon.size()];
            const double length = distance(from, to);
            const int parts = std::max(1, static_cast<int>(std::ceil(length / step)));
            for (int k = 0; k < parts; ++k) {
                const Point p = lerp(from, to, (k + 0.5) / parts);
                if (near.contains(p) && nearest_on(b, p).distance < same_line) {
                    found.doubled_mm += length / parts;
                    found.doubled_at = p;
                }
            }
        }
}

std::string key_of(const Document& document, const Finding& f) {
    std::string key = f.rule;
    if (f.sticker > 0)
        return key + "/sticker " + std::to_string(f.sticker);
    key += "/page " + std::to_string(f.page);
    for (const std::size_t i : f.copies) {
        const Placement& p = document.placements[i];
        key += "/sticker " + std::to_string(p.sticker) + " at " + std::to_string(std::lround(p.centre.x * 10)) + "," +
               std::to_string(std::lround(p.centre.y * 10));
    }
    return key;
}

} // namespace

std::shared_ptr<const Beside> beside(const PreflightInput& input, std::size_t a, std::size_t b) {
    const auto &first = input.plan.copies[a], &second = input.plan.copies[b];
    return input.evaluator.facts.get<Beside>({first, second}, [&] {
        Beside found;
        found.nearest = closest_approach(first->cut, second->cut);
        const Point some = first->cut.empty() || first->cut.front().empty() ? Point{} : first->cut.front().front();
        const Point other = second->cut.empty() || second->cut.front().empty() ? Point{} : second->cut.front().front();
        // Lines apart share something only when one lies inside the other.
        if (found.nearest.distance < 0.01 || contains(second->cut, some) || contains(first->cut, other))
            found.shared = combine(first->cut, second->cut, Combine::overlap_only);
        if (found.nearest.distance < 0.05)
            find_doubled(first->cut, second->cut, found);
        return found;
    });
}

Finding about_sticker(const char* rule, Severity severity, std::string message, const PreflightInput& input,
                      const std::vector<std::size_t>& copies) {
    const Placement& first = input.document.placements[copies.front()];
    return {.rule = rule,
            .severity = severity,
            .message = std::move(message),
            .page = first.page + 1,
            .at = first.centre,
            .copies = copies,
            .sticker = first.sticker};
}

Fix fix_of_lines(std::string label, const PreflightInput& input, const Sticker& sticker, std::size_t copy,
                 std::function<void(CutLines&, const StickerResult&)> change) {
    return {std::move(label),
            [&evaluator = input.evaluator, id = sticker.id, copy,
             change = std::move(change)](const Document& now) -> std::optional<Document> {
                const auto current = now.find(id);
                if (!current || copy >= now.placements.size())
                    return std::nullopt;
                const auto result = evaluator.evaluate(*current, now.placements[copy]);
                CutLines lines = result->cut->hand.lines;
                change(lines, *result);
                Sticker changed = *current;
                changed.hand = hand_for(changed, *result, lines);
                return with_sticker_changed(now, std::move(changed));
            }};
}

std::vector<Finding> preflight(const Document& document, Evaluator& evaluator) {
    static constexpr std::array<Rule, 20> rules{
        no_zone,   other_paper,     scaled_print,  clipped_marks,  outside_zone,   keep_clear, doubled_line,
        too_close, outside_margins, no_cut,        crossing_lines, small_contour,  open_cut,   short_bleed,
        near_cut,  many_nodes,      lost_handwork, label_text,     low_resolution, empty_page};

    const auto plan = evaluator.plan(document);
    PreflightInput input{document, *plan, evaluator, {}};
    for (int page = 0; page < document.pages; ++page) {
        std::vector<Rect> boxes(plan->copies.size());
        for (std::size_t i = 0; i < boxes.size(); ++i)
            if (plan->copies[i] && document.placements[i].page == page)
                boxes[i] = plan->copies[i]->cut_box;
        input.cut_boxes.emplace_back(std::move(boxes));
    }
    std::vector<Finding> findings;
    for (const Rule rule : rules)
        rule(input, findings);
    std::erase_if(findings, [&](Finding& f) {
        f.key = key_of(document, f);
        return document.silenced.contains(f.key);
    });
    std::stable_sort(findings.begin(), findings.end(),
                     [](const Finding& l, const Finding& r) { return l.severity < r.severity; });
    return findings;
}

Document silenced(Document document, const Finding& finding) {
    document.silenced.insert(finding.key);
    return document;
}

} // namespace fusuma
