#include "app/frame/guide_window.h"

#include "app/common/widgets.h"
#include "formats/basics/shipped.h"

#include <QFileInfo>
#include <QListWidget>
#include <QLocale>
#include <QSplitter>
#include <QTextBlock>
#include <QTextBrowser>
#include <QVBoxLayout>

namespace fusuma::app {

namespace {

QString guide_file() {
    const QString language = QLocale().name().section(QLatin1Char('_'), 0, 0);
    const QString own = shipped_file(QStringLiteral("guide/user-guide.%1.md").arg(language));
    return QFileInfo::exists(own) ? own : shipped_file(QStringLiteral("guide/user-guide.md"));
}

} // namespace

GuideWindow::GuideWindow(QWidget& over) : QDialog(&over) {
    setObjectName(QStringLiteral("guide"));
    setWindowTitle(tr("User guide"));
    resize(QSize(860, 640).boundedTo(over.size().expandedTo({640, 420})));
    auto* rows = column(this, 12, 8);
    auto* split = new QSplitter;
    auto* chapters = new QListWidget;
    chapters->setObjectName(QStringLiteral("chapters"));
    chapters->setAccessibleName(tr("Chapters"));
    chapters->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    chapters->setTextElideMode(Qt::ElideRight);
    auto* text = new QTextBrowser;
    text->setObjectName(QStringLiteral("guideText"));
    text->setAccessibleName(tr("User guide"));
    text->setOpenExternalLinks(true);
    text->setSource(QUrl::fromLocalFile(guide_file()), QTextDocument::MarkdownResource);
    split->addWidget(chapters);
    split->addWidget(text);
    split->setSizes({240, 620});
    split->setChildrenCollapsible(false);
    rows->addWidget(split, 1);
    constexpr double margin_px = 16;
    const auto list_chapters = [chapters, text] {
        text->document()->setDocumentMargin(margin_px);
        chapters->clear();
        for (QTextBlock block = text->document()->begin(); block.isValid(); block = block.next())
            if (const int level = block.blockFormat().headingLevel(); level == 1 || level == 2) {
                auto* item = new QListWidgetItem(block.text(), chapters);
                item->setData(Qt::UserRole, block.position());
            }
    };
    list_chapters();
    connect(text, &QTextBrowser::sourceChanged, this, list_chapters);
    connect(chapters, &QListWidget::currentItemChanged, this, [text](const QListWidgetItem* item) {
        if (!item)
            return;
        QTextCursor at(text->document());
        at.movePosition(QTextCursor::End);
        text->setTextCursor(at); // so that what is gone to comes to the top
        at.setPosition(item->data(Qt::UserRole).toInt());
        text->setTextCursor(at);
    });
    auto* back = button(tr("Back"), "", QStringLiteral("guideBack"), {});
    auto* close = button(tr("Close"), "", QStringLiteral("closeGuide"), {});
    back->setEnabled(false);
    connect(text, &QTextBrowser::backwardAvailable, back, &QPushButton::setEnabled);
    connect(back, &QPushButton::clicked, text, &QTextBrowser::backward);
    connect(close, &QPushButton::clicked, this, &QDialog::close);
    auto* below = new QHBoxLayout;
    below->addWidget(back);
    below->addStretch(1);
    below->addWidget(close);
    rows->addLayout(below);
}

void GuideWindow::show_guide(QWidget& over) {
    auto* guide = over.findChild<GuideWindow*>();
    if (!guide)
        guide = new GuideWindow(over);
    guide->show();
    guide->raise();
    guide->activateWindow();
}

} // namespace fusuma::app
