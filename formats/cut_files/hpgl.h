#pragma once

#include "core/cutting/cut_job.h"
#include "core/machine/machine.h"
#include "core/result.h"

#include <string>
#include <string_view>
#include <utility>

namespace fusuma {

/// The pen that stands for each kind of cut, and back; other pens count as kiss cuts.
[[nodiscard]] int pen_of(CutKind kind);
[[nodiscard]] CutKind kind_of_pen(int pen);

/// A job as HP-GL in the ways of its machine, in pieces that can be sent one by one: what comes before, one piece for
/// each run, and the end. Pen 1 for kiss cuts, 2 for through cuts and 3 for scores.
/// Source: HP-GL reference manuals (from memory); commands IN, SP, PU and PD, VS in cm/s; FS in grams as many cutters
/// take it (common practice).
/// @param job    in the bed's mm
/// @param first  run to begin with, counted from 0: what was cut before a dropped line is not cut again
[[nodiscard]] std::vector<std::string> hpgl_pieces(const CutJob& job, const Material& material, const Machine& machine,
                                                   std::size_t first = 0);

/// All of it.
[[nodiscard]] std::string cut_hpgl(const CutJob& job, const Material& material, const Machine& machine);
/// Moves the lifted head.
/// @param to  machine mm
[[nodiscard]] std::string hpgl_move(const Machine& machine, Point to);

/// One run of the tool with the pen down.
struct HpglStroke {
    int pen = 0;
    Polygon points; ///< mm, y upwards as in the file; open or closed as drawn
};

/// Reads HP-GL piece by piece as it arrives from a connection. Understands IN, SP, PU, PD, PA, PR, VS and OA; other
/// instructions are passed over.
class HpglReader {
  public:
    /// Takes the next bytes. A Problem means that they cannot be HP-GL; what was read before stays valid.
    Outcome take(std::string_view bytes);
    /// Strokes finished so far, and the one still being drawn when the pen is down.
    [[nodiscard]] std::vector<HpglStroke> strokes() const;
    [[nodiscard]] const std::vector<HpglStroke>& finished_strokes() const { return finished; }
    /// Where the tool was each time that its place was asked for, as the answers to be sent: "x,y,pen" in plotter
    /// units.
    [[nodiscard]] std::vector<std::string> take_answers() { return std::exchange(answers, {}); }

  private:
    std::string pending;
    std::vector<std::string> answers;
    std::vector<HpglStroke> finished;
    HpglStroke current;
    Point at;
    int pen = 0;
    bool down = false, relative = false;

    Outcome run(std::string_view text);
    Outcome perform(const std::string& name, const std::vector<double>& values);
    void move_to(Point to);
    void lift();
};

} // namespace fusuma
