#include "app/sheet/sheet_panel.h"

#include "app/common/number_field.h"
#include "app/common/widgets.h"
#include "core/sheet/paper.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QScrollArea>
#include <QVBoxLayout>
#include <cmath>
#include <numbers>

namespace fusuma::app {

namespace {

constexpr double degrees = 180 / std::numbers::pi;
constexpr int field_width = 104;

QWidget* section(const QString& title, QLabel*& state) {
    auto* result = new QWidget;
    auto* layout = column(result, 0, 6);
    auto* head = new QHBoxLayout;
    head->addWidget(label(title, "section"));
    head->addStretch();
    state = label({}, "dim");
    head->addWidget(state);
    layout->addLayout(head);
    return result;
}

} // namespace

SheetPanel::SheetPanel(Session& project) : session(project) {
    setObjectName(QStringLiteral("panel"));
    setAttribute(Qt::WA_StyledBackground);
    setFixedWidth(300);
    auto* layout = column(this, 12, 10);
    auto* scroll = new QScrollArea;
    scroll->setWidgetResizable(true);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* inner = new QWidget;
    auto* list = column(inner, 0, 14);
    list->addWidget(selection_section());
    list->addWidget(placing_section());
    list->addWidget(paper_section());
    list->addStretch();
    scroll->setWidget(inner);
    layout->addWidget(scroll, 1);
    layout->addWidget(summary());
    connect(&session, &Session::changed, this, &SheetPanel::refresh);
    connect(&session, &Session::worked_out, this, &SheetPanel::refresh);
    refresh();
}

NumberField* SheetPanel::length(double least, double most, double step, const char* name) {
    auto* field = new NumberField(NumberField::Kind::length, least, most, step, QLatin1String(name));
    lengths.push_back(field);
    return field;
}

QWidget* SheetPanel::selection_section() {
    QWidget* result = section(tr("Selection"), selected);
    selection_fields = new QWidget;
    auto* fields = column(selection_fields, 0, 6);
    left = length(-2000, 4000, 1, "fromLeft");
    top = length(-2000, 4000, 1, "fromTop");
    turn = new NumberField(NumberField::Kind::degrees, -360, 360, 1, QStringLiteral("turn"));
    fields->addWidget(row(tr("Middle from left"), left, field_width));
    fields->addWidget(row(tr("Middle from top"), top, field_width));
    fields->addWidget(row(tr("Turn"), turn, field_width));
    connect(left, &NumberField::edited, this,
            [this](double mm) { edit_selected(tr("Move"), [mm](Placement& p) { p.centre.x = mm; }); });
    connect(top, &NumberField::edited, this,
            [this](double mm) { edit_selected(tr("Move"), [mm](Placement& p) { p.centre.y = mm; }); });
    connect(turn, &NumberField::edited, this,
            [this](double deg) { edit_selected(tr("Turn"), [deg](Placement& p) { p.turn = deg / degrees; }); });
    auto* buttons = new QWidget;
    auto* line = new QHBoxLayout(buttons);
    line->setContentsMargins(0, 0, 0, 0);
    auto* duplicate = button(tr("Duplicate"), "", QStringLiteral("duplicate"),
                             tr("Another copy in the nearest free place (Ctrl+D)."));
    auto* remove = button(tr("Remove"), "", QStringLiteral("removeCopies"),
                          tr("Take the selected copies off the sheet (Delete). The sticker stays in the tray."));
    connect(duplicate, &QPushButton::clicked, &session, &Session::duplicate_selection);
    connect(remove, &QPushButton::clicked, &session, &Session::remove_selection);
    line->addWidget(duplicate, 1);
    line->addWidget(remove, 1);
    fields->addWidget(buttons);
    result->layout()->addWidget(selection_fields);
    return result;
}

QWidget* SheetPanel::placing_section() {
    QWidget* result = section(tr("Put on the sheet"), placing);
    copies = new NumberField(NumberField::Kind::plain, 1, 999, 1, QStringLiteral("copyCount"));
    copies->set_value(3);
    result->layout()->addWidget(row(tr("Copies to add"), copies, field_width));
    gap = length(0, 100, 0.5, "gap");
    gap->setToolTip(tr("The least distance between two cut lines. 2 to 3 mm keeps lines from touching."));
    result->layout()->addWidget(row(tr("Gap between cuts"), gap, field_width));
    connect(gap, &NumberField::edited, this, [this](double mm) {
        edit_sheet(
            tr("Gap"), [mm](SheetSettings& s) { s.gap = mm; }, QStringLiteral("gap"));
    });
    auto* buttons = new QWidget;
    auto* line = new QHBoxLayout(buttons);
    line->setContentsMargins(0, 0, 0, 0);
    place = button(tr("Add copies"), "primary", QStringLiteral("placeCopies"),
                   tr("Put that many copies of the sticker in hand into free places."));
    fill = button(tr("Fill what is left"), "", QStringLiteral("fillSheet"),
                  tr("As many copies of the sticker in hand as still fit, in rows."));
    connect(place, &QPushButton::clicked, this,
            [this] { session.place_copies(static_cast<int>(std::lround(copies->value()))); });
    connect(fill, &QPushButton::clicked, this, [this] { session.place_copies(-1); });
    line->addWidget(place, 1);
    line->addWidget(fill, 1);
    result->layout()->addWidget(buttons);
    return result;
}

NumberField* SheetPanel::sheet_length(const QString& caption, double SheetSettings::*member, const char* name,
                                      QWidget* into) {
    NumberField* field = length(0, 200, 0.5, name);
    into->layout()->addWidget(row(caption, field, field_width));
    connect(field, &NumberField::edited, this, [=, this](double mm) {
        edit_sheet(
            caption, [=](SheetSettings& s) { s.*member = mm; }, QLatin1String(name));
    });
    return field;
}

QWidget* SheetPanel::paper_section() {
    QLabel* unused = nullptr;
    QWidget* result = section(tr("Paper and marks"), unused);
    paper = new QComboBox;
    paper->setObjectName(QStringLiteral("paper"));
    for (const Paper& known : papers())
        for (const bool upright : {true, false}) {
            const Size size = upright ? known.size : Size{known.size.height, known.size.width};
            paper->addItem(QString::fromStdString(paper_name(size)), QSizeF(size.width, size.height));
        }
    paper->addItem(tr("Custom size"));
    result->layout()->addWidget(row(tr("Paper"), paper, 150));
    connect(paper, &QComboBox::activated, this, [this](int i) {
        const QVariant size = paper->itemData(i);
        if (size.isValid())
            edit_sheet(tr("Paper"), [s = size.toSizeF()](SheetSettings& sheet) {
                sheet.paper = {s.width(), s.height()};
            });
        custom_paper->setVisible(!size.isValid());
    });
    custom_paper = new QWidget;
    auto* custom = column(custom_paper, 0, 6);
    paper_width = length(20, 2000, 1, "paperWidth");
    paper_height = length(20, 2000, 1, "paperHeight");
    custom->addWidget(row(tr("Paper width"), paper_width, field_width));
    custom->addWidget(row(tr("Paper height"), paper_height, field_width));
    connect(paper_width, &NumberField::edited, this,
            [this](double mm) { edit_sheet(tr("Paper"), [mm](SheetSettings& s) { s.paper.width = mm; }); });
    connect(paper_height, &NumberField::edited, this,
            [this](double mm) { edit_sheet(tr("Paper"), [mm](SheetSettings& s) { s.paper.height = mm; }); });
    result->layout()->addWidget(custom_paper);
    margin = sheet_length(tr("Printer margins"), &SheetSettings::printer_margin, "printerMargin", result);
    reach = sheet_length(tr("Cutter margins"), &SheetSettings::cutter_margin, "cutterMargin", result);
    mark_kind = new QComboBox;
    mark_kind->setObjectName(QStringLiteral("markKind"));
    mark_kind->addItems({tr("Round dots, 5"), tr("None")});
    result->layout()->addWidget(row(tr("Marks"), mark_kind, 150));
    connect(mark_kind, &QComboBox::activated, this, [this](int i) {
        edit_sheet(tr("Marks"), [i](SheetSettings& s) { s.marks.kind = static_cast<MarkKind>(i); });
    });
    inset = length(2, 200, 0.5, "markInset");
    keep_clear = length(0, 50, 0.5, "keepClear");
    result->layout()->addWidget(row(tr("Marks from edge"), inset, field_width));
    result->layout()->addWidget(row(tr("Keep clear round each"), keep_clear, field_width));
    connect(inset, &NumberField::edited, this, [this](double mm) {
        edit_sheet(
            tr("Marks"), [mm](SheetSettings& s) { s.marks.inset = mm; }, QStringLiteral("inset"));
    });
    connect(keep_clear, &NumberField::edited, this, [this](double mm) {
        edit_sheet(
            tr("Marks"), [mm](SheetSettings& s) { s.marks.keep_clear = mm; }, QStringLiteral("clear"));
    });
    return result;
}

QWidget* SheetPanel::summary() {
    auto* result = new QWidget;
    result->setObjectName(QStringLiteral("summary"));
    auto* layout = column(result, 12, 2);
    layout->addWidget(label(tr("Largest sticker that fits an empty sheet"), "dim"));
    zone_size = label({}, "figure");
    zone_size->setObjectName(QStringLiteral("largestFit"));
    zone_text = label({}, "dim");
    zone_text->setWordWrap(true);
    layout->addWidget(zone_size);
    layout->addWidget(zone_text);
    return result;
}

void SheetPanel::edit_sheet(const QString& text, const std::function<void(SheetSettings&)>& change,
                            const QString& stroke) {
    session.edit(
        text,
        [&](Document d) {
            change(d.sheet);
            return d;
        },
        stroke);
}

void SheetPanel::edit_selected(const QString& text, const std::function<void(Placement&)>& change) {
    session.edit(text, [&](Document d) {
        for (const std::size_t i : session.selection())
            change(d.placements[i]);
        return d;
    });
}

void SheetPanel::refresh() {
    const Document& document = session.document();
    for (NumberField* field : lengths)
        field->set_unit(document.unit);
    const auto& selection = session.selection();
    selection_fields->setVisible(!selection.empty());
    if (selection.empty()) {
        selected->setText(tr("click a copy to select it"));
    } else {
        const Placement& first = document.placements[*selection.begin()];
        const auto sticker = document.find(first.sticker);
        selected->setText(selection.size() == 1 && sticker ? QString::fromStdString(sticker->name)
                                                           : tr("%1 copies").arg(selection.size()));
        left->set_value(first.centre.x);
        top->set_value(first.centre.y);
        turn->set_value(first.turn * degrees);
    }
    const auto in_hand = session.sticker();
    placing->setText(in_hand ? QString::fromStdString(in_hand->name) : tr("no sticker yet"));
    place->setEnabled(in_hand != nullptr);
    fill->setEnabled(in_hand != nullptr);
    refresh_paper(document.sheet);
    if (const auto& plan = session.snapshot().plan) {
        const Rect& most = plan->pages.front().largest_place;
        const QString w = QString::fromStdString(format_length(most.width(), document.unit));
        zone_size->setText(most.empty() ? tr("nothing")
                                        : w.left(w.lastIndexOf(' ')) + QStringLiteral(" × ") +
                                              QString::fromStdString(format_length(most.height(), document.unit)));
        const auto count = document.placements.size();
        zone_text->setText(most.empty() ? tr("The margins leave nowhere to cut on this paper.")
                                        : tr("%1 on the sheet, %2 % of the cut zone used")
                                              .arg(count == 1 ? tr("1 copy") : tr("%1 copies").arg(count))
                                              .arg(qRound(100 * session.snapshot().totals.used_share)));
    }
}

void SheetPanel::refresh_paper(const SheetSettings& sheet) {
    const QString name = QString::fromStdString(paper_name(sheet.paper));
    const int known = paper->findText(name);
    paper->setCurrentIndex(known >= 0 ? known : paper->count() - 1);
    custom_paper->setVisible(known < 0);
    paper_width->set_value(sheet.paper.width);
    paper_height->set_value(sheet.paper.height);
    margin->set_value(sheet.printer_margin);
    reach->set_value(sheet.cutter_margin);
    gap->set_value(sheet.gap);
    mark_kind->setCurrentIndex(static_cast<int>(sheet.marks.kind));
    inset->set_value(sheet.marks.inset);
    keep_clear->set_value(sheet.marks.keep_clear);
}

} // namespace fusuma::app
