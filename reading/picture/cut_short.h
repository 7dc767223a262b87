#pragma once

#include <QByteArray>

namespace fusuma {

/// Does a JPEG, GIF or BMP end before its picture does? Their decoders paint what is missing in some colour and say
/// nothing, so its outline would be wrong. False for every other kind of file, whose decoders tell.
/// Sources: ITU-T T.81, annex B; GIF89a specification; BITMAPINFOHEADER as commonly documented.
[[nodiscard]] bool is_cut_short(const QByteArray& file);

} // namespace fusuma
