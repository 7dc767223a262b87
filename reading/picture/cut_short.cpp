#include "reading/picture/cut_short.h"

#include <QtEndian>
#include <algorithm>
#include <cstdlib>

namespace fusuma {

namespace {

/// Bytes that can be asked for anywhere; past the end there are none.
class Bytes {
  public:
    explicit Bytes(const QByteArray& all) : file(all) {}
    [[nodiscard]] bool has(qsizetype end) const { return end <= file.size(); }
    [[nodiscard]] int at(qsizetype i) const { return i < file.size() ? static_cast<unsigned char>(file[i]) : -1; }
    template <typename T> [[nodiscard]] T little(qsizetype i) const {
        return has(i + static_cast<qsizetype>(sizeof(T))) ? qFromLittleEndian<T>(file.constData() + i) : T{};
    }

  private:
    const QByteArray& file;
};

/// From marker to marker; pictures within segments, such as a camera's small one, end on their own.
bool is_jpeg_cut_short(const Bytes& file) {
    constexpr int scan = 0xda, end = 0xd9;
    qsizetype at = 2;
    while (file.has(at + 2)) {
        if (file.at(at) != 0xff) {
            ++at; // scanned data, or filling between segments
            continue;
        }
        const int marker = file.at(at + 1);
        if (marker == end)
            return false;
        const bool stands_alone = marker <= 0x01 || (marker >= 0xd0 && marker <= 0xd8) || marker == 0xff;
        if (stands_alone) {
            at += marker == 0xff ? 1 : 2;
            continue;
        }
        at += 2 + std::max(2, file.at(at + 2) << 8 | std::max(0, file.at(at + 3)));
        if (marker == scan)
            while (file.has(at + 2) && !(file.at(at) == 0xff && file.at(at + 1) != 0 &&
                                         !(file.at(at + 1) >= 0xd0 && file.at(at + 1) <= 0xd7)))
                ++at;
    }
    return true;
}

/// Up to the end of the first picture, which is the one that is used.
bool is_gif_cut_short(const Bytes& file) {
    const auto table = [](int flags) { return (flags & 0x80) != 0 ? 3 * (2 << (flags & 7)) : 0; };
    const auto past_blocks = [&](qsizetype at) {
        while (file.at(at) > 0)
            at += 1 + file.at(at);
        return at + 1;
    };
    qsizetype at = 13 + table(std::max(0, file.at(10)));
    while (file.has(at + 1)) {
        if (file.at(at) == 0x21) {
            at = past_blocks(at + 2);
        } else if (file.at(at) == 0x2c) {
            const qsizetype pixels = at + 10 + table(std::max(0, file.at(at + 9))) + 1;
            return !file.has(past_blocks(pixels));
        } else {
            return true; // the end, or what is none of its blocks, before any picture
        }
    }
    return true;
}

bool is_bmp_cut_short(const Bytes& file) {
    const auto pixels = file.little<quint32>(10), header = file.little<quint32>(14);
    if (header < 40) // of the oldest kind, whose rows are reckoned alike
        return !file.has(pixels + ((qint64{file.little<quint16>(18)} * file.little<quint16>(24) + 31) / 32) * 4 *
                                      file.little<quint16>(20));
    const auto packing = file.little<quint32>(30);
    if (packing == 1 || packing == 2) // run lengths
        return !file.has(pixels + qint64{file.little<quint32>(34)});
    const qint64 width = std::abs(qint64{file.little<qint32>(18)}), height = std::abs(qint64{file.little<qint32>(22)});
    return !file.has(pixels + ((width * file.little<quint16>(28) + 31) / 32) * 4 * height);
}

} // namespace

bool is_cut_short(const QByteArray& all) {
    const Bytes file(all);
    if (all.startsWith("\xff\xd8"))
        return is_jpeg_cut_short(file);
    if (all.startsWith("GIF8"))
        return is_gif_cut_short(file);
    return all.startsWith("BM") && is_bmp_cut_short(file);
}

} // namespace fusuma
