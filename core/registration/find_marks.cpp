#include "core/registration/find_marks.h"

#include "core/geometry/measure.h"

#include <algorithm>
#include <array>
#include <numbers>
#include <optional>

namespace fusuma {

namespace {

/// One kind of mark as it looks on the scan, in its pixels.
struct Look {
    MarkShape shape = MarkShape::dot;
    double radius = 0, line = 0;
    double ink = 0;   ///< px²
    double clear = 0; ///< px from its middle that are blank
    bool operator==(const Look&) const = default;
};

std::vector<Look> looks_of(const std::vector<Mark>& marks, double px_per_mm) {
    std::vector<Look> looks;
    for (Mark mark : marks) {
        mark.centre = {}; // alike wherever they lie
        const double least_clear = 1.3;
        const Look look{mark.shape, mark.radius * px_per_mm, mark.shape == MarkShape::dot ? 0 : mark.line * px_per_mm,
                        area(ink_of(mark)) * px_per_mm * px_per_mm,
                        std::max(least_clear * mark.radius, std::min(0.9 * mark.keep_clear, 2 * mark.radius)) *
                            px_per_mm};
        if (std::ranges::find(looks, look) == looks.end())
            looks.push_back(look);
    }
    return looks;
}

/// The scan with factor × factor pixels averaged into one.
struct SmallScan {
    int width = 0, height = 0, factor = 1;
    std::vector<std::uint8_t> grey;
};

SmallScan made_small(const Scan& scan, int factor) {
    SmallScan small{scan.width / factor, scan.height / factor, factor, {}};
    small.grey.resize(static_cast<std::size_t>(small.width) * static_cast<std::size_t>(small.height));
    const unsigned share = 65536u / static_cast<unsigned>(factor * factor);
    std::vector<std::uint16_t> sums(static_cast<std::size_t>(small.width * factor));
    for (int y = 0; y < small.height; ++y) {
        std::ranges::fill(sums, std::uint16_t{0});
        for (int k = 0; k < factor; ++k) {
            const std::uint8_t* row =
                scan.grey.data() + static_cast<std::size_t>(y * factor + k) * static_cast<std::size_t>(scan.width);
            for (std::size_t x = 0; x < sums.size(); ++x)
                sums[x] = static_cast<std::uint16_t>(sums[x] + row[x]);
        }
        std::uint8_t* out = small.grey.data() + static_cast<std::size_t>(y) * static_cast<std::size_t>(small.width);
        for (int x = 0; x < small.width; ++x) {
            unsigned sum = 0;
            for (int k = 0; k < factor; ++k)
                sum += sums[static_cast<std::size_t>(x * factor + k)];
            out[x] = static_cast<std::uint8_t>(std::min(255u, sum * share >> 16));
        }
    }
    return small;
}

/// The grey below which a place counts as ink, by tiles: a share of the paper's white round about.
class Threshold {
  public:
    Threshold(const SmallScan& small, int tile_px) : tile(tile_px) {
        columns = small.width / tile + 1;
        rows = small.height / tile + 1;
        std::vector<int> white(static_cast<std::size_t>(columns * rows));
        for (int r = 0; r < rows; ++r)
            for (int c = 0; c < columns; ++c)
                white[index(c, r)] = white_of(small, c, r);
        below.resize(white.size());
        for (int r = 0; r < rows; ++r)
            for (int c = 0; c < columns; ++c) {
                int most = 0;
                for (int v = std::max(0, r - 1); v <= std::min(rows - 1, r + 1); ++v)
                    for (int u = std::max(0, c - 1); u <= std::min(columns - 1, c + 1); ++u)
                        most = std::max(most, white[index(u, v)]);
                below[index(c, r)] = static_cast<std::uint8_t>(most * 11 / 20);
            }
    }
    [[nodiscard]] const std::uint8_t* row(int y) const { return &below[index(0, y / tile)]; }
    [[nodiscard]] int tile_px() const { return tile; }

  private:
    int tile, columns, rows;
    std::vector<std::uint8_t> below;

    [[nodiscard]] std::size_t index(int c, int r) const { return static_cast<std::size_t>(r * columns + c); }
    /// Brighter than nine tenths of a tile.
    [[nodiscard]] int white_of(const SmallScan& small, int c, int r) const {
        std::array<int, 256> counts{};
        int all = 0;
        for (int y = r * tile; y < std::min(small.height, (r + 1) * tile); y += 2)
            for (int x = c * tile; x < std::min(small.width, (c + 1) * tile); x += 2, ++all)
                ++counts[small.grey[static_cast<std::size_t>(y) * static_cast<std::size_t>(small.width) +
                                    static_cast<std::size_t>(x)]];
        int grey = 255;
        for (int seen = 0; grey > 0 && (seen += counts[static_cast<std::size_t>(grey)]) * 10 < all; --grey)
            ;
        return grey;
    }
};

/// A connected patch of ink on the small picture.
struct Patch {
    int left = 1 << 30, right = -1, top = 1 << 30, bottom = -1;
    double ink = 0, x = 0, y = 0;

    void take(const Patch& other) {
        left = std::min(left, other.left);
        right = std::max(right, other.right);
        top = std::min(top, other.top);
        bottom = std::max(bottom, other.bottom);
        ink += other.ink;
        x += other.x;
        y += other.y;
    }
};

/// Patches of ink, joined along and across rows by the runs they are made of.
std::vector<Patch> patches_of(const SmallScan& small, const Threshold& threshold) {
    struct Run {
        int from, to, patch;
    };
    std::vector<Patch> patches;
    std::vector<int> parent;
    const auto root = [&](int i) {
        while (parent[static_cast<std::size_t>(i)] != i)
            i = parent[static_cast<std::size_t>(i)] =
                parent[static_cast<std::size_t>(parent[static_cast<std::size_t>(i)])];
        return i;
    };
    std::vector<Run> above, runs;
    for (int y = 0; y < small.height; ++y) {
        const std::uint8_t* grey =
            small.grey.data() + static_cast<std::size_t>(y) * static_cast<std::size_t>(small.width);
        const std::uint8_t* below = threshold.row(y);
        runs.clear();
        for (int x = 0; x < small.width;) {
            if (grey[x] >= below[x / threshold.tile_px()]) {
                ++x;
                continue;
            }
            const int from = x;
            while (x < small.width && grey[x] < below[x / threshold.tile_px()])
                ++x;
            runs.push_back({from, x, -1});
        }
        std::size_t k = 0;
        for (Run& run : runs) {
            while (k < above.size() && above[k].to < run.from)
                ++k;
            for (std::size_t j = k; j < above.size() && above[j].from <= run.to; ++j) {
                const int other = root(above[j].patch);
                if (run.patch < 0) {
                    run.patch = other;
                } else if (const int mine = root(run.patch); mine != other) {
                    parent[static_cast<std::size_t>(other)] = mine;
                    patches[static_cast<std::size_t>(mine)].take(patches[static_cast<std::size_t>(other)]);
                }
            }
            if (run.patch < 0) {
                run.patch = static_cast<int>(patches.size());
                patches.emplace_back();
                parent.push_back(run.patch);
            }
            const double count = run.to - run.from;
            patches[static_cast<std::size_t>(root(run.patch))].take(
                {run.from, run.to, y, y + 1, count, count * (run.from + run.to) / 2, count * (y + 0.5)});
        }
        above.swap(runs);
    }
    std::vector<Patch> whole;
    for (std::size_t i = 0; i < patches.size(); ++i)
        if (parent[i] == static_cast<int>(i))
            whole.push_back(patches[i]);
    return whole;
}

/// A patch of about a mark's size may be one.
bool may_be(const Patch& patch, const Look& look, int factor, double tolerance) {
    const double side = 2 * look.radius / factor, slack = side * (tolerance + 0.1) + 2;
    const auto is_about = [&](int px) { return std::abs(px - side) <= slack; };
    return is_about(patch.right - patch.left) && is_about(patch.bottom - patch.top);
}

/// One spot, looked at closely on the whole scan.
class Close {
  public:
    Close(const Scan& s, const Look& l) : scan(s), look(l) {}

    /// @param guess  px
    std::optional<Spot> look_at(Point guess, double tolerance) {
        if (!find_greys(guess))
            return std::nullopt;
        Point centre = guess;
        double ink = 0;
        for (int round = 0; round < 3; ++round) {
            Point sum;
            ink = 0;
            visit(centre, 1.25 * look.radius, [&](Point p, double share) {
                ink += share;
                sum = sum + share * p;
            });
            if (ink < look.ink / 2)
                return std::nullopt;
            centre = (1 / ink) * sum;
        }
        const double size = std::sqrt(ink / look.ink);
        if (std::abs(size - 1) > tolerance || !is_blank_round(centre) || !is_even(centre, ink) ||
            !is_hollow(centre))
            return std::nullopt;
        Spot spot{scan.origin + (1 / scan.px_per_mm) * centre, look.radius * size / scan.px_per_mm};
        if (look.shape != MarkShape::cross) {
            spot.out_of_round = out_of_round(centre, size * look.radius);
            constexpr double most = 0.045; // smudges and cut-off dots are beyond it
            if (spot.out_of_round > most)
                return std::nullopt;
        }
        return spot;
    }

  private:
    const Scan& scan;
    const Look& look;
    double white = 255, black = 0;

    [[nodiscard]] double grey(int x, int y) const {
        if (x < 0 || y < 0 || x >= scan.width || y >= scan.height)
            return white;
        return scan
            .grey[static_cast<std::size_t>(y) * static_cast<std::size_t>(scan.width) + static_cast<std::size_t>(x)];
    }
    [[nodiscard]] double share(double value) const {
        constexpr double quiet = 0.12; // paper grain is no ink
        const double s = std::clamp((white - value) / (white - black), 0.0, 1.0);
        return s < quiet ? 0 : s;
    }
    /// Every pixel within a radius: its middle and its share of ink.
    template <typename Use> void visit(Point centre, double radius, Use&& use) const {
        const int r = static_cast<int>(std::ceil(radius));
        const int cx = static_cast<int>(std::floor(centre.x)), cy = static_cast<int>(std::floor(centre.y));
        for (int y = cy - r; y <= cy + r; ++y)
            for (int x = cx - r; x <= cx + r; ++x) {
                const Point p{x + 0.5, y + 0.5};
                if (dot(p - centre, p - centre) <= radius * radius)
                    use(p, share(grey(x, y)));
            }
    }
    /// White by the ring round it, black by the darkest tenth inside; false when they hardly differ.
    bool find_greys(Point guess) {
        std::vector<double> ring, inside;
        const double outer = look.clear;
        visit(guess, outer, [&](Point p, double) {
            const double far = distance(p, guess), value = grey(static_cast<int>(p.x), static_cast<int>(p.y));
            if (far > 1.2 * look.radius)
                ring.push_back(value);
            else if (far < look.radius)
                inside.push_back(value);
        });
        if (ring.empty() || inside.empty())
            return false;
        const auto at = [](std::vector<double>& values, double part) {
            const auto k = static_cast<std::ptrdiff_t>(part * static_cast<double>(values.size() - 1));
            std::nth_element(values.begin(), values.begin() + k, values.end());
            return values[static_cast<std::size_t>(k)];
        };
        white = at(ring, 0.5);
        black = at(inside, look.shape == MarkShape::dot ? 0.3 : 0.05);
        constexpr double least_contrast = 50;
        return white - black >= least_contrast;
    }
    [[nodiscard]] bool is_blank_round(Point centre) const {
        double ink = 0, all = 0;
        visit(centre, look.clear, [&](Point p, double s) {
            if (distance(p, centre) > 1.2 * look.radius) {
                all += 1;
                ink += s > 0.3 ? 1 : 0;
            }
        });
        constexpr double most = 0.02;
        return ink <= most * all;
    }
    /// A ring is blank inside; other marks need not be.
    [[nodiscard]] bool is_hollow(Point centre) const {
        const double inside = look.radius - look.line;
        if (look.shape != MarkShape::ring || inside < 2)
            return true;
        double ink = 0, all = 0;
        visit(centre, 0.5 * inside, [&](Point, double s) {
            all += 1;
            ink += s;
        });
        constexpr double most = 0.3;
        return ink <= most * all;
    }
    /// The same weight of ink on every side.
    [[nodiscard]] bool is_even(Point centre, double ink) const {
        std::array<double, 4> quarters{};
        visit(centre, 1.25 * look.radius,
              [&](Point p, double s) { quarters[(p.x < centre.x ? 0u : 1u) + (p.y < centre.y ? 0u : 2u)] += s; });
        constexpr double most = 0.2;
        return std::ranges::all_of(quarters, [&](double q) { return std::abs(4 * q / ink - 1) < most; });
    }
    [[nodiscard]] double smooth(Point p) const {
        const double fx = p.x - 0.5, fy = p.y - 0.5;
        const int x = static_cast<int>(std::floor(fx)), y = static_cast<int>(std::floor(fy));
        const double u = fx - x, v = fy - y;
        return (1 - v) * ((1 - u) * grey(x, y) + u * grey(x + 1, y)) +
               v * ((1 - u) * grey(x, y + 1) + u * grey(x + 1, y + 1));
    }
    [[nodiscard]] double out_of_round(Point centre, double radius) const {
        constexpr int rays = 48;
        const double middle = (white + black) / 2;
        std::array<double, rays> edge{};
        double mean = 0;
        for (int i = 0; i < rays; ++i) {
            const double angle = 2 * std::numbers::pi * i / rays;
            const Point way{std::cos(angle), std::sin(angle)};
            double at = 1.45 * radius;
            for (; at > 0.5 * radius && smooth(centre + at * way) > middle; at -= 0.5)
                ;
            const double inner = smooth(centre + at * way), outer = smooth(centre + (at + 0.5) * way);
            edge[static_cast<std::size_t>(i)] = at + (outer > inner ? 0.5 * (middle - inner) / (outer - inner) : 0);
            mean += edge[static_cast<std::size_t>(i)] / rays;
        }
        double squares = 0;
        for (const double r : edge)
            squares += (r - mean) * (r - mean);
        return std::sqrt(squares / rays) / mean;
    }
};

} // namespace

std::vector<Spot> find_spots(const Scan& scan, const std::vector<Mark>& marks, double tolerance) {
    std::vector<Spot> spots;
    for (const Look& look : looks_of(marks, scan.px_per_mm)) {
        // As small as a mark stays six pixels in radius and its lines two wide.
        int factor = std::clamp(static_cast<int>(look.radius / 6), 1, 16);
        if (look.line > 0)
            factor = std::clamp(static_cast<int>(look.line / 2), 1, factor);
        if (scan.width < 4 * factor || scan.height < 4 * factor)
            continue;
        const SmallScan small = made_small(scan, factor);
        const Threshold threshold(small, std::max(8, static_cast<int>(6 * look.radius / factor)));
        Close close(scan, look);
        for (const Patch& patch : patches_of(small, threshold))
            if (may_be(patch, look, factor, tolerance))
                if (const auto spot = close.look_at(factor * (1 / patch.ink) * Point{patch.x, patch.y}, tolerance))
                    spots.push_back(*spot);
    }
    return spots;
}

} // namespace fusuma
