#include "core/raster/picture.h"

namespace fusuma {

std::shared_ptr<const Picture> laid_flat(const std::shared_ptr<const Picture>& photo, const Flattening& how) {
    const auto& source = as_it_came(photo);
    auto flat = std::make_shared<Picture>();
    flat->file_name = source->file_name;
    flat->original = source->original;
    flat->pixels = {how.width_px(), how.height_px(), [pixels = source->pixels, how](const Work& work) {
                        return std::make_shared<const Image>(flattened(*pixels.get(work), how, work));
                    }};
    flat->dpi = how.px_per_mm * mm_per_inch;
    flat->dpi_is_stated = true;
    flat->page = source->page;
    flat->note = source->note;
    flat->camera = source->camera;
    flat->flat = how;
    flat->photo = source;
    return flat;
}

} // namespace fusuma
