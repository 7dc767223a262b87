#pragma once

#include "app/bench/step_parts.h"
#include "app/model/latest_only.h"

class QCheckBox;
class QHBoxLayout;
class QListWidget;

namespace fusuma::app {

/// What tells the art from its background, and the hand work after it.
class BackgroundStep : public QWidget {
    Q_OBJECT
  public:
    BackgroundStep(Model& project, BenchTools& bench_tools);
    void refresh(const Sticker& sticker, const Isolation& isolation);
    [[nodiscard]] static QString state_of(const Sticker& sticker, const Isolation& isolation);

  private:
    Model& model;
    BenchTools& tools;
    Choices *source, *use, *light, *shadows;
    QLabel* why;
    LatestOnly small{model.messages};
    std::shared_ptr<const Sticker> pictured; ///< that the sources' pictures are of, or will be
    QWidget *brightness_rows, *colour_rows, *subject_rows, *light_rows, *tolerance_rows, *stroke_rows, *stroke_buttons;
    QSlider *brightness, *tolerance;
    QHBoxLayout* swatches;
    std::vector<Rgb> shown_swatches;
    QCheckBox *pockets, *fill_inside, *prints_evened, *whitens_paper;
    QPushButton *give_back, *whole_picture, *no_box;
    NumberField *brush_size, *brush_hardness;
    QListWidget* strokes;

    QWidget* brightness_part();
    QWidget* colour_part();
    QWidget* subject_part();
    QWidget* light_part();
    QWidget* brush_part();
    void edit(const QString& label, const std::function<void(BackgroundSettings&)>& change, const QString& stroke = {});
    void edit_chosen_stroke(const QString& label, const std::function<void(Stroke&)>& change);
    void refresh_pictures(const Sticker& sticker);
    void refresh_swatches(const BackgroundSettings& chosen);
    void refresh_strokes(const std::vector<Stroke>& all);
};

} // namespace fusuma::app
