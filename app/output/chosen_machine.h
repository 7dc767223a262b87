#pragma once

#include "app/model/messages.h"
#include "devices/cutter/cut_sender.h"
#include "devices/cutter/machine_head.h"
#include "devices/practice/practice_cutter.h"

#include <QTimer>

namespace fusuma::app {

/// The machine that sheets are cut on, chosen before all else: the practice cutter, or one of the maker's own. Head and
/// sender share its line.
class ChosenMachine : public QObject {
    Q_OBJECT
  public:
    explicit ChosenMachine(Messages& told);

    /// How it stands, as far as can be told without disturbing it.
    enum class Presence { ready, busy, away };

    [[nodiscard]] QStringList names() const; ///< the practice cutter's two lines first
    [[nodiscard]] int number() const { return chosen; }
    void choose(int number);
    [[nodiscard]] bool is_practice() const { return chosen < practice_lines; }
    [[nodiscard]] QString name() const { return names().value(chosen); }
    [[nodiscard]] Presence presence() const;
    /// The maker's own, as saved; null while the practice cutter is chosen.
    [[nodiscard]] const Machine* own() const;
    /// Names that another one must not have.
    [[nodiscard]] QStringList taken_names(bool but_the_chosen) const;
    /// Saves a machine and chooses it.
    /// @param replaces  the chosen one, which may have had another name; else it is one more
    void keep(const Machine& machine, bool replaces);
    void release(); ///< its line, for somebody else to use; sheets that lie in it stay where they are
    /// Saves what the chosen machine taught: sheets that lie in it stay as they are.
    void learn(const Machine& machine);
    void forget(); ///< the chosen one, if it is the maker's
    /// What a job and a loading are made for from now on; nothing, with the reason told, when the practice cutter
    /// cannot listen.
    [[nodiscard]] std::shared_ptr<const Machine> profile(Size paper);

    PracticeCutter practice;
    CutterLink link;
    MachineHead head{link};
    CutSender sender{link};

  signals:
    void changed();          ///< another is chosen, or the chosen one's profile is another
    void presence_changed(); ///< or may have

  private:
    static constexpr int practice_lines = 2; ///< network and serial port
    Messages& messages;
    std::vector<Machine> saved;
    int chosen = 0;
    bool was_away = false; ///< when it was wanted last
    QString serial;        ///< the practice cutter's
    QTimer look;
};

} // namespace fusuma::app
