#pragma once

#include "app/model/project.h"
#include "core/document/copies.h"

namespace fusuma::app {

/// What a person has in hand: the sticker on the Bench, the copies selected on the Sheet, and the page shown there.
class InHand : public QObject {
    Q_OBJECT
  public:
    explicit InHand(Project& open_project);

    [[nodiscard]] std::shared_ptr<const Sticker> sticker() const { return project.document().find(chosen_sticker); }
    void choose_sticker(int id);
    /// Edits the sticker in hand; nothing happens when there is none.
    void edit_sticker(const QString& label, const std::function<void(Sticker&)>& change, const QString& stroke = {});

    [[nodiscard]] const Selection& copies() const { return selected; }
    void select(const Selection& copies); ///< and whatever is grouped with them
    /// The rearmost of the selected copies; null when none is.
    [[nodiscard]] const Placement* first_copy() const;

    [[nodiscard]] int page() const { return shown_page; }
    void go_to_page(int page);

  signals:
    void sticker_chosen();
    void changed();

  private:
    Project& project;
    int chosen_sticker = 0;
    Selection selected;
    int shown_page = 0;

    void keep_valid();
};

} // namespace fusuma::app
