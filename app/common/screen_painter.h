#pragma once

#include "core/raster/colour_table.h"

#include <QImage>
#include <QPainter>
#include <QStyledItemDelegate>
#include <memory>
#include <optional>

class QWidget;

namespace fusuma::app {

/// Paints a widget that shows art, print or colours in the colours of the screen it is on.
class ScreenPainter {
  public:
    explicit ScreenPainter(QWidget& widget);
    ~ScreenPainter();
    ScreenPainter(const ScreenPainter&) = delete;
    ScreenPainter& operator=(const ScreenPainter&) = delete;

    [[nodiscard]] QPainter& painter() { return *with; }
    /// Whose painting goes on, also by way of pictures that it keeps; none at other times.
    [[nodiscard]] static QWidget* painted();

  private:
    QWidget& shown;
    QWidget* before;
    std::shared_ptr<const ColourTable> colours;
    QImage picture; ///< what is to be shown, where colours are changed
    std::optional<QPainter> with;
};

/// A small picture as the screen of the widget is to be given it, while the widget is painted.
[[nodiscard]] QImage on_screen_of(const QWidget& widget, QImage picture);

/// Rows of a list or tree whose pictures show art, chosen or not.
class OnScreenRows : public QStyledItemDelegate {
  public:
    using QStyledItemDelegate::QStyledItemDelegate;

  protected:
    void initStyleOption(QStyleOptionViewItem* option, const QModelIndex& index) const override;
};

} // namespace fusuma::app
