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

const std::string& source_name(const Artwork& artwork) {
    return std::visit([](const PictureArtwork& art) -> const std::string& { return art.picture->file_name; }, artwork);
}

} // namespace fusuma
