#include "app/model/importer.h"

#include "app/model/in_background.h"
#include "core/steps/replaced_artwork.h"
#include "core/steps/small_picture.h"
#include "formats/basics/in_words.h"
#include "formats/drawing/drawing_read.h"
#include "formats/picture/picture_read.h"

#include <QFileInfo>
#include <algorithm>

namespace fusuma::app {

Importer::Importer(Messages& told, Project& open_project, InHand& hand)
    : messages(told), project(open_project), in_hand(hand) {
    reader.setMaxThreadCount(1);
}

Importer::~Importer() {
    reader.clear();
    reader.waitForDone();
}

QString Importer::reading() const {
    return waiting.empty() ? QString() : waiting.front().second;
}

void Importer::cancel() {
    waiting.clear(); // their results find nobody waiting
}

template <typename Read, typename Use> void Importer::read_in_background(const QString& name, Read read, Use use) {
    const std::uint64_t number = next_number++;
    waiting.emplace_back(number, name);
    // False when it was cancelled, or is not for the project that is open by now.
    const auto is_awaited = [this, number, name, for_project = project.generation()] {
        if (std::erase_if(waiting, [&](const auto& r) { return r.first == number; }) == 0)
            return false;
        if (for_project != project.generation())
            emit messages.note(tr("“%1” was for the project that was open before, and is left out.").arg(name));
        return for_project == project.generation();
    };
    in_background(
        reader, this, read,
        [this, is_awaited, use](const auto& result) {
            if (!is_awaited())
                return;
            if (!result)
                emit messages.problem(in_words(result.problem()));
            else
                use(*result);
        },
        [this, is_awaited](const QString& words) {
            if (is_awaited())
                emit messages.problem(words);
        });
}

void Importer::add_as_sticker(Sticker s, const QString& words) {
    const QString name = QString::fromStdString(s.name);
    project.edit(tr("Add %1").arg(name), [&](Document d) { return with_sticker_added(std::move(d), std::move(s)); });
    in_hand.choose_sticker(project.document().stickers.back()->id);
    if (!words.isEmpty())
        emit messages.note(words);
    emit artwork_added();
}

namespace {

QString nothing_in(const QString& name) {
    return Importer::tr("“%1” is fully transparent, so there is nothing to outline.").arg(name);
}

bool is_drawing_file(const QString& path) {
    QFile file(path);
    constexpr qint64 enough_to_tell = 4096;
    return file.open(QIODevice::ReadOnly) && is_drawing(file.read(enough_to_tell));
}

} // namespace

void Importer::add_artwork(const QStringList& paths) {
    for (const QString& path : paths)
        read_in_background(
            QFileInfo(path).fileName(), // even counting pages reads the file
            [path]() -> Result<std::optional<int>> {
                if (is_drawing_file(path))
                    return std::optional<int>();
                const auto pages = page_count(path);
                return pages ? Result<std::optional<int>>(*pages) : pages.problem();
            },
            [this, path](const std::optional<int>& pages) {
                if (!pages)
                    add_drawing(path, 1);
                else if (*pages > 0)
                    emit pages_wanted(path, *pages);
                else
                    add_pages(path, {1}, PageChoice{}.dpi);
            });
}

void Importer::add_drawing(const QString& path, int page) {
    read_in_background(
        QFileInfo(path).fileName(), [path, page] { return read_drawing(path, page); },
        [this](const std::shared_ptr<const Drawing>& drawing) {
            Sticker s = new_sticker(
                DrawingArtwork{drawing, std::make_shared<const Parts>(cut_round_everything(all_parts(*drawing)))});
            if (drawing->page > 0)
                s.name += " " + std::to_string(drawing->page);
            if (is_lines_alone(*drawing)) {
                auto& art = std::get<DrawingArtwork>(s.artwork);
                art.parts = std::make_shared<const Parts>(as_in_file(*drawing, *art.parts));
                s.border.width = 0;
            }
            add_as_sticker(std::move(s), in_words(drawing->note));
        });
}

void Importer::add_label(const LabelDesign& design, const QString& name) {
    Sticker s = new_sticker(LabelArtwork{std::make_shared<const LabelDesign>(design), 0});
    s.name = name.toStdString();
    add_as_sticker(std::move(s), {});
}

/// Changes the sticker that a file was read for, if it is still there.
void Importer::change_later(const QString& name, int id, const QString& label, const QString& stroke,
                            const std::function<Sticker(Sticker)>& change) {
    const auto now = project.document().find(id);
    if (!now) {
        emit messages.note(tr("“%1” was for a sticker that is no longer there, and is left out.").arg(name));
        return;
    }
    project.edit(
        label, [&](Document d) { return with_sticker_changed(std::move(d), change(*now)); },
        stroke.isEmpty() ? stroke : stroke + QString::number(id));
}

void Importer::read_picture_for_sticker(const QString& path, const QString& label, const Take& take,
                                        const QString& stroke) {
    const auto wanted = in_hand.sticker();
    if (!wanted)
        return;
    const QString name = QFileInfo(path).fileName();
    read_in_background(
        name, [path] { return read_picture(path); },
        [this, name, label, take, stroke, id = wanted->id](const std::shared_ptr<const Picture>& picture) {
            change_later(name, id, label, stroke, [&](Sticker s) {
                take(s, picture);
                return s;
            });
        });
}

void Importer::replace_artwork(const QString& path) {
    const auto wanted = in_hand.sticker();
    if (!wanted)
        return;
    const QString name = QFileInfo(path).fileName();
    read_in_background(
        name,
        [path]() -> Result<Artwork> {
            if (is_drawing_file(path)) {
                const auto drawing = read_drawing(path, 1);
                if (!drawing)
                    return drawing.problem();
                return Artwork(DrawingArtwork{
                    *drawing, std::make_shared<const Parts>(cut_round_everything(all_parts(**drawing)))});
            }
            const auto picture = read_picture(path);
            if (!picture)
                return picture.problem();
            if (alpha_content((*picture)->pixels) == AlphaContent::clear)
                return Problem{Said::verbatim(nothing_in(QFileInfo(path).fileName()).toStdString())};
            return Artwork(PictureArtwork{*picture});
        },
        [this, name, id = wanted->id](const Artwork& artwork) {
            change_later(name, id, tr("Replace the artwork"), {},
                         [&](Sticker s) { return with_artwork_replaced(std::move(s), artwork); });
        });
}

void Importer::add_pages(const QString& path, const std::vector<int>& pages, double dpi) {
    for (const int page : pages)
        add_read(QFileInfo(path).fileName(), [path, page, dpi] { return read_picture(path, {page, dpi}); });
}

void Importer::add_picture(const QByteArray& file, const QString& name) {
    add_read(name, [file, name] { return decode_picture(file, name); });
}

void Importer::add_read(const QString& name, const Reader& read) {
    // Looking for the best start is part of reading: it goes over the whole picture.
    struct Read {
        std::shared_ptr<const Picture> picture;
        AlphaContent content;
        Said why;
    };
    read_in_background(
        name,
        [read]() -> Result<Read> {
            auto picture = read();
            if (!picture)
                return picture.problem();
            const AlphaContent whole = alpha_content((*picture)->pixels);
            return Read{*picture, whole, whole == AlphaContent::opaque ? offer((*picture)->pixels, {}).why : Said()};
        },
        [this, name](const Read& fresh) {
            if (fresh.content == AlphaContent::clear) {
                emit messages.problem(nothing_in(name));
                return;
            }
            Sticker s = new_sticker(PictureArtwork{fresh.picture});
            if (fresh.picture->page > 0)
                s.name += " " + std::to_string(fresh.picture->page);
            const QString why = in_words(fresh.why);
            add_as_sticker(std::move(s),
                           !fresh.picture->note.empty() ? in_words(fresh.picture->note)
                           : why.isEmpty()              ? QString()
                                           : tr("“%1”: %2").arg(QString::fromStdString(fresh.picture->file_name), why));
        });
}

void Importer::set_page_resolution(double dpi) {
    const auto s = in_hand.sticker();
    const auto* art = s ? std::get_if<PictureArtwork>(&s->artwork) : nullptr;
    if (!art || art->picture->page == 0)
        return;
    read_in_background(
        QString::fromStdString(art->picture->file_name),
        [picture = art->picture, dpi] {
            return decode_picture(picture->original, QString::fromStdString(picture->file_name), {picture->page, dpi});
        },
        [this, id = s->id, before = art->picture](const std::shared_ptr<const Picture>& picture) {
            const auto now = project.document().find(id);
            if (!now || std::get<PictureArtwork>(now->artwork).picture != before)
                return;
            project.edit(tr("Resolution"), [&](Document d) {
                return with_sticker_changed(std::move(d), with_picture(*now, picture, before->dpi / picture->dpi));
            });
        });
}

void Importer::set_flattening(const std::optional<Flattening>& how) {
    const auto s = in_hand.sticker();
    const auto* art = s ? std::get_if<PictureArtwork>(&s->artwork) : nullptr;
    if (!art || art->picture->flat == how)
        return;
    read_in_background(
        QString::fromStdString(art->picture->file_name),
        [picture = art->picture, how]() -> Result<std::shared_ptr<const Picture>> {
            return how ? laid_flat(picture, *how) : as_it_came(picture);
        },
        [this, before = art->picture](const std::shared_ptr<const Picture>& picture) {
            const auto is_it = [&](const std::shared_ptr<const Sticker>& one) {
                const auto* its = std::get_if<PictureArtwork>(&one->artwork);
                return its && its->picture == before;
            };
            if (std::ranges::none_of(project.document().stickers, is_it))
                return;
            project.edit(picture->flat ? tr("Lay flat") : tr("As it came"), [&](Document d) {
                const auto all = d.stickers;
                for (const auto& one : all)
                    if (is_it(one))
                        d = with_sticker_changed(std::move(d), relaid(*one, picture));
                return d;
            });
        });
}

} // namespace fusuma::app
