#pragma once

#include <QLocale>

namespace fusuma {

/// From now on messages are in that language, where Fusuma has it, and Qt's own with them; else in English. To be called
/// once, after the application was made.
void speak(const QLocale& locale = QLocale::system());

} // namespace fusuma
