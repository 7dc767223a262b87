// Hands that know nothing of the program: clicks, keys, drags, wheels and drops at random, while work goes on behind.
// Whatever they do, nothing ends, every step can be taken back, and what is kept is what is there.

#include "core/plan/planner.h"
#include "core/plan/ticket.h"
#include "tests/app/window.h"

#include <QAbstractSlider>
#include <QAbstractSpinBox>
#include <QComboBox>
#include <QContextMenuEvent>
#include <QDir>
#include <QMenu>
#include <QScrollBar>
#include <QWheelEvent>
#include <QWindow>
#include <fstream>
#include <random>

namespace fusuma::app {
namespace {

class Restless : public Window, public testing::WithParamInterface<unsigned> {
  protected:
    std::mt19937 random{GetParam()};
    Document first; ///< as the project was opened
    int left = 0;   ///< acts to come
    bool rests = false;
    int in_this_dialog = 0;
    QPointer<QWidget> last_modal;
    std::ofstream told{qEnvironmentVariable("FUSUMA_RESTLESS_TOLD").toStdString()};

    /// Acts are several events each, and open what the desktop takes its time for: other tests judge how long events
    /// take.
    void TearDown() override { WatchedApplication::take_blocks(); }

    int any(int from, int to) { return from + static_cast<int>(random() % static_cast<unsigned>(to - from + 1)); }
    bool once_in(int n) { return any(1, n) == 1; }
    template <typename List> auto& any_of(List& list) {
        return list[static_cast<typename List::size_type>(any(0, static_cast<int>(list.size()) - 1))];
    }
    QPoint any_point(const QWidget* in) {
        return {any(0, std::max(0, in->width() - 1)), any(0, std::max(0, in->height() - 1))};
    }
    Qt::KeyboardModifiers any_modifiers() {
        Qt::KeyboardModifiers all;
        for (const auto one : {Qt::ShiftModifier, Qt::ControlModifier, Qt::AltModifier})
            if (once_in(5))
                all |= one;
        return all;
    }
    void tell(const char* act, const QObject* on, const QString& more = {}) {
        if (told)
            told << left << ' ' << act << ' ' << (on ? on->metaObject()->className() : "-") << " “"
                 << (on ? on->objectName().toStdString() : "") << "” " << more.toStdString() << std::endl;
    }

    /// What takes clicks and keys now: a menu, a dialog, or the window.
    QWidget* in_front() {
        if (QWidget* popup = QApplication::activePopupWidget())
            return popup;
        if (QWidget* dialog = QApplication::activeModalWidget())
            return dialog;
        QWidgetList all = QApplication::topLevelWidgets();
        all.removeIf([](QWidget* w) { return !w->isVisible(); });
        return all.isEmpty() || !once_in(10) ? &window : any_of(all);
    }

    void act() {
        if (rests)
            return;
        QTimer::singleShot(left == 0 ? 20 : once_in(8) ? any(1, 300) : any(0, 4), &window, [this] { act(); });
        if (left == 0)
            return close_what_is_open();
        --left;
        if (!window.isVisible())
            window.show();
        if (once_in(20))
            QTest::keyClick(window.windowHandle(), Qt::Key_Escape); // ends what drags out of the window, too
        QWidget* front = in_front();
        if (QWidget* modal = QApplication::activeModalWidget()) {
            in_this_dialog = modal == last_modal ? in_this_dialog + 1 : 0;
            last_modal = modal;
            if (auto* files = qobject_cast<QFileDialog*>(modal))
                return choose_file(*files);
            if (in_this_dialog > 12 || modal->inherits("QAbstractPrintDialog"))
                return leave(*modal);
        }
        switch (any(0, 9)) {
        case 0:
            return press_key(front);
        case 1:
            return use_view(front);
        case 2:
            return front == &window ? command() : press_key(front);
        case 3:
            return once_in(4) ? drop_something() : wheel(front);
        case 4:
            return front == &window && once_in(2) ? back_or_forth() : use_view(front);
        default:
            return use_control(front);
        }
    }
    void leave(QWidget& dialog) {
        tell("leaves", &dialog);
        if (auto* box = qobject_cast<QDialog*>(&dialog))
            box->reject();
        else
            dialog.close();
    }
    void choose_file(QFileDialog& dialog) {
        auto* name = dialog.findChild<QLineEdit*>(QStringLiteral("fileNameEdit"));
        if (!name || in_this_dialog > 3 || once_in(2))
            return leave(dialog);
        const bool reads = dialog.acceptMode() == QFileDialog::AcceptOpen;
        const QString path = reads ? any_file() : folder.filePath(QStringLiteral("made%1").arg(any(0, 3)));
        tell("chooses", &dialog, path);
        name->setText(path);
        QTest::keyClick(name, Qt::Key_Return);
    }
    QString any_file() {
        QStringList all;
        for (const char* place :
             {SOURCE_DIR "/demo/artwork", SOURCE_DIR "/tests/vector_pictures", SOURCE_DIR "/tests/hostile"})
            for (const QString& name : QDir(place).entryList(QDir::Files, QDir::Name))
                all << QString::fromLatin1(place) + QLatin1Char('/') + name;
        for (const QString& name : QDir(folder.path()).entryList(QDir::Files))
            all << folder.filePath(name);
        return any_of(all);
    }
    void press_key(QWidget* front) {
        QWidget* on = QApplication::focusWidget() && front == &window ? QApplication::focusWidget() : front;
        static constexpr Qt::Key keys[] = {Qt::Key_Tab,    Qt::Key_Backtab, Qt::Key_Return,   Qt::Key_Escape,
                                           Qt::Key_Space,  Qt::Key_Delete,  Qt::Key_Left,     Qt::Key_Right,
                                           Qt::Key_Up,     Qt::Key_Down,    Qt::Key_Home,     Qt::Key_End,
                                           Qt::Key_PageUp, Qt::Key_Plus,    Qt::Key_PageDown, Qt::Key_Minus,
                                           Qt::Key_F6,     Qt::Key_F2,      Qt::Key_F10,      Qt::Key_Menu};
        const Qt::Key code = once_in(3) ? Qt::Key(Qt::Key_A + any(0, 25)) : keys[any(0, int(std::size(keys)) - 1)];
        const auto modifiers = any_modifiers();
        tell("presses", on, QKeySequence(code | modifiers).toString());
        QTest::keyClick(on, code, modifiers);
    }
    void command() {
        QList<QAction*> all;
        for (QAction* action : window.findChildren<QAction*>())
            if (action->isEnabled() && !action->menu() && !action->isSeparator())
                all << action;
        QAction* chosen = any_of(all);
        tell("commands", chosen, chosen->text());
        chosen->trigger();
    }
    void back_or_forth() {
        if (QApplication::activeModalWidget() || QApplication::activePopupWidget())
            return; // nobody can
        tell("goes back or forth", nullptr);
        once_in(3) ? model.project.redo() : model.project.undo();
    }
    void drop_something() {
        const QString path = any_file();
        tell("drops", nullptr, path);
        if (QApplication::activeModalWidget() || QApplication::activePopupWidget())
            return;
        QMimeData data;
        data.setUrls({QUrl::fromLocalFile(path)});
        const QPoint at = any_point(&window);
        QWidget* on = window.childAt(at);
        for (; on && !on->acceptDrops(); on = on->parentWidget()) {
        }
        if (!on)
            return;
        const QPoint there = on->mapFrom(&window, at);
        QDragEnterEvent enter(there, Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(on, &enter);
        QDropEvent event(QPointF(there), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(on, &event);
    }
    /// Something large in sight, mostly a view.
    QWidget* any_view(QWidget* front) {
        QList<QWidget*> all;
        for (QWidget* w : front->findChildren<QWidget*>())
            if (w->isVisible() && w->isEnabled() && w->width() > 150 && w->height() > 150)
                all << w;
        return all.isEmpty() ? front : any_of(all);
    }
    void use_view(QWidget* front) {
        QWidget* view = any_view(front);
        const QPointer<QWidget> on = view->childAt(any_point(view)) ? view->childAt(any_point(view)) : view;
        if (!on)
            return;
        const auto modifiers = any_modifiers();
        const auto button = once_in(6) ? Qt::RightButton : once_in(10) ? Qt::MiddleButton : Qt::LeftButton;
        const QPoint from = any_point(on), to = once_in(2) ? any_point(on) : from + QPoint(any(-30, 30), any(-30, 30));
        if (once_in(8)) {
            tell("double-clicks", on);
            return QTest::mouseDClick(on, button, modifiers, from);
        }
        if (once_in(10)) {
            tell("asks for the menu of", on);
            QContextMenuEvent event(QContextMenuEvent::Mouse, from, on->mapToGlobal(from));
            QApplication::sendEvent(on, &event);
            return;
        }
        tell("drags on", on, QStringLiteral("%1,%2 %3,%4").arg(from.x()).arg(from.y()).arg(to.x()).arg(to.y()));
        QTest::mousePress(on, button, modifiers, from);
        for (int i = 1; i <= 4 && on && from != to; ++i) {
            const QPoint at = from + (to - from) * i / 4;
            QMouseEvent move(QEvent::MouseMove, QPointF(at), on->mapToGlobal(QPointF(at)), Qt::NoButton, button,
                             modifiers);
            QApplication::sendEvent(on, &move);
            if (on && once_in(20))
                QTest::keyClick(on, once_in(2) ? Qt::Key_Escape : Qt::Key_Delete);
            if (once_in(20))
                back_or_forth();
        }
        if (on)
            QTest::mouseRelease(on, button, modifiers, to);
    }
    void wheel(QWidget* front) {
        QWidget* view = any_view(front);
        const QPointF at = any_point(view);
        const int steps = any(-3, 3) * 120;
        tell("wheels", view);
        QWheelEvent event(at, view->mapToGlobal(at), {}, once_in(4) ? QPoint(steps, 0) : QPoint(0, steps), Qt::NoButton,
                          any_modifiers(), Qt::NoScrollPhase, false);
        QApplication::sendEvent(view, &event);
    }
    void use_control(QWidget* front) {
        QList<QWidget*> all;
        for (QWidget* w : front->findChildren<QWidget*>())
            if (w->isVisible() && w->isEnabled() && !qobject_cast<QScrollBar*>(w) &&
                (qobject_cast<QAbstractButton*>(w) || qobject_cast<QComboBox*>(w) || qobject_cast<QLineEdit*>(w) ||
                 qobject_cast<QAbstractSlider*>(w) || qobject_cast<QAbstractSpinBox*>(w)))
                all << w;
        if (auto* menu = qobject_cast<QMenu*>(front); menu && !menu->actions().isEmpty()) {
            QList<QAction*> actions = menu->actions();
            QAction* chosen = any_of(actions);
            tell("picks", menu, chosen->text());
            return QTest::mouseClick(menu, Qt::LeftButton, {}, menu->actionGeometry(chosen).center());
        }
        if (all.isEmpty())
            return press_key(front);
        QWidget* on = any_of(all);
        if (auto* edit = qobject_cast<QLineEdit*>(on)) {
            static const char* const words[] = {"0",    "-1",  "3.5", "1e9", "12,5", "half", "",    "99999999",
                                                "2 in", "0.1", "25",  "+3",  "1/0",  "Ahoi", "100", "7 cm"};
            const QString text = QString::fromLatin1(words[any(0, int(std::size(words)) - 1)]);
            tell("types into", edit, text);
            edit->setFocus();
            edit->selectAll();
            QTest::keyClicks(edit, text);
            static constexpr Qt::Key ends[] = {Qt::Key_Return, Qt::Key_Tab, Qt::Key_Escape};
            if (QWidget* now = QApplication::focusWidget())
                QTest::keyClick(now, ends[any(0, 2)]);
            return;
        }
        const auto* button = qobject_cast<QAbstractButton*>(on);
        tell("clicks", on, button ? button->text() : QString());
        if (qobject_cast<QAbstractSlider*>(on))
            return drag(on);
        QTest::mouseClick(on, Qt::LeftButton, any_modifiers(), once_in(5) ? any_point(on) : on->rect().center());
    }
    void drag(QWidget* slider) {
        const QPoint from = any_point(slider), to = any_point(slider);
        QTest::mousePress(slider, Qt::LeftButton, {}, from);
        for (int i = 1; i <= 5; ++i) {
            const QPoint at = from + (to - from) * i / 5;
            QMouseEvent move(QEvent::MouseMove, QPointF(at), slider->mapToGlobal(QPointF(at)), Qt::NoButton,
                             Qt::LeftButton, {});
            QApplication::sendEvent(slider, &move);
            QCoreApplication::processEvents(QEventLoop::ExcludeUserInputEvents, 2);
        }
        QTest::mouseRelease(slider, Qt::LeftButton, {}, to);
    }
    void close_what_is_open() {
        if (QWidget* popup = QApplication::activePopupWidget())
            popup->close();
        else if (QWidget* modal = QApplication::activeModalWidget())
            leave(*modal);
        else
            model.searches.stop();
    }
    /// Waits until the window alone is there and rests.
    void come_to_rest() {
        ASSERT_TRUE(QTest::qWaitFor([this] { return left == 0 && is_quiet(); }, 10 * long_enough));
        if (!window.isVisible())
            window.show();
        rests = true; // nothing comes any more that might ask something
        settle();
    }
    /// A cut line as numbers, to be compared.
    static std::vector<double> numbers_of(const JobPlan& plan) {
        std::vector<double> all;
        for (const PagePlan& page : plan.pages) {
            all.push_back(static_cast<double>(page.cuts.size()));
            all.push_back(static_cast<double>(page.prints.size()));
            for (const CutPath& cut : page.cuts) {
                const Rect box = bounds(cut.line);
                all.insert(all.end(), {box.min.x, box.min.y, box.max.x, box.max.y, length(cut.line)});
            }
        }
        return all;
    }
    static Document without_tickets(Document d) {
        d.tickets.clear();
        return d;
    }
};

TEST_P(Restless, HandsEndNothingAndAllTheyDoCanBeTakenBack) {
    open_small_demo();
    first = model.document();
    QObject::connect(&model.project, &Project::replaced, &window, [this] { first = model.document(); });
    left = 120;
    act();
    come_to_rest();

    const Document last = model.document();
    EXPECT_TRUE(model.snapshot().document == last);
    if (model.snapshot().unreadable.empty() && model.snapshot().plan) {
        Planner anew;
        EXPECT_EQ(numbers_of(*model.snapshot().plan), numbers_of(*anew.plan(last))) << "what was remembered is right";
    }
    const QString kept = folder.filePath("kept.fusuma");
    ASSERT_TRUE(save(kept));
    const auto read = load_project(kept);
    ASSERT_TRUE(read) << read.problem().english();
    EXPECT_TRUE(*project_bytes(*read) == *project_bytes(last)) << "what was saved is what is there";

    int steps = 0;
    for (; model.project.steps().can_undo(); ++steps)
        model.project.undo();
    EXPECT_TRUE(without_tickets(model.document()) == without_tickets(first));
    for (; steps > 0; --steps)
        model.project.redo();
    EXPECT_TRUE(without_tickets(model.document()) == without_tickets(last));
    settle();
}

/// FUSUMA_RESTLESS=N tries N of them; FUSUMA_RESTLESS_TOLD=FILE writes down what they do.
INSTANTIATE_TEST_SUITE_P(Hands, Restless,
                         testing::Range(0U, std::max(1U, qEnvironmentVariable("FUSUMA_RESTLESS").toUInt())));

} // namespace
} // namespace fusuma::app
