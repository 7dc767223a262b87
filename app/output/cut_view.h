#pragma once

#include "app/common/zoom_view.h"
#include "app/output/practice_job.h"

class QLabel;

namespace fusuma::app {

/// The printed sheet in the practice cutter, with each line appearing as the blade goes.
class CutView : public ZoomView {
    Q_OBJECT
  public:
    explicit CutView(PracticeJob& practice_job);

  protected:
    void paint(QPainter& painter) override;
    void resizeEvent(QResizeEvent* event) override;

  private:
    PracticeJob& job;
    QLabel* caption;

    void refresh();
};

} // namespace fusuma::app
