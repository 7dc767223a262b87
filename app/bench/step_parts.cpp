#include "app/bench/step_parts.h"

#include <QHBoxLayout>

namespace fusuma::app {

QVBoxLayout* step_layout(QWidget* body) {
    auto* layout = column(body, 0, 8);
    layout->setContentsMargins(12, 4, 12, 12);
    return layout;
}

QPushButton* tool_button(BenchTools& tools, Tool tool, const QString& text, const QString& name, const QString& why) {
    auto* result = button(text, "", name, why);
    result->setCheckable(true);
    QObject::connect(result, &QPushButton::clicked, &tools,
                     [&tools, tool](bool on) { tools.take(on ? tool : Tool::none); });
    QObject::connect(&tools, &BenchTools::changed, result,
                     [&tools, tool, result] { result->setChecked(tools.tool() == tool); });
    return result;
}

NumberField* plain_field(double least, double most, double step, const char* name, const QString& suffix,
                         const QString& why) {
    auto* field = new NumberField(NumberField::Kind::plain, least, most, step, QLatin1String(name));
    field->set_suffix(suffix);
    field->setToolTip(why);
    return field;
}

QSlider* slider(int least, int most, const char* name, const QString& accessible, const QString& why) {
    auto* result = new QSlider(Qt::Horizontal);
    result->setObjectName(QLatin1String(name));
    result->setRange(least, most);
    result->setAccessibleName(accessible);
    result->setToolTip(why);
    return result;
}

QWidget* side_by_side(const std::vector<QWidget*>& widgets) {
    auto* result = new QWidget;
    auto* layout = new QHBoxLayout(result);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(6);
    for (QWidget* widget : widgets)
        layout->addWidget(widget, 1);
    return result;
}

} // namespace fusuma::app
