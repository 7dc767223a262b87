#include "app/bench/bench_page.h"

#include "app/bench/bench_view.h"
#include "app/bench/edge_ribbon.h"
#include "app/bench/steps_panel.h"
#include "app/common/sides.h"

#include <QHBoxLayout>

namespace fusuma::app {

BenchPage::BenchPage(Model& model, QWidget* tray) {
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    tools = new BenchTools(model);
    tools->setParent(this);
    auto* view = new BenchView(model, *tools);
    steps = new StepsPanel(model, *tools);
    auto* ribbon = new EdgeRibbon(model, *tools);
    auto* middle = new QWidget;
    auto* stack = new QVBoxLayout(middle);
    stack->setContentsMargins(0, 0, 0, 0);
    stack->setSpacing(0);
    stack->addWidget(view, 1);
    stack->addWidget(ribbon);
    layout->addWidget(new Sides(QStringLiteral("bench"), tray, middle, steps));
    connect(view, &BenchView::menu_wanted, this,
            [this, view](Point mm, QPoint global) { steps->show_menu(mm, view->px_per_mm(), global); });
    connect(view, &BenchView::hovered, ribbon, &EdgeRibbon::point_at);
    connect(view, &BenchView::clicked, ribbon, &EdgeRibbon::centre_on);
    connect(view, &BenchView::left, ribbon, &EdgeRibbon::point_nowhere);
    connect(ribbon, &EdgeRibbon::pointed, view, [view](Point mm) { view->point_at(mm); });
    connect(ribbon, &EdgeRibbon::left, view, [view] { view->point_at(std::nullopt); });
    setFocusProxy(view);
    connect(steps, &StepsPanel::put_on_sheet_wanted, this, &BenchPage::put_on_sheet_wanted);
}

void BenchPage::open_source() {
    steps->open_source();
}

void BenchPage::take(Tool tool) {
    steps->open_step_of(tool);
    tools->take(tool);
    focusProxy()->setFocus();
}

} // namespace fusuma::app
