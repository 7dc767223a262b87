#include "app/model/file_work.h"

#include "formats/basics/file.h"
#include "formats/basics/in_words.h"

#include <QFileInfo>

namespace fusuma::app {

FileWork::FileWork(Messages& told) : messages(told) {
    worker.setMaxThreadCount(1);
}

FileWork::~FileWork() {
    worker.waitForDone();
}

void FileWork::write(std::vector<File> files, const QString& words, const std::function<void(bool)>& then) {
    under_way.push_back({tr("Saving “%1”").arg(QFileInfo(files.front().path).fileName()), {}});
    const auto end = [this, then](const QString& problem, const QString& note) {
        under_way.erase(under_way.begin());
        done = -1;
        if (!problem.isEmpty())
            emit messages.problem(problem);
        else if (!note.isEmpty())
            emit messages.note(note);
        if (then)
            then(problem.isEmpty());
    };
    in_background(
        worker, this,
        [files = std::move(files), work = Work{under_way.back().stop.get_token(), &done}]() -> Outcome {
            for (std::size_t i = 0; i < files.size(); ++i) {
                const auto share = [&](std::size_t k) {
                    return static_cast<double>(k) / static_cast<double>(files.size());
                };
                try {
                    const QByteArray bytes = files[i].make(work.part(share(i), share(i + 1)));
                    work.at(share(i + 1));
                    if (Outcome written = write_file(files[i].path, bytes); !written)
                        return written;
                } catch (const Stopped&) {
                    return Problem{"Stopped: “{file}” was not saved."_said.with(
                        "file", QFileInfo(files[i].path).fileName().toStdString())};
                }
            }
            return Done{};
        },
        [end, words](const Outcome& outcome) { end(outcome ? QString() : in_words(outcome.problem()), words); },
        [end](const QString& trouble) { end(trouble, {}); });
}

} // namespace fusuma::app
