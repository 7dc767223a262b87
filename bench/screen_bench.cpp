// A view of 2560 × 1440 pixels brought to a screen's colours, every pixel another, beside Little CMS on the same
// pixels by the same profile in the same run.

#include "bench/ratio.h"
#include "reading/picture/colour_profile.h"

#include <QColorSpace>
#include <lcms2.h>
#include <random>

namespace fusuma {
namespace {

constexpr std::size_t width = 2560, height = 1440;

QByteArray profile() {
    return QColorSpace(QColorSpace::DisplayP3).iccProfile();
}

/// A photograph's even changes and grain.
std::vector<std::uint32_t> seen() {
    std::mt19937 numbers(3);
    std::vector<std::uint32_t> pixels;
    pixels.reserve(width * height);
    for (std::size_t y = 0; y < height; ++y)
        for (std::size_t x = 0; x < width; ++x) {
            const auto grain = static_cast<std::uint32_t>(numbers() & 7);
            pixels.push_back(0xff000000 | (static_cast<std::uint32_t>(x * 240 / width) + grain) << 16 |
                             (static_cast<std::uint32_t>(y * 240 / height) + grain) << 8 |
                             (static_cast<std::uint32_t>((x + y) * 240 / (width + height)) + grain));
        }
    return pixels;
}

void by_table(benchmark::State& state) {
    const ColourTable table = *screen_table(profile());
    const std::vector<std::uint32_t> from = seen();
    std::vector<std::uint32_t> to = from;
    for (auto _ : state) {
        std::ranges::copy(from, to.begin());
        table.apply(to);
        benchmark::DoNotOptimize(to.data());
    }
}

void by_little_cms(benchmark::State& state) {
    const QByteArray bytes = profile();
    cmsHPROFILE screen = cmsOpenProfileFromMem(bytes.constData(), static_cast<cmsUInt32Number>(bytes.size()));
    cmsHPROFILE srgb = cmsCreate_sRGBProfile();
    cmsHTRANSFORM way = cmsCreateTransform(srgb, TYPE_BGRA_8, screen, TYPE_BGRA_8, INTENT_RELATIVE_COLORIMETRIC, 0);
    const std::vector<std::uint32_t> from = seen();
    std::vector<std::uint32_t> to = from;
    for (auto _ : state) {
        std::ranges::copy(from, to.begin());
        cmsDoTransform(way, to.data(), to.data(), static_cast<cmsUInt32Number>(to.size()));
        benchmark::DoNotOptimize(to.data());
    }
    cmsDeleteTransform(way);
    cmsCloseProfile(srgb);
    cmsCloseProfile(screen);
}

BENCHMARK(by_table)->Unit(benchmark::kMillisecond)->UseRealTime();
BENCHMARK(by_little_cms)->Unit(benchmark::kMillisecond)->UseRealTime();

} // namespace
} // namespace fusuma

int main(int argc, char** argv) {
    return fusuma::bench::run(argc, argv, "screen-colours-over-lcms", "by_table", "by_little_cms");
}
