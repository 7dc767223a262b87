#pragma once

#include "core/document/copies.h"
#include "core/plan/plan.h"

#include <QPixmap>
#include <QTransform>
#include <functional>
#include <vector>

class QPainter;

namespace fusuma::app {

/// What rests on a page as one picture, drawn anew only when something of it changes. What takes longer than a moment
/// is drawn in turns; until it is whole the last one that was is shown, moved to where it belongs by now.
class RestingSheet {
  public:
    struct Of {
        std::shared_ptr<const JobPlan> plan;
        QTransform view;
        Selection without;
        SheetSettings sheet;
        int page = -1, art_arrived = 0;
        QSize size;
        double ratio = 1; ///< device pixels for one of the view's
        bool operator==(const Of&) const = default;
    };
    [[nodiscard]] const Of& of() const { return now.of; }
    void begin(Of of);
    [[nodiscard]] bool is_whole() const { return next == 1 + 2 * copies.size() + prints.size(); }
    /// Draws on for a moment.
    /// @param paper  draws what lies under the copies
    void draw(const std::function<void(QPainter&)>& paper);
    void show(QPainter& painter) const;

  private:
    struct Drawn {
        Of of;
        QPixmap picture;
    } now, whole_before;
    std::vector<const PlacedCopy*> copies; ///< of the plan, on the page
    std::vector<const PrintItem*> prints;
    std::size_t next = 0; ///< of the paper, each copy's own, each print, each copy's cut lines

    void draw_next(QPainter& painter, const std::function<void(QPainter&)>& paper);
};

} // namespace fusuma::app
