#pragma once

#include "core/raster/image.h"

#include <cstddef>
#include <memory>
#include <string>
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

/// The same file, wherever it was decoded, or none both.
[[nodiscard]] inline bool is_same(const std::shared_ptr<const Picture>& a, const std::shared_ptr<const Picture>& b) {
    return a == b || (a && b && a->page == b->page && a->dpi == b->dpi && *a->original == *b->original);
}

} // namespace fusuma
