#pragma once

#include "app/bench/step_parts.h"

class QListWidget;

namespace fusuma::app {

/// The kind of cut, and the cut line by hand: nodes, further lines, and which lines are cut at all.
class CutStep : public QWidget {
    Q_OBJECT
  public:
    CutStep(Model& project, BenchTools& bench_tools);
    void refresh(const Sticker& sticker, Unit unit);
    void refresh_result(const Sticker& sticker, const StickerResult& result, Unit unit);
    [[nodiscard]] static QString state_of(const Sticker& sticker);

    void add_to(QMenu& menu) const; ///< what can be done with the nodes selected

  private:
    /// A row of the list: a line of the cut, or one that is left out.
    struct Entry {
        bool is_cut = true;
        std::size_t index = 0; ///< among the lines, or among those left out
        Point at;
        bool operator==(const Entry&) const = default;
    };
    Model& model;
    BenchTools& tools;
    Choices* kind;
    QWidget *node_tools, *snap_row, *lost;
    QLabel *tool_words, *lost_words;
    NumberField *x, *y, *snap;
    std::vector<QPushButton*> needs_nodes;
    QPushButton *break_open, *join_ends;
    QListWidget* list;
    std::vector<Entry> entries;
    QStringList shown_rows;

    void add_tools(QVBoxLayout* layout);
    void add_list(QVBoxLayout* layout);
    void refresh_nodes(Unit unit);
};

} // namespace fusuma::app
