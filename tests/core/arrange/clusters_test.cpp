// Clusters that travel between projects, are stretched, and come apart again.

#include "core/arrange/clusters.h"
#include "core/document/copies.h"
#include "core/geometry/measure.h"
#include "tests/support/samples.h"

#include <gtest/gtest.h>

namespace fusuma {
namespace {

using namespace test;

/// A disc of 30 mm and one of 12, side by side, made one. The stickers stay in the tray.
Document with_cluster() {
    Document d = disc_document({{60, 60}});
    Sticker small = disc_sticker(12);
    small.name = "Small disc";
    d = with_sticker_added(std::move(d), std::move(small));
    const int id = d.stickers.back()->id;
    d.put({.sticker = id, .centre = {90, 70}, .turn = 0.4});
    Planner planner;
    return clustered(d, planner, ids(1, 2), ClusterCut::outer)->document;
}

Selection everything(const Document& d) {
    Selection all;
    for (const Placement& p : d.placements)
        all.insert(p.id);
    return all;
}

/// What lies where, whatever it is called.
std::vector<std::string> description(const Document& d) {
    Planner planner;
    std::vector<std::string> all;
    for (const PlannedCopy& copy : planner.plan(d)->copies) {
        const Rect& box = copy->cut_box;
        char text[200];
        std::snprintf(text, sizeof text, "%s %.1f %.1f %.1f %.1f", copy->sticker->name.c_str(), box.min.x, box.min.y,
                      box.width(), box.height());
        all.emplace_back(text);
    }
    return all;
}

TEST(ClustersApart, AreWhatTheyWere) {
    const Document before = with_cluster();
    const Document after = parted(before, everything(before)).document;
    EXPECT_EQ(description(after),
              (std::vector<std::string>{"Disc 43.0 43.0 34.0 34.0", "Small disc 82.0 62.0 16.0 16.0"}));
}

/// Its stickers' numbers mean others there, or none yet.
TEST(ClustersApart, DoNotBecomeStrangersInAnotherProject) {
    Document other;
    for (const double size : {20.0, 25.0, 28.0}) {
        Sticker stranger = disc_sticker(size);
        auto file = std::make_shared<Picture>(*std::get<PictureArtwork>(stranger.artwork).picture);
        file->original = std::make_shared<const std::vector<std::byte>>(static_cast<std::size_t>(size));
        stranger.artwork = PictureArtwork{file};
        stranger.name = "Stranger";
        other = with_sticker_added(std::move(other), std::move(stranger));
    }
    const Document from = with_cluster();
    const Document few = only(from, everything(from));
    for (const Document& into : {Document{}, other}) {
        const Edited pasted = joined(into, few, 0, {});
        const Edited apart = parted(pasted.document, pasted.selection);
        EXPECT_EQ(description(apart.document),
                  (std::vector<std::string>{"Disc 43.0 43.0 34.0 34.0", "Small disc 82.0 62.0 16.0 16.0"}));
        std::set<int> numbers;
        for (const auto& sticker : apart.document.stickers) {
            EXPECT_TRUE(numbers.insert(sticker->id).second) << "two stickers of one number";
            EXPECT_LT(sticker->id, apart.document.sticker_ids.next);
        }
        EXPECT_EQ(apart.document.stickers.size(), into.stickers.size() + 3);
    }
}

TEST(ClustersApart, KeepWhatWasEditedSince) {
    Document d = with_cluster();
    Sticker wider = *d.find(1);
    wider.border.width = 5;
    d = with_sticker_changed(std::move(d), wider);
    const Edited pasted = joined(d, only(d, everything(d)), 0, {0, 100});
    for (const Edited& apart : {parted(d, everything(d)), parted(pasted.document, pasted.selection)})
        for (const Placement& p : apart.document.placements)
            if (const auto sticker = apart.document.find(p.sticker); sticker->name == "Disc") {
                EXPECT_EQ(sticker->border.width, 5);
            }
}

TEST(ClustersApart, KeepTheProportionsOfAStretchedOne) {
    Document d = disc_document({{60, 60}, {100, 60}});
    d.placements[1].turn = std::acos(0.0); // a quarter round
    Planner planner;
    d = clustered(d, planner, ids(1, 2), ClusterCut::outer)->document;
    d = scaled(d, everything(d), {0, 0}, 1, 1.5);
    const Document apart = parted(d, everything(d)).document;
    ASSERT_EQ(apart.placements.size(), 2u);
    for (const Placement& p : apart.placements) {
        const Transform map = map_of_copy(*apart.find(p.sticker), p);
        Rect box;
        for (const Point corner : corners_of({{0, 0}, {1, 1}}))
            box.include(map.apply(corner));
        EXPECT_NEAR(box.width(), 32, 1e-6);
        EXPECT_NEAR(box.height(), 48, 1e-6) << "turned or not";
    }
}

} // namespace
} // namespace fusuma
