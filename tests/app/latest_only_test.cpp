// Work whose result is used only while nothing newer is wanted.

#include "app/model/latest_only.h"

#include <QTest>
#include <atomic>
#include <gtest/gtest.h>
#include <memory>

namespace fusuma::app {
namespace {

TEST(LatestOnly, WhatIsNoLongerWantedIsAskedToStopAndSaysNothing) {
    Messages messages;
    int told = 0;
    QObject::connect(&messages, &Messages::problem, [&told] { ++told; });
    std::atomic<int> stopped = 0;
    const auto long_task = [&stopped](const Work& job) { // twenty seconds, if nobody stops it
        try {
            for (int i = 0; i < 2000; ++i) {
                job.at(0);
                QTest::qSleep(10);
            }
        } catch (const Stopped&) {
            ++stopped;
            throw;
        }
        return 1;
    };
    int used = 0, failed = 0;
    const auto use = [&used](int result) { used += result; };
    auto work = std::make_unique<LatestOnly>(messages);
    work->start(long_task, use, [&failed] { ++failed; });
    work->start([] { return 10; }, use);
    EXPECT_TRUE(QTest::qWaitFor([&] { return stopped == 1 && used == 10; }, 5'000)) << "by something newer";
    work->start(long_task, use);
    work->drop();
    EXPECT_TRUE(QTest::qWaitFor([&] { return stopped == 2; }, 5'000)) << "by nothing being wanted";
    work->start(long_task, use);
    work.reset();
    EXPECT_EQ(stopped, 3) << "by the end of who asked";
    QCoreApplication::processEvents();
    EXPECT_EQ(used, 10);
    EXPECT_EQ(failed, 0);
    EXPECT_EQ(told, 0);
}

TEST(LatestOnly, WhatGoesWrongIsToldAlsoOfWhatIsNoLongerWanted) {
    Messages messages;
    int told = 0, failed = 0;
    QObject::connect(&messages, &Messages::problem, [&told] { ++told; });
    LatestOnly work(messages);
    const auto fails = []() -> int { throw std::bad_alloc(); };
    work.start(
        fails, [](int) {}, [&failed] { ++failed; });
    EXPECT_TRUE(QTest::qWaitFor([&] { return told == 1; }, 5'000));
    EXPECT_EQ(failed, 1);
    work.start(
        fails, [](int) {}, [&failed] { ++failed; });
    work.drop();
    EXPECT_TRUE(QTest::qWaitFor([&] { return told == 2; }, 5'000));
    EXPECT_EQ(failed, 1) << "somebody else is shown by then";
}

} // namespace
} // namespace fusuma::app
