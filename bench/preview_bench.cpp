// A new threshold on a picture of 12 megapixels: the preview that the window draws at once, beside OpenCV's threshold
// and contours of the same picture; and the full outline that follows in the background.

#include "bench/ratio.h"
#include "core/plan/planner.h"
#include "tests/support/exact_coverage.h"

#include <opencv2/imgproc.hpp>

namespace {

using namespace fusuma;

/// 4000 × 3000 pixels with a few hundred soft-edged shapes, in red on clear ground.
std::shared_ptr<const Picture> picture() {
    static const auto made = [] {
        Polygons shapes;
        for (int y = 0; y < 15; ++y)
            for (int x = 0; x < 20; ++x) {
                const Point c{100.3 + 200 * x, 100.7 + 200 * y};
                shapes.push_back((x + y) % 2 ? test::star(c, 5 + x % 4, 90, 40, 0.1 * x)
                                             : test::ellipse(c, 85, 80.0 - 3 * y, 0.2 * x, 300));
            }
        const Coverage coverage = test::exact_coverage(shapes, 4000, 3000);
        auto p = std::make_shared<Picture>();
        Image pixels(coverage.width, coverage.height);
        for (std::size_t i = 0; i < coverage.values.size(); ++i) {
            pixels.rgba[4 * i] = 200;
            pixels.rgba[4 * i + 3] = coverage.values[i];
        }
        p->pixels = std::move(pixels);
        return std::shared_ptr<const Picture>(std::move(p));
    }();
    return made;
}

Sticker at_threshold(double threshold) {
    Sticker s = new_sticker(PictureArtwork{picture()});
    s.trace.threshold = threshold;
    return s;
}

void fusuma_preview(benchmark::State& state) {
    Planner evaluator;
    evaluator.preview(at_threshold(127.5));
    double threshold = 60;
    for (auto _ : state)
        benchmark::DoNotOptimize(evaluator.preview(at_threshold(threshold += 0.01)));
}
BENCHMARK(fusuma_preview)->Unit(benchmark::kMillisecond);

void fusuma_full_result(benchmark::State& state) {
    Planner evaluator;
    evaluator.evaluate(at_threshold(127.5));
    double threshold = 60;
    for (auto _ : state)
        benchmark::DoNotOptimize(evaluator.evaluate(at_threshold(threshold += 0.01)));
}
BENCHMARK(fusuma_full_result)->Unit(benchmark::kMillisecond);

void opencv_contours(benchmark::State& state) {
    const Coverage coverage = coverage_of_alpha(*picture()->pixels.get());
    const cv::Mat values(coverage.height, coverage.width, CV_8U, const_cast<std::uint8_t*>(coverage.values.data()));
    for (auto _ : state) {
        cv::Mat binary;
        cv::threshold(values, binary, 127, 255, cv::THRESH_BINARY);
        std::vector<std::vector<cv::Point>> contours;
        cv::findContours(binary, contours, cv::RETR_CCOMP, cv::CHAIN_APPROX_NONE);
        benchmark::DoNotOptimize(contours);
    }
}
BENCHMARK(opencv_contours)->Unit(benchmark::kMillisecond);

} // namespace

int main(int argc, char** argv) {
    return fusuma::bench::run(argc, argv, "preview-over-opencv", "fusuma_preview", "opencv_contours");
}
