#pragma once

#include "core/raster/paper_areas.h"
#include "core/work.h"

#include <opencv2/core.hpp>

namespace fusuma {

/// The light on paper that art hides, and where its soft edges are: as far as each area of paper goes the light of that
/// area, since the edge of a shadow may part it from what lies beside it; the light all round under the rest.
/// @param rgb     CV_8UC3, the picture without grain
/// @param closed  CV_8UC3, without narrow marks, too
/// @param known   CV_8U, 255 where `closed` is light on paper
/// @return        CV_32FC3
[[nodiscard]] cv::Mat light_beside_art(const cv::Mat& rgb, const cv::Mat& closed, const cv::Mat& known,
                                       const PaperAndArt& told, const Work& work = {});

} // namespace fusuma
