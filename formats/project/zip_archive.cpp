#include "formats/project/zip_archive.h"

#include <memory>
#include <stdexcept>
#include <zip.h>

namespace fusuma {

QByteArray zip_bytes(const ZipEntries& entries) {
    zip_error_t error{};
    zip_source_t* target = zip_source_buffer_create(nullptr, 0, 0, &error);
    zip_source_keep(target); // the archive owns one reference, we read the result through the other
    zip_t* zip = zip_open_from_source(target, ZIP_TRUNCATE, &error);
    if (!zip)
        throw std::runtime_error("zip: cannot start an archive");
    for (const auto& [name, bytes] : entries) {
        zip_source_t* source = zip_source_buffer(zip, bytes.constData(), static_cast<zip_uint64_t>(bytes.size()), 0);
        const zip_int64_t index = zip_file_add(zip, name.c_str(), source, ZIP_FL_ENC_UTF_8);
        zip_file_set_dostime(zip, static_cast<zip_uint64_t>(index), 0, 0x21, 0); // 1980-01-01, zip's first day
        const bool packed_already = !name.ends_with(".json");
        zip_set_file_compression(zip, static_cast<zip_uint64_t>(index), packed_already ? ZIP_CM_STORE : ZIP_CM_DEFLATE,
                                 6);
    }
    if (zip_close(zip) != 0)
        throw std::runtime_error("zip: cannot finish the archive");
    zip_stat_t stat{};
    zip_source_stat(target, &stat);
    QByteArray bytes(static_cast<qsizetype>(stat.size), '\0');
    zip_source_open(target);
    zip_source_read(target, bytes.data(), stat.size);
    zip_source_close(target);
    zip_source_free(target);
    return bytes;
}

Result<ZipEntries> unzip(const QByteArray& bytes, qint64 most) {
    const Problem damaged{"It is damaged or not a Fusuma project."};
    zip_error_t error{};
    zip_source_t* source =
        zip_source_buffer_create(bytes.constData(), static_cast<zip_uint64_t>(bytes.size()), 0, &error);
    const std::unique_ptr<zip_t, decltype(&zip_discard)> zip(
        zip_open_from_source(source, ZIP_RDONLY | ZIP_CHECKCONS, &error), &zip_discard);
    if (!zip) {
        zip_source_free(source);
        return damaged;
    }
    ZipEntries entries;
    for (zip_int64_t i = 0; i < zip_get_num_entries(zip.get(), 0); ++i) {
        zip_stat_t stat{};
        if (zip_stat_index(zip.get(), static_cast<zip_uint64_t>(i), 0, &stat) != 0 || !(stat.valid & ZIP_STAT_SIZE))
            return damaged;
        if (stat.size > static_cast<zip_uint64_t>(most))
            return Problem{"Its contents are too large to open."};
        most -= static_cast<qint64>(stat.size);
        const std::unique_ptr<zip_file_t, decltype(&zip_fclose)> file(
            zip_fopen_index(zip.get(), static_cast<zip_uint64_t>(i), 0), &zip_fclose);
        QByteArray content(static_cast<qsizetype>(stat.size), '\0');
        if (!file || zip_fread(file.get(), content.data(), stat.size) != static_cast<zip_int64_t>(stat.size))
            return damaged;
        entries[stat.name] = std::move(content);
    }
    return entries;
}

} // namespace fusuma
