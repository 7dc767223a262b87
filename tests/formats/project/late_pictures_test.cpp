// Pictures of a project are decoded when they are first needed; what is stored of them is not believed.

#include "core/steps/evaluator.h"
#include "formats/basics/file.h"
#include "formats/basics/json.h"
#include "formats/picture/picture_read.h"
#include "formats/project/project_file.h"
#include "formats/project/zip_archive.h"
#include "tests/support/samples.h"

#include <gmock/gmock.h>

namespace fusuma {
namespace {

using testing::HasSubstr;

Document two_pictures() {
    Document d;
    for (const char* name : {"puffin.png", "harbour-ferry.jpg"})
        d = with_sticker_added(std::move(d), new_sticker(PictureArtwork{*read_picture(test::demo_art(name))}));
    return d;
}

std::shared_ptr<const Picture> shared_picture(const Document& d, std::size_t sticker) {
    return std::get<PictureArtwork>(d.stickers.at(sticker)->artwork).picture;
}
const Picture& picture_of(const Document& d, std::size_t sticker) {
    return *shared_picture(d, sticker);
}

/// The project with its description changed.
template <typename Change> QByteArray altered(const Document& d, Change&& change) {
    ZipEntries entries = *unzip(*project_bytes(d), largest_project_bytes);
    QByteArray& text = entries["document.json"];
    auto json = nlohmann::json::parse(text.begin(), text.end());
    for (auto& sticker : json.at("stickers"))
        change(sticker.at("artwork"));
    text = QByteArray::fromStdString(json.dump());
    return *zip_bytes(entries);
}

TEST(LatePictures, AreDecodedWhenFirstNeededAndAreWhatTheyWere) {
    const Document before = two_pictures();
    const auto opened = read_project_bytes(*project_bytes(before), QStringLiteral("two.fusuma"));
    ASSERT_TRUE(opened) << opened.problem().english();
    for (std::size_t k = 0; k < 2; ++k)
        EXPECT_TRUE(is_same(shared_picture(*opened, k), shared_picture(before, k)));
    for (std::size_t k = 0; k < 2; ++k) {
        const Picture &was = picture_of(before, k), &is = picture_of(*opened, k);
        EXPECT_FALSE(is.pixels.at_hand()) << "nothing was decoded yet";
        EXPECT_EQ(is.pixels.width(), was.pixels.width());
        EXPECT_EQ(is.dpi, was.dpi);
        EXPECT_EQ(is.dpi_is_stated, was.dpi_is_stated);
        EXPECT_EQ(is.camera, was.camera);
        EXPECT_EQ(is.pixels.get()->rgba, was.pixels.get()->rgba);
        EXPECT_TRUE(is.pixels.at_hand());
    }
    EXPECT_EQ(*project_bytes(*opened), *project_bytes(before)) << "and are saved as they were";
}

TEST(LatePictures, ProjectsOfOlderVersionsDecodeTheirsAtOnce) {
    const Document before = two_pictures();
    const auto opened = read_project_bytes(altered(before, [](auto& artwork) { artwork.erase("decoded"); }),
                                           QStringLiteral("old.fusuma"));
    ASSERT_TRUE(opened) << opened.problem().english();
    for (std::size_t k = 0; k < 2; ++k)
        EXPECT_TRUE(is_same(shared_picture(*opened, k), shared_picture(before, k)));
    EXPECT_TRUE(picture_of(*opened, 0).pixels.at_hand());
    EXPECT_EQ(*project_bytes(*opened), *project_bytes(before)) << "and are saved as they are now";
}

TEST(LatePictures, WhatIsSaidOfThemMustBePossible) {
    const Document before = two_pictures();
    using json = nlohmann::json;
    const std::vector<std::pair<const char*, json>> lies{{"pixels", {0, 10}},
                                                         {"pixels", {-5, -5}},
                                                         {"pixels", {20'000, 20'000}},
                                                         {"pixels", {2147483647, 2147483647}},
                                                         {"pixels", {100}},
                                                         {"pixels", "many"},
                                                         {"dpi", 0},
                                                         {"dpi", 1e9},
                                                         {"dpi", nullptr},
                                                         {"dpi_is_stated", 3},
                                                         {"camera", json{{"model", 7}, {"focal_35mm", 28}}},
                                                         {"camera", json{{"model", "M"}, {"focal_35mm", -1}}}};
    for (const auto& [key, value] : lies) {
        const auto opened = read_project_bytes(
            altered(before, [&, k = key, v = value](auto& artwork) { artwork.at("decoded")[k] = v; }),
            QStringLiteral("lies.fusuma"));
        ASSERT_FALSE(opened) << key << " " << value;
        EXPECT_THAT(opened.problem().english(), HasSubstr("description is damaged")) << key << " " << value;
    }
}

TEST(LatePictures, ThatAreNotWhatWasSaidAreToldWhenTheyAreNeeded) {
    const Document before = two_pictures();
    const auto wrong_size = read_project_bytes(altered(before,
                                                       [](auto& artwork) {
                                                           artwork.at("decoded")["pixels"] = {300, 200};
                                                       }),
                                               QStringLiteral("a.fusuma"));
    ASSERT_TRUE(wrong_size);
    Evaluator evaluator;
    EXPECT_THROW(static_cast<void>(evaluator.evaluate(*wrong_size->stickers[0])), Unreadable);

    ZipEntries entries = *unzip(*project_bytes(before), largest_project_bytes);
    for (auto& [name, content] : entries)
        if (name.starts_with("artwork/"))
            content = "no picture at all";
    const auto damaged = read_project_bytes(*zip_bytes(entries), QStringLiteral("b.fusuma"));
    ASSERT_TRUE(damaged) << "its settings are whole";
    try {
        static_cast<void>(evaluator.evaluate(*damaged->stickers[0]));
        FAIL() << "it cannot be decoded";
    } catch (const Unreadable& why) {
        EXPECT_THAT(why.what(), HasSubstr("puffin.png"));
    }
    EXPECT_TRUE(project_bytes(*damaged)) << "and can be saved as it came";
}

} // namespace
} // namespace fusuma
