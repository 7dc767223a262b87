#include "reading/basics/seen_of.h"

#include "core/geometry/combine_curves.h"
#include "core/trace/trace.h"

namespace fusuma {

Outline seen_of(const Image& image, const Transform& from_unit, const Area& area) {
    Coverage coverage(image.width, image.height);
    bool is_solid = true;
    for (std::size_t i = 0; i < coverage.values.size(); ++i) {
        coverage.values[i] = image.rgba[4 * i + 3];
        is_solid &= coverage.values[i] == 255;
    }
    if (is_solid)
        return region_of(area);
    const Transform map = Transform::scale(1.0 / image.width, 1.0 / image.height).then(from_unit);
    return combined(transformed(trace(coverage, {.threshold = 64}).outline, map), region_of(area),
                    Combine::overlap_only);
}

} // namespace fusuma
