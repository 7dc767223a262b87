#include "app/frame/recent_projects.h"

#include <QFileInfo>
#include <QSettings>

namespace fusuma::app {

namespace {
const QString key = QStringLiteral("recent");
}

void remember_recent(const QString& path) {
    if (path.isEmpty())
        return;
    QStringList all = QSettings().value(key).toStringList();
    const QString full = QFileInfo(path).absoluteFilePath();
    all.removeAll(full);
    all.prepend(full);
    QSettings().setValue(key, QStringList(all.mid(0, most_recent)));
}

QStringList recent_projects() {
    QStringList there = QSettings().value(key).toStringList();
    there.removeIf([](const QString& path) { return !QFileInfo::exists(path); });
    return there;
}

} // namespace fusuma::app
