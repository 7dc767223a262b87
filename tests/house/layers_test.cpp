// What may include what: layers, folders within layers, and what core must not know. Folders stand in their order, the
// lowest first; a file includes only from its own folder and from those before it.

#include <algorithm>
#include <cstdio>
#include <filesystem>
#include <fstream>
#include <gtest/gtest.h>
#include <map>
#include <set>

namespace {

namespace fs = std::filesystem;

const std::vector<std::string> layers{"core", "formats", "reading", "devices", "app", "cli"};

const std::map<std::string, std::vector<std::string>> folders{
    {"core", {".",     "geometry", "raster",  "trace",    "border",    "cutting",      "drawing",
              "hand",  "label",    "sheet",   "document", "fill",      "registration", "photo",
              "steps", "plan",     "machine", "arrange",  "preflight", "rehearsal"}},
    {"formats",
     {"basics", "room", "manual", "fonts", "drawing", "picture", "cut_files", "label", "machine", "pdf", "painting",
      "project"}},
    {"reading", {"basics", "dxf", "picture", "svg", "cut_lines", "drawing", "printed", "table", "."}},
    {"devices", {"cutter", "scanner", "practice"}},
    {"app", {"model", "common", "bench", "sheet", "output", "frame"}},
    {"cli", {"."}}};

/// Folders that stand beside each other and know nothing of one another.
const std::set<std::set<std::string>> strangers{
    {"app/bench", "app/sheet"}, {"app/bench", "app/output"}, {"app/sheet", "app/output"}};

/// Layers that a layer does not stand on, although they come before it.
const std::map<std::string, std::set<std::string>> not_below{
    {"devices", {"reading"}}, {"app", {"reading"}}, {"cli", {"app", "reading"}}};

/// The layer and the folder of a path such as "core/trace/fit.h".
std::pair<std::string, std::string> room_of(const std::string& path) {
    const auto first = path.find('/'), second = path.find('/', first + 1);
    return {path.substr(0, first), second == std::string::npos ? "." : path.substr(first + 1, second - first - 1)};
}

/// Calls `visit(file, name, is_ours)` for every include of a layer; both from the project's root.
template <typename Visit> void for_each_include(const std::string& layer, Visit&& visit) {
    const std::string directive = "#include ";
    const fs::path root(SOURCE_DIR);
    for (const auto& entry : fs::recursive_directory_iterator(root / layer)) {
        if (entry.path().extension() != ".h" && entry.path().extension() != ".cpp")
            continue;
        std::ifstream file(entry.path());
        for (std::string line; std::getline(file, line);) {
            if (!line.starts_with(directive))
                continue;
            const std::size_t from = directive.size() + 1;
            visit(fs::relative(entry.path(), root).string(), line.substr(from, line.find_first_of(">\"", from) - from),
                  line[from - 1] == '"');
        }
    }
}

template <typename List> std::ptrdiff_t place_in(const List& list, const std::string& what) {
    return std::find(list.begin(), list.end(), what) - list.begin();
}

/// The libraries that a program asks for itself, as `readelf -d` tells them: "(NEEDED) Shared library: [libzip.so.4]".
std::vector<std::string> told_by_readelf(const std::string& what, const std::string& program) {
    FILE* pipe = ::popen(("readelf -W " + what + " '" + program + "'").c_str(), "r");
    std::vector<std::string> lines;
    char line[4096];
    while (std::fgets(line, sizeof line, pipe))
        lines.emplace_back(line);
    ::pclose(pipe);
    return lines;
}

std::vector<std::string> needed_by(const std::string& program) {
    std::vector<std::string> libraries;
    for (const std::string& text : told_by_readelf("-d", program)) {
        const auto open = text.find('['), close = text.find(']');
        if (text.find("(NEEDED)") != std::string::npos && close != std::string::npos)
            libraries.push_back(text.substr(open + 1, close - open - 1));
    }
    return libraries;
}

/// The functions of other libraries that a program calls, with the lines that tell of them.
std::vector<std::string> called_by(const std::string& program) {
    std::vector<std::string> functions;
    for (const std::string& text : told_by_readelf("--dyn-syms", program))
        if (const auto at = text.find(" UND "); at != std::string::npos)
            functions.push_back(text.substr(at + 5));
    return functions;
}

TEST(Layers, IncludesPointDownwardsOnly) {
    int seen = 0;
    for (const std::string& layer : layers)
        for_each_include(layer, [&](const std::string& file, const std::string& name, bool ours) {
            ++seen;
            if (!ours)
                return;
            const std::string other = room_of(name).first;
            EXPECT_TRUE(fs::exists(fs::path(SOURCE_DIR) / name)) << file << " includes " << name;
            EXPECT_LE(place_in(layers, other), place_in(layers, layer)) << file << " includes " << name;
            const auto forbidden = not_below.find(layer);
            EXPECT_FALSE(forbidden != not_below.end() && forbidden->second.contains(other))
                << file << " includes " << name;
        });
    EXPECT_GT(seen, 100);
}

TEST(Layers, FoldersOfALayerPointDownwardsOnly) {
    for (const auto& [layer, order] : folders)
        for_each_include(
            layer, [&, &within = layer, &rooms = order](const std::string& file, const std::string& name, bool ours) {
                const auto here = room_of(file), there = room_of(name);
                ASSERT_NE(place_in(rooms, here.second), std::ssize(rooms)) << file << " is in a folder without a place";
                if (!ours || there.first != within)
                    return;
                EXPECT_LE(place_in(rooms, there.second), place_in(rooms, here.second)) << file << " includes " << name;
                EXPECT_FALSE(strangers.contains({within + "/" + here.second, within + "/" + there.second}))
                    << file << " includes " << name;
            });
}

TEST(Layers, EveryFolderSaysWhatItHolds) {
    for (const auto& [layer, order] : folders)
        for (const std::string& folder : order)
            EXPECT_TRUE(fs::exists(fs::path(SOURCE_DIR) / layer / folder / "README.md")) << layer << "/" << folder;
}

TEST(Layers, NoProgramWithAPersonsWorkLinksWhatParsesFilesFromOutside) {
    // Qt's own parts aside; qpdf, zip and zlib are there to write with.
    const std::set<std::string> parsers{"poppler", "poppler-glib", "poppler-cpp", "rsvg-2",       "cairo", "dxflib",
                                        "heif",    "lcms2",        "exiv2",       "csv",          "jpeg",  "2geom",
                                        "png16",   "tiff",         "webp",        "gdk_pixbuf-2", "xml2"};
    for (const char* program : {FUSUMA, FUSUMA_CLI}) {
        int seen = 0;
        for (const std::string& library : needed_by(program)) {
            ++seen;
            const std::string name = library.substr(3, library.find_first_of(".", 3) - 3); // libNAME.so.1
            EXPECT_FALSE(parsers.contains(name)) << program << " links " << library;
        }
        EXPECT_GT(seen, 5) << program;
        bool deflates = false;
        for (const std::string& function : called_by(program)) { // zlib packs; what is packed is opened in the room
            deflates = deflates || function.starts_with("deflate");
            for (const char* opens : {"inflate", "uncompress", "gz"})
                EXPECT_FALSE(function.starts_with(opens)) << program << " calls " << function;
        }
        EXPECT_TRUE(deflates) << program;
    }
    const std::vector<std::string> reader = needed_by(READER);
    EXPECT_NE(std::ranges::find(reader, "librsvg-2.so.2"), reader.end());
}

TEST(Layers, CoreKnowsNoInterfaceNoFilesAndNoClock) {
    const std::set<std::string> banned{"fstream", "filesystem", "iostream", "chrono", "ctime", "cstdlib"};
    for_each_include("core", [&](const std::string& file, const std::string& name, bool) {
        EXPECT_FALSE(name[0] == 'Q' || banned.contains(name)) << file << " includes " << name;
    });
}

/// Which adds what whole numbers may be: not by way of it, one part would take what another refuses.
TEST(Layers, JsonIsReadByWayOfOneHeader) {
    const std::string way = "formats/basics/json.h";
    std::vector<std::string> readers = layers;
    readers.insert(readers.end(), {"tests", "fuzz", "bench"});
    for (const std::string& layer : readers)
        for_each_include(layer, [&](const std::string& file, const std::string& name, bool) {
            EXPECT_TRUE(file == way || !name.starts_with("nlohmann")) << file << " includes " << name;
        });
}

} // namespace
