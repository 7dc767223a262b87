#include "formats/room/room.h"
#include "fuzz/target.h"

namespace fusuma::fuzz::answer {
namespace {

using Value = std::variant<Picture, wire::DrawingParts, std::int32_t, std::vector<std::string>, Problem>;

template <typename T> std::string written(const T& value) {
    SharedMemory pixels;
    wire::Out out(pixels);
    out(Value(value));
    return out.bytes();
}

/// What a reader that was taken over could send: values that are not as agreed on.
void take(std::string_view input) {
    static const auto pixels = [] {
        SharedMemory memory;
        memory.add(4096);
        return received(std::move(memory).finished());
    }();
    try {
        wire::In in(input, pixels);
        Value value;
        in(value);
    } catch (const wire::Broken&) {
    }
}

std::vector<std::string> seeds() {
    const Outline square{{contour_of({{0, 0}, {0, 8}, {8, 8}, {8, 0}})}};
    Part part{
        "Fish", "Sea", {{Rgb{1, 2, 3}, std::make_shared<const Area>(Area{square, FillRule::nonzero}), 1, {}, false}},
        {},     false, square};
    part.lines.push_back({square.contours[0], true, CutKind::score});
    part.paints.push_back({std::make_shared<const Image>(4, 4), nullptr, 1, Transform::turn(1), true});
    Picture picture;
    picture.pixels = Image(8, 8);
    picture.note = "“{file}” {note}"_said.with("file", "a.png").with("note", "is {n}"_said.with("n", 3));
    return {written(wire::DrawingParts{1, {10, 10}, {part, part}, {}}), written(picture),
            written(std::vector<std::string>{"a", "b"}),
            written(Problem{"%n copies"_said.counted(2, "one copy"), Said::verbatim("x")})};
}

const Registered target("wire", take, seeds);

} // namespace
} // namespace fusuma::fuzz::answer
