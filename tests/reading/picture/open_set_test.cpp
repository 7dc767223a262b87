// Subjects and uneven light with pictures of things that are not ours: the scalable icons of the Tango project
// (Debian's tango-icon-theme, public domain), drawn by librsvg, whose alpha is the truth.

#include "core/raster/subject.h"
#include "core/raster/touch_up.h"
#include "core/steps/isolation.h"
#include "formats/basics/file.h"
#include "reading/picture/decode_picture.h"
#include "tests/support/drawing_truth.h"

#include <QBuffer>
#include <QDirIterator>
#include <QImage>
#include <gtest/gtest.h>
#include <iostream>
#include <random>

namespace fusuma {
namespace {

constexpr int side = 360, room = 480; // px of a thing, and of the picture that it is on

/// Every twentieth icon or so, the same every time.
std::vector<Image> things(std::size_t count) {
    QStringList all;
    for (QDirIterator it(QStringLiteral("/usr/share/icons/Tango/scalable"), {QStringLiteral("*.svg")}, QDir::Files,
                         QDirIterator::Subdirectories);
         it.hasNext();)
        if (const QString path = it.next(); !QFileInfo(path).isSymLink())
            all << path;
    all.sort();
    EXPECT_GE(all.size(), 200);
    std::vector<Image> drawn;
    for (std::size_t i = 0; i < count; ++i) {
        const auto file =
            read_file(all[static_cast<qsizetype>((37 * i + 5) % static_cast<std::size_t>(all.size()))], 1 << 22);
        EXPECT_TRUE(file);
        drawn.push_back(test::rendered(*file, side, side));
    }
    return drawn;
}

/// What lies on a ground as a camera's JPEG has it, and where it does: more than half covered, shadows that the icons
/// have left out.
struct OnGround {
    Image image;
    std::vector<bool> truth;
    PixelBox box; ///< round it
};
template <typename Ground> OnGround laid_on(const Image& thing, Ground&& ground_at) {
    OnGround result{Image(room, room), std::vector<bool>(room * room), {room, room, 0, 0}};
    int right = 0, low = 0;
    for (int y = 0; y < room; ++y)
        for (int x = 0; x < room; ++x) {
            const int u = x - (room - side) / 2, v = y - (room - side) / 2;
            const bool is_in = u >= 0 && v >= 0 && u < side && v < side;
            const std::uint8_t* px = is_in ? thing.rgba.data() + 4 * (v * side + u) : nullptr;
            const double alpha = is_in ? px[3] / 255.0 : 0;
            const auto [ground, light] = ground_at(x, y);
            for (std::size_t k = 0; k < 3; ++k) {
                const double ink = is_in ? px[k] : 0;
                result.image.rgba[4 * static_cast<std::size_t>(y * room + x) + k] =
                    static_cast<std::uint8_t>(std::clamp(light * (alpha * ink + (1 - alpha) * ground[k]), 0.0, 255.0));
            }
            result.image.rgba[4 * static_cast<std::size_t>(y * room + x) + 3] = 255;
            if (alpha > 0.5) {
                result.truth[static_cast<std::size_t>(y * room + x)] = true;
                result.box.x = std::min(result.box.x, x);
                result.box.y = std::min(result.box.y, y);
                right = std::max(right, x + 1);
                low = std::max(low, y + 1);
            }
        }
    result.box.width = right - result.box.x;
    result.box.height = low - result.box.y;
    const QImage seen(result.image.rgba.data(), room, room, QImage::Format_RGBA8888);
    QByteArray jpeg;
    QBuffer buffer(&jpeg);
    seen.convertToFormat(QImage::Format_RGB32).save(&buffer, "JPEG", 88);
    const auto read = decode_picture(jpeg, QStringLiteral("photo.jpg"));
    EXPECT_TRUE(read);
    result.image = *(*read)->pixels.get();
    return result;
}

double overlap_of(const Coverage& coverage, const std::vector<bool>& truth) {
    double both = 0, either = 0;
    for (std::size_t i = 0; i < truth.size(); ++i) {
        const bool ours = coverage.values[i] > 127;
        both += ours && truth[i];
        either += ours || truth[i];
    }
    return either > 0 ? both / either : 0;
}

TEST(OpenSet, SubjectsComeOutOfBusyGroundsByABox) {
    const char* asked = std::getenv("FUSUMA_PHOTOS");
    const std::size_t count = asked ? static_cast<std::size_t>(std::atoi(asked)) : 6;
    std::size_t right = 0, done = 0;
    for (const Image& thing : things(count)) {
        std::mt19937 numbers(static_cast<unsigned>(done));
        const double turn = static_cast<double>(numbers() % 314) / 100;
        const auto ground = [&](int x, int y) {
            const double along = x * std::cos(turn) + y * std::sin(turn);
            const double grain = 18 * std::sin(along / 7) + 10 * std::sin(y / 3.1 + x / 17.0) + double(numbers() % 9);
            return std::pair{std::array{150 + grain, 110 + grain, 75 + grain}, 1.0};
        };
        const OnGround lies = laid_on(thing, ground);
        const PixelBox around{lies.box.x - 12, lies.box.y - 12, lies.box.width + 24, lies.box.height + 24};
        const double overlap = overlap_of(subject_of(lies.image, around, {}).coverage, lies.truth);
        std::cout << "thing " << done << ": " << overlap << '\n';
        ++done;
        right += overlap > 0.97;
    }
    EXPECT_GE(right * 10, done * 8);
}

TEST(OpenSet, ThingsOnPaperInUnevenLightAreThemselves) {
    const char* asked = std::getenv("FUSUMA_PHOTOS");
    const std::size_t count = asked ? static_cast<std::size_t>(std::atoi(asked)) : 6;
    std::size_t right = 0, done = 0;
    for (const Image& thing : things(count)) {
        std::mt19937 numbers(static_cast<unsigned>(done) + 50);
        const double turn = static_cast<double>(numbers() % 628) / 100;
        const double soft = done % 3 == 1 ? 4 : 120; // px
        const auto paper = [&](int x, int y) {
            const double along = (x - room / 2) * std::cos(turn) + (y - room / 2) * std::sin(turn);
            const double light = 0.78 - 0.25 * std::tanh(along / soft);
            const double grain = double(numbers() % 5);
            return std::pair{std::array{244 + grain, 242 + grain, 236 + grain}, light};
        };
        const OnGround lies = laid_on(thing, paper);
        const auto picture = std::make_shared<Picture>();
        picture->pixels = lies.image;
        BackgroundSettings settings;
        settings.fill_inside = true;
        const Isolation isolation = isolate(lit({picture}, {}, light_task(settings)), settings);
        Coverage whole(room, room); // what the thing encloses belongs to it
        for (std::size_t i = 0; i < lies.truth.size(); ++i)
            whole.values[i] = lies.truth[i] ? 255 : 0;
        fill_inside(whole);
        std::vector<bool> truth;
        for (const std::uint8_t value : whole.values)
            truth.push_back(value > 127);
        const double overlap = overlap_of(isolation.coverage(), truth);
        std::cout << "thing " << done << ": " << overlap << ' ' << isolation.why << '\n';
        ++done;
        right += overlap > 0.97;
    }
    EXPECT_GE(right * 10, done * 9);
}

} // namespace
} // namespace fusuma
