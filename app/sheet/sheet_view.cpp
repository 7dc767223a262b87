#include "app/sheet/sheet_view.h"

#include "app/common/painting.h"
#include "app/common/theme.h"
#include "app/common/widgets.h"
#include "app/model/carried.h"
#include "app/sheet/screen_size.h"
#include "core/geometry/measure.h"
#include "core/units.h"
#include "formats/basics/in_words.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLocale>
#include <QMimeData>
#include <QPainter>
#include <cmath>
#include <map>
#include <numbers>

namespace fusuma::app {

namespace {
constexpr int ruler_px = 18;
}

SheetView::SheetView(Model& project, QWidget* parent) : ZoomView(parent), model(project), hand(project) {
    setObjectName(QStringLiteral("sheetView"));
    setAccessibleName(tr("Sheet"));
    setAcceptDrops(true);
    draw_on = new QTimer(this);
    draw_on->setSingleShot(true);
    connect(draw_on, &QTimer::timeout, this, qOverload<>(&QWidget::update));
    add_zoom_bar();
    add_page_bar();
    connect(this, &ZoomView::zoomed, this, [this] {
        zoom_text->setText(QStringLiteral("%1 %").arg(qRound(100 * px_per_mm() / screen_px_per_mm(*this))));
        zoom_bar->adjustSize();
    });
    connect(&model, &Model::changed, this, &SheetView::refresh);
    connect(&model.working_out, &WorkingOut::worked_out, this, &SheetView::refresh);
    connect(&model.working_out, &WorkingOut::came_early, this, qOverload<>(&QWidget::update));
    connect(&model.searches, &Searches::searched, this, qOverload<>(&QWidget::update));
    refresh();
}

void SheetView::add_zoom_bar() {
    zoom_bar = new QWidget(this);
    zoom_bar->setObjectName(QStringLiteral("chip"));
    zoom_bar->setAttribute(Qt::WA_StyledBackground);
    auto* layout = new QHBoxLayout(zoom_bar);
    layout->setContentsMargins(4, 2, 4, 2);
    layout->setSpacing(0);
    auto* out = button(QStringLiteral("−"), "flat", QStringLiteral("zoomOut"), tr("Smaller"));
    auto* in = button(QStringLiteral("+"), "flat", QStringLiteral("zoomIn"), tr("Larger"));
    auto* whole = button(tr("Fit"), "flat", QStringLiteral("zoomFit"), tr("Show the whole sheet"));
    auto* real = button(tr("1:1"), "flat", QStringLiteral("zoomTrue"),
                        tr("As large as it will be on paper. If a ruler disagrees, set your screen's size in the View "
                           "menu."));
    measure = button(tr("Measure"), "flat", QStringLiteral("measure"),
                     tr("Drag between two places to measure between them (M)."));
    measure->setCheckable(true);
    zoom_text = label({});
    zoom_text->setMinimumWidth(px(46));
    zoom_text->setAlignment(Qt::AlignCenter);
    for (QWidget* w : std::initializer_list<QWidget*>{out, zoom_text, in, whole, real, measure})
        layout->addWidget(w);
    connect(out, &QPushButton::clicked, this, [this] { zoom_by(0.8); });
    connect(in, &QPushButton::clicked, this, [this] { zoom_by(1.25); });
    connect(whole, &QPushButton::clicked, this, &ZoomView::fit);
    connect(real, &QPushButton::clicked, this, &SheetView::show_true_size);
    connect(measure, &QPushButton::toggled, this, &SheetView::set_measuring);
}

void SheetView::add_page_bar() {
    page_bar = new QWidget(this);
    page_bar->setObjectName(QStringLiteral("chip"));
    page_bar->setAttribute(Qt::WA_StyledBackground);
    auto* layout = new QHBoxLayout(page_bar);
    layout->setContentsMargins(12, 2, 4, 2);
    layout->setSpacing(0);
    page_before = button(QStringLiteral("‹"), "flat", QStringLiteral("pageBefore"), tr("The page before (Page up)"));
    page_after = button(QStringLiteral("›"), "flat", QStringLiteral("pageAfter"), tr("The next page (Page down)"));
    auto* add = button(tr("Add page"), "flat", QStringLiteral("addPage"), tr("Another page of the same paper."));
    page_text = label({});
    page_text->setObjectName(QStringLiteral("pageText"));
    page_text->setAlignment(Qt::AlignCenter);
    for (QWidget* w : std::initializer_list<QWidget*>{page_before, page_text, page_after, add})
        layout->addWidget(w);
    connect(page_before, &QPushButton::clicked, this, [this] { model.in_hand.go_to_page(model.in_hand.page() - 1); });
    connect(page_after, &QPushButton::clicked, this, [this] { model.in_hand.go_to_page(model.in_hand.page() + 1); });
    connect(add, &QPushButton::clicked, this, [this] {
        model.project.edit(tr("Add page"), with_page_added);
        model.in_hand.go_to_page(model.document().pages - 1);
    });
}

void SheetView::refresh() {
    const Document& document = model.document();
    set_content({{0, 0}, {document.sheet.paper.width, document.sheet.paper.height}});
    page_text->setText(tr("Page %1 of %2").arg(model.in_hand.page() + 1).arg(document.pages));
    page_before->setVisible(document.pages > 1);
    page_after->setVisible(document.pages > 1);
    page_before->setEnabled(model.in_hand.page() > 0);
    page_after->setEnabled(model.in_hand.page() + 1 < document.pages);
    place_bars();
    update();
}

/// Side by side at the bottom, or one above the other where there is no room for that; the whole page keeps clear of
/// them.
void SheetView::place_bars() {
    constexpr int margin = 12, apart = 6;
    zoom_bar->adjustSize();
    page_bar->adjustSize();
    zoom_bar->move(ruler_px + 10, height() - zoom_bar->height() - margin);
    const int left = width() - page_bar->width() - margin;
    const bool has_room = left >= zoom_bar->geometry().right() + apart;
    page_bar->move(left, (has_room ? height() - margin : zoom_bar->y() - apart) - page_bar->height());
    const int top_of_bars = std::min(zoom_bar->y(), page_bar->y());
    set_fit_margins({28 + ruler_px, 28 + ruler_px, 28, height() - top_of_bars + apart});
}

void SheetView::resizeEvent(QResizeEvent* event) {
    ZoomView::resizeEvent(event);
    place_bars();
}

void SheetView::contextMenuEvent(QContextMenuEvent* event) {
    if (hand.act() != SheetHand::Act::none)
        return;
    if (event->reason() == QContextMenuEvent::Keyboard) {
        emit menu_wanted(mapToGlobal(rect().center()));
        return;
    }
    const Point at = to_mm(event->pos());
    const SheetSettings& sheet = model.document().sheet;
    const Placement* hit = hand.copy_at(at);
    if (!hit && !sheet.photographed && std::ranges::any_of(marks(sheet), [&](const Mark& mark) {
            return bounds(keep_clear_area(mark)).contains(at);
        })) {
        emit mark_menu_wanted(event->globalPos());
        return;
    }
    if (hit && !model.in_hand.copies().contains(hit->id))
        model.in_hand.select({hit->id});
    emit menu_wanted(event->globalPos());
}

void SheetView::dragEnterEvent(QDragEnterEvent* event) {
    if (dragged_sticker(*event->mimeData(), model.project) && !model.document().sheet.photographed)
        event->acceptProposedAction();
}

void SheetView::dropEvent(QDropEvent* event) {
    event->acceptProposedAction();
    model.copies.place_at(dragged_sticker(*event->mimeData(), model.project).value_or(0), to_mm(event->position()));
    setFocus();
}

void SheetView::show_finding(const Finding& finding) {
    model.in_hand.go_to_page(finding.page - 1);
    model.in_hand.select({finding.copies.begin(), finding.copies.end()});
    centre_on(finding.at);
    if (px_per_mm() < 5)
        zoom_by(5 / px_per_mm());
    setFocus();
}

void SheetView::show_true_size() {
    zoom_by(screen_px_per_mm(*this) / px_per_mm());
}

void SheetView::set_measuring(bool on) {
    hand.set_measuring(on);
    measure->setChecked(on);
    setCursor(on ? Qt::CrossCursor : Qt::ArrowCursor);
    update();
}

namespace {

/// From where the plan has a copy to where it is now, mm on the paper.
QTransform since_planned(const PlacedCopy& copy, const Placement& now) {
    return to_qt(map_of_copy(*copy.sticker, copy.placement).inverted().then(map_of_copy(*copy.sticker, now)));
}

bool lies_where_planned(const Placement& a, const Placement& b) {
    return a.sticker == b.sticker && a.centre == b.centre && a.turn == b.turn && a.scale == b.scale &&
           a.stretch == b.stretch && a.mirrored == b.mirrored && a.page == b.page;
}

} // namespace

Selection SheetView::live_copies() const {
    Selection live = hand.held();
    const Document& then = model.snapshot().document;
    for (const Placement& now : model.document().placements)
        if (const Placement* planned = then.copy(now.id); planned && !lies_where_planned(now, *planned))
            live.insert(now.id);
    return live;
}

void SheetView::paint(QPainter& painter) {
    painter.setRenderHint(QPainter::Antialiasing);
    const bool is_searching = model.searches.so_far().has_value();
    const Selection live = is_searching ? Selection{} : live_copies();
    if (is_searching) {
        paint_paper(painter);
        paint_search(painter);
    } else {
        paint_resting(painter, live);
        paint_coming(painter);
        paint_live(painter, live);
        paint_findings(painter);
    }
    paint_hand(painter);
    paint_rulers(painter);
}

void SheetView::paint_paper(QPainter& painter) const {
    const Theme& t = theme();
    const SheetSettings& sheet = model.document().sheet;
    const QTransform view = to_view();
    const QRectF paper = view.mapRect(QRectF(0, 0, sheet.paper.width, sheet.paper.height));
    painter.fillRect(paper.translated(4, 4), QColor(38, 50, 61, 40));
    painter.fillRect(paper, t.paper);
    const auto& plan = model.snapshot().plan;
    const auto page = static_cast<std::size_t>(model.in_hand.page());
    if (plan && model.snapshot().document.sheet == sheet && page < plan->pages.size()) {
        painter.setPen(QPen(QColor(0x4F7A52), 1));
        painter.setBrush(t.zone);
        painter.drawPath(view.map(to_qt(plan->pages[page].zone)));
        const Division& division = sheet.division;
        for (const Rect& small : plan->pages[page].small_sheets)
            if (division.cut != Division::Cut::none)
                draw_cut_line(painter, view.map(to_qt(Polygons{corners_of(small)})),
                              division.cut == Division::Cut::score ? CutKind::score : CutKind::through);
    }
    const Rect room = printable(sheet);
    if (!room.empty()) {
        QPen dashes(QColor(0xA9A292), 1, Qt::CustomDashLine);
        dashes.setDashPattern({3, 3});
        painter.setPen(dashes);
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(view.mapRect(QRectF(to_qt(room.min), to_qt(room.max))));
    }
    painter.setPen(Qt::NoPen);
    painter.setBrush(Qt::black);
    for (const Mark& mark : marks(sheet))
        painter.drawPath(view.map(to_qt(ink_of(mark))));
}

void SheetView::paint_resting(QPainter& painter, const Selection& without) {
    const auto& plan = model.snapshot().plan;
    RestingSheet::Of now{
        plan,   to_view(),          without, model.document().sheet, model.in_hand.page(), art_arrived(),
        size(), devicePixelRatioF()};
    const RestingSheet::Of& drawn = resting.of();
    // While something is in hand a newer plan only moves that, so what rests need not be drawn anew for every step.
    const bool is_held = hand.act() != SheetHand::Act::none && !hand.held().empty() && drawn.view == now.view &&
                         drawn.without == without && drawn.page == now.page && drawn.size == now.size &&
                         drawn.ratio == now.ratio && drawn.plan && plan &&
                         drawn.plan->copies.size() == plan->copies.size();
    if (!is_held && !(drawn == now))
        resting.begin(std::move(now));
    if (!resting.is_whole())
        resting.draw([this](QPainter& p) { paint_paper(p); });
    resting.show(painter);
    if (!resting.is_whole())
        draw_on->start();
}

void SheetView::paint_live(QPainter& painter, const Selection& copies) {
    const auto& plan = model.snapshot().plan;
    if (copies.empty() || !plan)
        return;
    const QTransform view = to_view();
    const auto draw = [&](QPainter& p, const PlacedCopy& copy, const QTransform& since) {
        const QTransform to_screen = since * view;
        p.setPen(Qt::NoPen);
        p.setBrush(theme().paper);
        p.setOpacity(0.75); // what lies under it shows through
        p.drawPath(to_screen.map(to_qt(copy.region)));
        for (const PrintLayer& layer : copy.result->print)
            draw_layer(p, layer, to_qt(copy.map) * to_screen);
        p.setOpacity(1);
        draw_cut_lines(p, copy, to_screen);
    };
    constexpr std::size_t few = 4;
    if (hand.act() == SheetHand::Act::moving && copies == hand.held() && copies.size() > few) {
        // Many at once move as one picture.
        const double ratio = devicePixelRatioF();
        if (floating.view != view || floating.copies != copies || floating.art_arrived != art_arrived() ||
            floating.picture.size() != size() * ratio) {
            floating = {plan, view, copies, art_arrived(), QPixmap(size() * ratio)};
            floating.picture.setDevicePixelRatio(ratio);
            floating.picture.fill(Qt::transparent);
            QPainter p(&floating.picture);
            p.setRenderHint(QPainter::Antialiasing);
            for (const Placement& now : model.document().placements)
                if (const PlannedCopy* then = copies.contains(now.id) ? plan->find(now.id) : nullptr)
                    draw(p, *then->placed,
                         QTransform::fromTranslate(-hand.moved_by().x, -hand.moved_by().y) *
                             since_planned(*then->placed, now));
        }
        const QPointF by =
            hand.moved_by().x * px_per_mm() * QPointF(1, 0) + hand.moved_by().y * px_per_mm() * QPointF(0, 1);
        painter.drawPixmap(by, floating.picture);
        return;
    }
    floating = {};
    for (const Placement& now : model.document().placements)
        if (now.page == model.in_hand.page() && copies.contains(now.id))
            if (const PlannedCopy* then = plan->find(now.id))
                draw(painter, *then->placed, since_planned(*then->placed, now));
}

void SheetView::paint_search(QPainter& painter) const {
    const QTransform view = to_view();
    const Document& found = *model.searches.so_far();
    for (const Placement& p : found.placements) {
        const auto sticker = found.find(p.sticker);
        const auto result = model.snapshot().result(p.sticker);
        if (p.page == model.in_hand.page() && sticker && result)
            paint_unplanned(painter, *sticker, *result, to_qt(map_of_copy(*sticker, p)) * view);
    }
}

/// Copies of stickers that are worked out for the first time: as each comes, and until then as they came in.
void SheetView::paint_coming(QPainter& painter) const {
    const Document& document = model.document();
    if (model.working_out.is_settled() && model.snapshot().plan)
        return;
    for (const Placement& p : document.placements) {
        const auto sticker = document.find(p.sticker);
        if (p.page != model.in_hand.page() || !sticker || model.snapshot().result(p.sticker) ||
            model.snapshot().unreadable.contains(p.sticker))
            continue;
        const QTransform map = to_qt(map_of_copy(*sticker, p)) * to_view();
        if (const auto result = model.working_out.known(p.sticker)) {
            paint_unplanned(painter, *sticker, *result, map);
            continue;
        }
        const QPolygonF frame = map.map(QPolygonF(QRectF(0, 0, 1, 1)));
        if (const auto original = original_art(sticker->artwork)) {
            const PixelPlace px = size_px(sticker->artwork);
            const Size mm = artwork_size(*sticker);
            const Transform to_frame = Transform::scale(px.x, px.y)
                                           .then(picture_to_mm(*sticker))
                                           .then(Transform::scale(1 / mm.width, 1 / mm.height));
            QPainterPath clip;
            clip.addPolygon(frame);
            painter.save();
            painter.setClipPath(clip);
            painter.setOpacity(0.5);
            draw_art(painter, *original, to_qt(to_frame) * map);
            painter.restore();
        }
        painter.setPen(QPen(QColor(0xA9A292), 1, Qt::DashLine));
        painter.setBrush(Qt::NoBrush);
        painter.drawPolygon(frame);
    }
}

/// A sticker's own result in the place of a copy that is on no plan.
/// @param map  from the unit square of its artwork to the screen
void SheetView::paint_unplanned(QPainter& painter, const Sticker& sticker, const StickerResult& result,
                                const QTransform& map) const {
    const Size artwork = result.outlined->artwork;
    const QTransform from_mm = QTransform::fromScale(1 / artwork.width, 1 / artwork.height) * map;
    painter.setPen(Qt::NoPen);
    painter.setBrush(theme().paper);
    const QPainterPath line = from_mm.map(to_qt(result.cut_line()));
    painter.drawPath(line);
    for (const PrintLayer& layer : result.print)
        draw_layer(painter, layer, from_mm);
    draw_cut_line(painter, line, sticker.cut);
}

void SheetView::paint_findings(QPainter& painter) const {
    const Snapshot& snapshot = model.snapshot();
    const auto has_gone = [&](CopyId id) { return !model.document().copy(id); };
    const QTransform view = to_view();
    QColor tint = theme().attention;
    tint.setAlpha(110);
    painter.setPen(QPen(theme().attention, 2));
    painter.setBrush(tint);
    for (const Finding& f : snapshot.findings) {
        if (f.sticker > 0 || f.copies.empty() || f.page != model.in_hand.page() + 1 ||
            std::ranges::any_of(f.copies, has_gone))
            continue; // about a sticker or the sheet, not a place on it
        if (f.region.empty())
            painter.drawEllipse(view.map(to_qt(f.at)), 7, 7);
        else
            painter.drawPath(view.map(to_qt(f.region)));
    }
}

void SheetView::paint_hand(QPainter& painter) const {
    const QTransform view = to_view();
    const QColor indigo(0x2E4A7D); // the paper is white whatever the tone
    const auto cased_line = [&](QPointF a, QPointF b, const QPen& pen) {
        painter.setPen(QPen(theme().casing, pen.widthF() + 2));
        painter.drawLine(a, b);
        painter.setPen(pen);
        painter.drawLine(a, b);
    };
    painter.setBrush(Qt::NoBrush);
    if (const auto grips = hand.handles(px_per_mm())) {
        const QRectF frame(view.map(to_qt(grips->frame.min)), view.map(to_qt(grips->frame.max)));
        painter.setPen(QPen(theme().casing, 3));
        painter.drawRect(frame);
        painter.setPen(QPen(indigo, 1.4, Qt::DashLine));
        painter.drawRect(frame);
        const bool is_locked =
            std::ranges::all_of(model.in_hand.copies(), [&](CopyId id) { return model.document().copy(id)->locked; });
        if (is_locked) {
            painter.setPen(indigo);
            painter.drawText(frame.topLeft() + QPointF(0, -6), tr("locked"));
        } else {
            cased_line(view.map(to_qt(grips->scale[1])), view.map(to_qt(grips->turn)), QPen(indigo, 1.2));
            painter.setPen(QPen(indigo, 1.4));
            painter.setBrush(theme().casing);
            for (const Point p : grips->scale)
                painter.drawEllipse(view.map(to_qt(p)), 4, 4);
            painter.setBrush(indigo);
            painter.drawEllipse(view.map(to_qt(grips->turn)), 5, 5);
        }
    }
    for (const Guide& guide : hand.guides())
        cased_line(view.map(to_qt(guide.from)), view.map(to_qt(guide.to)), QPen(QColor(0x4F7A52), 1.2));
    if (hand.act() == SheetHand::Act::banding) {
        painter.setPen(QPen(theme().accent, 1, Qt::DashLine));
        QColor tint = theme().accent;
        tint.setAlpha(30);
        painter.setBrush(tint);
        const Rect band = hand.band();
        painter.drawRect(QRectF(view.map(to_qt(band.min)), view.map(to_qt(band.max))));
    }
    QPointF beside = view.map(to_qt(hand.measured().second));
    if (hand.act() == SheetHand::Act::measuring)
        cased_line(view.map(to_qt(hand.measured().first)), beside, QPen(indigo, 1.6));
    if (!hand.words().isEmpty()) {
        const QRectF words = painter.fontMetrics().boundingRect(hand.words()).adjusted(-7, -4, 7, 4);
        const QRectF box = words.translated(beside + QPointF(16, 24) - words.topLeft());
        painter.setPen(Qt::NoPen);
        painter.setBrush(theme().panel);
        painter.drawRoundedRect(box, 4, 4);
        painter.setPen(theme().ink);
        painter.drawText(box, Qt::AlignCenter, hand.words());
    }
}

void SheetView::paint_rulers(QPainter& painter) const {
    const Theme& t = theme();
    const Unit unit = model.document().unit;
    // The finest division that leaves at least five pixels, numbered where there is room for the figures.
    const double base = unit == Unit::inch ? mm_per_inch : unit == Unit::cm ? 10 : 1;
    double step = unit == Unit::inch ? base / 16 : 1;
    for (int i = 0; step * px_per_mm() < 5; ++i)
        step *= unit == Unit::inch ? 2 : i % 2 == 0 ? 5 : 2;
    double numbered = step;
    while (numbered * px_per_mm() < 44)
        numbered *= numbered * 2 * px_per_mm() >= 44 ? 2 : 5;
    painter.fillRect(QRect(0, 0, width(), ruler_px), t.panel);
    painter.fillRect(QRect(0, 0, ruler_px, height()), t.panel);
    QFont small = font();
    small.setPointSizeF(7);
    painter.setFont(small);
    painter.setPen(t.dim);
    const auto ticks = [&](double from, double to, auto&& tick) {
        for (auto k = static_cast<long>(std::ceil(from / step)); static_cast<double>(k) * step <= to; ++k) {
            const double mm = static_cast<double>(k) * step;
            const double in_numbered = mm / numbered;
            tick(mm, std::abs(in_numbered - std::round(in_numbered)) < 1e-6);
        }
    };
    const auto figure = [&](double mm) { return QLocale().toString(mm / base, 'g', 4); };
    const Point top_left = to_mm({0, 0}), bottom_right = to_mm({double(width()), double(height())});
    ticks(top_left.x, bottom_right.x, [&](double mm, bool is_numbered) {
        const double x = to_view().map(QPointF(mm, 0)).x();
        if (x < ruler_px)
            return;
        painter.drawLine(QPointF(x, is_numbered ? 8 : 13), QPointF(x, ruler_px));
        if (is_numbered)
            painter.drawText(QPointF(x + 3, 10), figure(mm));
    });
    ticks(top_left.y, bottom_right.y, [&](double mm, bool is_numbered) {
        const double y = to_view().map(QPointF(0, mm)).y();
        if (y < ruler_px)
            return;
        painter.drawLine(QPointF(is_numbered ? 8 : 13, y), QPointF(ruler_px, y));
        if (is_numbered) {
            painter.save();
            painter.translate(10, y - 3);
            painter.rotate(-90);
            painter.drawText(QPointF(0, 0), figure(mm));
            painter.restore();
        }
    });
    painter.fillRect(QRect(0, 0, ruler_px, ruler_px), t.panel);
    painter.setPen(t.line);
    painter.drawLine(0, ruler_px, width(), ruler_px);
    painter.drawLine(ruler_px, 0, ruler_px, height());
}

void SheetView::press(QMouseEvent* event) {
    hand.press(to_mm(event->position()), px_per_mm(), event->modifiers());
    update();
}

void SheetView::drag(QMouseEvent* event) {
    if (event->buttons() & Qt::LeftButton)
        hand.drag(to_mm(event->position()), px_per_mm(), event->modifiers());
    update();
}

void SheetView::release(QMouseEvent* event) {
    hand.release(event->modifiers());
    update();
}

bool SheetView::double_click(QMouseEvent* event) {
    const Placement* hit = hand.copy_at(to_mm(event->position()));
    if (hit)
        emit sticker_opened(hit->sticker);
    return hit != nullptr;
}

void SheetView::take_thing(int id) {
    if (id > 0)
        model.in_hand.select({static_cast<CopyId>(id)});
}

Things SheetView::list_things() const {
    const Snapshot& snapshot = model.snapshot();
    const int page = model.in_hand.page();
    const Unit unit = model.document().unit;
    const QTransform view = to_view();
    std::map<CopyId, QString> troubles;
    for (const Finding& finding : snapshot.findings)
        for (const CopyId copy : finding.copies)
            troubles[copy] += QStringLiteral(", ") + in_words(finding.message);
    std::vector<std::pair<Rect, Thing>> found;
    for (const Placement& p : model.document().placements) {
        const auto sticker = p.page == page ? model.document().find(p.sticker) : nullptr;
        const Rect box = sticker ? box_in_sight(snapshot, model.document(), {p.id}) : Rect{};
        if (box.empty())
            continue;
        const auto length = [&](double mm) { return length_in_words(mm, unit); };
        QString name = tr("%1, %2 by %3, %4 from the left, %5 from the top")
                           .arg(QString::fromStdString(sticker->name), length(box.width()), length(box.height()),
                                length(box.min.x), length(box.min.y));
        if (p.locked)
            name += tr(", locked");
        name += troubles[p.id];
        found.push_back({box,
                         {static_cast<int>(p.id), name, view.mapRect(QRectF(to_qt(box.min), to_qt(box.max))),
                          model.in_hand.copies().contains(p.id)}});
    }
    // As one reads: rows that overlap by half are one row.
    std::ranges::stable_sort(found, [](const auto& a, const auto& b) { return a.first.min.y < b.first.min.y; });
    for (std::size_t from = 0, to = 0; from < found.size(); from = to) {
        const Rect& first = found[from].first;
        while (to < found.size() && found[to].first.min.y < first.centre().y)
            ++to;
        std::ranges::stable_sort(found.begin() + static_cast<std::ptrdiff_t>(from),
                                 found.begin() + static_cast<std::ptrdiff_t>(to),
                                 [](const auto& a, const auto& b) { return a.first.min.x < b.first.min.x; });
    }
    Things all;
    for (auto& [box, thing] : found)
        all.push_back(std::move(thing));
    int number = 0;
    for (const Mark& mark : marks(model.document().sheet)) {
        const Rect box = bounds(ink_of(mark));
        all.push_back(
            {-++number, tr("Mark %1").arg(number), view.mapRect(QRectF(to_qt(box.min), to_qt(box.max))), false, false});
    }
    return all;
}

KeyList SheetView::keys() {
    return {{tr("Arrows"), tr("Move the copies chosen by 1 mm; with Shift 10 mm, with Alt 0.1 mm")},
            {tr("Comma, full stop"), tr("Turn them by 15°; with Alt by 1°")},
            {tr("Page up, Page down"), tr("The page before, the next page")},
            {tr("M"), tr("Measure")},
            {tr("Esc"), tr("Take back what is being done; choose nothing")}};
}

bool SheetView::key(QKeyEvent* event) {
    const auto turn_by = [&](double deg) {
        if (event->modifiers() & Qt::AltModifier)
            deg /= 15;
        model.copies.edit(
            tr("Turn"),
            [deg](Document d, const Selection& s) {
                for (const CopyId id : s)
                    if (const Placement* p = d.copy(id))
                        d = turned(std::move(d), {id}, p->centre, deg * std::numbers::pi / 180);
                return d;
            },
            QStringLiteral("turnByKeys"));
        return true;
    };
    switch (event->key()) {
    case Qt::Key_Comma:
        return turn_by(-15);
    case Qt::Key_Period:
        return turn_by(15);
    case Qt::Key_Left:
        return hand.nudge({-1, 0}, event->modifiers());
    case Qt::Key_Right:
        return hand.nudge({1, 0}, event->modifiers());
    case Qt::Key_Up:
        return hand.nudge({0, -1}, event->modifiers());
    case Qt::Key_Down:
        return hand.nudge({0, 1}, event->modifiers());
    case Qt::Key_PageUp:
        model.in_hand.go_to_page(model.in_hand.page() - 1);
        return true;
    case Qt::Key_PageDown:
        model.in_hand.go_to_page(model.in_hand.page() + 1);
        return true;
    case Qt::Key_M:
        set_measuring(!hand.is_measuring());
        return true;
    case Qt::Key_Escape:
        if (hand.is_measuring())
            set_measuring(false);
        else if (hand.act() != SheetHand::Act::none)
            hand.cancel();
        else
            model.in_hand.select({});
        update();
        return true;
    default:
        return false;
    }
}

} // namespace fusuma::app
