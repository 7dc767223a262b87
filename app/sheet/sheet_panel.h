#pragma once

#include "app/shell/session.h"

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
    explicit SheetPanel(Session& project);

  protected:
    void showEvent(QShowEvent* event) override;

  private:
    Session& session;
    QLabel *zone_size, *zone_text;
    std::vector<std::pair<StepCard*, SheetCard*>> cards;

    void refresh();
};

} // namespace fusuma::app
