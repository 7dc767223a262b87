#include "formats/project/artwork_json.h"

#include "core/document/cluster.h"
#include "formats/drawing/drawing_read.h"
#include "formats/fonts/fonts.h"
#include "formats/label/label_json.h"
#include "formats/picture/picture_json.h"
#include "formats/picture/picture_read.h"
#include "formats/project/project_json.h"

namespace fusuma {

namespace {

json shape_json(const Shape& shape, const std::function<std::size_t(const Combination&)>& number_of,
                const StoreFile& store) {
    json j{{"id", shape.id}, {"name", shape.name}, {"printed", shape.use.is_printed}, {"cut", word_of(shape.use.cut)}};
    if (shape.of)
        j.update({{"of", number_of(*shape.of)}, {"result", shape.result}, {"layer", shape.layer}});
    else
        j["part"] = shape.part;
    if (shape.fill) {
        j["fill"] = fill_json(shape.fill->plain);
        if (shape.fill->picture)
            j["picture"] = picture_json(*shape.fill->picture, store);
    }
    return j;
}

/// The shapes with their combinations in a list of their own, inner ones first.
json parts_json(const Parts& parts, const StoreFile& store) {
    json combinations = json::array();
    std::map<const Combination*, std::size_t> numbers;
    const std::function<std::size_t(const Combination&)> number_of = [&](const Combination& c) {
        if (const auto known = numbers.find(&c); known != numbers.end())
            return known->second;
        json members = json::array();
        for (const Shape& member : c.members)
            members.push_back(shape_json(member, number_of, store));
        combinations.push_back(
            {{"how", word_of(c.how)}, {"least_thickness", c.least_thickness}, {"members", std::move(members)}});
        return numbers[&c] = combinations.size() - 1;
    };
    json shapes = json::array(), recolours = json::array();
    for (const Shape& shape : parts.shapes)
        shapes.push_back(shape_json(shape, number_of, store));
    for (const Recolour& r : parts.recolours)
        recolours.push_back({{"from", colour_json(r.from)}, {"to", colour_json(r.to)}});
    return {{"next_id", parts.next_id},
            {"shapes", std::move(shapes)},
            {"combinations", std::move(combinations)},
            {"recolours", std::move(recolours)}};
}

struct Writer {
    const StoreFile& store;

    json operator()(const PictureArtwork& art) const {
        json j = picture_json(*art.picture, store);
        j["kind"] = "picture";
        return j;
    }
    json operator()(const DrawingArtwork& art) const {
        json j{{"kind", "drawing"},
               {"file", store(art.drawing->original, art.drawing->file_name)},
               {"name", art.drawing->file_name},
               {"drawn", art.drawing->parts.size()},
               {"parts", parts_json(*art.parts, store)}};
        if (art.drawing->page > 0)
            j["page"] = art.drawing->page;
        return j;
    }
    json operator()(const LabelArtwork& art) const {
        json j = label_json(*art.design, store);
        j["kind"] = "label";
        return j;
    }
    json operator()(const ClusterArtwork& art) const {
        const Cluster& cluster = *art.cluster;
        json members = json::array();
        for (const Cluster::Member& member : cluster.members)
            members.push_back(
                {{"sticker", sticker_json(*member.sticker, store)}, {"placement", placement_json(member.placement)}});
        json j{{"kind", "cluster"},
               {"size", {cluster.size.width, cluster.size.height}},
               {"cut", word_of(cluster.cut)},
               {"inner_lines_are_cut", cluster.inner_lines_are_cut},
               {"members", std::move(members)}};
        if (cluster.borders_hide)
            j["borders_hide"] = true;
        return j;
    }
};

} // namespace

json fill_json(const Fill& fill) {
    return {{"kind", word_of(fill.kind)},
            {"colour", colour_json(fill.colour)},
            {"pattern", word_of(fill.pattern)},
            {"second", colour_json(fill.second)},
            {"pitch", fill.pitch}};
}

Fill fill_from(const json& j) {
    return {.kind = choice_from<Fill::Kind>(j.at("kind")),
            .colour = colour_from(j.at("colour")),
            .pattern = choice_from<Pattern>(j.at("pattern")),
            .second = colour_from(j.at("second")),
            .pitch = number_in(j, "pitch", least_pitch, 1000)};
}

json artwork_json(const Artwork& artwork, const StoreFile& store) {
    return std::visit(Writer{store}, artwork);
}

Result<Artwork> ArtworkReader::operator()(const json& artwork) {
    const auto& kind = artwork.at("kind").get_ref<const std::string&>();
    if (kind == "picture") {
        auto read = picture(artwork);
        return read ? Result<Artwork>(Artwork(PictureArtwork{*read})) : read.problem();
    }
    if (kind == "drawing")
        return drawing(artwork);
    if (kind == "label")
        return label(artwork);
    if (kind == "cluster")
        return cluster(artwork);
    return Problem{"It holds artwork of a kind that this version does not know."_said};
}

Result<std::shared_ptr<const Picture>> ArtworkReader::picture(const json& j) {
    const auto file = j.at("file").get<std::string>();
    const auto name = j.at("name").get<std::string>();
    const PageChoice page{j.value("page", 1), j.value("dpi", PageChoice{}.dpi)};
    if (!(page.dpi >= 10 && page.dpi <= 10000))
        throw WrongField("dpi is out of range"_said);
    auto& known = pictures[{file, page.number, page.dpi}];
    if (!known) {
        const FileBytes original = load(file);
        if (!original)
            return Problem{"Its artwork “{file}” is missing."_said.with("file", name)};
        if (j.contains("decoded")) {
            known = picture_from(j, original);
        } else { // stored by Fusuma 0.3 or older
            auto decoded = read_picture(original, QString::fromStdString(name), page);
            if (!decoded)
                return decoded.problem();
            known = *decoded;
        }
    }
    if (!j.contains("flat"))
        return known;
    const Flattening how = flattening_from(j.at("flat"));
    if (std::max(known->pixels.width(), known->pixels.height()) > most_flattened_px)
        throw WrongField("a photograph is too large to be laid flat"_said);
    auto& flat = flat_pictures[{known.get(), j.at("flat").dump()}];
    if (!flat)
        flat = laid_flat(known, how);
    return flat;
}

namespace {

/// How many parts a drawing must have had for these to be of it, where the project does not say.
std::size_t parts_needed(const json& parts) {
    std::size_t most = 0;
    const auto look = [&most](const json& shapes) {
        for (const json& shape : shapes)
            if (shape.contains("part"))
                most = std::max(most, shape.at("part").get<std::size_t>() + 1);
    };
    look(parts.at("shapes"));
    for (const json& combination : parts.at("combinations"))
        look(combination.at("members"));
    return most;
}

} // namespace

Result<Artwork> ArtworkReader::drawing(const json& j) {
    const auto file = j.at("file").get<std::string>();
    const auto name = j.at("name").get<std::string>();
    const int page = j.value("page", 1);
    auto& known = drawings[{file, page}];
    if (!known) {
        const FileBytes original = load(file);
        if (!original)
            return Problem{"Its artwork “{file}” is missing."_said.with("file", name)};
        auto decoded = read_drawing(original, QString::fromStdString(name), page);
        if (!decoded)
            return decoded.problem();
        known = *decoded;
    }
    if (j.value("drawn", parts_needed(j.at("parts"))) > known->parts.size()) {
        in_other_parts.insert(name);
        return Artwork(DrawingArtwork{known, std::make_shared<const Parts>(cut_round_everything(all_parts(*known)))});
    }
    auto read = parts(j.at("parts"), *known);
    if (!read)
        return read.problem();
    return Artwork(DrawingArtwork{known, std::make_shared<const Parts>(std::move(*read))});
}

Result<Shape> ArtworkReader::shape(const json& j, const Drawing& drawing,
                                   const std::vector<std::shared_ptr<const Combination>>& combinations) {
    Shape shape;
    shape.id = j.at("id").get<int>();
    shape.name = j.at("name").get<std::string>();
    shape.use = {j.at("printed").get<bool>(), choice_from<PartCut>(j.at("cut"))};
    if (j.contains("of")) {
        const auto of = j.at("of").get<std::size_t>();
        if (of >= combinations.size())
            throw WrongField("a combined part is out of range"_said);
        shape.of = combinations[of];
        shape.layer = j.value("layer", std::string());
        shape.result = j.at("result").get<std::size_t>();
        if (shape.result >= shape.of->results(drawing).size())
            throw WrongField("a combined part is out of range"_said);
    } else {
        shape.part = static_cast<int>(number_in(j, "part", 0, static_cast<double>(drawing.parts.size()) - 1));
    }
    if (j.contains("fill")) {
        shape.fill.emplace(PartFill{fill_from(j.at("fill")), nullptr});
        if (j.contains("picture")) {
            auto read = picture(j.at("picture"));
            if (!read)
                return read.problem();
            shape.fill->picture = *read;
        }
    }
    return shape;
}

Result<Parts> ArtworkReader::parts(const json& j, const Drawing& drawing) {
    Parts parts;
    parts.next_id = next_in(j, "next_id");
    std::vector<std::shared_ptr<const Combination>> combinations;
    for (const json& c : j.at("combinations")) {
        std::vector<Shape> members;
        for (const json& m : c.at("members")) {
            auto member = shape(m, drawing, combinations);
            if (!member)
                return member.problem();
            members.push_back(std::move(*member));
        }
        const Combining how = choice_from<Combining>(c.at("how"));
        if (members.empty() || (how == Combining::split && members.size() > most_split))
            throw WrongField("a combination's members are out of range"_said);
        combinations.push_back(
            std::make_shared<const Combination>(how, std::move(members), number_in(c, "least_thickness", 0, 100)));
    }
    for (const json& s : j.at("shapes")) {
        auto read = shape(s, drawing, combinations);
        if (!read)
            return read.problem();
        if (read->id < 1 || read->id >= parts.next_id)
            throw WrongField("a part's id is out of range"_said);
        parts.shapes.push_back(std::move(*read));
    }
    for (const json& r : j.at("recolours"))
        parts.recolours.push_back({colour_from(r.at("from")), colour_from(r.at("to"))});
    return parts;
}

Result<Artwork> ArtworkReader::label(const json& j) {
    auto design = label_from(j, [this](const json& p) { return picture(p); });
    if (!design)
        return design.problem();
    return Artwork(LabelArtwork{std::make_shared<const LabelDesign>(std::move(*design)), 0});
}

Result<Artwork> ArtworkReader::cluster(const json& j) {
    constexpr int deepest = 20;
    if (depth >= deepest)
        throw WrongField("clusters are too deep within each other"_said);
    ++depth;
    Cluster cluster;
    const auto size = j.at("size").get<std::array<double, 2>>();
    for (const double side : size)
        if (!(side >= 0.01 && side <= 5000))
            throw WrongField("a cluster's size is out of range"_said);
    cluster.size = on_lattice({size[0], size[1]});
    cluster.cut = choice_from<ClusterCut>(j.at("cut"));
    cluster.inner_lines_are_cut = j.at("inner_lines_are_cut").get<bool>();
    cluster.borders_hide = j.value("borders_hide", false);
    for (const json& m : j.at("members")) {
        auto sticker = sticker_from(m.at("sticker"), [this](const json& a) { return (*this)(a); });
        if (!sticker)
            return sticker.problem();
        Placement placement = placement_from(m.at("placement"), 1);
        cluster.members.push_back({std::make_shared<const Sticker>(std::move(*sticker)), placement});
    }
    --depth;
    if (cluster.members.empty())
        throw WrongField("a cluster is empty"_said);
    return Artwork(ClusterArtwork{std::make_shared<const Cluster>(std::move(cluster))});
}

} // namespace fusuma
