#include "app/model/importer.h"

#include "app/model/free_hands.h"
#include "app/model/in_background.h"
#include "core/steps/replaced_artwork.h"
#include "core/steps/small_picture.h"
#include "formats/basics/in_words.h"
#include "formats/drawing/drawing_read.h"
#include "formats/picture/picture_read.h"
#include "formats/room/room.h"

#include <QFileInfo>
#include <algorithm>

namespace fusuma::app {

Importer::Importer(Messages& told, Project& open_project, InHand& hand)
    : messages(told), project(open_project), in_hand(hand) {
    reader.setMaxThreadCount(2);
}

Importer::~Importer() {
    stop.request_stop();
    reader.clear();
    reader.waitForDone();
}

QString Importer::reading() const {
    return waiting.empty() ? QString() : waiting.front().name;
}

void Importer::cancel() {
    stop.request_stop();
    stop = std::stop_source();
    waiting.clear(); // what was read already finds nobody waiting
}

void Importer::arrived(std::uint64_t number, std::function<void()> take) {
    const auto its = std::ranges::find(waiting, number, &Awaited::number);
    if (its == waiting.end())
        return; // cancelled
    its->take = std::move(take);
    once_hands_are_free(this, [this] {
        while (!waiting.empty() && waiting.front().take) {
            const auto next = std::move(waiting.front().take);
            waiting.pop_front();
            next();
        }
    });
}

template <typename Read, typename Use> void Importer::read_in_background(const QString& name, Read read, Use use) {
    const std::uint64_t number = next_number++;
    waiting.push_back({number, name, {}});
    const auto finished = [this, number, name, for_project = project.generation()](std::function<void()> take) {
        arrived(number, [this, name, for_project, take = std::move(take)] {
            if (for_project == project.generation())
                take();
            else
                emit messages.note(tr("“%1” was for the project that was open before, and is left out.").arg(name));
        });
    };
    in_background(
        reader, this, [read, work = Work{.stop = stop.get_token()}] { return read(work); },
        [this, finished, name, read, use](const auto& result) {
            finished([this, name, read, use, result] {
                if (result)
                    use(*result);
                else if (room::wants_more_time(result.problem()))
                    emit messages.time_wanted(in_words(result.problem().message), [this, name, read, use](bool again) {
                        if (again)
                            read_in_background(name, read, use);
                    });
                else
                    emit messages.problem(in_words(result.problem()));
            });
        },
        [this, finished](const QString& words) { finished([this, words] { emit messages.problem(words); }); });
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

/// A picture, and the best start for it: looking for that goes over the whole picture.
struct ReadPicture {
    std::shared_ptr<const Picture> picture;
    AlphaContent content = AlphaContent::clear;
    Said why;

    explicit ReadPicture(std::shared_ptr<const Picture> read)
        : picture(std::move(read)), content(alpha_content(*picture->pixels.get())),
          why(content == AlphaContent::opaque ? offer(*picture->pixels.get(), {}).why : Said()) {}
};

} // namespace

void Importer::add_artwork(const QStringList& paths) {
    using Read = std::variant<ReadPicture, std::shared_ptr<const Drawing>, Pages>;
    for (const QString& path : paths)
        read_in_background(
            QFileInfo(path).fileName(),
            [path](const Work& work) -> Result<Read> {
                auto read = read_artwork(path, {}, work);
                if (!read)
                    return read.problem();
                if (auto* picture = std::get_if<std::shared_ptr<const Picture>>(&*read))
                    return Read(ReadPicture(std::move(*picture)));
                if (auto* drawing = std::get_if<std::shared_ptr<const Drawing>>(&*read))
                    return Read(std::move(*drawing));
                return Read(std::get<Pages>(*read));
            },
            [this, path](const Read& read) {
                if (const auto* picture = std::get_if<ReadPicture>(&read))
                    take_picture(picture->picture, picture->content, picture->why);
                else if (const auto* drawing = std::get_if<std::shared_ptr<const Drawing>>(&read))
                    take_drawing(*drawing);
                else
                    emit pages_wanted(path, std::get<Pages>(read).count);
            });
}

void Importer::add_drawing(const QString& path, int page) {
    read_in_background(
        QFileInfo(path).fileName(), [path, page](const Work& work) { return read_drawing(path, page, work); },
        [this](const std::shared_ptr<const Drawing>& drawing) { take_drawing(drawing); });
}

void Importer::take_drawing(const std::shared_ptr<const Drawing>& drawing) {
    Sticker s =
        new_sticker(DrawingArtwork{drawing, std::make_shared<const Parts>(cut_round_everything(all_parts(*drawing)))});
    if (drawing->page > 0)
        s.name += " " + std::to_string(drawing->page);
    if (is_lines_alone(*drawing)) {
        auto& art = std::get<DrawingArtwork>(s.artwork);
        art.parts = std::make_shared<const Parts>(as_in_file(*drawing, *art.parts));
        s.border.width = 0;
    }
    add_as_sticker(std::move(s), in_words(drawing->note));
}

void Importer::add_label(const LabelDesign& design, const QString& name) {
    Sticker s = new_sticker(LabelArtwork{std::make_shared<const LabelDesign>(design), 0});
    s.name = name.toStdString();
    add_as_sticker(std::move(s), {});
}

void Importer::with_pixels(const std::shared_ptr<const Picture>& picture, const std::function<void()>& use) {
    if (picture->pixels.at_hand()) {
        use();
        return;
    }
    read_in_background(
        QString::fromStdString(picture->file_name),
        [pixels = picture->pixels](const Work& work) -> Result<std::shared_ptr<const Image>> {
            try {
                return pixels.get(work);
            } catch (const Unreadable& why) {
                return why.problem;
            }
        },
        [use](const std::shared_ptr<const Image>&) { use(); });
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
        name, [path](const Work& work) { return read_picture(path, {}, work); },
        [this, name, label, take, stroke, id = wanted->id](const std::shared_ptr<const Picture>& picture) {
            change_later(name, id, label, stroke, [&](Sticker s) {
                take(s, picture);
                return s;
            });
        });
}

namespace {

Artwork artwork_of(const std::shared_ptr<const Drawing>& drawing) {
    return DrawingArtwork{drawing, std::make_shared<const Parts>(cut_round_everything(all_parts(*drawing)))};
}

Result<Artwork> artwork_of(const Result<std::shared_ptr<const Picture>>& picture, const QString& name) {
    if (!picture)
        return picture.problem();
    if (alpha_content(*(*picture)->pixels.get()) == AlphaContent::clear)
        return Problem{Said::verbatim(nothing_in(name).toStdString())};
    return Artwork(PictureArtwork{*picture});
}

} // namespace

void Importer::replace(int sticker, const QString& name, const Artwork& artwork) {
    change_later(name, sticker, tr("Replace the artwork"), {},
                 [&](Sticker s) { return with_artwork_replaced(std::move(s), artwork); });
}

void Importer::replace_artwork(const QString& path) {
    const auto wanted = in_hand.sticker();
    if (!wanted)
        return;
    using Read = std::variant<Artwork, Pages>;
    const QString name = QFileInfo(path).fileName();
    read_in_background(
        name,
        [path, name](const Work& work) -> Result<Read> {
            auto read = read_artwork(path, {}, work);
            if (!read)
                return read.problem();
            if (const auto* pages = std::get_if<Pages>(&*read))
                return Read(*pages);
            if (const auto* drawing = std::get_if<std::shared_ptr<const Drawing>>(&*read))
                return Read(artwork_of(*drawing));
            auto artwork = artwork_of(std::get<std::shared_ptr<const Picture>>(*read), name);
            return artwork ? Result<Read>(std::move(*artwork)) : artwork.problem();
        },
        [this, path, name, id = wanted->id](const Read& read) {
            if (const auto* pages = std::get_if<Pages>(&read))
                emit page_wanted(path, pages->count, id);
            else
                replace(id, name, std::get<Artwork>(read));
        });
}

void Importer::replace_artwork(int sticker, const QString& path, int page, std::optional<double> dpi) {
    const QString name = QFileInfo(path).fileName();
    read_in_background(
        name,
        [path, name, page, dpi](const Work& work) -> Result<Artwork> {
            if (dpi)
                return artwork_of(read_picture(path, {page, *dpi}, work), name);
            const auto drawing = read_drawing(path, page, work);
            return drawing ? Result<Artwork>(artwork_of(*drawing)) : drawing.problem();
        },
        [this, name, sticker](const Artwork& artwork) { replace(sticker, name, artwork); });
}

void Importer::add_pages(const QString& path, const std::vector<int>& pages, double dpi) {
    for (const int page : pages)
        add_read(QFileInfo(path).fileName(), [path, page, dpi](const Work& work) {
            return read_picture(path, {page, dpi}, work);
        });
}

void Importer::add_picture(const QByteArray& file, const QString& name) {
    add_read(name, [file, name](const Work& work) { return read_picture(file, name, {}, work); });
}

void Importer::add_read(const QString& name, const Reader& read) {
    read_in_background(
        name,
        [read](const Work& work) -> Result<ReadPicture> {
            auto picture = read(work);
            return picture ? Result<ReadPicture>(ReadPicture(std::move(*picture))) : picture.problem();
        },
        [this](const ReadPicture& fresh) { take_picture(fresh.picture, fresh.content, fresh.why); });
}

void Importer::take_picture(const std::shared_ptr<const Picture>& picture, AlphaContent content, const Said& why) {
    const QString name = QString::fromStdString(picture->file_name);
    if (content == AlphaContent::clear) {
        emit messages.problem(nothing_in(name));
        return;
    }
    Sticker s = new_sticker(PictureArtwork{picture});
    if (picture->page > 0)
        s.name += " " + std::to_string(picture->page);
    const QString words = in_words(why);
    add_as_sticker(std::move(s), !picture->note.empty() ? in_words(picture->note)
                                 : words.isEmpty()      ? QString()
                                                        : tr("“%1”: %2").arg(name, words));
}

void Importer::set_page_resolution(double dpi) {
    const auto s = in_hand.sticker();
    const auto* art = s ? std::get_if<PictureArtwork>(&s->artwork) : nullptr;
    if (!art || art->picture->page == 0)
        return;
    read_in_background(
        QString::fromStdString(art->picture->file_name),
        [picture = art->picture, dpi](const Work& work) {
            return read_picture(picture->original, QString::fromStdString(picture->file_name), {picture->page, dpi},
                                work);
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
        [picture = art->picture, how](const Work& work) -> Result<std::shared_ptr<const Picture>> {
            const auto laid = how ? laid_flat(picture, *how) : as_it_came(picture);
            static_cast<void>(laid->pixels.get(work)); // while somebody sees how far it is
            return laid;
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
