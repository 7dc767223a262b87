#pragma once

#include "cli/commands.h"

#include <memory>

namespace fusuma {

struct Picture;

/// Options of pictures that a camera or a scanner took.
void add_photo_options(CLI::App& app, StickerOptions& options);

/// Lays the picture flat when that is asked for.
Outcome apply_flatten(const StickerOptions& options, std::shared_ptr<const Picture>& picture);

} // namespace fusuma
