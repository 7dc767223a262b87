#pragma once

#include "core/machine/loaded_sheet.h"

#include <string>
#include <vector>

namespace fusuma {

/// A job as a file, in its machine's language and ways.
[[nodiscard]] std::string machine_code(const MachineJob& job);
/// The same in pieces that can be sent one by one: what comes before, one for each run, and the end. Every command is a
/// line.
/// @param first  run to begin with, counted from 0: what was cut before a pause or a dropped line is not cut again
[[nodiscard]] std::vector<std::string> code_pieces(const CutJob& job, const Material& material, const Machine& machine,
                                                   std::size_t first = 0);

/// What comes before anything else that a machine is sent for a sheet, its own lines included.
[[nodiscard]] std::string begin_code(const Machine& machine);
/// What it is told again before it goes on, when its line was closed meanwhile: never lines of its own, which may set
/// where nought is.
[[nodiscard]] std::string resume_code(const Machine& machine);
/// What lifts the blade at once, wherever it is.
[[nodiscard]] std::string lift_code(const Machine& machine);
/// What moves the lifted head.
/// @param to  machine mm
[[nodiscard]] std::string move_code(const Machine& machine, Point to);

} // namespace fusuma
