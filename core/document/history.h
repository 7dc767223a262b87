#pragma once

#include "core/document/document.h"

namespace fusuma {

/// Undo and redo as a list of documents.
class History {
  public:
    explicit History(Document first) { steps.push_back({"", "", std::move(first)}); }

    [[nodiscard]] const Document& current() const { return steps[now].document; }

    /// Makes `next` the current document; what had been undone is forgotten. Steps in a row with the same non-empty
    /// `stroke` (one drag of a slider, say) become a single step.
    void apply(std::string label, Document next, std::string stroke = {});
    /// Ends the running stroke, so that the next edit is a step of its own.
    void end_stroke() { steps[now].stroke.clear(); }

    /// Changes every version alike: what happened outside the document, such as a print, is not undone with it.
    template <typename Change> void in_every_step(Change&& change) {
        for (Step& step : steps)
            change(step.document);
    }

    [[nodiscard]] bool can_undo() const { return now > 0; }
    [[nodiscard]] bool can_redo() const { return now + 1 < steps.size(); }
    void undo() { go_to(now - can_undo()); }
    void redo() { go_to(now + can_redo()); }
    [[nodiscard]] const std::string& undo_label() const { return steps[now].label; }
    [[nodiscard]] const std::string& redo_label() const { return steps[now + can_redo()].label; }

  private:
    struct Step {
        std::string label, stroke;
        Document document;
    };
    std::vector<Step> steps; // never empty
    std::size_t now = 0;

    void go_to(std::size_t step);
};

} // namespace fusuma
