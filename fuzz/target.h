#pragma once

#include <cstddef>
#include <cstdint>
#include <string>
#include <vector>

/// The parser under test, in libFuzzer's own form. Must not crash, hang or take memory without bound on any bytes.
extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size);

/// Well-formed inputs to start from.
std::vector<std::string> fuzz_seeds();
