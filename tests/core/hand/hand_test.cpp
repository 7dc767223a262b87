#include "core/hand/hand_work.h"

#include "core/border/border.h"
#include "core/geometry/measure.h"
#include "tests/support/samples.h"

#include <gtest/gtest.h>

namespace fusuma {
namespace {

using namespace test;

/// A rounded plate with a hole, 4 px to the millimetre.
const Outline& art() {
    static const Outline outline{
        {contour_of(turned_rectangle({40, 30}, 50, 30, 0.2)), contour_of(as_hole(ellipse({40, 30}, 7, 7, 0, 60)))}};
    return outline;
}

DerivedLine derived(double width, const Transform& from_picture = Transform::scale(0.25, 0.25)) {
    return {border(art(), {.reach = width}).line, art(), width, from_picture};
}

/// The node nearest to a place.
NodePlace node_near(const CutLines& lines, Point p) {
    NodePlace best;
    double least = HUGE_VAL;
    for (std::size_t l = 0; l < lines.size(); ++l)
        for (std::size_t k = 0; k < lines[l].node_count(); ++k)
            if (const double far = distance(node_at(lines[l], k), p); far < least) {
                least = far;
                best = {l, k};
            }
    return best;
}

/// How far the lines stray from each other, looked at from points along `a`.
double apart(const CutLines& a, const CutLines& b) {
    double most = 0;
    for (const CutLine& line : a)
        for (const Point p : flatten_line(line.path, 0.01))
            most = std::max(most, nearest_place(b, p)->distance);
    return most;
}

const Point bump_at{64, 29}; // on the right side

/// The line with a node on its right side pulled out by 3 mm.
CutLines bumped(const CutLines& lines) {
    CutLines with_node = with_node_inserted(lines, *nearest_place(lines, bump_at));
    const NodePlace node = node_near(with_node, nearest_place(lines, bump_at)->at);
    return with_nodes_moved(std::move(with_node), {node}, {3, 0});
}

TEST(HandWork, NoWorkLeavesTheLineAsDerived) {
    const DerivedLine ground = derived(2);
    const HandResult result = applied({}, ground);
    EXPECT_EQ(closed_lines(result.lines), ground.line);
    EXPECT_TRUE(recorded(result.lines, ground, {}, {}).empty());
}

TEST(HandWork, WhatIsRecordedComesBackTheSame) {
    const DerivedLine ground = derived(2);
    const CutLines plain = applied({}, ground).lines;
    const NodePlace first{0, 0};
    const std::vector<CutLines> edited{
        bumped(plain),
        with_nodes_deleted(plain, {{0, 1}, {0, 2}}),
        with_corner_nodes(plain, {{0, 2}}),
        broken_at(plain, {0, 3}),
        broken_at(broken_at(plain, {0, 3}), {0, 2}),
        with_ends_joined(broken_at(bumped(plain), first), {0, 0}, {0, bumped(plain)[0].path.segments.size()}, 0.5),
        CutLines(plain.begin(), plain.begin() + 1),
        [&] {
            CutLines more = bumped(plain);
            more.push_back(drawn_line({{0, 0}, {5, 4}, {10, 0}, {15, 4}}, true, 0.05));
            return more;
        }()};
    for (const Transform& map : {Transform::scale(0.25, 0.25), Transform::scale(-0.25, 0.25).then(Transform::turn(0.6)),
                                 Transform::scale(0.1, 0.1).then(Transform::shift({3, -8}))})
        for (std::size_t i = 0; i < edited.size(); ++i) {
            const DerivedLine on = derived(2, map);
            const HandResult again = applied(recorded(edited[i], on, {}, {}), on);
            EXPECT_TRUE(again.does_not_apply.empty()) << i;
            EXPECT_EQ(again.lines.size(), edited[i].size()) << i;
            EXPECT_LT(apart(again.lines, edited[i]), 1e-3) << i;
            EXPECT_LT(apart(edited[i], again.lines), 1e-3) << i;
            const auto open = [](const CutLines& lines) {
                return std::count_if(lines.begin(), lines.end(), [](const CutLine& l) { return l.is_open; });
            };
            EXPECT_EQ(open(again.lines), open(edited[i])) << i;
        }
}

TEST(HandWork, ABumpMovesAlongWithAnotherWidth) {
    const DerivedLine before = derived(2);
    const HandWork work = recorded(bumped(applied({}, before).lines), before, {}, {});
    ASSERT_EQ(work.stretches.size(), 1u);
    for (const double width : {0.0, 0.8, 3.0, 5.0}) {
        const DerivedLine after = derived(width);
        const HandResult result = applied(work, after);
        ASSERT_TRUE(result.does_not_apply.empty()) << width;
        // The bump's tip stands 3 mm out of the new line where it stood out of the old one.
        const CutLines plain = applied({}, after).lines;
        double tip = 0;
        for (const Point p : flatten_line(result.lines[0].path, 0.01))
            tip = std::max(tip, nearest_place(plain, p)->distance);
        EXPECT_NEAR(tip, 3 * std::cos(0.2), 0.1) << width;
        // Elsewhere it is the derived line.
        const double added = area(closed_lines(result.lines)) - area(after.line);
        EXPECT_GT(added, 2) << width;
        EXPECT_LT(added, 60) << width;
        EXPECT_LT(nearest_place(result.lines, bounds(after.line).min)->distance -
                      nearest_place(plain, bounds(after.line).min)->distance,
                  1e-6);
    }
}

TEST(HandWork, FollowsTheArtToAnotherSizeAndTurn) {
    const Outline& outline = art();
    const DerivedLine before = derived(2);
    const HandWork work = recorded(bumped(applied({}, before).lines), before, {}, {});
    const Transform map = Transform::scale(-1.6, 1.6).then(Transform::turn(1)); // mirrored, larger, turned
    const Outline large = transformed(outline, map);
    const DerivedLine after{border(large, {.reach = 3.2}).line, large, 3.2, before.from_picture.then(map)};
    const HandResult result = applied(work, after);
    ASSERT_TRUE(result.does_not_apply.empty());
    EXPECT_NEAR(area(closed_lines(result.lines)), area(closed_lines(bumped(applied({}, before).lines))) * 1.6 * 1.6,
                0.5);
}

TEST(HandWork, WhatFindsNoPlaceIsListedAndCanBeHeldAsItWas) {
    // A dent beside the hole, and then the hole is gone.
    const DerivedLine before = derived(1);
    CutLines lines = applied({}, before).lines;
    const NodePlace node = node_near(lines, {40, 24.5});
    ASSERT_EQ(node.line, 1u);
    lines = with_nodes_moved(std::move(lines), {node}, {0, 2});
    const HandWork work = recorded(lines, before, {}, {});
    DerivedLine without = before;
    without.line.contours.pop_back();
    without.art.contours.pop_back();
    const HandResult lost = applied(work, without);
    ASSERT_EQ(lost.does_not_apply, std::vector<std::size_t>{0});
    EXPECT_EQ(closed_lines(lost.lines), without.line);
    // Other work done meanwhile keeps it.
    const HandWork more = recorded(bumped(lost.lines), without, work, lost.does_not_apply);
    EXPECT_EQ(more.stretches.size(), 2u);
    EXPECT_EQ(applied(more, before).does_not_apply.size(), 0u);
    EXPECT_TRUE(without_stretches(work, lost.does_not_apply).empty());
    const HandResult held = applied(held_as_they_were(work, lost.does_not_apply), without);
    EXPECT_TRUE(held.does_not_apply.empty());
    const Point dent = node_at(lines[1], node.node);
    EXPECT_LT(nearest_place(held.lines, dent)->distance, 1e-6);
}

TEST(HandWork, ALineLeftOutStaysOutAtEveryWidth) {
    const DerivedLine before = derived(1);
    CutLines lines = applied({}, before).lines;
    lines.erase(lines.begin() + 1);
    const HandWork work = recorded(lines, before, {}, {});
    for (const double width : {0.0, 2.0, 4.0}) {
        const HandResult result = applied(work, derived(width));
        EXPECT_EQ(result.lines.size(), 1u);
        EXPECT_EQ(result.left_out.contours.size(), 1u);
        EXPECT_GT(area(closed_lines(result.lines)), 1499);
    }
}

TEST(CutLine, NodesAndHandlesDoAsTheyAreTold) {
    CutLines lines{{contour_of({{0, 0}, {0, 10}, {10, 10}, {10, 0}}), false, -1, {0, 0, 0, 0}}};
    lines = with_smooth_nodes(lines, {{0, 1}});
    EXPECT_TRUE(is_smooth(lines[0], 1));
    const Point behind = *handle_at(lines[0], 1, HandleSide::behind);
    lines = with_handle_moved(lines, {0, 1}, HandleSide::before, {-4, 10});
    EXPECT_TRUE(is_smooth(lines[0], 1)); // the other handle turned along
    EXPECT_FALSE(*handle_at(lines[0], 1, HandleSide::behind) == behind);
    lines = with_corner_nodes(lines, {{0, 1}});
    EXPECT_FALSE(is_smooth(lines[0], 1));
    lines = with_segment_straight(with_segment_straight(lines, {0, 0}), {0, 1});
    EXPECT_NEAR(signed_area(lines[0].path), 100, 1e-9);
    EXPECT_FALSE(handle_at(lines[0], 1, HandleSide::behind));
    EXPECT_TRUE(handle_at(with_segment_curved(lines, {0, 1})[0], 1, HandleSide::behind));
    // A node put in and taken out again leaves the curve as it was.
    CutLines round{{transformed(art(), {}).contours[1], false, -1, std::vector<char>(60)}};
    round = with_smooth_nodes(round, {{0, 3}, {0, 4}});
    const CutLines more = with_node_inserted(round, {0, 3, 0.4, {}, 0});
    EXPECT_LT(apart(with_nodes_deleted(more, {{0, 4}}), round), 1e-2);
    // Left with no inside, a line goes.
    EXPECT_TRUE(with_nodes_deleted(lines, {{0, 0}, {0, 1}, {0, 2}}).empty());
    // Places that are not there change nothing.
    EXPECT_EQ(with_nodes_moved(lines, {{0, 9}, {4, 0}}, {1, 1}), lines);
    EXPECT_EQ(broken_at(lines, {7, 0}), lines);
}

TEST(CutLine, BreakingAndJoiningEnds) {
    const CutLines square{{contour_of({{0, 0}, {0, 10}, {10, 10}, {10, 0}}), false, -1, {0, 0, 0, 0}}};
    const CutLines open = broken_at(square, {0, 2});
    ASSERT_TRUE(open[0].is_open);
    EXPECT_EQ(open[0].node_count(), 5u);
    EXPECT_TRUE(is_end(open, {0, 0}));
    EXPECT_TRUE(is_end(open, {0, 4}));
    EXPECT_FALSE(is_end(open, {0, 2}));
    const CutLines two = broken_at(open, {0, 2});
    ASSERT_EQ(two.size(), 2u);
    for (const std::size_t a : {0u, 2u})
        for (const std::size_t b : {0u, 2u}) {
            const CutLines joined = with_ends_joined(two, {0, a}, {1, b}, 0.5);
            ASSERT_EQ(joined.size(), 1u);
            EXPECT_TRUE(joined[0].is_open);
        }
    const CutLines whole = with_ends_joined(open, {0, 0}, {0, 4}, 0.5);
    EXPECT_FALSE(whole[0].is_open);
    EXPECT_NEAR(signed_area(whole[0].path), 100, 1e-9);
    // Ends farther apart than the tolerance are joined by a straight segment, nearer ones become one node.
    CutLines gap = with_nodes_moved(open, {{0, 4}}, {2, 0});
    EXPECT_EQ(with_ends_joined(gap, {0, 0}, {0, 4}, 3)[0].path.segments.size(), 4u);
    EXPECT_EQ(with_ends_joined(gap, {0, 0}, {0, 4}, 1)[0].path.segments.size(), 5u);
}

TEST(CutLine, TheNearestPlaceIsThatOfAFullSearch) {
    const CutLines lines = applied({}, derived(2)).lines;
    for (const Point p : {Point{0, 0}, {40, 30}, {66, 20}, {41, 38}, {100, 90}}) {
        const auto place = nearest_place(lines, p);
        ASSERT_TRUE(place);
        EXPECT_NEAR(place->distance, nearest_on(flatten(derived(2).line, 0.0005), p).distance, 0.002);
        const CutLine& line = lines[place->line];
        EXPECT_EQ(point_on(node_at(line, place->segment), line.path.segments[place->segment], place->t), place->at);
    }
    EXPECT_FALSE(nearest_place({}, {1, 1}));
}

TEST(CutLine, PartsOfACurveLieOnIt) {
    const Point from{0, 0};
    const Segment curve = Segment::cubic_to({10, 0}, {10, 20}, {0, 20});
    const Segment part = part_of(from, curve, 0.25, 0.7);
    const Point start = point_on(from, curve, 0.25);
    for (const double t : {0.0, 0.3, 0.5, 1.0})
        EXPECT_LT(distance(point_on(start, part, t), point_on(from, curve, 0.25 + 0.45 * t)), 1e-12);
}

TEST(CutLine, AClosedStrokeRunsSmoothlyThroughItsStart) {
    std::vector<Point> round;
    for (int i = 0; i < 120; ++i)
        round.push_back({20 + 8 * std::cos(i * std::numbers::pi / 60), 20 - 8 * std::sin(i * std::numbers::pi / 60)});
    const CutLine line = drawn_line(round, false, 0.05);
    EXPECT_FALSE(line.is_open);
    EXPECT_NEAR(signed_area(line.path), std::numbers::pi * 64, 1);
    EXPECT_TRUE(is_smooth(line, 0));
}

TEST(HandWork, AClosedLineDrawnInAPieceIsAHoleAndElsewhereAPiece) {
    const DerivedLine ground = derived(2);
    const auto drawn = [&](Point middle, bool is_turned) {
        Polygon square{middle, middle + Point{0, 3}, middle + Point{3, 3}, middle + Point{3, 0}};
        if (is_turned)
            std::reverse(square.begin(), square.end());
        CutLines lines = applied({}, ground).lines;
        lines.push_back({contour_of(square), false, -1, {0, 0, 0, 0}});
        return area(closed_lines(applied(recorded(lines, ground, {}, {}), ground).lines)) - area(ground.line);
    };
    for (const bool is_turned : {false, true}) {
        EXPECT_NEAR(drawn({22, 25}, is_turned), -9, 1e-6);
        EXPECT_NEAR(drawn({90, 60}, is_turned), 9, 1e-6);
    }
}

TEST(CutLine, AStrokeOfTheHandBecomesASmoothLine) {
    std::vector<Point> stroke;
    for (int i = 0; i <= 200; ++i)
        stroke.push_back({i * 0.25, 6 * std::sin(i * 0.05) + (i % 2) * 0.02});
    const CutLine line = drawn_line(stroke, true, 0.1);
    EXPECT_LT(line.path.segments.size(), 20u);
    EXPECT_EQ(line.path.start, stroke.front());
    EXPECT_EQ(line.path.segments.back().end, stroke.back());
    for (const Point p : stroke)
        EXPECT_LT(nearest_place({line}, p)->distance, 0.2);
}

} // namespace
} // namespace fusuma
