#include "app/sheet/sheet_page.h"

#include "app/sheet/sheet_panel.h"
#include "app/sheet/sheet_view.h"
#include "app/shell/tray.h"

#include <QHBoxLayout>

namespace fusuma::app {

SheetPage::SheetPage(Session& session) {
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    auto* tray = new Tray(session);
    view = new SheetView(session);
    layout->addWidget(tray);
    layout->addWidget(view, 1);
    layout->addWidget(new SheetPanel(session));
    setFocusProxy(view);
    connect(tray, &Tray::add_artwork_wanted, this, &SheetPage::add_artwork_wanted);
    connect(tray, &Tray::new_label_wanted, this, &SheetPage::new_label_wanted);
    connect(tray, &Tray::sticker_opened, this, &SheetPage::sticker_opened);
    connect(view, &SheetView::sticker_opened, this, &SheetPage::sticker_opened);
}

void SheetPage::show_finding(const Finding& finding) {
    view->show_finding(finding);
}

void SheetPage::show_true_size() {
    view->show_true_size();
}

void SheetPage::start_measuring() {
    view->set_measuring(true);
}

} // namespace fusuma::app
