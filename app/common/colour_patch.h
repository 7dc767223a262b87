#pragma once

#include "core/raster/lab.h"

#include <QPushButton>
#include <optional>

namespace fusuma::app {

/// A button that shows a colour, as the screen that it is on is to be given it.
class ColourPatch : public QPushButton {
  public:
    /// @param why  its tool tip
    explicit ColourPatch(const QString& name, const QString& accessible = {}, const QString& why = {});

    /// @param colour     none: it looks as other buttons do
    /// @param lettering  of its text, if it has any
    void show_colour(std::optional<Rgb> colour, Rgb lettering = {});

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    std::optional<Rgb> ground;
    Rgb letters;
};

} // namespace fusuma::app
