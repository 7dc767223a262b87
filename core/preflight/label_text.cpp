#include "core/arrange/label_list.h"
#include "core/preflight/rules.h"

namespace fusuma {

namespace {

std::string what_is_wrong(const RowTrouble& trouble) {
    return trouble.overflows                ? "does not fit, even as small as it may get"
           : !trouble.unknown_field.empty() ? "asks for {" + trouble.unknown_field + "}, which the list has not"
           : !trouble.missing_picture.empty()
               ? "asks for the picture “" + trouble.missing_picture + "”, which is not here"
               : "has letters that its font lacks";
}

/// The smallest type that people still read at arm's length (common practice: 4 pt).
constexpr double least_readable = 1.4; // mm

std::optional<Document> with_smaller_text(const Document& document, int id) {
    const auto sticker = document.find(id);
    const auto* label = sticker ? std::get_if<LabelArtwork>(&sticker->artwork) : nullptr;
    if (!label)
        return std::nullopt;
    auto design = std::make_shared<LabelDesign>(*label->design);
    bool is_changed = false;
    for (LabelText& text : design->texts)
        if (text.least_size > least_readable) {
            text.least_size = least_readable;
            is_changed = true;
        }
    if (!is_changed)
        return std::nullopt;
    Sticker changed = *sticker;
    changed.artwork = LabelArtwork{std::move(design), label->row};
    return with_sticker_changed(document, std::move(changed));
}

} // namespace

void label_text(const PreflightInput& input, Findings& findings) {
    for_stickers(input, [&](const Sticker& sticker, const PlacedCopy&, const StickerCopies& copies) {
        const auto* label = std::get_if<LabelArtwork>(&sticker.artwork);
        if (!label)
            return;
        const auto troubles = input.planner.facts.get<std::vector<RowTrouble>>(
            {label->design}, [&] { return troubles_of(*label->design); });
        if (troubles->empty())
            return;
        const RowTrouble& first = troubles->front();
        const std::string which = label->design->table ? "row " + std::to_string(first.row + 1) + ", “" +
                                                             first.words.substr(0, first.words.find('\n')) + "”, "
                                                       : "the text ";
        const std::string more =
            troubles->size() > 1 ? " (and " + std::to_string(troubles->size() - 1) + " more rows)" : "";
        StickerCopies shown;
        for (const PlannedCopy* copy : copies)
            if (!label->design->table || (*copy)->placement.row == first.row)
                shown.push_back(copy);
        Finding finding =
            about_sticker("label-text", Severity::to_fix, sticker.name + ": " + which + what_is_wrong(first) + more,
                          shown.empty() ? copies : shown);
        if (first.overflows && with_smaller_text(input.document, sticker.id))
            finding.fix = Fix{"Let it shrink to 4 pt",
                              [id = sticker.id](const Document& now) { return with_smaller_text(now, id); }};
        findings.push_back(std::move(finding));
    });
}

} // namespace fusuma
