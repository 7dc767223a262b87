#pragma once

#include "app/model/model.h"

#include <optional>

namespace fusuma::app {

enum class TicketAct {
    cut,   ///< take it in hand
    print, ///< its sheet once more
    open,  ///< its sheet in place of the one that is open
};
struct TicketChoice {
    std::shared_ptr<const Ticket> ticket;
    TicketAct act;
};

/// Shows everything that was printed from the project, the newest first, each with a small picture of its sheet, when
/// it was printed and what was cut of it. Tickets can be deleted there.
[[nodiscard]] std::optional<TicketChoice> ask_for_ticket(Model& model, QWidget* over);

} // namespace fusuma::app
