#pragma once

#include <QDialog>
#include <vector>

class QLineEdit;

namespace fusuma::app {

class Choices;
class NumberField;

/// Asks which pages of a document to add, and how finely to draw them.
class PagesDialog : public QDialog {
    Q_OBJECT
  public:
    PagesDialog(const QString& file_name, int pages, QWidget* parent);
    [[nodiscard]] std::vector<int> chosen() const;
    [[nodiscard]] double dpi() const;
    [[nodiscard]] bool as_drawing() const;

  private:
    int count;
    QLineEdit* list;
    NumberField* resolution;
    Choices* kinds;
};

/// Pages as people write them: "1, 3-5". Empty when it cannot be read or names pages that are not there.
[[nodiscard]] std::vector<int> parse_pages(const QString& text, int pages);

} // namespace fusuma::app
