#include "app/bench/bench_tools.h"

#include "app/common/painting.h"
#include "app/common/theme.h"
#include "core/geometry/measure.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

namespace fusuma::app {

BenchTools::BenchTools(Model& project) : lines(project), model(project) {
    connect(&lines, &LineTools::changed, this, &BenchTools::changed);
}

void BenchTools::take(Tool next) {
    taken = next;
    drawn.clear();
    colour_taker = nullptr;
    if (is_line_tool())
        lines.take(next == Tool::nodes       ? LineTools::Kind::nodes
                   : next == Tool::free_hand ? LineTools::Kind::free_hand
                                             : LineTools::Kind::pen);
    else
        lines.put_down();
    emit changed();
}

void BenchTools::pick_colour_for(std::function<void(Rgb)> use) {
    take(Tool::pick_colour);
    colour_taker = std::move(use);
}

bool BenchTools::escape() {
    if (taken == Tool::none)
        return false;
    if (is_line_tool()) {
        if (!lines.escape())
            take(Tool::none);
        return true;
    }
    if (drawn.empty())
        taken = Tool::none;
    drawn.clear();
    emit changed();
    return true;
}

bool BenchTools::double_click(Point mm, double px_per_mm) {
    if (is_line_tool())
        return lines.double_click(mm, px_per_mm);
    if (taken == Tool::none)
        return false;
    press(mm, px_per_mm, {});
    return true;
}

bool BenchTools::key(QKeyEvent* event) {
    return is_line_tool() && lines.key(event);
}

/// Closes the hole of the cut line at a place, or opens one that was closed there.
void BenchTools::toggle_hole(Point mm) {
    const auto result = model.snapshot().result(model.in_hand.sticker()->id);
    if (!result)
        return;
    const Border& border = *result->cut->derived;
    const bool is_closed = has_hole_at(border.closed_holes, mm);
    if (!is_closed && !has_hole_at(border.line, mm))
        return;
    const PicturePoint px = on_picture(mm, picture_to_mm(*model.in_hand.sticker()).inverted());
    model.in_hand.edit_sticker(is_closed ? tr("Open a hole") : tr("Close a hole"), [&](Sticker& s) {
        s.border.by_hand.push_back({px, is_closed});
    });
}

void BenchTools::press(Point mm, double px_per_mm, Qt::KeyboardModifiers keys) {
    const auto sticker = model.in_hand.sticker();
    if (!sticker || taken == Tool::none)
        return;
    if (is_line_tool()) {
        lines.press(mm, px_per_mm, keys);
        return;
    }
    if (taken == Tool::hole) {
        toggle_hole(mm);
        return;
    }
    if (taken == Tool::pick_colour || taken == Tool::pocket) {
        const Point px = picture_to_mm(*sticker).inverted().apply(mm);
        const PixelPlace place{static_cast<int>(std::floor(px.x)), static_cast<int>(std::floor(px.y))};
        if (const auto* art = std::get_if<PictureArtwork>(&sticker->artwork))
            model.importer.with_pixels(art->picture, [this, place, sticker] {
                if (model.in_hand.sticker() == sticker)
                    use_place(place);
            });
        return;
    }
    drawn = {mm, mm};
    emit changed();
}

void BenchTools::use_place(PixelPlace place) {
    const auto colour = colour_at(model.in_hand.sticker()->artwork, place);
    if (!colour)
        return;
    if (colour_taker) {
        const auto use = std::exchange(colour_taker, nullptr);
        take(Tool::none);
        use(*colour);
        return;
    }
    if (taken == Tool::pocket) {
        model.in_hand.edit_sticker(tr("Take a patch away"),
                                   [&](Sticker& s) { s.background.pockets_at.push_back(place); });
        return;
    }
    model.in_hand.edit_sticker(tr("Pick a colour"), [&](Sticker& s) {
        auto& colours = s.background.colours;
        s.background.source = Source::colour;
        if (colours.size() < most_colours && std::find(colours.begin(), colours.end(), *colour) == colours.end())
            colours.push_back(*colour);
    });
    take(Tool::none);
}

void BenchTools::drag(Point mm, bool straight) {
    if (is_line_tool()) {
        lines.drag(mm);
        return;
    }
    if (drawn.empty())
        return;
    if (is_brush() && !straight)
        drawn.push_back(mm);
    else
        drawn = {drawn.front(), mm};
    emit changed();
}

Stroke BenchTools::stroke_of(const std::vector<Point>& mm) const {
    Stroke stroke{.kind = taken == Tool::brush_erase     ? Stroke::Kind::erase
                          : taken == Tool::brush_belongs ? Stroke::Kind::belongs
                          : taken == Tool::brush_foreign ? Stroke::Kind::foreign
                                                         : Stroke::Kind::add,
                  .size = brush_size,
                  .hardness = brush_hardness,
                  .points = {}};
    const auto sticker = model.in_hand.sticker();
    const Transform to_picture = picture_to_mm(*sticker).inverted();
    for (const Point p : mm) {
        const PicturePoint px = on_picture(p, to_picture);
        // Points nearer than the brush can tell apart would only make the project large.
        if (stroke.points.empty() ||
            std::hypot(stroke.points.back().x - px.x, stroke.points.back().y - px.y) > std::max(0.5, brush_size / 12))
            stroke.points.push_back(px);
    }
    return stroke;
}

void BenchTools::release() {
    if (is_line_tool()) {
        lines.release();
        return;
    }
    if (drawn.empty() || !model.in_hand.sticker())
        return;
    const std::vector<Point> line = drawn;
    if (is_brush()) {
        const Stroke stroke = stroke_of(line);
        drawn.clear();
        const bool is_hint = stroke.kind == Stroke::Kind::belongs || stroke.kind == Stroke::Kind::foreign;
        model.in_hand.edit_sticker(stroke.kind == Stroke::Kind::add       ? tr("Brush: add")
                                   : stroke.kind == Stroke::Kind::erase   ? tr("Brush: erase")
                                   : stroke.kind == Stroke::Kind::belongs ? tr("This belongs")
                                                                          : tr("This does not belong"),
                                   [&](Sticker& s) {
                                       s.background.strokes.push_back(stroke);
                                       if (is_hint)
                                           s.background.source = Source::subject;
                                   });
        emit changed();
        return; // the brush stays in hand for the next stroke
    }
    const PixelBox box = pixels_under(*model.in_hand.sticker(), line.front(), line.back());
    const bool is_drawn = box.width > 1 && box.height > 1;
    drawn.clear();
    if (taken == Tool::subject_box && is_drawn)
        model.in_hand.edit_sticker(tr("Box round the subject"), [&](Sticker& s) {
            s.background.source = Source::subject;
            s.background.subject_box = box;
        });
    else if (taken == Tool::focus_box && is_drawn)
        model.in_hand.edit_sticker(tr("Focus box"), [&](Sticker& s) { s.background.focus = box; });
    else if (taken == Tool::crop && is_drawn)
        model.in_hand.edit_sticker(tr("Crop"), [&](Sticker& s) {
            Framing framing = s.framing;
            const PixelPlace size = size_px(s.artwork);
            framing.crop = on_picture(box, size.x, size.y);
            s = reframed(s, framing);
        });
    else if (taken == Tool::straighten && distance(line.front(), line.back()) > 0.2)
        model.in_hand.edit_sticker(tr("Straighten"), [&](Sticker& s) {
            Framing framing = s.framing;
            framing.turn = straightened(framing.turn, line.front(), line.back());
            s = reframed(s, framing);
        });
    take(Tool::none);
}

/// Holes that a click would close or open, the closed ones dashed.
void BenchTools::paint_holes(QPainter& painter, const QTransform& mm_to_view, QPointF pointer) const {
    const auto result = model.working_out.shown();
    if (!result)
        return;
    const auto draw = [&](const Outline& outline, Qt::PenStyle style) {
        for (const Contour& contour : outline.contours) {
            if (signed_area(contour) >= 0)
                continue;
            const QPainterPath path = mm_to_view.map(to_qt(contour));
            QColor tint = theme().accent;
            tint.setAlpha(path.contains(pointer) ? 110 : 40);
            painter.fillPath(path, tint);
            painter.strokePath(path, QPen(theme().casing, 3));
            painter.strokePath(path, QPen(theme().accent, 1.6, style));
        }
    };
    draw(result->cut->derived->line, Qt::SolidLine);
    draw(result->cut->derived->closed_holes, Qt::DashLine);
}

void BenchTools::paint(QPainter& painter, const QTransform& mm_to_view, QPointF pointer) const {
    const auto sticker = model.in_hand.sticker();
    if (!sticker)
        return;
    if (is_line_tool()) {
        lines.paint(painter, mm_to_view, pointer);
        return;
    }
    if (taken == Tool::hole) {
        paint_holes(painter, mm_to_view, pointer);
        return;
    }
    const QTransform px_to_view = to_qt(picture_to_mm(*sticker)) * mm_to_view;
    const double px_scale = std::sqrt(std::abs(px_to_view.determinant()));
    const auto draw_stroke = [&](const Stroke& stroke, double opacity) {
        QPolygonF line;
        for (const PicturePoint p : stroke.points)
            line << px_to_view.map(QPointF(p.x, p.y));
        if (line.size() == 1)
            line << line.front() + QPointF(0.01, 0);
        const bool adds = stroke.kind == Stroke::Kind::add || stroke.kind == Stroke::Kind::belongs;
        QColor colour = adds ? theme().accent : theme().attention;
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
    const auto& background = sticker->background;
    const std::optional<PixelBox> subject =
        background.source == Source::subject ? background.subject_box : std::nullopt;
    for (const auto* kept : {&background.focus, &subject})
        if (*kept && drawn.empty())
            draw_box(px_to_view.map(QPolygonF(QRectF((*kept)->x, (*kept)->y, (*kept)->width, (*kept)->height))));
    for (const PixelPlace& place : sticker->background.pockets_at) {
        const QPointF at = px_to_view.map(QPointF(place.x + 0.5, place.y + 0.5));
        painter.setPen(QPen(theme().casing, 2));
        painter.setBrush(theme().accent);
        painter.drawEllipse(at, 4, 4);
    }
}

void BenchTools::choose_parts(ShapeIds ids) {
    if (ids == parts)
        return;
    parts = std::move(ids);
    emit parts_chosen();
    emit changed();
}

void BenchTools::show_slivers(std::vector<Sliver> found) {
    if (shown_slivers.empty() && found.empty())
        return;
    shown_slivers = std::move(found);
    emit changed();
}

void BenchTools::choose_part_at(Point mm, bool more) {
    const auto sticker = model.in_hand.sticker();
    const auto* art = sticker ? std::get_if<DrawingArtwork>(&sticker->artwork) : nullptr;
    if (!art)
        return;
    const double px = size_px(sticker->artwork).x / art->drawing->size.width;
    const Point at = Transform::scale(px, px).then(picture_to_mm(*sticker)).inverted().apply(mm);
    ShapeIds ids = more ? parts : ShapeIds{};
    if (const auto id = shape_at(*art->drawing, *art->parts, at); id && !ids.erase(*id))
        ids.insert(*id);
    choose_parts(std::move(ids));
}

} // namespace fusuma::app
