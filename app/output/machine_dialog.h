#pragma once

#include "core/machine/machine.h"
#include "core/units.h"

#include <QStringList>
#include <optional>

class QWidget;

namespace fusuma::app {

/// Asks what a machine is plugged in at, how its axes lie and how it is spoken to. It can be greeted before it is
/// saved, and read from and written to a file.
/// @param now    to begin with; a new machine when there is none
/// @param taken  names that it must not have
/// @return  the machine, or nothing when the person leaves it
[[nodiscard]] std::optional<Machine> ask_for_machine(const Machine* now, const QStringList& taken, Unit unit,
                                                     QWidget* parent);

} // namespace fusuma::app
