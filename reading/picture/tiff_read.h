#pragma once

#include "core/result.h"

#include <QByteArray>
#include <QImage>

namespace fusuma {

/// Whether the bytes are of a TIFF file, of the kind for large ones, too. Source: TIFF 6.0 section 2; BigTIFF.
[[nodiscard]] bool is_tiff(const QByteArray& bytes);

struct TiffRead {
    /// What the four bytes of a pixel are: red, green, blue and opacity; cyan, magenta, yellow and black; or L*, a* and
    /// b* as ICC profiles count them in bytes.
    enum class Holds { colours, inks, lab };
    QImage pixels; ///< RGBA8888, as stored: before it is turned
    Holds holds = Holds::colours;
    int orientation = 1; ///< as Exif counts them
    QByteArray profile;  ///< ICC; empty when it has none
    double dpi = 0;      ///< 0 when it does not state any that can be meant
    int pictures = 1;    ///< whole ones in the file, of which this is the first
};
/// Reads the file's first whole picture: no small one for looking at, no mask. Problems are without the file's name.
/// @param most_px  more are refused before anything is decoded
Result<TiffRead> read_tiff(const QByteArray& bytes, qint64 most_px);

} // namespace fusuma
