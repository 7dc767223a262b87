// What is asked before something would be lost, and what is lost when somebody says no: nothing.

#include "app/bench/photo_net.h"
#include "app/common/colour_button.h"
#include "app/sheet/sheet_view.h"
#include "formats/basics/file.h"
#include "formats/project/project_file.h"
#include "tests/app/window.h"

#include <QCloseEvent>
#include <QColorDialog>
#include <QDialog>
#include <QEventLoop>
#include <QHBoxLayout>
#include <QLabel>
#include <QMenu>
#include <QProgressBar>
#include <QPushButton>
#include <QSignalSpy>

namespace fusuma::app {
namespace {

class Leaving : public Window {
  protected:
    /// Answers the question that comes up meanwhile by the button of this role or name; returns what was asked.
    template <typename Act> std::string answering(QMessageBox::ButtonRole role, Act&& act) {
        std::string asked;
        QTimer look;
        QObject::connect(&look, &QTimer::timeout, [&] {
            auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
            if (!box)
                return;
            asked += box->text().toStdString() + "\n";
            for (QAbstractButton* button : box->buttons())
                if (box->buttonRole(button) == role) {
                    button->click();
                    return;
                }
            box->reject();
        });
        look.start(20);
        QApplication::setActiveWindow(&window); // no window manager does it here when a dialog closes
        act();
        settle();
        return asked;
    }
    void edit_gap(double gap) {
        model.project.edit("Gap", [gap](Document d) {
            d.sheet.gap = gap;
            return d;
        });
        settle();
    }
};

TEST_F(Leaving, ClosingNewAndOpenAskWhenSomethingWouldBeLost) {
    edit_gap(5);
    const QString other = folder.filePath("other.fusuma");
    ASSERT_TRUE(save_project(Document{}, other));
    const std::function<void()> ways[] = {[&] { window.close(); },
                                          [&] { QTest::keyClick(&window, Qt::Key_N, Qt::ControlModifier); },
                                          [&] { window.open_files({other}); }};
    for (const auto& leave : ways) {
        EXPECT_THAT(answering(QMessageBox::RejectRole, leave), testing::HasSubstr("has changes that are not saved"));
        EXPECT_TRUE(window.isVisible());
        EXPECT_EQ(model.document().sheet.gap, 5);
    }
    answering(QMessageBox::DestructiveRole, ways[2]);
    ASSERT_TRUE(QTest::qWaitFor([&] { return model.project.name() == "other"; }, long_enough));
    EXPECT_EQ(answering(QMessageBox::RejectRole, ways[0]), "") << "nothing would be lost";
    EXPECT_TRUE(QTest::qWaitFor([&] { return !window.isVisible(); }, long_enough));
}

TEST_F(Leaving, SavingOnTheWayOutIsWaitedForAndAFailedOneStays) {
    edit_gap(5);
    const QString path = folder.filePath("gone/p.fusuma");
    QDir().mkpath(folder.filePath("gone"));
    ASSERT_TRUE(save(path));
    edit_gap(6);
    ASSERT_TRUE(QDir(folder.filePath("gone")).removeRecursively());
    const auto replace_and_leave = [&] { window.close(); };
    answering(QMessageBox::AcceptRole, replace_and_leave);
    EXPECT_TRUE(window.isVisible());
    EXPECT_THAT(notice(), testing::HasSubstr("“p.fusuma” cannot be written: No such file or directory"));
    EXPECT_TRUE(model.project.is_changed());
    EXPECT_EQ(model.document().sheet.gap, 6);
    QDir().mkpath(folder.filePath("gone"));
    ASSERT_TRUE(save(path));
    edit_gap(7);
    answering(QMessageBox::AcceptRole, replace_and_leave);
    EXPECT_TRUE(QTest::qWaitFor([&] { return !window.isVisible(); }, long_enough));
    EXPECT_EQ(load_project(path)->sheet.gap, 7);
}

/// A field with the cursor in it has not told yet what was typed.
TEST_F(Leaving, WhatIsStillBeingTypedIsSavedAndAskedAbout) {
    drop_artwork({test::demo_art("puffin.png")});
    const QString path = folder.filePath("typed.fusuma");
    ASSERT_TRUE(save(path));
    click("stepArtwork");
    auto* name = find<QLineEdit>("stickerName");
    const auto type = [&](const char* words) {
        QApplication::setActiveWindow(&window); // no window manager does it here when a dialog closes
        name->setFocus();
        name->selectAll();
        QTest::keyClicks(name, words);
    };
    type("Lantern");
    EXPECT_THAT(answering(QMessageBox::RejectRole, [&] { window.close(); }), testing::HasSubstr("not saved"));
    type("Harbour");
    QTest::keyClick(name, Qt::Key_S, Qt::ControlModifier);
    ASSERT_TRUE(QTest::qWaitFor([&] { return !model.project.is_busy() && !model.project.is_changed(); }, long_enough));
    EXPECT_EQ(load_project(path)->stickers.front()->name, "Harbour");
    QTest::keyClicks(name, ", later?");
    EXPECT_EQ(name->text(), "Harbour, later?") << "what is typed on is meant for the field";
    EXPECT_TRUE(name->hasFocus());
    type("Quay"); // and goes with its window
}

/// What is being written is there, or its failure told, before the window goes.
TEST_F(Leaving, ClosingWaitsForWhatIsBeingSaved) {
    edit_gap(5);
    const QString path = folder.filePath("slow.fusuma");
    model.project.save(path);
    model.file_work.write({{folder.filePath("slow.svg"),
                            [](const Work&) {
                                QThread::msleep(300);
                                return QByteArray("<svg/>");
                            }}},
                          {});
    EXPECT_EQ(answering(QMessageBox::RejectRole, [&] { window.close(); }), "") << "it is saved by then: nothing to ask";
    EXPECT_TRUE(QTest::qWaitFor([&] { return !window.isVisible(); }, long_enough));
    EXPECT_EQ(load_project(path)->sheet.gap, 5);
    EXPECT_TRUE(QFile::exists(folder.filePath("slow.svg")));
}

TEST_F(Leaving, AFileThatTakesLongSaysHowFarItIsAndCanBeStopped) {
    QStringList told;
    QObject::connect(&model.messages, &Messages::problem, &window, [&](const QString& words) { told << words; });
    const QString path = folder.filePath("long.pdf");
    ASSERT_TRUE(write_file(path, "as it was"));
    std::optional<bool> written;
    const QString first = folder.filePath("first.svg");
    model.file_work.write({{first, [](const Work&) { return QByteArray("<svg/>"); }},
                           {path,
                            [](const Work& work) -> QByteArray {
                                for (;;) {
                                    work.at(0.4);
                                    QThread::msleep(1);
                                }
                            }}},
                          QStringLiteral("Saved."), [&](bool is_written) { written = is_written; });
    auto* stop = window.findChild<QPushButton*>("stopBusiness");
    ASSERT_TRUE(QTest::qWaitFor([&] { return stop->isVisible(); }, long_enough));
    EXPECT_EQ(window.findChild<QLabel*>("busyWords")->text(), "Saving “first.svg”");
    EXPECT_EQ(window.findChild<QWidget*>("busy")->findChild<QProgressBar*>()->value(), 700)
        << "half of it done, and two fifths of the other half";
    QTest::mouseClick(stop, Qt::LeftButton);
    ASSERT_TRUE(QTest::qWaitFor([&] { return written.has_value(); }, long_enough));
    EXPECT_FALSE(*written);
    EXPECT_EQ(told, QStringList{"Stopped: “long.pdf” was not saved."});
    QFile file(path);
    ASSERT_TRUE(file.open(QIODevice::ReadOnly));
    EXPECT_EQ(file.readAll(), "as it was");
    EXPECT_TRUE(QFile::exists(first)) << "that was there by then";
    EXPECT_FALSE(model.business.now());
}

TEST_F(Leaving, SavingIsToldAndOffersNoStopAsItCannotBeStopped) {
    std::atomic<bool> may_end = false;
    model.project.beside_when_saved = [&] {
        return [&] {
            while (!may_end)
                QThread::msleep(1);
            return ZipEntries();
        };
    };
    const QString path = folder.filePath("slow.fusuma");
    std::optional<bool> was_saved;
    model.project.save(path, [&](bool is_saved) { was_saved = is_saved; });
    auto* bar = window.findChild<QWidget*>("busy");
    ASSERT_TRUE(QTest::qWaitFor([&] { return bar->isVisible(); }, long_enough));
    EXPECT_FALSE(window.findChild<QPushButton*>("stopBusiness")->isVisible());
    model.business.cancel();
    may_end = true;
    ASSERT_TRUE(QTest::qWaitFor([&] { return was_saved.has_value(); }, long_enough));
    EXPECT_TRUE(*was_saved);
    EXPECT_TRUE(load_project(path));
}

TEST_F(Leaving, StoppingTheFillingLeavesAFileThatIsBeingMadeAlone) {
    model.project.adopt(test::disc_document({}), "Discs");
    settle();
    std::atomic<bool> may_end = false;
    std::optional<bool> written;
    const QString path = folder.filePath("made.svg");
    model.file_work.write({{path,
                            [&](const Work& work) {
                                while (!may_end) {
                                    work.at(0.5);
                                    QThread::msleep(1);
                                }
                                return QByteArray("<svg/>");
                            }}},
                          QStringLiteral("Saved."), [&](bool is_written) { written = is_written; });
    auto* doors = window.findChild<Doors*>();
    doors->go_to(1); // the Sheet
    ASSERT_TRUE(QTest::qWaitFor([&] { return !doors->is_sliding(); }, long_enough));
    auto* fill = window.findChild<QPushButton*>("fillSheet");
    model.searches.search("Filling", [](const Document& now, Planner&, const Work& work, const Searches::Improved&) {
        while (!work.stop.stop_requested())
            QThread::msleep(1);
        return Searches::Searched{now, "Filled."};
    });
    ASSERT_TRUE(fill->isEnabled());
    QTest::mouseClick(fill, Qt::LeftButton); // to stop it
    EXPECT_TRUE(QTest::qWaitFor([&] { return !model.searches.is_searching(); }, long_enough));
    EXPECT_FALSE(written.has_value());
    may_end = true;
    ASSERT_TRUE(QTest::qWaitFor([&] { return written.has_value(); }, long_enough));
    EXPECT_TRUE(*written);
}

TEST_F(Leaving, WhatTellsOfWorkLiesAboveTheToolsOfThePage) {
    model.project.adopt(test::disc_document({}), "Discs");
    settle();
    auto* doors = window.findChild<Doors*>();
    doors->go_to(1); // the Sheet
    ASSERT_TRUE(QTest::qWaitFor([&] { return !doors->is_sliding(); }, long_enough));
    model.searches.search("A search with a long name",
                          [](const Document& now, Planner&, const Work& work, const auto&) {
                              while (!work.stop.stop_requested())
                                  QThread::msleep(1);
                              return Searches::Searched{now, "Filled."};
                          });
    auto* bar = window.findChild<QWidget*>("busy");
    const auto rect_of = [this](const QWidget* one) { return QRect(one->mapTo(&window, QPoint()), one->size()); };
    for (const QSize& size : {QSize(1280, 800), QSize(1024, 700), window.minimumSizeHint()}) {
        window.resize(size);
        ASSERT_TRUE(QTest::qWaitFor([&] { return bar->isVisible(); }, long_enough));
        const auto is_clear_of_tools = [&] {
            int tools = 0, covered = 0;
            for (const auto* tool :
                 window.findChild<SheetView*>()->findChildren<QWidget*>(QString(), Qt::FindDirectChildrenOnly)) {
                tools += tool->isVisible();
                covered += tool->isVisible() && rect_of(tool).intersects(rect_of(bar));
            }
            return tools >= 2 && covered == 0 &&
                   rect_of(window.findChild<SheetView*>()).contains(rect_of(bar).center());
        };
        EXPECT_TRUE(QTest::qWaitFor(is_clear_of_tools, long_enough)) << size.width();
    }
    QTest::mouseClick(window.findChild<QPushButton*>("stopBusiness"), Qt::LeftButton);
    EXPECT_TRUE(QTest::qWaitFor([&] { return !model.searches.is_searching(); }, long_enough));
}

/// A dialog's view is not in the window.
TEST_F(Leaving, WhatTellsOfWorkStaysInItsWindowWhenADialogLiesOverIt) {
    QDialog dialog(&window);
    dialog.setLayout(new QHBoxLayout);
    dialog.layout()->addWidget(new PhotoNet(QImage(90, 60, QImage::Format_RGB32)));
    dialog.show();
    dialog.move(window.pos() + QPoint(window.width() * 2, 0));
    model.searches.search("Filling", [](const Document& now, Planner&, const Work& work, const auto&) {
        while (!work.stop.stop_requested())
            QThread::msleep(1);
        return Searches::Searched{now, "Filled."};
    });
    auto* bar = window.findChild<QWidget*>("busy");
    ASSERT_TRUE(QTest::qWaitFor([&] { return bar->isVisible(); }, long_enough));
    const int middle = bar->geometry().center().x() - bar->parentWidget()->width() / 2;
    EXPECT_LE(std::abs(middle), 1);
    QTest::mouseClick(window.findChild<QPushButton*>("stopBusiness"), Qt::LeftButton);
    EXPECT_TRUE(QTest::qWaitFor([&] { return !model.searches.is_searching(); }, long_enough));
}

TEST_F(Leaving, AFileThatSomebodyElseWroteIsNotReplacedWithoutAQuestion) {
    const QString path = folder.filePath("shared.fusuma");
    ASSERT_TRUE(save(path));
    edit_gap(5);
    Document theirs;
    theirs.sheet.gap = 9;
    ASSERT_TRUE(save_project(theirs, path));
    const auto press_save = [&] { QTest::keyClick(&window, Qt::Key_S, Qt::ControlModifier); };
    EXPECT_THAT(answering(QMessageBox::RejectRole, press_save), testing::HasSubstr("written by somebody else"));
    EXPECT_EQ(load_project(path)->sheet.gap, 9);
    EXPECT_TRUE(model.project.is_changed());
    answering(QMessageBox::DestructiveRole, press_save);
    EXPECT_EQ(load_project(path)->sheet.gap, 5);
    EXPECT_EQ(answering(QMessageBox::RejectRole, press_save), "");
}

/// The name that will be written is the one that is asked about, whatever was typed.
TEST_F(Leaving, ReplacingAsksAboutTheNameWithItsSuffixAndOnceForAllPages) {
    Document theirs;
    theirs.sheet.gap = 9;
    const QString path = folder.filePath("koi.fusuma");
    ASSERT_TRUE(save_project(theirs, path));
    edit_gap(5);
    std::string asked;
    const auto save_as = [&](const QString& typed, QMessageBox::StandardButton answer,
                             const std::function<void()>& open) {
        asked.clear();
        QTimer look;
        bool typed_already = false;
        QObject::connect(&look, &QTimer::timeout, [&] {
            if (auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget())) {
                asked += box->text().toStdString();
                box->button(answer)->click();
            } else if (auto* dialog = qobject_cast<QFileDialog*>(QApplication::activeModalWidget())) {
                if (typed_already) {
                    dialog->reject();
                    return;
                }
                auto* name = dialog->findChild<QLineEdit*>(QStringLiteral("fileNameEdit"));
                if (!name->hasFocus()) {
                    QApplication::setActiveWindow(dialog);
                    name->setFocus();
                    return;
                }
                typed_already = true;
                name->setText(typed);
                QTest::keyClick(name, Qt::Key_Return);
            }
        });
        look.start(100);
        QApplication::setActiveWindow(&window);
        open();
        settle();
    };
    const auto press_save_as = [&] { QTest::keyClick(&window, Qt::Key_S, Qt::ControlModifier | Qt::ShiftModifier); };
    save_as(folder.filePath("koi"), QMessageBox::No, press_save_as);
    EXPECT_THAT(asked, testing::HasSubstr("“koi.fusuma” is there already"));
    EXPECT_EQ(load_project(path)->sheet.gap, 9);
    save_as(folder.filePath("koi"), QMessageBox::Yes, press_save_as);
    EXPECT_EQ(load_project(path)->sheet.gap, 5);

    model.project.adopt(test::disc_document({{60, 60}}), "Discs");
    model.project.edit("Page", [](Document d) {
        d = with_page_added(d);
        d.put({.sticker = 1, .centre = {60, 60}, .page = 1});
        return d;
    });
    window.go_to(Place::output);
    settle();
    for (const char* name : {"cut.svg", "cut-2.svg"})
        ASSERT_TRUE(write_file(folder.filePath(QLatin1String(name)), "mine"));
    save_as(folder.filePath("cut"), QMessageBox::No, [&] { click("exportSvg"); });
    EXPECT_THAT(asked, testing::HasSubstr("2 files are there already"));
    EXPECT_EQ(*read_file(folder.filePath("cut-2.svg"), 1 << 20), "mine");
    save_as(folder.filePath("cut"), QMessageBox::Yes, [&] { click("exportSvg"); });
    EXPECT_THAT(read_file(folder.filePath("cut-2.svg"), 1 << 20)->toStdString(), testing::HasSubstr("<svg"));
}

/// What arrives while something is dragged stays, and the drag goes on.
TEST_F(Leaving, WhatArrivesDuringADragIsKept) {
    model.project.adopt(test::disc_document({{60, 100}, {140, 180}}), "Discs");
    window.go_to(Place::sheet);
    settle();
    auto* view = window.findChild<SheetView*>();
    ASSERT_TRUE(view);
    const auto at = [&](Point mm) { return view->to_view().map(QPointF(mm.x, mm.y)).toPoint(); };
    const auto move_to = [&](Point mm) {
        QMouseEvent move(QEvent::MouseMove, QPointF(at(mm)), view->mapToGlobal(QPointF(at(mm))), Qt::NoButton,
                         Qt::LeftButton, Qt::AltModifier);
        QApplication::sendEvent(view, &move);
    };
    QTest::mousePress(view, Qt::LeftButton, Qt::AltModifier, at({60, 100}));
    move_to({70, 110});
    model.project.edit("Add", [](Document d) { return with_sticker_added(std::move(d), test::disc_sticker(12)); });
    model.project.edit("Gap", [](Document d) {
        d.sheet.gap = 7;
        return d;
    });
    move_to({80, 120});
    QTest::mouseRelease(view, Qt::LeftButton, Qt::AltModifier, at({80, 120}));
    settle();
    EXPECT_EQ(model.document().stickers.size(), 2u);
    EXPECT_EQ(model.document().sheet.gap, 7);
    EXPECT_NEAR(model.document().copy(CopyId{1})->centre.x, 80, 0.5);
    EXPECT_NEAR(model.document().copy(CopyId{1})->centre.y, 120, 0.5);
    EXPECT_EQ(model.document().copy(CopyId{2})->centre, (Point{140, 180}));

    // Escape puts back what was dragged and nothing else.
    QTest::mousePress(view, Qt::LeftButton, Qt::AltModifier, at({80, 120}));
    move_to({100, 140});
    model.project.edit("Gap", [](Document d) {
        d.sheet.gap = 8;
        return d;
    });
    QTest::keyClick(view, Qt::Key_Escape);
    settle();
    EXPECT_NEAR(model.document().copy(CopyId{1})->centre.x, 80, 0.5);
    EXPECT_EQ(model.document().sheet.gap, 8);
}

/// Which sticker a colour is for must not change while a person looks for it.
TEST_F(Leaving, WhatArrivesWhileADialogIsOpenWaitsForItsAnswer) {
    drop_artwork({test::demo_art("fair-badge.svg")});
    const int badge = model.in_hand.sticker()->id;
    int looks = 0;
    QTimer answers;
    QObject::connect(&answers, &QTimer::timeout, [&] {
        if (auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget())) {
            QTest::mouseClick(menu, Qt::LeftButton, {}, menu->actionGeometry(menu->actions().front()).center());
            return;
        }
        auto* dialog = qobject_cast<QColorDialog*>(QApplication::activeModalWidget());
        if (!dialog)
            return;
        if (looks++ == 0)
            drop({test::demo_art("puffin.png"), SOURCE_DIR "/README.md"}); // and one that is refused
        EXPECT_EQ(model.document().stickers.size(), 1u);
        EXPECT_EQ(model.in_hand.sticker()->id, badge);
        constexpr int longer_than_reading = 40;
        if (looks < longer_than_reading)
            return;
        EXPECT_TRUE(model.business.now()) << "it is there and waits";
        dialog->setCurrentColor(QColor(12, 34, 56));
        dialog->accept();
    });
    answers.start(50);
    auto* swatch = find<QPushButton>("drawingColour0");
    ASSERT_TRUE(swatch);
    QEventLoop as_the_program; // in whose loop a dialog's own goes on
    QTimer::singleShot(0, &as_the_program, [&] {
        QTest::mouseClick(swatch, Qt::LeftButton);
        as_the_program.quit();
    });
    as_the_program.exec();
    answers.stop();
    settle();
    ASSERT_EQ(model.document().stickers.size(), 2u);
    EXPECT_NE(model.in_hand.sticker()->id, badge);
    const auto& parts = std::get<DrawingArtwork>(model.document().find(badge)->artwork).parts;
    ASSERT_EQ(parts->recolours.size(), 1u);
    EXPECT_EQ(parts->recolours.front().to, (Rgb{12, 34, 56}));
    EXPECT_THAT(notice(), testing::HasSubstr("README.md"));
}

/// What a project looks like may do away with whatever opened a dialog, such as one of its colours.
TEST_F(Leaving, AColourDialogOutlivesTheButtonThatOpenedIt) {
    for (const char* none : {"", "As it came"}) {
        QPointer<ColourButton> swatch = new ColourButton("swatch", "Colour", QString::fromLatin1(none));
        swatch->setParent(&window);
        swatch->set_colour(Rgb{1, 2, 3});
        swatch->show();
        QTimer answers;
        bool is_open = false;
        QObject::connect(&answers, &QTimer::timeout, [&] {
            QWidget* open = QApplication::activePopupWidget() ? QApplication::activePopupWidget()
                                                              : QApplication::activeModalWidget();
            if (swatch && open)
                swatch->deleteLater();
            else if (open)
                open->close();
            is_open |= open != nullptr;
        });
        answers.start(20);
        QTest::mouseClick(swatch.data(), Qt::LeftButton);
        EXPECT_TRUE(is_open) << none;
        EXPECT_FALSE(swatch) << none;
    }
}

/// A key that is let go of in another window is not held for ever.
TEST_F(Leaving, SpaceIsLetGoOfWithTheFocus) {
    model.project.adopt(test::disc_document({{60, 100}}), "Discs");
    window.go_to(Place::sheet);
    settle();
    auto* view = window.findChild<SheetView*>();
    view->setFocus();
    QTest::keyPress(view, Qt::Key_Space);
    EXPECT_EQ(view->cursor().shape(), Qt::OpenHandCursor);
    view->clearFocus();
    EXPECT_NE(view->cursor().shape(), Qt::OpenHandCursor);
    const QPoint disc = view->to_view().map(QPointF(60, 100)).toPoint();
    QTest::mouseClick(view, Qt::LeftButton, Qt::NoModifier, disc);
    EXPECT_EQ(model.in_hand.copies().size(), 1u) << "a click selects again";
}

} // namespace
} // namespace fusuma::app
