#include "core/label/font.h"

#include "core/geometry/measure.h"

#include <algorithm>
#include <hb-ot.h>
#include <hb.h>
#include <map>

namespace fusuma {

namespace {

struct Free {
    void operator()(hb_buffer_t* buffer) const { hb_buffer_destroy(buffer); }
};

/// Collects what HarfBuzz draws.
struct Pen {
    Outline outline;

    Contour& contour() { return outline.contours.back(); }
};

hb_draw_funcs_t* draw_functions() {
    static hb_draw_funcs_t* const functions = [] {
        hb_draw_funcs_t* f = hb_draw_funcs_create();
        hb_draw_funcs_set_move_to_func(
            f,
            [](hb_draw_funcs_t*, void* data, hb_draw_state_t*, float x, float y, void*) {
                auto& d = *static_cast<Pen*>(data);
                d.outline.contours.push_back({{x, y}, {}});
            },
            nullptr, nullptr);
        hb_draw_funcs_set_line_to_func(
            f,
            [](hb_draw_funcs_t*, void* data, hb_draw_state_t*, float x, float y, void*) {
                auto& d = *static_cast<Pen*>(data);
                d.contour().segments.push_back(Segment::line_to({x, y}));
            },
            nullptr, nullptr);
        hb_draw_funcs_set_quadratic_to_func(
            f,
            [](hb_draw_funcs_t*, void* data, hb_draw_state_t* state, float cx, float cy, float x, float y, void*) {
                auto& d = *static_cast<Pen*>(data);
                const Point from{state->current_x, state->current_y}, control{cx, cy}, to{x, y};
                d.contour().segments.push_back(
                    Segment::cubic_to(lerp(from, control, 2.0 / 3), lerp(to, control, 2.0 / 3), to));
            },
            nullptr, nullptr);
        hb_draw_funcs_set_cubic_to_func(
            f,
            [](hb_draw_funcs_t*, void* data, hb_draw_state_t*, float ax, float ay, float bx, float by, float x, float y,
               void*) {
                auto& d = *static_cast<Pen*>(data);
                d.contour().segments.push_back(Segment::cubic_to({ax, ay}, {bx, by}, {x, y}));
            },
            nullptr, nullptr);
        hb_draw_funcs_make_immutable(f);
        return f;
    }();
    return functions;
}

} // namespace

std::shared_ptr<const Font> Font::from(std::shared_ptr<const std::vector<std::byte>> file, unsigned index,
                                       std::string name, bool bold, bool italic, StandIn stand_in) {
    hb_blob_t* blob = hb_blob_create(reinterpret_cast<const char*>(file->data()), static_cast<unsigned>(file->size()),
                                     HB_MEMORY_MODE_READONLY, nullptr, nullptr);
    hb_face_t* face = index < hb_face_count(blob) ? hb_face_create(blob, index) : nullptr;
    hb_blob_destroy(blob);
    if (!face || hb_face_get_glyph_count(face) == 0) {
        hb_face_destroy(face);
        return nullptr;
    }
    hb_face_make_immutable(face);
    std::shared_ptr<Font> font(new Font(std::move(name), bold, italic, std::move(stand_in)));
    font->bytes = std::move(file);
    font->units = hb_face_get_upem(face);
    font->font = hb_font_create(face);
    hb_face_destroy(face); // the font keeps it
    hb_font_set_scale(font->font, static_cast<int>(font->units), static_cast<int>(font->units));
    hb_font_make_immutable(font->font); // so that several threads may use it
    return font;
}

Font::~Font() {
    hb_font_destroy(font);
}

const Font::Glyph& Font::glyph(unsigned id) const {
    const std::lock_guard alone(drawing);
    const auto [place, is_new] = drawn.try_emplace(id);
    Glyph& glyph = place->second; // stays where it is, whatever is drawn later
    if (is_new) {
        Pen pen;
        hb_font_get_glyph_shape(font, id, draw_functions(), &pen);
        for (Contour& contour : pen.outline.contours)
            if (!contour.segments.empty())
                contour.segments.back().end = contour.start;
        std::erase_if(pen.outline.contours, [](const Contour& c) { return c.segments.empty(); });
        glyph = {std::move(pen.outline), {}};
        glyph.box = bounds(glyph.curves);
    }
    return glyph;
}

Rect SetLine::ink() const {
    Rect box;
    for (const PlacedGlyph& glyph : glyphs)
        box.include(glyph.box);
    return box;
}

namespace {

constexpr double slant_of_upright = 0.2; ///< as a share of the height

using Buffer = std::unique_ptr<hb_buffer_t, Free>;

/// The first character of UTF-8.
char32_t letter_at(std::string_view text) {
    constexpr std::size_t longest = 4; // bytes
    text = text.substr(0, longest);
    const Buffer buffer(hb_buffer_create());
    hb_buffer_add_utf8(buffer.get(), text.data(), static_cast<int>(text.size()), 0, static_cast<int>(text.size()));
    return hb_buffer_get_length(buffer.get()) == 0 ? 0 : hb_buffer_get_glyph_infos(buffer.get(), nullptr)->codepoint;
}

} // namespace

/// A font at work.
class Setter {
  public:
    explicit Setter(const Font& source) : of(source), font(source.font), units(source.units) {}

    [[nodiscard]] SetLine line(std::string_view text, const LineStyle& style) const {
        SetLine result;
        const Run all{&of, 0, text.size()};
        const Buffer buffer = shaped(text, all);
        if (const auto runs = runs_of(text, style.whole, buffer.get()); runs.size() == 1 && runs[0].font == &of)
            add(result, buffer.get(), style);
        else
            for (const Run& run : runs)
                Setter(*run.font).add(result, shaped(text, run).get(),
                                      {style.size, style.spacing, style.is_italic || of.is_italic});
        return result;
    }

    [[nodiscard]] std::vector<std::string> families_beside(std::string_view text) const {
        std::vector<std::string> families;
        for (const Run& run : runs_of(text, text, shaped(text, {&of, 0, text.size()}).get()))
            if (run.font != &of && std::ranges::find(families, run.font->family) == families.end())
                families.push_back(run.font->family);
        return families;
    }

    [[nodiscard]] double capital() const {
        hb_codepoint_t glyph = 0;
        hb_glyph_extents_t extents{};
        if (!hb_font_get_nominal_glyph(font, 'H', &glyph) || !hb_font_get_glyph_extents(font, glyph, &extents))
            return 0.7;
        return static_cast<double>(extents.y_bearing) / units;
    }

  private:
    /// Characters of a text that one font has.
    struct Run {
        const Font* font;
        std::size_t from, to; ///< bytes
    };

    [[nodiscard]] static Buffer shaped(std::string_view text, const Run& run) {
        Buffer buffer(hb_buffer_create());
        hb_buffer_add_utf8(buffer.get(), text.data(), static_cast<int>(text.size()), static_cast<unsigned>(run.from),
                           static_cast<int>(run.to - run.from));
        hb_buffer_guess_segment_properties(buffer.get());
        // A label looks the same whatever language the computer speaks, so the font's own forms are taken.
        hb_buffer_set_language(buffer.get(), HB_LANGUAGE_INVALID);
        hb_shape(run.font->font, buffer.get(), nullptr, 0);
        return buffer;
    }

    /// The text parted by the font that has its letters. @param whole_shaped  all of it in this font
    [[nodiscard]] std::vector<Run> runs_of(std::string_view text, std::string_view whole,
                                           hb_buffer_t* whole_shaped) const {
        unsigned count = 0;
        const hb_glyph_info_t* glyphs = hb_buffer_get_glyph_infos(whole_shaped, &count);
        if (std::all_of(glyphs, glyphs + count, [](const hb_glyph_info_t& g) { return g.codepoint != 0; }))
            return {{&of, 0, text.size()}};
        std::map<std::size_t, bool> lacks; // of what is drawn together, by its first byte
        for (unsigned i = 0; i < count; ++i)
            lacks[glyphs[i].cluster] |= glyphs[i].codepoint == 0;
        std::map<char32_t, const Font*> asked; // each letter once, however long the text
        const auto stand_in_for = [&](std::string_view letters) {
            const auto [known, is_new] = asked.try_emplace(letter_at(letters), &of);
            if (is_new && of.stand_in)
                if (const auto other = of.stand_in(known->first, whole.empty() ? text : whole))
                    known->second = other.get();
            return known->second;
        };
        std::vector<Run> runs;
        for (auto it = lacks.begin(); it != lacks.end(); ++it) {
            const auto next = std::next(it);
            const std::size_t from = it->first, to = next == lacks.end() ? text.size() : next->first;
            const std::string_view letters = text.substr(from, to - from);
            const Font* run_font = it->second ? stand_in_for(letters) : &of;
            // A blank between two words of one font is of that font, too, so that words of a script that runs to the
            // left keep their order.
            const bool joins = letters == " " && !runs.empty() && next != lacks.end() && next->second &&
                               stand_in_for(text.substr(next->first)) == runs.back().font;
            if (!runs.empty() && (joins || runs.back().font == run_font))
                runs.back().to = to;
            else
                runs.push_back({run_font, from, to});
        }
        return runs;
    }

    /// The glyphs in their places after those that the line has.
    void add(SetLine& line, hb_buffer_t* buffer, const LineStyle& style) const {
        unsigned count = 0;
        const hb_glyph_info_t* glyphs = hb_buffer_get_glyph_infos(buffer, &count);
        const hb_glyph_position_t* places = hb_buffer_get_glyph_positions(buffer, &count);
        const double scale = style.size / units, slant = style.is_italic && !of.is_italic ? slant_of_upright : 0;
        for (unsigned i = 0; i < count; ++i) {
            const double advance = places[i].x_advance * scale + style.spacing * style.size;
            const Font::Glyph& glyph = of.glyph(glyphs[i].codepoint);
            const Transform map{scale,
                                0,
                                slant * scale,
                                -scale,
                                line.advance + places[i].x_offset * scale,
                                -places[i].y_offset * scale};
            line.glyphs.push_back({slant == 0 ? mapped(glyph.box, map) : bounds(transformed(glyph.curves, map)),
                                   line.advance + advance / 2, glyphs[i].codepoint == 0, &glyph.curves, map});
            line.advance += advance;
        }
    }

    const Font& of;
    hb_font_t* font;
    unsigned units;

    /// Of an upright map.
    static Rect mapped(const Rect& box, const Transform& map) {
        Rect result;
        if (!box.empty()) {
            result.include(map.apply(box.min));
            result.include(map.apply(box.max));
        }
        return result;
    }
};

SetLine set_line(const Font& font, const std::string& utf8, const LineStyle& style) {
    return Setter(font).line(utf8, style);
}

std::vector<std::string> families_beside(const Font& font, const std::string& utf8) {
    return Setter(font).families_beside(utf8);
}

double capital_height(const Font& font) {
    return Setter(font).capital();
}

} // namespace fusuma
