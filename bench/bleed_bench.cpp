// The art's colours carried outward on a sticker of 12 megapixels, beside OpenCV's distance transform with labels on
// it.

#include "bench/ratio.h"
#include "core/raster/continued.h"
#include "tests/support/exact_coverage.h"

#include <opencv2/imgproc.hpp>

namespace {

using namespace fusuma;

constexpr int width = 4000, height = 3000;

/// A star with soft edges and a hole, in every colour.
const Image& sticker() {
    static const Image image = [] {
        const Coverage coverage = test::exact_coverage(
            {test::star({2000, 1500}, 9, 1420, 900, 0.2), test::as_hole(test::ellipse({2000, 1500}, 300, 200))}, width,
            height);
        Image art(width, height);
        for (int y = 0; y < height; ++y)
            for (int x = 0; x < width; ++x) {
                std::uint8_t* pixel =
                    &art.rgba[4 * (static_cast<std::size_t>(y) * width + static_cast<std::size_t>(x))];
                pixel[0] = static_cast<std::uint8_t>(x / 16);
                pixel[1] = static_cast<std::uint8_t>(y / 12);
                pixel[2] = static_cast<std::uint8_t>((x + y) / 30);
                pixel[3] = coverage.row(y)[x];
            }
        return art;
    }();
    return image;
}

void fusuma_bleed(benchmark::State& state) {
    const Image& art = sticker();
    for (auto _ : state)
        benchmark::DoNotOptimize(continued(art, 24)); // 1 mm at 600 dpi
}
BENCHMARK(fusuma_bleed)->Unit(benchmark::kMillisecond)->UseRealTime();

void opencv_distance_with_labels(benchmark::State& state) {
    const Image& art = sticker();
    cv::Mat away(height, width, CV_8U);
    for (std::size_t i = 0; i < art.pixels(); ++i)
        away.data[i] = art.rgba[4 * i + 3] == 255 ? 0 : 255;
    for (auto _ : state) {
        cv::Mat distances, labels;
        cv::distanceTransform(away, distances, labels, cv::DIST_L2, cv::DIST_MASK_5, cv::DIST_LABEL_PIXEL);
        benchmark::DoNotOptimize(labels.data);
    }
}
BENCHMARK(opencv_distance_with_labels)->Unit(benchmark::kMillisecond)->UseRealTime();

} // namespace

int main(int argc, char** argv) {
    return fusuma::bench::run(argc, argv, "bleed-over-opencv", "fusuma_bleed", "opencv_distance_with_labels");
}
