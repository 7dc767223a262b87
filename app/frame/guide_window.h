#pragma once

#include <QDialog>

namespace fusuma::app {

/// The user guide, as it ships with the program, in the person's language where there is one.
class GuideWindow : public QDialog {
    Q_OBJECT
  public:
    explicit GuideWindow(QWidget& over);
    /// Shows it beside the window, or brings it forward.
    static void show_guide(QWidget& over);
};

} // namespace fusuma::app
