// Pictures and sheets in the colours of the screen they are on.

#include "app/common/colour_patch.h"
#include "app/common/screen_colours.h"
#include "app/common/screen_painter.h"
#include "app/common/zoom_view.h"
#include "app/sheet/sheet_view.h"
#include "formats/basics/file.h"
#include "tests/app/private_bus.h"
#include "tests/app/window.h"

#include <QColorSpace>
#include <QDBusContext>
#include <QDBusObjectPath>
#include <QListWidget>
#include <QPainter>
#include <QScreen>
#include <QVBoxLayout>
#include <span>
#include <xcb/xcb.h>

namespace fusuma::app {

/// A colour manager that is not there. Source: the D-Bus descriptions of colord 1.4
class FakeManager : public QObject, protected QDBusContext {
    Q_OBJECT
    Q_CLASSINFO("D-Bus Interface", "org.freedesktop.ColorManager")
  public:
    bool has_device = true;
  public slots: // NOLINT: names of the interface
    QDBusObjectPath FindDeviceByProperty(const QString& key, const QString& value) {
        if (!has_device || key != "XRANDR_name" || value != QGuiApplication::primaryScreen()->name())
            sendErrorReply("org.freedesktop.ColorManager.NotFound", "no such device");
        return QDBusObjectPath("/org/freedesktop/ColorManager/devices/screen");
    }
  signals:
    void Changed(); // NOLINT
};
class FakeDevice : public QObject {
    Q_OBJECT
    Q_CLASSINFO("D-Bus Interface", "org.freedesktop.ColorManager.Device")
  public slots: // NOLINT: names of the interface
    QDBusObjectPath GetProfileForQualifiers(const QStringList& qualifiers) {
        return QDBusObjectPath(qualifiers == QStringList("*") ? "/org/freedesktop/ColorManager/profiles/its" : "/none");
    }
};
class FakeProfile : public QObject {
    Q_OBJECT
    Q_CLASSINFO("D-Bus Interface", "org.freedesktop.ColorManager.Profile")
    Q_PROPERTY(QString Filename MEMBER file)
  public:
    QString file;
};

namespace {

constexpr QColor red(200, 60, 40); // of the samples' art

/// What a screen of those primaries must be given for a colour, by Qt's own conversion.
QColor given(QColorSpace::NamedColorSpace screen, const QColor& colour) {
    QImage image(1, 1, QImage::Format_RGB32);
    image.fill(colour);
    image.setColorSpace(QColorSpace::SRgb);
    image.convertToColorSpace(screen);
    return image.pixelColor(0, 0);
}

bool is_near(const QColor& a, const QColor& b) {
    constexpr int most = 2;
    return std::abs(a.red() - b.red()) <= most && std::abs(a.green() - b.green()) <= most &&
           std::abs(a.blue() - b.blue()) <= most;
}

int count(const QImage& image, const QColor& colour) {
    const QImage pixels = image.convertToFormat(QImage::Format_RGB32);
    int found = 0;
    QRgb last = 0; // most pixels are like their neighbours
    bool is_it = is_near(QColor(last), colour);
    for (int y = 0; y < pixels.height(); ++y)
        for (const QRgb px :
             std::span(reinterpret_cast<const QRgb*>(pixels.constScanLine(y)), size_t(pixels.width()))) {
            if (px != last)
                is_it = is_near(QColor(last = px), colour);
            found += is_it;
        }
    return found;
}

class ScreenProfile : public Window {
  protected:
    PrivateBus bus;
    FakeManager manager;
    FakeDevice device;
    FakeProfile profile;

    void SetUp() override {
        Window::SetUp();
        ASSERT_TRUE(bus.is_there()) << "no dbus-daemon here";
        auto theirs = bus.connection("colours");
        const auto all = QDBusConnection::ExportAllContents;
        ASSERT_TRUE(theirs.registerObject("/org/freedesktop/ColorManager", &manager, all));
        ASSERT_TRUE(theirs.registerObject("/org/freedesktop/ColorManager/devices/screen", &device, all));
        ASSERT_TRUE(theirs.registerObject("/org/freedesktop/ColorManager/profiles/its", &profile, all));
        ASSERT_TRUE(theirs.registerService("org.freedesktop.ColorManager"));
        model.project.adopt(test::disc_document({{105, 100}}), "Disc");
        settle();
    }
    void name(const char* file, const QByteArray& bytes) {
        profile.file = folder.filePath(file);
        ASSERT_TRUE(write_file(profile.file, bytes));
    }
    [[nodiscard]] static bool is_plain() { return !ScreenColours::of(QGuiApplication::primaryScreen()); }
};

TEST_F(ScreenProfile, IsWhatPicturesAndSheetAreShownThrough) {
    const QImage before = window.grab().toImage();
    const QColor there = given(QColorSpace::DisplayP3, red);
    EXPECT_GT(count(before, red), 10000);
    EXPECT_EQ(count(before, there), 0);
    name("p3.icc", QColorSpace(QColorSpace::DisplayP3).iccProfile());
    {
        const ScreenColours colours(bus.connection("ours"));
        EXPECT_TRUE(is_plain()) << "nobody waits for it";
        ASSERT_TRUE(QTest::qWaitFor([] { return !is_plain(); }, long_enough));
        settle();
        const QImage bench = window.grab().toImage(); // with the tray
        EXPECT_EQ(count(bench, red), 0);
        EXPECT_NEAR(count(bench, there), count(before, red), 50);
        key(Qt::Key_2, Qt::ControlModifier);
        const QImage sheet = window.grab().toImage();
        EXPECT_EQ(count(sheet, red), 0);
        EXPECT_GT(count(sheet, there), 1000);
        // White and the window's own colours stay: relative to the screen's white.
        EXPECT_GT(count(sheet, Qt::white), 50000);
    }
    EXPECT_TRUE(is_plain());
    EXPECT_GT(count(window.grab().toImage(), red), 1000) << "and as before without it";
}

/// What keeps pictures shows them by the profile that there is when they are seen.
TEST_F(ScreenProfile, RowsAndButtonsInAColourAreShownThroughItToo) {
    QWidget both;
    auto* layout = new QVBoxLayout(&both);
    auto* list = new QListWidget;
    list->setIconSize({40, 40});
    list->setItemDelegate(new OnScreenRows(list));
    QPixmap picture(40, 40);
    picture.fill(red);
    new QListWidgetItem(QIcon(picture), "Puffin", list);
    auto* patch = new ColourPatch("patch");
    patch->setFixedSize(40, 40);
    patch->show_colour(Rgb{200, 60, 40});
    layout->addWidget(list);
    layout->addWidget(patch);
    both.show();
    const auto shown = [&](const QColor& colour) {
        return std::pair(count(list->grab().toImage(), colour) / 100, count(patch->grab().toImage(), colour) / 100);
    };
    const QColor there = given(QColorSpace::DisplayP3, red);
    EXPECT_EQ(shown(red), std::pair(16, 14)) << "less its edge";
    list->setCurrentRow(0);
    EXPECT_EQ(shown(red), std::pair(16, 14)) << "a row that is chosen tints nothing";
    const int plain = count(patch->grab().toImage(), red);
    patch->setFocus();
    ASSERT_TRUE(QTest::qWaitFor([&] { return patch->hasFocus(); }, long_enough));
    EXPECT_LT(count(patch->grab().toImage(), red), plain * 3 / 4) << "a ring round it, with room between";
    list->setFocus();
    name("p3.icc", QColorSpace(QColorSpace::DisplayP3).iccProfile());
    {
        const ScreenColours colours(bus.connection("ours"));
        ASSERT_TRUE(QTest::qWaitFor([] { return !is_plain(); }, long_enough));
        EXPECT_EQ(shown(red), std::pair(0, 0));
        EXPECT_EQ(shown(there), std::pair(16, 14));
    }
    EXPECT_EQ(shown(red), std::pair(16, 14));
}

TEST_F(ScreenProfile, IsTakenAnewWhenTheManagerHasAnother) {
    name("p3.icc", QColorSpace(QColorSpace::DisplayP3).iccProfile());
    const ScreenColours colours(bus.connection("ours"));
    int changes = 0;
    QObject::connect(&colours, &ScreenColours::changed, [&] { ++changes; });
    const auto shows = [&](const QColor& colour) {
        emit manager.Changed();
        return QTest::qWaitFor([&] { return count(window.grab().toImage(), colour) > 1000; }, long_enough);
    };
    EXPECT_TRUE(shows(given(QColorSpace::DisplayP3, red)));
    name("adobe.icc", QColorSpace(QColorSpace::AdobeRgb).iccProfile());
    EXPECT_TRUE(shows(given(QColorSpace::AdobeRgb, red)));
    // What is broken, not there, or sRGB is as if there were none.
    for (const QByteArray& bytes : {QByteArray("no profile"), QColorSpace(QColorSpace::SRgb).iccProfile()}) {
        name("other.icc", bytes);
        EXPECT_TRUE(shows(red));
        name("adobe.icc", QColorSpace(QColorSpace::AdobeRgb).iccProfile());
        EXPECT_TRUE(shows(given(QColorSpace::AdobeRgb, red)));
    }
    profile.file = folder.filePath("gone.icc");
    EXPECT_TRUE(shows(red));
    EXPECT_GE(changes, 7);
    name("adobe.icc", QColorSpace(QColorSpace::AdobeRgb).iccProfile());
    EXPECT_TRUE(shows(given(QColorSpace::AdobeRgb, red)));
    manager.has_device = false;
    EXPECT_TRUE(shows(red));
}

TEST_F(ScreenProfile, WithoutAManagerColoursAreSrgbs) {
    const ScreenColours colours(QDBusConnection("none"));
    QTest::qWait(100);
    EXPECT_TRUE(is_plain());
}

/// Red on its left.
class Painted : public ZoomView {
  public:
    QWidget* painted = nullptr;

  protected:
    void paint(QPainter& painter) override {
        painted = ScreenPainter::painted();
        painter.fillRect(0, 0, width() / 2, height(), red);
    }
};

class OnAnXServer : public testing::Test {};

TEST_F(OnAnXServer, TheProfileThatItNamesIsFollowed) {
    const auto* x11 = qGuiApp->nativeInterface<QNativeInterface::QX11Application>();
    if (QGuiApplication::platformName() != "xcb") { // once more, on one
        const auto* test = testing::UnitTest::GetInstance()->current_test_info();
        QProcess again;
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        environment.insert("QT_QPA_PLATFORM", "xcb");
        again.setProcessEnvironment(environment);
        again.setProcessChannelMode(QProcess::MergedChannels);
        again.start("xvfb-run", {"-a", QCoreApplication::applicationFilePath(), "--gtest_brief=1",
                                 QStringLiteral("--gtest_filter=%1.%2").arg(test->test_suite_name(), test->name())});
        ASSERT_TRUE(again.waitForFinished(long_enough));
        const std::string said = again.readAll().toStdString();
        EXPECT_EQ(again.exitCode(), 0) << said;
        EXPECT_THAT(said, testing::HasSubstr("[  PASSED  ] 1 test."));
        return;
    }
    ASSERT_TRUE(x11 && x11->connection());
    xcb_connection_t* server = x11->connection();
    const xcb_window_t root = xcb_setup_roots_iterator(xcb_get_setup(server)).data->root;
    const auto name = [&](const QByteArray& profile) {
        const std::unique_ptr<xcb_intern_atom_reply_t, decltype(&std::free)> atom(
            xcb_intern_atom_reply(server, xcb_intern_atom(server, 0, 12, "_ICC_PROFILE"), nullptr), &std::free);
        if (profile.isEmpty())
            xcb_delete_property(server, root, atom->atom);
        else
            xcb_change_property(server, XCB_PROP_MODE_REPLACE, root, atom->atom, XCB_ATOM_CARDINAL, 8,
                                static_cast<std::uint32_t>(profile.size()), profile.constData());
        xcb_flush(server);
    };
    name(QColorSpace(QColorSpace::DisplayP3).iccProfile());
    const ScreenColours colours(QDBusConnection("none"));
    Painted view;
    view.resize(300, 200);
    view.show();
    const auto shows = [&](const QColor& colour) {
        return QTest::qWaitFor([&] { return is_near(view.grab().toImage().pixelColor(20, 20), colour); }, 20'000);
    };
    EXPECT_TRUE(shows(given(QColorSpace::DisplayP3, red)));
    EXPECT_EQ(view.painted, &view);
    name(QColorSpace(QColorSpace::AdobeRgb).iccProfile());
    EXPECT_TRUE(shows(given(QColorSpace::AdobeRgb, red))) << "it tells when another is named";
    name("nonsense");
    EXPECT_TRUE(shows(red));
    name(QColorSpace(QColorSpace::AdobeRgb).iccProfile());
    EXPECT_TRUE(shows(given(QColorSpace::AdobeRgb, red)));
    name({});
    EXPECT_TRUE(shows(red));
}

} // namespace
} // namespace fusuma::app

#include "screen_colours_test.moc"
