#pragma once

#include "core/result.h"

#include <QByteArray>
#include <QImage>

namespace fusuma {

/// Whether the bytes are of a HEIC or AVIF file. Source: ISO/IEC 23008-12 (brands).
[[nodiscard]] bool is_heif(const QByteArray& bytes);

struct HeifRead {
    QImage rgba;        ///< RGBA8888, turned and mirrored as the file says
    QByteArray profile; ///< ICC; empty when it has none
};
/// Reads the file's main picture. Problems are without the file's name.
/// @param most_px  more are refused before anything is decoded
Result<HeifRead> read_heif(const QByteArray& bytes, qint64 most_px);

} // namespace fusuma
