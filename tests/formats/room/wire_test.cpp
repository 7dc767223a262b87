// Values that cross from the reader: what goes in comes out, and what is not as agreed on is refused.

#include "formats/room/room.h"
#include "tests/support/samples.h"

#include <gmock/gmock.h>
#include <limits>
#include <random>
#include <sys/mman.h>
#include <unistd.h>

namespace fusuma {
namespace {

struct Sent {
    std::string bytes;
    Received memory;
};
template <typename T> Sent sent(const T& value) {
    SharedMemory memory;
    wire::Out out(memory);
    out(value);
    return {out.bytes(), received(std::move(memory).finished())};
}
template <typename T> T came(const Sent& sent) {
    wire::In in(sent.bytes, sent.memory);
    T value{};
    in(value);
    EXPECT_TRUE(in.is_at_end());
    return value;
}
template <typename T> T crossed(const T& value) {
    return came<T>(sent(value));
}

Image checked(int width, int height) {
    Image image(width, height);
    for (std::size_t i = 0; i < image.rgba.size(); ++i)
        image.rgba[i] = static_cast<std::uint8_t>(i * 7);
    return image;
}

/// Everything a drawing may hold.
std::vector<Part> parts() {
    const Outline square{{contour_of({{0, 0}, {0, 8}, {8, 8}, {8, 0}})}};
    Contour curved{{1, 1}, {Segment::cubic_to({2, 1}, {3, 2}, {3, 3}), Segment::line_to({1, 1})}};
    const auto area = std::make_shared<const Area>(Area{square, FillRule::even_odd});
    const auto picture = std::make_shared<const Image>(checked(5, 3));
    Part first{"Köder", "Sea / Fish", {{Rgb{1, 2, 3}, area, 0.5, {}, false}}, {{curved, true, CutKind::score}}, false,
               {}};
    Part second{"", "",   {{picture, nullptr, 1, Transform::turn(0.3), true}, {picture, area, 1, {}, false}},
                {}, true, square};
    return {first, second};
}

TEST(Wire, WhatGoesInComesOut) {
    EXPECT_EQ(crossed(std::string("a\0b", 3)), std::string("a\0b", 3));
    EXPECT_EQ(crossed(std::optional<double>(0.1)), 0.1);
    EXPECT_EQ(crossed(std::vector<std::vector<std::string>>{{}, {"x", ""}}).at(1).at(0), "x");
    EXPECT_EQ(crossed(std::map<std::string, int>{{"a", 1}, {"b", -2}}).at("b"), -2);
    const Image image = crossed(checked(7, 4));
    EXPECT_EQ(image.width, 7);
    EXPECT_EQ(image.rgba, checked(7, 4).rgba);
    EXPECT_EQ(crossed(Image()).rgba.size(), 0U);
    const wire::DrawingParts drawing =
        crossed(wire::DrawingParts{2, {30, 40}, parts(), "has {n} pages"_said.with("n", 3)});
    EXPECT_EQ(drawing.page, 2);
    EXPECT_EQ(drawing.note.english(), "has 3 pages");
    ASSERT_EQ(drawing.parts.size(), 2U);
    EXPECT_EQ(drawing.parts[0].lines, parts()[0].lines);
    EXPECT_EQ(drawing.parts[0].name, "Köder");
    EXPECT_EQ(drawing.parts[0].paints[0].area->curves, parts()[0].paints[0].area->curves);
    EXPECT_EQ(drawing.parts[1].traced, parts()[1].traced);
    EXPECT_EQ(drawing.parts[1].paints[0].ink, drawing.parts[1].paints[1].ink) << "a picture used twice is one";
}

TEST(Wire, SentencesStaySentencesToBeTranslated) {
    const Said said = "“{file}” is {size} wide, {more}."_said.with("file", "a.png")
                          .with("size", 25.4, Unit::inch)
                          .with("more", "%n copies"_said.counted(3, "one copy"))
                          .then("Look again."_said);
    EXPECT_EQ(crossed(said), said);
    EXPECT_EQ(crossed(Problem{said, "Do so."_said}).english(), (Problem{said, "Do so."_said}.english()));
    EXPECT_EQ(crossed(Said::verbatim("as it came")), Said::verbatim("as it came"));
}

TEST(Wire, PicturesAreNotCopiedWhereTheyArrive) {
    const Sent all = sent(checked(100, 100));
    const Image image = came<Image>(all);
    const auto* first = reinterpret_cast<const std::uint8_t*>(all.memory.memory.get());
    EXPECT_GE(image.rgba.data(), first);
    EXPECT_LE(image.rgba.end(), first + all.memory.size);
    Image copy = image;
    copy.rgba[0] = 99;
    EXPECT_NE(image.rgba[0], 99) << "a copy has memory of its own";
    EXPECT_NE(copy.rgba.data(), image.rgba.data());
}

TEST(Wire, WhatIsCutShortOrTurnedIsRefusedOrAnotherValueButNeverMore) {
    const Sent whole = sent(wire::DrawingParts{1, {30, 40}, parts(), "has {n} pages"_said.with("n", 3)});
    const auto is_refused = [&](const std::string& bytes) {
        try {
            wire::In in(bytes, whole.memory);
            wire::DrawingParts value;
            in(value);
            return !in.is_at_end();
        } catch (const wire::Broken&) {
            return true;
        }
    };
    for (std::size_t size = 0; size < whole.bytes.size(); ++size)
        EXPECT_TRUE(is_refused(whole.bytes.substr(0, size))) << size;
    std::mt19937 random(7);
    int refused = 0;
    for (int i = 0; i < 4000; ++i) {
        std::string bytes = whole.bytes;
        for (int k = 0; k < 3; ++k)
            bytes[random() % bytes.size()] = static_cast<char>(random());
        refused += is_refused(bytes) ? 1 : 0;
    }
    EXPECT_GT(refused, 1000);
}

TEST(Wire, NumbersThatAreNoneAndChoicesThatAreNotThereAreRefused) {
    for (const double value : {std::numeric_limits<double>::quiet_NaN(), HUGE_VAL, -HUGE_VAL})
        EXPECT_THROW(crossed(value), wire::Broken);
    EXPECT_THROW(came<CutKind>(sent(std::int32_t{3})), wire::Broken);
    EXPECT_THROW(came<FillRule>(sent(std::int32_t{-1})), wire::Broken);
    EXPECT_THROW(came<std::vector<std::string>>(sent(std::uint64_t{1} << 60)), wire::Broken)
        << "longer than what is there";
    EXPECT_THROW((came<std::variant<int, bool>>(sent(std::uint32_t{2}))), wire::Broken);
    Sent lying = sent(checked(5, 5));
    lying.bytes[0] = 9; // wider than its pixels
    EXPECT_THROW(came<Image>(lying), wire::Broken);
}

TEST(Wire, SentencesWithinSentencesEndSomewhere) {
    Said deep = "end"_said;
    for (int i = 0; i < 200; ++i)
        deep = "{more}"_said.with("more", deep);
    EXPECT_THROW(crossed(deep), wire::Broken);
}

TEST(SharedMemory, WhatCouldStillBeChangedIsNotTaken) {
    const Descriptor open(::memfd_create("open", MFD_ALLOW_SEALING));
    ASSERT_EQ(::ftruncate(open.get(), 100), 0);
    EXPECT_EQ(received(open).memory, nullptr);
    EXPECT_EQ(received(Descriptor()).memory, nullptr);
    SharedMemory filled;
    for (std::size_t i = 1; i < 200; ++i)
        *filled.at(filled.add(i * 1000)) = std::byte{7};
    const Descriptor sealed = std::move(filled).finished();
    EXPECT_LT(::write(sealed.get(), "x", 1), 0);
    EXPECT_NE(::ftruncate(sealed.get(), 0), 0);
    const Received taken = received(sealed);
    *taken.memory = std::byte{9}; // which stays here
    EXPECT_EQ(*received(sealed).memory, std::byte{7});
}

} // namespace
} // namespace fusuma
