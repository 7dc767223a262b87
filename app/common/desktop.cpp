#include "app/common/desktop.h"

#include <QCoreApplication>
#include <QDBusMessage>
#include <QDBusPendingCallWatcher>
#include <QDBusPendingReply>
#include <QDBusVariant>
#include <QDeadlineTimer>
#include <QEventLoop>
#include <QGuiApplication>
#include <QPalette>
#include <QThread>
#include <algorithm>

namespace fusuma::app {

namespace {

const QString portal_service = QStringLiteral("org.freedesktop.portal.Desktop"),
              portal_place = QStringLiteral("/org/freedesktop/portal/desktop"),
              portal_settings = QStringLiteral("org.freedesktop.portal.Settings");
const QString appearance = QStringLiteral("org.freedesktop.appearance"),
              gnome_interface = QStringLiteral("org.gnome.desktop.interface");

/// Values come wrapped once or twice.
QVariant unwrapped(QVariant value) {
    while (value.canConvert<QDBusVariant>())
        value = value.value<QDBusVariant>().variant();
    return value;
}

} // namespace

Desktop::Desktop(const QDBusConnection& bus)
    : portal(bus), dark(QGuiApplication::palette().color(QPalette::Window).lightness() < 110) {
    if (!portal.isConnected())
        return;
    // Whoever says so: to tell the portal by its name, the bus would have to be asked, and waited for, first.
    portal.connect(QString(), portal_place, portal_settings, QStringLiteral("SettingChanged"), this,
                   SLOT(told(QDBusMessage)));
    ask(appearance, QStringLiteral("color-scheme"));
    ask(gnome_interface, QStringLiteral("text-scaling-factor"));
    ask(gnome_interface, QStringLiteral("enable-animations"));
}

void Desktop::ask(const QString& group, const QString& key) {
    QDBusMessage question =
        QDBusMessage::createMethodCall(portal_service, portal_place, portal_settings, QStringLiteral("Read"));
    question << group << key;
    ++asked;
    auto* answer = new QDBusPendingCallWatcher(portal.asyncCall(question), this);
    connect(answer, &QDBusPendingCallWatcher::finished, this, [this, group, key, answer] {
        --asked;
        const QDBusPendingReply<QDBusVariant> reply = *answer;
        if (reply.isValid())
            take(group, key, unwrapped(QVariant::fromValue(reply.value())));
        answer->deleteLater();
    });
}

void Desktop::wait(int most_ms) {
    const QDeadlineTimer end(most_ms);
    while (asked > 0 && !end.hasExpired()) {
        QCoreApplication::processEvents(QEventLoop::ExcludeUserInputEvents);
        QThread::msleep(1);
    }
}

void Desktop::told(const QDBusMessage& message) {
    const QVariantList what = message.arguments();
    if (what.size() == 3)
        take(what[0].toString(), what[1].toString(), unwrapped(what[2]));
}

void Desktop::take(const QString& group, const QString& key, const QVariant& value) {
    constexpr uint prefers_dark = 1, prefers_light = 2;
    const auto before = std::tuple(dark, scale, moves);
    if (group == appearance && key == QLatin1String("color-scheme")) {
        if (value.toUInt() == prefers_dark || value.toUInt() == prefers_light)
            dark = value.toUInt() == prefers_dark;
    } else if (group == gnome_interface && key == QLatin1String("text-scaling-factor")) {
        if (const double factor = value.toDouble(); factor > 0)
            scale = std::clamp(factor, 0.75, 1.25);
    } else if (group == gnome_interface && key == QLatin1String("enable-animations")) {
        moves = value.toBool();
    }
    if (before != std::tuple(dark, scale, moves))
        emit changed();
}

} // namespace fusuma::app
