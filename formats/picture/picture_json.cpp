#include "formats/picture/picture_json.h"

#include "formats/basics/json_fields.h"
#include "formats/picture/picture_read.h"

namespace fusuma {

namespace {

json flattening_json(const Flattening& flat) {
    const View& v = flat.view;
    return {{"by", word_of(flat.by)},
            {"size", {flat.size.width, flat.size.height}},
            {"px_per_mm", flat.px_per_mm},
            {"residual", flat.residual},
            {"plane", v.plane},
            {"middle", {v.middle.x, v.middle.y}},
            {"focal", v.focal},
            {"lens", {v.lens.k1, v.lens.k2}}};
}

} // namespace

Flattening flattening_from(const json& j) {
    Flattening flat;
    flat.by = choice_from<FlatBy>(j.at("by"));
    const auto pair = [&](const char* name, double least, double most) {
        const auto numbers = j.at(name).get<std::array<double, 2>>();
        for (const double n : numbers)
            if (!(n >= least && n <= most))
                throw WrongField("{field} is out of range"_said.with("field", std::string(name)));
        return Point{numbers[0], numbers[1]};
    };
    const Point size = pair("size", 0.1, 5000), lens = pair("lens", -10, 10);
    flat.size = {size.x, size.y};
    flat.px_per_mm = number_in(j, "px_per_mm", 0.01, 1000);
    flat.residual = number_in(j, "residual", 0, 1e6);
    flat.view.plane = j.at("plane").get<std::array<double, 9>>();
    for (const double n : flat.view.plane)
        if (!(std::abs(n) < 1e9))
            throw WrongField("plane is out of range"_said);
    flat.view.middle = pair("middle", 0, 1e6);
    flat.view.focal = number_in(j, "focal", 1, 1e7);
    flat.view.lens = {lens.x, lens.y};
    constexpr double most_px = 200e6;
    if (std::max(flat.width_px(), flat.height_px()) > most_flattened_px ||
        flat.size.width * flat.size.height * flat.px_per_mm * flat.px_per_mm > most_px)
        throw WrongField("a flat picture is too large"_said);
    return flat;
}

json picture_json(const Picture& picture, const StoreFile& store) {
    json j{{"file", store(picture.original, picture.file_name)}, {"name", picture.file_name}};
    if (picture.page > 0)
        j.update({{"page", picture.page}, {"dpi", picture.photo ? picture.photo->dpi : picture.dpi}});
    if (picture.flat)
        j["flat"] = flattening_json(*picture.flat);
    const Picture& came = picture.photo ? *picture.photo : picture;
    json facts{{"pixels", {came.pixels.width(), came.pixels.height()}},
               {"dpi", came.dpi},
               {"dpi_is_stated", came.dpi_is_stated}};
    if (!came.camera.model.empty() || came.camera.focal_35mm > 0)
        facts["camera"] = {{"model", came.camera.model}, {"focal_35mm", came.camera.focal_35mm}};
    j["decoded"] = std::move(facts);
    return j;
}

std::shared_ptr<const Picture> picture_from(const json& j, const FileBytes& original) {
    Picture known;
    known.file_name = j.at("name").get<std::string>();
    known.original = original;
    known.page = j.contains("page") ? static_cast<int>(number_in(j, "page", 1, 1e6)) : 0;
    const json& facts = j.at("decoded");
    const auto size = facts.at("pixels").get<std::array<int, 2>>();
    if (size[0] < 1 || size[1] < 1 || qint64{size[0]} * size[1] > largest_picture_px)
        throw WrongField("{field} is out of range"_said.with("field", "pixels"));
    known.dpi = number_in(facts, "dpi", 10, 10000);
    known.dpi_is_stated = facts.at("dpi_is_stated").get<bool>();
    if (facts.contains("camera")) {
        const json& camera = facts.at("camera");
        known.camera = {camera.at("model").get<std::string>(), number_in(camera, "focal_35mm", 0, 1e5)};
    }
    return picture_when_needed(std::move(known), size[0], size[1]);
}

} // namespace fusuma
