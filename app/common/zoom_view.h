#pragma once

#include "app/common/key_pointer.h"
#include "app/common/key_words.h"
#include "app/common/thing.h"
#include "core/geometry/point.h"

#include <QMargins>
#include <QTransform>
#include <QWidget>

namespace fusuma::app {

/// A view of a plane in millimetres that can be zoomed with the wheel at the pointer, panned with the middle button or
/// with Space held, and fitted with a double click. Tab and Ctrl with arrows go from one of its things to the next, and
/// a pointer can be moved by keys.
class ZoomView : public QWidget {
    Q_OBJECT
  public:
    explicit ZoomView(QWidget* parent = nullptr);

    /// The rectangle (mm) that "fit" shows. A view that has not been zoomed by hand keeps fitting it.
    void set_content(const Rect& mm);
    /// Room (px) that "fit" leaves along the edges for what lies over the view.
    void set_fit_margins(const QMargins& room);
    void fit();
    void zoom_by(double factor, QPointF at);
    void zoom_by(double factor) { zoom_by(factor, rect().center()); }
    void centre_on(Point mm);
    [[nodiscard]] double px_per_mm() const { return scale; }
    [[nodiscard]] QTransform to_view() const;
    /// What it shows that can be chosen, in the order in which keys go through it: listed once for what is painted, since
    /// screen readers ask for one after the other.
    [[nodiscard]] const Things& things() const;
    /// Chooses one of its things, by its id.
    void choose(int id);
    [[nodiscard]] static KeyList keys_of_views();
    void point_by_keys(bool on) { pointer_of_keys.show(on); }
    [[nodiscard]] bool is_pointed_by_keys() const { return pointer_of_keys.is_shown(); }
    [[nodiscard]] Point to_mm(QPointF view) const;

  signals:
    void zoomed();

  protected:
    [[nodiscard]] bool is_panning() const { return space_held || panning; }
    [[nodiscard]] virtual Things list_things() const { return {}; }
    virtual void take_thing(int) {} ///< as chosen, by its id
    virtual void paint(QPainter& painter) = 0; ///< in device pixels, background already drawn
    virtual void press(QMouseEvent*) {}
    virtual void drag(QMouseEvent*) {}
    virtual void release(QMouseEvent*) {}
    virtual bool double_click(QMouseEvent*) { return false; } ///< true when taken
    virtual bool key(QKeyEvent*) { return false; }            ///< true when taken
    /// Keys that are menu commands elsewhere but mean something to this view just now.
    virtual bool claims(const QKeyEvent&) const { return false; }

    bool event(QEvent* event) override;

    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void keyReleaseEvent(QKeyEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;
    bool focusNextPrevChild(bool next) override;

  private:
    Rect content;
    QMargins fit_margins{28, 28, 28, 28};
    double scale = 1;
    QPointF shift;
    bool by_hand = false, space_held = false, panning = false;
    QPointF last;
    KeyPointer pointer_of_keys{*this};
    bool is_focused_by_keys = false; ///< then it is shown
    mutable Things listed;
    mutable bool is_listed = false;

    bool choose_at(int place);
};

} // namespace fusuma::app
