#include "tests/support/painted.h"

#include <random>

namespace fusuma::test {

cv::Mat matrix_of(Image& image) {
    return {image.height, image.width, CV_8UC4, image.rgba.data()};
}

OnGround with_art(Image ground, unsigned seed, cv::Scalar ink, bool is_filled) {
    std::mt19937 numbers(seed);
    const auto any = [&](int least, int most) {
        return least + static_cast<int>(numbers() % static_cast<unsigned>(most - least));
    };
    const int w = ground.width, h = ground.height;
    constexpr int fine = 4;
    cv::Mat mask(h * fine, w * fine, CV_8U, cv::Scalar(0));
    for (int i = 0; i < 4; ++i) {
        const cv::Point at(any(w / 3, 2 * w / 3) * fine, any(h / 3, 2 * h / 3) * fine);
        cv::ellipse(mask, at, {any(w / 12, w / 5) * fine, any(h / 12, h / 5) * fine}, any(0, 180), 0, 360,
                    cv::Scalar(255), is_filled ? -1 : any(6, 14) * fine);
    }
    OnGround drawn{std::move(ground), {}};
    cv::resize(mask, drawn.truth, {w, h}, 0, 0, cv::INTER_AREA);
    cv::Mat rgba = matrix_of(drawn.image);
    for (int y = 0; y < h; ++y)
        for (int x = 0; x < w; ++x) {
            const double a = drawn.truth.at<std::uint8_t>(y, x) / 255.0;
            auto& px = rgba.at<cv::Vec4b>(y, x);
            for (int k = 0; k < 3; ++k)
                px[k] = static_cast<std::uint8_t>(std::lround(px[k] * (1 - a) + ink[k] * a));
        }
    return drawn;
}

Image plain(int width, int height, cv::Scalar colour) {
    Image image(width, height);
    matrix_of(image).setTo(cv::Scalar(colour[0], colour[1], colour[2], 255));
    return image;
}

void shade(Image& image, double noise, const std::function<double(int, int)>& light) {
    std::mt19937 numbers(3);
    std::normal_distribution<double> grain(0, noise);
    cv::Mat rgba = matrix_of(image);
    for (int y = 0; y < image.height; ++y)
        for (int x = 0; x < image.width; ++x) {
            const double there = light(x, y);
            for (int k = 0; k < 3; ++k) {
                auto& v = rgba.at<cv::Vec4b>(y, x)[k];
                v = cv::saturate_cast<std::uint8_t>(v * there + (noise > 0 ? grain(numbers) : 0));
            }
        }
}

double overlap_of(const Coverage& coverage, const cv::Mat& truth) {
    int both = 0, either = 0;
    for (int y = 0; y < coverage.height; ++y)
        for (int x = 0; x < coverage.width; ++x) {
            const bool a = coverage.row(y)[x] > 127, b = truth.at<std::uint8_t>(y, x) > 127;
            both += a && b;
            either += a || b;
        }
    return either > 0 ? double(both) / either : 0;
}

Image with_soft_shadow(const OnGround& drawn, double sigma, double strength) {
    cv::Mat shadow;
    cv::GaussianBlur(drawn.truth, shadow, {}, sigma);
    Image image = drawn.image;
    cv::Mat rgba = matrix_of(image);
    for (int y = 0; y < image.height; ++y)
        for (int x = 0; x < image.width; ++x) {
            const double a = drawn.truth.at<std::uint8_t>(y, x) / 255.0;
            const double s = shadow.at<std::uint8_t>(std::max(0, y - 8), std::max(0, x - 6)) / 255.0;
            for (int k = 0; k < 3; ++k) {
                auto& v = rgba.at<cv::Vec4b>(y, x)[k];
                v = cv::saturate_cast<std::uint8_t>(v * (a + (1 - a) * (1 - strength * s)));
            }
        }
    return image;
}

cv::Mat disc_of(double radius, double sigma) {
    cv::Mat share(400, 400, CV_32F);
    for (int y = 0; y < 400; ++y)
        for (int x = 0; x < 400; ++x)
            share.at<float>(y, x) =
                static_cast<float>(std::clamp(radius + 0.5 - std::hypot(x - 199.5, y - 199.5), 0.0, 1.0));
    if (sigma > 0)
        cv::GaussianBlur(share, share, {}, sigma);
    return share;
}

void paint(Image& image, const cv::Mat& share, const cv::Scalar& ink) {
    cv::Mat rgba = matrix_of(image);
    for (int y = 0; y < image.height; ++y)
        for (int x = 0; x < image.width; ++x)
            for (int k = 0; k < 3; ++k) {
                std::uint8_t& value = rgba.at<cv::Vec4b>(y, x)[k];
                value = cv::saturate_cast<std::uint8_t>(value + double{share.at<float>(y, x)} * (ink[k] - value));
            }
}

Image busy_ground(unsigned seed) {
    Image image(640, 480);
    cv::Mat rgba = matrix_of(image);
    for (int y = 0; y < 480; ++y)
        for (int x = 0; x < 640; ++x) {
            const double wave = 0.5 + 0.25 * std::sin(x * 0.09 + seed) + 0.25 * std::sin(y * 0.07 - x * 0.03);
            const bool square = (x / 24 + y / 24) % 2 == 0;
            const double tone = seed % 2 == 0 ? wave : square ? 0.85 : 0.35;
            rgba.at<cv::Vec4b>(y, x) = {cv::saturate_cast<std::uint8_t>(90 + 120 * tone),
                                        cv::saturate_cast<std::uint8_t>(110 + 70 * tone),
                                        cv::saturate_cast<std::uint8_t>(60 + 90 * (1 - tone)), 255};
        }
    return image;
}

} // namespace fusuma::test
