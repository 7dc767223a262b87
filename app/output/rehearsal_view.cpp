#include "app/output/rehearsal_view.h"

#include "app/common/painting.h"
#include "app/common/theme.h"
#include "app/common/widgets.h"
#include "core/geometry/measure.h"
#include "formats/basics/in_words.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QPainter>
#include <QSlider>
#include <algorithm>
#include <cmath>

namespace fusuma::app {

using Stage = RunStage::Stage;

namespace {

QPainterPath path_of(const std::vector<Point>& line, const QTransform& view) {
    QPainterPath path;
    if (line.empty())
        return path;
    path.moveTo(view.map(to_qt(line.front())));
    for (std::size_t i = 1; i < line.size(); ++i)
        path.lineTo(view.map(to_qt(line[i])));
    return path;
}

} // namespace

RehearsalView::RehearsalView(OutputRun& output_run) : run(output_run) {
    setObjectName(QStringLiteral("rehearsalView"));
    setAccessibleName(tr("The sheet in the cutter"));
    caption = label({});
    caption->setObjectName(QStringLiteral("chip"));
    caption->setParent(this);
    const auto chip = [this] {
        auto* bar = new QWidget(this);
        bar->setObjectName(QStringLiteral("chip"));
        bar->setAttribute(Qt::WA_StyledBackground);
        auto* layout = new QHBoxLayout(bar);
        layout->setContentsMargins(12, 4, 12, 4);
        layout->setSpacing(10);
        return bar;
    };
    time_bar = chip();
    time = new QSlider(Qt::Horizontal);
    time->setObjectName(QStringLiteral("timeSlider"));
    time->setAccessibleName(tr("Time of the cut"));
    time->setToolTip(tr("Go through the cut line by line."));
    time_text = label({});
    time_text->setObjectName(QStringLiteral("timeText"));
    time_text->setMinimumWidth(px(150));
    time_bar->layout()->addWidget(time);
    time_bar->layout()->addWidget(time_text);
    connect(time, &QSlider::valueChanged, this, [this](int line) {
        if (is_waiting())
            run.cutting.choose_line(static_cast<std::size_t>(line));
        refresh();
    });
    page_bar = chip();
    auto* before = button(QStringLiteral("‹"), "flat", QStringLiteral("outputPageBefore"), tr("The page before"));
    auto* after = button(QStringLiteral("›"), "flat", QStringLiteral("outputPageAfter"), tr("The next page"));
    page_text = label({});
    page_bar->layout()->addWidget(before);
    page_bar->layout()->addWidget(page_text);
    page_bar->layout()->addWidget(after);
    connect(before, &QPushButton::clicked, this, [this] { run.go_to_page(run.shown().page - 1); });
    connect(after, &QPushButton::clicked, this, [this] { run.go_to_page(run.shown().page + 1); });
    connect(&run.progress, &RunStage::changed, this, &RehearsalView::refresh);
    refresh();
}

void RehearsalView::set_shows_travel(bool on) {
    shows_travel = on;
    update();
}

void RehearsalView::set_shows_order(bool on) {
    shows_order = on;
    update();
}

void RehearsalView::set_slip(const std::optional<Transform>& moved, const std::vector<CopyId>& damaged) {
    slip = moved;
    slip_damaged = damaged;
    update();
}

std::size_t RehearsalView::shown_runs() const {
    return static_cast<std::size_t>(std::max(0, time->value()));
}

void RehearsalView::refresh() {
    const Stage stage = run.stage();
    const OutputRun::Shown shown = run.shown();
    const bool has_job = stage == Stage::found || is_live() || shown.is_planned;
    const auto runs = static_cast<int>(has_job ? shown.job->runs.size() : 0);
    if (has_job && (time->maximum() != runs || was_planned != shown.is_planned)) {
        const QSignalBlocker quiet(time);
        time->setRange(0, runs);
        time->setValue(runs);
    }
    was_planned = shown.is_planned;
    if (is_live()) {
        const QSignalBlocker quiet(time);
        time->setValue(static_cast<int>(is_waiting() ? run.cutting.next_line() : run.cutting.runs_done()));
    }
    time->setEnabled(!is_live() || is_waiting());
    time_bar->setVisible(has_job && runs > 0);
    double seconds = 0; // by the share of the way, good enough to read along
    if (runs > 0)
        seconds = shown.seconds * time->value() / runs;
    time_text->setText(tr("line %1 of %2 · %3").arg(time->value()).arg(runs).arg(minutes(seconds)));
    caption->setText(shown.is_planned ? tr("Planned: as it will be printed and cut")
                     : run.planned.is_on_its_way() && stage == Stage::nothing ? tr("A moment…")
                     : stage == Stage::nothing                                ? tr("Nothing to print yet")
                     : stage == Stage::printing                               ? tr("Printing…")
                     : stage == Stage::printed                                ? tr("Printed, not in the machine yet")
                     : stage == Stage::loading                                ? tr("Looking for the marks…")
                     : stage == Stage::pointing                               ? tr("Point at the marks")
                     : stage == Stage::refused                                ? tr("The print was not found")
                     : stage == Stage::found   ? tr("Rehearsal: as the cut will come out")
                     : stage == Stage::paused  ? tr("Paused: click the line to go on with")
                     : stage == Stage::dropped ? tr("The connection dropped")
                     : stage == Stage::cutting ? tr("Cutting")
                                               : tr("Cut"));
    page_text->setText(tr("Page %1 of %2").arg(shown.page + 1).arg(shown.pages));
    page_bar->setVisible(shown.pages > 1);
    if (shown.plan)
        set_content({{0, 0}, {shown.plan->paper.width, shown.plan->paper.height}});
    lay_out();
    update();
}

/// Side by side at the top, or one below the other where there is no room for that; the page keeps clear of them.
void RehearsalView::lay_out() {
    constexpr int margin = 12, apart = 6;
    caption->adjustSize();
    page_bar->adjustSize();
    page_bar->move(width() - page_bar->width() - margin, margin);
    const bool has_room = page_bar->isHidden() || margin + caption->width() + apart <= page_bar->x();
    caption->move(margin, has_room ? margin : page_bar->geometry().bottom() + apart);
    set_fit_margins({20, caption->geometry().bottom() + margin, 20, 64});
    time_bar->setGeometry(12, height() - 52, width() - 24, 40);
}

void RehearsalView::resizeEvent(QResizeEvent* event) {
    ZoomView::resizeEvent(event);
    lay_out();
}

void RehearsalView::showEvent(QShowEvent* event) {
    ZoomView::showEvent(event);
    run.planned.set_watched(true);
}

void RehearsalView::hideEvent(QHideEvent* event) {
    ZoomView::hideEvent(event);
    run.planned.set_watched(false);
}

void RehearsalView::paint(QPainter& painter) {
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    const OutputRun::Shown seen = run.shown();
    if (!seen.plan || seen.picture->isNull()) {
        painter.setPen(theme().dim);
        const QString words = run.stage() == Stage::printing ? tr("Printing…")
                              : run.planned.is_on_its_way()
                                  ? tr("Working out what will be printed and cut…")
                                  : tr("Put copies on the sheet, and what will be printed and "
                                       "cut is rehearsed here, line by line.");
        painter.drawText(rect().adjusted(24, 0, -24, 0), Qt::AlignCenter | Qt::TextWordWrap, words);
        return;
    }
    const bool has_job = run.stage() == Stage::found || is_live() || seen.is_planned;
    const std::vector<CutTrace> live = is_live() ? run.cutting.cut_so_far() : std::vector<CutTrace>{};
    const std::vector<CutTrace>& traces = is_live() ? live : *seen.traces;
    const std::size_t shown = !has_job || (slip && !is_live()) ? 0
                              : is_live()                      ? live.size()
                                                               : std::min(shown_runs(), traces.size());
    paint_sheet(painter, seen, traces, is_live() && shown > 0 ? shown - 1 : shown);
    if (is_live() && shown > 0) {
        paint_trace(painter, live.back());
        painter.setPen(QPen(theme().casing, 2));
        painter.setBrush(theme().ink);
        painter.drawEllipse(to_view().map(to_qt(live.back().tip.back())), 5, 5);
    }
    if (has_job)
        paint_way(painter, seen, shown);
    paint_marks(painter);
    paint_slip(painter);
    if (run.stage() == Stage::pointing)
        paint_pointer(painter);
    if (is_waiting() && run.cutting.next_line() < run.cutting.job().runs.size())
        paint_chosen(painter, run.cutting.job().runs[run.cutting.next_line()]);
    if (const auto copy = run.cutting.copy_in_view(); copy && run.stage() == Stage::found)
        for (const CutRun& its : run.cutting.job().runs)
            if (its.copy == *copy)
                paint_chosen(painter, its);
}

void RehearsalView::paint_chosen(QPainter& painter, const CutRun& line) const {
    painter.setBrush(Qt::NoBrush);
    for (const QPen& pen : {QPen(theme().casing, 5), QPen(theme().accent, 2.5)}) {
        painter.setPen(pen);
        painter.drawPath(path_of(line.tip, to_view()));
    }
}

void RehearsalView::paint_trace(QPainter& painter, const CutTrace& trace) const {
    draw_cut_line(painter, path_of(trace.tip, to_view()), trace.kind);
}

void RehearsalView::paint_sheet(QPainter& painter, const OutputRun::Shown& seen, const std::vector<CutTrace>& traces,
                                std::size_t whole) {
    const QTransform view = to_view();
    const double ratio = devicePixelRatioF();
    const bool in_machine = run.stage() > Stage::loading;
    const Transform place = in_machine ? run.sheet_place() : Transform{};
    const void* runs = is_live() ? nullptr : static_cast<const void*>(seen.traces);
    const bool is_same = drawn.view == view && drawn.sheet == seen.picture->cacheKey() && drawn.place == place &&
                         drawn.runs == runs && drawn.is_live == is_live() && drawn.count <= whole &&
                         drawn.picture.size() == size() * ratio;
    if (!is_same) {
        drawn = {view, seen.picture->cacheKey(), place, runs, 0, is_live(), QPixmap(size() * ratio)};
        drawn.picture.setDevicePixelRatio(ratio);
        drawn.picture.fill(Qt::transparent);
    }
    QPainter p(&drawn.picture);
    p.setRenderHint(QPainter::Antialiasing);
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    if (!is_same) {
        const Size paper = seen.plan->paper;
        const QPolygonF edge = view.map(to_qt(place).map(QPolygonF(QRectF(0, 0, paper.width, paper.height))));
        p.setPen(Qt::NoPen);
        p.setBrush(QColor(38, 50, 61, 40));
        p.drawPolygon(edge.translated(4, 4));
        p.setTransform(to_qt(place) * view);
        p.drawImage(QRectF(0, 0, paper.width, paper.height), *seen.picture);
        p.resetTransform();
    }
    for (; drawn.count < whole; ++drawn.count)
        paint_trace(p, traces[drawn.count]);
    p.end();
    painter.drawPixmap(0, 0, drawn.picture);
}

void RehearsalView::paint_way(QPainter& painter, const OutputRun::Shown& seen, std::size_t runs) const {
    const auto& all = seen.job->runs;
    const QTransform view = to_view();
    QFont small = font();
    small.setPointSizeF(8);
    painter.setFont(small);
    Point at{0, seen.plan->paper.height};
    for (std::size_t i = 0; i < std::min(runs, all.size()); ++i) {
        const QPointF from = view.map(to_qt(at)), to = view.map(to_qt(all[i].axis.front()));
        if (shows_travel) {
            painter.setPen(QPen(theme().casing, 3));
            painter.drawLine(from, to);
            painter.setPen(QPen(theme().accent, 1, Qt::DashLine));
            painter.drawLine(from, to);
        }
        at = all[i].axis.back();
        if (!shows_order)
            continue;
        // Where the blade goes in, which way it goes, and when.
        const QPointF ahead = view.map(to_qt(all[i].axis[std::min<std::size_t>(all[i].axis.size() - 1, 4)])) - to;
        const double far = std::hypot(ahead.x(), ahead.y());
        painter.setPen(QPen(theme().ink, 1.5));
        if (far > 0) {
            const QPointF way = ahead / far, side(-way.y(), way.x());
            painter.drawLine(to, to + way * 12);
            painter.drawLine(to + way * 12, to + way * 7 + side * 4);
            painter.drawLine(to + way * 12, to + way * 7 - side * 4);
        }
        const QString number = QString::number(i + 1);
        const QRectF box = QRectF(painter.fontMetrics().boundingRect(number)).adjusted(-4, -1, 4, 1);
        const QRectF badge = box.translated(to - box.center() - QPointF(0, 12));
        painter.setPen(Qt::NoPen);
        painter.setBrush(theme().panel);
        painter.drawRoundedRect(badge, 4, 4);
        painter.setPen(theme().ink);
        painter.drawText(badge, Qt::AlignCenter, number);
    }
}

void RehearsalView::paint_marks(QPainter& painter) const {
    if (run.stage() <= Stage::loading || run.finder.registration().found.empty() || run.stage() == Stage::pointing)
        return;
    const auto& marks = run.printed.ticket()->pages[static_cast<std::size_t>(run.printed.page())].marks;
    const Registration& r = run.finder.registration();
    const QTransform view = to_view();
    std::vector<QRectF> labels;
    for (std::size_t i = 0; i < marks.size(); ++i) {
        const double radius = (marks[i].radius + 2) * px_per_mm();
        const QColor colour = r.found[i] ? theme().fine : theme().attention;
        const QPointF at = view.map(to_qt(r.found[i] ? *r.found[i] : run.place().apply(marks[i].centre)));
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(theme().casing, 4));
        painter.drawEllipse(at, radius, radius);
        painter.setPen(QPen(colour, 2, r.found[i] ? Qt::SolidLine : Qt::DashLine));
        painter.drawEllipse(at, radius, radius);
        const QString words = r.found[i] ? tr("%1 mm").arg(number_in_words(r.residuals[i], 2)) : tr("not found");
        const QRectF box = QRectF(painter.fontMetrics().boundingRect(words)).adjusted(-5, -2, 5, 2);
        const bool is_low = marks[i].centre.y > run.printed.ticket()->paper.height / 2;
        const QPointF middle = at - QPointF(box.center().x(), box.top());
        const QRectF above = box.translated(middle - QPointF(0, radius + 3 + box.height())),
                     below = box.translated(middle + QPointF(0, radius + 3));
        const auto is_taken = [&](const QRectF& place) {
            return std::ranges::any_of(labels, [&](const QRectF& other) { return other.intersects(place); });
        };
        // The ticket's code is printed beside a mark and stays readable: below the upper ones and above the lower ones.
        const QRectF inner = is_low ? above : below, outer = is_low ? below : above;
        const QRectF beside = is_taken(inner) ? outer : inner;
        labels.push_back(beside);
        painter.setPen(Qt::NoPen);
        painter.setBrush(theme().panel);
        painter.drawRoundedRect(beside, 4, 4);
        painter.setPen(colour);
        painter.drawText(beside, Qt::AlignCenter, words);
    }
}

void RehearsalView::paint_slip(QPainter& painter) const {
    const OutputRun::Shown seen = run.shown();
    if (!slip || !seen.plan)
        return;
    const bool in_machine = run.stage() > Stage::loading;
    const QTransform view = to_qt(slip->then(in_machine ? run.place() : Transform{})) * to_view();
    for (const PlannedCopy& copy : seen.plan->copies) {
        if (copy.page != seen.page)
            continue;
        const bool is_bad = std::ranges::find(slip_damaged, copy.id) != slip_damaged.end();
        const QPainterPath line = view.map(to_qt(copy->region));
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(theme().casing, 3));
        painter.drawPath(line);
        painter.setPen(QPen(is_bad ? theme().attention : theme().fine, is_bad ? 2 : 1.2));
        painter.drawPath(line);
    }
}

void RehearsalView::paint_pointer(QPainter& painter) const {
    const QTransform view = to_view();
    for (const auto& taken : run.finder.pointed())
        if (taken) {
            painter.setPen(QPen(theme().fine, 2));
            painter.setBrush(Qt::NoBrush);
            painter.drawEllipse(view.map(to_qt(*taken)), 9, 9);
        }
    const QPointF at = view.map(to_qt(run.finder.pointer()));
    for (const QPen& pen : {QPen(theme().casing, 4), QPen(theme().accent, 1.6)}) {
        painter.setPen(pen);
        painter.drawLine(at - QPointF(14, 0), at + QPointF(14, 0));
        painter.drawLine(at - QPointF(0, 14), at + QPointF(0, 14));
    }
    // The loupe: what the sensor sees about the pointer.
    const Scan& scan = run.finder.scan();
    if (scan.grey.empty())
        return;
    constexpr double across = 12; // mm
    const int side = static_cast<int>(across * scan.px_per_mm);
    const Point px = scan.px_per_mm * (run.finder.pointer() - scan.origin);
    const QImage whole(scan.grey.data(), scan.width, scan.height, scan.width, QImage::Format_Grayscale8);
    QRectF loupe(width() - 192, height() - 192 - 12, 180, 180);
    if (loupe.adjusted(-40, -40, 40, 40).contains(at))
        loupe.moveLeft(12); // it steps aside for what it enlarges
    painter.fillRect(loupe.adjusted(-3, -3, 3, 3), theme().panel);
    painter.drawImage(loupe, whole, QRectF(px.x - side / 2.0, px.y - side / 2.0, side, side));
    painter.setPen(QPen(theme().casing, 3));
    painter.drawLine(loupe.center() - QPointF(90, 0), loupe.center() + QPointF(90, 0));
    painter.drawLine(loupe.center() - QPointF(0, 90), loupe.center() + QPointF(0, 90));
    painter.setPen(QPen(theme().accent, 1));
    painter.drawLine(loupe.center() - QPointF(90, 0), loupe.center() + QPointF(90, 0));
    painter.drawLine(loupe.center() - QPointF(0, 90), loupe.center() + QPointF(0, 90));
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(theme().line, 1));
    painter.drawRect(loupe);
}

void RehearsalView::press(QMouseEvent* event) {
    if (run.stage() == Stage::pointing)
        run.finder.move_pointer(to_mm(event->position()));
    else if (is_waiting() || (run.stage() == Stage::found && !run.machine.is_practice()))
        choose_at(to_mm(event->position()));
}

void RehearsalView::choose_at(Point place) {
    constexpr double near_px = 12;
    const auto& runs = run.cutting.job().runs;
    double nearest = near_px / px_per_mm();
    std::optional<std::size_t> line;
    for (std::size_t i = 0; i < runs.size(); ++i) {
        Polygon there_and_back = runs[i].tip;
        there_and_back.insert(there_and_back.end(), runs[i].tip.rbegin(), runs[i].tip.rend());
        if (const double far = nearest_on({there_and_back}, place).distance; far < nearest) {
            nearest = far;
            line = i;
        }
    }
    if (run.stage() == Stage::found)
        run.cutting.choose_copy(line && runs[*line].copy != CopyId::none ? std::optional(runs[*line].copy)
                                                                         : std::nullopt);
    else if (line)
        run.cutting.choose_line(*line);
}

void RehearsalView::drag(QMouseEvent* event) {
    if (run.stage() == Stage::pointing && (event->buttons() & Qt::LeftButton))
        run.finder.move_pointer(to_mm(event->position()));
}

bool RehearsalView::claims(const QKeyEvent& event) const {
    switch (event.key()) {
    case Qt::Key_Left:
    case Qt::Key_Right:
    case Qt::Key_Up:
    case Qt::Key_Down:
    case Qt::Key_Return:
    case Qt::Key_Backspace:
        return run.stage() == Stage::pointing;
    default:
        return false;
    }
}

KeyList RehearsalView::keys() {
    return {{tr("Arrows"), tr("Move the head over a mark by 0.5 mm; with Shift 5 mm, with Alt 0.05 mm")},
            {tr("Return"), tr("The mark is here")},
            {tr("Backspace"), tr("Back to the mark before")}};
}

bool RehearsalView::key(QKeyEvent* event) {
    if (run.stage() != Stage::pointing)
        return false;
    const double step = event->modifiers() & Qt::ShiftModifier ? 5 : event->modifiers() & Qt::AltModifier ? 0.05 : 0.5;
    switch (event->key()) {
    case Qt::Key_Left:
        run.finder.step_pointer(-Point{step, 0}, event->isAutoRepeat());
        return true;
    case Qt::Key_Right:
        run.finder.step_pointer(Point{step, 0}, event->isAutoRepeat());
        return true;
    case Qt::Key_Up:
        run.finder.step_pointer(-Point{0, step}, event->isAutoRepeat());
        return true;
    case Qt::Key_Down:
        run.finder.step_pointer(Point{0, step}, event->isAutoRepeat());
        return true;
    case Qt::Key_Return:
    case Qt::Key_Enter:
        run.finder.take_mark();
        return true;
    case Qt::Key_Backspace:
        run.finder.back_mark();
        return true;
    default:
        return false;
    }
}

Things RehearsalView::list_things() const {
    Things all;
    const OutputRun::Shown seen = run.shown();
    if (!seen.plan || seen.page < 0 || static_cast<std::size_t>(seen.page) >= seen.plan->pages.size())
        return all;
    const bool in_machine = run.stage() > Stage::loading;
    const QTransform view = (in_machine ? to_qt(run.place()) : QTransform()) * to_view();
    const auto box_of = [&](const Rect& box) { return view.mapRect(QRectF(to_qt(box.min), to_qt(box.max))); };
    const auto& marks = seen.plan->pages[static_cast<std::size_t>(seen.page)].marks;
    const Registration& found = run.finder.registration();
    for (std::size_t i = 0; i < marks.size(); ++i) {
        const QString number = tr("Mark %1 of %2").arg(i + 1).arg(marks.size());
        const bool is_looked_for = in_machine && i < found.found.size();
        const bool is_wanted = run.stage() == Stage::pointing && run.finder.wanted_mark() == i;
        const QString state = is_wanted        ? tr("to be pointed at now")
                              : !is_looked_for ? tr("not looked for yet")
                              : found.found[i] ? tr("found")
                                               : tr("not found");
        all.push_back({-static_cast<int>(i) - 1, number + QStringLiteral(", ") + state,
                       box_of(bounds(ink_of(marks[i]))), is_wanted, false});
    }
    const auto chosen = run.cutting.copy_in_view();
    for (const PlannedCopy& copy : seen.plan->copies)
        if (copy.page == seen.page)
            all.push_back({static_cast<int>(copy.id), QString::fromStdString(copy->sticker->name),
                           box_of(copy->cut_box), chosen == copy.id, run.stage() == Stage::found});
    return all;
}

void RehearsalView::take_thing(int id) {
    if (id > 0 && run.stage() == Stage::found)
        run.cutting.choose_copy(static_cast<CopyId>(id));
}

} // namespace fusuma::app
