#pragma once

#include "core/geometry/measure.h"
#include "core/geometry/point.h"

#include <QWidget>
#include <vector>

namespace fusuma::app {

/// Shows on a small sheet where things came out beside where they should be, and which way a correction moves them.
class CorrectionPicture : public QWidget {
    Q_OBJECT
  public:
    /// @param paper  mm
    CorrectionPicture(Size paper, const char* name);

    struct Seen {
        Point wanted; ///< on the paper, mm
        Point off;    ///< mm by which it came out beside that, right and down
    };
    void show_seen(std::vector<Seen> seen);
    [[nodiscard]] QSize sizeHint() const override;

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    Size sheet;
    std::vector<Seen> all;
};

} // namespace fusuma::app
