#pragma once

#include <QMessageBox>

namespace fusuma::app {

/// Asks, or tells something that must be read before going on, with Fusuma's own sign in place of the system's.
QMessageBox::StandardButton ask_or_tell(QWidget* over, const QString& title, const QString& words,
                                        QMessageBox::StandardButtons answers = QMessageBox::Ok,
                                        QMessageBox::StandardButton usual = QMessageBox::NoButton);

} // namespace fusuma::app
