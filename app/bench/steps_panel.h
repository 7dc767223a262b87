#pragma once

#include "app/bench/bench_tools.h"
#include "app/common/step_card.h"

#include <QWidget>
#include <functional>
#include <vector>

class QLabel;
class QPushButton;

namespace fusuma::app {

class ArtworkStep;
class BackgroundStep;
class BleedStep;
class BorderStep;
class ClusterStep;
class CutStep;
class LabelStep;
class NumberField;
class OutlineStep;
class PartsStep;
class QuickPicks;

/// The steps of the sticker in hand, all live: each control edits the document at once.
class StepsPanel : public QWidget {
    Q_OBJECT
  public:
    StepsPanel(Model& project, BenchTools& bench_tools);

    /// Opens the step whose tools work on the cut line.
    void open_step_of(Tool tool);
    /// What can be done with what lies at a place of the sticker, as a right click has it.
    void show_menu(Point mm, double px_per_mm, QPoint global);
    /// Opens the step about what the artwork is made of.
    void open_source();

  signals:
    void put_on_sheet_wanted();
    void step_opened(int step); ///< by its place from 0; -1 when all are closed

  private:
    Model& model;
    BenchTools& tools;
    QLabel *title, *finished_text, *finished_words;
    ArtworkStep* artwork;
    BackgroundStep* background;
    PartsStep* parts;
    LabelStep* label_step;
    ClusterStep* cluster;
    int shown_sticker = 0;
    OutlineStep* outline;
    BorderStep* border;
    BleedStep* bleed;
    CutStep* cut;
    NumberField *width, *height, *finished_width, *finished_height;
    QuickPicks* picks;
    QPushButton* put_on_sheet;
    QWidget* steps;
    std::vector<StepCard*> cards;
    std::vector<NumberField*> lengths;

    QWidget* size_step();
    QWidget* source_step();
    void show_source(const QWidget* shown, const QString& its_name);
    void refresh_source(const Sticker& sticker);
    void add_card(const char* id, QWidget* body); ///< with a title of that name
    void open_card(std::size_t index);
    NumberField* length_field(double least, double most, double step, const char* object_name);
    void refresh();
    void refresh_values(const Sticker& sticker);
    void refresh_results(const Sticker& sticker, const StickerResult& result);
    void resize_sticker(double width_mm, const QString& stroke);
};

} // namespace fusuma::app
