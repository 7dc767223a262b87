#include "app/bench/bench_view.h"

#include "app/common/painting.h"
#include "app/common/theme.h"
#include "app/common/widgets.h"
#include "core/geometry/measure.h"

#include <QComboBox>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>

namespace fusuma::app {

BenchView::BenchView(Session& project, QWidget* parent) : ZoomView(parent), session(project) {
    setObjectName(QStringLiteral("benchView"));
    set_fit_margins({28, 56, 28, 40}); // the tools above, the ruler below
    setAccessibleName(tr("The sticker with its cut line"));
    look_at = new QComboBox(this);
    look_at->setObjectName(QStringLiteral("lookAt"));
    look_at->setAccessibleName(tr("Look at"));
    look_at->setToolTip(tr("What to show: the result as it prints and is cut, the artwork as it came, how much counts "
                           "as art, or the outline with its nodes."));
    look_at->addItems({tr("Look at: Result"), tr("Look at: Artwork"), tr("Look at: Coverage"), tr("Look at: Outline")});
    look_at->setFixedWidth(160);
    figures = label({});
    figures->setObjectName(QStringLiteral("chip"));
    figures->setParent(this);
    connect(look_at, &QComboBox::currentIndexChanged, this, [this](int i) {
        look = static_cast<Look>(i);
        refresh();
    });
    connect(&session, &Session::changed, this, &BenchView::refresh);
    connect(&session, &Session::worked_out, this, &BenchView::refresh);
    refresh();
}

void BenchView::refresh() {
    const auto sticker = session.sticker();
    const auto result = sticker ? session.snapshot().result(sticker->id) : nullptr;
    if (result) {
        Rect box{{0, 0}, {result->artwork.width, result->artwork.height}};
        box.include(bounds(result->cut_line));
        set_content(box);
        const Outline& shown = look == Look::outline ? result->outline : result->cut_line;
        const auto holes = std::count_if(shown.contours.begin(), shown.contours.end(),
                                         [](const Contour& c) { return signed_area(c) < 0; });
        const auto outer = static_cast<std::ptrdiff_t>(shown.contours.size()) - holes;
        QString text = outer == 1 ? tr("1 contour") : tr("%1 contours").arg(outer);
        text += holes == 1 ? tr(" · 1 hole") : tr(" · %1 holes").arg(holes);
        text += tr(" · %1 nodes · %2")
                    .arg(node_count(shown))
                    .arg(QString::fromStdString(format_distance(length(shown), session.document().unit)));
        figures->setText(text);
    }
    look_at->setVisible(sticker != nullptr);
    figures->setVisible(result != nullptr && look != Look::artwork);
    place_overlays();
    update();
}

void BenchView::place_overlays() {
    look_at->move(12, 12);
    figures->adjustSize();
    figures->move(look_at->x() + look_at->width() + 8, 12);
}

void BenchView::resizeEvent(QResizeEvent* event) {
    ZoomView::resizeEvent(event);
    place_overlays();
}

void BenchView::paint_empty(QPainter& painter) const {
    painter.setPen(theme().ink);
    QFont big = font();
    big.setPixelSize(17);
    big.setWeight(QFont::DemiBold);
    painter.setFont(big);
    painter.drawText(rect().adjusted(0, -24, 0, -24), Qt::AlignCenter, tr("Drop a picture here"));
    painter.setFont(font());
    painter.setPen(theme().dim);
    painter.drawText(rect().adjusted(0, 24, 0, 24), Qt::AlignCenter,
                     tr("A PNG with transparency works best: its edge becomes the outline."));
}

void BenchView::paint(QPainter& painter) {
    const auto sticker = session.sticker();
    if (!sticker) {
        paint_empty(painter);
        return;
    }
    const auto result = session.snapshot().result(sticker->id);
    if (!result)
        return;
    painter.setRenderHint(QPainter::Antialiasing);
    const QTransform view = to_view();
    const QPainterPath cut = view.map(to_qt(result->cut_line));
    if (look == Look::result) {
        painter.setPen(Qt::NoPen);
        painter.setBrush(QColor(38, 50, 61, 28));
        painter.drawPath(cut.translated(3, 4));
        painter.setBrush(theme().paper);
        painter.drawPath(cut);
    }
    const QTransform art = QTransform::fromScale(result->artwork.width, result->artwork.height) * view;
    const bool as_it_came = look == Look::artwork || look == Look::coverage || tool != Tool::none;
    painter.setOpacity(look == Look::outline || look == Look::coverage ? 0.35 : 1);
    draw_art(painter, as_it_came ? original_art(sticker->artwork) : result->isolation->art, art);
    painter.setOpacity(1);
    if (look == Look::coverage)
        paint_coverage(painter, *result);
    paint_focus(painter, *sticker, *result);
    if (look == Look::result)
        draw_cut_line(painter, cut, sticker->cut);
    if (look == Look::outline) {
        painter.setPen(QPen(theme().ink, 1.4));
        painter.setBrush(Qt::NoBrush);
        painter.drawPath(view.map(to_qt(result->outline)));
        painter.setPen(QPen(theme().casing, 1));
        painter.setBrush(theme().accent);
        for (const Contour& contour : result->outline.contours)
            for (const Segment& s : contour.segments)
                painter.drawRect(QRectF(view.map(to_qt(s.end)) - QPointF(3, 3), QSizeF(6, 6)));
    }
    if (look == Look::result)
        paint_ruler(painter, bounds(result->cut_line));
}

/// What counts as art in solid indigo over the paled picture: a tint that reads over any colour.
void BenchView::paint_coverage(QPainter& painter, const StickerResult& result) const {
    const Coverage& coverage = result.isolation->coverage;
    const QImage mask(coverage.values.data(), coverage.width, coverage.height, coverage.width, QImage::Format_Alpha8);
    QImage tint(mask.size().scaled(1600, 1600, Qt::KeepAspectRatio).boundedTo(mask.size()),
                QImage::Format_ARGB32_Premultiplied);
    tint.fill(theme().accent);
    QPainter painter_of_tint(&tint);
    painter_of_tint.setRenderHint(QPainter::SmoothPixmapTransform);
    painter_of_tint.setCompositionMode(QPainter::CompositionMode_DestinationIn);
    painter_of_tint.drawImage(tint.rect(), mask.convertToFormat(QImage::Format_ARGB32_Premultiplied));
    painter_of_tint.end();
    painter.setOpacity(0.8);
    painter.drawImage(to_view().mapRect(QRectF(0, 0, result.artwork.width, result.artwork.height)), tint);
    painter.setOpacity(1);
}

void BenchView::paint_focus(QPainter& painter, const Sticker& sticker, const StickerResult& result) const {
    QRectF box;
    if (box_from) {
        box = QRectF(to_qt(*box_from), to_qt(box_to)).normalized();
    } else if (sticker.background.focus && (look != Look::result || tool == Tool::focus_box)) {
        const Focus& f = *sticker.background.focus;
        const double mm_per_px = result.artwork.width / result.isolation->coverage.width;
        box = QRectF(f.x * mm_per_px, f.y * mm_per_px, f.width * mm_per_px, f.height * mm_per_px);
    } else {
        return;
    }
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(theme().casing, 3));
    painter.drawRect(to_view().mapRect(box));
    painter.setPen(QPen(theme().accent, 1.4, Qt::DashLine));
    painter.drawRect(to_view().mapRect(box));
}

void BenchView::take(Tool next) {
    tool = next;
    setCursor(tool == Tool::none ? Qt::ArrowCursor : Qt::CrossCursor);
    update();
}

void BenchView::press(QMouseEvent* event) {
    const auto sticker = session.sticker();
    const auto result = sticker ? session.snapshot().result(sticker->id) : nullptr;
    if (!result || tool == Tool::none)
        return;
    const Point mm = to_mm(event->position());
    if (tool == Tool::focus_box) {
        box_from = box_to = mm;
        return;
    }
    if (const auto colour = colour_at(sticker->artwork, mm.x / result->artwork.width, mm.y / result->artwork.height)) {
        session.edit_sticker(tr("Pick a colour"), [&](Sticker& s) {
            s.background.source = Source::colour;
            s.background.colour = *colour;
        });
        take(Tool::none);
    }
}

void BenchView::drag(QMouseEvent* event) {
    if (box_from) {
        box_to = to_mm(event->position());
        update();
    }
}

void BenchView::release(QMouseEvent*) {
    if (!box_from)
        return;
    const QRectF box = QRectF(to_qt(*box_from), to_qt(box_to)).normalized();
    box_from.reset();
    const auto sticker = session.sticker();
    const auto result = sticker ? session.snapshot().result(sticker->id) : nullptr;
    if (result && box.width() * px_per_mm() > 4 && box.height() * px_per_mm() > 4) {
        const double px_of_mm = result->isolation->coverage.width / result->artwork.width;
        const QRect px = QRectF(box.topLeft() * px_of_mm, box.size() * px_of_mm).toAlignedRect();
        session.edit_sticker(tr("Focus box"), [&](Sticker& s) {
            s.background.focus = Focus{px.x(), px.y(), px.width(), px.height()};
        });
    }
    take(Tool::none);
}

/// The finished width below the sticker, so that its real size is never out of sight.
void BenchView::paint_ruler(QPainter& painter, const Rect& cut_box) const {
    if (cut_box.empty())
        return;
    const QTransform view = to_view();
    const QPointF left = view.map(to_qt(Point{cut_box.min.x, cut_box.max.y})) + QPointF(0, 12);
    const QPointF right = view.map(to_qt(Point{cut_box.max.x, cut_box.max.y})) + QPointF(0, 12);
    painter.setPen(QPen(theme().dim, 1));
    painter.drawLine(left, right);
    for (const QPointF end : {left, right})
        painter.drawLine(end - QPointF(0, 4), end + QPointF(0, 4));
    const QString text = QString::fromStdString(format_length(cut_box.width(), session.document().unit));
    const QRectF place((left.x() + right.x()) / 2 - 50, left.y() - 9, 100, 18);
    const double wide = QFontMetricsF(font()).horizontalAdvance(text) + 12;
    painter.fillRect(QRectF(place.center().x() - wide / 2, place.y(), wide, 18), theme().canvas);
    painter.setPen(theme().ink);
    painter.drawText(place, Qt::AlignCenter, text);
}

} // namespace fusuma::app
