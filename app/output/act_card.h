#pragma once

#include "app/common/widgets.h"
#include "app/output/output_run.h"

#include <set>

class QComboBox;
class QLabel;
class QProgressBar;
class QPushButton;
class QVBoxLayout;

namespace fusuma::app {

/// One of the acts from print to cut: its number, its name, and how it stands: done, ready, or waiting with the reason.
class ActCard : public QWidget {
    Q_OBJECT
  public:
    ActCard(Model& project, OutputRun& output_run, int number, const QString& title, const char* id);

  protected:
    Model& model;
    OutputRun& run;
    QVBoxLayout* rows;

    virtual void refresh() = 0;
    void set_state(const QString& words, bool is_next);
    void set_title(const QString& words);
    QLabel* add_words(const char* role, const char* name = nullptr);
    void add_line(const std::vector<QWidget*>& widgets);

  private:
    QLabel *badge, *caption, *state;
};

/// Freezes the sheet into a ticket by printing it: on the practice printer, on a real one, or as PDF.
class PrintAct : public ActCard {
    Q_OBJECT
  public:
    PrintAct(Model& project, OutputRun& output_run);
    void print_on_printer();
    /// Smaller: none finer than 600 dpi, and those that were changed as JPEG.
    enum class Pictures { as_they_are, smaller };
    void save_pdf(Pictures pictures = Pictures::as_they_are);

  signals:
    void finding_wanted(const Finding& finding); ///< to be shown on the Sheet

  private:
    std::set<std::string> said_yes; ///< keys of findings that are to be printed all the same

    QPushButton *practice, *real, *pdf, *test;
    QLabel *facts, *warning;

    void refresh() override;
    /// Writes or prints what needs no ticket: a test on plain paper.
    void print_test();
    /// Says why not, when not.
    bool may_print();
    /// Asks about what preflight has to fix, once for the same of it.
    bool is_meant();
};

/// Lays the sheet in the cutter and finds the print: by sensor, by hand or by the paper's edge.
class LoadAct : public ActCard {
    Q_OBJECT
  public:
    LoadAct(Model& project, OutputRun& output_run, QWidget* pointing_view);

  signals:
    void faults_wanted();

  private:
    QWidget* view;
    Choices* method;
    QPushButton *load, *by_photo, *anyway, *by_hand, *take, *skip, *back, *enough, *faults;
    QLabel *about, *words, *figures;
    QWidget* pad;

    void refresh() override;
};

/// Sends the job to the cutter, run by run.
class CutAct : public ActCard {
    Q_OBJECT
  public:
    CutAct(Model& project, OutputRun& output_run);

  signals:
    void material_wanted();
    void machine_test_wanted();
    void shows_travel(bool on);
    void shows_order(bool on);

  private:
    QComboBox* material;
    QProgressBar* progress;
    Choices* speed;
    QPushButton *start, *pause, *stop, *round, *next, *next_page, *keep;
    QLabel *facts, *nudged;
    QWidget* pad;

    void refresh() override;
    void refresh_materials();
    void refresh_nudge();
};

} // namespace fusuma::app
