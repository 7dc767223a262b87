#include "formats/fonts/fonts.h"

#include "formats/basics/file.h"
#include "formats/basics/shipped.h"

#include <algorithm>
#include <fontconfig/fontconfig.h>
#include <map>
#include <mutex>
#include <optional>
#include <set>

namespace fusuma {

namespace {

struct Shipped {
    const char* family;
    bool bold, italic;
    const char* file;
};
constexpr Shipped shipped[] = {
    {"Cabin", false, false, "Cabin-Regular.otf"},
    {"Cabin", true, false, "Cabin-Bold.otf"},
    {"Cabin", false, true, "Cabin-Italic.otf"},
    {"Cabin", true, true, "Cabin-BoldItalic.otf"},
    {"Dancing Script", false, false, "DancingScript-Regular.otf"},
    {"Dancing Script", true, false, "DancingScript-Bold.otf"},
    {"Inter", false, false, "Inter-Regular.otf"},
    {"Inter", true, false, "Inter-SemiBold.otf"},
    {"Lobster Two", false, false, "LobsterTwo-Regular.otf"},
    {"Lobster Two", true, false, "LobsterTwo-Bold.otf"},
    {"Lobster Two", false, true, "LobsterTwo-Italic.otf"},
    {"Quicksand", false, false, "Quicksand-Regular.ttf"},
    {"Quicksand", true, false, "Quicksand-Bold.ttf"},
};

std::shared_ptr<const std::vector<std::byte>> bytes_of(const QByteArray& file) {
    const auto* first = reinterpret_cast<const std::byte*>(file.constData());
    return std::make_shared<const std::vector<std::byte>>(first, first + file.size());
}

std::shared_ptr<const Font> shipped_font(const std::string& family, bool bold, bool italic) {
    const Shipped* best = nullptr;
    for (const Shipped& s : shipped)
        if (s.family == family) {
            const auto misses = [&](const Shipped& f) { return 2 * (f.bold != bold) + (f.italic != italic); };
            if (!best || misses(s) < misses(*best))
                best = &s;
        }
    if (!best)
        return nullptr;
    constexpr qint64 largest = 16 << 20;
    const auto file = read_file(shipped_file(QStringLiteral("fonts/") + QLatin1String(best->file)), largest);
    return file ? Font::from(bytes_of(*file), 0, family, best->bold, best->italic) : nullptr;
}

/// What fontconfig finds for a family.
struct Found {
    std::string family, file;
    int index = 0, weight = 0, slant = 0;
};

std::optional<Found> system_match(const std::string& family, bool bold, bool italic) {
    static std::mutex mutex; // fontconfig reads its configuration when first asked
    const std::scoped_lock lock(mutex);
    FcPattern* pattern = FcPatternCreate();
    FcPatternAddString(pattern, FC_FAMILY, reinterpret_cast<const FcChar8*>(family.c_str()));
    FcPatternAddInteger(pattern, FC_WEIGHT, bold ? FC_WEIGHT_BOLD : FC_WEIGHT_REGULAR);
    FcPatternAddInteger(pattern, FC_SLANT, italic ? FC_SLANT_ITALIC : FC_SLANT_ROMAN);
    FcPatternAddBool(pattern, FC_SCALABLE, FcTrue);
    FcConfigSubstitute(nullptr, pattern, FcMatchPattern);
    FcDefaultSubstitute(pattern);
    FcResult state{};
    FcPattern* match = FcFontMatch(nullptr, pattern, &state);
    FcPatternDestroy(pattern);
    std::optional<Found> found;
    FcChar8 *name = nullptr, *file = nullptr;
    if (match && FcPatternGetString(match, FC_FAMILY, 0, &name) == FcResultMatch &&
        FcPatternGetString(match, FC_FILE, 0, &file) == FcResultMatch) {
        found.emplace();
        found->family = reinterpret_cast<const char*>(name);
        found->file = reinterpret_cast<const char*>(file);
        FcPatternGetInteger(match, FC_INDEX, 0, &found->index);
        FcPatternGetInteger(match, FC_WEIGHT, 0, &found->weight);
        FcPatternGetInteger(match, FC_SLANT, 0, &found->slant);
    }
    if (match)
        FcPatternDestroy(match);
    return found;
}

std::shared_ptr<const Font> system_font(const std::string& family, bool bold, bool italic) {
    const auto found = system_match(family, bold, italic);
    if (!found ||
        QString::fromStdString(found->family).compare(QString::fromStdString(family), Qt::CaseInsensitive) != 0)
        return nullptr;
    constexpr qint64 largest = 64 << 20;
    const auto file = read_file(QString::fromStdString(found->file), largest);
    return file ? Font::from(bytes_of(*file), static_cast<unsigned>(found->index & 0xffff), found->family,
                             found->weight >= FC_WEIGHT_DEMIBOLD, found->slant != FC_SLANT_ROMAN)
                : nullptr;
}

} // namespace

const std::vector<std::string>& font_families() {
    static const std::vector<std::string> all = [] {
        std::set<std::string> own, system;
        for (const Shipped& s : shipped)
            own.insert(s.family);
        FcPattern* every = FcPatternCreate();
        FcPatternAddBool(every, FC_SCALABLE, FcTrue);
        FcObjectSet* wanted = FcObjectSetBuild(FC_FAMILY, nullptr);
        if (FcFontSet* fonts = FcFontList(nullptr, every, wanted)) {
            for (int i = 0; i < fonts->nfont; ++i) {
                FcChar8* name = nullptr;
                if (FcPatternGetString(fonts->fonts[i], FC_FAMILY, 0, &name) == FcResultMatch &&
                    !own.contains(reinterpret_cast<const char*>(name)))
                    system.insert(reinterpret_cast<const char*>(name));
            }
            FcFontSetDestroy(fonts);
        }
        FcObjectSetDestroy(wanted);
        FcPatternDestroy(every);
        std::vector<std::string> families(own.begin(), own.end());
        families.insert(families.end(), system.begin(), system.end());
        return families;
    }();
    return all;
}

std::shared_ptr<const Font> find_font(const std::string& family, bool bold, bool italic) {
    static std::mutex mutex;
    static std::map<std::tuple<std::string, bool, bool>, std::shared_ptr<const Font>> known;
    const std::scoped_lock lock(mutex);
    auto& font = known[{family, bold, italic}];
    if (!font)
        font = shipped_font(family, bold, italic);
    if (!font)
        font = system_font(family, bold, italic);
    if (!font)
        font = shipped_font("Inter", bold, italic);
    return font;
}

QStringList missing_families(const QString& list) {
    QStringList missing;
    for (QString family : list.split(QLatin1Char(','), Qt::SkipEmptyParts)) {
        family = family.simplified();
        if (family.size() > 1 && (family.startsWith(QLatin1Char('"')) || family.startsWith(QLatin1Char('\''))))
            family = family.mid(1, family.size() - 2);
        static const QStringList generic{QStringLiteral("serif"),     QStringLiteral("sans-serif"),
                                         QStringLiteral("monospace"), QStringLiteral("cursive"),
                                         QStringLiteral("fantasy"),   QStringLiteral("inherit")};
        const auto found = system_match(family.toStdString(), false, false);
        const bool is_there =
            generic.contains(family.toLower()) ||
            (found && QString::fromStdString(found->family).compare(family, Qt::CaseInsensitive) == 0);
        if (is_there)
            return {};
        if (found)
            missing << QStringLiteral("%1 (%2 is used)").arg(family, QString::fromStdString(found->family));
    }
    return missing;
}

} // namespace fusuma
