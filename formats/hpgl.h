#pragma once

#include "core/document/plan.h"
#include "core/result.h"

#include <string_view>

namespace fusuma {

/// The cut lines of a page as HP-GL: plotter units of 0.025 mm, x to the right and y upwards from the paper's bottom
/// left, pen 1 for kiss cuts and pen 2 for through cuts. Curves are flattened to 0.005 mm.
/// Source: HP-GL reference manuals; commands IN, SP, PU, PD.
[[nodiscard]] std::string cut_hpgl(const JobPlan& plan, std::size_t page = 0);

/// One run of the tool with the pen down.
struct HpglStroke {
    int pen = 0;
    Polygon points; ///< mm, y upwards as in the file; open or closed as drawn
};

/// Reads HP-GL piece by piece as it arrives from a connection. Understands IN, SP, PU, PD, PA and PR; other
/// instructions are passed over.
class HpglReader {
  public:
    /// Takes the next bytes. A Problem means that they cannot be HP-GL; what was read before stays valid.
    Outcome take(std::string_view bytes);
    /// Strokes finished so far, and the one still being drawn when the pen is down.
    [[nodiscard]] std::vector<HpglStroke> strokes() const;

  private:
    std::string pending;
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
