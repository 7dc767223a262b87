#pragma once

#include "core/machine/loaded_sheet.h"
#include "devices/cutter/cutter_link.h"

#include <QElapsedTimer>
#include <optional>

namespace fusuma {

/// Moves a machine's lifted head by hand. One move is under way at a time; what is asked for meanwhile is only where to
/// go next, so that nothing runs on after a key is let go.
class MachineHead : public QObject {
    Q_OBJECT
  public:
    explicit MachineHead(CutterLink& to, QObject* parent = nullptr);

    /// Opens the machine's line, when it is not open to it already.
    /// @param loading  of the sheet that lies in it, if one does
    void take_over(const Machine& machine, Loading* loading = nullptr);
    void let_go(); ///< leaves the line to others
    [[nodiscard]] bool is_there() const { return has_line && link.is_open(); }

    /// @param to  machine mm; what lies off the bed is gone to as near as it reaches
    void go_to(Point to);
    void go_round(const std::vector<Point>& way); ///< one place after the other
    /// Where it is: as the machine tells, else what it was sent.
    [[nodiscard]] Point place() const { return at; }
    [[nodiscard]] bool is_moving() const { return is_busy || target || !way_on.empty(); }
    void halt(); ///< after the move that is under way
    /// Cuts a cross with its middle where the head is, or as near as all of it lies on the bed, as a kiss cut in what the
    /// material needs, and goes back over its middle.
    void cut_cross(const Material& material);

    /// Asks the machine who it is. One that does not answer in time moves its lifted head round a square of 20 mm.
    void say_hello();

  signals:
    void moved();
    void said(QString words); ///< what it answered to a hello
    void waved();             ///< it did not answer, and went round the square
    void dropped(QString why);

  private:
    CutterLink& link;
    Machine machine;
    QByteArray greeting; ///< once the line is open
    bool has_line = false, is_busy = false, is_greeted = false, wants_hello = false;
    Point at;
    std::optional<Point> target;
    std::vector<Point> way_on; ///< after the target, last first
    QByteArray answer;
    QTimer arrival, ear;

    void go_on();
    void arrive();
    void take(const QByteArray& bytes);
    void hear();
};

} // namespace fusuma
