#pragma once

#include <QLoggingCategory>

namespace fusuma::app {

// What goes on, for whoever looks for a fault: silent, but for QT_LOGGING_RULES="fusuma.*=true" in the environment.

Q_DECLARE_LOGGING_CATEGORY(files_log)    ///< projects opened, saved and kept aside
Q_DECLARE_LOGGING_CATEGORY(machine_log)  ///< what cutters are asked to do, and whether they are there
Q_DECLARE_LOGGING_CATEGORY(messages_log) ///< what the person is told

} // namespace fusuma::app
