#include "core/preflight/rules.h"

namespace fusuma {

void no_zone(const PreflightInput& input, Findings& findings) {
    const auto trouble = trouble_with(input.document.sheet);
    if (!trouble)
        return;
    const Size paper = input.plan.paper;
    findings.push_back({.rule = "no-zone", .message = trouble->said(), .at = {paper.width / 2, paper.height / 2}});
}

} // namespace fusuma
