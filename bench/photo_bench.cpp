// Photographs of twelve megapixels: evening light beside one Gaussian blur of 50 px, laying flat beside
// warpPerspective, and a subject beside GrabCut on the same picture a quarter as wide, all by OpenCV in the same run.

#include "bench/ratio.h"
#include "core/raster/flattening.h"
#include "core/raster/light.h"
#include "core/raster/subject.h"

#include <opencv2/imgproc.hpp>
#include <random>

namespace fusuma {
namespace {

constexpr int width = 4000, height = 3000;

/// Paper with strokes on it, in light that falls off, with grain.
const Image& photograph() {
    static const Image made = [] {
        Image image(width, height);
        cv::Mat rgba(height, width, CV_8UC4, image.rgba.data());
        rgba.setTo(cv::Scalar(244, 240, 230, 255));
        std::mt19937 numbers(5);
        const auto any = [&](int most) { return static_cast<int>(numbers() % static_cast<unsigned>(most)); };
        for (int i = 0; i < 60; ++i)
            cv::ellipse(rgba, {any(width), any(height)}, {100 + any(300), 100 + any(300)}, any(180), 0, 360,
                        cv::Scalar(any(120), any(120), any(120), 255), 10 + any(30));
        cv::ellipse(rgba, {width / 2, height / 2}, {900, 700}, 20, 0, 360, cv::Scalar(190, 40, 60, 255), -1);
        for (int y = 0; y < height; ++y)
            for (int x = 0; x < width; ++x)
                for (int k = 0; k < 3; ++k) {
                    auto& v = rgba.at<cv::Vec4b>(y, x)[k];
                    v = static_cast<std::uint8_t>(v * (1 - 0.4 * x / width) * 0.97 + any(8));
                }
        return image;
    }();
    return made;
}

cv::Mat photo_matrix() {
    return {height, width, CV_8UC4, const_cast<std::uint8_t*>(photograph().rgba.data())};
}

void even(benchmark::State& state) {
    const Image& photo = photograph();
    for (auto _ : state)
        benchmark::DoNotOptimize(evened(photo, light_on(photo)));
}

void blur_50(benchmark::State& state) {
    const cv::Mat from = photo_matrix();
    for (auto _ : state) {
        cv::Mat blurred;
        cv::GaussianBlur(from, blurred, {}, 50);
        benchmark::DoNotOptimize(blurred.data);
    }
}

/// A tilted view of the whole picture.
View tilted() {
    return *view_through({Point{0, 0}, {400, 0}, {400, 300}, {0, 300}},
                         {Point{300, 200}, {3800, 100}, {3500, 2900}, {100, 2700}},
                         blank_view({width, height}, usual_focal({width, height})));
}

void flatten(benchmark::State& state) {
    Flattening how;
    how.view = tilted();
    how.size = {400, 300};
    how.px_per_mm = 10;
    for (auto _ : state)
        benchmark::DoNotOptimize(flattened(photograph(), how));
}

void warp(benchmark::State& state) {
    const cv::Point2f from[] = {{0, 0}, {4000, 0}, {4000, 3000}, {0, 3000}},
                      to[] = {{300, 200}, {3800, 100}, {3500, 2900}, {100, 2700}};
    const cv::Mat map = cv::getPerspectiveTransform(from, to);
    const cv::Mat photo = photo_matrix();
    for (auto _ : state) {
        cv::Mat flat;
        cv::warpPerspective(photo, flat, map, {width, height}, cv::INTER_CUBIC | cv::WARP_INVERSE_MAP);
        benchmark::DoNotOptimize(flat.data);
    }
}

constexpr PixelBox box{900, 600, 2200, 1800};

void subject(benchmark::State& state) {
    for (auto _ : state)
        benchmark::DoNotOptimize(subject_of(photograph(), box, {}));
}

void grabcut_quarter(benchmark::State& state) {
    cv::Mat small, rgb;
    cv::resize(photo_matrix(), small, {width / 4, height / 4}, 0, 0, cv::INTER_AREA);
    cv::cvtColor(small, rgb, cv::COLOR_RGBA2RGB);
    for (auto _ : state) {
        cv::Mat mask, behind, before;
        cv::grabCut(rgb, mask, {box.x / 4, box.y / 4, box.width / 4, box.height / 4}, behind, before, 5,
                    cv::GC_INIT_WITH_RECT);
        benchmark::DoNotOptimize(mask.data);
    }
}

BENCHMARK(even)->Unit(benchmark::kMillisecond)->UseRealTime();
BENCHMARK(blur_50)->Unit(benchmark::kMillisecond)->UseRealTime();
BENCHMARK(flatten)->Unit(benchmark::kMillisecond)->UseRealTime();
BENCHMARK(warp)->Unit(benchmark::kMillisecond)->UseRealTime();
BENCHMARK(subject)->Unit(benchmark::kMillisecond)->UseRealTime();
BENCHMARK(grabcut_quarter)->Unit(benchmark::kMillisecond)->UseRealTime();

} // namespace
} // namespace fusuma

int main(int argc, char** argv) {
    benchmark::Initialize(&argc, argv);
    fusuma::bench::RatioReporter reporter;
    benchmark::RunSpecifiedBenchmarks(&reporter);
    reporter.tell_ratio("even-light-over-blur", "even", "blur_50");
    reporter.tell_ratio("flattening-over-warp", "flatten", "warp");
    reporter.tell_ratio("subject-over-grabcut", "subject", "grabcut_quarter");
    return 0;
}
