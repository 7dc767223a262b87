#pragma once

#include "formats/label/label_json.h"

#include <QDialog>
#include <QThreadPool>

class QListWidget;
class QPushButton;

namespace fusuma::app {

/// Offers the templates for labels, with pictures, and letters alone.
class NewLabelDialog : public QDialog {
    Q_OBJECT
  public:
    explicit NewLabelDialog(QWidget* parent);
    ~NewLabelDialog() override { reader.waitForDone(); }
    /// The design chosen, dated today.
    [[nodiscard]] LabelTemplate chosen() const;

  private:
    std::vector<LabelTemplate> templates;
    QListWidget* list;
    QPushButton* make;
    QPushButton* more;
    QThreadPool reader;
    int with_picture = 0; ///< templates that have theirs; the others follow one at a time

    void add(const LabelTemplate& one);
    void add_next_picture();
    void add_from_file();
};

} // namespace fusuma::app
