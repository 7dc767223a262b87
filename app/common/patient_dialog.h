#pragma once

#include <QDialog>
#include <QThreadPool>
#include <QTimer>
#include <stop_token>

namespace fusuma::app {

/// A dialog that works on threads. When it is closed while they are at it, they are asked to stop, and it goes once
/// they have: without holding up the window, and never before what they would tell it.
class PatientDialog : public QDialog {
    Q_OBJECT
  public:
    using QDialog::QDialog;

    QThreadPool worker;
    /// Asks what is under way to stop. @return  for what is begun in its place
    std::stop_token start_anew() {
        stop.request_stop();
        stop = {};
        return stop.get_token();
    }
    void stop_work() { stop.request_stop(); }

    void done(int result) override {
        worker.clear();
        stop.request_stop();
        if (worker.activeThreadCount() == 0) {
            QDialog::done(result);
            return;
        }
        setEnabled(false);
        constexpr int again_ms = 30;
        QTimer::singleShot(again_ms, this, [this, result] { done(result); });
    }

  private:
    std::stop_source stop;
};

} // namespace fusuma::app
