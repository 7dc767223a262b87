#include "core/trace/trace.h"

#include "core/geometry/measure.h"
#include "core/trace/contour.h"
#include "core/trace/fit.h"

namespace fusuma {

Outline trace(const Coverage& coverage, const TraceSettings& settings) {
    Outline outline;
    for (const Polygon& points : iso_contours(coverage, settings.threshold))
        outline.contours.push_back(
            fit_closed(points, blunted_corners(points),
                       {.tolerance = settings.detail_px, .line_tolerance = 0.7 * settings.detail_px}));
    return outline;
}

Outline without_specks(const Outline& outline, double least) {
    Outline kept;
    for (const Contour& contour : outline.contours)
        if (std::abs(signed_area(contour)) >= least)
            kept.contours.push_back(contour);
    return kept;
}

} // namespace fusuma
