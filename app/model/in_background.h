#pragma once

#include "core/raster/pixels.h"
#include "formats/basics/in_words.h"

#include <QCoreApplication>
#include <QThreadPool>
#include <exception>
#include <new>

namespace fusuma::app {

/// What to tell people about something that work threw.
[[nodiscard]] inline QString words_of(const std::exception& trouble) {
    if (dynamic_cast<const std::bad_alloc*>(&trouble))
        return QCoreApplication::translate(
            "Background", "There is too little memory for this. Close other programs, or use smaller pictures.");
    if (const auto* unreadable = dynamic_cast<const Unreadable*>(&trouble))
        return in_words(unreadable->problem);
    return QCoreApplication::translate("Background", "Something went wrong inside Fusuma (%1). Your work is as it was.")
        .arg(QString::fromUtf8(trouble.what()));
}

/// Calls `work` on a thread of the pool, then `use` with its result on the context's thread; when work throws, calls
/// `failed` there instead, with words for people, or with none when it was only asked to stop. Nothing that is thrown
/// ends the program. The context must outlive the pool's work.
template <typename Work, typename Use, typename Failed>
void in_background(QThreadPool& pool, QObject* context, Work work, Use use, Failed failed) {
    pool.start([context, work = std::move(work), use = std::move(use), failed = std::move(failed)]() mutable {
        QString words;
        try {
            QMetaObject::invokeMethod(context,
                                      [use = std::move(use), result = work()]() mutable { use(std::move(result)); });
            return;
        } catch (const Stopped&) {
        } catch (const std::exception& trouble) {
            words = words_of(trouble);
        }
        QMetaObject::invokeMethod(context, [failed = std::move(failed), words] { failed(words); });
    });
}

} // namespace fusuma::app
