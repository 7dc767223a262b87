#include "core/sheet/paper.h"

#include "core/units.h"

#include <array>
#include <cstdio>

namespace fusuma {

std::span<const Paper> papers() {
    static constexpr std::array<Paper, 14> known{{
        {"a4", "A4", {210, 297}},
        {"letter", "Letter", {215.9, 279.4}}, // 8.5 × 11 in
        {"a3", "A3", {297, 420}},
        {"a5", "A5", {148, 210}},
        {"a6", "A6", {105, 148}},
        {"b5", "B5", {176, 250}},
        {"legal", "Legal", {215.9, 355.6}},     // 8.5 × 14 in
        {"tabloid", "Tabloid", {279.4, 431.8}}, // 11 × 17 in
        {"4x6", "4 × 6 in", {101.6, 152.4}},
        {"5x7", "5 × 7 in", {127, 177.8}},
        {"b4-jis", "B4 JIS", {257, 364}},
        {"b5-jis", "B5 JIS", {182, 257}}, // larger than B5
        {"hagaki", "Hagaki", {100, 148}}, // the postcard
        {"photo-l", "Photo L", {88.9, 127}},
    }};
    return known;
}

std::optional<Size> parse_paper(std::string_view text) {
    for (const Paper& paper : papers())
        if (text == paper.id || text == paper.name)
            return paper.size;
    const std::size_t by = text.find('x');
    if (by == std::string_view::npos)
        return std::nullopt;
    // A unit after the second number counts for both: 4x6in.
    const std::string_view second = text.substr(by + 1);
    const Unit bare = second.ends_with("in") || second.ends_with('"') ? Unit::inch
                      : second.ends_with("cm")                        ? Unit::cm
                                                                      : Unit::mm;
    const auto width = parse_length(text.substr(0, by), bare);
    const auto height = parse_length(second, bare);
    if (!width || !height || *width < 20 || *width > 2000 || *height < 20 || *height > 2000)
        return std::nullopt;
    return Size{*width, *height};
}

Said paper_name(Size size) {
    const auto near = [](Size a, Size b) {
        return std::abs(a.width - b.width) < 0.05 && std::abs(a.height - b.height) < 0.05;
    };
    for (const Paper& paper : papers()) {
        if (near(size, paper.size))
            return "{paper}, upright"_said.with("paper", std::string(paper.name));
        if (near(size, {paper.size.height, paper.size.width}))
            return "{paper}, sideways"_said.with("paper", std::string(paper.name));
    }
    const auto decimals = [](double mm) { return std::abs(mm - std::round(mm)) < 0.05 ? 0 : 1; };
    return "{width} × {height} mm"_said.with("width", size.width, decimals(size.width))
        .with("height", size.height, decimals(size.height));
}

} // namespace fusuma
