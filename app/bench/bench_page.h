#pragma once

#include "app/bench/bench_tools.h"

#include <QWidget>

namespace fusuma::app {

class StepsPanel;

/// The first place: one sticker from artwork to cut line.
class BenchPage : public QWidget {
    Q_OBJECT
  public:
    /// @param tray  shown at its left, which it takes over
    BenchPage(Model& model, QWidget* tray);

    /// Opens the step that a tool belongs to and takes it.
    void take(Tool tool);
    void open_source(); ///< the step about what the artwork is made of

  signals:
    void put_on_sheet_wanted();

  private:
    BenchTools* tools;
    StepsPanel* steps;
};

} // namespace fusuma::app
