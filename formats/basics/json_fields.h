#pragma once

#include "core/document/document.h"
#include "formats/basics/json.h"
#include "formats/basics/wrong_field.h"

#include <array>
#include <stdexcept>

namespace fusuma {

// Pieces that descriptions in files are made of. Reading throws nlohmann::json::exception or std::out_of_range on a
// field that is missing, of the wrong kind or out of range.

using nlohmann::json;

template <typename E> E choice_from(const json& field) {
    const auto& text = field.get_ref<const std::string&>();
    if (const auto value = value_of<E>(text))
        return *value;
    throw WrongField("“{words}” is not a known choice"_said.with("words", text));
}

inline double number_in(const json& parent, const char* key, double least, double most) {
    const double value = parent.at(key).get<double>();
    if (!(value >= least && value <= most))
        throw WrongField("{field} is out of range"_said.with("field", std::string(key)));
    return value;
}

/// Numbers that are handed out stay below this, far from where an int ends.
inline constexpr int most_ids = 1'000'000'000;
inline int next_in(const json& parent, const char* key) {
    return static_cast<int>(number_in(parent, key, 1, most_ids));
}

inline Point place_from(const json& j) {
    const auto xy = j.get<std::array<double, 2>>();
    if (!(std::hypot(xy[0], xy[1]) < 1e7))
        throw WrongField("a place is out of range"_said);
    return {xy[0], xy[1]};
}

inline PicturePoint picture_point_from(const json& j) {
    const Point px = place_from(j);
    return {px.x, px.y};
}

inline json colour_json(Rgb c) {
    return {c.red, c.green, c.blue};
}

inline Rgb colour_from(const json& j) {
    const auto c = j.get<std::array<std::uint8_t, 3>>();
    return {c[0], c[1], c[2]};
}

inline json point_json(Point p) {
    return {p.x, p.y};
}

/// A line as [x, y], a curve as [x1, y1, x2, y2, x, y].
inline json segment_json(const Segment& s) {
    return s.kind == Segment::Kind::line ? json{s.end.x, s.end.y} : json{s.control1.x, s.control1.y, s.control2.x,
                                                                         s.control2.y, s.end.x,      s.end.y};
}

inline Segment segment_from(const json& j) {
    const auto place = [&](std::size_t i) { return place_from(json{j.at(i), j.at(i + 1)}); };
    if (j.size() == 2)
        return Segment::line_to(place(0));
    if (j.size() != 6)
        throw WrongField("a line drawn by hand cannot be read"_said);
    return Segment::cubic_to(place(0), place(2), place(4));
}

inline json size_json(const std::optional<Size>& size) {
    return size ? json{size->width, size->height} : json(nullptr);
}

inline Size paper_from(const json& j) {
    const auto sides = j.get<std::array<double, 2>>();
    for (const double side : sides)
        if (!(side >= 20 && side <= 2000))
            throw WrongField("paper is out of range"_said);
    return {sides[0], sides[1]};
}

} // namespace fusuma
