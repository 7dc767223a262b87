#pragma once

#include "formats/cut_files/cut_file.h"

namespace fusuma {

/// The lines of a cut file, as `read_cut_file` says.
Result<std::vector<ReadLine>> cut_lines_of(const QByteArray& bytes, const QString& name, Size paper);

} // namespace fusuma
