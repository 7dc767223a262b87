#include "formats/drawing/drawing_read.h"

#include "formats/basics/file.h"
#include "formats/dxf/dxf_read.h"
#include "formats/picture/pdf_pages.h"
#include "formats/svg/svg_document.h"
#include "formats/svg/svg_read.h"
#include "formats/svg/svg_render.h"

#include <QFileInfo>

namespace fusuma {

namespace {

/// cairo's sizes are points times the renderer's factor; the drawing is as large as the page.
ReadDrawing at_true_size(ReadDrawing drawing) {
    const double down = 1 / SvgRenderer::fine;
    const Transform map = Transform::scale(down, down);
    drawing.size = {drawing.size.width * down, drawing.size.height * down};
    for (Part& part : drawing.parts) {
        for (Painted& painted : part.paints) {
            if (painted.area)
                painted.area =
                    std::make_shared<const Area>(Area{transformed(painted.area->curves, map), painted.area->rule});
            painted.from_unit = painted.from_unit.then(map);
        }
        part.traced = transformed(part.traced, map);
        for (OwnLine& line : part.lines)
            line.path = mapped_line(line.path, map);
        part.layer.clear(); // names that the conversion made up
        if (part.name.starts_with("glyph") || part.name.starts_with("surface") || part.name.starts_with("clip"))
            part.name = "path";
    }
    return drawing;
}

Result<ReadDrawing> read_pdf(const QByteArray& file, int page) {
    const auto pages = pdf_page_count(file);
    if (!pages)
        return pages.problem();
    const QByteArray svg = svg_of_pdf_page(file, page);
    if (svg.isEmpty())
        return Problem{"has no page {page}."_said.with("page", page)};
    auto drawing = read_svg(svg);
    return drawing ? Result<ReadDrawing>(at_true_size(std::move(*drawing))) : drawing.problem();
}

} // namespace

bool is_drawing(const QByteArray& file) {
    return is_svg(file) || is_dxf(file);
}

Result<std::shared_ptr<const Drawing>> decode_drawing(std::shared_ptr<const std::vector<std::byte>> original,
                                                      const QString& file_name, int page) {
    const std::string name = file_name_of(file_name);
    const QByteArray file = QByteArray::fromRawData(reinterpret_cast<const char*>(original->data()),
                                                    static_cast<qsizetype>(original->size()));
    if (file.isEmpty())
        return Problem{"“{file}” is empty."_said.with("file", name)};
    const bool has_pages = is_pdf(file);
    auto read =
        has_pages      ? read_pdf(file, page)
        : is_svg(file) ? read_svg(file)
        : is_dxf(file)
            ? read_dxf(file)
            : Result<ReadDrawing>(Problem{"is no drawing that Fusuma can read."_said, "Use SVG, DXF or PDF."_said});
    if (!read)
        return Problem{"“{file}” {trouble}"_said.with("file", name).with("trouble", read.problem().message),
                       read.problem().hint};
    auto drawing = std::make_shared<Drawing>(read->size, std::move(read->parts));
    drawing->file_name = QFileInfo(file_name).fileName().toStdString();
    drawing->original = std::move(original);
    drawing->page = has_pages ? page : 0;
    if (!read->note.empty())
        drawing->note = "“{file}” {note}."_said.with("file", name).with("note", read->note);
    return std::shared_ptr<const Drawing>(std::move(drawing));
}

Result<std::shared_ptr<const Drawing>> read_drawing(const QString& path, int page) {
    const auto file = read_file(path, largest_drawing_bytes);
    if (!file)
        return file.problem();
    const auto* first = reinterpret_cast<const std::byte*>(file->constData());
    return decode_drawing(std::make_shared<const std::vector<std::byte>>(first, first + file->size()), path, page);
}

} // namespace fusuma
