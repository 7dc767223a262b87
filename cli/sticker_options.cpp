#include "cli/commands.h"
#include "formats/picture_read.h"

#include <CLI/CLI.hpp>
#include <charconv>
#include <cstdio>

namespace fusuma {

void add_options(CLI::App& app, StickerOptions& o) {
    app.add_option("--source", o.source,
                   "what tells art from background: auto, alpha, brightness, colour or colour=#RRGGBB")
        ->capture_default_str();
    app.add_option("--tolerance", o.tolerance, "with colour: difference up to which a pixel counts as background")
        ->check(CLI::Range(0.1, 200.0));
    app.add_option("--focus", o.focus, "only this part of the picture, as X,Y,W,H in pixels");
    app.add_option("--threshold", o.threshold,
                   "coverage above which a pixel counts as art, or with brightness the grey below which it does, 0-255")
        ->check(CLI::Range(0, 255));
    app.add_option("--detail", o.detail_px, "farthest that the curve may stray, in pixels")
        ->check(CLI::Range(0.02, 50.0));
    app.add_option("--ignore-specks", o.ignore_specks, "drop contours smaller than this many mm²")
        ->check(CLI::Range(0.0, 1e5));
    app.add_option("--width", o.width, "width of the artwork in mm")->check(CLI::Range(0.5, 5000.0));
    app.add_option("--border", o.border, "border in mm, negative inward")->check(CLI::Range(-50.0, 50.0));
    app.add_option("--corners", o.corners, "round, mitre or bevel")->check(CLI::IsMember({"round", "mitre", "bevel"}));
    app.add_option("--holes", o.holes, "keep, close, or close-under=MM2");
    app.add_option("--cut", o.cut, "kiss or through")->check(CLI::IsMember({"kiss", "through"}));
}

namespace {

Outcome apply_source(const StickerOptions& o, BackgroundSettings& background) {
    const std::string prefix = "colour=";
    if (o.source == "alpha") {
        background.source = Source::alpha;
    } else if (o.source == "brightness") {
        background.source = Source::brightness;
    } else if (o.source == "colour") {
        background.source = Source::colour;
    } else if (o.source.starts_with(prefix)) {
        unsigned rgb = 0;
        const char* first = o.source.data() + prefix.size();
        const char* last = o.source.data() + o.source.size();
        first += first != last && *first == '#';
        const auto [end, error] = std::from_chars(first, last, rgb, 16);
        if (error != std::errc{} || end != last || last - first != 6)
            return Problem{"--source " + o.source + ": give the colour as colour=#RRGGBB."};
        background.source = Source::colour;
        background.colour = Rgb{static_cast<std::uint8_t>(rgb >> 16), static_cast<std::uint8_t>(rgb >> 8 & 255),
                                static_cast<std::uint8_t>(rgb & 255)};
    } else if (o.source != "auto") {
        return Problem{"--source " + o.source + ": give auto, alpha, brightness, colour or colour=#RRGGBB."};
    }
    background.tolerance = o.tolerance.value_or(background.tolerance);
    return Done{};
}

Outcome apply_focus(const std::string& text, BackgroundSettings& background) {
    if (text.empty())
        return Done{};
    Focus f;
    char extra = 0;
    if (std::sscanf(text.c_str(), "%9d,%9d,%9d,%9d%c", &f.x, &f.y, &f.width, &f.height, &extra) != 4 || f.width < 1 ||
        f.height < 1)
        return Problem{"--focus " + text + ": give X,Y,W,H in pixels, such as 100,80,600,400."};
    background.focus = f;
    return Done{};
}

Outcome apply_holes(const std::string& text, BorderSettings& border) {
    const std::string prefix = "close-under=";
    if (text == "keep") {
        border.holes = Holes::keep;
    } else if (text == "close") {
        border.holes = Holes::close;
    } else if (text.starts_with(prefix)) {
        bool is_number = false;
        border.close_under = QString::fromStdString(text.substr(prefix.size())).toDouble(&is_number);
        border.holes = Holes::close_small;
        if (!is_number || border.close_under < 0)
            return Problem{"--holes " + text + ": give the area in mm², such as close-under=9."};
    } else if (!text.empty()) {
        return Problem{"--holes " + text + ": give keep, close or close-under=MM2."};
    }
    return Done{};
}

} // namespace

Result<Sticker> sticker_of(const std::string& art_path, const StickerOptions& o) {
    auto picture = read_picture(QString::fromStdString(art_path));
    if (!picture)
        return picture.problem();
    Sticker s = new_sticker(PictureArtwork{*picture});
    if (o.width)
        s.width = *o.width;
    if (o.dpi)
        s.width = (*picture)->pixels.width / *o.dpi * mm_per_inch;
    if (const Outcome source = apply_source(o, s.background); !source)
        return source.problem();
    if (const Outcome focus = apply_focus(o.focus, s.background); !focus)
        return focus.problem();
    if (o.threshold) {
        const bool by_brightness = offer((*picture)->pixels, s.background).settings.source == Source::brightness;
        if (by_brightness)
            s.background.brightness = *o.threshold;
        else
            s.trace.threshold = *o.threshold;
    }
    if (o.detail_px)
        s.trace.detail_px = *o.detail_px;
    if (o.ignore_specks)
        s.ignore_specks = *o.ignore_specks;
    if (o.border)
        s.border.width = *o.border;
    if (!o.corners.empty())
        s.border.corners = o.corners == "round"   ? Corners::round
                           : o.corners == "mitre" ? Corners::mitre
                                                  : Corners::bevel;
    if (o.cut == "through")
        s.cut = CutKind::through;
    const Outcome holes = apply_holes(o.holes, s.border);
    return holes ? Result<Sticker>(std::move(s)) : holes.problem();
}

} // namespace fusuma
