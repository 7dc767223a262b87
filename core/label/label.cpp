#include "core/label/label.h"

#include "core/geometry/combine_curves.h"
#include "core/geometry/growth.h"
#include "core/geometry/measure.h"
#include "core/label/set_text.h"
#include "core/parallel.h"

#include <algorithm>
#include <cmath>
#include <mutex>

namespace fusuma {

bool LabelPicture::operator==(const LabelPicture& other) const {
    return is_same(picture, other.picture) && field == other.field && place == other.place && share == other.share &&
           std::ranges::equal(by_name, other.by_name, [](const auto& a, const auto& b) {
               return a.first == b.first && is_same(a.second, b.second);
           });
}

bool LabelDesign::operator==(const LabelDesign& other) const {
    const bool same_table = table == other.table || (table && other.table && *table == *other.table);
    const bool same_calendar =
        calendar == other.calendar || (calendar && other.calendar && *calendar == *other.calendar);
    return same_table && shape == other.shape && ground == other.ground && frame == other.frame &&
           safety == other.safety && texts == other.texts && picture == other.picture &&
           letters_cut == other.letters_cut && day == other.day && same_calendar && in_one_size == other.in_one_size;
}

std::string LabelDesign::filled_in(const std::string& words, std::size_t row) const {
    static const Calendar english;
    return fusuma::filled_in(words, table.get(), row, day, calendar ? *calendar : english);
}

double contrast_ratio(Rgb a, Rgb b) {
    const auto linear = [](std::uint8_t value) {
        const double v = value / 255.0;
        return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
    };
    const auto luminance = [&](Rgb c) {
        return 0.2126 * linear(c.red) + 0.7152 * linear(c.green) + 0.0722 * linear(c.blue);
    };
    const double light = std::max(luminance(a), luminance(b)), dark = std::min(luminance(a), luminance(b));
    return (light + 0.05) / (dark + 0.05);
}

Rgb contrast_colour(Rgb ground) {
    constexpr Rgb dark{38, 50, 61}, white{255, 255, 255};
    return contrast_ratio(ground, dark) >= contrast_ratio(ground, white) ? dark : white;
}

const std::vector<Swatch>& swatches() {
    static const std::vector<Swatch> all{
        {"Sea glass", {224, 238, 226}, {31, 74, 66}}, {"Kelp", {46, 82, 66}, {244, 238, 220}},
        {"Harbour", {30, 78, 102}, {250, 244, 230}},  {"Buoy", {214, 86, 44}, {255, 250, 240}},
        {"Sand", {243, 229, 196}, {92, 58, 30}},      {"Sea pink", {243, 196, 206}, {110, 32, 60}},
        {"Lamplight", {247, 200, 92}, {58, 44, 20}},  {"Slate", {58, 66, 78}, {238, 240, 242}},
        {"Chalk", {255, 255, 255}, {38, 50, 61}},     {"Dusk", {92, 70, 120}, {250, 240, 252}},
    };
    return all;
}

LabelDesign recoloured(LabelDesign design, const Swatch& swatch) {
    design.ground = swatch.ground;
    design.frame.colour = swatch.lettering;
    for (LabelText& text : design.texts)
        text.colour = swatch.lettering;
    return design;
}

namespace {

Painted painted(Outline curves, Rgb colour) {
    return {colour, std::make_shared<const Area>(Area{std::move(curves), FillRule::nonzero}), 1, {}};
}

Outline from_polygons(const Polygons& polygons) {
    Outline outline;
    for (const Polygon& polygon : polygons)
        outline.contours.push_back(contour_of(polygon));
    return outline;
}

/// The picture as large as fits into the box, or as covers it.
Transform placed_in(const Rect& box, const Pixels& pixels, bool covers) {
    const double across = box.width() / pixels.width(), down = box.height() / pixels.height();
    const double scale = covers ? std::max(across, down) : std::min(across, down);
    const Size size{scale * pixels.width(), scale * pixels.height()};
    const Point middle = box.centre();
    return Transform::scale(size.width, size.height)
        .then(Transform::shift({middle.x - size.width / 2, middle.y - size.height / 2}));
}

/// Takes the picture's part off the room.
Rect picture_box(const LabelPicture& picture, double gap, Rect& room) {
    Rect box = room;
    const double wide = room.width() * picture.share, high = room.height() * picture.share;
    switch (picture.place) {
    case PicturePlace::left:
        box.max.x = room.min.x + wide;
        room.min.x = box.max.x + gap;
        break;
    case PicturePlace::right:
        box.min.x = room.max.x - wide;
        room.max.x = box.min.x - gap;
        break;
    case PicturePlace::above:
        box.max.y = room.min.y + high;
        room.min.y = box.max.y + gap;
        break;
    case PicturePlace::below:
        box.min.y = room.max.y - high;
        room.max.y = box.min.y - gap;
        break;
    case PicturePlace::behind:
        break;
    }
    return box;
}

std::shared_ptr<const Picture> picture_of(const LabelDesign& design, std::size_t row, std::string& missing) {
    const LabelPicture& p = design.picture;
    if (p.field.empty())
        return p.picture;
    const std::string name = design.filled_in("{" + p.field + "}", row);
    if (name.empty())
        return p.picture;
    const auto known = p.by_name.find(name);
    if (known == p.by_name.end())
        missing = name;
    return known == p.by_name.end() ? p.picture : known->second;
}

Rgb colour_on(const std::optional<Rgb>& chosen, const std::optional<Rgb>& ground) {
    return chosen.value_or(contrast_colour(ground.value_or(Rgb{255, 255, 255})));
}

/// What is printed inside a label's edge.
void print_frame(const LabelDesign& design, const Outline& edge, DrawnArt& art) {
    if (design.frame.width <= 0)
        return;
    constexpr double flat = 0.01;
    const Polygons whole = flatten(edge, flat);
    const Polygons outer =
        grown(whole, {.width = -design.frame.inset, .corners = Corners::mitre, .arc_tolerance = flat});
    const Polygons inner = grown(
        whole, {.width = -design.frame.inset - design.frame.width, .corners = Corners::mitre, .arc_tolerance = flat});
    art.shapes.push_back(painted(from_polygons(combine(outer, inner, Combine::take_out)),
                                 colour_on(design.frame.colour, design.ground)));
}

/// All texts, each set where it belongs.
std::vector<SetText> set_texts(const LabelDesign& design, const std::vector<LabelText>& texts, std::size_t row,
                               const Outline& edge, Rect room) {
    std::vector<TextToSet> straight;
    std::vector<SetText> all(texts.size());
    std::vector<std::size_t> places;
    for (std::size_t i = 0; i < texts.size(); ++i) {
        const LabelText& style = texts[i];
        if (!style.font.font)
            continue;
        TextToSet text{&style, design.filled_in(style.words, row)};
        if (style.run == TextRun::straight || edge.empty()) {
            straight.push_back(std::move(text));
            places.push_back(i);
            continue;
        }
        all[i] = set_along_edge(text, edge, design.safety);
        constexpr double line = 1.1; // of the size that a curved line keeps for itself
        (style.run == TextRun::along_top ? room.min.y : room.max.y) +=
            (style.run == TextRun::along_top ? 1 : -1) * line * all[i].size;
    }
    std::vector<SetText> set = set_in_room(straight, room);
    for (std::size_t k = 0; k < set.size(); ++k)
        all[places[k]] = std::move(set[k]);
    return all;
}

void print_texts(const LabelDesign& design, const std::vector<SetText>& texts, DrawnArt& art) {
    for (std::size_t i = 0; i < texts.size(); ++i) {
        Outline letters;
        for (const Outline& glyph : texts[i].glyphs)
            std::ranges::copy(glyph.contours, std::back_inserter(letters.contours));
        if (!letters.empty())
            art.shapes.push_back(painted(std::move(letters), colour_on(design.texts[i].colour, design.ground)));
    }
}

Outline region_of(const std::vector<SetText>& texts) {
    std::vector<Outline> letters;
    for (const SetText& text : texts)
        for (const Outline& glyph : text.glyphs)
            letters.push_back(fusuma::region_of(glyph.contours, FillRule::nonzero));
    return united(letters);
}

/// Text that is a sticker by itself.
SetLabel lettering(const LabelDesign& design, const std::vector<LabelText>& texts, std::size_t row) {
    SetLabel label;
    label.texts = set_texts(design, texts, row, {}, {{0, 0}, {design.shape.width, design.shape.height}});
    Rect ink;
    for (const SetText& text : label.texts)
        ink.include(text.ink);
    auto art = std::make_shared<DrawnArt>();
    if (ink.empty()) {
        art->size = on_lattice({design.shape.width, design.shape.height});
        label.drawn.art = std::move(art);
        return label;
    }
    for (SetText& text : label.texts)
        for (Outline& glyph : text.glyphs)
            glyph = transformed(glyph, Transform::shift(-ink.min));
    art->size = on_lattice({ink.width(), ink.height()});
    print_texts({.ground = std::nullopt, .texts = design.texts}, label.texts, *art);
    label.drawn.outline = region_of(label.texts);
    label.drawn.art = std::move(art);
    return label;
}

SetLabel set_with(const LabelDesign& design, const std::vector<LabelText>& texts, std::size_t row) {
    if (design.shape.kind == LabelShape::lettering)
        return lettering(design, texts, row);
    SetLabel label;
    auto art = std::make_shared<DrawnArt>();
    art->size = on_lattice({design.shape.width, design.shape.height});
    const Outline edge = outline_of(design.shape);
    if (design.ground)
        art->shapes.push_back(painted(edge, *design.ground));
    Rect room = room_in(design.shape, design.safety + design.frame.width * (design.frame.width > 0));
    const auto picture = picture_of(design, row, label.missing_picture);
    if (picture) {
        const bool is_behind = design.picture.place == PicturePlace::behind;
        const Rect box = is_behind ? bounds(edge) : picture_box(design.picture, design.safety, room);
        art->shapes.push_back({picture->pixels,
                               is_behind ? std::make_shared<const Area>(Area{edge, FillRule::nonzero}) : nullptr, 1,
                               placed_in(box, picture->pixels, is_behind)});
    }
    print_frame(design, edge, *art);
    label.texts = set_texts(design, texts, row, edge, room);
    print_texts(design, label.texts, *art);
    if (design.letters_cut)
        for (const Contour& contour : region_of(label.texts).contours)
            label.drawn.lines.push_back({contour, false, *design.letters_cut});
    const bool has_plain_edge = !(picture && design.picture.place == PicturePlace::behind) &&
                                !(design.frame.width > 0 && design.frame.inset <= 0);
    if (has_plain_edge)
        label.drawn.ground = design.ground;
    label.drawn.outline = edge;
    label.drawn.art = std::move(art);
    return label;
}

/// The smallest that each text comes out at on any row; nought for one that says nothing anywhere.
std::vector<double> least_sizes_of(const LabelDesign& design) {
    std::vector<double> least(design.texts.size());
    std::mutex alone;
    for_each_of(static_cast<int>(design.rows()), {}, [&](int row) {
        const SetLabel label = set_with(design, design.texts, static_cast<std::size_t>(row));
        const std::lock_guard guard(alone);
        for (std::size_t i = 0; i < least.size(); ++i)
            if (const SetText& text = label.texts[i]; !text.glyphs.empty()) // an empty cell has no size to keep to
                least[i] = least[i] > 0 ? std::min(least[i], text.size) : text.size;
    });
    return least;
}

} // namespace

SetLabel set_label(const LabelDesign& design, std::size_t row) {
    if (!design.in_one_size)
        return set_with(design, design.texts, row);
    const auto& sizes = design.least_sizes.get([&] { return least_sizes_of(design); });
    std::vector<LabelText> texts = design.texts;
    for (std::size_t i = 0; i < texts.size(); ++i)
        if (sizes[i] > 0) {
            texts[i].size = sizes[i];
            texts[i].fits_room = false;
        }
    return set_with(design, texts, row);
}

Size size_of(const LabelDesign& design, std::size_t row) {
    if (design.shape.kind == LabelShape::lettering)
        return set_label(design, row).drawn.art->size;
    return on_lattice({design.shape.width, design.shape.height});
}

} // namespace fusuma
