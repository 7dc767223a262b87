#pragma once

#include "core/label/label.h"

namespace fusuma {

// How texts find their size and place.

/// A text as it will stand on one label.
struct TextToSet {
    const LabelText* style = nullptr;
    std::string words; ///< fields filled in
};

/// Stacks texts in a room: lines broken where they are too long, at blanks or where `pieces_of` allows it, and all of
/// it centred by its ink.
///
/// Texts that are to fill the room grow together until it is full. When something does not fit, all texts shrink by one
/// factor, none below its least size; what does not fit even so is marked and stands over.
[[nodiscard]] std::vector<SetText> set_in_room(const std::vector<TextToSet>& texts, const Rect& room);

/// Sets a text along the label's edge, its middle at the label's middle.
/// @param edge  the label's outline, mm
[[nodiscard]] SetText set_along_edge(const TextToSet& text, const Outline& edge, double safety);

} // namespace fusuma
