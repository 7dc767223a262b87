#pragma once

#include "core/plan/ticket.h"
#include "formats/project/project_json.h"

namespace fusuma {

/// A ticket as in tickets/CODE.json of a project. Reading throws as json_fields.h says.
/// @param beyond  copies that were left out already; all lines stay, those of such copies being nobody's
[[nodiscard]] nlohmann::json to_json(const Ticket& ticket, const StoreFile& store);
Result<Ticket> ticket_from(const nlohmann::json& json, const ArtworkFrom& artwork_from, std::size_t beyond);

} // namespace fusuma
