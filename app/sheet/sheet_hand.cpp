#include "app/sheet/sheet_hand.h"

#include "core/geometry/measure.h"
#include "core/plan/shared_cuts.h"
#include "formats/basics/in_words.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fusuma::app {

namespace {

constexpr double handle_px = 7, turn_knob_px = 26, snap_px = 6, still_px = 4;

QString in_unit(double mm, Unit unit) {
    return length_in_words(mm, unit);
}

} // namespace

QString SheetHand::stroke_name() const {
    return QStringLiteral("hand%1").arg(stroke);
}

void SheetHand::set_measuring(bool on) {
    measures = on;
    now = Act::none;
    said.clear();
}

const Placement* SheetHand::copy_at(Point at) const {
    const auto& plan = model.snapshot().plan;
    const auto& placements = model.document().placements;
    for (auto copy = placements.rbegin(); plan && copy != placements.rend(); ++copy) {
        const PlannedCopy* planned = copy->page == model.in_hand.page() ? plan->find(copy->id) : nullptr;
        if (!planned)
            continue;
        // Where it was when it was worked out; nearly always where it is.
        const PlacedCopy& then = *planned->placed;
        const Point there = at - (copy->centre - then.placement.centre);
        if (then.cut_box.contains(there) && (then.room.empty() || then.inside().contains(there)))
            return &*copy;
    }
    return nullptr;
}

std::optional<SheetHand::Handles> SheetHand::handles(double px_per_mm) const {
    if (model.in_hand.copies().empty() || measures)
        return std::nullopt;
    const Rect box = box_in_sight(model.snapshot(), model.document(), model.in_hand.copies());
    if (box.empty())
        return std::nullopt;
    const Rect frame = box.grown(4 / px_per_mm);
    const Point c = frame.centre();
    return Handles{frame,
                   {frame.min, Point{c.x, frame.min.y}, Point{frame.max.x, frame.min.y}, Point{frame.max.x, c.y},
                    frame.max, Point{c.x, frame.max.y}, Point{frame.min.x, frame.max.y}, Point{frame.min.x, c.y}},
                   {c.x, frame.min.y - turn_knob_px / px_per_mm}};
}

void SheetHand::press(Point at, double px_per_mm, Qt::KeyboardModifiers modifiers) {
    grabbed = at_hand = at;
    has_moved = false;
    offset = {};
    ++stroke;
    before.clear();
    if (measures) {
        now = Act::measuring;
        return;
    }
    const auto is_hit = [&](Point handle_at) { return distance(handle_at, at) * px_per_mm <= handle_px + 2; };
    if (const auto grips = handles(px_per_mm)) {
        const auto hit = std::find_if(grips->scale.begin(), grips->scale.end(), is_hit);
        frame_before = grips->frame;
        if (is_hit(grips->turn) || hit != grips->scale.end()) {
            now = is_hit(grips->turn) ? Act::turning : Act::scaling;
            handle = static_cast<int>(hit - grips->scale.begin());
            hold();
            return;
        }
    }
    const Placement* copy = copy_at(at);
    if (!copy) {
        if (!(modifiers & Qt::ShiftModifier))
            model.in_hand.select({});
        now = Act::banding;
        return;
    }
    const CopyId hit = copy->id;
    Selection next = model.in_hand.copies();
    if (modifiers & Qt::ShiftModifier) {
        const Selection group = with_groups(model.document(), {hit});
        if (next.contains(hit))
            std::erase_if(next, [&](CopyId id) { return group.contains(id); });
        else
            next.insert(group.begin(), group.end());
        model.in_hand.select(next);
    } else if (!next.contains(hit)) {
        model.in_hand.select({hit});
    }
    now = Act::moving;
    hold();
    frame_before = box_in_sight(model.snapshot(), model.document(), holding);
}

void SheetHand::hold() {
    holding = model.in_hand.copies();
    before.clear();
    for (const Placement& copy : model.document().placements)
        if (holding.contains(copy.id))
            before[copy.id] = copy;
}

/// Gestures are edits of the document as it is by then: what arrived meanwhile stays. Only the copies in hand start
/// from where they were taken.
Document SheetHand::put_back(Document document) const {
    for (Placement& copy : document.placements)
        if (const auto was = before.find(copy.id); was != before.end()) {
            const Placement& p = was->second;
            copy.centre = p.centre;
            copy.turn = p.turn;
            copy.scale = p.scale;
            copy.stretch = p.stretch;
        }
    return document;
}

void SheetHand::drag(Point at, double px_per_mm, Qt::KeyboardModifiers modifiers) {
    at_hand = at;
    if (now == Act::measuring) {
        const Unit unit = model.document().unit;
        const Point by = at - grabbed;
        said = QStringLiteral("%1   (%2 × %3)")
                   .arg(in_unit(norm(by), unit), in_unit(std::abs(by.x), unit), in_unit(std::abs(by.y), unit));
        return;
    }
    if (now == Act::none || now == Act::banding)
        return;
    if (!has_moved && distance(at, grabbed) * px_per_mm < still_px)
        return;
    if (!has_moved && now == Act::moving && (modifiers & Qt::ControlModifier)) { // drag off a duplicate
        model.copies.rearrange(QObject::tr("Duplicate"),
                               [](const Document& d, const Selection& s) { return duplicated(d, s, {}); });
        hold();
    }
    has_moved = true;
    if (now == Act::moving)
        move(at, px_per_mm, modifiers);
    else if (now == Act::scaling)
        scale(at, modifiers);
    else
        turn(at, modifiers);
}

void SheetHand::move(Point at, double px_per_mm, Qt::KeyboardModifiers modifiers) {
    offset = at - grabbed;
    shown_guides.clear();
    const SheetSettings& sheet = model.document().sheet;
    if (!(modifiers & Qt::AltModifier)) {
        const auto& plan = model.snapshot().plan;
        std::vector<Rect> others, frames{{{0, 0}, {sheet.paper.width, sheet.paper.height}}};
        bool may_touch = sheet.shares_cuts;
        if (plan)
            for (const PlannedCopy& copy : plan->copies) {
                const bool is_held = holding.contains(copy.id);
                may_touch = may_touch && (!is_held || is_box(*copy.placed));
                if (!is_held && copy.page == model.in_hand.page())
                    others.push_back(copy->cut_box);
            }
        if (plan && static_cast<std::size_t>(model.in_hand.page()) < plan->pages.size()) {
            const PagePlan& page = plan->pages[static_cast<std::size_t>(model.in_hand.page())];
            frames.push_back(bounds(page.zone));
            frames.insert(frames.end(), page.small_sheets.begin(), page.small_sheets.end());
        }
        const Rect box{frame_before.min + offset, frame_before.max + offset};
        Snapped to = snapped(box, others, frames, may_touch ? 0 : sheet.gap, snap_px / px_per_mm);
        offset = offset + to.by;
        shown_guides = std::move(to.guides);
    }
    const Unit unit = model.document().unit;
    said = QStringLiteral("%1, %2").arg(in_unit(frame_before.min.x + offset.x, unit),
                                        in_unit(frame_before.min.y + offset.y, unit));
    model.project.edit(
        QObject::tr("Move"), [&](Document d) { return moved(put_back(std::move(d)), holding, offset); }, stroke_name());
}

void SheetHand::scale(Point at, Qt::KeyboardModifiers modifiers) {
    const Point c = frame_before.centre();
    const auto corner = static_cast<std::size_t>(handle);
    static constexpr std::array<Point, 8> sides{Point{-1, -1}, {0, -1}, {1, -1}, {1, 0},
                                                {1, 1},        {0, 1},  {-1, 1}, {-1, 0}};
    const Point side = sides[corner];
    const Point half{frame_before.width() / 2, frame_before.height() / 2};
    // From the opposite side, or from the middle with Alt.
    const bool from_middle = modifiers.testFlag(Qt::AltModifier);
    const Point fixed = from_middle ? c : c - Point{side.x * half.x, side.y * half.y};
    const Point reach = from_middle ? half : 2 * half;
    const auto ratio = [](double to, double from, double which) {
        return which == 0 ? 1 : std::max(0.05, which * to / std::max(from, 1e-6));
    };
    const double kx = ratio(at.x - fixed.x, reach.x, side.x), ky = ratio(at.y - fixed.y, reach.y, side.y);
    double factor = side.x == 0 ? ky : side.y == 0 ? kx : std::max(kx, ky), tall = 1;
    if (modifiers & Qt::ShiftModifier) { // width and height each for itself
        factor = kx;
        tall = ky / kx;
    }
    said = QStringLiteral("%1 %").arg(qRound(100 * factor));
    model.project.edit(
        QObject::tr("Resize copies"),
        [&](Document d) { return scaled(put_back(std::move(d)), holding, fixed, factor, tall); }, stroke_name());
}

void SheetHand::turn(Point at, Qt::KeyboardModifiers modifiers) {
    const Point c = frame_before.centre();
    const auto angle = [c](Point p) { return std::atan2(p.y - c.y, p.x - c.x); };
    double radians = angle(at) - angle(grabbed);
    if (modifiers & Qt::ShiftModifier) {
        constexpr double step = std::numbers::pi / 12;
        radians = std::round(radians / step) * step;
    }
    said = QStringLiteral("%1°").arg(
        number_in_words(std::remainder(radians, 2 * std::numbers::pi) * 180 / std::numbers::pi, 1));
    model.project.edit(
        QObject::tr("Turn"), [&](Document d) { return turned(put_back(std::move(d)), holding, c, radians); },
        stroke_name());
}

Rect SheetHand::band() const {
    Rect band;
    if (now == Act::banding) {
        band.include(grabbed);
        band.include(at_hand);
    }
    return band;
}

void SheetHand::release(Qt::KeyboardModifiers) {
    if (now == Act::banding) {
        const Rect area = band();
        const auto& plan = model.snapshot().plan;
        Selection inside = model.in_hand.copies();
        if (plan)
            for (const PlannedCopy& copy : plan->copies)
                if (copy.page == model.in_hand.page() && overlap(copy->cut_box, area) == copy->cut_box)
                    inside.insert(copy.id);
        if (inside != model.in_hand.copies())
            model.in_hand.select(std::move(inside));
    }
    model.project.end_stroke();
    if (now != Act::measuring) { // a measure stays to be read
        now = Act::none;
        said.clear();
    }
    holding.clear();
    shown_guides.clear();
    offset = {};
}

void SheetHand::cancel() {
    if (has_moved && (now == Act::moving || now == Act::scaling || now == Act::turning))
        model.project.edit(
            QObject::tr("Move"), [&](Document d) { return put_back(std::move(d)); }, stroke_name());
    release({});
    now = Act::none;
    said.clear();
}

bool SheetHand::nudge(Point way, Qt::KeyboardModifiers modifiers) {
    const double by = modifiers & Qt::ShiftModifier ? 10 : modifiers & Qt::AltModifier ? 0.1 : 1;
    model.copies.move(by * way, QStringLiteral("nudge%1").arg(stroke));
    return true;
}

} // namespace fusuma::app
