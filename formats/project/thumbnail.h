#pragma once

#include "core/plan/plan.h"
#include "formats/project/zip_archive.h"

#include <QImage>
#include <QString>
#include <optional>

namespace fusuma {

/// The entry of a project with a small picture of its first sheet, as PNG, for file managers and the start page.
inline constexpr auto thumbnail_entry = "thumbnail.png";
inline constexpr int thumbnail_px = 256; ///< its longer side

/// That entry, for a file that is saved; none when nothing is printed.
[[nodiscard]] ZipEntries thumbnail_of(const JobPlan& plan);

/// The picture kept in a project on disk, without reading anything else of it; nothing when there is none, or when it
/// is damaged or larger than 1024 px.
[[nodiscard]] std::optional<QImage> thumbnail_in(const QString& path);

} // namespace fusuma
