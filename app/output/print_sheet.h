#pragma once

#include "app/model/model.h"

class QPrinter;
class QWidget;

namespace fusuma::app {

/// Paints a plan's pages on a printer at true size: vector where it is vector, pictures at their own resolution.
/// Those pages and in that order that were chosen in the printer's dialog. A Problem when the printer is set to other
/// paper, cannot begin, or stops on the way.
Outcome paint_sheets(QPrinter& printer, const JobPlan& plan);

/// Does that on a thread; a failure is told.
/// @param then  called with whether it was printed
void print_sheets(Model& model, std::shared_ptr<QPrinter> printer, std::shared_ptr<const JobPlan> plan,
                  const std::function<void(bool)>& then = {});

/// Asks for a printer in the system's dialog, set to the plan's paper without scaling or margins of its own. False when
/// the person leaves it.
[[nodiscard]] bool ask_for_printer(QPrinter& printer, Size paper, int pages, QWidget* parent);

} // namespace fusuma::app
