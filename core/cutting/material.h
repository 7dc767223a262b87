#pragma once

#include "core/cutting/cut_path.h"

#include <string>

namespace fusuma {

/// How the machine goes about one kind of cut.
struct Tooling {
    int force = 80;     ///< grams
    double speed = 200; ///< mm/s
    int passes = 1;     ///< how often each line is cut
    bool operator==(const Tooling&) const = default;
};

/// What is cut, and with what blade. The plain one follows the lines as they are drawn: many machines make up for their
/// blade themselves.
struct Material {
    std::string name = "Plain lines";
    Tooling kiss;
    Tooling score{60, 200, 1};
    Tooling through{160, 100, 2};
    double blade_offset = 0; ///< mm that the tip trails behind the blade's axis, 0 to 2
    double overcut = 0;      ///< mm that a closed line is cut past its start, 0 to 5
    double dash = 3;         ///< mm, of scores
    double dash_gap = 1.5;   ///< mm, 0 for an unbroken score
    int tabs = 0;            ///< places on each through cut that are left uncut, so that the piece stays in the sheet
    double tab = 0.6;        ///< mm, how long each is
    bool operator==(const Material&) const = default;

    [[nodiscard]] const Tooling& tooling(CutKind kind) const {
        return kind == CutKind::kiss ? kiss : kind == CutKind::score ? score : through;
    }
};
constexpr int most_passes = 10, most_tabs = 40;

/// How a machine moves, for estimating time.
struct Motion {
    double travel_speed = 400;  ///< mm/s with the blade up
    double acceleration = 3000; ///< mm/s²
    double lift = 0.06;         ///< s to lower or lift the blade
    bool operator==(const Motion&) const = default;
};

/// To begin with; forces and speeds are made-up middles to be tried on a test square.
[[nodiscard]] std::vector<Material> usual_materials();

} // namespace fusuma
