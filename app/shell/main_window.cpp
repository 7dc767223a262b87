#include "app/shell/main_window.h"

#include "app/bench/bench_page.h"
#include "app/common/theme.h"
#include "app/common/widgets.h"
#include "app/output/output_page.h"
#include "app/sheet/screen_size.h"
#include "app/sheet/sheet_page.h"
#include "app/shell/busy_bar.h"
#include "app/shell/command_finder.h"
#include "app/shell/doors.h"
#include "app/shell/new_label_dialog.h"
#include "app/shell/notice.h"
#include "app/shell/pages_dialog.h"
#include "app/shell/preflight_strip.h"
#include "core/document/cluster.h"
#include "formats/file.h"

#include <QApplication>
#include <QBuffer>
#include <QClipboard>
#include <QCloseEvent>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QMenuBar>
#include <QMessageBox>
#include <QMimeData>
#include <QSettings>
#include <QVBoxLayout>
#include <algorithm>

namespace fusuma::app {

MainWindow::MainWindow(Session& project) : session(project) {
    setObjectName(QStringLiteral("mainWindow"));
    setWindowIcon(QIcon(QStringLiteral(":/icons/fusuma.svg")));
    setAcceptDrops(true);
    setMinimumSize(1024, 700);
    auto* middle = new QWidget;
    auto* layout = column(middle, 0, 0);
    bench = new BenchPage(session);
    sheet = new SheetPage(session);
    output = new OutputPage(session);
    layout->addWidget(top_bar());
    doors = new Doors({{{tr("Bench"), bench}, {tr("Sheet"), sheet}, {tr("Output"), output}}});
    layout->addWidget(doors, 1);
    auto* strip = new PreflightStrip(session, middle);
    layout->addWidget(strip);
    setCentralWidget(middle);
    notice = new Notice(middle);
    new BusyBar(session, middle);

    connect(bench, &BenchPage::add_artwork_wanted, this, &MainWindow::add_artwork);
    connect(sheet, &SheetPage::add_artwork_wanted, this, &MainWindow::add_artwork);
    connect(bench, &BenchPage::new_label_wanted, this, &MainWindow::new_label);
    connect(sheet, &SheetPage::new_label_wanted, this, &MainWindow::new_label);
    connect(bench, &BenchPage::put_on_sheet_wanted, this, &MainWindow::put_on_sheet);
    connect(sheet, &SheetPage::sticker_opened, this, [this](int id) {
        session.choose_sticker(id);
        go_to(Place::bench);
    });
    connect(strip, &PreflightStrip::show_wanted, this, [this](const Finding& finding) {
        go_to(Place::sheet);
        sheet->show_finding(finding);
    });
    connect(doors, &Doors::opened, this, &MainWindow::refresh);
    connect(&session, &Session::problem, notice, &Notice::tell);
    connect(&session, &Session::note, notice, &Notice::tell);
    connect(&session, &Session::pages_wanted, this, &MainWindow::ask_for_pages);
    connect(&session, &Session::artwork_added, this, [this] {
        go_to(Place::bench);
        if (session.sticker() && is_drawn(session.sticker()->artwork))
            bench->open_source(); // a picture's border comes first, a drawing's parts and a label's words
    });
    connect(&session, &Session::changed, this, &MainWindow::refresh);
    connect(&session, &Session::project_changed, this, [this] {
        notice->hide();
        refresh();
    });
    connect(&session, &Session::worked_out, this, &MainWindow::refresh_doors);

    resize(1280, 800);
    restoreGeometry(QSettings().value(QStringLiteral("geometry")).toByteArray());
    refresh();
}

QWidget* MainWindow::top_bar() {
    auto* bar = new QWidget;
    bar->setObjectName(QStringLiteral("topBar"));
    bar->setAttribute(Qt::WA_StyledBackground);
    bar->setFixedHeight(44);
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
    connect(undo_button, &QPushButton::clicked, &session, &Session::undo);
    connect(redo_button, &QPushButton::clicked, &session, &Session::redo);
    connect(unit_button, &QPushButton::clicked, this, &MainWindow::next_unit);
    for (QWidget* w : std::initializer_list<QWidget*>{icon, project_name, saved_state, menus()})
        layout->addWidget(w);
    layout->addStretch();
    layout->addWidget(place_words);
    layout->addStretch();
    for (QWidget* w : {undo_button, redo_button, unit_button})
        layout->addWidget(w);
    return bar;
}

QAction* MainWindow::command(QMenu* menu, const QString& text, const QKeySequence& keys,
                             const std::function<void()>& run) {
    QAction* action = menu->addAction(text);
    action->setShortcut(keys);
    connect(action, &QAction::triggered, this, run);
    addAction(action);
    commands << action;
    return action;
}

QMenuBar* MainWindow::menus() {
    auto* bar = new QMenuBar;
    bar->setNativeMenuBar(false);
    bar->setFixedHeight(28);
    QMenu* file = bar->addMenu(tr("&File"));
    command(file, tr("New project"), QKeySequence::New, [this] {
        if (may_discard())
            session.start_new();
    });
    command(file, tr("Open project…"), QKeySequence::Open, [this] { open_project(); });
    command(file, tr("Add artwork…"), QKeySequence(tr("Ctrl+Shift+O")), [this] { add_artwork(); });
    file->addSeparator();
    command(file, tr("Save"), QKeySequence::Save, [this] { save(); });
    command(file, tr("Save as…"), QKeySequence(tr("Ctrl+Shift+S")), [this] { save_as(); });
    file->addSeparator();
    command(file, tr("Print…"), QKeySequence::Print, [this] { output->print_act().print_on_printer(); });
    command(file, tr("Save the PDF to print…"), {}, [this] { output->print_act().save_pdf(); });
    command(file, tr("Save the cut lines as SVG…"), {}, [this] { output->export_file(OutputPage::File::svg); });
    command(file, tr("Save the cut lines as DXF…"), {}, [this] { output->export_file(OutputPage::File::dxf); });
    command(file, tr("Save the cut lines as HP-GL…"), {}, [this] { output->export_file(OutputPage::File::hpgl); });
    command(file, tr("Check a cut file…"), {}, [this] { output->check_file(); });
    file->addSeparator();
    command(file, tr("Quit"), QKeySequence::Quit, [this] { close(); });

    QMenu* edit = bar->addMenu(tr("&Edit"));
    undo_action = command(edit, tr("Undo"), QKeySequence::Undo, [this] { session.undo(); });
    redo_action = command(edit, tr("Redo"), QKeySequence(tr("Ctrl+Shift+Z")), [this] { session.redo(); });
    edit->addSeparator();
    command(edit, tr("Copy"), QKeySequence::Copy, [this] { session.copy_selection(); });
    command(edit, tr("Paste copies or a picture"), QKeySequence::Paste, [this] {
        if (!session.paste_copies())
            paste();
        else
            go_to(Place::sheet);
    });
    command(edit, tr("Select all copies"), QKeySequence::SelectAll, [this] {
        Selection all;
        for (std::size_t i = 0; i < session.document().placements.size(); ++i)
            if (session.document().placements[i].page == session.page())
                all.insert(i);
        session.select(std::move(all));
    });
    command(edit, tr("Select all of this sticker"), QKeySequence(tr("Ctrl+Shift+A")), [this] {
        if (const auto s = session.sticker())
            session.select(copies_of_sticker(session.document(), s->id, session.page()));
    });
    command(edit, tr("Find a command…"), QKeySequence(tr("Ctrl+K")), [this] { CommandFinder(commands, this).exec(); });

    QMenu* sticker = bar->addMenu(tr("&Sticker"));
    command(sticker, tr("New label…"), QKeySequence(tr("Ctrl+Shift+N")), [this] { new_label(); });
    command(sticker, tr("Save the label as a template…"), {}, [this] { save_template(); });
    sticker->addSeparator();
    command(sticker, tr("Put on the sheet"), QKeySequence(tr("Ctrl+Return")), [this] { put_on_sheet(); });
    sticker->addSeparator();
    const auto by_hand = [&](const QString& text, Tool tool) {
        command(sticker, text, {}, [this, tool] {
            go_to(Place::bench);
            bench->take(tool);
        });
    };
    by_hand(tr("Move the cut line's nodes"), Tool::nodes);
    by_hand(tr("Draw a cut line by hand"), Tool::free_hand);
    by_hand(tr("Draw a cut line with the pen"), Tool::pen);
    by_hand(tr("Close or open single holes"), Tool::hole);
    sticker->addSeparator();
    command(sticker, tr("Remove from the project"), {}, [this] {
        if (const auto s = session.sticker())
            session.edit(tr("Remove %1").arg(QString::fromStdString(s->name)),
                         [id = s->id](Document d) { return with_sticker_removed(std::move(d), id); });
    });

    QMenu* arrange = bar->addMenu(tr("&Arrange"));
    duplicate_action =
        command(arrange, tr("Duplicate"), QKeySequence(tr("Ctrl+D")), [this] { session.duplicate_selection(); });
    remove_action =
        command(arrange, tr("Remove copies"), QKeySequence(Qt::Key_Delete), [this] { session.remove_selection(); });
    arrange->addSeparator();
    const auto of_selection = [&](const QString& text, const QString& keys,
                                  Document (*change)(Document, const Selection&)) {
        command(arrange, text, QKeySequence(keys), [this, text, change] {
            session.edit_selection(text, [change](const Document& d, const Selection& s) { return change(d, s); });
        });
    };
    of_selection(tr("Group"), tr("Ctrl+G"), grouped);
    of_selection(tr("Ungroup"), tr("Ctrl+Shift+G"), ungrouped);
    of_selection(tr("Lock"), tr("Ctrl+L"),
                 [](Document d, const Selection& s) { return with_lock(std::move(d), s, true); });
    of_selection(tr("Unlock"), tr("Ctrl+Shift+L"),
                 [](Document d, const Selection& s) { return with_lock(std::move(d), s, false); });
    arrange->addSeparator();
    const auto cluster = [&](const QString& text, const QString& keys, ClusterCut how) {
        command(arrange, text, QKeySequence(keys), [this, text, how] {
            session.rearrange(text, [this, how](const Document& d, const Selection& s) {
                auto done = clustered(d, session.working_out(), s, how);
                if (!done)
                    emit session.note(tr("Choose two or more copies on this page first."));
                return done ? std::move(*done) : Edited{d, s};
            });
        });
    };
    cluster(tr("Make one, cut round all of it"), tr("Ctrl+J"), ClusterCut::outer);
    cluster(tr("Make one, take the upper out"), {}, ClusterCut::take_out);
    cluster(tr("Make one of where they overlap"), {}, ClusterCut::overlap_only);
    cluster(tr("Make one of where only one of them is"), {}, ClusterCut::exclude);
    cluster(tr("Make one of what is visible"), {}, ClusterCut::visible);
    command(arrange, tr("Make one, split along every edge"), {}, [this] {
        session.rearrange(tr("Split along every edge"), [this](const Document& d, const Selection& s) {
            auto done = clustered(d, session.working_out(), s, ClusterCut::outer);
            if (!done) {
                emit session.note(tr("Choose two or more copies on this page first."));
                return Edited{d, s};
            }
            Sticker whole = *done->document.stickers.back();
            auto split = std::make_shared<Cluster>(*std::get<ClusterArtwork>(whole.artwork).cluster);
            split->inner_lines_are_cut = true;
            whole.artwork = ClusterArtwork{std::move(split)};
            done->document = with_sticker_changed(std::move(done->document), std::move(whole));
            return std::move(*done);
        });
    });
    command(arrange, tr("Part the cluster"), QKeySequence(tr("Ctrl+Shift+J")), [this] {
        session.rearrange(tr("Part the cluster"), [](const Document& d, const Selection& s) { return parted(d, s); });
    });
    arrange->addSeparator();
    const auto order = [&](const QString& text, const QString& keys, Order to) {
        command(arrange, text, QKeySequence(keys), [this, text, to] {
            session.rearrange(text, [to](const Document& d, const Selection& s) { return ordered(d, s, to); });
        });
    };
    order(tr("To the front"), tr("Ctrl+Home"), Order::front);
    order(tr("To the back"), tr("Ctrl+End"), Order::back);
    arrange->addSeparator();
    command(arrange, tr("Add a page"), {}, [this] {
        session.edit(tr("Add page"), with_page_added);
        session.go_to_page(session.document().pages - 1);
    });
    command(arrange, tr("Remove this page"), {}, [this] {
        session.edit(tr("Remove page"),
                     [page = session.page()](Document d) { return with_page_removed(std::move(d), page); });
    });
    command(arrange, tr("Move to the next page"), {}, [this] {
        const int next = session.page() + 1;
        if (session.selection().empty() || next >= most_pages)
            return;
        const Selection kept = session.selection();
        session.edit_selection(tr("Move to the next page"),
                               [next](const Document& d, const Selection& s) { return on_page(d, s, next); });
        session.select(kept);
    });

    QMenu* view = bar->addMenu(tr("&View"));
    command(view, tr("Go to the Bench"), QKeySequence(tr("Ctrl+1")), [this] { go_to(Place::bench); });
    command(view, tr("Go to the Sheet"), QKeySequence(tr("Ctrl+2")), [this] { go_to(Place::sheet); });
    command(view, tr("Go to the Output"), QKeySequence(tr("Ctrl+3")), [this] { go_to(Place::output); });
    view->addSeparator();
    command(view, tr("True size on the Sheet"), QKeySequence(tr("Ctrl+0")), [this] {
        go_to(Place::sheet);
        sheet->show_true_size();
    });
    command(view, tr("Set the screen's size…"), {}, [this] { ScreenSizeDialog(this).exec(); });
    command(view, tr("Measure on the Sheet"), {}, [this] {
        go_to(Place::sheet);
        sheet->start_measuring();
    });
    command(view, tr("Next unit"), {}, [this] { next_unit(); });
    command(view, tr("Light or dark"), {}, [this] { switch_tone(); });

    QMenu* help = bar->addMenu(tr("&Help"));
    command(help, tr("First sheet in five steps"), QKeySequence::HelpContents, [this] {
        QMessageBox::information(
            this, tr("First sheet in five steps"),
            tr("1. Drop a picture on the window.\n2. On the Bench, set the border and the size.\n"
               "3. On the Sheet, choose your paper and add copies.\n4. When the strip below says nothing to fix, go to "
               "Output and "
               "save the PDF. Print it at actual size.\n5. Save HP-GL or SVG for your cutter, or watch the practice "
               "cutter first."));
    });
    command(help, tr("About Fusuma"), {}, [this] {
        QMessageBox::about(this, tr("About Fusuma"),
                           tr("Fusuma prints and cuts sticker sheets.\n\nFree software under the GNU General Public "
                              "License, version 3 or later. "
                              "Set in Inter, and shipped with Cabin, Dancing Script, Lobster Two and Quicksand "
                              "for labels, all under the SIL Open Font License."));
    });
    return bar;
}

void MainWindow::go_to(Place place) {
    doors->go_to(static_cast<int>(place));
}

void MainWindow::refresh() {
    static const QStringList words{tr("Bench — one sticker, from artwork to cut line"),
                                   tr("Sheet — what will print and what will be cut"), tr("Output — print, load, cut")};
    place_words->setText(words[doors->open_place()]);
    project_name->setText(QFontMetrics(project_name->font()).elidedText(session.project_name(), Qt::ElideMiddle, 180));
    saved_state->setText(session.is_changed()       ? tr("not saved yet")
                         : session.path().isEmpty() ? QString()
                                                    : tr("saved"));
    setWindowTitle(session.project_name() +
                   (session.is_changed() ? QStringLiteral("* — Fusuma") : QStringLiteral(" — Fusuma")));
    const History& steps = session.steps();
    undo_action->setEnabled(steps.can_undo());
    undo_button->setEnabled(steps.can_undo());
    redo_action->setEnabled(steps.can_redo());
    redo_button->setEnabled(steps.can_redo());
    undo_button->setToolTip(steps.can_undo() ? tr("Undo: %1 (Ctrl+Z)").arg(QString::fromStdString(steps.undo_label()))
                                             : tr("Nothing to undo"));
    redo_button->setToolTip(steps.can_redo()
                                ? tr("Redo: %1 (Ctrl+Shift+Z)").arg(QString::fromStdString(steps.redo_label()))
                                : tr("Nothing to redo"));
    unit_button->setText(QString::fromUtf8(symbol(session.document().unit).data()));
    duplicate_action->setEnabled(!session.selection().empty());
    remove_action->setEnabled(!session.selection().empty());
    refresh_doors();
}

void MainWindow::refresh_doors() {
    const Snapshot& s = session.snapshot();
    const bool to_fix = std::any_of(s.findings.begin(), s.findings.end(),
                                    [](const Finding& f) { return f.severity == Severity::to_fix; });
    const auto& d = session.document();
    doors->door(0).set_state(d.stickers.empty() ? DoorState::not_started : DoorState::fine);
    doors->door(1).set_state(d.placements.empty() ? DoorState::not_started
                             : to_fix             ? DoorState::to_fix
                                                  : DoorState::fine);
    doors->door(2).set_state(d.placements.empty() ? DoorState::not_started
                             : to_fix             ? DoorState::to_fix
                                                  : DoorState::fine);
}

void MainWindow::put_on_sheet() {
    session.place_copies(1);
    go_to(Place::sheet);
}

void MainWindow::next_unit() {
    session.edit(tr("Unit"), [](Document d) {
        d.unit = d.unit == Unit::mm ? Unit::cm : d.unit == Unit::cm ? Unit::inch : Unit::mm;
        return d;
    });
}

void MainWindow::switch_tone() {
    apply_theme(*qobject_cast<QApplication*>(QApplication::instance()),
                current_tone() == Tone::light ? Tone::dark : Tone::light);
    QSettings().setValue(QStringLiteral("dark"), current_tone() == Tone::dark);
    emit session.changed(); // painted widgets take the new colours
}

void MainWindow::add_artwork() {
    open_files(QFileDialog::getOpenFileNames(this, tr("Add artwork"), {},
                                             tr("Pictures, drawings and PDF (*.png *.jpg *.jpeg *.webp *.tif *.tiff "
                                                "*.bmp *.gif *.pdf *.svg *.svgz *.dxf)")));
}

void MainWindow::ask_for_pages(const QString& path, int pages) {
    PagesDialog dialog(QFileInfo(path).fileName(), pages, this);
    if (dialog.exec() != QDialog::Accepted)
        return;
    if (!dialog.as_drawing())
        session.add_pages(path, dialog.chosen(), dialog.dpi());
    else
        for (const int page : dialog.chosen())
            session.add_drawing(path, page);
}

void MainWindow::new_label() {
    NewLabelDialog dialog(this);
    if (dialog.exec() != QDialog::Accepted)
        return;
    const LabelTemplate chosen = dialog.chosen();
    const QString name = QString::fromStdString(chosen.name);
    session.add_label(chosen.design, name.section(QLatin1Char(','), 0, 0).section(QLatin1String(" ("), 0, 0));
}

void MainWindow::save_template() {
    const auto sticker = session.sticker();
    const auto* art = sticker ? std::get_if<LabelArtwork>(&sticker->artwork) : nullptr;
    if (!art) {
        notice->tell(tr("Choose a label in the tray first."));
        return;
    }
    QString path = QFileDialog::getSaveFileName(this, tr("Save the label as a template"),
                                                QString::fromStdString(sticker->name) + QStringLiteral(".json"),
                                                tr("Label templates (*.json)"));
    if (path.isEmpty())
        return;
    const std::string text = templates_text(session.project_name().toStdString(), {{"", sticker->name, *art->design}});
    if (const Outcome written = write_file(path, QByteArray::fromStdString(text)); !written)
        notice->tell(QString::fromStdString(written.problem().text()));
}

void MainWindow::paste() {
    const QMimeData* clip = QGuiApplication::clipboard()->mimeData();
    QStringList paths;
    for (const QUrl& url : clip ? clip->urls() : QList<QUrl>())
        if (url.isLocalFile())
            paths << url.toLocalFile();
    if (!paths.isEmpty()) {
        open_files(paths);
    } else if (const auto image = clip ? qvariant_cast<QImage>(clip->imageData()) : QImage(); !image.isNull()) {
        QByteArray png;
        QBuffer buffer(&png);
        image.save(&buffer, "PNG");
        session.add_picture(png, tr("pasted-picture.png"));
    } else {
        notice->tell(tr("There is no picture on the clipboard. Copy one, or a file, then paste."));
    }
}

void MainWindow::open_project() {
    if (!may_discard())
        return;
    if (const QString path =
            QFileDialog::getOpenFileName(this, tr("Open project"), {}, tr("Fusuma projects (*.fusuma)"));
        !path.isEmpty())
        session.open(path);
}

bool MainWindow::save() {
    return session.path().isEmpty() ? save_as() : session.save(session.path());
}

bool MainWindow::save_as() {
    QString path = QFileDialog::getSaveFileName(
        this, tr("Save project"), session.project_name() + QStringLiteral(".fusuma"), tr("Fusuma projects (*.fusuma)"));
    if (path.isEmpty())
        return false;
    if (!path.endsWith(QStringLiteral(".fusuma")))
        path += QStringLiteral(".fusuma");
    return session.save(path);
}

bool MainWindow::may_discard() {
    if (!session.is_changed())
        return true;
    const auto answer = QMessageBox::question(
        this, tr("Unsaved changes"), tr("“%1” has changes that are not saved.").arg(session.project_name()),
        QMessageBox::Save | QMessageBox::Discard | QMessageBox::Cancel, QMessageBox::Save);
    return answer == QMessageBox::Discard || (answer == QMessageBox::Save && save());
}

void MainWindow::open_files(const QStringList& paths) {
    QStringList pictures;
    for (const QString& path : paths) {
        if (!path.endsWith(QStringLiteral(".fusuma")))
            pictures << path;
        else if (may_discard())
            session.open(path);
    }
    if (!pictures.isEmpty())
        session.add_artwork(pictures);
}

void MainWindow::closeEvent(QCloseEvent* event) {
    if (!may_discard()) {
        event->ignore();
        return;
    }
    QSettings().setValue(QStringLiteral("geometry"), saveGeometry());
    event->accept();
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasUrls())
        event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
    QStringList paths;
    for (const QUrl& url : event->mimeData()->urls())
        if (url.isLocalFile())
            paths << url.toLocalFile();
    open_files(paths);
    event->acceptProposedAction();
}

} // namespace fusuma::app
