#pragma once

#include <QSplitter>

namespace fusuma::app {

/// A place with a panel on either side, which people make wider by dragging its edge, or fold away. Both are kept with
/// the program's settings.
class Sides : public QSplitter {
    Q_OBJECT
  public:
    /// @param name  of the place, for the settings
    Sides(const QString& name, QWidget* left, QWidget* middle, QWidget* right);

    enum class Side { left, right };
    void set_folded(Side side, bool is_folded);
    [[nodiscard]] bool is_folded(Side side) const;

  private:
    QString key;
};

} // namespace fusuma::app
