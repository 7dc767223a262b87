#pragma once

#include "formats/label/label_json.h"

#include <QDialog>
#include <optional>

class QListWidget;
class QPushButton;

namespace fusuma::app {

/// Offers the templates for labels, with pictures, and letters alone.
class NewLabelDialog : public QDialog {
    Q_OBJECT
  public:
    explicit NewLabelDialog(QWidget* parent);
    /// The design chosen, dated today.
    [[nodiscard]] LabelTemplate chosen() const;

  private:
    std::vector<LabelTemplate> templates;
    QListWidget* list;
    QPushButton* make;

    void add(const LabelTemplate& one);
    void add_from_file();
};

} // namespace fusuma::app
