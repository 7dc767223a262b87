#include "core/preflight/rules.h"

#include <algorithm>

namespace fusuma {

void empty_page(const PreflightInput& input, Findings& findings) {
    const Document& document = input.document;
    if (document.stickers.empty())
        return; // a new project, not a sheet that was forgotten
    for (int page = 0; page < document.pages; ++page) {
        if (std::ranges::any_of(document.placements, [page](const Placement& p) { return p.page == page; }))
            continue;
        Finding finding{.rule = "empty-sheet",
                        .severity = Severity::to_look_at,
                        .message = document.pages == 1 ? "The sheet is empty"_said
                                                       : "Page {page} is empty"_said.with("page", page + 1),
                        .page = page + 1,
                        .at = {input.plan.paper.width / 2, input.plan.paper.height / 2}};
        if (document.pages > 1) {
            finding.fix =
                Fix{"Remove the page"_said, [page](const Document& now, const Work&) -> std::optional<Document> {
                        return with_page_removed(now, page);
                    }};
            finding.fix->found_on.empty_page = page;
        }
        findings.push_back(std::move(finding));
    }
}

} // namespace fusuma
