#include "core/raster/packed_coverage.h"

#include "core/parallel.h"
#include "core/raster/runs.h"

#include <algorithm>
#include <numeric>

namespace fusuma {

namespace {

constexpr std::ptrdiff_t longest = 128; // values that one byte can announce

/// One row as runs of equal values, and the values between them.
void pack_row(const std::uint8_t* at, const std::uint8_t* end, std::vector<std::uint8_t>& out) {
    constexpr std::ptrdiff_t worth = 3; // values alike that take less as a run wherever they stand
    const auto run_at = [end](const std::uint8_t* from) { return run_end(from, std::min(from + longest, end)) - from; };
    while (at < end) {
        if (const std::ptrdiff_t run = run_at(at); run >= worth) {
            out.push_back(static_cast<std::uint8_t>(257 - run));
            out.push_back(*at);
            at += run;
            continue;
        }
        const std::uint8_t* next = at;
        while (next < end && next - at < longest && run_at(next) < worth)
            ++next;
        out.push_back(static_cast<std::uint8_t>(next - at - 1));
        out.insert(out.end(), at, next);
        at = next;
    }
}

void unpack_row(const std::uint8_t* packed, std::uint8_t* out, const std::uint8_t* end) {
    while (out < end) {
        const int announced = *packed++;
        if (announced < longest) {
            out = std::copy_n(packed, announced + 1, out);
            packed += announced + 1;
        } else {
            out = std::fill_n(out, 257 - announced, *packed++);
        }
    }
}

} // namespace

PackedCoverage::PackedCoverage(const Coverage& coverage, const Work& work)
    : across(coverage.width), down(coverage.height) {
    constexpr int band = 64;
    starts.resize(static_cast<std::size_t>(down) + 1);
    std::vector<std::vector<std::uint8_t>> bands(static_cast<std::size_t>((down + band - 1) / band));
    for_each_of(static_cast<int>(bands.size()), work, [&](int k) {
        std::vector<std::uint8_t>& its = bands[static_cast<std::size_t>(k)];
        for (int y = k * band; y < std::min(down, (k + 1) * band); ++y) {
            const std::size_t before = its.size();
            pack_row(coverage.row(y), coverage.row(y) + across, its);
            starts[static_cast<std::size_t>(y) + 1] = its.size() - before;
        }
    });
    std::partial_sum(starts.begin(), starts.end(), starts.begin());
    packed.reserve(starts.back());
    for (const std::vector<std::uint8_t>& its : bands)
        packed.insert(packed.end(), its.begin(), its.end());
}

Coverage PackedCoverage::rows(int first, int last, const Work& work) const {
    Coverage result(across, last - first);
    for_bands(last - first, work, [&](int from, int to) {
        for (int y = from; y < to; ++y)
            unpack_row(packed.data() + starts[static_cast<std::size_t>(first + y)], result.row(y),
                       result.row(y) + across);
    });
    return result;
}

} // namespace fusuma
