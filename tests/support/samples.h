#pragma once

#include "core/document/copies.h"
#include "core/preflight/preflight.h"
#include "tests/support/exact_coverage.h"

#include <QTemporaryDir>

namespace fusuma::test {

inline constexpr double degree = std::numbers::pi / 180;
inline constexpr Size a4{210, 297}; ///< mm

/// A picture whose alpha is the exact coverage of the polygons; the pixels are a plain red.
inline std::shared_ptr<Picture> picture_of(const Polygons& polygons, int width, int height, double dpi = 304.8) {
    const Coverage coverage = exact_coverage(polygons, width, height);
    auto picture = std::make_shared<Picture>();
    picture->file_name = "shape.png";
    picture->dpi = dpi;
    picture->dpi_is_stated = true;
    Image pixels(width, height);
    picture->original = std::make_shared<const std::vector<std::byte>>();
    for (std::size_t i = 0; i < coverage.values.size(); ++i) {
        pixels.rgba[4 * i] = 200;
        pixels.rgba[4 * i + 1] = 60;
        pixels.rgba[4 * i + 2] = 40;
        pixels.rgba[4 * i + 3] = coverage.values[i];
    }
    picture->pixels = std::move(pixels);
    return picture;
}

/// The same with its pixels changed.
template <typename Change> void repaint(Picture& picture, Change&& change) {
    Image pixels = *picture.pixels.get();
    change(pixels);
    picture.pixels = std::move(pixels);
}

/// A disc of `diameter` mm in a picture 2 mm larger, at 12 px per mm.
inline Sticker disc_sticker(double diameter) {
    const int side = static_cast<int>((diameter + 2) * 12);
    Sticker sticker = new_sticker(
        PictureArtwork{picture_of({ellipse({side / 2.0, side / 2.0}, diameter * 6, diameter * 6)}, side, side)});
    sticker.name = "Disc";
    sticker.border.width = 2;
    return sticker;
}

/// An A4 document with one disc sticker (id 1) of 30 mm and a 2 mm border, and copies at these places.
inline Document disc_document(const std::vector<Point>& centres) {
    Document document = with_sticker_added({}, disc_sticker(30));
    for (const Point centre : centres)
        document.put({.sticker = 1, .centre = centre});
    return document;
}

/// Sentences as they are before they are translated.
inline std::vector<std::string> english(const std::vector<Said>& all) {
    std::vector<std::string> words;
    for (const Said& said : all)
        words.push_back(said.english());
    return words;
}

/// All that preflight says, one finding a line.
inline std::string preflight_messages(const Document& document, Planner& evaluator) {
    std::string all;
    for (const Finding& finding : preflight(document, evaluator))
        all += finding.rule + ": " + finding.message.english() + "\n";
    return all;
}

inline QString demo_art(const char* name) {
    return QStringLiteral(SOURCE_DIR "/demo/artwork/") + QLatin1String(name);
}

/// Copies by their numbers, which count from 1 in a sample.
template <typename... Number> Selection ids(Number... number) {
    return {CopyId{number}...};
}

} // namespace fusuma::test
