#include "core/raster/continued.h"

#include "core/parallel.h"

#include <cmath>
#include <limits>

namespace fusuma {

namespace {

constexpr std::uint8_t solid_alpha = 255;
constexpr std::int16_t nowhere = std::numeric_limits<std::int16_t>::max();
constexpr int most_blur_px = 64;

std::size_t as_size(int value) {
    return static_cast<std::size_t>(value);
}

/// A grid of one value per pixel of the picture with its margin.
template <typename T> struct Grid {
    int width, height;
    std::vector<T> values;

    Grid(int w, int h, T value) : width(w), height(h), values(as_size(w) * as_size(h), value) {}
    [[nodiscard]] T* row(int y) { return values.data() + as_size(y) * as_size(width); }
    [[nodiscard]] const T* row(int y) const { return values.data() + as_size(y) * as_size(width); }
};

/// The picture's alpha; beyond its sides the nearest pixel's.
class Alpha {
  public:
    explicit Alpha(const Image& picture) : art(picture) {}
    [[nodiscard]] std::uint8_t at(int x, int y) const {
        return art.rgba[4 * (as_size(std::clamp(y, 0, art.height - 1)) * as_size(art.width) +
                             as_size(std::clamp(x, 0, art.width - 1))) +
                        3];
    }
    /// Does every pixel up to `around` pixels away have this alpha or more?
    [[nodiscard]] bool is_all(int x, int y, int around, std::uint8_t least) const {
        for (int v = y - around; v <= y + around; ++v)
            for (int u = x - around; u <= x + around; ++u)
                if (at(u, v) < least)
                    return false;
        return true;
    }

  private:
    const Image& art;
};

/// Which pixels lend their colour: solid ones a step inside the edge; where the art is too thin to have such, its
/// strongest.
Grid<std::uint8_t> sources(const Image& art, const Work& work) {
    const Alpha alpha(art);
    Grid<std::uint8_t> inside(art.width, art.height, 0);
    for_bands(art.height, work, [&](int first, int last) {
        for (int y = first; y < last; ++y) {
            std::uint8_t* row = inside.row(y);
            int run = 0; // pixels in a row, up to the one before, whose column of three is solid
            const auto column_is_solid = [&](int x) {
                return alpha.at(x, y) == solid_alpha && alpha.at(x, y - 1) == solid_alpha &&
                       alpha.at(x, y + 1) == solid_alpha;
            };
            run = column_is_solid(0) ? 2 : 0;
            for (int x = 0; x < art.width; ++x) {
                const int next = std::min(x + 1, art.width - 1);
                run = column_is_solid(next) ? run + 1 : 0;
                row[x] = run >= 3;
            }
        }
    });
    // Thin art: what has no such pixel within two steps.
    Grid<std::uint8_t> result = inside;
    for (const std::uint8_t least : {std::uint8_t{128}, std::uint8_t{1}}) {
        for_bands(art.height, work, [&](int first, int last) {
            for (int y = first; y < last; ++y)
                for (int x = 0; x < art.width; ++x) {
                    if (inside.row(y)[x] || alpha.at(x, y) < least)
                        continue;
                    bool is_near_inside = false;
                    for (int v = std::max(0, y - 2); v <= std::min(art.height - 1, y + 2) && !is_near_inside; ++v)
                        for (int u = std::max(0, x - 2); u <= std::min(art.width - 1, x + 2); ++u)
                            is_near_inside = is_near_inside || inside.row(v)[u];
                    result.row(y)[x] = !is_near_inside;
                }
        });
        if (std::find(result.values.begin(), result.values.end(), 1) != result.values.end())
            break;
    }
    return result;
}

/// Which pixels lie so deep in solid art that nothing needs to be carried under them. Those nearer to the edge get
/// their own colour once more, so that no hairline shows where the two pictures meet.
Grid<std::uint8_t> deep_inside(const Image& art, const Work& work) {
    constexpr int depth = 3;
    Grid<std::uint8_t> deep(art.width, art.height, 0);
    for_bands(art.width, work, [&](int first, int last) {
        std::vector<int> rows_solid(as_size(last - first));
        for (int y = 0; y < art.height; ++y) {
            const std::uint8_t* alpha = art.rgba.data() + 4 * as_size(y) * as_size(art.width) + 3;
            int run = 0;
            for (int x = std::max(0, first - depth); x < std::min(art.width, last + depth); ++x) {
                run = alpha[4 * as_size(x)] == solid_alpha ? run + 1 : 0;
                const int middle = x - depth;
                if (middle < first)
                    continue;
                int& rows = rows_solid[as_size(middle - first)];
                rows = run > 2 * depth ? rows + 1 : 0;
                if (rows > 2 * depth)
                    deep.row(y - depth)[middle] = 1;
            }
            for (int x = std::max(first, art.width - depth); x < last; ++x)
                rows_solid[as_size(x - first)] = 0;
        }
    });
    return deep;
}

/// For every pixel, how many rows below (above when negative) the nearest source of its column is.
Grid<std::int16_t> rows_to_source(const Grid<std::uint8_t>& source, int margin, int reach, const Work& work) {
    Grid<std::int16_t> rows(source.width + 2 * margin, source.height + 2 * margin, nowhere);
    for_bands(source.width, work, [&](int first, int last) {
        for (const int step : {1, -1}) {
            std::vector<int> away(as_size(last - first), reach + 1);
            for (int k = 0; k < rows.height; ++k) {
                const int y = step > 0 ? k : rows.height - 1 - k;
                const bool is_on_picture = y >= margin && y < margin + source.height;
                const std::uint8_t* is_source = is_on_picture ? source.row(y - margin) : nullptr;
                std::int16_t* row = rows.row(y) + margin;
                for (int x = first; x < last; ++x) {
                    int& far = away[as_size(x - first)];
                    far = is_source && is_source[x] ? 0 : std::min(far + 1, reach + 1);
                    if (far <= reach && far < std::abs(int{row[x]}))
                        row[x] = static_cast<std::int16_t>(-step * far);
                }
            }
        }
    });
    return rows;
}

/// Along one row: the column whose source is nearest to each pixel, by the lower envelope of parabolas.
class NearestInRow {
  public:
    explicit NearestInRow(int width) : columns(as_size(width)), from(as_size(width) + 1) {}

    void look_at(const std::int16_t* rows, int width) {
        count = 0;
        for (int x = 0; x < width; ++x) {
            if (rows[x] == nowhere)
                continue;
            if (rows[x] == 0 && x > 0 && x + 1 < width && rows[x - 1] == 0 && rows[x + 1] == 0)
                continue; // amid sources: nobody's nearest
            const double height = square(rows[x]) + square(x);
            double start = -1e9;
            while (count > 0) {
                const int other = columns[as_size(count - 1)];
                start = (height - square(rows[other]) - square(other)) / (2.0 * (x - other));
                if (start > from[as_size(count - 1)])
                    break;
                --count;
            }
            if (count == 0)
                start = -1e9;
            columns[as_size(count)] = x;
            from[as_size(count)] = start;
            ++count;
        }
        next = 0;
    }
    [[nodiscard]] bool empty() const { return count == 0; }
    /// To be asked from left to right.
    [[nodiscard]] int nearest_to(int x) {
        while (next + 1 < count && from[as_size(next + 1)] <= x)
            ++next;
        return columns[as_size(next)];
    }

  private:
    std::vector<int> columns;
    std::vector<double> from;
    int count = 0, next = 0;
    static double square(int v) { return static_cast<double>(v) * v; }
};

/// Colours summed from the top left over a tile and its surroundings, so that the mean of any box takes four look-ups.
class SummedTile {
  public:
    SummedTile(const Image& colours, int x, int y, int right, int bottom)
        : left(x), top(y), stride(as_size(right - x) + 1), sums(stride * (as_size(bottom - y) + 1)) {
        for (int v = top; v < bottom; ++v) {
            Sum running{};
            const std::uint8_t* pixel = colours.rgba.data() + 4 * (as_size(v) * as_size(colours.width) + as_size(left));
            const Sum* above = &sums[as_size(v - top) * stride + 1];
            Sum* here = &sums[(as_size(v - top) + 1) * stride + 1];
            for (int u = left; u < right; ++u, pixel += 4, ++above, ++here) {
                if (pixel[3]) {
                    for (std::size_t c = 0; c < 3; ++c)
                        running.part[c] += pixel[c];
                    ++running.part[3];
                }
                for (std::size_t c = 0; c < 4; ++c)
                    here->part[c] = above->part[c] + running.part[c];
            }
        }
        wide = right - left;
        high = bottom - top;
    }

    void mean(int x, int y, int around, std::uint8_t* rgb) const {
        const int l = std::max(0, x - around - left), r = std::min(wide, x + around + 1 - left);
        const int t = std::max(0, y - around - top), b = std::min(high, y + around + 1 - top);
        const Sum &tl = at(l, t), &tr = at(r, t), &bl = at(l, b), &br = at(r, b);
        const auto total = [&](std::size_t c) { return br.part[c] - tr.part[c] - bl.part[c] + tl.part[c]; };
        const std::uint32_t count = std::max(1u, total(3));
        for (std::size_t c = 0; c < 3; ++c)
            rgb[c] = static_cast<std::uint8_t>((total(c) + count / 2) / count);
    }

  private:
    struct Sum {
        std::uint32_t part[4];
    };
    int left, top, wide = 0, high = 0;
    std::size_t stride;
    std::vector<Sum> sums;

    [[nodiscard]] const Sum& at(int column, int row) const { return sums[as_size(row) * stride + as_size(column)]; }
};

/// Every solid pixel of `nearest` averaged over a box that reaches half as far as the pixel is from its source.
Image blended(const Image& nearest, const Grid<std::int16_t>& distance, int reach, const Work& work) {
    Image result(nearest.width, nearest.height);
    constexpr int tile = 64; // rows of a band; as wide
    const int around = std::min(most_blur_px, reach / 2 + 1);
    for_bands(nearest.height, work, [&](int first, int last) {
        for (int x = 0; x < nearest.width; x += tile) {
            const int right = std::min(x + tile, nearest.width);
            bool is_needed = false;
            for (int y = first; y < last && !is_needed; ++y)
                for (int u = x; u < right && !is_needed; ++u)
                    is_needed = distance.row(y)[u] > 0 && distance.row(y)[u] <= reach;
            if (!is_needed)
                continue;
            const SummedTile sums(nearest, std::max(0, x - around), std::max(0, first - around),
                                  std::min(nearest.width, right + around), std::min(nearest.height, last + around));
            for (int y = first; y < last; ++y)
                for (int u = x; u < right; ++u) {
                    const std::size_t at = 4 * (as_size(y) * as_size(nearest.width) + as_size(u));
                    const int far = distance.row(y)[u];
                    if (nearest.rgba[at + 3] == 0 || far > reach)
                        continue;
                    sums.mean(u, y, std::min(far / 2, most_blur_px), &result.rgba[at]);
                    result.rgba[at + 3] = solid_alpha;
                }
        }
    });
    return result;
}

} // namespace

Continued continued(const Image& art, int reach_px, const Work& work) {
    constexpr int inset = 3; // how far inside the edge the sources may lie
    const int reach = std::min(reach_px + inset, 10'000);
    const int farther = reach + std::min(most_blur_px, reach / 2) + 1; // what the averages at the rim look at
    Image nearest(art.width + 2 * reach_px, art.height + 2 * reach_px);
    if (art.empty())
        return {std::move(nearest), reach_px};
    const Grid<std::uint8_t> source = sources(art, work.part(0, 0.2));
    const Grid<std::uint8_t> deep = deep_inside(art, work.part(0.2, 0.3));
    Grid<std::int16_t> rows = rows_to_source(source, reach_px, farther, work.part(0.3, 0.4));
    for_bands(rows.height, work.part(0.4, 0.7), [&](int first, int last) {
        NearestInRow envelope(rows.width);
        std::vector<std::int16_t> distances(as_size(rows.width));
        for (int y = first; y < last; ++y) {
            std::int16_t* row = rows.row(y);
            envelope.look_at(row, rows.width);
            std::fill(distances.begin(), distances.end(), nowhere);
            const int art_y = y - reach_px;
            const bool is_on_picture = art_y >= 0 && art_y < art.height;
            for (int x = 0; x < rows.width && !envelope.empty(); ++x) {
                const int art_x = x - reach_px;
                if (is_on_picture && art_x >= 0 && art_x < art.width && deep.row(art_y)[art_x])
                    continue;
                const int column = row[x] == 0 ? x : envelope.nearest_to(x);
                const double far = std::hypot(x - column, row[column]);
                if (far > farther)
                    continue;
                distances[as_size(x)] = static_cast<std::int16_t>(std::max(1.0, std::floor(far)));
                const std::size_t from =
                    4 * (as_size(art_y + row[column]) * as_size(art.width) + as_size(column - reach_px));
                const std::size_t to = 4 * (as_size(y) * as_size(rows.width) + as_size(x));
                std::copy_n(&art.rgba[from], 3, &nearest.rgba[to]);
                nearest.rgba[to + 3] = solid_alpha;
            }
            std::copy(distances.begin(), distances.end(), row);
        }
    });
    return {blended(nearest, rows, reach, work.part(0.7, 1)), reach_px};
}

} // namespace fusuma
