// What the reading room costs: an ordinary PNG (1200 × 900) read through it, beside the same decoded here by the same
// libraries, and the memory that both take at their fullest.
//
// usage: bench-room            times and their ratio
//        bench-room --memory here|room    the most memory in use while a PNG of 24 megapixels is read, MB

#include "bench/ratio.h"
#include "formats/picture/picture_read.h"
#include "formats/room/room.h"
#include "reading/picture/decode_picture.h"

#include <QBuffer>
#include <QCoreApplication>
#include <QFile>
#include <QImage>
#include <chrono>
#include <cstdio>
#include <cstring>
#include <random>
#include <sys/resource.h>
#include <sys/wait.h>
#include <thread>
#include <unistd.h>

namespace {

/// A painting of patches and grain, as PNG.
QByteArray painting(int width, int height) {
    QImage image(width, height, QImage::Format_RGBA8888);
    std::mt19937 random(4);
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x) {
            const int patch = (x / 60 * 37 + y / 45 * 91) % 200, grain = static_cast<int>(random() % 6);
            image.setPixelColor(x, y, QColor(patch + grain, 220 - patch, 90 + grain, 255));
        }
    QByteArray png;
    QBuffer buffer(&png);
    image.save(&buffer, "PNG");
    return png;
}

const QByteArray ordinary = painting(1200, 900); // before anything is measured

/// Between two files a person does something else: a reader waits ready by then, and nothing is warm.
void rest(benchmark::State& state) {
    state.PauseTiming();
    std::this_thread::sleep_for(std::chrono::milliseconds(300));
    state.ResumeTiming();
}

void read_in_the_room(benchmark::State& state) {
    fusuma::room::prepare();
    for (auto _ : state) {
        rest(state);
        benchmark::DoNotOptimize((*fusuma::read_picture(ordinary, "painting.png"))->pixels.get()->rgba.data());
    }
}
BENCHMARK(read_in_the_room)->Unit(benchmark::kMillisecond)->UseRealTime()->Iterations(30);

void read_here(benchmark::State& state) {
    for (auto _ : state) {
        rest(state);
        benchmark::DoNotOptimize((*fusuma::decode_picture(ordinary, "painting.png"))->pixels.get()->rgba.data());
    }
}
BENCHMARK(read_here)->Unit(benchmark::kMillisecond)->UseRealTime()->Iterations(30);

double most_mb(int who) {
    rusage used{};
    getrusage(who, &used);
    return static_cast<double>(used.ru_maxrss) / 1024;
}

int memory(const char* where) {
    // Made by another program, so that making it does not count.
    const QString path = QStringLiteral("/tmp/fusuma-bench-painting.png");
    if (const pid_t child = ::fork(); child == 0) {
        QFile file(path);
        const bool is_open = file.open(QIODevice::WriteOnly);
        std::_Exit(is_open && file.write(painting(6000, 4000)) > 0 ? 0 : 1);
    } else {
        ::waitpid(child, nullptr, 0);
    }
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly))
        return 1;
    const QByteArray large = file.readAll();
    file.remove();
    const double before = most_mb(RUSAGE_SELF);
    const bool is_room = std::strcmp(where, "room") == 0;
    std::size_t bytes = 0;
    if (is_room) {
        const auto picture = fusuma::read_picture(large, "painting.png");
        bytes = (*picture)->pixels.get()->rgba.size();
        const volatile std::uint8_t* data = (*picture)->pixels.get()->rgba.data();
        for (std::size_t i = 0; i < bytes; i += 4096) // what is only mapped is not there yet
            static_cast<void>(data[i]);
    } else {
        bytes = (*fusuma::decode_picture(large, "painting.png"))->pixels.get()->rgba.size();
    }
    std::printf("%s: pixels %.0f MB, this program %.0f MB more than before, reader %.0f MB at its fullest\n", where,
                static_cast<double>(bytes) / 1e6, most_mb(RUSAGE_SELF) - before,
                is_room ? most_mb(RUSAGE_CHILDREN) : 0);
    return 0;
}

} // namespace

int main(int argc, char** argv) {
    const QCoreApplication application(argc, argv);
    if (argc == 3 && std::strcmp(argv[1], "--memory") == 0)
        return memory(argv[2]);
    return fusuma::bench::run(argc, argv, "room-over-reading-here", "read_in_the_room", "read_here");
}
