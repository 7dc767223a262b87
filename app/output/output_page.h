#pragma once

#include "app/output/practice_job.h"

#include <QWidget>

class QLabel;
class QProgressBar;
class QPushButton;

namespace fusuma::app {

/// The third place: print, load, cut, in that order, each act done, ready or waiting with the reason.
class OutputPage : public QWidget {
    Q_OBJECT
  public:
    explicit OutputPage(Session& project);

    enum class File { pdf, svg, hpgl };
    /// Asks for a name and writes what the sheet is now.
    void export_file(File kind);

  private:
    Session& session;
    PracticeJob job;
    QLabel *facts, *changed_note, *print_state, *load_state, *cut_state, *cut_facts;
    QPushButton *print, *load, *start, *stop;
    QProgressBar* progress;

    QWidget* act(int number, const QString& title, QLabel*& state, const QString& words,
                 const QList<QWidget*>& controls);
    QWidget* print_act();
    QWidget* load_act();
    QWidget* cut_act();
    QWidget* export_section();
    void refresh();
    void refresh_facts();
};

} // namespace fusuma::app
