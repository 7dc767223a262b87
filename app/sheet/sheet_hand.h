#pragma once

#include "app/model/model.h"
#include "core/arrange/align.h"
#include "core/sheet/snap.h"

#include <array>
#include <optional>

namespace fusuma::app {

/// What a hand on the sheet does: selecting, moving, scaling, turning and measuring. Places are mm on the paper; the
/// view draws what is told here.
class SheetHand {
  public:
    explicit SheetHand(Model& project) : model(project) {}

    enum class Act { none, banding, moving, scaling, turning, measuring };
    [[nodiscard]] Act act() const { return now; }

    void set_measuring(bool on);
    [[nodiscard]] bool is_measuring() const { return measures; }

    void press(Point at, double px_per_mm, Qt::KeyboardModifiers modifiers);
    void drag(Point at, double px_per_mm, Qt::KeyboardModifiers modifiers);
    void release(Qt::KeyboardModifiers modifiers);
    bool nudge(Point way, Qt::KeyboardModifiers modifiers);
    void cancel(); ///< what is being done, back to how it was

    /// The copy on top at a place of the page, in the present document; null when there is none.
    [[nodiscard]] const Placement* copy_at(Point at) const;

    /// Handles of the selection: eight round its frame, clockwise from the top left, and the one to turn by.
    struct Handles {
        Rect frame;
        std::array<Point, 8> scale;
        Point turn;
    };
    [[nodiscard]] std::optional<Handles> handles(double px_per_mm) const;

    /// The copies in hand, whose drawing follows the pointer.
    [[nodiscard]] const Selection& held() const { return holding; }
    [[nodiscard]] Point moved_by() const { return offset; }
    [[nodiscard]] const std::vector<Guide>& guides() const { return shown_guides; }
    [[nodiscard]] Rect band() const;
    [[nodiscard]] std::pair<Point, Point> measured() const { return {grabbed, at_hand}; }
    /// What is being changed, in words and numbers, to show beside the pointer.
    [[nodiscard]] QString words() const { return said; }

  private:
    Model& model;
    Act now = Act::none;
    bool measures = false, has_moved = false;
    Point grabbed, at_hand, offset;
    int handle = -1;
    Rect frame_before;
    std::map<CopyId, Placement> before; ///< the copies in hand, as they were taken
    Selection holding;
    std::vector<Guide> shown_guides;
    QString said;
    int stroke = 0;

    [[nodiscard]] QString stroke_name() const;
    void hold();
    [[nodiscard]] Document put_back(Document document) const;
    void move(Point at, double px_per_mm, Qt::KeyboardModifiers modifiers);
    void scale(Point at, Qt::KeyboardModifiers modifiers);
    void turn(Point at, Qt::KeyboardModifiers modifiers);
};

} // namespace fusuma::app
