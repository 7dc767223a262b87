#pragma once

#include "core/machine/loaded_sheet.h"
#include "devices/cutter/cutter_link.h"

#include <QElapsedTimer>
#include <optional>

namespace fusuma {

/// Sends a job to its own machine, line by line, so that it can be paused, stopped, and gone on with after the cable
/// came out. A machine that answers is asked after every bit of work and is never far behind; of others it is estimated
/// what they have done, and they are sent no more than they can do in a moment.
class CutSender : public QObject {
    Q_OBJECT
  public:
    explicit CutSender(CutterLink& to, QObject* parent = nullptr);
    ~CutSender() override;

    enum class State { idle, connecting, sending, paused, dropped, done };

    /// @param first  run to begin with, counted from 0
    void start(const MachineJob& what, std::size_t first = 0);
    void pause(); ///< lifts the blade at once; the line it was in is cut anew
    void go_on(); ///< after a pause, or once the cable is in again
    void go_on_from(std::size_t run);
    void stop(); ///< lifts the blade at once and gives up

    [[nodiscard]] State state() const { return now; }
    [[nodiscard]] const MachineJob* job() const { return cutting ? &*cutting : nullptr; }
    [[nodiscard]] std::size_t runs() const { return cutting ? cutting->cut().runs.size() : 0; }
    [[nodiscard]] std::size_t runs_done() const { return cut; }
    /// Is that known from the machine, or only estimated?
    [[nodiscard]] bool is_estimated() const { return cutting && !cutting->machine().answers; }
    /// How long it was at work, pauses left out, s.
    [[nodiscard]] double seconds_at_work() const;

  signals:
    void changed();
    void dropped(QString why);
    void tool_wanted(CutKind kind); ///< it waits, blade up, for somebody to put another tool in
    void came_back();               ///< the line, after it dropped: the blade is up
    void finished();

  private:
    struct Command {
        QByteArray text;
        std::size_t runs = 0; ///< that are cut whole once it is done
        double seconds = 0;
        bool asks = false; ///< the machine answers it
        double ends = 0;   ///< s by the clock, as estimated when it was sent
    };
    CutterLink& link;
    std::optional<MachineJob> cutting;
    State now = State::idle;
    Machine sent_machine;              ///< as it is sent bits
    std::vector<Command> commands;     ///< as far as they are made
    std::size_t next_run = 0;          ///< to make commands of
    bool has_end = false;              ///< the commands, that of the job
    std::optional<CutKind> told;       ///< what tool it has in its hand
    std::optional<CutKind> wants_tool; ///< before anything more is sent
    std::size_t next = 0;              ///< to send
    std::size_t done = 0;              ///< commands known or estimated to be done
    std::size_t cut = 0;               ///< runs
    bool was_there = false;
    QByteArray answer; ///< not yet ended
    QElapsedTimer clock;
    double busy_until = 0; ///< s by the clock, as estimated
    double worked = 0;     ///< s, before the clock was started last
    QTimer look, patience, again;

    void enter(State state);
    void prepare(std::size_t first);
    bool add_next(); ///< the commands of the next run, or of the end; false when all are there
    void add_commands(const std::string& piece, std::optional<std::size_t> run);
    void begin();
    void feed();
    void take(const QByteArray& answered);
    void count_answer(const QByteArray& words);
    void know_done(std::size_t commands_done);
    [[nodiscard]] bool may_send();
    [[nodiscard]] std::size_t asked() const; ///< questions that are not answered yet
    [[nodiscard]] QByteArray blade_up() const;
    [[nodiscard]] double time() const { return static_cast<double>(clock.elapsed()) / 1000; }
    void be_dropped(const QString& why);
};

} // namespace fusuma
