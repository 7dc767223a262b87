// A citizen of the desktop: its colours, text and motion, settings, and text that everybody can read.

#include "app/common/desktop.h"
#include "app/frame/long_work.h"
#include "app/frame/recent_projects.h"
#include "app/model/settings.h"
#include "formats/basics/file.h"
#include "tests/app/private_bus.h"
#include "tests/app/window.h"

#include <QDBusConnectionInterface>
#include <QSettings>

namespace fusuma::app {

/// The settings of a desktop that is not there.
class FakePortal : public QObject {
    Q_OBJECT
    Q_CLASSINFO("D-Bus Interface", "org.freedesktop.portal.Settings")
  public:
    std::map<std::pair<QString, QString>, QVariant> kept;
    QDBusConnection bus{"none"};
    void set(const QString& group, const QString& key, const QVariant& value) {
        kept[{group, key}] = value;
        QDBusMessage changed = QDBusMessage::createSignal("/org/freedesktop/portal/desktop",
                                                          "org.freedesktop.portal.Settings", "SettingChanged");
        bus.send(changed << group << key << QVariant::fromValue(QDBusVariant(value)));
    }
  public slots: // NOLINT: names of the interface
    QDBusVariant Read(const QString& group, const QString& key) {
        return QDBusVariant(QVariant::fromValue(QDBusVariant(kept.at({group, key})))); // wrapped twice, as portals do
    }
};

/// A desktop that shows notices and progress, and tells what it was shown.
class FakeShell : public QObject {
    Q_OBJECT
    Q_CLASSINFO("D-Bus Interface", "org.freedesktop.Notifications")
  public:
    QStringList notices;
    QList<double> progress;
  public slots: // NOLINT: names of the interface
    uint Notify(const QString&, uint, const QString& icon, const QString& summary, const QString&, const QStringList&,
                const QVariantMap&, int) {
        notices << icon + QStringLiteral(": ") + summary;
        return 1;
    }
    void update(const QString& application, const QVariantMap& shown) {
        if (application == "application://org.fusuma_stickers.fusuma.desktop")
            progress << (shown["progress-visible"].toBool() ? shown["progress"].toDouble() : -1);
    }
};

namespace {

using testing::HasSubstr;

constexpr auto appearance = "org.freedesktop.appearance", gnome = "org.gnome.desktop.interface";

TEST(TheDesktop, TellsItsColoursTextAndMotionAndChangesThem) {
    PrivateBus bus;
    ASSERT_TRUE(bus.is_there()) << "no dbus-daemon here";
    auto theirs = bus.connection("portal");
    ASSERT_TRUE(theirs.isConnected());
    FakePortal portal;
    portal.bus = theirs;
    portal.kept = {{{appearance, "color-scheme"}, 1u},
                   {{gnome, "text-scaling-factor"}, 1.1},
                   {{gnome, "enable-animations"}, false}};
    ASSERT_TRUE(theirs.registerObject("/org/freedesktop/portal/desktop", &portal, QDBusConnection::ExportAllSlots));
    ASSERT_TRUE(theirs.registerService("org.freedesktop.portal.Desktop"));
    {
        Desktop desktop(bus.connection("ours"));
        ASSERT_TRUE(QTest::qWaitFor([&] { return !desktop.may_move(); }, long_enough));
        EXPECT_TRUE(desktop.is_dark());
        EXPECT_DOUBLE_EQ(desktop.text_scale(), 1.1);
        int changes = 0;
        QObject::connect(&desktop, &Desktop::changed, [&] { ++changes; });
        const auto set_until = [&](const char* group, const char* key, const QVariant& value, auto&& is_so) {
            portal.set(group, key, value);
            return QTest::qWaitFor(is_so, long_enough);
        };
        ASSERT_TRUE(set_until(appearance, "color-scheme", 2u, [&] { return !desktop.is_dark(); }));
        portal.set(appearance, "color-scheme", 0u);
        ASSERT_TRUE(set_until(gnome, "text-scaling-factor", 40.0, [&] { return desktop.text_scale() > 1.2; }));
        EXPECT_DOUBLE_EQ(desktop.text_scale(), 1.25) << "what no window could hold is kept to what it can";
        EXPECT_FALSE(desktop.is_dark()) << "no preference changes nothing";
        // Nonsense, and settings of others.
        portal.set(appearance, "color-scheme", "very");
        portal.set(gnome, "text-scaling-factor", -1.0);
        portal.set("org.example", "text-scaling-factor", 0.8);
        ASSERT_TRUE(set_until(gnome, "enable-animations", true, [&] { return desktop.may_move(); }));
        EXPECT_DOUBLE_EQ(desktop.text_scale(), 1.25);
        EXPECT_EQ(changes, 3);
    }
}

QString notice_of(const QString& work) {
    return QStringLiteral("org.fusuma_stickers.fusuma: %1: ended, or waiting for you").arg(work);
}

TEST(TheDesktop, IsToldOfLongWorkThatEndsWhileThePersonIsElsewhere) {
    PrivateBus bus;
    ASSERT_TRUE(bus.is_there()) << "no dbus-daemon here";
    auto theirs = bus.connection("shell");
    FakeShell shell;
    ASSERT_TRUE(theirs.registerObject("/org/freedesktop/Notifications", &shell, QDBusConnection::ExportAllSlots));
    ASSERT_TRUE(theirs.registerService("org.freedesktop.Notifications"));
    ASSERT_TRUE(theirs.connect({}, {}, "com.canonical.Unity.LauncherEntry", "Update", &shell,
                               SLOT(update(QString, QVariantMap))));
    std::optional<Business::Doing> doing;
    LongWork work({[&] { return doing; }}, bus.connection("worker"));
    bool is_elsewhere = true;
    qint64 now = 0;
    work.is_elsewhere = [&] { return is_elsewhere; };
    work.now_ms = [&] { return now; };
    const auto look_after = [&](qint64 ms) {
        now += ms;
        work.look();
    };
    const auto does_for = [&](const QString& words, double done, qint64 ms) {
        doing = {words, done};
        look_after(0);
        look_after(ms);
        doing.reset();
        look_after(0);
    };
    does_for("Opening", 0.1, LongWork::long_ms - 1); // short work is nobody's news
    doing = {"Filling", 0.2};
    look_after(0);
    doing->done = 0.3;
    look_after(LongWork::long_ms);
    doing->done = 0.6;
    look_after(1);
    does_for("Filling", 0.6, 1);
    is_elsewhere = false; // with its window in front nobody needs to be told
    does_for("Tracing", 0.9, LongWork::long_ms);
    is_elsewhere = true;
    does_for("Cutting", 0.4, LongWork::long_ms);
    // What one program says arrives in the order in which it was said.
    ASSERT_TRUE(QTest::qWaitFor([&] { return shell.notices.contains(notice_of("Cutting")); }, long_enough));
    EXPECT_EQ(shell.notices, (QStringList{notice_of("Filling"), notice_of("Cutting")}));
    EXPECT_EQ(shell.progress, (QList<double>{0.3, 0.6, -1, 0.9, -1, 0.4, -1}));
}

TEST(TheDesktop, WithoutAPortalTheColoursThatQtWasGivenDecide) {
    const QPalette before = QApplication::palette();
    QApplication::setPalette(QPalette(QColor(30, 30, 34)));
    EXPECT_TRUE(Desktop(QDBusConnection("none")).is_dark());
    QApplication::setPalette(QPalette(QColor(240, 240, 240)));
    EXPECT_FALSE(Desktop(QDBusConnection("none")).is_dark());
    QApplication::setPalette(before);
}

TEST(RecentFiles, AreSharedWithOtherProgramsWhoseOwnStay) {
    QTemporaryDir folder;
    const QString list = folder.filePath("data/recently-used.xbel");
    const QDateTime now = QDateTime::fromString("2026-11-28T10:00:00Z", Qt::ISODate);
    tell_desktop_recent("/home/a b/Tide & Fair.fusuma", list, now);
    const auto text = [&] { return read_file(list, 1 << 20)->toStdString(); };
    EXPECT_EQ(QFile::permissions(list) & (QFile::ReadGroup | QFile::ReadOther), QFile::Permissions());
    EXPECT_THAT(text(), HasSubstr("href=\"file:///home/a%20b/Tide%20&amp;%20Fair.fusuma\""));
    EXPECT_THAT(text(), HasSubstr("application/x-fusuma-project"));
    // Another program's entry stays, ours is there once.
    QByteArray with_other = QByteArray::fromStdString(text());
    with_other.replace("<bookmark ",
                       "<bookmark href=\"file:///other.txt\" private=\"1\"><title>Ü</title></bookmark><bookmark ");
    ASSERT_TRUE(write_file(list, with_other));
    tell_desktop_recent("/home/a b/Tide & Fair.fusuma", list, now.addSecs(60));
    EXPECT_THAT(text(), HasSubstr("<title>Ü</title>"));
    EXPECT_THAT(text(), HasSubstr("2026-11-28T10:01:00Z"));
    EXPECT_EQ(QString::fromStdString(text()).count("Fair.fusuma"), 1);
    // What is no such list is left as it is.
    for (const char* other : {"<xbel", "<html><body/></html>", "\xff\xfe"}) {
        ASSERT_TRUE(write_file(list, other));
        tell_desktop_recent("/a.fusuma", list, now);
        EXPECT_EQ(text(), other);
    }
}

TEST(AllSettings, StandInOneFileAndAreToldInTheGuide) {
    const auto guide = read_file(QStringLiteral(SOURCE_DIR "/docs/guide/user-guide.md"), 1 << 20);
    ASSERT_TRUE(guide);
    for (const auto& [key, is_work] : Settings::all())
        EXPECT_THAT(guide->toStdString(), HasSubstr("`" + key.toStdString() + "`"));
}

TEST(AllSettings, ArePutBackButWhatPeopleMadeStays) {
    QSettings().clear();
    Settings::look.keep("dark");
    Settings::sides.keep("wide", "bench");
    Settings::recent.keep({"/a.fusuma"});
    Settings::profiles.keep({"{}"}, "printers");
    Settings::lenses.keep({"0.1", "0"}, "a camera");
    QSettings().setValue("profilesx", 1); // of another version, and no one's work
    Settings::put_back();
    EXPECT_EQ(Settings::chosen_look(), Look::desktop);
    EXPECT_TRUE(Settings::sides.value({}, "bench").isEmpty());
    EXPECT_TRUE(Settings::recent.value().isEmpty());
    EXPECT_FALSE(QSettings().contains("profilesx"));
    EXPECT_EQ(Settings::profiles.value({}, "printers"), QStringList{"{}"});
    EXPECT_EQ(Settings::lenses.value({}, "a camera").size(), 2);
    QSettings().clear();
    QSettings().setValue("dark", true); // as version 0.1 kept it
    EXPECT_EQ(Settings::chosen_look(), Look::dark);
    Settings::look.keep("light");
    EXPECT_EQ(Settings::chosen_look(), Look::light);
    QSettings().clear();
    // A word that a later version wrote is no reason to fail.
    Settings::look.keep("sepia");
    EXPECT_EQ(Settings::chosen_look(), Look::desktop);
    QSettings().clear();
}

} // namespace
} // namespace fusuma::app

#include "desktop_test.moc"
