#include "core/preflight/rules.h"

#include <cmath>

namespace fusuma {

void scaled_print(const PreflightInput& input, Findings& findings) {
    const PrinterProfile& printer = input.document.sheet.printer;
    const bool is_scaled = std::abs(printer.scaling - 1) > 1e-4;
    if (!is_scaled && !printer.borderless)
        return;
    findings.push_back(
        {.rule = "scaled-print",
         .message =
             is_scaled
                 ? "The printer is set to {share} %, so nothing will have its size and the cut will miss its print"_said
                       .with("share", std::lround(printer.scaling * 100))
                 : "The printer is set to print borderless, which enlarges the page"_said,
         .at = {input.plan.paper.width / 2, 0},
         .fix = Fix{"Print at true size"_said, [](const Document& now, const Work&) -> std::optional<Document> {
                        Document changed = now;
                        changed.sheet.printer.scaling = 1;
                        changed.sheet.printer.borderless = false;
                        return changed;
                    }}});
}

} // namespace fusuma
