#pragma once

#include "core/raster/pixel_bytes.h"
#include "core/work.h"

#include <cstddef>
#include <cstdint>
#include <vector>

namespace fusuma {

/// Pixels in reading order, four bytes each: red, green, blue (sRGB) and straight, not premultiplied, alpha.
struct Image {
    int width = 0;
    int height = 0;
    PixelBytes rgba;

    Image() = default;
    Image(int w, int h) : width(w), height(h), rgba(static_cast<std::size_t>(w) * static_cast<std::size_t>(h) * 4) {}

    /// With pixels that are all written to before they are read.
    [[nodiscard]] static Image unset(int w, int h) {
        Image image;
        image.width = w;
        image.height = h;
        image.rgba = PixelBytes::unset(static_cast<std::size_t>(w) * static_cast<std::size_t>(h) * 4);
        return image;
    }

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

/// A place in a picture, in pixels.
struct PixelPlace {
    int x = 0, y = 0;
    bool operator==(const PixelPlace&) const = default;
};

/// A part of a picture, in pixels. It may reach beyond the picture.
struct PixelBox {
    int x = 0, y = 0, width = 0, height = 0;
    bool operator==(const PixelBox&) const = default;
};

/// The part of the box that lies on the picture; at least one pixel when the picture has any.
[[nodiscard]] PixelBox on_picture(const PixelBox& box, int width, int height);

/// That part of the picture.
[[nodiscard]] Image cropped(const Image& image, const PixelBox& box);

/// The picture with every `factor` × `factor` pixels averaged into one, colours weighted by their alpha. Blocks at the
/// right and bottom may be incomplete. factor ≥ 1
[[nodiscard]] Image reduced(const Image& image, int factor, const Work& work = {});

} // namespace fusuma
