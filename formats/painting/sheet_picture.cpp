#include "formats/painting/sheet_picture.h"

#include "formats/painting/shown_art.h"
#include "formats/painting/to_qt.h"

#include <QPainter>
#include <algorithm>

namespace fusuma {

void paint_print(QPainter& painter, const PrintLayer& layer, const QTransform& view, int art_px) {
    const QPainterPath area = view.map(to_qt(layer.area));
    if (const Rgb* colour = std::get_if<Rgb>(&layer.ink)) {
        painter.fillPath(area, to_qt(*colour));
        return;
    }
    painter.save();
    if (!layer.area.empty())
        painter.setClipPath(area);
    painter.setTransform(to_qt(layer.from_unit) * view);
    painter.drawImage(QRectF(0, 0, 1, 1), shown_art(std::get<PrintArt>(layer.ink), art_px));
    painter.restore();
}

QImage sheet_picture(const JobPlan& plan, std::size_t page, int most_px) {
    const double scale = most_px / std::max(plan.paper.width, plan.paper.height);
    QImage picture(std::max(1, qRound(scale * plan.paper.width)), std::max(1, qRound(scale * plan.paper.height)),
                   QImage::Format_ARGB32_Premultiplied);
    picture.fill(Qt::white);
    if (page >= plan.pages.size())
        return picture;
    QPainter painter(&picture);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    const QTransform view = QTransform::fromScale(scale, scale);
    for (const PrintItem& item : plan.pages[page].prints)
        paint_print(painter, item.layer, view, shown_sizes.front());
    for (const Mark& mark : plan.pages[page].marks) {
        painter.setPen(Qt::NoPen);
        painter.setBrush(Qt::black);
        painter.drawEllipse(view.map(to_qt(mark.centre)), scale * mark.radius, scale * mark.radius);
    }
    return picture;
}

} // namespace fusuma
