#include "reading/answer.h"

#include "formats/basics/json_bounds.h"
#include "formats/label/label_json.h"
#include "formats/machine/machine_file.h"
#include "formats/machine/mark_scheme.h"
#include "formats/project/project_file.h"
#include "formats/project/thumbnail.h"
#include "formats/project/zip_archive.h"
#include "reading/cut_lines/cut_lines.h"
#include "reading/drawing/decode_drawing.h"
#include "reading/picture/colour_profile.h"
#include "reading/picture/decode_picture.h"
#include "reading/picture/jpeg_for_print.h"
#include "reading/printed/printed_page.h"
#include "reading/table/cells.h"

#include <QBuffer>
#include <QImageReader>

namespace fusuma {

namespace {

Result<Picture> picture_of(const QByteArray& file, const QString& name, const PageChoice& page) {
    auto picture = decode_picture(file, name, page);
    return picture ? Result<Picture>(std::move(**picture)) : picture.problem();
}

/// A picture, a drawing, or the number of pages of which one has to be chosen.
Result<std::variant<Picture, wire::DrawingParts, std::int32_t>> artwork_of(const QByteArray& file, const QString& name,
                                                                           PageChoice page) {
    using Value = std::variant<Picture, wire::DrawingParts, std::int32_t>;
    if (is_drawing(file)) {
        auto drawing = decode_drawing(file, name);
        return drawing ? Result<Value>(std::move(*drawing)) : drawing.problem();
    }
    if (page.number == 0) {
        const auto pages = page_count(file, name);
        if (!pages)
            return pages.problem();
        if (*pages > 1)
            return Value(std::int32_t{*pages});
        page.number = 1;
    }
    auto picture = decode_picture(file, name, page);
    return picture ? Result<Value>(std::move(**picture)) : picture.problem();
}

/// A description read here and told in our own writer's words, which are all that is read over there.
template <typename Read, typename Tell>
Result<std::string> told_anew(const QByteArray& file, const JsonBounds& bounds, Read&& read, Tell&& tell) {
    const std::string text = file.toStdString();
    if (const Outcome bounded = within_bounds(text, bounds); !bounded)
        return bounded.problem();
    const auto value = read(text);
    return value ? Result<std::string>(tell(*value)) : value.problem();
}

/// What is in a project, as long as its descriptions can be parsed.
Result<ProjectEntries> entries_of(const QByteArray& file) {
    auto entries = unzip(file, largest_project_bytes);
    if (!entries)
        return entries.problem();
    std::size_t described = 0;
    for (const auto& [name, content] : *entries) {
        if (!name.ends_with(".json"))
            continue;
        constexpr JsonBounds bounds{.bytes = 256 << 20, .values = 20'000'000};
        if (const Outcome bounded =
                within_bounds({content.constData(), static_cast<std::size_t>(content.size())}, bounds);
            !bounded)
            return bounded.problem();
        if ((described += static_cast<std::size_t>(content.size())) > bounds.bytes)
            return Problem{"Its contents are too large to open."_said};
    }
    return ProjectEntries{std::move(*entries), nullptr};
}

/// The small picture kept in a project.
Result<QImage> thumbnail_of(const QByteArray& file) {
    constexpr int most_px = 1024;
    const Problem none{"It holds no picture of its sheet."_said};
    constexpr qint64 most_bytes = 1 << 20;
    auto png = zip_entry(file, thumbnail_entry, most_bytes);
    if (!png)
        return none;
    QBuffer buffer(&*png);
    QImageReader reader(&buffer, "PNG");
    const QSize size = reader.size();
    if (size.isEmpty() || size.width() > most_px || size.height() > most_px)
        return none;
    const QImage picture = reader.read();
    return picture.isNull() ? Result<QImage>(none) : picture.convertToFormat(QImage::Format_ARGB32);
}

} // namespace

std::string answer_to(const room::Wish& wish, std::span<const std::byte> bytes, SharedMemory& pixels) {
    const QByteArray file =
        QByteArray::fromRawData(reinterpret_cast<const char*>(bytes.data()), static_cast<qsizetype>(bytes.size()));
    const QString name = QString::fromStdString(wish.name);
    wire::Out out(pixels);
    const auto tell = [&out]<typename T>(Result<T> result) {
        if (result)
            out(std::variant<T, Problem>(std::in_place_index<0>, std::move(*result)));
        else
            out(std::variant<T, Problem>(std::in_place_index<1>, result.problem()));
    };
    constexpr JsonBounds small{.bytes = 4 << 20, .values = 1 << 20};
    switch (wish.asked) {
    case room::Asked::artwork:
        tell(artwork_of(file, name, {wish.page, wish.dpi}));
        break;
    case room::Asked::picture:
        tell(picture_of(file, name, {wish.page, wish.dpi}));
        break;
    case room::Asked::drawing:
        tell(decode_drawing(file, name, wish.page));
        break;
    case room::Asked::printed_page:
        tell(printed_page(file, wish.dpi, wish.page));
        break;
    case room::Asked::cells:
        tell(cells_of(file, wish.encoding));
        break;
    case room::Asked::cut_file:
        tell(cut_lines_of(file, name, wish.paper));
        break;
    case room::Asked::entries:
        tell(entries_of(file));
        break;
    case room::Asked::thumbnail:
        tell(thumbnail_of(file));
        break;
    case room::Asked::machine:
        tell(told_anew(file, small, read_machine, machine_text));
        break;
    case room::Asked::scheme:
        tell(told_anew(
            file, small, [](const std::string& text) { return read_mark_scheme(text); },
            [](const MarkScheme& scheme) { return mark_scheme_json(scheme).dump(); }));
        break;
    case room::Asked::jpeg_for_print:
        tell(Result<std::optional<PrintJpeg>>(jpeg_for_print(file)));
        break;
    case room::Asked::screen_table:
        tell(screen_table(file));
        break;
    case room::Asked::templates:
        tell(told_anew(file, small, read_templates,
                       [](const std::vector<LabelTemplate>& all) { return templates_text(all.front().family, all); }));
        break;
    }
    return out.bytes();
}

} // namespace fusuma
