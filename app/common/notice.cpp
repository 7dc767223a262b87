#include "app/common/notice.h"

#include "app/common/widgets.h"

#include <QHBoxLayout>

namespace fusuma::app {

Notice::Notice() {
    setObjectName(QStringLiteral("notice"));
    setAttribute(Qt::WA_StyledBackground);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(16, 4, 12, 4);
    words = label({});
    words->setObjectName(QStringLiteral("noticeText"));
    words->setWordWrap(true);
    layout->addWidget(words, 1);
    auto* close = button(tr("Close"), "link", QStringLiteral("closeNotice"),
                         tr("Put this message away. The last ones are listed in the Help menu."));
    connect(close, &QPushButton::clicked, this, &QWidget::hide);
    layout->addWidget(close);
    connect(&goes, &QTimer::timeout, this, [this] {
        if (!underMouse())
            hide();
    });
    hide();
}

void Notice::tell(const QString& text) {
    show_text(text, false);
}

void Notice::tell_problem(const QString& text) {
    show_text(text, true);
}

void Notice::show_text(const QString& text, bool is_problem) {
    words->setText(text);
    words->setAccessibleName(text);
    restyle(this, "problem", is_problem);
    is_problem ? goes.stop() : goes.start(stays_ms);
    show();
}

} // namespace fusuma::app
