#pragma once

#include "core/cutting/material.h"
#include "core/geometry/view.h"
#include "core/machine/machine.h"
#include "core/sheet/sheet.h"

#include <QString>
#include <optional>
#include <vector>

namespace fusuma::app {

// Profiles that people saved on this computer. A project has its own copy of those it uses.

[[nodiscard]] std::vector<PrinterProfile> saved_printers();
[[nodiscard]] std::vector<CutterProfile> saved_cutters();
[[nodiscard]] std::vector<Material> saved_materials();
[[nodiscard]] std::vector<Machine> saved_machines();
/// A material's name as people read it: those that come with Fusuma have one in every language.
[[nodiscard]] QString material_in_words(const std::string& name);
/// Replaces the one of the same name.
void save_profile(const PrinterProfile& printer);
void save_profile(const CutterProfile& cutter);
void save_profile(const Material& material);
void save_profile(const Machine& machine);
void remove_machine(const std::string& name);

/// How a camera's lens bends, as a photograph of the board told; nothing for one that is not known.
/// @param camera  make and model
[[nodiscard]] std::optional<Lens> saved_lens(const std::string& camera);
void save_lens(const std::string& camera, const Lens& lens);

/// The printers that this computer knows, with the margins and the paper that each reports.
[[nodiscard]] std::vector<PrinterProfile> system_printers();

} // namespace fusuma::app
