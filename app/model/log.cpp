#include "app/model/log.h"

namespace fusuma::app {

Q_LOGGING_CATEGORY(files_log, "fusuma.files", QtWarningMsg)
Q_LOGGING_CATEGORY(machine_log, "fusuma.machine", QtWarningMsg)
Q_LOGGING_CATEGORY(messages_log, "fusuma.messages", QtWarningMsg)

} // namespace fusuma::app
