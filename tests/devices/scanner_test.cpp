// Scans from the `test` device that SANE's library ships, whose patterns are known (sane-test(5)): size, colours,
// progress and stopping; and no scanner at all. Skipped where the library has no such device.

#include "devices/scanner/scanner.h"

#include <QFile>
#include <QTemporaryDir>
#include <atomic>
#include <gmock/gmock.h>
#include <thread>

namespace fusuma {
namespace {

using testing::HasSubstr;

class Scanner : public testing::Test {
  protected:
    inline static const QTemporaryDir folder; ///< SANE remembers the first that it is told

    /// Lets SANE know only of such devices.
    void with_devices(const char* names) {
        QFile all(folder.filePath("dll.conf"));
        ASSERT_TRUE(all.open(QIODevice::WriteOnly));
        all.write(names);
        qputenv("SANE_CONFIG_DIR", folder.path().toUtf8());
    }
    QString test_device(const char* settings = "") {
        with_devices("test\n");
        QFile its(folder.filePath("test.conf"));
        EXPECT_TRUE(its.open(QIODevice::WriteOnly));
        its.write("number_of_devices 1\n");
        its.write(settings);
        its.close();
        const auto found = scanners();
        EXPECT_TRUE(found);
        return found && !found->empty() ? found->front().id : QString();
    }
};

TEST_F(Scanner, NoneIsAnEmptyListAndOneThatIsGoneASentence) {
    with_devices("\n");
    const auto found = scanners();
    ASSERT_TRUE(found);
    EXPECT_TRUE(found->empty());
    const auto gone = scan({.scanner = "test:7"});
    ASSERT_FALSE(gone);
    EXPECT_THAT(gone.problem().english(), HasSubstr("scanner"));
    EXPECT_FALSE(look_at_scanner("nonsense"));
}

TEST_F(Scanner, TheTestDevicesPatternComesInAtItsTrueSize) {
    const QString device = test_device("test-picture \"Color pattern\"\n");
    if (device.isEmpty())
        GTEST_SKIP() << "SANE has no test device here";
    const auto facts = look_at_scanner(device);
    ASSERT_TRUE(facts);
    EXPECT_GT(facts->bed.width, 100);
    EXPECT_TRUE(facts->has_colour);
    EXPECT_TRUE(facts->has_grey);
    EXPECT_TRUE(facts->is_any_resolution);
    for (const bool is_colour : {true, false}) {
        const auto picture =
            scan({.scanner = device, .dpi = 100, .is_colour = is_colour, .area = {{10, 10}, {60, 40}}});
        ASSERT_TRUE(picture) << picture.problem().english();
        EXPECT_NEAR(1000.0 * picture->width() / picture->dotsPerMeterX(), 50, 1);
        EXPECT_NEAR(1000.0 * picture->height() / picture->dotsPerMeterY(), 30, 1);
        bool has_colour = false;
        for (int y = 0; y < picture->height(); y += 3)
            for (int x = 0; x < picture->width(); x += 3) {
                const QColor c = picture->pixelColor(x, y);
                has_colour = has_colour || std::abs(c.red() - c.blue()) > 40 || std::abs(c.red() - c.green()) > 40;
            }
        EXPECT_TRUE(is_colour || !has_colour);
    }
}

/// Neither for its list nor for its picture.
TEST_F(Scanner, WhatADriverPrintsIsNotTakenForAnAnswer) {
    const QByteArray before = qgetenv("LD_LIBRARY_PATH");
    qputenv("LD_LIBRARY_PATH", CHATTY_DRIVER_FOLDER);
    with_devices("chatty\n");
    const auto found = scanners();
    ASSERT_TRUE(found) << found.problem().english();
    ASSERT_EQ(found->size(), 1U) << "SANE loads the driver from there";
    EXPECT_EQ(found->front().name, "Quay Chatterbox");
    const QString& device = found->front().id;
    EXPECT_TRUE(look_at_scanner(device));
    const auto picture = scan({.scanner = device, .dpi = 100, .is_colour = false});
    ASSERT_TRUE(picture) << picture.problem().english();
    ASSERT_EQ(picture->size(), QSize(8, 4));
    for (int i = 0; i < 32; ++i)
        EXPECT_EQ(picture->pixelColor(i % 8, i / 8).red(), i);
    qputenv("LD_LIBRARY_PATH", before);
}

TEST_F(Scanner, TellsHowFarItIsAndStopsWhenAsked) {
    const QString device = test_device("read-delay true\nread-delay-duration 2000\n");
    if (device.isEmpty())
        GTEST_SKIP() << "SANE has no test device here";
    std::atomic<double> done = 0;
    ASSERT_TRUE(scan({.scanner = device, .dpi = 50, .area = {{0, 0}, {40, 40}}}, {{}, &done}));
    EXPECT_EQ(done, 1);
    std::stop_source stop;
    stop.request_stop();
    EXPECT_THROW(static_cast<void>(scan({.scanner = device, .dpi = 50}, {stop.get_token()})), Stopped);
    EXPECT_TRUE(scan({.scanner = device, .dpi = 50, .area = {{0, 0}, {20, 20}}})) << "and it can be used again";
}

TEST_F(Scanner, AJamIsASentenceAndNoPicture) {
    for (const auto& [status, words] : {std::pair{"SANE_STATUS_JAMMED", "jammed"},
                                        {"SANE_STATUS_NO_DOCS", "no paper"},
                                        {"SANE_STATUS_COVER_OPEN", "cover"},
                                        {"SANE_STATUS_IO_ERROR", "answer"}}) {
        const QString device = test_device((std::string("read-status-code \"") + status + "\"\n").c_str());
        if (device.isEmpty())
            GTEST_SKIP() << "SANE has no test device here";
        const auto picture = scan({.scanner = device, .dpi = 50});
        ASSERT_FALSE(picture) << status;
        EXPECT_THAT(picture.problem().english(), HasSubstr(words));
    }
}

/// Whatever a driver does, the work can be stopped.
TEST_F(Scanner, ADriverThatDoesNotAnswerCanBeStopped) {
    const QString device = test_device("read-delay true\nread-delay-duration 200000\n");
    if (device.isEmpty())
        GTEST_SKIP() << "SANE has no test device here";
    std::stop_source stop;
    std::jthread later([&] {
        std::this_thread::sleep_for(std::chrono::milliseconds(300));
        stop.request_stop();
    });
    EXPECT_THROW(static_cast<void>(scan({.scanner = device, .dpi = 300}, {stop.get_token()})), Stopped);
}

} // namespace
} // namespace fusuma
