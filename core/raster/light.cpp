#include "core/raster/light.h"

#include "core/parallel.h"
#include "core/raster/hidden_light.h"
#include "core/raster/opencv_border.h"
#include "core/raster/paper_areas.h"
#include "core/raster/runs.h"
#include "core/raster/soft_edges.h"

#include <opencv2/imgproc.hpp>

#include <algorithm>
#include <array>
#include <atomic>
#include <cmath>
#include <span>

namespace fusuma {

namespace {

cv::Mat as_matrix(const Image& image) {
    return {image.height, image.width, CV_8UC4, const_cast<std::uint8_t*>(image.rgba.data())};
}

Image image_of(const cv::Mat& rgba) {
    Image image(rgba.cols, rgba.rows);
    rgba.copyTo(as_matrix(image));
    return image;
}

cv::Mat square(int side) {
    return cv::getStructuringElement(cv::MORPH_RECT, {side | 1, side | 1});
}

/// Where the closed picture shows art and not the paper: much darker than shadows, of another colour, or a darker area
/// with a sharp edge that does not reach the picture's edge.
cv::Mat art_in(const cv::Mat& closed, const Work& work) { // CV_8UC3
    cv::Mat bright;
    {
        std::vector<cv::Mat> planes;
        cv::split(closed, planes);
        bright = cv::max(cv::max(planes[0], planes[1]), planes[2]);
    }
    // The paper's colour where it is brightest: the ninetieth of hundred.
    std::array<int, 256> histogram{};
    for (int y = 0; y < bright.rows; ++y)
        for (const std::uint8_t value : std::span(bright.ptr<std::uint8_t>(y), static_cast<std::size_t>(bright.cols)))
            ++histogram[value];
    const auto whole = static_cast<int>(bright.total());
    int high = 255;
    for (int above = 0; high > 1 && (above += histogram[static_cast<std::size_t>(high)]) < whole / 10;)
        --high;
    const cv::Scalar paper = cv::mean(closed, (bright >= high - 6) & (bright <= high + 6));
    cv::Mat art(closed.size(), CV_8U, cv::Scalar(0));
    constexpr double darkest = 0.28, off_hue = 0.13; // shares
    for_bands(closed.rows, work, [&](int first, int last) {
        for (int y = first; y < last; ++y) {
            const auto* in = closed.ptr<cv::Vec3b>(y);
            auto* out = art.ptr<std::uint8_t>(y);
            for (int x = 0; x < closed.cols; ++x) {
                std::array<double, 3> r{};
                for (int k = 0; k < 3; ++k)
                    r[static_cast<std::size_t>(k)] = in[x][k] / std::max(1.0, paper[k]);
                const double mean = (r[0] + r[1] + r[2]) / 3;
                const double off = std::max({std::abs(r[0] - mean), std::abs(r[1] - mean), std::abs(r[2] - mean)});
                out[x] = mean < darkest || off > off_hue * std::max(0.4, mean) ? 255 : 0;
            }
        }
    });
    // Islands of dimmer paper: shadows come in from the edge, or fade.
    cv::Mat dim = bright < 0.8 * high, labels, stats, middles;
    const int count = cv::connectedComponentsWithStats(dim, labels, stats, middles, 8);
    if (count > 1) {
        cv::Mat dx, dy, slope;
        cv::Sobel(bright, dx, CV_32F, 1, 0, 3, 1.0 / 8);
        cv::Sobel(bright, dy, CV_32F, 0, 1, 3, 1.0 / 8);
        cv::magnitude(dx, dy, slope);
        for (int i = 1; i < count; ++i) {
            const cv::Rect box(stats.at<int>(i, cv::CC_STAT_LEFT), stats.at<int>(i, cv::CC_STAT_TOP),
                               stats.at<int>(i, cv::CC_STAT_WIDTH), stats.at<int>(i, cv::CC_STAT_HEIGHT));
            if (box.x <= 1 || box.y <= 1 || box.br().x >= dim.cols - 1 || box.br().y >= dim.rows - 1)
                continue;
            const cv::Mat inside = labels(box) == i;
            cv::Mat rim;
            cv::erode(inside, rim, square(3), {-1, -1}, 1, cv::BORDER_CONSTANT, cv::Scalar(0));
            rim = inside & ~rim;
            const double steep = cv::mean(slope(box), rim)[0], depth = high - cv::mean(bright(box), inside)[0];
            if (steep > 0.1 * depth) // over less than some ten pixels
                art(box).setTo(255, inside);
        }
    }
    cv::dilate(art, art, square(std::max(5, std::max(art.cols, art.rows) / 160)));
    return art;
}

/// The tips of shadows that come in from the picture's edge are narrow there, and closing takes them for marks: what is
/// of the paper's hue, no darker than shadows are, and reaches the edge in a broad piece stays as it is.
void keep_shadow_tips(const cv::Mat& rgb, cv::Mat& closed, const Work& work) {
    cv::Mat like(rgb.size(), CV_8U, cv::Scalar(0));
    constexpr double darkest = 0.36, lightest = 0.9, off_hue = 0.1; // shares of the closed picture
    for_bands(rgb.rows, work, [&](int first, int last) {
        for (int y = first; y < last; ++y)
            for (int x = 0; x < rgb.cols; ++x) {
                const auto &c = rgb.at<cv::Vec3b>(y, x), &light = closed.at<cv::Vec3b>(y, x);
                double least = 1, most = 0;
                for (int k = 0; k < 3; ++k) {
                    const double share = c[k] / std::max(1.0, double(light[k]));
                    least = std::min(least, share);
                    most = std::max(most, share);
                }
                like.at<std::uint8_t>(y, x) = least > darkest && most < lightest && most - least < off_hue ? 255 : 0;
            }
    });
    cv::Mat labels, stats, middles, core;
    cv::erode(like, core, square(5), {-1, -1}, 1, cv::BORDER_CONSTANT, cv::Scalar(255));
    const int count = cv::connectedComponentsWithStats(like, labels, stats, middles, 8);
    for (int i = 1; i < count; ++i) {
        const cv::Rect box(stats.at<int>(i, cv::CC_STAT_LEFT), stats.at<int>(i, cv::CC_STAT_TOP),
                           stats.at<int>(i, cv::CC_STAT_WIDTH), stats.at<int>(i, cv::CC_STAT_HEIGHT));
        const int area = stats.at<int>(i, cv::CC_STAT_AREA);
        if (area < 30 || (box.x > 0 && box.y > 0 && box.br().x < like.cols && box.br().y < like.rows))
            continue;
        const cv::Mat inside = labels(box) == i;
        if (cv::countNonZero(core(box) & inside) * 4 > area) {
            const cv::Rect round_it =
                cv::Rect(box.x - 2, box.y - 2, box.width + 4, box.height + 4) & cv::Rect(0, 0, like.cols, like.rows);
            cv::Mat grown = cv::Mat::zeros(round_it.size(), CV_8U);
            inside.copyTo(grown(box - round_it.tl()));
            cv::dilate(grown, grown, square(5));
            rgb(round_it).copyTo(closed(round_it), grown);
        }
    }
}

} // namespace

LightField light_on(const Image& image, const Work& work) {
    LightField field;
    if (image.empty())
        return field;
    constexpr int most_px = 2000;
    field.factor = std::max(1, (std::max(image.width, image.height) + most_px / 2) / most_px);
    cv::Mat rgb, small;
    cv::resize(as_matrix(image), small,
               {std::max(1, image.width / field.factor), std::max(1, image.height / field.factor)}, 0, 0,
               cv::INTER_AREA);
    cv::cvtColor(small, rgb, cv::COLOR_RGBA2RGB);
    work.at(0.2);
    cv::GaussianBlur(rgb, rgb, {}, 1.0); // grain would pass for light
    cv::Mat closed, dark;
    const auto close = [&] {
        const int width = std::max(5, std::max(rgb.cols, rgb.rows) / 25);
        cv::morphologyEx(rgb, closed, cv::MORPH_CLOSE, square(width), {-1, -1}, 1, edge_goes_on);
        const Work beside{.stop = work.stop};
        keep_shadow_tips(rgb, closed, beside);
        dark = art_in(closed, beside);
    };
    const PaperAndArt told = art_on_paper(rgb, close, work.part(0.2, 0.6));
    cv::Mat values = light_beside_art(rgb, closed, (dark | told.art) == 0, told, work.part(0.6, 0.9));
    for_bands(values.rows, work.part(0.9, 1), [&](int first, int last) {
        cv::Mat soft;
        cv::GaussianBlur(values.rowRange(first, last), soft, {}, 1.5); // which looks at the rows beside them, too
        soft.convertTo(closed.rowRange(first, last), CV_8UC3);
    });
    cv::Mat rgba, bright;
    cv::cvtColor(closed, rgba, cv::COLOR_RGB2RGBA);
    field.paper = image_of(rgba);
    cv::cvtColor(closed, bright, cv::COLOR_RGB2GRAY);
    double least = 0, most = 0;
    cv::minMaxLoc(bright, &least, &most);
    field.darkest = most > 0 ? least / most : 1;
    return field;
}

namespace {

/// The rows [first, last) of the light over the whole picture. All of them at once would take as much memory again.
cv::Mat light_rows(const cv::Mat& paper, const Image& image, int first, int last) {
    cv::Mat rows(last - first, paper.cols, paper.type()), wide;
    for (int y = first; y < last; ++y) {
        const double at = std::clamp((y + 0.5) * paper.rows / image.height - 0.5, 0.0, paper.rows - 1.0);
        const int above = static_cast<int>(at), below = std::min(above + 1, paper.rows - 1);
        cv::addWeighted(paper.row(above), above + 1 - at, paper.row(below), at - above, 0, rows.row(y - first));
    }
    cv::resize(rows, wide, {image.width, rows.rows}, 0, 0, cv::INTER_LINEAR);
    return wide;
}

} // namespace

Image evened(const Image& image, const LightField& field, const Work& work) {
    Image result = Image::unset(image.width, image.height);
    constexpr double white = 250; // what the paper becomes: its grain stays, nearly
    // The share of white for every paper value, in 1/256ths.
    std::array<std::uint32_t, 256> gain{};
    for (std::size_t v = 0; v < gain.size(); ++v)
        gain[v] = static_cast<std::uint32_t>(std::lround(256 * white / std::max(8.0, double(v))));
    const auto row = static_cast<std::size_t>(image.width) * 4;
    for_bands(image.height, work, [&](int first, int last) {
        const cv::Mat rows = light_rows(as_matrix(field.paper), image, first, last);
        for (int y = first; y < last; ++y) {
            const std::uint8_t* in = image.rgba.data() + static_cast<std::size_t>(y) * row;
            std::uint8_t* out = result.rgba.data() + static_cast<std::size_t>(y) * row;
            const auto* light = rows.ptr<std::uint8_t>(y - first);
            for (std::size_t i = 0; i < row; i += 4) {
                for (std::size_t k = 0; k < 3; ++k)
                    out[i + k] = static_cast<std::uint8_t>(std::min(255U, (in[i + k] * gain[light[i + k]] + 128) >> 8));
                out[i + 3] = in[i + 3];
            }
        }
    });
    return result;
}

Image with_white_paper(Image image, const Work& work) {
    constexpr int from = 226, full = 240, most_tint = 26; // grey values: what evened paper's grain amounts to
    const auto row = static_cast<std::size_t>(image.width) * 4;
    for_bands(image.height, work, [&](int first, int last) {
        for (int y = first; y < last; ++y) {
            std::uint8_t* px = image.rgba.data() + static_cast<std::size_t>(y) * row;
            for (std::size_t i = 0; i < row; i += 4) {
                const auto [least, most] = std::minmax({int(px[i]), int(px[i + 1]), int(px[i + 2])});
                const int tint = most - least;
                if (least <= from || tint >= most_tint)
                    continue;
                const int share =
                    256 * std::min(full - from, least - from) / (full - from) * (most_tint - tint) / most_tint;
                for (std::size_t k = 0; k < 3; ++k)
                    px[i + k] =
                        static_cast<std::uint8_t>(px[i + k] + (std::min(256, 2 * share) * (255 - px[i + k]) >> 8));
            }
        }
    });
    return image;
}

namespace {

/// For every pixel: 2 sure ground, 1 of its hue but darker, 0 something else. A plain loop, so that it is done for many
/// at once.
/// @param sure  difference below which a pixel is ground
void tell_kinds(const std::uint8_t* rgba, std::size_t count, Rgb ground, int sure, std::uint8_t* __restrict kinds) {
    constexpr float grain = 7; // values
    const int red = ground.red, green = ground.green, blue = ground.blue;
    const float base_sum = std::max(1.0F, static_cast<float>(red + green + blue));
    const float part_red = static_cast<float>(red) / base_sum, part_green = static_cast<float>(green) / base_sum,
                part_blue = static_cast<float>(blue) / base_sum;
    for (std::size_t i = 0; i < count; ++i) {
        const int r = rgba[4 * i], g = rgba[4 * i + 1], b = rgba[4 * i + 2], alpha = rgba[4 * i + 3];
        const int step = std::max(std::max(std::abs(r - red), std::abs(g - green)), std::abs(b - blue));
        const auto sum = static_cast<float>(r + g + b);
        const float off = std::max(std::max(std::abs(static_cast<float>(r) - sum * part_red),
                                            std::abs(static_cast<float>(g) - sum * part_green)),
                                   std::abs(static_cast<float>(b) - sum * part_blue));
        const int is_darker = (sum > 0.12F * base_sum) & (sum < base_sum) & (off < grain + 4);
        const int is_sure = step < sure;
        kinds[i] = static_cast<std::uint8_t>((alpha == 255) * (2 * is_sure + (1 - is_sure) * is_darker));
    }
}

/// How what is shaded borders on its ground; a step is an edge that is sharp for how little both sides differ.
enum class Border { none, soft, step, sharp };

/// What of a picture the search for shadows came to.
struct Shades {
    const Image& image;
    const PixelBytes& kinds; ///< as `tell_kinds` tells them
    PixelBytes& reached;     ///< 255 where the search came without a sharp edge
    const int light;         ///< the ground's brightness, of all three colours together

    [[nodiscard]] std::size_t at(int x, int y) const {
        return static_cast<std::size_t>(y) * static_cast<std::size_t>(image.width) + static_cast<std::size_t>(x);
    }
    [[nodiscard]] int brightness(std::size_t i) const {
        return int{image.rgba[4 * i]} + image.rgba[4 * i + 1] + image.rgba[4 * i + 2];
    }
    /// Looks for ground in eight directions, past nothing that is darker than here or of another hue.
    /// @param narrow  px within which the edge of something flat goes over into the ground; shadows' take more
    [[nodiscard]] Border border_at(int x, int y, int far, int narrow) const {
        constexpr std::array<PixelPlace, 8> ways{
            {{1, 0}, {1, 1}, {0, 1}, {-1, 1}, {-1, 0}, {-1, -1}, {0, -1}, {1, -1}}};
        constexpr int noise = 3 * 12;
        const int here = brightness(at(x, y));
        Border found = Border::none;
        for (const PixelPlace way : ways) {
            bool has_edge = false;
            for (int k = 1; k <= far; ++k) {
                const int u = x + k * way.x, v = y + k * way.y;
                if (u < 0 || v < 0 || u >= image.width || v >= image.height)
                    break;
                const std::size_t i = at(u, v);
                if (kinds[i] == 0 || brightness(i) < here - noise)
                    break;
                if (kinds[i] == 2 && reached[i]) {
                    if (has_edge)
                        found = found == Border::step ? found : Border::sharp;
                    else if (is_step(x, y, way, narrow))
                        found = Border::step;
                    else
                        return Border::soft;
                    break;
                }
                has_edge = has_edge || !reached[i];
            }
        }
        return found;
    }

  private:
    /// Is it flat here, and then ground within a few pixels, however little they differ?
    [[nodiscard]] bool is_step(int x, int y, PixelPlace way, int narrow) const {
        const int here = brightness(at(x, y)), depth = light - here;
        constexpr int behind = 2; // px
        const int back_x = x - behind * way.x, back_y = y - behind * way.y;
        if (back_x < 0 || back_y < 0 || back_x >= image.width || back_y >= image.height ||
            8 * std::abs(brightness(at(back_x, back_y)) - here) > depth)
            return false;
        int between = 0;
        for (int k = 1; between <= narrow; ++k) {
            const int u = x + k * way.x, v = y + k * way.y;
            if (u < 0 || v < 0 || u >= image.width || v >= image.height)
                return false;
            const int value = brightness(at(u, v));
            if (5 * (light - value) <= depth)
                return true;
            between += 5 * (value - here) > depth;
            if (k > 4 * narrow)
                return false;
        }
        return false;
    }
};

/// Shadows fade into their ground. What is of the ground's hue, too, but stands on it with a sharp edge for more of its
/// way is art that the search got into somewhere: grey things on white. So is what is flat and ends in a step, where it
/// is broader than drawn shadows with hard edges are. It is reached no longer.
/// @param edge  px that the picture's sharpest edges are wide
void keep_out_of_art(const Shades& shades, double edge, const Work& work) {
    const int width = shades.image.width, height = shades.image.height;
    cv::Mat shaded(height, width, CV_8U), labels;
    for_pixels(width, height, work.part(0, 0.1), [&](std::size_t from, std::size_t to) {
        for (std::size_t i = from; i < to; ++i)
            shaded.data[i] = shades.reached[i] && shades.kinds[i] == 1 ? 255 : 0;
    });
    const int count = cv::connectedComponents(shaded, labels, 8);
    work.at(0.4);
    struct Seen {
        std::atomic<int> soft = 0, step = 0, sharp = 0;
        std::atomic<bool> is_broad = false;
    };
    std::vector<Seen> seen(static_cast<std::size_t>(count));
    const auto of = [&](int x, int y) -> Seen& { return seen[static_cast<std::size_t>(labels.at<int>(y, x))]; };
    const int far = 3 + static_cast<int>(std::lround(1.5 * std::clamp(edge, crisp_edge, 12.0)));
    const int narrow = static_cast<int>(std::lround(0.6 * std::clamp(edge, crisp_edge, 12.0)));
    constexpr int step = 3; // px: enough to tell
    for_bands((height + step - 1) / step, work.part(0.4, 0.9), [&](int first, int last) {
        for (int y = first * step; y < std::min(height, last * step); y += step)
            for (int x = 0; x < width; x += step)
                if (shaded.data[shades.at(x, y)]) {
                    const Border border = shades.border_at(x, y, far, narrow);
                    of(x, y).soft += border == Border::soft;
                    of(x, y).step += border == Border::step;
                    of(x, y).sharp += border == Border::sharp;
                }
    });
    cv::Mat inside;
    cv::distanceTransform(shaded, inside, cv::DIST_L1, 3, CV_8U);
    const int broad = std::clamp(std::max(width, height) / 28, 4, 250);
    for_pixels(width, height, work.part(0.92, 0.95), [&](std::size_t from, std::size_t to) {
        for (std::size_t i = from; i < to; ++i)
            if (inside.data[i] >= broad)
                seen[static_cast<std::size_t>(labels.ptr<int>()[i])].is_broad = true;
    });
    constexpr int most_sharp = 16; // one in so many; of drawn shadows it is less than a hundredth
    std::vector<bool> is_art;
    for (const Seen& s : seen)
        is_art.push_back(most_sharp * s.sharp > s.soft + s.step ||
                         (s.is_broad && most_sharp * (s.sharp + s.step) > s.soft));
    for_bands(height, work.part(0.95, 1), [&](int first, int last) {
        for (int y = first; y < last; ++y)
            for (int x = 0; x < width; ++x)
                if (is_art[static_cast<std::size_t>(labels.at<int>(y, x))])
                    shades.reached[shades.at(x, y)] = 0;
    });
}

} // namespace

std::optional<Image> without_shadows(const Image& image, Rgb ground, double tolerance, const Work& work) {
    if (image.width < 8 || image.height < 8)
        return std::nullopt;
    const cv::Mat rgba = as_matrix(image);
    const std::array<double, 3> base{double(ground.red), double(ground.green), double(ground.blue)};
    constexpr double near = 10;
    const int sure = static_cast<int>(std::ceil(std::max(near, 0.8 * tolerance)));
    const auto w = static_cast<std::size_t>(image.width);
    PixelBytes kind = PixelBytes::unset(image.pixels()), reached = PixelBytes::unset(image.pixels());
    for_pixels(image.width, image.height, work.part(0, 0.3), [&](std::size_t from, std::size_t to) {
        tell_kinds(image.rgba.data() + 4 * from, to - from, ground, sure, kind.data() + from);
        const std::uint8_t* const kinds = kind.data();
        std::uint8_t* const __restrict out = reached.data();
        for (std::size_t i = from; i < to; ++i)
            out[i] = kinds[i] > 0 ? 255 : 0; // however steep: mostly that is little enough to look no further
    });
    // Whether that of the area reached which is joined to the picture's edge is shaded to an amount that is worth it.
    const auto is_shaded_outside = [&](const Work& its) {
        keep_outer(reached, image.width, its.part(0, 0.8));
        std::atomic<std::size_t> shaded = 0;
        for_pixels(image.width, image.height, its.part(0.8, 1), [&](std::size_t from, std::size_t to) {
            const std::uint8_t *const kinds = kind.data(), *const is_reached = reached.data();
            std::uint32_t its_shaded = 0;
            for (std::size_t i = from; i < to; ++i)
                its_shaded += is_reached[i] & kinds[i] & 1U; // of kind 1
            shaded += its_shaded;
        });
        constexpr std::size_t worth = 400; // a quarter in a hundred
        return shaded * worth >= reached.size();
    };
    if (!is_shaded_outside(work.part(0.3, 0.35)))
        return std::nullopt;
    // A shadow is softer than 13 values in a pixel, or than art's edges are where all of the picture is blurred; 8
    // times that as Sobel's operator counts them.
    const double edges = width_of_edges(image);
    const int steepest = static_cast<int>(std::lround(8 * 13 * std::min(1.0, crisp_edge / std::max(edges, 1.0))));
    for_bands(image.height, work.part(0.35, 0.6), [&](int first, int last) {
        constexpr int looks_beyond = 3; // rows, blurring and looking for slopes
        const int above = std::min(first, looks_beyond), below = std::min(image.height - last, looks_beyond);
        cv::Mat grey, soft, dx, dy;
        cv::cvtColor(rgba.rowRange(first - above, last + below), grey, cv::COLOR_RGBA2GRAY);
        cv::GaussianBlur(grey, soft, {}, 0.8);
        cv::Sobel(soft, dx, CV_16S, 1, 0);
        cv::Sobel(soft, dy, CV_16S, 0, 1);
        const auto *across = dx.ptr<std::int16_t>(above), *down = dy.ptr<std::int16_t>(above);
        const std::uint8_t* const kinds = kind.data() + static_cast<std::size_t>(first) * w;
        std::uint8_t* const __restrict out = reached.data() + static_cast<std::size_t>(first) * w;
        const std::size_t count = static_cast<std::size_t>(last - first) * w;
        for (std::size_t i = 0; i < count; ++i) {
            const int is_soft = across[i] * across[i] + down[i] * down[i] < steepest * steepest;
            out[i] = static_cast<std::uint8_t>(255 * ((kinds[i] == 2) | ((kinds[i] == 1) & is_soft)));
        }
    });
    if (!is_shaded_outside(work.part(0.6, 0.63)))
        return std::nullopt;
    keep_out_of_art({image, kind, reached, ground.red + ground.green + ground.blue}, edges, work.part(0.63, 0.68));
    if (!is_shaded_outside(work.part(0.68, 0.7)))
        return std::nullopt;
    Image result = Image::unset(image.width, image.height);
    const int height = image.height, width = image.width;
    const auto at = [&](int x, int y) { return static_cast<std::size_t>(y) * w + static_cast<std::size_t>(x); };
    const auto mix = [&](int x, int y, std::uint8_t* out) {
        // The shadow beside it, and the nearest of what is surely art: three pixels from any ground.
        constexpr int reach = 4;
        std::array<double, 3> shade{}, art{};
        int shades = 0, nearest_art = 1000;
        for (int v = std::max(0, y - reach); v <= std::min(height - 1, y + reach); ++v)
            for (int u = std::max(0, x - reach); u <= std::min(width - 1, x + reach); ++u) {
                const std::uint8_t* p = image.rgba.data() + 4 * at(u, v);
                const int far = (u - x) * (u - x) + (v - y) * (v - y);
                if (reached[at(u, v)]) {
                    ++shades;
                    for (std::size_t k = 0; k < 3; ++k)
                        shade[k] += p[k];
                } else if (far < nearest_art) {
                    const bool is_deep =
                        !reached[at(std::max(0, u - 2), v)] && !reached[at(std::min(width - 1, u + 2), v)] &&
                        !reached[at(u, std::max(0, v - 2))] && !reached[at(u, std::min(height - 1, v + 2))];
                    if (is_deep) {
                        nearest_art = far;
                        for (std::size_t k = 0; k < 3; ++k)
                            art[k] = p[k];
                    }
                }
            }
        if (shades == 0 || nearest_art == 1000)
            return;
        double along = 0, length = 0;
        const std::uint8_t* c = image.rgba.data() + 4 * at(x, y);
        for (std::size_t k = 0; k < 3; ++k) {
            shade[k] /= shades;
            along += (c[k] - shade[k]) * (art[k] - shade[k]);
            length += (art[k] - shade[k]) * (art[k] - shade[k]);
        }
        const double share = std::clamp(along / std::max(1.0, length), 0.0, 1.0);
        for (std::size_t k = 0; k < 3; ++k)
            out[k] = static_cast<std::uint8_t>(
                std::lround(std::clamp(c[k] + (1 - share) * (base[k] - shade[k]), 0.0, 255.0)));
    };
    for_bands(height, work.part(0.7, 1), [&](int first, int last) {
        std::copy_n(image.rgba.data() + 4 * at(0, first), 4 * w * static_cast<std::size_t>(last - first),
                    result.rgba.data() + 4 * at(0, first));
        for (int y = first; y < last; ++y)
            for (int x = 0; x < width; ++x) {
                std::uint8_t* out = result.rgba.data() + 4 * at(x, y);
                if (reached[at(x, y)]) {
                    out[0] = ground.red;
                    out[1] = ground.green;
                    out[2] = ground.blue;
                    continue;
                }
                bool is_edge = false;
                constexpr int rim = 3;
                for (int k = 1; k <= rim && !is_edge; ++k)
                    is_edge = reached[at(std::max(0, x - k), y)] || reached[at(std::min(width - 1, x + k), y)] ||
                              reached[at(x, std::max(0, y - k))] || reached[at(x, std::min(height - 1, y + k))];
                if (is_edge)
                    mix(x, y, out);
            }
    });
    return result;
}

} // namespace fusuma
