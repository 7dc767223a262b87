#pragma once

#include "app/model/business.h"
#include "app/model/copy_edits.h"
#include "app/model/file_work.h"

namespace fusuma::app {

/// All that the window shows and changes, each part a class of its own. Parts know only those above them here. Widgets
/// read them and ask them for edits; all heavy work happens on the parts' threads.
class Model : public QObject {
    Q_OBJECT
  public:
    Model();

    Messages messages;
    FileWork file_work{messages};
    Project project{messages};
    InHand in_hand{project};
    WorkingOut working_out{messages, project, in_hand};
    Searches searches{messages, project, working_out};
    WorkedEdits worked{messages, project, in_hand, working_out};
    CopyEdits copies{messages, project, in_hand, worked};
    Importer importer{messages, project, in_hand};
    Business business{project, file_work, importer, worked, searches, working_out, in_hand};
    std::optional<Business::Doing> scanning; ///< while a scanner is at work

    [[nodiscard]] const Document& document() const { return project.document(); }
    [[nodiscard]] const Snapshot& snapshot() const { return working_out.snapshot(); }

  signals:
    void changed(); ///< the document or what is in hand, after every part has taken notice
};

} // namespace fusuma::app
