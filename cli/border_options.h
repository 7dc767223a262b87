#pragma once

#include "cli/commands.h"

namespace fusuma {

/// The options of the border, the bleed and the cut line's handwork.
void add_border_options(CLI::App& app, StickerOptions& options);
Outcome apply_border(const StickerOptions& options, Sticker& sticker);
/// Lines that are not to be cut are found on the worked-out sticker.
void leave_lines_out(const StickerOptions& options, Sticker& sticker);

/// What stands between commas.
/// A number within bounds; nothing for any other text.
[[nodiscard]] std::optional<double> number_of(const std::string& text, double least, double most);
[[nodiscard]] std::vector<std::string> parts_of(const std::string& text);
/// #RRGGBB
[[nodiscard]] std::optional<Rgb> parse_colour(const std::string& text);

/// clear, art, #RRGGBB, or dots= or stripes=#RRGGBB,#RRGGBB[,PITCH]
[[nodiscard]] std::optional<Fill> parse_fill(const std::string& text);

} // namespace fusuma
