#pragma once

#include "app/model/model.h"

#include <QWidget>

class QLabel;
class QProgressBar;
class QPushButton;

namespace fusuma::app {

/// Tells what takes longer than half a second, how far it is, and lets it be stopped. Lies over the lower edge of its
/// parent and hides when there is nothing to wait for.
class BusyBar : public QWidget {
    Q_OBJECT
  public:
    BusyBar(Model& project, QWidget* parent);

  private:
    Model& model;
    QLabel* words;
    QProgressBar* bar;
    QPushButton* stop;
    int waited_ms = 0;

    void look();
};

} // namespace fusuma::app
