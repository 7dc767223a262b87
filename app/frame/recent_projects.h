#pragma once

#include <QDateTime>
#include <QStringList>

namespace fusuma::app {

// The projects that were opened and saved last, whichever window it was in. They are kept with the program's settings.

inline constexpr int most_recent = 6;

void remember_recent(const QString& path);
/// Those that are still there, the last first.
[[nodiscard]] QStringList recent_projects();

} // namespace fusuma::app
