#include "app/bench/cut_step.h"

#include "app/common/glyphs.h"
#include "app/common/theme.h"
#include "core/geometry/measure.h"
#include "formats/basics/in_words.h"

#include <QGridLayout>
#include <QListWidget>
#include <algorithm>

namespace fusuma::app {

CutStep::CutStep(Model& project, BenchTools& bench_tools) : model(project), tools(bench_tools) {
    auto* layout = step_layout(this);
    kind = new Choices({tr("Kiss cut"), tr("Through cut")});
    kind->setToolTip(
        tr("Kiss cut leaves the backing whole, so stickers stay on the sheet. Through cut frees each one."));
    connect(kind, &Choices::picked, this, [this](int i) {
        model.in_hand.edit_sticker(tr("Cut"), [&](Sticker& s) { s.cut = i == 0 ? CutKind::kiss : CutKind::through; });
    });
    layout->addWidget(kind);
    add_tools(layout);
    add_list(layout);
    connect(&tools.lines, &LineTools::changed, this, [this] { refresh_nodes(model.document().unit); });
    refresh_nodes(model.document().unit);
}

void CutStep::add_tools(QVBoxLayout* layout) {
    layout->addWidget(label(tr("By hand"), "section"));
    layout->addWidget(side_by_side(
        {tool_button(tools, Tool::nodes, tr("Nodes"), QStringLiteral("toolNodes"),
                     tr("Move, add and remove the nodes of the cut line. Double-click the line to add one.")),
         tool_button(tools, Tool::free_hand, tr("Free hand"), QStringLiteral("toolFreeHand"),
                     tr("Draw a further cut line with the pointer held down.")),
         tool_button(
             tools, Tool::pen, tr("Pen"), QStringLiteral("toolPen"),
             tr("Click for corners, drag for curves; Return or a double click ends the line, a click on its start "
                "closes it."))}));
    tool_words = label({}, "dim");
    tool_words->setWordWrap(true);
    layout->addWidget(tool_words);

    node_tools = new QWidget;
    auto* nodes = column(node_tools, 0, 6);
    x = new NumberField(NumberField::Kind::length, -5000, 5000, 0.1, QStringLiteral("nodeX"));
    y = new NumberField(NumberField::Kind::length, -5000, 5000, 0.1, QStringLiteral("nodeY"));
    x->setToolTip(tr("How far right of the artwork's left edge the node lies."));
    y->setToolTip(tr("How far below the artwork's top edge the node lies."));
    for (NumberField* field : {x, y})
        connect(field, &NumberField::edited, this, [this] { tools.lines.move_single_to({x->value(), y->value()}); });
    nodes->addWidget(side_by_side({row(tr("X"), x, 88), row(tr("Y"), y, 88)}));
    auto* grid = new QGridLayout;
    grid->setSpacing(6);
    const auto add = [&](int line, int across, const QString& text, const char* name, const QString& why,
                         void (LineTools::*act)()) {
        auto* result = button(text, "", QLatin1String(name), why);
        result->setIcon(glyph(static_cast<NodeGlyph>(2 * line + across)));
        result->setFocusPolicy(Qt::TabFocus); // so that keys go on working on the nodes after a click
        connect(result, &QPushButton::clicked, &tools.lines, act);
        grid->addWidget(result, line, across);
        return result;
    };
    needs_nodes = {
        add(0, 0, tr("Smooth"), "nodeSmooth", tr("The line runs through without a corner."),
            &LineTools::smooth_selected),
        add(0, 1, tr("Corner"), "nodeCorner", tr("The line turns sharply here."), &LineTools::corner_selected),
        add(1, 0, tr("Straight"), "nodeStraight", tr("Straightens the piece behind the node."),
            &LineTools::straighten_selected),
        add(1, 1, tr("Curved"), "nodeCurved", tr("Lets the piece behind the node be bent by handles."),
            &LineTools::curve_selected),
        add(2, 0, tr("Insert"), "nodeInsert", tr("A node more in the piece behind (Insert)."),
            &LineTools::insert_behind_selected),
        add(2, 1, tr("Delete"), "nodeDelete", tr("Takes the selected nodes out (Delete)."),
            &LineTools::delete_selected)};
    break_open =
        add(3, 0, tr("Break open"), "nodeBreak", tr("Opens the line at the node."), &LineTools::break_selected);
    join_ends = add(3, 1, tr("Join ends"), "nodeJoin",
                    tr("Joins two selected ends. Dragging one onto the other does so too."), &LineTools::join_selected);
    nodes->addLayout(grid);
    layout->addWidget(node_tools);
    snap = new NumberField(NumberField::Kind::length, 0, 20, 0.1, QStringLiteral("snapDistance"));
    snap->set_value(tools.lines.snap_mm);
    snap->setToolTip(tr("Ends that come closer than this are joined. While you drag, rings show how near that is."));
    connect(snap, &NumberField::edited, this, [this](double mm) { tools.lines.snap_mm = mm; });
    snap_row = row(tr("Ends join within"), snap, 90);
    layout->addWidget(snap_row);

    lost = new QWidget;
    auto* lost_layout = column(lost, 0, 6);
    lost_words = label({}, "attention");
    lost_words->setObjectName(QStringLiteral("lostWork"));
    lost_words->setWordWrap(true);
    lost_layout->addWidget(lost_words);
    auto* drop = button(tr("Drop"), "", QStringLiteral("dropLost"), tr("Forget these changes."));
    auto* hold = button(tr("Keep as it was"), "", QStringLiteral("holdLost"),
                        tr("Put them back where they were drawn; they no longer move along with the border."));
    connect(drop, &QPushButton::clicked, &tools.lines, &LineTools::drop_lost);
    connect(hold, &QPushButton::clicked, &tools.lines, &LineTools::hold_lost);
    lost_layout->addWidget(side_by_side({drop, hold}));
    layout->addWidget(lost);
}

void CutStep::add_to(QMenu& menu) const {
    add_buttons(menu, needs_nodes);
    add_buttons(menu, {break_open, join_ends});
}

void CutStep::add_list(QVBoxLayout* layout) {
    layout->addWidget(label(tr("Cut it?"), "section"));
    list = new QListWidget;
    list->setObjectName(QStringLiteral("cutLines"));
    list->setAccessibleName(tr("The lines of the cut, the smallest first"));
    list->setToolTip(
        tr("Every closed or open line, the smallest first. Untick what is not to be cut; click to see it."));
    list->setFixedHeight(px(112));
    layout->addWidget(list);
    connect(list, &QListWidget::itemChanged, this, [this](QListWidgetItem* item) {
        const auto i = static_cast<std::size_t>(list->row(item));
        if (i >= entries.size() || (item->checkState() == Qt::Checked) == entries[i].is_cut)
            return;
        if (entries[i].is_cut)
            tools.lines.leave_out(entries[i].index);
        else
            tools.lines.take_back(entries[i].index);
    });
    connect(list, &QListWidget::currentRowChanged, this, [this](int i) {
        if (i >= 0 && static_cast<std::size_t>(i) < entries.size() && list->hasFocus())
            emit tools.place_wanted(entries[static_cast<std::size_t>(i)].at);
    });
}

void CutStep::refresh(const Sticker& s, Unit unit) {
    kind->set_chosen(s.cut == CutKind::kiss ? 0 : 1);
    snap->set_unit(unit);
    x->set_unit(unit);
    y->set_unit(unit);
    refresh_nodes(unit);
}

void CutStep::refresh_nodes(Unit unit) {
    const bool is_nodes = tools.tool() == Tool::nodes;
    node_tools->setVisible(is_nodes);
    snap_row->setVisible(tools.is_line_tool());
    tool_words->setVisible(tools.is_line_tool());
    const std::size_t count = tools.lines.selection().size();
    tool_words->setText(
        !is_nodes    ? (tools.tool() == Tool::pen ? tr("Click for corners, drag for curves. Return ends the line.")
                                                  : tr("Hold the button down and draw."))
        : count == 0 ? tr("Click a node, or draw a band round several; Page Down goes to the next. Double-click the "
                          "line to add one.")
        : count == 1 ? tr("1 node selected. Arrow keys move it by 0.1 mm, with Shift 1 mm, with Alt 0.01 mm.")
                     : tr("%n nodes selected.", nullptr, static_cast<int>(count)));
    for (QPushButton* each : needs_nodes)
        each->setEnabled(count > 0);
    break_open->setEnabled(tools.lines.can_break());
    join_ends->setEnabled(tools.lines.can_join());
    const auto at = tools.lines.single_node();
    for (NumberField* field : {x, y}) {
        field->setEnabled(at.has_value());
        field->set_unit(unit);
    }
    if (at) {
        x->set_value(at->x);
        y->set_value(at->y);
    }
}

void CutStep::refresh_result(const Sticker& sticker, const StickerResult& result, Unit unit) {
    const std::size_t gone = result.cut->hand.does_not_apply.size();
    lost->setVisible(gone > 0);
    lost_words->setText(
        tr("%n changes made by hand find no place on the new cut line.", nullptr, static_cast<int>(gone)));
    // The smallest first, since it is leftovers that people look for.
    struct Row {
        double size;
        Entry entry;
        QString text;
    };
    std::vector<Row> rows;
    const auto words = [&](const QString& what, const Rect& box) {
        const QString wide = length_in_words(box.width(), unit);
        return tr("%1  %2 × %3").arg(what, wide.left(wide.lastIndexOf(' ')), length_in_words(box.height(), unit));
    };
    const auto& lines = result.cut->hand.lines;
    for (std::size_t i = 0; i < lines.size(); ++i) {
        const Rect box = lines[i].is_open ? bounds(flatten_line(lines[i].path, 0.05)) : bounds(lines[i].path);
        const double area = lines[i].is_open ? 0 : signed_area(lines[i].path);
        const QString what = lines[i].is_open       ? tr("Open line")
                             : lines[i].follows < 0 ? tr("Drawn line")
                             : area < 0             ? tr("Hole")
                                                    : tr("Piece");
        rows.push_back({std::abs(area), {true, i, box.centre()}, words(what, box)});
    }
    const auto& out = result.cut->hand.left_out.contours;
    for (std::size_t i = 0; i < out.size(); ++i)
        rows.push_back({std::abs(signed_area(out[i])),
                        {false, i, bounds(out[i]).centre()},
                        words(signed_area(out[i]) < 0 ? tr("Hole") : tr("Piece"), bounds(out[i]))});
    std::stable_sort(rows.begin(), rows.end(), [](const Row& l, const Row& r) { return l.size < r.size; });
    constexpr std::size_t most_rows = 500;
    rows.resize(std::min(rows.size(), most_rows));
    entries.clear();
    QStringList texts;
    for (const Row& each : rows) {
        entries.push_back(each.entry);
        texts << QString::number(sticker.id) + (each.entry.is_cut ? QStringLiteral("+") : QStringLiteral("-")) +
                     each.text;
    }
    if (texts == std::exchange(shown_rows, texts))
        return;
    const QSignalBlocker quiet(list);
    list->clear();
    for (const Row& each : rows) {
        auto* item = new QListWidgetItem(each.text, list);
        item->setFlags(item->flags() | Qt::ItemIsUserCheckable);
        item->setCheckState(each.entry.is_cut ? Qt::Checked : Qt::Unchecked);
    }
}

QString CutStep::state_of(const Sticker& s) {
    QString text = s.cut == CutKind::kiss ? tr("kiss cut") : tr("through cut");
    if (!s.hand.empty())
        text += tr(", changed by hand");
    return text;
}

} // namespace fusuma::app
