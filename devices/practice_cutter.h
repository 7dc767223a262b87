#pragma once

#include "formats/hpgl.h"

#include <QElapsedTimer>
#include <QImage>
#include <QObject>
#include <QTcpServer>
#include <QTimer>

namespace fusuma {

/// The printed sheet with what has been cut drawn over it, each line cased in white.
/// @param strokes  mm, y upwards from the paper's bottom left
[[nodiscard]] QImage cut_sheet(const QImage& print, Size paper, const std::vector<HpglStroke>& strokes);

/// A cutter made of software. It listens on a local TCP port, reads HP-GL as it arrives and moves its blade along it at
/// a steady speed, so that a job can be watched and tried without a machine.
class PracticeCutter : public QObject {
    Q_OBJECT
  public:
    /// @param blade_speed  mm/s along cut lines and between them; 0 means at once
    explicit PracticeCutter(double blade_speed, QObject* parent = nullptr);

    /// Starts to listen on this machine only. Port 0 takes a free one.
    Outcome listen(quint16 port);
    [[nodiscard]] quint16 port() const { return server.serverPort(); }
    void set_speed(double mm_per_s) { speed = mm_per_s; }
    /// Lifts the blade for good and drops the connection; what is cut stays cut.
    void stop();

    /// What the blade has cut so far, the last stroke perhaps in part. Mm, y upwards.
    [[nodiscard]] std::vector<HpglStroke> cut_so_far() const;
    /// Share of the received cut length that is done, 0 to 1.
    [[nodiscard]] double progress() const;

  signals:
    void advanced();
    void finished();           ///< the job has arrived whole and is cut
    void refused(QString why); ///< what arrived was not HP-GL

  private:
    QTcpServer server;
    QTcpSocket* connection = nullptr;
    QTimer step;
    QElapsedTimer clock;
    HpglReader reader;
    std::vector<HpglStroke> received;
    double speed;
    double cut_length = 0;
    bool whole = false;

    void accept();
    void take_bytes();
    void advance();
    [[nodiscard]] double received_length() const;
};

} // namespace fusuma
