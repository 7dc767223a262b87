#include "core/geometry/boolean.h"

#include "core/geometry/clipper_units.h"

namespace fusuma {

Polygons combine(const Polygons& a, const Polygons& b, Combine how, FillRule rule, bool keep_points) {
    clip::Clipper clipper;
    clipper.PreserveCollinear(keep_points);
    clipper.AddPaths(to_units(a), clip::ptSubject, true);
    clipper.AddPaths(to_units(b), clip::ptClip, true);
    const auto type = how == Combine::join       ? clip::ctUnion
                      : how == Combine::take_out ? clip::ctDifference
                      : how == Combine::exclude  ? clip::ctXor
                                                 : clip::ctIntersection;
    const auto fill = rule == FillRule::even_odd ? clip::pftEvenOdd : clip::pftNonZero;
    clip::Paths result;
    clipper.Execute(type, result, fill, fill);
    return from_units(result);
}

} // namespace fusuma
