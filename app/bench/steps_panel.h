#pragma once

#include "app/bench/step_card.h"
#include "app/shell/session.h"

#include <QWidget>
#include <functional>
#include <vector>

class QCheckBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QSlider;

namespace fusuma::app {

class Choices;
class NumberField;

/// The steps of the sticker in hand, all live: each control edits the document at once.
class StepsPanel : public QWidget {
    Q_OBJECT
  public:
    explicit StepsPanel(Session& project);

  signals:
    void put_on_sheet_wanted();
    void pick_wanted();
    void focus_wanted();

  private:
    Session& session;
    QLabel *title, *artwork_facts, *specks, *finished_text, *finished_words;
    QLineEdit* name;
    Choices* source;
    QLabel *source_why, *swatch;
    QSlider *brightness, *tolerance;
    QWidget *brightness_rows, *colour_rows;
    QCheckBox* pockets;
    QPushButton* whole_picture;
    QSlider *threshold, *border_width;
    QLabel* threshold_text;
    NumberField *detail, *least_speck, *border_field, *close_under, *width, *height, *finished_width, *finished_height;
    QWidget* close_under_row;
    Choices *corners, *holes, *cut;
    QPushButton* put_on_sheet;
    QWidget* steps;
    std::vector<StepCard*> cards;
    std::vector<NumberField*> lengths;

    QWidget* artwork_step();
    QWidget* background_step();
    QWidget* outline_step();
    QWidget* border_step();
    QWidget* cut_step();
    QWidget* size_step();
    void add_card(const QString& title, QWidget* body);
    void open_card(std::size_t index);
    NumberField* length_field(double least, double most, double step, const char* object_name);
    void refresh();
    void refresh_values(const Sticker& sticker);
    void refresh_background(const Sticker& sticker, const Isolation& isolation);
    void edit_background(const QString& label, const std::function<void(BackgroundSettings&)>& change,
                         const QString& stroke = {});
    void refresh_results(const Sticker& sticker, const StickerResult& result);
    void resize_sticker(double width_mm, const QString& stroke);
};

} // namespace fusuma::app
