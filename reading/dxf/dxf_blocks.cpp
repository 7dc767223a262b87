#include "reading/dxf/dxf_blocks.h"

#include "core/geometry/outline.h"

#include <algorithm>
#include <cmath>

namespace fusuma {

namespace {

constexpr std::size_t most_lines = 100'000, most_segments = 2'000'000, most_inserts = 200'000;
constexpr int most_levels = 32;
constexpr double farthest_drawn = 1e8; // units; radii, ratios and knots can carry a line off, wherever its places lie

bool is_drawable(Point p) {
    return std::abs(p.x) <= farthest_drawn && std::abs(p.y) <= farthest_drawn; // false for NaN, too
}

class Inserter {
  public:
    Inserter(const DxfContent& all, DxfLines& found) : content(all), to(found) {}

    /// @param layer  of what is on layer 0
    bool insert(const DxfBlock& from, const Transform& map, const std::string& layer, int depth) {
        if (depth > most_levels || ++inserts > most_inserts)
            return false;
        for (const auto& [own, kind] : from.left_out)
            to.left_out.insert(is_seen(on(own, layer)) ? kind : DxfLeftOut::hidden);
        for (const DxfLine& line : from.lines) {
            const std::string& own = on(line.layer, layer);
            if (!is_seen(own)) {
                to.left_out.insert(DxfLeftOut::hidden);
                continue;
            }
            DxfLine seen{own, mapped_line(line.path, map), line.is_closed};
            segments += seen.path.segments.size();
            if (to.lines.size() >= most_lines || segments > most_segments || !lies_near(seen.path))
                return false;
            to.lines.push_back(std::move(seen));
        }
        return std::ranges::all_of(from.inserts,
                                   [&](const DxfInsert& one) { return insert_all(one, map, layer, depth); });
    }

  private:
    const DxfContent& content;
    DxfLines& to;
    std::size_t segments = 0, inserts = 0;

    static const std::string& on(const std::string& own, const std::string& of_the_insert) {
        return own == "0" ? of_the_insert : own;
    }
    [[nodiscard]] const DxfLayer* known(const std::string& layer) const {
        const auto found = content.layers.find(dxf_name(layer));
        return found == content.layers.end() ? nullptr : &found->second;
    }
    [[nodiscard]] bool is_seen(const std::string& layer) const {
        const DxfLayer* is = known(layer);
        return is == nullptr || !(is->is_off || is->is_frozen);
    }
    static bool lies_near(const Contour& path) {
        return is_drawable(path.start) && std::ranges::all_of(path.segments, [](const Segment& s) {
                   return is_drawable(s.end) && is_drawable(s.control1) && is_drawable(s.control2);
               });
    }
    bool insert_all(const DxfInsert& one, const Transform& map, const std::string& layer, int depth) {
        const auto block = content.blocks.find(one.block);
        if (block == content.blocks.end())
            return true;
        const std::string& own = on(one.layer, layer);
        if (const DxfLayer* is = known(own); is != nullptr && is->is_frozen) {
            to.left_out.insert(DxfLeftOut::hidden);
            return true;
        }
        const Transform about_base = Transform::shift({-block->second.base.x, -block->second.base.y}).then(one.map);
        for (int row = 0; row < one.rows; ++row)
            for (int column = 0; column < one.columns; ++column) {
                const Point step = one.column_step * column + one.row_step * row;
                if (!insert(block->second, about_base.then(Transform::shift(step)).then(map), own, depth + 1))
                    return false;
            }
        return true;
    }
};

} // namespace

std::string dxf_name(const std::string& name) {
    std::string small = name;
    for (char& c : small)
        c = c >= 'A' && c <= 'Z' ? static_cast<char>(c - 'A' + 'a') : c;
    return small;
}

bool insert_blocks(const DxfContent& content, const DxfBlock& from, DxfLines& to) {
    return Inserter(content, to).insert(from, {}, "0", 0);
}

} // namespace fusuma
