#pragma once

#include "core/fill/fill_page.h"

namespace fusuma {

/// A pattern that repeats for ever: two postures in a cell (or one), and the two steps from cell to cell.
struct Lattice {
    std::size_t first = 0, second = 0; ///< indices of the postures
    bool is_double = false;
    Point between;       ///< from the first's middle to the second's
    Point along, across; ///< steps, mm
    double mm2_each = 0; ///< of the plane for every copy
};

/// The densest lattices of one piece in the given postures, densest first: rows in many directions, each row pushed
/// against the one before wherever along it that saves most.
/// @param postures  all of one piece
[[nodiscard]] std::vector<Lattice> dense_lattices(const std::vector<Posture>& postures, const Work& work);

/// The places of a lattice that are free on the page, for the phase at which most are.
[[nodiscard]] std::vector<std::pair<std::size_t, Point>>
best_phase(const Lattice& lattice, const std::vector<Posture>& postures, const FillPage& page);

} // namespace fusuma
