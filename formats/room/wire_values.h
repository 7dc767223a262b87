#pragma once

#include "core/drawing/drawing.h"
#include "core/raster/colour_table.h"
#include "core/raster/picture.h"
#include "core/raster/samples.h"
#include "core/result.h"
#include "formats/room/wire.h"

#include <QImage>

/// What the values that cross are made of.
namespace fusuma::wire {

template <> inline constexpr int choices<Segment::Kind> = 2;
template <> inline constexpr int choices<FillRule> = 2;
template <> inline constexpr int choices<Said::Value::Kind> = 3;

/// The same words for as long as the program runs, as literals are. Throws Broken when there are too many different
/// ones.
[[nodiscard]] std::string_view literal(const std::string& words);

template <class Io> void literal_words(Io& io, std::string_view& words) {
    std::string text(words);
    io(text);
    if constexpr (Io::is_in)
        words = literal(text);
}

template <class Io> void fields(Io& io, Said::Value& v) {
    literal_words(io, v.name);
    io(v.kind, v.said, v.number, v.decimals, v.unit);
}
template <class Io> void fields(Io& io, Said& s) {
    literal_words(io, s.sentence);
    literal_words(io, s.of_one);
    io(s.words, s.parts, s.count, s.values);
}
template <class Io> void fields(Io& io, Problem& p) {
    io(p.message, p.hint);
}

template <class Io> void fields(Io& io, Rgb& c) {
    io(c.red, c.green, c.blue);
}
template <class Io> void fields(Io& io, Point& p) {
    io(p.x, p.y);
}
template <class Io> void fields(Io& io, Size& s) {
    io(s.width, s.height);
}
template <class Io> void fields(Io& io, Transform& t) {
    io(t.a, t.b, t.c, t.d, t.dx, t.dy);
}
template <class Io> void fields(Io& io, Segment& s) {
    io(s.kind, s.end);
    if (s.kind == Segment::Kind::cubic)
        io(s.control1, s.control2);
}
template <class Io> void fields(Io& io, Contour& c) {
    io(c.start, c.segments);
}
template <class Io> void fields(Io& io, Outline& o) {
    io(o.contours);
}

inline void fields(Out& out, Image& image) {
    out(image.width, image.height);
    out.block(image.rgba.data(), image.rgba.size());
}
inline void fields(In& in, Image& image) {
    in(image.width, image.height);
    const auto [memory, data, size] = in.block();
    if (image.width < 0 || image.height < 0 ||
        size != std::size_t{4} * static_cast<std::size_t>(image.width) * static_cast<std::size_t>(image.height))
        throw Broken{};
    image.rgba = PixelBytes(memory, data, size);
}
inline void fields(Out& out, ColourTable& table) {
    std::vector<ColourTable::Value> values = table.values();
    out.block(reinterpret_cast<const std::uint8_t*>(values.data()), values.size() * sizeof(values[0]));
}
inline void fields(In& in, ColourTable& table) {
    std::vector<ColourTable::Value> values = table.values();
    const auto [memory, data, size] = in.block();
    if (size != values.size() * sizeof(values[0]))
        throw Broken{};
    std::memcpy(values.data(), data, size);
    table = ColourTable(values);
}
inline void fields(Out& out, Pixels& pixels) {
    std::shared_ptr<const Image> image = pixels.get();
    out(image);
}
inline void fields(In& in, Pixels& pixels) {
    std::shared_ptr<const Image> image;
    in(image);
    if (!image)
        throw Broken{};
    pixels = image;
}
/// Of a format with four bytes a pixel.
void fields(Out& out, QImage& image);
void fields(In& in, QImage& image);

template <class Io> void fields(Io& io, CameraFacts& c) {
    io(c.model, c.focal_35mm);
}
/// Without its file's name and bytes, which are where it was asked for; pictures are laid flat there, too.
template <class Io> void fields(Io& io, PrintJpeg& j) {
    io(j.file, j.width, j.height, j.stored_width, j.stored_height, j.turned);
}
template <class Io> void fields(Io& io, Picture& p) {
    io(p.pixels, p.dpi, p.dpi_is_stated, p.page, p.note, p.camera);
}

template <class Io> void fields(Io& io, Area& a) {
    io(a.curves, a.rule);
}
template <class Io> void fields(Io& io, Painted& p) {
    io(p.ink, p.area, p.opacity, p.from_unit, p.is_gradient);
}
template <class Io> void fields(Io& io, OwnLine& l) {
    io(l.path, l.is_open, l.kind);
}
template <class Io> void fields(Io& io, Part& p) {
    io(p.name, p.layer, p.paints, p.lines, p.is_text, p.traced);
}

/// A drawing's parts, from which it is made where it arrives.
struct DrawingParts {
    int page = 0;
    Size size;
    std::vector<Part> parts;
    Said note;
};
template <class Io> void fields(Io& io, DrawingParts& d) {
    io(d.page, d.size, d.parts, d.note);
}

} // namespace fusuma::wire
