#pragma once

#include "core/drawing/drawn_art.h"
#include "core/said.h"

#include <cstddef>
#include <mutex>
#include <string>

namespace fusuma {

/// One of the separate shapes of a drawing.
struct Part {
    std::string name;            ///< from the file, else what it is
    std::string layer;           ///< names of the groups that it lies in, outermost first, joined by " / "
    std::vector<Painted> paints; ///< back to front
    std::vector<OwnLine> lines;  ///< of what has no fill: the line itself, and how its layer says it is cut
    bool is_text = false;
    Outline traced; ///< what a part covers that only the renderer knows the edge of; else empty
};

/// A layered drawing as it was read, together with the file's bytes. Shared, never copied.
class Drawing {
  public:
    Drawing(Size natural, std::vector<Part> all) : size(on_lattice(natural)), parts(std::move(all)) {
        regions.resize(parts.size());
    }
    std::string file_name; ///< without folder
    std::shared_ptr<const std::vector<std::byte>> original;
    int page = 0;                  ///< of a document with pages, from 1; else 0
    const Size size;               ///< mm
    const std::vector<Part> parts; ///< back to front
    Said note;                     ///< what people should know about how it was read; mostly empty

    /// All that the part covers, worked out when it is first asked for. Safe from several threads.
    [[nodiscard]] const Outline& region(std::size_t part) const;

  private:
    mutable std::vector<std::unique_ptr<const Outline>> regions;
    mutable std::mutex mutex;
};

/// The colour that the paints are mostly of; nothing for pictures, gradients and what is not painted.
[[nodiscard]] std::optional<Rgb> colour_of(const std::vector<Painted>& paints);

/// All that paints cover.
[[nodiscard]] Outline region_of(const std::vector<Painted>& paints);

} // namespace fusuma
