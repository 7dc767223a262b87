#include "app/frame/add_artwork.h"

#include "app/common/save_place.h"
#include "app/frame/new_label_dialog.h"
#include "app/frame/pages_dialog.h"
#include "formats/basics/file.h"
#include "formats/basics/in_words.h"

#include <QBuffer>
#include <QClipboard>
#include <QFileInfo>
#include <QGuiApplication>
#include <QMimeData>

namespace fusuma::app {

namespace {

/// The picture on the clipboard as it is there; or as PNG without the density of a screen, which says nothing of it.
QByteArray pasted_png(const QMimeData* clip) {
    const QString as_png = QStringLiteral("image/png");
    if (clip && clip->hasFormat(as_png))
        return clip->data(as_png);
    auto image = clip ? qvariant_cast<QImage>(clip->imageData()) : QImage();
    if (image.isNull())
        return {};
    const bool has_density = image.dotsPerMeterX() != QImage(1, 1, image.format()).dotsPerMeterX();
    QByteArray png;
    QBuffer buffer(&png);
    image.save(&buffer, "PNG");
    constexpr int before_name = 4, chunk = 4 + 4 + 9 + 4; // its length, name, contents and checksum (PNG, 11.3.5.3)
    const auto at = png.indexOf("pHYs");
    if (!has_density && at > before_name && at < png.indexOf("IDAT"))
        png.remove(at - before_name, chunk);
    return png;
}

} // namespace

AddArtwork::AddArtwork(Model& to, QWidget& over, ProjectFiles& opened) : model(to), window(over), files(opened) {
    connect(&model.importer, &Importer::pages_wanted, this, &AddArtwork::ask_for_pages);
    connect(&model.importer, &Importer::page_wanted, this, &AddArtwork::ask_for_page);
}

void AddArtwork::choose_files() {
    files.open_files(ask_which_files(&window, tr("Add artwork"), artwork_file_kinds(), QStringLiteral("artwork")));
}

void AddArtwork::ask_for_pages(const QString& path, int pages) {
    PagesDialog dialog(QFileInfo(path).fileName(), pages, PagesDialog::For::new_stickers, &window);
    if (dialog.exec() != QDialog::Accepted)
        return;
    if (!dialog.as_drawing())
        model.importer.add_pages(path, dialog.chosen(), dialog.dpi());
    else
        for (const int page : dialog.chosen())
            model.importer.add_drawing(path, page);
}

void AddArtwork::ask_for_page(const QString& path, int pages, int sticker) {
    PagesDialog dialog(QFileInfo(path).fileName(), pages, PagesDialog::For::one_artwork, &window);
    if (dialog.exec() == QDialog::Accepted)
        model.importer.replace_artwork(sticker, path, dialog.chosen().front(),
                                       dialog.as_drawing() ? std::nullopt : std::optional(dialog.dpi()));
}

void AddArtwork::new_label() {
    NewLabelDialog dialog(&window);
    if (dialog.exec() != QDialog::Accepted)
        return;
    const LabelTemplate chosen = dialog.chosen();
    const QString name = QString::fromStdString(chosen.name);
    model.importer.add_label(chosen.design, name.section(QLatin1Char(','), 0, 0).section(QLatin1String(" ("), 0, 0));
}

void AddArtwork::save_template() {
    const auto sticker = model.in_hand.sticker();
    const auto* art = sticker ? std::get_if<LabelArtwork>(&sticker->artwork) : nullptr;
    if (!art) {
        emit model.messages.note(tr("Choose a label in the tray first."));
        return;
    }
    const auto path =
        ask_where_to_save(&window, tr("Save the label as a template"), QString::fromStdString(sticker->name),
                          tr("Label templates"), QStringLiteral(".json"));
    if (path)
        model.file_work.write(
            {{*path,
              [family = model.project.name().toStdString(), name = sticker->name, design = *art->design](const Work&) {
                  return QByteArray::fromStdString(templates_text(family, {{"", name, design}}));
              }}},
            tr("Saved %1.").arg(QFileInfo(*path).fileName()));
}

bool AddArtwork::take(const QMimeData& data) {
    QStringList paths;
    bool has_other = false;
    for (const QUrl& url : data.urls())
        if (url.isLocalFile())
            paths << url.toLocalFile();
        else
            has_other = true;
    files.open_files(paths);
    if (has_other)
        emit model.messages.problem(
            tr("Addresses of the web cannot be opened. Save the picture as a file first, then drop that."));
    return has_other || !paths.isEmpty();
}

void AddArtwork::paste() {
    const QMimeData* clip = QGuiApplication::clipboard()->mimeData();
    if (clip && take(*clip))
        return;
    // What keeps its curves comes before a picture of it.
    for (const auto& [format, name] :
         {std::pair{"image/svg+xml", "pasted-drawing.svg"}, {"application/pdf", "pasted.pdf"}})
        if (const QByteArray bytes = clip ? clip->data(QLatin1String(format)) : QByteArray(); !bytes.isEmpty()) {
            const QString path = pasted.filePath(QLatin1String(name));
            const Outcome written = write_file(path, bytes);
            if (written)
                files.open_files({path});
            else
                emit model.messages.problem(in_words(written.problem()));
            return;
        }
    if (const QByteArray png = pasted_png(clip); !png.isEmpty())
        model.importer.add_picture(png, tr("pasted-picture.png"));
    else
        emit model.messages.note(tr("There is no picture on the clipboard. Copy one, or a file, then paste."));
}

} // namespace fusuma::app
