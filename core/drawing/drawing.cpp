#include "core/drawing/drawing.h"

#include "core/geometry/measure.h"
#include "core/geometry/combine_curves.h"

#include <cmath>

namespace fusuma {

Outline region_of(const std::vector<Painted>& paints) {
    std::vector<Outline> regions;
    for (const Painted& painted : paints) {
        if (painted.area)
            regions.push_back(region_of(*painted.area));
        else
            regions.push_back(transformed(Outline{{contour_of(corners_of({{0, 0}, {1, 1}}))}}, painted.from_unit));
    }
    return regions.size() == 1 ? std::move(regions[0]) : united(regions);
}

const Outline& Drawing::region(std::size_t part) const {
    {
        const std::scoped_lock lock(mutex);
        if (regions[part])
            return *regions[part];
    }
    const Part& p = parts[part];
    auto made = std::make_unique<const Outline>(p.traced.empty() ? region_of(p.paints) : p.traced);
    const std::scoped_lock lock(mutex);
    if (!regions[part])
        regions[part] = std::move(made);
    return *regions[part];
}

std::optional<Rgb> colour_of(const std::vector<Painted>& paints) {
    std::optional<Rgb> colour;
    double largest = 0;
    for (const Painted& painted : paints) {
        const Rect box = painted.area ? bounds(painted.area->curves) : Rect{};
        const double size = painted.area ? box.width() * box.height() : std::abs(painted.from_unit.determinant());
        if (const Rgb* plain = std::get_if<Rgb>(&painted.ink); plain && (!colour || size > largest))
            colour = *plain;
        else if (!plain && size >= largest)
            colour.reset();
        largest = std::max(largest, size);
    }
    return colour;
}

} // namespace fusuma
