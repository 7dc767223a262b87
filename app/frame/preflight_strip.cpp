#include "app/frame/preflight_strip.h"

#include "app/common/accessible_view.h"
#include "app/common/widgets.h"
#include "formats/basics/in_words.h"

#include <QHBoxLayout>
#include <QListWidget>
#include <QProgressBar>
#include <QVBoxLayout>
#include <algorithm>

namespace fusuma::app {

PreflightStrip::PreflightStrip(Model& project, QWidget* drawer_parent) : model(project) {
    setObjectName(QStringLiteral("preflightStrip"));
    setAttribute(Qt::WA_StyledBackground);
    setFixedHeight(px(40));
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(16, 0, 16, 0);
    layout->setSpacing(8);
    layout->addWidget(label(tr("Preflight"), "section"));
    to_fix = button(tr("To fix"), "chip-fix", QStringLiteral("toFix"),
                    tr("Problems that would waste paper or a cut. Click for the list."));
    to_look_at =
        button({}, "chip-look", QStringLiteral("toLookAt"), tr("Things that may be meant. Click for the list."));
    message = label({});
    message->setObjectName(QStringLiteral("findingText"));
    message->setWordWrap(true); // two lines of it fit
    message->setMinimumWidth(px(160));
    show_button = button(tr("Show"), "link", QStringLiteral("showFinding"), tr("Go to the place on the sheet."));
    fix_button = button(tr("Repair"), "link", QStringLiteral("fixFinding"), tr("Repair this one. Undo takes it back."));
    silence_button = button(tr("Ignore"), "link", QStringLiteral("silenceFinding"),
                            tr("It is not told again as long as these copies lie where they are. "
                               "Saved with the project."));
    used_bar = new QProgressBar;
    used_bar->setTextVisible(false);
    used_bar->setFixedWidth(px(120));
    used_bar->setRange(0, 100);
    used_text = label({});
    for (QWidget* w :
         std::initializer_list<QWidget*>{to_fix, to_look_at, message, show_button, fix_button, silence_button})
        layout->addWidget(w, w == message ? 100 : 0);
    layout->addStretch(1);
    layout->addWidget(used_bar);
    layout->addWidget(used_text);

    drawer = new QWidget(drawer_parent);
    drawer->setObjectName(QStringLiteral("drawer"));
    drawer->setAttribute(Qt::WA_StyledBackground);
    list = new QListWidget;
    list->setObjectName(QStringLiteral("findingList"));
    auto* in_drawer = column(drawer, 6, 4);
    in_drawer->addWidget(list);
    tell_again = button(tr("Ignored"), "link", QStringLiteral("tellAgain"), tr("Tell all that is ignored again."));
    in_drawer->addWidget(tell_again, 0, Qt::AlignLeft);
    drawer->hide();

    connect(to_fix, &QPushButton::clicked, this, &PreflightStrip::toggle_drawer);
    connect(to_look_at, &QPushButton::clicked, this, &PreflightStrip::toggle_drawer);
    connect(show_button, &QPushButton::clicked, this, [this] {
        if (const Finding* f = current())
            emit show_wanted(*f);
    });
    connect(fix_button, &QPushButton::clicked, this, [this] {
        if (const Finding* f = current())
            model.copies.apply_fix(Finding(*f));
    });
    connect(silence_button, &QPushButton::clicked, this, [this] {
        if (const Finding* f = current())
            model.project.edit(tr("Ignore"), [finding = *f](Document d) { return silenced(std::move(d), finding); });
    });
    connect(tell_again, &QPushButton::clicked, &model, [this] {
        model.project.edit(tr("Tell all again"), [](Document d) {
            d.silenced.clear();
            return d;
        });
    });
    connect(list, &QListWidget::itemActivated, this, [this] { show_button->click(); });
    connect(list, &QListWidget::currentRowChanged, this, [this](int row) {
        if (row >= 0 && row != shown) {
            shown = row;
            refresh();
        }
    });
    connect(&model, &Model::changed, this, &PreflightStrip::refresh);
    connect(&model.working_out, &WorkingOut::worked_out, this, [this] {
        shown = 0;
        refresh();
        refresh_drawer();
    });
    refresh();
}

void PreflightStrip::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    constexpr int room_for_bar = 1100; // px; in narrower windows its figure says the same
    used_bar->setVisible(width() >= room_for_bar);
}

const Finding* PreflightStrip::current() const {
    const auto& findings = model.snapshot().findings;
    const auto i = static_cast<std::size_t>(shown);
    return i < findings.size() ? &findings[i] : nullptr;
}

void PreflightStrip::refresh() {
    const Snapshot& s = model.snapshot();
    const auto fixes = std::count_if(s.findings.begin(), s.findings.end(),
                                     [](const Finding& f) { return f.severity == Severity::to_fix; });
    const auto looks = static_cast<std::ptrdiff_t>(s.findings.size()) - fixes;
    to_fix->setText(fixes > 0 ? tr("%1 to fix").arg(fixes) : tr("Nothing to fix"));
    restyle(to_fix, "role", fixes > 0 ? "chip-fix" : "chip-fine");
    to_look_at->setText(tr("%1 to look at").arg(looks));
    to_look_at->setVisible(looks > 0);
    const Finding* f = current();
    // Of the sheet as it is; what was found on the one before is not said of it.
    const bool is_empty = model.document().placements.empty(), is_old = s.document.placements.empty() != is_empty;
    const QString words = f          ? in_words(f->message)
                          : is_empty ? tr("The sheet is empty.")
                          : is_old   ? model.working_out.is_settled() ? tr("The sheet has not been worked out yet.")
                                                                      : tr("Looking at the sheet…")
                                     : tr("Everything lies inside the cut zone with room between.");
    to_fix->setVisible(f || !is_old);
    message->setText(words);
    message->setToolTip(words);
    message->setMaximumWidth(message->fontMetrics().horizontalAdvance(words) + 6); // what it does next stands beside it
    show_button->setVisible(f);
    silence_button->setVisible(f);
    fix_button->setVisible(f && f->fix);
    if (f && f->fix)
        fix_button->setText(in_words(f->fix->label));
    tell(words);
    const int percent = qRound(100 * s.totals.used_share);
    used_bar->setValue(percent);
    used_text->setText(tr("Cut zone used %1 %").arg(percent));
}

void PreflightStrip::tell(const QString& words) {
    const QString counts = to_look_at->isHidden() ? to_fix->text() : to_fix->text() + ", " + to_look_at->text();
    const QString now = to_fix->isHidden() ? words : counts + QStringLiteral(": ") + words;
    if (now == accessibleName())
        return;
    setAccessibleName(now);
    announce(*this);
}

void PreflightStrip::refresh_drawer() {
    const QSignalBlocker quiet(list);
    list->clear();
    for (const Finding& f : model.snapshot().findings)
        list->addItem((f.severity == Severity::to_fix ? tr("To fix: ") : tr("To look at: ")) + in_words(f.message));
    const std::size_t silent = model.document().silenced.size();
    tell_again->setText(tr("Ignored (%1): tell again").arg(silent));
    tell_again->setVisible(silent > 0);
    if (list->count() == 0 && silent == 0)
        drawer->hide();
}

void PreflightStrip::toggle_drawer() {
    if (drawer->isVisible() || (model.snapshot().findings.empty() && model.document().silenced.empty())) {
        drawer->hide();
        return;
    }
    refresh_drawer();
    const QWidget* over = drawer->parentWidget();
    const int rows = std::min(8, list->count());
    const int height = rows * 30 + 20 + (tell_again->isHidden() ? 0 : 34);
    const QPoint corner = mapTo(over, QPoint(8, 0));
    drawer->setGeometry(corner.x(), corner.y() - height - 4, std::min(620, over->width() - 16), height);
    drawer->raise();
    drawer->show();
    list->setCurrentRow(shown);
    list->setFocus();
}

} // namespace fusuma::app
