#include "app/bench/edge_ribbon.h"

#include "app/common/number_field.h"
#include "app/common/painting.h"
#include "app/common/screen_painter.h"
#include "app/common/theme.h"
#include "app/common/widgets.h"
#include "core/border/unrolled.h"
#include "core/geometry/measure.h"
#include "formats/basics/in_words.h"

#include <QHBoxLayout>
#include <QMenu>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace fusuma::app {

namespace {

constexpr int head_px = 34, overview_px = 22, strip_px = 84, edge_px = 12;

QString distance_words(double mm, Unit unit) {
    return length_in_words(mm, unit);
}

} // namespace

EdgeRibbon::EdgeRibbon(Model& project, BenchTools& bench_tools) : model(project), tools(bench_tools) {
    setObjectName(QStringLiteral("edgeRibbon"));
    setAccessibleName(tr("Edge ribbon: the cut line unrolled"));
    setToolTip(tr("The cut line unrolled: paper above, the sticker below. Click a place to see it; the wheel zooms, "
                  "arrow keys walk along."));
    setMouseTracking(true);
    setFocusPolicy(Qt::StrongFocus);
    setFixedHeight(head_px + overview_px + strip_px + 12);
    auto* head = new QWidget(this);
    head->setObjectName(QStringLiteral("ribbonHead"));
    auto* layout = new QHBoxLayout(head);
    layout->setContentsMargins(edge_px, 2, edge_px, 2);
    layout->setSpacing(8);
    narrowest = button({}, "link", QStringLiteral("narrowestPlace"), tr("Show the narrowest place"));
    widest = button({}, "link", QStringLiteral("widestPlace"), tr("Show the widest place"));
    narrowest->setAccessibleName(tr("Narrowest place"));
    widest->setAccessibleName(tr("Widest place"));
    words = label({}, "dim");
    words->setObjectName(QStringLiteral("ribbonWords"));
    slip = new NumberField(NumberField::Kind::length, 0, 5, 0.1, QStringLiteral("ribbonSlip"));
    slip->setToolTip(
        tr("How far your cutter may miss the print. Paper narrower than this between art and cut is tinted."));
    slip->setAccessibleName(tr("Slip of the cutter"));
    slip->set_value(limits.slip);
    slip->setFixedWidth(px(72));
    layout->addWidget(title = label(tr("Edge ribbon"), "section"));
    layout->addWidget(narrowest);
    layout->addWidget(widest);
    layout->addWidget(words);
    layout->addStretch();
    layout->addWidget(label(tr("Slip ±"), "dim"));
    layout->addWidget(slip);
    head->move(0, 0);
    head->setFixedHeight(head_px);
    connect(slip, &NumberField::edited, this, [this](double mm) {
        limits.slip = mm;
        refresh();
    });
    connect(narrowest, &QPushButton::clicked, this, [this] {
        if (ribbon.narrowest)
            go_to(*ribbon.narrowest);
    });
    connect(widest, &QPushButton::clicked, this, [this] {
        if (ribbon.widest)
            go_to(*ribbon.widest);
    });
    connect(&model, &Model::changed, this, [this] {
        if (!model.working_out.awaits_preview())
            refresh();
    });
    connect(&model.working_out, &WorkingOut::worked_out, this, &EdgeRibbon::refresh);
    connect(&model.working_out, &WorkingOut::came_early, this, [this](int sticker) {
        if (model.in_hand.sticker() && model.in_hand.sticker()->id == sticker)
            refresh();
    });
    live.setSingleShot(true);
    live.setInterval(25);
    connect(&live, &QTimer::timeout, this, &EdgeRibbon::refresh);
    connect(&model.working_out, &WorkingOut::previewed, this, [this] {
        if (!live.isActive())
            live.start();
    });
    refresh();
}

QRect EdgeRibbon::strip() const {
    return {edge_px, head_px + overview_px + 4, width() - 2 * edge_px, strip_px};
}

QRect EdgeRibbon::overview() const {
    return {edge_px, head_px, width() - 2 * edge_px, overview_px};
}

void EdgeRibbon::refresh() {
    const auto sticker = model.in_hand.sticker();
    const auto result = model.working_out.shown();
    slip->set_unit(model.document().unit);
    if (!sticker || !result) {
        ribbon = {};
        shown_result.reset();
    } else if (result != shown_result) {
        shown_result = result;
        ribbon = *model.working_out.ribbon();
        if (std::exchange(shown_sticker, sticker->id) != sticker->id) {
            offset = 0;
            is_zoomed = false;
        }
        if (!is_zoomed && ribbon.widest) {                      // the art must be seen across the widest rim
            constexpr double most = 11, least = 2, below = 1.2; // px per mm, mm
            scale = std::clamp(strip_px / 2 / (std::abs(ribbon.samples[*ribbon.widest].art) + below), least, most);
        }
        take_print(*result);
        marked.reset();
    }
    const bool has_art = ribbon.narrowest.has_value();
    narrowest->setVisible(has_art);
    widest->setVisible(has_art);
    if (sticker && has_art) {
        const Unit unit = model.document().unit;
        kind = sticker->cut;
        limits.reach = reach_at(*sticker, result->outlined->artwork.width);
        limits.is_paper_seen = sticker->rims.inner.empty() && sticker->rims.border.kind == Fill::Kind::clear;
        narrowest->setText(tr("least %1").arg(distance_words(ribbon.samples[*ribbon.narrowest].art, unit)));
        widest->setText(tr("most %1").arg(distance_words(ribbon.samples[*ribbon.widest].art, unit)));
        const std::size_t slivers = stretches_with(ribbon, Flaw::sliver, limits);
        const std::size_t cuts = stretches_with(ribbon, Flaw::into_art, limits);
        QStringList flaws;
        if (cuts > 0)
            flaws << (tr("cuts into art at %n places", nullptr, static_cast<int>(cuts)));
        if (slivers > 0)
            flaws << (tr("%n thin slivers", nullptr, static_cast<int>(slivers)));
        words->setText(flaws.join(tr(" · ")));
        const char* role = flaws.isEmpty() ? "dim" : "attention";
        if (words->property("role") != role)
            restyle(words, "role", role);
        give_title_room();
    } else {
        words->setText(sticker ? tr("nothing to cut") : QString());
    }
    set_offset(offset);
    update();
}

/// The sticker as it prints, drawn once, so that unrolling it is no more than looking up pixels.
void EdgeRibbon::take_print(const StickerResult& result) {
    Rect box = bounds(result.cut_line());
    if (box.empty())
        return;
    box = box.grown(6);
    constexpr double most_px = 1800;
    print_scale = std::min(1.5 * scale * devicePixelRatioF(), most_px / std::max(box.width(), box.height()));
    print_origin = box.min;
    print = QImage(static_cast<int>(std::ceil(box.width() * print_scale)),
                   static_cast<int>(std::ceil(box.height() * print_scale)), QImage::Format_RGB32);
    print.fill(theme().paper);
    QPainter painter(&print);
    painter.setRenderHint(QPainter::Antialiasing);
    const QTransform view(print_scale, 0, 0, print_scale, -print_origin.x * print_scale, -print_origin.y * print_scale);
    for (const PrintLayer& layer : result.print)
        draw_layer(painter, layer, view);
}

void EdgeRibbon::set_offset(double mm) {
    offset = std::clamp(mm, 0.0, std::max(0.0, ribbon.length - strip().width() / scale));
}

void EdgeRibbon::go_to(std::size_t sample) {
    marked = sample;
    set_offset(ribbon.along(sample) - strip().width() / scale / 2);
    emit tools.place_wanted(ribbon.samples[sample].at);
    emit pointed(ribbon.samples[sample].at);
    update();
}

void EdgeRibbon::point_at(Point mm) {
    const auto nearest = ribbon.nearest_to(mm);
    constexpr double near = 6; // mm; farther away the pointer is not at the edge
    if (!nearest || distance(ribbon.samples[*nearest].at, mm) > near) {
        point_nowhere();
        return;
    }
    marked = nearest;
    const double along = ribbon.along(*nearest);
    if (along < offset || along > offset + strip().width() / scale)
        set_offset(along - strip().width() / scale / 2);
    update();
}

void EdgeRibbon::centre_on(Point mm) {
    point_at(mm);
    if (marked)
        set_offset(ribbon.along(*marked) - strip().width() / scale / 2);
    update();
}

void EdgeRibbon::point_nowhere() {
    marked.reset();
    update();
}

QImage EdgeRibbon::unrolled(const QSize& size) const {
    const double ratio = devicePixelRatioF(), finest = scale * ratio; // pixels of the screen for each mm
    QImage image((QSizeF(size) * ratio).toSize(), QImage::Format_RGB32);
    image.setDevicePixelRatio(ratio);
    image.fill(theme().canvas);
    draw_unrolled(ribbon,
                  {reinterpret_cast<const QRgb*>(print.constBits()), print.width(), print.height(),
                   static_cast<std::ptrdiff_t>(print.bytesPerLine() / 4), print_origin, print_scale},
                  theme().paper.rgb(),
                  {reinterpret_cast<QRgb*>(image.bits()), image.width(), image.height(),
                   static_cast<std::ptrdiff_t>(image.bytesPerLine() / 4), offset, finest});
    return image;
}

void EdgeRibbon::paint_mark(QPainter& painter, std::size_t sample, const QString& text, int side) const {
    const double x = x_of(ribbon.along(sample));
    const QRect place = strip();
    if (x < place.left() - 40 || x > place.right() + 40)
        return;
    const double middle = place.center().y(), art = middle + ribbon.samples[sample].art * scale;
    const QColor on_paper(0x26323D); // paper is as white in the dark
    painter.setPen(QPen(Qt::white, 4));
    painter.drawLine(QPointF(x, middle), QPointF(x, art));
    painter.setPen(QPen(on_paper, 1.6));
    painter.drawLine(QPointF(x, middle), QPointF(x, art));
    for (const double y : {middle, art})
        painter.drawLine(QPointF(x - 4, y), QPointF(x + 4, y));
    const double wide = painter.fontMetrics().horizontalAdvance(text) + 10;
    const QRectF box(std::clamp(x - wide / 2, double(place.left()), place.right() - wide),
                     side < 0 ? place.top() + 2 : place.bottom() - 18, wide, 17);
    painter.setPen(Qt::NoPen);
    painter.setBrush(theme().panel);
    painter.drawRoundedRect(box, 4, 4);
    painter.setPen(theme().ink);
    painter.drawText(box, Qt::AlignCenter, text);
}

void EdgeRibbon::paint_strip(QPainter& painter) const {
    const QRect place = strip();
    painter.save();
    painter.setClipRect(place);
    painter.drawImage(place.topLeft(), unrolled(place.size()));
    const double middle = place.center().y() + 0.5;
    const double end = std::min<double>(place.right() + 1, x_of(ribbon.length));
    // How far the cut may slip.
    QColor band = theme().accent;
    band.setAlpha(34);
    painter.fillRect(QRectF(place.left(), middle - limits.slip * scale, end - place.left(), 2 * limits.slip * scale),
                     band);
    // Places to look at, from cut to art, with a notch above so that they do not rest on colour alone.
    for (int x = place.left(); x < end; ++x) {
        const RibbonSample& sample = ribbon.samples[ribbon.sample_at(along_at(x + 0.5))];
        const Flaw flaw = flaw_of(sample, limits);
        if (flaw == Flaw::none)
            continue;
        QColor tint = theme().attention;
        tint.setAlpha(flaw == Flaw::sliver ? 120 : 190);
        const double art = middle + sample.art * scale;
        painter.fillRect(QRectF(x, std::min(middle, art), 1, std::max(2.0, std::abs(art - middle))), tint);
        painter.fillRect(QRectF(x, place.top(), 1, flaw == Flaw::sliver ? 3 : 6), theme().attention);
    }
    QPainterPath cut(QPointF(place.left(), middle));
    cut.lineTo(end, middle);
    draw_cut_line(painter, cut, kind);
    for (const RibbonRun& run : ribbon.runs) {
        const double x = x_of(run.from);
        if (run.from > 0) {
            painter.fillRect(QRectF(x - 2, place.top(), 4, place.height()), theme().canvas);
            painter.fillRect(QRectF(x - 0.5, place.top(), 1, place.height()), theme().line);
        }
        if (run.is_hole) {
            painter.setPen(theme().dim);
            painter.drawText(QPointF(std::max(x, double(place.left())) + 6, place.top() + 14), tr("hole"));
        }
    }
    const Unit unit = model.document().unit;
    if (ribbon.widest)
        paint_mark(painter, *ribbon.widest, distance_words(ribbon.samples[*ribbon.widest].art, unit), 1);
    if (ribbon.narrowest)
        paint_mark(painter, *ribbon.narrowest, distance_words(ribbon.samples[*ribbon.narrowest].art, unit), -1);
    if (marked && *marked < ribbon.samples.size()) {
        const double x = x_of(ribbon.along(*marked));
        for (const auto& [colour, width] : {std::pair{theme().casing, 4.0}, {theme().accent, 1.6}}) {
            painter.setPen(QPen(colour, width));
            painter.setBrush(Qt::NoBrush);
            painter.drawLine(QPointF(x, place.top()), QPointF(x, place.bottom()));
            painter.drawEllipse(QPointF(x, middle), 6, 6);
        }
    }
    painter.restore();
    painter.setPen(QPen(theme().line, 1));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(place.adjusted(0, 0, -1, -1));
}

/// The whole ribbon in small: how far the art is from the cut, and which part the strip shows.
void EdgeRibbon::paint_overview(QPainter& painter) const {
    const QRect place = overview();
    double most = 1;
    for (const RibbonSample& sample : ribbon.samples)
        most = std::max(most, std::abs(sample.art));
    const double px_per_mm = (place.height() - 8) / most;
    const double top = place.top() + 4;
    QColor tint = theme().accent;
    tint.setAlpha(70);
    for (int x = 0; x < place.width(); ++x) {
        const auto first = ribbon.sample_at(ribbon.length * x / place.width());
        const auto last = std::max(first + 1, ribbon.sample_at(ribbon.length * (x + 1) / place.width()));
        const auto worst = std::min_element(ribbon.samples.begin() + static_cast<std::ptrdiff_t>(first),
                                            ribbon.samples.begin() +
                                                static_cast<std::ptrdiff_t>(std::min(last, ribbon.samples.size())),
                                            [](const RibbonSample& l, const RibbonSample& r) { return l.art < r.art; });
        const bool has_flaw = flaw_of(*worst, limits) != Flaw::none;
        const double high = std::max(1.5, std::abs(worst->art) * px_per_mm);
        painter.fillRect(QRectF(place.left() + x, top, 1, high), has_flaw ? theme().attention : tint);
        if (has_flaw)
            painter.fillRect(QRectF(place.left() + x, place.top(), 1, 3), theme().attention);
    }
    for (const RibbonRun& run : ribbon.runs)
        if (run.from > 0)
            painter.fillRect(
                QRectF(place.left() + run.from / ribbon.length * place.width(), place.top(), 1, place.height()),
                theme().dim);
    const double left = place.left() + offset / ribbon.length * place.width();
    const double wide = std::min(1.0, strip().width() / scale / ribbon.length) * place.width();
    painter.setPen(QPen(theme().accent, 1.4));
    painter.setBrush(Qt::NoBrush);
    painter.drawRoundedRect(QRectF(left + 0.5, place.top() + 0.5, wide - 1, place.height() - 1), 3, 3);
}

void EdgeRibbon::paintEvent(QPaintEvent*) {
    ScreenPainter on_screen(*this);
    QPainter& painter = on_screen.painter();
    painter.fillRect(rect(), theme().panel);
    painter.fillRect(QRect(0, 0, width(), 1), theme().line);
    if (ribbon.samples.empty()) {
        painter.setPen(theme().dim);
        painter.drawText(strip(), Qt::AlignCenter, tr("The cut line will lie here, unrolled."));
        return;
    }
    painter.setRenderHint(QPainter::Antialiasing);
    paint_overview(painter);
    paint_strip(painter);
}

void EdgeRibbon::mouseMoveEvent(QMouseEvent* event) {
    if (ribbon.samples.empty())
        return;
    if (event->buttons() & Qt::LeftButton && overview().contains(event->pos())) {
        mousePressEvent(event);
        return;
    }
    const bool is_over_strip = strip().contains(event->pos());
    const double along = is_over_strip
                             ? along_at(event->position().x())
                             : (event->position().x() - overview().left()) / overview().width() * ribbon.length;
    if (along < 0 || along > ribbon.length)
        return;
    marked = ribbon.sample_at(along);
    emit pointed(ribbon.samples[*marked].at);
    update();
}

void EdgeRibbon::mousePressEvent(QMouseEvent* event) {
    if (ribbon.samples.empty() || event->button() == Qt::RightButton)
        return;
    if (overview().contains(event->pos())) {
        const double share = (event->position().x() - overview().left()) / overview().width();
        set_offset(share * ribbon.length - strip().width() / scale / 2);
        update();
    } else if (strip().contains(event->pos())) {
        if (const double along = along_at(event->position().x()); along >= 0 && along <= ribbon.length)
            emit tools.place_wanted(ribbon.samples[ribbon.sample_at(along)].at);
    }
}

void EdgeRibbon::wheelEvent(QWheelEvent* event) {
    const double by = event->angleDelta().y() / 120.0;
    if (event->modifiers() & Qt::ShiftModifier || event->angleDelta().x() != 0) {
        set_offset(offset - (event->angleDelta().x() / 120.0 + by) * 40 / scale);
    } else {
        const double fixed = along_at(event->position().x());
        scale = std::clamp(scale * std::pow(1.2, by), 2.0, 60.0);
        is_zoomed = true;
        set_offset(fixed - (event->position().x() - strip().left()) / scale);
        if (shown_result)
            take_print(*shown_result);
    }
    update();
    event->accept();
}

void EdgeRibbon::keyPressEvent(QKeyEvent* event) {
    if (ribbon.samples.empty()) {
        QWidget::keyPressEvent(event);
        return;
    }
    const double at = marked ? ribbon.along(*marked) : offset;
    const double step = event->modifiers() & Qt::ShiftModifier ? 10 : 1; // mm
    if (event->key() == Qt::Key_Left)
        go_to(ribbon.sample_at(std::max(0.0, at - step)));
    else if (event->key() == Qt::Key_Right)
        go_to(ribbon.sample_at(std::min(ribbon.length, at + step)));
    else if (event->key() == Qt::Key_Home)
        go_to(0);
    else if (event->key() == Qt::Key_End)
        go_to(ribbon.samples.size() - 1);
    else
        QWidget::keyPressEvent(event);
}

void EdgeRibbon::leaveEvent(QEvent* event) {
    point_nowhere();
    emit left();
    QWidget::leaveEvent(event);
}

void EdgeRibbon::contextMenuEvent(QContextMenuEvent* event) {
    QMenu menu;
    menu.setObjectName(QStringLiteral("ribbonMenu"));
    if (ribbon.narrowest)
        menu.addAction(tr("Go to the narrowest place"), narrowest, &QPushButton::click);
    if (ribbon.widest)
        menu.addAction(tr("Go to the widest place"), widest, &QPushButton::click);
    if (is_zoomed)
        menu.addAction(tr("As wide as it needs"), this, [this] {
            is_zoomed = false;
            refresh();
        });
    if (!menu.isEmpty())
        menu.exec(event->globalPos());
}

void EdgeRibbon::give_title_room() {
    auto* head = findChild<QWidget*>(QStringLiteral("ribbonHead"));
    title->show();
    title->setVisible(head->layout()->sizeHint().width() <= width());
    head->setFixedWidth(width());
}

void EdgeRibbon::resizeEvent(QResizeEvent*) {
    give_title_room();
    set_offset(offset);
}

} // namespace fusuma::app
