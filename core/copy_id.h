#pragma once

namespace fusuma {

/// What a copy on the sheet is known by, wherever it lies among the others: unique in its document, never used again.
enum class CopyId : int { none = 0 };

} // namespace fusuma
