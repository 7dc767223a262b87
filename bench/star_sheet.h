#pragma once

#include "core/document/document.h"
#include "tests/support/exact_coverage.h"

#include <functional>

namespace fusuma::bench {

/// 500 ragged stars of 7 mm with a border of half a millimetre, in rows `pitch` mm apart.
inline Document star_sheet(double pitch, const std::function<void(Sticker&)>& change) {
    auto picture = std::make_shared<Picture>();
    const Coverage coverage = test::exact_coverage({test::star({60, 60}, 9, 55, 40, 0)}, 120, 120);
    picture->file_name = "star.png";
    Image pixels(120, 120);
    picture->original = std::make_shared<const std::vector<std::byte>>();
    for (std::size_t i = 0; i < coverage.values.size(); ++i)
        pixels.rgba[4 * i + 3] = coverage.values[i];
    picture->pixels = std::move(pixels);
    Sticker s = new_sticker(PictureArtwork{picture});
    s.width = 5.5;
    s.border.width = 0.5;
    if (change)
        change(s);
    Document d = with_sticker_added({}, s);
    d.sheet.marks.kind = MarkKind::none;
    d.sheet.gap = 1;
    for (int i = 0; i < 500; ++i)
        d.put({.sticker = 1, .centre = {14 + pitch * (i % 22), 16 + pitch * (i / 22)}});
    return d;
}

} // namespace fusuma::bench
