#pragma once

#include "core/work.h"

#include <functional>
#include <opencv2/core.hpp>

namespace fusuma {

/// What of a photograph of something on paper is paper.
struct PaperAndArt {
    cv::Mat art;    ///< CV_8U, 255 where art is, with its edges in all their width
    cv::Mat papers; ///< CV_32S, for each pixel the number of the area of paper it belongs to, > 0, parted where the
                    ///< picture changes most; 0 for art, -1 between two areas
    cv::Mat steady; ///< CV_8U, 255 well inside areas of paper, art and lines
};

/// Parts paper from art.
///
/// The picture is parted along its edges into areas in which it changes slowly, as light does. Those that reach the
/// picture's edge are paper. Any other is paper when it is no darker and of no other hue than the paper beyond its own
/// edge, for most of the way: so is what a line encloses, and a shadow that falls across it changes nothing. All else
/// is art, however pale. Where areas end is found by flooding them from their insides, slowest changes first. Source:
/// Meyer, Color image segmentation, ICIP 1992 (OpenCV's watershed).
/// @param rgb        CV_8UC3, without grain
/// @param meanwhile  done once, beside the part of it that keeps one core alone busy
[[nodiscard]] PaperAndArt art_on_paper(const cv::Mat& rgb, const std::function<void()>& meanwhile,
                                       const Work& work = {});

} // namespace fusuma
