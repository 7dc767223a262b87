#pragma once

namespace fusuma {

/// How exactly something is worked out: for printing and cutting, or at once for a preview.
enum class Care { exact, preview };

} // namespace fusuma
