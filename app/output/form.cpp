#include "app/output/form.h"

#include "app/common/panel_scroll.h"
#include "app/common/theme.h"

#include <QDialogButtonBox>
#include <QScreen>
#include <QVBoxLayout>

namespace fusuma::app {

Form::Form(const QString& title, const char* name, Unit length_unit, QWidget* parent)
    : PatientDialog(parent), unit(length_unit) {
    setWindowTitle(title);
    setObjectName(QLatin1String(name));
    auto* whole = column(this, 12, 8);
    auto* scroll = new PanelScroll(*this);
    auto* inner = new QWidget;
    rows = column(inner, 4, 6);
    scroll->setWidget(inner);
    whole->addWidget(scroll);
    setMinimumWidth(px(400));
}

void Form::add_heading(const QString& words) {
    if (rows->count() > 0)
        rows->addSpacing(6);
    rows->addWidget(label(words, "section"));
}

void Form::add_words(const QString& words) {
    auto* text = label(words, "dim");
    text->setWordWrap(true);
    rows->addWidget(text);
}

NumberField* Form::add_length(const QString& caption, const char* name, double least, double most, double now) {
    auto* field = new NumberField(NumberField::Kind::length, least, most, 0.1, QLatin1String(name));
    field->set_unit(unit);
    field->set_value(now);
    add(caption, field);
    return field;
}

NumberField* Form::add_number(const QString& caption, const char* name, double least, double most, double now,
                              double step, const QString& suffix) {
    auto* field = new NumberField(NumberField::Kind::plain, least, most, step, QLatin1String(name));
    field->set_suffix(suffix);
    field->set_value(now);
    add(caption, field);
    return field;
}

void Form::add(const QString& caption, QWidget* widget) {
    rows->addWidget(row(caption, widget, 150));
}

void Form::add_wide(QWidget* widget) {
    rows->addWidget(widget);
}

void Form::add_buttons(const QString& take_words) {
    auto* box = new QDialogButtonBox(QDialogButtonBox::Cancel);
    buttons = box;
    auto* take = box->addButton(take_words, QDialogButtonBox::AcceptRole);
    take->setObjectName(QStringLiteral("takeForm"));
    take->setDefault(true);
    restyle(take, "role", "primary");
    connect(box, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(box, &QDialogButtonBox::rejected, this, &QDialog::reject);
    layout()->addWidget(buttons);
    const int needed = rows->parentWidget()->sizeHint().height() + buttons->sizeHint().height() + 48;
    resize(420, std::min(needed, screen() ? screen()->availableGeometry().height() - 60 : needed));
    // What is still being typed counts, too.
    connect(this, &QDialog::accepted, this, [this] {
        if (QWidget* typing = focusWidget())
            typing->clearFocus();
    });
}

bool Form::run(const QString& take_words) {
    if (!buttons)
        add_buttons(take_words);
    return exec() == QDialog::Accepted;
}

} // namespace fusuma::app
