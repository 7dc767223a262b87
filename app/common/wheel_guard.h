#pragma once

#include <QObject>

class QApplication;

namespace fusuma::app {

/// The wheel scrolls. It changes a slider or a date only while that has the focus, or with Ctrl held; a list of choices
/// never.
class WheelGuard : public QObject {
  public:
    /// For all windows of the program; once is enough, more do nothing.
    static void install(QApplication& application);

  protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

  private:
    using QObject::QObject;
};

} // namespace fusuma::app
