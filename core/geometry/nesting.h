#pragma once

#include "core/geometry/region.h"

#include <algorithm>

namespace fusuma {

/// Takes out every contour for which `is_gone` holds, and with it whatever lies inside, since without its surroundings
/// a hole would turn into a piece and a piece into a hole. Returns what was taken.
template <typename IsGone> Outline take_out_with_contents(Outline& outline, IsGone&& is_gone) {
    std::vector<char> gone;
    for (const Contour& contour : outline.contours)
        gone.push_back(is_gone(contour));
    if (std::ranges::find(gone, 1) == gone.end())
        return {};
    const auto nesting = nesting_of(flatten(outline, 0.01));
    Outline taken, left;
    for (std::size_t i = 0; i < gone.size(); ++i) {
        bool is_taken = gone[i];
        for (auto around = nesting[i]; around && !is_taken; around = nesting[*around])
            is_taken = gone[*around];
        (is_taken ? taken : left).contours.push_back(std::move(outline.contours[i]));
    }
    outline = std::move(left);
    return taken;
}

} // namespace fusuma
