#pragma once

#include <QDialog>

namespace fusuma::app {

/// Pixels for one millimetre on this screen: as set by holding a card against it, else as the screen says.
[[nodiscard]] double screen_px_per_mm(const QWidget& on);

/// Asks for the screen's true size: a drawn card is made as large as a real one (85.60 mm wide, ISO/IEC 7810 ID-1).
class ScreenSizeDialog : public QDialog {
    Q_OBJECT
  public:
    explicit ScreenSizeDialog(QWidget* parent);

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    double px_per_mm;
};

} // namespace fusuma::app
