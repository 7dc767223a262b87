#pragma once

#include "core/raster/flattening.h"
#include "core/raster/pixels.h"
#include "core/said.h"

#include <cstddef>
#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace fusuma {

/// What a picture's file tells of the camera that took it.
struct CameraFacts {
    std::string model;     ///< make and model, such as "Maker Model 3"; empty when it does not tell
    double focal_35mm = 0; ///< mm, as if the picture were 36 mm wide; 0 when it does not tell
    bool operator==(const CameraFacts&) const = default;
};

/// A picture file: its original bytes, which are kept untouched, and its pixels when they are needed.
struct Picture {
    std::string file_name; ///< without folder, e.g. "lantern.png"
    std::shared_ptr<const std::vector<std::byte>> original;
    Pixels pixels;
    double dpi = 300;           ///< across; down is taken to be the same after decoding
    bool dpi_is_stated = false; ///< false: the file carries no density and 300 is assumed
    int page = 0;               ///< of a document with pages, from 1, rendered at `dpi`; 0 for pictures
    Said note;                  ///< what people should know about how it was read, in one sentence; mostly empty
    CameraFacts camera;         ///< that took it, as far as the file tells
    /// How it was laid flat, and the photograph as it came; nothing for pictures as they came.
    std::optional<Flattening> flat;
    std::shared_ptr<const Picture> photo;
};

/// The same file laid flat the same way, wherever it was decoded, or none both.
[[nodiscard]] inline bool is_same(const std::shared_ptr<const Picture>& a, const std::shared_ptr<const Picture>& b) {
    return a == b ||
           (a && b && a->page == b->page && a->dpi == b->dpi && a->flat == b->flat && *a->original == *b->original);
}

/// The picture as it came.
[[nodiscard]] inline const std::shared_ptr<const Picture>& as_it_came(const std::shared_ptr<const Picture>& picture) {
    return picture->photo ? picture->photo : picture;
}

/// The photograph laid flat, at its true size; its file stays as it was. Its pixels are made when they are needed.
/// @param photo  as it came, or laid flat another way
[[nodiscard]] std::shared_ptr<const Picture> laid_flat(const std::shared_ptr<const Picture>& photo,
                                                       const Flattening& how);

} // namespace fusuma
