// Sixty brush strokes on a picture of 24 megapixels, each worked out in full as after every stroke in the window: what
// is remembered must stay within its budget, strokes must not take longer for those before them, and each must be seen
// at once.

#include "bench/figure.h"
#include "core/plan/planner.h"
#include "tests/support/exact_coverage.h"

#include <chrono>
#include <cstdio>
#include <optional>
#include <sys/resource.h>

namespace {

using namespace fusuma;

double now() {
    return std::chrono::duration<double>(std::chrono::steady_clock::now().time_since_epoch()).count();
}

/// @param ground  what is behind the art, 0 to 255; clear without
std::shared_ptr<const Picture> picture(std::optional<int> ground = {}) {
    const Coverage coverage = test::exact_coverage({test::ellipse({3000, 2000}, 2600, 1700)}, 6000, 4000);
    auto made = std::make_shared<Picture>();
    Image pixels(coverage.width, coverage.height);
    for (std::size_t i = 0; i < coverage.values.size(); ++i) {
        std::uint8_t* const px = &pixels.rgba[4 * i];
        px[0] = 200;
        px[3] = coverage.values[i];
        for (int k = 0; ground && k < 3; ++k)
            px[k] = static_cast<std::uint8_t>((px[k] * px[3] + *ground * (255 - px[3])) / 255);
        if (ground)
            px[3] = 255;
    }
    made->pixels = std::move(pixels);
    return made;
}

/// How long after strokes that say what belongs to a subject its preview is there, in the mean.
double subject_preview_seconds() {
    constexpr int strokes = 10;
    Sticker s = new_sticker(PictureArtwork{picture(240)});
    s.background.source = Source::subject;
    Planner planner;
    static_cast<void>(planner.preview(s)); // the window has shown one before
    const double begin = now();
    for (int i = 0; i < strokes; ++i) {
        const auto kind = i % 2 == 0 ? Stroke::Kind::foreign : Stroke::Kind::belongs;
        s.background.strokes.push_back({kind, 60, 0.8, {{5500, 1900.0 + 10 * i}, {5600, 2000}}});
        static_cast<void>(planner.preview(s));
    }
    return (now() - begin) / strokes;
}

} // namespace

int main() {
    constexpr int strokes = 60;
    Sticker s = new_sticker(PictureArtwork{picture()});
    Planner planner;
    Document document = with_sticker_added({}, s);
    document.put({.sticker = 1, .centre = {105, 150}});
    double shown = 0; // seconds from strokes to their previews, in all
    const auto stroke = [&](int i) {
        Sticker next = *document.find(1);
        // To and fro over one place of the edge, so that the outline, and with it the border's work, stays what it is.
        const auto kind = i % 2 == 0 ? Stroke::Kind::erase : Stroke::Kind::add;
        next.background.strokes.push_back({kind, 60, 0.8, {{5500, 1900}, {5600, 2000}}});
        document = with_sticker_changed(std::move(document), std::move(next));
        const double begin = now();
        static_cast<void>(planner.preview(*document.find(1)));
        const double seen = now();
        shown += seen - begin;
        static_cast<void>(planner.plan(document));
        return now() - seen;
    };
    const double first = stroke(0);
    double slowest = 0, sum = 0;
    std::size_t most = planner.bytes_remembered();
    for (int i = 1; i < strokes; ++i) {
        const double seconds = stroke(i);
        slowest = std::max(slowest, seconds);
        sum += seconds;
        most = std::max(most, planner.bytes_remembered());
    }
    rusage usage{};
    getrusage(RUSAGE_SELF, &usage);
    const double mib = 1 << 20, budget = static_cast<double>(usual_budget());
    const double mean = sum / (strokes - 1);
    std::printf("first stroke %.2f s, mean of the others %.2f s (%.2f of the first), slowest %.2f s\n", first, mean,
                mean / first, slowest);
    std::printf("remembered at most %.0f MiB of %.0f MiB; the process took %.0f MiB at most\n",
                static_cast<double>(most) / mib, budget / mib, static_cast<double>(usage.ru_maxrss) / 1024);
    constexpr double at_once = 0.06; // s: what the hand takes for one movement
    const double of_subject = subject_preview_seconds();
    std::printf("a stroke's preview after %.1f ms, of a subject after %.1f ms\n", 1000 * shown / strokes,
                1000 * of_subject);
    bench::tell("stroke-preview-over-60ms", shown / strokes / at_once);
    bench::tell("subject-stroke-preview-over-60ms", of_subject / at_once);
    bench::tell("remembered-over-budget", static_cast<double>(most) / budget);
    bench::tell("later-strokes-over-first", mean / first);
    return 0;
}
