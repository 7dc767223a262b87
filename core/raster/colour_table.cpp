#include "core/raster/colour_table.h"

#include <algorithm>
#include <cmath>
#include <stdexcept>

namespace fusuma {

namespace {

constexpr int cells = ColourTable::nodes - 1;
constexpr int along_red = ColourTable::nodes * ColourTable::nodes, along_green = ColourTable::nodes,
              along_blue = 1; // values apart
constexpr int all_of_it = 4096;   // what shares are of

/// The nodes' values of a channel: closer in the dark, where screens' curves bend most.
const std::array<int, ColourTable::nodes>& positions() {
    static const auto all = [] {
        std::array<int, ColourTable::nodes> at{};
        for (int i = 0; i <= cells; ++i)
            at[static_cast<std::size_t>(i)] = static_cast<int>(std::lround(255 * std::pow(i / double(cells), 1.5)));
        return at;
    }();
    return all;
}

/// Where a channel's value lies: past which node, and how far, as a share of the cell.
struct Place {
    int node = 0, share = 0;
};
const Place& place_of(std::uint32_t value) {
    static const auto all = [] {
        std::array<Place, 256> places{};
        std::size_t node = 0;
        for (int v = 0; v < 256; ++v) {
            while (node + 2 < positions().size() && positions()[node + 1] <= v)
                ++node;
            const int from = positions()[node], to = positions()[node + 1];
            places[static_cast<std::size_t>(v)] = {static_cast<int>(node), (v - from) * all_of_it / (to - from)};
        }
        return places;
    }();
    return all[value];
}

std::uint32_t channel(std::uint32_t pixel, int shift) {
    return pixel >> shift & 0xff;
}

/// Colours divided by their opacity, and multiplied again.
std::uint32_t plain(std::uint32_t pixel) {
    const std::uint32_t alpha = pixel >> 24;
    std::uint32_t result = alpha << 24;
    for (const int shift : {16, 8, 0})
        result |= std::min(255U, (channel(pixel, shift) * 255 + alpha / 2) / alpha) << shift;
    return result;
}
std::uint32_t multiplied(std::uint32_t pixel) {
    const std::uint32_t alpha = pixel >> 24;
    std::uint32_t result = alpha << 24;
    for (const int shift : {16, 8, 0})
        result |= (channel(pixel, shift) * alpha + 127) / 255 << shift;
    return result;
}

} // namespace

ColourTable::ColourTable() {
    at.reserve(static_cast<std::size_t>(along_red) * nodes);
    const auto value = [](int position) { return static_cast<std::uint16_t>(position * 257); };
    for (const int red : positions())
        for (const int green : positions())
            for (const int blue : positions())
                at.push_back({value(red), value(green), value(blue)});
}

ColourTable::ColourTable(std::vector<Value> values) : at(std::move(values)) {
    if (at.size() != static_cast<std::size_t>(along_red) * nodes)
        throw std::invalid_argument("a colour table has a value for each of its nodes");
}

bool ColourTable::changes_nothing() const {
    constexpr int step = 257;
    const ColourTable same;
    return std::ranges::equal(at, same.at, [](const Value& a, const Value& b) {
        return std::ranges::equal(a, b, [](int x, int y) { return std::abs(x - y) <= step; });
    });
}

std::uint32_t ColourTable::shown(std::uint32_t pixel) const {
    const Place red = place_of(channel(pixel, 16)), green = place_of(channel(pixel, 8)),
                blue = place_of(channel(pixel, 0));
    // From the cell's lowest corner to its highest along the channel that is furthest in, then the next.
    std::array<std::pair<int, int>, 3> way{
        {{red.share, along_red}, {green.share, along_green}, {blue.share, along_blue}}};
    if (way[0].first < way[1].first)
        std::swap(way[0], way[1]);
    if (way[1].first < way[2].first)
        std::swap(way[1], way[2]);
    if (way[0].first < way[1].first)
        std::swap(way[0], way[1]);
    const Value* corner = &at[static_cast<std::size_t>(red.node * along_red + green.node * along_green + blue.node)];
    std::array<int, 3> sum{};
    int before = all_of_it;
    for (const auto& [share, step] : way) {
        for (std::size_t k = 0; k < 3; ++k)
            sum[k] += (before - share) * (*corner)[k];
        before = share;
        corner += step;
    }
    std::uint32_t result = pixel & 0xff000000;
    for (std::size_t k = 0; k < 3; ++k) {
        constexpr int step = all_of_it * 257; // of 255
        const int value = (sum[k] + before * (*corner)[k] + step / 2) / step;
        result |= static_cast<std::uint32_t>(value) << (16 - 8 * k);
    }
    return result;
}

void ColourTable::apply(std::span<std::uint32_t> pixels) const {
    std::uint32_t last = 0, last_shown = 0;
    for (std::uint32_t& pixel : pixels) {
        if (pixel != last) { // neighbours are mostly alike
            last = pixel;
            const std::uint32_t alpha = pixel >> 24;
            last_shown = alpha == 255 ? shown(pixel) : alpha == 0 ? 0 : multiplied(shown(plain(pixel)));
        }
        pixel = last_shown;
    }
}

} // namespace fusuma
