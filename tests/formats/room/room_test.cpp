// The reading room from outside: whatever becomes of the reader, there is a value or one sentence.

#include "formats/room/room.h"

#include "formats/basics/file.h"
#include "formats/picture/picture_read.h"
#include "tests/support/samples.h"
#include "tests/support/shortest.h"

#include <QBuffer>
#include <QImage>
#include <QTemporaryDir>
#include <chrono>
#include <dirent.h>
#include <gmock/gmock.h>
#include <random>
#include <sys/stat.h>
#include <thread>

namespace fusuma {
namespace {

using testing::HasSubstr;
using Clock = std::chrono::steady_clock;

double seconds_since(Clock::time_point from) {
    return std::chrono::duration<double>(Clock::now() - from).count();
}

/// A drawing that its renderer works on for a long while.
QByteArray slow_drawing() {
    return R"svg(<svg xmlns="http://www.w3.org/2000/svg" width="500mm" height="500mm"><filter id="f"><feTurbulence
        baseFrequency=".01" numOctaves="2000"/></filter><rect width="1800" height="1800" filter="url(#f)"/></svg>)svg";
}

/// What runs under that name as children of this program.
std::vector<pid_t> readers(const QByteArray& name = "(fusuma-reads)") {
    std::vector<pid_t> all;
    DIR* folder = ::opendir("/proc");
    while (const dirent* one = ::readdir(folder)) {
        const QString at = QStringLiteral("/proc/") + QLatin1String(one->d_name);
        QFile file(at + QStringLiteral("/stat"));
        if (!file.open(QIODevice::ReadOnly))
            continue;
        const QList<QByteArray> words = file.readAll().split(' ');
        if (words.size() > 3 && words[1] == name && words[2] != "Z" && words[3].toInt() == ::getpid())
            all.push_back(words[0].toInt());
    }
    ::closedir(folder);
    return all;
}

TEST(Room, APictureIsTheSameAsReadWithoutIt) {
    const auto picture = read_picture(test::demo_art("puffin.png"));
    ASSERT_TRUE(picture);
    EXPECT_EQ((*picture)->file_name, "puffin.png");
    const QImage plain = QImage(test::demo_art("puffin.png")).convertToFormat(QImage::Format_RGBA8888);
    EXPECT_EQ((*picture)->pixels.get()->rgba, image_from(plain)->rgba);
    QFile file(test::demo_art("puffin.png"));
    ASSERT_TRUE(file.open(QIODevice::ReadOnly));
    EXPECT_EQ((*picture)->original->size(), static_cast<std::size_t>(file.size()));
}

TEST(Room, StopEndsAReaderAtOnce) {
    const QByteArray slow = slow_drawing();
    EXPECT_LT(test::shortest(1,
                             [&] {
                                 std::stop_source stop;
                                 std::thread reads([&] {
                                     EXPECT_THROW(static_cast<void>(room::ask<wire::DrawingParts>(
                                                      {.asked = room::Asked::drawing, .name = "slow.svg"}, slow,
                                                      Work{.stop = stop.get_token()})),
                                                  Stopped);
                                 });
                                 while (readers().empty())
                                     std::this_thread::sleep_for(std::chrono::milliseconds(5));
                                 std::this_thread::sleep_for(std::chrono::milliseconds(300));
                                 const auto start = Clock::now();
                                 stop.request_stop();
                                 reads.join();
                                 return seconds_since(start);
                             }),
              1)
        << "it does not wait for the file";
    EXPECT_TRUE(read_picture(test::demo_art("puffin.png"))) << "and the next is read";
}

TEST(Room, WhatTakesTooLongIsToldSo) {
    const int before = room::allowed_seconds();
    room::allow(1);
    const auto read =
        room::ask<wire::DrawingParts>({.asked = room::Asked::drawing, .name = "slow.svg"}, slow_drawing());
    room::allow(before);
    ASSERT_FALSE(read);
    EXPECT_THAT(read.problem().english(), HasSubstr("“slow.svg” takes longer to read than 1 second"));
}

TEST(Room, KillingTheReaderAtAnyMomentLeavesASentenceOrTheValue) {
    std::mt19937 random(20261128);
    int failed = 0, came = 0;
    for (unsigned round = 0; round < 400 && std::min(failed, came) < 4; ++round) { // however quick the machine is
        std::atomic<bool> is_over = false;
        const auto wait = std::chrono::microseconds(random() % (500U << (round % 9)));
        std::thread killer([&] {
            const auto start = Clock::now();
            while (!is_over) {
                if (Clock::now() - start > wait)
                    for (const pid_t reader : readers())
                        ::kill(reader, SIGKILL);
                std::this_thread::sleep_for(std::chrono::milliseconds(1));
            }
        });
        std::string said;
        room::log_to([&](const std::string& words) { said += words; });
        const auto picture = read_picture(test::demo_art("puffin.png"));
        room::log_to(nullptr);
        is_over = true;
        killer.join();
        ++(picture ? came : failed);
        if (!picture) {
            EXPECT_THAT(picture.problem().english(),
                        HasSubstr("“puffin.png” could not be read: it made the reader fail."));
            EXPECT_THAT(said, HasSubstr("puffin.png: the reader was ended by signal 9"));
        }
    }
    EXPECT_GE(std::min(failed, came), 4) << failed << " ended, " << came << " came";
    EXPECT_TRUE(read_picture(test::demo_art("puffin.png")));
}

/// Readers are copies of one that waits; systems short of memory may end it.
TEST(Room, WhatReadersAreCopiesOfIsStartedAnew) {
    ASSERT_TRUE(read_picture(test::demo_art("white-moon.png")));
    const auto before = readers("(fusuma-reader)");
    ASSERT_EQ(before.size(), 1U);
    ::kill(before.front(), SIGKILL);
    EXPECT_TRUE(read_picture(test::demo_art("white-moon.png"))) << "by the one that waited";
    EXPECT_TRUE(read_picture(test::demo_art("white-moon.png")));
    const auto after = readers("(fusuma-reader)");
    ASSERT_EQ(after.size(), 1U);
    EXPECT_NE(after, before);
    for (int i = 0; i < 3; ++i)
        EXPECT_TRUE(read_picture(test::demo_art("white-moon.png")));
    EXPECT_EQ(readers("(fusuma-reader)"), after) << "one for all files";
}

/// Nor does anybody wait for one that does not answer, as on a disk that has gone to sleep.
TEST(Room, StopDoesNotWaitForOneThatIsStillStarting) {
    std::vector<pid_t> origin;
    do { // once more when it was stopped before it had made the one that waits
        ASSERT_TRUE(read_picture(test::demo_art("white-moon.png")));
        origin = readers("(fusuma-reader)");
        ASSERT_EQ(origin.size(), 1U);
        ::kill(origin.front(), SIGSTOP);
        EXPECT_TRUE(read_picture(test::demo_art("white-moon.png"))) << "by the one that waited";
    } while (readers("(fusuma-reader)") != origin);
    std::stop_source stop;
    std::vector<std::thread> waiting;
    for (int i = 0; i < 2; ++i)
        waiting.emplace_back([&] {
            EXPECT_THROW(static_cast<void>(read_picture(test::demo_art("puffin.png"), {}, {stop.get_token()})),
                         Stopped);
        });
    std::this_thread::sleep_for(std::chrono::milliseconds(200));
    const auto start = Clock::now();
    stop.request_stop();
    for (std::thread& one : waiting)
        one.join();
    EXPECT_LT(seconds_since(start), 10) << "what starting may take is 20 s";
    EXPECT_TRUE(read_picture(test::demo_art("puffin.png"))) << "and the next is read";
}

int open_files() {
    int open = 0;
    DIR* folder = ::opendir("/proc/self/fd");
    while (::readdir(folder))
        ++open;
    ::closedir(folder);
    return open;
}

TEST(Room, NobodyIsLeftBehind) {
    for (int i = 0; i < 5; ++i)
        EXPECT_TRUE(read_picture(test::demo_art("white-moon.png")));
    const auto settles = [](const auto& is_so) {
        const auto patience = Clock::now() + std::chrono::seconds(20);
        bool was_so = is_so(); // asked again, it may have changed
        for (; !was_so && Clock::now() < patience; was_so = is_so())
            std::this_thread::sleep_for(std::chrono::milliseconds(5));
        return was_so;
    };
    EXPECT_TRUE(settles([] { return readers().size() == 1; })) << "one that waits for the next file";
    const int open = open_files();
    const auto fail = [] { static_cast<void>(read_picture(QByteArray("no picture"), QStringLiteral("none.png"))); };
    for (int i = 0; i < 20; ++i)
        fail();
    EXPECT_TRUE(settles([&] {
        fail(); // those that have left since are seen off when the next is
        return open_files() <= open + 3;
    })) << "files that stay open";
}

TEST(Room, TwoAreReadAtATimeFromAnyNumberOfThreads) {
    std::vector<std::thread> all;
    std::atomic<int> read = 0;
    std::atomic<std::size_t> most = 0;
    for (int i = 0; i < 10; ++i)
        all.emplace_back([&] {
            read += read_picture(test::demo_art("harbour-ferry.jpg")) ? 1 : 0;
            most = std::max<std::size_t>(most, readers().size());
        });
    for (std::thread& one : all)
        one.join();
    EXPECT_EQ(read, 10);
    EXPECT_LE(most, 3U) << "two at work and one that leaves";
}

TEST(Room, ChatterGoesToTheLog) {
    std::string said;
    room::log_to([&](const std::string& words) { said += words; });
    QByteArray tiff;
    QBuffer buffer(&tiff);
    QImage plain(40, 40, QImage::Format_RGB32);
    plain.fill(Qt::red);
    ASSERT_TRUE(plain.save(&buffer, "TIFF"));
    testing::internal::CaptureStderr();
    EXPECT_FALSE(read_picture(tiff.first(tiff.size() - 20), QStringLiteral("short.tif")));
    EXPECT_EQ(testing::internal::GetCapturedStderr(), "");
    room::log_to(nullptr);
    EXPECT_THAT(said, testing::StartsWith("short.tif: "));
    EXPECT_GT(said.size(), 20U);
}

TEST(Room, DevicesPipesAndFoldersAreNoFiles) {
    QTemporaryDir folder;
    const QString pipe = folder.filePath("pipe.png");
    ASSERT_EQ(::mkfifo(QFile::encodeName(pipe).constData(), 0600), 0);
    for (const QString& path : {pipe, QStringLiteral("/dev/zero"), QStringLiteral("/dev/null"), folder.path()}) {
        const auto picture = read_picture(path);
        ASSERT_FALSE(picture) << path.toStdString();
        EXPECT_THAT(picture.problem().english(), HasSubstr("not a file")) << path.toStdString();
    }
}

} // namespace
} // namespace fusuma
