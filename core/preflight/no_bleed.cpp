#include "core/preflight/rules.h"
#include "core/steps/edge_colours.h"

namespace fusuma {

namespace {

/// Colours that paper passes for.
bool is_paper_white(Rgb c) {
    constexpr int white = 235; // of 255; a slip of it is not seen on paper
    return c.red >= white && c.green >= white && c.blue >= white;
}

struct InkAtCut {
    double share = 0; ///< of the cut line's length that lies on colour
    Point at;         ///< one such place, mm on the sticker
};

InkAtCut ink_at_cut(const StickerResult& result) {
    constexpr double step = 0.5, inward = 0.2; // mm
    InkAtCut found;
    const ArtColours art(result);
    double whole = 0, inked = 0;
    along_cut_line(result, step, [&](Point p, Point inside, double length) {
        whole += length;
        const auto colour = art.at(p + inward * inside);
        if (!colour || is_paper_white(*colour))
            return;
        if (inked == 0)
            found.at = p;
        inked += length;
    });
    found.share = whole > 0 ? inked / whole : 0;
    return found;
}

} // namespace

void no_bleed(const PreflightInput& input, Findings& findings) {
    constexpr double on_edge = 0.05, noticeable_share = 0.1; // mm; of the cut line
    for_stickers(input, [&](const Sticker& sticker, const PlacedCopy& copy, const StickerCopies& copies) {
        if (bleeds(sticker.border, sticker.rims, sticker.bleed) || copy.lines.empty())
            return;
        if (reach_at(sticker, sticker.width) < -on_edge)
            return; // the art itself goes on past the cut
        const Fill* rim = rim_at_cut(sticker);
        Point at;
        if (rim) {
            if (rim->kind == Fill::Kind::clear || (rim->kind == Fill::Kind::colour && is_paper_white(rim->colour)))
                return;
        } else {
            const auto ink = input.planner.facts.get<InkAtCut>({copy.result}, [&] { return ink_at_cut(*copy.result); });
            if (ink->share < noticeable_share)
                return;
            at = ink->at;
        }
        Finding finding = about_sticker(
            "no-bleed", Severity::to_fix,
            (rim ? "{sticker}: its border is printed up to the cut without a bleed, so the smallest slip shows paper"_said
                 : "{sticker}: cut along its own art without a bleed, so the smallest slip shows paper"_said)
                .with("sticker", sticker.name),
            copies);
        if (!rim)
            finding.at = copy.map.apply(at);
        const double width = sticker.bleed.width > 0 ? sticker.bleed.width : Bleed{}.width;
        finding.fix = Fix{"Add a bleed of {length}"_said.with("length", width, input.document.unit),
                          [id = sticker.id, has_rim = rim != nullptr, width](const Document& now,
                                                                             const Work&) -> std::optional<Document> {
                              const auto current = now.find(id);
                              if (!current)
                                  return std::nullopt;
                              Sticker bled = *current;
                              bled.bleed = {has_rim ? Bleed::Kind::rim : Bleed::Kind::art, width};
                              return with_sticker_changed(now, std::move(bled));
                          }};
        findings.push_back(std::move(finding));
    });
}

} // namespace fusuma
