#pragma once

#include "app/output/output_run.h"
#include "app/output/rehearsal_view.h"

class QLabel;
class QProgressBar;
class QPushButton;
class QSlider;
class QVBoxLayout;

namespace fusuma::app {

/// The neighbourhood of one place of the sheet with the slipped cut line over it, eight times as large as it will be.
class Loupe : public QWidget {
    Q_OBJECT
  public:
    explicit Loupe(OutputRun& output_run);
    void look_at(Point paper_mm, const Transform& moved);

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    OutputRun& run;
    Point at;
    Transform slip;
};

/// "What if it slips?": shift and turn the cut against the print, see which stickers would show it, and what border or
/// bleed would make all of them safe.
class SlipPanel : public QWidget {
    Q_OBJECT
  public:
    SlipPanel(Model& project, OutputRun& output_run, RehearsalView& rehearsal_view);

  protected:
    void showEvent(QShowEvent* event) override;

  private:
    Model& model;
    OutputRun& run;
    RehearsalView& view;
    Loupe* loupe;
    struct Slide {
        QSlider* slider;
        QLabel* value;
    } right, down, turn;
    QLabel *verdict, *advice, *chances_text;
    QPushButton *remedy_button, *try_button;
    std::vector<std::pair<QProgressBar*, QLabel*>> bars;
    std::shared_ptr<const SlipSheet> sheet;
    std::shared_ptr<const JobPlan> sheet_of;
    int sheet_page = -1;
    std::optional<Remedy> remedy;
    double remedied_mm = 0;
    LatestOnly work{model.messages}, trying{model.messages};

    void refresh();
    void show_slip();
    void work_out_sheet();
    void try_sheets();
    void apply_remedy();
    [[nodiscard]] Transform slip() const;
    Slide slide(QVBoxLayout* into, const QString& caption, const char* name, int most);
    /// The plan to judge: of the ticket in hand, else of the sheet as it is.
    [[nodiscard]] std::shared_ptr<const JobPlan> plan() const;
    [[nodiscard]] int page() const;
};

} // namespace fusuma::app
