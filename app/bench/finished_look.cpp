#include "app/bench/finished_look.h"

#include "app/common/painting.h"
#include "app/common/theme.h"
#include "formats/painting/to_qt.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

namespace fusuma::app {

namespace {

constexpr double peeled = 0.22; // of the sticker's shorter side
constexpr QColor kraft_brown(0xC8, 0xA4, 0x77), dark_ground(0x2B, 0x31, 0x3A), table_top(0xB9, 0xC4, 0xC9),
    backing(0xEF, 0xE9, 0xDC), adhesive(0xFB, 0xF9, 0xF4);

/// The corner that is lifted: what lies beyond a line across the sticker's top right.
struct PeeledFold {
    QPointF at, way; ///< on the line; the unit vector towards the corner

    PeeledFold(const QPainterPath& cut, double share) : way(std::sqrt(0.5), -std::sqrt(0.5)) {
        double far = -1e18;
        for (const QPolygonF& line : cut.toSubpathPolygons())
            for (const QPointF& p : line)
                if (const double along = QPointF::dotProduct(p, way); along > far) {
                    far = along;
                    at = p;
                }
        const QRectF box = cut.boundingRect();
        at -= share * std::min(box.width(), box.height()) * way;
    }
    [[nodiscard]] QPainterPath beyond(double reach) const { return half(reach, 1); }
    [[nodiscard]] QPainterPath before(double reach) const { return half(reach, -1); }
    /// In the mirror of the line: where the lifted corner comes to lie.
    [[nodiscard]] QTransform over() const {
        const double x = way.x(), y = way.y(), along = QPointF::dotProduct(at, way);
        return {1 - 2 * x * x, -2 * x * y, -2 * x * y, 1 - 2 * y * y, 2 * along * x, 2 * along * y};
    }

  private:
    [[nodiscard]] QPainterPath half(double reach, double side) const {
        const QPointF along(-way.y(), way.x()), far = side * reach * way;
        QPainterPath path;
        path.addPolygon({at - reach * along, at + reach * along, at + reach * along + far, at - reach * along + far,
                         at - reach * along});
        return path;
    }
};

void paint_print(QPainter& painter, const StickerResult& result, const QTransform& to_view, const QPainterPath& cut,
                 Stock stock) {
    painter.save();
    painter.setClipPath(cut, Qt::IntersectClip);
    if (stock == Stock::clear)
        painter.fillPath(cut, QColor(255, 255, 255, 46));
    else
        painter.fillPath(cut, stock == Stock::kraft ? kraft_brown : theme().paper);
    if (stock == Stock::kraft)
        painter.setCompositionMode(QPainter::CompositionMode_Multiply);
    if (stock == Stock::clear)
        painter.setOpacity(0.88); // ink alone lets light through
    for (const PrintLayer& layer : result.print)
        draw_layer(painter, layer, to_view);
    painter.restore();
    if (stock == Stock::clear) {
        painter.setPen(QPen(QColor(255, 255, 255, 170), 1.2));
        painter.setBrush(Qt::NoBrush);
        painter.drawPath(cut);
    }
}

} // namespace

void paint_finished(QPainter& painter, const StickerResult& result, const QTransform& to_view, const QRectF& whole,
                    Stock stock, bool is_peeled) {
    const QPainterPath cut = to_view.map(to_qt(result.cut_line()));
    painter.fillRect(whole, stock == Stock::dark ? dark_ground : stock == Stock::clear ? table_top : theme().canvas);
    if (cut.isEmpty())
        return;
    painter.setPen(Qt::NoPen);
    const double reach = 4 * (whole.width() + whole.height());
    const PeeledFold fold(cut, peeled);
    painter.save();
    if (is_peeled) {
        // The backing that it comes off shows where the corner was.
        painter.fillPath(cut, backing);
        painter.setClipPath(fold.before(reach));
    }
    if (stock != Stock::clear)
        painter.fillPath(cut.translated(2, 3), QColor(20, 26, 34, 40));
    paint_print(painter, result, to_view, cut, stock);
    painter.restore();
    if (!is_peeled)
        return;
    const QPainterPath flap = fold.over().map(cut), folded = fold.over().map(fold.beyond(reach));
    painter.save();
    painter.setClipPath(folded.translated(-3, 5));
    painter.fillPath(flap.translated(-3, 5), QColor(20, 26, 34, 60));
    painter.setClipPath(folded);
    const double deep = std::max(1.0, peeled * std::min(cut.boundingRect().width(), cut.boundingRect().height()));
    QLinearGradient light(fold.at, fold.at - deep * fold.way);
    const QColor back = stock == Stock::kraft ? kraft_brown.lighter(118) : adhesive;
    light.setColorAt(0, back.darker(122));
    light.setColorAt(0.18, back);
    light.setColorAt(1, back.darker(108));
    if (stock == Stock::clear)
        painter.setOpacity(0.75);
    painter.fillPath(flap, light);
    painter.restore();
}

} // namespace fusuma::app
