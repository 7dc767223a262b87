#include "app/sheet/sheet_card.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

namespace fusuma::app {

SheetCard::SheetCard(Model& project) : model(project), rows_of_card(column(this, 10, 6)) {}

NumberField* SheetCard::length(double least, double most, double step, const char* name) {
    auto* field = new NumberField(NumberField::Kind::length, least, most, step, QLatin1String(name));
    lengths.push_back(field);
    return field;
}

NumberField* SheetCard::plain(double least, double most, const char* name) {
    return new NumberField(NumberField::Kind::plain, least, most, 1, QLatin1String(name));
}

QWidget* SheetCard::add_row(const QString& caption, QWidget* widget, int width) {
    QWidget* line = row(caption, widget, width);
    rows_of_card->addWidget(line);
    return line;
}

void SheetCard::add_line(const std::vector<QWidget*>& widgets) {
    auto* line = new QWidget;
    auto* layout = new QHBoxLayout(line);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(6);
    for (QWidget* widget : widgets)
        layout->addWidget(widget, 1);
    rows_of_card->addWidget(line);
}

void SheetCard::edit_sheet(const QString& text, const std::function<void(SheetSettings&)>& change,
                           const QString& stroke) {
    model.project.edit(
        text,
        [&](Document d) {
            change(d.sheet);
            return d;
        },
        stroke);
}

void SheetCard::bind(NumberField* field, const QString& text, const std::function<double&(SheetSettings&)>& of) {
    bound.emplace_back(field, of);
    connect(field, &NumberField::edited, this, [this, field, text, of](double value) {
        edit_sheet(
            text, [&](SheetSettings& s) { of(s) = value; }, field->objectName());
    });
}

void SheetCard::refresh_bound() {
    SheetSettings sheet = model.document().sheet;
    for (const auto& [field, of] : bound)
        field->set_value(of(sheet));
}

void SheetCard::refresh_units() {
    for (NumberField* field : lengths)
        field->set_unit(model.document().unit);
}

} // namespace fusuma::app
