#include "core/raster/hidden_light.h"

#include "core/parallel.h"
#include "core/raster/opencv_border.h"

#include <opencv2/imgproc.hpp>

#include <algorithm>
#include <cstdint>
#include <mutex>
#include <utility>
#include <vector>

namespace fusuma {

namespace {

/// Fills what is not known from what lies round it, near and far: averages of the known, coarser and coarser.
/// Source: the pull and push of Gortler, Grzeszczuk, Szeliski and Cohen, SIGGRAPH 1996.
/// @param known  CV_32F, 0 or 1
void fill_in(cv::Mat& values, cv::Mat known, const Work& work) {
    if (values.rows <= 2 || values.cols <= 2) {
        const double whole = cv::sum(known)[0];
        cv::Scalar mean = whole > 0 ? cv::mean(values, known > 0.5) : cv::Scalar::all(255);
        values.setTo(mean, known <= 0.5);
        return;
    }
    std::vector<cv::Mat> planes;
    cv::split(values, planes);
    const cv::Size half((values.cols + 1) / 2, (values.rows + 1) / 2);
    cv::Mat weight, coarse;
    cv::resize(known, weight, half, 0, 0, cv::INTER_AREA);
    for (cv::Mat& plane : planes) {
        cv::Mat sum;
        cv::resize(plane.mul(known), sum, half, 0, 0, cv::INTER_AREA);
        plane = sum / cv::max(weight, 1e-6);
    }
    cv::merge(planes, coarse);
    cv::Mat coarse_known;
    cv::threshold(weight, coarse_known, 1e-6, 1, cv::THRESH_BINARY);
    fill_in(coarse, coarse_known, work);
    cv::Mat fine;
    cv::resize(coarse, fine, values.size(), 0, 0, cv::INTER_LINEAR);
    const cv::Mat unknown = known <= 0.5;
    fine.copyTo(values, unknown);
    // Smoothed into what is known, so that no step is left along the rim.
    constexpr int rounds = 8;
    for (int i = 0; i < rounds; ++i) {
        for_bands(values.rows, work, [&](int first, int last) { // with what lies beyond the band
            cv::blur(values.rowRange(first, last), fine.rowRange(first, last), {3, 3}, {-1, -1}, edge_goes_on);
        });
        for_bands(values.rows, work, [&](int first, int last) {
            fine.rowRange(first, last).copyTo(values.rowRange(first, last), unknown.rowRange(first, last));
        });
    }
}

/// Lets known values go on into pixels beside them, the mean of their neighbours', round by round. Each pixel is looked
/// at a few times, however many rounds there are. Throws Stopped when asked to stop.
/// @param known  CV_8U, 255 where they are known; gets what was found
/// @param areas  CV_32S: values stay in their area; where it is 0 or less nothing is found
/// @return       CV_32S, the rounds it took; 0 where nothing was found
cv::Mat spread(cv::Mat& values, cv::Mat& known, const cv::Mat& areas, int rounds, const Work& work) {
    cv::Mat took(known.size(), CV_32S, cv::Scalar(0));
    const auto each_beside = [&](cv::Point p, auto&& each) { // of its area
        for (int v = std::max(0, p.y - 1); v <= std::min(known.rows - 1, p.y + 1); ++v)
            for (int u = std::max(0, p.x - 1); u <= std::min(known.cols - 1, p.x + 1); ++u)
                if (areas.at<int>(v, u) == areas.at<int>(p))
                    each(cv::Point(u, v));
    };
    std::vector<cv::Point> front, next;
    const auto is_open = [&](cv::Point p) { return known.at<std::uint8_t>(p) == 0 && areas.at<int>(p) > 0; };
    const auto reach = [&](cv::Point p, int round) {
        if (is_open(p) && took.at<int>(p) == 0) {
            took.at<int>(p) = round;
            next.push_back(p);
        }
    };
    std::mutex adding;
    for_bands(known.rows, work.part(0, 0.1), [&](int first, int last) {
        std::vector<cv::Point> beside_known;
        for (int y = first; y < last; ++y)
            for (int x = 0; x < known.cols; ++x) {
                bool is_beside = false;
                if (is_open({x, y}))
                    each_beside({x, y}, [&](cv::Point p) { is_beside |= known.at<std::uint8_t>(p) != 0; });
                if (is_beside)
                    beside_known.emplace_back(x, y);
            }
        const std::scoped_lock lock(adding);
        for (const cv::Point p : beside_known)
            reach(p, 1);
    });
    std::vector<cv::Vec3f> found;
    for (int round = 1; round <= rounds && !next.empty(); ++round) {
        work.at(static_cast<double>(round) / rounds);
        front.swap(next);
        next.clear();
        found.clear();
        for (const cv::Point p : front) {
            cv::Vec3f sum(0, 0, 0);
            int count = 0;
            each_beside(p, [&](cv::Point q) {
                if (known.at<std::uint8_t>(q) != 0) {
                    sum += values.at<cv::Vec3f>(q);
                    ++count;
                }
            });
            found.push_back(sum / count);
        }
        for (std::size_t i = 0; i < front.size(); ++i) {
            values.at<cv::Vec3f>(front[i]) = found[i];
            known.at<std::uint8_t>(front[i]) = 255;
        }
        for (const cv::Point p : front)
            each_beside(p, [&](cv::Point q) { reach(q, round + 1); });
    }
    for (const cv::Point p : next) // beyond the last round
        took.at<int>(p) = 0;
    return took;
}

/// Is it paper of this light that is seen, perhaps in the soft edge of a shadow?
bool is_seen(const cv::Vec3b& seen, const cv::Vec3b& closed, const cv::Vec3f& light) {
    constexpr double darkest = 0.7, lightest = 1.5, off_hue = 0.06, of_closed = 0.95; // shares
    double least = 10, most = 0;
    for (int k = 0; k < 3; ++k) {
        if (seen[k] < of_closed * closed[k]) // a mark that was closed over
            return false;
        const double share = seen[k] / std::max(1.0, double(light[k]));
        least = std::min(least, share);
        most = std::max(most, share);
    }
    return least > darkest && most < lightest && most - least < off_hue * most;
}

} // namespace

cv::Mat light_beside_art(const cv::Mat& rgb, const cv::Mat& closed, const cv::Mat& known, const PaperAndArt& told,
                         const Work& work) {
    cv::Mat own, values;
    closed.convertTo(own, CV_32FC3);
    values = own.clone();
    cv::Mat found = known & told.steady & (told.papers > 0); // the soft edges of shadows are of two lights
    cv::Mat edges;                                           // of art, and all paper
    cv::Mat((told.papers > 0) | ~told.steady).convertTo(edges, CV_32S, 1.0 / 255);
    constexpr int soft = 5; // px that the edges of art are wide, half of them beyond the paper's
    cv::Mat near = own.clone(), found_near = found.clone();
    cv::Mat to_near, to_own, from_art;
    both(
        work.part(0, 0.6), [&] { to_near = spread(near, found_near, edges, 3 * soft, {.stop = work.stop}); },
        [&] { // the tips of shadows are long
            to_own = spread(values, found, told.papers, std::max(rgb.cols, rgb.rows) / 25, work.part(0, 0.6));
        });
    // Along the edge of art an area may have run far beside another that is darker.
    for_bands(rgb.rows, work.part(0, 0.6), [&](int first, int last) {
        for (int y = first; y < last; ++y)
            for (int x = 0; x < rgb.cols; ++x)
                if (const int here = to_near.at<int>(y, x); here > 0 && to_own.at<int>(y, x) > here + 2)
                    for (int k = 0; k < 3; ++k) {
                        float& light = values.at<cv::Vec3f>(y, x)[k];
                        const float darker = std::min(light, near.at<cv::Vec3f>(y, x)[k]);
                        light = std::clamp(static_cast<float>(rgb.at<cv::Vec3b>(y, x)[k]), darker, light);
                    }
    });
    both(
        work.part(0, 0.7), [&] { static_cast<void>(spread(values, found, edges, soft, work.part(0.6, 0.7))); },
        [&] { cv::distanceTransform(told.papers != 0, from_art, cv::DIST_L2, cv::DIST_MASK_3); });
    for_bands(rgb.rows, work.part(0, 0.7), [&](int first, int last) {
        for (int y = first; y < last; ++y)
            for (int x = 0; x < rgb.cols; ++x)
                if (auto& light = values.at<cv::Vec3f>(y, x);
                    found.at<std::uint8_t>(y, x) != 0 && known.at<std::uint8_t>(y, x) == 0 &&
                    from_art.at<float>(y, x) >= soft &&
                    is_seen(rgb.at<cv::Vec3b>(y, x), closed.at<cv::Vec3b>(y, x), light))
                    light = rgb.at<cv::Vec3b>(y, x);
    });
    own.copyTo(values, known);
    found |= known;
    found.convertTo(found, CV_32F, 1.0 / 255);
    fill_in(values, found, work.part(0.7, 1));
    return values;
}

} // namespace fusuma
