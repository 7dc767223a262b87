#include "app/common/panel_scroll.h"

#include <QEvent>

namespace fusuma::app {

PanelScroll::PanelScroll(QWidget& of) : panel(of) {
    setWidgetResizable(true);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
}

bool PanelScroll::eventFilter(QObject* watched, QEvent* event) {
    const bool is_done = QScrollArea::eventFilter(watched, event);
    if (watched == widget() && (event->type() == QEvent::LayoutRequest || event->type() == QEvent::Resize))
        give_room();
    return is_done;
}

void PanelScroll::give_room() {
    const int lacking = widget()->minimumSizeHint().width() - viewport()->width();
    if (!isVisible() || lacking <= 0)
        return;
    const int wanted = std::min(panel.width() + lacking, panel.maximumWidth());
    if (wanted > panel.minimumWidth())
        panel.setMinimumWidth(wanted);
}

} // namespace fusuma::app
