#include <filesystem>
#include <fstream>
#include <gtest/gtest.h>
#include <map>
#include <set>

namespace {

namespace fs = std::filesystem;

/// What each layer's files may include of ours. Arrows point downwards only.
const std::map<std::string, std::set<std::string>> allowed{{"core", {"core"}},
                                                           {"formats", {"core", "formats"}},
                                                           {"devices", {"core", "formats", "devices"}},
                                                           {"app", {"core", "formats", "devices", "app"}},
                                                           {"cli", {"core", "formats", "devices", "cli"}}};

template <typename Visit> void for_each_include(const std::string& layer, Visit&& visit) {
    const std::string directive = "#include ";
    for (const auto& entry : fs::recursive_directory_iterator(fs::path(SOURCE_DIR) / layer)) {
        if (entry.path().extension() != ".h" && entry.path().extension() != ".cpp")
            continue;
        std::ifstream file(entry.path());
        for (std::string line; std::getline(file, line);) {
            if (!line.starts_with(directive))
                continue;
            const std::size_t from = directive.size() + 1;
            visit(entry.path().string(), line.substr(from, line.find_first_of(">\"", from) - from),
                  line[from - 1] == '"');
        }
    }
}

TEST(Layers, IncludesPointDownwardsOnly) {
    int seen = 0;
    for (const auto& [layer, below] : allowed)
        for_each_include(layer, [&](const std::string& file, const std::string& name, bool ours) {
            ++seen;
            if (ours) {
                EXPECT_TRUE(below.contains(name.substr(0, name.find('/')))) << file << " includes " << name;
                EXPECT_TRUE(fs::exists(fs::path(SOURCE_DIR) / name)) << file << " includes " << name;
            }
        });
    EXPECT_GT(seen, 100);
}

TEST(Layers, CoreKnowsNoInterfaceNoFilesAndNoClock) {
    const std::set<std::string> banned{"fstream", "filesystem", "iostream", "chrono", "ctime", "cstdlib"};
    for_each_include("core", [&](const std::string& file, const std::string& name, bool) {
        EXPECT_FALSE(name[0] == 'Q' || banned.contains(name)) << file << " includes " << name;
    });
}

} // namespace
