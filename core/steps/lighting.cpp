#include "core/steps/lighting.h"

#include "core/raster/alpha.h"

#include <algorithm>

namespace fusuma {

LightTask light_task(const BackgroundSettings& settings) {
    LightTask task{settings.light, settings.source, {}, settings.tolerance};
    if (settings.source == Source::colour && settings.use == ColourUse::take_away && !settings.colours.empty())
        task.ground = settings.colours.front();
    return task;
}

namespace {

/// Whether an evened picture is of something on paper: white along its edge, and white for the most part.
bool is_on_paper(const Image& image) {
    const EdgeColour edge = edge_colour(image);
    constexpr double white_edge = 0.85, white_part = 0.4, lightest = 90;
    if (edge.share < white_edge || to_lab(edge.colour).lightness < lightest)
        return false;
    std::size_t white = 0, seen = 0;
    for (std::size_t i = 0; i < image.pixels(); i += 11, ++seen) {
        const std::uint8_t* p = image.rgba.data() + 4 * i;
        white += std::min({p[0], p[1], p[2]}) > 215;
    }
    return static_cast<double>(white) > white_part * static_cast<double>(seen);
}

/// With pixels that stay, where they are not the artwork's own.
Lit lit_now(const PictureArtwork& artwork, const std::optional<PixelBox>& crop, const LightTask& task,
            const Work& work) {
    const auto source = artwork.picture->pixels.get(work.part(0, 0));
    const Image& whole = *source;
    const PixelBox all{0, 0, whole.width, whole.height};
    const PixelBox box = on_picture(crop.value_or(all), whole.width, whole.height);
    Lit result;
    result.origin = {box.x, box.y};
    result.pixels = box == all ? artwork.picture->pixels : Pixels(cropped(whole, box));
    result.printed = result.pixels;
    const auto framed = result.pixels.get();
    const Image& image = *framed;
    if (image.empty() || alpha_content(image) != AlphaContent::opaque)
        return result;
    const LightSettings& s = task.settings;
    const bool may_look = task.source != Source::alpha && task.source != Source::subject;
    const EdgeColour edge = edge_colour(image);
    const bool is_uneven = edge.share < one_colour;
    // A camera's light falls off towards the edge: of one colour there, it may still be darker than the middle.
    const Lab base_lab = to_lab(edge.colour);
    constexpr double grain = 4, greyest = 22;
    const bool is_photograph = artwork.picture->flat.has_value();
    const bool may_be_dimmed = (is_photograph || edge.spread > grain) && std::hypot(base_lab.a, base_lab.b) < greyest;
    if (s.light == Light::even || (s.light == Light::automatic && may_look && (is_uneven || may_be_dimmed))) {
        // A piece of a flat picture has little paper of its own: what lies round it tells of the light, too.
        const int beside = is_photograph ? std::max(box.width, box.height) / 2 : 0;
        const PixelBox around =
            on_picture({box.x - beside, box.y - beside, box.width + 2 * beside, box.height + 2 * beside}, whole.width,
                       whole.height);
        const bool is_alone = around == box;
        const Image context = is_alone ? Image() : cropped(whole, around);
        const LightField field = light_on(is_alone ? image : context, work.part(0, 0.5));
        Image even = evened(is_alone ? image : context, field, work.part(0.5, 0.7));
        if (!is_alone)
            even = cropped(even, {box.x - around.x, box.y - around.y, box.width, box.height});
        // However evenly it fell, only an evened photograph has a ground of one colour up to the art's soft edges.
        constexpr double dimmed = 0.93;
        const bool is_dimmed = field.darkest < dimmed;
        if (s.light == Light::even || ((is_dimmed || is_photograph) && is_on_paper(even))) {
            result.pixels = Pixels(std::move(even));
            result.light = Light::even;
            if (s.light == Light::automatic)
                result.why = is_dimmed ? "Light falls on it unevenly, so it was evened."_said
                                       : "A photograph laid flat, so its light was evened."_said;
        }
    }
    const bool has_ground = !is_uneven || task.ground;
    if (s.shadows == Shadows::drop ||
        (s.shadows == Shadows::automatic && may_look && has_ground && result.light == Light::as_is)) {
        const EdgeColour base = result.light == Light::even ? edge_colour(*result.pixels.get()) : edge;
        auto clean = without_shadows(*result.pixels.get(), task.ground.value_or(base.colour),
                                     std::max(task.tolerance, 2 * base.spread), work.part(0.7, 1));
        if (clean) {
            result.pixels = Pixels(std::move(*clean));
            result.shadows = Shadows::drop;
            if (s.shadows == Shadows::automatic)
                result.why = result.why.then("Soft shadows on its ground are left out."_said);
        }
    }
    // Where light stays as it came, shadows do, too.
    if ((result.light == Light::even || result.shadows == Shadows::drop) && s.prints_evened)
        result.printed = result.light == Light::even && s.whitens_paper ? Pixels(with_white_paper(*result.pixels.get()))
                                                                        : result.pixels;
    return result;
}

} // namespace

Lit lit(const PictureArtwork& artwork, const std::optional<PixelBox>& crop, const LightTask& task, const Work& work) {
    Lit result = lit_now(artwork, crop, task, work);
    const auto can_be_made_again = [&](Pixels Lit::*which) {
        if (const Pixels& made = result.*which; made.bytes_held() > 0 && made != artwork.picture->pixels)
            return Pixels(made.get(), [artwork, crop, task, which](const Work& again) {
                return (lit_now(artwork, crop, task, again).*which).get();
            });
        return result.*which;
    };
    const bool is_printed = result.printed == result.pixels;
    result.pixels = can_be_made_again(&Lit::pixels);
    result.printed = is_printed ? result.pixels : can_be_made_again(&Lit::printed);
    return result;
}

} // namespace fusuma
