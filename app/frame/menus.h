#pragma once

#include "app/bench/bench_page.h"
#include "app/frame/add_artwork.h"
#include "app/frame/commands.h"
#include "app/frame/project_files.h"
#include "app/frame/sticker_acts.h"
#include "app/output/output_page.h"
#include "app/sheet/sheet_page.h"

#include <functional>

namespace fusuma::app {

enum class Place { bench, sheet, output };

/// What menus act on.
struct MenuTargets {
    Model& model;
    QWidget& window;
    BenchPage& bench;
    SheetPage& sheet;
    OutputPage& output;
    ProjectFiles& files;
    AddArtwork& artwork;
    StickerActs& stickers;
    std::function<void(Place)> go_to;
    std::function<Place()> place; ///< the one that is open
    std::function<void()> rename; ///< the sticker in hand, where its name stands
    std::function<void()> show_messages;
    std::function<QStringList()> last_messages; ///< the newest first
    std::function<void()> show_keys;
    std::function<void(bool)> next_pane; ///< or the one before
    std::function<void()> point_by_keys; ///< over the view in sight, or no longer
    std::function<void()> find_anything;
    std::function<void()> open_new_window;
};

// One function and one file for each menu.
void add_file_menu(Commands& commands, const MenuTargets& on);
void add_edit_menu(Commands& commands, const MenuTargets& on);
void add_sticker_menu(Commands& commands, const MenuTargets& on);
void add_arrange_menu(Commands& commands, const MenuTargets& on);
void add_view_menu(Commands& commands, const MenuTargets& on);
void add_help_menu(Commands& commands, const MenuTargets& on);

/// Goes from millimetres to centimetres to inches and back.
void next_unit(Model& model);

} // namespace fusuma::app
