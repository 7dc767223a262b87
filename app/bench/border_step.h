#pragma once

#include "app/bench/step_parts.h"

class QCheckBox;

namespace fusuma::app {

class FillField;
class QuickPicks;

/// How the cut line follows from the outline, and the rims between them.
class BorderStep : public QWidget {
    Q_OBJECT
  public:
    BorderStep(Model& project, BenchTools& bench_tools);
    void refresh(const Sticker& sticker, Unit unit);
    void refresh_result(const StickerResult& result, Unit unit);
    [[nodiscard]] static QString state_of(const Sticker& sticker, Unit unit);

  private:
    struct RimRow {
        QWidget* whole;
        NumberField* width;
        FillField* fill;
    };
    Model& model;
    BenchTools& tools;
    QSlider* slider_width;
    NumberField *width, *mitre_limit, *close_under, *join, *least_gap, *least_tip;
    QWidget *mitre_row, *close_under_row;
    Choices *corners, *holes;
    QCheckBox *one_border, *scales;
    FillField* fill;
    QVBoxLayout* rim_list;
    std::vector<RimRow> rims;
    QLabel* words;
    QuickPicks* picks;
    std::vector<NumberField*> lengths;

    NumberField* length(double least, double most, double step, const char* name, const QString& why);
    template <typename Change>
    void edit_on(NumberField* field, const QString& label, const char* stroke, Change change);
    void add_width(QVBoxLayout* layout);
    void add_corners_and_holes(QVBoxLayout* layout);
    void add_joining(QVBoxLayout* layout);
    void add_rims(QVBoxLayout* layout);
    void add_rim_row();
};

} // namespace fusuma::app
