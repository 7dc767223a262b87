#pragma once

#include "formats/label/table_read.h"

#include <QWidget>
#include <optional>

namespace fusuma::app {

/// Shows what the list's letters would be in each encoding and asks where they are right. None when nobody said.
/// @param letterings  at least one; the first is how the list is read now
std::optional<std::string> ask_where_letters_are_right(const std::vector<Lettering>& letterings, QWidget* parent);

} // namespace fusuma::app
