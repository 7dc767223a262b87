#include "app/bench/photo_net.h"

#include "app/common/painting.h"
#include "app/common/theme.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>

namespace fusuma::app {

PhotoNet::PhotoNet(const QImage& photograph) : photo(photograph) {
    setObjectName(QStringLiteral("photoNet"));
    setAccessibleName(tr("The photograph, with the corners of what becomes flat"));
    setFocusPolicy(Qt::StrongFocus);
    setMinimumSize(420, 300);
    const double w = photo.width(), h = photo.height();
    set_content({{0, 0}, {w, h}});
    at = {Point{0.15 * w, 0.15 * h}, {0.85 * w, 0.15 * h}, {0.85 * w, 0.85 * h}, {0.15 * w, 0.85 * h}};
}

void PhotoNet::show_net(const std::optional<Flattening>& found) {
    net = found;
    update();
}

void PhotoNet::set_corners(const std::array<Point, 4>& px) {
    at = px;
    update();
}

void PhotoNet::paint(QPainter& painter) {
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    const QTransform view = to_view();
    painter.setTransform(view);
    painter.drawImage(QPointF(0, 0), photo);
    painter.resetTransform();
    if (net) { // lines along the plane, bent as the lens bends them
        constexpr int meshes = 6, bits = 24;
        const auto line = [&](bool is_level, double share) {
            QPolygonF points;
            for (int i = 0; i <= bits; ++i) {
                const double along = double(i) / bits;
                const auto px = net->view.to_photo(is_level ? Point{along * net->size.width, share * net->size.height}
                                                            : Point{share * net->size.width, along * net->size.height});
                if (px)
                    points << view.map(to_qt(*px));
            }
            painter.drawPolyline(points);
        };
        for (const auto& [colour, width] : {std::pair{theme().casing, 3.0}, {theme().accent, 1.2}}) {
            painter.setPen(QPen(colour, width));
            for (int k = 0; k <= meshes; ++k) {
                line(true, double(k) / meshes);
                line(false, double(k) / meshes);
            }
        }
    }
    painter.setBrush(Qt::NoBrush);
    QPolygonF outline;
    for (const Point corner : at)
        outline << view.map(to_qt(corner));
    if (!net)
        for (const auto& [colour, width] : {std::pair{theme().casing, 3.0}, {theme().accent, 1.4}}) {
            painter.setPen(QPen(colour, width, Qt::DashLine));
            painter.drawPolygon(outline);
        }
    for (std::size_t k = 0; k < at.size(); ++k) {
        const bool is_chosen = hasFocus() && static_cast<int>(k) == chosen;
        painter.setPen(QPen(theme().casing, 2));
        painter.setBrush(is_chosen ? theme().attention : theme().accent);
        painter.drawEllipse(outline[static_cast<qsizetype>(k)], is_chosen ? 8 : 6, is_chosen ? 8 : 6);
    }
    if (held >= 0)
        paint_loupe(painter);
}

/// What lies under the corner in hand, four times as large, away from the pointer.
void PhotoNet::paint_loupe(QPainter& painter) const {
    const Point px = at[static_cast<std::size_t>(held)];
    constexpr int side = 150;
    const double share = side / (4 * px_per_mm());
    const QPointF corner = to_view().map(to_qt(px));
    const QRectF where(corner.x() > width() / 2.0 ? 12 : width() - side - 12, 12, side, side);
    painter.setBrush(theme().canvas);
    painter.setPen(QPen(theme().casing, 4));
    painter.drawRect(where);
    painter.drawImage(where, photo, QRectF(px.x - share / 2, px.y - share / 2, share, share));
    painter.setPen(QPen(theme().accent, 1));
    painter.drawLine(QPointF(where.center().x(), where.top()), QPointF(where.center().x(), where.bottom()));
    painter.drawLine(QPointF(where.left(), where.center().y()), QPointF(where.right(), where.center().y()));
}

void PhotoNet::press(QMouseEvent* event) {
    constexpr double near_px = 14;
    double nearest = near_px;
    for (std::size_t k = 0; k < at.size(); ++k) {
        const QPointF corner = to_view().map(to_qt(at[k]));
        if (const double far = std::hypot(corner.x() - event->position().x(), corner.y() - event->position().y());
            far < nearest) {
            nearest = far;
            held = chosen = static_cast<int>(k);
        }
    }
    update();
}

void PhotoNet::drag(QMouseEvent* event) {
    if (held >= 0)
        move_corner(to_mm(event->position()));
}

void PhotoNet::release(QMouseEvent*) {
    held = -1;
    update();
}

bool PhotoNet::key(QKeyEvent* event) {
    if (event->key() >= Qt::Key_1 && event->key() <= Qt::Key_4) {
        chosen = event->key() - Qt::Key_1;
        update();
        return true;
    }
    const double step = event->modifiers() & Qt::ShiftModifier ? 10 : 1;
    const Point by = event->key() == Qt::Key_Left    ? Point{-step, 0}
                     : event->key() == Qt::Key_Right ? Point{step, 0}
                     : event->key() == Qt::Key_Up    ? Point{0, -step}
                     : event->key() == Qt::Key_Down  ? Point{0, step}
                                                     : Point{};
    if (by == Point{})
        return false;
    held = chosen;
    move_corner(at[static_cast<std::size_t>(chosen)] + by);
    held = -1;
    return true;
}

void PhotoNet::move_corner(Point to) {
    at[static_cast<std::size_t>(held)] = {std::clamp(to.x, 0.0, double(photo.width())),
                                          std::clamp(to.y, 0.0, double(photo.height()))};
    net.reset();
    update();
    emit corners_moved();
}

} // namespace fusuma::app
