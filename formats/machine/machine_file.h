#pragma once

#include "core/machine/machine.h"
#include "core/result.h"

#include <QString>

namespace fusuma {

/// A machine's profile as a file of its own, described in docs/guide/machines.md. What a file leaves out is as usual; a field
/// that is not known, or out of range, is named.
/// @param text  JSON
[[nodiscard]] Result<Machine> read_machine(const std::string& text);
/// The same from a file, read in a room of its own (formats/room/room.h).
[[nodiscard]] Result<Machine> load_machine(const QString& path);
[[nodiscard]] std::string machine_text(const Machine& machine);

} // namespace fusuma
