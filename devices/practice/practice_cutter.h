#pragma once

#include "core/machine/machine.h"
#include "core/rehearsal/faults.h"
#include "formats/cut_files/hpgl.h"

#include <QElapsedTimer>
#include <QIODevice>
#include <QImage>
#include <QObject>
#include <QTcpServer>
#include <QTimer>
#include <deque>
#include <memory>

class QSocketNotifier;

namespace fusuma {

/// What a blade has cut: its tip's way in the machine.
struct CutTrace {
    CutKind kind = CutKind::kiss;
    std::vector<Point> tip; ///< machine mm, y down
};

/// The printed sheet with what has been cut drawn over it, each line cased in white.
/// @param to_paper  from the machine's millimetres to those of the sheet of paper
[[nodiscard]] QImage cut_sheet(const QImage& print, Size paper, const std::vector<CutTrace>& traces,
                               const Transform& to_paper = {});

/// A cutter made of software. It listens on a local TCP port and on a pseudo-terminal that serves as its serial port,
/// reads HP-GL as it arrives, answers when asked where it is, and moves its blade along at a steady speed with whatever
/// faults it is given, so that a job can be watched and tried without a machine.
class PracticeCutter : public QObject {
    Q_OBJECT
  public:
    /// @param blade_speed  mm/s along cut lines and between them; 0 means at once
    explicit PracticeCutter(double blade_speed, QObject* parent = nullptr);
    ~PracticeCutter() override;

    /// Starts to listen on this machine only. Port 0 takes a free one.
    Outcome listen(quint16 port);
    [[nodiscard]] quint16 port() const { return server.serverPort(); }
    /// Opens a pseudo-terminal and returns the name of its far end, such as /dev/pts/3.
    Result<QString> open_serial();
    /// Its profile with such paper in it, listening where it does already: on the network, or at a serial port's name.
    [[nodiscard]] Machine machine(Size paper, const QString& serial = {}) const;
    void set_speed(double mm_per_s) { speed = mm_per_s; }
    void set_faults(const MachineFaults& what, Size on_paper);
    /// A new sheet is in: nothing of it is cut.
    void load();
    /// Lifts the blade for good and drops the connection; what is cut stays cut.
    void stop();
    void hold(bool on); ///< as a person who presses pause on the machine

    /// What the blade has cut so far, the last run perhaps in part.
    [[nodiscard]] std::vector<CutTrace> cut_so_far() const;
    /// Share of the received cut length that is done, 0 to 1.
    [[nodiscard]] double progress() const;

  signals:
    void advanced();
    void finished();           ///< the job has arrived whole and is cut
    void refused(QString why); ///< what arrived was not HP-GL

  private:
    struct Run {
        CutTrace trace;
        double length = 0;
    };
    QTcpServer server;
    QIODevice* connection = nullptr;
    int terminal = -1;
    std::unique_ptr<QSocketNotifier> terminal_input;
    QTimer step;
    QElapsedTimer clock;
    HpglReader reader;
    std::vector<Run> runs;                                  ///< of all connections since the sheet was loaded
    std::deque<std::pair<std::size_t, std::string>> asked; ///< answers due once so many runs are cut
    std::size_t known_strokes = 0;
    MachineFaults faults;
    Size paper{210, 297};
    std::unique_ptr<FaultyBlade> blade;
    double speed;
    double cut_length = 0, received = 0;
    QByteArray begun; ///< of a sign to drop all, that has not arrived whole
    bool whole = false, held = false;

    void accept();
    void begin();
    void end();
    void take(const QByteArray& arrived);
    void advance();
    void answer(const std::string& words);
    void take_strokes(const std::vector<HpglStroke>& strokes);
    void answer_what_is_due();
    void forget_the_rest(); ///< what was sent but is not cut
    [[nodiscard]] std::size_t runs_cut() const;
};

} // namespace fusuma
