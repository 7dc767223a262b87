#include "formats/project/project_json.h"

#include "core/document/as_photographed.h"
#include "core/document/cluster.h"
#include "core/photo/board.h"
#include "core/plan/ticket.h"
#include "formats/basics/json_fields.h"
#include "formats/machine/machine_json.h"
#include "formats/machine/mark_scheme.h"
#include "formats/project/project_file.h"

#include <cmath>
#include <set>

namespace fusuma {

namespace {

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
    json fields{{"source", word_of(b.source)}, {"use", word_of(b.use)},       {"tolerance", b.tolerance},
                {"pockets", b.pockets},        {"pockets_at", json::array()}, {"fill_inside", b.fill_inside},
                {"brightness", nullptr},       {"colours", json::array()},    {"strokes", json::array()},
                {"focus", box_json(b.focus)}};
    if (b.brightness)
        fields["brightness"] = *b.brightness;
    for (const Rgb c : b.colours)
        fields["colours"].push_back({c.red, c.green, c.blue});
    for (const PixelPlace p : b.pockets_at)
        fields["pockets_at"].push_back({p.x, p.y});
    for (const Stroke& stroke : b.strokes) {
        json points = json::array();
        for (const PicturePoint p : stroke.points)
            points.push_back({p.x, p.y});
        fields["strokes"].push_back({{"kind", word_of(stroke.kind)},
                                     {"size", stroke.size},
                                     {"hardness", stroke.hardness},
                                     {"points", std::move(points)}});
    }
    if (b.subject_box)
        fields["subject"] = {b.subject_box->x, b.subject_box->y, b.subject_box->width, b.subject_box->height};
    if (b.piece)
        fields["piece"] = {{"at", {b.piece->at.x, b.piece->at.y}}, {"apart", b.piece->apart}};
    fields["light"] = {{"light", word_of(b.light.light)},
                       {"shadows", word_of(b.light.shadows)},
                       {"prints_evened", b.light.prints_evened},
                       {"whitens_paper", b.light.whitens_paper}};
    return fields;
}

Stroke stroke_from(const json& j) {
    Stroke stroke;
    stroke.kind = choice_from<Stroke::Kind>(j.at("kind"));
    stroke.size = number_in(j, "size", 0.1, 100000);
    stroke.hardness = number_in(j, "hardness", 0, 1);
    for (const json& p : j.at("points")) {
        const auto xy = p.get<std::array<double, 2>>();
        if (!(std::hypot(xy[0], xy[1]) < 1e6))
            throw WrongField("a brush stroke is out of range"_said);
        stroke.points.push_back({xy[0], xy[1]});
    }
    return stroke;
}

BackgroundSettings background_from(const json& j) {
    BackgroundSettings b;
    b.source = choice_from<Source>(j.at("source"));
    b.tolerance = number_in(j, "tolerance", 0.1, 200);
    b.pockets = j.at("pockets").get<bool>();
    if (j.contains("brightness") && !j.at("brightness").is_null())
        b.brightness = number_in(j, "brightness", 0, 255);
    // Fields that came later are missing in older projects, which knew one colour.
    if (j.contains("colour") && !j.at("colour").is_null())
        b.colours = {colour_from(j.at("colour"))};
    if (j.contains("use"))
        b.use = choice_from<ColourUse>(j.at("use"));
    b.fill_inside = j.value("fill_inside", false);
    for (const json& c : j.value("colours", json::array()))
        b.colours.push_back(colour_from(c));
    if (b.colours.size() > most_colours)
        throw WrongField("colours are too many"_said);
    for (const json& p : j.value("pockets_at", json::array())) {
        const auto xy = p.get<std::array<int, 2>>();
        b.pockets_at.push_back({xy[0], xy[1]});
    }
    for (const json& s : j.value("strokes", json::array()))
        b.strokes.push_back(stroke_from(s));
    b.focus = box_from(j, "focus");
    b.subject_box = box_from(j, "subject");
    if (j.contains("piece")) {
        const auto at = j.at("piece").at("at").get<std::array<int, 2>>();
        b.piece = PieceChoice{{at[0], at[1]}, number_in(j.at("piece"), "apart", 0, 1e6)};
    }
    if (j.contains("light")) {
        const json& light = j.at("light");
        b.light = {choice_from<Light>(light.at("light")), choice_from<Shadows>(light.at("shadows")),
                   light.at("prints_evened").get<bool>(), light.value("whitens_paper", false)};
    } else { // made before light was looked at
        b.light = {Light::as_is, Shadows::keep, true, false};
    }
    return b;
}

json border_json(const BorderSettings& border, const Rims& rims) {
    json fields{{"width", border.width},
                {"scales_with_art", border.scales_with_art},
                {"corners", word_of(border.corners)},
                {"mitre_limit", border.mitre_limit},
                {"holes", word_of(border.holes)},
                {"close_under", border.close_under},
                {"holes_by_hand", json::array()},
                {"join", border.join},
                {"one_border", border.one_border},
                {"least_gap", border.least_gap},
                {"least_tip", border.least_tip},
                {"fill", fill_json(rims.border)},
                {"inner_rims", json::array()}};
    for (const HoleChoice& choice : border.by_hand)
        fields["holes_by_hand"].push_back({{"at", {choice.at.x, choice.at.y}}, {"keep", choice.is_kept}});
    for (const Rim& rim : rims.inner)
        fields["inner_rims"].push_back({{"width", rim.width}, {"fill", fill_json(rim.fill)}});
    return fields;
}

void read_border(const json& j, BorderSettings& border, Rims& rims) {
    border.width = number_in(j, "width", -100, 100);
    border.corners = choice_from<Corners>(j.at("corners"));
    border.holes = choice_from<Holes>(j.at("holes"));
    border.close_under = number_in(j, "close_under", 0, 1e6);
    if (!j.contains("join")) // projects from before borders could be joined
        return;
    border.scales_with_art = j.at("scales_with_art").get<bool>();
    border.mitre_limit = number_in(j, "mitre_limit", 1, 20);
    for (const json& choice : j.at("holes_by_hand"))
        border.by_hand.push_back({picture_point_from(choice.at("at")), choice.at("keep").get<bool>()});
    border.join = number_in(j, "join", 0, 200);
    border.one_border = j.at("one_border").get<bool>();
    border.least_gap = number_in(j, "least_gap", 0, 200);
    border.least_tip = number_in(j, "least_tip", 0, 200);
    rims.border = fill_from(j.at("fill"));
    for (const json& rim : j.at("inner_rims"))
        rims.inner.push_back({number_in(rim, "width", 0, 100), fill_from(rim.at("fill"))});
    if (rims.inner.size() > most_rims)
        throw WrongField("rims are too many"_said);
}

json foothold_json(const Foothold& hold) {
    return {{"foot", point_json(hold.foot)},
            {"outward", point_json(hold.outward)},
            {"distance", hold.distance},
            {"reach", hold.reach}};
}

Foothold foothold_from(const json& j) {
    return {place_from(j.at("foot")), place_from(j.at("outward")), number_in(j, "distance", -1e6, 1e6),
            number_in(j, "reach", -1e6, 1e6)};
}

json hand_json(const HandWork& hand) {
    json fields{{"stretches", json::array()}, {"left_out", json::array()}, {"lines", json::array()}};
    for (const Stretch& stretch : hand.stretches) {
        json steps = json::array();
        for (const Stretch::Step& step : stretch.steps)
            steps.push_back({{"to", segment_json(step.to)},
                             {"lifted", step.is_lifted},
                             {"holds", step.holds ? foothold_json(*step.holds) : json(nullptr)},
                             {"held_at", point_json(step.held_at)}});
        fields["stretches"].push_back({{"from", foothold_json(stretch.from)},
                                       {"to", foothold_json(stretch.to)},
                                       {"from_at", point_json(stretch.from_at)},
                                       {"to_at", point_json(stretch.to_at)},
                                       {"spanned", stretch.spanned},
                                       {"whole", stretch.is_whole},
                                       {"as_it_was", stretch.as_it_was},
                                       {"steps", std::move(steps)}});
    }
    for (const LeftOut& out : hand.left_out)
        fields["left_out"].push_back({{"on", foothold_json(out.on)}, {"hole", out.is_hole}});
    for (const FreeLine& line : hand.lines) {
        json segments = json::array();
        for (const Segment& s : line.path.segments)
            segments.push_back(segment_json(s));
        fields["lines"].push_back(
            {{"start", point_json(line.path.start)}, {"open", line.is_open}, {"segments", std::move(segments)}});
    }
    return fields;
}

HandWork hand_from(const json& j) {
    HandWork hand;
    std::size_t steps = 0;
    const auto count = [&](std::size_t more) {
        steps += more;
        if (steps > most_hand_steps)
            throw WrongField("nodes drawn by hand are too many"_said);
    };
    for (const json& s : j.at("stretches")) {
        Stretch stretch{.from = foothold_from(s.at("from")),
                        .to = foothold_from(s.at("to")),
                        .from_at = place_from(s.at("from_at")),
                        .to_at = place_from(s.at("to_at")),
                        .spanned = number_in(s, "spanned", 0, 1e9),
                        .is_whole = s.at("whole").get<bool>(),
                        .as_it_was = s.at("as_it_was").get<bool>(),
                        .steps = {}};
        for (const json& step : s.at("steps"))
            stretch.steps.push_back(
                {segment_from(step.at("to")), step.at("lifted").get<bool>(),
                 step.at("holds").is_null() ? std::nullopt : std::optional(foothold_from(step.at("holds"))),
                 place_from(step.at("held_at"))});
        if (stretch.steps.empty())
            throw WrongField("a stretch drawn by hand is empty"_said);
        count(stretch.steps.size());
        hand.stretches.push_back(std::move(stretch));
    }
    for (const json& out : j.at("left_out"))
        hand.left_out.push_back({foothold_from(out.at("on")), out.at("hole").get<bool>()});
    for (const json& l : j.at("lines")) {
        FreeLine line{{place_from(l.at("start")), {}}, l.at("open").get<bool>()};
        for (const json& s : l.at("segments"))
            line.path.segments.push_back(segment_from(s));
        if (line.path.segments.empty())
            throw WrongField("a line drawn by hand is empty"_said);
        if (!line.is_open)
            line.path.segments.back().end = line.path.start;
        count(line.path.segments.size() + 1);
        hand.lines.push_back(std::move(line));
    }
    count(hand.left_out.size());
    return hand;
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
        {"border", border_json(s.border, s.rims)},
        {"bleed", {{"kind", word_of(s.bleed.kind)}, {"width", s.bleed.width}}},
        {"by_hand", hand_json(s.hand)},
        {"cut", word_of(s.cut)}};
}

} // namespace

json sticker_json(const Sticker& sticker, const StoreFile& store) {
    return over_carried(sticker.carried, known_fields(sticker, artwork_json(sticker.artwork, store)));
}

Result<Sticker> sticker_from(const json& j, const ArtworkFrom& artwork_from) {
    Sticker s;
    s.id = static_cast<int>(number_in(j, "id", 1, most_ids - 1));
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
    read_border(j.at("border"), s.border, s.rims);
    if (j.contains("bleed")) {
        s.bleed.kind = choice_from<Bleed::Kind>(j.at("bleed").at("kind"));
        s.bleed.width = number_in(j.at("bleed"), "width", 0, 100);
    }
    if (j.contains("by_hand"))
        s.hand = hand_from(j.at("by_hand"));
    s.cut = choice_from<CutKind>(j.at("cut"));
    s.carried = carried_text(j, known_fields(s, j.at("artwork")));
    return s;
}

namespace {

json sheet_json(const SheetSettings& sheet) {
    json j{{"paper", {sheet.paper.width, sheet.paper.height}},
           {"printer", to_json(sheet.printer)},
           {"cutter", to_json(sheet.cutter)},
           {"gap", sheet.gap},
           {"mirrored", sheet.is_mirrored},
           {"marks",
            {{"kind", word_of(sheet.marks.kind)},
             {"inset", sheet.marks.inset},
             {"radius", sheet.marks.radius},
             {"line", sheet.marks.line},
             {"keep_clear", sheet.marks.keep_clear},
             {"scheme", sheet.marks.scheme.marks.empty() ? json(nullptr) : mark_scheme_json(sheet.marks.scheme)}}},
           {"division",
            {{"columns", sheet.division.columns},
             {"rows", sheet.division.rows},
             {"gutter", sheet.division.gutter},
             {"cut", word_of(sheet.division.cut)}}}};
    if (sheet.shares_cuts)
        j["shares_cuts"] = true;
    if (const auto& p = sheet.photographed)
        j["photographed"] = {p->min.x, p->min.y, p->max.x, p->max.y};
    return j;
}

json known_fields(const Document& d) {
    return {{"schema", project_schema},
            {"unit", word_of(d.unit)},
            {"next_id", d.sticker_ids.next},
            {"next_copy", d.copy_ids.next},
            {"pages", d.pages},
            {"silenced", d.silenced},
            {"sheet", sheet_json(d.sheet)},
            {"material", to_json(d.material)},
            {"inks", {{"kiss", d.inks.kiss}, {"score", d.inks.score}, {"through", d.inks.through}}},
            {"tickets", json::array()},
            {"stickers", json::array()},
            {"placements", json::array()}};
}

SheetSettings sheet_from(const json& j) {
    SheetSettings sheet;
    sheet.paper = paper_from(j.at("paper"));
    if (j.contains("printer")) {
        sheet.printer = printer_from(j.at("printer"));
        sheet.cutter = cutter_from(j.at("cutter"));
    } else { // projects of schema 1 know one margin for all edges
        sheet.printer.margins = Edges::all(number_in(j, "printer_margin", 0, 500));
        sheet.cutter.reach = Edges::all(number_in(j, "cutter_margin", 0, 500));
    }
    sheet.gap = number_in(j, "gap", 0, 500);
    sheet.shares_cuts = j.value("shares_cuts", false);
    sheet.is_mirrored = j.value("mirrored", false);
    const json& m = j.at("marks");
    sheet.marks.kind = choice_from<MarkKind>(m.at("kind"));
    sheet.marks.inset = number_in(m, "inset", 0, 500);
    sheet.marks.radius = number_in(m, "radius", 0.1, 50);
    sheet.marks.keep_clear = number_in(m, "keep_clear", 0, 500);
    if (m.contains("line"))
        sheet.marks.line = number_in(m, "line", 0.01, 10);
    if (m.contains("scheme") && !m.at("scheme").is_null()) {
        auto scheme = read_mark_scheme(m.at("scheme").dump());
        if (!scheme)
            throw WrongField("the mark scheme is damaged: {why}"_said.with("why", scheme.problem().message));
        sheet.marks.scheme = std::move(*scheme);
    }
    if (sheet.marks.kind == MarkKind::scheme && sheet.marks.scheme.marks.empty())
        throw WrongField("the mark scheme is missing"_said);
    if (j.contains("division")) {
        const json& d = j.at("division");
        sheet.division = {static_cast<int>(number_in(d, "columns", 1, most_divisions)),
                          static_cast<int>(number_in(d, "rows", 1, most_divisions)), number_in(d, "gutter", 0, 500),
                          choice_from<Division::Cut>(d.at("cut"))};
    }
    if (j.contains("photographed")) {
        const auto p = j.at("photographed").get<std::array<double, 4>>();
        const Rect where{{p[0], p[1]}, {p[2], p[3]}};
        if (!can_be_board(sheet.paper) || board_on(sheet.paper).inside != where)
            throw WrongField("what was photographed lies on no board"_said);
        sheet.photographed = where;
    }
    return sheet;
}

} // namespace

json placement_json(const Placement& p) {
    json j{{"sticker", p.sticker}, {"centre", point_json(p.centre)}, {"turn", p.turn}, {"mirrored", p.mirrored},
           {"scale", p.scale},     {"stretch", p.stretch},           {"page", p.page}, {"group", p.group},
           {"locked", p.locked}};
    if (p.id != CopyId::none)
        j["id"] = static_cast<int>(p.id);
    if (p.row > 0)
        j["row"] = p.row;
    return j;
}

Placement placement_from(const json& p, int pages) {
    const auto centre = p.at("centre").get<std::array<double, 2>>();
    if (!(std::hypot(centre[0], centre[1]) < 1e5))
        throw WrongField("a copy is out of range"_said);
    return {.id = CopyId{p.value("id", 0)},
            .sticker = p.at("sticker").get<int>(),
            .centre = {centre[0], centre[1]},
            .turn = number_in(p, "turn", -1000, 1000),
            .mirrored = p.at("mirrored").get<bool>(),
            .scale = number_in(p, "scale", 0.001, 1000),
            .stretch = p.contains("stretch") ? number_in(p, "stretch", 0.01, 100) : 1,
            .page = p.contains("page") ? static_cast<int>(number_in(p, "page", 0, pages - 1)) : 0,
            .group = p.contains("group") ? static_cast<int>(number_in(p, "group", 0, most_ids)) : 0,
            .row = p.contains("row") ? static_cast<std::size_t>(number_in(p, "row", 0, most_rows)) : 0,
            .locked = p.value("locked", false)};
}

json to_json(const Document& document, const StoreFile& store) {
    json whole = over_carried(document.carried, known_fields(document));
    for (const auto& sticker : document.stickers)
        whole["stickers"].push_back(sticker_json(*sticker, store));
    for (const auto& ticket : document.tickets)
        whole["tickets"].push_back(ticket->code);
    for (const Placement& p : document.placements)
        whole["placements"].push_back(placement_json(p));
    return whole;
}

namespace {

/// Of the sticker and all that it is a cluster of.
int highest_id(const Sticker& sticker) {
    int highest = sticker.id;
    if (const auto* art = std::get_if<ClusterArtwork>(&sticker.artwork))
        for (const Cluster::Member& member : art->cluster->members)
            highest = std::max(highest, highest_id(*member.sticker));
    return highest;
}

} // namespace

Result<Document> from_json(const json& j, const ArtworkFrom& artwork_from, std::size_t beyond, Said& left_out) {
    Document d;
    d.unit = choice_from<Unit>(j.at("unit"));
    d.sticker_ids.next = next_in(j, "next_id");
    d.sheet = sheet_from(j.at("sheet"));
    if (j.contains("pages"))
        d.pages = std::min(most_pages, static_cast<int>(number_in(j, "pages", 1, most_ids)));
    for (const json& key : j.value("silenced", json::array()))
        d.silenced.insert(key.get<std::string>());
    if (j.contains("material"))
        d.material = material_from(j.at("material"));
    if (j.contains("inks")) {
        const json& inks = j.at("inks");
        d.inks = {inks.at("kiss").get<std::string>(), inks.at("score").get<std::string>(),
                  inks.at("through").get<std::string>()};
    }
    std::set<int> ids;
    for (const json& s : j.at("stickers")) {
        auto sticker = sticker_from(s, artwork_from);
        if (!sticker)
            return sticker.problem();
        if (sticker->id < 1 || sticker->id >= d.sticker_ids.next || !ids.insert(sticker->id).second)
            throw WrongField("a sticker's id is out of range"_said);
        // A cluster's stickers, which parting brings back, have numbers, too; older projects may not have counted them.
        d.sticker_ids.next = std::max(d.sticker_ids.next, std::min(highest_id(*sticker), most_ids - 1) + 1);
        d.stickers.push_back(std::make_shared<const Sticker>(std::move(*sticker)));
    }
    d.copy_ids.next = j.contains("next_copy") ? next_in(j, "next_copy") : 1;
    std::set<CopyId> copies;
    for (const json& p : j.at("placements")) {
        Placement copy = placement_from(p, most_ids);
        if (copy.page >= d.pages && j.value("pages", 1) <= most_pages)
            throw WrongField("a copy is out of range"_said);
        if (copy.page >= d.pages || d.placements.size() >= most_copies) {
            ++beyond;
            continue;
        }
        if (!ids.contains(copy.sticker))
            throw WrongField("a copy is out of range"_said);
        if (copy.id == CopyId::none) { // projects from before copies had ids
            copies.insert(d.put(copy));
            continue;
        }
        if (static_cast<int>(copy.id) < 1 || static_cast<int>(copy.id) >= d.copy_ids.next ||
            !copies.insert(copy.id).second)
            throw WrongField("a copy's id is out of range"_said);
        d.placements.push_back(copy);
    }
    if (beyond > 0 || j.value("pages", 1) > most_pages)
        left_out = "Fusuma takes {pages} pages and {copies} copies; {beyond} copies beyond that are left out."_said
                       .with("pages", most_pages)
                       .with("copies", most_copies)
                       .with("beyond", beyond);
    d.carried = carried_text(j, known_fields(d));
    return as_photographed(std::move(d));
}

} // namespace fusuma
