#include "core/raster/subject.h"

#include "core/parallel.h"

#include <opencv2/imgproc.hpp>

#include <algorithm>

namespace fusuma {

namespace {

cv::Mat pixels_of(const Image& image) {
    return {image.height, image.width, CV_8UC4, const_cast<std::uint8_t*>(image.rgba.data())};
}

cv::Mat smaller(const Image& image, int most_px) {
    const double factor = std::max(1.0, double(std::max(image.width, image.height)) / most_px);
    cv::Mat small, rgb;
    cv::resize(pixels_of(image), small,
               {std::max(1, static_cast<int>(std::lround(image.width / factor))),
                std::max(1, static_cast<int>(std::lround(image.height / factor)))},
               0, 0, cv::INTER_AREA);
    cv::cvtColor(small, rgb, cv::COLOR_RGBA2RGB);
    return rgb;
}

void paint(cv::Mat& mask, const Stroke& stroke, double scale, std::uint8_t value) {
    const int thick = std::max(1, static_cast<int>(std::lround(stroke.size * scale)));
    const auto at = [&](PicturePoint p) {
        const auto place = [](double v) { return static_cast<int>(std::lround(std::clamp(v, -1e5, 1e5))); };
        return cv::Point(place(p.x * scale - 0.5), place(p.y * scale - 0.5));
    };
    for (std::size_t i = 0; i < stroke.points.size(); ++i)
        cv::line(mask, at(stroke.points[i == 0 ? 0 : i - 1]), at(stroke.points[i]), cv::Scalar(value), thick);
}

/// Small islands of either side go to what surrounds them, unless somebody has painted there.
void drop_islands(cv::Mat& subject, const cv::Mat& sure) { // 255 and 0; GrabCut's classes
    for (const bool is_subject : {true, false}) {
        cv::Mat side = is_subject ? subject : cv::Mat(255 - subject), labels, stats, middles;
        const int count = cv::connectedComponentsWithStats(side, labels, stats, middles, is_subject ? 8 : 4);
        int largest = 0;
        for (int i = 1; i < count; ++i)
            largest = std::max(largest, stats.at<int>(i, cv::CC_STAT_AREA));
        const int least = is_subject ? largest / 250 : static_cast<int>(subject.total() / 1500);
        for (int i = 1; i < count; ++i) {
            if (stats.at<int>(i, cv::CC_STAT_AREA) >= least)
                continue;
            const cv::Mat island = labels == i;
            const bool is_painted = cv::countNonZero(island & (sure == (is_subject ? cv::GC_FGD : cv::GC_BGD))) > 0;
            if (!is_painted)
                subject.setTo(is_subject ? 0 : 255, island);
        }
    }
}

/// Colours in sixteen steps each way, smoothed over their neighbours: how often each occurs, as shares of all.
class ColourShares {
  public:
    ColourShares(const cv::Mat& rgb, const cv::Mat& where) : cells(side * side * side) {
        double whole = 0;
        for (int y = 0; y < rgb.rows; ++y)
            for (int x = 0; x < rgb.cols; ++x)
                if (where.at<std::uint8_t>(y, x)) {
                    ++whole;
                    spread(rgb.at<cv::Vec3b>(y, x));
                }
        for (double& cell : cells)
            cell /= std::max(1.0, whole);
    }
    [[nodiscard]] double operator()(const cv::Vec3b& c) const {
        return cells[at(c[0] / step, c[1] / step, c[2] / step)];
    }

  private:
    static constexpr int step = 16, side = 256 / step;
    std::vector<double> cells;

    static std::size_t at(int r, int g, int b) { return static_cast<std::size_t>((r * side + g) * side + b); }
    void spread(const cv::Vec3b& c) {
        for (int r = std::max(0, c[0] / step - 1); r <= std::min(side - 1, c[0] / step + 1); ++r)
            for (int g = std::max(0, c[1] / step - 1); g <= std::min(side - 1, c[1] / step + 1); ++g)
                for (int b = std::max(0, c[2] / step - 1); b <= std::min(side - 1, c[2] / step + 1); ++b)
                    ++cells[at(r, g, b)];
    }
};

/// Colours that are as frequent outside the box as inside are rather ground, to begin with: without that a pattern of
/// few colours is learnt as the subject's, too.
void doubt_ground_inside(const cv::Mat& rgb, cv::Mat& mask) {
    const cv::Mat outside = mask == cv::GC_BGD, inside = mask == cv::GC_PR_FGD;
    const ColourShares ground(rgb, outside), all(rgb, inside);
    cv::Mat doubted = mask.clone();
    int left = 0;
    for (int y = 0; y < mask.rows; ++y)
        for (int x = 0; x < mask.cols; ++x)
            if (mask.at<std::uint8_t>(y, x) == cv::GC_PR_FGD) {
                const cv::Vec3b& c = rgb.at<cv::Vec3b>(y, x);
                if (ground(c) >= all(c))
                    doubted.at<std::uint8_t>(y, x) = cv::GC_PR_BGD;
                else
                    ++left;
            }
    if (left * 40 > cv::countNonZero(inside))
        mask = doubted;
}

/// The guided filter's two coefficients at a smaller size: how the mask follows from the picture's colours nearby.
struct Guided {
    cv::Mat a, b; ///< CV_32FC3, CV_32F
};

Guided guided(const cv::Mat& rgb, const cv::Mat& mask, int radius, double eps) {
    cv::Mat guide;
    rgb.convertTo(guide, CV_32FC3, 1.0 / 255);
    const cv::Size window(2 * radius + 1, 2 * radius + 1);
    const auto mean = [&](const cv::Mat& m) {
        cv::Mat out;
        cv::blur(m, out, window, {-1, -1}, cv::BORDER_REFLECT);
        return out;
    };
    std::vector<cv::Mat> c;
    cv::split(guide, c);
    const cv::Mat mean_p = mean(mask);
    std::vector<cv::Mat> m, cov;
    for (const cv::Mat& plane : c) {
        m.push_back(mean(plane));
        cov.push_back(mean(plane.mul(mask)) - m.back().mul(mean_p));
    }
    // The colours' covariance, six numbers a pixel.
    std::array<cv::Mat, 6> s;
    std::size_t k = 0;
    for (std::size_t i = 0; i < 3; ++i)
        for (std::size_t j = i; j < 3; ++j, ++k)
            s[k] = mean(c[i].mul(c[j])) - m[i].mul(m[j]);
    Guided result{cv::Mat(rgb.size(), CV_32FC3), cv::Mat(rgb.size(), CV_32F)};
    for (int y = 0; y < rgb.rows; ++y)
        for (int x = 0; x < rgb.cols; ++x) {
            const auto v = [&](std::size_t n) { return double(s[n].at<float>(y, x)); };
            const cv::Matx33d sigma(v(0) + eps, v(1), v(2), v(1), v(3) + eps, v(4), v(2), v(4), v(5) + eps);
            const cv::Vec3d right(cov[0].at<float>(y, x), cov[1].at<float>(y, x), cov[2].at<float>(y, x));
            const cv::Vec3d a = sigma.inv(cv::DECOMP_CHOLESKY) * right;
            result.a.at<cv::Vec3f>(y, x) = cv::Vec3f(a);
            result.b.at<float>(y, x) = static_cast<float>(mean_p.at<float>(y, x) - a[0] * m[0].at<float>(y, x) -
                                                          a[1] * m[1].at<float>(y, x) - a[2] * m[2].at<float>(y, x));
        }
    result.a = mean(result.a);
    result.b = mean(result.b);
    return result;
}

/// What surrounds the subject, going on behind its edge.
cv::Mat ground_behind(const cv::Mat& rgb, const cv::Mat& subject) {
    cv::Mat grown, known, sum, weight, values;
    cv::dilate(subject, grown, cv::getStructuringElement(cv::MORPH_ELLIPSE, {5, 5}));
    cv::Mat(grown == 0).convertTo(known, CV_32F, 1.0 / 255);
    rgb.convertTo(values, CV_32FC3);
    std::vector<cv::Mat> planes;
    cv::split(values, planes);
    constexpr int reach = 13;
    cv::blur(known, weight, {reach, reach});
    for (cv::Mat& plane : planes) {
        cv::blur(plane.mul(known), sum, {reach, reach});
        plane = sum / cv::max(weight, 1e-4);
    }
    cv::merge(planes, values);
    rgb.convertTo(sum, CV_32FC3);
    sum.copyTo(values, weight < 1e-3); // deep inside, where nobody asks
    cv::Mat out;
    values.convertTo(out, CV_8UC3);
    return out;
}

} // namespace

Subject subject_of(const Image& image, const std::optional<PixelBox>& box, const std::vector<Stroke>& strokes,
                   const Work& work, Care care) {
    Subject result;
    result.coverage = Coverage(image.width, image.height);
    if (image.width < 4 || image.height < 4)
        return result;
    const cv::Mat rgb = smaller(image, subject_px);
    const double scale = double(rgb.cols) / image.width;
    work.at(0.1);
    // What is sure, and what may be.
    cv::Mat mask(rgb.size(), CV_8U, cv::Scalar(cv::GC_BGD));
    const PixelBox around = box ? on_picture(*box, image.width, image.height)
                                : PixelBox{image.width / 40, image.height / 40, image.width - image.width / 20,
                                           image.height - image.height / 20};
    const cv::Rect inside =
        cv::Rect(static_cast<int>(std::floor(around.x * scale)), static_cast<int>(std::floor(around.y * scale)),
                 std::max(2, static_cast<int>(std::ceil(around.width * scale))),
                 std::max(2, static_cast<int>(std::ceil(around.height * scale)))) &
        cv::Rect(1, 1, rgb.cols - 2, rgb.rows - 2);
    mask(inside).setTo(cv::GC_PR_FGD);
    cv::Mat sure = mask.clone();
    doubt_ground_inside(rgb, mask);
    for (const Stroke& stroke : strokes)
        if (stroke.kind == Stroke::Kind::belongs || stroke.kind == Stroke::Kind::foreign)
            for (cv::Mat* m : {&mask, &sure})
                paint(*m, stroke, scale, stroke.kind == Stroke::Kind::belongs ? cv::GC_FGD : cv::GC_BGD);
    const bool has_both = cv::countNonZero((mask & 1) != 0) > 10 && cv::countNonZero((mask & 1) == 0) > 10;
    cv::Mat subject;
    if (has_both) {
        cv::theRNG().state = 0x5eed; // its clusters begin at random; here always the same
        cv::Mat behind, before;
        const int rounds = care == Care::exact ? 3 : 1; // more change nothing that is seen
        for (int i = 0; i < rounds; ++i) {
            cv::grabCut(rgb, mask, {}, behind, before, 1, i == 0 ? cv::GC_INIT_WITH_MASK : cv::GC_EVAL);
            work.at(0.1 + 0.5 * (i + 1) / rounds);
        }
        subject = (mask & 1) * 255;
        drop_islands(subject, sure);
    } else {
        subject = cv::Mat(rgb.size(), CV_8U, cv::Scalar(cv::countNonZero((mask & 1) != 0) > 10 ? 255 : 0));
    }
    // Its soft edge: only in a band along the hard one.
    cv::Mat share;
    subject.convertTo(share, CV_32F, 1.0 / 255);
    constexpr int radius = 3;
    constexpr double eps = 2e-4; // what grain amounts to, in squares of whole values
    const Guided edge = guided(rgb, share, radius, eps);
    cv::Mat outer, inner;
    const cv::Mat disc = cv::getStructuringElement(cv::MORPH_ELLIPSE, {2 * radius + 1, 2 * radius + 1});
    cv::dilate(subject, outer, disc);
    cv::erode(subject, inner, disc);
    cv::Mat band = outer - inner;
    work.at(0.75);
    const cv::Size full(image.width, image.height);
    cv::Mat near_edge, is_in;
    cv::resize(band, near_edge, full, 0, 0, cv::INTER_NEAREST);
    cv::resize(subject, is_in, full, 0, 0, cv::INTER_LINEAR);
    const double down_x = double(rgb.cols) / image.width, down_y = double(rgb.rows) / image.height;
    const auto w = static_cast<std::size_t>(image.width);
    for_bands(image.height, work.part(0.75, 1), [&](int first, int last) {
        for (int y = first; y < last; ++y) {
            const auto* edge_row = near_edge.ptr<std::uint8_t>(y);
            const auto* in_row = is_in.ptr<std::uint8_t>(y);
            std::uint8_t* out = result.coverage.row(y);
            const std::uint8_t* px = image.rgba.data() + 4 * static_cast<std::size_t>(y) * w;
            const double v = std::clamp((y + 0.5) * down_y - 0.5, 0.0, rgb.rows - 1.001);
            const int top = static_cast<int>(v), low = std::min(top + 1, rgb.rows - 1);
            for (int x = 0; x < image.width; ++x) {
                if (!edge_row[x]) {
                    out[x] = in_row[x] > 127 ? 255 : 0;
                    continue;
                }
                const double u = std::clamp((x + 0.5) * down_x - 0.5, 0.0, rgb.cols - 1.001);
                const int left = static_cast<int>(u), right = std::min(left + 1, rgb.cols - 1);
                const auto fx = static_cast<float>(u - left), fy = static_cast<float>(v - top);
                const cv::Vec3f a =
                    (edge.a.at<cv::Vec3f>(top, left) * (1 - fx) + edge.a.at<cv::Vec3f>(top, right) * fx) * (1 - fy) +
                    (edge.a.at<cv::Vec3f>(low, left) * (1 - fx) + edge.a.at<cv::Vec3f>(low, right) * fx) * fy;
                const float b =
                    (edge.b.at<float>(top, left) * (1 - fx) + edge.b.at<float>(top, right) * fx) * (1 - fy) +
                    (edge.b.at<float>(low, left) * (1 - fx) + edge.b.at<float>(low, right) * fx) * fy;
                const float q = (a[0] * px[4 * x] + a[1] * px[4 * x + 1] + a[2] * px[4 * x + 2]) / 255 + b;
                // Filtering pales both ends; they are drawn out again.
                const float drawn = (q - 0.5F) * 1.5F + 0.5F;
                out[x] = static_cast<std::uint8_t>(std::lround(255 * std::clamp(drawn, 0.0F, 1.0F)));
            }
        }
    });
    cv::Mat rgba;
    cv::cvtColor(ground_behind(rgb, outer), rgba, cv::COLOR_RGB2RGBA);
    result.ground = Image(rgba.cols, rgba.rows);
    rgba.copyTo(pixels_of(result.ground));
    return result;
}

bool stands_out(const Image& image) {
    constexpr int look_px = 240;
    const int factor = std::max(1, std::max(image.width, image.height) / look_px);
    const Coverage coverage = subject_of(reduced(image, factor), {}, {}).coverage;
    if (coverage.width < 16 || coverage.height < 16)
        return false;
    const cv::Mat values(coverage.height, coverage.width, CV_8U, const_cast<std::uint8_t*>(coverage.values.data()));
    const cv::Mat is_in = values > 127;
    const double share = double(cv::countNonZero(is_in)) / double(is_in.total());
    constexpr double least = 0.04, most = 0.75;
    if (share < least || share > most)
        return false;
    cv::Mat labels, stats, middles;
    const int count = cv::connectedComponentsWithStats(is_in, labels, stats, middles, 8);
    int largest = 0;
    for (int i = 1; i < count; ++i)
        largest = std::max(largest, stats.at<int>(i, cv::CC_STAT_AREA));
    if (largest < 0.7 * cv::countNonZero(is_in))
        return false;
    // Clear of the rim that was taken for ground from the start.
    const int rim = std::max(2, std::max(is_in.cols, is_in.rows) / 24);
    cv::Mat frame = is_in.clone();
    frame(cv::Rect(rim, rim, frame.cols - 2 * rim, frame.rows - 2 * rim)).setTo(0);
    return cv::countNonZero(frame) < rim * (frame.cols + frame.rows) / 8;
}

} // namespace fusuma
