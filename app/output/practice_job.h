#pragma once

#include "app/shell/session.h"
#include "devices/cutter_connection.h"
#include "devices/practice_cutter.h"

#include <QImage>

namespace fusuma::app {

/// One run of the practice printer and cutter: the sheet as printed, and the cut as it goes. What is cut is the plan
/// that was printed, whatever has changed since.
class PracticeJob : public QObject {
    Q_OBJECT
  public:
    explicit PracticeJob(Session& project);
    ~PracticeJob() override;

    enum class Stage { nothing, printing, printed, loaded, cutting, cut };
    [[nodiscard]] Stage stage() const { return now; }
    /// True when the sheet has changed since it was printed.
    [[nodiscard]] bool is_outdated() const;

    void print();
    void load();
    void start_cutting();
    void stop_cutting();
    void set_speed(double mm_per_s) { cutter.set_speed(mm_per_s); }

    [[nodiscard]] const QImage& sheet() const { return printed_sheet; }
    [[nodiscard]] const JobPlan* plan() const { return printed_plan.get(); }
    [[nodiscard]] std::vector<HpglStroke> cut_so_far() const { return cutter.cut_so_far(); }
    [[nodiscard]] double progress() const { return cutter.progress(); }

  signals:
    void changed();

  private:
    Session& session;
    Stage now = Stage::nothing;
    std::shared_ptr<const JobPlan> printed_plan;
    Document printed_document;
    QImage printed_sheet;
    PracticeCutter cutter;
    CutterConnection connection;
    QThreadPool workers;

    void enter(Stage next);
};

} // namespace fusuma::app
