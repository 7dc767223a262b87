#pragma once

#include "app/model/model.h"

#include <QWidget>
#include <functional>

class QLabel;
class QProgressBar;
class QPushButton;

namespace fusuma::app {

/// Tells what takes longer than half a second, how far it is, and lets it be stopped. Lies over the lower edge of its
/// parent, amid the view in sight and above the tools that lie there, and hides when there is nothing to wait for.
class BusyBar : public QWidget {
    Q_OBJECT
  public:
    /// @param view_in_sight  whose children are its tools, or null
    BusyBar(Model& project, QWidget* parent, std::function<QWidget*()> view_in_sight);

  private:
    Model& model;
    QLabel* words;
    QProgressBar* bar;
    QPushButton* stop;
    std::function<QWidget*()> view;
    int waited_ms = 0;

    void look();
    [[nodiscard]] QPoint place() const;
};

} // namespace fusuma::app
