#include "core/steps/sized_outline.h"

#include <cmath>

namespace fusuma {

Tracing trace_of(const Isolation& isolation, const TraceSettings& settings, const Work& work) {
    return isolation.drawn ? Tracing{isolation.drawn->outline} : trace(isolation.coverage(), settings, work);
}

SizedOutline sized_outline(const Isolation& isolation, const Tracing& tracing, const Frame& frame,
                           const CleanUp& settings, double width) {
    const double scale = width / frame.size.width;
    SizedOutline result;
    result.artwork = {width, scale * frame.size.height};
    result.from_picture = frame.from_picture.then(Transform::scale(scale, scale));
    const Transform from_pixels =
        Transform::shift({double(isolation.origin.x), double(isolation.origin.y)}).then(result.from_picture);
    result.from_art = Transform::scale(isolation.size.x, isolation.size.y).then(from_pixels);
    Cleaned clean = cleaned(transformed(tracing.outline, from_pixels), settings);
    result.outline = std::move(clean.outline);
    if (isolation.drawn) {
        result.is_outline_cut = isolation.drawn->is_outline_cut;
        result.own_lines = isolation.drawn->lines;
        for (OwnLine& line : result.own_lines)
            line.path = line.is_open ? mapped_line(line.path, from_pixels) : transformed(line.path, from_pixels);
    }
    result.dropped = std::move(clean.dropped);
    result.left_out = tracing.left_out;
    result.coarsened = tracing.coarsened;
    result.thinnest = thinnest_place(result.outline);
    return result;
}

double mm_per_px(const SizedOutline& outline) {
    return std::sqrt(std::abs(outline.from_picture.determinant()));
}

} // namespace fusuma
