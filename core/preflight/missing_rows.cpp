#include "core/arrange/label_list.h"
#include "core/preflight/rules.h"

#include <algorithm>

namespace fusuma {

void missing_rows(const PreflightInput& input, Findings& findings) {
    for_stickers(input, [&](const Sticker& sticker, const PlacedCopy&, const StickerCopies& copies) {
        const auto missing = rows_without_copy(input.document, sticker.id);
        if (missing.empty())
            return;
        const LabelDesign& design = *std::get<LabelArtwork>(sticker.artwork).design;
        if (missing.size() + 1 >= design.rows())
            return; // one that is tried out
        const auto& cells = design.table->rows[missing.front()];
        const auto told = std::ranges::find_if_not(cells, &std::string::empty);
        Finding finding = about_sticker(
            "missing-rows", Severity::to_look_at,
            "{sticker}: %n rows of its list are on no page, the first is row {row}, “{words}”"_said
                .counted(missing.size(), "{sticker}: one row of its list is on no page: row {row}, “{words}”")
                .with("sticker", sticker.name)
                .with("row", missing.front() + 1)
                .with("words", told == cells.end() ? std::string() : told->substr(0, told->find('\n'))),
            copies);
        finding.key = std::to_string(missing.size()) + " rows from " + std::to_string(missing.front() + 1);
        finding.fix = Fix{"Put them on the sheet"_said,
                          [&planner = input.planner, id = sticker.id](const Document& now, const Work& work) {
                              return with_missing_rows(now, planner, id, work);
                          }};
        findings.push_back(std::move(finding));
    });
}

} // namespace fusuma
