#pragma once

#include "core/geometry/outline.h"
#include "core/geometry/transform.h"

#include <cstddef>
#include <functional>
#include <memory>
#include <mutex>
#include <string>
#include <string_view>
#include <unordered_map>
#include <vector>

struct hb_font_t;

namespace fusuma {

class Font;
/// The font that stands in for another where that lacks a character; null where none is known. What it gives lives as
/// long as the font that asks. Asked from several threads.
/// @param whole  the text that the character is in, UTF-8, as some are drawn otherwise in other languages
using StandIn = std::function<std::shared_ptr<const Font>(char32_t lacking, std::string_view whole)>;

/// A font file ready for setting text. Shared, never copied; safe from several threads.
class Font {
  public:
    /// The font inside a file's bytes (OpenType or TrueType); null when there is none.
    /// @param index  which of a collection's fonts
    [[nodiscard]] static std::shared_ptr<const Font> from(std::shared_ptr<const std::vector<std::byte>> file,
                                                          unsigned index, std::string family, bool bold, bool italic,
                                                          StandIn stand_in = {});
    ~Font();
    Font(const Font&) = delete;
    Font& operator=(const Font&) = delete;

    const std::string family; ///< of the font that is really used
    const bool is_bold, is_italic;

  private:
    friend class Setter;
    Font(std::string name, bool bold, bool italic, StandIn others)
        : family(std::move(name)), is_bold(bold), is_italic(italic), stand_in(std::move(others)) {}
    /// In the font's units, y up; filled by the nonzero rule.
    struct Glyph {
        Outline curves;
        Rect box;
    };
    /// Drawn when it is first asked for and kept as long as the font.
    [[nodiscard]] const Glyph& glyph(unsigned id) const;

    std::shared_ptr<const std::vector<std::byte>> bytes;
    hb_font_t* font = nullptr;
    unsigned units = 1000; ///< of the em
    const StandIn stand_in;
    mutable std::mutex drawing;
    mutable std::unordered_map<unsigned, Glyph> drawn;
};

/// One glyph put in its place, while its font lives.
struct PlacedGlyph {
    Rect box;                ///< mm from the start of its line's baseline, y down; empty for blanks
    double middle = 0;       ///< mm along the baseline, of its advance
    bool is_missing = false; ///< no font has such a character

    const Outline* curves = nullptr; ///< filled by the nonzero rule
    Transform map;                   ///< of the curves to where the box is
    [[nodiscard]] Outline shape(const Transform& moved) const { return transformed(*curves, map.then(moved)); }
};

/// A line of text set from (0, 0) to the right.
struct SetLine {
    std::vector<PlacedGlyph> glyphs; ///< in reading order
    double advance = 0;              ///< mm
    [[nodiscard]] Rect ink() const;  ///< round the glyphs' curves; empty for blanks
};

struct LineStyle {
    double size = 5;        ///< mm, of the em
    double spacing = 0;     ///< added after every glyph, as a share of the size
    bool is_italic = false; ///< upright glyphs are sheared where a font has no italic
    std::string_view whole; ///< the text that the line is of, UTF-8; empty for one that stands alone
};

/// Shapes one line: ligatures, kerning, scripts and directions as the font knows them. What it lacks is set in the
/// fonts that stand in for it. Source: shaping and glyph outlines by HarfBuzz; ink boxes are checked against FreeType
/// in tests/label_test.cpp
[[nodiscard]] SetLine set_line(const Font& font, const std::string& utf8, const LineStyle& style);

/// Families that stand in for the font where it lacks letters of the text, in the order they come.
[[nodiscard]] std::vector<std::string> families_beside(const Font& font, const std::string& utf8);

/// Height of a capital as a share of the em.
[[nodiscard]] double capital_height(const Font& font);

} // namespace fusuma
