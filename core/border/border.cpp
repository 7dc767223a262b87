#include "core/border/border.h"

#include "core/geometry/nesting.h"
#include "core/trace/fit.h"

#include <algorithm>

namespace fusuma {

namespace {

constexpr double flatten_mm = 0.0008;
constexpr double fit_mm = 0.003;
constexpr double preview_mm = 0.04;
constexpr std::size_t most_fine_nodes =
    8000; // beyond, it is grain that is cut, and a hundredth of a millimetre will do
constexpr double coarse_mm = 0.01;

bool is_to_be_closed(const Contour& contour, const BorderSettings& settings) {
    const double hole = -signed_area(contour);
    return hole > 0 &&
           (settings.holes == Holes::close || (settings.holes == Holes::close_small && hole < settings.close_under));
}

} // namespace

Outline border(const Outline& outline, const BorderSettings& settings, Care care) {
    Outline cut_line;
    if (settings.width == 0) {
        cut_line = outline;
    } else {
        const double flat = care == Care::preview                   ? preview_mm
                            : node_count(outline) > most_fine_nodes ? coarse_mm
                                                                    : flatten_mm;
        const Growth growth{.width = settings.width, .corners = settings.corners, .arc_tolerance = flat};
        for (const Polygon& polygon : grown(flatten(outline, flat), growth))
            cut_line.contours.push_back(care == Care::exact ? fit_exact_polygon(polygon, std::max(fit_mm, flat))
                                                            : contour_of(polygon));
    }
    if (settings.holes != Holes::keep)
        take_out_with_contents(cut_line, [&](const Contour& contour) { return is_to_be_closed(contour, settings); });
    return cut_line;
}

} // namespace fusuma
