#pragma once

#include "app/common/zoom_view.h"
#include "app/output/output_run.h"

#include <QPixmap>

class QLabel;
class QPushButton;
class QSlider;

namespace fusuma::app {

/// The sheet as it is planned, then as it lies in the cutter: the marks as they were found, and the cut as it is foreseen or as it goes, along
/// a slider of time. While a person points at marks, the pointer with a loupe on the sensor's picture.
class RehearsalView : public ZoomView {
    Q_OBJECT
  public:
    explicit RehearsalView(OutputRun& output_run);
    void set_shows_travel(bool on);
    void set_shows_order(bool on);
    /// A slip to be shown on top of the sheet: the cut lines moved by it.
    void set_slip(const std::optional<Transform>& moved, const std::vector<CopyId>& damaged);

    [[nodiscard]] static KeyList keys();

  protected:
    /// Marks as they were found, and the copies, which can be chosen to be cut alone.
    [[nodiscard]] Things list_things() const override;
    void take_thing(int id) override;
    void paint(QPainter& painter) override;
    void press(QMouseEvent* event) override;
    void drag(QMouseEvent* event) override;
    bool key(QKeyEvent* event) override;
    bool claims(const QKeyEvent& event) const override;
    void resizeEvent(QResizeEvent* event) override;
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;

  private:
    OutputRun& run;
    QLabel *caption, *time_text, *page_text;
    QWidget *time_bar, *page_bar;
    QSlider* time;
    bool shows_travel = false, shows_order = false, was_planned = false;
    std::optional<Transform> slip;
    std::vector<CopyId> slip_damaged;
    /// The sheet, and the runs that are cut whole, drawn once.
    struct Drawn {
        QTransform view;
        qint64 sheet = 0;
        Transform place;
        const void* runs = nullptr;
        std::size_t count = 0;
        bool is_live = false;
        QPixmap picture;
    } drawn;

    void refresh();
    void lay_out();
    /// For somebody to say where to go on.
    [[nodiscard]] bool is_waiting() const {
        return run.stage() == RunStage::Stage::paused || run.stage() == RunStage::Stage::dropped;
    }
    void choose_at(Point place);
    [[nodiscard]] bool is_live() const { return run.is_cutting() || run.stage() == RunStage::Stage::cut; }
    [[nodiscard]] std::size_t shown_runs() const;
    void paint_sheet(QPainter& painter, const OutputRun::Shown& seen, const std::vector<CutTrace>& traces,
                     std::size_t whole);
    void paint_chosen(QPainter& painter, const CutRun& line) const;
    void paint_trace(QPainter& painter, const CutTrace& trace) const;
    void paint_marks(QPainter& painter) const;
    void paint_way(QPainter& painter, const OutputRun::Shown& seen, std::size_t runs) const;
    void paint_slip(QPainter& painter) const;
    void paint_pointer(QPainter& painter) const;
};

} // namespace fusuma::app
