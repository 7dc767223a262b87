#pragma once

#include "formats/label/table_read.h"

namespace fusuma {

/// Rows of cells, as `read_cells` says.
/// @param encoding  as for `decoded_text`
/// Source: RFC 4180; read by libcsv
Result<ReadCells> cells_of(const QByteArray& text, const std::string& encoding = {});

} // namespace fusuma
