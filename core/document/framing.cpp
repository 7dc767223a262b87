#include "core/document/framing.h"

#include "core/geometry/point.h"

#include <cmath>
#include <numbers>

namespace fusuma {

Frame frame_of(int width_px, int height_px, const Framing& framing) {
    Frame frame;
    frame.crop = on_picture(framing.crop.value_or(PixelBox{0, 0, width_px, height_px}), width_px, height_px);
    const double w = frame.crop.width, h = frame.crop.height;
    const Transform turned = Transform::shift({-frame.crop.x - w / 2, -frame.crop.y - h / 2})
                                 .then(Transform::scale(framing.mirrored ? -1 : 1, 1))
                                 .then(Transform::turn(framing.turn))
                                 .then(Transform::scale(1, framing.stretch));
    Rect box;
    for (const Point corner : {Point{0, 0}, Point{w, 0}, Point{w, h}, Point{0, h}})
        box.include(turned.apply(Point{double(frame.crop.x), double(frame.crop.y)} + corner));
    frame.size = {box.width(), box.height()};
    frame.from_picture = turned.then(Transform::shift(-1.0 * box.min));
    return frame;
}

double straightened(double turn, Point a, Point b) {
    const double quarter = std::numbers::pi / 2;
    const double angle = std::atan2(b.y - a.y, b.x - a.x);
    return std::remainder(turn - std::remainder(angle, quarter), 2 * std::numbers::pi);
}

} // namespace fusuma
