// How the window looks and reads: contrast, names for screen readers, reachability by keyboard.

#include "app/common/theme.h"
#include "app/frame/doors.h"
#include "app/frame/main_window.h"
#include "tests/support/samples.h"

#include <QApplication>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QMenuBar>
#include <QPushButton>
#include <QSlider>
#include <QTest>
#include <gmock/gmock.h>

namespace fusuma::app {
namespace {

/// Relative luminance and contrast ratio as WCAG 2.1 defines them.
double luminance(const QColor& c) {
    const auto linear = [](double v) { return v <= 0.03928 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4); };
    return 0.2126 * linear(c.redF()) + 0.7152 * linear(c.greenF()) + 0.0722 * linear(c.blueF());
}

double contrast(const QColor& a, const QColor& b) {
    const double la = luminance(a), lb = luminance(b);
    return (std::max(la, lb) + 0.05) / (std::min(la, lb) + 0.05);
}

class Look : public testing::TestWithParam<Tone> {
  protected:
    void SetUp() override { apply_theme(*qApp, GetParam()); }
    void TearDown() override { apply_theme(*qApp, Tone::light); }
};

TEST_P(Look, TextStandsOutFourAndAHalfToOne) { // WCAG 2.1, 1.4.3
    const Theme& t = theme();
    for (const QColor& ground : {t.window, t.panel, t.field, t.canvas}) {
        EXPECT_GE(contrast(t.ink, ground), 4.5) << ground.name().toStdString();
        if (ground != t.canvas) {
            EXPECT_GE(contrast(t.dim, ground), 4.5) << "dim on " << ground.name().toStdString();
        }
    }
    EXPECT_GE(contrast(t.on_accent, t.accent), 4.5);
    EXPECT_GE(contrast(t.accent, t.panel), 4.5);
    EXPECT_GE(contrast(t.ink, t.selection), 4.5);
    EXPECT_GE(contrast(t.attention, t.panel), 4.5);
    EXPECT_GE(contrast(t.field, t.attention), 4.5) << "the words on the chip";
    EXPECT_GE(contrast(t.ink, t.attention_tint), 4.5);
    EXPECT_GE(contrast(t.kiss, t.casing), 4.2) << "a line, cased in white";
    EXPECT_GE(contrast(t.through, t.casing), 4.5);
}

TEST_P(Look, EverythingThatCanBeUsedHasANameAndSaysWhy) {
    Model model;
    MainWindow window(model);
    window.show();
    for (QPushButton* b : window.findChildren<QPushButton*>()) {
        EXPECT_FALSE(b->text().isEmpty() && b->accessibleName().isEmpty()) << b->objectName().toStdString();
        const bool one_of_a_row =
            b->isCheckable() || b->property("role") == "flat" || b->objectName().startsWith("qt_");
        EXPECT_TRUE(one_of_a_row || !b->toolTip().isEmpty()) << b->text().toStdString() << " has no tooltip";
    }
    for (QSlider* s : window.findChildren<QSlider*>())
        EXPECT_FALSE(s->accessibleName().isEmpty()) << s->objectName().toStdString();
    for (QLineEdit* e : window.findChildren<QLineEdit*>())
        EXPECT_FALSE(e->accessibleName().isEmpty()) << e->objectName().toStdString();
    for (QComboBox* c : window.findChildren<QComboBox*>())
        EXPECT_FALSE(c->accessibleName().isEmpty()) << c->objectName().toStdString();
}

TEST_P(Look, TheSameAgainDressesNothing) {
    Model model;
    MainWindow window(model);
    window.show();
    class Dressings : public QObject {
      public:
        int count = 0;
        bool eventFilter(QObject*, QEvent* event) override {
            count += event->type() == QEvent::StyleChange;
            return false;
        }
    } dressings;
    window.installEventFilter(&dressings);
    apply_theme(*qApp, GetParam());
    EXPECT_EQ(dressings.count, 0);
    apply_theme(*qApp, GetParam() == Tone::light ? Tone::dark : Tone::light);
    EXPECT_EQ(dressings.count, 1) << "the other, once";
}

INSTANTIATE_TEST_SUITE_P(Tones, Look, testing::Values(Tone::light, Tone::dark),
                         [](const auto& test) { return test.param == Tone::light ? "light" : "dark"; });

class Frame : public testing::Test {
  protected:
    Model model;
    MainWindow window{model};

    void SetUp() override {
        window.resize(1280, 800);
        window.show();
        settle();
    }
    void settle() {
        const auto* doors = window.findChild<Doors*>();
        EXPECT_TRUE(
            QTest::qWaitFor([&] { return model.working_out.is_settled() && !doors->is_sliding(); }, long_enough));
        QCoreApplication::processEvents();
    }
    Door& door(int number) { return *window.findChild<Door*>(QStringLiteral("door%1").arg(number)); }
};

TEST_F(Frame, DoorsStandOnTheSideWhereTheirPlacesLie) {
    window.go_to(Place::sheet);
    settle();
    EXPECT_TRUE(door(1).isVisible());
    EXPECT_FALSE(door(2).isVisible()) << "the open place";
    EXPECT_TRUE(door(3).isVisible());
    EXPECT_EQ(door(1).x(), 0);
    EXPECT_EQ(door(3).geometry().right(), window.width() - 1);
    QTest::mouseClick(&door(3), Qt::LeftButton);
    settle();
    EXPECT_EQ(door(1).x(), 0);
    EXPECT_EQ(door(2).x(), Door::width_px);
    EXPECT_FALSE(door(3).isVisible());
    window.go_to(Place::bench);
    settle();
    EXPECT_EQ(door(3).geometry().right(), window.width() - 1);
    EXPECT_EQ(door(2).x(), window.width() - 2 * Door::width_px);
}

TEST_F(Frame, DoorsSayHowThingsStand) {
    EXPECT_THAT(door(2).accessibleName().toStdString(), testing::HasSubstr("not started"));
    model.project.adopt(test::disc_document({{60, 100}}), "Test");
    EXPECT_THAT(door(2).accessibleName().toStdString(), testing::HasSubstr("not looked at yet"));
    settle();
    EXPECT_THAT(door(2).accessibleName().toStdString(), testing::HasSubstr("fine"));
    model.project.adopt(test::disc_document({{5, 100}}), "Test");
    settle();
    EXPECT_THAT(door(2).accessibleName().toStdString(), testing::HasSubstr("something to fix"));
}

TEST_F(Frame, DoorsOpenByKeyboardToo) {
    door(2).setFocus();
    QTest::keyClick(&door(2), Qt::Key_Space);
    settle();
    EXPECT_FALSE(door(2).isVisible());
}

TEST_F(Frame, MenusHoldEveryCommandAndNoShortcutTwice) {
    QStringList menus;
    std::map<QString, int> shortcuts;
    for (QAction* menu : window.findChild<QMenuBar*>()->actions()) {
        menus << menu->text().remove('&');
        for (QAction* action : menu->menu()->actions())
            if (!action->shortcut().isEmpty())
                ++shortcuts[action->shortcut().toString()];
    }
    EXPECT_EQ(menus, (QStringList{"File", "Edit", "Sticker", "Arrange", "View", "Help"}));
    for (const auto& [keys, times] : shortcuts)
        EXPECT_EQ(times, 1) << keys.toStdString();
    EXPECT_TRUE(shortcuts.contains("Ctrl+K"));
}

TEST_F(Frame, TheTrayShowsEveryStickerAndChoosesByClick) {
    Document d = test::disc_document({{60, 100}});
    d = with_sticker_added(d, test::disc_sticker(20));
    model.project.adopt(d, "Test");
    settle();
    auto* second = window.findChild<QWidget*>(QStringLiteral("trayCard2"));
    ASSERT_TRUE(second);
    QTest::mouseClick(second, Qt::LeftButton);
    settle();
    EXPECT_EQ(model.in_hand.sticker()->id, 2);
}

TEST_F(Frame, AnEmptyProjectSaysWhatToDoNext) {
    EXPECT_EQ(window.findChild<QLabel*>(QStringLiteral("findingText"))->text(), "The sheet is empty.");
    EXPECT_FALSE(window.findChild<QPushButton*>(QStringLiteral("putOnSheet"))->isEnabled());
    EXPECT_TRUE(window.findChild<QPushButton*>(QStringLiteral("addArtwork"))->isEnabled());
}

} // namespace
} // namespace fusuma::app
