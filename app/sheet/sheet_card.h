#pragma once

#include "app/common/number_field.h"
#include "app/common/widgets.h"
#include "app/model/model.h"

namespace fusuma::app {

/// The body of one card of the sheet's panel.
class SheetCard : public QWidget {
    Q_OBJECT
  public:
    explicit SheetCard(Model& project);

    virtual void refresh() = 0;                      ///< shows what is
    [[nodiscard]] virtual QString state() const = 0; ///< in a few words, for the head
    void refresh_units();

  protected:
    Model& model;
    QVBoxLayout* rows_of_card;

    NumberField* length(double least, double most, double step, const char* name);
    NumberField* plain(double least, double most, const char* name);
    QWidget* add_row(const QString& caption, QWidget* widget, int width = 104);
    void add_line(const std::vector<QWidget*>& widgets);
    void edit_sheet(const QString& label, const std::function<void(SheetSettings&)>& change,
                    const QString& stroke = {});
    /// Makes a field show and edit one length of the sheet.
    void bind(NumberField* field, const QString& label, const std::function<double&(SheetSettings&)>& of);
    void refresh_bound();

  private:
    std::vector<NumberField*> lengths;
    std::vector<std::pair<NumberField*, std::function<double&(SheetSettings&)>>> bound;
};

} // namespace fusuma::app
