#pragma once

#include "core/geometry/outline.h"
#include "core/geometry/transform.h"
#include "formats/basics/number.h"

#include <string>

namespace fusuma {

/// A contour as the operators of a path, without its end.
inline std::string pdf_path(const Contour& contour, const Transform& map, int decimals) {
    const auto pair = [&](Point p) {
        const Point at = map.apply(p);
        return number(at.x, decimals) + " " + number(at.y, decimals) + " ";
    };
    std::string path = pair(contour.start) + "m ";
    for (const Segment& s : contour.segments)
        path += s.kind == Segment::Kind::line ? pair(s.end) + "l "
                                              : pair(s.control1) + pair(s.control2) + pair(s.end) + "c ";
    return path;
}

} // namespace fusuma
