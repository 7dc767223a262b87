#pragma once

#include <QString>
#include <QStringList>
#include <optional>

class QWidget;

namespace fusuma::app {

/// What a file for a page is called: the name itself for the first, then "cut-2.svg". @param page  counted from 0
[[nodiscard]] QString page_file(const QString& path, std::size_t page);

/// Asks for a file to open, beginning where the last one for the same use was; empty when people think better of it.
/// @param kinds  such as "Lists (*.csv)"
/// @param use    what it is for, in one word; not shown
[[nodiscard]] QString ask_which_file(QWidget* over, const QString& title, const QString& kinds, const QString& use);
[[nodiscard]] QStringList ask_which_files(QWidget* over, const QString& title, const QString& kinds, const QString& use);

/// Asks where to save, and whether to replace what is there: about the names that will be written, suffix and all, once
/// for all files of several pages. Nothing when people think better of it.
/// @param suffix  with its dot, such as ".svg"
[[nodiscard]] std::optional<QString> ask_where_to_save(QWidget* over, const QString& title, const QString& suggestion,
                                                       const QString& kind, const QString& suffix,
                                                       std::size_t files = 1);

/// The kinds of files that artwork comes in, as file dialogs want them.
[[nodiscard]] QString artwork_file_kinds();

/// Asks for a photograph to look something up in; empty when people think better of it.
[[nodiscard]] QString ask_for_photograph(QWidget* over, const QString& title);

} // namespace fusuma::app
