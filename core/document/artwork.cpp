#include "core/document/artwork.h"

#include "core/document/cluster.h"
#include "core/units.h"

#include <cmath>

namespace fusuma {

namespace {

struct NaturalSize {
    Size operator()(const PictureArtwork& art) const {
        const double mm_per_px = mm_per_inch / art.picture->dpi;
        return {art.picture->pixels.width() * mm_per_px, art.picture->pixels.height() * mm_per_px};
    }
    Size operator()(const DrawingArtwork& art) const { return art.drawing->size; }
    Size operator()(const LabelArtwork& art) const { return size_of(*art.design, art.row); }
    Size operator()(const ClusterArtwork& art) const { return art.cluster->size; }
};

} // namespace

bool is_drawn(const Artwork& artwork) {
    return !std::holds_alternative<PictureArtwork>(artwork);
}

Size natural_size(const Artwork& artwork) {
    return std::visit(NaturalSize{}, artwork);
}

PixelPlace size_px(const Artwork& artwork) {
    if (const auto* art = std::get_if<PictureArtwork>(&artwork))
        return {art->picture->pixels.width(), art->picture->pixels.height()};
    const Size size = natural_size(artwork); // on the lattice already
    const int across = lattice_px(size.width);
    return {across, static_cast<int>(std::lround(size.height * across / size.width))};
}

std::shared_ptr<const void> identity_of(const PrintArt& art) {
    struct Identity {
        std::shared_ptr<const void> operator()(const Pixels& pixels) const { return pixels.identity(); }
        std::shared_ptr<const void> operator()(const std::shared_ptr<const DrawnArt>& drawn) const { return drawn; }
    };
    return std::visit(Identity{}, art);
}

std::optional<PrintArt> original_art(const Artwork& artwork) {
    if (const auto* art = std::get_if<PictureArtwork>(&artwork))
        return art->picture->pixels;
    return std::nullopt;
}

std::optional<Rgb> colour_at(const Artwork& artwork, PixelPlace place) {
    const auto* art = std::get_if<PictureArtwork>(&artwork);
    const PixelPlace size = size_px(artwork);
    if (!art || place.x < 0 || place.y < 0 || place.x >= size.x || place.y >= size.y)
        return std::nullopt;
    const auto image = art->picture->pixels.get();
    const std::size_t at =
        4 * (static_cast<std::size_t>(place.y) * static_cast<std::size_t>(size.x) + static_cast<std::size_t>(place.x));
    return Rgb{image->rgba[at], image->rgba[at + 1], image->rgba[at + 2]};
}

std::string source_name(const Artwork& artwork) {
    struct Name {
        std::string operator()(const PictureArtwork& art) const { return art.picture->file_name; }
        std::string operator()(const DrawingArtwork& art) const { return art.drawing->file_name; }
        std::string operator()(const LabelArtwork&) const { return "Label"; }
        std::string operator()(const ClusterArtwork&) const { return "Cluster"; }
    };
    return std::visit(Name{}, artwork);
}

} // namespace fusuma
