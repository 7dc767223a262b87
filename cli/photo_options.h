#pragma once

#include "cli/commands.h"
#include "core/raster/background.h"

#include <memory>

namespace fusuma {

struct Picture;

/// Options of pictures that a camera or a scanner took.
void add_photo_options(CLI::App& app, StickerOptions& options);

/// Lays the picture flat when that is asked for.
Outcome apply_flatten(const StickerOptions& options, std::shared_ptr<const Picture>& picture);

/// Light, shadows and the subject.
Outcome apply_photo(const StickerOptions& options, BackgroundSettings& background);

/// "X,Y,W,H" in pixels; nothing when there are no words.
Outcome apply_box(const char* option, const std::string& text, std::optional<PixelBox>& box);
/// "KIND,SIZE,X,Y,…" in pixels, or without the kind when it is known.
/// @param known  the kind, for options that say it by their name
Result<Stroke> stroke_of(const char* option, const std::string& text, std::optional<Stroke::Kind> known = {});

} // namespace fusuma
