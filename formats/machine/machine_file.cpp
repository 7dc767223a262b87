#include "formats/machine/machine_file.h"

#include "formats/room/room.h"

#include "formats/basics/json_fields.h"

#include <set>

namespace fusuma {

namespace {

/// Fields of one object that may each be left out, and none of which may be unknown.
class Fields {
  public:
    Fields(const json& object, std::string name) : j(object), of(std::move(name)) {
        if (!j.is_object())
            throw WrongField(of.empty() ? "the file is not an object in braces"_said
                                        : "{field} is not an object in braces"_said.with("field", of));
    }
    Fields(const Fields&) = delete;
    Fields& operator=(const Fields&) = delete;

    void text(const char* key, std::string& into) {
        constexpr std::size_t longest = 4000;
        if (const json* field = find(key)) {
            into = field->get<std::string>();
            if (into.size() > longest)
                throw WrongField("{field} is too long"_said.with("field", of + key));
        }
    }
    template <typename Number> void number(const char* key, Number& into, double least, double most) {
        if (const json* field = find(key)) {
            const double value = field->get<double>();
            if (!(value >= least && value <= most))
                throw WrongField(must_be_within(key, least, most));
            into = static_cast<Number>(value);
        }
    }
    [[nodiscard]] Said must_be_within(const char* key, double least, double most) const {
        return "{field} must be from {least} to {most}"_said.with("field", of + key)
            .with("least", short_number(least))
            .with("most", short_number(most));
    }
    void flag(const char* key, bool& into) {
        if (const json* field = find(key))
            into = field->get<bool>();
    }
    template <typename E> void choice(const char* key, E& into) {
        const json* field = find(key);
        if (!field)
            return;
        if (const auto value = field->is_string() ? value_of<E>(field->get_ref<const std::string&>()) : std::nullopt) {
            into = *value;
            return;
        }
        std::string all;
        for (const Word<E>& w : words<E>)
            all += (all.empty() ? "" : ", ") + std::string(w.word);
        throw WrongField("{field} must be one of {choices}"_said.with("field", of + key).with("choices", all));
    }
    void pair(const char* key, double& first, double& second, double least, double most) {
        if (const json* field = find(key)) {
            const auto two = field->get<std::array<double, 2>>();
            for (const double value : two)
                if (!(value >= least && value <= most))
                    throw WrongField(must_be_within(key, least, most));
            first = two[0];
            second = two[1];
        }
    }
    /// Null when it is left out.
    const json* find(const char* key) {
        known.insert(key);
        at = key;
        const auto field = j.find(key);
        return field == j.end() || field->is_null() ? nullptr : &*field;
    }
    void end() const {
        for (const auto& [key, value] : j.items())
            if (!known.contains(key))
                throw WrongField("{field} is not known"_said.with("field", of + key));
    }
    /// The field that was looked at last.
    [[nodiscard]] std::string last() const { return of + at; }

  private:
    const json& j;
    std::string of, at;
    std::set<std::string> known;

    static std::string short_number(double value) {
        std::string text = std::to_string(value);
        text.erase(text.find_last_not_of('0') + 1);
        if (text.back() == '.')
            text.pop_back();
        return text;
    }
};

constexpr double farthest_reach = 20000; // mm that any machine reaches

void read_line(Fields& f, Machine& m) {
    f.text("name", m.name);
    f.text("line", m.line);
    f.choice("flow", m.flow);
    f.number("portion", m.portion, 16, 65536);
    f.number("pause", m.pause, 0, 60);
    f.flag("answers", m.answers);
    f.flag("stops_for_tool", m.stops_for_tool);
    f.text("abort", m.abort);
    f.number("bit", m.bit, 0.01, 5);
}

void read_axes(Fields& f, Machine& m) {
    f.pair("bed", m.bed.width, m.bed.height, 20, farthest_reach);
    f.choice("nought", m.nought);
    f.choice("x_runs", m.x_runs);
    f.choice("y_runs", m.y_runs);
    const auto is_across = [](Heading h) { return h == Heading::left || h == Heading::right; };
    if (is_across(m.x_runs) == is_across(m.y_runs))
        throw WrongField("x_runs and y_runs must be at right angles"_said);
}

void read_ways(Fields& f, Machine& m) {
    f.choice("language", m.language);
    if (const json* ways = f.find("hpgl")) {
        Fields h(*ways, "hpgl.");
        h.number("units_per_mm", m.hpgl.units_per_mm, 1, 2000);
        h.number("most_numbers", m.hpgl.most_numbers, 0, 100000);
        h.number("most_bytes", m.hpgl.most_bytes, 0, 1000000);
        if (m.hpgl.most_numbers % 2 != 0)
            throw WrongField("hpgl.most_numbers must be even, since places are pairs"_said);
        if (m.hpgl.most_bytes > 0 && m.hpgl.most_bytes < 40)
            throw WrongField("hpgl.most_bytes must be 0 or at least 40"_said);
        h.flag("pens", m.hpgl.sets_pen);
        h.flag("speed", m.hpgl.sets_speed);
        h.flag("force", m.hpgl.sets_force);
        h.end();
    }
    if (const json* ways = f.find("gcode")) {
        Fields g(*ways, "gcode.");
        g.choice("lift", m.gcode.lift);
        g.number("z_up", m.gcode.z_up, -1000, 1000);
        g.number("z_down", m.gcode.z_down, -1000, 1000);
        g.number("plunge", m.gcode.plunge, 0.1, 1000);
        g.text("up", m.gcode.up);
        g.text("down", m.gcode.down);
        g.number("wait", m.gcode.wait, 0, 60);
        g.flag("arcs", m.gcode.arcs);
        g.end();
    }
    f.text("before", m.before);
    f.text("after", m.after);
    if (f.find("park")) {
        Point park;
        f.pair("park", park.x, park.y, -farthest_reach, farthest_reach);
        m.park = park;
    }
}

Machine machine_from(Fields& f) {
    Machine m;
    read_line(f, m);
    read_axes(f, m);
    read_ways(f, m);
    f.pair("light", m.light.x, m.light.y, -200, 200);
    f.pair("shift", m.shift.x, m.shift.y, -50, 50);
    f.number("time_factor", m.time_factor, 0.05, 50);
    f.end();
    if (m.park && distance(held_to_bed(m, *m.park), *m.park) > 1e-9)
        throw WrongField("park lies off the bed"_said);
    return m;
}

} // namespace

Result<Machine> read_machine(const std::string& text) {
    const json parsed = json::parse(text, nullptr, false);
    if (parsed.is_discarded())
        return Problem{"This is not a machine's profile: it is not JSON."_said};
    std::optional<Fields> fields;
    try {
        return machine_from(fields.emplace(parsed, ""));
    } catch (const json::exception&) {
        return Problem{"This machine's profile cannot be used: {field} is not what it should be."_said.with(
                           "field", fields->last()),
                       "Help, User guide tells what each field takes."_said};
    } catch (const std::out_of_range& wrong) {
        return Problem{"This machine's profile cannot be used: {trouble}."_said.with("trouble", said_of(wrong)),
                       "Help, User guide tells what each field takes."_said};
    }
}

Result<Machine> load_machine(const QString& path) {
    const auto text = room::text_of(room::Asked::machine, path);
    return text ? read_machine(*text) : text.problem();
}

std::string machine_text(const Machine& m) {
    json ways{{"name", m.name},
              {"line", m.line},
              {"flow", word_of(m.flow)},
              {"portion", m.portion},
              {"pause", m.pause},
              {"answers", m.answers},
              {"stops_for_tool", m.stops_for_tool},
              {"abort", m.abort},
              {"bit", m.bit},
              {"bed", {m.bed.width, m.bed.height}},
              {"nought", word_of(m.nought)},
              {"x_runs", word_of(m.x_runs)},
              {"y_runs", word_of(m.y_runs)},
              {"language", word_of(m.language)},
              {"hpgl",
               {{"units_per_mm", m.hpgl.units_per_mm},
                {"most_numbers", m.hpgl.most_numbers},
                {"most_bytes", m.hpgl.most_bytes},
                {"pens", m.hpgl.sets_pen},
                {"speed", m.hpgl.sets_speed},
                {"force", m.hpgl.sets_force}}},
              {"gcode",
               {{"lift", word_of(m.gcode.lift)},
                {"z_up", m.gcode.z_up},
                {"z_down", m.gcode.z_down},
                {"plunge", m.gcode.plunge},
                {"up", m.gcode.up},
                {"down", m.gcode.down},
                {"wait", m.gcode.wait},
                {"arcs", m.gcode.arcs}}},
              {"before", m.before},
              {"after", m.after},
              {"park", m.park ? point_json(*m.park) : json(nullptr)},
              {"light", point_json(m.light)},
              {"shift", point_json(m.shift)},
              {"time_factor", m.time_factor}};
    return ways.dump(2, ' ', false, json::error_handler_t::replace) + "\n";
}

} // namespace fusuma
