// Profiles of machines as files: all of them comes back, and what is wrong is named.

#include "formats/machine/machine_file.h"

#include <gmock/gmock.h>

namespace fusuma {
namespace {

using testing::HasSubstr;

Machine unusual() {
    Machine m;
    m.name = "Kelp “Wharf” cutter";
    m.line = "serial:/dev/ttyUSB3@38400";
    m.flow = FlowControl::portions;
    m.portion = 80;
    m.pause = 0.4;
    m.answers = true;
    m.stops_for_tool = true;
    m.abort = "\x1b.K";
    m.bit = 0.1;
    m.bed = {305, 610};
    m.nought = BedCorner::top_right;
    m.x_runs = Heading::down;
    m.y_runs = Heading::left;
    m.language = CutLanguage::gcode;
    m.hpgl = {100, 12, 60, false, true, true};
    m.gcode = {BladeLift::words, 3, -0.5, 4, "M5", "M3 S700", 0.3, false};
    m.before = "G92 X0 Y0\nM9";
    m.after = "M9";
    m.park = Point{400, 3};
    m.light = {12.5, -3};
    m.shift = {0.35, -0.1};
    m.time_factor = 1.4;
    return m;
}

TEST(MachineFile, KeepsEveryField) {
    for (const Machine& machine : {Machine{}, unusual()}) {
        const auto back = read_machine(machine_text(machine));
        ASSERT_TRUE(back) << back.problem().english();
        EXPECT_EQ(*back, machine);
        EXPECT_EQ(machine_text(*back), machine_text(machine));
    }
}

TEST(MachineFile, WhatIsLeftOutIsAsUsual) {
    const auto little = read_machine(R"({"name": "Small", "bed": [210, 300], "gcode": {"z_up": 2}})");
    ASSERT_TRUE(little) << little.problem().english();
    Machine expected;
    expected.name = "Small";
    expected.bed = {210, 300};
    expected.gcode.z_up = 2;
    EXPECT_EQ(*little, expected);
}

TEST(MachineFile, NamesWhatIsWrong) {
    const struct {
        const char* text;
        const char* words;
    } cases[] = {{"", "not JSON"},
                 {"[]", "not an object"},
                 {R"({"name": 3})", "name is not what it should be"},
                 {R"({"colour": "red"})", "colour is not known"},
                 {R"({"hpgl": {"units": 40}})", "hpgl.units is not known"},
                 {R"({"hpgl": 3})", "hpgl. is not an object"},
                 {R"({"hpgl": {"most_numbers": 3}})", "must be even"},
                 {R"({"hpgl": {"most_bytes": 10}})", "at least 40"},
                 {R"({"hpgl": {"units_per_mm": 0}})", "hpgl.units_per_mm must be from 1 to 2000"},
                 {R"({"hpgl": {"units_per_mm": 1e999}})", "not"},
                 {R"({"bed": [5, 300]})", "bed must be from 20"},
                 {R"({"bed": [300]})", "bed is not what it should be"},
                 {R"({"bed": "large"})", "bed is not what it should be"},
                 {R"({"nought": "middle"})", "nought must be one of bottom-left, bottom-right, top-left, top-right"},
                 {R"({"x_runs": "right", "y_runs": "left"})", "right angles"},
                 {R"({"flow": 1})", "flow must be one of"},
                 {R"({"park": [0, "x"]})", "park is not what it should be"},
                 {R"({"park": [0, 2000]})", "park lies off the bed"},
                 {R"({"time_factor": -1})", "time_factor must be from"}};
    for (const auto& c : cases) {
        const auto read = read_machine(c.text);
        ASSERT_FALSE(read) << c.text;
        EXPECT_THAT(read.problem().english(), HasSubstr(c.words)) << c.text;
    }
    const std::string long_line(5000, 'x');
    EXPECT_FALSE(read_machine("{\"before\": \"" + long_line + "\"}"));
}

} // namespace
} // namespace fusuma
