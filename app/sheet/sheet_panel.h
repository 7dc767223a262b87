#pragma once

#include "app/shell/session.h"

#include <QWidget>
#include <functional>
#include <vector>

class QComboBox;
class QLabel;
class QPushButton;

namespace fusuma::app {

class NumberField;

/// What is selected, how copies get onto the sheet, paper and marks, and how much room there is.
class SheetPanel : public QWidget {
    Q_OBJECT
  public:
    explicit SheetPanel(Session& project);

  private:
    Session& session;
    QLabel *selected, *placing, *zone_size, *zone_text;
    NumberField *left, *top, *turn, *copies, *paper_width, *paper_height, *margin, *inset, *keep_clear, *reach, *gap;
    QComboBox *paper, *mark_kind;
    QWidget *selection_fields, *custom_paper;
    QPushButton *place, *fill;
    std::vector<NumberField*> lengths;

    QWidget* selection_section();
    QWidget* placing_section();
    QWidget* paper_section();
    QWidget* summary();
    NumberField* length(double least, double most, double step, const char* name);
    NumberField* sheet_length(const QString& caption, double SheetSettings::*member, const char* name,
                              QWidget* section);
    void edit_sheet(const QString& label, const std::function<void(SheetSettings&)>& change,
                    const QString& stroke = {});
    void edit_selected(const QString& label, const std::function<void(Placement&)>& change);
    void refresh();
    void refresh_paper(const SheetSettings& sheet);
};

} // namespace fusuma::app
