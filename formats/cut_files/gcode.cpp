#include "formats/cut_files/gcode.h"

#include "core/machine/arcs.h"

#include <charconv>
#include <cmath>
#include <span>
#include <utility>

namespace fusuma {

namespace {

constexpr double arc_tolerance = 0.005; // mm

/// Lines of G-code for one machine.
class GcodeWriter {
  public:
    explicit GcodeWriter(const Machine& to) : ways(to.gcode), numbers(bed_of(to).inverted()) {}

    std::string take() { return std::exchange(text, {}); }
    void line(std::string_view words) { text.append(words) += '\n'; }
    void own_lines(const std::string& own) {
        if (!own.empty())
            line(own.back() == '\n' ? std::string_view(own).substr(0, own.size() - 1) : own);
    }

    void lift() {
        if (ways.lift == BladeLift::z)
            line("G0 Z" + number(ways.z_up));
        else
            say(ways.up);
    }
    void lower() {
        if (ways.lift == BladeLift::z)
            line("G1 Z" + number(ways.z_down) + " F" + number(ways.plunge * 60));
        else
            say(ways.down);
    }
    void travel(Point to) { travel_to(numbers.apply(to)); }
    void travel_to(Point machine_mm) { line("G0" + place(machine_mm)); }
    /// @param speed  mm/s
    void cut(std::span<const Point> path, double speed) {
        std::vector<Point> points;
        points.reserve(path.size());
        for (const Point p : path)
            points.push_back(numbers.apply(p));
        std::string feed = " F" + number(speed * 60); // with the first move
        Point at = points.front();
        const auto go = [&](const PathStep& step) {
            std::string words = !step.centre ? "G1" : step.is_clockwise ? "G2" : "G3";
            words += place(step.to);
            if (step.centre)
                words += " I" + number(step.centre->x - at.x) + " J" + number(step.centre->y - at.y);
            line(words + std::exchange(feed, {}));
            at = step.to;
        };
        if (ways.arcs)
            for (const PathStep& step : with_arcs(points, arc_tolerance))
                go(step);
        else
            for (std::size_t i = 1; i < points.size(); ++i)
                go({points[i], {}, false});
    }

  private:
    const GcodeWays& ways;
    Transform numbers;
    std::string text;

    void say(const std::string& words) {
        line(words);
        if (ways.wait > 0)
            line("G4 P" + number(ways.wait));
    }
    static std::string place(Point p) { return " X" + number(p.x) + " Y" + number(p.y); }
    /// To a ten-thousandth, without noughts at its end.
    static std::string number(double value) {
        char digits[40];
        char* end = std::to_chars(digits, digits + sizeof digits, value, std::chars_format::fixed, 4).ptr;
        std::string words(digits, end);
        words.erase(words.find_last_not_of('0') + 1);
        if (words.back() == '.')
            words.pop_back();
        return words == "-0" ? "0" : words;
    }
};

} // namespace

std::vector<std::string> gcode_pieces(const CutJob& job, const Material& material, const Machine& machine,
                                      std::size_t first) {
    GcodeWriter out(machine);
    for (const char* words : {"G21", "G90", "G17", "G94"})
        out.line(words);
    out.own_lines(machine.before);
    out.lift();
    std::vector<std::string> pieces{out.take()};
    pieces.reserve(job.runs.size() + 2);
    for (std::size_t i = first; i < job.runs.size(); ++i) {
        const CutRun& run = job.runs[i];
        out.travel(run.axis.front());
        out.lower();
        out.cut(run.axis, material.tooling(run.kind).speed);
        out.lift();
        pieces.push_back(out.take());
    }
    if (machine.park)
        out.travel_to(*machine.park);
    out.own_lines(machine.after);
    out.line("M2");
    pieces.push_back(out.take());
    return pieces;
}

std::string gcode_lift(const Machine& machine) {
    GcodeWriter out(machine);
    out.lift();
    return out.take();
}

std::string gcode_move(const Machine& machine, Point to) {
    GcodeWriter out(machine);
    out.line("G90");
    out.travel_to(to);
    return out.take();
}

} // namespace fusuma
