#include "core/raster/colour_table.h"

#include <algorithm>
#include <cmath>
#include <stdexcept>

namespace fusuma {

namespace {

constexpr int table_cells = ColourTable::nodes - 1;
constexpr int along_red = ColourTable::nodes * ColourTable::nodes, along_green = ColourTable::nodes,
              along_blue = 1; // nodes apart

/// The nodes' values of a channel: closer in the dark, where screens' curves bend most.
std::array<int, ColourTable::nodes> positions() {
    std::array<int, ColourTable::nodes> all{};
    for (int i = 0; i <= table_cells; ++i)
        all[static_cast<std::size_t>(i)] = static_cast<int>(std::lround(255 * std::pow(i / double(table_cells), 1.5)));
    return all;
}

/// Where a channel's value lies: past which node, and how far of the way to the next.
struct TablePlace {
    int node = 0;
    float share = 0;
};
const std::array<TablePlace, 256> table_places = [] {
    const auto nodes = positions();
    std::array<TablePlace, 256> all{};
    std::size_t node = 0;
    for (int v = 0; v < 256; ++v) {
        while (node + 2 < nodes.size() && nodes[node + 1] <= v)
            ++node;
        const int from = nodes[node], to = nodes[node + 1];
        all[static_cast<std::size_t>(v)] = {static_cast<int>(node),
                                            static_cast<float>(v - from) / static_cast<float>(to - from)};
    }
    return all;
}();

/// From a cell's lowest corner to its highest along the channel that is furthest in, then the next: the corners on the
/// way, by whether red is at least green, green blue, and red blue.
constexpr std::array<std::array<int, 2>, 8> cell_ways{{
    {along_blue, along_blue + along_green}, // b > g > r
    {},                                     // cannot be
    {along_green, along_green + along_blue},
    {along_green, along_green + along_red},
    {along_blue, along_blue + along_red},
    {along_red, along_red + along_blue},
    {},
    {along_red, along_red + along_green},
}};

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
    const auto all = positions();
    for (const int red : all)
        for (const int green : all)
            for (const int blue : all)
                at.push_back({static_cast<float>(blue), static_cast<float>(green), static_cast<float>(red), 0});
}

ColourTable::ColourTable(const std::vector<Value>& values) {
    if (values.size() != static_cast<std::size_t>(along_red) * nodes)
        throw std::invalid_argument("a colour table has a value for each of its nodes");
    at.reserve(values.size());
    constexpr float step = 257; // of 0xffff to one of 255
    for (const auto& [red, green, blue] : values)
        at.push_back({blue / step, green / step, red / step, 0});
}

std::vector<ColourTable::Value> ColourTable::values() const {
    std::vector<Value> all;
    all.reserve(at.size());
    const auto value = [](float v) { return static_cast<std::uint16_t>(std::lround(v * 257)); };
    for (const auto& [blue, green, red, nothing] : at)
        all.push_back({value(red), value(green), value(blue)});
    return all;
}

bool ColourTable::changes_nothing() const {
    return std::ranges::equal(at, ColourTable().at, [](const Node& a, const Node& b) {
        return std::ranges::equal(a, b, [](float x, float y) { return std::abs(x - y) <= 1; });
    });
}

std::uint32_t ColourTable::shown(std::uint32_t pixel) const {
    const TablePlace &red = table_places[channel(pixel, 16)], &green = table_places[channel(pixel, 8)],
                     &blue = table_places[channel(pixel, 0)];
    const auto way = cell_ways[static_cast<std::size_t>(red.share >= green.share) * 4 |
                               static_cast<std::size_t>(green.share >= blue.share) * 2 |
                               static_cast<std::size_t>(red.share >= blue.share)];
    const float most = std::max(std::max(red.share, green.share), blue.share),
                least = std::min(std::min(red.share, green.share), blue.share),
                middle =
                    std::max(std::min(red.share, green.share), std::min(std::max(red.share, green.share), blue.share));
    const Node* corner = at.data() + red.node * along_red + green.node * along_green + blue.node * along_blue;
    const Node &first = corner[0], &second = corner[way[0]], &third = corner[way[1]],
               &last = corner[along_red + along_green + along_blue];
    std::array<int, 4> sum{};
    for (std::size_t k = 0; k < sum.size(); ++k)
        sum[k] = static_cast<int>(first[k] * (1 - most) + second[k] * (most - middle) + third[k] * (middle - least) +
                                  last[k] * least + 0.5F);
    return (pixel & 0xff000000) | static_cast<std::uint32_t>(sum[2] << 16 | sum[1] << 8 | sum[0]);
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
