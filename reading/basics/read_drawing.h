#pragma once

#include "core/drawing/drawing.h"
#include "core/result.h"

namespace fusuma {

/// What a drawing's file came to, before it has a name.
struct ReadDrawing {
    Size size;               ///< mm
    std::vector<Part> parts; ///< back to front
    Said note;               ///< a clause after the file's name, or empty
    bool is_whole = true;    ///< false where something was left out without a note

    void add_note(const Said& one) {
        note = note.empty() ? one : "{note}; it {more}"_said.with("note", note).with("more", one);
    }
};

} // namespace fusuma
