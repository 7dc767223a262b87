#pragma once

#include <QColor>

class QApplication;

namespace fusuma::app {

/// The colour roles of the interface; every widget takes its colours from here.
struct Theme {
    QColor window, canvas, panel, field, ink, dim, faint, line, hover;
    QColor accent, on_accent, selection;
    QColor attention, attention_tint, fine, look_at_tint;
    QColor kiss, through, score, casing, zone, paper;
};

enum class Tone { light, dark };

[[nodiscard]] const Theme& theme();
[[nodiscard]] Tone current_tone();
/// A width or height that holds text, at the size that text has.
[[nodiscard]] int px(int at_usual_size);

/// Loads the shipped fonts once and dresses the whole application.
/// @param text_scale  how much larger than usual text is
void apply_theme(QApplication& application, Tone tone, double text_scale = 1);

} // namespace fusuma::app
