#include "core/raster/runs.h"

#include <algorithm>
#include <vector>

namespace fusuma {

namespace {

/// Runs of an area's rows, joined to groups. Source: union by index with path halving (Tarjan and van Leeuwen 1984).
class JoinedRuns {
  public:
    static constexpr std::uint32_t outside = 0; ///< stands for all that lies beyond the picture

    std::uint32_t add(std::size_t first, std::size_t last) {
        runs.push_back({static_cast<std::uint32_t>(first), static_cast<std::uint32_t>(last),
                        static_cast<std::uint32_t>(runs.size())});
        return static_cast<std::uint32_t>(runs.size() - 1);
    }
    void join(std::uint32_t a, std::uint32_t b) {
        a = group_of(a);
        b = group_of(b);
        runs[std::max(a, b)].up = std::min(a, b);
    }
    std::uint32_t group_of(std::uint32_t run) {
        while (runs[run].up != run)
            run = runs[run].up = runs[runs[run].up].up;
        return run;
    }
    [[nodiscard]] std::uint32_t count() const { return static_cast<std::uint32_t>(runs.size()); }
    [[nodiscard]] std::size_t first(std::uint32_t run) const { return runs[run].first; }
    [[nodiscard]] std::size_t last(std::uint32_t run) const { return runs[run].last; }

  private:
    struct Run {
        std::uint32_t first = 0, last = 0; ///< columns
        std::uint32_t up = 0;              ///< one of the same group before it, or itself
    };
    std::vector<Run> runs{Run{}};
};

} // namespace

void keep_outer(std::span<std::uint8_t> area, int width, const Work& work) {
    if (area.empty())
        return;
    const auto columns = static_cast<std::size_t>(width), height = area.size() / columns;
    const auto row = [&](std::size_t y) { return area.subspan(y * columns, columns); };
    JoinedRuns runs;
    std::vector<std::uint32_t> starts; // of the rows' runs
    std::uint32_t before = runs.count();
    for (std::size_t y = 0; y < height; ++y) {
        work.at(static_cast<double>(y) / static_cast<double>(height));
        std::uint32_t above = before;
        const std::uint32_t above_end = before = runs.count();
        starts.push_back(before);
        for_runs_of(255, row(y), [&](std::size_t first, std::size_t last) {
            const std::uint32_t run = runs.add(first, last);
            if (y == 0 || y + 1 == height || first == 0 || last == columns)
                runs.join(run, JoinedRuns::outside);
            while (above < above_end && runs.last(above) <= first)
                ++above;
            for (std::uint32_t k = above; k < above_end && runs.first(k) < last; ++k)
                runs.join(run, k);
        });
    }
    starts.push_back(runs.count());
    for (std::size_t y = 0; y < height; ++y)
        for (std::uint32_t run = starts[y]; run < starts[y + 1]; ++run)
            if (runs.group_of(run) != JoinedRuns::outside)
                std::ranges::fill(row(y).subspan(runs.first(run), runs.last(run) - runs.first(run)), std::uint8_t{0});
}

} // namespace fusuma
