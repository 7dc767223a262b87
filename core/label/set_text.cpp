#include "core/label/set_text.h"

#include "core/geometry/growth.h"
#include "core/geometry/measure.h"
#include "core/label/line_breaks.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <utility>

namespace fusuma {

namespace {

/// @param whole  the text that the words are of
SetLine line_of(const LabelText& style, const std::string& words, double size, std::string_view whole) {
    return set_line(*style.font.font, words, {size, style.letter_spacing, style.font.is_italic, whole});
}

/// A word, or a piece of one that may be parted, at size 1.
struct TextWord {
    std::string letters;
    double advance = 0;
    Rect ink;
    bool goes_on = false; ///< without a blank from the piece before
};

/// A text measured once, since everything about it grows with its size.
struct Measured {
    const LabelText* style;
    std::vector<std::vector<TextWord>> paragraphs;
    double blank = 0; ///< advance of a space

    explicit Measured(const TextToSet& text)
        : style(text.style), blank(line_of(*text.style, " ", 1, text.words).advance) {
        paragraphs.emplace_back();
        std::string word;
        const auto finish = [&] {
            if (word.empty())
                return;
            bool goes_on = false;
            for (const std::string& piece : pieces_of(word)) {
                const SetLine set = line_of(*style, piece, 1, text.words);
                paragraphs.back().push_back({piece, set.advance, set.ink(), std::exchange(goes_on, true)});
            }
            word.clear();
        };
        for (const char c : text.words) {
            if (c != ' ' && c != '\n' && c != '\r' && c != '\t') {
                word += c;
                continue;
            }
            finish();
            if (c == '\n')
                paragraphs.emplace_back();
        }
        finish();
        while (!paragraphs.empty() && paragraphs.back().empty())
            paragraphs.pop_back();
    }
};

struct TextLine {
    std::string words;
    double width = 0;           ///< at size 1
    double top = 0, bottom = 0; ///< of the ink from the baseline, at size 1
};

/// Broken so that no line is wider than `width` at that size, where blanks allow it.
std::vector<TextLine> broken(const Measured& text, double size, double width) {
    std::vector<TextLine> lines;
    for (const auto& paragraph : text.paragraphs) {
        lines.emplace_back();
        for (const TextWord& word : paragraph) {
            const bool is_first = lines.back().words.empty();
            const double blank = word.goes_on ? 0 : text.blank,
                         wider = lines.back().width + (is_first ? 0 : blank) + word.advance;
            if (!is_first && wider * size > width)
                lines.emplace_back();
            TextLine& line = lines.back();
            line.width += (line.words.empty() ? 0 : blank) + word.advance;
            line.words += (line.words.empty() || word.goes_on ? "" : " ") + word.letters;
            if (!word.ink.empty()) {
                line.top = std::min(line.top, word.ink.min.y);
                line.bottom = std::max(line.bottom, word.ink.max.y);
            }
        }
    }
    return lines;
}

struct Stack {
    std::vector<std::vector<TextLine>> texts;
    std::vector<double> sizes;
    double width = 0, height = 0; ///< mm
};

double gap_between(double a, double b) {
    return 0.45 * std::min(a, b); // common practice: clearly more than within a text, less than a line
}

Stack stacked(const std::vector<Measured>& texts, const std::vector<double>& sizes, double width) {
    Stack stack{{}, sizes, 0, 0};
    double before = 0;
    for (std::size_t i = 0; i < texts.size(); ++i) {
        stack.texts.push_back(broken(texts[i], sizes[i], width));
        const auto& lines = stack.texts.back();
        if (lines.empty())
            continue;
        if (before > 0)
            stack.height += gap_between(before, sizes[i]);
        before = sizes[i];
        stack.height += sizes[i] * (lines.back().bottom - lines.front().top +
                                    texts[i].style->line_spacing * static_cast<double>(lines.size() - 1));
        for (const TextLine& line : lines)
            stack.width = std::max(stack.width, line.width * sizes[i]);
    }
    return stack;
}

constexpr double rounding = 1e-6;

bool fits(const Stack& stack, const Rect& room) {
    return stack.width <= room.width() + rounding && stack.height <= room.height() + rounding;
}

/// The largest factor, 0–1, for which the sizes fit; nothing when none does.
template <typename Sizes>
std::optional<Stack> largest(const std::vector<Measured>& texts, const Rect& room, const Sizes& sizes_at) {
    const auto at = [&](double factor) { return stacked(texts, sizes_at(factor), room.width()); };
    Stack best = at(1);
    if (fits(best, room))
        return best;
    best = at(0);
    if (!fits(best, room))
        return std::nullopt;
    double low = 0, high = 1;
    for (int i = 0; i < 14; ++i) {
        const double middle = (low + high) / 2;
        Stack tried = at(middle);
        if (fits(tried, room)) {
            best = std::move(tried);
            low = middle;
        } else {
            high = middle;
        }
    }
    return best;
}

} // namespace

std::vector<SetText> set_in_room(const std::vector<TextToSet>& texts, const Rect& room) {
    std::vector<Measured> measured;
    for (const TextToSet& text : texts)
        measured.emplace_back(text);
    const auto least = [](const LabelText& style) { return std::min(style.least_size, style.size); };
    const auto sizes = [&](const auto& size_of_text) {
        std::vector<double> all;
        for (const Measured& text : measured)
            all.push_back(size_of_text(*text.style));
        return all;
    };
    std::optional<Stack> stack;
    if (std::ranges::any_of(measured, [](const Measured& text) { return text.style->fits_room; }))
        stack = largest(measured, room, [&](double factor) {
            return sizes([&](const LabelText& style) {
                return style.fits_room ? std::max(style.least_size, factor * 1.5 * room.height()) : style.size;
            });
        });
    if (!stack)
        stack = largest(measured, room, [&](double factor) {
            return sizes([&](const LabelText& style) {
                return style.fits_room ? style.least_size : std::max(least(style), factor * style.size);
            });
        });
    const bool overflows = !stack;
    if (!stack)
        stack = stacked(measured, sizes([&](const LabelText& style) { return least(style); }), room.width());

    struct Started {
        SetLine line;
        Point at; ///< mm, of its baseline
    };
    std::vector<SetText> result(texts.size());
    std::vector<std::vector<Started>> started(texts.size());
    double top = 0, before = 0;
    Rect ink;
    for (std::size_t i = 0; i < texts.size(); ++i) {
        const LabelText& style = *texts[i].style;
        SetText& set = result[i];
        set.size = stack->sizes[i];
        const auto& lines = stack->texts[i];
        if (lines.empty())
            continue;
        if (before > 0)
            top += gap_between(before, set.size);
        before = set.size;
        double baseline = top - lines.front().top * set.size;
        for (const TextLine& words : lines) {
            SetLine line = line_of(style, words.words, set.size, texts[i].words);
            const Rect box = line.ink();
            double x = 0;
            if (!box.empty()) {
                x = style.align == TextAlign::left    ? room.min.x - box.min.x
                    : style.align == TextAlign::right ? room.max.x - box.max.x
                                                      : room.centre().x - box.centre().x;
                const Point by{x, baseline};
                set.ink.include(Rect{box.min + by, box.max + by});
            }
            for (const PlacedGlyph& glyph : line.glyphs)
                set.lacks_letters |= glyph.is_missing;
            set.overflows |= overflows && box.width() > room.width() + 0.01;
            started[i].push_back({std::move(line), {x, baseline}});
            baseline += style.line_spacing * set.size;
        }
        top = baseline - style.line_spacing * set.size + lines.back().bottom * set.size;
        ink.include(set.ink);
    }
    // By the ink, not by the lines' boxes: the room above and below what is printed is the same.
    const double down = ink.empty() ? 0 : room.centre().y - ink.centre().y;
    const bool is_high = ink.height() > room.height() + 0.01;
    for (std::size_t i = 0; i < texts.size(); ++i) {
        SetText& set = result[i];
        for (const Started& one : started[i])
            for (const PlacedGlyph& glyph : one.line.glyphs)
                if (!glyph.box.empty())
                    set.glyphs.push_back(glyph.shape(Transform::shift(one.at + Point{0, down})));
        set.overflows |= overflows && is_high && !set.glyphs.empty();
        if (!set.ink.empty())
            set.ink = {set.ink.min + Point{0, down}, set.ink.max + Point{0, down}};
    }
    return result;
}

namespace {

/// A closed line walked by its length.
class EdgeWalk {
  public:
    explicit EdgeWalk(Polygon polygon) : points(std::move(polygon)) {
        points.push_back(points.front());
        lengths.push_back(0);
        for (std::size_t i = 1; i < points.size(); ++i)
            lengths.push_back(lengths.back() + distance(points[i - 1], points[i]));
    }
    [[nodiscard]] double length() const { return lengths.back(); }
    [[nodiscard]] Point at(double s) const {
        s = std::fmod(std::fmod(s, length()) + length(), length());
        const auto after = std::max<std::ptrdiff_t>(1, std::ranges::upper_bound(lengths, s) - lengths.begin());
        const auto i = std::min(static_cast<std::size_t>(after), points.size() - 1);
        const double span = lengths[i] - lengths[i - 1];
        return lerp(points[i - 1], points[i], span > 0 ? (s - lengths[i - 1]) / span : 0);
    }
    /// Where the line crosses the upright through x, the highest or the lowest place.
    [[nodiscard]] double crossing(double x, bool is_highest) const {
        double best = 0, best_y = 0;
        bool is_found = false;
        for (std::size_t i = 1; i < points.size(); ++i) {
            const Point a = points[i - 1], b = points[i];
            if ((a.x <= x) == (b.x <= x))
                continue;
            const double t = (x - a.x) / (b.x - a.x), y = a.y + t * (b.y - a.y);
            if (is_found && (is_highest ? y >= best_y : y <= best_y))
                continue;
            is_found = true;
            best_y = y;
            best = lengths[i - 1] + t * (lengths[i] - lengths[i - 1]);
        }
        return best;
    }

  private:
    Polygon points;
    std::vector<double> lengths;
};

/// The largest outer polygon.
std::optional<Polygon> main_part(const Polygons& polygons) {
    const auto largest = std::ranges::max_element(polygons, {}, [](const Polygon& p) { return signed_area(p); });
    return largest == polygons.end() || signed_area(*largest) <= 0 ? std::nullopt : std::optional(*largest);
}

} // namespace

SetText set_along_edge(const TextToSet& text, const Outline& edge, double safety) {
    const LabelText& style = *text.style;
    const bool is_top = style.run == TextRun::along_top;
    std::string words = text.words;
    std::ranges::replace(words, '\n', ' ');
    const Polygons whole = flatten(edge, 0.01);
    const double middle = bounds(whole).centre().x;
    SetText set;
    set.size = style.size;
    const double least = std::min(style.least_size, style.size);
    constexpr double share = 0.46; // of the way round that a text may take, so that top and bottom stay apart
    for (bool is_settled = false; !is_settled;) {
        // Capitals end, or descenders end, at the safety distance from the edge.
        const double in = safety + set.size * (is_top ? capital_height(*style.font.font) : 0.22);
        auto line = main_part(grown(whole, {.width = -in, .arc_tolerance = 0.005}));
        const SetLine set_out = line_of(style, words, set.size, words);
        const double room = line ? share * EdgeWalk(*line).length() : 0;
        if (set_out.advance > room && set.size > least) {
            set.size = std::max(least, set.size * std::clamp(room / set_out.advance, 0.5, 0.98));
            continue;
        }
        is_settled = true;
        set.overflows = set_out.advance > room;
        if (!line)
            break;
        if (is_top)
            std::ranges::reverse(*line); // left to right along the top is clockwise on screen
        const EdgeWalk walk(std::move(*line));
        const Rect ink = set_out.ink();
        const double start = walk.crossing(middle, is_top) - (ink.empty() ? set_out.advance / 2 : ink.centre().x);
        for (const PlacedGlyph& glyph : set_out.glyphs) {
            set.lacks_letters |= glyph.is_missing;
            if (glyph.box.empty())
                continue;
            const double half = std::max(glyph.box.width(), 0.1 * set.size) / 2, s = start + glyph.middle;
            const Point way = walk.at(s + half) - walk.at(s - half);
            set.glyphs.push_back(glyph.shape(Transform::shift({-glyph.middle, 0})
                                                 .then(Transform::turn(std::atan2(way.y, way.x)))
                                                 .then(Transform::shift(walk.at(s)))));
            set.ink.include(bounds(set.glyphs.back()));
        }
    }
    return set;
}

} // namespace fusuma
