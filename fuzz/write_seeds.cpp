// Writes a target's seeds as files, for libFuzzer to start from.

#include "fuzz/target.h"

#include <fstream>

int main(int argc, char** argv) {
    if (argc != 2)
        return 2;
    int number = 0;
    for (const std::string& seed : fuzz_seeds())
        std::ofstream(std::string(argv[1]) + "/seed-" + std::to_string(++number), std::ios::binary) << seed;
    return number > 0 ? 0 : 1;
}
