#include "core/label/font.h"

#include "core/geometry/measure.h"

#include <hb-ot.h>
#include <hb.h>

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
                                       std::string name, bool bold, bool italic) {
    hb_blob_t* blob = hb_blob_create(reinterpret_cast<const char*>(file->data()), static_cast<unsigned>(file->size()),
                                     HB_MEMORY_MODE_READONLY, nullptr, nullptr);
    hb_face_t* face = index < hb_face_count(blob) ? hb_face_create(blob, index) : nullptr;
    hb_blob_destroy(blob);
    if (!face || hb_face_get_glyph_count(face) == 0) {
        hb_face_destroy(face);
        return nullptr;
    }
    hb_face_make_immutable(face);
    std::shared_ptr<Font> font(new Font(std::move(name), bold, italic));
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

/// A font at work.
class Setter {
  public:
    explicit Setter(const Font& source) : of(source), font(source.font), units(source.units) {}

    [[nodiscard]] SetLine line(const std::string& utf8, double size, double spacing, double slant) const {
        const std::unique_ptr<hb_buffer_t, Free> buffer(hb_buffer_create());
        hb_buffer_add_utf8(buffer.get(), utf8.data(), static_cast<int>(utf8.size()), 0, static_cast<int>(utf8.size()));
        hb_buffer_guess_segment_properties(buffer.get());
        // A label looks the same whatever language the computer speaks, so the font's own forms are taken.
        hb_buffer_set_language(buffer.get(), HB_LANGUAGE_INVALID);
        hb_shape(font, buffer.get(), nullptr, 0);
        unsigned count = 0;
        const hb_glyph_info_t* glyphs = hb_buffer_get_glyph_infos(buffer.get(), &count);
        const hb_glyph_position_t* places = hb_buffer_get_glyph_positions(buffer.get(), &count);
        const double scale = size / units;
        SetLine result;
        for (unsigned i = 0; i < count; ++i) {
            const double advance = places[i].x_advance * scale + spacing * size;
            const Font::Glyph& glyph = of.glyph(glyphs[i].codepoint);
            const Transform map{scale,
                                0,
                                slant * scale,
                                -scale,
                                result.advance + places[i].x_offset * scale,
                                -places[i].y_offset * scale};
            result.glyphs.push_back({slant == 0 ? mapped(glyph.box, map) : bounds(transformed(glyph.curves, map)),
                                     result.advance + advance / 2, glyphs[i].codepoint == 0, &glyph.curves, map});
            result.advance += advance;
        }
        return result;
    }

    [[nodiscard]] double capital() const {
        hb_codepoint_t glyph = 0;
        hb_glyph_extents_t extents{};
        if (!hb_font_get_nominal_glyph(font, 'H', &glyph) || !hb_font_get_glyph_extents(font, glyph, &extents))
            return 0.7;
        return static_cast<double>(extents.y_bearing) / units;
    }

  private:
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

SetLine set_line(const Font& font, const std::string& utf8, double size, double spacing, double slant) {
    return Setter(font).line(utf8, size, spacing, slant);
}

double capital_height(const Font& font) {
    return Setter(font).capital();
}

} // namespace fusuma
