#include "formats/fonts/fonts.h"

#include "formats/basics/file.h"
#include "formats/basics/shipped.h"

#include <algorithm>
#include <fontconfig/fontconfig.h>
#include <map>
#include <mutex>
#include <optional>
#include <set>
#include <string_view>
#include <tuple>

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

/// A font as fontconfig knows it.
struct Found {
    std::string family, file;
    int index = 0, weight = 0, slant = 0;
};

std::optional<Found> found_in(const FcPattern* match) {
    FcChar8 *name = nullptr, *file = nullptr;
    if (FcPatternGetString(match, FC_FAMILY, 0, &name) != FcResultMatch ||
        FcPatternGetString(match, FC_FILE, 0, &file) != FcResultMatch)
        return std::nullopt;
    Found found{reinterpret_cast<const char*>(name), reinterpret_cast<const char*>(file)};
    FcPatternGetInteger(match, FC_INDEX, 0, &found.index);
    FcPatternGetInteger(match, FC_WEIGHT, 0, &found.weight);
    FcPatternGetInteger(match, FC_SLANT, 0, &found.slant);
    return found;
}

std::shared_ptr<const Font> opened(const Found& found, StandIn stand_in = {}) {
    constexpr qint64 largest = 64 << 20;
    const auto file = read_file(QString::fromStdString(found.file), largest);
    return file ? Font::from(bytes_of(*file), static_cast<unsigned>(found.index & 0xffff), found.family,
                             found.weight >= FC_WEIGHT_DEMIBOLD, found.slant != FC_SLANT_ROMAN, std::move(stand_in))
                : nullptr;
}

/// Which of the computer's fonts a character comes from that another lacks: the first that has it, of all in the order
/// in which fontconfig prefers them.
class StandIns {
  public:
    StandIns(const char* language, bool bold, bool italic) {
        FcPattern* pattern = FcPatternCreate();
        FcPatternAddInteger(pattern, FC_WEIGHT, bold ? FC_WEIGHT_BOLD : FC_WEIGHT_REGULAR);
        FcPatternAddInteger(pattern, FC_SLANT, italic ? FC_SLANT_ITALIC : FC_SLANT_ROMAN);
        FcPatternAddBool(pattern, FC_SCALABLE, FcTrue);
        if (*language != 0)
            FcPatternAddString(pattern, FC_LANG, reinterpret_cast<const FcChar8*>(language));
        FcConfigSubstitute(nullptr, pattern, FcMatchPattern);
        FcDefaultSubstitute(pattern);
        FcResult state{};
        if (FcFontSet* sorted = FcFontSort(nullptr, pattern, FcTrue, nullptr, &state)) {
            for (int i = 0; i < sorted->nfont; ++i)
                if (auto found = found_in(sorted->fonts[i]); found && has_outlines(sorted->fonts[i]))
                    candidates.push_back({std::move(*found), letters_of(sorted->fonts[i]), nullptr, false});
            FcFontSetDestroy(sorted);
        }
        FcPatternDestroy(pattern);
    }

    std::shared_ptr<const Font> with(char32_t letter) {
        for (Candidate& c : candidates) {
            if (FcCharSetHasChar(c.letters.get(), letter) == FcFalse)
                continue;
            if (!c.is_tried) {
                c.font = opened(c.is);
                c.is_tried = true;
            }
            if (c.font)
                return c.font;
        }
        return nullptr;
    }

  private:
    using Letters = std::unique_ptr<FcCharSet, decltype(&FcCharSetDestroy)>;
    struct Candidate {
        Found is;
        Letters letters;
        std::shared_ptr<const Font> font; ///< opened when it is first needed
        bool is_tried;
    };

    static Letters letters_of(const FcPattern* pattern) {
        FcCharSet* letters = nullptr;
        FcPatternGetCharSet(pattern, FC_CHARSET, 0, &letters); // stays the pattern's
        return {letters ? FcCharSetCopy(letters) : FcCharSetCreate(), &FcCharSetDestroy};
    }
    /// Not of pixels, and of a kind that HarfBuzz draws.
    static bool has_outlines(const FcPattern* pattern) {
        FcBool is_coloured = FcFalse;
        FcPatternGetBool(pattern, FC_COLOR, 0, &is_coloured);
        FcChar8* kind = nullptr;
        FcPatternGetString(pattern, FC_FONTFORMAT, 0, &kind);
        const std::string_view name = kind ? reinterpret_cast<const char*>(kind) : "";
        return is_coloured == FcFalse && (name == "TrueType" || name == "CFF");
    }

    std::vector<Candidate> candidates;
};

/// Told by letters that one language alone has; empty for the computer's own. Han is written otherwise in each.
const char* language_of(std::string_view text) {
    constexpr std::size_t enough = 300; // bytes: it is asked for every letter that is lacking
    text = text.substr(0, enough);
    const QString letters = QString::fromUtf8(text.data(), static_cast<qsizetype>(text.size()));
    const auto has = [&letters](auto... scripts) {
        return std::ranges::any_of(letters, [=](QChar c) { return ((c.script() == scripts) || ...); });
    };
    return has(QChar::Script_Hiragana, QChar::Script_Katakana) ? "ja"
           : has(QChar::Script_Hangul)                         ? "ko"
           : has(QChar::Script_Bopomofo)                       ? "zh-tw"
                                                               : "";
}

StandIn stand_in_for(bool bold, bool italic) {
    return [bold, italic](char32_t letter, std::string_view whole) {
        static std::mutex alone;
        static std::map<std::tuple<std::string, bool, bool>, StandIns> known; // as long as the program: fonts are, too
        const char* language = language_of(whole);
        const std::scoped_lock lock(alone);
        auto it = known.find({language, bold, italic});
        if (it == known.end())
            it = known.try_emplace({language, bold, italic}, language, bold, italic).first;
        return it->second.with(letter);
    };
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
    return file ? Font::from(bytes_of(*file), 0, family, best->bold, best->italic, stand_in_for(bold, italic))
                : nullptr;
}

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
    std::optional<Found> found = match ? found_in(match) : std::nullopt;
    if (match)
        FcPatternDestroy(match);
    return found;
}

std::shared_ptr<const Font> system_font(const std::string& family, bool bold, bool italic) {
    const auto found = system_match(family, bold, italic);
    if (!found ||
        QString::fromStdString(found->family).compare(QString::fromStdString(family), Qt::CaseInsensitive) != 0)
        return nullptr;
    return opened(*found, stand_in_for(bold, italic));
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
