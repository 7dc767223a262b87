#pragma once

#include <QEvent>
#include <QPointF>
#include <QWidget>

class QKeyEvent;
class QPainter;

namespace fusuma::app {

/// A pointer that keys move over a view, for hands that no mouse suits: arrows move it, Return takes hold and lets go,
/// with whatever modifiers are held, Escape takes back what it holds, then puts it away. The view sees the events of a
/// mouse.
class KeyPointer {
  public:
    explicit KeyPointer(QWidget& over) : view(over) {}

    void show(bool on);
    [[nodiscard]] bool is_shown() const { return shown; }
    bool key(const QKeyEvent& event); ///< true when taken
    void let_go();                    ///< of what it holds, as when the keys go elsewhere
    void paint(QPainter& painter) const;

  private:
    QWidget& view;
    bool shown = false, is_held = false;
    QPointF at;

    void send(QEvent::Type type, Qt::KeyboardModifiers modifiers);
};

} // namespace fusuma::app
