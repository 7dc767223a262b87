#pragma once

#include "core/drawing/drawn_art.h"
#include "core/label/font.h"
#include "core/label/label_shape.h"
#include "core/label/once.h"
#include "core/label/table.h"
#include "core/raster/picture.h"
#include "core/words.h"

#include <map>
#include <optional>
#include <string>
#include <vector>

namespace fusuma {

/// Which font a text asks for, and the one that is there for it.
struct FontChoice {
    std::string family = "Quicksand";
    bool is_bold = false, is_italic = false;
    std::shared_ptr<const Font> font; ///< found for it; its family differs when the one asked for is missing
    bool operator==(const FontChoice& other) const {
        return family == other.family && is_bold == other.is_bold && is_italic == other.is_italic &&
               (font ? font->family : "") == (other.font ? other.font->family : "");
    }
};

enum class TextAlign { left, centre, right };
template <>
inline constexpr std::array words<TextAlign>{Word{TextAlign::left, "left", "Left"},
                                             Word{TextAlign::centre, "centre", "Centre"},
                                             Word{TextAlign::right, "right", "Right"}};
enum class TextRun { straight, along_top, along_bottom }; ///< or curved along the label's edge
template <>
inline constexpr std::array words<TextRun>{Word{TextRun::straight, "straight", "Straight"},
                                           Word{TextRun::along_top, "along-top", "Along the top edge"},
                                           Word{TextRun::along_bottom, "along-bottom", "Along the bottom edge"}};

struct LabelText {
    std::string words = "Your words"; ///< UTF-8 with line breaks and fields (table.h)
    FontChoice font;
    double size = 5;         ///< mm of the em, > 0
    bool fits_room = false;  ///< as large as the room allows instead
    double least_size = 2.1; ///< mm that longer texts may be shrunk to: about 6 pt
    TextAlign align = TextAlign::centre;
    TextRun run = TextRun::straight;
    double line_spacing = 1.2; ///< from baseline to baseline, as a share of the size
    double letter_spacing = 0; ///< added to every letter, as a share of the size
    std::optional<Rgb> colour; ///< none: dark or white, whichever stands out more
    bool operator==(const LabelText&) const = default;
};
inline constexpr std::size_t most_texts = 8;

enum class PicturePlace { left, right, above, below, behind };
template <>
inline constexpr std::array words<PicturePlace>{
    Word{PicturePlace::left, "left", "Left of the words"}, Word{PicturePlace::right, "right", "Right of them"},
    Word{PicturePlace::above, "above", "Above them"}, Word{PicturePlace::below, "below", "Below them"},
    Word{PicturePlace::behind, "behind", "Behind them"}};

struct LabelPicture {
    std::shared_ptr<const Picture> picture; ///< null for none
    std::string field;                      ///< column with the names of picture files; empty for the same on all
    std::map<std::string, std::shared_ptr<const Picture>> by_name; ///< what the column may name
    PicturePlace place = PicturePlace::left;
    double share = 0.35; ///< of the room's width, or height, 0.05–0.9
    bool operator==(const LabelPicture& other) const;
};

/// A line printed inside the edge.
struct FrameLine {
    double width = 0;          ///< mm; 0 for none
    double inset = 1;          ///< mm from the edge
    std::optional<Rgb> colour; ///< none: the colour of the texts
    bool operator==(const FrameLine&) const = default;
};

/// A label: its shape, its colours, and what stands on it.
struct LabelDesign {
    ShapeNumbers shape;
    std::optional<Rgb> ground = Rgb{224, 238, 226}; ///< none: the paper shows
    FrameLine frame;
    double safety = 2; ///< mm that texts and pictures keep from the edge
    std::vector<LabelText> texts{LabelText{}};
    LabelPicture picture;
    std::optional<CutKind> letters_cut; ///< letters of a shaped label are cut, too; else they only print
    std::shared_ptr<const Table> table; ///< of a list of labels; null for a single label
    Day day;
    std::shared_ptr<const Calendar>
        calendar;                          ///< how {date} is written; null where nobody chose, which is as in English
    bool in_one_size = false;              ///< each text as large on all labels of the list: what every row takes
    Once<std::vector<double>> least_sizes; ///< mm, of each text
    bool operator==(const LabelDesign& other) const; ///< by what they are, wherever their files were read

    /// Words with the fields of a row of its list filled in.
    [[nodiscard]] std::string filled_in(const std::string& words, std::size_t row) const;
    [[nodiscard]] std::size_t rows() const { return table ? std::max<std::size_t>(1, table->rows.size()) : 1; }
};

/// Bleed of labels: printed 0.025 in past the cut line on every side (common practice).
inline constexpr double label_bleed = 0.635; // mm

/// Black or white for lettering on a ground, by the larger contrast ratio.
/// Source: contrast ratio of WCAG 2.1, relative luminance by IEC 61966-2-1
[[nodiscard]] Rgb contrast_colour(Rgb ground);
[[nodiscard]] double contrast_ratio(Rgb a, Rgb b); ///< 1–21

/// The colours of a whole set of labels.
struct Swatch {
    const char* name;
    Rgb ground, lettering;
};
[[nodiscard]] const std::vector<Swatch>& swatches();
/// The label in these colours throughout.
[[nodiscard]] LabelDesign recoloured(LabelDesign design, const Swatch& swatch);

/// One text as it came out.
struct SetText {
    double size = 0;             ///< mm of the em
    bool overflows = false;      ///< even at the least size
    std::vector<Outline> glyphs; ///< mm on the label
    Rect ink;
    bool lacks_letters = false; ///< no font has some of the characters
};

/// A label of the list as it came out.
struct SetLabel {
    Drawn drawn;
    std::vector<SetText> texts;
    std::string missing_picture; ///< a file that its row names and nobody brought
};

/// @param row  of the table, from 0
[[nodiscard]] SetLabel set_label(const LabelDesign& design, std::size_t row);

/// Size of the label's art, mm: its shape's, or round the lettering's ink.
[[nodiscard]] Size size_of(const LabelDesign& design, std::size_t row);

} // namespace fusuma
