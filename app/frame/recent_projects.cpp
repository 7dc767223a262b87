#include "app/frame/recent_projects.h"

#include "app/model/settings.h"
#include "formats/basics/file.h"
#include "formats/project/project_file.h"

#include <QDateTime>
#include <QDir>
#include <QDomDocument>
#include <QFileInfo>
#include <QStandardPaths>
#include <QThreadPool>
#include <QUrl>
#include <mutex>

namespace fusuma::app {

namespace {
const QString bookmark_space = QStringLiteral("http://www.freedesktop.org/standards/desktop-bookmarks"),
              mime_space = QStringLiteral("http://www.freedesktop.org/standards/shared-mime-info");
}

void tell_desktop_recent(const QString& path, const QString& list, const QDateTime& now) {
    constexpr qint64 largest = 8 << 20;
    QDomDocument document;
    if (const auto there = read_file(list, largest); there && !document.setContent(*there))
        return; // of a program that writes it in another way: better left alone
    else if (!there && QFileInfo::exists(list))
        return;
    QDomElement root = document.documentElement();
    if (root.isNull()) {
        document.appendChild(document.createProcessingInstruction(
            QStringLiteral("xml"), QStringLiteral("version=\"1.0\" encoding=\"UTF-8\"")));
        root = document.createElement(QStringLiteral("xbel"));
        root.setAttribute(QStringLiteral("version"), QStringLiteral("1.0"));
        root.setAttribute(QStringLiteral("xmlns:bookmark"), bookmark_space);
        root.setAttribute(QStringLiteral("xmlns:mime"), mime_space);
        document.appendChild(root);
    }
    if (root.tagName() != QLatin1String("xbel"))
        return;
    const QString href = QString::fromUtf8(QUrl::fromLocalFile(path).toEncoded()),
                  when = now.toUTC().toString(Qt::ISODate);
    for (QDomElement mark = root.firstChildElement(QStringLiteral("bookmark")); !mark.isNull();) {
        const QDomElement next = mark.nextSiblingElement(QStringLiteral("bookmark"));
        if (mark.attribute(QStringLiteral("href")) == href)
            root.removeChild(mark);
        mark = next;
    }
    const auto child = [&document](QDomElement& of, const char* name,
                                   std::initializer_list<std::pair<const char*, QString>> attributes) {
        QDomElement made = document.createElement(QLatin1String(name));
        for (const auto& [key, value] : attributes)
            made.setAttribute(QLatin1String(key), value);
        of.appendChild(made);
        return made;
    };
    QDomElement mark =
        child(root, "bookmark", {{"href", href}, {"added", when}, {"modified", when}, {"visited", when}});
    QDomElement info = child(mark, "info", {});
    QDomElement about = child(info, "metadata", {{"owner", QStringLiteral("http://freedesktop.org")}});
    child(about, "mime:mime-type", {{"type", QLatin1String(project_type)}});
    QDomElement programs = child(about, "bookmark:applications", {});
    child(programs, "bookmark:application",
          {{"name", QStringLiteral("Fusuma")},
           {"exec", QStringLiteral("'fusuma %u'")},
           {"modified", when},
           {"count", QStringLiteral("1")}});
    QDir().mkpath(QFileInfo(list).path());
    const bool is_new = !QFileInfo::exists(list);
    if (write_file(list, document.toByteArray(2)) && is_new)               // one that cannot be written is no loss
        QFile::setPermissions(list, QFile::ReadOwner | QFile::WriteOwner); // nobody else's business
}

void remember_recent(const QString& path) {
    if (path.isEmpty())
        return;
    QStringList all = Settings::recent.value();
    const QString full = QFileInfo(path).absoluteFilePath();
    all.removeAll(full);
    all.prepend(full);
    Settings::recent.keep(all.mid(0, most_recent));
    QThreadPool::globalInstance()->start([full] { // others' lists may be long
        static std::mutex one_at_a_time;
        const std::scoped_lock lock(one_at_a_time);
        tell_desktop_recent(full,
                            QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) +
                                QStringLiteral("/recently-used.xbel"),
                            QDateTime::currentDateTime());
    });
}

QStringList recent_projects() {
    QStringList there = Settings::recent.value();
    there.removeIf([](const QString& path) { return !QFileInfo::exists(path); });
    return there;
}

} // namespace fusuma::app
