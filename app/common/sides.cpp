#include "app/common/sides.h"

#include "app/model/settings.h"


namespace fusuma::app {

Sides::Sides(const QString& name, QWidget* left, QWidget* middle, QWidget* right)
    : QSplitter(Qt::Horizontal), key(name) {
    setObjectName(QStringLiteral("sides"));
    setHandleWidth(5);
    setChildrenCollapsible(false);
    addWidget(left);
    addWidget(middle);
    addWidget(right);
    setStretchFactor(0, 0);
    setStretchFactor(1, 1);
    setStretchFactor(2, 0);
    setSizes({left->minimumWidth(), 10000, right->minimumWidth()}); // the middle takes what is left
    restoreState(Settings::sides.value({}, key));
    connect(this, &QSplitter::splitterMoved, this, [this] { Settings::sides.keep(saveState(), key); });
}

void Sides::set_folded(Side side, bool is_folded) {
    widget(side == Side::left ? 0 : 2)->setHidden(is_folded);
}

bool Sides::is_folded(Side side) const {
    return widget(side == Side::left ? 0 : 2)->isHidden();
}

} // namespace fusuma::app
