#pragma once

#include "core/raster/image.h"
#include "core/work.h"

namespace fusuma {

/// A coverage that takes little memory for as long as nobody looks at it: of art with a clean edge a fiftieth, of
/// pure noise a hundredth more. Source: the PackBits of TIFF 6.0, section 9, row by row.
class PackedCoverage {
  public:
    PackedCoverage() = default; // none
    /// Throws Stopped when asked to stop.
    explicit PackedCoverage(const Coverage& coverage, const Work& work = {});

    [[nodiscard]] bool empty() const { return across == 0 || down == 0; }
    [[nodiscard]] std::size_t bytes() const { return packed.size() + starts.size() * sizeof(std::size_t); }
    /// The rows [first, last). Throws Stopped when asked to stop.
    [[nodiscard]] Coverage rows(int first, int last, const Work& work = {}) const;
    [[nodiscard]] Coverage whole(const Work& work = {}) const { return rows(0, down, work); }

  private:
    int across = 0, down = 0; ///< pixels
    std::vector<std::uint8_t> packed;
    std::vector<std::size_t> starts; ///< of each row, and the end of the last
};

} // namespace fusuma
