#pragma once

#include <QDateTime>
#include <QStringList>

namespace fusuma::app {

// The projects that were opened and saved last, whichever window it was in. They are kept with the program's settings.

inline constexpr int most_recent = 6;

void remember_recent(const QString& path);
/// Those that are still there, the last first.
[[nodiscard]] QStringList recent_projects();

/// Puts a project first into the list of recent files that programs of the desktop share. One that is written in a way
/// that is not understood is left alone.
/// Source: freedesktop.org desktop bookmark storage specification, XBEL 1.0
void tell_desktop_recent(const QString& path, const QString& list, const QDateTime& now);

} // namespace fusuma::app
