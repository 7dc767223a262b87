#include "formats/project/zip_archive.h"

#include <QFile>
#include <algorithm>
#include <memory>
#include <vector>
#include <zip.h>

namespace fusuma {

Result<QByteArray> zip_bytes(const ZipEntries& entries) {
    const Problem failed{"The project cannot be packed."_said, "There may be too little memory."_said};
    zip_error_t error{};
    const std::unique_ptr<zip_source_t, decltype(&zip_source_free)> target(
        zip_source_buffer_create(nullptr, 0, 0, &error), &zip_source_free);
    if (!target)
        return failed;
    zip_source_keep(target.get()); // the archive owns one reference, we read the result through the other
    std::unique_ptr<zip_t, decltype(&zip_discard)> zip(zip_open_from_source(target.get(), ZIP_TRUNCATE, &error),
                                                       &zip_discard);
    if (!zip) {
        zip_source_free(target.get());
        return failed;
    }
    std::vector<std::pair<std::string, QByteArray>> in_order(entries.begin(), entries.end());
    std::stable_partition(in_order.begin(), in_order.end(),
                          [](const auto& entry) { return entry.first == type_entry; });
    for (const auto& [name, bytes] : in_order) {
        zip_source_t* source =
            zip_source_buffer(zip.get(), bytes.constData(), static_cast<zip_uint64_t>(bytes.size()), 0);
        const zip_int64_t index = source ? zip_file_add(zip.get(), name.c_str(), source, ZIP_FL_ENC_UTF_8) : -1;
        if (index < 0) {
            zip_source_free(source);
            return failed;
        }
        const auto at = static_cast<zip_uint64_t>(index);
        const bool packed_already = !name.ends_with(".json");
        if (zip_file_set_dostime(zip.get(), at, 0, 0x21, 0) != 0 || // 1980-01-01, zip's first day
            zip_set_file_compression(zip.get(), at, packed_already ? ZIP_CM_STORE : ZIP_CM_DEFLATE, 6) != 0)
            return failed;
    }
    if (zip_close(zip.get()) != 0)
        return failed;
    zip.release(); // NOLINT(bugprone-unused-return-value): closed
    zip_stat_t stat{};
    if (zip_source_stat(target.get(), &stat) != 0 || zip_source_open(target.get()) != 0)
        return failed;
    QByteArray bytes(static_cast<qsizetype>(stat.size), '\0');
    const bool is_whole = zip_source_read(target.get(), bytes.data(), stat.size) == static_cast<zip_int64_t>(stat.size);
    zip_source_close(target.get());
    return is_whole ? Result<QByteArray>(std::move(bytes)) : failed;
}

namespace {

using OpenZip = std::unique_ptr<zip_t, decltype(&zip_discard)>;

/// Null when it is none.
OpenZip opened(const QByteArray& bytes, int checks) {
    zip_error_t error{};
    zip_source_t* source =
        zip_source_buffer_create(bytes.constData(), static_cast<zip_uint64_t>(bytes.size()), 0, &error);
    OpenZip zip(source ? zip_open_from_source(source, ZIP_RDONLY | checks, &error) : nullptr, &zip_discard);
    if (!zip)
        zip_source_free(source);
    return zip;
}

/// All of an entry; nothing when it is damaged. Its checksum is only looked at by reading past its end.
std::optional<QByteArray> content_of(zip_t* zip, zip_uint64_t index, zip_uint64_t size) {
    const std::unique_ptr<zip_file_t, decltype(&zip_fclose)> file(zip_fopen_index(zip, index, 0), &zip_fclose);
    QByteArray content(static_cast<qsizetype>(size), '\0');
    char past_end = 0;
    const bool is_whole = file && zip_fread(file.get(), content.data(), size) == static_cast<zip_int64_t>(size) &&
                          zip_fread(file.get(), &past_end, 1) == 0;
    return is_whole ? std::optional(std::move(content)) : std::nullopt;
}

std::optional<QByteArray> entry_of(const OpenZip& zip, const std::string& name, qint64 most) {
    zip_stat_t stat{};
    if (!zip || zip_stat(zip.get(), name.c_str(), 0, &stat) != 0 || !(stat.valid & ZIP_STAT_SIZE) ||
        stat.size > static_cast<zip_uint64_t>(most))
        return std::nullopt;
    return content_of(zip.get(), stat.index, stat.size);
}

} // namespace

Result<ZipEntries> unzip(const QByteArray& bytes, qint64 most) {
    const Problem not_a_project{"It is damaged or not a Fusuma project."_said};
    const OpenZip zip = opened(bytes, ZIP_CHECKCONS);
    if (!zip)
        return not_a_project;
    ZipEntries entries;
    for (zip_int64_t i = 0; i < zip_get_num_entries(zip.get(), 0); ++i) {
        zip_stat_t stat{};
        if (zip_stat_index(zip.get(), static_cast<zip_uint64_t>(i), 0, &stat) != 0 || !(stat.valid & ZIP_STAT_SIZE))
            return not_a_project;
        if (stat.size > static_cast<zip_uint64_t>(most))
            return Problem{"Its contents are too large to open."_said};
        most -= static_cast<qint64>(stat.size);
        auto content = content_of(zip.get(), static_cast<zip_uint64_t>(i), stat.size);
        if (!content)
            return not_a_project;
        entries[stat.name] = std::move(*content);
    }
    return entries;
}

std::optional<QByteArray> zip_entry(const QString& path, const std::string& name, qint64 most) {
    int error = 0;
    return entry_of(OpenZip(zip_open(QFile::encodeName(path).constData(), ZIP_RDONLY, &error), &zip_discard), name,
                    most);
}

std::optional<QByteArray> zip_entry(const QByteArray& bytes, const std::string& name, qint64 most) {
    return entry_of(opened(bytes, 0), name, most);
}

} // namespace fusuma
