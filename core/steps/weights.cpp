#include "core/steps/weights.h"

#include <set>

namespace fusuma {

namespace {

std::size_t bytes_of(const Contour& contour) {
    return sizeof(Contour) + contour.segments.size() * sizeof(Segment);
}

std::size_t bytes_of(const Polygons& polygons) {
    std::size_t bytes = 0;
    for (const Polygon& polygon : polygons)
        bytes += sizeof(Polygon) + polygon.size() * sizeof(Point);
    return bytes;
}

} // namespace

std::size_t bytes_of(const Outline& outline) {
    std::size_t bytes = sizeof(Outline);
    for (const Contour& contour : outline.contours)
        bytes += bytes_of(contour);
    return bytes;
}

std::size_t bytes_of(const Lit& lit) {
    return sizeof(Lit) + lit.pixels.bytes_held() + (lit.printed == lit.pixels ? 0 : lit.printed.bytes_held());
}

std::size_t bytes_of(const Isolation& isolation) {
    const std::size_t bytes = sizeof(Isolation) + isolation.mask->bytes();
    if (const auto* its = std::get_if<Pixels>(&isolation.art))
        return bytes + its->bytes_held();
    const auto pixels = static_cast<std::size_t>(isolation.size.x) * static_cast<std::size_t>(isolation.size.y);
    return bytes + 4 * pixels + bytes_of(isolation.drawn->outline); // with the pixels that may yet be made of it
}

std::size_t bytes_of(const Tracing& tracing) {
    return bytes_of(tracing.outline);
}

std::size_t bytes_of(const SizedOutline& outline) {
    std::size_t bytes = sizeof(SizedOutline) + bytes_of(outline.outline) + bytes_of(outline.dropped);
    for (const OwnLine& line : outline.own_lines)
        bytes += bytes_of(line.path);
    return bytes;
}

std::size_t bytes_of(const Border& border) {
    return bytes_of(border.line) + bytes_of(border.closed_holes);
}

std::size_t bytes_of(const Cut& cut) {
    std::size_t bytes = sizeof(Cut) + bytes_of(*cut.derived) + bytes_of(cut.region) + bytes_of(cut.hand.left_out);
    for (const StickerLine& line : cut.lines)
        bytes += bytes_of(line.path);
    for (const CutLine& line : cut.hand.lines)
        bytes += bytes_of(line.path) + line.kept.size();
    return bytes;
}

std::size_t bytes_of(const StickerResult& result) {
    std::size_t bytes =
        sizeof(StickerResult) + bytes_of(*result.isolation) + bytes_of(*result.outlined) + bytes_of(*result.cut);
    std::set<std::shared_ptr<const void>> seen; // of the art's colours carried outward, which several layers share
    for (const PrintLayer& layer : result.print) {
        bytes += sizeof(PrintLayer) + bytes_of(layer.area);
        const PrintArt* art = std::get_if<PrintArt>(&layer.ink);
        if (art && *art != result.isolation->art)
            if (const auto* pixels = std::get_if<Pixels>(art); pixels && seen.insert(pixels->identity()).second)
                bytes += pixels->bytes_held();
    }
    return bytes;
}

std::size_t bytes_of(const Drawn& drawn) {
    std::size_t bytes = sizeof(Drawn) + bytes_of(drawn.outline);
    for (const OwnLine& line : drawn.lines)
        bytes += bytes_of(line.path);
    for (const Painted& painted : drawn.art->shapes)
        bytes += sizeof(Painted) + (painted.area ? bytes_of(painted.area->curves) : 0);
    return bytes;
}

std::size_t bytes_of(const SmallPicture& picture) {
    return sizeof(Picture) + picture.picture->pixels.bytes();
}

std::size_t bytes_of(const Continued& continued) {
    return sizeof(Continued) + continued.image.bytes_held();
}

} // namespace fusuma
