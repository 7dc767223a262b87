#include "core/geometry/growth.h"
#include "core/preflight/rules.h"

#include <cmath>

namespace fusuma {

namespace {

constexpr double least_cut_mm2 = 1; // common practice: smaller, and the blade turns on the spot and tears
constexpr double least_width = 0.8; // mm; common practice

/// The closed lines of a copy that are too small to cut, by their index among the sticker's lines.
struct SmallLines {
    std::vector<std::size_t> lines;
    Point at; ///< on the sticker, mm
    double mm2 = 0;
};

SmallLines small_of(const StickerResult& result) {
    SmallLines found;
    const CutLines& lines = result.cut->hand.lines;
    for (std::size_t i = 0; i < lines.size(); ++i) {
        if (lines[i].is_open)
            continue;
        const double size = std::abs(signed_area(lines[i].path));
        const bool is_narrow = [&] {
            const Rect box = bounds(lines[i].path);
            if (std::fmin(box.width(), box.height()) < least_width)
                return true;
            // What is nowhere as wide as the blade needs vanishes when shrunk by half of that.
            return size < 200 && grown({flatten(lines[i].path, 0.02)}, {.width = -least_width / 2}).empty();
        }();
        if (size >= least_cut_mm2 && !is_narrow)
            continue;
        if (found.lines.empty() || size < found.mm2) {
            found.at = bounds(lines[i].path).centre();
            found.mm2 = size;
        }
        found.lines.push_back(i);
    }
    return found;
}

} // namespace

void small_contour(const PreflightInput& input, Findings& findings) {
    for_stickers(input, [&](const Sticker& sticker, const PlacedCopy& copy, const StickerCopies& copies) {
        const auto small = input.planner.facts.get<SmallLines>({copy.result}, [&] { return small_of(*copy.result); });
        if (small->lines.empty())
            return;
        const std::size_t count = small->lines.size();
        Finding finding = about_sticker("small-contour", Severity::to_look_at,
                                        "{sticker}: %n cut lines are too small for the blade to turn"_said
                                            .counted(count, "{sticker}: a cut line is too small for the blade to turn")
                                            .with("sticker", sticker.name),
                                        copies);
        finding.at = copy.map.apply(small->at);
        finding.fix = fix_of_lines(count == 1 ? "Leave it out"_said : "Leave them out"_said, input, sticker,
                                   copies.front()->id, [](CutLines& lines, const StickerResult& result) {
                                       const SmallLines gone = small_of(result);
                                       for (auto it = gone.lines.rbegin(); it != gone.lines.rend(); ++it)
                                           lines.erase(lines.begin() + static_cast<std::ptrdiff_t>(*it));
                                   });
        findings.push_back(std::move(finding));
    });
}

} // namespace fusuma
