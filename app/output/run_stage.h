#pragma once

#include <QObject>

namespace fusuma::app {

/// How far a sheet is on its way from print to cut.
class RunStage : public QObject {
    Q_OBJECT
  public:
    enum class Stage {
        nothing, ///< no ticket in hand
        printing,
        printed,
        loading,  ///< and looking for the marks
        pointing, ///< a person shows where the marks are
        refused,  ///< the marks were not found well enough
        found,
        cutting,
        paused,
        dropped, ///< the line to the cutter
        cut,
    };
    [[nodiscard]] Stage now() const { return reached; }
    [[nodiscard]] bool is_cutting() const {
        return reached == Stage::cutting || reached == Stage::paused || reached == Stage::dropped;
    }
    void enter(Stage next) {
        reached = next;
        emit changed();
    }

  signals:
    void changed(); ///< the stage, or something that a part of the run shows

  private:
    Stage reached = Stage::nothing;
};

} // namespace fusuma::app
