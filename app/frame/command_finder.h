#pragma once

#include <QAction>
#include <QDialog>
#include <QList>

class QLineEdit;
class QListWidget;

namespace fusuma::app {

/// Finds any command by a few letters of its name and runs it.
class CommandFinder : public QDialog {
    Q_OBJECT
  public:
    CommandFinder(const QList<QAction*>& commands, QWidget* parent);

  protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

  private:
    QList<QAction*> all;
    QLineEdit* words;
    QListWidget* list;

    void filter();
    void run();
};

} // namespace fusuma::app
