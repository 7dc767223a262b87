#include "formats/project/ticket_json.h"

#include "formats/basics/json_fields.h"

#include <algorithm>
#include <cctype>

namespace fusuma {

namespace {

/// Cut lines say their copy by its place in the ticket's document.
json cut_json(const CutPath& cut, const Document& document) {
    json fields{{"kind", word_of(cut.kind)}, {"start", point_json(cut.line.start)}, {"open", cut.is_open}};
    const auto copy = std::ranges::find(document.placements, cut.copy, &Placement::id);
    fields["copy"] = copy == document.placements.end() ? json(nullptr) : json(copy - document.placements.begin());
    json& segments = fields["segments"] = json::array();
    for (const Segment& s : cut.line.segments)
        segments.push_back(segment_json(s));
    return fields;
}

/// @param is_whole  else copies were left out, and their lines are nobody's
CutPath cut_from(const json& j, const Document& document, bool is_whole) {
    CutPath cut{
        {place_from(j.at("start")), {}}, choice_from<CutKind>(j.at("kind")), CopyId::none, j.at("open").get<bool>()};
    if (!j.at("copy").is_null()) {
        const auto place = j.at("copy").get<std::size_t>();
        if (place < document.placements.size())
            cut.copy = document.placements[place].id;
        else if (is_whole)
            throw WrongField("a cut line's copy is out of range"_said);
    }
    for (const json& s : j.at("segments"))
        cut.line.segments.push_back(segment_from(s));
    return cut;
}

json mark_json(const Mark& m) {
    return {{"shape", word_of(m.shape)},
            {"centre", point_json(m.centre)},
            {"radius", m.radius},
            {"line", m.line},
            {"keep_clear", m.keep_clear}};
}

Mark mark_from(const json& j) {
    return {place_from(j.at("centre")), number_in(j, "radius", 0.1, 50), number_in(j, "keep_clear", 0, 500),
            choice_from<MarkShape>(j.at("shape")), number_in(j, "line", 0, 50)};
}

} // namespace

json to_json(const Ticket& ticket, const StoreFile& store) {
    json fields{{"code", ticket.code},
                {"printed", ticket.printed},
                {"paper", {ticket.paper.width, ticket.paper.height}},
                {"pages", json::array()},
                {"document", to_json(*ticket.document, store)}};
    for (const Ticket::Page& page : ticket.pages) {
        json marks = json::array(), cuts = json::array();
        for (const Mark& mark : page.marks)
            marks.push_back(mark_json(mark));
        for (const CutPath& cut : page.cuts)
            cuts.push_back(cut_json(cut, *ticket.document));
        fields["pages"].push_back({{"marks", std::move(marks)}, {"cuts", std::move(cuts)}});
    }
    for (const Ticket::Cut& cut : ticket.cut)
        fields["cut"].push_back({{"machine", cut.machine}, {"material", cut.material}, {"sheets", cut.sheets}});
    return fields;
}

Result<Ticket> ticket_from(const json& j, const ArtworkFrom& artwork_from, std::size_t beyond) {
    Said left_out;
    auto document = from_json(j.at("document"), artwork_from, beyond, left_out);
    if (!document)
        return document.problem();
    Ticket ticket{
        j.at("code").get<std::string>(), j.at("printed").get<std::string>(), paper_from(j.at("paper")), {}, nullptr};
    for (const json& p : j.at("pages")) {
        Ticket::Page& page = ticket.pages.emplace_back();
        for (const json& mark : p.at("marks"))
            page.marks.push_back(mark_from(mark));
        for (const json& cut : p.at("cuts"))
            page.cuts.push_back(cut_from(cut, *document, left_out.empty()));
    }
    for (const json& cut : j.value("cut", json::array())) {
        constexpr int most_sheets = 1'000'000'000;
        ticket.cut.push_back({cut.at("machine").get<std::string>(), cut.at("material").get<std::string>(),
                              static_cast<int>(number_in(cut, "sheets", 1, most_sheets))});
    }
    if (ticket.code.empty() || ticket.code.size() > 16 ||
        !std::ranges::all_of(ticket.code, [](unsigned char c) { return std::isalnum(c) != 0; }))
        throw WrongField("a ticket's code is out of range"_said);
    ticket.document = std::make_shared<const Document>(std::move(*document));
    return ticket;
}

} // namespace fusuma
