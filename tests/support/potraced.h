#pragma once

#include "core/geometry/outline.h"
#include "core/raster/image.h"

#include <potracelib.h>

#include <climits>
#include <vector>

namespace fusuma::test {

/// A coverage thresholded at half, in the bit rows that potrace reads.
class PotraceBitmap {
  public:
    explicit PotraceBitmap(const Coverage& coverage) {
        constexpr int word_bits = static_cast<int>(sizeof(potrace_word) * CHAR_BIT);
        const int dy = (coverage.width + word_bits - 1) / word_bits;
        words.resize(static_cast<std::size_t>(dy) * static_cast<std::size_t>(coverage.height));
        for (int y = 0; y < coverage.height; ++y) { // potrace counts rows from the bottom
            const std::uint8_t* row = coverage.row(coverage.height - 1 - y);
            for (int x = 0; x < coverage.width; ++x)
                if (row[x] > 127)
                    words[static_cast<std::size_t>(y * dy + x / word_bits)] |= potrace_word{1}
                                                                               << (word_bits - 1 - x % word_bits);
        }
        bitmap = {coverage.width, coverage.height, dy, words.data()};
    }
    PotraceBitmap(const PotraceBitmap&) = delete;
    PotraceBitmap& operator=(const PotraceBitmap&) = delete;

    [[nodiscard]] const potrace_bitmap_t* get() const { return &bitmap; }

  private:
    std::vector<potrace_word> words;
    potrace_bitmap_t bitmap{};
};

/// What potrace makes of the coverage thresholded at half, at its default settings.
inline Outline potraced(const Coverage& coverage) {
    const PotraceBitmap bitmap(coverage);
    potrace_param_t* parameters = potrace_param_default();
    potrace_state_t* state = potrace_trace(parameters, bitmap.get());
    const auto point = [&](potrace_dpoint_t p) { return Point{p.x, coverage.height - p.y}; };
    Outline outline;
    for (const potrace_path_t* path = state->plist; path; path = path->next) {
        Contour contour{point(path->curve.c[path->curve.n - 1][2]), {}};
        for (int i = 0; i < path->curve.n; ++i) {
            const potrace_dpoint_t* c = path->curve.c[i];
            if (path->curve.tag[i] == POTRACE_CORNER) {
                contour.segments.push_back(Segment::line_to(point(c[1])));
                contour.segments.push_back(Segment::line_to(point(c[2])));
            } else {
                contour.segments.push_back(Segment::cubic_to(point(c[0]), point(c[1]), point(c[2])));
            }
        }
        outline.contours.push_back(std::move(contour));
    }
    potrace_state_free(state);
    potrace_param_free(parameters);
    return outline;
}

} // namespace fusuma::test
