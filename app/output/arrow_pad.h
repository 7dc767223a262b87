#pragma once

#include "core/geometry/point.h"

#include <QString>
#include <functional>

class QWidget;

namespace fusuma::app {

/// Four arrows; held ones repeat.
/// @param go  called with a way of length 1, right and down positive
[[nodiscard]] QWidget* arrow_pad(const char* name, const QString& tip, const std::function<void(Point)>& go);

/// mm that a head is moved by an arrow, by the keys that are held: 0.5, with Shift 5, with Alt 0.05.
[[nodiscard]] double head_step();

} // namespace fusuma::app
