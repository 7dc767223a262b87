// A drawing of 5 MB with 5,000 parts opened, beside librsvg's own render of it at the size it states.

#include <librsvg/rsvg.h>

#include "bench/ratio.h"
#include "reading/svg/svg_read.h"

#include <cmath>
#include <random>
#include <string>

namespace {

const std::string& drawing() {
    static const std::string text = [] {
        std::mt19937 random(3);
        std::uniform_real_distribution<double> place(0, 1900), size(8, 30), wobble(0.7, 1.3);
        std::string svg =
            R"(<svg xmlns="http://www.w3.org/2000/svg" width="2000" height="2000"><style>.a{fill:#2d6f8e}.b{fill:#e58a4e}</style>)";
        char piece[200];
        for (int i = 0; i < 5000; ++i) {
            const double x = place(random), y = place(random), r = size(random);
            svg += i % 50 == 0 ? (i ? "</g><g id=\"layer" : "<g id=\"layer") + std::to_string(i / 50) + "\">" : "";
            svg += std::string("<path class=\"") + (i % 2 ? "a" : "b") + "\" d=\"";
            constexpr int nodes = 20;
            for (int k = 0; k <= nodes; ++k) {
                const double a = 6.28318 * k / nodes, b = r * wobble(random);
                if (k == 0)
                    std::snprintf(piece, sizeof piece, "M%.4f %.4f", x + b * std::cos(a), y + b * std::sin(a));
                else
                    std::snprintf(piece, sizeof piece, "C%.4f %.4f %.4f %.4f %.4f %.4f", x + b * std::cos(a - 0.2),
                                  y + b * std::sin(a - 0.2), x + b * std::cos(a - 0.1), y + b * std::sin(a - 0.1),
                                  x + b * std::cos(a), y + b * std::sin(a));
                svg += piece;
            }
            svg += "Z\"/>";
        }
        return svg + "</g></svg>";
    }();
    return text;
}

void drawing_opened(benchmark::State& state) {
    const QByteArray bytes = QByteArray::fromStdString(drawing());
    for (auto _ : state)
        benchmark::DoNotOptimize(fusuma::read_svg(bytes)->parts.size());
    state.counters["MB"] = static_cast<double>(bytes.size()) / 1e6;
}
BENCHMARK(drawing_opened)->Unit(benchmark::kMillisecond)->UseRealTime();

void librsvg_renders(benchmark::State& state) {
    const std::string& text = drawing();
    for (auto _ : state) {
        GInputStream* stream =
            g_memory_input_stream_new_from_data(text.data(), static_cast<gssize>(text.size()), nullptr);
        RsvgHandle* handle =
            rsvg_handle_new_from_stream_sync(stream, nullptr, RSVG_HANDLE_FLAG_UNLIMITED, nullptr, nullptr);
        g_object_unref(stream);
        cairo_surface_t* surface = cairo_image_surface_create(CAIRO_FORMAT_ARGB32, 2000, 2000);
        cairo_t* cairo = cairo_create(surface);
        const RsvgRectangle viewport{0, 0, 2000, 2000};
        rsvg_handle_render_document(handle, cairo, &viewport, nullptr);
        cairo_destroy(cairo);
        cairo_surface_destroy(surface);
        g_object_unref(handle);
    }
}
BENCHMARK(librsvg_renders)->Unit(benchmark::kMillisecond)->UseRealTime();

} // namespace

int main(int argc, char** argv) {
    return fusuma::bench::run(argc, argv, "opening-over-librsvg", "drawing_opened", "librsvg_renders");
}
