#include "core/raster/soft_edges.h"

#include <opencv2/imgproc.hpp>

#include <algorithm>
#include <vector>

namespace fusuma {

namespace {

/// How many pixels edges are wide: the largest difference nearby over the steepest slope, by the middle one of many.
double blur_of(const cv::Mat& off, const cv::Mat& rim) {
    cv::Mat dx, dy, slope, steepest, largest;
    cv::Sobel(off, dx, CV_32F, 1, 0, 3, 1.0 / 8);
    cv::Sobel(off, dy, CV_32F, 0, 1, 3, 1.0 / 8);
    cv::magnitude(dx, dy, slope);
    const cv::Mat window = cv::getStructuringElement(cv::MORPH_RECT, {15, 15});
    cv::dilate(slope, steepest, window);
    cv::dilate(off, largest, window);
    std::vector<float> widths;
    for (int y = 0; y < off.rows; y += 2)
        for (int x = 0; x < off.cols; x += 2)
            if (rim.at<std::uint8_t>(y, x) && steepest.at<float>(y, x) > 3)
                widths.push_back(static_cast<float>(largest.at<std::uint8_t>(y, x)) / steepest.at<float>(y, x));
    if (widths.size() < 20)
        return 0;
    const auto middle = widths.begin() + static_cast<std::ptrdiff_t>(widths.size() / 2);
    std::nth_element(widths.begin(), middle, widths.end());
    return *middle;
}

} // namespace

void place_soft_edges(const Image& image, Rgb ground, Coverage& coverage) {
    if (image.width < 16 || image.height < 16)
        return;
    const cv::Mat rgba(image.height, image.width, CV_8UC4, const_cast<std::uint8_t*>(image.rgba.data()));
    cv::Mat rgb, apart, off;
    cv::cvtColor(rgba, rgb, cv::COLOR_RGBA2RGB);
    cv::absdiff(rgb, cv::Scalar(ground.red, ground.green, ground.blue), apart);
    std::vector<cv::Mat> planes;
    cv::split(apart, planes);
    off = cv::max(cv::max(planes[0], planes[1]), planes[2]);
    cv::GaussianBlur(off, off, {}, 0.7); // grain
    cv::Mat values(coverage.height, coverage.width, CV_8U, coverage.values.data());
    const cv::Mat outside = values == 0;
    cv::Mat near_ground, rim;
    cv::dilate(outside, near_ground, cv::getStructuringElement(cv::MORPH_RECT, {3, 3}));
    rim = near_ground & ~outside;
    const double width = blur_of(off, rim);
    constexpr double crisp = 1.2, widest = 16; // px
    if (width < crisp)
        return;
    const int reach = static_cast<int>(std::ceil(std::min(width, widest))) + 1;
    cv::Mat far, largest;
    cv::distanceTransform(~outside, far, cv::DIST_L2, 3);
    cv::dilate(off, largest, cv::getStructuringElement(cv::MORPH_ELLIPSE, {2 * reach + 1, 2 * reach + 1}));
    // JPEG spreads colours some way into the ground: what hardly differs from it, and is joined to it, is ground, too.
    constexpr int spread = 10; // px
    constexpr double hardly = 0.3;
    cv::Mat faint(values.size(), CV_8U, cv::Scalar(0)), labels;
    for (int y = 0; y < values.rows; ++y)
        for (int x = 0; x < values.cols; ++x) {
            const bool is_near = far.at<float>(y, x) <= static_cast<float>(reach + spread);
            faint.at<std::uint8_t>(y, x) =
                outside.at<std::uint8_t>(y, x) ||
                        (is_near && off.at<std::uint8_t>(y, x) < hardly * largest.at<std::uint8_t>(y, x))
                    ? 255
                    : 0;
        }
    const int count = cv::connectedComponents(faint, labels, 4);
    std::vector<bool> is_ground(static_cast<std::size_t>(count));
    for (int y = 0; y < values.rows; ++y)
        for (int x = 0; x < values.cols; ++x)
            if (outside.at<std::uint8_t>(y, x))
                is_ground[static_cast<std::size_t>(labels.at<int>(y, x))] = true;
    for (int y = 0; y < values.rows; ++y)
        for (int x = 0; x < values.cols; ++x) {
            std::uint8_t& value = values.at<std::uint8_t>(y, x);
            const float from_ground = far.at<float>(y, x);
            const bool is_faint =
                faint.at<std::uint8_t>(y, x) && is_ground[static_cast<std::size_t>(labels.at<int>(y, x))];
            if (from_ground > 0 && (is_faint || from_ground <= static_cast<float>(reach))) {
                const double share =
                    double(off.at<std::uint8_t>(y, x)) / std::max<int>(1, largest.at<std::uint8_t>(y, x));
                value = static_cast<std::uint8_t>(std::lround(255 * std::clamp(share, 0.0, 1.0)));
            }
        }
}

} // namespace fusuma
