#include "app/model/business.h"

namespace fusuma::app {

std::optional<Business::Stoppable> Business::at_work() const {
    if (!project.business().isEmpty())
        return Stoppable{{project.business(), -1, false}, [] {}};
    if (const QString words = file_work.business(); !words.isEmpty())
        return Stoppable{{words, file_work.progress()}, [this] { file_work.stop(); }};
    if (const QString name = importer.reading(); !name.isEmpty())
        return Stoppable{{QObject::tr("Reading “%1”").arg(name)}, [this] { importer.cancel(); }};
    if (const QString words = worked.business(); !words.isEmpty())
        return Stoppable{{words, worked.progress()}, [this] { worked.stop(); }};
    if (searches.is_searching())
        return Stoppable{{searches.label(), searches.progress()}, [this] { searches.stop(); }};
    if (const auto done = working_out.progress()) {
        const auto sticker = in_hand.sticker();
        const int to_come = working_out.stickers_to_come();
        const QString words = to_come > 1 ? QObject::tr("Working out %n stickers", nullptr, to_come)
                              : sticker   ? QObject::tr("Working out %1").arg(QString::fromStdString(sticker->name))
                                          : QObject::tr("Working");
        return Stoppable{{words, *done}, [this] { working_out.cancel(); }};
    }
    return std::nullopt;
}

std::optional<Business::Doing> Business::now() const {
    const auto found = at_work();
    return found ? std::optional(found->doing) : std::nullopt;
}

void Business::cancel() {
    if (const auto found = at_work())
        found->stop();
}

} // namespace fusuma::app
