#include "app/frame/main_window.h"

#include "app/common/notice.h"
#include "app/common/sides.h"
#include "app/common/theme.h"
#include "app/common/widgets.h"
#include "app/frame/busy_bar.h"
#include "app/frame/doors.h"
#include "app/frame/finder.h"
#include "app/frame/keys_dialog.h"
#include "app/frame/menus.h"
#include "app/frame/preflight_strip.h"
#include "app/frame/recent_projects.h"
#include "app/frame/scan_dialog.h"
#include "app/frame/start_page.h"
#include "app/frame/tray.h"
#include "app/model/carried.h"
#include "app/model/settings.h"
#include "app/output/rehearsal_view.h"
#include "app/sheet/sheet_view.h"

#include <QApplication>
#include <QCloseEvent>
#include <QHBoxLayout>
#include <QMimeData>
#include <QScreen>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <algorithm>

namespace fusuma::app {

namespace {
constexpr int title_bar_px = 40; // of usual desktops, which is not known before a window is shown
}

MainWindow::MainWindow(Model& project)
    : model(project), files(project, *this), artwork(project, *this, files), sticker_acts(project, *this),
      log(project.messages), long_work({[this] { return output->cutting(); }, [this] { return model.scanning; },
                                        [this] { return model.business.now(); }}),
      commands(*this) {
    setObjectName(QStringLiteral("mainWindow"));
    setWindowIcon(QIcon(QStringLiteral(":/icons/fusuma.svg")));
    setAcceptDrops(true);
    setMinimumSize(940, 480); // with a title bar it fits a screen of 1920 × 1080 at twice the size
    auto* middle = new QWidget;
    auto* layout = column(middle, 0, 0);
    bench = new BenchPage(model, new_tray());
    sheet = new SheetPage(model, new_tray());
    output = new OutputPage(model);
    files.may_stop_machines = [this] { return output->may_leave(); };
    add_menus();
    layout->addWidget(top_bar());
    start = new StartPage(model);
    auto* bench_place = new QStackedWidget;
    bench_place->addWidget(start);
    bench_place->addWidget(bench);
    bench_place->setFocusProxy(bench);
    doors = new Doors({{{tr("Bench"), bench_place}, {tr("Sheet"), sheet}, {tr("Output"), output}}});
    layout->addWidget(doors, 1);
    notice = new Notice;
    layout->addWidget(notice);
    auto* strip = new PreflightStrip(model, middle);
    layout->addWidget(strip);
    setCentralWidget(middle);
    new BusyBar(model, middle, [this] { return view_in_sight(); });

    connect(bench, &BenchPage::put_on_sheet_wanted, this, [this] {
        model.copies.place(1);
        go_to(Place::sheet);
    });
    connect(sheet, &SheetPage::sticker_opened, this, &MainWindow::open_sticker);
    connect(sheet, &SheetPage::menu_wanted, this, &MainWindow::show_sheet_menu);
    const auto show_finding = [this](const Finding& finding) {
        go_to(Place::sheet);
        sheet->show_finding(finding);
    };
    connect(strip, &PreflightStrip::show_wanted, this, show_finding);
    connect(output, &OutputPage::finding_wanted, this, show_finding);
    connect(start, &StartPage::add_artwork_wanted, &artwork, &AddArtwork::choose_files);
    connect(start, &StartPage::new_label_wanted, &artwork, &AddArtwork::new_label);
    connect(start, &StartPage::scan_wanted, this, [this] { scan_artwork(model, this); });
    connect(start, &StartPage::board_wanted, this, [this] { output->show_board(); });
    connect(start, &StartPage::example_wanted, this, [this] { model.project.open_example(StartPage::example()); });
    connect(start, &StartPage::project_wanted, this, [this](const QString& path) { files.open_files({path}); });
    connect(doors, &Doors::opened, this, &MainWindow::refresh);
    connect(&model.messages, &Messages::problem, notice, &Notice::tell_problem);
    connect(&model.messages, &Messages::note, notice, &Notice::tell);
    connect(&model.searches, &Searches::searched, this, [this] { // the Sheet has a card that says it
        const QString& report = model.searches.report();
        if (!model.searches.is_searching() && !report.isEmpty() &&
            doors->open_place() != static_cast<int>(Place::sheet))
            emit model.messages.note(report);
    });
    connect(&model.importer, &Importer::artwork_added, this, [this] {
        go_to(Place::bench);
        if (model.in_hand.sticker() && is_drawn(model.in_hand.sticker()->artwork))
            bench->open_source(); // a picture's border comes first, a drawing's parts and a label's words
    });
    connect(&model, &Model::changed, this, &MainWindow::refresh);
    connect(&model.project, &Project::replaced, this, [this] {
        remember_recent(model.project.path());
        notice->hide();
        refresh();
    });
    connect(&model.project, &Project::saved, this, [this] {
        remember_recent(model.project.path());
        refresh();
    });
    connect(&model.working_out, &WorkingOut::worked_out, this, &MainWindow::refresh_doors);

    const QSize room = screen()->availableSize() - QSize(0, title_bar_px);
    resize(QSize(1280, 800).boundedTo(room));
    restoreGeometry(Settings::window.value());
    resize(size().boundedTo(room)); // another screen than the last time's may be smaller
    refresh();
}

Tray* MainWindow::new_tray() {
    auto* tray = new Tray(model, sticker_acts);
    trays.push_back(tray);
    connect(tray, &Tray::add_artwork_wanted, &artwork, &AddArtwork::choose_files);
    connect(tray, &Tray::new_label_wanted, &artwork, &AddArtwork::new_label);
    connect(tray, &Tray::sticker_opened, this, &MainWindow::open_sticker);
    return tray;
}

void MainWindow::open_sticker(int id) {
    model.in_hand.choose_sticker(id);
    go_to(Place::bench);
}

void MainWindow::find_anything() {
    std::vector<Findable> all;
    for (QAction* action : commands.all()) {
        const bool is_for_sheet = commands.for_sheet().contains(action);
        if (action->isEnabled() || is_for_sheet)
            all.push_back({action->text().remove('&'),
                           action->shortcut().toString(QKeySequence::NativeText),
                           {},
                           [this, action, is_for_sheet] {
                               if (is_for_sheet)
                                   go_to(Place::sheet); // where it is possible
                               action->trigger();
                           }});
    }
    const auto add_page = [&](QWidget& page, const QString& name, Place place) {
        for (Findable& control : controls_of(page, name, [this, place] { go_to(place); }))
            all.push_back(std::move(control));
    };
    add_page(*bench, tr("Bench"), Place::bench);
    add_page(*sheet, tr("Sheet"), Place::sheet);
    add_page(*output, tr("Output"), Place::output);
    for (const auto& sticker : model.document().stickers)
        all.push_back(
            {QString::fromStdString(sticker->name), tr("Sticker"), {}, [this, id = sticker->id] { open_sticker(id); }});
    for (const auto& ticket : model.document().tickets)
        all.push_back({tr("Ticket %1").arg(QString::fromStdString(ticket->code)),
                       tr("printed %1").arg(OutputPage::printed_when(*ticket)),
                       {},
                       [this, ticket] {
                           output->take(ticket);
                           go_to(Place::output);
                       }});
    Finder(std::move(all), this).exec();
}

void MainWindow::show_sheet_menu(QPoint at) {
    QMenu menu;
    menu.setObjectName(QStringLiteral("sheetMenu"));
    if (const Placement* copy = model.in_hand.first_copy()) {
        menu.addAction(tr("Open the sticker on the Bench"), this, [this, id = copy->sticker] { open_sticker(id); });
        menu.addSeparator();
        menu.addAction(commands.duplicate);
        menu.addAction(commands.remove);
        menu.addSeparator();
    }
    if (model.in_hand.copies().empty())
        for (const char* card : {QT_TR_NOOP("Paper"), QT_TR_NOOP("Marks and cutter")})
            menu.addAction(tr("%1…").arg(tr(card)), this, [this, card] { sheet->open_card(card); });
    menu.addActions(commands.near(model.in_hand.copies().empty() ? Commands::Near::page : Commands::Near::copy));
    menu.exec(at);
}

void MainWindow::add_menus() {
    const MenuTargets on{model,
                         *this,
                         *bench,
                         *sheet,
                         *output,
                         files,
                         artwork,
                         sticker_acts,
                         [this](Place place) { go_to(place); },
                         [this] { return static_cast<Place>(doors->open_place()); },
                         [this] {
                             if (doors->open_place() == static_cast<int>(Place::output))
                                 go_to(Place::bench);
                             trays[doors->open_place() == static_cast<int>(Place::bench) ? 0 : 1]->rename_in_hand();
                         },
                         [this] { log.show(this); },
                         [this] { return log.lines(); },
                         [this] {
                             KeysDialog(*commands.menu_bar(),
                                        {{tr("Views"), ZoomView::keys_of_views()},
                                         {tr("Copies on the Sheet"), SheetView::keys()},
                                         {tr("The cut line by hand"), LineTools::keys()},
                                         {tr("Pointing at marks"), RehearsalView::keys()}},
                                        this)
                                 .exec();
                         },
                         [this](bool forward) { go_to_pane(forward); },
                         [this] {
                             if (ZoomView* view = view_in_sight()) {
                                 view->point_by_keys(!view->is_pointed_by_keys());
                                 view->setFocus(Qt::ShortcutFocusReason);
                             }
                         },
                         [this] { find_anything(); },
                         [this] { open_new_window(); }};
    for (const auto add :
         {add_file_menu, add_edit_menu, add_sticker_menu, add_arrange_menu, add_view_menu, add_help_menu})
        add(commands, on);
    commands.end_menus();
}

ZoomView* MainWindow::view_in_sight() const {
    for (auto* view : findChildren<ZoomView*>())
        if (view->isVisible() && isAncestorOf(view)) // not a dialog's
            return view;
    return nullptr;
}

void MainWindow::go_to_pane(bool forward) {
    // As they stand in the window: the tray, the view, the panel beside it, then the strip.
    QList<QWidget*> panes;
    for (auto* sides : findChildren<Sides*>())
        for (int i = 0; sides->isVisible() && i < sides->count(); ++i)
            if (sides->widget(i)->isVisible() && sides->sizes()[i] > 0)
                panes << sides->widget(i);
    if (start->isVisible())
        panes << start;
    panes << findChild<PreflightStrip*>();
    qsizetype now = -1;
    for (qsizetype i = 0; i < panes.size(); ++i)
        if (QApplication::focusWidget() &&
            (panes[i] == QApplication::focusWidget() || panes[i]->isAncestorOf(QApplication::focusWidget())))
            now = i;
    for (qsizetype step = 1; step <= panes.size(); ++step) {
        QWidget* pane = panes[(now + (forward ? step : -step) + 2 * panes.size()) % panes.size()];
        QWidget* at = pane->focusWidget(); // where one was last
        for (QWidget* w = pane; !at || !at->isVisible() || !(at->focusPolicy() & Qt::TabFocus);) {
            w = w->nextInFocusChain();
            if (w == pane)
                break;
            if (pane->isAncestorOf(w) && w->isVisible() && w->isEnabled() && (w->focusPolicy() & Qt::TabFocus))
                at = w;
        }
        if (pane->focusPolicy() & Qt::TabFocus)
            at = pane;
        if (at && at->isVisible() && (at->focusPolicy() & Qt::TabFocus)) {
            at->setFocus(Qt::ShortcutFocusReason);
            return;
        }
    }
}

QWidget* MainWindow::top_bar() {
    auto* bar = new QWidget;
    bar->setObjectName(QStringLiteral("topBar"));
    bar->setAttribute(Qt::WA_StyledBackground);
    bar->setFixedHeight(px(44));
    auto* layout = new QHBoxLayout(bar);
    layout->setContentsMargins(14, 0, 14, 0);
    layout->setSpacing(10);
    auto* icon = new QLabel;
    icon->setPixmap(QIcon(QStringLiteral(":/icons/fusuma.svg")).pixmap(22, 22));
    project_name = label({}, "title");
    saved_state = label({}, "dim");
    place_words = label({}, "place");
    undo_button = button(tr("Undo"), "flat", QStringLiteral("undo"), {});
    redo_button = button(tr("Redo"), "flat", QStringLiteral("redo"), {});
    unit_button = button({}, "flat", QStringLiteral("unit"),
                         tr("The unit of all lengths: millimetres, centimetres or inches. Click for the next."));
    connect(undo_button, &QPushButton::clicked, &model.project, &Project::undo);
    connect(redo_button, &QPushButton::clicked, &model.project, &Project::redo);
    connect(unit_button, &QPushButton::clicked, this, [this] { next_unit(model); });
    for (QWidget* w : std::initializer_list<QWidget*>{icon, project_name, saved_state, commands.menu_bar()})
        layout->addWidget(w);
    layout->addStretch();
    layout->addWidget(place_words);
    layout->addStretch();
    for (QWidget* w : {undo_button, redo_button, unit_button})
        layout->addWidget(w);
    return bar;
}

void MainWindow::go_to(Place place) {
    doors->go_to(static_cast<int>(place));
}

void MainWindow::name_place() {
    const QStringList words{tr("Bench — one sticker, from artwork to cut line"),
                            tr("Sheet — what will print and what will be cut"), tr("Output — print, load, cut")};
    const QStringList names{tr("Bench"), tr("Sheet"), tr("Output")};
    place_words->setText(words[doors->open_place()]);
    if (place_words->parentWidget()->layout()->sizeHint().width() > width())
        place_words->setText(names[doors->open_place()]);
}

void MainWindow::resizeEvent(QResizeEvent* event) {
    QMainWindow::resizeEvent(event);
    name_place();
}

void MainWindow::refresh() {
    auto* bench_place = static_cast<QStackedWidget*>(start->parentWidget());
    bench_place->setCurrentWidget(model.document().stickers.empty() ? static_cast<QWidget*>(start) : bench);
    name_place();
    project_name->setText(QFontMetrics(project_name->font()).elidedText(model.project.name(), Qt::ElideMiddle, 180));
    saved_state->setText(model.project.is_changed()       ? tr("not saved yet")
                         : model.project.path().isEmpty() ? QString()
                                                          : tr("saved"));
    setWindowTitle(model.project.name() +
                   (model.project.is_changed() ? QStringLiteral("* — Fusuma") : QStringLiteral(" — Fusuma")));
    const History& steps = model.project.steps();
    commands.undo->setEnabled(steps.can_undo());
    undo_button->setEnabled(steps.can_undo());
    commands.redo->setEnabled(steps.can_redo());
    redo_button->setEnabled(steps.can_redo());
    undo_button->setToolTip(steps.can_undo() ? tr("Undo: %1 (Ctrl+Z)").arg(QString::fromStdString(steps.undo_label()))
                                             : tr("Nothing to undo"));
    redo_button->setToolTip(steps.can_redo()
                                ? tr("Redo: %1 (Ctrl+Shift+Z)").arg(QString::fromStdString(steps.redo_label()))
                                : tr("Nothing to redo"));
    unit_button->setText(QString::fromUtf8(symbol(model.document().unit).data()));
    // Keys act on what is seen: on copies on the Sheet, on the sticker on the Bench, on nothing in Output.
    const auto place = static_cast<Place>(doors->open_place());
    for (QAction* action : commands.for_sheet())
        action->setEnabled(place == Place::sheet);
    const bool has_some = place == Place::sheet   ? !model.in_hand.copies().empty()
                          : place == Place::bench ? model.in_hand.sticker() != nullptr
                                                  : false;
    commands.duplicate->setEnabled(has_some);
    commands.remove->setEnabled(has_some);
    commands.rename(*commands.duplicate, place == Place::bench ? tr("Duplicate the sticker") : tr("Duplicate copies"));
    commands.rename(*commands.remove, place == Place::bench ? tr("Remove the sticker…") : tr("Remove copies"));
    refresh_doors();
}

void MainWindow::refresh_doors() {
    const Snapshot& s = model.snapshot();
    const bool to_fix = std::any_of(s.findings.begin(), s.findings.end(),
                                    [](const Finding& f) { return f.severity == Severity::to_fix; });
    const auto& d = model.document();
    doors->door(0).set_state(d.stickers.empty() ? DoorState::not_started : DoorState::fine);
    const DoorState of_sheet = d.placements.empty()            ? DoorState::not_started
                               : s.document.placements.empty() ? DoorState::not_looked_at
                               : to_fix                        ? DoorState::to_fix
                                                               : DoorState::fine;
    for (const int place : {1, 2})
        doors->door(place).set_state(of_sheet);
}

void MainWindow::set_other_windows(const std::function<bool(const QString&)>& show_if_open,
                                   const std::function<void()>& open_new) {
    files.show_if_open = show_if_open;
    open_new_window = open_new;
}

MainWindow::~MainWindow() {
    files.take_what_is_typed(); // while everything that hears of it is still there
}

void MainWindow::closeEvent(QCloseEvent* event) {
    if (!is_leaving) {
        event->ignore(); // asking, and saving, may take a while
        files.leave([this] {
            is_leaving = true;
            QMetaObject::invokeMethod(this, &QWidget::close, Qt::QueuedConnection); // not while it is closing
        });
        return;
    }
    Settings::window.keep(saveGeometry());
    event->accept();
    emit closed();
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    // A sticker of the tray brings files for other windows and programs, not for its own.
    if (event->mimeData()->hasUrls() && !dragged_sticker(*event->mimeData(), model.project))
        event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
    artwork.take(*event->mimeData());
    event->acceptProposedAction();
}

} // namespace fusuma::app
