#include "app/sheet/selection_card.h"

#include "app/common/theme.h"
#include "core/arrange/align.h"
#include "core/arrange/free_place.h"

#include <QHBoxLayout>
#include <QPainter>
#include <QToolButton>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>
#include <numbers>

namespace fusuma::app {

namespace {

constexpr double degrees = 180 / std::numbers::pi;

/// Two bars against a line, or with equal room between them.
QIcon bars_icon(bool is_upright, double where, bool is_between) {
    constexpr int side = 36;
    QPixmap picture(side, side);
    picture.fill(Qt::transparent);
    QPainter painter(&picture);
    if (!is_upright) {
        painter.translate(side, 0);
        painter.rotate(90);
    }
    const auto bar = [&](double length, double at) {
        const double from = 5 + where * (side - 10 - length);
        painter.fillRect(QRectF(from, at, length, 7), theme().dim);
    };
    if (is_between) {
        for (const double at : {4.0, 14.5, 25.0})
            painter.fillRect(QRectF(at, 8, 7, 20), theme().dim);
    } else {
        bar(22, 8);
        bar(14, 21);
        painter.fillRect(QRectF(4 + where * (side - 10), 3, 2, side - 6), theme().accent);
    }
    return picture;
}

QToolButton* icon_button(const QIcon& icon, const QString& name, const QString& why) {
    auto* result = new QToolButton;
    result->setIcon(icon);
    result->setIconSize({18, 18});
    result->setObjectName(name);
    result->setToolTip(why);
    result->setAccessibleName(why);
    result->setAutoRaise(true);
    return result;
}

} // namespace

SelectionCard::SelectionCard(Model& project) : SheetCard(project) {
    hint =
        label(tr("Click a copy to select it, drag a frame round several, or press Ctrl+A for all of the page."), "dim");
    hint->setWordWrap(true);
    rows_of_card->addWidget(hint);
    left = length(-2000, 4000, 1, "fromLeft");
    top = length(-2000, 4000, 1, "fromTop");
    width = length(0.5, 2000, 1, "copyWidth");
    height = length(0.5, 2000, 1, "copyHeight");
    turn = new NumberField(NumberField::Kind::degrees, -360, 360, 1, QStringLiteral("turn"));
    fields.push_back(add_row(tr("Middle from left"), left));
    fields.push_back(add_row(tr("Middle from top"), top));
    fields.push_back(add_row(tr("Finished width"), width));
    fields.push_back(add_row(tr("Finished height"), height));
    fields.push_back(add_row(tr("Turn"), turn));
    width->setToolTip(tr("Of the cut line. The border keeps its millimetres, the art makes up the rest."));
    const auto place = [this](double Point::*axis, double mm) {
        model.copies.edit(tr("Move"), [this, axis, mm](const Document& d, const Selection& s) {
            Point by;
            by.*axis = mm - model.in_hand.first_copy()->centre.*axis;
            return moved(d, s, by);
        });
    };
    connect(left, &NumberField::edited, this, [place](double mm) { place(&Point::x, mm); });
    connect(top, &NumberField::edited, this, [place](double mm) { place(&Point::y, mm); });
    connect(width, &NumberField::edited, this, [this](double mm) { size_to(Side::width, mm); });
    connect(height, &NumberField::edited, this, [this](double mm) { size_to(Side::height, mm); });
    connect(turn, &NumberField::edited, this, &SelectionCard::turn_to);
    const int first_of_doing = rows_of_card->count();
    add_doing();
    add_aligning();
    add_repeating();
    for (int i = first_of_doing; i < rows_of_card->count(); ++i)
        fields.push_back(rows_of_card->itemAt(i)->widget());
}

void SelectionCard::size_to(Side side, double mm) {
    model.copies.work_out(
        tr("Resize copies"),
        [side, mm](const Document& d, const Selection& s, Planner& planner, const Work& work) {
            Edited result{d, s};
            double looked_at = 0; // copies
            for (const CopyId id : s) {
                work.at(looked_at++ / static_cast<double>(s.size()));
                if (auto sized_one = sized(result.document, planner, id, side, mm))
                    result.document = std::move(*sized_one);
            }
            return result;
        },
        [this] { refresh(); }); // shows what it came to where that size could not be had
}

void SelectionCard::turn_to(double deg) {
    model.copies.edit(tr("Turn"), [deg](const Document& d, const Selection& s) {
        Document result = d;
        for (const Placement& p : d.placements)
            if (s.contains(p.id))
                result = turned(std::move(result), {p.id}, p.centre, deg / degrees - p.turn);
        return result;
    });
}

void SelectionCard::add_doing() {
    const auto does = [this](const QString& text, const char* name, const QString& why, auto&& run) {
        QPushButton* result = button(text, "", QLatin1String(name), why);
        connect(result, &QPushButton::clicked, this, run);
        return result;
    };
    const auto mirror = [this](Across across) {
        model.copies.work_out(tr("Mirror"),
                              [across](const Document& d, const Selection& s, Planner& planner, const Work&) {
                                  return Edited{mirrored(d, s, box_of(d, planner, s).centre(), across), s};
                              });
    };
    const auto order = [this](Order to) {
        model.copies.edit(tr("Order"), [to](const Document& d, const Selection& s) { return ordered(d, s, to); });
    };
    add_line(
        {does(tr("Duplicate"), "duplicate", tr("Another copy in the nearest free place (Ctrl+D). Or drag with Ctrl."),
              [this] { model.copies.duplicate(); }),
         does(tr("Remove"), "removeCopies",
              tr("Take the selected copies off the sheet (Delete). The sticker stays in the tray."),
              [this] { model.copies.remove(); })});
    lock = does(tr("Lock"), "lockCopies", tr("Locked copies stay where they are, when filling too."), [this] {
        const bool locked = !is_every([](const Placement& p) { return p.locked; });
        model.copies.edit(locked ? tr("Lock") : tr("Unlock"),
                          [locked](const Document& d, const Selection& s) { return with_lock(d, s, locked); });
    });
    group = does(tr("Group"), "groupCopies", tr("Grouped copies are selected and moved together (Ctrl+G)."), [this] {
        const bool apart = is_every([](const Placement& p) { return p.group > 0; });
        model.copies.edit(apart ? tr("Ungroup") : tr("Group"), [apart](const Document& d, const Selection& s) {
            return apart ? ungrouped(d, s) : grouped(d, s);
        });
    });
    add_line({lock, group});
    add_line(
        {does(tr("Mirror ↔"), "mirrorAcross", tr("Exchange left and right."), [mirror] { mirror(Across::left_right); }),
         does(tr("Mirror ↕"), "mirrorDown", tr("Exchange top and bottom."), [mirror] { mirror(Across::up_down); })});
    add_line(
        {does(tr("To front"), "toFront", tr("Above all other copies (Ctrl+Shift+])."),
              [order] { order(Order::front); }),
         does(tr("To back"), "toBack", tr("Below all other copies (Ctrl+Shift+[)."), [order] { order(Order::back); })});
}

void SelectionCard::add_aligning() {
    struct Kind {
        const char* name;
        QString why;
        bool is_upright;
        double where;
    };
    const std::vector<Kind> kinds{{"alignLeft", tr("Line up the left edges"), true, 0},
                                  {"alignCentre", tr("Line up the middles from left to right"), true, 0.5},
                                  {"alignRight", tr("Line up the right edges"), true, 1},
                                  {"alignTop", tr("Line up the top edges"), false, 0},
                                  {"alignMiddle", tr("Line up the middles from top to bottom"), false, 0.5},
                                  {"alignBottom", tr("Line up the bottom edges"), false, 1}};
    std::vector<QWidget*> buttons;
    for (std::size_t i = 0; i < kinds.size(); ++i) {
        auto* align = icon_button(bars_icon(kinds[i].is_upright, kinds[i].where, false), QLatin1String(kinds[i].name),
                                  kinds[i].why + tr("; a single copy with the cut zone."));
        connect(align, &QToolButton::clicked, this, [this, i] {
            model.copies.work_out(tr("Align"),
                                  [i](const Document& d, const Selection& s, Planner& planner, const Work&) {
                                      return Edited{aligned(d, planner, s, static_cast<Align>(i)), s};
                                  });
        });
        buttons.push_back(align);
    }
    for (const Across across : {Across::left_right, Across::up_down}) {
        const bool is_level = across == Across::left_right;
        auto* spread = icon_button(bars_icon(is_level, 0, true), is_level ? "distributeAcross" : "distributeDown",
                                   is_level ? tr("Equal room between, from left to right")
                                            : tr("Equal room between, from top to bottom"));
        connect(spread, &QToolButton::clicked, this, [this, across] {
            model.copies.work_out(tr("Distribute"),
                                  [across](const Document& d, const Selection& s, Planner& planner, const Work&) {
                                      return Edited{distributed(d, planner, s, across), s};
                                  });
        });
        buttons.push_back(spread);
    }
    add_line(buttons);
}

void SelectionCard::add_repeating() {
    repeat_columns = plain(1, 50, "repeatColumns");
    repeat_rows = plain(1, 50, "repeatRows");
    repeat_columns->set_value(3);
    repeat_rows->set_value(2);
    repeat_columns->setAccessibleName(tr("Columns"));
    repeat_rows->setAccessibleName(tr("Rows"));
    auto* run = button(tr("Repeat"), "", QStringLiteral("repeat"),
                       tr("Copies of what is selected in so many columns and rows, a gap apart."));
    connect(run, &QPushButton::clicked, this, [this] {
        model.copies.work_out(tr("Repeat"), [columns = static_cast<int>(repeat_columns->value()),
                                             rows = static_cast<int>(repeat_rows->value())](
                                                const Document& d, const Selection& s, Planner& planner, const Work&) {
            return repeated(d, planner, s, columns, rows, gap_between(d, planner, s));
        });
    });
    auto* times = label(QStringLiteral("×"), "dim");
    times->setAlignment(Qt::AlignCenter);
    add_line({repeat_columns, times, repeat_rows, run});
}

bool SelectionCard::is_every(bool (*holds)(const Placement&)) const {
    const auto& all = model.document().placements;
    return !model.in_hand.copies().empty() && std::ranges::all_of(all, [&](const Placement& p) {
        return !model.in_hand.copies().contains(p.id) || holds(p);
    });
}

void SelectionCard::refresh() {
    const auto& selection = model.in_hand.copies();
    hint->setVisible(selection.empty());
    for (QWidget* field : fields)
        field->setVisible(!selection.empty());
    if (selection.empty())
        return;
    const Placement& first = *model.in_hand.first_copy();
    left->set_value(first.centre.x);
    top->set_value(first.centre.y);
    turn->set_value(first.turn * degrees);
    const Rect box = box_in_sight(model.snapshot(), model.document(), {first.id});
    width->set_value(box.width());
    height->set_value(box.height());
    lock->setText(is_every([](const Placement& p) { return p.locked; }) ? tr("Unlock") : tr("Lock"));
    group->setText(is_every([](const Placement& p) { return p.group > 0; }) ? tr("Ungroup") : tr("Group"));
    group->setEnabled(selection.size() > 1);
}

QString SelectionCard::state() const {
    const auto& selection = model.in_hand.copies();
    if (selection.empty())
        return tr("nothing selected");
    if (selection.size() > 1)
        return tr("%1 copies").arg(selection.size());
    const auto sticker = model.document().find(model.in_hand.first_copy()->sticker);
    return sticker ? QString::fromStdString(sticker->name) : QString();
}

} // namespace fusuma::app
