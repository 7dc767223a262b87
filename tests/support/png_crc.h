#pragma once

#include <QByteArray>

namespace fusuma::test {

/// CRC of PNG chunks, from the annex of the W3C PNG specification.
inline quint32 png_crc(const QByteArray& bytes) {
    quint32 crc = 0xffffffff;
    for (const char c : bytes) {
        crc ^= static_cast<quint8>(c);
        for (int k = 0; k < 8; ++k)
            crc = crc & 1 ? 0xedb88320 ^ (crc >> 1) : crc >> 1;
    }
    return ~crc;
}

} // namespace fusuma::test
