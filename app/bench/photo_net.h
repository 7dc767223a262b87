#pragma once

#include "app/common/zoom_view.h"
#include "core/raster/flattening.h"

#include <QImage>

namespace fusuma::app {

/// A photograph with a net over what becomes flat. Its plane is the photograph's pixels.
class PhotoNet : public ZoomView {
    Q_OBJECT
  public:
    explicit PhotoNet(const QImage& photograph);

    /// @param found  its net; nothing when none is shown
    void show_net(const std::optional<Flattening>& found);
    [[nodiscard]] const std::array<Point, 4>& corners() const { return at; }
    void set_corners(const std::array<Point, 4>& px);
    [[nodiscard]] QSize sizeHint() const override { return {760, 520}; }

  signals:
    void corners_moved(); ///< by hand

  protected:
    void paint(QPainter& painter) override;
    void press(QMouseEvent* event) override;
    void drag(QMouseEvent* event) override;
    void release(QMouseEvent* event) override;
    bool key(QKeyEvent* event) override;

  private:
    QImage photo;
    std::optional<Flattening> net;
    std::array<Point, 4> at;
    int held = -1, chosen = 0;

    void move_corner(Point to);
    void paint_loupe(QPainter& painter) const;
};

} // namespace fusuma::app
