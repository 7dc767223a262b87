#pragma once

#include "core/registration/find_marks.h"
#include "core/registration/fit.h"

#include <cstdint>

namespace fusuma {

// What practice devices do wrong on purpose, so that everything can be tried without spoiling a sheet.

struct PrintFaults {
    Pose pose;             ///< of the print on the paper, about its middle
    double clipped = 0;    ///< mm along every edge that the printer leaves blank
    double ink_spread = 0; ///< mm by which ink grows
    bool operator==(const PrintFaults&) const = default;
};

struct LoadFaults {
    Point shift;     ///< mm, of the sheet in the cutter
    double turn = 0; ///< radians, about the paper's middle
    bool upside_down = false;
    double noise = 4;                          ///< standard deviation of the sensor's grey values, of 255
    std::vector<std::size_t> smudged, missing; ///< marks, by number
    std::uint32_t seed = 1;                    ///< of noise and smudges
    bool operator==(const LoadFaults&) const = default;
};

struct MachineFaults {
    double blade_offset = 0; ///< mm, of the blade that is really in it
    double backlash = 0;     ///< mm that each axis must go before it moves the blade back
    Pose own;                ///< its own error, about the paper's middle
    int drop_after = -1;     ///< runs after which the connection drops, once; −1 for never
    bool operator==(const MachineFaults&) const = default;
};

struct PracticeFaults {
    PrintFaults print;
    LoadFaults load;
    MachineFaults machine;
    bool operator==(const PracticeFaults&) const = default;
};

/// From where the plan has it to where the print lies in the machine, mm.
[[nodiscard]] Transform true_place(const PracticeFaults& faults, Size paper);

/// Where the blade's tip really goes in a machine with these faults.
class FaultyBlade {
  public:
    FaultyBlade(const MachineFaults& what, Size paper);
    /// @param axis  where the machine is told to go, mm; the blade is down from the first point to the last
    [[nodiscard]] std::vector<Point> cut(const std::vector<Point>& axis);

  private:
    MachineFaults faults;
    Transform own;
    Point held; ///< where backlash has left the axes
    bool has_moved = false;
    Point facing{1, 0};

    [[nodiscard]] Point with_backlash(Point wanted);
};

} // namespace fusuma
