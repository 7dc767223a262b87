#include "core/preflight/rules.h"

#include <cmath>

namespace fusuma {

void many_nodes(const PreflightInput& input, Findings& findings) {
    // Common practice: a cutter slows down at every node, and beyond two on a millimetre it stutters.
    static constexpr double most_per_mm = 2;
    constexpr std::size_t few = 60; // small shapes may be as fine as they like
    for_stickers(input, [&](const Sticker& sticker, const PlacedCopy& copy, const StickerCopies& copies) {
        const std::size_t nodes = node_count(copy.region);
        const double mm = length(copy.region);
        if (nodes < few || static_cast<double>(nodes) <= most_per_mm * mm)
            return;
        Finding finding = about_sticker("many-nodes", Severity::to_look_at,
                                        "{sticker}: its cut line has {nodes} nodes, {density} on every millimetre"_said
                                            .with("sticker", sticker.name)
                                            .with("nodes", nodes)
                                            .with("density", std::lround(static_cast<double>(nodes) / mm)),
                                        copies);
        finding.fix = Fix{"Smooth its edge"_said,
                          [&planner = input.planner, id = sticker.id, first = copies.front()->id](
                              const Document& now, const Work& work) -> std::optional<Document> {
                              const auto current = now.find(id);
                              const Placement* placement = now.copy(first);
                              if (!current || !placement)
                                  return std::nullopt;
                              for (const double fine : {0.1, 0.2, 0.4, 0.8, 1.6}) { // mm, of what is smoothed away
                                  Sticker smoother = *current;
                                  smoother.border.least_gap = std::fmax(smoother.border.least_gap, fine);
                                  smoother.border.least_tip = std::fmax(smoother.border.least_tip, fine);
                                  const auto result = planner.evaluate(smoother, *placement, work);
                                  if (static_cast<double>(node_count(result->cut_line())) <=
                                      most_per_mm * length(result->cut_line()))
                                      return with_sticker_changed(now, std::move(smoother));
                              }
                              return std::nullopt;
                          }};
        findings.push_back(std::move(finding));
    });
}

} // namespace fusuma
