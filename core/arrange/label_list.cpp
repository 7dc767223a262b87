#include "core/arrange/label_list.h"

#include "core/parallel.h"

#include <algorithm>

namespace fusuma {

FillReport place_list(const Document& document, Planner& planner, int id, int copies, int page, FillWay way,
                      const Work& work) {
    const auto sticker = document.find(id);
    const auto* label = sticker ? std::get_if<LabelArtwork>(&sticker->artwork) : nullptr;
    if (!label)
        return {.document = document, .placed = {0}, .pages = 0};
    Document cleared = document;
    std::erase_if(cleared.placements, [&](const Placement& p) { return p.sticker == id && !p.locked; });
    const std::size_t rows = label->design->rows();
    FillRequest request{.page = page, .pages = most_pages, .way = way, .rounds = 0};
    const bool is_lettering = label->design->shape.kind == LabelShape::lettering;
    if (is_lettering) // each row has a shape of its own
        for (std::size_t row = 0; row < rows; ++row)
            request.orders.push_back({.sticker = id, .wanted = copies, .row = row});
    else
        request.orders.push_back({.sticker = id, .wanted = copies * static_cast<int>(rows)});
    FillReport report = fill_sheet(cleared, planner, request, work);
    report.placed = {report.copies()};
    return report;
}

std::vector<RowTrouble> troubles_of(const LabelDesign& design, const Work& work) {
    std::vector<std::string> unknown;
    for (const LabelText& text : design.texts)
        for (std::string& field : fields_of(text.words))
            if (!design.table || !design.table->column(field))
                unknown.push_back(std::move(field));
    std::vector<RowTrouble> rows(design.rows());
    for_each_of(static_cast<int>(rows.size()), work, [&](int k) {
        RowTrouble& trouble = rows[static_cast<std::size_t>(k)];
        trouble.row = static_cast<std::size_t>(k);
        const SetLabel label = set_label(design, trouble.row);
        trouble.missing_picture = label.missing_picture;
        for (std::size_t i = 0; i < label.texts.size(); ++i) {
            trouble.overflows |= label.texts[i].overflows;
            trouble.lacks_letters |= label.texts[i].lacks_letters;
            if (trouble.words.empty())
                trouble.words = filled_in(design.texts[i].words, design.table.get(), trouble.row, design.day);
        }
        if (!unknown.empty() && design.table)
            trouble.unknown_field = unknown.front();
    });
    std::erase_if(rows, [](const RowTrouble& row) {
        return !row.overflows && !row.lacks_letters && row.unknown_field.empty() && row.missing_picture.empty();
    });
    return rows;
}

} // namespace fusuma
