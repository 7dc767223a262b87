#include "cli/border_options.h"
#include "cli/drawing_options.h"
#include "cli/photo_options.h"
#include "cli/report.h"
#include "formats/drawing/drawing_read.h"
#include "formats/picture/picture_read.h"

#include <CLI/CLI.hpp>
#include <QFile>
#include <cstdio>
#include <numbers>

namespace fusuma {

void add_options(CLI::App& app, StickerOptions& o) {
    app.add_option("--source", o.source,
                   "what tells art from background: auto, alpha, brightness, subject, colour, "
                   "colour=#RRGGBB[,#RRGGBB…] to take "
                   "colours away, or keep=#RRGGBB[,…] to keep nothing else")
        ->capture_default_str();
    app.add_option("--tolerance", o.tolerance, "with colour: difference up to which a pixel counts as background")
        ->check(CLI::Range(0.1, 200.0));
    app.add_flag("--pockets", o.all_pockets, "with colour: take it away where the art encloses it, too");
    app.add_option("--pocket", o.pockets, "take the even patch of colour at X,Y (pixels) away; may be repeated")
        ->take_all();
    app.add_flag("--fill-inside", o.fill_inside, "whatever the art encloses counts as art");
    app.add_option("--stroke", o.strokes, "a brush stroke as add|erase,SIZE,X,Y[,X,Y…] in pixels; may be repeated")
        ->take_all();
    app.add_option("--focus", o.focus, "only this part of the picture, as X,Y,W,H in pixels");
    app.add_option("--crop", o.crop, "use only this part of the picture, as X,Y,W,H in pixels");
    app.add_flag("--mirror", o.mirror, "exchange left and right");
    app.add_option("--turn", o.turn_deg, "turn the artwork clockwise, in degrees")->check(CLI::Range(-360.0, 360.0));
    add_photo_options(app, o);
    app.add_option("--page", o.page, "the page of a PDF")->check(CLI::Range(1, 100000));
    app.add_option("--resolution", o.resolution, "dots per inch at which a PDF's page is drawn")
        ->check(CLI::Range(10.0, 2400.0));
    app.add_option("--threshold", o.threshold,
                   "coverage above which a pixel counts as art, or with brightness the grey below which it does, 0-255")
        ->check(CLI::Range(0, 255));
    app.add_option("--detail", o.detail_px, "farthest that the curve may stray, in pixels")
        ->check(CLI::Range(0.02, 50.0));
    app.add_option("--smoothing", o.smoothing_px, "length over which wobbles of the edge are evened out, in pixels")
        ->check(CLI::Range(0.0, 500.0));
    app.add_option("--ignore-specks", o.ignore_specks, "drop contours smaller than this many mm²")
        ->check(CLI::Range(0.0, 1e5));
    app.add_option("--ignore-holes", o.ignore_holes, "close holes smaller than this many mm² (as --ignore-specks)")
        ->check(CLI::Range(0.0, 1e5));
    app.add_flag("--outer-only", o.outer_only, "leave all holes out");
    app.add_option("--close-gaps", o.close_gaps, "close breaks in lines up to this many mm")
        ->check(CLI::Range(0.0, 20.0));
    app.add_option("--width", o.width, "width of the artwork in mm")->check(CLI::Range(0.5, 5000.0));
    add_border_options(app, o);
    add_drawing_options(app, o.drawing);
    app.add_option("--cut", o.cut, "kiss or through")->check(CLI::IsMember({"kiss", "through"}));
}

namespace {

Outcome apply_source(const StickerOptions& o, BackgroundSettings& background) {
    const std::string kind = o.source.substr(0, o.source.find('='));
    const bool names_colours = kind.size() < o.source.size();
    if (kind == "colour" || (kind == "keep" && names_colours)) {
        background.source = Source::colour;
        background.use = kind == "keep" ? ColourUse::keep_only : ColourUse::take_away;
    } else if (const auto source = value_of<Source>(o.source)) {
        background.source = *source;
    } else {
        return Problem{
            "--source {source}: give auto, alpha, brightness, subject, colour, colour=#RRGGBB or keep=#RRGGBB."_said
                .with("source", o.source)};
    }
    if (names_colours)
        for (const std::string& part : parts_of(o.source.substr(kind.size() + 1))) {
            const auto colour = parse_colour(part);
            if (!colour || background.colours.size() >= most_colours)
                return Problem{
                    "--source {source}: give colours as {kind}=#RRGGBB,#RRGGBB."_said.with("source", o.source)
                        .with("kind", kind)};
            background.colours.push_back(*colour);
        }
    background.tolerance = o.tolerance.value_or(background.tolerance);
    background.pockets = o.all_pockets;
    background.fill_inside = o.fill_inside;
    return Done{};
}

Outcome apply_hand_work(const StickerOptions& o, BackgroundSettings& background) {
    for (const std::string& text : o.pockets) {
        PixelPlace p;
        char extra = 0;
        if (std::sscanf(text.c_str(), "%6d,%6d%c", &p.x, &p.y, &extra) != 2)
            return Problem{"--pocket {words}: give X,Y in pixels, such as 100,80."_said.with("words", text)};
        background.pockets_at.push_back(p);
    }
    for (const std::string& text : o.strokes) {
        auto stroke = stroke_of("--stroke", text);
        if (!stroke)
            return stroke.problem();
        background.strokes.push_back(std::move(*stroke));
    }
    return Done{};
}

} // namespace

namespace {

/// What holds for every kind of artwork.
Outcome apply_to_any(const StickerOptions& o, Sticker& s) {
    if (o.width)
        s.width = *o.width;
    if (o.ignore_specks)
        s.clean.specks = s.clean.holes = *o.ignore_specks;
    if (o.ignore_holes)
        s.clean.holes = *o.ignore_holes;
    s.clean.outer_only = o.outer_only;
    s.clean.gaps = o.close_gaps.value_or(0);
    if (!o.cut.empty())
        s.cut = *value_of<CutKind>(o.cut);
    if (const Outcome border = apply_border(o, s); !border)
        return border;
    if (!o.left_out.empty())
        leave_lines_out(o, s);
    return Done{};
}

Framing framing_of(const StickerOptions& o) {
    return {.mirrored = o.mirror, .turn = o.turn_deg.value_or(0) * std::numbers::pi / 180};
}

Result<std::vector<Sticker>> drawn_stickers(const std::shared_ptr<const Drawing>& drawing, const StickerOptions& o) {
    if (!drawing->note.empty())
        tell(drawing->note);
    auto drawn = drawings_of(drawing, o.drawing);
    if (!drawn)
        return drawn.problem();
    std::vector<Sticker> stickers;
    for (DrawnSticker& one : *drawn) {
        Sticker s = new_sticker(std::move(one.artwork));
        s.name += one.suffix;
        if (one.is_exact)
            s.border.width = 0;
        s = reframed(std::move(s), framing_of(o));
        if (const Outcome done = apply_to_any(o, s); !done)
            return done.problem();
        stickers.push_back(std::move(s));
    }
    return stickers;
}

Result<Sticker> picture_sticker(std::shared_ptr<const Picture> picture, const StickerOptions& o) {
    if (!picture->note.empty())
        tell(picture->note);
    if (const Outcome flat = apply_flatten(o, picture); !flat)
        return flat.problem();
    Sticker s = new_sticker(PictureArtwork{picture});
    if (o.dpi)
        s.width = picture->pixels.width() / *o.dpi * mm_per_inch;
    Framing framing = framing_of(o);
    if (const Outcome crop = apply_box("--crop", o.crop, framing.crop); !crop)
        return crop.problem();
    s = reframed(std::move(s), framing);
    if (const Outcome source = apply_source(o, s.background); !source)
        return source.problem();
    if (const Outcome photo = apply_photo(o, s.background); !photo)
        return photo.problem();
    if (const Outcome focus = apply_box("--focus", o.focus, s.background.focus); !focus)
        return focus.problem();
    if (const Outcome by_hand = apply_hand_work(o, s.background); !by_hand)
        return by_hand.problem();
    if (o.threshold) {
        const bool by_brightness = offer(*picture->pixels.get(), s.background).settings.source == Source::brightness;
        if (by_brightness)
            s.background.brightness = *o.threshold;
        else
            s.trace.threshold = *o.threshold;
    }
    if (o.detail_px)
        s.trace.detail_px = *o.detail_px;
    if (o.smoothing_px)
        s.trace.smoothing_px = *o.smoothing_px;
    if (const Outcome done = apply_to_any(o, s); !done)
        return done.problem();
    return s;
}

} // namespace

Result<std::vector<Sticker>> stickers_of(const std::string& path, const StickerOptions& o) {
    const QString file = QString::fromStdString(path);
    if (o.drawing.from_pdf) {
        const auto drawing = read_drawing(file, o.page);
        return drawing ? drawn_stickers(*drawing, o) : drawing.problem();
    }
    const auto artwork = read_artwork(file, PageChoice{o.page, o.resolution});
    if (!artwork)
        return artwork.problem();
    if (const auto* drawing = std::get_if<std::shared_ptr<const Drawing>>(&*artwork))
        return drawn_stickers(*drawing, o);
    auto sticker = picture_sticker(std::get<std::shared_ptr<const Picture>>(*artwork), o);
    if (!sticker)
        return sticker.problem();
    return std::vector<Sticker>{std::move(*sticker)};
}

} // namespace fusuma
