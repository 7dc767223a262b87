#include "formats/picture/screen_profile.h"

#include "formats/basics/file.h"
#include "formats/room/room.h"

namespace fusuma {

namespace {

constexpr qint64 largest_profile = 16 << 20; // bytes

}

Result<ColourTable> read_screen_profile(const QByteArray& profile, const Work& work) {
    return room::ask<ColourTable>({.asked = room::Asked::screen_table, .name = "screen"}, profile, work);
}

Result<ColourTable> read_screen_profile(const QString& path, const Work& work) {
    const auto file = open_file(path, largest_profile);
    if (!file)
        return file.problem();
    return room::ask<ColourTable>({.asked = room::Asked::screen_table, .name = file_name_of(path)}, *file, work);
}

} // namespace fusuma
