#pragma once

#include "core/arrange/fill_sheet.h"

namespace fusuma {

/// Puts every row's label of a list on the sheet, in the list's order from the top left: `copies` of each, from a page
/// on and over as many pages as it takes. Copies of the sticker that are not locked are placed anew.
/// `placed` of the report has one number, all labels that found room.
[[nodiscard]] FillReport place_list(const Document& document, Planner& planner, int sticker, int copies, int page,
                                    FillWay way = FillWay::rows, const Work& work = {});

/// Rows of a list that no copy on the sheet shows, rising; none for what is no list.
/// @param copies  only so many are looked at, from the first on
[[nodiscard]] std::vector<std::size_t> rows_without_copy(const Document& document, int sticker,
                                                         std::size_t copies = most_copies);
/// With a copy of each of them, wherever room is, on further pages where it must be. Nothing when none of them found
/// room. Throws Stopped when asked to stop.
[[nodiscard]] std::optional<Document> with_missing_rows(const Document& document, Planner& planner, int sticker,
                                                        const Work& work = {});
/// The rows that new copies of a list's labels get: all in the list's order, over and over when there are more. Where
/// there are too few for that, those come first that no copy shows yet.
/// @param count   of new copies
/// @param copies  only the first so many of the document's are looked at
/// @return        as many rows, all of them 0 where there is no list
[[nodiscard]] std::vector<std::size_t> next_rows(const Document& document, int sticker, std::size_t count,
                                                 std::size_t copies = most_copies);

/// Are the labels of all these rows larger than the cut zone, so that no page ever has room for them?
[[nodiscard]] bool are_larger_than_zone(const Document& document, Planner& planner, int sticker,
                                        const std::vector<std::size_t>& rows);

/// What is wrong with a label of a list.
struct RowTrouble {
    std::size_t row = 0; ///< from 0
    std::string words;   ///< what the label begins with
    bool overflows = false, lacks_letters = false;
    std::string unknown_field, missing_picture;
};
/// Rows whose texts do not fit, ask for letters that no font has or for columns that the table has not, or name
/// pictures that nobody brought.
[[nodiscard]] std::vector<RowTrouble> troubles_of(const LabelDesign& design, const Work& work = {});

} // namespace fusuma
