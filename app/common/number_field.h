#pragma once

#include "core/units.h"

#include <QLineEdit>

namespace fusuma::app {

/// A number that can be typed with a unit and simple sums, or stepped with the arrow keys, and by the wheel
/// while it has the focus or with Ctrl. What cannot be read is told with the value that stays, and is put back when the
/// field is left.
class NumberField : public QLineEdit {
    Q_OBJECT
  public:
    enum class Kind { length, degrees, plain };

    /// @param name  object name for tests
    NumberField(Kind field_kind, double least, double most, double step_size, const QString& name,
                QWidget* parent = nullptr);

    /// Millimetres, degrees or a plain number. Does not disturb what is being typed, and emits nothing.
    void set_value(double value);
    [[nodiscard]] double value() const { return current; }
    void set_unit(Unit unit);
    void set_suffix(const QString& text); ///< for plain numbers, such as "mm²"

  signals:
    void edited(double value);
    void typed(double value); ///< after it, when it was not stepped

  protected:
    void keyPressEvent(QKeyEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

  private:
    Kind kind;
    double low, high, step;
    double current = 0;
    Unit shown_unit = Unit::mm;
    QString suffix, usual_tip;

    [[nodiscard]] QString shown() const;
    [[nodiscard]] std::optional<double> read() const;
    void take_typed();
    void set_wrong(const QString& why); ///< empty: it is not
    void put_back();                    ///< what was there before it was typed in
    void say(const QString& words);     ///< below the field, for a moment
    void step_by(double steps);
    void set_by_person(double value);
};

} // namespace fusuma::app
