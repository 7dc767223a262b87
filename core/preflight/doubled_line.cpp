#include "core/cutting/doubled.h"
#include "core/document/copies.h"
#include "core/preflight/rules.h"

namespace fusuma {

bool is_doubled(const Beside& pair) {
    constexpr double least_mm = 2; // lines that merely cross lie on each other for less
    return pair.doubled_mm > least_mm;
}

bool is_shared(const PreflightInput& input, std::size_t a, std::size_t b) {
    const PlannedCopy &one = input.plan.copies[a], &other = input.plan.copies[b];
    const std::set<CopyId>& sharing = input.plan.pages[static_cast<std::size_t>(one.page)].sharing.copies;
    if (!sharing.contains(one.id) || !sharing.contains(other.id))
        return false;
    const auto pair = beside(input, a, b);
    return area(pair->shared) <= same_line_mm * std::max(pair->doubled_mm, same_line_mm);
}

void doubled_line(const PreflightInput& input, Findings& findings) {
    for_neighbours(
        input, 0, [](std::size_t, std::size_t) { return 0.0; },
        [&](std::size_t i, std::size_t k) {
            const auto pair = beside(input, i, k);
            if (is_shared(input, i, k))
                return false;
            if (!is_doubled(*pair))
                return pair->nearest.distance == 0; // which another rule tells
            findings.push_back({.rule = "doubled-line",
                                .message = "{sticker} and {other}: their cut lines lie on each other for {length}"_said
                                               .with("sticker", name_of_copy(input, i))
                                               .with("other", name_of_copy(input, k))
                                               .with("length", pair->doubled_mm, input.document.unit),
                                .page = input.plan.copies[i].page + 1,
                                .at = pair->doubled_at,
                                .copies = {input.plan.copies[i].id, input.plan.copies[k].id},
                                .fix = Fix{"Remove one"_said,
                                           [one = input.plan.copies[i].id, other = input.plan.copies[k].id](
                                               const Document& now, const Work&) -> std::optional<Document> {
                                               for (const CopyId id : {other, one})
                                                   if (const Placement* copy = now.copy(id); copy && !copy->locked)
                                                       return removed(now, {id});
                                               return std::nullopt;
                                           }}});
            return true;
        });
}

} // namespace fusuma
