#include "core/raster/hidden_light.h"

#include "core/parallel.h"
#include "core/raster/opencv_border.h"

#include <opencv2/imgproc.hpp>

#include <algorithm>
#include <atomic>
#include <cstddef>
#include <cstdint>
#include <mutex>
#include <span>
#include <utility>
#include <vector>

namespace fusuma {

namespace {

/// Values of a row brought to the mean of the nine round each. A plain loop, so that several are done at once.
/// @param result  as wide as the rows, which have one pixel more at either end
void smooth(const float* above, const float* here, const float* below, int first, int last, float* __restrict result) {
    constexpr int pixel = 3; // values
    for (int i = first; i < last; ++i) {
        float sum = 0;
        for (int k = i; k <= i + 2 * pixel; k += pixel)
            sum += above[k] + here[k] + below[k];
        const float now = here[i + pixel];
        result[i + pixel] = now + (sum / 9 - now);
    }
}

/// Where a row is not known, from one pixel to another.
std::vector<std::pair<int, int>> gaps_in(const std::uint8_t* known, int width) {
    std::vector<std::pair<int, int>> gaps;
    for (int x = 0; x < width; ++x)
        if (known[x] == 0 && (x == 0 || known[x - 1] != 0))
            gaps.emplace_back(x, width);
        else if (known[x] != 0 && x > 0 && known[x - 1] == 0)
            gaps.back().second = x;
    return gaps;
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
        std::vector<float> band(static_cast<std::size_t>(rows) * padded), smoother;
        std::vector<std::vector<std::pair<int, int>>> gaps;
        const auto row = [&](std::vector<float>& of, int y) { return &of[static_cast<std::size_t>(y) * padded]; };
        const auto pad = [&](float* in) {
            std::copy_n(in + 3, 3, in);
            std::copy_n(in + width, 3, in + width + 3);
        };
        for (int y = 0; y < rows; ++y) {
            float* in = row(band, y);
            std::copy_n(values.ptr<float>(from + y), width, in + 3);
            gaps.push_back(gaps_in(known.ptr<std::uint8_t>(from + y), values.cols));
            for (const auto& [left, right] : gaps.back())
                std::copy(guess.ptr<float>(from + y) + 3 * left, guess.ptr<float>(from + y) + 3 * right,
                          in + 3 + 3 * left);
            pad(in);
        }
        smoother = band;
        for (int i = 0; i < rounds; ++i) {
            for (int y = 0; y < rows; ++y) {
                for (const auto& [left, right] : gaps[static_cast<std::size_t>(y)])
                    smooth(row(band, std::max(0, y - 1)), row(band, y), row(band, std::min(rows - 1, y + 1)), 3 * left,
                           3 * right, row(smoother, y));
                pad(row(smoother, y));
            }
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
/// @return       CV_32S, the rounds it took; 0 where nothing was found, less where it was known before
cv::Mat spread(cv::Mat& values, cv::Mat& known, const cv::Mat& areas, int rounds, const Work& work) {
    constexpr int from_the_beginning = -1;
    cv::Mat within, rounds_of(known.rows + 2, known.cols + 2, CV_32S, cv::Scalar(0)); // no pixel lies at their edges
    cv::copyMakeBorder(areas, within, 1, 1, 1, 1, cv::BORDER_CONSTANT, cv::Scalar(0));
    cv::Mat took = rounds_of(cv::Rect(1, 1, known.cols, known.rows));
    struct Place {
        std::ptrdiff_t padded, plain; ///< in what has an edge round it and in what has none
    };
    std::vector<Place> beside, front, next;
    for (int v = -1; v <= 1; ++v)
        for (int u = -1; u <= 1; ++u)
            if (u != 0 || v != 0)
                beside.push_back({v * std::ptrdiff_t{rounds_of.cols} + u, v * std::ptrdiff_t{known.cols} + u});
    const int* const area_at = within.ptr<int>();
    int* const took_at = rounds_of.ptr<int>();
    auto* const value_at = values.ptr<cv::Vec3f>();
    auto* const known_at = known.ptr<std::uint8_t>();
    std::mutex adding;
    const auto add = [&](const std::vector<Place>& places) {
        const std::scoped_lock lock(adding);
        next.insert(next.end(), places.begin(), places.end());
    };
    const Work quietly{.stop = work.stop};
    for_bands(known.rows, quietly, [&](int first, int last) {
        took.rowRange(first, last).setTo(from_the_beginning, known.rowRange(first, last));
    });
    for_bands(known.rows, quietly, [&](int first, int last) {
        std::vector<Place> beside_known;
        for (int y = first; y < last; ++y)
            for (int x = 0; x < known.cols; ++x) {
                const Place here{(y + 1) * std::ptrdiff_t{rounds_of.cols} + x + 1, y * std::ptrdiff_t{known.cols} + x};
                if (known_at[here.plain] == 0 && area_at[here.padded] > 0 &&
                    std::ranges::any_of(beside, [&](const Place& by) {
                        return took_at[here.padded + by.padded] == from_the_beginning &&
                               area_at[here.padded + by.padded] == area_at[here.padded];
                    }))
                    beside_known.push_back(here);
            }
        add(beside_known);
    });
    for (const Place p : next)
        took_at[p.padded] = 1;
    for (int round = 1; round <= rounds && !next.empty(); ++round) {
        work.at(static_cast<double>(round) / rounds);
        front.swap(next);
        next.clear();
        constexpr std::size_t part = 4096;
        for_each_of(static_cast<int>((front.size() + part - 1) / part), quietly, [&](int k) {
            const std::size_t start = part * static_cast<std::size_t>(k);
            std::vector<Place> beyond;
            for (const Place p : std::span(front).subspan(start, std::min(part, front.size() - start))) {
                cv::Vec3f sum(0, 0, 0);
                int count = 0;
                for (const Place by : beside) {
                    if (area_at[p.padded + by.padded] != area_at[p.padded])
                        continue;
                    const std::atomic_ref<int> its(took_at[p.padded + by.padded]);
                    if (int was = its.load(std::memory_order_relaxed); was != 0 && was < round) {
                        sum += value_at[p.plain + by.plain];
                        ++count;
                    } else if (was == 0 && its.compare_exchange_strong(was, round + 1, std::memory_order_relaxed)) {
                        beyond.push_back({p.padded + by.padded, p.plain + by.plain});
                    }
                }
                value_at[p.plain] = sum / count;
                known_at[p.plain] = 255;
            }
            add(beyond);
        });
    }
    for (const Place p : next) // beyond the last round
        took_at[p.padded] = 0;
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
    cv::Mat values(rgb.size(), CV_32FC3), near(rgb.size(), CV_32FC3), found(rgb.size(), CV_8U),
        edges(rgb.size(), CV_32S); // of art, and all paper
    for_bands(rgb.rows, work.part(0, 0), [&](int first, int last) {
        for (int y = first; y < last; ++y)
            for (int x = 0; x < rgb.cols; ++x) {
                values.at<cv::Vec3f>(y, x) = near.at<cv::Vec3f>(y, x) = closed.at<cv::Vec3b>(y, x);
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
            for (int x = 0; x < rgb.cols; ++x) {
                auto& light = values.at<cv::Vec3f>(y, x);
                auto& is_found = found.at<std::uint8_t>(y, x);
                if (known.at<std::uint8_t>(y, x) != 0) {
                    light = closed.at<cv::Vec3b>(y, x);
                    is_found = 255;
                } else if (is_found != 0 && from_art.at<float>(y, x) >= soft &&
                           is_seen(rgb.at<cv::Vec3b>(y, x), closed.at<cv::Vec3b>(y, x), light)) {
                    light = rgb.at<cv::Vec3b>(y, x);
                }
            }
    });
    fill_in(values, found, work.part(0.7, 1));
    return values;
}

} // namespace fusuma
