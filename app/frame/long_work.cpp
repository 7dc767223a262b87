#include "app/frame/long_work.h"

#include <QDBusMessage>
#include <QDeadlineTimer>
#include <QGuiApplication>
#include <cmath>
#include <utility>

namespace fusuma::app {

namespace {
const QString desktop_id = QStringLiteral("org.fusuma_stickers.fusuma");
}

LongWork::LongWork(std::vector<Source> sources, const QDBusConnection& bus)
    : is_elsewhere([] { return QGuiApplication::applicationState() != Qt::ApplicationActive; }),
      now_ms([] { return QDeadlineTimer::current().deadline(); }), all(std::move(sources)), desktop(bus) {
    constexpr int every_ms = 500;
    connect(&timer, &QTimer::timeout, this, &LongWork::look);
    timer.start(every_ms);
}

void LongWork::look() {
    std::optional<Business::Doing> doing;
    for (const Source& source : all)
        if (!doing)
            doing = source();
    if (doing) {
        if (words.isEmpty())
            since_ms = now_ms();
        words = doing->words;
        if (now_ms() - since_ms >= long_ms && std::abs(doing->done - shown) >= 0.01)
            show_progress(doing->done);
    } else if (!words.isEmpty()) {
        if (shown >= 0)
            show_progress(-1);
        if (now_ms() - since_ms >= long_ms && is_elsewhere())
            notify();
        words.clear();
    }
}

void LongWork::show_progress(double done) {
    shown = done;
    QDBusMessage update =
        QDBusMessage::createSignal(QStringLiteral("/org/fusuma_stickers/fusuma"),
                                   QStringLiteral("com.canonical.Unity.LauncherEntry"), QStringLiteral("Update"));
    update << QStringLiteral("application://%1.desktop").arg(desktop_id)
           << QVariantMap{{QStringLiteral("progress"), std::max(0.0, done)},
                          {QStringLiteral("progress-visible"), done >= 0}};
    desktop.send(update);
}

void LongWork::notify() const {
    QDBusMessage notice = QDBusMessage::createMethodCall(
        QStringLiteral("org.freedesktop.Notifications"), QStringLiteral("/org/freedesktop/Notifications"),
        QStringLiteral("org.freedesktop.Notifications"), QStringLiteral("Notify"));
    constexpr uint replaces_none = 0;
    constexpr int as_the_desktop_likes = -1;
    notice << QStringLiteral("Fusuma") << replaces_none << desktop_id << tr("%1: ended, or waiting for you").arg(words)
           << QString() << QStringList() << QVariantMap{{QStringLiteral("desktop-entry"), desktop_id}}
           << as_the_desktop_likes;
    desktop.send(notice);
}

} // namespace fusuma::app
