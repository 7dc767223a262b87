#include "core/preflight/rules.h"

#include <cmath>

namespace fusuma {

void many_nodes(const PreflightInput& input, Findings& findings) {
    // Common practice: a cutter slows down at every node, and beyond two on a millimetre it stutters.
    static constexpr double most_per_mm = 2;
    constexpr std::size_t few = 60; // small shapes may be as fine as they like
    for_stickers(input, [&](const Sticker& sticker, const PlacedCopy& copy, const std::vector<std::size_t>& copies) {
        const std::size_t nodes = node_count(copy.line);
        const double mm = length(copy.line);
        if (nodes < few || static_cast<double>(nodes) <= most_per_mm * mm)
            return;
        Finding finding =
            about_sticker("many-nodes", Severity::to_look_at,
                          sticker.name + ": its cut line has " + std::to_string(nodes) + " nodes, " +
                              std::to_string(std::lround(static_cast<double>(nodes) / mm)) + " on every millimetre",
                          input, copies);
        finding.fix = Fix{"Trace it coarser",
                          [&evaluator = input.evaluator, id = sticker.id,
                           first = copies.front()](const Document& now) -> std::optional<Document> {
                              const auto current = now.find(id);
                              if (!current || first >= now.placements.size())
                                  return std::nullopt;
                              Sticker coarser = *current;
                              for (int step = 0; step < 6; ++step) {
                                  coarser.trace.detail_px = std::fmin(100, coarser.trace.detail_px * 2);
                                  const auto result = evaluator.evaluate(coarser, now.placements[first]);
                                  if (static_cast<double>(node_count(result->cut_line())) <=
                                      most_per_mm * length(result->cut_line()))
                                      return with_sticker_changed(now, std::move(coarser));
                              }
                              return std::nullopt;
                          }};
        findings.push_back(std::move(finding));
    });
}

} // namespace fusuma
