#pragma once

#include "app/model/latest_only.h"
#include "app/model/model.h"
#include "app/output/run_stage.h"
#include "core/rehearsal/slip.h"
#include "devices/practice/practice_cutter.h"

#include <QImage>
#include <stop_token>

namespace fusuma::app {

/// The page in hand as it would be printed and cut, before anybody prints it: worked out again whenever the sheet
/// changes while somebody looks at it.
class PlannedSheet : public QObject {
    Q_OBJECT
  public:
    PlannedSheet(Model& project, RunStage& run_stage);

    struct Foreseen {
        std::shared_ptr<const JobPlan> plan;
        int page = 0;
        QImage picture; ///< what a printer without fault would put on the paper
        CutJob job;
        std::vector<CutTrace> traces; ///< of a practice cutter without fault
        double seconds = 0;
    };
    /// Null while there is nothing to cut, or it is not worked out yet.
    [[nodiscard]] const std::shared_ptr<const Foreseen>& foreseen() const { return latest; }
    [[nodiscard]] bool is_on_its_way() const { return is_working; }
    void set_watched(bool is_seen);

  private:
    Model& model;
    RunStage& stage;
    LatestOnly work{model.messages};
    std::shared_ptr<const Foreseen> latest;
    std::shared_ptr<const JobPlan> wanted_plan;
    int wanted_page = -1;
    Material wanted_material;
    bool is_watched = false, is_working = false;

    void look();
};

} // namespace fusuma::app
