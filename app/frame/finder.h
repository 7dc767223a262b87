#pragma once

#include <QDialog>
#include <functional>
#include <vector>

class QLineEdit;
class QListWidget;

namespace fusuma::app {

/// Something that can be found by its words.
struct Findable {
    QString name;             ///< what it is called where it stands
    QString where;            ///< in which place and step, or its keys
    QString also;             ///< other words it is found by
    std::function<void()> go; ///< goes there, or does it
};

/// Finds whatever the window has by a few letters of its name, and goes there.
class Finder : public QDialog {
    Q_OBJECT
  public:
    Finder(std::vector<Findable> things, QWidget* parent);

  protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

  private:
    std::vector<Findable> all;
    QLineEdit* words;
    QListWidget* list;

    void filter();
    void run();
};

/// Every field, slider, list and button that stands in `page` just now, in steps that are closed, too. Found, it is
/// brought into sight, its step is opened, and it has the focus.
/// @param show_page  goes to the page
[[nodiscard]] std::vector<Findable> controls_of(QWidget& page, const QString& page_name,
                                                const std::function<void()>& show_page);

} // namespace fusuma::app
