#include "reading/drawing/decode_drawing.h"

#include "core/geometry/crossings.h"
#include "formats/basics/file.h"
#include "reading/drawing/page_picture.h"
#include "reading/dxf/dxf_read.h"
#include "reading/picture/pdf_pages.h"
#include "reading/svg/svg_document.h"
#include "reading/svg/svg_read.h"
#include "reading/svg/svg_render.h"

namespace fusuma {

namespace {

/// cairo's sizes are points times the renderer's factor; the drawing is as large as the page.
ReadDrawing at_true_size(ReadDrawing drawing) {
    const double down = 1 / fine_page;
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
    auto drawing = read_svg(svg, true);
    if (!drawing)
        return drawing.problem();
    ReadDrawing at_size = at_true_size(std::move(*drawing));
    if (at_size.is_whole && looks_as_its_page(at_size, file, page))
        return at_size;
    return as_one_picture(std::move(at_size), file, page);
}

/// Combining areas takes time in proportion to how often their lines cross.
bool crosses_too_often(const std::vector<Part>& parts) {
    std::size_t left = 1'000'000;
    for (const Part& part : parts)
        for (const Painted& painted : part.paints)
            if (painted.area && left > 0)
                left -= crossings(painted.area->curves.contours, left);
    return left == 0;
}

} // namespace

bool is_drawing(const QByteArray& file) {
    return is_svg(file) || is_dxf(file);
}

Result<wire::DrawingParts> decode_drawing(const QByteArray& file, const QString& file_name, int page) {
    const std::string name = file_name_of(file_name);
    if (file.isEmpty())
        return Problem{"“{file}” is empty."_said.with("file", name)};
    if (file.size() > largest_drawing_bytes)
        return Problem{"“{file}” is larger than {most} MB, too large to open."_said.with("file", name)
                           .with("most", largest_drawing_bytes >> 20)};
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
    if (crosses_too_often(read->parts))
        return Problem{"“{file}” has lines that cross more often than Fusuma takes."_said.with("file", name),
                       "Join or simplify its shapes in the program that it comes from."_said};
    wire::DrawingParts drawing{has_pages ? page : 0, read->size, std::move(read->parts), {}};
    if (!read->note.empty())
        drawing.note = "“{file}” {note}."_said.with("file", name).with("note", read->note);
    return drawing;
}

} // namespace fusuma
