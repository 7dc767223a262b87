#pragma once

#include <QDialog>
#include <vector>

class QLineEdit;

namespace fusuma::app {

class Choices;
class NumberField;

/// Asks which pages of a document to take, and how finely to draw them.
class PagesDialog : public QDialog {
    Q_OBJECT
  public:
    enum class For { new_stickers, one_artwork }; ///< of the latter there is one page
    PagesDialog(const QString& file_name, int pages, For what, QWidget* parent);
    [[nodiscard]] std::vector<int> chosen() const; ///< empty when what is written cannot be taken
    [[nodiscard]] double dpi() const;
    [[nodiscard]] bool as_drawing() const;

  private:
    int count;
    For use;
    QLineEdit* list;
    NumberField* resolution;
    Choices* kinds;
};

/// Pages as people write them: "1, 3-5". Empty when it cannot be read or names pages that are not there.
[[nodiscard]] std::vector<int> parse_pages(const QString& text, int pages);

} // namespace fusuma::app
