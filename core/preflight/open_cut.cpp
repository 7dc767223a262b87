#include "core/preflight/rules.h"

namespace fusuma {

void open_cut(const PreflightInput& input, Findings& findings) {
    for_stickers(input, [&](const Sticker& sticker, const PlacedCopy& copy, const std::vector<std::size_t>& copies) {
        if (copy.open.empty())
            return;
        const std::size_t count = copy.open.size();
        Finding finding = about_sticker(
            "open-cut", Severity::to_look_at,
            sticker.name + ": " +
                (count == 1 ? "a cut line does not close" : std::to_string(count) + " cut lines do not close"),
            input, copies);
        finding.at = copy.open.front().start;
        finding.fix = fix_of_lines(count == 1 ? "Close it" : "Close them", input, sticker, copies.front(),
                                   [](CutLines& lines, const StickerResult&) {
                                       for (CutLine& line : lines)
                                           if (line.is_open) {
                                               line.is_open = false;
                                               line.path.segments.push_back(Segment::line_to(line.path.start));
                                           }
                                   });
        findings.push_back(std::move(finding));
    });
}

} // namespace fusuma
