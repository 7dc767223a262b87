#include "app/model/settings.h"

#include <algorithm>

namespace fusuma::app {

std::vector<std::pair<QString, bool>> Settings::all() {
    std::vector<std::pair<QString, bool>> every;
    const auto add = [&](const auto&... settings) {
        (every.emplace_back(QLatin1String(settings.key), settings.is_work), ...);
    };
    add(look, window, sides, opened, last_lengths, recent, folder, screen, machine, profiles, lenses);
    return every;
}

void Settings::put_back() {
    QSettings file;
    const auto every = all();
    for (const QString& key : file.allKeys()) {
        const bool is_work = std::ranges::any_of(every, [&](const auto& setting) {
            return setting.second && (key == setting.first || key.startsWith(setting.first + QLatin1Char('/')));
        });
        if (!is_work)
            file.remove(key);
    }
}

Look Settings::chosen_look() {
    const bool was_dark = QSettings().value(QStringLiteral("dark")).toBool(); // as version 0.1 kept it
    const auto known = value_of<Look>(look.value().toStdString());
    return known.value_or(was_dark ? Look::dark : Look::desktop);
}

} // namespace fusuma::app
