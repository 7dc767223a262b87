#pragma once

#include "app/model/recovery.h"

#include <QDialog>

class QVBoxLayout;

namespace fusuma::app {

/// Offers all work that was left behind, each with its name, time and picture. Nothing of it is opened, and nothing
/// thrown away, unless people say so; closing leaves it for the next start.
class LeftWorkDialog : public QDialog {
    Q_OBJECT
  public:
    LeftWorkDialog(std::vector<LeftWork> works, QWidget* parent);

  signals:
    void open_wanted(const fusuma::app::LeftWork& work);

  private:
    int left = 0; ///< that are still to be decided

    QWidget* line(const LeftWork& work, int number);
    void decided(QWidget* line);
};

} // namespace fusuma::app
