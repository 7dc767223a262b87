#include "core/hand/hand_work.h"

#include "core/geometry/measure.h"
#include "core/geometry/region.h"

#include <algorithm>
#include <cmath>

namespace fusuma {

namespace {

/// A place on a contour of the derived line.
struct LineSpot {
    std::size_t contour = 0, segment = 0;
    double t = 0;
    Point at; ///< mm
    [[nodiscard]] double along() const { return static_cast<double>(segment) + t; }
};

CutLines lines_of(const Outline& derived) {
    CutLines lines;
    for (std::size_t i = 0; i < derived.contours.size(); ++i) {
        const Contour& contour = derived.contours[i];
        lines.push_back({contour, false, static_cast<int>(i), std::vector<char>(contour.segments.size(), 1)});
    }
    return lines;
}

/// The derived line with what it takes to find places on it.
class HandReference {
  public:
    explicit HandReference(const DerivedLine& derived_line)
        : derived(derived_line), lines(lines_of(derived_line.line)), art(flatten(derived_line.art, 0.005)),
          inside_art(art), to_picture(derived_line.from_picture.inverted()),
          px_per_mm(std::sqrt(std::abs(to_picture.determinant()))) {}

    const DerivedLine& derived;
    CutLines lines; ///< the derived contours

    [[nodiscard]] Point mm(Point px) const { return derived.from_picture.apply(px); }
    [[nodiscard]] Point px(Point mm_point) const { return to_picture.apply(mm_point); }
    [[nodiscard]] double scale() const { return px_per_mm; }
    [[nodiscard]] bool is_mirrored() const { return to_picture.determinant() < 0; }

    [[nodiscard]] std::optional<LineSpot> nearest(Point p, std::optional<std::size_t> contour = std::nullopt) const {
        const auto place = contour ? nearest_place({lines[*contour]}, p) : nearest_place(lines, p);
        if (!place)
            return std::nullopt;
        const std::size_t on = contour.value_or(place->line);
        constexpr double end = 1 - 1e-9;
        if (place->t > end) // the end of one segment is the beginning of the next
            return LineSpot{on, (place->segment + 1) % lines[on].path.segments.size(), 0, place->at};
        return LineSpot{on, place->segment, place->t, place->at};
    }

    [[nodiscard]] Foothold foothold(Point on_line) const {
        const Nearest edge = nearest_on(art, on_line);
        const Point foot = edge.distance < HUGE_VAL ? edge.at : on_line;
        const double far = distance(foot, on_line);
        const bool is_inside = inside_art.contains(on_line);
        Foothold hold;
        hold.foot = px(foot);
        hold.outward = unit(px(on_line) - hold.foot) * (is_inside ? -1.0 : 1.0);
        hold.distance = far * px_per_mm * (is_inside ? -1.0 : 1.0);
        hold.reach = derived.reach * px_per_mm;
        return hold;
    }

    /// Where the foothold is now.
    [[nodiscard]] std::optional<LineSpot> find(const Foothold& hold,
                                           std::optional<std::size_t> contour = std::nullopt) const {
        const double reach = derived.reach * px_per_mm;
        // A place beyond the plain distance, as on a mitre, moves in proportion; one on a bridge by the difference.
        std::vector<double> guesses{hold.distance + reach - hold.reach};
        if (std::abs(hold.reach) > 1e-6)
            guesses.push_back(hold.distance * reach / hold.reach);
        const double allowed = 0.4 + 0.15 * std::abs(derived.reach) + 0.2 * std::abs(reach - hold.reach) / px_per_mm;
        std::optional<LineSpot> best;
        double least = allowed;
        for (const double guess : guesses) {
            const Point wanted = mm(hold.foot + guess * hold.outward);
            if (const auto spot = nearest(wanted, contour); spot && distance(spot->at, wanted) < least) {
                least = distance(spot->at, wanted);
                best = spot;
            }
        }
        return best;
    }

  private:
    Polygons art;
    Regions inside_art;
    Transform to_picture;
    double px_per_mm;
};

/// The stretch walked the other way round.
Stretch reversed(const Stretch& stretch) {
    Stretch back = stretch;
    std::swap(back.from, back.to);
    std::swap(back.from_at, back.to_at);
    back.steps.clear();
    for (std::size_t i = stretch.steps.size(); i-- > 0;) {
        Stretch::Step step = stretch.steps[i];
        std::swap(step.to.control1, step.to.control2);
        const bool is_first = i == 0;
        step.to.end = is_first ? stretch.from_at : stretch.steps[i - 1].to.end;
        step.holds = is_first ? std::optional(stretch.from) : stretch.steps[i - 1].holds;
        step.held_at = is_first ? stretch.from_at : stretch.steps[i - 1].held_at;
        back.steps.push_back(step);
    }
    return back;
}

/// A segment of a contour on its way to becoming a line.
struct HandPiece {
    Segment to;
    bool is_kept = false, is_lifted = false;
};

/// A stretch with its place on a contour.
struct Fitted {
    std::size_t index = 0;
    LineSpot from, to;
    std::vector<HandPiece> pieces;
    [[nodiscard]] double begin() const { return from.along(); }
};

constexpr double hair_along = 1e-9;

/// Calls `visit(from, part)` for the parts of a contour's segments on the way from one spot to another;
/// all the way round when they are the same and `all_round`.
template <typename Visit>
void walk_between(const Contour& contour, const LineSpot& from, const LineSpot& to, bool all_round, Visit&& visit) {
    const std::size_t n = contour.segments.size();
    std::size_t i = from.segment;
    double t = from.t;
    for (std::size_t count = 0; count <= n; ++count) {
        const Segment& segment = contour.segments[i];
        const Point start = i == 0 ? contour.start : contour.segments[i - 1].end;
        const bool is_ahead = from.along() <= to.along() + hair_along && !all_round;
        const bool is_last = i == to.segment && t <= to.t + hair_along && (count > 0 || is_ahead);
        const double end = is_last ? to.t : 1;
        if (end - t > 1e-6) {
            Segment part = part_of(start, segment, t, end);
            if (end == 1)
                part.end = segment.end;
            visit(point_on(start, segment, t), part);
        }
        if (is_last)
            return;
        i = (i + 1) % n;
        t = 0;
    }
}

double length_between(const Contour& contour, const LineSpot& from, const LineSpot& to) {
    double sum = 0;
    walk_between(contour, from, to, false, [&](Point start, const Segment& part) {
        sum += length(Contour{start, {part}});
    });
    return sum;
}

/// The steps in mm, each moved along with its place of the derived line.
std::vector<HandPiece> moved_along(const Stretch& stretch, const HandReference& reference, Point from, Point to) {
    const std::size_t n = stretch.steps.size();
    std::vector<std::optional<Point>> shift(n + 1);
    shift[0] = from - reference.mm(stretch.from_at);
    for (std::size_t i = 0; i < n; ++i) {
        const auto& step = stretch.steps[i];
        if (stretch.as_it_was)
            shift[i + 1] = Point{};
        else if (i + 1 == n && !stretch.is_whole)
            shift[i + 1] = to - reference.mm(stretch.to_at);
        else if (const auto spot = step.holds ? reference.find(*step.holds) : std::nullopt)
            shift[i + 1] = spot->at - reference.mm(step.held_at);
    }
    if (stretch.as_it_was)
        shift[0] = Point{};
    // Places that are gone move like those beside them.
    for (std::size_t i = 0; i <= n; ++i)
        if (!shift[i]) {
            std::size_t next = i;
            while (next <= n && !shift[next])
                ++next;
            const Point before = *shift[i - 1], after = next <= n ? *shift[next] : before;
            shift[i] = before + (after - before) * (1.0 / static_cast<double>(next - i + 1));
        }
    std::vector<HandPiece> pieces;
    for (std::size_t i = 0; i < n; ++i) {
        Segment s = transformed(stretch.steps[i].to, reference.derived.from_picture);
        if (s.kind == Segment::Kind::cubic) {
            s.control1 = s.control1 + *shift[i];
            s.control2 = s.control2 + *shift[i + 1];
        }
        s.end = s.end + *shift[i + 1];
        pieces.push_back({s, false, stretch.steps[i].is_lifted});
    }
    return pieces;
}

std::optional<Fitted> fitted(const Stretch& stored, std::size_t index, const HandReference& reference) {
    const Stretch stretch = reference.is_mirrored() ? reversed(stored) : stored;
    Fitted result{index, {}, {}, {}};
    if (stretch.as_it_was) {
        const auto from = reference.nearest(reference.mm(stretch.from_at));
        const auto to = from ? reference.nearest(reference.mm(stretch.to_at), from->contour) : std::nullopt;
        if (!to)
            return std::nullopt;
        result.from = *from;
        result.to = *to;
        result.pieces = moved_along(stretch, reference, from->at, to->at);
        const Point begins = reference.mm(stretch.from_at);
        if (!stretch.is_whole) {
            result.pieces.insert(result.pieces.begin(), {Segment::line_to(begins), false, false});
            result.pieces.push_back({Segment::line_to(to->at), false, false});
        }
        return result;
    }
    const auto from = reference.find(stretch.from);
    const auto to = from ? (stretch.is_whole ? from : reference.find(stretch.to, from->contour)) : std::nullopt;
    if (!to)
        return std::nullopt;
    result.from = *from;
    result.to = *to;
    result.pieces = moved_along(stretch, reference, from->at, to->at);
    if (!stretch.is_whole) {
        // It must span about what it did, lest it be laid round the other side of the contour.
        const double then = stretch.spanned / reference.scale();
        const double now = length_between(reference.derived.line.contours[from->contour], *from, *to);
        constexpr double slack = 3; // mm
        if (now > 2.5 * then + slack || then > 2.5 * now + slack)
            return std::nullopt;
    }
    return result;
}

/// One contour with its stretches in place.
void append_lines(CutLines& lines, const HandReference& reference, std::size_t index, std::vector<Fitted>& stretches,
                  const HandWork& work) {
    const Contour& contour = reference.derived.line.contours[index];
    if (stretches.empty()) {
        lines.push_back(reference.lines[index]);
        return;
    }
    std::vector<HandPiece> pieces;
    Point begin = stretches.front().from.at;
    if (work.stretches[stretches.front().index].is_whole) {
        pieces = stretches.front().pieces;
        begin = pieces.back().to.end; // closed: it ends where it begins
    } else {
        // Each stretch, and from it the derived line up to the next.
        for (std::size_t k = 0; k < stretches.size(); ++k) {
            std::ranges::copy(stretches[k].pieces, std::back_inserter(pieces));
            const bool is_point =
                stretches.size() == 1 && std::abs(stretches[k].to.along() - stretches[k].from.along()) < hair_along;
            walk_between(contour, stretches[k].to, stretches[(k + 1) % stretches.size()].from, is_point,
                         [&](Point, const Segment& part) {
                             pieces.push_back({part, true, false});
                         });
        }
    }
    const auto lifted = std::find_if(pieces.begin(), pieces.end(), [](const HandPiece& p) { return p.is_lifted; });
    const bool is_open = lifted != pieces.end();
    if (is_open) { // start where the blade is set down
        begin = lifted->to.end;
        std::rotate(pieces.begin(), lifted + 1, pieces.end());
    }
    CutLine line{{begin, {}}, is_open, static_cast<int>(index), {}};
    const auto finish = [&] {
        if (!line.path.segments.empty())
            lines.push_back(line);
    };
    for (const HandPiece& piece : pieces) {
        if (piece.is_lifted) {
            finish();
            line.path = {piece.to.end, {}};
            line.kept.clear();
            continue;
        }
        line.path.segments.push_back(piece.to);
        line.kept.push_back(piece.is_kept);
    }
    if (!is_open) {
        if (!line.path.segments.empty())
            line.path.segments.back().end = line.path.start;
        finish();
    }
}

} // namespace

HandWork scaled(HandWork work, double factor) {
    const auto larger = [factor](Foothold& hold) {
        hold = {factor * hold.foot, hold.outward, factor * hold.distance, factor * hold.reach};
    };
    const Transform map = Transform::scale(factor, factor);
    for (Stretch& stretch : work.stretches) {
        larger(stretch.from);
        larger(stretch.to);
        stretch.from_at = factor * stretch.from_at;
        stretch.to_at = factor * stretch.to_at;
        stretch.spanned *= factor;
        for (Stretch::Step& step : stretch.steps) {
            step.to = transformed(step.to, map);
            step.held_at = factor * step.held_at;
            if (step.holds)
                larger(*step.holds);
        }
    }
    for (LeftOut& out : work.left_out)
        larger(out.on);
    for (FreeLine& line : work.lines)
        line.path = transformed(line.path, map);
    return work;
}

HandWork without_stretches(HandWork work, const std::vector<std::size_t>& gone) {
    std::size_t index = 0;
    std::erase_if(work.stretches,
                  [&](const Stretch&) { return std::find(gone.begin(), gone.end(), index++) != gone.end(); });
    return work;
}

HandWork held_as_they_were(HandWork work, const std::vector<std::size_t>& stretches) {
    for (const std::size_t i : stretches)
        if (i < work.stretches.size())
            work.stretches[i].as_it_was = true;
    return work;
}

HandResult applied(const HandWork& work, const DerivedLine& derived) {
    HandResult result;
    if (work.empty()) {
        result.lines = lines_of(derived.line);
        return result;
    }
    const HandReference reference(derived);
    const std::size_t n = derived.line.contours.size();
    std::vector<char> is_out(n);
    for (const LeftOut& out : work.left_out)
        if (const auto spot = reference.find(out.on))
            if ((signed_area(derived.line.contours[spot->contour]) < 0) == out.is_hole)
                is_out[spot->contour] = 1;
    std::vector<std::vector<Fitted>> by_contour(n);
    for (std::size_t i = 0; i < work.stretches.size(); ++i) {
        auto place = fitted(work.stretches[i], i, reference);
        if (place)
            by_contour[place->from.contour].push_back(std::move(*place));
        else
            result.does_not_apply.push_back(i);
    }
    for (std::size_t c = 0; c < n; ++c) {
        if (is_out[c]) {
            result.left_out.contours.push_back(derived.line.contours[c]);
            for (const Fitted& f : by_contour[c])
                result.does_not_apply.push_back(f.index);
            continue;
        }
        auto& stretches = by_contour[c];
        std::sort(stretches.begin(), stretches.end(),
                  [](const Fitted& l, const Fitted& r) { return l.begin() < r.begin(); });
        // Those that begin before the one ahead of them ends cannot both be; the first in the walk stays.
        std::vector<Fitted> apart;
        for (Fitted& f : stretches) {
            const bool wraps = f.to.along() < f.from.along();
            const bool is_whole = work.stretches[f.index].is_whole;
            bool collides = !apart.empty() && (is_whole || work.stretches[apart.front().index].is_whole);
            for (const Fitted& other : apart) {
                const bool other_wraps = other.to.along() < other.from.along();
                collides = collides || (!other_wraps && other.to.along() > f.from.along() + 1e-9) ||
                           (other_wraps && f.from.along() >= other.from.along()) ||
                           (wraps && f.to.along() > apart.front().from.along() + 1e-9);
            }
            if (collides)
                result.does_not_apply.push_back(f.index);
            else
                apart.push_back(std::move(f));
        }
        append_lines(result.lines, reference, c, apart, work);
    }
    std::sort(result.does_not_apply.begin(), result.does_not_apply.end());
    const Regions inside(work.lines.empty() ? Polygons{} : flatten(derived.line, 0.05));
    for (const FreeLine& free : work.lines) {
        CutLine line{free.path, free.is_open, -1, std::vector<char>(free.path.segments.size(), 0)};
        line.path.start = reference.mm(free.path.start);
        for (Segment& s : line.path.segments)
            s = transformed(s, derived.from_picture);
        if (!line.is_open) { // a hole inside a piece, a piece of its own elsewhere
            const bool is_hole = inside.contains(line.path.start);
            if ((signed_area(line.path) < 0) != is_hole)
                line.path = reversed(line.path);
        }
        result.lines.push_back(std::move(line));
    }
    return result;
}

namespace {

/// The lines that follow one contour, walked round it as one: what is between two of them is a lift.
struct ContourRound {
    Point start; ///< mm
    std::vector<HandPiece> pieces;
};

ContourRound walk_round(const std::vector<const CutLine*>& parts) {
    ContourRound walk{parts.front()->path.start, {}};
    for (std::size_t i = 0; i < parts.size(); ++i) {
        const CutLine& part = *parts[i];
        if (i > 0)
            walk.pieces.push_back({Segment::line_to(part.path.start), false, true});
        for (std::size_t k = 0; k < part.path.segments.size(); ++k)
            walk.pieces.push_back({part.path.segments[k], part.kept[k] != 0, false});
    }
    if (parts.back()->is_open)
        walk.pieces.push_back({Segment::line_to(walk.start), false, true});
    return walk;
}

class Recorder {
  public:
    explicit Recorder(const HandReference& the_ground, std::size_t on_contour) : reference(the_ground), contour(on_contour) {}

    [[nodiscard]] std::vector<Stretch> stretches(ContourRound walk) const {
        std::vector<Stretch> result;
        const auto kept =
            std::find_if(walk.pieces.begin(), walk.pieces.end(), [](const HandPiece& p) { return p.is_kept; });
        if (std::all_of(walk.pieces.begin(), walk.pieces.end(), [](const HandPiece& p) { return p.is_kept; }))
            return result;
        if (kept == walk.pieces.end()) {
            Stretch whole = begun_at(walk.start);
            whole.is_whole = true;
            for (const HandPiece& piece : walk.pieces)
                whole.steps.push_back(step_of(piece));
            finish(whole, walk.start);
            result.push_back(oriented(std::move(whole)));
            return result;
        }
        // Start behind a kept piece, so that no stretch is parted.
        walk.start = kept->to.end;
        std::rotate(walk.pieces.begin(), kept + 1, walk.pieces.end());
        Point at = walk.start;
        std::optional<Stretch> running;
        for (const HandPiece& piece : walk.pieces) {
            if (!piece.is_kept) {
                if (!running)
                    running = begun_at(at);
                running->steps.push_back(step_of(piece));
            } else if (running) {
                finish(*running, at);
                result.push_back(oriented(std::move(*running)));
                running.reset();
            }
            at = piece.to.end;
        }
        return result; // the last piece is the kept one it was rotated behind
    }

  private:
    const HandReference& reference;
    std::size_t contour;

    [[nodiscard]] Point on_line(Point p) const {
        const auto spot = reference.nearest(p, contour);
        return spot ? spot->at : p;
    }
    [[nodiscard]] Stretch begun_at(Point p) const {
        Stretch stretch;
        stretch.from = reference.foothold(on_line(p));
        stretch.from_at = reference.px(p);
        return stretch;
    }
    void finish(Stretch& stretch, Point p) const {
        const Point on = on_line(p);
        stretch.to = reference.foothold(on);
        stretch.to_at = reference.px(p);
        const auto from = reference.nearest(reference.mm(stretch.from_at), contour), to = reference.nearest(on, contour);
        if (from && to && !stretch.is_whole)
            stretch.spanned = length_between(reference.derived.line.contours[contour], *from, *to) * reference.scale();
    }
    [[nodiscard]] Stretch::Step step_of(const HandPiece& piece) const {
        const Point near = on_line(piece.to.end);
        Stretch::Step step;
        step.to = transformed(piece.to, reference.derived.from_picture.inverted());
        step.is_lifted = piece.is_lifted;
        step.holds = reference.foothold(near);
        step.held_at = reference.px(near);
        return step;
    }
    [[nodiscard]] Stretch oriented(Stretch stretch) const { return reference.is_mirrored() ? reversed(stretch) : stretch; }
};

} // namespace

HandWork recorded(const CutLines& lines, const DerivedLine& derived, const HandWork& before,
                  const std::vector<std::size_t>& does_not_apply) {
    HandWork work;
    const HandReference reference(derived);
    for (const std::size_t i : does_not_apply)
        if (i < before.stretches.size())
            work.stretches.push_back(before.stretches[i]);
    const Transform to_picture = derived.from_picture.inverted();
    for (std::size_t c = 0; c < derived.line.contours.size(); ++c) {
        std::vector<std::pair<double, const CutLine*>> parts;
        for (const CutLine& line : lines) {
            if (line.follows != static_cast<int>(c))
                continue;
            const auto kept = std::find(line.kept.begin(), line.kept.end(), 1);
            const auto k = static_cast<std::size_t>(kept - line.kept.begin());
            const Point at = kept == line.kept.end() ? line.path.start : node_at(line, k);
            const auto spot = reference.nearest(at, c);
            parts.emplace_back(spot ? spot->along() : 0, &line);
        }
        if (parts.empty()) {
            const Contour& contour = derived.line.contours[c];
            work.left_out.push_back({reference.foothold(contour.start), signed_area(contour) < 0});
            continue;
        }
        std::sort(parts.begin(), parts.end());
        std::vector<const CutLine*> in_order;
        for (const auto& [along, line] : parts)
            in_order.push_back(line);
        std::ranges::move(Recorder(reference, c).stretches(walk_round(in_order)), std::back_inserter(work.stretches));
    }
    for (const CutLine& line : lines)
        if (line.follows < 0) {
            FreeLine free{{to_picture.apply(line.path.start), {}}, line.is_open};
            for (const Segment& s : line.path.segments)
                free.path.segments.push_back(transformed(s, to_picture));
            work.lines.push_back(std::move(free));
        }
    return work;
}

} // namespace fusuma
