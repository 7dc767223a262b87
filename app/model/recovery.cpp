#include "app/model/recovery.h"

#include "app/model/in_background.h"
#include "app/model/log.h"
#include "core/steps/small_picture.h"
#include "formats/basics/in_words.h"
#include "formats/basics/json.h"
#include "formats/painting/shown_art.h"
#include "formats/project/project_file.h"
#include "formats/project/thumbnail.h"

#include <QBuffer>
#include <QDir>
#include <QUuid>
#include <algorithm>

namespace fusuma::app {

namespace {

constexpr auto about_entry = "unsaved.json";
constexpr qint64 most_about = 1 << 16;

QString lock_of(const QString& file) {
    return file.chopped(static_cast<qsizetype>(std::size(".fusuma")) - 1) + QStringLiteral(".lock");
}

std::shared_ptr<QLockFile> locked(const QString& file) {
    auto lock = std::make_shared<QLockFile>(lock_of(file));
    lock->setStaleLockTime(0); // only the end of its program frees it
    return lock->tryLock(0) ? lock : nullptr;
}

/// Of the first picture, as it came: drawn without working anything out.
QByteArray picture_of(const Document& document) {
    constexpr int side = 160;
    for (const auto& sticker : document.stickers)
        if (const auto* art = std::get_if<PictureArtwork>(&sticker->artwork)) {
            QByteArray png;
            QBuffer buffer(&png);
            if (!art->picture->pixels.at_hand())
                continue; // nothing is decoded for it alone
            image_of(*small_picture(*art->picture, side, {}).picture->pixels.get()).save(&buffer, "PNG");
            return png;
        }
    return {};
}

ZipEntries about(const Document& document, const QString& name, const QString& path, bool is_tried) {
    const nlohmann::json words{{"name", name.toStdString()}, {"path", path.toStdString()}, {"tried", is_tried}};
    ZipEntries entries{{about_entry, QByteArray::fromStdString(words.dump())}};
    if (QByteArray picture = picture_of(document); !picture.isEmpty())
        entries[thumbnail_entry] = std::move(picture);
    return entries;
}

LeftWork look_at(const QFileInfo& file) {
    LeftWork left;
    left.file = file.absoluteFilePath();
    left.kept = file.lastModified();
    left.name = QObject::tr("Unsaved work");
    if (const auto words = small_entry(left.file, about_entry)) {
        const auto json = nlohmann::json::parse(words->begin(), words->end(), nullptr, false);
        const auto take = [&](const char* key, auto otherwise) {
            try {
                return json.value(key, otherwise);
            } catch (const nlohmann::json::exception&) { // of another version: the work is what counts
                return otherwise;
            }
        };
        left.name = QString::fromStdString(take("name", left.name.toStdString()));
        left.path = QString::fromStdString(take("path", std::string()));
        left.was_tried = take("tried", false);
    }
    left.picture = QImage::fromData(small_entry(left.file, thumbnail_entry).value_or(QByteArray()), "PNG");
    return left;
}

} // namespace

Recovery::Recovery(Project& open_project, Messages& told, const QString& where)
    : project(open_project), messages(told), folder(where) {
    constexpr int every_ms = 2000;
    worker.setMaxThreadCount(1);
    QDir().mkpath(folder);
    take_a_file();
    timer.setInterval(every_ms);
    connect(&timer, &QTimer::timeout, this, &Recovery::keep);
    timer.start();
}

Recovery::~Recovery() {
    worker.waitForDone();
    if (is_given_up || (!takes_up && !project.is_changed()))
        QFile::remove(file);
}

QString Recovery::usual_folder() {
    const QByteArray state = qgetenv("XDG_STATE_HOME");
    return (state.startsWith('/') ? QFile::decodeName(state) : QDir::homePath() + QStringLiteral("/.local/state")) +
           QStringLiteral("/fusuma/unsaved");
}

void Recovery::take_a_file() {
    file = folder + QLatin1Char('/') + QUuid::createUuid().toString(QUuid::WithoutBraces) + QStringLiteral(".fusuma");
    lock = locked(file);
    kept.reset();
    is_tried = false;
}

std::vector<LeftWork> Recovery::left_behind(const QString& folder) {
    std::vector<LeftWork> all;
    for (const QFileInfo& file : QDir(folder).entryInfoList({QStringLiteral("*.fusuma")}, QDir::Files, QDir::Time))
        if (auto lock = locked(file.absoluteFilePath()); lock && file.exists()) {
            all.push_back(look_at(file));
            all.back().lock = std::move(lock);
        }
    return all;
}

void Recovery::take_up(const LeftWork& left) {
    QFile::remove(file); // nothing was kept here yet: the window was empty
    file = left.file;
    lock = left.lock;
    takes_up = is_tried = true;
    kept.reset();
    const auto failed = [this](const QString& words) {
        takes_up = false;
        emit messages.problem(words);
        take_a_file();
    };
    in_background(
        worker, this, [path = left.file] { return load_project(path); },
        [this, left, failed](Result<Document> document) {
            if (!document) {
                failed(tr("What was kept of “%1” cannot be read. It stays in %2.")
                           .arg(left.name, QDir::toNativeSeparators(left.file)));
                return;
            }
            takes_up = false;
            project.adopt_unsaved(std::move(*document), left.name, left.path);
            keep(); // so that the next start knows that it was tried
        },
        failed);
}

void Recovery::give_up(const LeftWork& left) {
    QFile::remove(left.file);
}

void Recovery::keep() {
    if (is_keeping || takes_up)
        return;
    if (!project.is_changed()) {
        if (QFile::exists(file))
            QFile::remove(file);
        kept.reset();
        failures = 0;
        return;
    }
    if (kept && *kept == project.document())
        return;
    is_keeping = true;
    in_background(
        worker, this,
        [document = project.document(), name = project.name(), path = project.path(), to = file, tried = is_tried,
         where = folder] {
            QDir().mkpath(where);
            return save_project(document, to, about(document, name, path, tried));
        },
        [this, document = project.document(), to = file](const Outcome& outcome) {
            end_keeping(document, to, outcome);
        },
        [this, document = project.document(), to = file](const QString& words) {
            end_keeping(document, to, Problem{Said::verbatim(words.toStdString())});
        });
}

void Recovery::end_keeping(const Document& document, const QString& in, const Outcome& outcome) {
    qCInfo(files_log) << "kept aside" << static_cast<bool>(outcome) << in;
    constexpr int patience = 3;
    is_keeping = false;
    if (outcome && in == file) {
        kept = document;
        failures = 0;
    } else if (!outcome && ++failures == patience) {
        emit messages.problem(tr("Unsaved work cannot be kept aside, so a crash would lose it. Save the project. %1")
                                  .arg(in_words(outcome.problem())));
    }
}

} // namespace fusuma::app
