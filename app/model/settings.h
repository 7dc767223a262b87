#pragma once

#include "core/words.h"

#include <QSettings>
#include <QStringList>
#include <QVariant>
#include <vector>

namespace fusuma::app {

/// Light or dark, or whichever the desktop has.
enum class Look { desktop, light, dark };

} // namespace fusuma::app

template <>
inline constexpr std::array fusuma::words<fusuma::app::Look>{
    fusuma::Word{fusuma::app::Look::desktop, "desktop", "As the desktop"},
    fusuma::Word{fusuma::app::Look::light, "light", "Light"}, fusuma::Word{fusuma::app::Look::dark, "dark", "Dark"}};

namespace fusuma::app {

/// Something that the program keeps between runs, in the one file of its settings. Settings with parts have one value
/// for each, such as each panel.
template <typename T> class Setting {
  public:
    constexpr explicit Setting(const char* its_key, bool work = false) : key(its_key), is_work(work) {}
    [[nodiscard]] T value(const T& usual = {}, const QString& part = {}) const {
        const QVariant kept = QSettings().value(path(part));
        return kept.isValid() ? kept.value<T>() : usual;
    }
    void keep(const T& value, const QString& part = {}) const { QSettings().setValue(path(part), value); }

    const char* const key;
    const bool is_work; ///< a person made it: it stays when settings are put back

  private:
    [[nodiscard]] QString path(const QString& part) const {
        return part.isEmpty() ? QString::fromLatin1(key) : QLatin1String(key) + QLatin1Char('/') + part;
    }
};

/// All settings there are. docs/guide/user-guide.md tells what each is for.
struct Settings {
    static constexpr Setting<QString> look{"look"};                   ///< a word of `Look`
    static constexpr Setting<QByteArray> window{"geometry"};          ///< where the last window was
    static constexpr Setting<QByteArray> sides{"sides"};              ///< by place: how wide its panels are
    static constexpr Setting<bool> opened{"more"};                    ///< by part of a step: is it open?
    static constexpr Setting<QVariantList> last_lengths{"lastPicks"}; ///< by field, mm
    static constexpr Setting<QStringList> recent{"recent"};           ///< projects, the newest first
    static constexpr Setting<QString> folder{"folder"};               ///< by use: where files were opened or saved last
    static constexpr Setting<double> screen{"screen/px_per_mm"};      ///< as measured with a card
    static constexpr Setting<QString> machine{"machine/chosen"};      ///< its name; empty for the practice cutter
    static constexpr Setting<QStringList> profiles{"profiles",
                                                   true};         ///< by kind: printers, cutters, materials, machines
    static constexpr Setting<QStringList> lenses{"lenses", true}; ///< by camera: how its lens bends

    /// The keys of all of them, and whether each is a person's own work.
    [[nodiscard]] static std::vector<std::pair<QString, bool>> all();
    /// Forgets all but what people made: profiles and lenses.
    static void put_back();

    [[nodiscard]] static Look chosen_look();
};

} // namespace fusuma::app
