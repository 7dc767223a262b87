#pragma once

#include "app/bench/step_parts.h"
#include "core/drawing/parts.h"

#include <QPixmap>

class QCheckBox;
class QComboBox;
class QHBoxLayout;
class QTreeWidget;
class QTreeWidgetItem;

namespace fusuma::app {

class FillField;
class NumberField;

/// The parts of a layered drawing: what is printed and what is cut, and what they are combined to.
class PartsStep : public QWidget {
    Q_OBJECT
  public:
    PartsStep(Model& project, BenchTools& bench_tools);
    void refresh(const DrawingArtwork& art, Unit unit);
    [[nodiscard]] static QString state_of(const DrawingArtwork& art);

    void add_to(QMenu& menu) const; ///< what can be done with the parts chosen

  private:
    Model& model;
    BenchTools& tools;
    DrawingArtwork shown;
    Choices* order;
    QTreeWidget* list;
    QLabel *chosen_words, *sliver_words;
    QComboBox* cut;
    QCheckBox* printed;
    std::vector<QPushButton*> for_several;
    QPushButton *pieces, *apart, *keep_paint, *drop_slivers;
    FillField* fill;
    NumberField* thickness;
    QHBoxLayout* swatches;
    bool is_filling = false;

    QWidget* quick_part();
    QWidget* use_part();
    QWidget* combine_part();
    QWidget* colour_part();
    void edit(const QString& label, const std::function<std::optional<Parts>(const Drawing&, const Parts&)>& change,
              const QString& stroke = {});
    void only_chosen() const; ///< printed and cut round, all others neither
    void edit_use(const QString& label, const std::function<void(PartUse&)>& change);
    void combine(const QString& label, Combining how);
    void each_colour_its_own();
    void fill_with_picture();
    void fill_list();
    void refresh_chosen();
    void refresh_swatches();
    void refresh_slivers();
};

} // namespace fusuma::app
