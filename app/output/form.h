#pragma once

#include "app/common/number_field.h"
#include "app/common/patient_dialog.h"
#include "app/common/widgets.h"

#include <functional>

class QVBoxLayout;

namespace fusuma::app {

/// A dialog of captioned fields in one column, with buttons to take or leave what is in it.
class Form : public PatientDialog {
    Q_OBJECT
  public:
    Form(const QString& title, const char* name, Unit length_unit, QWidget* parent);

    void add_heading(const QString& words);
    void add_words(const QString& words);
    NumberField* add_length(const QString& caption, const char* name, double least, double most, double now);
    NumberField* add_number(const QString& caption, const char* name, double least, double most, double now,
                            double step, const QString& suffix = {});
    void add(const QString& caption, QWidget* widget);
    void add_wide(QWidget* widget);
    /// May be called again when what was taken cannot be used.
    /// @return  true when the person takes it
    bool run(const QString& take_words);

  private:
    Unit unit;
    QVBoxLayout* rows;
    QWidget* buttons = nullptr;

    void add_buttons(const QString& take_words);
};

} // namespace fusuma::app
