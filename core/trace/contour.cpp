#include "core/trace/contour.h"

#include "core/parallel.h"

#include <algorithm>
#include <array>
#include <cstring>
#include <memory>

namespace fusuma {

namespace {

constexpr double half_covered = 127.5;

/// The coverage with one empty pixel on every side, and a mark on every lattice edge already walked downwards.
class SampleLattice {
  public:
    SampleLattice(const Coverage& coverage, double level_value)
        : width(coverage.width + 2), height(coverage.height + 2), level(std::clamp(level_value, 0.5, 254.5)),
          least_inside(static_cast<std::uint8_t>(std::floor(level) + 1)),
          count(static_cast<std::size_t>(width) * static_cast<std::size_t>(height)),
          values(std::make_unique_for_overwrite<std::uint8_t[]>(count)), walked(count / 8 + 1) {
        std::fill_n(values.get(), width, std::uint8_t{0});
        std::fill_n(values.get() + index(0, height - 1), width, std::uint8_t{0});
        for_bands(coverage.height, {}, [&](int first, int last) {
            for (int y = first; y < last; ++y) {
                std::uint8_t* row = values.get() + index(0, y + 1);
                row[0] = row[width - 1] = 0;
                std::copy_n(coverage.row(y), coverage.width, row + 1);
            }
        });
    }

    void contours(const Work& work, const std::function<void(Polygon&&)>& found) {
        for (int y = 1; y + 1 < height; ++y) {
            if (y % 64 == 0)
                work.at(static_cast<double>(y) / height);
            const std::uint8_t* row = values.get() + index(0, y);
            for (int x = 1; x < width; ++x) {
                x = skip_even_run(row, x);
                if (x < width && inside(row[x]) && !inside(row[x - 1]) && !is_walked(index(x, y)))
                    found(follow(x, y));
            }
        }
    }

  private:
    int width, height;
    double level;
    std::uint8_t least_inside;
    std::size_t count;
    std::unique_ptr<std::uint8_t[]> values;
    std::vector<std::uint8_t> walked;

    [[nodiscard]] std::ptrdiff_t index(int x, int y) const { return static_cast<std::ptrdiff_t>(y) * width + x; }
    [[nodiscard]] bool inside(std::uint8_t v) const { return v >= least_inside; }
    [[nodiscard]] bool inside_at(std::ptrdiff_t i) const { return inside(value(i)); }
    [[nodiscard]] std::uint8_t value(std::ptrdiff_t i) const { return values[static_cast<std::size_t>(i)]; }
    [[nodiscard]] bool is_walked(std::ptrdiff_t i) const {
        return (walked[static_cast<std::size_t>(i >> 3)] >> (i & 7)) & 1;
    }

    /// Most of a picture is empty or full: step over eight equal pixels at a time.
    [[nodiscard]] int skip_even_run(const std::uint8_t* row, int x) const {
        while (x + 8 <= width) {
            std::uint64_t here = 0;
            std::uint64_t before = 0;
            std::memcpy(&here, row + x, 8);
            std::memcpy(&before, row + x - 1, 8);
            if (here != before)
                break;
            x += 8;
        }
        return x;
    }

    struct Crossing {
        double at = 0; ///< pixels from the inner pixel's centre towards the outer one
        bool sharp = false;
    };
    /// Where the edge lies between two pixels, one inside and one outside. Sharp edges are placed where half of a pixel
    /// is covered, whatever the level; `follow` moves them on from there.
    [[nodiscard]] Crossing crossing_at(std::ptrdiff_t in, std::ptrdiff_t out) const {
        const double vi = value(in), vo = value(out);
        const Crossing linear{(vi - level) / (vi - vo)};
        // A sharp edge runs from one even value to another, mostly from full to empty, within a few pixels along this
        // line. The partly covered pixels between them add up to its exact place there, which interpolating two of them
        // misses by up to 0.09 px.
        const std::ptrdiff_t step = out - in;
        const auto evens_out_at = [&](std::ptrdiff_t from, std::ptrdiff_t by, int limit) {
            constexpr int even = 2;
            for (int k = 0; value(from) != limit; ++k, from += by) {
                const int rise = std::abs(value(from + by) - limit) - std::abs(value(from) - limit);
                if (rise > 0 || k == 3)
                    return std::ptrdiff_t{-1};
                if (rise >= -even)
                    return from;
            }
            return from;
        };
        const std::ptrdiff_t full = evens_out_at(in, -step, 255), empty = evens_out_at(out, step, 0);
        if (full < 0 || empty < 0)
            return linear;
        const double most = value(full), least = value(empty);
        double covered = 0;
        for (std::ptrdiff_t i = full + step; i != empty; i += step)
            covered += (value(i) - least) / (most - least);
        const double back = static_cast<double>((in - full) / step); // whole pixels
        return {0.5 + covered - back, true};
    }

    /// How far beside a straight sharp edge its pixels are covered by the level: each sees the edge through its square,
    /// whose width along the edge's normal is a trapezoid. Outward when positive.
    [[nodiscard]] double beside_edge(Point direction) const {
        const double share = level / 255, less = std::min(share, 1 - share);
        const double wide = std::max(std::abs(direction.x), std::abs(direction.y));
        const double narrow = std::min(std::abs(direction.x), std::abs(direction.y));
        const double off =
            2 * less * wide >= narrow ? (0.5 - less) * wide : (wide + narrow) / 2 - std::sqrt(2 * less * wide * narrow);
        return share < 0.5 ? off : -off;
    }

    /// Moves the points on sharp edges from half covered to the level. The walk met their lattice lines in the order in
    /// which the level crosses them; neighbours that the half covered edge crosses the other way round change places.
    void move_to_level(Polygon& points, const std::vector<char>& sharp) const {
        const std::size_t n = points.size();
        if (level == half_covered || n < 8)
            return;
        const Polygon half = points;
        for (std::size_t i = 0; i < n; ++i) {
            if (!sharp[i])
                continue;
            const Point direction = unit(half[(i + 3) % n] - half[(i + n - 3) % n]);
            points[i] = points[i] + beside_edge(direction) * Point{-direction.y, direction.x};
        }
        for (std::size_t i = 0; i < n; ++i) {
            Point &here = points[i], &next = points[(i + 1) % n];
            const Point direction = half[(i + 4) % n] - half[(i + n - 3) % n];
            if (sharp[i] && sharp[(i + 1) % n] && dot(next - here, direction) < 0)
                std::swap(here, next);
        }
    }

    /// Walks with the inside on the left, from the lattice edge between the pixel (x, y), inside, and the one left of
    /// it.
    Polygon follow(int start_x, int start_y) {
        // The step from the inside pixel to the outside one, by quarter turns; the walk's own step is the next of them.
        static constexpr std::array<int, 4> step_x{-1, 0, 1, 0}, step_y{0, 1, 0, -1};
        const std::array<std::ptrdiff_t, 4> step{-1, width, 1, -width};
        Polygon points;
        std::vector<char> sharp;
        int x = start_x, y = start_y;
        std::size_t side = 0;
        std::ptrdiff_t in = index(x, y);
        do {
            const std::ptrdiff_t out = in + step[side];
            const Crossing crossing = crossing_at(in, out);
            points.push_back({x - 0.5 + crossing.at * step_x[side], y - 0.5 + crossing.at * step_y[side]});
            sharp.push_back(crossing.sharp);
            if (side == 0)
                walked[static_cast<std::size_t>(in >> 3)] |= static_cast<std::uint8_t>(1U << (in & 7));
            const std::size_t next_side = (side + 1) & 3;
            const std::ptrdiff_t ahead = step[next_side];
            const bool near = inside_at(in + ahead);
            const bool far = inside_at(out + ahead);
            bool turn_right = far;
            if (far && !near) {
                const int sum = value(in) + value(out) + value(in + ahead) + value(out + ahead);
                turn_right = sum > 4 * level;
            }
            if (turn_right) {
                x += step_x[side] + step_x[next_side];
                y += step_y[side] + step_y[next_side];
                in = out + ahead;
                side = (side + 3) & 3;
            } else if (near) {
                x += step_x[next_side];
                y += step_y[next_side];
                in += ahead;
            } else {
                side = next_side;
            }
        } while (x != start_x || y != start_y || side != 0);
        move_to_level(points, sharp);
        return points;
    }
};

} // namespace

void find_contours(const Coverage& coverage, double level, const Work& work,
                   const std::function<void(Polygon&&)>& found) {
    SampleLattice(coverage, level).contours(work, found);
}

Polygons iso_contours(const Coverage& coverage, double level) {
    Polygons contours;
    find_contours(coverage, level, {}, [&](Polygon&& contour) { contours.push_back(std::move(contour)); });
    return contours;
}

} // namespace fusuma
