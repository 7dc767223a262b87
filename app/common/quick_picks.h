#pragma once

#include "core/units.h"

#include <QWidget>
#include <vector>

class QHBoxLayout;

namespace fusuma::app {

/// Lengths to pick with one click: the last three that were typed, then the trade's usual ones. The last ones are kept
/// with the program's settings.
class QuickPicks : public QWidget {
    Q_OBJECT
  public:
    /// @param name       object name, and the settings' key
    /// @param usual_mm   in mm, of people who think in millimetres or centimetres
    /// @param usual_inch the same of people who think in inches, in inches
    QuickPicks(const QString& name, const QString& accessible, std::vector<double> usual_mm,
               std::vector<double> usual_inch);

    void set_unit(Unit unit);
    void remember(double mm);

  signals:
    void picked(double mm);

  private:
    std::vector<double> in_mm, in_inch;
    Unit shown_unit = Unit::mm;
    QHBoxLayout* line;

    [[nodiscard]] std::vector<double> last() const;
    void rebuild();
};

} // namespace fusuma::app
