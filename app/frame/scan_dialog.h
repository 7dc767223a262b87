#pragma once

#include "app/model/model.h"

namespace fusuma::app {

/// Scans artwork: one scan after the other, each becomes a sticker of its true size. Without a scanner it says so.
void scan_artwork(Model& model, QWidget* parent);

} // namespace fusuma::app
