#pragma once

#include "core/words.h"
#include "core/border/border.h"
#include "core/raster/lab.h"

#include <optional>
#include <vector>

namespace fusuma {

enum class Pattern { plain, dots, stripes };
template <> inline constexpr std::array words<Pattern>{
    Word{Pattern::plain, "plain"},
    Word{Pattern::dots, "dots"},
    Word{Pattern::stripes, "stripes"}};

/// What a rim is printed with.
struct Fill {
    enum class Kind {
        clear,  ///< nothing: the paper shows
        colour, ///< one colour, or a pattern of two
        art     ///< the art's own colours, carried outward
    };
    Kind kind = Kind::clear;
    Rgb colour{46, 74, 125};
    Pattern pattern = Pattern::plain;
    Rgb second{251, 243, 224};
    double pitch = 2; ///< mm from the middle of one dot or stripe to the next, ≥ `least_pitch`
    bool operator==(const Fill&) const = default;
};
template <> inline constexpr std::array words<Fill::Kind>{
    Word{Fill::Kind::clear, "clear"},
    Word{Fill::Kind::colour, "colour"},
    Word{Fill::Kind::art, "art"}};
inline constexpr double least_pitch = 0.4; ///< mm

/// The dots or stripes of a fill within an area (even-odd, mm), which are printed in its second colour.
[[nodiscard]] Polygons pattern_in(const Polygons& area, const Fill& fill);

struct Rim {
    double width = 1; ///< mm, ≥ 0
    Fill fill;
    bool operator==(const Rim&) const = default;
};

/// The rims between the art and the cut line. Those in `inner` come first, from the art outward; the border itself,
/// with the width in its settings, lies outside them.
struct Rims {
    std::vector<Rim> inner;
    Fill border;
    bool operator==(const Rims&) const = default;
};
inline constexpr std::size_t most_rims = 12;

/// Print that continues past the cut line, so that a slip of the cut shows colour instead of paper.
struct Bleed {
    enum class Kind {
        none,
        art, ///< the art's colours, carried outward
        rim  ///< whatever the outermost rim is printed with
    };
    Kind kind = Kind::none;
    double width =
        1; ///< mm past the cut line, ≥ 0. Covers the shift between print and cut of usual trays (common practice)
    bool operator==(const Bleed&) const = default;
};
template <> inline constexpr std::array words<Bleed::Kind>{
    Word{Bleed::Kind::none, "none", "None"},
    Word{Bleed::Kind::art, "art", "Art's colours"},
    Word{Bleed::Kind::rim, "rim", "Rim's colour"}};

/// How far the cut line lies from the outline: the border and all rims inside it, mm.
[[nodiscard]] double reach_of(const BorderSettings& border, const Rims& rims);

/// The same rims round art that is `factor` times as large.
[[nodiscard]] Rims scaled(Rims rims, double factor);

/// A printed area under the art.
struct PrintedArea {
    std::optional<Rgb> colour; ///< none: the art's own colours, carried outward
    Polygons area;             ///< even-odd, mm
    bool is_pattern = false;   ///< dots or stripes on the area before it
};

/// What is printed of rims and bleed, from back to front.
///
/// Each area reaches a little under what lies over it, so that no hairline of paper shows between them; under the art
/// it reaches `soft_edge` deep, under the pixels that are only partly art.
///
/// @param border  as `border` got it, without the widths of inner rims
/// @param cut     the cut line in mm
[[nodiscard]] std::vector<PrintedArea> printed_areas(const Outline& outline, const Outline& cut,
                                                     const BorderSettings& border, const Rims& rims, const Bleed& bleed,
                                                     double soft_edge);

/// Is anything there that the bleed can continue? No when it is to continue a rim that is clear.
[[nodiscard]] bool bleeds(const BorderSettings& border, const Rims& rims, const Bleed& bleed);

} // namespace fusuma
