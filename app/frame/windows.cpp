#include "app/frame/windows.h"

#include "app/frame/left_work_dialog.h"
#include "app/frame/start_page.h"
#include "formats/room/room.h"

#include <QFileInfo>
#include <QTimer>
#include <algorithm>

namespace fusuma::app {

namespace {

void bring_forward(MainWindow& window) {
    window.show();
    window.setWindowState(window.windowState() & ~Qt::WindowMinimized);
    window.raise();
    window.activateWindow();
}

} // namespace

Windows::Windows(const QString& recovery_folder) : folder(recovery_folder) {
    room::log_to([this](const std::string& words) { // on the thread that reads
        QMetaObject::invokeMethod(this, [this, words] {
            for (const auto& pane : panes)
                emit pane->model.messages.chatter(QString::fromStdString(words));
        });
    });
    room::prepare();
}

Windows::~Windows() {
    room::log_to(nullptr);
}

Windows::Pane& Windows::open_pane() {
    panes.push_back(std::make_unique<Pane>(folder));
    Pane& pane = *panes.back();
    pane.window.set_other_windows([this](const QString& path) { return show_if_open(path); },
                                  [this] { bring_forward(open_new()); });
    connect(&pane.window, &MainWindow::closed, this, [this, closed = &pane] {
        closed->recovery.end();
        // Not while one of its own events is under way.
        QMetaObject::invokeMethod(
            this, [this, closed] { std::erase_if(panes, [closed](const auto& p) { return p.get() == closed; }); },
            Qt::QueuedConnection);
    });
    bring_forward(pane.window);
    return pane;
}

MainWindow& Windows::open_new() {
    return open_pane().window;
}

Windows::Pane& Windows::empty_pane() {
    const auto empty = std::ranges::find_if(panes, [](const auto& pane) {
        const Project& project = pane->model.project;
        return project.path().isEmpty() && !project.is_changed() && project.document() == Document{} &&
               project.business().isEmpty() && !pane->recovery.is_taking_up() &&
               pane->model.importer.reading().isEmpty();
    });
    return empty == panes.end() ? open_pane() : **empty;
}

Windows::Pane* Windows::with_project(const QString& path) const {
    const QString wanted = QFileInfo(path).canonicalFilePath();
    const auto found = std::ranges::find_if(panes, [&](const auto& pane) {
        return !wanted.isEmpty() && QFileInfo(pane->model.project.path()).canonicalFilePath() == wanted;
    });
    return found == panes.end() ? nullptr : found->get();
}

bool Windows::show_if_open(const QString& path) {
    Pane* pane = with_project(path);
    if (!pane)
        return false;
    bring_forward(pane->window);
    emit pane->model.messages.note(tr("“%1” is open in this window already.").arg(pane->model.project.name()));
    return true;
}

void Windows::open(const QStringList& paths) {
    QStringList projects, pictures;
    for (const QString& path : paths)
        (ProjectFiles::is_project(path) ? projects : pictures) << path;
    if (paths.isEmpty()) {
        bring_forward(open_new());
        return;
    }
    if (projects.isEmpty()) {
        Pane& pane = empty_pane();
        bring_forward(pane.window);
        pane.model.importer.add_artwork(pictures);
        return;
    }
    for (const QString& path : projects) {
        const QStringList with = std::exchange(pictures, {});
        if (Pane* there = with_project(path)) {
            show_if_open(path);
            there->model.importer.add_artwork(with);
            continue;
        }
        Pane& pane = empty_pane();
        bring_forward(pane.window);
        // Pictures come in even when the project cannot be opened, which is told.
        pane.model.project.open(path, [&pane, with](bool) { pane.model.importer.add_artwork(with); });
    }
}

void Windows::open_wish(Wish wish) {
    if (wish == Wish::window) {
        bring_forward(open_new());
        return;
    }
    Pane& pane = empty_pane();
    bring_forward(pane.window);
    if (wish == Wish::example)
        pane.model.project.open_example(StartPage::example());
    else // its dialog waits for a person, and whoever asked for it does not
        QTimer::singleShot(0, &pane.window, &MainWindow::new_label);
}

QStringList Windows::projects() const {
    QStringList all;
    for (const auto& pane : panes)
        if (const QString path = pane->model.project.path(); !path.isEmpty())
            all << path;
    return all;
}

void Windows::offer_left_behind() {
    std::vector<LeftWork> left = Recovery::left_behind(folder);
    if (left.empty())
        return;
    if (panes.empty())
        open_new();
    auto* dialog = new LeftWorkDialog(std::move(left), &panes.front()->window);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &LeftWorkDialog::open_wanted, this, [this](const LeftWork& work) {
        Pane& pane = empty_pane();
        bring_forward(pane.window);
        pane.recovery.take_up(work);
    });
    dialog->open();
}

} // namespace fusuma::app
