#include "app/frame/message_log.h"

#include "app/common/widgets.h"
#include "app/model/log.h"

#include <QDialog>
#include <QListWidget>
#include <QLocale>
#include <QVBoxLayout>

namespace fusuma::app {

MessageLog::MessageLog(Messages& messages) {
    connect(&messages, &Messages::problem, this, [this](const QString& text) { keep(text, true); });
    connect(&messages, &Messages::note, this, [this](const QString& text) { keep(text, false); });
    connect(&messages, &Messages::chatter, this, [this](const QString& text) { keep(text, false); });
}

void MessageLog::keep(const QString& text, bool is_problem) {
    constexpr std::size_t most = 100;
    qCInfo(messages_log).noquote() << (is_problem ? "problem:" : "note:") << text;
    said.push_back({QTime::currentTime(), text, is_problem});
    if (said.size() > most)
        said.pop_front();
}

QStringList MessageLog::lines() const {
    QStringList all;
    for (auto it = said.rbegin(); it != said.rend(); ++it)
        all << QLocale().toString(it->at, QLocale::ShortFormat) + QStringLiteral("   ") +
                   (it->is_problem ? tr("Not done: %1").arg(it->text) : it->text);
    return all;
}

void MessageLog::show(QWidget* over) const {
    QDialog dialog(over);
    dialog.setObjectName(QStringLiteral("messageLog"));
    dialog.setWindowTitle(tr("Last messages"));
    dialog.resize(560, 360);
    auto* rows = column(&dialog, 16, 10);
    auto* list = new QListWidget;
    list->setObjectName(QStringLiteral("messages"));
    list->setAccessibleName(tr("Last messages"));
    list->setWordWrap(true);
    list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list->addItems(lines());
    if (said.empty())
        list->addItem(tr("Nothing was said yet."));
    rows->addWidget(list, 1);
    auto* close = button(tr("Close"), "", QStringLiteral("closeMessages"), {});
    connect(close, &QPushButton::clicked, &dialog, &QDialog::accept);
    rows->addWidget(close, 0, Qt::AlignRight);
    dialog.exec();
}

} // namespace fusuma::app
