#include "core/document/copies.h"
#include "core/preflight/rules.h"

#include <algorithm>

namespace fusuma {

void uncut_art(const PreflightInput& input, Findings& findings) {
    for_stickers(input, [&](const Sticker& sticker, const PlacedCopy& copy, const StickerCopies& copies) {
        const bool is_cut = !copy.region.empty() || std::ranges::any_of(copy.lines, [](const CopyLine& line) {
            return line.origin == StickerLine::Origin::derived;
        });
        const bool is_printed = copy.result->isolation->content != AlphaContent::clear && !copy.result->print.empty();
        if (is_cut && is_printed)
            return;
        Finding finding = about_sticker(is_cut ? "no-print" : "no-cut", Severity::to_fix,
                                        (is_cut       ? "{sticker}: is cut but prints nothing"_said
                                         : is_printed ? "{sticker}: prints but has no line to cut"_said
                                                      : "{sticker}: nothing of it prints or is cut"_said)
                                            .with("sticker", sticker.name),
                                        copies);
        finding.fix = Fix{"Take it off the sheet"_said,
                          [id = sticker.id](const Document& now, const Work&) -> std::optional<Document> {
                              Selection copies_now;
                              for (const Placement& p : now.placements)
                                  if (p.sticker == id)
                                      copies_now.insert(p.id);
                              Document without = removed(now, copies_now); // those that are not locked
                              return without == now ? std::nullopt : std::optional(std::move(without));
                          }};
        findings.push_back(std::move(finding));
    });
}

} // namespace fusuma
