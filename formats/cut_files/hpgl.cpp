#include "formats/cut_files/hpgl.h"

#include "core/units.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <optional>
#include <span>
#include <string>

namespace fusuma {

int pen_of(CutKind kind) {
    return kind == CutKind::kiss ? 1 : kind == CutKind::through ? 2 : 3;
}

CutKind kind_of_pen(int pen) {
    return pen == 2 ? CutKind::through : pen == 3 ? CutKind::score : CutKind::kiss;
}

namespace {

/// Commands that go along places, each in a line of its own and no longer than the machine takes.
class HpglPath {
  public:
    HpglPath(const Machine& to, std::string& into)
        : ways(to.hpgl), numbers(bed_of(to).inverted().then(Transform::scale(ways.units_per_mm, ways.units_per_mm))),
          text(into) {}

    void go(const char* command, std::span<const Point> places) {
        int in_command = 0;
        std::size_t begin = 0;
        for (const Point place : places) {
            const Point p = numbers.apply(place);
            char digits[48];
            char* end = std::to_chars(digits, digits + 20, std::lround(p.x)).ptr;
            *end++ = ',';
            end = std::to_chars(end, digits + 48, std::lround(p.y)).ptr;
            const std::string_view pair(digits, static_cast<std::size_t>(end - digits));
            constexpr std::size_t closing = 3; // a comma before it, and what ends the line
            const bool is_full = (ways.most_numbers > 0 && in_command + 2 > ways.most_numbers) ||
                                 (ways.most_bytes > 0 && text.size() - begin + pair.size() + closing >
                                                             static_cast<std::size_t>(ways.most_bytes));
            if (in_command > 0 && is_full) {
                text += ";\n";
                in_command = 0;
            }
            if (in_command == 0) {
                begin = text.size();
                text += command;
            } else {
                text += ',';
            }
            text += pair;
            in_command += 2;
        }
        text += ";\n";
    }

  private:
    const HpglWays& ways;
    Transform numbers;
    std::string& text;
};

std::string lines(const std::string& own) {
    return own.empty() || own.back() == '\n' ? own : own + '\n';
}

} // namespace

std::vector<std::string> hpgl_pieces(const CutJob& job, const Material& material, const Machine& machine,
                                     std::size_t first) {
    const HpglWays& ways = machine.hpgl;
    std::vector<std::string> pieces{"IN;\n" + lines(machine.before)};
    pieces.reserve(job.runs.size() + 2);
    std::optional<CutKind> kind;
    for (std::size_t i = first; i < job.runs.size(); ++i) {
        const CutRun& run = job.runs[i];
        std::string text;
        text.reserve(16 * run.axis.size() + 64);
        HpglPath path(machine, text);
        if (run.kind != kind) {
            kind = run.kind;
            const Tooling& tooling = material.tooling(run.kind);
            if (ways.sets_pen)
                text += "SP" + std::to_string(pen_of(run.kind)) + ";\n";
            if (ways.sets_speed)
                text += "VS" + std::to_string(std::max(1L, std::lround(tooling.speed / 10))) + ";\n";
            if (ways.sets_force)
                text += "FS" + std::to_string(tooling.force) + ";\n";
        }
        path.go("PU", std::span(run.axis).first(1));
        path.go("PD", std::span(run.axis).subspan(1));
        pieces.push_back(std::move(text));
    }
    std::string end = "PU;\n" + (machine.park ? hpgl_move(machine, *machine.park) : "");
    if (ways.sets_pen)
        end += "SP0;\n";
    pieces.push_back(end + lines(machine.after));
    return pieces;
}

std::string cut_hpgl(const CutJob& job, const Material& material, const Machine& machine) {
    std::string text;
    for (const std::string& piece : hpgl_pieces(job, material, machine))
        text += piece;
    return text;
}

std::string hpgl_move(const Machine& machine, Point to) {
    std::string text;
    const Point place = bed_of(machine).apply(to);
    HpglPath(machine, text).go("PU", std::span(&place, 1));
    return text;
}

Outcome HpglReader::take(std::string_view bytes) {
    constexpr std::size_t longest_instruction = 1 << 24;
    pending += bytes;
    std::size_t from = 0;
    for (std::size_t end; (end = pending.find(';', from)) != std::string::npos; from = end + 1)
        if (Outcome done = run(std::string_view(pending).substr(from, end - from)); !done) {
            pending.clear();
            return done;
        }
    pending.erase(0, from);
    if (pending.size() > longest_instruction) {
        pending.clear();
        return Problem{"This is not HP-GL: an instruction does not end."_said};
    }
    return Done{};
}

namespace {

bool is_letter(char c) {
    return (c >= 'A' && c <= 'Z') || (c >= 'a' && c <= 'z');
}

/// The numbers after an instruction's name, taken off the front of `rest`. Separators are commas and blanks.
Result<std::vector<double>> take_numbers(std::string_view& rest, const std::string& name) {
    std::vector<double> values;
    while (!rest.empty() && !is_letter(rest.front())) {
        if (rest.front() == ',' || static_cast<unsigned char>(rest.front()) <= ' ') {
            rest.remove_prefix(1);
            continue;
        }
        double value = 0;
        const auto [end, error] =
            std::from_chars(rest.data(), rest.data() + rest.size(), value, std::chars_format::fixed);
        if (error != std::errc{} || !std::isfinite(value) || std::abs(value) > 1e9)
            return Problem{"HP-GL instruction {name} carries “{words}”, which is not a number."_said.with("name", name)
                               .with("words", std::string(rest.substr(0, 12)))};
        values.push_back(value);
        rest.remove_prefix(static_cast<std::size_t>(end - rest.data()));
    }
    return values;
}

} // namespace

/// What stands between two semicolons. The end mark may be left out, so several instructions can follow each other.
Outcome HpglReader::run(std::string_view text) {
    while (!text.empty()) {
        if (static_cast<unsigned char>(text.front()) <= ' ') {
            text.remove_prefix(1);
            continue;
        }
        if (text.size() < 2 || !is_letter(text[0]) || !is_letter(text[1]))
            return Problem{
                "This is not HP-GL: “{words}” is no instruction."_said.with("words", std::string(text.substr(0, 12)))};
        std::string name(text.substr(0, 2));
        for (char& c : name)
            c = static_cast<char>(c & ~0x20);
        text.remove_prefix(2);
        if (name == "LB")
            return Done{}; // a label: the rest is words
        const auto values = take_numbers(text, name);
        if (!values)
            return values.problem();
        if (Outcome done = perform(name, *values); !done)
            return done;
    }
    return Done{};
}

Outcome HpglReader::perform(const std::string& name, const std::vector<double>& values) {
    if (name == "IN") {
        lift();
        pen = 0;
        at = {};
        down = relative = false;
        return Done{};
    }
    if (name == "SP") {
        lift();
        down = false;
        pen = values.empty() ? 0 : static_cast<int>(values.front());
        return Done{};
    }
    if (name == "OA") {
        constexpr std::size_t most_unread = 100000;
        if (answers.size() < most_unread)
            answers.push_back(std::to_string(std::lround(at.x * hpgl_units_per_mm)) + "," +
                              std::to_string(std::lround(at.y * hpgl_units_per_mm)) + (down ? ",1" : ",0"));
        return Done{};
    }
    if (name != "PU" && name != "PD" && name != "PA" && name != "PR")
        return Done{};
    if (values.size() % 2 != 0)
        return Problem{"HP-GL instruction {name} has an odd number of coordinates."_said.with("name", name)};
    if (name == "PA" || name == "PR")
        relative = name == "PR";
    if (name == "PU") {
        lift();
        down = false;
    } else if (name == "PD") {
        down = true;
    }
    for (std::size_t i = 0; i < values.size(); i += 2) {
        const Point given = (1 / hpgl_units_per_mm) * Point{values[i], values[i + 1]};
        move_to(relative ? at + given : given);
    }
    return Done{};
}

void HpglReader::move_to(Point to) {
    if (down) {
        if (current.points.empty())
            current = {pen, {at}};
        current.points.push_back(to);
    }
    at = to;
}

void HpglReader::lift() {
    if (!current.points.empty())
        finished.push_back(std::move(current));
    current = {};
}

std::vector<HpglStroke> HpglReader::strokes() const {
    std::vector<HpglStroke> all = finished;
    if (!current.points.empty())
        all.push_back(current);
    return all;
}

} // namespace fusuma
