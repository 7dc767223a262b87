#pragma once

#include "core/drawing/parts.h"
#include "core/geometry/point.h"
#include "core/label/label.h"
#include "core/raster/background.h"
#include "core/raster/picture.h"

#include <memory>
#include <optional>
#include <string>
#include <variant>

namespace fusuma {

/// Artwork of the kind "picture". Two are the same when they share the same decoded file.
struct PictureArtwork {
    std::shared_ptr<const Picture> picture;
    bool operator==(const PictureArtwork&) const = default;
};

/// A layered drawing with what a person made of its parts.
struct DrawingArtwork {
    std::shared_ptr<const Drawing> drawing;
    std::shared_ptr<const Parts> parts;
    bool operator==(const DrawingArtwork&) const = default;
};

/// A label, or one of a list of labels.
struct LabelArtwork {
    std::shared_ptr<const LabelDesign> design;
    std::size_t row = 0; ///< of the design's table; a copy on the sheet says its own
    bool operator==(const LabelArtwork&) const = default;
};

struct Cluster;

/// Several stickers that became one (cluster.h).
struct ClusterArtwork {
    std::shared_ptr<const Cluster> cluster;
    bool operator==(const ClusterArtwork&) const = default;
};

/// Artwork is a closed set of kinds. Code that needs to tell them apart uses std::visit, so that a new kind does not
/// compile until every place has decided about it.
using Artwork = std::variant<PictureArtwork, DrawingArtwork, LabelArtwork, ClusterArtwork>;

/// Is it made of curves, so that there is no background to take away and no outline to trace?
[[nodiscard]] bool is_drawn(const Artwork& artwork);

/// What of an artwork is printed: for pictures the pixels that are left once the background is taken away.
using PrintArt = std::variant<Pixels, std::shared_ptr<const DrawnArt>>;

/// What tells it from others, for as long as it is there.
[[nodiscard]] std::shared_ptr<const void> identity_of(const PrintArt& art);

/// The picture as it came, background and all; nothing for drawn artwork, which has to be worked out.
[[nodiscard]] std::optional<PrintArt> original_art(const Artwork& artwork);

/// The artwork's colour at a pixel; nothing outside it, or where there are no pixels.
[[nodiscard]] std::optional<Rgb> colour_at(const Artwork& artwork, PixelPlace place);

/// Width (x) and height (y) in pixels; of drawn artwork those of its lattice.
[[nodiscard]] PixelPlace size_px(const Artwork& artwork);

/// Size in mm that the artwork has by itself (its pixels at its density).
[[nodiscard]] Size natural_size(const Artwork& artwork);

/// The name of the file it came from, or what it is.
[[nodiscard]] std::string source_name(const Artwork& artwork);

} // namespace fusuma
