#include "app/model/exporter.h"

#include "app/model/in_background.h"
#include "formats/basics/file.h"

#include <QFileInfo>

namespace fusuma::app {

Exporter::Exporter(Messages& told) : messages(told) {
    worker.setMaxThreadCount(1);
}

Exporter::~Exporter() {
    worker.waitForDone();
}

void Exporter::write(std::vector<File> files, const QString& done, const std::function<void(bool)>& then) {
    writing.push_back(tr("Saving “%1”").arg(QFileInfo(files.front().path).fileName()));
    const auto end = [this, then](const QString& problem, const QString& note) {
        writing.erase(writing.begin());
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
        [end, done](const Outcome& outcome) {
            end(outcome ? QString() : QString::fromStdString(outcome.problem().text()), done);
        },
        [end](const QString& trouble) { end(trouble, {}); });
}

} // namespace fusuma::app
