#pragma once

#include "app/model/model.h"

#include <functional>

namespace fusuma::app {

enum class MadeFile { pdf, hpgl };

/// Asks where to save what is made off the interface thread, and says when it is saved.
void save_made(Model& model, QWidget* over, const QString& suggestion, MadeFile kind,
               const std::function<std::string()>& make);

} // namespace fusuma::app
