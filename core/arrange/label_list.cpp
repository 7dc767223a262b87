#include "core/arrange/label_list.h"

#include "core/parallel.h"

#include <algorithm>
#include <numeric>
#include <span>

namespace fusuma {

namespace {

/// @param rows  of the list, each as often as `copies` says
FillReport placed_rows(const Document& document, Planner& planner, int id, const LabelDesign& design,
                       const std::vector<std::size_t>& rows, int copies, FillRequest request, const Work& work) {
    request.pages = most_pages;
    request.rounds = 0;
    if (design.shape.kind == LabelShape::lettering) // each row has a shape of its own
        for (const std::size_t row : rows)
            request.orders.push_back({.sticker = id, .wanted = copies, .row = row});
    else
        request.orders.push_back({.sticker = id, .wanted = copies * static_cast<int>(rows.size())});
    FillReport report = fill_sheet(document, planner, request, work);
    report.placed = {report.copies()};
    return report;
}

const LabelDesign* design_of(const Document& document, int id) {
    const auto sticker = document.find(id);
    const auto* label = sticker ? std::get_if<LabelArtwork>(&sticker->artwork) : nullptr;
    return label ? label->design.get() : nullptr;
}

} // namespace

std::vector<std::size_t> rows_without_copy(const Document& document, int id, std::size_t copies) {
    const LabelDesign* design = design_of(document, id);
    if (!design || !design->table)
        return {};
    std::vector<char> is_shown(design->rows());
    for (const Placement& p : std::span(document.placements).first(std::min(copies, document.placements.size())))
        if (p.sticker == id && p.row < is_shown.size())
            is_shown[p.row] = true;
    std::vector<std::size_t> rows;
    for (std::size_t row = 0; row < is_shown.size(); ++row)
        if (!is_shown[row])
            rows.push_back(row);
    return rows;
}

std::optional<Document> with_missing_rows(const Document& document, Planner& planner, int id, const Work& work) {
    const auto rows = rows_without_copy(document, id);
    if (rows.empty())
        return document;
    FillReport report =
        placed_rows(document, planner, id, *design_of(document, id), rows, 1, {.way = FillWay::rows}, work);
    work.at(1); // stopped, only some of them are there
    return report.placed[0] > 0 ? std::optional(std::move(report.document)) : std::nullopt;
}

bool are_larger_than_zone(const Document& document, Planner& planner, int id, const std::vector<std::size_t>& rows) {
    const LabelDesign* design = design_of(document, id);
    if (!design || rows.empty())
        return false;
    const Rect most = planner.plan(document)->pages.front().largest_place;
    const bool are_alike = design->shape.kind != LabelShape::lettering;
    return std::ranges::all_of(std::span(rows).first(are_alike ? 1 : rows.size()), [&](std::size_t row) {
        const Rect box = planner.placed_copy(document, {.sticker = id, .row = row})->cut_box;
        return box.width() > most.width() || box.height() > most.height();
    });
}

std::vector<std::size_t> next_rows(const Document& document, int id, std::size_t count, std::size_t copies) {
    const LabelDesign* design = design_of(document, id);
    const std::size_t all = design ? design->rows() : 1;
    std::vector<std::size_t> rows;
    if (count < all)
        rows = rows_without_copy(document, id, copies);
    rows.resize(std::min(rows.size(), count));
    for (std::size_t row = 0; rows.size() < count; row = (row + 1) % all)
        rows.push_back(row);
    return rows;
}

FillReport place_list(const Document& document, Planner& planner, int id, int copies, int page, FillWay way,
                      const Work& work) {
    const LabelDesign* design = design_of(document, id);
    if (!design)
        return {.document = document, .placed = {0}, .pages = 0};
    Document cleared = document;
    std::erase_if(cleared.placements, [&](const Placement& p) { return p.sticker == id && !p.locked; });
    std::vector<std::size_t> rows(design->rows());
    std::iota(rows.begin(), rows.end(), std::size_t{0});
    return placed_rows(cleared, planner, id, *design, rows, copies, {.page = page, .way = way}, work);
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
                trouble.words = design.filled_in(design.texts[i].words, trouble.row);
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
