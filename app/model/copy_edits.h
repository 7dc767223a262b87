#pragma once

#include "app/model/worked_edits.h"

namespace fusuma::app {

/// Edits of the copies in hand, and what comes and goes with them.
class CopyEdits : public QObject {
    Q_OBJECT
  public:
    CopyEdits(Messages& told, Project& open_project, InHand& hand, WorkedEdits& work);
    ~CopyEdits() override;

    /// Edits what is selected; nothing happens when nothing is, or nothing changes.
    void edit(const QString& label, const std::function<Document(const Document&, const Selection&)>& change,
              const QString& stroke = {});
    /// The same for edits after which something else is selected.
    void rearrange(const QString& label, const std::function<Edited(const Document&, const Selection&)>& change);
    /// The same for edits that have to work something out, a moment later.
    using Change = std::function<Result<Edited>(const Document&, const Selection&, Planner&, const Work&)>;
    void work_out(const QString& label, const Change& change, const std::function<void()>& then = {});
    void remove();
    void duplicate();
    void move(Point by, const QString& stroke);
    /// To the clipboard; for other programs as picture, drawing and words.
    /// @param plan  what is worked out; null when nothing is yet
    void copy(const std::shared_ptr<const JobPlan>& plan);
    bool paste(); ///< from the clipboard; false when it holds none
    /// Puts copies of the sticker in hand into free places of the page.
    void place(int copies);
    void place_each(int copies); ///< so many of every sticker
    void place_at(int sticker, Point centre); ///< one, on the page shown, mm on the paper
    void apply_fix(const Finding& finding);

  private:
    Messages& messages;
    Project& project;
    InHand& in_hand;
    WorkedEdits& worked;
    QThreadPool packer;
    Document copied;       ///< what is on the clipboard, as long as it is from here
    QByteArray copied_as;  ///< its name there

    void place_of(const std::vector<int>& stickers, int copies, const QString& name);
};

} // namespace fusuma::app
