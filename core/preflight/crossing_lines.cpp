#include "core/preflight/rules.h"

namespace fusuma {

namespace {

struct LineCrossing {
    bool is_there = false;
    Point at; ///< mm on the paper
};

bool edges_cross(Point a, Point b, Point c, Point d) {
    const auto side = [](Point p, Point q, Point r) { return cross(q - p, r - p); };
    return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
}

/// The first place where two lines of a copy, or one with itself, cross.
LineCrossing crossing_of(const PlacedCopy& copy) {
    struct Edge {
        Point from, to;
        std::size_t line, index;
    };
    std::vector<Edge> edges;
    std::vector<std::vector<Point>> lines;
    for (const CopyLine& line : copy.lines)
        if (line.is_open && line.origin == StickerLine::Origin::derived)
            lines.push_back(line.points);
    for (const Polygon& polygon : copy.room) {
        lines.push_back(polygon);
        lines.back().push_back(polygon.front());
    }
    std::vector<Rect> boxes;
    for (std::size_t l = 0; l < lines.size(); ++l)
        for (std::size_t i = 0; i + 1 < lines[l].size(); ++i) {
            edges.push_back({lines[l][i], lines[l][i + 1], l, i});
            Rect box;
            box.include(lines[l][i]);
            box.include(lines[l][i + 1]);
            boxes.push_back(box);
        }
    const BoxGrid grid(std::move(boxes));
    for (std::size_t a = 0; a < edges.size(); ++a)
        for (const std::size_t b : grid.overlapping(grid.box(a)))
            if (b > a && edges_cross(edges[a].from, edges[a].to, edges[b].from, edges[b].to))
                return {true, edges[a].from};
    return {};
}

} // namespace

void crossing_lines(const PreflightInput& input, Findings& findings) {
    for_stickers(input, [&](const Sticker& sticker, const PlacedCopy& copy, const StickerCopies& copies) {
        const auto crossing =
            input.planner.facts.get<LineCrossing>({copies.front()->placed}, [&] { return crossing_of(copy); });
        if (!crossing->is_there)
            return;
        Finding finding = about_sticker(
            "crossing-lines", Severity::to_look_at,
            "{sticker}: its cut lines cross, which tears the corners between"_said.with("sticker", sticker.name),
            copies);
        finding.at = crossing->at;
        if (!sticker.hand.lines.empty())
            finding.fix = Fix{"Leave out the drawn lines"_said,
                              [id = sticker.id](const Document& now, const Work&) -> std::optional<Document> {
                                  const auto current = now.find(id);
                                  if (!current || current->hand.lines.empty())
                                      return std::nullopt;
                                  Sticker without = *current;
                                  without.hand.lines.clear();
                                  return with_sticker_changed(now, std::move(without));
                              }};
        findings.push_back(std::move(finding));
    });
}

} // namespace fusuma
