#include "cli/drawing_options.h"

#include "cli/border_options.h"
#include "formats/picture/picture_read.h"

#include <CLI/CLI.hpp>
#include <QString>
#include <algorithm>
#include <charconv>

namespace fusuma {

void add_drawing_options(CLI::App& app, DrawingOptions& o) {
    app.add_flag("--drawing", o.from_pdf, "take a PDF's page as a drawing instead of as a picture");
    app.add_option("--parts", o.choice,
                   "of a drawing: round (cut only round everything), bottom (cut the bottom shape, print the rest), "
                   "colours (each colour its own piece) or file (as in the file)")
        ->check(CLI::IsMember({"round", "bottom", "colours", "file"}));
    app.add_option("--part", o.uses,
                   "what happens to parts, as WHICH=USE: USE is printed, cut, both or neither, with :kiss, :score or "
                   ":through for a line of their own. WHICH is a number from 1 at the back, a name, layer:NAME, "
                   "colour:#RRGGBB or all; may be repeated")
        ->take_all();
    app.add_option("--combine", o.combinations,
                   "combine parts, as HOW:WHICH,WHICH…: join, take-out, overlap-only, exclude, split or pieces; may be "
                   "repeated")
        ->take_all();
    app.add_flag("--visible", o.visible, "only what is visible: each part loses what lies under those above it");
    app.add_option("--drop-slivers", o.slivers, "leave out pieces of combined parts thinner than this many mm")
        ->check(CLI::Range(0.0, 20.0));
    app.add_option("--recolour", o.recolours, "print a drawing's colour as another: #RRGGBB=#RRGGBB; may be repeated")
        ->take_all();
    app.add_option("--fill-part", o.fills,
                   "fill parts anew, as WHICH=FILL; FILL is #RRGGBB, dots= or stripes=#RRGGBB,#RRGGBB[,PITCH], or the "
                   "path of a picture; may be repeated")
        ->take_all();
}

std::string colour_text(Rgb c) {
    char text[8];
    std::snprintf(text, sizeof text, "#%02X%02X%02X", c.red, c.green, c.blue);
    return text;
}

namespace {

bool same_words(const std::string& a, const std::string& b) {
    return QString::fromStdString(a).compare(QString::fromStdString(b), Qt::CaseInsensitive) == 0;
}

/// The shapes that a selector means; empty when there are none.
ShapeIds chosen(const Drawing& drawing, const Parts& parts, const std::string& which) {
    ShapeIds ids;
    std::size_t number = 0;
    const auto [end, error] = std::from_chars(which.data(), which.data() + which.size(), number);
    const bool is_number = error == std::errc() && end == which.data() + which.size();
    for (std::size_t i = 0; i < parts.shapes.size(); ++i) {
        const Shape& shape = parts.shapes[i];
        const Part* part = shape.part >= 0 ? &drawing.parts[static_cast<std::size_t>(shape.part)] : nullptr;
        bool is_meant = which == "all" || (is_number ? number == i + 1 : same_words(shape.name, which));
        if (which.starts_with("layer:") && part)
            is_meant = same_words(part->layer, which.substr(6)) || part->layer.ends_with(" / " + which.substr(6));
        if (which.starts_with("colour:")) {
            const auto colour = parse_colour(which.substr(7));
            is_meant = colour && colour_of(paints_of(drawing, parts, shape)) == colour;
        }
        if (is_meant)
            ids.insert(shape.id);
    }
    return ids;
}

Problem no_such_part(const char* option, const std::string& text, const std::string& which) {
    return {"{option} {words}: the drawing has no part “{part}”."_said.with("option", std::string(option))
                .with("words", text)
                .with("part", which),
            "`fusuma-cli parts` lists them."_said};
}

Outcome apply_use(const Drawing& drawing, Parts& parts, const std::string& text) {
    const auto equals = text.rfind('=');
    std::string use = equals == std::string::npos ? "" : text.substr(equals + 1), kind;
    const std::string which = text.substr(0, equals);
    if (const auto colon = use.find(':'); colon != std::string::npos) {
        kind = use.substr(colon + 1);
        use.resize(colon);
    }
    PartUse wanted;
    wanted.is_printed = use == "printed" || use == "both";
    const bool is_cut = use == "cut" || use == "both";
    wanted.cut = !is_cut        ? PartCut::none
                 : kind.empty() ? PartCut::outline
                                : value_of<PartCut>(kind).value_or(PartCut::none);
    const bool known_use = use == "printed" || use == "cut" || use == "both" || use == "neither";
    const bool known_kind = kind.empty() || value_of<CutKind>(kind);
    if (!known_use || !known_kind)
        return Problem{
            "--part {words}: give WHICH=printed, cut, both or neither, with :kiss, :score or :through."_said.with(
                "words", text)};
    const ShapeIds ids = chosen(drawing, parts, which);
    if (ids.empty())
        return no_such_part("--part", text, which);
    parts = with_use(std::move(parts), ids, wanted);
    return Done{};
}

Outcome apply_combination(const Drawing& drawing, Parts& parts, const std::string& text) {
    const auto colon = text.find(':');
    const std::string name = text.substr(0, colon);
    const auto way = value_of<Combining>(name);
    if (colon == std::string::npos || !way || *way == Combining::visible) // that has an option of its own
        return Problem{
            "--combine {words}: give join, take-out, overlap-only, exclude, split or pieces, a colon, and parts."_said
                .with("words", text)};
    ShapeIds ids;
    for (const std::string& which : parts_of(text.substr(colon + 1))) {
        const ShapeIds more = chosen(drawing, parts, which);
        if (more.empty())
            return no_such_part("--combine", text, which);
        ids.insert(more.begin(), more.end());
    }
    auto done = combined(drawing, parts, ids, *way);
    if (!done)
        return Problem{"--combine {words}: nothing comes of it."_said.with("words", text),
                       "Do the parts overlap?"_said};
    parts = std::move(*done);
    return Done{};
}

Outcome apply_fill(const Drawing& drawing, Parts& parts, const std::string& text) {
    const auto equals = text.find('=');
    const std::string which = text.substr(0, equals);
    const ShapeIds ids = chosen(drawing, parts, which);
    if (ids.empty() || equals == std::string::npos)
        return no_such_part("--fill-part", text, which);
    const std::string what = text.substr(equals + 1);
    PartFill fill;
    if (auto plain = parse_fill(what)) {
        fill.plain = *plain;
    } else {
        auto picture = read_picture(QString::fromStdString(what));
        if (!picture)
            return picture.problem();
        fill.picture = *picture;
    }
    parts = with_fill(std::move(parts), ids, fill);
    return Done{};
}

Outcome apply_recolour(Parts& parts, const std::string& text) {
    const auto equals = text.find('=');
    const auto from = parse_colour(text.substr(0, equals));
    const auto to = equals == std::string::npos ? std::nullopt : parse_colour(text.substr(equals + 1));
    if (!from || !to)
        return Problem{"--recolour {words}: give #RRGGBB=#RRGGBB."_said.with("words", text)};
    parts = with_recolour(std::move(parts), *from, *to);
    return Done{};
}

} // namespace

Result<std::vector<DrawnSticker>> drawings_of(std::shared_ptr<const Drawing> drawing, const DrawingOptions& o) {
    Parts parts = all_parts(*drawing);
    for (const std::string& text : o.recolours)
        if (const Outcome done = apply_recolour(parts, text); !done)
            return done.problem();
    for (const std::string& text : o.fills)
        if (const Outcome done = apply_fill(*drawing, parts, text); !done)
            return done.problem();
    for (const std::string& text : o.combinations)
        if (const Outcome done = apply_combination(*drawing, parts, text); !done)
            return done.problem();
    if (o.visible) {
        ShapeIds all;
        for (const Shape& shape : parts.shapes)
            all.insert(shape.id);
        if (auto seen = combined(*drawing, parts, all, Combining::visible))
            parts = std::move(*seen);
    }
    if (o.slivers > 0)
        parts = without_slivers(parts, o.slivers);
    const auto with_uses = [&](Parts of) -> Result<Parts> {
        for (const std::string& text : o.uses)
            if (const Outcome done = apply_use(*drawing, of, text); !done)
                return done.problem();
        return of;
    };
    std::vector<DrawnSticker> stickers;
    const auto add = [&](Parts of, std::string suffix, bool is_exact) {
        stickers.push_back(
            {DrawingArtwork{drawing, std::make_shared<const Parts>(std::move(of))}, std::move(suffix), is_exact});
    };
    if (o.choice == "colours") {
        for (auto& [colour, piece] : by_colour(*drawing, parts))
            add(std::move(piece), " " + colour_text(colour), true);
        if (stickers.empty())
            return Problem{"“{file_name}” has no parts in plain colours."_said.with("file_name", drawing->file_name)};
        return stickers;
    }
    const bool is_bottom = o.choice == "bottom",
               is_file = o.choice == "file" || (o.choice.empty() && o.uses.empty() && is_lines_alone(*drawing));
    if (is_bottom)
        parts = cut_bottom_shape(*drawing, std::move(parts));
    else if (is_file)
        parts = as_in_file(*drawing, std::move(parts));
    else if (o.choice == "round")
        parts = cut_round_everything(std::move(parts));
    auto used = with_uses(std::move(parts));
    if (!used)
        return used.problem();
    add(std::move(*used), "", is_bottom || is_file);
    return stickers;
}

} // namespace fusuma
