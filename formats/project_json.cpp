#include "formats/project_json.h"

#include "formats/project_file.h"

#include <array>
#include <cmath>
#include <set>
#include <stdexcept>

namespace fusuma {

using nlohmann::json;

namespace {

/// The words of a choice in the file, one table per enum for both directions.
template <typename E> struct Word {
    E value;
    const char* word;
};
constexpr std::array corner_words{Word{Corners::round, "round"}, Word{Corners::mitre, "mitre"},
                                  Word{Corners::bevel, "bevel"}};
constexpr std::array hole_words{Word{Holes::keep, "keep"}, Word{Holes::close, "close"},
                                Word{Holes::close_small, "close-small"}};
constexpr std::array cut_words{Word{CutKind::kiss, "kiss"}, Word{CutKind::through, "through"}};
constexpr std::array source_words{Word{Source::automatic, "auto"}, Word{Source::alpha, "alpha"},
                                  Word{Source::brightness, "brightness"}, Word{Source::colour, "colour"}};
constexpr std::array mark_words{Word{MarkKind::dots, "dots"}, Word{MarkKind::none, "none"}};
constexpr std::array unit_words{Word{Unit::mm, "mm"}, Word{Unit::cm, "cm"}, Word{Unit::inch, "in"}};

template <typename E, std::size_t N> const char* word_of(E value, const std::array<Word<E>, N>& words) {
    for (const Word<E>& w : words)
        if (w.value == value)
            return w.word;
    return words.front().word;
}

template <typename E, std::size_t N> E value_of(const json& field, const std::array<Word<E>, N>& words) {
    const auto& text = field.get_ref<const std::string&>();
    for (const Word<E>& w : words)
        if (text == w.word)
            return w.value;
    throw std::out_of_range("“" + text + "” is not a known choice");
}

double number_in(const json& parent, const char* key, double least, double most) {
    const double value = parent.at(key).get<double>();
    if (!(value >= least && value <= most))
        throw std::out_of_range(std::string(key) + " is out of range");
    return value;
}

/// What was carried, overlaid with what we know.
json over_carried(const std::string& carried, const json& known) {
    json whole = carried.empty() ? json::object() : json::parse(carried);
    whole.merge_patch(known);
    return whole;
}

/// The object without the fields we know, so only what we do not is carried. Empty when nothing is left.
json unknown_fields(const json& read, const json& known) {
    json rest = json::object();
    for (const auto& [key, value] : read.items()) {
        if (!known.contains(key))
            rest[key] = value;
        else if (value.is_object() && known.at(key).is_object())
            if (json inner = unknown_fields(value, known.at(key)); !inner.empty())
                rest[key] = std::move(inner);
    }
    return rest;
}

std::string carried_text(const json& read, const json& known) {
    const json rest = unknown_fields(read, known);
    return rest.empty() ? std::string() : rest.dump();
}

json known_fields(const BackgroundSettings& b) {
    json fields{{"source", word_of(b.source, source_words)},
                {"tolerance", b.tolerance},
                {"pockets", b.pockets},
                {"brightness", nullptr},
                {"colour", nullptr},
                {"focus", nullptr}};
    if (b.brightness)
        fields["brightness"] = *b.brightness;
    if (b.colour)
        fields["colour"] = {b.colour->red, b.colour->green, b.colour->blue};
    if (b.focus)
        fields["focus"] = {b.focus->x, b.focus->y, b.focus->width, b.focus->height};
    return fields;
}

BackgroundSettings background_from(const json& j) {
    BackgroundSettings b;
    b.source = value_of(j.at("source"), source_words);
    b.tolerance = number_in(j, "tolerance", 0.1, 200);
    b.pockets = j.at("pockets").get<bool>();
    if (j.contains("brightness") && !j.at("brightness").is_null())
        b.brightness = number_in(j, "brightness", 0, 255);
    if (j.contains("colour") && !j.at("colour").is_null()) {
        const auto c = j.at("colour").get<std::array<std::uint8_t, 3>>();
        b.colour = Rgb{c[0], c[1], c[2]};
    }
    if (j.contains("focus") && !j.at("focus").is_null()) {
        const auto f = j.at("focus").get<std::array<int, 4>>();
        for (const int v : f)
            if (v < -1000000 || v > 1000000)
                throw std::out_of_range("focus is out of range");
        b.focus = Focus{f[0], f[1], f[2], f[3]};
    }
    return b;
}

json known_fields(const Sticker& s, const json& artwork) {
    return {{"id", s.id},
            {"name", s.name},
            {"artwork", artwork},
            {"width", s.width},
            {"background", known_fields(s.background)},
            {"outline",
             {{"threshold", s.trace.threshold}, {"detail_px", s.trace.detail_px}, {"ignore_specks", s.ignore_specks}}},
            {"border",
             {{"width", s.border.width},
              {"corners", word_of(s.border.corners, corner_words)},
              {"holes", word_of(s.border.holes, hole_words)},
              {"close_under", s.border.close_under}}},
            {"cut", word_of(s.cut, cut_words)}};
}

Result<Sticker> sticker_from(const json& j, const ArtworkFrom& artwork_from) {
    Sticker s;
    s.id = j.at("id").get<int>();
    s.name = j.at("name").get<std::string>();
    auto artwork = artwork_from(j.at("artwork"));
    if (!artwork)
        return artwork.problem();
    s.artwork = std::move(*artwork);
    s.width = number_in(j, "width", 0.1, 5000);
    if (j.contains("background")) // projects from before the step existed have none
        s.background = background_from(j.at("background"));
    const json& outline = j.at("outline");
    s.trace.threshold = number_in(outline, "threshold", 0, 255);
    s.trace.detail_px = number_in(outline, "detail_px", 0.01, 100);
    s.ignore_specks = number_in(outline, "ignore_specks", 0, 1e6);
    const json& border = j.at("border");
    s.border.width = number_in(border, "width", -100, 100);
    s.border.corners = value_of(border.at("corners"), corner_words);
    s.border.holes = value_of(border.at("holes"), hole_words);
    s.border.close_under = number_in(border, "close_under", 0, 1e6);
    s.cut = value_of(j.at("cut"), cut_words);
    s.carried = carried_text(j, known_fields(s, j.at("artwork")));
    return s;
}

json known_fields(const Document& d) {
    return {{"schema", project_schema},
            {"unit", word_of(d.unit, unit_words)},
            {"next_id", d.next_id},
            {"sheet",
             {{"paper", {d.sheet.paper.width, d.sheet.paper.height}},
              {"printer_margin", d.sheet.printer_margin},
              {"cutter_margin", d.sheet.cutter_margin},
              {"gap", d.sheet.gap},
              {"marks",
               {{"kind", word_of(d.sheet.marks.kind, mark_words)},
                {"inset", d.sheet.marks.inset},
                {"radius", d.sheet.marks.radius},
                {"keep_clear", d.sheet.marks.keep_clear}}}}},
            {"stickers", json::array()},
            {"placements", json::array()}};
}

SheetSettings sheet_from(const json& j) {
    SheetSettings sheet;
    const auto paper = j.at("paper").get<std::array<double, 2>>();
    for (const double side : paper)
        if (!(side >= 20 && side <= 2000))
            throw std::out_of_range("paper is out of range");
    sheet.paper = {paper[0], paper[1]};
    sheet.printer_margin = number_in(j, "printer_margin", 0, 500);
    sheet.cutter_margin = number_in(j, "cutter_margin", 0, 500);
    sheet.gap = number_in(j, "gap", 0, 500);
    const json& m = j.at("marks");
    sheet.marks.kind = value_of(m.at("kind"), mark_words);
    sheet.marks.inset = number_in(m, "inset", 0, 500);
    sheet.marks.radius = number_in(m, "radius", 0.1, 50);
    sheet.marks.keep_clear = number_in(m, "keep_clear", 0, 500);
    return sheet;
}

} // namespace

json to_json(const Document& document, const ArtworkFile& file_of) {
    json whole = over_carried(document.carried, known_fields(document));
    for (const auto& sticker : document.stickers) {
        const json artwork = std::visit(
            [&](const PictureArtwork& art) {
                return json{{"kind", "picture"}, {"file", file_of(art)}, {"name", art.picture->file_name}};
            },
            sticker->artwork);
        whole["stickers"].push_back(over_carried(sticker->carried, known_fields(*sticker, artwork)));
    }
    for (const Placement& p : document.placements)
        whole["placements"].push_back({{"sticker", p.sticker},
                                       {"centre", {p.centre.x, p.centre.y}},
                                       {"turn", p.turn},
                                       {"mirrored", p.mirrored},
                                       {"scale", p.scale}});
    return whole;
}

Result<Document> from_json(const json& j, const ArtworkFrom& artwork_from) {
    Document d;
    d.unit = value_of(j.at("unit"), unit_words);
    d.next_id = j.at("next_id").get<int>();
    d.sheet = sheet_from(j.at("sheet"));
    std::set<int> ids;
    for (const json& s : j.at("stickers")) {
        auto sticker = sticker_from(s, artwork_from);
        if (!sticker)
            return sticker.problem();
        if (sticker->id < 1 || sticker->id >= d.next_id || !ids.insert(sticker->id).second)
            throw std::out_of_range("a sticker's id is out of range");
        d.stickers.push_back(std::make_shared<const Sticker>(std::move(*sticker)));
    }
    for (const json& p : j.at("placements")) {
        const auto centre = p.at("centre").get<std::array<double, 2>>();
        if (!ids.contains(p.at("sticker").get<int>()) || !(std::hypot(centre[0], centre[1]) < 1e5))
            throw std::out_of_range("a copy is out of range");
        d.placements.push_back({.sticker = p.at("sticker").get<int>(),
                                .centre = {centre[0], centre[1]},
                                .turn = number_in(p, "turn", -1000, 1000),
                                .mirrored = p.at("mirrored").get<bool>(),
                                .scale = number_in(p, "scale", 0.001, 1000)});
    }
    d.carried = carried_text(j, known_fields(d));
    return d;
}

} // namespace fusuma
