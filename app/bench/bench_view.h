#pragma once

#include "app/common/zoom_view.h"
#include "app/shell/session.h"

class QComboBox;
class QLabel;

namespace fusuma::app {

/// The sticker in hand at any zoom: the artwork with its outline and cut line over it, as it will print and be cut.
class BenchView : public ZoomView {
    Q_OBJECT
  public:
    explicit BenchView(Session& project, QWidget* parent = nullptr);

    enum class Look { result, artwork, outline };

  protected:
    void paint(QPainter& painter) override;
    void resizeEvent(QResizeEvent* event) override;

  private:
    Session& session;
    Look look = Look::result;
    QComboBox* look_at;
    QLabel* figures;

    void refresh();
    void place_overlays();
    void paint_ruler(QPainter& painter, const Rect& cut_box) const;
    void paint_empty(QPainter& painter) const;
};

} // namespace fusuma::app
