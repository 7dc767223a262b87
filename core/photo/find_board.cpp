#include "core/photo/find_board.h"

#include "core/photo/fit_view.h"
#include "core/raster/opencv_border.h"

#include <opencv2/imgproc.hpp>

#include <algorithm>
#include <cstdio>
#include <map>
#include <numbers>
#include <numeric>

namespace fusuma {

namespace {

/// Something that looks like a mark: a dark ring round a lighter hole.
struct RingSeen {
    Point at; ///< px
    /// From a step in the picture to one in radii: what the circle has become is a circle again.
    std::array<double, 4> to_radii{};
    double radius = 0; ///< px, the middle of its two
    bool has_core = false;

    [[nodiscard]] double radii_to(Point other) const {
        const Point d = other - at;
        return norm({to_radii[0] * d.x + to_radii[1] * d.y, to_radii[2] * d.x + to_radii[3] * d.y});
    }
};

std::optional<cv::RotatedRect> round_shape(const std::vector<cv::Point>& contour) {
    constexpr std::size_t least_points = 10;
    if (contour.size() < least_points)
        return std::nullopt;
    const cv::RotatedRect e = cv::fitEllipseDirect(contour);
    const double a = e.size.width / 2, b = e.size.height / 2;
    if (!(a > 2 && b > 2) || !(std::max(a, b) < 2.6 * std::min(a, b)))
        return std::nullopt;
    // Contours run along the middles of their outermost pixels: half a pixel inside.
    const double area = cv::contourArea(contour), want = std::numbers::pi * a * b;
    return std::abs(area / want - 1) < 0.12 ? std::optional(e) : std::nullopt;
}

void find_rings_at(const cv::Mat& grey, int window, double factor, std::vector<RingSeen>& into) {
    cv::Mat mean, dark;
    cv::boxFilter(grey, mean, CV_8U, {window, window}, {-1, -1}, true, edge_goes_on);
    cv::compare(grey, mean * 0.84, dark, cv::CMP_LT);
    std::vector<std::vector<cv::Point>> contours;
    std::vector<cv::Vec4i> tree;
    cv::findContours(dark, contours, tree, cv::RETR_CCOMP, cv::CHAIN_APPROX_NONE);
    constexpr double least_px = 4; // radius
    for (std::size_t i = 0; i < contours.size(); ++i) {
        if (tree[i][3] >= 0 || tree[i][2] < 0 || contours[i].size() < 24)
            continue; // a hole, or without one
        const auto outer = round_shape(contours[i]);
        if (!outer || std::min(outer->size.width, outer->size.height) < 2 * least_px)
            continue;
        const double r = std::sqrt(double(outer->size.width) * outer->size.height) / 2;
        for (int h = tree[i][2]; h >= 0; h = tree[static_cast<std::size_t>(h)][0]) {
            const auto& hole = contours[static_cast<std::size_t>(h)];
            const auto inner = round_shape(hole);
            if (!inner)
                continue;
            const double ri = std::sqrt(double(inner->size.width) * inner->size.height) / 2;
            const double off = std::hypot(inner->center.x - outer->center.x, inner->center.y - outer->center.y);
            if (std::abs(ri / r - BoardRing::inner / BoardRing::outer) > 0.17 || off > 0.2 * r)
                continue;
            RingSeen ring;
            ring.at = {(outer->center.x + 0.5) * factor, (outer->center.y + 0.5) * factor};
            ring.radius = r * factor;
            const double turn = outer->angle * std::numbers::pi / 180;
            const double a = outer->size.width / 2 * factor, b = outer->size.height / 2 * factor;
            ring.to_radii = {std::cos(turn) / a, std::sin(turn) / a, -std::sin(turn) / b, std::cos(turn) / b};
            // Its middle beside the ring and the gap between them.
            const auto value = [&](double radii) {
                double sum = 0;
                constexpr int places = 8;
                for (int k = 0; k < places; ++k) {
                    const double angle = 2 * std::numbers::pi * k / places;
                    const double u = radii * outer->size.width / 2 * std::cos(angle),
                                 v = radii * outer->size.height / 2 * std::sin(angle);
                    const int x =
                        static_cast<int>(std::lround(outer->center.x + u * std::cos(turn) - v * std::sin(turn)));
                    const int y =
                        static_cast<int>(std::lround(outer->center.y + u * std::sin(turn) + v * std::cos(turn)));
                    sum += grey.at<std::uint8_t>(std::clamp(y, 0, grey.rows - 1), std::clamp(x, 0, grey.cols - 1));
                }
                return sum / places;
            };
            const double black = value(0.82), gap = value(0.48), middle = value(0.08);
            ring.has_core = middle < (black + gap) / 2;
            into.push_back(ring);
            break;
        }
    }
}

std::vector<RingSeen> find_rings(const GreyPicture& photo, double most_px) {
    const cv::Mat whole(photo.height, photo.width, CV_8U, const_cast<std::uint8_t*>(photo.values.data()));
    const double factor = std::max(1.0, std::max(photo.width, photo.height) / most_px);
    cv::Mat grey;
    if (factor > 1)
        cv::resize(whole, grey, {}, 1 / factor, 1 / factor, cv::INTER_AREA);
    else
        grey = whole;
    const double scale = double(whole.cols) / grey.cols;
    std::vector<RingSeen> all;
    for (const int part : {18, 45, 90})
        find_rings_at(grey, std::max(15, std::max(grey.cols, grey.rows) / part) | 1, scale, all);
    std::vector<RingSeen> apart; // the same one was seen by several windows
    for (const RingSeen& ring : all)
        if (std::ranges::none_of(apart, [&](const RingSeen& o) { return o.radii_to(ring.at) < 1; }))
            apart.push_back(ring);
    return apart;
}

/// Rings that are neighbours in a row, in their order.
std::vector<std::vector<std::size_t>> rows_of(const std::vector<RingSeen>& rings) {
    const std::size_t n = rings.size();
    std::vector<std::vector<std::size_t>> beside(n);
    for (std::size_t i = 0; i < n; ++i) {
        std::vector<std::pair<double, std::size_t>> near;
        for (std::size_t j = 0; j < n; ++j) {
            if (i == j)
                continue;
            // A board's marks are 5.4 to 7.5 radii apart; the ellipse of a tilted circle is off by a little.
            const double mine = rings[i].radii_to(rings[j].at), its = rings[j].radii_to(rings[i].at);
            if (const double both = std::sqrt(mine * its); both > 4.6 && both < 8.6)
                near.emplace_back(std::abs(both - 6.4), j);
        }
        std::ranges::sort(near);
        for (std::size_t k = 0; k < std::min<std::size_t>(2, near.size()); ++k)
            beside[i].push_back(near[k].second);
    }
    for (std::size_t i = 0; i < n; ++i) // what both say
        std::erase_if(beside[i], [&](std::size_t j) { return std::ranges::find(beside[j], i) == beside[j].end(); });
    std::vector<std::vector<std::size_t>> rows;
    std::vector<bool> is_taken(n);
    const auto follow = [&](std::size_t from) {
        std::vector<std::size_t> row{from};
        is_taken[from] = true;
        for (bool goes_on = true; goes_on;) {
            goes_on = false;
            for (const std::size_t next : beside[row.back()])
                if (!is_taken[next]) {
                    is_taken[next] = true;
                    row.push_back(next);
                    goes_on = true;
                    break;
                }
        }
        rows.push_back(std::move(row));
    };
    for (std::size_t i = 0; i < n; ++i) // from the ends
        if (!is_taken[i] && beside[i].size() == 1)
            follow(i);
    for (std::size_t i = 0; i < n; ++i) // round
        if (!is_taken[i] && beside[i].size() == 2) {
            follow(i);
            auto& ring = rows.back();
            if (ring.size() > told_apart) // so that each part of it is read
                for (std::size_t k = 0; k + 1 < told_apart; ++k)
                    ring.push_back(ring[k]);
        }
    return rows;
}

/// Which mark of a board each ring is, by the row of their cores.
struct Reading {
    std::map<std::size_t, std::size_t> mark_of; ///< ring → mark
    std::size_t forward = 0, mirrored = 0;      ///< parts of rows that fit, and that would in a mirror
};

Reading read_rows(const Board& board, const std::vector<RingSeen>& rings,
                  const std::vector<std::vector<std::size_t>>& rows) {
    const std::size_t count = board.marks.size();
    const auto code = [&](auto&& sign) {
        unsigned value = 0;
        for (std::size_t k = 0; k < told_apart; ++k)
            value = value << 1 | static_cast<unsigned>(sign(k));
        return value;
    };
    std::map<unsigned, std::size_t> forward, backward;
    for (std::size_t from = 0; from < count; ++from) {
        forward[code([&](std::size_t k) { return board.marks[(from + k) % count].has_core; })] = from;
        backward[code([&](std::size_t k) { return board.marks[(from + told_apart - 1 - k) % count].has_core; })] = from;
    }
    Point middle{};
    for (const RingSeen& ring : rings)
        middle = middle + (1.0 / double(rings.size())) * ring.at;
    Reading reading;
    std::map<std::size_t, std::map<std::size_t, int>> votes;
    for (std::vector<std::size_t> row : rows) {
        double turns = 0;
        for (std::size_t k = 0; k + 1 < row.size(); ++k)
            turns += cross(rings[row[k]].at - middle, rings[row[k + 1]].at - middle);
        if (turns < 0) // read it clockwise
            std::ranges::reverse(row);
        for (std::size_t from = 0; from + told_apart <= row.size(); ++from) {
            const unsigned said = code([&](std::size_t k) { return rings[row[from + k]].has_core; });
            if (const auto it = forward.find(said); it != forward.end()) {
                ++reading.forward;
                for (std::size_t k = 0; k < told_apart; ++k)
                    ++votes[row[from + k]][(it->second + k) % count];
            }
            reading.mirrored += backward.contains(said);
        }
    }
    for (const auto& [ring, marks] : votes)
        reading.mark_of[ring] =
            std::ranges::max_element(marks, {}, [](const auto& vote) { return vote.second; })->first;
    return reading;
}

/// The view through what was read, by the rings' middles.
std::optional<View> rough_view(const Board& board, const std::vector<RingSeen>& rings, const Reading& reading,
                               const View& camera, bool tells_lens) {
    std::vector<Sighting> seen;
    for (const auto& [ring, mark] : reading.mark_of)
        seen.push_back({.px = rings[ring].at, .at = board.marks[mark].centre});
    if (seen.size() < 6)
        return std::nullopt;
    // Through the four that are farthest out each way, then through all.
    std::array<Point, 4> mm, px;
    constexpr Point ways[] = {{-1, -1}, {1, -1}, {1, 1}, {-1, 1}};
    for (std::size_t k = 0; k < 4; ++k) {
        const auto& far = *std::ranges::max_element(seen, {}, [&](const Sighting& s) { return dot(ways[k], s.at); });
        mm[k] = far.at;
        px[k] = far.px;
    }
    auto start = view_through(mm, px, camera);
    if (!start) {
        // They all lie along two sides: three corners and one between.
        for (const Sighting& s : seen)
            for (std::size_t k = 0; k < 4 && !start; ++k) {
                auto other_mm = mm, other_px = px;
                other_mm[k] = s.at;
                other_px[k] = s.px;
                start = view_through(other_mm, other_px, camera);
            }
        if (!start)
            return std::nullopt;
    }
    constexpr std::size_t enough = 14; // to tell how the lens bends, roughly
    const auto fitted = fit_view(*start, seen, tells_lens && seen.size() >= enough ? LensFit::k1 : LensFit::keep);
    return fitted ? std::optional(fitted->view) : std::nullopt;
}

/// The edges of the marks' rings.
struct MarkEdges {
    std::vector<Sighting> edges;
    std::vector<std::size_t> of_mark;
    std::vector<double> widths;
    std::vector<bool> seen;
};

MarkEdges edges_of_marks(const GreyPicture& photo, const Board& board, const View& view, double slack) {
    constexpr int ways = 20;
    MarkEdges all;
    all.seen.resize(board.marks.size());
    for (std::size_t m = 0; m < board.marks.size(); ++m) {
        const Point c = board.marks[m].centre;
        std::vector<Sighting> own;
        std::vector<double> widths;
        for (int k = 0; k < ways; ++k) {
            const double angle = 2 * std::numbers::pi * k / ways;
            const Point way{std::cos(angle), std::sin(angle)};
            const struct {
                double radius, inward, outward, swells;
                bool rises;
            } rings[] = {{BoardRing::outer, 0.65, 0.9, 1, true}, {BoardRing::inner, 0.6, 0.65, -1, false}};
            for (const auto& ring : rings) {
                const double stretch = ring.radius == BoardRing::outer ? slack : 1;
                const auto edge = edge_along(photo, view, c + (ring.radius - ring.inward) * way,
                                             c + (ring.radius + ring.outward * stretch) * way, ring.rises, 25);
                if (!edge)
                    continue;
                own.push_back({.px = edge->px,
                               .on = Sighting::On::circle,
                               .at = c,
                               .radius = ring.radius,
                               .swells = ring.swells});
                widths.push_back(edge->width);
            }
        }
        // A mark is seen when its ring is, nearly all round.
        if (own.size() < ways * 2 * 7 / 10)
            continue;
        const auto at = [&](double radius, double angle) {
            const auto px = view.to_photo(c + radius * Point{std::cos(angle), std::sin(angle)});
            return px ? photo.at(*px) : 255.0;
        };
        double black = 0, gap = 0;
        for (int k = 0; k < 8; ++k) {
            black += at((BoardRing::outer + BoardRing::inner) / 2, k) / 8;
            gap += at((BoardRing::inner + BoardRing::core) / 2, k) / 8;
        }
        const bool has_core = at(0, 0) < (black + gap) / 2;
        if (gap - black < 20 || has_core != board.marks[m].has_core)
            continue;
        all.seen[m] = true;
        for (std::size_t i = 0; i < own.size(); ++i) {
            all.edges.push_back(own[i]);
            all.of_mark.push_back(m);
            all.widths.push_back(widths[i]);
        }
    }
    return all;
}

} // namespace

KnownCamera known_camera(const Picture& picture) {
    KnownCamera camera;
    if (picture.camera.focal_35mm > 0)
        camera.focal_px = picture.camera.focal_35mm / 36 * std::max(picture.pixels.width(), picture.pixels.height());
    return camera;
}

std::vector<Board> usual_boards() {
    constexpr double inch = 25.4;
    return {board_on({210, 297}), board_on({8.5 * inch, 11 * inch}), board_on({297, 420}),
            board_on({12 * inch, 12 * inch})};
}

Result<FoundBoard> find_board(const GreyPicture& photo, const std::vector<Board>& boards, const KnownCamera& known,
                              const Work& work) {
    constexpr int least_side = 64;
    const Said what = "No photo board was found in the picture."_said;
    if (std::min(photo.width, photo.height) < least_side)
        return Problem{what, "The picture is too small for one."_said};
    if (std::max(photo.width, photo.height) > most_flattened_px)
        return Problem{"The picture has more than 32,000 pixels along a side."_said, "Save it smaller first."_said};
    View camera = blank_view(photo.size(), known.focal_px.value_or(usual_focal(photo.size())));
    if (known.lens)
        camera.lens = *known.lens;
    const Board* board = nullptr;
    Reading reading;
    std::vector<RingSeen> rings;
    std::size_t mirrored = 0;
    for (const double most_px : {2200.0, 5000.0}) {
        rings = find_rings(photo, most_px);
        work.at(most_px < 3000 ? 0.3 : 0.5);
        const auto rows = rows_of(rings);
        for (const Board& one : boards) {
            Reading its = read_rows(one, rings, rows);
            mirrored = std::max(mirrored, its.mirrored);
            if (its.forward > reading.forward) {
                reading = std::move(its);
                board = &one;
            }
        }
        if (board || std::max(photo.width, photo.height) <= 2200)
            break;
    }
    if (!board || mirrored > reading.forward) {
        if (mirrored > reading.forward)
            return Problem{"The picture is mirrored: its board's marks run the wrong way round."_said,
                           "Turn the camera's mirroring off, or mirror the picture back."_said};
        if (rings.size() >= told_apart / 2)
            return Problem{"Only a part of the photo board is in sight."_said,
                           "Take the picture with all its marks in it and none covered."_said};
        return Problem{
            what, "Lay the art on a printed board and take the whole board into the picture, sharp and large."_said};
    }
    FoundBoard found;
    found.board = *board;
    auto view = rough_view(*board, rings, reading, camera, !known.lens);
    if (!view)
        return Problem{"Too few of the board's marks are in sight."_said,
                       "Take the picture with all its marks in it."_said};
    // The edges are looked for where they should be; the better the view, the more of them are met.
    MarkEdges edges;
    std::optional<FittedView> fitted;
    for (int round = 0; round < 4; ++round) {
        work.at(0.5 + 0.12 * round);
        edges = edges_of_marks(photo, *board, *view, round == 0 ? 1.6 : 1);
        const LensFit lens = known.lens ? LensFit::keep : LensFit::both;
        fitted = fit_view(*view, edges.edges, lens);
        if (!fitted)
            return Problem{"The photo board's marks could not be placed."_said,
                           "Take the picture again, sharp and in even light."_said};
        view = fitted->view;
    }
    Rect reach;
    for (std::size_t m = 0; m < board->marks.size(); ++m)
        if (edges.seen[m]) {
            ++found.marks;
            reach.include(board->marks[m].centre);
        }
    found.seen = edges.seen;
    found.view = *view;
    found.residual = fitted->residual;
    found.px_per_mm = view->density({board->paper.width / 2, board->paper.height / 2});
    std::vector<double> widths = edges.widths;
    if (!widths.empty()) {
        std::ranges::nth_element(widths, widths.begin() + static_cast<std::ptrdiff_t>(widths.size() / 2));
        found.blur = widths[widths.size() / 2];
    }
    if (found.marks < std::max<std::size_t>(8, board->marks.size() * 2 / 5) ||
        reach.width() < 0.8 * (board->paper.width - 2 * board->marks[0].centre.x) ||
        reach.height() < 0.8 * (board->paper.height - 2 * board->marks[0].centre.y))
        return Problem{"Only {seen} of {all} of the board's marks are in sight."_said.with("seen", found.marks)
                           .with("all", board->marks.size()),
                       "Take the picture with all its marks in it and none covered."_said};
    constexpr double least_density = 2;
    if (found.px_per_mm < least_density)
        return Problem{
            "The picture is too small: {mm} mm of the board to a pixel."_said.with("mm", 1 / found.px_per_mm, 2),
            "Go nearer, so that the board fills the picture."_said};
    if (found.blur > 1.6)
        return Problem{"The picture is blurred: an edge is {mm} mm wide."_said.with("mm", found.blur, 2),
                       "Hold the camera still, in more light, and let it focus on the board."_said};
    constexpr double most_residual = 0.25;
    if (found.residual > most_residual)
        return Problem{"The board's marks are {mm} mm off where they should be."_said.with("mm", found.residual, 2),
                       "Lay the board flat and see that it was printed at actual size."_said};
    return found;
}

Flattening flattening_of(const FoundBoard& found) {
    Flattening flat;
    flat.by = FlatBy::board;
    flat.view = found.view;
    const Point corner = found.board.inside.min; // becomes the flat picture's
    for (std::size_t r = 0; r < 3; ++r)
        flat.view.plane[3 * r + 2] += flat.view.plane[3 * r] * corner.x + flat.view.plane[3 * r + 1] * corner.y;
    flat.size = {found.board.inside.width(), found.board.inside.height()};
    flat.px_per_mm = own_density(flat.view, flat.size);
    flat.residual = found.residual;
    return flat;
}

} // namespace fusuma
