#pragma once

#include <cstddef>
#include <cstdint>
#include <vector>

namespace fusuma {

/// Pixels in reading order, four bytes each: red, green, blue (sRGB) and straight, not premultiplied, alpha.
struct Image {
    int width = 0;
    int height = 0;
    std::vector<std::uint8_t> rgba;

    Image() = default;
    Image(int w, int h) : width(w), height(h), rgba(static_cast<std::size_t>(w) * static_cast<std::size_t>(h) * 4) {}

    [[nodiscard]] bool empty() const { return rgba.empty(); }
    [[nodiscard]] std::size_t pixels() const { return rgba.size() / 4; }
};

/// How much of each pixel belongs to the art: 0 nothing, 255 all of it. Pixel (x, y) covers [x, x+1) × [y, y+1).
struct Coverage {
    int width = 0;
    int height = 0;
    std::vector<std::uint8_t> values;

    Coverage() = default;
    Coverage(int w, int h) : width(w), height(h), values(static_cast<std::size_t>(w) * static_cast<std::size_t>(h)) {}

    [[nodiscard]] std::uint8_t* row(int y) { return values.data() + static_cast<std::size_t>(y) * stride(); }
    [[nodiscard]] const std::uint8_t* row(int y) const {
        return values.data() + static_cast<std::size_t>(y) * stride();
    }

  private:
    [[nodiscard]] std::size_t stride() const { return static_cast<std::size_t>(width); }
};

} // namespace fusuma
