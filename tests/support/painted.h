#pragma once

#include "core/raster/image.h"

#include <functional>
#include <opencv2/imgproc.hpp>

namespace fusuma::test {

/// The picture's own pixels.
[[nodiscard]] cv::Mat matrix_of(Image& image);

[[nodiscard]] Image plain(int width, int height, cv::Scalar colour);
/// 640 x 480, in waves or squares as the seed has it.
[[nodiscard]] Image busy_ground(unsigned seed);

/// A drawing on a ground, and where it is.
struct OnGround {
    Image image;
    cv::Mat truth; ///< 255 where there is art
};
/// Strokes and dots, drawn four times finer and averaged, on whatever ground there is.
[[nodiscard]] OnGround with_art(Image ground, unsigned seed, cv::Scalar ink, bool is_filled = false);
[[nodiscard]] Image with_soft_shadow(const OnGround& drawn, double sigma, double strength);

/// Every pixel times what `light` says of its place, and some grain.
/// @param noise  standard deviation of the grain, of 255
void shade(Image& image, double noise, const std::function<double(int x, int y)>& light);

/// How much of each pixel a disc round the middle of 400 x 400 covers, blurred.
[[nodiscard]] cv::Mat disc_of(double radius, double sigma);
/// @param share  how much of each pixel the ink covers, 0 to 1
void paint(Image& image, const cv::Mat& share, const cv::Scalar& ink);

/// What both cover as a share of what either covers.
[[nodiscard]] double overlap_of(const Coverage& coverage, const cv::Mat& truth);

} // namespace fusuma::test
