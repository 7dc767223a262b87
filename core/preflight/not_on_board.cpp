#include "core/document/as_photographed.h"
#include "core/preflight/rules.h"

namespace fusuma {

void not_on_board(const PreflightInput& input, Findings& findings) {
    const auto& where = input.document.sheet.photographed;
    if (!where)
        return;
    for (const auto& sticker : input.document.stickers)
        if (!lies_on_board(*sticker, *where))
            findings.push_back(
                {.rule = "not-on-board",
                 .severity = Severity::to_look_at,
                 .message = "{sticker}: does not lie on the photographed board, so it is not cut"_said.with(
                     "sticker", sticker->name),
                 .at = where->centre(),
                 .sticker = sticker->id});
}

} // namespace fusuma
