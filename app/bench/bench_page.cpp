#include "app/bench/bench_page.h"

#include "app/bench/bench_view.h"
#include "app/bench/steps_panel.h"
#include "app/shell/tray.h"

#include <QHBoxLayout>

namespace fusuma::app {

BenchPage::BenchPage(Session& session) {
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    auto* tray = new Tray(session);
    auto* tools = new BenchTools(session);
    tools->setParent(this);
    auto* view = new BenchView(session, *tools);
    auto* steps = new StepsPanel(session, *tools);
    layout->addWidget(tray);
    layout->addWidget(view, 1);
    layout->addWidget(steps);
    setFocusProxy(view);
    connect(tray, &Tray::add_artwork_wanted, this, &BenchPage::add_artwork_wanted);
    connect(steps, &StepsPanel::put_on_sheet_wanted, this, &BenchPage::put_on_sheet_wanted);
}

} // namespace fusuma::app
