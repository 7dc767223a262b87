#include "app/sheet/sheet_view.h"

#include "app/common/painting.h"
#include "app/common/theme.h"
#include "app/common/widgets.h"

#include <QHBoxLayout>
#include <QMouseEvent>
#include <QPainter>

namespace fusuma::app {

SheetView::SheetView(Session& project, QWidget* parent) : ZoomView(parent), session(project) {
    setObjectName(QStringLiteral("sheetView"));
    setAccessibleName(tr("The sheet"));
    zoom_bar = new QWidget(this);
    zoom_bar->setObjectName(QStringLiteral("chip"));
    zoom_bar->setAttribute(Qt::WA_StyledBackground);
    auto* layout = new QHBoxLayout(zoom_bar);
    layout->setContentsMargins(4, 0, 4, 0);
    layout->setSpacing(0);
    auto* out = button(QStringLiteral("−"), "flat", QStringLiteral("zoomOut"), tr("Smaller"));
    auto* in = button(QStringLiteral("+"), "flat", QStringLiteral("zoomIn"), tr("Larger"));
    auto* whole = button(tr("Fit"), "flat", QStringLiteral("zoomFit"), tr("Show the whole sheet"));
    zoom_text = label({});
    zoom_text->setMinimumWidth(46);
    zoom_text->setAlignment(Qt::AlignCenter);
    for (QWidget* w : std::initializer_list<QWidget*>{out, zoom_text, in, whole})
        layout->addWidget(w);
    connect(out, &QPushButton::clicked, this, [this] { zoom_by(0.8); });
    connect(in, &QPushButton::clicked, this, [this] { zoom_by(1.25); });
    connect(whole, &QPushButton::clicked, this, &ZoomView::fit);
    connect(this, &ZoomView::zoomed, this, [this] {
        zoom_text->setText(QStringLiteral("%1 %").arg(qRound(100 * px_per_mm() * mm_per_inch / logicalDpiX())));
        zoom_bar->adjustSize();
    });
    connect(&session, &Session::changed, this, &SheetView::refresh);
    connect(&session, &Session::worked_out, this, &SheetView::refresh);
    refresh();
}

void SheetView::refresh() {
    const Size paper = session.document().sheet.paper;
    set_content({{0, 0}, {paper.width, paper.height}});
    update();
}

void SheetView::resizeEvent(QResizeEvent* event) {
    ZoomView::resizeEvent(event);
    zoom_bar->adjustSize();
    zoom_bar->move(12, height() - zoom_bar->height() - 12);
}

void SheetView::show_finding(const Finding& finding) {
    session.select({finding.copies.begin(), finding.copies.end()});
    centre_on(finding.at);
    if (px_per_mm() < 5)
        zoom_by(5 / px_per_mm());
    setFocus();
}

namespace {

/// From the sticker's millimetres to the paper's, where the copy is now.
QTransform to_paper(const Outlined& outlined, const Sticker& sticker, const Placement& placement) {
    return QTransform::fromScale(1 / outlined.artwork.width, 1 / outlined.artwork.height) *
           to_qt(placed(sticker, placement));
}

} // namespace

QPainterPath SheetView::cut_path(const Placement& placement) const {
    const auto result = session.snapshot().result(placement.sticker, placement.scale);
    const auto sticker = session.document().find(placement.sticker);
    if (!result || !sticker)
        return {};
    QPainterPath path = to_qt(result->cut_line());
    for (const Contour& line : result->cut->open())
        path.addPath(open_path(line));
    return to_paper(*result->outlined, *sticker, placement).map(path);
}

void SheetView::paint(QPainter& painter) {
    painter.setRenderHint(QPainter::Antialiasing);
    paint_paper(painter);
    paint_copies(painter);
    paint_findings(painter);
    paint_selection(painter);
    if (hand == Hand::banding) {
        painter.setPen(QPen(theme().accent, 1, Qt::DashLine));
        QColor tint = theme().accent;
        tint.setAlpha(30);
        painter.setBrush(tint);
        painter.drawRect(QRectF(pressed_at, band_to).normalized());
    }
}

void SheetView::paint_paper(QPainter& painter) const {
    const Theme& t = theme();
    const SheetSettings& sheet = session.document().sheet;
    const QTransform view = to_view();
    const QRectF paper = view.mapRect(QRectF(0, 0, sheet.paper.width, sheet.paper.height));
    painter.fillRect(paper.translated(4, 4), QColor(38, 50, 61, 40));
    painter.fillRect(paper, t.paper);
    if (const auto& plan = session.snapshot().plan; plan && session.snapshot().document.sheet == sheet) {
        painter.setPen(QPen(QColor(0x4F7A52), 1));
        painter.setBrush(t.zone);
        painter.drawPath(view.map(to_qt(plan->pages.front().zone)));
    }
    const double m = sheet.printer_margin;
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(QColor(0xA9A292), 1, Qt::CustomDashLine));
    QPen dashes = painter.pen();
    dashes.setDashPattern({3, 3});
    painter.setPen(dashes);
    painter.drawRect(view.mapRect(QRectF(m, m, sheet.paper.width - 2 * m, sheet.paper.height - 2 * m)));
    painter.setPen(Qt::NoPen);
    painter.setBrush(Qt::black);
    for (const Mark& mark : marks(sheet))
        painter.drawEllipse(view.map(to_qt(mark.centre)), mark.radius * px_per_mm(), mark.radius * px_per_mm());
}

void SheetView::paint_copies(QPainter& painter) const {
    const Document& document = session.document();
    const Snapshot& snapshot = session.snapshot();
    const QTransform view = to_view();
    const auto each_copy = [&](auto&& paint) {
        for (const Placement& p : document.placements)
            if (const auto sticker = document.find(p.sticker))
                paint(p, *sticker);
    };
    // Under all print, so that no copy's paper hides its neighbour's bleed.
    painter.setPen(Qt::NoPen);
    painter.setBrush(theme().paper);
    each_copy([&](const Placement& p, const Sticker&) { painter.drawPath(view.map(cut_path(p))); });
    if (snapshot.plan && snapshot.document.placements == document.placements)
        for (const PrintItem& item : snapshot.plan->pages.front().prints)
            draw_layer(painter, item.layer, view);
    else // while moving: as each would print alone
        each_copy([&](const Placement& p, const Sticker& sticker) {
            if (const auto result = snapshot.result(p.sticker, p.scale))
                for (const PrintLayer& layer : result->print)
                    draw_layer(painter, layer, to_paper(*result->outlined, sticker, p) * view);
        });
    each_copy([&](const Placement& p, const Sticker& sticker) {
        draw_cut_line(painter, view.map(cut_path(p)), sticker.cut);
    });
}

void SheetView::paint_findings(QPainter& painter) const {
    const Snapshot& snapshot = session.snapshot();
    if (snapshot.document.placements != session.document().placements)
        return; // stale while dragging: the next result is a moment away
    const QTransform view = to_view();
    QColor tint = theme().attention;
    tint.setAlpha(110);
    painter.setPen(QPen(theme().attention, 2));
    painter.setBrush(tint);
    for (const Finding& f : snapshot.findings)
        if (f.rule != "low-resolution") {
            if (f.region.empty())
                painter.drawEllipse(view.map(to_qt(f.at)), 7, 7);
            else
                painter.drawPath(view.map(to_qt(f.region)));
        }
}

void SheetView::paint_selection(QPainter& painter) const {
    const QTransform view = to_view();
    for (const std::size_t i : session.selection()) {
        const QRectF box = view.map(cut_path(session.document().placements[i])).boundingRect().adjusted(-4, -4, 4, 4);
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(theme().casing, 3));
        painter.drawRect(box);
        painter.setPen(QPen(QColor(0x2E4A7D), 1.4, Qt::DashLine));
        painter.drawRect(box);
    }
}

std::optional<std::size_t> SheetView::copy_at(QPointF at) const {
    const Point mm = to_mm(at);
    const auto& placements = session.document().placements;
    for (std::size_t i = placements.size(); i-- > 0;)
        if (cut_path(placements[i]).contains(to_qt(mm)))
            return i;
    return std::nullopt;
}

void SheetView::press(QMouseEvent* event) {
    pressed_at = band_to = event->position();
    const auto hit = copy_at(event->position());
    std::set<std::size_t> next = session.selection();
    if (!hit) {
        if (!(event->modifiers() & Qt::ShiftModifier))
            session.select({});
        hand = Hand::banding;
        return;
    }
    if (event->modifiers() & Qt::ShiftModifier) {
        next.contains(*hit) ? static_cast<void>(next.erase(*hit)) : static_cast<void>(next.insert(*hit));
        session.select(next);
    } else if (!next.contains(*hit)) {
        session.select({*hit});
    }
    hand = Hand::moving;
    grabbed = to_mm(event->position());
    ++stroke;
}

void SheetView::drag(QMouseEvent* event) {
    if (hand == Hand::banding) {
        band_to = event->position();
        update();
    } else if (hand == Hand::moving && !session.selection().empty()) {
        const Point now = to_mm(event->position());
        if ((event->position() - pressed_at).manhattanLength() < 4 && distance(now, grabbed) * px_per_mm() < 4)
            return;
        session.move_selection(now - grabbed, QStringLiteral("drag%1").arg(stroke));
        grabbed = now;
    }
}

void SheetView::release(QMouseEvent*) {
    if (hand == Hand::banding) {
        const QRectF band = QRectF(pressed_at, band_to).normalized();
        std::set<std::size_t> inside = session.selection();
        const auto& placements = session.document().placements;
        for (std::size_t i = 0; i < placements.size(); ++i)
            if (band.contains(to_view().map(cut_path(placements[i])).boundingRect()))
                inside.insert(i);
        if (inside != session.selection())
            session.select(std::move(inside));
    }
    session.end_stroke();
    hand = Hand::idle;
    update();
}

bool SheetView::double_click(QMouseEvent* event) {
    const auto hit = copy_at(event->position());
    if (hit)
        emit sticker_opened(session.document().placements[*hit].sticker);
    return hit.has_value();
}

bool SheetView::key(QKeyEvent* event) {
    const double by = event->modifiers() & Qt::ShiftModifier ? 10 : event->modifiers() & Qt::AltModifier ? 0.1 : 1;
    Point move;
    switch (event->key()) {
    case Qt::Key_Left:
        move = {-by, 0};
        break;
    case Qt::Key_Right:
        move = {by, 0};
        break;
    case Qt::Key_Up:
        move = {0, -by};
        break;
    case Qt::Key_Down:
        move = {0, by};
        break;
    case Qt::Key_Escape:
        session.select({});
        return true;
    default:
        return false;
    }
    if (!session.selection().empty())
        session.move_selection(move, QStringLiteral("nudge%1").arg(stroke));
    return true;
}

} // namespace fusuma::app
