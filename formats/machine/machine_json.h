#pragma once

#include "core/document/document.h"

#include "formats/basics/json.h"

namespace fusuma {

/// Profiles of printers and cutters and descriptions of materials, as in a project. Reading throws as json_fields.h
/// says.
[[nodiscard]] nlohmann::json to_json(const PrinterProfile& printer);
[[nodiscard]] nlohmann::json to_json(const CutterProfile& cutter);
[[nodiscard]] nlohmann::json to_json(const Material& material);
[[nodiscard]] PrinterProfile printer_from(const nlohmann::json& json);
[[nodiscard]] CutterProfile cutter_from(const nlohmann::json& json);
[[nodiscard]] Material material_from(const nlohmann::json& json);

} // namespace fusuma
