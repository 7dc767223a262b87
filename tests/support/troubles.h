#pragma once

#include "tests/support/samples.h"

namespace fusuma::test {

/// A document in which one rule of preflight finds something.
struct Trouble {
    const char* rule;
    Document document;
    bool has_fix = true;
};

namespace troubles {

inline Document with_sticker(const std::function<void(Sticker&)>& change, std::vector<Point> centres = {{105, 150}}) {
    Document d = disc_document(centres);
    Sticker s = *d.find(1);
    change(s);
    return with_sticker_changed(d, s);
}

inline Document on_sheet(const std::function<void(SheetSettings&)>& change) {
    Document d = disc_document({{105, 150}});
    change(d.sheet);
    return d;
}

inline void add_bleed(Sticker& s) {
    s.rims.border.kind = Fill::Kind::colour;
    s.rims.border.colour = {30, 80, 160};
    s.bleed = {Bleed::Kind::rim, 3};
}

inline FreeLine line_through(std::vector<Point> px, bool is_open) {
    FreeLine line{{px.front(), {}}, is_open};
    for (std::size_t i = 1; i < px.size(); ++i)
        line.path.segments.push_back(Segment::line_to(px[i]));
    if (!is_open)
        line.path.segments.push_back(Segment::line_to(px.front()));
    return line;
}

/// A disc without a border, with a dark ring a millimetre inside its edge.
inline Sticker ringed() {
    auto picture = picture_of({ellipse({192, 192}, 180, 180)}, 384, 384);
    repaint(*picture, [](Image& pixels) {
        for (int y = 0; y < 384; ++y)
            for (int x = 0; x < 384; ++x)
                if (const double r = std::hypot(x - 191.5, y - 191.5); r > 160 && r < 168)
                    std::fill_n(&pixels.rgba[4 * static_cast<std::size_t>(y * 384 + x)], 3, std::uint8_t{20});
    });
    Sticker s = new_sticker(PictureArtwork{picture});
    s.border.width = 0;
    return s;
}

inline Document lost_hand() {
    Document d = disc_document({{60, 150}});
    Planner evaluator;
    Sticker s = *d.find(1);
    const auto result = evaluator.evaluate(s);
    s.hand = hand_for(s, *result, with_nodes_moved(result->cut->hand.lines, {{0, 1}}, {2, 1}));
    for (Foothold* hold : {&s.hand.stretches[0].from, &s.hand.stretches[0].to})
        hold->foot = hold->foot + Point{900, 900};
    return with_sticker_changed(d, s);
}

inline Document placed(Sticker sticker) {
    Document d = with_sticker_added({}, std::move(sticker));
    d.put({.sticker = 1, .centre = {105, 150}});
    return d;
}

inline Sticker spiky() {
    Sticker s = new_sticker(PictureArtwork{picture_of({star({600, 600}, 150, 590, 540, 0)}, 1200, 1200, 5080)});
    s.trace.detail_px = 0.3;
    s.border.width = 0;
    return s;
}

inline Sticker cut_only() {
    Sticker s = new_sticker(PictureArtwork{picture_of({}, 384, 384)});
    s.hand.lines = {line_through({{100, 100}, {100, 250}, {250, 250}, {250, 100}}, false)};
    return s;
}

/// Two labels of a list of four.
inline Document half_a_list() {
    LabelDesign design;
    design.texts = {};
    design.table = std::make_shared<const Table>(Table{{"name"}, {{"Kelp"}, {"Dulse"}, {"Laver"}, {"Samphire"}}});
    Document d = with_sticker_added({}, new_sticker(LabelArtwork{std::make_shared<const LabelDesign>(design), 0}));
    d.put({.sticker = 1, .centre = {60, 150}, .row = 0});
    d.put({.sticker = 1, .centre = {140, 150}, .row = 2});
    return d;
}

} // namespace troubles

/// One for every rule.
inline std::vector<Trouble> every_trouble() {
    using namespace troubles;
    Document two_pages = disc_document({{105, 150}});
    two_pages.pages = 2;
    Document at_margin = with_sticker(add_bleed, {{21.3, 150}});
    at_margin.sheet.cutter.reach = Edges::all(4.2);
    return {
        {"outside-zone", disc_document({{22, 150}})},
        {"keep-clear", disc_document({{180, 267}})},
        {"outside-margins", at_margin},
        {"overlap", disc_document({{60, 150}, {80, 150}})},
        {"too-close", disc_document({{60, 150}, {95.2, 150}})},
        {"doubled-line", disc_document({{60, 150}, {60, 150}})},
        {"short-bleed", with_sticker(add_bleed, {{60, 150}, {98, 150}})},
        {"crossing-lines", with_sticker([](Sticker& s) {
             s.hand.lines = {line_through({{192, 192}, {192, 210}, {500, 210}, {500, 192}}, false)};
         })},
        {"small-contour", with_sticker([](Sticker& s) {
             s.hand.lines = {line_through({{192, 192}, {192, 198}, {198, 198}}, false)};
         })},
        {"open-cut", with_sticker([](Sticker& s) {
             s.hand.lines = {line_through({{120, 150}, {180, 250}, {260, 170}}, true)};
         })},
        {"many-nodes", placed(spiky())},
        {"no-cut", with_sticker([](Sticker& s) { s.clean.specks = 1e6; })},
        {"no-print", placed(cut_only())},
        {"no-bleed", with_sticker([](Sticker& s) { s.border.width = 0; })},
        {"near-cut", placed(ringed())},
        {"low-resolution", with_sticker([](Sticker& s) { s.width = 80; })},
        {"lost-handwork", lost_hand()},
        {"no-zone", on_sheet([](SheetSettings& s) {
             s.paper = {60, 40};
             s.marks.keep_clear = 30;
         }),
         false},
        {"clipped-marks", on_sheet([](SheetSettings& s) { s.marks.inset = 5; })},
        {"other-paper", on_sheet([](SheetSettings& s) {
             s.printer.paper = Size{215.9, 279.4};
         })},
        {"scaled-print", on_sheet([](SheetSettings& s) { s.printer.scaling = 0.97; })},
        {"empty-sheet", two_pages},
        {"missing-rows", half_a_list()},
    };
}

} // namespace fusuma::test
