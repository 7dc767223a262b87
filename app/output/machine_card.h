#pragma once

#include "app/output/act_card.h"

namespace fusuma::app {

/// Chooses the machine that sheets are cut on, before all else, and shows how it stands.
class MachineCard : public QWidget {
    Q_OBJECT
  public:
    MachineCard(Model& project, OutputRun& output_run);

  private:
    Model& model;
    OutputRun& run;
    QComboBox* list;
    QLabel *state, *facts;
    QPushButton *edit, *remove;

    void pick(int index);
    void refresh();
};

} // namespace fusuma::app
