#pragma once

#include "app/common/key_words.h"

#include <QDialog>
#include <QMenuBar>

namespace fusuma::app {

/// All keys: those of the menus' commands, read from the commands themselves, and those of the views.
class KeysDialog : public QDialog {
    Q_OBJECT
  public:
    KeysDialog(const QMenuBar& menus, const std::vector<std::pair<QString, KeyList>>& views, QWidget* over);
};

} // namespace fusuma::app
