#include "core/photo/find_sheet.h"

#include "core/photo/fit_view.h"

#include <opencv2/imgproc.hpp>

#include <algorithm>
#include <numbers>

namespace fusuma {

namespace {

/// A straight line in the small picture: x·cos + y·sin = far.
struct Straight {
    double angle = 0, far = 0;
    double weight = 0; ///< px of it that are edges
    [[nodiscard]] Point normal() const { return {std::cos(angle), std::sin(angle)}; }
};

std::optional<Point> crossing(const Straight& a, const Straight& b) {
    const Point n = a.normal(), m = b.normal();
    const double det = cross(n, m);
    if (std::abs(det) < 0.05)
        return std::nullopt;
    return Point{(a.far * m.y - b.far * n.y) / det, (n.x * b.far - m.x * a.far) / det};
}

using Quad = std::array<Point, 4>; // clockwise on screen

/// What a small picture says of its edges.
struct EdgeMap {
    cv::Mat grey;
    cv::Mat edges; ///< 255 on edges
    cv::Mat slope; ///< CV_32FC2, towards what is lighter
    double factor = 1;
};

/// @param factor  by which it became smaller
cv::Mat small_grey(const GreyPicture& picture, double most_px, double* factor = nullptr) {
    const cv::Mat whole(picture.height, picture.width, CV_8U, const_cast<std::uint8_t*>(picture.values.data()));
    const double shrink = std::max(1.0, std::max(picture.width, picture.height) / most_px);
    cv::Mat grey;
    cv::resize(whole, grey, {}, 1 / shrink, 1 / shrink, cv::INTER_AREA);
    if (factor)
        *factor = double(whole.cols) / grey.cols;
    cv::GaussianBlur(grey, grey, {}, 1.2);
    return grey;
}

EdgeMap edge_map(const GreyPicture& photo, double most_px) {
    EdgeMap map;
    const cv::Mat grey = small_grey(photo, most_px, &map.factor);
    cv::Mat dx, dy;
    cv::Sobel(grey, dx, CV_16S, 1, 0);
    cv::Sobel(grey, dy, CV_16S, 0, 1);
    // Edges count by how steep they are beside the others: three in a hundred pixels are the steepest.
    cv::Mat fx, fy, size;
    dx.convertTo(fx, CV_32F);
    dy.convertTo(fy, CV_32F);
    cv::magnitude(fx, fy, size);
    std::vector<float> all(size.begin<float>(), size.end<float>());
    const auto high = all.begin() + static_cast<std::ptrdiff_t>(all.size() * 93 / 100);
    std::nth_element(all.begin(), high, all.end());
    const double strong = std::clamp(double(*high), 24.0, 160.0);
    cv::Canny(dx, dy, map.edges, strong * 0.5, strong, true);
    cv::merge(std::vector{fx, fy}, map.slope);
    map.grey = grey;
    return map;
}

/// The straightest lines, each with its neighbours taken out.
std::vector<Straight> straights_in(const EdgeMap& map) {
    std::vector<cv::Vec3f> found;
    const int least = std::max(map.edges.cols, map.edges.rows) / 12;
    cv::HoughLines(map.edges, found, 1, std::numbers::pi / 360, least);
    std::vector<Straight> lines;
    constexpr std::size_t most_lines = 28;
    for (const cv::Vec3f& f : found) {
        if (lines.size() >= most_lines)
            break;
        Straight line{f[1], f[0], f[2]};
        const bool is_known = std::ranges::any_of(lines, [&](const Straight& o) {
            double turn = std::remainder(line.angle - o.angle, 2 * std::numbers::pi), far = line.far;
            if (std::abs(turn) > std::numbers::pi / 2) { // the same line, seen from its other side
                turn = std::remainder(turn + std::numbers::pi, 2 * std::numbers::pi);
                far = -far;
            }
            return std::abs(turn) < 0.05 && std::abs(far - o.far) < 9;
        });
        if (!is_known)
            lines.push_back(line);
    }
    return lines;
}

/// The share of a quad's sides where an edge lies, the inside lighter or darker; the least of the four.
double support(const EdgeMap& map, const Quad& quad, bool is_lighter) {
    double least = 1;
    for (std::size_t k = 0; k < 4; ++k) {
        const Point a = quad[k], b = quad[(k + 1) % 4], way = unit(b - a), inward{-way.y, way.x};
        const int steps = std::max(8, static_cast<int>(distance(a, b) / 3));
        int held = 0, seen = 0;
        for (int i = 1; i < steps; ++i) {
            const Point at = lerp(a, b, double(i) / steps);
            bool is_in = false, is_edge = false;
            for (int off = -3; off <= 3 && !is_edge; ++off) {
                const int x = static_cast<int>(std::lround(at.x + off * inward.x)),
                          y = static_cast<int>(std::lround(at.y + off * inward.y));
                if (x < 0 || y < 0 || x >= map.edges.cols || y >= map.edges.rows)
                    continue;
                is_in = true;
                const auto s = map.slope.at<cv::Vec2f>(y, x);
                const double length = std::hypot(s[0], s[1]);
                is_edge = map.edges.at<std::uint8_t>(y, x) > 0 &&
                          (is_lighter ? 1 : -1) * (s[0] * inward.x + s[1] * inward.y) > 0.85 * length;
            }
            seen += is_in;
            // Not just a line: what lies on either side differs.
            const auto grey = [&](double off) {
                const int x = std::clamp(static_cast<int>(std::lround(at.x + off * inward.x)), 0, map.grey.cols - 1),
                          y = std::clamp(static_cast<int>(std::lround(at.y + off * inward.y)), 0, map.grey.rows - 1);
                return int(map.grey.at<std::uint8_t>(y, x));
            };
            constexpr int least_step = 8;
            held += is_edge && (is_lighter ? 1 : -1) * (grey(6) - grey(-6)) > least_step;
        }
        least = std::min(least, seen * 10 < steps * 8 ? 0.0 : double(held) / seen);
    }
    return least;
}

bool is_convex(const Quad& q) {
    for (std::size_t k = 0; k < 4; ++k)
        if (cross(q[(k + 1) % 4] - q[k], q[(k + 2) % 4] - q[(k + 1) % 4]) <= 0)
            return false;
    return true;
}

double area_of(const Quad& q) {
    double sum = 0;
    for (std::size_t k = 0; k < 4; ++k)
        sum += cross(q[k], q[(k + 1) % 4]) / 2;
    return sum;
}

/// Its first corner the one nearest to the picture's top left.
Quad from_top_left(Quad q) {
    const auto first = std::ranges::min_element(q, {}, [](Point p) { return p.x + p.y; });
    std::rotate(q.begin(), first, q.end());
    return q;
}

/// Width over height of the rectangle that a quad is a view of, as the camera's focal length tells; 0 when it is none.
/// Source: Zhang and He, Digital Signal Processing 17(2), 2007: the columns of a homography are as long as the sides.
double proportion(const Quad& quad, const View& camera) {
    const auto view = view_through({Point{0, 0}, Point{1, 0}, Point{1, 1}, Point{0, 1}}, quad, camera);
    if (!view)
        return 0;
    const auto& m = view->plane;
    const double right = std::sqrt(m[0] * m[0] + m[3] * m[3] + m[6] * m[6]),
                 down = std::sqrt(m[1] * m[1] + m[4] * m[4] + m[7] * m[7]);
    const double between = (m[0] * m[1] + m[3] * m[4] + m[6] * m[7]) / (right * down);
    return std::abs(between) < 0.25 ? right / down : 0; // at right angles, more or less
}

struct SheetSearch {
    Size size;
    double least_area, most_area; ///< shares of the picture
    double slack;                 ///< share by which the proportion may be off
    double rounded;               ///< mm at each corner that are not straight
    bool may_be_darker;           ///< than its ground
};

struct Candidate {
    Quad quad;
    double score = 0;
    Size size;
    bool is_lighter = true; ///< than its ground
};

/// Judges quads of one small picture and keeps those that may be what is looked for.
class Judging {
  public:
    Judging(const EdgeMap& edge_map, const View& from, const SheetSearch& search)
        : map(edge_map), camera(from), wanted(search) {}

    void look_at(Quad quad) {
        if (area_of(quad) < 0)
            std::ranges::reverse(quad);
        const double share = area_of(quad) / (double(map.edges.cols) * map.edges.rows);
        if (!(share > wanted.least_area && share < wanted.most_area) || !is_convex(quad))
            return;
        Quad in_photo = from_top_left(quad);
        for (Point& corner : in_photo)
            corner = map.factor * corner;
        const double is = proportion(in_photo, camera);
        if (!(is > 0))
            return;
        const double want = wanted.size.width / wanted.size.height;
        const double upright = std::abs(std::log(is / want)), sideways = std::abs(std::log(is * want));
        const double off = std::min(upright, sideways);
        if (!(off < wanted.slack))
            return;
        const Size size = upright <= sideways ? wanted.size : Size{wanted.size.height, wanted.size.width};
        for (const bool is_lighter : {true, false}) {
            if (!is_lighter && !wanted.may_be_darker)
                continue;
            // Well held, of the right proportion, and rather the larger of two.
            if (const double held = support(map, quad, is_lighter); held > 0.5)
                all.push_back({in_photo, held - 0.6 * off + 0.4 * std::sqrt(share), size, is_lighter});
        }
    }

    std::vector<Candidate> all;

  private:
    const EdgeMap& map;
    const View& camera;
    const SheetSearch& wanted;
};

/// Quads whose sides are four of the straightest lines.
void look_at_lines(const EdgeMap& map, Judging& judging) {
    const auto lines = straights_in(map);
    const std::size_t n = lines.size();
    const auto is_across = [&](std::size_t a, std::size_t b) { // more or less at right angles
        return std::abs(std::cos(lines[a].angle - lines[b].angle)) < 0.77;
    };
    for (std::size_t a = 0; a < n; ++a)
        for (std::size_t c = a + 1; c < n; ++c) {
            if (is_across(a, c))
                continue;
            for (std::size_t b = 0; b < n; ++b) {
                if (!is_across(a, b) || !is_across(c, b))
                    continue;
                for (std::size_t d = b + 1; d < n; ++d) {
                    if (!is_across(a, d) || !is_across(c, d) || is_across(b, d))
                        continue;
                    const auto p = crossing(lines[a], lines[b]), q = crossing(lines[b], lines[c]),
                               r = crossing(lines[c], lines[d]), s = crossing(lines[d], lines[a]);
                    if (p && q && r && s)
                        judging.look_at({*p, *q, *r, *s});
                }
            }
        }
}

/// The quad with its sides laid along a contour's points that are near them, away from its corners, which may be round.
std::optional<Quad> straightened_sides(const Quad& quad, const std::vector<cv::Point>& contour) {
    std::array<Straight, 4> sides;
    for (std::size_t k = 0; k < 4; ++k) {
        const Point a = quad[k], b = quad[(k + 1) % 4], way = unit(b - a);
        const double length = distance(a, b);
        std::vector<cv::Point2f> near;
        for (const cv::Point& c : contour) {
            const Point p = Point{double(c.x), double(c.y)} - a;
            const double along = dot(p, way) / length;
            if (along > 0.15 && along < 0.85 && std::abs(cross(way, p)) < 0.04 * length + 2)
                near.emplace_back(c);
        }
        if (near.size() < 8)
            return std::nullopt;
        cv::Vec4f line;
        cv::fitLine(near, line, cv::DIST_HUBER, 0, 0.01, 0.01);
        const Point normal{-line[1], line[0]};
        sides[k] = {std::atan2(normal.y, normal.x), dot(normal, {line[2], line[3]})};
    }
    Quad straight;
    for (std::size_t k = 0; k < 4; ++k) {
        const auto corner = crossing(sides[(k + 3) % 4], sides[k]);
        if (!corner)
            return std::nullopt;
        straight[k] = *corner;
    }
    return straight;
}

/// Quads round joined areas.
/// @param inside   255 in them
/// @param outward  px by which their edges lie outside of them
void look_at_areas(const cv::Mat& inside, double outward, Judging& judging) {
    cv::Mat labels, stats, middles;
    const int count = cv::connectedComponentsWithStats(inside, labels, stats, middles, 4);
    const double whole = double(inside.cols) * inside.rows;
    for (int i = 1; i < count; ++i) {
        if (stats.at<int>(i, cv::CC_STAT_AREA) < 0.002 * whole)
            continue;
        const cv::Rect box(stats.at<int>(i, cv::CC_STAT_LEFT), stats.at<int>(i, cv::CC_STAT_TOP),
                           stats.at<int>(i, cv::CC_STAT_WIDTH), stats.at<int>(i, cv::CC_STAT_HEIGHT));
        std::vector<std::vector<cv::Point>> contours;
        cv::findContours(labels(box) == i, contours, cv::RETR_EXTERNAL, cv::CHAIN_APPROX_NONE, box.tl());
        if (contours.empty())
            continue;
        std::vector<cv::Point> hull, few;
        cv::convexHull(contours.front(), hull);
        const double area = cv::contourArea(hull), round = cv::arcLength(hull, true);
        if (cv::contourArea(contours.front()) < 0.75 * area)
            continue;
        for (double slack = 0.01; slack < 0.09 && (few.empty() || few.size() > 4); slack += 0.01)
            cv::approxPolyDP(hull, few, slack * round, true);
        if (few.size() != 4 || cv::contourArea(few) < 0.85 * area)
            continue;
        Quad quad;
        for (std::size_t k = 0; k < 4; ++k)
            quad[k] = {double(few[k].x), double(few[k].y)};
        if (const auto straight = straightened_sides(quad, contours.front()))
            quad = *straight;
        const Point middle = 0.25 * (quad[0] + quad[1] + quad[2] + quad[3]);
        for (Point& corner : quad)
            corner = corner + outward * unit(corner - middle);
        judging.look_at(quad);
    }
}

std::vector<Candidate> candidates_in(const GreyPicture& photo, const GreyPicture& saturation, const View& camera,
                                     const SheetSearch& wanted, const Work& work) {
    std::vector<Candidate> all;
    for (const double most_px : {800.0, 1400.0}) {
        const EdgeMap map = edge_map(photo, most_px);
        Judging judging(map, camera, wanted);
        look_at_lines(map, judging);
        cv::Mat walls;
        cv::dilate(map.edges, walls, cv::getStructuringElement(cv::MORPH_RECT, {3, 3}));
        look_at_areas(255 - walls, 2, judging);
        // What is greyer than the rest, or more coloured: whole under a shadow, too.
        for (const cv::Mat& plane : {small_grey(saturation, most_px), map.grey}) {
            cv::Mat more;
            cv::threshold(plane, more, 0, 255, cv::THRESH_BINARY | cv::THRESH_OTSU);
            look_at_areas(more, 0.5, judging);
            look_at_areas(255 - more, 0.5, judging);
        }
        work.at(most_px < 1000 ? 0.15 : 0.35);
        all.insert(all.end(), judging.all.begin(), judging.all.end());
    }
    std::ranges::stable_sort(all, std::greater{}, &Candidate::score);
    return all;
}

/// Edges met all along the four sides.
std::vector<Sighting> sides_met(const GreyPicture& photo, const View& view, Size size, double rounded, double reach,
                                bool is_lighter) {
    constexpr int places = 48;
    const Point corner[] = {{0, 0}, {size.width, 0}, {size.width, size.height}, {0, size.height}};
    std::vector<Sighting> met;
    for (std::size_t k = 0; k < 4; ++k) {
        const Point a = corner[k], b = corner[(k + 1) % 4], way = unit(b - a), inward{-way.y, way.x};
        const double keep = std::max(rounded, 0.02 * distance(a, b));
        for (int i = 0; i <= places; ++i) {
            const Point at = a + (keep + (distance(a, b) - 2 * keep) * i / places) * way;
            if (const auto edge = edge_along(photo, view, at - reach * inward, at + reach * inward, is_lighter))
                met.push_back({.px = edge->px, .on = Sighting::On::line, .at = at, .across = inward});
        }
    }
    return met;
}

std::optional<FoundSheet> fitted_to(const GreyPicture& photo, const Candidate& from, const View& camera, bool has_lens,
                                    const SheetSearch& wanted) {
    const Point corner[] = {{0, 0}, {from.size.width, 0}, {from.size.width, from.size.height}, {0, from.size.height}};
    auto view = view_through({corner[0], corner[1], corner[2], corner[3]}, from.quad, camera);
    if (!view)
        return std::nullopt;
    const double longer = std::max(from.size.width, from.size.height);
    FoundSheet found;
    found.size = from.size;
    std::vector<Sighting> met;
    for (const double reach : {0.025, 0.012, 0.006, 0.006}) {
        met = sides_met(photo, *view, from.size, wanted.rounded, std::max(reach * longer, 1.0), from.is_lighter);
        const auto fitted = fit_view(*view, met, has_lens ? LensFit::keep : LensFit::k1);
        if (!fitted || fitted->used < met.size() / 2)
            return std::nullopt;
        view = fitted->view;
        found.residual = fitted->residual;
    }
    // On each side most of what was asked for must have been met.
    std::array<int, 4> held{};
    for (const Sighting& s : met) {
        const auto mm = view->to_plane(s.px);
        if (mm && std::abs(dot(s.across, *mm - s.at)) < 0.006 * longer)
            ++held[s.across.y > 0.5 ? 0 : s.across.x < -0.5 ? 1 : s.across.y < -0.5 ? 2 : 3];
    }
    if (std::ranges::min(held) < 14)
        return std::nullopt;
    found.view = *view;
    if (wanted.rounded > 0) { // its corners show the ground
        int round = 0;
        for (std::size_t k = 0; k < 4; ++k) {
            const Point inward = unit(0.5 * (corner[(k + 1) % 4] + corner[(k + 3) % 4]) - corner[k]);
            const Point diagonal{std::copysign(1, inward.x), std::copysign(1, inward.y)};
            const auto grey = [&](double mm) {
                const auto px = view->to_photo(corner[k] + mm * diagonal);
                return px ? photo.at(*px) : 0.0;
            };
            const double outside = grey(-1.2), inside = grey(2.6), at = grey(0.6);
            round += std::abs(at - outside) < 0.45 * std::abs(inside - outside);
        }
        if (round < 3)
            return std::nullopt;
    }
    return found;
}

Result<FoundSheet> find_sheet_like(const Image& image, const SheetSearch& wanted, const KnownCamera& known,
                                   const Problem& not_found, const Work& work) {
    const GreyPicture photo = grey_of(image, work.part(0, 0.05));
    if (std::min(photo.width, photo.height) < 64)
        return Problem{not_found.message, "The picture is too small."_said};
    if (std::max(photo.width, photo.height) > most_flattened_px)
        return Problem{"The picture has more than 32,000 pixels along a side."_said, "Save it smaller first."_said};
    View camera = blank_view(photo.size(), known.focal_px.value_or(usual_focal(photo.size())));
    if (known.lens)
        camera.lens = *known.lens;
    const auto candidates = candidates_in(photo, saturation_of(image), camera, wanted, work);
    constexpr std::size_t tries = 12;
    std::optional<FoundSheet> best;
    double best_score = 0;
    for (std::size_t i = 0; i < std::min(tries, candidates.size()); ++i) {
        work.at(0.4 + 0.05 * double(i));
        const auto found = fitted_to(photo, candidates[i], camera, known.lens.has_value(), wanted);
        if (!found)
            continue;
        const double off = found->residual / std::max(found->size.width, found->size.height);
        const double score = candidates[i].score - 60 * off;
        if (!best || score > best_score) {
            best = found;
            best_score = score;
        }
    }
    if (!best)
        return not_found;
    if (best->residual > 0.004 * std::max(best->size.width, best->size.height))
        return Problem{"Its edges are not straight: it does not lie flat."_said,
                       "Press it flat and take the picture again."_said};
    return *best;
}

} // namespace

Result<FoundSheet> find_paper(const Image& photo, Size size, const KnownCamera& camera, const Work& work) {
    return find_sheet_like(
        photo, {size, 0.12, 0.99, 0.12, 0, false}, camera,
        {"No sheet of such paper was found in the picture."_said,
         "Take all four of its edges into the picture, on a darker ground, or drag the corners."_said},
        work);
}

Result<FoundSheet> find_card(const Image& photo, const KnownCamera& camera, const Work& work) {
    return find_sheet_like(photo, {id_card, 0.004, 0.4, 0.08, 4, true}, camera,
                           {"No card was found in the picture."_said,
                            "Lay a light bank card beside the art, on a darker ground, all of it in the picture."_said},
                           work);
}

} // namespace fusuma
