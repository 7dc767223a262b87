#include "app/bench/bench_view.h"

#include "app/common/enum_words.h"
#include "app/common/painting.h"
#include "app/common/theme.h"
#include "app/common/widgets.h"
#include "core/geometry/measure.h"
#include "core/units.h"
#include "formats/basics/in_words.h"

#include <QCheckBox>
#include <QComboBox>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>
#include <utility>

namespace fusuma::app {

BenchView::BenchView(Model& project, BenchTools& bench_tools, QWidget* parent)
    : ZoomView(parent), model(project), tools(bench_tools) {
    setObjectName(QStringLiteral("benchView"));
    set_fit_margins({28, 56, 28, 40}); // the tools above, the ruler below
    setAccessibleName(tr("The sticker with its cut line"));
    looks = new QComboBox(this);
    looks->setObjectName(QStringLiteral("lookAt"));
    looks->setAccessibleName(tr("Look at"));
    looks->setToolTip(tr("What to show: the result as it prints and is cut, the artwork as it came, how much counts "
                         "as art, the outline with its nodes, or where outline and coverage disagree."));
    looks->addItems({tr("Look at: Result"), tr("Look at: Artwork"), tr("Look at: Coverage"), tr("Look at: Outline"),
                     tr("Look at: Difference")});
    looks->setFixedWidth(std::max(px(168), looks->sizeHint().width()));
    stocks = new QComboBox(this);
    stocks->setObjectName(QStringLiteral("stock"));
    stocks->setAccessibleName(tr("Shown on"));
    stocks->setToolTip(
        tr("The sticker as it is planned, or finished: cut out, on what it may be printed on or stuck to."));
    stocks->addItems(
        {tr("As planned"), tr("On white paper"), tr("On clear film"), tr("On kraft"), tr("On a dark ground")});
    stocks->setFixedWidth(std::max(px(140), stocks->sizeHint().width()));
    peel = new QCheckBox(tr("Peel a corner"), this);
    peel->setObjectName(QStringLiteral("peel"));
    peel->setToolTip(tr("One corner lifted off its backing."));
    connect(stocks, &QComboBox::currentIndexChanged, this, &BenchView::refresh);
    connect(peel, &QCheckBox::toggled, this, qOverload<>(&QWidget::update));
    figures = label({});
    figures->setObjectName(QStringLiteral("chip"));
    figures->setParent(this);
    connect(looks, &QComboBox::currentIndexChanged, this, [this](int i) {
        look = static_cast<Look>(i);
        refresh();
    });
    connect(&model, &Model::changed, this, [this] {
        if (!model.working_out.awaits_preview()) // else there is nothing new to see before it comes
            refresh();
    });
    connect(&model.working_out, &WorkingOut::worked_out, this, &BenchView::refresh);
    connect(&model.working_out, &WorkingOut::previewed, this, &BenchView::refresh);
    connect(&model.working_out, &WorkingOut::came_early, this, [this](int sticker) {
        if (model.in_hand.sticker() && model.in_hand.sticker()->id == sticker)
            refresh();
    });
    connect(&tools, &BenchTools::parts_chosen, this, qOverload<>(&QWidget::update));
    connect(&tools, &BenchTools::place_wanted, this, [this](Point mm) {
        centre_on(mm);
        if (px_per_mm() < 12)
            zoom_by(12 / px_per_mm());
    });
    connect(&tools, &BenchTools::changed, this, [this] {
        const bool is_brush = tools.tool() == Tool::brush_add || tools.tool() == Tool::brush_erase;
        refresh(); // a tool works on what is planned
        setCursor(tools.tool() == Tool::none ? Qt::ArrowCursor : is_brush ? Qt::BlankCursor : Qt::CrossCursor);
        update();
    });
    refresh();
}

void BenchView::look_at(Look next) {
    looks->setCurrentIndex(static_cast<int>(next));
}

void BenchView::refresh() {
    const auto sticker = model.in_hand.sticker();
    const auto result = model.working_out.shown();
    if (result && !model.working_out.shows_preview()) { // the preview's box is only nearly the same
        Rect box{{0, 0}, {result->outlined->artwork.width, result->outlined->artwork.height}};
        box.include(result->cut->box());
        set_content(box);
    }
    if (result)
        figures->setText(figures_of(*result));
    looks->setVisible(sticker != nullptr);
    stocks->setVisible(sticker != nullptr && look == Look::result);
    peel->setVisible(stock() != Stock::none);
    figures->setVisible(result != nullptr && look != Look::artwork && stock() == Stock::none);
    place_overlays();
    update();
}

QString BenchView::figures_of(const StickerResult& result) const {
    const Unit unit = model.document().unit;
    const auto distance_words = [&](double mm) { return distance_in_words(mm, unit); };
    const bool of_outline = look == Look::outline || look == Look::difference || look == Look::coverage;
    const Outline& shown = of_outline ? result.outline() : result.cut_line();
    const auto holes = std::count_if(shown.contours.begin(), shown.contours.end(),
                                     [](const Contour& c) { return signed_area(c) < 0; });
    const auto outer = static_cast<std::ptrdiff_t>(shown.contours.size()) - holes;
    QString text = tr("%n contours", nullptr, static_cast<int>(outer));
    text += tr(" · %n holes", nullptr, static_cast<int>(holes));
    text += tr(" · %1 nodes · %2").arg(node_count(shown)).arg(distance_words(length(shown)));
    if (of_outline && result.outlined->thinnest)
        text += tr(" · thinnest %1").arg(distance_words(result.outlined->thinnest->width));
    return text;
}

void BenchView::place_overlays() {
    peel->adjustSize();
    figures->adjustSize();
    constexpr int edge = 12, gap = 8, row_gap = 6; // px
    const int row_height = looks->height();
    int x = edge, y = edge;
    for (QWidget* one : std::initializer_list<QWidget*>{looks, stocks, peel, figures}) {
        if (one->isHidden())
            continue;
        if (x > edge && x + one->width() + edge > width()) {
            x = edge;
            y += row_height + row_gap;
        }
        one->move(x, y + (one == figures ? 0 : (row_height - one->height()) / 2));
        x += one->width() + gap;
    }
    // What lies over the view stays clear of the sticker.
    set_fit_margins({28, y + row_height + 16, 28, 40});
}

Stock BenchView::stock() const {
    return look == Look::result && tools.tool() == Tool::none ? static_cast<Stock>(stocks->currentIndex())
                                                              : Stock::none;
}

void BenchView::contextMenuEvent(QContextMenuEvent* event) {
    if (model.in_hand.sticker())
        emit menu_wanted(to_mm(event->pos()), event->globalPos());
}

void BenchView::resizeEvent(QResizeEvent* event) {
    place_overlays();
    ZoomView::resizeEvent(event);
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
                     tr("A picture, a drawing or a PDF; or paste one with Ctrl+V. Transparency is best: its edge "
                        "becomes the outline."));
}

void BenchView::paint_art(QPainter& painter, const Sticker& sticker, const StickerResult& result) const {
    const bool as_it_came = look == Look::artwork || tools.is_for_picture();
    const auto original = original_art(sticker.artwork);
    painter.setOpacity(as_it_came || look == Look::result ? 1 : 0.35);
    if (!original || (!as_it_came && look != Look::coverage && look != Look::difference)) {
        if (look == Look::result && !as_it_came)
            for (const PrintLayer& layer : result.print)
                draw_layer(painter, layer, to_view());
        else
            draw_layer(painter, result.print.back(), to_view());
    } else {
        const PixelPlace size = size_px(sticker.artwork);
        const QTransform from_picture = to_qt(picture_to_mm(sticker)) * to_view();
        painter.save();
        if (tools.tool() != Tool::crop) { // which may reach for what was cropped away
            const PixelBox crop = frame_of(sticker).crop;
            QPainterPath frame;
            frame.addPolygon(from_picture.map(QPolygonF(QRectF(crop.x, crop.y, crop.width, crop.height))));
            painter.setClipPath(frame);
        }
        draw_art(painter, *original, QTransform::fromScale(size.x, size.y) * from_picture);
        painter.restore();
    }
    painter.setOpacity(1);
}

void BenchView::paint(QPainter& painter) {
    const auto sticker = model.in_hand.sticker();
    if (!sticker) {
        paint_empty(painter);
        return;
    }
    const auto result = model.working_out.shown();
    if (!result)
        return;
    painter.setRenderHint(QPainter::Antialiasing);
    if (stock() != Stock::none) {
        paint_finished(painter, *result, to_view(), rect(), stock(), peel->isChecked());
        return;
    }
    const QPainterPath cut = to_view().map(to_qt(result->cut_line()));
    const bool shows_result = look == Look::result;
    if (shows_result) {
        painter.setPen(Qt::NoPen);
        painter.setBrush(QColor(38, 50, 61, 28));
        painter.drawPath(cut.translated(3, 4));
        painter.setBrush(theme().paper);
        painter.drawPath(cut);
    }
    paint_art(painter, *sticker, *result);
    if ((look == Look::coverage || look == Look::difference) && !result->isolation->drawn)
        paint_tint(painter, *result, sticker->trace.threshold);
    if (shows_result) {
        if (!tools.is_for_picture())
            paint_waste(painter, cut);
        draw_cut_lines(painter, result->cut->lines, to_view());
        paint_ruler(painter, bounds(result->cut_line()));
    }
    if (look == Look::outline)
        paint_outline(painter, *result->outlined);
    if (look != Look::result && look != Look::artwork)
        paint_specks(painter, *result->outlined);
    if (look != Look::result || tools.tool() != Tool::none)
        tools.paint(painter, to_view(), pointer);
    if (const auto* drawing = std::get_if<DrawingArtwork>(&sticker->artwork))
        paint_chosen_parts(painter, *sticker, *drawing);
    if (pointed_at)
        paint_pointed_at(painter);
}

/// The parts chosen, and slivers ringed.
void BenchView::paint_chosen_parts(QPainter& painter, const Sticker& sticker, const DrawingArtwork& art) const {
    const double px = size_px(sticker.artwork).x / art.drawing->size.width;
    const QTransform view = to_qt(Transform::scale(px, px).then(picture_to_mm(sticker))) * to_view();
    painter.setBrush(Qt::NoBrush);
    for (const Shape& shape : art.parts->shapes) {
        if (!tools.chosen_parts().contains(shape.id))
            continue;
        QPainterPath path = to_qt(region_of(*art.drawing, shape));
        if (shape.part >= 0)
            for (const OwnLine& line : art.drawing->parts[static_cast<std::size_t>(shape.part)].lines)
                path.addPath(open_path(line.path));
        for (const auto& [colour, width] : {std::pair{theme().casing, 4.0}, {theme().accent, 1.8}}) {
            painter.setPen(QPen(colour, width, Qt::DashLine));
            painter.drawPath(view.map(path));
        }
    }
    for (const Sliver& sliver : tools.slivers()) {
        const Rect box = bounds(sliver.piece);
        const QRectF seen = view.mapRect(QRectF(to_qt(box.min), to_qt(box.max)));
        const double radius = std::max(seen.width(), seen.height()) / 2 + 6;
        for (const auto& [colour, width] : {std::pair{theme().casing, 4.0}, {theme().attention, 1.8}}) {
            painter.setPen(QPen(colour, width));
            painter.drawEllipse(seen.center(), radius, radius);
        }
    }
}

/// What is printed past the cut line, paled, since it stays behind on the sheet.
void BenchView::paint_waste(QPainter& painter, const QPainterPath& cut) const {
    QPainterPath outside = cut; // odd and even: within the cut line nothing, but for its holes
    outside.setFillRule(Qt::OddEvenFill);
    outside.addRect(QRectF(rect()).united(cut.boundingRect()));
    QColor veil = theme().canvas;
    veil.setAlpha(150);
    painter.fillPath(outside, veil);
}

/// What counts as art in solid indigo over the paled picture, a tint that reads over any colour. Or where coverage and
/// outline disagree: persimmon for art that the outline leaves out, indigo for what it takes in besides.
void BenchView::paint_tint(QPainter& painter, const StickerResult& result, double threshold) {
    if (std::exchange(tinted_mask, result.isolation->mask) != result.isolation->mask)
        tinted = result.isolation->coverage();
    const Coverage& coverage = tinted;
    const double ratio = devicePixelRatioF();
    const QSize size = (QSizeF(this->size()) * ratio).toSize(); // in the screen's own pixels
    const QTransform view = to_view() * QTransform::fromScale(ratio, ratio);
    QImage outline_mask;
    if (look == Look::difference) {
        outline_mask = QImage(size, QImage::Format_ARGB32_Premultiplied);
        outline_mask.fill(Qt::transparent);
        QPainter mask(&outline_mask);
        mask.setRenderHint(QPainter::Antialiasing);
        mask.fillPath(view.map(to_qt(result.outline())), Qt::white);
    }
    const QTransform to_pixels =
        (QTransform::fromScale(1.0 / coverage.width, 1.0 / coverage.height) * to_qt(result.outlined->from_art) * view)
            .inverted();
    const auto value_at = [&](int column, int row) {
        const bool on_picture = column >= 0 && row >= 0 && column < coverage.width && row < coverage.height;
        return on_picture ? coverage.row(row)[column] : 0;
    };
    const auto covered = [&](double x, double y) {
        const QPointF p = to_pixels.map(QPointF(x, y)) - QPointF(0.5, 0.5);
        const int column = static_cast<int>(std::floor(p.x())), row = static_cast<int>(std::floor(p.y()));
        if (outline_mask.isNull())
            return static_cast<int>(value_at(column + (p.x() - column > 0.5), row + (p.y() - row > 0.5)));
        // The outline lies between pixel centres, so compare it with what lies between them.
        const double right = p.x() - column, low = p.y() - row;
        const double above = value_at(column, row) * (1 - right) + value_at(column + 1, row) * right;
        const double below = value_at(column, row + 1) * (1 - right) + value_at(column + 1, row + 1) * right;
        return above * (1 - low) + below * low > threshold ? 255 : 0;
    };
    QImage tint(size, QImage::Format_ARGB32_Premultiplied);
    tint.setDevicePixelRatio(ratio);
    // Several samples, so that lines thinner than a pixel of an ordinary screen are not lost.
    constexpr double fine = 1.5;
    const auto sampled = [&](int x, int y) {
        if (ratio >= fine)
            return covered(x + 0.5, y + 0.5);
        return (covered(x + 0.25, y + 0.25) + covered(x + 0.75, y + 0.25) + covered(x + 0.25, y + 0.75) +
                covered(x + 0.75, y + 0.75)) /
               4;
    };
    const QRgb inside = theme().accent.rgb(), outside = theme().attention.rgb();
    double left_out = 0, taken_in = 0; // of 255 per pixel
    for (int y = 0; y < size.height(); ++y) {
        auto* row = reinterpret_cast<QRgb*>(tint.scanLine(y));
        const auto* mask =
            outline_mask.isNull() ? nullptr : reinterpret_cast<const QRgb*>(outline_mask.constScanLine(y));
        for (int x = 0; x < size.width(); ++x) {
            const int value = sampled(x, y);
            const int more = mask ? value - qAlpha(mask[x]) : value;
            constexpr int rounding = 128; // how much two ways of drawing the same edge differ
            const int strength = mask ? (std::abs(more) < rounding ? 0 : std::abs(more)) : value * 4 / 5;
            (more > 0 ? left_out : taken_in) += mask ? strength : 0;
            const QRgb colour = mask && more > 0 ? outside : inside;
            row[x] = qPremultiply(qRgba(qRed(colour), qGreen(colour), qBlue(colour), strength));
        }
    }
    painter.drawImage(0, 0, tint);
    const double px_in_mm2 = std::pow(px_per_mm() * ratio, 2);
    if (look == Look::difference)
        paint_legend(painter, left_out / 255 / px_in_mm2, taken_in / 255 / px_in_mm2);
}

/// What the two tints of the difference mean, and how much there is of each in sight.
void BenchView::paint_legend(QPainter& painter, double left_out_mm2, double taken_in_mm2) const {
    constexpr double least = 0.01; // mm²
    const auto entry = [&](int y, const QColor& colour, const QString& words) {
        painter.setPen(Qt::NoPen);
        painter.setBrush(colour);
        painter.drawEllipse(QPointF(24, y), 5, 5);
        painter.setPen(theme().ink);
        painter.drawText(QRect(36, y - 10, width() - 48, 20), Qt::AlignVCenter, words);
    };
    if (left_out_mm2 < least && taken_in_mm2 < least) {
        entry(height() - 22, theme().fine, tr("The outline follows the coverage everywhere in sight."));
        return;
    }
    entry(height() - 42, theme().attention,
          tr("art that the outline leaves out: %1 mm²").arg(number_in_words(left_out_mm2, 2)));
    entry(height() - 22, theme().accent,
          tr("taken in though it is no art: %1 mm²").arg(number_in_words(taken_in_mm2, 2)));
}

void BenchView::paint_outline(QPainter& painter, const SizedOutline& outlined) const {
    const QTransform view = to_view();
    painter.setPen(QPen(theme().ink, 1.4));
    painter.setBrush(Qt::NoBrush);
    painter.drawPath(view.map(to_qt(outlined.outline)));
    painter.setPen(QPen(theme().casing, 1));
    painter.setBrush(theme().accent);
    const QRectF seen = rect();
    for (const Contour& contour : outlined.outline.contours)
        for (const Segment& s : contour.segments)
            if (const QPointF at = view.map(to_qt(s.end)); seen.contains(at))
                painter.drawRect(QRectF(at - QPointF(3, 3), QSizeF(6, 6)));
    if (!outlined.thinnest)
        return;
    const QPointF from = view.map(to_qt(outlined.thinnest->from)), to = view.map(to_qt(outlined.thinnest->to));
    painter.setBrush(Qt::NoBrush);
    const double around = QLineF(from, to).length() / 2 + 6;
    for (const auto& [colour, width] : {std::pair{theme().casing, 4.0}, {theme().attention, 1.8}}) {
        painter.setPen(QPen(colour, width));
        painter.drawLine(from, to);
        painter.drawEllipse((from + to) / 2, around, around);
    }
}

/// A ring round everything that is about to be left out, and how many there are.
void BenchView::paint_specks(QPainter& painter, const SizedOutline& outlined) const {
    const auto& specks = outlined.dropped.contours;
    constexpr std::size_t most_rings = 400;
    const QTransform view = to_view();
    painter.setBrush(Qt::NoBrush);
    for (std::size_t i = 0; i < std::min(most_rings, specks.size()); ++i) {
        const Rect box = bounds(specks[i]);
        const double radius = std::max(box.width(), box.height()) / 2 * px_per_mm() + 6;
        for (const auto& [colour, width] : {std::pair{theme().casing, 4.0}, {theme().attention, 1.8}}) {
            painter.setPen(QPen(colour, width));
            painter.drawEllipse(view.map(to_qt(box.centre())), radius, radius);
        }
    }
}

void BenchView::point_at(std::optional<Point> mm) {
    pointed_at = mm;
    update();
}

/// The place that the ribbon's pointer is at.
void BenchView::paint_pointed_at(QPainter& painter) const {
    const QPointF at = to_view().map(to_qt(*pointed_at));
    painter.setBrush(Qt::NoBrush);
    for (const auto& [colour, width] : {std::pair{theme().casing, 5.0}, {theme().accent, 2.2}}) {
        painter.setPen(QPen(colour, width));
        painter.drawEllipse(at, 9, 9);
    }
}

void BenchView::press(QMouseEvent* event) {
    if (tools.tool() == Tool::none) {
        emit clicked(to_mm(event->position()));
        tools.choose_part_at(to_mm(event->position()), event->modifiers() & (Qt::ShiftModifier | Qt::ControlModifier));
    }
    tools.press(to_mm(event->position()), px_per_mm(), event->modifiers());
}

void BenchView::drag(QMouseEvent* event) {
    pointer = event->position();
    emit hovered(to_mm(pointer));
    tools.drag(to_mm(event->position()), event->modifiers().testFlag(Qt::ShiftModifier));
    if (tools.tool() != Tool::none)
        update();
}

void BenchView::release(QMouseEvent*) {
    tools.release();
}

bool BenchView::double_click(QMouseEvent* event) {
    return tools.double_click(to_mm(event->position()), px_per_mm());
}

bool BenchView::key(QKeyEvent* event) {
    return event->key() == Qt::Key_Escape ? tools.escape() : tools.key(event);
}

bool BenchView::claims(const QKeyEvent& event) const {
    const bool selects_all = event.key() == Qt::Key_A && event.modifiers() == Qt::ControlModifier;
    return tools.is_line_tool() &&
           (selects_all || event.key() == Qt::Key_Delete || event.key() == Qt::Key_Backspace ||
            event.key() == Qt::Key_Insert || event.key() == Qt::Key_Return || event.key() == Qt::Key_Enter);
}

void BenchView::leaveEvent(QEvent* event) {
    pointer = {};
    update();
    emit left();
    ZoomView::leaveEvent(event);
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
    const QString text = length_in_words(cut_box.width(), model.document().unit);
    const QRectF place((left.x() + right.x()) / 2 - 50, left.y() - 9, 100, 18);
    const double wide = QFontMetricsF(font()).horizontalAdvance(text) + 12;
    painter.fillRect(QRectF(place.center().x() - wide / 2, place.y(), wide, 18), theme().canvas);
    painter.setPen(theme().ink);
    painter.drawText(place, Qt::AlignCenter, text);
}

Things BenchView::list_things() const {
    const auto sticker = model.in_hand.sticker();
    if (!sticker)
        return {};
    const Unit unit = model.document().unit;
    if (Things nodes = tools.lines.nodes(to_view(), unit); !nodes.empty())
        return nodes;
    Things all;
    if (const auto* art = std::get_if<DrawingArtwork>(&sticker->artwork)) {
        const auto result = model.working_out.shown();
        if (!result)
            return all;
        const Size drawn = art->drawing->size, shown = result->outlined->artwork;
        const QTransform map =
            QTransform::fromScale(shown.width / drawn.width, shown.height / drawn.height) * to_view();
        for (auto shape = art->parts->shapes.rbegin(); shape != art->parts->shapes.rend(); ++shape) {
            const Rect box = bounds(region_of(*art->drawing, *shape));
            const QString name =
                tr("%1, %2, %3")
                    .arg(QString::fromStdString(shape->name), shape->use.is_printed ? tr("printed") : tr("not printed"),
                         label_within(shape->use.cut));
            all.push_back({shape->id, name, map.mapRect(QRectF(to_qt(box.min), to_qt(box.max))),
                           tools.chosen_parts().contains(shape->id)});
        }
        return all;
    }
    if (const auto result = model.working_out.shown()) {
        const Rect box = bounds(result->cut_line());
        const auto length = [&](double mm) { return length_in_words(mm, unit); };
        all.push_back({1,
                       tr("%1, finished %2 by %3")
                           .arg(QString::fromStdString(sticker->name), length(box.width()), length(box.height())),
                       to_view().mapRect(QRectF(to_qt(box.min), to_qt(box.max))), false, false});
    }
    return all;
}

void BenchView::take_thing(int id) {
    const auto sticker = model.in_hand.sticker();
    if (tools.tool() == Tool::nodes)
        tools.lines.choose_node(id);
    else if (sticker && std::holds_alternative<DrawingArtwork>(sticker->artwork))
        tools.choose_parts({id});
}

} // namespace fusuma::app
