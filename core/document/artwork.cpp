#include "core/document/artwork.h"

#include "core/geometry/units.h"

namespace fusuma {

namespace {

struct NaturalSize {
    Size operator()(const PictureArtwork& art) const {
        const double mm_per_px = mm_per_inch / art.picture->dpi;
        return {art.picture->pixels.width * mm_per_px, art.picture->pixels.height * mm_per_px};
    }
};

} // namespace

Size natural_size(const Artwork& artwork) {
    return std::visit(NaturalSize{}, artwork);
}

PrintArt original_art(const Artwork& artwork) {
    return std::visit(
        [](const PictureArtwork& art) {
            return PrintArt(
                std::shared_ptr<const Image>(art.picture, &art.picture->pixels)); // kept alive by the picture
        },
        artwork);
}

PixelPlace size_px(const Artwork& artwork) {
    return std::visit(
        [](const PictureArtwork& art) {
            return PixelPlace{art.picture->pixels.width, art.picture->pixels.height};
        },
        artwork);
}

std::optional<Rgb> colour_at(const Artwork& artwork, PixelPlace place) {
    const PixelPlace size = size_px(artwork);
    if (place.x < 0 || place.y < 0 || place.x >= size.x || place.y >= size.y)
        return std::nullopt;
    return std::visit(
        [&](const PictureArtwork& art) {
            const std::vector<std::uint8_t>& rgba = art.picture->pixels.rgba;
            const std::size_t at = 4 * (static_cast<std::size_t>(place.y) * static_cast<std::size_t>(size.x) +
                                        static_cast<std::size_t>(place.x));
            return Rgb{rgba[at], rgba[at + 1], rgba[at + 2]};
        },
        artwork);
}

const std::string& source_name(const Artwork& artwork) {
    return std::visit([](const PictureArtwork& art) -> const std::string& { return art.picture->file_name; }, artwork);
}

} // namespace fusuma
