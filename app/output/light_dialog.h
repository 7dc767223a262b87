#pragma once

#include "core/machine/machine.h"

#include <optional>

class QWidget;

namespace fusuma::app {

/// Finds how far the light or laser of a machine lies beside its blade: the machine cuts a small cross, and the person
/// drives the head until the light is on it.
/// @return  mm from the blade to the light along the machine's axes, or nothing when the person leaves it
[[nodiscard]] std::optional<Point> ask_where_light_is(const Machine& machine, QWidget* parent);

} // namespace fusuma::app
