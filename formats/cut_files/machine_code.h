#pragma once

#include "core/machine/loaded_sheet.h"

#include <string>
#include <vector>

namespace fusuma {

/// What a machine is sent for a job, in its language and its ways, in pieces that can be sent one by one: what comes
/// before, one piece for each run, and the end. Every command is a line, and none takes long, so that the machine can
/// be stopped between them.
/// @param first  run to begin with, counted from 0: what was cut before a pause or a dropped line is not cut again
[[nodiscard]] std::vector<std::string> code_pieces(const MachineJob& job, std::size_t first = 0);
/// All of it, as a file.
[[nodiscard]] std::string machine_code(const MachineJob& job);

/// What lifts the blade at once, wherever it is.
[[nodiscard]] std::string lift_code(const Machine& machine);
/// What moves the lifted head.
/// @param to  machine mm
[[nodiscard]] std::string move_code(const Machine& machine, Point to);

} // namespace fusuma
