#include "core/photo/board.h"

#include "core/sheet/marks.h"

#include <algorithm>
#include <cstdint>
#include <numbers>
#include <set>

namespace fusuma {

namespace {

constexpr double mark_inset = 11;      // mm from the paper's edge to the middle of a mark
constexpr double quiet_zone = 4;       // mm of blank paper between marks and the inside
constexpr double mark_pitch = 26;      // mm, about, from mark to mark
constexpr std::size_t most_marks = 76; // marks on a board: of more no parts could all differ

/// A closed row of `count` signs in which no `told_apart` in a row come twice, nor backwards.
std::vector<bool> row_of_cores(std::size_t count) {
    for (std::uint32_t seed = 1;; ++seed) {
        std::uint32_t state = seed * 2654435761U;
        std::vector<bool> row(count);
        for (std::size_t i = 0; i < count; ++i) {
            state = state * 1664525U + 1013904223U; // Numerical Recipes' quick generator
            row[i] = state >> 31;
        }
        std::set<std::uint32_t> seen;
        bool is_fine = true;
        for (std::size_t from = 0; from < count && is_fine; ++from) {
            std::uint32_t forward = 0, backward = 0;
            for (std::size_t k = 0; k < told_apart; ++k) {
                forward = forward << 1 | row[(from + k) % count];
                backward = backward << 1 | row[(from + told_apart - 1 - k) % count];
            }
            is_fine = forward != backward && seen.insert(forward).second && seen.insert(backward).second;
        }
        if (is_fine)
            return row;
    }
}

} // namespace

bool can_be_board(Size paper) {
    constexpr double least = 90, most_both = 1030; // mm
    return std::min(paper.width, paper.height) >= least && paper.width + paper.height <= most_both;
}

Board board_on(Size paper) {
    Board board;
    board.paper = paper;
    const double clear = mark_inset + BoardRing::outer + quiet_zone;
    board.inside = {{clear, clear}, {paper.width - clear, paper.height - clear}};
    const double across = paper.width - 2 * mark_inset, down = paper.height - 2 * mark_inset;
    const double apart = std::max(mark_pitch, 2 * (across + down) / most_marks);
    const auto gaps = [&](double length) {
        return static_cast<std::size_t>(std::max(2L, std::lround(length / apart)));
    };
    const std::size_t columns = gaps(across), rows = gaps(down);
    const Point corner[] = {{mark_inset, mark_inset},
                            {mark_inset + across, mark_inset},
                            {mark_inset + across, mark_inset + down},
                            {mark_inset, mark_inset + down}};
    for (std::size_t side = 0; side < 4; ++side) {
        const std::size_t count = side % 2 == 0 ? columns : rows;
        for (std::size_t k = 0; k < count; ++k)
            board.marks.push_back({lerp(corner[side], corner[(side + 1) % 4], double(k) / double(count))});
    }
    const auto cores = row_of_cores(board.marks.size());
    for (std::size_t i = 0; i < cores.size(); ++i)
        board.marks[i].has_core = cores[i];
    return board;
}

Outline ink_of(const Board::Mark& mark) {
    Outline ink = ink_of(Mark{mark.centre, BoardRing::outer, 0, MarkShape::ring, BoardRing::outer - BoardRing::inner});
    if (mark.has_core)
        for (Contour& core : ink_of(Mark{mark.centre, BoardRing::core, 0, MarkShape::dot}).contours)
            ink.contours.push_back(std::move(core));
    return ink;
}

std::vector<Polygon> drawn_by_pen(const Board::Mark& mark, double pen) {
    std::vector<Polygon> lines;
    const auto fill = [&](double from, double to) {
        const double first = from > 0 ? from + pen / 2 : pen / 2, last = to - pen / 2;
        const int circles = std::max(1, static_cast<int>(std::ceil((last - first) / (0.8 * pen)))) + 1;
        for (int c = 0; c < circles; ++c) {
            const double radius = first + (last - first) * c / (circles - 1);
            const int corners = std::max(12, static_cast<int>(radius * 24));
            Polygon& line = lines.emplace_back();
            for (int k = 0; k <= corners; ++k) {
                const double angle = 2 * std::numbers::pi * k / corners;
                line.push_back(mark.centre + radius * Point{std::cos(angle), std::sin(angle)});
            }
        }
    };
    fill(BoardRing::inner, BoardRing::outer);
    if (mark.has_core)
        fill(0, BoardRing::core);
    return lines;
}

} // namespace fusuma
