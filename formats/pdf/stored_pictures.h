#pragma once

#include "core/plan/plan.h"
#include "formats/pdf/pdf_write.h"

#include <map>
#include <string>

namespace fusuma {

/// From a drawing's mm to its unit square.
[[nodiscard]] inline Transform unit_of(const DrawnArt& art) {
    return Transform::scale(1 / art.size.width, 1 / art.size.height);
}

/// A picture as it is kept in a print file, but for what is clear round it.
struct StoredPicture {
    int width = 0, height = 0;
    std::string colours; ///< a JPEG file, or a zlib stream of rows of red, green and blue as PNG has them
    bool is_jpeg = false;
    std::string alphas; ///< a zlib stream; empty when all is opaque
    Transform turned;   ///< from the unit square of what is stored to the picture's, y down
};

/// All pictures of a plan, each once, packed on every core.
class StoredPictures {
  public:
    StoredPictures(const JobPlan& plan, const PdfOptions& options, const Work& work);
    /// One that the plan prints.
    [[nodiscard]] StoredPicture& of(const Pixels& pixels) { return stored.at(pixels.identity().get()); }

  private:
    std::map<const void*, StoredPicture> stored;
};

} // namespace fusuma
