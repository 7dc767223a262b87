#pragma once

#include "core/geometry/point.h"

#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <chrono>
#include <csignal>
#include <gtest/gtest.h>
#include <vector>

namespace fusuma::test {

/// The plain plotter as a process of its own, and what its log says.
class PlainPlotter {
  public:
    explicit PlainPlotter(const QStringList& options) {
        process.start(QStringLiteral(PLAIN_PLOTTER), QStringList{log(), "--link", link()} + options);
        EXPECT_TRUE(process.waitForReadyRead(60000));
        place = QString::fromLocal8Bit(process.readLine()).trimmed().section(' ', 1);
    }
    ~PlainPlotter() { end(); }
    PlainPlotter(const PlainPlotter&) = delete;
    PlainPlotter& operator=(const PlainPlotter&) = delete;

    /// As a machine's line.
    [[nodiscard]] std::string line(int baud = 9600) const {
        return (place.startsWith('/') ? QStringLiteral("serial:%1@%2").arg(place).arg(baud)
                                      : QStringLiteral("tcp:127.0.0.1:%1").arg(place))
            .toStdString();
    }
    void pull_cable() const { ::kill(static_cast<pid_t>(process.processId()), SIGUSR1); }
    void put_cable_in() const { ::kill(static_cast<pid_t>(process.processId()), SIGUSR2); }
    void end() {
        process.terminate();
        process.waitForFinished(60000);
    }

    struct Moment {
        double s = 0; ///< of the monotonic clock
        Point units;
        bool is_down = false;
    };
    [[nodiscard]] std::vector<Moment> moments() const {
        std::vector<Moment> all;
        for (const QByteArray& row : rows()) {
            const auto words = row.split(' ');
            if (words.size() == 4)
                all.push_back({words[0].toDouble(), {words[1].toDouble(), words[2].toDouble()}, words[3] == "1"});
        }
        return all;
    }
    /// Each way that the blade went while it was down, machine mm.
    [[nodiscard]] std::vector<std::vector<Point>> strokes() const {
        std::vector<std::vector<Point>> all;
        bool was_down = false;
        for (const Moment& moment : moments()) {
            if (moment.is_down && !was_down)
                all.emplace_back();
            if (moment.is_down)
                all.back().push_back((1 / 40.0) * moment.units);
            was_down = moment.is_down;
        }
        std::erase_if(all, [](const auto& stroke) { return stroke.size() < 2; });
        return all;
    }
    /// Where the head is, machine mm, and whether the blade is down.
    [[nodiscard]] Moment last() const {
        const auto all = moments();
        return all.empty() ? Moment{} : all.back();
    }
    /// Bytes that it had no room for; once it has ended.
    [[nodiscard]] int lost() const {
        const auto all = rows();
        for (const QByteArray& row : all)
            if (row.startsWith("lost "))
                return row.mid(5).toInt();
        return -1;
    }
    static double now() {
        return std::chrono::duration<double>(std::chrono::steady_clock::now().time_since_epoch()).count();
    }

  private:
    QTemporaryDir folder;
    QProcess process;
    QString place;

    [[nodiscard]] QString log() const { return folder.filePath("log"); }
    [[nodiscard]] QString link() const { return folder.filePath("ttyPLAIN"); }
    [[nodiscard]] QList<QByteArray> rows() const {
        QFile file(log());
        return file.open(QIODevice::ReadOnly) ? file.readAll().trimmed().split('\n') : QList<QByteArray>{};
    }
};

} // namespace fusuma::test
