// The same questions put to OpenCV, the reference library for pixel work.

#include "core/geometry/measure.h"
#include "core/raster/background.h"
#include "core/trace/trace.h"
#include "tests/support/exact_coverage.h"

#include <opencv2/imgproc.hpp>

#include <gtest/gtest.h>

#include <random>

namespace fusuma {
namespace {

using namespace test;

TEST(BesideOpenCv, OtsusThresholdIsTheSame) {
    std::mt19937 random(11);
    for (const double share : {0.1, 0.3, 0.5, 0.8}) {
        Image image(160, 120);
        cv::Mat grey(image.height, image.width, CV_8U);
        std::normal_distribution<double> dark(60, 18), light(190, 22);
        std::uniform_real_distribution<double> chance(0, 1);
        for (std::size_t i = 0; i < image.pixels(); ++i) {
            const auto v = static_cast<std::uint8_t>(
                std::clamp(chance(random) < share ? dark(random) : light(random), 0.0, 255.0));
            for (std::size_t k = 0; k < 3; ++k)
                image.rgba[4 * i + k] = v;
            image.rgba[4 * i + 3] = 255;
            grey.data[i] = v;
        }
        cv::Mat binary;
        EXPECT_NEAR(otsu_threshold(image), cv::threshold(grey, binary, 0, 255, cv::THRESH_BINARY | cv::THRESH_OTSU), 1);
    }
}

/// Opaque pictures are their areas' means; of those that are clear in part, the colours count by their alpha.
TEST(BesideOpenCv, ReducedPicturesAreTheMeansOfAreas) {
    std::mt19937 random(8);
    for (const int factor : {1, 2, 3, 7, 64})
        for (const bool is_opaque : {true, false}) {
            Image image(factor * 13, factor * 5);
            for (std::size_t i = 0; i < image.rgba.size(); ++i)
                image.rgba[i] = static_cast<std::uint8_t>(i % 4 == 3 && (is_opaque || i % 3 == 0) ? 255 : random());
            const Image small = reduced(image, factor);
            const cv::Mat pixels(image.height, image.width, CV_8UC4, image.rgba.data());
            cv::Mat weighted(pixels.size(), CV_64FC4), means;
            for (int y = 0; y < pixels.rows; ++y)
                for (int x = 0; x < pixels.cols; ++x) {
                    const auto& p = pixels.at<cv::Vec4b>(y, x);
                    weighted.at<cv::Vec4d>(y, x) = {double(p[0]) * p[3], double(p[1]) * p[3], double(p[2]) * p[3],
                                                    double(p[3])};
                }
            cv::resize(weighted, means, {13, 5}, 0, 0, cv::INTER_AREA);
            for (int y = 0; y < means.rows; ++y)
                for (int x = 0; x < means.cols; ++x) {
                    const auto& mean = means.at<cv::Vec4d>(y, x);
                    const std::uint8_t* p = small.rgba.data() + 4 * (y * small.width + x);
                    EXPECT_NEAR(p[3], mean[3], 0.5 + 1e-9);
                    for (int k = 0; k < 3; ++k)
                        EXPECT_NEAR(p[k], mean[3] > 0 ? mean[k] / mean[3] : 0, 0.5 + 1e-9) << factor;
                }
        }
}

TEST(BesideOpenCv, PiecesAndHolesAreTheSame) {
    std::mt19937 random(5);
    std::uniform_real_distribution<double> place(20, 380), size(4, 40);
    for (int round = 0; round < 20; ++round) {
        cv::Mat picture(400, 400, CV_8U, cv::Scalar(0));
        for (int i = 0; i < 40; ++i) // blots over each other, some of them holes
            cv::circle(picture, cv::Point2d(place(random), place(random)), static_cast<int>(size(random)),
                       i % 3 == 2 ? 0 : 255, cv::FILLED);
        Coverage coverage(400, 400);
        std::copy(picture.begin<std::uint8_t>(), picture.end<std::uint8_t>(), coverage.values.begin());
        std::vector<std::vector<cv::Point>> contours;
        std::vector<cv::Vec4i> hierarchy;
        cv::findContours(picture, contours, hierarchy, cv::RETR_CCOMP, cv::CHAIN_APPROX_NONE);
        std::size_t pieces = 0, holes = 0;
        for (const cv::Vec4i& h : hierarchy)
            (h[3] < 0 ? pieces : holes)++;
        std::size_t our_pieces = 0, our_holes = 0;
        // Above three quarters: a cell of four with two at opposite corners joins, as OpenCV's eight neighbours do.
        for (const Contour& c : trace(coverage, {.threshold = 126}).outline.contours)
            (signed_area(c) > 0 ? our_pieces : our_holes)++;
        EXPECT_EQ(our_pieces, pieces);
        EXPECT_EQ(our_holes, holes);
    }
}

TEST(BesideOpenCv, LabIsTheSame) {
    for (int r = 0; r < 256; r += 51)
        for (int g = 0; g < 256; g += 51)
            for (int b = 0; b < 256; b += 51) {
                const cv::Mat rgb(1, 1, CV_32FC3, cv::Scalar(r / 255.0, g / 255.0, b / 255.0));
                cv::Mat converted;
                cv::cvtColor(rgb, converted, cv::COLOR_RGB2Lab); // sRGB under D65
                const auto& theirs = converted.at<cv::Vec3f>(0, 0);
                const Lab ours =
                    to_lab({static_cast<std::uint8_t>(r), static_cast<std::uint8_t>(g), static_cast<std::uint8_t>(b)});
                EXPECT_LT(colour_difference(ours, {theirs[0], theirs[1], theirs[2]}), 0.6);
            }
}

} // namespace
} // namespace fusuma
