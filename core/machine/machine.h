#pragma once

#include "core/geometry/measure.h"
#include "core/geometry/transform.h"
#include "core/words.h"

#include <optional>
#include <string>

namespace fusuma {

/// Corners of a machine's bed as one stands before it.
enum class BedCorner { bottom_left, bottom_right, top_left, top_right };
template <>
inline constexpr std::array words<BedCorner>{Word{BedCorner::bottom_left, "bottom-left", "Near left"},
                                             Word{BedCorner::bottom_right, "bottom-right", "Near right"},
                                             Word{BedCorner::top_left, "top-left", "Far left"},
                                             Word{BedCorner::top_right, "top-right", "Far right"}};

/// Which way an axis counts upwards, as one stands before the machine.
enum class Heading { right, left, up, down };
template <>
inline constexpr std::array words<Heading>{
    Word{Heading::right, "right", "To the right"}, Word{Heading::left, "left", "To the left"},
    Word{Heading::up, "up", "Away from me"}, Word{Heading::down, "down", "Towards me"}};

enum class CutLanguage { hpgl, gcode };
template <>
inline constexpr std::array words<CutLanguage>{Word{CutLanguage::hpgl, "hpgl", "HP-GL"},
                                               Word{CutLanguage::gcode, "gcode", "G-code"}};

/// How a machine says that its memory is full.
enum class FlowControl { hardware, xon_xoff, portions };
template <>
inline constexpr std::array words<FlowControl>{Word{FlowControl::hardware, "hardware", "RTS/CTS wires"},
                                               Word{FlowControl::xon_xoff, "xon-xoff", "XON/XOFF signs"},
                                               Word{FlowControl::portions, "portions", "Small portions"}};

/// What moves the blade of a machine that takes G-code.
enum class BladeLift { z, words };
template <>
inline constexpr std::array words<BladeLift>{Word{BladeLift::z, "z", "The Z axis"},
                                             Word{BladeLift::words, "words", "Words of its own"}};

struct HpglWays {
    double units_per_mm = 40;                                     ///< 1 to 2000; 40 in HP-GL itself
    int most_numbers = 0;                                         ///< in one command, an even number; 0 for any
    int most_bytes = 0;                                           ///< in one line, at least 40; 0 for any
    bool sets_pen = true, sets_speed = false, sets_force = false; ///< SP, VS and FS
    bool operator==(const HpglWays&) const = default;
};

struct GcodeWays {
    BladeLift lift = BladeLift::z;
    double z_up = 5, z_down = 0;              ///< mm
    double plunge = 10;                       ///< mm/s, at which Z goes down
    std::string up = "M5", down = "M3 S1000"; ///< the machine's own words, in place of Z
    double wait = 0.1;                        ///< s after a word, until the blade is there
    bool arcs = true;                         ///< G2 and G3 where a curve is an arc
    bool operator==(const GcodeWays&) const = default;
};

/// A cutting machine as it is reached, how its axes lie, and how it is spoken to. Described for makers in
/// docs/guide/machines.md. Its bed is what the head can reach, seen by somebody who stands before it.
struct Machine {
    std::string name = "Cutter";
    std::string line; ///< its address, as `parse_cutter_address` takes it; empty for a machine that only gets files
    FlowControl flow = FlowControl::xon_xoff;
    int portion = 128;           ///< bytes that are sent at once
    double pause = 0.25;         ///< s between portions
    bool stops_for_tool = false; ///< one holder: between kinds of cut somebody changes what is in it
    bool answers = false;        ///< it tells where its head is (OA), or says “ok” to every line of G-code

    Size bed{300, 1000}; ///< mm across and along
    BedCorner nought = BedCorner::bottom_left;
    Heading x_runs = Heading::right, y_runs = Heading::up; ///< at right angles

    CutLanguage language = CutLanguage::hpgl;
    HpglWays hpgl;
    GcodeWays gcode;
    std::string before, after; ///< lines of its own before and after a job
    double bit = 0.03; ///< s of work after which one that answers is asked: it is never more than two bits behind
    std::string abort; ///< what makes it forget what it has not done yet; empty when nothing does
    std::optional<Point> park; ///< where its head goes at the end, machine mm

    Point light;            ///< mm from the blade to the light or laser that marks are pointed at with, machine axes
    Point shift;            ///< mm right and towards the person by which cuts are moved
    double time_factor = 1; ///< how much longer its runs take than the model of its motion says
    bool operator==(const Machine&) const = default;
};

/// A machine with nothing special whose bed is the paper: what exports without a machine are made for.
[[nodiscard]] Machine plain_machine(Size paper);

/// From the machine's numbers, mm, to its bed: mm to the right and towards the person from the bed's far left corner.
/// Mirrors when its axes do.
[[nodiscard]] Transform bed_of(const Machine& machine);

/// The place of the bed that is nearest to a place, both in machine mm.
[[nodiscard]] Point held_to_bed(const Machine& machine, Point place);

/// Where paper lies when it is put into the nought's corner: from the paper's to the bed's mm.
[[nodiscard]] Transform paper_on_bed(const Machine& machine, Size paper);

} // namespace fusuma
