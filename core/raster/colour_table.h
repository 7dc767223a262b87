#pragma once

#include <array>
#include <cstdint>
#include <span>
#include <vector>

namespace fusuma {

/// What a device is to be given so that it shows colours as sRGB means them: its values at the nodes of a grid over
/// red, green and blue, between which tetrahedra are interpolated. Source: Kasson, Nin, Plouffe and Hafner, "Performing
/// color space conversions with three-dimensional linear interpolation", Journal of Electronic Imaging 4 (1995)
class ColourTable {
  public:
    static constexpr int nodes = 33;            ///< along each edge, closer in the dark
    using Value = std::array<std::uint16_t, 3>; ///< red, green, blue; 0xffff is full

    /// What sRGB's own values would be.
    ColourTable();
    /// @param values  nodes³ of them, blue the quickest to change
    explicit ColourTable(const std::vector<Value>& values);

    [[nodiscard]] std::vector<Value> values() const;
    /// Does it leave every colour as it is, to within what eyes see (one step of 255)?
    [[nodiscard]] bool changes_nothing() const;

    /// @param pixels  0xAARRGGBB, their colours multiplied by their opacity, which stays
    void apply(std::span<std::uint32_t> pixels) const;

    bool operator==(const ColourTable&) const = default;

  private:
    using Node = std::array<float, 4>; ///< blue, green, red from 0 to 255, as bytes lie in pixels; and nothing
    std::vector<Node> at;

    [[nodiscard]] std::uint32_t shown(std::uint32_t pixel) const;
};

} // namespace fusuma
