#pragma once

#include "core/raster/colour_table.h"
#include "core/result.h"
#include "core/work.h"

#include <QByteArray>
#include <QString>

namespace fusuma {

/// What a screen is to be given so that colours look as they are meant, by its ICC profile. It is read in a room of its
/// own (formats/room/room.h); throws Stopped when asked to stop.
Result<ColourTable> read_screen_profile(const QByteArray& profile, const Work& work = {});
Result<ColourTable> read_screen_profile(const QString& path, const Work& work = {});

} // namespace fusuma
