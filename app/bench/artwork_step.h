#pragma once

#include "app/bench/step_parts.h"

class QCheckBox;
class QLineEdit;

namespace fusuma::app {

/// Name, crop and turn of the artwork, and what its file says of itself.
class ArtworkStep : public QWidget {
    Q_OBJECT
  public:
    ArtworkStep(Model& project, BenchTools& tools);
    void refresh(const Sticker& sticker);
    [[nodiscard]] static QString state_of(const Sticker& sticker);

  private:
    Model& model;
    QLineEdit* name;
    QLabel* facts;
    NumberField *turn, *resolution;
    QWidget* resolution_row;
    QCheckBox* mirrored;
    QPushButton *whole, *crop, *flatten, *split;

    void reframe(const QString& label, const std::function<void(Framing&)>& change, const QString& stroke = {});
};

} // namespace fusuma::app
