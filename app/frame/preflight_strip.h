#pragma once

#include "app/model/model.h"

#include <QWidget>

class QLabel;
class QListWidget;
class QProgressBar;
class QPushButton;

namespace fusuma::app {

/// Always at the bottom: how many problems there are, the most important one in words with its repair, and how full
/// the cut zone is. The counts open the whole list as a drawer above the strip.
class PreflightStrip : public QWidget {
    Q_OBJECT
  public:
    PreflightStrip(Model& project, QWidget* drawer_parent);

  signals:
    void show_wanted(Finding finding);

  protected:
    void resizeEvent(QResizeEvent* event) override;

  private:
    Model& model;
    QPushButton *to_fix, *to_look_at, *show_button, *fix_button, *silence_button, *tell_again;
    QLabel *message, *used_text;
    QProgressBar* used_bar;
    QWidget* drawer;
    QListWidget* list;
    int shown = 0; ///< index of the finding in words

    void refresh();
    void tell(const QString& words); ///< to screen readers, as findings come and go
    void refresh_drawer();
    void toggle_drawer();
    [[nodiscard]] const Finding* current() const;
};

} // namespace fusuma::app
