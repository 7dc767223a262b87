#pragma once

#include "core/words.h"
#include <optional>
#include <string>
#include <string_view>

namespace fusuma {

inline constexpr double mm_per_inch = 25.4;     ///< international inch, 1959
inline constexpr double points_per_inch = 72;   ///< ISO 32000-1, 8.3.2.3
inline constexpr double hpgl_units_per_mm = 40; ///< HP-GL plotter unit, 0.025 mm
inline constexpr double points_per_mm = points_per_inch / mm_per_inch;

enum class Unit { mm, cm, inch };
template <>
inline constexpr std::array words<Unit>{Word{Unit::mm, "mm", "mm"}, Word{Unit::cm, "cm", "cm"},
                                        Word{Unit::inch, "in", "in"}};

[[nodiscard]] double mm_per(Unit unit);
[[nodiscard]] std::string_view symbol(Unit unit); ///< "mm", "cm", "in"

/// Reads a length such as `2`, `2mm`, `1/8in`, `0.125"`, `3 cm`, `50/2` or `1in + 2mm`. Numbers without a unit are in
/// `bare`. Sums may use + − * / and brackets. A comma is read as a decimal point.
/// @return  millimetres, or nothing when the text is not a finite length
[[nodiscard]] std::optional<double> parse_length(std::string_view text, Unit bare);

/// A long way, such as all cut lines together: "2.90 m" from a metre on, else as format_length. Inches stay inches.
[[nodiscard]] std::string format_distance(double mm, Unit unit);

/// "2.0 mm", "0.079 in": as many decimals as a maker can use (0.1 mm, 0.001 in), with a real minus sign.
[[nodiscard]] std::string format_length(double mm, Unit unit);

} // namespace fusuma
