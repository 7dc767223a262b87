#pragma once

#include "app/sheet/sheet_card.h"

class QCheckBox;
class QComboBox;

namespace fusuma::app {

/// Putting copies on the page: some more, as many as fit, or exact numbers; and what to do with the room between.
class FillCard : public SheetCard {
    Q_OBJECT
  public:
    explicit FillCard(Model& project);
    void refresh() override;
    [[nodiscard]] QString state() const override;

  private:
    NumberField *copies, *gap, *count;
    QPushButton *place, *fill, *spread, *close_up;
    QComboBox *which, *how_many, *way;
    QCheckBox* fewest;
    QCheckBox* shares;
    QWidget* count_row;
    QLabel* report;

    void start_filling();
};

} // namespace fusuma::app
