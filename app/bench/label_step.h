#pragma once

#include "app/bench/step_parts.h"
#include "core/label/label.h"

class QCheckBox;
class QComboBox;
class QDateEdit;
class QPlainTextEdit;
class QTabBar;

namespace fusuma::app {

class ColourButton;

/// What a label is: its shape, its colours, the words on it, and the list that fills it.
class LabelStep : public QWidget {
    Q_OBJECT
  public:
    explicit LabelStep(Model& project);
    void refresh(const LabelArtwork& art, Unit unit);
    [[nodiscard]] static QString state_of(const LabelArtwork& art);

  private:
    Model& model;
    LabelArtwork shown;
    std::vector<NumberField*> lengths;
    QComboBox *shape, *family, *run, *picture_place;
    NumberField *width, *height, *corner, *hole, *points, *depth, *safety, *frame, *inset;
    NumberField *size, *least, *line_spacing, *letter_spacing, *share, *row_field;
    QComboBox* picture_column;
    QDateEdit* day;
    QComboBox* dates_in;
    QWidget *day_row, *dates_in_row, *margin_row, *corner_row, *hole_row, *points_row, *depth_row, *frame_row;
    QWidget *picture_rows, *list_rows;
    ColourButton *ground, *colour;
    QTabBar* tabs;
    QPlainTextEdit* words;
    QPushButton *bold, *italic, *remove_text, *no_picture, *no_list, *put_list, *list_letters;
    QCheckBox *fits, *letters_cut, *header, *one_size;
    Choices* align;
    QLabel *font_words, *list_words;
    std::size_t text = 0; ///< which one is shown
    /// A label of a project: another may have one of that number, too.
    struct WhichLabel {
        int sticker = -1; ///< 0 where none is in hand
        std::uint64_t project = 0;
        bool operator==(const WhichLabel&) const = default;
    };
    /// The list that was read last, where the encoding was guessed.
    struct GuessedList {
        WhichLabel of;
        QString path;
        std::string encoding;
    };
    GuessedList guessed_list;
    bool is_refreshing = false;

    QWidget* shape_part();
    QWidget* colour_part();
    QWidget* text_part();
    QWidget* frame_part();
    QWidget* picture_part();
    QWidget* list_part();
    NumberField* length(double least_mm, double most_mm, double step, const char* name, const QString& why);
    void edit(const QString& label, const std::function<void(LabelDesign&)>& change, const QString& stroke = {});
    void edit_text(const QString& label, const std::function<void(LabelText&)>& change, const QString& stroke = {});
    void choose_picture();
    void paste_list();
    void list_from_file();
    [[nodiscard]] WhichLabel in_hand() const;
    void read_list(WhichLabel of, const QString& path, const std::string& encoding);
    void choose_letters();
    void choose_picture_column(int entry);
    void take_cells(std::vector<std::vector<std::string>> cells);
    bool take_cells_for(WhichLabel of, std::vector<std::vector<std::string>> cells);
    void refresh_text(Unit unit);
};

} // namespace fusuma::app
