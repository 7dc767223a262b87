#pragma once

#include "app/model/settings.h"

namespace fusuma::app {

/// Dresses the application as the person chose, else as the desktop is set, and again whenever either changes.
void follow_looks();

/// Light, dark or as the desktop, from now on.
void choose_look(Look look);

} // namespace fusuma::app
