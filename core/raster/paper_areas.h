#pragma once

#include "core/work.h"

#include <opencv2/core.hpp>

namespace fusuma {

/// Where a photograph of something on paper shows art: 255 there, else 0.
///
/// The picture is parted along its edges into areas in which it changes slowly, as light does. Those that reach the
/// picture's edge are paper. Any other is paper when it is no darker and of no other hue than the paper beyond its own
/// edge, for most of the way: so is what a line encloses, and a shadow that falls across it changes nothing. All else is
/// art, however pale.
/// @param rgb  CV_8UC3, without grain
[[nodiscard]] cv::Mat art_on_paper(const cv::Mat& rgb, const Work& work = {});

} // namespace fusuma
