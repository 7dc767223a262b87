#include "core/steps/sticker_cut.h"

#include "core/geometry/measure.h"

namespace fusuma {

Rect Cut::box() const {
    Rect box = bounds(region);
    for (const StickerLine& line : lines)
        box.include(bounds(line.path));
    return box;
}

Cut cut_of(const SizedOutline& outline, std::shared_ptr<const Border> derived, const HandWork& hand, double reach,
           CutKind kind) {
    Cut cut;
    cut.derived = std::move(derived);
    cut.hand = applied(hand, {cut.derived->line, outline.outline, reach, outline.from_picture});
    cut.region = hand.empty() ? cut.derived->line : closed_lines(cut.hand.lines);
    if (outline.is_outline_cut)
        for (const Contour& contour : cut.region.contours)
            cut.lines.push_back({contour, kind});
    for (const CutLine& line : cut.hand.lines)
        if (line.is_open)
            cut.lines.push_back({line.path, kind, true});
    for (const OwnLine& line : outline.own_lines)
        cut.lines.push_back({line.path, line.kind, line.is_open, StickerLine::Origin::artwork});
    return cut;
}

} // namespace fusuma
