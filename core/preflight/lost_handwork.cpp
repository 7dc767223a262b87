#include "core/preflight/rules.h"

namespace fusuma {

void lost_handwork(const PreflightInput& input, Findings& findings) {
    for_stickers(input, [&](const Sticker& sticker, const PlacedCopy& copy, const StickerCopies& copies) {
        const auto& lost = copy.result->cut->hand.does_not_apply;
        if (lost.empty())
            return;
        Finding finding =
            about_sticker("lost-handwork", Severity::to_look_at,
                          "{sticker}: %n changes made by hand no longer fit its cut line"_said
                              .counted(lost.size(), "{sticker}: a change made by hand no longer fits its cut line")
                              .with("sticker", sticker.name),
                          copies);
        finding.fix = Fix{"Drop what does not fit"_said,
                          [id = sticker.id, gone = lost](const Document& now, const Work&) -> std::optional<Document> {
                              const auto s = now.find(id);
                              if (!s)
                                  return std::nullopt;
                              Sticker changed = *s;
                              changed.hand = without_stretches(std::move(changed.hand), gone);
                              return with_sticker_changed(now, std::move(changed));
                          }};
        findings.push_back(std::move(finding));
    });
}

} // namespace fusuma
