#pragma once

#include "app/bench/bench_tools.h"
#include "core/border/ribbon.h"

#include <QImage>
#include <QTimer>
#include <QWidget>

class QLabel;
class QPushButton;

namespace fusuma::app {

class NumberField;

/// The cut line unrolled into a straight strip, in true proportions: paper above it, the sticker below. Over it the
/// whole length in small, with what lies between cut and art as a curve.
class EdgeRibbon : public QWidget {
    Q_OBJECT
  public:
    EdgeRibbon(Model& project, BenchTools& bench_tools);

    /// Marks the place of the line nearest to a point of the sticker.
    void point_at(Point mm);
    void point_nowhere();
    /// Brings that place into the middle of the strip.
    void centre_on(Point mm);

  signals:
    void pointed(Point mm); ///< the place under the pointer
    void left();

  protected:
    void paintEvent(QPaintEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void leaveEvent(QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void give_title_room(); ///< none where the rest needs it
    void contextMenuEvent(QContextMenuEvent* event) override;

  private:
    Model& model;
    BenchTools& tools;
    Ribbon ribbon;
    FlawLimits limits;
    CutKind kind = CutKind::kiss;
    std::shared_ptr<const StickerResult> shown_result;
    int shown_sticker = 0;
    QImage print;           ///< the sticker as it prints, on paper
    Point print_origin;     ///< mm at its top left
    double print_scale = 1; ///< its pixels per mm
    double scale = 11;      ///< px per mm of the strip
    bool is_zoomed = false; ///< by hand; else the widest place fits
    double offset = 0;      ///< mm along the ribbon at the strip's left
    std::optional<std::size_t> marked;
    QTimer live{this}; ///< previews come faster than anyone reads a ribbon; it follows forty times a second
    QLabel* title;
    QPushButton *narrowest, *widest;
    QLabel* words;
    NumberField* slip;

    void refresh();
    void take_print(const StickerResult& result);
    [[nodiscard]] QRect strip() const;
    [[nodiscard]] QRect overview() const;
    [[nodiscard]] double along_at(double x) const { return offset + (x - strip().left()) / scale; }
    [[nodiscard]] double x_of(double along) const { return strip().left() + (along - offset) * scale; }
    void set_offset(double mm);
    void go_to(std::size_t sample);
    [[nodiscard]] QImage unrolled(const QSize& size) const;
    void paint_strip(QPainter& painter) const;
    void paint_overview(QPainter& painter) const;
    void paint_mark(QPainter& painter, std::size_t sample, const QString& text, int side) const;
};

} // namespace fusuma::app
