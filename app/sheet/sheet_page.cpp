#include "app/sheet/sheet_page.h"

#include "app/common/enum_words.h"
#include "app/common/glyphs.h"
#include "app/common/sides.h"
#include "app/common/step_card.h"
#include "app/sheet/sheet_panel.h"
#include "app/sheet/sheet_view.h"

#include <QHBoxLayout>
#include <QMenu>

namespace fusuma::app {

SheetPage::SheetPage(Model& project, QWidget* tray) : model(project) {
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    view = new SheetView(model);
    layout->addWidget(new Sides(QStringLiteral("sheet"), tray, view, new SheetPanel(model)));
    setFocusProxy(view);
    connect(view, &SheetView::sticker_opened, this, &SheetPage::sticker_opened);
    connect(view, &SheetView::menu_wanted, this, &SheetPage::menu_wanted);
    connect(view, &SheetView::mark_menu_wanted, this, &SheetPage::show_mark_menu);
}

void SheetPage::show_mark_menu(QPoint at) {
    QMenu menu;
    menu.setObjectName(QStringLiteral("markMenu"));
    for (const MarkKind kind : {MarkKind::dots, MarkKind::crosses, MarkKind::none}) {
        QAction* action = menu.addAction(glyph(kind), label_text(kind), this, [this, kind] {
            model.project.edit(tr("Marks"), [kind](Document d) {
                d.sheet.marks.kind = kind;
                return d;
            });
        });
        action->setEnabled(model.document().sheet.marks.kind != kind);
    }
    menu.addSeparator();
    menu.addAction(tr("Size, place and cutter…"), this, [this] { open_card("Marks and cutter"); });
    menu.exec(at);
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

void SheetPage::open_card(const char* id) {
    for (auto* card : findChildren<StepCard*>())
        if (card->is(id))
            card->open();
}

} // namespace fusuma::app
