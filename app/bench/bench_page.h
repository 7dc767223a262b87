#pragma once

#include "app/shell/session.h"

#include <QWidget>

namespace fusuma::app {

/// The first place: one sticker from artwork to cut line.
class BenchPage : public QWidget {
    Q_OBJECT
  public:
    explicit BenchPage(Session& session);

  signals:
    void add_artwork_wanted();
    void put_on_sheet_wanted();
};

} // namespace fusuma::app
