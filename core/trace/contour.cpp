#include "core/trace/contour.h"

#include <algorithm>
#include <cstring>

namespace fusuma {

namespace {

/// The coverage with one empty pixel on every side, and a mark on every lattice edge already walked downwards.
class Lattice {
  public:
    Lattice(const Coverage& coverage, double level_value)
        : width(coverage.width + 2), height(coverage.height + 2), level(std::clamp(level_value, 0.5, 254.5)),
          least_inside(static_cast<std::uint8_t>(std::floor(level) + 1)),
          values(static_cast<std::size_t>(width) * static_cast<std::size_t>(height)), walked(values.size() / 8 + 1) {
        for (int y = 0; y < coverage.height; ++y)
            std::copy_n(coverage.row(y), coverage.width, values.begin() + index(1, y + 1));
    }

    Polygons contours() {
        Polygons found;
        for (int y = 1; y + 1 < height; ++y) {
            const std::uint8_t* row = values.data() + index(0, y);
            for (int x = 1; x < width; ++x) {
                x = skip_even_run(row, x);
                if (x < width && inside(row[x]) && !inside(row[x - 1]) && !is_walked(index(x, y)))
                    found.push_back(follow(index(x, y)));
            }
        }
        return found;
    }

  private:
    int width, height;
    double level;
    std::uint8_t least_inside;
    std::vector<std::uint8_t> values;
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

    [[nodiscard]] Point centre(std::ptrdiff_t i) const {
        return {static_cast<double>(i % width) - 0.5, static_cast<double>(i / width) - 0.5};
    }

    /// How far from the inner pixel's centre towards the outer one the edge lies, in pixels.
    [[nodiscard]] double crossing_at(std::ptrdiff_t in, std::ptrdiff_t out) const {
        const double vi = value(in), vo = value(out);
        const double linear = (vi - level) / (vi - vo);
        if (std::abs(level - 127.5) > 0.5)
            return linear;
        // A sharp edge runs from full to empty within a few pixels along this line. The partly covered pixels between
        // them add up to its exact place there, which interpolating two of them misses by up to 0.09 px.
        const std::ptrdiff_t step = out - in;
        std::ptrdiff_t full = in, empty = out;
        double covered = 0;
        for (int k = 0; value(full) < 255; ++k, full -= step) {
            if (k == 2 || value(full - step) < value(full))
                return linear;
            covered += value(full);
        }
        for (int k = 0; value(empty) > 0; ++k, empty += step) {
            if (k == 2 || value(empty + step) > value(empty))
                return linear;
            covered += value(empty);
        }
        return 0.5 + covered / 255 - static_cast<double>((in - full) / step);
    }

    [[nodiscard]] Point crossing(std::ptrdiff_t in, std::ptrdiff_t out) const {
        return lerp(centre(in), centre(out), crossing_at(in, out));
    }

    /// Walks with the inside on the left, from the lattice edge between `start` (inside) and the pixel left of it.
    Polygon follow(std::ptrdiff_t start) {
        // Directions as index steps: the step from inside to outside, and the walk's own step, a quarter turn from it.
        const std::ptrdiff_t down = width;
        const auto ahead_of = [down](std::ptrdiff_t right) {
            // right of the walk: -1 (left) -> walk down, +down -> walk right (+1), +1 -> up, -down -> left (-1)
            return right == -1 ? down : right == down ? 1 : right == 1 ? -down : std::ptrdiff_t{-1};
        };
        Polygon points;
        std::ptrdiff_t in = start;
        std::ptrdiff_t out = start - 1;
        do {
            points.push_back(crossing(in, out));
            if (out == in - 1)
                walked[static_cast<std::size_t>(in >> 3)] |= static_cast<std::uint8_t>(1U << (in & 7));
            const std::ptrdiff_t ahead = ahead_of(out - in);
            const bool near = inside_at(in + ahead);
            const bool far = inside_at(out + ahead);
            bool turn_right = far;
            if (far && !near) {
                const int sum = value(in) + value(out) + value(in + ahead) + value(out + ahead);
                turn_right = sum > 4 * level;
            }
            if (turn_right) {
                in = out + ahead;
            } else if (near) {
                in += ahead;
                out += ahead;
            } else {
                out = in + ahead;
            }
        } while (in != start || out != start - 1);
        return points;
    }
};

} // namespace

Polygons iso_contours(const Coverage& coverage, double level) {
    return Lattice(coverage, level).contours();
}

} // namespace fusuma
