#include "core/plan/ticket.h"
#include "formats/basics/file.h"
#include "formats/basics/json.h"
#include "formats/drawing/drawing_read.h"
#include "formats/picture/picture_read.h"
#include "formats/project/project_file.h"
#include "formats/project/zip_archive.h"
#include "tests/support/faults.h"
#include "tests/support/samples.h"

#include <gmock/gmock.h>

namespace fusuma {
namespace {

/// Every setting off its default, so that a field that is forgotten shows.
Document full_document() {
    Document d;
    Sticker s = new_sticker(PictureArtwork{*read_picture(test::demo_art("puffin.png"))});
    s.name = "Puffin “north”";
    s.width = 33.25;
    s.background = {
        .source = Source::colour,
        .brightness = 77,
        .colours = {{1, 2, 3}, {7, 8, 9}},
        .use = ColourUse::keep_only,
        .tolerance = 14,
        .pockets = true,
        .pockets_at = {{40, 50}},
        .fill_inside = true,
        .strokes = {{.kind = Stroke::Kind::erase, .size = 17.5, .hardness = 0.25, .points = {{10, 20}, {30.5, 40}}}},
        .focus = PixelBox{5, 6, 300, 400}};
    s.framing = {.crop = PixelBox{2, 3, 500, 450}, .mirrored = true, .turn = 0.3};
    s.trace = {.threshold = 99, .detail_px = 0.3, .smoothing_px = 7};
    s.clean = {.specks = 1.5, .holes = 2.5, .outer_only = true, .gaps = 0.75};
    s.border = {.width = -1.25,
                .scales_with_art = true,
                .corners = Corners::bevel,
                .mitre_limit = 4,
                .holes = Holes::close_small,
                .close_under = 4,
                .by_hand = {{{30.5, 40}, true}, {{7, 8}, false}},
                .join = 3,
                .one_border = true,
                .least_gap = 1.5,
                .least_tip = 0.75};
    const Fill dots{Fill::Kind::colour, {1, 2, 3}, Pattern::dots, {4, 5, 6}, 1.25};
    s.rims = {.inner = {{1.5, dots}, {0.5, {.kind = Fill::Kind::art}}}, .border = {.pattern = Pattern::stripes}};
    s.bleed = {Bleed::Kind::rim, 1.5};
    const Foothold hold{{1, 2}, {0, 1}, 3, 4};
    s.hand.stretches = {{.from = hold,
                         .to = hold,
                         .from_at = {5, 6},
                         .to_at = {7, 8},
                         .spanned = 9,
                         .is_whole = true,
                         .as_it_was = true,
                         .steps = {{Segment::line_to({1, 1}), true, hold, {2, 2}},
                                   {Segment::cubic_to({1, 2}, {3, 4}, {5, 6}), false, std::nullopt, {3, 3}}}}};
    s.hand.left_out = {{hold, true}};
    s.hand.lines = {{{{1, 2}, {Segment::line_to({3, 4}), Segment::cubic_to({1, 2}, {3, 4}, {5, 6})}}, true}};
    s.cut = CutKind::through;
    d = with_sticker_added(d, s);
    s.name = "The same picture again";
    d = with_sticker_added(d, s);
    d.pages = 3;
    d.silenced = {"too-close/page 1/sticker 1 at 900,1200"};
    d.placements = {{.id = CopyId{4},
                     .sticker = 2,
                     .centre = {40, 50},
                     .turn = 0.5,
                     .mirrored = true,
                     .scale = 1.5,
                     .stretch = 1.2},
                    {.id = CopyId{2}, .sticker = 1, .centre = {90, 120}, .page = 2, .group = 4, .locked = true}};
    d.copy_ids.next = 5;
    d.sheet = {.paper = {148, 210},
               .printer = {.name = "Harbour office",
                           .margins = {3, 4, 5, 6},
                           .paper = Size{210, 297},
                           .scaling = 0.97,
                           .borderless = true,
                           .shift = {0.4, -0.2},
                           .stretch_x = 1.002,
                           .stretch_y = 0.999},
               .cutter = {.name = "Little blade",
                          .reach = {9, 8, 7, 6},
                          .has_mat = true,
                          .mat = {304.8, 304.8},
                          .paper_on_mat = {12, 25}},
               .gap = 2,
               .marks = {.kind = MarkKind::scheme,
                         .inset = 16,
                         .radius = 2,
                         .line = 0.4,
                         .keep_clear = 7,
                         .scheme = {"Three rings",
                                    {{MarkShape::ring, PaperCorner::top_left, {10, 12}, 3, 0.5},
                                     {MarkShape::cross, PaperCorner::bottom_right, {11, 13}, 2, 0.2}}}},
               .division = {2, 3, 5, Division::Cut::score}};
    d.unit = Unit::inch;
    return d;
}

/// The same values; artwork compares by its original bytes, since it has been read anew.
void expect_same(const Document& a, const Document& b) {
    EXPECT_EQ(a.placements, b.placements);
    EXPECT_EQ(a.sheet, b.sheet);
    EXPECT_EQ(a.pages, b.pages);
    EXPECT_EQ(a.silenced, b.silenced);
    EXPECT_EQ(a.unit, b.unit);
    EXPECT_EQ(a.sticker_ids.next, b.sticker_ids.next);
    EXPECT_EQ(a.copy_ids.next, b.copy_ids.next);
    ASSERT_EQ(a.stickers.size(), b.stickers.size());
    for (std::size_t i = 0; i < a.stickers.size(); ++i) {
        Sticker left = *a.stickers[i], right = *b.stickers[i];
        EXPECT_EQ(*std::get<PictureArtwork>(left.artwork).picture->original,
                  *std::get<PictureArtwork>(right.artwork).picture->original);
        EXPECT_EQ(source_name(left.artwork), source_name(right.artwork));
        right.artwork = left.artwork;
        EXPECT_EQ(left, right);
    }
}

nlohmann::json description(const ZipEntries& entries) {
    const QByteArray& bytes = entries.at("document.json");
    return nlohmann::json::parse(bytes.begin(), bytes.end());
}

QByteArray with_description(ZipEntries entries, const nlohmann::json& json) {
    entries["document.json"] = QByteArray::fromStdString(json.dump());
    return *zip_bytes(entries);
}

TEST(Project, ComesBackAsItWasSaved) {
    QTemporaryDir folder;
    const QString path = folder.filePath("fair.fusuma");
    ASSERT_TRUE(save_project(full_document(), path));
    const auto loaded = load_project(path);
    ASSERT_TRUE(loaded) << loaded.problem().english();
    expect_same(full_document(), *loaded);
}

TEST(Project, SameDocumentGivesTheSameBytesAndStoresAPictureOnce) {
    const Document d = full_document();
    const QByteArray bytes = *project_bytes(d);
    EXPECT_EQ(bytes, *project_bytes(d));
    const auto entries = unzip(bytes, 1 << 24);
    ASSERT_TRUE(entries);
    EXPECT_EQ(entries->size(), 3u);
    EXPECT_EQ(entries->at("artwork/1.png"), *read_file(test::demo_art("puffin.png"), 1 << 24))
        << "the original bytes, untouched";
}

TEST(Project, UnknownFieldsSurviveALoadAndSave) {
    const ZipEntries entries = *unzip(*project_bytes(full_document()), 1 << 24);
    nlohmann::json json = description(entries);
    json["rehearsals"] = {1, 2};
    json["sheet"]["marks"]["colour"] = "blue";
    json["stickers"][0]["varnish"] = {{"width", 1.5}};
    const auto loaded = read_project_bytes(with_description(entries, json), "new.fusuma");
    ASSERT_TRUE(loaded) << loaded.problem().english();
    EXPECT_EQ(description(*unzip(*project_bytes(*loaded), 1 << 24)), json);
}

/// Another version of a reader, or of a library that it stands on, may see other parts in the same file.
TEST(Project, DrawingsThatAreReadIntoFewerPartsThanWhenTheyWereStoredAreCutRoundAsAWholeAndTold) {
    const std::string svg =
        "<svg xmlns='http://www.w3.org/2000/svg' width='40' height='40'><rect width='9' height='9'/>"
        "<rect x='20' width='9' height='9'/><rect y='20' width='9' height='9'/></svg>";
    const auto* first = reinterpret_cast<const std::byte*>(svg.data());
    const auto drawing =
        *read_drawing(std::make_shared<const std::vector<std::byte>>(first, first + svg.size()), "boats.svg");
    Parts chosen = all_parts(*drawing);
    chosen.shapes[1].use.is_printed = false;
    const Document d =
        with_sticker_added({}, new_sticker(DrawingArtwork{drawing, std::make_shared<const Parts>(chosen)}));
    const ZipEntries entries = *unzip(*project_bytes(d), 1 << 24);
    const auto opened = [&](const auto& change, Said& told) {
        nlohmann::json json = description(entries);
        change(json["stickers"][0]["artwork"]);
        const auto loaded = read_project_bytes(with_description(entries, json), "old.fusuma", &told);
        EXPECT_TRUE(loaded);
        return loaded ? *std::get<DrawingArtwork>(loaded->stickers[0]->artwork).parts : Parts{};
    };
    Said told;
    EXPECT_EQ(opened([](auto& art) { art["drawn"] = 2; }, told), chosen) << "further parts came behind them";
    EXPECT_EQ(opened([](auto& art) { art.erase("drawn"); }, told), chosen) << "stored before the number was";
    EXPECT_TRUE(told.empty());
    const Parts whole = cut_round_everything(all_parts(*drawing));
    EXPECT_EQ(opened([](auto& art) { art["drawn"] = 4; }, told), whole);
    EXPECT_EQ(told.english(),
              "This version sees other parts in “boats.svg” than the one that saved it; it is cut round as "
              "a whole.");
    told = {};
    EXPECT_EQ(opened(
                  [](auto& art) {
                      art.erase("drawn");
                      art["parts"]["shapes"][2]["part"] = 3;
                  },
                  told),
              whole);
    EXPECT_FALSE(told.empty());
}

TEST(Project, MoreCopiesThanOneHoldsAreLeftOutAndTold) {
    Document d = with_sticker_added({}, test::disc_sticker(30));
    d.put({.sticker = 1, .centre = {50, 50}});
    ZipEntries entries = *unzip(*project_bytes(d), 1 << 24);
    nlohmann::json json = description(entries);
    json["next_copy"] = most_copies + 100;
    const std::string copy = std::exchange(json["placements"][0], "here").dump();
    const std::size_t id = copy.find("\"id\":1") + 5;
    std::string heap;
    for (std::size_t i = 1; i <= most_copies + 5; ++i)
        heap.append(i == 1 ? "" : ",").append(copy, 0, id).append(std::to_string(i)).append(copy, id + 1);
    std::string text = json.dump();
    text.replace(text.find("\"here\""), 6, heap);
    entries["document.json"] = QByteArray::fromStdString(text);
    Said left_out;
    const auto loaded = read_project_bytes(*zip_bytes(entries), "heap.fusuma", &left_out);
    ASSERT_TRUE(loaded) << loaded.problem().english();
    EXPECT_EQ(loaded->placements.size(), most_copies);
    EXPECT_EQ(static_cast<std::size_t>(loaded->placements.back().id), most_copies);
    EXPECT_THAT(left_out.english(), testing::HasSubstr("5 copies beyond that are left out"));
}

TEST(Project, ATicketKeepsAllItsLinesThoughCopiesAreLeftOut) {
    Document d = test::disc_document({{60, 80}, {120, 80}, {60, 160}});
    Planner planner;
    d = with_ticket_added(d, frozen(d, *planner.plan(d), "2026-11-29 12:00"));
    ZipEntries entries = *unzip(*project_bytes(d), 1 << 24);
    const std::string name = "tickets/" + d.tickets[0]->code + ".json";
    const auto loaded_with = [&](const std::function<void(nlohmann::json&)>& change) {
        nlohmann::json ticket = nlohmann::json::parse(entries.at(name).toStdString());
        change(ticket);
        ZipEntries changed = entries;
        changed[name] = QByteArray::fromStdString(ticket.dump());
        return read_project_bytes(*zip_bytes(changed), "fair.fusuma");
    };
    const auto fewer = loaded_with([](nlohmann::json& ticket) {
        ticket["document"]["pages"] = most_pages + 20;
        ticket["document"]["placements"][2]["page"] = most_pages + 10;
    });
    ASSERT_TRUE(fewer) << fewer.problem().english();
    EXPECT_EQ(fewer->tickets[0]->document->placements.size(), 2u);
    const auto& cuts = fewer->tickets[0]->pages[0].cuts;
    EXPECT_EQ(cuts.size(), 3u);
    EXPECT_EQ(std::ranges::count(cuts, CopyId::none, &CutPath::copy), 1);
    EXPECT_FALSE(loaded_with([](nlohmann::json& ticket) { ticket["pages"][0]["cuts"][0]["copy"] = 3; }))
        << "nothing is left out, so it is damaged";
}

TEST(Project, RefusesDamageInOneClearSentence) {
    const QByteArray good = *project_bytes(full_document());
    const ZipEntries entries = *unzip(good, 1 << 24);
    const auto changed = [&](const std::function<void(nlohmann::json&)>& change) {
        nlohmann::json json = description(entries);
        change(json);
        return with_description(entries, json);
    };
    ZipEntries no_art = entries;
    no_art.erase("artwork/1.png");
    const struct {
        QByteArray bytes;
        const char* words;
    } cases[] = {
        {{}, "not a Fusuma project"},
        {"not a zip", "damaged or not a Fusuma project"},
        {good.first(good.size() / 2), "damaged or not a Fusuma project"},
        {*zip_bytes({{"readme.txt", "hello"}}), "not a Fusuma project"},
        {*zip_bytes({{"document.json", "{"}}), "description is damaged"},
        {*zip_bytes(no_art), "artwork “puffin.png” is missing"},
        {changed([](auto& j) { j["schema"] = 99; }), "newer version"},
        {changed([](auto& j) { j.erase("sheet"); }), "description is damaged"},
        {changed([](auto& j) {
             j["sheet"]["photographed"] = {0, 0, 200, 280};
         }),
         "lies on no board"},
        {changed([](auto& j) {
             j["sheet"]["paper"] = {20, 20};
             j["sheet"]["photographed"] = {1, 1, 19, 19};
         }),
         "lies on no board"},
        {changed([](auto& j) { j["stickers"][0]["width"] = -3; }), "width is out of range"},
        {changed([](auto& j) { j["stickers"][0]["id"] = 2; }), "id is out of range"},
        {changed([](auto& j) { j["stickers"][0]["border"]["corners"] = "wobbly"; }), "“wobbly” is not a known choice"},
        {changed([](auto& j) { j["placements"][0]["sticker"] = 77; }), "copy is out of range"},
        {changed([](auto& j) {
             j["placements"][0]["centre"] = {1e300, 0};
         }),
         "copy is out of range"},
        {changed([](auto& j) {
             j["sheet"]["paper"] = {0, 0};
         }),
         "paper is out of range"},
        {changed([](auto& j) { j["material"]["blade_offset"] = 9; }), "blade_offset is out of range"},
        {changed([](auto& j) { j["material"]["kiss"]["passes"] = 0; }), "passes is out of range"},
        {changed([](auto& j) { j["sheet"]["cutter"]["turn"] = 2; }), "turn is out of range"},
        {changed([](auto& j) {
             j["sheet"]["cutter"]["stretch"] = {1, 2};
         }),
         "correction is out of range"},
        {changed([](auto& j) { j["tickets"].push_back("K4M7"); }), "ticket K4M7 is missing"},
        {changed([](auto& j) { j["stickers"][0]["artwork"]["kind"] = "hologram"; }),
         "kind that this version does not know"}};
    for (const auto& c : cases) {
        const auto loaded = read_project_bytes(c.bytes, "fair.fusuma");
        ASSERT_FALSE(loaded) << c.words;
        EXPECT_THAT(loaded.problem().english(),
                    testing::AllOf(testing::HasSubstr("“fair.fusuma” cannot be opened"), testing::HasSubstr(c.words)));
    }
}

TEST(Project, AZipLargerThanAllowedIsRefusedBeforeItIsUnpacked) {
    const QByteArray bomb = *zip_bytes({{"document.json", QByteArray(1 << 20, 'a')}});
    EXPECT_LT(bomb.size(), 4096);
    EXPECT_FALSE(unzip(bomb, 1 << 16));
}

TEST(Project, AFailedSaveLeavesTheOldFile) {
    QTemporaryDir folder;
    const QString path = folder.filePath("fair.fusuma");
    ASSERT_TRUE(save_project(full_document(), path));
    const QByteArray before = *read_file(path, 1 << 24);
    Document changed = full_document();
    changed.sheet.gap = 7;
    for (const rlim_t limit : {0UL, 100UL, 20'000UL})
        EXPECT_EQ(test::on_a_full_disk(limit, [&] { return save_project(changed, path) ? 0 : 1; }), 1);
    EXPECT_EQ(*read_file(path, 1 << 24), before);
    EXPECT_FALSE(save_project(full_document(), folder.filePath("missing/fair.fusuma")));
}

/// Whatever is saved opens again, or is not saved.
TEST(Project, SavesNothingThatCannotBeOpenedAgain) {
    QTemporaryDir folder;
    const QString path = folder.filePath("fair.fusuma");
    const Document good = full_document();
    ASSERT_TRUE(save_project(good, path));
    const QByteArray before = *read_file(path, 1 << 24);
    const auto refuses = [&](const std::function<void(Document&)>& change) {
        Document bad = good;
        change(bad);
        const Outcome saved = save_project(bad, path);
        return !saved && saved.problem().english().find("not saved") != std::string::npos &&
               *read_file(path, 1 << 24) == before;
    };
    EXPECT_TRUE(refuses([](Document& d) { d.sticker_ids.next = 1; })) << "numbers that would be given twice";
    EXPECT_TRUE(refuses([](Document& d) { d.sticker_ids.next = 2'000'000'000; })) << "numbers at their end";
    EXPECT_TRUE(refuses([](Document& d) { d.placements.front().sticker = 99; }));
    EXPECT_TRUE(refuses([](Document& d) { d.placements.front().centre.x = NAN; }));
    EXPECT_TRUE(refuses([](Document& d) { d.placements.push_back(d.placements.front()); })) << "one copy twice";
}

/// A zip's names hold 65,535 bytes.
TEST(Project, IsSavedWhateverItsArtworkIsCalled) {
    for (const std::string& name : {"art." + std::string(70'000, 'x'), std::string("art.ü"), std::string("no suffix"),
                                    std::string("ART.PNG"), std::string("..")}) {
        Document d = full_document();
        auto picture = std::make_shared<Picture>(*std::get<PictureArtwork>(d.stickers[0]->artwork).picture);
        picture->file_name = name;
        Sticker s = *d.stickers[0];
        s.artwork = PictureArtwork{picture};
        d = with_sticker_changed(std::move(d), s);
        const auto bytes = project_bytes(d);
        ASSERT_TRUE(bytes) << bytes.problem().english();
        const auto back = read_project_bytes(*bytes, "p.fusuma");
        ASSERT_TRUE(back) << back.problem().english();
        EXPECT_EQ(source_name(back->stickers[0]->artwork), name);
        const auto entries = unzip(*bytes, 1 << 26);
        for (const auto& [entry, content] : *entries)
            EXPECT_EQ(entry.find(".."), std::string::npos);
    }
}

TEST(Project, NumbersStayClearOfTheirEnd) {
    const ZipEntries entries = *unzip(*project_bytes(full_document()), 1 << 24);
    for (const char* field : {"next_id", "next_copy"}) {
        nlohmann::json json = description(entries);
        json[field] = 2147483647;
        EXPECT_FALSE(read_project_bytes(with_description(entries, json), "end.fusuma")) << field;
    }
    nlohmann::json json = description(entries);
    json["placements"][0]["group"] = 2147483647;
    EXPECT_FALSE(read_project_bytes(with_description(entries, json), "end.fusuma"));
}

} // namespace
} // namespace fusuma
