#include "app/common/notice.h"

#include "app/common/widgets.h"

#include <QHBoxLayout>

namespace fusuma::app {

Notice::Notice(QWidget* over) : QWidget(over) {
    setObjectName(QStringLiteral("notice"));
    setAttribute(Qt::WA_StyledBackground);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(12, 6, 6, 6);
    words = label({});
    words->setObjectName(QStringLiteral("noticeText"));
    words->setWordWrap(true);
    layout->addWidget(words, 1);
    auto* close = button(tr("Close"), "link", QStringLiteral("closeNotice"), tr("Put this message away."));
    connect(close, &QPushButton::clicked, this, &QWidget::hide);
    layout->addWidget(close);
    hide();
}

void Notice::tell(const QString& text) {
    words->setText(text);
    const int wide = qMin(560, parentWidget()->width() - 80);
    setFixedWidth(wide);
    adjustSize();
    move((parentWidget()->width() - wide) / 2, 54);
    raise();
    show();
}

} // namespace fusuma::app
