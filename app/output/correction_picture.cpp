#include "app/output/correction_picture.h"

#include "app/common/theme.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

namespace fusuma::app {

CorrectionPicture::CorrectionPicture(Size paper, const char* name) : sheet(paper) {
    setObjectName(QLatin1String(name));
    setMinimumHeight(sizeHint().height());
}

QSize CorrectionPicture::sizeHint() const {
    return {360, 190};
}

void CorrectionPicture::show_seen(std::vector<Seen> seen) {
    all = std::move(seen);
    const bool is_right = std::ranges::all_of(all, [](const Seen& s) { return s.off == Point{}; });
    setAccessibleName(is_right ? tr("All came out where it should be.")
                               : tr("Arrows show which way things are moved from now on."));
    update();
}

void CorrectionPicture::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const int words_height = fontMetrics().lineSpacing() * 2 + 6;
    const double room_x = width() - 2.0, room_y = height() - words_height - 2.0;
    const double scale = std::min(room_x / sheet.width, room_y / sheet.height);
    const QRectF page((width() - sheet.width * scale) / 2, 1, sheet.width * scale, sheet.height * scale);
    painter.setPen(QPen(theme().line, 1));
    painter.setBrush(Qt::white);
    painter.drawRect(page);

    // A tenth of a millimetre would not be seen: the largest is drawn 22 pixels long.
    constexpr double longest_px = 22, arm = 7;
    double longest = 0;
    for (const Seen& s : all)
        longest = std::max(longest, distance(s.off, {}));
    const double times = longest > 0 ? longest_px / (longest * scale) : 1;
    const QColor wanted(120, 130, 140), came_out(20, 28, 36), way = QColor(196, 74, 38);
    const auto cross = [&](QPointF at) {
        painter.drawLine(at - QPointF(arm, 0), at + QPointF(arm, 0));
        painter.drawLine(at - QPointF(0, arm), at + QPointF(0, arm));
    };
    for (const Seen& s : all) {
        const QPointF to = page.topLeft() + scale * QPointF(s.wanted.x, s.wanted.y);
        const QPointF from = to + scale * times * QPointF(s.off.x, s.off.y);
        painter.setPen(QPen(wanted, 1.4, Qt::DotLine));
        cross(to);
        painter.setPen(QPen(came_out, 1.4));
        cross(from);
        const QPointF along = to - from;
        if (const double far = std::hypot(along.x(), along.y()); far > 3) {
            const QPointF ahead = along / far, side(-ahead.y(), ahead.x());
            painter.setPen(QPen(way, 2));
            painter.drawLine(from, to);
            painter.drawLine(to, to - ahead * 6 + side * 4);
            painter.drawLine(to, to - ahead * 6 - side * 4);
        }
    }
    painter.setPen(theme().dim);
    painter.drawText(QRectF(0, page.bottom() + 4, width(), words_height), Qt::AlignHCenter | Qt::TextWordWrap,
                     longest > 0 ? tr("Solid: where it came out, %1 times as far off as it is. Dotted: where it should "
                                      "be. Arrows: how it is moved from now on.")
                                       .arg(times, 0, 'g', 2)
                                 : tr("Where these come out on the sheet. Nothing is off."));
}

} // namespace fusuma::app
