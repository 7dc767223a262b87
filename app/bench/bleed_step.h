#pragma once

#include "app/bench/step_parts.h"

namespace fusuma::app {

/// What is printed past the cut line.
class BleedStep : public QWidget {
    Q_OBJECT
  public:
    explicit BleedStep(Model& project);
    void refresh(const Sticker& sticker, Unit unit);
    [[nodiscard]] static QString state_of(const Sticker& sticker, Unit unit);

  private:
    Model& model;
    Choices* kinds;
    NumberField* width;
    QSlider* slider_width;
    QWidget* width_row;
    QLabel* words;
};

} // namespace fusuma::app
