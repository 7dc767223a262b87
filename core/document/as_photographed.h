#pragma once

#include "core/document/document.h"

namespace fusuma {

/// Does the sticker's picture show what lies on the photo board of this sheet?
/// @param where  SheetSettings::photographed
[[nodiscard]] bool lies_on_board(const Sticker& sticker, const Rect& where);

/// A sheet that cuts what lies on the photo board already, with every copy where its photograph shows it: at its true
/// size, upright, one of each sticker, a page for each photograph. Copies of anything else are gone. Any other sheet as
/// it is. Whatever edits a document, or reads one, ends with this, so that no line can drift from what it is to cut.
[[nodiscard]] Document as_photographed(Document document);

} // namespace fusuma
