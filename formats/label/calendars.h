#pragma once

#include "core/label/calendar.h"

#include <QString>
#include <QStringList>
#include <memory>

namespace fusuma {

/// How a language writes days, by the Unicode Common Locale Data Repository as Qt has it; null for what is no
/// language.
/// @param language  its tag by BCP 47
[[nodiscard]] std::shared_ptr<const Calendar> calendar_in(const QString& language);

/// The tags of the languages that Fusuma speaks and of this person's own.
[[nodiscard]] QStringList calendar_languages();

} // namespace fusuma
