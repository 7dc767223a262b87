#pragma once

#include "app/output/output_run.h"

namespace fusuma::app {

// Each opens a dialog over `parent` and comes back when it is closed.

/// What the practice devices do wrong.
void ask_for_faults(OutputRun& run, QWidget* parent);
/// How the material in hand is cut; it can be saved under a name.
void ask_for_material(Model& model, QWidget* parent);
/// Prints a page with three lengths; what a maker measures becomes the printer's correction.
void set_printer_right(Model& model, QWidget* parent);
/// Prints and cuts a test sheet; the deviations seen become the cutter's correction.
void set_machine_right(Model& model, QWidget* parent);
/// Prints or saves the photo board.
void ask_for_board(Model& model, QWidget* parent);
/// What the inks of cut lines are called in PDF files.
void ask_for_inks(Model& model, QWidget* parent);

} // namespace fusuma::app
