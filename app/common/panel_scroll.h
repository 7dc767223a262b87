#pragma once

#include <QScrollArea>

namespace fusuma::app {

/// What a panel at the side holds: it scrolls up and down, and makes its panel wider when words need more room than it
/// has, as they do in some languages.
class PanelScroll : public QScrollArea {
    Q_OBJECT
  public:
    /// @param of  the panel; its least and its most width are set
    explicit PanelScroll(QWidget& of);

  protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

  private:
    QWidget& panel;

    void give_room();
};

} // namespace fusuma::app
