#include "core/raster/lab.h"

#include <array>
#include <cmath>

namespace fusuma {

namespace {

/// Linear light of each encoded value (IEC 61966-2-1).
const std::array<double, 256>& linear_light() {
    static const std::array<double, 256> table = [] {
        std::array<double, 256> t{};
        for (std::size_t i = 0; i < t.size(); ++i) {
            const double v = static_cast<double>(i) / 255;
            t[i] = v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
        }
        return t;
    }();
    return table;
}

constexpr double knee = 216.0 / 24389, steepness = 24389.0 / 27;

double lab_root(double t) {
    return t > knee ? std::cbrt(t) : (steepness * t + 16) / 116;
}

} // namespace

Lab to_lab(Rgb colour) {
    const auto& light = linear_light();
    const double r = light[colour.red], g = light[colour.green], b = light[colour.blue];
    // sRGB primaries to XYZ, divided by the D65 white.
    const double x = lab_root((0.4124564 * r + 0.3575761 * g + 0.1804375 * b) / 0.95047);
    const double y = lab_root(luminance(colour));
    const double z = lab_root((0.0193339 * r + 0.1191920 * g + 0.9503041 * b) / 1.08883);
    return {116 * y - 16, 500 * (x - y), 200 * (y - z)};
}

double luminance(Rgb colour) {
    const auto& light = linear_light();
    return 0.2126729 * light[colour.red] + 0.7151522 * light[colour.green] + 0.0721750 * light[colour.blue];
}

double luminance_of(double lightness) {
    const double root = (lightness + 16) / 116, cube = root * root * root;
    return cube > knee ? cube : lightness / steepness;
}

double colour_difference(const Lab& x, const Lab& y) {
    return std::hypot(x.lightness - y.lightness, x.a - y.a, x.b - y.b);
}

} // namespace fusuma
