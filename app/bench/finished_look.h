#pragma once

#include "core/steps/sticker_result.h"

#include <QTransform>

class QPainter;

namespace fusuma::app {

/// What a finished sticker is looked at on. The colours are plain ones of our own.
enum class Stock {
    none, ///< as it is planned, with its cut lines
    paper,
    clear, ///< film: what is not printed shows what lies below
    kraft, ///< brown paper, which darkens the print
    dark   ///< white stickers, laid on something dark
};

/// Draws the sticker cut out, as it will be held in hand.
/// @param whole      the view, in its pixels
/// @param is_peeled  one corner is lifted off its backing
void paint_finished(QPainter& painter, const StickerResult& result, const QTransform& to_view, const QRectF& whole,
                    Stock stock, bool is_peeled);

} // namespace fusuma::app
