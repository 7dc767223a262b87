#include "cli/label_options.h"

#include "cli/border_options.h"
#include "cli/report.h"
#include "formats/basics/file.h"
#include "formats/fonts/fonts.h"
#include "formats/label/calendars.h"
#include "formats/label/label_json.h"
#include "formats/label/table_read.h"
#include "formats/picture/picture_read.h"

#include <CLI/CLI.hpp>
#include <QDate>
#include <QFileInfo>
#include <QRegularExpression>

namespace fusuma {

void add_label_options(CLI::App& app, LabelOptions& o) {
    app.add_option("--label", o.shape,
                   "make a label, as SHAPE:WxH in mm: rectangle, rounded, oval, notched, arch, tag, star, banner, or "
                   "lettering for words alone");
    app.add_option("--template", o.from_template, "make a label from a template, by its name or a file as FILE:NAME");
    app.add_option("--text", o.texts,
                   "words on the label, \\n for a new line, with fields such as {name}; may be repeated")
        ->take_all();
    app.add_option("--text-style", o.styles,
                   "how the text of the same number is set, as KEY=VALUE,…: font, size (mm), least (mm), fit, bold, "
                   "italic, align, run (straight, top, bottom), spacing, letters, colour; may be repeated")
        ->take_all();
    app.add_option("--ground", o.ground, "the label's colour, #RRGGBB or none");
    app.add_option("--swatch", o.swatch, "the label's colours, by the swatch's name");
    app.add_option("--frame", o.frame, "a line inside the edge, as WIDTH,INSET in mm");
    app.add_option("--safety", o.safety, "mm that words keep from the edge")->check(CLI::Range(0.0, 100.0));
    app.add_option("--corner", o.corner, "radius of round, notched or cut-off corners in mm")
        ->check(CLI::Range(0.0, 500.0));
    app.add_option("--hole", o.hole, "across a tag's hole in mm, 0 for none")->check(CLI::Range(0.0, 200.0));
    app.add_option("--star-points", o.points, "points of a star")->check(CLI::Range(3, 60));
    app.add_option("--label-picture", o.picture,
                   "a picture on the label, as FILE[,PLACE[,SHARE]]: left, right, above, below or behind");
    app.add_option("--picture-column", o.picture_field,
                   "column of the list with names of picture files, which lie beside the list");
    app.add_option("--letters-cut", o.letters_cut, "cut the letters, too: kiss, score or through")
        ->check(CLI::IsMember({"kiss", "score", "through"}));
    app.add_option("--list", o.list, "CSV or text file: a label for each row, all put on the sheet");
    app.add_option("--list-encoding", o.list_encoding,
                   "what the list is written in, such as Windows-1250 or Shift_JIS; found out when not given");
    app.add_flag("--one-size", o.in_one_size, "each text in one size on all labels of the list, the largest that fits");
    app.add_option("--date", o.date, "the day that {date} means, as YYYY-MM-DD; today when not given");
    app.add_option("--dates-in", o.dates_in, "the language that {date} is written in: en, de, fr, ja, …");
    app.add_option("--name", o.name, "what the label is called");
}

namespace {

Outcome apply_shape(const LabelOptions& o, LabelDesign& design) {
    if (o.shape.empty())
        return Done{};
    const auto colon = o.shape.find(':');
    const auto known = value_of<LabelShape>(o.shape.substr(0, colon));
    double w = 0, h = 0;
    char extra = 0;
    if (!known || colon == std::string::npos ||
        std::sscanf(o.shape.c_str() + colon + 1, "%lfx%lf%c", &w, &h, &extra) != 2 ||
        !(w >= 2 && w <= 1000 && h >= 2 && h <= 1000))
        return Problem{"--label {shape}: give SHAPE:WxH in mm, 2 to 1000 each, such as rounded:60x30."_said.with(
            "shape", o.shape)};
    design.shape.kind = *known;
    design.shape.width = w;
    design.shape.height = h;
    return Done{};
}

Result<LabelDesign> design_from_template(const std::string& asked) {
    const auto colon = asked.rfind(':');
    std::vector<LabelTemplate> templates = shipped_templates();
    std::string name = asked;
    if (colon != std::string::npos && QFileInfo::exists(QString::fromStdString(asked.substr(0, colon)))) {
        auto read = load_templates(QString::fromStdString(asked.substr(0, colon)));
        if (!read)
            return Problem{"--template {asked}: {read}"_said.with("asked", asked).with("read", read.problem().message),
                           read.problem().hint};
        templates = std::move(*read);
        name = asked.substr(colon + 1);
    }
    for (const LabelTemplate& t : templates)
        if (QString::fromStdString(t.name).startsWith(QString::fromStdString(name), Qt::CaseInsensitive))
            return t.design;
    std::string names;
    for (const LabelTemplate& t : templates)
        names += (names.empty() ? "" : "; ") + t.name;
    return Problem{"--template {asked}: there is {names}."_said.with("asked", asked).with("names", names)};
}

Outcome apply_style(const std::string& text, LabelText& style) {
    for (const std::string& piece : parts_of(text)) {
        const auto equals = piece.find('=');
        const std::string key = piece.substr(0, equals),
                          value = equals == std::string::npos ? "" : piece.substr(equals + 1);
        const Problem wrong{
            "--text-style {words}: “{piece}” is not understood."_said.with("words", text).with("piece", piece)};
        const auto take = [&](double& to, double least, double most) {
            const auto number = number_of(value, least, most);
            to = number.value_or(to);
            return number.has_value();
        };
        bool is_right = true;
        if (key == "font")
            style.font.family = value;
        else if (key == "bold")
            style.font.is_bold = true;
        else if (key == "italic")
            style.font.is_italic = true;
        else if (key == "fit")
            style.fits_room = true;
        else if (key == "size")
            is_right = take(style.size, 0.3, 500);
        else if (key == "least")
            is_right = take(style.least_size, 0.3, 500);
        else if (key == "spacing")
            is_right = take(style.line_spacing, 0.5, 5);
        else if (key == "letters")
            is_right = take(style.letter_spacing, -0.3, 3);
        else if (key == "align" && value_of<TextAlign>(value))
            style.align = *value_of<TextAlign>(value);
        else if (key == "run" && value_of<TextRun>(value == "straight" ? value : "along-" + value))
            style.run = *value_of<TextRun>(value == "straight" ? value : "along-" + value);
        else if (key == "colour" && parse_colour(value))
            style.colour = parse_colour(value);
        else
            is_right = false;
        if (!is_right)
            return wrong;
    }
    return Done{};
}

Outcome apply_texts(const LabelOptions& o, LabelDesign& design) {
    if (o.texts.size() > most_texts)
        return Problem{"A label has at most {most_texts} texts."_said.with("most_texts", most_texts)};
    if (!o.texts.empty() && design.texts.size() != o.texts.size())
        design.texts.resize(o.texts.size());
    for (std::size_t i = 0; i < o.texts.size(); ++i)
        design.texts[i].words =
            QString::fromStdString(o.texts[i]).replace(QLatin1String("\\n"), QLatin1String("\n")).toStdString();
    for (std::size_t i = 0; i < std::min(o.styles.size(), design.texts.size()); ++i)
        if (const Outcome done = apply_style(o.styles[i], design.texts[i]); !done)
            return done;
    for (LabelText& text : design.texts) {
        FontChoice& font = text.font;
        font.font = find_font(font.family, font.is_bold, font.is_italic);
        if (font.font->family != font.family)
            tell("The font “{font}” is not here; “{other}” is used."_said.with("font", font.family)
                     .with("other", font.font->family));
    }
    return Done{};
}

/// Of each text once, however many rows it is set for.
void tell_of_stand_ins(const LabelDesign& design) {
    for (const LabelText& text : design.texts)
        for (std::size_t row = 0; row < design.rows(); ++row)
            if (const auto families = families_beside(*text.font.font, design.filled_in(text.words, row));
                !families.empty()) {
                tell("Letters that the font “{font}” lacks are set in “{other}”."_said
                         .with("font", text.font.font->family)
                         .with("other", families.front()));
                break;
            }
}

Outcome apply_looks(const LabelOptions& o, LabelDesign& design) {
    if (!o.swatch.empty()) {
        const auto swatch = std::ranges::find_if(swatches(), [&](const Swatch& s) {
            return QString::fromLatin1(s.name).compare(QString::fromStdString(o.swatch), Qt::CaseInsensitive) == 0;
        });
        if (swatch == swatches().end()) {
            std::string names;
            for (const Swatch& s : swatches())
                names += (names.empty() ? "" : ", ") + std::string(s.name);
            return Problem{
                "--swatch {swatch}: give one of {names}."_said.with("swatch", o.swatch).with("names", names)};
        }
        design = recoloured(std::move(design), *swatch);
    }
    if (o.ground == "none")
        design.ground.reset();
    else if (!o.ground.empty()) {
        design.ground = parse_colour(o.ground);
        if (!design.ground)
            return Problem{"--ground {ground}: give #RRGGBB or none."_said.with("ground", o.ground)};
    }
    if (!o.frame.empty()) {
        char extra = 0;
        if (std::sscanf(o.frame.c_str(), "%lf,%lf%c", &design.frame.width, &design.frame.inset, &extra) != 2 ||
            !(design.frame.width >= 0 && design.frame.width <= 50 && design.frame.inset >= 0 &&
              design.frame.inset <= 100))
            return Problem{"--frame {frame}: give WIDTH,INSET in mm, such as 0.4,1.5."_said.with("frame", o.frame)};
    }
    design.safety = o.safety.value_or(design.safety);
    design.in_one_size |= o.in_one_size;
    design.shape.corner = o.corner.value_or(design.shape.corner);
    design.shape.hole = o.hole.value_or(design.shape.hole);
    design.shape.points = o.points.value_or(design.shape.points);
    if (!o.letters_cut.empty())
        design.letters_cut = *value_of<CutKind>(o.letters_cut);
    return Done{};
}

Outcome apply_pictures(const LabelOptions& o, LabelDesign& design) {
    const std::vector<std::string> pieces = parts_of(o.picture);
    if (!o.picture.empty()) {
        auto picture = read_picture(QString::fromStdString(pieces[0]));
        if (!picture)
            return picture.problem();
        design.picture.picture = *picture;
    }
    if (pieces.size() > 1) {
        const auto place = value_of<PicturePlace>(pieces[1]);
        if (!place)
            return Problem{
                "--label-picture {picture}: give left, right, above, below or behind."_said.with("picture", o.picture)};
        design.picture.place = *place;
    }
    if (pieces.size() > 2) {
        const auto share = number_of(pieces[2], 0.05, 0.9);
        if (!share)
            return Problem{
                "--label-picture {picture}: the picture's share is from 0.05 to 0.9."_said.with("picture", o.picture)};
        design.picture.share = *share;
    }
    design.picture.field = o.picture_field;
    if (!design.table || o.picture_field.empty())
        return Done{};
    const QFileInfo list(QString::fromStdString(o.list));
    for (std::size_t row = 0; row < design.table->rows.size(); ++row) {
        const std::string name = design.filled_in("{" + o.picture_field + "}", row);
        if (name.empty() || design.picture.by_name.contains(name))
            continue;
        // Names only: a list does not reach into other folders.
        if (auto picture = read_picture(list.absolutePath() + QLatin1Char('/') +
                                        QFileInfo(QString::fromStdString(name)).fileName()))
            design.picture.by_name[name] = *picture;
    }
    return Done{};
}

} // namespace

Result<std::optional<Sticker>> label_of(const LabelOptions& o) {
    if (o.shape.empty() && o.from_template.empty() && o.texts.empty())
        return std::optional<Sticker>();
    LabelDesign design;
    if (!o.from_template.empty()) {
        auto found = design_from_template(o.from_template);
        if (!found)
            return found.problem();
        design = std::move(*found);
    }
    const QDate day =
        o.date.empty() ? QDate::currentDate() : QDate::fromString(QString::fromStdString(o.date), Qt::ISODate);
    if (!day.isValid())
        return Problem{"--date {date}: give YYYY-MM-DD."_said.with("date", o.date)};
    design.day = {day.year(), day.month(), day.day()};
    if (!o.dates_in.empty()) {
        design.calendar = calendar_in(QString::fromStdString(o.dates_in));
        if (!design.calendar)
            return Problem{
                "--dates-in {language}: no such language; give one like de or fr."_said.with("language", o.dates_in)};
    }
    for (const auto& apply : {apply_shape, apply_texts, apply_looks})
        if (const Outcome done = apply(o, design); !done)
            return done.problem();
    if (!o.list.empty()) {
        std::vector<std::string> fields;
        for (const LabelText& text : design.texts)
            std::ranges::move(fields_of(text.words), std::back_inserter(fields));
        auto table = read_table(QString::fromStdString(o.list), fields, o.list_encoding);
        if (!table)
            return table.problem();
        if (const Said note = guessed(table->form); !note.empty() && o.list_encoding.empty())
            tell(note.then("If letters in it are wrong, name another by --list-encoding."_said));
        design.table = std::make_shared<const Table>(std::move(table->table));
    }
    tell_of_stand_ins(design);
    if (const Outcome done = apply_pictures(o, design); !done)
        return done.problem();
    Sticker sticker = new_sticker(LabelArtwork{std::make_shared<const LabelDesign>(std::move(design)), 0});
    if (!o.name.empty())
        sticker.name = o.name;
    return std::optional(std::move(sticker));
}

} // namespace fusuma
