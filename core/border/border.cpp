#include "core/border/border.h"

#include "core/border/join.h"
#include "core/geometry/measure.h"
#include "core/geometry/nesting.h"
#include "core/trace/fit.h"

#include <algorithm>
#include <cmath>

namespace fusuma {

namespace {

constexpr double flatten_mm = 0.0008;
constexpr double fit_mm = 0.005;
constexpr double reshaped_fit_mm = 0.01; // where inlets were filled or pieces joined there is no exact line to keep to
constexpr double preview_mm = 0.06;
constexpr std::size_t most_fine_nodes =
    8000; // beyond, it is grain that is cut, and a hundredth of a millimetre will do
constexpr double coarse_mm = 0.01;

/// Which holes of a cut line are closed.
class HoleRule {
  public:
    /// @param art  the outline as polygons
    HoleRule(const BorderTask& border_task, const Polygons& art) : task(border_task) {
        for (const BorderTask::Decided& choice : task.by_hand) {
            Choice decided{choice, {}};
            for (const Polygon& polygon : art)
                if (signed_area(polygon) < 0)
                    if (Regions hole({polygon}); hole.contains(choice.at) &&
                                                 (decided.around.empty() || hole.area() < decided.around.area()))
                        decided.around = std::move(hole);
            choices.push_back(std::move(decided));
        }
    }

    [[nodiscard]] bool changes_anything() const { return task.holes != Holes::keep || !choices.empty(); }

    /// A hole of the cut line is the one that was clicked when it holds the place, or lies in the hole of the art that
    /// does: holes shrink away from a place as the border grows.
    [[nodiscard]] bool is_closed(const Polygon& hole) const {
        const double size = -signed_area(hole);
        if (size <= 0)
            return false;
        const Regions inside(choices.empty() ? Polygons{} : Polygons{hole});
        for (auto c = choices.rbegin(); c != choices.rend(); ++c)
            if (inside.contains(c->choice.at) || c->around.contains(hole.front()))
                return !c->choice.is_kept;
        return task.holes == Holes::close || (task.holes == Holes::close_small && size < task.close_under);
    }

  private:
    struct Choice {
        BorderTask::Decided choice;
        Regions around; ///< the smallest hole of the art that holds the place
    };
    const BorderTask& task;
    std::vector<Choice> choices;
};

bool is_more_than_a_width(const BorderTask& s) {
    return s.join > 0 || s.one_border || s.least_gap > 0 || s.least_tip > 0;
}

/// The grown shape with inlets filled, spikes cut off and pieces joined.
Polygons reshaped(Polygons shape, const BorderTask& task, double tolerance) {
    if (const double across = std::max(task.join, task.least_gap); across > 0)
        shape = closed(shape, across / 2, tolerance);
    if (task.least_tip > 0)
        shape = opened(shape, task.least_tip / 2, tolerance);
    if (task.join <= 0 && !task.one_border)
        return shape;
    // As wide as the border makes a hairline, within what holds together and still looks like a bridge.
    const double width = std::max(std::clamp(2 * task.reach, 1.0, 4.0), 1.05 * task.least_tip);
    return with_bridges(
        std::move(shape),
        {.closer_than = task.one_border ? HUGE_VAL : task.join, .width = width, .tolerance = tolerance});
}

/// How closely the curves are followed. Wide mitres and bevels fold over each other by the thousand and cannot be grown
/// in steps as round corners are, so they make do with less.
double flattening(const Outline& outline, const BorderTask& task, Care care) {
    if (care == Care::preview)
        return preview_mm;
    const bool is_sharp = task.corners != Corners::round;
    const double of_width = is_sharp ? std::min(coarse_mm, std::abs(task.reach) / 2500) : 0;
    return node_count(outline) > most_fine_nodes ? coarse_mm : std::max(flatten_mm, of_width);
}

Outline with_curves(const Polygons& polygons, Care care, double flat, double tolerance) {
    Outline outline;
    for (const Polygon& polygon : polygons)
        outline.contours.push_back(care == Care::exact ? fit_exact_polygon(polygon, std::max(tolerance, flat))
                                                       : straightened_run(polygon, flat / 2));
    return outline;
}

} // namespace

BorderSettings scaled(BorderSettings s, double factor) {
    for (double* length : {&s.width, &s.join, &s.least_gap, &s.least_tip})
        *length *= factor;
    s.close_under *= factor * factor;
    return s;
}

BorderTask task_of(const BorderSettings& lengths, double reach, const Transform& from_picture) {
    BorderTask task{reach,        lengths.corners, lengths.mitre_limit, lengths.holes,     lengths.close_under, {},
                    lengths.join, lengths.one_border, lengths.least_gap, lengths.least_tip};
    for (const HoleChoice& choice : lengths.by_hand)
        task.by_hand.push_back({on_sticker(choice.at, from_picture), choice.is_kept});
    return task;
}

Border border(const Outline& outline, const BorderTask& task, Care care) {
    const double flat = flattening(outline, task, care);
    Border result{outline, {}};
    const HoleRule rule(task, task.by_hand.empty() ? Polygons{} : flatten(outline, flat));
    const auto close_holes = [&](Outline& line) {
        if (!rule.changes_anything())
            return;
        const Outline taken = take_out_with_contents(
            line, [&](const Contour& contour) { return rule.is_closed(flatten(contour, 0.01)); });
        std::ranges::copy_if(taken.contours, std::back_inserter(result.closed_holes.contours),
                             [](const Contour& contour) { return signed_area(contour) < 0; });
    };
    if (task.reach == 0 && !is_more_than_a_width(task)) {
        close_holes(result.line);
        return result;
    }
    Polygons shape = grown(flatten(outline, flat), {.width = task.reach,
                                                    .corners = task.corners,
                                                    .mitre_limit = task.mitre_limit,
                                                    .arc_tolerance = flat});
    if (is_more_than_a_width(task)) {
        if (rule.changes_anything()) { // first, lest pieces inside them be joined to something
            Outline whole;
            for (const Polygon& polygon : shape)
                whole.contours.push_back(contour_of(polygon));
            close_holes(whole);
            shape.clear();
            for (const Contour& contour : whole.contours)
                shape.push_back(flatten(contour, flat));
        }
        shape = reshaped(std::move(shape), task, flat);
    }
    result.line = with_curves(shape, care, flat, is_more_than_a_width(task) ? reshaped_fit_mm : fit_mm);
    close_holes(result.line);
    return result;
}

bool has_hole_at(const Outline& outline, Point place) {
    return std::ranges::any_of(outline.contours, [place](const Contour& contour) {
        return signed_area(contour) < 0 && Regions({flatten(contour, 0.05)}).contains(place);
    });
}

} // namespace fusuma
