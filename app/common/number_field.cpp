#include "app/common/number_field.h"

#include "app/common/widgets.h"
#include "formats/basics/in_words.h"

#include <QKeyEvent>
#include <QToolTip>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>

namespace fusuma::app {

NumberField::NumberField(Kind field_kind, double least, double most, double step_size, const QString& name,
                         QWidget* parent)
    : QLineEdit(parent), kind(field_kind), low(least), high(most), step(step_size) {
    setObjectName(name);
    setAlignment(Qt::AlignRight);
    if (kind == Kind::length)
        setToolTip(tr("Type a length with any unit, such as 2mm, 1/8in or 50/2. Arrow keys step it."));
    connect(this, &QLineEdit::returnPressed, this, &NumberField::take_typed);
    connect(this, &QLineEdit::textEdited, this, [this] { set_wrong({}); });
    setText(shown());
}

QString NumberField::shown() const {
    if (kind == Kind::length)
        return length_in_words(current, shown_unit);
    const QString text = number_in_words(current, kind == Kind::degrees ? 1
                                                  : step < 0.01         ? 3
                                                  : step < 0.1          ? 2
                                                  : step < 1            ? 1
                                                                        : 0);
    return kind == Kind::degrees ? text + QStringLiteral("°") : suffix.isEmpty() ? text : text + " " + suffix;
}

void NumberField::set_value(double value) {
    current = value;
    if (!isModified())
        setText(shown());
}

void NumberField::set_unit(Unit unit) {
    shown_unit = unit;
    if (!isModified())
        setText(shown());
}

void NumberField::set_suffix(const QString& text) {
    suffix = text;
    setText(shown());
}

std::optional<double> NumberField::read() const {
    QString typed = text().trimmed();
    if (kind == Kind::length)
        return parse_length(typed.toStdString(), shown_unit);
    typed.remove(QStringLiteral("°")).remove(suffix);
    return parse_length(typed.toStdString(), Unit::mm);
}

/// The reason takes the tooltip's place while it holds.
void NumberField::set_wrong(const QString& why) {
    const bool was_wrong = property("wrong").toBool(), is_wrong = !why.isEmpty();
    if (is_wrong && !was_wrong)
        usual_tip = toolTip();
    if (is_wrong || was_wrong)
        setToolTip(is_wrong ? why : usual_tip);
    restyle(this, "wrong", is_wrong);
}

void NumberField::take_typed() {
    if (!isModified())
        return;
    const auto value = read();
    if (!value) {
        const QString why = (kind == Kind::length ? tr("This is not a length: try 2mm, 1/8in or 50/2. %1 stays.")
                                                  : tr("This is not a number. %1 stays."))
                                .arg(shown());
        set_wrong(why);
        say(why);
        return;
    }
    setModified(false);
    set_by_person(*value);
    emit typed(std::clamp(*value, low, high)); // what follows from the edit may have set another value by now
    if (*value < low - 1e-9 || *value > high + 1e-9)
        say(*value < low ? tr("%1 is the least.").arg(shown()) : tr("%1 is the most.").arg(shown()));
}

void NumberField::say(const QString& words) {
    QToolTip::showText(mapToGlobal(QPoint(0, height())), words, this);
}

void NumberField::put_back() {
    setModified(false);
    set_wrong({});
    setText(shown());
}

void NumberField::set_by_person(double value) {
    current = std::clamp(value, low, high);
    set_wrong({});
    setText(shown());
    setModified(false);
    emit edited(current);
}

void NumberField::step_by(double steps) {
    const double by = kind == Kind::length && shown_unit == Unit::inch ? step * mm_per_inch / 16 : step;
    set_by_person(std::round(current / by) * by + steps * by);
}

void NumberField::keyPressEvent(QKeyEvent* event) {
    const double big = event->modifiers() & Qt::ShiftModifier ? 10 : 1;
    if (event->key() == Qt::Key_Up)
        step_by(big);
    else if (event->key() == Qt::Key_Down)
        step_by(-big);
    else if (event->key() == Qt::Key_Escape && isModified())
        put_back();
    else
        QLineEdit::keyPressEvent(event);
}

void NumberField::wheelEvent(QWheelEvent* event) {
    if (!hasFocus() &&
        !(event->modifiers() & Qt::ControlModifier)) { // scrolling a panel must not change what lies under the pointer
        event->ignore();
        return;
    }
    if (const int turned = event->angleDelta().y(); turned != 0) // sideways means nothing here
        step_by(turned > 0 ? 1 : -1);
    event->accept();
}

void NumberField::focusInEvent(QFocusEvent* event) {
    QLineEdit::focusInEvent(event);
    selectAll();
}

void NumberField::focusOutEvent(QFocusEvent* event) {
    if (isModified() && !read())
        put_back();
    take_typed();
    QLineEdit::focusOutEvent(event);
}

} // namespace fusuma::app
