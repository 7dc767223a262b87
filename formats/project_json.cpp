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
constexpr std::array use_words{Word{ColourUse::take_away, "take-away"}, Word{ColourUse::keep_only, "keep-only"}};
constexpr std::array stroke_words{Word{Stroke::Kind::add, "add"}, Word{Stroke::Kind::erase, "erase"}};
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

json box_json(const std::optional<PixelBox>& box) {
    return box ? json{box->x, box->y, box->width, box->height} : json(nullptr);
}

std::optional<PixelBox> box_from(const json& parent, const char* key) {
    if (!parent.contains(key) || parent.at(key).is_null())
        return std::nullopt;
    const auto b = parent.at(key).get<std::array<int, 4>>();
    for (const int v : b)
        if (v < -1000000 || v > 1000000)
            throw std::out_of_range(std::string(key) + " is out of range");
    return PixelBox{b[0], b[1], b[2], b[3]};
}

json known_fields(const BackgroundSettings& b) {
    json fields{{"source", word_of(b.source, source_words)},
                {"use", word_of(b.use, use_words)},
                {"tolerance", b.tolerance},
                {"pockets", b.pockets},
                {"pockets_at", json::array()},
                {"fill_inside", b.fill_inside},
                {"brightness", nullptr},
                {"colours", json::array()},
                {"strokes", json::array()},
                {"focus", box_json(b.focus)}};
    if (b.brightness)
        fields["brightness"] = *b.brightness;
    for (const Rgb c : b.colours)
        fields["colours"].push_back({c.red, c.green, c.blue});
    for (const PixelPlace p : b.pockets_at)
        fields["pockets_at"].push_back({p.x, p.y});
    for (const Stroke& stroke : b.strokes) {
        json points = json::array();
        for (const Point p : stroke.points)
            points.push_back({p.x, p.y});
        fields["strokes"].push_back({{"kind", word_of(stroke.kind, stroke_words)},
                                     {"size", stroke.size},
                                     {"hardness", stroke.hardness},
                                     {"points", std::move(points)}});
    }
    return fields;
}

Rgb colour_from(const json& j) {
    const auto c = j.get<std::array<std::uint8_t, 3>>();
    return {c[0], c[1], c[2]};
}

Stroke stroke_from(const json& j) {
    Stroke stroke;
    stroke.kind = value_of(j.at("kind"), stroke_words);
    stroke.size = number_in(j, "size", 0.1, 100000);
    stroke.hardness = number_in(j, "hardness", 0, 1);
    for (const json& p : j.at("points")) {
        const auto xy = p.get<std::array<double, 2>>();
        if (!(std::hypot(xy[0], xy[1]) < 1e6))
            throw std::out_of_range("a brush stroke is out of range");
        stroke.points.push_back({xy[0], xy[1]});
    }
    return stroke;
}

BackgroundSettings background_from(const json& j) {
    BackgroundSettings b;
    b.source = value_of(j.at("source"), source_words);
    b.tolerance = number_in(j, "tolerance", 0.1, 200);
    b.pockets = j.at("pockets").get<bool>();
    if (j.contains("brightness") && !j.at("brightness").is_null())
        b.brightness = number_in(j, "brightness", 0, 255);
    // Fields that came later are missing in older projects, which knew one colour.
    if (j.contains("colour") && !j.at("colour").is_null())
        b.colours = {colour_from(j.at("colour"))};
    if (j.contains("use"))
        b.use = value_of(j.at("use"), use_words);
    b.fill_inside = j.value("fill_inside", false);
    for (const json& c : j.value("colours", json::array()))
        b.colours.push_back(colour_from(c));
    if (b.colours.size() > most_colours)
        throw std::out_of_range("colours are too many");
    for (const json& p : j.value("pockets_at", json::array())) {
        const auto xy = p.get<std::array<int, 2>>();
        b.pockets_at.push_back({xy[0], xy[1]});
    }
    for (const json& s : j.value("strokes", json::array()))
        b.strokes.push_back(stroke_from(s));
    b.focus = box_from(j, "focus");
    return b;
}

json known_fields(const Sticker& s, const json& artwork) {
    return {
        {"id", s.id},
        {"name", s.name},
        {"artwork", artwork},
        {"width", s.width},
        {"framing", {{"crop", box_json(s.framing.crop)}, {"mirrored", s.framing.mirrored}, {"turn", s.framing.turn}}},
        {"background", known_fields(s.background)},
        {"outline",
         {{"threshold", s.trace.threshold},
          {"detail_px", s.trace.detail_px},
          {"smoothing_px", s.trace.smoothing_px},
          {"ignore_specks", s.clean.specks},
          {"ignore_holes", s.clean.holes},
          {"outer_only", s.clean.outer_only},
          {"close_gaps", s.clean.gaps}}},
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
    s.clean.specks = number_in(outline, "ignore_specks", 0, 1e6);
    s.clean.holes = outline.contains("ignore_holes") ? number_in(outline, "ignore_holes", 0, 1e6) : s.clean.specks;
    s.clean.outer_only = outline.value("outer_only", false);
    if (outline.contains("close_gaps"))
        s.clean.gaps = number_in(outline, "close_gaps", 0, 50);
    if (outline.contains("smoothing_px"))
        s.trace.smoothing_px = number_in(outline, "smoothing_px", 0, 1000);
    if (j.contains("framing")) {
        s.framing.crop = box_from(j.at("framing"), "crop");
        s.framing.mirrored = j.at("framing").at("mirrored").get<bool>();
        s.framing.turn = number_in(j.at("framing"), "turn", -1000, 1000);
    }
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
                json fields{{"kind", "picture"}, {"file", file_of(art)}, {"name", art.picture->file_name}};
                if (art.picture->page > 0)
                    fields.update({{"page", art.picture->page}, {"dpi", art.picture->dpi}});
                return fields;
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
