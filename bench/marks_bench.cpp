// Finding five marks on a 300 dpi scan of an A4 sheet full of art, beside one adaptive threshold and connected
// components by OpenCV on the same picture; and how long a thousand slips of a full sheet take.

#include "bench/ratio.h"
#include "core/registration/locate.h"
#include "core/rehearsal/slip.h"
#include "devices/practice/practice_sheet.h"
#include "tests/support/samples.h"

#include <QGuiApplication>
#include <QPainter>
#include <chrono>
#include <opencv2/imgproc.hpp>
#include <random>

namespace fusuma {
namespace {

const std::vector<Mark> marks = marks_on({210, 297}, {});

const Scan& scan() {
    static const Scan made = [] {
        constexpr double px = 300 / 25.4;
        QImage sheet(qRound(210 * px), qRound(297 * px), QImage::Format_RGB32);
        sheet.setDotsPerMeterX(qRound(1000 * px));
        sheet.fill(Qt::white);
        QPainter painter(&sheet);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.scale(px, px);
        painter.setPen(Qt::NoPen);
        std::mt19937 numbers(4);
        for (int i = 0; i < 400; ++i) {
            painter.setBrush(
                QColor::fromHsv(static_cast<int>(numbers() % 360), 200, static_cast<int>(numbers() % 256)));
            const auto below = [&numbers](int most) {
                return static_cast<double>(numbers() % static_cast<unsigned>(most));
            };
            painter.drawEllipse(QPointF(30 + below(150), 30 + below(237)), 1 + below(9), 1 + below(9));
        }
        painter.setBrush(Qt::black);
        for (const Mark& mark : marks)
            painter.drawEllipse(QPointF(mark.centre.x, mark.centre.y), mark.radius, mark.radius);
        painter.end();
        return practice_scan(sheet, {210, 297}, marks, {}, {{1.5, -1}, 0.02});
    }();
    return made;
}

void find(benchmark::State& state) {
    (void)scan();
    for (auto _ : state)
        if (!locate(marks, find_spots(scan(), marks)).accepted)
            state.SkipWithError("not found");
}

void opencv(benchmark::State& state) {
    const cv::Mat grey(scan().height, scan().width, CV_8UC1, const_cast<std::uint8_t*>(scan().grey.data()));
    cv::setNumThreads(1);
    for (auto _ : state) {
        cv::Mat dark, labels, statistics, centres;
        cv::adaptiveThreshold(grey, dark, 255, cv::ADAPTIVE_THRESH_MEAN_C, cv::THRESH_BINARY_INV, 151, 40);
        benchmark::DoNotOptimize(cv::connectedComponentsWithStats(dark, labels, statistics, centres));
    }
}

BENCHMARK(find)->Unit(benchmark::kMillisecond);
BENCHMARK(opencv)->Unit(benchmark::kMillisecond);

} // namespace
} // namespace fusuma

int main(int argc, char** argv) {
    using namespace fusuma;
    qputenv("QT_QPA_PLATFORM", "offscreen");
    const QGuiApplication application(argc, argv);
    const int code = bench::run(argc, argv, "marks-over-opencv", "find", "opencv");
    Document document = test::disc_document({});
    for (int i = 0; i < 40; ++i)
        document.put(
            {.sticker = 1, .centre = {25.0 + 40 * (i % 5), 25.0 + 35 * (i / 5)}, .turn = 0.1 * i, .scale = 0.9});
    Planner evaluator;
    const auto plan = evaluator.plan(document);
    const auto start = std::chrono::steady_clock::now();
    const SlipSheet sheet(*plan, 0, evaluator);
    const auto made = std::chrono::steady_clock::now();
    (void)sheet.chances({1.5, 0.005}, 1000, 1); // slips that matter: most need a look at every sample
    const auto done = std::chrono::steady_clock::now();
    std::printf("1000 slips of 40 copies: %.2f s, after %.2f s for the distances\n",
                std::chrono::duration<double>(done - made).count(),
                std::chrono::duration<double>(made - start).count());
    return code;
}
