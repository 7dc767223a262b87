#pragma once

#include "app/bench/bench_tools.h"
#include "app/common/number_field.h"
#include "app/common/widgets.h"

#include <QSlider>
#include <QVBoxLayout>

namespace fusuma::app {

// What the steps' bodies are built of.

/// The stack of a step's body.
[[nodiscard]] QVBoxLayout* step_layout(QWidget* body);

/// A button that takes a tool of the view and stays down while it is in hand.
[[nodiscard]] QPushButton* tool_button(BenchTools& tools, Tool tool, const QString& text, const QString& name,
                                       const QString& why);

/// A field for a plain number with its unit of measure.
[[nodiscard]] NumberField* plain_field(double least, double most, double step, const char* name, const QString& suffix,
                                       const QString& why);

[[nodiscard]] QSlider* slider(int least, int most, const char* name, const QString& accessible, const QString& why);

/// Widgets side by side, sharing the width evenly.
[[nodiscard]] QWidget* side_by_side(const std::vector<QWidget*>& widgets);

} // namespace fusuma::app
