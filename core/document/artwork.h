#pragma once

#include "core/geometry/point.h"
#include "core/raster/background.h"

#include <cstddef>
#include <memory>
#include <optional>
#include <string>
#include <variant>
#include <vector>

namespace fusuma {

/// A decoded picture file together with its original bytes, which are kept untouched.
struct Picture {
    std::string file_name; ///< without folder, e.g. "lantern.png"
    std::shared_ptr<const std::vector<std::byte>> original;
    Image pixels;
    double dpi = 300;           ///< across; down is taken to be the same after decoding
    bool dpi_is_stated = false; ///< false: the file carries no density and 300 is assumed
    int page = 0;               ///< of a document with pages, from 1, rendered at `dpi`; 0 for pictures
    std::string note;           ///< what people should know about how it was read, in one sentence; mostly empty
};

/// Artwork of the kind "picture". Two are the same when they share the same decoded file.
struct PictureArtwork {
    std::shared_ptr<const Picture> picture;
    bool operator==(const PictureArtwork&) const = default;
};

/// Artwork is a closed set of kinds. Code that needs to tell them apart uses std::visit, so that a new kind does not
/// compile until every place has decided about it.
using Artwork = std::variant<PictureArtwork>;

/// What of an artwork is printed: for pictures the pixels that are left once the background is taken away.
using PrintArt = std::variant<std::shared_ptr<const Image>>;

/// The artwork as it came, background and all. Shares its pixels.
[[nodiscard]] PrintArt original_art(const Artwork& artwork);

/// The artwork's colour at a pixel; nothing outside it.
[[nodiscard]] std::optional<Rgb> colour_at(const Artwork& artwork, PixelPlace place);

/// Width (x) and height (y) in pixels.
[[nodiscard]] PixelPlace size_px(const Artwork& artwork);

/// Size in mm that the artwork has by itself (its pixels at its density).
[[nodiscard]] Size natural_size(const Artwork& artwork);

/// The name of the file it came from.
[[nodiscard]] const std::string& source_name(const Artwork& artwork);

} // namespace fusuma
