#include "core/preflight/rules.h"

namespace fusuma {

void mirrored_sheet(const PreflightInput& input, Findings& findings) {
    if (!input.document.sheet.is_mirrored)
        return;
    findings.push_back(
        {.rule = "mirrored-sheet",
         .severity = Severity::to_look_at,
         .message = "The sheet is printed and cut as in a mirror: right for transfer paper and film that is seen "
                    "from behind, wrong for stickers"_said,
         .at = {input.plan.paper.width / 2, 0},
         .fix = Fix{"Print it as it is seen"_said, [](const Document& now, const Work&) -> std::optional<Document> {
                        Document changed = now;
                        changed.sheet.is_mirrored = false;
                        return changed;
                    }}});
}

} // namespace fusuma
