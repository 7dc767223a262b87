#include "app/common/question.h"

#include <QIcon>

namespace fusuma::app {

QMessageBox::StandardButton ask_or_tell(QWidget* over, const QString& title, const QString& words,
                                        QMessageBox::StandardButtons answers, QMessageBox::StandardButton usual) {
    QMessageBox box(QMessageBox::NoIcon, title, words, answers, over);
    constexpr int sign_px = 40;
    box.setIconPixmap(QIcon(QStringLiteral(":/icons/fusuma.svg")).pixmap(sign_px, sign_px));
    box.setDefaultButton(usual);
    return static_cast<QMessageBox::StandardButton>(box.exec());
}

} // namespace fusuma::app
