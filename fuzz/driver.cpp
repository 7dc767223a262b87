// Runs a fuzz target over mutated seeds: bytes changed, removed, repeated, and pieces of seeds mixed.

#include "fuzz/target.h"

#include <algorithm>
#include <cstdio>
#include <cstdlib>
#include <random>

namespace {

std::string mutated(const std::vector<std::string>& seeds, std::mt19937& random) {
    const auto below = [&](std::size_t n) { return n == 0 ? 0 : random() % n; };
    std::string bytes = seeds[below(seeds.size())];
    for (std::size_t edits = 1 + below(6); edits > 0; --edits) {
        const std::size_t at = below(bytes.size() + 1);
        switch (random() % 6) {
        case 0:
            if (at < bytes.size())
                bytes[at] = static_cast<char>(random());
            break;
        case 1:
            if (at < bytes.size())
                bytes[at] = static_cast<char>(bytes[at] ^ (1 << (random() % 8)));
            break;
        case 2:
            bytes.erase(at, 1 + below(64));
            break;
        case 3:
            bytes.insert(at, bytes.substr(below(bytes.size() + 1), below(64)));
            break;
        case 4:
            bytes.resize(at);
            break;
        default: {
            const std::string& other = seeds[below(seeds.size())];
            bytes.insert(at, other.substr(below(other.size() + 1), below(256)));
        }
        }
    }
    return bytes;
}

} // namespace

int main(int argc, char** argv) {
    const long runs = argc > 1 ? std::atol(argv[1]) : 10000;
    const std::vector<std::string> seeds = fuzz_seeds();
    std::mt19937 random(20260718);
    for (long i = 0; i < runs; ++i) {
        const std::string bytes =
            i < static_cast<long>(seeds.size()) ? seeds[static_cast<std::size_t>(i)] : mutated(seeds, random);
        LLVMFuzzerTestOneInput(reinterpret_cast<const std::uint8_t*>(bytes.data()), bytes.size());
    }
    std::printf("%ld runs, no fault\n", runs);
    return 0;
}
