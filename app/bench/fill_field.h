#pragma once

#include "app/bench/bench_tools.h"

#include <QWidget>

class QComboBox;

namespace fusuma::app {

class ColourPatch;
class NumberField;

/// What a rim is printed with: paper, a colour, a pattern of two, or the art's own colours.
class FillField : public QWidget {
    Q_OBJECT
  public:
    /// @param name  of the rim, for tests and screen readers
    FillField(BenchTools& bench_tools, const QString& name, const QString& accessible);
    void set_fill(const Fill& fill); ///< without a signal

  signals:
    void edited(Fill fill);

  private:
    BenchTools& tools;
    Fill current;
    QComboBox* kinds;
    ColourPatch *first, *second;
    NumberField* pitch;
    QWidget* pitch_row;

    ColourPatch* colour_button(const QString& name, const QString& accessible, Rgb Fill::*part);
    void refresh();
    void change(const std::function<void(Fill&)>& edit);
};

} // namespace fusuma::app
