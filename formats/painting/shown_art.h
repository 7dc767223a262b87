#pragma once

#include "core/steps/sticker_print.h"

#include <QImage>
#include <QTransform>
#include <array>

class QPainter;

namespace fusuma {

// Art in the few sizes in which it is shown. They are made on workers, so that drawing them takes no time, and kept as
// long as their art is and within a budget of bytes.

inline constexpr std::array shown_sizes{200, 500, 1600}; ///< px, longer side

/// The art as a picture of at most `most_px` along its longer side. Throws Unreadable; Stopped when asked to stop.
[[nodiscard]] QImage shown_art(const PrintArt& art, int most_px, const Work& work = {});
/// The same where no file has to be decoded for it; else null.
[[nodiscard]] QImage art_at_hand(const PrintArt& art, int most_px);

/// Makes its sizes up to one. For worker threads; throws as `shown_art` does.
void prepare_art(const PrintArt& art, int most_px = shown_sizes.back(), const Work& work = {});
/// The same for all that a sticker or a copy prints.
void prepare_print(const std::vector<PrintLayer>& layers, int most_px = shown_sizes.back(), const Work& work = {});

/// The largest of the sizes in which so many arts can be kept with all smaller ones; 0 when they cannot in any.
[[nodiscard]] int size_for_all(std::size_t arts);

/// Bytes that they may take up together, from now on; the latest stays in any case. 512 MiB at first.
void keep_shown_within(qsizetype bytes);

/// All of the pixels, which must outlive what is returned.
[[nodiscard]] QImage image_of(const Image& pixels);

/// Draws vector art at its full detail into the unit square of `to_view`.
void draw_curves(QPainter& painter, const DrawnArt& art, const QTransform& to_view);

} // namespace fusuma
