#pragma once

#include "core/drawing/drawn_art.h"
#include "core/work.h"

#include <map>
#include <set>
#include <string>
#include <vector>

namespace fusuma {

/// The shapes of drawn art as operators of a print file, worked out on every core. Where there are many drawings, as
/// labels of a list are, a piece that they have in common (a letter, at whatever size) is written once and placed.
class DrawnShapes {
  public:
    struct Shapes {
        std::vector<std::string> paths; ///< of each shape: its path, or what paints it when `is_painted`
        std::vector<bool> is_painted;
        std::set<std::size_t> pieces; ///< common ones that it places
    };
    /// @param arts  each once
    DrawnShapes(const std::vector<const DrawnArt*>& arts, const Work& work);

    [[nodiscard]] const Shapes& of(const DrawnArt& art) const { return shapes.at(&art); }
    /// Common pieces as paths with their painting; `piece_units` across their longer side, from (0, 0) on.
    [[nodiscard]] const std::vector<std::string>& common_pieces() const { return common; }
    static constexpr int piece_units = 10'000;
    [[nodiscard]] static std::string piece_name(std::size_t number) { return "/P" + std::to_string(number); }

  private:
    std::map<const DrawnArt*, Shapes> shapes;
    std::vector<std::string> common;
};

} // namespace fusuma
