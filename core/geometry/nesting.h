#pragma once

#include "core/geometry/measure.h"

#include <algorithm>

namespace fusuma {

/// Takes out every contour for which `is_gone` holds, and with it whatever lies inside, since without its surroundings
/// a hole would turn into a piece and a piece into a hole. Returns what was taken.
template <typename IsGone> Outline take_out_with_contents(Outline& outline, IsGone&& is_gone) {
    struct Gone {
        Rect box;
        Polygon polygon;
    };
    std::vector<Gone> gone;
    Outline taken;
    std::erase_if(outline.contours, [&](const Contour& contour) {
        if (!is_gone(contour))
            return false;
        gone.push_back({bounds(contour), flatten(contour, 0.01)});
        taken.contours.push_back(contour);
        return true;
    });
    std::erase_if(outline.contours, [&](const Contour& contour) {
        const bool inside = std::any_of(gone.begin(), gone.end(), [&](const Gone& g) {
            return g.box.contains(contour.start) && contains({g.polygon}, contour.start);
        });
        if (inside)
            taken.contours.push_back(contour);
        return inside;
    });
    return taken;
}

} // namespace fusuma
