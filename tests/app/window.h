#pragma once

#include "app/common/more.h"
#include "app/frame/doors.h"
#include "app/frame/main_window.h"
#include "core/geometry/measure.h"
#include "formats/project/project_file.h"
#include "tests/app/watchdog.h"
#include "tests/support/samples.h"

#include <QAbstractButton>
#include <QApplication>
#include <QDialog>
#include <QDropEvent>
#include <QFileDialog>
#include <QLabel>
#include <QLineEdit>
#include <QMessageBox>
#include <QMimeData>
#include <QPushButton>
#include <QTest>
#include <QTimer>
#include <algorithm>
#include <functional>
#include <gmock/gmock.h>
#include <set>

namespace fusuma::app {

/// How long what must come is waited for, in ms: machines can be busy, and only what never comes is wrong.
inline constexpr int long_enough = 120'000;

/// The real window, driven by clicks and keys.
class Window : public testing::Test {
  protected:
    Model model;
    MainWindow window{model};
    QTemporaryDir folder;

    void SetUp() override {
        window.resize(1280, 800);
        window.show();
        settle();
        WatchedApplication::take_blocks(); // a window is built before anybody waits for it
    }
    void TearDown() override {
        for (const auto& block : WatchedApplication::take_blocks())
            ADD_FAILURE() << WatchedApplication::stood_still << " for " << block.ms
                          << " ms: " << block.what.toStdString();
    }
    /// Is nothing on its way: no result, no door, nothing that a widget put off for a moment?
    bool is_quiet() {
        const auto timers = window.findChildren<QTimer*>();
        return model.working_out.is_settled() && !model.business.now() && !window.findChild<Doors*>()->is_sliding() &&
               std::ranges::none_of(timers, [](QTimer* timer) { return timer->isSingleShot() && timer->isActive(); });
    }
    /// Waits until all is quiet, and stays so once what was posted has arrived.
    void settle() {
        for (int seen = 0; seen < 2; ++seen) {
            QCoreApplication::processEvents();
            QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
            ASSERT_TRUE(QTest::qWaitFor([this] { return is_quiet(); }, long_enough));
        }
        QCoreApplication::processEvents();
    }
    template <typename W> W* find(const char* name) {
        for (W* widget : window.findChildren<W*>(QLatin1String(name))) {
            for (QWidget* at = widget; at; at = at->parentWidget()) // as a person opens the part that it is in
                if (auto* more = qobject_cast<More*>(at))
                    more->open();
            if (widget->isVisible())
                return widget;
        }
        ADD_FAILURE() << "nothing visible is called " << name;
        return nullptr;
    }
    void click(const char* name) {
        auto* target = find<QAbstractButton>(name);
        ASSERT_TRUE(target && target->isEnabled()) << name;
        QTest::mouseClick(target, Qt::LeftButton);
        settle();
    }
    void choose(const char* picked) { // one of a row of choices, by its words
        for (QPushButton* b : window.findChildren<QPushButton*>())
            if (b->isVisible() && b->isCheckable() && b->text() == QLatin1String(picked)) {
                QTest::mouseClick(b, Qt::LeftButton);
                settle();
                return;
            }
        ADD_FAILURE() << "no choice " << picked;
    }
    void type(const char* field, const char* text) {
        auto* edit = find<QLineEdit>(field);
        ASSERT_TRUE(edit) << field;
        edit->setFocus();
        edit->selectAll();
        QTest::keyClicks(edit, QLatin1String(text));
        QTest::keyClick(edit, Qt::Key_Return);
        settle();
    }
    /// Types a path into the file dialog that `open` brings up.
    template <typename Open> void with_file_dialog(const QString& path, Open&& open) {
        bool seen = false;
        int tries = 0;
        QTimer look; // until it is there and has closed again: a list of completions may swallow the first Return
        QObject::connect(&look, &QTimer::timeout, &window, [&] {
            if (auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget())) {
                auto* yes = box->button(QMessageBox::Yes);
                yes ? yes->click() : box->accept(); // replace it, or: the dialog did not find what it completed
                return;
            }
            auto* dialog = qobject_cast<QFileDialog*>(QApplication::activeModalWidget());
            if (dialog && dialog->isVisible()) {
                auto* name = dialog->findChild<QLineEdit*>(QStringLiteral("fileNameEdit"));
                if (++tries > 100) {
                    ADD_FAILURE() << "the file dialog does not take " << path.toStdString();
                    dialog->reject();
                    return;
                }
                if (!name->hasFocus()) { // without it the dialog takes what its list selects, whatever is typed
                    QApplication::setActiveWindow(dialog);
                    name->setFocus();
                    return;
                }
                name->selectAll();
                if (seen) { // completions may change what is typed, and a file just written be found only now
                    name->clear();
                    name->setText(path);
                } else
                    QTest::keyClicks(name, path);
                seen = true;
                QTest::keyClick(name, Qt::Key_Return);
            }
        });
        look.start(200);
        open();
        look.stop();
        EXPECT_TRUE(seen) << "no file dialog came up";
        window.activateWindow(); // there is no window manager here to do it when the dialog closes
        settle();
    }
    /// Fills in the next dialog of that name and takes it.
    void in_dialog(const char* name, const std::function<void(QDialog&)>& fill, const std::function<void()>& open,
                   const char* take = "takeForm") {
        bool seen = false;
        QTimer look;
        QObject::connect(&look, &QTimer::timeout, &window, [&] {
            auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget());
            if (!dialog || dialog->objectName() != QLatin1String(name) || seen)
                return;
            if (!dialog->isActiveWindow()) {
                dialog->activateWindow();
                return;
            }
            seen = true;
            fill(*dialog);
            if (auto* taken = dialog->findChild<QPushButton*>(QLatin1String(take)))
                QTest::mouseClick(taken, Qt::LeftButton);
            else
                dialog->reject();
        });
        look.start(50);
        open();
        EXPECT_TRUE(seen) << "no dialog " << name;
        window.activateWindow();
        settle();
    }
    static void type_in(QDialog& dialog, const char* field, const char* text) {
        auto* edit = dialog.findChild<QLineEdit*>(QLatin1String(field));
        ASSERT_TRUE(edit) << field;
        edit->setFocus();
        edit->selectAll();
        QTest::keyClicks(edit, QLatin1String(text));
        QTest::keyClick(edit, Qt::Key_Tab);
    }
    void key(Qt::Key code, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        QTest::keyClick(QApplication::focusWidget() ? QApplication::focusWidget() : &window, code, modifiers);
        settle();
    }
    void drop(const QStringList& paths) {
        QMimeData data;
        QList<QUrl> urls;
        for (const QString& path : paths)
            urls << QUrl::fromLocalFile(path);
        data.setUrls(urls);
        QDragEnterEvent enter(QPoint(600, 400), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(&window, &enter);
        EXPECT_TRUE(enter.isAccepted());
        QDropEvent event(QPointF(600, 400), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(&window, &event);
    }
    void drop_artwork(const QStringList& paths) {
        const std::size_t wanted = model.document().stickers.size() + static_cast<std::size_t>(paths.size());
        drop(paths);
        EXPECT_TRUE(QTest::qWaitFor([&] { return model.document().stickers.size() == wanted; }, long_enough));
        settle();
    }
    /// The example on small paper, which is printed and cut for practice in a quarter of the time.
    void open_small_demo() {
        auto demo = load_project(QStringLiteral(DEMO_PROJECT));
        ASSERT_TRUE(demo) << demo.problem().english();
        demo->sheet.paper = {105, 148};
        const std::set<std::string> few{"Puffin", "White moon", "Tide bell", "Fair badge", "Price tag", "Relish jars"};
        const auto all = demo->stickers;
        for (const auto& sticker : all)
            if (!few.contains(sticker->name))
                *demo = with_sticker_removed(std::move(*demo), sticker->id);
        ASSERT_EQ(demo->stickers.size(), few.size());
        model.project.adopt(std::move(*demo), "Tide Fair");
        settle();
    }
    /// Saves and waits for it.
    bool save(const QString& path) {
        std::optional<bool> saved;
        model.project.save(path, [&](bool is_saved) { saved = is_saved; });
        EXPECT_TRUE(QTest::qWaitFor([&] { return saved.has_value(); }, long_enough));
        return saved.value_or(false);
    }
    std::string notice() {
        auto* words = window.findChild<QLabel*>(QStringLiteral("noticeText"));
        return words->isVisible() ? words->text().toStdString() : std::string();
    }
    /// Presses, moves in steps and releases the left button.
    void drag(QWidget* on, QPoint from, QPoint to, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        QTest::mousePress(on, Qt::LeftButton, modifiers, from);
        for (int i = 1; i <= 8; ++i) {
            const QPoint at = from + (to - from) * i / 8;
            QMouseEvent move(QEvent::MouseMove, QPointF(at), on->mapToGlobal(QPointF(at)), Qt::NoButton, Qt::LeftButton,
                             modifiers);
            QApplication::sendEvent(on, &move);
        }
        QTest::mouseRelease(on, Qt::LeftButton, modifiers, to);
        settle();
    }
    double cut_width() { return bounds(model.snapshot().result(model.in_hand.sticker()->id)->cut_line()).width(); }
};

} // namespace fusuma::app
