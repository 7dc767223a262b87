#include "core/raster/pieces.h"

#include <opencv2/imgproc.hpp>

#include <algorithm>
#include <cmath>

namespace fusuma {

namespace {

/// Numbers the areas that make one piece each; 0 where no art is near.
int number_pieces(const Coverage& coverage, double apart, cv::Mat& numbers) {
    const cv::Mat values(coverage.height, coverage.width, CV_8U, const_cast<std::uint8_t*>(coverage.values.data()));
    cv::Mat near = values > 127;
    if (apart > 1) {
        cv::Mat far;
        cv::distanceTransform(near == 0, far, cv::DIST_L2, cv::DIST_MASK_PRECISE);
        near = far < apart / 2;
    }
    return cv::connectedComponents(near, numbers, 8, CV_32S);
}

} // namespace

std::vector<Piece> pieces_of(const Coverage& coverage, double apart, double least) {
    if (coverage.values.empty())
        return {};
    cv::Mat numbers;
    const int count = number_pieces(coverage, apart, numbers);
    struct Found {
        int left = INT_MAX, top = INT_MAX, right = -1, bottom = -1;
        PixelPlace at;
        std::size_t area = 0;
    };
    std::vector<Found> found(static_cast<std::size_t>(count));
    for (int y = 0; y < coverage.height; ++y) {
        const auto* number = numbers.ptr<int>(y);
        const std::uint8_t* value = coverage.row(y);
        for (int x = 0; x < coverage.width; ++x)
            if (value[x] > 127) {
                Found& f = found[static_cast<std::size_t>(number[x])];
                f.left = std::min(f.left, x);
                f.right = std::max(f.right, x);
                f.top = std::min(f.top, y);
                f.bottom = y;
                if (f.area++ == 0)
                    f.at = {x, y};
            }
    }
    std::vector<Piece> pieces;
    for (const Found& f : found)
        if (f.area > 0 && static_cast<double>(f.area) >= least)
            pieces.push_back({{f.left, f.top, f.right - f.left + 1, f.bottom - f.top + 1}, f.at, f.area});
    // A row goes on as long as pieces' middles lie above its lowest edge.
    std::ranges::stable_sort(pieces, {}, [](const Piece& p) { return p.box.y; });
    for (std::size_t first = 0; first < pieces.size();) {
        std::size_t end = first + 1;
        int low = pieces[first].box.y + pieces[first].box.height;
        for (; end < pieces.size() && pieces[end].box.y + pieces[end].box.height / 2 < low; ++end)
            low = std::max(low, pieces[end].box.y + pieces[end].box.height);
        std::stable_sort(pieces.begin() + static_cast<std::ptrdiff_t>(first),
                         pieces.begin() + static_cast<std::ptrdiff_t>(end),
                         [](const Piece& a, const Piece& b) { return a.box.x < b.box.x; });
        first = end;
    }
    return pieces;
}

void keep_piece(Coverage& coverage, const PieceChoice& choice) {
    if (coverage.values.empty())
        return;
    cv::Mat numbers;
    number_pieces(coverage, choice.apart, numbers);
    // The nearest art, in growing squares.
    int wanted = 0;
    const int most = std::max(coverage.width, coverage.height);
    for (int reach = 0; reach <= most && wanted == 0; reach = reach == 0 ? 1 : reach * 2) {
        double nearest = HUGE_VAL;
        for (int y = std::max(0, choice.at.y - reach); y <= std::min(coverage.height - 1, choice.at.y + reach); ++y)
            for (int x = std::max(0, choice.at.x - reach); x <= std::min(coverage.width - 1, choice.at.x + reach); ++x)
                if (coverage.row(y)[x] > 127)
                    if (const double far = std::hypot(x - choice.at.x, y - choice.at.y); far < nearest) {
                        nearest = far;
                        wanted = numbers.at<int>(y, x);
                    }
    }
    if (wanted == 0)
        return;
    // Soft edges lie beside what counts as art.
    const cv::Mat mine = numbers == wanted;
    cv::Mat grown;
    cv::dilate(mine, grown, cv::getStructuringElement(cv::MORPH_RECT, {7, 7}));
    for (int y = 0; y < coverage.height; ++y) {
        std::uint8_t* value = coverage.row(y);
        const auto* number = numbers.ptr<int>(y);
        const auto* is_near = grown.ptr<std::uint8_t>(y);
        for (int x = 0; x < coverage.width; ++x)
            if (number[x] != wanted && !(is_near[x] && number[x] == 0))
                value[x] = 0;
    }
}

} // namespace fusuma
