#pragma once

#include "core/plan/plan.h"
#include "core/said.h"

namespace fusuma {

/// The frozen plan of one printed run: whatever changes later, the paper in the person's hand is cut by it.
struct Ticket {
    struct Page {
        std::vector<Mark> marks;
        std::vector<CutPath> cuts;
        bool operator==(const Page&) const = default;
    };
    std::string code;    ///< four letters and figures, printed small in the margin
    std::string printed; ///< when, as ISO 8601 local time
    Size paper;
    std::vector<Page> pages;
    std::shared_ptr<const Document> document; ///< as it was, without tickets
    /// Sheets of it that were cut.
    struct Cut {
        std::string machine, material; ///< by their names
        int sheets = 0;
        bool operator==(const Cut&) const = default;
    };
    std::vector<Cut> cut{};

    [[nodiscard]] int sheets_cut() const;
};

/// Freezes what is about to be printed.
/// @param plan  of the document as printed. The code tells it from the document's other tickets.
[[nodiscard]] Ticket frozen(const Document& document, const JobPlan& plan, std::string when);

/// The plan with the ticket's code on every page, outside the cut zone where there is room, else where nothing is
/// printed or cut; without it where there is no such place.
[[nodiscard]] JobPlan with_code(JobPlan plan, const Document& document, const std::string& code);

/// What is different from what was printed, a short sentence each; none when the same would be printed and cut again.
[[nodiscard]] std::vector<Said> changes_since(const Ticket& ticket, const Document& document);

[[nodiscard]] Document with_ticket_added(Document document, Ticket ticket);
/// One sheet more of the ticket was cut.
[[nodiscard]] Document with_sheet_cut(Document document, const std::string& code, const std::string& machine,
                                      const std::string& material);
[[nodiscard]] Document with_ticket_removed(Document document, const std::string& code);
/// Null when there is none.
[[nodiscard]] std::shared_ptr<const Ticket> find_ticket(const Document& document, const std::string& code);

} // namespace fusuma
