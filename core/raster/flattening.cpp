#include "core/raster/flattening.h"

#include "core/parallel.h"
#include "core/raster/opencv_border.h"

#include <opencv2/imgproc.hpp>

namespace fusuma {

double own_density(const View& view, Size size, double most_px) {
    // The densest of a few places inside: nothing that the photograph shows gets lost.
    double densest = 0;
    for (const double x : {0.05, 0.5, 0.95})
        for (const double y : {0.05, 0.5, 0.95})
            densest = std::max(densest, view.density({x * size.width, y * size.height}));
    const double most = std::min(std::sqrt(most_px / std::max(1e-9, size.width * size.height)),
                                 most_flattened_px / std::max({size.width, size.height, 1e-9}) * 0.999);
    return std::clamp(densest, std::min(0.1, most), most);
}

Image flattened(const Image& photo, const Flattening& how, const Work& work) {
    Image flat(how.width_px(), how.height_px());
    if (photo.empty())
        return flat;
    const cv::Mat from(photo.height, photo.width, CV_8UC4, const_cast<std::uint8_t*>(photo.rgba.data()));
    constexpr int grid = 16; // the way bends little over so many pixels: it is worked out there, and straight between
    for_bands(flat.height, work, [&](int first, int last) {
        const int rows = last - first, lines = (rows + grid - 1) / grid + 1,
                  columns = (flat.width + grid - 1) / grid + 1;
        cv::Mat knots(lines, columns, CV_32FC2);
        const auto outside = static_cast<float>(-4.0 * grid);
        for (int r = 0; r < lines; ++r)
            for (int c = 0; c < columns; ++c) {
                const Point mm{(c * grid + 0.5) / how.px_per_mm, (first + r * grid + 0.5) / how.px_per_mm};
                const auto px = how.view.to_photo(mm);
                const bool is_near = px && std::abs(px->x) < 1e6 && std::abs(px->y) < 1e6;
                // Pixels' middles lie at halves here, at whole numbers there.
                knots.at<cv::Vec2f>(r, c) =
                    is_near ? cv::Vec2f(static_cast<float>(px->x - 0.5), static_cast<float>(px->y - 0.5))
                            : cv::Vec2f(outside, outside);
            }
        cv::Mat map(rows, flat.width, CV_32FC2);
        for (int y = 0; y < rows; ++y) {
            const int r = y / grid;
            const float down = static_cast<float>(y % grid) / grid;
            auto* line = map.ptr<cv::Vec2f>(y);
            for (int c = 0; c + 1 < columns; ++c) {
                const cv::Vec2f left = knots.at<cv::Vec2f>(r, c) * (1 - down) + knots.at<cv::Vec2f>(r + 1, c) * down;
                const cv::Vec2f right =
                    knots.at<cv::Vec2f>(r, c + 1) * (1 - down) + knots.at<cv::Vec2f>(r + 1, c + 1) * down;
                const cv::Vec2f step = (right - left) * (1.0F / grid);
                cv::Vec2f at = left;
                for (int x = c * grid; x < std::min(flat.width, (c + 1) * grid); ++x, at += step)
                    line[x] = at;
            }
        }
        cv::Mat into(rows, flat.width, CV_8UC4,
                     flat.rgba.data() + 4 * static_cast<std::size_t>(first) * static_cast<std::size_t>(flat.width));
        cv::remap(from, into, map, cv::Mat(), cv::INTER_CUBIC, edge_goes_on);
    });
    if (how.by == FlatBy::paper) { // its very edge shows the table and its own shade: what lies inside goes on over it
        constexpr double rim_mm = 0.8;
        const int rim = std::min(
            {static_cast<int>(std::ceil(rim_mm * how.px_per_mm)), (flat.width - 1) / 2, (flat.height - 1) / 2});
        cv::Mat all(flat.height, flat.width, CV_8UC4, flat.rgba.data());
        const cv::Mat inside = all(cv::Rect(rim, rim, flat.width - 2 * rim, flat.height - 2 * rim)).clone();
        cv::copyMakeBorder(inside, all, rim, rim, rim, rim, edge_goes_on);
    }
    return flat;
}

} // namespace fusuma
