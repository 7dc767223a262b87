#include "core/preflight/rules.h"

#include <algorithm>

namespace fusuma {

void open_cut(const PreflightInput& input, Findings& findings) {
    for_stickers(input, [&](const Sticker& sticker, const PlacedCopy& copy, const StickerCopies& copies) {
        const auto is_open = [](const CopyLine& line) {
            return line.is_open && line.origin == StickerLine::Origin::derived;
        };
        const auto count = std::ranges::count_if(copy.lines, is_open);
        if (count == 0)
            return;
        Finding finding =
            about_sticker("open-cut", Severity::to_look_at,
                          "{sticker}: %n cut lines do not close"_said
                              .counted(static_cast<std::size_t>(count), "{sticker}: a cut line does not close")
                              .with("sticker", sticker.name),
                          copies);
        finding.at = std::ranges::find_if(copy.lines, is_open)->path.start;
        finding.fix = fix_of_lines(count == 1 ? "Close it"_said : "Close them"_said, input, sticker, copies.front()->id,
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
