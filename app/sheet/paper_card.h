#pragma once

#include "app/sheet/sheet_card.h"

class QCheckBox;
class QComboBox;

namespace fusuma::app {

/// The paper, and the small sheets it is divided into.
class PaperCard : public SheetCard {
    Q_OBJECT
  public:
    explicit PaperCard(Model& project);
    void refresh() override;
    [[nodiscard]] QString state() const override;

  private:
    QCheckBox *mirrored, *lies_there;
    QComboBox *paper, *division, *division_cut;
    QWidget *custom_paper, *custom_grid, *small_sheet_rows;
    NumberField *columns, *rows;
};

/// What the printer cannot print and how it is set, and what corrects its prints.
class PrinterCard : public SheetCard {
    Q_OBJECT
  public:
    explicit PrinterCard(Model& project);
    void refresh() override;
    [[nodiscard]] QString state() const override;

  private:
    QComboBox* printer;
    NumberField *scaling, *stretch_x, *stretch_y;
    QCheckBox* borderless;

    void list_printers();
    void take(int index);
};

/// What the cutter reaches, and the marks by which it finds the print.
class CutterCard : public SheetCard {
    Q_OBJECT
  public:
    explicit CutterCard(Model& project);
    void refresh() override;
    [[nodiscard]] QString state() const override;

  private:
    QComboBox *cutter, *kind;
    QCheckBox* mat;
    QWidget *mat_rows, *inset_row, *size_row, *line_row, *clear_row;
    NumberField* size;

    void list_cutters();
    void load_scheme();
};

} // namespace fusuma::app
