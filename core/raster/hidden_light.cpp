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

/// One row's values brought nearer to the mean of the nine round each. A plain loop, so that several are done at once.
/// @param share   of the way, for each value
/// @param result  as wide as the rows, which have one pixel more at either end
void smooth_row(const float* above, const float* here, const float* below, const float* share, int width,
                float* __restrict result) {
    constexpr int pixel = 3; // values
    for (int i = 0; i < width; ++i) {
        float sum = 0;
        for (int k = i; k <= i + 2 * pixel; k += pixel)
            sum += above[k] + here[k] + below[k];
        const float now = here[i + pixel];
        result[i + pixel] = now + share[i] * (sum / 9 - now);
    }
    for (int i = 0; i < pixel; ++i) {
        result[i] = result[i + pixel];
        result[width + pixel + i] = result[width + i];
    }
}

/// Takes what is not known from `guess`, and smooths it into what is, so that no step is left along the rim. All rounds
/// of a band are done while it lies in the cache.
void fill_smoothly(cv::Mat& values, const cv::Mat& known, const cv::Mat& guess, const Work& work) {
    constexpr int rounds = 8; // in which a pixel has its say in as many rows
    const int width = 3 * values.cols;
    const auto padded = static_cast<std::size_t>(width + 6);
    cv::Mat result(values.size(), CV_32FC3);
    for_bands(values.rows, work, [&](int first, int last) {
        const int from = std::max(0, first - rounds), rows = std::min(values.rows, last + rounds) - from;
        std::vector<float> band(static_cast<std::size_t>(rows) * padded), smoother(band.size());
        std::vector<float> share(static_cast<std::size_t>(rows) * static_cast<std::size_t>(width));
        const auto row = [&](std::vector<float>& of, int y) { return &of[static_cast<std::size_t>(y) * padded]; };
        const auto shares = [&](int y) {
            return &share[static_cast<std::size_t>(y) * static_cast<std::size_t>(width)];
        };
        for (int y = 0; y < rows; ++y) {
            float* in = row(band, y);
            for (int x = 0; x < values.cols; ++x) {
                const bool is_known = known.at<std::uint8_t>(from + y, x) != 0;
                const auto& value = (is_known ? values : guess).at<cv::Vec3f>(from + y, x);
                std::copy_n(value.val, 3, in + 3 * (x + 1));
                std::fill_n(shares(y) + 3 * x, 3, is_known ? 0.F : 1.F);
            }
            std::copy_n(in + 3, 3, in);
            std::copy_n(in + width, 3, in + width + 3);
        }
        for (int i = 0; i < rounds; ++i) {
            for (int y = 0; y < rows; ++y)
                smooth_row(row(band, std::max(0, y - 1)), row(band, y), row(band, std::min(rows - 1, y + 1)), shares(y),
                           width, row(smoother, y));
            band.swap(smoother);
        }
        for (int y = first; y < last; ++y)
            std::copy_n(row(band, y - from) + 3, width, result.ptr<float>(y));
    });
    values = result;
}

/// Half as large: the mean of what is known of every four pixels.
/// @param known  CV_8U, 255 or 0; gets what is known then
cv::Mat halved(const cv::Mat& values, cv::Mat& known, const Work& work) {
    cv::Mat half((values.rows + 1) / 2, (values.cols + 1) / 2, CV_32FC3), half_known(half.size(), CV_8U);
    for_bands(half.rows, work, [&](int first, int last) {
        for (int y = first; y < last; ++y)
            for (int x = 0; x < half.cols; ++x) {
                cv::Vec3f sum(0, 0, 0);
                int count = 0;
                for (int v = 2 * y; v < std::min(2 * y + 2, values.rows); ++v)
                    for (int u = 2 * x; u < std::min(2 * x + 2, values.cols); ++u)
                        if (known.at<std::uint8_t>(v, u) != 0) {
                            sum += values.at<cv::Vec3f>(v, u);
                            ++count;
                        }
                half.at<cv::Vec3f>(y, x) = sum / std::max(1, count);
                half_known.at<std::uint8_t>(y, x) = count > 0 ? 255 : 0;
            }
    });
    known = half_known;
    return half;
}

/// Fills what is not known from what lies round it, near and far: averages of the known, coarser and coarser.
/// Source: the pull and push of Gortler, Grzeszczuk, Szeliski and Cohen, SIGGRAPH 1996.
/// @param known  CV_8U, 255 or 0
void fill_in(cv::Mat& values, const cv::Mat& known, const Work& work) {
    if (values.rows <= 2 || values.cols <= 2) {
        values.setTo(cv::countNonZero(known) > 0 ? cv::mean(values, known) : cv::Scalar::all(255), known == 0);
        return;
    }
    cv::Mat half_known = known, half = halved(values, half_known, work), guess;
    fill_in(half, half_known, work);
    cv::resize(half, guess, values.size(), 0, 0, cv::INTER_LINEAR);
    fill_smoothly(values, known, guess, work);
}

/// Lets known values go on into pixels beside them, the mean of their neighbours', round by round. Each pixel is looked
/// at a few times, however many rounds there are. Throws Stopped when asked to stop.
/// @param known  CV_8U, 255 where they are known; gets what was found
/// @param areas  CV_32S: values stay in their area; where it is 0 or less nothing is found
/// @return       CV_32S, the rounds it took; 0 where nothing was found
cv::Mat spread(cv::Mat& values, cv::Mat& known, const cv::Mat& areas, int rounds, const Work& work) {
    cv::Mat took(known.size(), CV_32S, cv::Scalar(0));
    const auto each_beside = [&](cv::Point p, auto&& each) { // of its area
        const int area = areas.at<int>(p), left = std::max(0, p.x - 1), right = std::min(known.cols - 1, p.x + 1);
        for (int v = std::max(0, p.y - 1); v <= std::min(known.rows - 1, p.y + 1); ++v)
            for (int u = left; u <= right; ++u)
                if (areas.at<int>(v, u) == area)
                    each(cv::Point(u, v));
    };
    std::vector<cv::Point> front, next;
    std::mutex adding;
    for_bands(known.rows, work.part(0, 0.1), [&](int first, int last) {
        std::vector<cv::Point> beside_known;
        for (int y = first; y < last; ++y)
            for (int x = 0; x < known.cols; ++x) {
                bool is_beside = false;
                if (known.at<std::uint8_t>(y, x) == 0 && areas.at<int>(y, x) > 0)
                    each_beside({x, y}, [&](cv::Point p) { is_beside |= known.at<std::uint8_t>(p) != 0; });
                if (is_beside) {
                    took.at<int>(y, x) = 1;
                    beside_known.emplace_back(x, y);
                }
            }
        const std::scoped_lock lock(adding);
        next.insert(next.end(), beside_known.begin(), beside_known.end());
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
                } else if (int& its = took.at<int>(q); its == 0) {
                    its = round + 1;
                    next.push_back(q);
                }
            });
            found.push_back(sum / count);
        }
        for (std::size_t i = 0; i < front.size(); ++i) {
            values.at<cv::Vec3f>(front[i]) = found[i];
            known.at<std::uint8_t>(front[i]) = 255;
        }
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
    cv::Mat own(rgb.size(), CV_32FC3), values(rgb.size(), CV_32FC3), near(rgb.size(), CV_32FC3),
        found(rgb.size(), CV_8U), edges(rgb.size(), CV_32S); // of art, and all paper
    for_bands(rgb.rows, work.part(0, 0), [&](int first, int last) {
        for (int y = first; y < last; ++y)
            for (int x = 0; x < rgb.cols; ++x) {
                own.at<cv::Vec3f>(y, x) = values.at<cv::Vec3f>(y, x) = near.at<cv::Vec3f>(y, x) =
                    closed.at<cv::Vec3b>(y, x);
                const bool is_paper = told.papers.at<int>(y, x) > 0,
                           is_steady = told.steady.at<std::uint8_t>(y, x) != 0;
                // The soft edges of shadows are of two lights.
                found.at<std::uint8_t>(y, x) = is_paper && is_steady ? known.at<std::uint8_t>(y, x) : 0;
                edges.at<int>(y, x) = is_paper || !is_steady;
            }
    });
    cv::Mat found_near = found.clone();
    constexpr int soft = 5; // px that the edges of art are wide, half of them beyond the paper's
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
    fill_in(values, found, work.part(0.7, 1));
    return values;
}

} // namespace fusuma
