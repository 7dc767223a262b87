#include "core/arrange/label_list.h"
#include "core/preflight/rules.h"

namespace fusuma {

namespace {

Said what_is_wrong(const RowTrouble& trouble) {
    return trouble.overflows ? "does not fit, even as small as it may get"_said
           : !trouble.unknown_field.empty()
               ? "asks for {field}, which the list has not"_said.with("field", "{" + trouble.unknown_field + "}")
           : !trouble.missing_picture.empty()
               ? "asks for the picture “{picture}”, which is not here"_said.with("picture", trouble.missing_picture)
               : "has letters that no font here has"_said;
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
        Said message = (label->design->table ? "{sticker}: row {row}, “{words}”, {trouble}"_said
                                             : "{sticker}: the text {trouble}"_said)
                           .with("sticker", sticker.name)
                           .with("row", first.row + 1)
                           .with("words", first.words.substr(0, first.words.find('\n')))
                           .with("trouble", what_is_wrong(first));
        if (troubles->size() > 1)
            message = "{finding} (and %n more rows)"_said.counted(troubles->size() - 1, "{finding} (and one more row)")
                          .with("finding", message);
        StickerCopies shown;
        for (const PlannedCopy* copy : copies)
            if (!label->design->table || (*copy)->placement.row == first.row)
                shown.push_back(copy);
        Finding finding =
            about_sticker("label-text", Severity::to_fix, std::move(message), shown.empty() ? copies : shown);
        if (first.overflows && with_smaller_text(input.document, sticker.id))
            finding.fix = Fix{"Let it shrink to 4 pt"_said, [id = sticker.id](const Document& now, const Work&) {
                                  return with_smaller_text(now, id);
                              }};
        findings.push_back(std::move(finding));
    });
}

} // namespace fusuma
