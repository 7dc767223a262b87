#pragma once

#include "core/geometry/outline.h"
#include "core/geometry/transform.h"
#include "formats/basics/number.h"

#include <string>

namespace fusuma {

/// A contour as the operators of a path, without its end.
inline void append_pdf_path(std::string& to, const Contour& contour, const Transform& map, int decimals) {
    const auto append = [&](Point p) {
        const Point at = map.apply(p);
        append_number(to, at.x, decimals);
        to += ' ';
        append_number(to, at.y, decimals);
        to += ' ';
    };
    append(contour.start);
    to += "m ";
    for (const Segment& s : contour.segments) {
        if (s.kind == Segment::Kind::cubic) {
            append(s.control1);
            append(s.control2);
        }
        append(s.end);
        to += s.kind == Segment::Kind::cubic ? "c " : "l ";
    }
}

} // namespace fusuma
