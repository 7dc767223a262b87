#pragma once

#include "app/sheet/sheet_card.h"

namespace fusuma::app {

/// Where the selected copies lie and how large they are, and what can be done with them.
class SelectionCard : public SheetCard {
    Q_OBJECT
  public:
    explicit SelectionCard(Model& project);
    void refresh() override;
    [[nodiscard]] QString state() const override;

  private:
    NumberField *left, *top, *width, *height, *turn, *repeat_columns, *repeat_rows;
    QPushButton *lock, *group;
    QLabel* hint;
    std::vector<QWidget*> fields;

    void add_doing();
    void add_aligning();
    void add_repeating();
    void size_to(Side side, double mm);
    void turn_to(double deg);
    [[nodiscard]] bool is_every(bool (*holds)(const Placement&)) const;
};

} // namespace fusuma::app
