#pragma once

#include <QStringList>

class QWidget;

namespace fusuma::app {

/// What helps to understand a report of something that went wrong: versions, screen, fonts, printers, machines and the
/// last messages, without pictures and paths, and without names of files as far as they can be told.
/// @param messages  the newest first
[[nodiscard]] QString about_machine(const QWidget& window, const QStringList& messages);

/// Shows it, to be copied.
void show_about_machine(QWidget& window, const QStringList& messages);

} // namespace fusuma::app
