// What takes long on large pictures and pages, on all cores beside the same on one. Ratios are one core's time by the
// cores there are over the time on all of them: 1 is perfect, on two cores 0.5 would be none gained.

#include "bench/drawn_page.h"
#include "bench/figure.h"
#include "core/fill/fill.h"
#include "core/raster/continued.h"
#include "core/raster/light.h"
#include "core/raster/mask.h"
#include "core/trace/trace.h"

#include <opencv2/core/utility.hpp>

#include <algorithm>
#include <functional>
#include <sched.h>
#include <string>
#include <sys/wait.h>
#include <thread>
#include <unistd.h>

namespace {

using namespace fusuma;

constexpr int width = 5100, height = 6600; // as the page

enum class Ground { none, even, darker_to_the_right };

/// The page in colour, with grain, on cream.
const Image& picture(Ground of) {
    const auto painted = [](Ground ground_is) {
        const bool with_ground = ground_is != Ground::none;
        Image image(width, height);
        unsigned grain = 1;
        for (int y = 0; y < height; ++y)
            for (int x = 0; x < width; ++x) {
                const int alpha = bench::drawn_page().row(y)[x];
                std::uint8_t* pixel =
                    &image.rgba[4 * (static_cast<std::size_t>(y) * width + static_cast<std::size_t>(x))];
                const int art[3] = {x / 20, y / 26, (x + y) / 46}, ground[3] = {244, 240, 230};
                grain = grain * 1664525 + 1013904223;
                for (int k = 0; k < 3; ++k) {
                    const int mixed = with_ground ? (art[k] * alpha + ground[k] * (255 - alpha)) / 255 : art[k];
                    const double light = ground_is == Ground::darker_to_the_right ? 1 - 0.3 * x / width : 1;
                    pixel[k] = static_cast<std::uint8_t>(
                        std::clamp(mixed * light + static_cast<double>(grain >> 30), 0.0, 255.0));
                }
                pixel[3] = static_cast<std::uint8_t>(with_ground ? 255 : alpha);
            }
        return image;
    };
    static const Image all[] = {painted(Ground::none), painted(Ground::even), painted(Ground::darker_to_the_right)};
    return all[static_cast<int>(of)];
}

/// On one core only, in a copy of this program, which none of its threads is part of.
double seconds_on_one(const std::function<void()>& work) {
    int ends[2];
    if (pipe(ends) != 0)
        return HUGE_VAL;
    const pid_t copy = fork();
    if (copy == 0) {
        cpu_set_t one;
        CPU_ZERO(&one);
        CPU_SET(sched_getcpu(), &one);
        sched_setaffinity(0, sizeof one, &one);
        cv::setNumThreads(1);
        const double took = bench::best_seconds(work);
        _exit(write(ends[1], &took, sizeof took) == sizeof took ? 0 : 1);
    }
    close(ends[1]);
    double took = HUGE_VAL;
    if (read(ends[0], &took, sizeof took) != sizeof took)
        took = HUGE_VAL;
    close(ends[0]);
    waitpid(copy, nullptr, 0);
    return took;
}

void compare(const char* name, const std::function<void()>& work) {
    const unsigned cores = std::thread::hardware_concurrency();
    const double all = bench::best_seconds(work), one = seconds_on_one(work);
    std::printf("%s: %.2f s on %u cores, %.2f s on one: %.2f times as fast\n", name, all, cores, one, one / all);
    bench::tell(name, all * cores / one);
}

} // namespace

int main() {
    compare("cores-tracing", [] { static_cast<void>(trace(bench::drawn_page(), {})); });
    compare("cores-colour-parting", [] {
        BackgroundSettings by_colour;
        by_colour.source = Source::colour;
        const Image& image = picture(Ground::even);
        static_cast<void>(isolated(image, mask_of(image, cut_out(image, offer(image, by_colour).settings))));
    });
    compare("cores-even-light", [] {
        const Image& image = picture(Ground::darker_to_the_right);
        static_cast<void>(evened(image, light_on(image)));
    });
    compare("cores-bleed", [] { static_cast<void>(continued(picture(Ground::none), 24)); });
    FillTask task{.zone = {corners_of({{8, 8}, {202, 289}})}, .way = FillWay::turned, .turns = Turns::quarters};
    for (const double size : {30.0, 24.0, 18.0})
        task.items.push_back({.outline = {test::star({0, 0}, 5, size / 2, size / 4, 0.1)}, .wanted = -1});
    task.rounds = 100;
    compare("cores-filling", [&] { static_cast<void>(fill(task)); });
    return 0;
}
