#pragma once

#include "app/common/theme.h"

#include <QIcon>
#include <QImage>
#include <QLabel>
#include <QPushButton>
#include <QWidget>
#include <functional>
#include <vector>

class QAbstractButton;
class QMenu;
class QSlider;
class QVBoxLayout;

namespace fusuma::app {

/// A label in one of the theme's roles: "title", "section", "dim", "strong", "figure", "fine", "attention".
[[nodiscard]] QLabel* label(const QString& text, const char* role = "");

/// A button with a role ("primary", "link", "flat" or none), an object name for tests and a tooltip that says why.
[[nodiscard]] QPushButton* button(const QString& text, const char* role, const QString& name, const QString& why);

/// Changes a dynamic property that style rules depend on.
void restyle(QWidget* widget, const char* property, const QVariant& value);

/// A vertical stack with the house's spacing.
[[nodiscard]] QVBoxLayout* column(QWidget* parent, int margin, int spacing);

/// A caption on the left and a widget on the right.
[[nodiscard]] QWidget* row(const QString& caption, QWidget* widget, int widget_width = 0);

/// An entry for each of the buttons that can be pressed, which presses it.
void add_buttons(QMenu& menu, const std::vector<QPushButton*>& buttons);

class ChoiceButton;

/// One of a few choices, side by side.
class Choices : public QWidget {
    Q_OBJECT
  public:
    enum class Look { words, pictures }; ///< pictures with the words below them
    explicit Choices(const QStringList& names, Look look = Look::words);
    /// What picking it would give; a null one leaves its place empty.
    void set_picture(int index, const QImage& picture);
    void set_glyph(int index, const QIcon& glyph); ///< the same by a drawn sign
    void set_chosen(int index);
    void set_enabled(int index, bool on); ///< one of them
    [[nodiscard]] bool is_chosen(int index) const; ///< without a signal

  signals:
    void picked(int index);

  private:
    std::vector<ChoiceButton*> buttons;
};

} // namespace fusuma::app
