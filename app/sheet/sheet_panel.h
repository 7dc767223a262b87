#pragma once

#include "app/model/model.h"

#include <QWidget>
#include <vector>

class QLabel;

namespace fusuma::app {

class SheetCard;
class StepCard;

/// What is selected, how copies get onto the sheet, paper and machines, and how much room there is.
class SheetPanel : public QWidget {
    Q_OBJECT
  public:
    explicit SheetPanel(Model& project);

  protected:
    void showEvent(QShowEvent* event) override;

  private:
    Model& model;
    QLabel *zone_size, *zone_text;
    std::vector<std::pair<StepCard*, SheetCard*>> cards;
    StepCard *copies, *printer; ///< of printed sheets only

    void refresh();
};

} // namespace fusuma::app
