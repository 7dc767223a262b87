#include "app/frame/looks.h"

#include "app/common/desktop.h"
#include "app/common/theme.h"
#include "app/frame/main_window.h"

#include <QApplication>

namespace fusuma::app {

namespace {

Desktop& desktop() {
    static Desktop* of_session = new Desktop; // as long as the program runs
    return *of_session;
}

void dress() {
    const Look look = Settings::chosen_look();
    const bool is_dark = look == Look::desktop ? desktop().is_dark() : look == Look::dark;
    apply_theme(*qobject_cast<QApplication*>(QApplication::instance()), is_dark ? Tone::dark : Tone::light,
                desktop().text_scale());
    QApplication::setEffectEnabled(Qt::UI_AnimateMenu, desktop().may_move());
    for (QWidget* window : QApplication::topLevelWidgets())
        if (auto* ours = qobject_cast<MainWindow*>(window))
            ours->redraw();
}

} // namespace

void follow_looks() {
    constexpr int answer_ms = 250; // before there is a window; a desktop that answers later dresses it anew
    desktop().wait(answer_ms);
    QObject::connect(&desktop(), &Desktop::changed, dress);
    dress();
}

void choose_look(Look look) {
    Settings::look.keep(QString::fromLatin1(word_of(look).data()));
    dress();
}

} // namespace fusuma::app
