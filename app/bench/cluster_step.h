#pragma once

#include "app/bench/step_parts.h"

class QCheckBox;
class QComboBox;

namespace fusuma::app {

/// A cluster of stickers: how their cut lines become one, and whether the inner ones are cut as well.
class ClusterStep : public QWidget {
    Q_OBJECT
  public:
    explicit ClusterStep(Model& project);
    void refresh(const Cluster& cluster);
    [[nodiscard]] static QString state_of(const Cluster& cluster);

  private:
    Model& model;
    QLabel* members;
    QComboBox* how;
    QCheckBox *inner, *hide;

    void edit(const QString& label, const std::function<void(Cluster&)>& change);
};

} // namespace fusuma::app
