#include "app/output/act_card.h"

#include "app/common/theme.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

namespace fusuma::app {

ActCard::ActCard(Model& project, OutputRun& output_run, int number, const QString& title, const char* id)
    : model(project), run(output_run) {
    setObjectName(QStringLiteral("card"));
    setAccessibleName(title);
    setAttribute(Qt::WA_StyledBackground);
    rows = column(this, 12, 8);
    auto* head = new QHBoxLayout;
    badge = label(QString::number(number), "strong");
    badge->setAlignment(Qt::AlignCenter);
    badge->setFixedSize(px(20), px(20));
    head->addWidget(badge);
    caption = label(title, "section");
    head->addWidget(caption);
    head->addStretch();
    state = label({}, "dim");
    state->setObjectName(QLatin1String(id) + QStringLiteral("State"));
    head->addWidget(state);
    rows->addLayout(head);
}

void ActCard::set_title(const QString& words) {
    caption->setText(words);
    setAccessibleName(words);
}

void ActCard::set_state(const QString& words, bool is_next) {
    state->setText(words);
    const Theme& t = theme();
    const QString look =
        QStringLiteral("background: %1; color: %2; border-radius: 10px; font-weight: 600;")
            .arg((is_next ? t.accent : t.look_at_tint).name(), is_next ? QStringLiteral("#FFFFFF") : t.ink.name());
    if (badge->styleSheet() != look) // they are slow to take in
        badge->setStyleSheet(look);
}

QLabel* ActCard::add_words(const char* role, const char* name) {
    auto* words = label({}, role);
    words->setWordWrap(true);
    if (name)
        words->setObjectName(QLatin1String(name));
    rows->addWidget(words);
    return words;
}

void ActCard::add_line(const std::vector<QWidget*>& widgets) {
    auto* line = new QHBoxLayout;
    line->setSpacing(6);
    for (QWidget* w : widgets)
        line->addWidget(w, 1);
    rows->addLayout(line);
}

} // namespace fusuma::app
