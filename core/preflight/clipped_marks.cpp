#include "core/preflight/rules.h"

#include <algorithm>

namespace fusuma {

namespace {

/// How far a mark reaches past what the printer can print, mm.
double beyond(const Mark& mark, const Rect& room) {
    return std::max({room.min.x - mark.centre.x, mark.centre.x - room.max.x, room.min.y - mark.centre.y,
                     mark.centre.y - room.max.y}) +
           mark.radius;
}

} // namespace

void clipped_marks(const PreflightInput& input, Findings& findings) {
    constexpr double rounding_mm = 0.01;
    const SheetSettings& sheet = input.document.sheet;
    const Rect room = printable(sheet);
    double worst = 0;
    std::size_t count = 0;
    Point at;
    for (const Mark& mark : marks(sheet)) {
        const double clipped = beyond(mark, room);
        count += clipped > rounding_mm;
        if (clipped > worst) {
            worst = clipped;
            at = mark.centre;
        }
    }
    if (count == 0)
        return;
    Finding finding{.rule = "clipped-marks",
                    .message =
                        "%n marks reach {length} into the margins, so the printer will clip them"_said
                            .counted(count, "A mark reaches {length} into the margins, so the printer will clip it")
                            .with("length", std::max(0.1, worst), input.document.unit),
                    .at = at};
    if (sheet.marks.kind != MarkKind::scheme)
        finding.fix =
            Fix{"Move the marks in"_said, [worst](const Document& now, const Work&) -> std::optional<Document> {
                    Document moved = now;
                    moved.sheet.marks.inset += worst;
                    for (const Mark& mark : marks(moved.sheet))
                        if (beyond(mark, printable(moved.sheet)) > rounding_mm)
                            return std::nullopt;
                    return moved;
                }};
    findings.push_back(std::move(finding));
}

} // namespace fusuma
