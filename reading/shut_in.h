#pragma once

#include <cstdint>

namespace fusuma {

/// What takes a moment and is the same for all copies of this program.
void prepare_to_shut_in();

/// Shuts this program in, for good: from here on it opens no files but libraries and fonts, none for writing, makes no
/// connections, starts no programs and looks at none that run. What it holds open already stays usable.
/// @return false where the system lacks the means
/// Source: landlock(7), seccomp(2)
bool shut_in();

/// Bounds its processor time and memory; past the first it is ended, past the second memory is refused. Sanitizers'
/// builds take several times as much of both, and get it.
/// @param seconds  of processor time, @param memory  bytes
void bound(int seconds, std::uint64_t memory);

} // namespace fusuma
