#include "app/sheet/sheet_page.h"

#include "app/common/sides.h"
#include "app/common/step_card.h"
#include "app/sheet/sheet_panel.h"
#include "app/sheet/sheet_view.h"

#include <QHBoxLayout>

namespace fusuma::app {

SheetPage::SheetPage(Model& model, QWidget* tray) {
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    view = new SheetView(model);
    layout->addWidget(new Sides(QStringLiteral("sheet"), tray, view, new SheetPanel(model)));
    setFocusProxy(view);
    connect(view, &SheetView::sticker_opened, this, &SheetPage::sticker_opened);
    connect(view, &SheetView::menu_wanted, this, &SheetPage::menu_wanted);
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

void SheetPage::open_card(const QString& name) {
    for (auto* card : findChildren<StepCard*>())
        if (card->name() == name)
            card->open();
}

} // namespace fusuma::app
