#include "devices/practice/practice_camera.h"

#include "core/parallel.h"

#include <QBuffer>
#include <QImage>
#include <opencv2/imgproc.hpp>

#include <algorithm>
#include <array>
#include <numbers>
#include <random>

namespace fusuma {

namespace {

/// A pinhole above the thing's middle, at a distance that brings all of it into the picture.
View view_of(Size size, const PracticeShot& shot) {
    View view =
        blank_view({double(shot.width), double(shot.height)}, usual_focal({double(shot.width), double(shot.height)}));
    view.lens = shot.lens;
    // The plane turned about its middle, then tilted about an axis in it.
    const double ct = std::cos(shot.turn), st = std::sin(shot.turn);
    const double ca = std::cos(shot.tilt_towards), sa = std::sin(shot.tilt_towards);
    const double c = std::cos(shot.tilt), s = std::sin(shot.tilt);
    const auto tilted = [&](Point p) { // Rodrigues' rotation about (ca, sa, 0)
        const double along = ca * p.x + sa * p.y, beside = -sa * p.x + ca * p.y;
        return std::array{ca * along - sa * beside * c, sa * along + ca * beside * c, beside * s};
    };
    const auto right = tilted({ct, st}), down = tilted({-st, ct});
    const auto place = [&](double distance) {
        const Point middle{size.width / 2, size.height / 2};
        for (std::size_t r = 0; r < 3; ++r) {
            view.plane[3 * r] = right[r] / distance;
            view.plane[3 * r + 1] = down[r] / distance;
            view.plane[3 * r + 2] = (r == 2 ? 1 : 0) - view.plane[3 * r] * middle.x - view.plane[3 * r + 1] * middle.y;
        }
    };
    const auto fits = [&] {
        for (const double x : {0.0, 0.5, 1.0})
            for (const double y : {0.0, 0.5, 1.0}) {
                const auto px = view.to_photo({x * size.width, y * size.height});
                if (!px || std::abs(px->x - view.middle.x) > shot.fill * shot.width / 2 ||
                    std::abs(px->y - view.middle.y) > shot.fill * shot.height / 2)
                    return false;
            }
        return true;
    };
    double near = 0.2 * std::max(size.width, size.height), far = 60 * near;
    for (int i = 0; i < 40; ++i) {
        const double middle = (near + far) / 2;
        place(middle);
        (fits() ? far : near) = middle;
    }
    place(far);
    return view;
}

double smooth_step(double from, double to, double at) {
    const double t = std::clamp((at - from) / (to - from), 0.0, 1.0);
    return t * t * (3 - 2 * t);
}

/// What stands in the light's way: the shadow of a hand with a telephone, a rounded wedge from one side.
class CastShadow {
  public:
    CastShadow(Size size, const PracticeShot& shot) : middle{size.width / 2, size.height / 2} {
        std::mt19937 chance(shot.seed * 7919 + 13);
        const auto some = [&chance](double least, double most) {
            return least + (most - least) * (double(chance()) / 4294967296.0);
        };
        const double angle = some(0, 2 * std::numbers::pi);
        way = {std::cos(angle), std::sin(angle)};
        reach = some(-0.15, 0.2) * std::min(size.width, size.height);
        bow = some(0.0004, 0.001);
        soft = shot.shadow == PracticeShot::Shadow::hard ? 1.2 : some(25, 60);
        strength = shot.shadow == PracticeShot::Shadow::none ? 0 : shot.shadow_strength;
    }
    /// The share of the light that reaches a place.
    [[nodiscard]] double at(Point mm) const {
        const Point off = mm - middle;
        const double beside = cross(way, off);
        return 1 - strength * smooth_step(-soft / 2, soft / 2, dot(way, off) - reach - bow * beside * beside);
    }

  private:
    Point middle, way;
    double reach = 0, bow = 0, soft = 1, strength = 0;
};

} // namespace

PracticePhoto photographed(const Image& thing, Size size, const PracticeShot& shot, const Work& work) {
    const View view = view_of(size, shot);
    cv::Mat photo(shot.height, shot.width, CV_32FC3);
    const double px_x = thing.width / size.width, px_y = thing.height / size.height;
    const auto colour_of = [&](Point mm) -> cv::Vec4f {
        const double x = mm.x * px_x - 0.5, y = mm.y * px_y - 0.5;
        if (x < -0.5 || y < -0.5 || x > thing.width - 0.5 || y > thing.height - 0.5)
            return {0, 0, 0, 0};
        const int left = std::clamp(static_cast<int>(std::floor(x)), 0, thing.width - 2),
                  top = std::clamp(static_cast<int>(std::floor(y)), 0, thing.height - 2);
        const auto u = static_cast<float>(std::clamp(x - left, 0.0, 1.0)),
                   v = static_cast<float>(std::clamp(y - top, 0.0, 1.0));
        const auto pixel = [&](int c, int r) {
            const std::uint8_t* p =
                thing.rgba.data() +
                4 * (static_cast<std::size_t>(r) * static_cast<std::size_t>(thing.width) + static_cast<std::size_t>(c));
            const float a = float(p[3]) / 255;
            return cv::Vec4f(float(p[0]) * a, float(p[1]) * a, float(p[2]) * a, a);
        };
        return (pixel(left, top) * (1 - u) + pixel(left + 1, top) * u) * (1 - v) +
               (pixel(left, top + 1) * (1 - u) + pixel(left + 1, top + 1) * u) * v;
    };
    const Point light{std::cos(shot.light_from), std::sin(shot.light_from)};
    const double half = std::hypot(shot.width, shot.height) / 2;
    const CastShadow shadow(size, shot);
    for_bands(shot.height, work, [&](int first, int last) {
        for (int y = first; y < last; ++y) {
            auto* line = photo.ptr<cv::Vec3f>(y);
            for (int x = 0; x < shot.width; ++x) {
                cv::Vec3f sum(0, 0, 0);
                Point middle;
                for (const double u : {0.25, 0.75})
                    for (const double v : {0.25, 0.75}) {
                        const auto mm = view.to_plane({x + u, y + v});
                        const Point there = mm.value_or(Point{1e5, 1e5});
                        middle = there;
                        const cv::Vec4f c = colour_of(there);
                        // A wooden table: boards with a grain.
                        const double grain =
                            9 * std::sin(there.y * 0.9 + 3 * std::sin(there.x * 0.02)) + 6 * std::sin(there.y * 3.1);
                        const bool is_gap = mm && std::fmod(std::abs(there.y + 500), 90.0) < 1.2;
                        const auto tone = static_cast<float>(is_gap ? 40 : 118 + (mm ? grain : 0));
                        const cv::Vec3f table(tone, tone * 0.78F, tone * 0.56F);
                        sum += 0.25F * (cv::Vec3f(c[0], c[1], c[2]) + table * (1 - c[3]));
                    }
                // Light falls off to one side, and is measured as cameras do: in encoded values.
                const double side = dot({x - view.middle.x, y - view.middle.y}, light) / half; // -1 to 1
                const double fall = 1 - (1 - shot.falls_to) * (1 - side) / 2;
                line[x] = sum * static_cast<float>(fall * shadow.at(middle));
            }
        }
    });
    if (shot.blur > 0)
        cv::GaussianBlur(photo, photo, {}, shot.blur);
    QImage image(shot.width, shot.height, QImage::Format_RGB888);
    std::mt19937 chance(shot.seed);
    std::normal_distribution<float> off(0, static_cast<float>(shot.noise));
    std::array<float, 65536> offs{}; // drawn once, taken in another order for each pixel
    for (float& o : offs)
        o = shot.noise > 0 ? off(chance) : 0;
    for (int y = 0; y < shot.height; ++y) {
        const auto* line = photo.ptr<cv::Vec3f>(y);
        uchar* out = image.scanLine(y);
        for (int x = 0; x < shot.width; ++x)
            for (int k = 0; k < 3; ++k) {
                const float v = line[x][k] + (shot.noise > 0 ? offs[chance() >> 16] : 0);
                out[3 * x + k] = static_cast<uchar>(std::clamp(v + 0.5F, 0.0F, 255.0F));
            }
    }
    PracticePhoto result{{}, view};
    QBuffer buffer(&result.jpeg);
    buffer.open(QIODevice::WriteOnly);
    image.save(&buffer, "JPEG", shot.quality);
    return result;
}

} // namespace fusuma
