#pragma once

#include "app/bench/step_parts.h"

namespace fusuma::app {

/// How the coverage becomes curves, and what of them is left out.
class OutlineStep : public QWidget {
    Q_OBJECT
  public:
    explicit OutlineStep(Model& project);
    void refresh(const Sticker& sticker);
    void refresh_result(const SizedOutline& outlined);
    [[nodiscard]] static QString state_of(const Sticker& sticker);

  private:
    Model& model;
    std::vector<QWidget*> of_pixels; ///< what only pictures need
    QSlider* threshold;
    QLabel *threshold_text, *dropped;
    NumberField *detail_px, *detail_mm, *smoothing, *specks, *holes, *gaps;
    Choices* edges;

    template <typename Change>
    void edit_on(NumberField* field, const QString& label, const char* stroke, Change change);
};

} // namespace fusuma::app
