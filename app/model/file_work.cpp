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

void FileWork::write(std::vector<File> files, const QString& done, const std::function<void(bool)>& then) {
    under_way.push_back(tr("Saving “%1”").arg(QFileInfo(files.front().path).fileName()));
    const auto end = [this, then](const QString& problem, const QString& note) {
        under_way.erase(under_way.begin());
        if (!problem.isEmpty())
            emit messages.problem(problem);
        else if (!note.isEmpty())
            emit messages.note(note);
        if (then)
            then(problem.isEmpty());
    };
    in_background(
        worker, this,
        [files = std::move(files)]() -> Outcome {
            for (const File& file : files)
                if (Outcome written = write_file(file.path, file.make()); !written)
                    return written;
            return Done{};
        },
        [end, done](const Outcome& outcome) { end(outcome ? QString() : in_words(outcome.problem()), done); },
        [end](const QString& trouble) { end(trouble, {}); });
}

} // namespace fusuma::app
