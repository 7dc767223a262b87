#pragma once

#include "app/model/working_out.h"

namespace fusuma::app {

/// Edits of the copies in hand, and what comes and goes with them.
class CopyEdits : public QObject {
    Q_OBJECT
  public:
    CopyEdits(Messages& told, Project& open_project, InHand& hand, WorkingOut& work);

    /// Edits what is selected; nothing happens when nothing is, or nothing changes.
    void edit(const QString& label, const std::function<Document(const Document&, const Selection&)>& change,
              const QString& stroke = {});
    /// The same for edits after which something else is selected.
    void rearrange(const QString& label, const std::function<Edited(const Document&, const Selection&)>& change);
    void remove();
    void duplicate();
    void move(Point by, const QString& stroke);
    void copy() const; ///< to the clipboard
    bool paste();      ///< from the clipboard; false when it holds none
    /// Puts copies of the sticker in hand into free places of the page.
    void place(int copies);
    void apply_fix(const Finding& finding);

  private:
    Messages& messages;
    Project& project;
    InHand& in_hand;
    WorkingOut& working_out;
};

} // namespace fusuma::app
