#include "app/common/screen_colours.h"

#include "app/model/in_background.h"
#include "formats/picture/screen_profile.h"

#include <QApplication>
#include <QDBusObjectPath>
#include <QDBusPendingCallWatcher>
#include <QDBusVariant>
#include <QScreen>
#include <QWidget>
#include <QWindow>
#include <cstdlib>
#include <xcb/xcb.h>

namespace fusuma::app {

namespace {

const QString manager_service = QStringLiteral("org.freedesktop.ColorManager"),
              manager_place = QStringLiteral("/org/freedesktop/ColorManager");

ScreenColours* current = nullptr; // while there is one

xcb_connection_t* x_server() {
    const auto* x11 = qGuiApp->nativeInterface<QNativeInterface::QX11Application>();
    return x11 ? x11->connection() : nullptr;
}

template <typename T> using Reply = std::unique_ptr<T, decltype(&std::free)>;
template <typename T> Reply<T> reply(T* answer) {
    return {answer, &std::free};
}

/// A property of the first screen's root; empty when there is none, or more than a profile has.
QByteArray root_property(xcb_connection_t* server, xcb_atom_t name) {
    constexpr std::uint32_t most_words = 4 << 20;
    const xcb_window_t root = xcb_setup_roots_iterator(xcb_get_setup(server)).data->root;
    const auto value = reply(xcb_get_property_reply(
        server, xcb_get_property(server, 0, root, name, XCB_GET_PROPERTY_TYPE_ANY, 0, most_words), nullptr));
    if (!value || value->bytes_after > 0)
        return {};
    return {static_cast<const char*>(xcb_get_property_value(value.get())), xcb_get_property_value_length(value.get())};
}

} // namespace

ScreenColours::ScreenColours(const QDBusConnection& bus) : manager(bus) {
    current = this;
    constexpr int settled_ms = 50;
    later.setSingleShot(true);
    later.setInterval(settled_ms);
    connect(&later, &QTimer::timeout, this, &ScreenColours::find_all);
    if (manager.isConnected())
        for (const char* change : {"Changed", "DeviceAdded", "DeviceRemoved", "DeviceChanged", "ProfileAdded",
                                   "ProfileRemoved", "ProfileChanged"})
            manager.connect(QString(), manager_place, manager_service, QString::fromLatin1(change), &later,
                            SLOT(start()));
    connect(qGuiApp, &QGuiApplication::focusWindowChanged, this, [this](QWindow* window) {
        if (window)
            connect(window, &QWindow::screenChanged, this, &ScreenColours::paint_all_anew, Qt::UniqueConnection);
    });
    connect(qGuiApp, &QGuiApplication::screenAdded, &later, qOverload<>(&QTimer::start));
    connect(qGuiApp, &QGuiApplication::screenRemoved, &later, qOverload<>(&QTimer::start));
    qApp->installNativeEventFilter(this);
    find_all();
}

ScreenColours::~ScreenColours() {
    current = nullptr;
    qApp->removeNativeEventFilter(this);
    stop.request_stop();
    reading.waitForDone();
}

std::shared_ptr<const ColourTable> ScreenColours::of(const QScreen* screen) {
    if (!current || !screen)
        return nullptr;
    const auto found = current->tables.find(screen->name());
    return found != current->tables.end() ? found->second : nullptr;
}

void ScreenColours::find_all() {
    ++round;
    const QList<QScreen*> screens = QGuiApplication::screens();
    std::erase_if(tables, [&screens](const auto& one) {
        return std::ranges::none_of(screens, [&one](const QScreen* s) { return s->name() == one.first; });
    });
    // The first is the primary one, as the X server's extensions count them, too.
    for (int i = 0; i < screens.size(); ++i)
        ask(screens[i]->name(), i);
}

void ScreenColours::ask(const QString& screen, int index) {
    const auto ask_x_server = [this, screen, index] {
        xcb_connection_t* server = x_server();
        const std::uint32_t property = server ? property_of(index) : 0;
        if (property == 0)
            take(screen, nullptr);
        else // a profile is large, and the server may be far
            read(screen, [server, property](const Work& work) {
                return read_screen_profile(root_property(server, property), work);
            });
    };
    const auto path_in = [](const QVariantList& answer) { return answer.value(0).value<QDBusObjectPath>().path(); };
    const auto read_file = [this, screen, ask_x_server](const QVariantList& answer) {
        const QString file = answer.value(0).value<QDBusVariant>().variant().toString();
        if (file.isEmpty())
            ask_x_server();
        else
            read(screen, [file](const Work& work) { return read_screen_profile(file, work); });
    };
    const auto ask_profile = [this, path_in, read_file, ask_x_server](const QVariantList& answer) {
        call(path_in(answer), QStringLiteral("org.freedesktop.DBus.Properties"), QStringLiteral("Get"),
             {manager_service + QStringLiteral(".Profile"), QStringLiteral("Filename")}, read_file, ask_x_server);
    };
    const auto ask_device = [this, path_in, ask_profile, ask_x_server](const QVariantList& answer) {
        const QStringList the_default{QStringLiteral("*")};
        call(path_in(answer), manager_service + QStringLiteral(".Device"), QStringLiteral("GetProfileForQualifiers"),
             {the_default}, ask_profile, ask_x_server);
    };
    if (manager.isConnected())
        call(manager_place, manager_service, QStringLiteral("FindDeviceByProperty"),
             {QStringLiteral("XRANDR_name"), screen}, ask_device, ask_x_server);
    else
        ask_x_server();
}

void ScreenColours::call(const QString& path, const QString& interface, const QString& method,
                         const QVariantList& arguments, Use use, Failed failed) {
    QDBusMessage question = QDBusMessage::createMethodCall(manager_service, path, interface, method);
    question.setArguments(arguments);
    auto* answer = new QDBusPendingCallWatcher(manager.asyncCall(question), this);
    connect(answer, &QDBusPendingCallWatcher::finished, this,
            [this, answer, asked_in = round, use = std::move(use), failed = std::move(failed)] {
                answer->deleteLater();
                if (asked_in != round)
                    return;
                if (answer->isError())
                    failed();
                else
                    use(answer->reply().arguments());
            });
}

void ScreenColours::read(const QString& screen, Read read_table) {
    in_background(
        reading, this,
        [read_table = std::move(read_table), work = Work{.stop = stop.get_token()}] {
            auto table = read_table(work);
            if (table && table->changes_nothing())
                return std::shared_ptr<const ColourTable>();
            return table ? std::make_shared<const ColourTable>(std::move(*table)) : nullptr;
        },
        [this, screen, asked_in = round](std::shared_ptr<const ColourTable> table) {
            if (asked_in == round)
                take(screen, std::move(table));
        },
        [](const QString&) {}); // it is shown as before
}

void ScreenColours::take(const QString& screen, std::shared_ptr<const ColourTable> found) {
    std::shared_ptr<const ColourTable>& before = tables[screen];
    const bool is_same = before == found || (before && found && *before == *found);
    before = std::move(found);
    if (is_same)
        return;
    paint_all_anew();
    emit changed();
}

void ScreenColours::paint_all_anew() {
    for (QWidget* widget : QApplication::allWidgets())
        widget->update();
}

std::uint32_t ScreenColours::property_of(int index) {
    xcb_connection_t* server = x_server();
    const QByteArray name = index == 0 ? QByteArray("_ICC_PROFILE") : "_ICC_PROFILE_" + QByteArray::number(index);
    const auto atom = reply(xcb_intern_atom_reply(
        server, xcb_intern_atom(server, 0, static_cast<std::uint16_t>(name.size()), name.constData()), nullptr));
    if (!atom)
        return 0;
    properties.insert(atom->atom);
    return atom->atom;
}

bool ScreenColours::nativeEventFilter(const QByteArray& type, void* message, qintptr*) {
    if (type == "xcb_generic_event_t") {
        const auto* event = static_cast<const xcb_generic_event_t*>(message);
        constexpr int sent_by_program = 0x80;
        if ((event->response_type & ~sent_by_program) == XCB_PROPERTY_NOTIFY &&
            properties.contains(reinterpret_cast<const xcb_property_notify_event_t*>(event)->atom))
            later.start();
    }
    return false;
}

} // namespace fusuma::app
