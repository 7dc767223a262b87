#pragma once

#include "cli/commands.h"

namespace fusuma {

/// The options of a label that is made, not read from a picture.
void add_label_options(CLI::App& app, LabelOptions& options);

/// The label that the options ask for; nothing when they ask for none.
Result<std::optional<Sticker>> label_of(const LabelOptions& options);

} // namespace fusuma
