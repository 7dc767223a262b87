#pragma once

#include "formats/label/table_read.h"

namespace fusuma {

/// Rows of cells, as `read_cells` says.
/// Source: RFC 4180; read by libcsv
Result<ReadCells> cells_of(const QByteArray& text);

} // namespace fusuma
