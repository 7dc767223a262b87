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

std::optional<Rgb> colour_at(const Artwork& artwork, double x, double y) {
    if (!(x >= 0 && x < 1 && y >= 0 && y < 1))
        return std::nullopt;
    return std::visit(
        [&](const PictureArtwork& art) {
            const Image& pixels = art.picture->pixels;
            const auto column = static_cast<std::size_t>(x * pixels.width);
            const auto line = static_cast<std::size_t>(y * pixels.height);
            const std::size_t at = 4 * (line * static_cast<std::size_t>(pixels.width) + column);
            return Rgb{pixels.rgba[at], pixels.rgba[at + 1], pixels.rgba[at + 2]};
        },
        artwork);
}

const std::string& source_name(const Artwork& artwork) {
    return std::visit([](const PictureArtwork& art) -> const std::string& { return art.picture->file_name; }, artwork);
}

} // namespace fusuma
