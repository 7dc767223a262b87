#pragma once

#include "app/model/latest_only.h"
#include "app/model/model.h"

#include <QWidget>

class QGridLayout;

namespace fusuma::app {

/// What there is to do while a project holds no sticker yet: the ways in, the projects of before, and the way from art
/// to sticker in three pictures.
class StartPage : public QWidget {
    Q_OBJECT
  public:
    explicit StartPage(Model& project);

    /// The project that ships as an example; empty when it is not beside the program.
    [[nodiscard]] static QString example();

  signals:
    void add_artwork_wanted();
    void new_label_wanted();
    void scan_wanted();
    void board_wanted();
    void example_wanted();
    void project_wanted(QString path);

  protected:
    void showEvent(QShowEvent* event) override;

  private:
    LatestOnly pictures;
    QWidget* recent;
    QGridLayout* recent_grid;

    void refresh_recent();
};

} // namespace fusuma::app
