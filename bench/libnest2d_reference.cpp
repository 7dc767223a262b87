// libnest2d does not compile as C++20, so it has a file of its own.

#include "bench/libnest2d_reference.h"

#include <algorithm>
#include <cmath>

#define LIBNEST2D_GEOMETRIES_clipper
#define LIBNEST2D_OPTIMIZER_nlopt
#define LIBNEST2D_THREADING_std
#include <libnest2d/libnest2d.hpp>

namespace fusuma::bench {

std::vector<int> nested(const std::vector<std::vector<std::pair<double, double>>>& outlines, double width,
                        double height, double gap) {
    constexpr double units = 1e6; // to the millimetre, as libnest2d has it
    std::vector<libnest2d::Item> list;
    for (const auto& outline : outlines) {
        ClipperLib::Path path;
        for (const auto& [x, y] : outline)
            path.emplace_back(std::llround(x * units), std::llround(y * units));
        if (ClipperLib::Orientation(path)) // it wants them clockwise, and closed
            ClipperLib::ReversePath(path);
        path.push_back(path.front());
        list.emplace_back(std::move(path));
    }
    using Placer = libnest2d::NfpPlacer;
    Placer::Config config;
    const double quarter = std::acos(0.0);
    config.rotations = {0, quarter, 2 * quarter, 3 * quarter};
    config.alignment = Placer::Config::Alignment::BOTTOM_LEFT;
    config.starting_point = Placer::Config::Alignment::BOTTOM_LEFT;
    libnest2d::nest<Placer, libnest2d::FirstFitSelection>(
        list, libnest2d::Box(std::llround(width * units), std::llround(height * units)), std::llround(gap * units),
        libnest2d::NestConfig<Placer, libnest2d::FirstFitSelection>(config));
    std::vector<int> bins;
    for (const libnest2d::Item& item : list)
        bins.push_back(item.binId());
    return bins;
}

} // namespace fusuma::bench
