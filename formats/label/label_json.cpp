#include "formats/label/label_json.h"

#include "formats/room/room.h"

#include "formats/basics/file.h"
#include "formats/basics/shipped.h"
#include "formats/fonts/fonts.h"
#include "formats/label/calendars.h"
#include "formats/picture/picture_json.h"

namespace fusuma {

namespace {

json optional_colour(const std::optional<Rgb>& colour) {
    return colour ? colour_json(*colour) : json(nullptr);
}

std::optional<Rgb> optional_colour_from(const json& j, const char* key) {
    return j.contains(key) && !j.at(key).is_null() ? std::optional(colour_from(j.at(key))) : std::nullopt;
}

json shape_json(const ShapeNumbers& s) {
    return {{"kind", word_of(s.kind)}, {"width", s.width}, {"height", s.height},
            {"corner", s.corner},      {"hole", s.hole},   {"hole_from_edge", s.hole_from_edge},
            {"points", s.points},      {"depth", s.depth}};
}

/// A number that may be left out.
double number_or(const json& j, const char* key, double usual, double least, double most) {
    return j.contains(key) ? number_in(j, key, least, most) : usual;
}

ShapeNumbers shape_from(const json& j) {
    const ShapeNumbers usual;
    return {.kind = choice_from<LabelShape>(j.at("kind")),
            .width = number_in(j, "width", 2, 1000),
            .height = number_in(j, "height", 2, 1000),
            .corner = number_or(j, "corner", usual.corner, 0, 500),
            .hole = number_or(j, "hole", usual.hole, 0, 200),
            .hole_from_edge = number_or(j, "hole_from_edge", usual.hole_from_edge, 0, 500),
            .points = static_cast<int>(number_or(j, "points", usual.points, 3, 60)),
            .depth = number_or(j, "depth", usual.depth, 0, 0.9)};
}

json text_json(const LabelText& t) {
    return {{"words", t.words},
            {"font", t.font.family},
            {"bold", t.font.is_bold},
            {"italic", t.font.is_italic},
            {"size", t.size},
            {"fits_room", t.fits_room},
            {"least_size", t.least_size},
            {"align", word_of(t.align)},
            {"run", word_of(t.run)},
            {"line_spacing", t.line_spacing},
            {"letter_spacing", t.letter_spacing},
            {"colour", optional_colour(t.colour)}};
}

LabelText text_from(const json& j) {
    LabelText t;
    t.words = j.at("words").get<std::string>();
    constexpr std::size_t longest = 20'000;
    if (t.words.size() > longest)
        throw WrongField("words are too many"_said);
    t.font.family = j.value("font", t.font.family);
    t.font.is_bold = j.value("bold", false);
    t.font.is_italic = j.value("italic", false);
    t.font.font = find_font(t.font.family, t.font.is_bold, t.font.is_italic);
    t.size = number_or(j, "size", t.size, 0.3, 500);
    t.fits_room = j.value("fits_room", false);
    t.least_size = number_or(j, "least_size", t.least_size, 0.3, 500);
    if (j.contains("align"))
        t.align = choice_from<TextAlign>(j.at("align"));
    if (j.contains("run"))
        t.run = choice_from<TextRun>(j.at("run"));
    t.line_spacing = number_or(j, "line_spacing", t.line_spacing, 0.5, 5);
    t.letter_spacing = number_or(j, "letter_spacing", t.letter_spacing, -0.3, 3);
    t.colour = optional_colour_from(j, "colour");
    return t;
}

Table table_from(const json& j) {
    Table table{j.at("columns").get<std::vector<std::string>>(),
                j.at("rows").get<std::vector<std::vector<std::string>>>()};
    if (table.columns.size() > most_columns || table.rows.size() > most_rows)
        throw WrongField("the list is too long"_said);
    for (auto& row : table.rows)
        row.resize(table.columns.size());
    return table;
}

} // namespace

json label_json(const LabelDesign& d, const StoreFile& store) {
    json j{{"shape", shape_json(d.shape)},
           {"ground", optional_colour(d.ground)},
           {"frame", {{"width", d.frame.width}, {"inset", d.frame.inset}, {"colour", optional_colour(d.frame.colour)}}},
           {"safety", d.safety},
           {"texts", json::array()},
           {"letters_cut", d.letters_cut ? json(word_of(*d.letters_cut)) : json(nullptr)},
           {"day", {d.day.year, d.day.month, d.day.day}},
           {"in_one_size", d.in_one_size}};
    for (const LabelText& text : d.texts)
        j["texts"].push_back(text_json(text));
    if (d.picture.picture || !d.picture.field.empty()) {
        json& p = j["picture"] = {{"field", d.picture.field},
                                  {"place", word_of(d.picture.place)},
                                  {"share", d.picture.share},
                                  {"by_name", json::object()}};
        if (d.picture.picture)
            p["same"] = picture_json(*d.picture.picture, store);
        for (const auto& [name, picture] : d.picture.by_name)
            p["by_name"][name] = picture_json(*picture, store);
    }
    if (d.calendar)
        j["dates_in"] = d.calendar->language;
    if (d.table)
        j["table"] = {{"columns", d.table->columns}, {"rows", d.table->rows}};
    return j;
}

Result<LabelDesign> label_from(const json& j, const PictureFrom& picture_from) {
    LabelDesign d;
    d.shape = shape_from(j.at("shape"));
    d.ground = optional_colour_from(j, "ground");
    if (j.contains("frame")) {
        const json& f = j.at("frame");
        d.frame = {number_in(f, "width", 0, 50), number_in(f, "inset", 0, 100), optional_colour_from(f, "colour")};
    }
    d.safety = number_or(j, "safety", d.safety, 0, 100);
    d.texts.clear();
    for (const json& text : j.at("texts"))
        d.texts.push_back(text_from(text));
    if (d.texts.size() > most_texts)
        throw WrongField("texts are too many"_said);
    if (j.contains("letters_cut") && !j.at("letters_cut").is_null())
        d.letters_cut = choice_from<CutKind>(j.at("letters_cut"));
    if (j.contains("day")) {
        const auto day = j.at("day").get<std::array<int, 3>>();
        if (day[0] < 1 || day[0] > 9999 || day[1] < 1 || day[1] > 12 || day[2] < 1 || day[2] > 31)
            throw WrongField("the day is out of range"_said);
        d.day = {day[0], day[1], day[2]};
    }
    d.calendar = calendar_in(QString::fromStdString(j.value("dates_in", std::string())));
    d.in_one_size = j.value("in_one_size", false);
    if (j.contains("picture")) {
        const json& p = j.at("picture");
        d.picture.field = p.value("field", std::string());
        d.picture.place = choice_from<PicturePlace>(p.at("place"));
        d.picture.share = number_in(p, "share", 0.05, 0.9);
        if (p.contains("same")) {
            auto picture = picture_from(p.at("same"));
            if (!picture)
                return picture.problem();
            d.picture.picture = *picture;
        }
        for (const auto& [name, file] : p.at("by_name").items()) {
            auto picture = picture_from(file);
            if (!picture)
                return picture.problem();
            d.picture.by_name[name] = *picture;
        }
    }
    if (j.contains("table"))
        d.table = std::make_shared<const Table>(table_from(j.at("table")));
    return d;
}

Result<std::vector<LabelTemplate>> read_templates(const std::string& text) {
    constexpr int format = 1;
    std::vector<LabelTemplate> templates;
    std::string name = "the file";
    try {
        const json j = json::parse(text);
        if (j.at("fusuma_labels").get<int>() > format)
            return Problem{"It was made for a newer version of Fusuma."_said, "Update Fusuma to use it."_said};
        const auto family = j.at("family").get<std::string>();
        for (const json& t : j.at("templates")) {
            name = t.at("name").get<std::string>();
            auto design = label_from(t, [](const json&) -> Result<std::shared_ptr<const Picture>> {
                return Problem{"Templates hold no pictures."_said};
            });
            if (!design)
                return design.problem();
            templates.push_back({family, t.at("name").get<std::string>(), std::move(*design)});
        }
    } catch (const nlohmann::json::parse_error&) {
        return Problem{"It is no JSON text."_said, "Help, User guide tells how templates are written."_said};
    } catch (const nlohmann::json::exception& error) {
        return Problem{"A field of “{template}” is missing or of the wrong kind: {detail}."_said.with("template", name)
                           .with("detail", std::string(error.what()))};
    } catch (const std::out_of_range& error) {
        return Problem{"A field of “{template}”: {detail}."_said.with("template", name).with("detail", said_of(error))};
    }
    if (templates.empty())
        return Problem{"It holds no templates."_said};
    return templates;
}

Result<std::vector<LabelTemplate>> load_templates(const QString& path) {
    const auto text = room::text_of(room::Asked::templates, path);
    return text ? read_templates(*text) : text.problem();
}

std::string templates_text(const std::string& family, const std::vector<LabelTemplate>& templates) {
    json all = json::array();
    for (const LabelTemplate& t : templates) {
        LabelDesign plain = t.design;
        plain.picture = {};
        plain.table = nullptr;
        json j = label_json(plain, [](const FileBytes&, const std::string&) { return std::string(); });
        j["name"] = t.name;
        all.push_back(std::move(j));
    }
    return json{{"fusuma_labels", 1}, {"family", family}, {"templates", std::move(all)}}.dump(2) + "\n";
}

const std::vector<LabelTemplate>& shipped_templates() {
    static const std::vector<LabelTemplate> all = [] {
        std::vector<LabelTemplate> templates;
        for (const char* file : {"jars", "planner", "cards", "tags"}) {
            const auto text =
                read_file(shipped_file(QStringLiteral("templates/%1.json").arg(QLatin1String(file))), 1 << 20);
            if (!text)
                continue;
            auto read = read_templates(text->toStdString());
            if (read)
                std::ranges::move(*read, std::back_inserter(templates));
        }
        return templates;
    }();
    return all;
}

} // namespace fusuma
