#include "app/frame/busy_bar.h"

#include "app/common/widgets.h"

#include <QHBoxLayout>
#include <QProgressBar>
#include <QTimer>

namespace fusuma::app {

BusyBar::BusyBar(Model& project, QWidget* parent) : QWidget(parent), model(project) {
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
    move((parentWidget()->width() - width()) / 2, parentWidget()->height() - height() - 56);
    show();
    raise();
}

} // namespace fusuma::app
