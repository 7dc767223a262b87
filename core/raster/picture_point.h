#pragma once

#include "core/geometry/transform.h"

namespace fusuma {

/// A place on a whole picture, whatever its framing, in the picture's pixels. A type of its own, so that it cannot be
/// taken for millimetres.
struct PicturePoint {
    double x = 0, y = 0;
    bool operator==(const PicturePoint&) const = default;
};

/// Where it lies on a sticker. @param from_picture  from the picture's pixels to mm
[[nodiscard]] inline Point on_sticker(PicturePoint px, const Transform& from_picture) {
    return from_picture.apply({px.x, px.y});
}

/// What lies under a place of a sticker. @param to_picture  from mm to the picture's pixels
[[nodiscard]] inline PicturePoint on_picture(Point mm, const Transform& to_picture) {
    const Point px = to_picture.apply(mm);
    return {px.x, px.y};
}

} // namespace fusuma
