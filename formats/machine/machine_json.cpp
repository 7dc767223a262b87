#include "formats/machine/machine_json.h"

#include "formats/basics/json_fields.h"

#include <tuple>

namespace fusuma {

namespace {

json edges_json(const Edges& e) {
    return {e.left, e.top, e.right, e.bottom};
}

Edges edges_from(const json& j) {
    const auto e = j.get<std::array<double, 4>>();
    for (const double side : e)
        if (!(side >= 0 && side <= 500))
            throw WrongField("a margin is out of range"_said);
    return {e[0], e[1], e[2], e[3]};
}

std::pair<double, double> stretch_from(const json& j) {
    const auto stretch = j.at("stretch").get<std::array<double, 2>>();
    for (const double s : stretch)
        if (!(s >= 0.8 && s <= 1.25))
            throw WrongField("a correction is out of range"_said);
    return {stretch[0], stretch[1]};
}

json tooling_json(const Tooling& t) {
    return {{"force", t.force}, {"speed", t.speed}, {"passes", t.passes}};
}

Tooling tooling_from(const json& j) {
    return {static_cast<int>(number_in(j, "force", 0, 10000)), number_in(j, "speed", 1, 5000),
            static_cast<int>(number_in(j, "passes", 1, most_passes))};
}

} // namespace

json to_json(const PrinterProfile& p) {
    return {{"name", p.name},
            {"margins", edges_json(p.margins)},
            {"paper", size_json(p.paper)},
            {"scaling", p.scaling},
            {"borderless", p.borderless},
            {"shift", {p.shift.x, p.shift.y}},
            {"stretch", {p.stretch_x, p.stretch_y}}};
}

json to_json(const CutterProfile& c) {
    return {{"name", c.name},
            {"reach", edges_json(c.reach)},
            {"has_mat", c.has_mat},
            {"mat", {c.mat.width, c.mat.height}},
            {"paper_on_mat", {c.paper_on_mat.x, c.paper_on_mat.y}},
            {"motion", {c.motion.travel_speed, c.motion.acceleration, c.motion.lift}},
            {"shift", {c.shift.x, c.shift.y}},
            {"turn", c.turn},
            {"stretch", {c.stretch_x, c.stretch_y}}};
}

PrinterProfile printer_from(const json& j) {
    PrinterProfile p;
    p.name = j.at("name").get<std::string>();
    p.margins = edges_from(j.at("margins"));
    if (j.contains("paper") && !j.at("paper").is_null())
        p.paper = paper_from(j.at("paper"));
    p.scaling = number_in(j, "scaling", 0.1, 10);
    p.borderless = j.at("borderless").get<bool>();
    p.shift = place_from(j.at("shift"));
    std::tie(p.stretch_x, p.stretch_y) = stretch_from(j);
    return p;
}

CutterProfile cutter_from(const json& j) {
    CutterProfile c;
    c.name = j.at("name").get<std::string>();
    c.reach = edges_from(j.at("reach"));
    c.has_mat = j.at("has_mat").get<bool>();
    c.mat = paper_from(j.at("mat"));
    c.paper_on_mat = place_from(j.at("paper_on_mat"));
    if (!j.contains("motion"))
        return c; // saved before machines were corrected
    const auto motion = j.at("motion").get<std::array<double, 3>>();
    if (!(motion[0] >= 1 && motion[0] <= 1e4 && motion[1] >= 1 && motion[1] <= 1e6 && motion[2] >= 0 &&
          motion[2] <= 10))
        throw WrongField("how the cutter moves is out of range"_said);
    c.motion = {motion[0], motion[1], motion[2]};
    c.shift = place_from(j.at("shift"));
    c.turn = number_in(j, "turn", -0.5, 0.5);
    std::tie(c.stretch_x, c.stretch_y) = stretch_from(j);
    return c;
}

json to_json(const Material& m) {
    return {{"name", m.name},
            {"kiss", tooling_json(m.kiss)},
            {"score", tooling_json(m.score)},
            {"through", tooling_json(m.through)},
            {"blade_offset", m.blade_offset},
            {"overcut", m.overcut},
            {"dash", m.dash},
            {"dash_gap", m.dash_gap},
            {"tabs", m.tabs},
            {"tab", m.tab}};
}

Material material_from(const json& j) {
    Material m;
    m.name = j.at("name").get<std::string>();
    m.kiss = tooling_from(j.at("kiss"));
    m.score = tooling_from(j.at("score"));
    m.through = tooling_from(j.at("through"));
    m.blade_offset = number_in(j, "blade_offset", 0, 2);
    m.overcut = number_in(j, "overcut", 0, 5);
    m.dash = number_in(j, "dash", 0.1, 100);
    m.dash_gap = number_in(j, "dash_gap", 0, 100);
    m.tabs = static_cast<int>(number_in(j, "tabs", 0, most_tabs));
    m.tab = number_in(j, "tab", 0, 20);
    return m;
}

} // namespace fusuma
