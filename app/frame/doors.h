#pragma once

#include "app/model/model.h"

#include <QAbstractButton>
#include <QWidget>
#include <array>
#include <optional>

class QVariantAnimation;

namespace fusuma::app {

enum class DoorState { fine, not_started, not_looked_at, to_fix };

/// A closed sliding door: an upright panel with a round pull, the place's name and how things stand there.
class Door : public QAbstractButton {
    Q_OBJECT
  public:
    Door(int number, const QString& name, QWidget* parent);
    void set_state(DoorState next);
    static constexpr int width_px = 40;

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    int number;
    std::optional<DoorState> state; ///< none before the first is told
};

/// The three places side by side behind doors. One is open; a click on a door slides it open.
class Doors : public QWidget {
    Q_OBJECT
  public:
    /// @param places  in order, each with its name
    Doors(const std::array<std::pair<QString, QWidget*>, 3>& places, QWidget* parent = nullptr);

    void go_to(int place);
    [[nodiscard]] bool is_sliding() const;
    [[nodiscard]] int open_place() const { return open; }
    [[nodiscard]] Door& door(int place) { return *doors[static_cast<std::size_t>(place)]; }

  signals:
    void opened(int place);

  protected:
    void resizeEvent(QResizeEvent* event) override;

  private:
    std::array<Door*, 3> doors{};
    std::array<QWidget*, 3> pages{};
    int open = 0, previous = 0;
    QVariantAnimation* slide;

    void lay_out(double progress);
    [[nodiscard]] double door_left(int door, int open_at) const;
};

} // namespace fusuma::app
