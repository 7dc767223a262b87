#include "app/frame/busy_bar.h"

#include "app/common/widgets.h"

#include <QHBoxLayout>
#include <QProgressBar>
#include <QTimer>
#include <algorithm>
#include <utility>

namespace fusuma::app {

BusyBar::BusyBar(Model& project, QWidget* parent, std::function<QWidget*()> view_in_sight)
    : QWidget(parent), model(project), view(std::move(view_in_sight)) {
    setObjectName(QStringLiteral("busy"));
    setAttribute(Qt::WA_StyledBackground);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(14, 8, 8, 8);
    layout->setSpacing(10);
    words = label({});
    words->setObjectName(QStringLiteral("busyWords"));
    bar = new QProgressBar;
    bar->setTextVisible(false);
    bar->setFixedSize(px(140), px(6));
    stop = button(tr("Stop"), "", QStringLiteral("stopBusiness"),
                  tr("Stop waiting. A picture being read is left out; a change being worked out is undone; "
                     "a file being made is not saved."));
    connect(stop, &QPushButton::clicked, this, [this] { model.business.cancel(); });
    for (QWidget* widget : std::initializer_list<QWidget*>{words, bar, stop})
        layout->addWidget(widget);
    constexpr int every_ms = 100;
    auto* timer = new QTimer(this);
    connect(timer, &QTimer::timeout, this, &BusyBar::look);
    timer->start(every_ms);
    hide();
}

void BusyBar::look() {
    constexpr int patience_ms = 500;
    const auto business = model.business.now();
    waited_ms = business ? waited_ms + 100 : 0;
    if (waited_ms < patience_ms) {
        hide();
        return;
    }
    words->setText(business->words);
    stop->setVisible(business->can_be_stopped);
    bar->setRange(0, business->done < 0 ? 0 : 1000);
    bar->setValue(static_cast<int>(business->done * 1000));
    adjustSize();
    move(place());
    show();
    raise();
}

QPoint BusyBar::place() const {
    constexpr int from_edge = 56, gap = 8; // px
    const QWidget& all = *parentWidget();
    QRect here({(all.width() - width()) / 2, all.height() - height() - from_edge}, size());
    const QWidget* seen = view();
    if (!seen)
        return here.topLeft();
    const int middle = seen->mapTo(&all, seen->rect().center()).x();
    here.moveLeft(std::clamp(middle - width() / 2, 0, std::max(0, all.width() - width())));
    QList<QRect> tools;
    for (const auto* tool : seen->findChildren<QWidget*>(QString(), Qt::FindDirectChildrenOnly))
        if (tool->isVisible())
            tools << QRect(tool->mapTo(&all, QPoint()), tool->size());
    std::ranges::sort(tools, std::greater{}, &QRect::bottom);
    for (const QRect& tool : tools)
        if (here.intersects(tool))
            here.moveBottom(tool.top() - gap);
    return here.topLeft();
}

} // namespace fusuma::app
