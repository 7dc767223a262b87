#include "core/raster/paper_areas.h"

#include "core/parallel.h"

#include <opencv2/imgproc.hpp>

#include <algorithm>
#include <cmath>
#include <cstdint>
#include <mutex>
#include <optional>
#include <span>
#include <utility>
#include <vector>

namespace fusuma {

namespace {

/// Whether the values of a row change slowly, 1 or 0 for each. A plain loop, so that many are done at once.
/// @param above  as `here` and `below` three values before the first of `count`, and three after the last
void tell_slow(const std::uint8_t* above, const std::uint8_t* here, const std::uint8_t* below, int count,
               std::uint8_t* __restrict slow) {
    constexpr int steady = 8; // values from one side of a pixel to the other, in all three rows
    constexpr int tenth = 10; // of the value the same
    for (int i = 0; i < count; ++i) {
        const int left = above[i] + 2 * here[i] + below[i], right = above[i + 6] + 2 * here[i + 6] + below[i + 6];
        const int top = above[i] + 2 * above[i + 3] + above[i + 6], bottom = below[i] + 2 * below[i + 3] + below[i + 6];
        slow[i] = std::max(std::abs(right - left), std::abs(bottom - top)) < steady + here[i + 3] / tenth;
    }
}

/// Where the picture changes slowly.
cv::Mat slow_in(const cv::Mat& rgb, const Work& work) {
    cv::Mat slow(rgb.size(), CV_8U, cv::Scalar(0));
    for_bands(rgb.rows - 2, work, [&](int first, int last) {
        std::vector<std::uint8_t> values(static_cast<std::size_t>(3 * rgb.cols));
        for (int y = first + 1; y < last + 1; ++y) {
            tell_slow(rgb.ptr<std::uint8_t>(y - 1), rgb.ptr<std::uint8_t>(y), rgb.ptr<std::uint8_t>(y + 1),
                      3 * (rgb.cols - 2), values.data());
            auto* out = slow.ptr<std::uint8_t>(y) + 1;
            for (std::size_t x = 0; x + 2 < static_cast<std::size_t>(rgb.cols); ++x)
                out[x] = static_cast<std::uint8_t>(255 * (values[3 * x] & values[3 * x + 1] & values[3 * x + 2]));
        }
    });
    for (const auto& [from, to] : {std::pair{1, 0}, {slow.rows - 2, slow.rows - 1}})
        slow.row(from).copyTo(slow.row(to));
    for (const auto& [from, to] : {std::pair{1, 0}, {slow.cols - 2, slow.cols - 1}})
        slow.col(from).copyTo(slow.col(to));
    return slow;
}

/// The places of the nearest slow pixel for each.
class NearestSlow {
  public:
    explicit NearestSlow(const cv::Mat& slow) {
        cv::Mat distances;
        cv::distanceTransform(slow == 0, distances, nearest, cv::DIST_L2, cv::DIST_MASK_5, cv::DIST_LABEL_PIXEL);
        places.resize(slow.total() + 1);
        for (int y = 0; y < slow.rows; ++y)
            for (int x = 0; x < slow.cols; ++x)
                if (slow.at<std::uint8_t>(y, x) != 0)
                    places[static_cast<std::size_t>(nearest.at<int>(y, x))] = {x, y};
    }
    [[nodiscard]] cv::Point operator()(int x, int y) const {
        return places[static_cast<std::size_t>(nearest.at<int>(y, x))];
    }

  private:
    cv::Mat nearest; ///< CV_32S
    std::vector<cv::Point> places;
};

/// How one colour is beside another.
struct Shares {
    double mean = 0;   ///< of the three values' shares
    double spread = 0; ///< from the least to the greatest share: another hue
};

Shares shares_of(const cv::Vec3b& one, const cv::Vec3b& other) {
    double least = 10, most = 0, sum = 0;
    for (int k = 0; k < 3; ++k) {
        const double share = one[k] / std::max(1.0, double(other[k]));
        least = std::min(least, share);
        most = std::max(most, share);
        sum += share;
    }
    return {sum / 3, most - least};
}

/// Is it darker, or of another hue?
bool is_darker(const Shares& s) {
    constexpr double clearly = 0.95, off_hue = 0.06;
    return s.mean < clearly || s.spread > off_hue;
}

bool is_lighter(const Shares& s) {
    constexpr double clearly = 1.05;
    return s.mean > clearly;
}

bool is_alike(const Shares& s) {
    constexpr double nearly = 0.025;
    return std::abs(s.mean - 1) < nearly && s.spread < nearly;
}

/// What two areas are beside each other, pixel by pixel along the edge between them.
struct Meeting {
    int area = 0, other = 0;
    int pixels = 0;
    int darker = 0; ///< of those, where `area` is darker than `other`
    int lighter = 0, alike = 0;

    [[nodiscard]] bool is_of(int one, int beside) const { return area == one && other == beside; }
    void add(const Meeting& more) {
        pixels += more.pixels;
        darker += more.darker;
        lighter += more.lighter;
        alike += more.alike;
    }
};

/// One for each pair of areas, in order.
void sum_up(std::vector<Meeting>& met) {
    std::ranges::sort(met, {}, [](const Meeting& m) { return std::pair(m.area, m.other); });
    std::size_t count = 0;
    for (const Meeting& m : met)
        if (count > 0 && met[count - 1].is_of(m.area, m.other))
            met[count - 1].add(m);
        else
            met[count++] = m;
    met.resize(count);
}

std::vector<Meeting> meetings_of(const cv::Mat& rgb, const cv::Mat& areas, const NearestSlow& nearest,
                                 const Work& work) {
    const auto meet = [&](cv::Point one, cv::Point other, std::vector<Meeting>& met) {
        const int a = areas.at<int>(one), b = areas.at<int>(other);
        if (a == b)
            return;
        const auto &first = rgb.at<cv::Vec3b>(one), &second = rgb.at<cv::Vec3b>(other);
        const auto add = [&met](int area, int beside, const Shares& s) {
            // Mostly the same two meet as just before.
            const Meeting fresh{area, beside, 1, is_darker(s), is_lighter(s), is_alike(s)};
            for (std::size_t back = 1; back <= std::min<std::size_t>(2, met.size()); ++back)
                if (Meeting& before = met[met.size() - back]; before.is_of(area, beside)) {
                    before.add(fresh);
                    return;
                }
            met.push_back(fresh);
        };
        add(a, b, shares_of(first, second));
        add(b, a, shares_of(second, first));
    };
    std::vector<Meeting> all;
    std::mutex adding;
    for_bands(areas.rows - 1, work, [&](int first, int last) {
        std::vector<Meeting> met;
        for (int y = first; y < last; ++y)
            for (int x = 0; x + 1 < areas.cols; ++x) {
                const cv::Point here = nearest(x, y);
                meet(here, nearest(x + 1, y), met);
                meet(here, nearest(x, y + 1), met);
            }
        sum_up(met);
        const std::scoped_lock lock(adding);
        all.insert(all.end(), met.begin(), met.end());
    });
    sum_up(all);
    return all;
}

/// Which areas are paper, by their number.
std::vector<char> paper_among(int count, const cv::Mat& areas, const std::vector<Meeting>& met) {
    std::vector<char> is_paper(static_cast<std::size_t>(count));
    const auto at = [&](int area) -> char& { return is_paper[static_cast<std::size_t>(area)]; };
    std::vector<int> fresh;
    const auto take = [&](int area) {
        if (area > 0 && !std::exchange(at(area), char{1}))
            fresh.push_back(area);
    };
    for (int x = 0; x < areas.cols; ++x) {
        take(areas.at<int>(0, x));
        take(areas.at<int>(areas.rows - 1, x));
    }
    for (int y = 0; y < areas.rows; ++y) {
        take(areas.at<int>(y, 0));
        take(areas.at<int>(y, areas.cols - 1));
    }
    const auto of = [&](int area) {
        return std::span(std::ranges::lower_bound(met, area, {}, &Meeting::area),
                         std::ranges::upper_bound(met, area, {}, &Meeting::area));
    };
    constexpr int least = 6; // pixels that two meet along, so that they tell anything
    constexpr int shadowed = 4; // where much of an edge is a shadow's, so large a part of the rest does
    while (!fresh.empty()) {
        const int paper = fresh.back();
        fresh.pop_back();
        for (const Meeting& m : of(paper)) {
            if (at(m.other))
                continue;
            int pixels = 0, darker = 0, alike = 0;
            for (const Meeting& its : of(m.other))
                if (at(its.other)) {
                    pixels += its.pixels;
                    darker += its.darker;
                    alike += its.alike;
                }
            if (pixels >= least && (2 * darker < pixels || shadowed * alike > pixels))
                take(m.other);
        }
    }
    return is_paper;
}

/// The areas in which a picture changes slowly.
struct Areas {
    cv::Mat numbers; ///< CV_32S, 0 between them
    int count = 0;   ///< one more than the largest number
    std::vector<Meeting> met;
    std::vector<char> is_narrow, is_line; ///< by number; a line is the inside of a dark one
};

Areas areas_of(const cv::Mat& slow, const cv::Mat& rgb, const Work& work) {
    Areas areas;
    cv::Mat depths;
    std::optional<NearestSlow> nearest;
    both(
        work.part(0, 0.5),
        [&] {
            areas.count = cv::connectedComponents(slow, areas.numbers, 4, CV_32S);
            cv::distanceTransform(slow, depths, cv::DIST_L2, cv::DIST_MASK_3);
        },
        [&] { nearest.emplace(slow); });
    const float widest = static_cast<float>(std::max(slow.cols, slow.rows)) / 25 / 2;
    std::vector<int> pixels(static_cast<std::size_t>(areas.count)), darker(pixels.size()), lighter(pixels.size());
    areas.met = meetings_of(rgb, areas.numbers, *nearest, work.part(0.5, 1));
    for (const Meeting& m : areas.met) {
        pixels[static_cast<std::size_t>(m.area)] += m.pixels;
        darker[static_cast<std::size_t>(m.area)] += m.darker;
        lighter[static_cast<std::size_t>(m.area)] += m.lighter;
    }
    constexpr int beside_dark = 4; // shaded paper between lines meets those along more than so large a part
    areas.is_narrow.resize(pixels.size(), 1);
    for (int y = 0; y < slow.rows; ++y)
        for (int x = 0; x < slow.cols; ++x)
            if (depths.at<float>(y, x) > widest)
                areas.is_narrow[static_cast<std::size_t>(areas.numbers.at<int>(y, x))] = 0;
    areas.is_line.resize(pixels.size());
    for (std::size_t i = 1; i < pixels.size(); ++i)
        areas.is_line[i] = areas.is_narrow[i] && 2 * darker[i] > pixels[i] && beside_dark * lighter[i] < pixels[i];
    return areas;
}

/// For each pixel the number of the area of paper it belongs to; 0 for art, -1 between two areas.
/// @param is_paper  of the areas that are no lines, by number
cv::Mat papers_among(const cv::Mat& rgb, const Areas& areas, const std::vector<char>& is_paper, const Work& work) {
    // A narrow piece that looks like paper it meets is the tip of a shadow and no line.
    std::vector<int> is_of(static_cast<std::size_t>(areas.count)), most(is_of.size());
    for (std::size_t i = 1; i < is_of.size(); ++i)
        is_of[i] = is_paper[i] ? static_cast<int>(i) : 0;
    for (const Meeting& m : areas.met) {
        const auto piece = static_cast<std::size_t>(m.area);
        if (!is_paper[piece] && areas.is_narrow[piece] && is_paper[static_cast<std::size_t>(m.other)] &&
            2 * m.alike > m.pixels && m.alike > most[piece]) {
            most[piece] = m.alike;
            is_of[piece] = m.other;
        }
    }
    cv::Mat papers = areas.numbers.clone();
    const int art = areas.count;
    const auto each = [&](auto&& becomes) {
        for_bands(papers.rows, work, [&](int first, int last) {
            for (int y = first; y < last; ++y)
                for (int& area : std::span(papers.ptr<int>(y), static_cast<std::size_t>(papers.cols)))
                    area = becomes(area);
        });
    };
    each([&](int area) {
        const int paper = is_of[static_cast<std::size_t>(area)];
        return area == 0 || paper > 0 ? paper : art;
    });
    cv::watershed(rgb, papers);
    each([&](int area) { return area == art ? 0 : area; });
    return papers;
}

PaperAndArt all_paper(cv::Size size) {
    return {cv::Mat(size, CV_8U, cv::Scalar(0)), cv::Mat(size, CV_32S, cv::Scalar(1)),
            cv::Mat(size, CV_8U, cv::Scalar(255))};
}

/// @param slow  where the picture changes slowly
PaperAndArt parted(const cv::Mat& rgb, const Areas& all, cv::Mat slow, const Work& work) {
    // What lies on either side of a line meets there.
    cv::Mat areas = all.numbers.clone();
    for (int y = 0; y < slow.rows; ++y)
        for (int x = 0; x < slow.cols; ++x)
            if (int& area = areas.at<int>(y, x); all.is_line[static_cast<std::size_t>(area)])
                slow.at<std::uint8_t>(y, x) = static_cast<std::uint8_t>(area = 0);
    PaperAndArt told = all_paper(rgb.size());
    if (cv::countNonZero(slow) == 0)
        return told;
    const NearestSlow nearest(slow);
    work.at(0.3);
    const std::vector<char> is_paper =
        paper_among(all.count, areas, meetings_of(rgb, areas, nearest, work.part(0.3, 0.5)));
    both(
        work.part(0.5, 1), [&] { told.papers = papers_among(rgb, all, is_paper, work.part(0.5, 1)); },
        [&] {
            cv::Mat& art = told.art;
            for (int y = 0; y < art.rows; ++y)
                for (int x = 0; x < art.cols; ++x)
                    art.at<std::uint8_t>(y, x) =
                        is_paper[static_cast<std::size_t>(areas.at<int>(nearest(x, y)))] ? 0 : 255;
            // The line round it is art in all its width.
            const int reach = 2 * std::max(5, std::max(art.cols, art.rows) / 50) + 1;
            cv::Mat round_it;
            cv::dilate(art, round_it, cv::getStructuringElement(cv::MORPH_RECT, {reach, reach}));
            art |= round_it & ~slow;
            told.steady = all.numbers > 0;
        });
    return told;
}

} // namespace

PaperAndArt art_on_paper(const cv::Mat& rgb, const std::function<void()>& meanwhile, const Work& work) {
    PaperAndArt told = all_paper(rgb.size());
    if (rgb.rows < 8 || rgb.cols < 8) {
        meanwhile();
        return told;
    }
    cv::Mat slow = slow_in(rgb, work.part(0, 0.2));
    // Thin places of an edge are no gates.
    cv::erode(slow, slow, cv::getStructuringElement(cv::MORPH_RECT, {3, 3}), {-1, -1}, 1, cv::BORDER_CONSTANT,
              cv::Scalar(255));
    const Areas all = areas_of(slow, rgb, work.part(0.2, 0.4));
    both(
        work.part(0.4, 1), [&] { told = parted(rgb, all, slow, work.part(0.4, 1)); }, meanwhile);
    return told;
}

} // namespace fusuma
