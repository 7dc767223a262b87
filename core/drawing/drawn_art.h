#pragma once

#include "core/cutting/cut_path.h"
#include "core/geometry/boolean.h"
#include "core/geometry/transform.h"
#include "core/raster/lab.h"
#include "core/raster/pixels.h"

#include <memory>
#include <optional>
#include <variant>
#include <vector>

namespace fusuma {

/// Closed curves and the rule by which they enclose an area. They may cross themselves and each other.
struct Area {
    Outline curves; ///< mm
    FillRule rule = FillRule::nonzero;
};

/// An area in one colour, or a picture, as vector art is made of.
struct Painted {
    std::variant<Rgb, Pixels> ink;
    std::shared_ptr<const Area> area; ///< what a colour covers, or where a picture shows; null for a whole picture
    double opacity = 1;               ///< of a colour, 0–1; pictures have their own
    Transform from_unit;              ///< of a picture: from its unit square to mm
    bool is_gradient = false;         ///< of a picture: smooth, however few pixels it has
    bool operator==(const Painted&) const = default;
};

/// Vector art ready to be printed, in mm at its natural size.
struct DrawnArt {
    Size size;                   ///< > 0; its top left is at (0, 0)
    std::vector<Painted> shapes; ///< back to front
};

/// A line that is cut exactly where it lies, whatever the border.
struct OwnLine {
    Contour path; ///< mm
    bool is_open = false;
    CutKind kind = CutKind::kiss;
    bool operator==(const OwnLine&) const = default;
};

/// What vector artwork comes to, in mm at its natural size.
struct Drawn {
    std::shared_ptr<const DrawnArt> art;
    Outline outline;            ///< what the border goes round
    bool is_outline_cut = true; ///< false: it only tells how much room the lines below take
    std::vector<OwnLine> lines; ///< that are cut besides
    std::optional<Rgb> ground;  ///< the one colour that the art has all along its edge, where that is known
};

/// Vector art has no pixels, but places in it are told by those of a lattice, as on pictures: this many across.
[[nodiscard]] int lattice_px(double width_mm);
/// The art's size with its height brought up to whole pixels of that lattice.
[[nodiscard]] Size on_lattice(Size natural);

/// The area as a region of curves that do not cross.
[[nodiscard]] Outline region_of(const Area& area);

/// The art as pixels, for what works on colours, such as carrying them outward. Edges are soft: each pixel is seen from
/// four lines through it, exactly along each.
/// @param width_px  ≥ 1
[[nodiscard]] Image rasterised(const DrawnArt& art, int width_px);

} // namespace fusuma
