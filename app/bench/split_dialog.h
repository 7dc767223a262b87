#pragma once

#include "app/model/model.h"

namespace fusuma::app {

/// Asks how far pieces lie apart, shows them numbered, and makes the sticker in hand into one for each.
void split_into_pieces(Model& model, QWidget* parent);

} // namespace fusuma::app
