#include "app/model/business.h"

namespace fusuma::app {

std::optional<Business::Doing> Business::now() const {
    if (!project.business().isEmpty())
        return Doing{project.business(), -1};
    if (const QString words = file_work.business(); !words.isEmpty())
        return Doing{words, file_work.progress()};
    if (const QString name = importer.reading(); !name.isEmpty())
        return Doing{QObject::tr("Reading “%1”").arg(name), -1};
    if (const QString words = worked.business(); !words.isEmpty())
        return Doing{words, -1};
    if (searches.is_searching())
        return Doing{searches.label(), searches.progress()};
    if (const auto done = working_out.progress()) {
        const auto sticker = in_hand.sticker();
        return Doing{sticker ? QObject::tr("Working out %1").arg(QString::fromStdString(sticker->name))
                             : QObject::tr("Working"),
                     *done};
    }
    return std::nullopt;
}

void Business::cancel() {
    if (file_work.is_busy())
        file_work.stop();
    else if (!importer.reading().isEmpty())
        importer.cancel();
    else if (searches.is_searching())
        searches.stop();
    else
        working_out.cancel();
}

} // namespace fusuma::app
