#include "core/preflight/rules.h"

namespace fusuma {

void open_cut(const PreflightInput& input, Findings& findings) {
    for_stickers(input, [&](const Sticker& sticker, const PlacedCopy& copy, const std::vector<std::size_t>& copies) {
        if (copy.open.empty())
            return;
        const std::size_t count = copy.open.size();
        Finding finding = about_sticker(
            "open-cut", Severity::to_look_at,
            sticker.name + ": " +
                (count == 1 ? "a cut line does not close" : std::to_string(count) + " cut lines do not close"),
            input, copies);
        finding.at = copy.open.front().start;
        finding.fix = Fix{count == 1 ? "Close it" : "Close them",
                          [&evaluator = input.evaluator, id = sticker.id,
                           first = copies.front()](const Document& now) -> std::optional<Document> {
                              const auto current = now.find(id);
                              if (!current || first >= now.placements.size())
                                  return std::nullopt;
                              const auto result = evaluator.evaluate(*current, now.placements[first]);
                              CutLines lines = result->cut->hand.lines;
                              for (CutLine& line : lines)
                                  if (line.is_open) {
                                      line.is_open = false;
                                      line.path.segments.push_back(Segment::line_to(line.path.start));
                                  }
                              Sticker closed = *current;
                              closed.hand = hand_for(closed, *result, lines);
                              return with_sticker_changed(now, std::move(closed));
                          }};
        findings.push_back(std::move(finding));
    });
}

} // namespace fusuma
