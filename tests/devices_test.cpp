#include "devices/cutter_connection.h"
#include "devices/practice_cutter.h"

#include <QCoreApplication>
#include <QElapsedTimer>
#include <gtest/gtest.h>

namespace fusuma {
namespace {

/// Runs the event loop until `done` or ten seconds are over.
template <typename Done> bool wait_for(Done&& done) {
    QElapsedTimer clock;
    for (clock.start(); !done() && clock.elapsed() < 10000;)
        QCoreApplication::processEvents(QEventLoop::AllEvents, 20);
    return done();
}

struct Line {
    PracticeCutter cutter{0};
    CutterConnection connection;
    bool finished = false;
    QString refused, failed;

    Line() {
        QObject::connect(&cutter, &PracticeCutter::finished, [this] { finished = true; });
        QObject::connect(&cutter, &PracticeCutter::refused, [this](const QString& why) { refused = why; });
        QObject::connect(&connection, &CutterConnection::failed, [this](const QString& why) { failed = why; });
        EXPECT_TRUE(cutter.listen(0));
    }
};

TEST(PracticeCutter, CutsWhatArrivesOverTheConnection) {
    Line line;
    QByteArray job = "IN;SP1;"; // far more than one chunk
    for (int i = 0; i < 5000; ++i)
        job += "PU" + QByteArray::number(i) + ",0;PD" + QByteArray::number(i) + ",400;";
    line.connection.send("127.0.0.1", line.cutter.port(), job);
    ASSERT_TRUE(wait_for([&] { return line.finished; })) << line.failed.toStdString();
    EXPECT_EQ(line.cutter.cut_so_far().size(), 5000u);
    EXPECT_EQ(line.cutter.progress(), 1);
}

TEST(PracticeCutter, GoesAtItsSpeed) {
    Line line;
    line.cutter.set_speed(100);
    line.connection.send("127.0.0.1", line.cutter.port(), "IN;SP1;PU0,0;PD0,40000;"); // a metre
    ASSERT_TRUE(wait_for([&] { return line.cutter.progress() > 0.005; }));
    EXPECT_LT(line.cutter.progress(), 0.9);
    EXPECT_EQ(line.cutter.cut_so_far().size(), 1u) << "the stroke in part";
    line.cutter.stop();
}

TEST(PracticeCutter, RefusesWhatIsNotHpglAndTakesTheNextJob) {
    Line line;
    line.connection.send("127.0.0.1", line.cutter.port(), "GET / HTTP/1.1;\r\n");
    ASSERT_TRUE(wait_for([&] { return !line.refused.isEmpty(); }));
    EXPECT_TRUE(line.refused.contains("not HP-GL") || line.refused.contains("number")) << line.refused.toStdString();
    line.connection.send("127.0.0.1", line.cutter.port(), "IN;SP1;PU0,0;PD40,0;");
    EXPECT_TRUE(wait_for([&] { return line.finished; }));
}

TEST(CutterConnection, SaysWhenNobodyListens) {
    Line line;
    PracticeCutter gone(0);
    ASSERT_TRUE(gone.listen(0));
    const quint16 port = gone.port();
    EXPECT_FALSE(line.cutter.listen(port)) << "taken";
    CutterConnection to_nobody;
    QString why;
    QObject::connect(&to_nobody, &CutterConnection::failed, [&](const QString& text) { why = text; });
    to_nobody.send("127.0.0.1", 1, "IN;");
    ASSERT_TRUE(wait_for([&] { return !why.isEmpty(); }));
    EXPECT_TRUE(why.contains("does not take the job"));
}

TEST(CutSheet, DrawsTheCutOverThePrint) {
    QImage print(840, 1188, QImage::Format_RGB32);
    print.fill(Qt::yellow);
    const QImage cut = cut_sheet(print, {210, 297}, {{1, {{50, 200}, {150, 200}}}});
    const QColor on_line(cut.pixel(400, 388)); // y points up: 200 mm from the bottom is 97 mm from the top
    EXPECT_LT(on_line.red(), 200);
    EXPECT_EQ(cut.pixel(400, 800), print.pixel(400, 800));
}

} // namespace
} // namespace fusuma
