// Many photographs on a sheet: 25 JPEG files of 12 megapixels with a bleed, worked out as `check` does and written as a
// PDF, beside libjpeg-turbo decoding the same files one after the other. And what the PDF weighs beside them.
//
// usage: bench-photographs [--cut-out]    art on a white ground in place of whole pictures

#include "bench/figure.h"
#include "core/plan/planner.h"
#include "core/preflight/preflight.h"
#include "formats/pdf/pdf_write.h"
#include "formats/picture/picture_read.h"
#include "formats/room/room.h"

#include <QBuffer>
#include <QCoreApplication>
#include <QImage>
#include <chrono>
#include <cmath>
#include <cstdio> // before jpeglib.h, which needs it
#include <cstring>
#include <jpeglib.h>
#include <random>
#include <sys/resource.h>

namespace {

using namespace fusuma;

/// Waves of colour with forty discs, as JPEG.
QByteArray photograph(unsigned seed, bool is_cut_out) {
    constexpr int width = 4000, height = 3000;
    std::mt19937 random(seed);
    const auto u = [&random] { return std::uniform_real_distribution<>(0, 1)(random); };
    const double a = 6 * u(), b = 6 * u();
    struct Disc {
        double x, y, r;
        int colour[3];
    };
    std::vector<Disc> discs;
    for (int i = 0; i < 40; ++i)
        discs.push_back({u() * width, u() * height, 80 + 400 * u(), {int(255 * u()), int(255 * u()), int(255 * u())}});
    QImage image(width, height, QImage::Format_RGB888);
    for (int y = 0; y < height; ++y) {
        uchar* p = image.scanLine(y);
        for (int x = 0; x < width; ++x, p += 3) {
            p[0] = static_cast<uchar>(128 + 100 * std::sin(x * 0.0011 + a));
            p[1] = static_cast<uchar>(128 + 100 * std::sin(y * 0.0013 + b));
            p[2] = static_cast<uchar>(128 + 100 * std::sin((x + y) * 0.0009));
            const auto squared_to = [x, y](double to_x, double to_y) {
                return (to_x - x) * (to_x - x) + (to_y - y) * (to_y - y);
            };
            for (const Disc& disc : discs)
                if (squared_to(disc.x, disc.y) < disc.r * disc.r)
                    std::copy_n(disc.colour, 3, p);
            if (is_cut_out) {
                const double turn = std::atan2(y - height / 2.0, x - width / 2.0);
                const double edge = 1100 + 250 * std::sin(5 * turn + a);
                if (squared_to(width / 2.0, height / 2.0) > edge * edge)
                    std::fill_n(p, 3, 250);
            }
        }
    }
    QByteArray file;
    QBuffer buffer(&file);
    image.save(&buffer, "JPEG", 80);
    return file;
}

std::size_t decoded(const QByteArray& file) {
    jpeg_decompress_struct info;
    jpeg_error_mgr errors;
    info.err = jpeg_std_error(&errors);
    jpeg_create_decompress(&info);
    jpeg_mem_src(&info, reinterpret_cast<const unsigned char*>(file.constData()),
                 static_cast<unsigned long>(file.size()));
    jpeg_read_header(&info, TRUE);
    jpeg_start_decompress(&info);
    std::vector<JSAMPLE> pixels(std::size_t{3} * info.output_width * info.output_height);
    while (info.output_scanline < info.output_height) {
        JSAMPROW row = pixels.data() + std::size_t{3} * info.output_width * info.output_scanline;
        jpeg_read_scanlines(&info, &row, 1);
    }
    jpeg_finish_decompress(&info);
    jpeg_destroy_decompress(&info);
    return pixels.size();
}

template <typename Step> double seconds(Step&& step) {
    const auto start = std::chrono::steady_clock::now();
    step();
    return std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
}

} // namespace

int main(int argc, char** argv) {
    const QCoreApplication application(argc, argv);
    const bool is_cut_out = argc > 1 && std::strcmp(argv[1], "--cut-out") == 0;
    room::prepare();
    Pixels::keep_within(384 << 20);
    constexpr int count = 25, columns = 5;
    Document document;
    document.sheet.paper = {297, 420};
    std::vector<QByteArray> files;
    double bytes = 0;
    for (int i = 0; i < count; ++i) {
        files.push_back(photograph(static_cast<unsigned>(i), is_cut_out));
        bytes += static_cast<double>(files.back().size());
        const auto picture = read_picture(files.back(), QStringLiteral("photograph.jpg"));
        if (!picture)
            return 1;
        Sticker sticker = new_sticker(PictureArtwork{*picture});
        sticker.background.source = is_cut_out ? Source::colour : Source::alpha;
        sticker.width = 50;
        sticker.border.width = is_cut_out ? 2 : 0;
        sticker.bleed = {Bleed::Kind::art, 2};
        document = with_sticker_added(std::move(document), std::move(sticker));
        document.put({.sticker = i + 1, .centre = {35.0 + i % columns * 57, 40.0 + i / columns * 60}});
    }
    std::size_t pixels = 0;
    const double reference = seconds([&] {
        for (const QByteArray& file : files)
            pixels += decoded(file);
    });
    Planner planner;
    std::shared_ptr<const JobPlan> plan;
    const double check = seconds([&] {
        plan = planner.plan(document);
        static_cast<void>(preflight(document, planner));
    });
    std::string pdf;
    const double write = seconds([&] { pdf = print_pdf(*plan); });
    rusage used{};
    getrusage(RUSAGE_SELF, &used);
    std::printf(
        "%zu MB of pixels decoded by libjpeg-turbo: %.2f s; worked out and checked %.2f s, written %.2f s; at most "
        "%.0f MB, PDF %.1f MB of files of %.1f MB\n",
        pixels >> 20, reference, check, write, static_cast<double>(used.ru_maxrss) / 1024,
        static_cast<double>(pdf.size()) / 1e6, bytes / 1e6);
    const auto tell = [is_cut_out](const char* name, const char* name_cut_out, double ratio) {
        bench::tell(is_cut_out ? name_cut_out : name, ratio);
    };
    tell("photographs-checked-over-jpeg", "cut-outs-checked-over-jpeg", check / reference);
    tell("photographs-written-over-jpeg", "cut-outs-written-over-jpeg", write / reference);
    tell("photographs-pdf-over-files", "cut-outs-pdf-over-files", static_cast<double>(pdf.size()) / bytes);
    return 0;
}
