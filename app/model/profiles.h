#pragma once

#include "core/cutting/material.h"
#include "core/machine/machine.h"
#include "core/sheet/sheet.h"

#include <vector>

namespace fusuma::app {

// Profiles that people saved on this computer. A project has its own copy of those it uses.

[[nodiscard]] std::vector<PrinterProfile> saved_printers();
[[nodiscard]] std::vector<CutterProfile> saved_cutters();
[[nodiscard]] std::vector<Material> saved_materials();
[[nodiscard]] std::vector<Machine> saved_machines();
/// Replaces the one of the same name.
void save_profile(const PrinterProfile& printer);
void save_profile(const CutterProfile& cutter);
void save_profile(const Material& material);
void save_profile(const Machine& machine);
void remove_machine(const std::string& name);

/// The printers that this computer knows, with the margins and the paper that each reports.
[[nodiscard]] std::vector<PrinterProfile> system_printers();

} // namespace fusuma::app
