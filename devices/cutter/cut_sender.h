#pragma once

#include "devices/cutter/cutter_link.h"
#include "formats/cut_files/hpgl.h"

namespace fusuma {

/// Sends a job to a cutter run by run and keeps count of what is cut, so that it can be paused, stopped, and gone on
/// with after the line dropped. A cutter that answers is waited for; of others only what has left the computer is
/// known.
class CutSender : public QObject {
    Q_OBJECT
  public:
    explicit CutSender(QObject* parent = nullptr);

    struct Job {
        CutJob job;
        Material material;
        Size paper;
        HpglOptions options;
    };
    enum class State { idle, connecting, sending, paused, dropped, done };

    void start(const CutterAddress& address, Job what);
    void pause(); ///< after the runs already sent: at most two when the cutter answers
    void go_on(); ///< after a pause, or with the next run after the line dropped
    void stop();  ///< lifts the blade and gives up

    [[nodiscard]] State state() const { return now; }
    [[nodiscard]] std::size_t runs() const { return what_to_cut.job.runs.size(); }
    [[nodiscard]] std::size_t runs_done() const { return cut; }

  signals:
    void changed();
    void dropped(QString why);
    void finished();

  private:
    CutterLink link;
    CutterAddress where;
    Job what_to_cut;
    State now = State::idle;
    std::vector<std::string> pieces;
    std::size_t first = 0; ///< run that the pieces begin with
    std::size_t next = 0;  ///< piece to send
    std::size_t cut = 0;   ///< runs done
    QByteArray answer;     ///< not yet ended

    void enter(State state);
    void connect_from(std::size_t run);
    void feed();
    void count(const QByteArray& answered);
    void finish_if_done();
};

} // namespace fusuma
