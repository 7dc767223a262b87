// Drawings opened beside librsvg's own render of the same files at 2000 px: how long both take, and how far what we
// made of them differs from it.
//
// usage: bench-drawings [--plain] SVG...      (--plain: their shapes alone, without gradients and transparency)

#include "bench/figure.h"
#include "formats/basics/file.h"
#include "reading/drawing/decode_drawing.h"
#include "tests/support/drawing_truth.h"

#include <QString>
#include <chrono>
#include <cmath>
#include <cstdio>
#include <cstring>

int main(int argc, char** argv) {
    using namespace fusuma;
    using Clock = std::chrono::steady_clock;
    const auto seconds = [](Clock::time_point from) {
        return std::chrono::duration<double>(Clock::now() - from).count();
    };
    double ours = 0, theirs = 0, area = 0, colour = 0;
    int read = 0, over = 0;
    std::printf(
        "| drawing | parts | area differs %% | colour differs | ours s | librsvg s |\n|---|---|---|---|---|---|\n");
    const bool is_plain = argc > 1 && std::strcmp(argv[1], "--plain") == 0;
    for (int i = is_plain ? 2 : 1; i < argc; ++i) {
        auto file = read_file(argv[i], largest_drawing_bytes);
        if (!file)
            continue;
        if (is_plain)
            *file = test::plain_shapes(*file);
        auto start = Clock::now();
        auto drawing = decode_drawing(*file, argv[i]);
        const double took = seconds(start);
        if (!drawing) {
            std::printf("| %s | %s |\n", argv[i], drawing.problem().english().c_str());
            continue;
        }
        const Size size = drawing->size;
        const int w = size.width >= size.height ? 2000 : static_cast<int>(std::lround(2000 * size.width / size.height));
        const Image picture = test::drawn_by_cairo(*drawing_of(*drawing, argv[i], nullptr), w);
        start = Clock::now();
        const Image truth = test::rendered(*file, picture.width, picture.height);
        const double took_theirs = seconds(start);
        const test::PictureDifference d = test::difference(picture, truth);
        std::printf("| %s | %zu | %.3f | %.2f | %.3f | %.3f |\n", argv[i], drawing->parts.size(), 100 * d.area,
                    d.colour, took, took_theirs);
        ours += took;
        theirs += took_theirs;
        area += d.area;
        colour += d.colour;
        over += d.area > 0.002;
        ++read;
    }
    if (read == 0)
        return 2;
    std::printf("%d drawings: mean area %.3f %%, over 0.2 %%: %d, mean colour %.2f\n", read, 100 * area / read, over,
                colour / read);
    bench::tell("drawings-over-librsvg", ours / theirs);
    return 0;
}
