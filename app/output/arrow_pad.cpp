#include "app/output/arrow_pad.h"

#include "app/common/widgets.h"

#include <QApplication>
#include <QHBoxLayout>
#include <QPushButton>

namespace fusuma::app {

double head_step() {
    const auto held = QApplication::keyboardModifiers();
    return held & Qt::ShiftModifier ? 5 : held & Qt::AltModifier ? 0.05 : 0.5;
}

QWidget* arrow_pad(const char* name, const QString& tip, const std::function<void(Point)>& go) {
    auto* pad = new QWidget;
    pad->setObjectName(QLatin1String(name) + QStringLiteral("Pad"));
    auto* line = new QHBoxLayout(pad);
    line->setContentsMargins(0, 0, 0, 0);
    line->setSpacing(6);
    const struct {
        const char* arrow;
        const char* side;
        QString words;
        Point way;
    } arrows[] = {{"←", "Left", QCoreApplication::translate("arrow_pad", "to the left"), {-1, 0}},
                  {"→", "Right", QCoreApplication::translate("arrow_pad", "to the right"), {1, 0}},
                  {"↑", "Up", QCoreApplication::translate("arrow_pad", "away from you"), {0, -1}},
                  {"↓", "Down", QCoreApplication::translate("arrow_pad", "towards you"), {0, 1}}};
    for (const auto& one : arrows) {
        auto* b = button(QString::fromUtf8(one.arrow), "", QLatin1String(name) + QLatin1String(one.side),
                         QCoreApplication::translate("arrow_pad", "%1 %2").arg(tip, one.words));
        b->setAccessibleName(QCoreApplication::translate("arrow_pad", "%1 %2").arg(tip, one.words));
        b->setAutoRepeat(true);
        QObject::connect(b, &QPushButton::clicked, pad, [go, way = one.way] { go(way); });
        line->addWidget(b, 1);
    }
    return pad;
}

} // namespace fusuma::app
