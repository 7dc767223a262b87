#pragma once

#include "core/label/font.h"

#include <QString>
#include <QStringList>

namespace fusuma {

/// Families that texts can be set in: the shipped ones first, then the computer's, each list sorted.
[[nodiscard]] const std::vector<std::string>& font_families();

/// The font of a family that comes nearest, remembered. Where there is none of that family it is another one, as its
/// own `family` says; never null. Letters that it lacks come from the first of the computer's fonts that has them, in
/// the order in which fontconfig prefers them for the language that the text's letters tell.
/// Source: the computer's fonts as fontconfig knows them
[[nodiscard]] std::shared_ptr<const Font> find_font(const std::string& family, bool bold, bool italic);

/// Of the families that a style sheet lists, those asked for in vain: none when any of them is there.
[[nodiscard]] QStringList missing_families(const QString& list);

} // namespace fusuma
