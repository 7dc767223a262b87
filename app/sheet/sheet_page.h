#pragma once

#include "app/shell/session.h"

#include <QWidget>

namespace fusuma::app {

class SheetView;

/// The second place: the page that is printed and cut.
class SheetPage : public QWidget {
    Q_OBJECT
  public:
    explicit SheetPage(Session& session);
    void show_finding(const Finding& finding);
    void show_true_size();
    void start_measuring();

  signals:
    void add_artwork_wanted();
    void new_label_wanted();
    void sticker_opened(int id);

  private:
    SheetView* view;
};

} // namespace fusuma::app
