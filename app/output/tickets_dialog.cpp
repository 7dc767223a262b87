#include "app/output/tickets_dialog.h"

#include "app/common/painting.h"
#include "app/common/theme.h"
#include "app/common/widgets.h"
#include "app/output/output_page.h"

#include <QDialog>
#include <QHBoxLayout>
#include <QListWidget>
#include <QPainter>
#include <QVBoxLayout>

namespace fusuma::app {

namespace {

constexpr int picture_width = 64, picture_height = 84; // px

/// The first page as it is cut: its lines on the paper, and its marks.
/// @param ratio  of the screen's pixels to the window's
QPixmap picture_of(const Ticket& ticket, double ratio) {
    QPixmap picture(QSize(picture_width, picture_height) * ratio);
    picture.setDevicePixelRatio(ratio);
    picture.fill(Qt::transparent);
    if (ticket.pages.empty())
        return picture;
    const double scale = std::min((picture_width - 4) / ticket.paper.width, (picture_height - 4) / ticket.paper.height);
    QPainter painter(&picture);
    painter.setRenderHint(QPainter::Antialiasing);
    const QTransform view(scale, 0, 0, scale, (picture_width - scale * ticket.paper.width) / 2,
                          (picture_height - scale * ticket.paper.height) / 2);
    painter.setPen(theme().line);
    painter.setBrush(theme().paper);
    painter.drawRect(view.mapRect(QRectF(0, 0, ticket.paper.width, ticket.paper.height)));
    QColor inside = theme().accent;
    inside.setAlpha(60);
    painter.setBrush(inside);
    painter.setPen(QPen(theme().accent, 0.8));
    for (const CutPath& cut : ticket.pages.front().cuts)
        painter.drawPath(view.map(to_qt(Outline{{cut.line}})));
    painter.setPen(Qt::NoPen);
    painter.setBrush(Qt::black);
    for (const Mark& mark : ticket.pages.front().marks)
        painter.drawEllipse(view.map(to_qt(mark.centre)), 1.5, 1.5);
    return picture;
}

QString cut_words(const Ticket& ticket) {
    QStringList machines;
    for (const Ticket::Cut& cut : ticket.cut)
        if (const QString name = QString::fromStdString(cut.machine); !machines.contains(name))
            machines << name;
    const int sheets = ticket.sheets_cut();
    return sheets == 0   ? OutputPage::tr("not cut yet")
           : sheets == 1 ? OutputPage::tr("cut once on %1").arg(machines.join(OutputPage::tr(" and ")))
                         : OutputPage::tr("cut %1 times on %2").arg(sheets).arg(machines.join(OutputPage::tr(" and ")));
}

QString words_of(const Ticket& ticket) {
    std::size_t lines = 0;
    for (const Ticket::Page& page : ticket.pages)
        lines += page.cuts.size();
    const QString pages = OutputPage::tr("%n pages", nullptr, static_cast<int>(ticket.pages.size()));
    return OutputPage::tr("Ticket %1\nprinted %2\n%3, %4 lines, %5")
        .arg(QString::fromStdString(ticket.code), OutputPage::printed_when(ticket), pages)
        .arg(lines)
        .arg(cut_words(ticket));
}

} // namespace

std::optional<TicketChoice> ask_for_ticket(Model& model, QWidget* over) {
    QDialog dialog(over);
    dialog.setObjectName(QStringLiteral("ticketsDialog"));
    dialog.setWindowTitle(OutputPage::tr("Tickets"));
    dialog.resize(520, 460);
    auto* rows = column(&dialog, 16, 10);
    auto* about = label(
        OutputPage::tr("Everything that was printed from this project. A ticket stays as it was printed, whatever "
                       "becomes of the sheet."),
        "dim");
    about->setWordWrap(true);
    rows->addWidget(about);
    auto* list = new QListWidget;
    list->setObjectName(QStringLiteral("ticketList"));
    list->setAccessibleName(OutputPage::tr("Tickets"));
    list->setIconSize({picture_width, picture_height});
    rows->addWidget(list, 1);
    std::vector<std::shared_ptr<const Ticket>> shown;
    std::optional<TicketChoice> choice;
    const auto in_hand = [&]() -> std::shared_ptr<const Ticket> {
        const auto i = static_cast<std::size_t>(list->currentRow());
        return i < shown.size() ? shown[i] : nullptr;
    };
    auto* line = new QHBoxLayout;
    line->setSpacing(6);
    std::vector<QPushButton*> buttons;
    const auto add = [&](const QString& text, const char* role, const char* name, const QString& why, TicketAct act) {
        auto* b = button(text, role, QLatin1String(name), why);
        QObject::connect(b, &QPushButton::clicked, &dialog, [&, act] {
            choice = TicketChoice{in_hand(), act};
            dialog.accept();
        });
        line->addWidget(b);
        buttons.push_back(b);
    };
    add(OutputPage::tr("Cut it"), "primary", "ticketCut",
        OutputPage::tr("Take this ticket in hand: its paper is what is cut."), TicketAct::cut);
    add(OutputPage::tr("Print it again"), "", "ticketPrint",
        OutputPage::tr("Open its sheet and print it as a new ticket."), TicketAct::print);
    add(OutputPage::tr("Open it on the Sheet"), "", "ticketOpen",
        OutputPage::tr("Its sheet takes the place of the one that is open. Undo brings that back."), TicketAct::open);
    line->addStretch();
    auto* remove =
        button(OutputPage::tr("Delete"), "", QStringLiteral("ticketDelete"), OutputPage::tr("Forget this print."));
    line->addWidget(remove);
    buttons.push_back(remove);
    rows->addLayout(line);
    const auto fill = [&] {
        list->clear();
        shown = {model.document().tickets.rbegin(), model.document().tickets.rend()};
        for (const auto& ticket : shown)
            list->addItem(
                new QListWidgetItem(QIcon(picture_of(*ticket, list->devicePixelRatioF())), words_of(*ticket)));
        if (shown.empty()) {
            auto* none = new QListWidgetItem(OutputPage::tr("Nothing was printed yet."));
            none->setFlags(Qt::NoItemFlags);
            list->addItem(none);
        }
        list->setCurrentRow(0);
        for (QPushButton* b : buttons)
            b->setEnabled(!shown.empty());
    };
    QObject::connect(remove, &QPushButton::clicked, &dialog, [&] {
        if (const auto ticket = in_hand())
            model.project.remove_ticket(ticket->code);
        fill();
    });
    QObject::connect(list, &QListWidget::itemActivated, &dialog, [&] {
        if (in_hand())
            buttons.front()->click();
    });
    fill();
    list->setFocus();
    dialog.exec();
    return choice;
}

} // namespace fusuma::app
