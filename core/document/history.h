#pragma once

#include "core/document/copy_change.h"

namespace fusuma {

/// Undo and redo as a list of documents. Of every one but the current it keeps the copies as what turns those of the
/// version beside it into its own, so that five hundred versions of a sheet of thousands take little more than one.
class History {
  public:
    explicit History(Document first) : document(std::move(first)) { steps.emplace_back(); }

    [[nodiscard]] const Document& current() const { return document; }

    /// Makes `next` the current document; what had been undone is forgotten. Steps in a row with the same non-empty
    /// `stroke` (one drag of a slider, say) become a single step.
    void apply(std::string label, Document next, std::string stroke = {});
    /// Ends the running stroke, so that the next edit is a step of its own.
    void end_stroke() { steps[now].stroke.clear(); }

    /// Changes every version alike: what happened outside the document, such as a print, is not undone with it.
    /// @param change  of anything but the copies
    template <typename Change> void in_every_step(Change&& change) {
        for (std::size_t i = 0; i < steps.size(); ++i)
            change(i == now ? document : steps[i].rest);
    }

    [[nodiscard]] bool can_undo() const { return now > 0; }
    [[nodiscard]] bool can_redo() const { return now + 1 < steps.size(); }
    void undo();
    void redo();
    [[nodiscard]] const std::string& undo_label() const { return steps[now].label; }
    [[nodiscard]] const std::string& redo_label() const { return steps[now + can_redo()].label; }
    /// That the copies of all versions but the current take. The oldest versions go when it is more than 20 MB.
    [[nodiscard]] std::size_t bytes_of_copies() const;

  private:
    struct Step {
        std::string label, stroke;
        Document rest;     ///< all but the copies; empty of the current version
        CopyChange copies; ///< of the version nearer to the current one into this one's
    };
    std::vector<Step> steps; // never empty
    std::size_t now = 0;
    Document document;

    void go_to(std::size_t step);
    void forget_oldest();
};

} // namespace fusuma
