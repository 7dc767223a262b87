#include "app/bench/bench_tools.h"

#include "app/common/painting.h"
#include "app/common/theme.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

namespace fusuma::app {

void BenchTools::take(Tool next) {
    taken = next;
    drawn.clear();
    emit changed();
}

bool BenchTools::escape() {
    if (taken == Tool::none)
        return false;
    if (drawn.empty())
        taken = Tool::none;
    drawn.clear();
    emit changed();
    return true;
}

void BenchTools::press(Point mm) {
    const auto sticker = session.sticker();
    if (!sticker || taken == Tool::none)
        return;
    if (taken == Tool::pick_colour || taken == Tool::pocket) {
        const Point px = picture_to_mm(*sticker).inverted().apply(mm);
        use_place({static_cast<int>(std::floor(px.x)), static_cast<int>(std::floor(px.y))});
        return;
    }
    drawn = {mm, mm};
    emit changed();
}

void BenchTools::use_place(PixelPlace place) {
    const auto colour = colour_at(session.sticker()->artwork, place);
    if (!colour)
        return;
    if (taken == Tool::pocket) {
        session.edit_sticker(tr("Take a patch away"), [&](Sticker& s) { s.background.pockets_at.push_back(place); });
        return;
    }
    session.edit_sticker(tr("Pick a colour"), [&](Sticker& s) {
        auto& colours = s.background.colours;
        s.background.source = Source::colour;
        if (colours.size() < most_colours && std::find(colours.begin(), colours.end(), *colour) == colours.end())
            colours.push_back(*colour);
    });
    take(Tool::none);
}

void BenchTools::drag(Point mm, bool straight) {
    if (drawn.empty())
        return;
    if (is_brush() && !straight)
        drawn.push_back(mm);
    else
        drawn = {drawn.front(), mm};
    emit changed();
}

Stroke BenchTools::stroke_of(const std::vector<Point>& mm) const {
    Stroke stroke{.kind = taken == Tool::brush_erase ? Stroke::Kind::erase : Stroke::Kind::add,
                  .size = brush_size,
                  .hardness = brush_hardness,
                  .points = {}};
    const auto sticker = session.sticker();
    const Transform to_picture = picture_to_mm(*sticker).inverted();
    for (const Point p : mm) {
        const Point px = to_picture.apply(p);
        // Points nearer than the brush can tell apart would only make the project large.
        if (stroke.points.empty() || distance(stroke.points.back(), px) > std::max(0.5, brush_size / 12))
            stroke.points.push_back(px);
    }
    return stroke;
}

void BenchTools::release() {
    if (drawn.empty() || !session.sticker())
        return;
    const std::vector<Point> line = drawn;
    if (is_brush()) {
        const Stroke stroke = stroke_of(line);
        drawn.clear();
        session.edit_sticker(stroke.kind == Stroke::Kind::add ? tr("Brush: add") : tr("Brush: erase"),
                             [&](Sticker& s) { s.background.strokes.push_back(stroke); });
        emit changed();
        return; // the brush stays in hand for the next stroke
    }
    const PixelBox box = pixels_under(*session.sticker(), line.front(), line.back());
    const bool is_drawn = box.width > 1 && box.height > 1;
    drawn.clear();
    if (taken == Tool::focus_box && is_drawn)
        session.edit_sticker(tr("Focus box"), [&](Sticker& s) { s.background.focus = box; });
    else if (taken == Tool::crop && is_drawn)
        session.edit_sticker(tr("Crop"), [&](Sticker& s) {
            Framing framing = s.framing;
            const PixelPlace size = size_px(s.artwork);
            framing.crop = on_picture(box, size.x, size.y);
            s = reframed(s, framing);
        });
    else if (taken == Tool::straighten && distance(line.front(), line.back()) > 0.2)
        session.edit_sticker(tr("Straighten"), [&](Sticker& s) {
            Framing framing = s.framing;
            framing.turn = straightened(framing.turn, line.front(), line.back());
            s = reframed(s, framing);
        });
    take(Tool::none);
}

void BenchTools::paint(QPainter& painter, const QTransform& mm_to_view, QPointF pointer) const {
    const auto sticker = session.sticker();
    if (!sticker)
        return;
    const QTransform px_to_view = to_qt(picture_to_mm(*sticker)) * mm_to_view;
    const double px_scale = std::sqrt(std::abs(px_to_view.determinant()));
    const auto draw_stroke = [&](const Stroke& stroke, double opacity) {
        QPolygonF line;
        for (const Point p : stroke.points)
            line << px_to_view.map(to_qt(p));
        if (line.size() == 1)
            line << line.front() + QPointF(0.01, 0);
        QColor colour = stroke.kind == Stroke::Kind::add ? theme().accent : theme().attention;
        colour.setAlphaF(static_cast<float>(opacity));
        painter.setPen(QPen(colour, stroke.size * px_scale, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        painter.setBrush(Qt::NoBrush);
        painter.drawPolyline(line);
    };
    const auto draw_box = [&](const QPolygonF& box) {
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(theme().casing, 3));
        painter.drawPolygon(box);
        painter.setPen(QPen(theme().accent, 1.4, Qt::DashLine));
        painter.drawPolygon(box);
    };
    const auto& strokes = sticker->background.strokes;
    if (chosen_stroke >= 0 && static_cast<std::size_t>(chosen_stroke) < strokes.size())
        draw_stroke(strokes[static_cast<std::size_t>(chosen_stroke)], 0.45);
    if (is_brush() && !drawn.empty())
        draw_stroke(stroke_of(drawn), 0.55);
    if (is_brush() && !pointer.isNull()) {
        painter.setBrush(Qt::NoBrush);
        for (const auto& [colour, width] : {std::pair{theme().casing, 3.0}, {theme().ink, 1.2}}) {
            painter.setPen(QPen(colour, width));
            painter.drawEllipse(pointer, brush_size / 2 * px_scale, brush_size / 2 * px_scale);
        }
    }
    if (is_box() && !drawn.empty())
        draw_box(mm_to_view.map(QPolygonF(QRectF(to_qt(drawn.front()), to_qt(drawn.back())).normalized())));
    if (taken == Tool::straighten && !drawn.empty()) {
        for (const auto& [colour, width] : {std::pair{theme().casing, 4.0}, {theme().accent, 1.6}}) {
            painter.setPen(QPen(colour, width));
            painter.drawLine(mm_to_view.map(to_qt(drawn.front())), mm_to_view.map(to_qt(drawn.back())));
        }
    }
    if (const auto& focus = sticker->background.focus; focus && drawn.empty())
        draw_box(px_to_view.map(QPolygonF(QRectF(focus->x, focus->y, focus->width, focus->height))));
    for (const PixelPlace& place : sticker->background.pockets_at) {
        const QPointF at = px_to_view.map(QPointF(place.x + 0.5, place.y + 0.5));
        painter.setPen(QPen(theme().casing, 2));
        painter.setBrush(theme().accent);
        painter.drawEllipse(at, 4, 4);
    }
}

} // namespace fusuma::app
