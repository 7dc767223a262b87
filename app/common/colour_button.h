#pragma once

#include "app/common/colour_patch.h"

namespace fusuma::app {

/// A button in a colour, which asks for another when clicked.
class ColourButton : public ColourPatch {
    Q_OBJECT
  public:
    /// @param none  the word for no colour of its own, offered in a menu; empty when there must be one
    ColourButton(const QString& name, const QString& accessible, const QString& none = {});
    void set_colour(std::optional<Rgb> colour); ///< without a signal

  signals:
    void edited(std::optional<Rgb> colour);

  private:
    std::optional<Rgb> current;
    QString none_word;

    void ask();
    void choose();
};

} // namespace fusuma::app
