#include "core/preflight/rules.h"
#include "core/sheet/paper.h"

#include <cmath>

namespace fusuma {

void other_paper(const PreflightInput& input, Findings& findings) {
    constexpr double same_mm = 1; // drivers round to points, or to whole millimetres
    const SheetSettings& sheet = input.document.sheet;
    if (!sheet.printer.paper)
        return;
    const Size set = *sheet.printer.paper;
    const auto are_same = [&](Size a) {
        return std::abs(a.width - sheet.paper.width) <= same_mm && std::abs(a.height - sheet.paper.height) <= same_mm;
    };
    if (are_same(set) || are_same({set.height, set.width})) // printers turn pages by themselves
        return;
    const bool is_sideways = sheet.paper.width > sheet.paper.height;
    const Size same_way = (set.width > set.height) == is_sideways ? set : Size{set.height, set.width};
    findings.push_back({.rule = "other-paper",
                        .message = "The sheet is {paper}, but the printer is set to {other}"_said
                                       .with("paper", paper_name(sheet.paper))
                                       .with("other", paper_name(same_way)),
                        .at = {sheet.paper.width / 2, 0},
                        .fix = Fix{"Make the sheet {paper}"_said.with("paper", paper_name(same_way)),
                                   [same_way](const Document& now, const Work&) -> std::optional<Document> {
                                       Document changed = now;
                                       changed.sheet.paper = same_way;
                                       return changed;
                                   }}});
}

} // namespace fusuma
