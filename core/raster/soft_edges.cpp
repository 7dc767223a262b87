#include "core/raster/soft_edges.h"

#include "core/parallel.h"

#include <opencv2/imgproc.hpp>

#include <algorithm>
#include <cmath>
#include <vector>

namespace fusuma {

namespace {

constexpr int beside_px = 15;    // px in which both sides of an edge are looked for
constexpr double grain_px = 0.7; // px of blur, so that no pixel's noise passes for an edge
constexpr int least_slope = 3;   // values in a pixel; less is shading

cv::Mat part_of(const Image& image, const cv::Rect& part) {
    const cv::Mat rgba(image.height, image.width, CV_8UC4, const_cast<std::uint8_t*>(image.rgba.data()));
    return rgba(part);
}

cv::Rect grown(const cv::Rect& box, int by, const Image& image) {
    return cv::Rect(box.x - by, box.y - by, box.width + 2 * by, box.height + 2 * by) &
           cv::Rect(0, 0, image.width, image.height);
}

/// How fast values change, a pixel.
cv::Mat slope_of(const cv::Mat& values) {
    cv::Mat dx, dy, slope;
    cv::Sobel(values, dx, CV_32F, 1, 0, 3, 1.0 / 8);
    cv::Sobel(values, dy, CV_32F, 0, 1, 3, 1.0 / 8);
    cv::magnitude(dx, dy, slope);
    return slope;
}

/// The value that `part` of them are below; 0 when they are fewer than `least`.
double quantile(std::vector<float>& of, double part, std::size_t least) {
    if (of.size() < least)
        return 0;
    const auto at = of.begin() + static_cast<std::ptrdiff_t>(part * static_cast<double>(of.size()));
    std::nth_element(of.begin(), at, of.end());
    return *at;
}

/// Squares that make up the picture, row by row.
std::vector<cv::Rect> squares_of(const Image& image, int side) {
    std::vector<cv::Rect> all;
    for (int y = 0; y < image.height; y += side)
        for (int x = 0; x < image.width; x += side)
            all.push_back(grown({x, y, side, side}, 0, image));
    return all;
}

/// At most so many of them, evenly from first to last.
std::vector<cv::Rect> some(const std::vector<cv::Rect>& all, std::size_t most) {
    if (all.size() <= most)
        return all;
    std::vector<cv::Rect> kept;
    for (std::size_t k = 0; k < most; ++k)
        kept.push_back(all[k * all.size() / most]);
    return kept;
}

/// How far each pixel is from the ground's colour: the largest difference of the three.
cv::Mat off_ground(const cv::Mat& rgba, Rgb ground) {
    cv::Mat rgb, apart, off;
    cv::cvtColor(rgba, rgb, cv::COLOR_RGBA2RGB);
    cv::absdiff(rgb, cv::Scalar(ground.red, ground.green, ground.blue), apart);
    std::vector<cv::Mat> planes;
    cv::split(apart, planes);
    off = cv::max(cv::max(planes[0], planes[1]), planes[2]);
    cv::GaussianBlur(off, off, {}, grain_px);
    return off;
}

/// A way from the ground into the art, a pixel at a time: tells where the rim ends that it comes through first.
class WayIn {
  public:
    /// @param steep  slope where the ground ends: a pale rim's edge is steepest where the ground is not left yet
    void begin(float steep) { steepest = flattest = steep; }
    /// Takes the next pixel in.
    /// @param here    difference from the ground there
    /// @param steep   slope there
    /// @param colour  there, less the ground's
    /// @return the difference without what lies past the rim: nought there, the rim's own where a second rise begins
    float go_on(float here, float steep, const cv::Vec3f& colour) {
        constexpr float fall = 0.7F, second_rise = 1.4F; // times the difference where the rim is solid
        constexpr float flatter = 0.75F;                 // of the steepest slope
        constexpr float clearly = 25;                    // values
        const bool is_level = level >= clearly && flattest < flatter * steepest;
        if (highest >= clearly && !is_past) {
            const bool turns = colour.dot(highest_colour) < 0.5 * cv::norm(colour) * cv::norm(highest_colour);
            is_past = here < fall * highest || turns || (is_level && here > second_rise * level);
        }
        if (is_past)
            return 0;
        if (steep > steepest && !is_level) {
            steepest = flattest = steep;
            level = here;
        } else if (steep < flattest) {
            flattest = steep;
            level = here;
        }
        if (here > highest) {
            highest = here;
            highest_colour = colour;
        }
        return is_level ? std::min(here, level) : here;
    }

  private:
    float highest = 0, steepest = 0;
    float flattest = 0, level = 0; // least slope since the steepest, and the difference there
    cv::Vec3f highest_colour;
    bool is_past = false;
};

/// The neighbour that is nearest to the ground; itself where none is nearer, or one could lie beyond the picture.
cv::Point towards_ground(const cv::Mat& far, const cv::Point& at) {
    cv::Point before = at;
    if (at.x == 0 || at.y == 0 || at.x + 1 == far.cols || at.y + 1 == far.rows)
        return before;
    float nearest = far.at<float>(at);
    for (int dy = -1; dy <= 1; ++dy) {
        const float* const row = far.ptr<float>(at.y + dy) + at.x;
        for (int dx = -1; dx <= 1; ++dx)
            if (row[dx] < nearest) {
                nearest = row[dx];
                before = at + cv::Point(dx, dy);
            }
    }
    return before;
}

/// Blackens what lies past the rim of the art. Drawn art may have a pale rim round something dark, and where what is
/// dark were taken for the solid side of the edge, the rim would pass for its half covered part. From the ground on
/// inwards, the rim ends where colours fall back to the ground's, turn to another hue, or rise for a second time.
/// @param rgba  what `off` was worked out from
/// @param off   CV_8U, differences from the ground; gets nought past the rim and further than `deepest` px
/// @param far   CV_32F, px to the nearest ground
void keep_to_the_rim(const cv::Mat& rgba, Rgb ground, cv::Mat& off, const cv::Mat& far, double deepest) {
    std::vector<std::vector<cv::Point>> by_distance(static_cast<std::size_t>(deepest * 2) + 2);
    for (int y = 0; y < far.rows; ++y)
        for (int x = 0; x < far.cols; ++x)
            if (const float px = far.at<float>(y, x); px > 0 && px <= static_cast<float>(deepest))
                by_distance[static_cast<std::size_t>(px * 2)].emplace_back(x, y);
            else if (px > 0)
                off.at<std::uint8_t>(y, x) = 0;
    const cv::Mat slope = slope_of(off);
    cv::Mat before_rim = slope.clone();
    before_rim.setTo(0, far > 0);
    cv::dilate(before_rim, before_rim, cv::getStructuringElement(cv::MORPH_RECT, {5, 5}));
    std::vector<WayIn> ways(far.total());
    const auto way_at = [&](const cv::Point& at) -> WayIn& {
        return ways[static_cast<std::size_t>(at.y * off.cols + at.x)];
    };
    for (const std::vector<cv::Point>& ring : by_distance)
        for (const cv::Point& at : ring) {
            const cv::Point before = towards_ground(far, at);
            WayIn way = way_at(before);
            if (before == at || far.at<float>(before) == 0)
                way.begin(before_rim.at<float>(at));
            const auto& c = rgba.at<cv::Vec4b>(at);
            std::uint8_t& value = off.at<std::uint8_t>(at);
            value = static_cast<std::uint8_t>(
                way.go_on(value, slope.at<float>(at),
                          {static_cast<float>(c[0] - ground.red), static_cast<float>(c[1] - ground.green),
                           static_cast<float>(c[2] - ground.blue)}));
            way_at(at) = way;
        }
}

/// How many pixels the art's edges are wide: the largest difference nearby over the steepest slope, by the middle one
/// of many.
/// @param edges  squares_of that have an edge; a hundred of them are looked at
double blur_of(const Image& image, Rgb ground, const cv::Mat& outside, const std::vector<cv::Rect>& edges,
               const Work& work) {
    constexpr std::size_t most = 100;
    const std::vector<cv::Rect> looked_at = some(edges, most);
    std::vector<std::vector<float>> widths(looked_at.size());
    for_each_of(static_cast<int>(looked_at.size()), work, [&](int k) {
        const cv::Rect& square = looked_at[static_cast<std::size_t>(k)];
        const cv::Rect around = grown(square, beside_px, image);
        const cv::Mat ground_here = outside(around);
        cv::Mat off = off_ground(part_of(image, around), ground), slope = slope_of(off);
        cv::Mat far, steepest, largest, near_ground;
        cv::distanceTransform(~ground_here, far, cv::DIST_L2, 3);
        keep_to_the_rim(part_of(image, around), ground, off, far, beside_px);
        slope.setTo(0, off == 0);
        const cv::Mat whole = cv::getStructuringElement(cv::MORPH_RECT, {beside_px, beside_px});
        cv::dilate(slope, steepest, whole);
        cv::dilate(off, largest, whole);
        cv::dilate(ground_here, near_ground, cv::getStructuringElement(cv::MORPH_RECT, {3, 3}));
        const cv::Mat rim = near_ground & ~ground_here;
        const cv::Rect here = square - around.tl();
        for (int y = here.y; y < here.br().y; y += 2)
            for (int x = here.x; x < here.br().x; x += 2)
                if (rim.at<std::uint8_t>(y, x) && steepest.at<float>(y, x) > least_slope)
                    widths[static_cast<std::size_t>(k)].push_back(static_cast<float>(largest.at<std::uint8_t>(y, x)) /
                                                                  steepest.at<float>(y, x));
    });
    std::vector<float> all;
    for (const std::vector<float>& some_widths : widths)
        all.insert(all.end(), some_widths.begin(), some_widths.end());
    return quantile(all, 0.5, 20);
}

} // namespace

double width_of_edges(const Image& image) {
    constexpr int side = 32;
    constexpr std::size_t most = 400;
    constexpr double apart = 24; // values that the two sides of an edge are, at least
    std::vector<float> widths;
    for (const cv::Rect& square : some(squares_of(image, side), most)) {
        const cv::Rect around = grown(square, beside_px, image);
        cv::Mat grey;
        cv::cvtColor(part_of(image, around), grey, cv::COLOR_RGBA2GRAY);
        cv::GaussianBlur(grey, grey, {}, grain_px);
        double steepest = 0, least = 0, most_grey = 0;
        cv::Point where;
        cv::minMaxLoc(slope_of(grey)(square - around.tl()), nullptr, &steepest, nullptr, &where);
        if (steepest <= least_slope)
            continue;
        where += square.tl() - around.tl();
        const cv::Rect beside = cv::Rect(where.x - beside_px / 2, where.y - beside_px / 2, beside_px, beside_px) &
                                cv::Rect({}, around.size());
        cv::minMaxLoc(grey(beside), &least, &most_grey);
        if (most_grey - least >= apart)
            widths.push_back(static_cast<float>((most_grey - least) / steepest));
    }
    return quantile(widths, 0.25, 8);
}

void place_soft_edges(const Image& image, Rgb ground, Coverage& coverage, bool is_evened, const Work& work) {
    if (image.width < 16 || image.height < 16)
        return;
    cv::Mat values(coverage.height, coverage.width, CV_8U, coverage.values.data());
    const cv::Mat outside = values == 0;
    constexpr int side = 128, widest = 16, spread = 10; // px
    std::vector<cv::Rect> edges;
    for (const cv::Rect& square : squares_of(image, side)) {
        const cv::Mat here = outside(grown(square, widest + 1 + spread, image));
        if (const int grounds = cv::countNonZero(here); grounds > 0 && static_cast<std::size_t>(grounds) < here.total())
            edges.push_back(square);
    }
    const double width = blur_of(image, ground, outside, edges, work.part(0, 0.2));
    constexpr double soft_edge = 3.2; // px; wider than colours beside each other tell
    if (width <= (is_evened ? 0 : soft_edge))
        return;
    const int reach = static_cast<int>(std::ceil(std::min(width, double(widest)))) + 1;
    const double rim = 2 * width + 1; // px that what is drawn may have of one; of photographs all is looked at
    const int margin = reach + (is_evened ? 2 * spread : static_cast<int>(std::ceil(std::min(rim, 2.0 * spread))));
    for_each_of(static_cast<int>(edges.size()), work.part(0.2, 1), [&](int k) {
        const cv::Rect& square = edges[static_cast<std::size_t>(k)];
        const cv::Rect around = grown(square, margin, image);
        const cv::Mat ground_here = outside(around);
        cv::Mat off = off_ground(part_of(image, around), ground);
        cv::Mat far, largest;
        cv::distanceTransform(~ground_here, far, cv::DIST_L2, 3);
        // Drawn art may have a pale rim round something dark, which is none of its edge: half covered it is within the
        // edge's width, and solid before twice that.
        const float deepest = is_evened ? static_cast<float>(reach) : static_cast<float>(1.1 * width);
        if (!is_evened)
            keep_to_the_rim(part_of(image, around), ground, off, far, rim);
        cv::dilate(off, largest, cv::getStructuringElement(cv::MORPH_ELLIPSE, {2 * reach + 1, 2 * reach + 1}));
        // JPEG spreads colours some way into the ground: what hardly differs from it, and is joined to it, is ground,
        // too.
        constexpr double hardly = 0.3;
        cv::Mat faint(around.size(), CV_8U, cv::Scalar(0)), labels;
        for (int y = 0; y < around.height; ++y)
            for (int x = 0; x < around.width; ++x) {
                const bool is_near = is_evened && far.at<float>(y, x) <= static_cast<float>(reach + spread);
                faint.at<std::uint8_t>(y, x) =
                    ground_here.at<std::uint8_t>(y, x) ||
                            (is_near && off.at<std::uint8_t>(y, x) < hardly * largest.at<std::uint8_t>(y, x))
                        ? 255
                        : 0;
            }
        const int count = cv::connectedComponents(faint, labels, 4);
        std::vector<bool> is_ground(static_cast<std::size_t>(count));
        for (int y = 0; y < around.height; ++y)
            for (int x = 0; x < around.width; ++x)
                if (ground_here.at<std::uint8_t>(y, x))
                    is_ground[static_cast<std::size_t>(labels.at<int>(y, x))] = true;
        const cv::Rect here = square - around.tl();
        for (int y = here.y; y < here.br().y; ++y)
            for (int x = here.x; x < here.br().x; ++x) {
                const float from_ground = far.at<float>(y, x);
                const bool is_faint =
                    faint.at<std::uint8_t>(y, x) && is_ground[static_cast<std::size_t>(labels.at<int>(y, x))];
                const bool is_past_rim = !is_evened && off.at<std::uint8_t>(y, x) == 0;
                if (from_ground > 0 && (is_faint || (from_ground <= deepest && !is_past_rim))) {
                    const double share =
                        double(off.at<std::uint8_t>(y, x)) / std::max<int>(1, largest.at<std::uint8_t>(y, x));
                    values.at<std::uint8_t>(around.y + y, around.x + x) =
                        static_cast<std::uint8_t>(std::lround(255 * std::clamp(share, 0.0, 1.0)));
                }
            }
    });
}

} // namespace fusuma
