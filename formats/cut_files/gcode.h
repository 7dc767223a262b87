#pragma once

#include "core/cutting/cut_job.h"
#include "core/machine/machine.h"

#include <string>
#include <vector>

namespace fusuma {

/// A job as G-code in the ways of its machine, in pieces as `hpgl_pieces`: millimetres, absolute, feed in mm a minute,
/// the blade up and down by Z or by the machine's own words.
/// Source: ISO 6983 as RS-274 dialects take it (Kramer, Proctor and Messina, The NIST RS274NGC Interpreter, version 3,
/// 2000, from memory); G0, G1, G2, G3, G4, G17, G21, G90, G94, M2, and the machine's own.
/// @param job    in the bed's mm
/// @param first  run to begin with, counted from 0
[[nodiscard]] std::vector<std::string> gcode_pieces(const CutJob& job, const Material& material, const Machine& machine,
                                                    std::size_t first = 0);

/// Lifts the blade.
[[nodiscard]] std::string gcode_lift(const Machine& machine);
/// Moves the lifted head.
/// @param to  machine mm
[[nodiscard]] std::string gcode_move(const Machine& machine, Point to);

} // namespace fusuma
