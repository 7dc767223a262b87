#include "cli/photo_options.h"

#include "cli/border_options.h"
#include "core/photo/lay_flat.h"
#include "core/raster/picture.h"
#include "core/sheet/paper.h"

#include <CLI/CLI.hpp>
#include <QString>

namespace fusuma {

void add_photo_options(CLI::App& app, StickerOptions& o) {
    app.add_option("--flatten", o.flatten,
                   "lay a photograph flat: board[:PAPER], paper:PAPER, card, or corners:X,Y,X,Y,X,Y,X,Y:WxH (pixels "
                   "clockwise from the top left, then mm)");
    app.add_option("--light", o.light, "light that falls unevenly: auto, even it, or as-is")
        ->check(CLI::IsMember({"auto", "even", "as-is"}));
    app.add_option("--shadows", o.shadows, "soft shadows of the art on its ground: auto, drop or keep")
        ->check(CLI::IsMember({"auto", "drop", "keep"}));
    app.add_option("--subject", o.subject,
                   "part what stands out from any ground: auto, or the box round it as X,Y,W,H in pixels");
    app.add_option("--belongs", o.belongs, "a stroke over what belongs to the subject, as SIZE,X,Y[,X,Y…]")->take_all();
    app.add_option("--not", o.foreign, "a stroke over what does not, as SIZE,X,Y[,X,Y…]")->take_all();
}

Outcome apply_box(const char* option, const std::string& text, std::optional<PixelBox>& box) {
    if (text.empty())
        return Done{};
    PixelBox b;
    char extra = 0;
    if (std::sscanf(text.c_str(), "%6d,%6d,%6d,%6d%c", &b.x, &b.y, &b.width, &b.height, &extra) != 4 || b.width < 1 ||
        b.height < 1)
        return Problem{
            "{option} {words}: give X,Y,W,H in pixels, such as 100,80,600,400."_said.with("option", std::string(option))
                .with("words", text)};
    box = b;
    return Done{};
}

Result<Stroke> stroke_of(const char* option, const std::string& text, std::optional<Stroke::Kind> known) {
    std::vector<std::string> parts = parts_of(text);
    if (known)
        parts.insert(parts.begin(), std::string(word_of(*known)));
    const auto kind = value_of<Stroke::Kind>(parts[0]);
    Stroke stroke{.kind = kind.value_or(Stroke::Kind::add), .points = {}};
    std::vector<double> numbers;
    bool is_right = kind && parts.size() >= 4 && parts.size() % 2 == 0;
    for (std::size_t i = 1; is_right && i < parts.size(); ++i) {
        const auto number = number_of(parts[i], -1e6, 1e6);
        is_right = number.has_value();
        numbers.push_back(number.value_or(0));
    }
    if (!is_right || !(numbers[0] > 0))
        return known
                   ? Problem{"{option} {words}: give the size, and points, such as 20,100,80."_said
                                 .with("option", std::string(option))
                                 .with("words", text)}
                   : Problem{"{option} {words}: give add or erase, the size, and points, such as erase,20,100,80."_said
                                 .with("option", std::string(option))
                                 .with("words", text)};
    stroke.size = numbers[0];
    for (std::size_t i = 1; i < numbers.size(); i += 2)
        stroke.points.push_back({numbers[i], numbers[i + 1]});
    return stroke;
}

Outcome apply_photo(const StickerOptions& o, BackgroundSettings& background) {
    background.light.light = *value_of<Light>(o.light);
    background.light.shadows = *value_of<Shadows>(o.shadows);
    if (!o.subject.empty()) {
        if (o.source != "auto" && o.source != "subject")
            return Problem{"--subject and --source {source} do not go together."_said.with("source", o.source)};
        background.source = Source::subject;
        if (o.subject != "auto")
            if (const Outcome box = apply_box("--subject", o.subject, background.subject_box); !box)
                return box;
    }
    for (const auto& [option, texts, kind] :
         {std::tuple{"--belongs", &o.belongs, Stroke::Kind::belongs}, {"--not", &o.foreign, Stroke::Kind::foreign}})
        for (const std::string& text : *texts) {
            if (background.source != Source::subject)
                return Problem{"{option} says what belongs to a subject: give --subject, too."_said.with(
                    "option", std::string(option))};
            auto stroke = stroke_of(option, text, kind);
            if (!stroke)
                return stroke.problem();
            background.strokes.push_back(std::move(*stroke));
        }
    return Done{};
}

namespace {

Result<FlatWish> flat_wish(const std::string& text) {
    const Problem wrong{
        "--flatten {words}: give board, board:PAPER, paper:PAPER, card or corners:X,Y,X,Y,X,Y,X,Y:WxH."_said.with(
            "words", text)};
    const QStringList parts = QString::fromStdString(text).split(':');
    const auto by = value_of<FlatBy>(parts[0].toStdString());
    if (!by)
        return wrong;
    FlatWish wish{.by = *by};
    const bool has_corners = *by == FlatBy::corners;
    const qsizetype most = has_corners ? 3 : *by == FlatBy::card ? 1 : 2;
    if (parts.size() > most || parts.size() < (has_corners ? 3 : *by == FlatBy::paper ? 2 : 1))
        return wrong;
    if (has_corners) {
        const QStringList numbers = parts[1].split(',');
        if (numbers.size() != 8)
            return wrong;
        for (qsizetype i = 0; i < 8; ++i) {
            const auto value = number_of(numbers[i].toStdString(), -1e6, 1e6);
            if (!value)
                return wrong;
            Point& corner = wish.corners[static_cast<std::size_t>(i / 2)];
            (i % 2 == 0 ? corner.x : corner.y) = *value;
        }
        const QStringList size = parts[2].split('x');
        if (size.size() != 2)
            return wrong;
        const auto width = number_of(size[0].toStdString(), 1, 1e4), height = number_of(size[1].toStdString(), 1, 1e4);
        if (!width || !height)
            return wrong;
        wish.size = Size{*width, *height};
        return wish;
    }
    if (parts.size() > 1) {
        wish.size = parse_paper(parts[1].toStdString());
        if (!wish.size)
            return Problem{
                "--flatten {words}: {parts} is no paper; give a4, letter or WxH in mm."_said.with("words", text)
                    .with("parts", parts[1].toStdString())};
        if (*by == FlatBy::board && !can_be_board(*wish.size))
            return Problem{
                "--flatten {words}: a board's paper is at least 90 mm each way, and both together at most 1030 mm."_said
                    .with("words", text)};
    }
    return wish;
}

} // namespace

Outcome apply_flatten(const StickerOptions& o, std::shared_ptr<const Picture>& picture) {
    if (o.flatten.empty())
        return Done{};
    const auto wish = flat_wish(o.flatten);
    if (!wish)
        return wish.problem();
    const auto flat = lay_flat(*picture->pixels.get(), *wish, known_camera(*picture));
    if (!flat)
        return Problem{
            "{file_name}: {flat}"_said.with("file_name", picture->file_name).with("flat", flat.problem().message),
            flat.problem().hint};
    picture = laid_flat(picture, *flat);
    return Done{};
}

} // namespace fusuma
