#pragma once

#include "core/geometry/point.h"

#include <cmath>
#include <map>
#include <numbers>
#include <sstream>
#include <string>
#include <vector>

namespace fusuma::test {

/// One way of a blade that is down, machine mm, arcs in short pieces; written apart from the program's own code.
struct GcodeWay {
    std::vector<Point> points;
    double feed = 0; ///< mm/min
};

/// Follows G0 to G3 with I and J, absolute and in mm; the blade is down below `z_cut`, or after `down`, until `up`.
inline std::vector<GcodeWay> gcode_ways(const std::string& text, double z_cut = 1, const std::string& down = "M3",
                                        const std::string& up = "M5") {
    std::vector<GcodeWay> ways;
    std::istringstream lines(text);
    Point at;
    double z = 100, feed = 0;
    bool is_down = false;
    for (std::string line; std::getline(lines, line);) {
        if (line.starts_with(down) || line.starts_with(up)) {
            is_down = line.starts_with(down);
            if (is_down)
                ways.push_back({{at}, feed});
            continue;
        }
        std::map<char, double> words;
        std::istringstream parts(line);
        for (std::string word; parts >> word;)
            words[word[0]] = std::stod(word.substr(1));
        if (words.contains('F'))
            feed = words['F'];
        if (words.contains('Z')) {
            z = words['Z'];
            const bool was_down = is_down;
            is_down = z < z_cut;
            if (is_down && !was_down)
                ways.push_back({{at}, feed});
        }
        if (!words.contains('X') || !words.contains('G') || words['G'] > 3)
            continue;
        const Point to{words['X'], words['Y']};
        if (words['G'] < 1) {
            at = to;
            continue;
        }
        ways.back().feed = feed;
        if (words['G'] > 1) {
            const Point centre = at + Point{words['I'], words['J']};
            const double radius = distance(at, centre), from = std::atan2(at.y - centre.y, at.x - centre.x);
            double turn = std::atan2(to.y - centre.y, to.x - centre.x) - from;
            if (words['G'] == 3 && turn <= 0)
                turn += 2 * std::numbers::pi;
            if (words['G'] == 2 && turn >= 0)
                turn -= 2 * std::numbers::pi;
            const int pieces = 1 + static_cast<int>(std::abs(turn) * std::sqrt(radius / 0.004));
            for (int i = 1; i < pieces; ++i)
                ways.back().points.push_back(
                    centre + radius * Point{std::cos(from + turn * i / pieces), std::sin(from + turn * i / pieces)});
        }
        ways.back().points.push_back(to);
        at = to;
    }
    return ways;
}

} // namespace fusuma::test
