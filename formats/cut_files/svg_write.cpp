#include "formats/cut_files/svg_write.h"

#include "formats/basics/number.h"

namespace fusuma {

namespace {

constexpr int svg_decimals = 4; // 0.1 µm

void append(std::string& text, Point p) {
    append_number(text, p.x, svg_decimals);
    text += ' ';
    append_number(text, p.y, svg_decimals);
}

enum class End { closed, open };

void append_data(std::string& data, const Contour& contour, End end = End::closed) {
    data += 'M';
    append(data, contour.start);
    for (const Segment& s : contour.segments) {
        data += s.kind == Segment::Kind::line ? 'L' : 'C';
        if (s.kind == Segment::Kind::cubic) {
            append(data, s.control1);
            data += ' ';
            append(data, s.control2);
            data += ' ';
        }
        append(data, s.end);
    }
    if (end == End::closed)
        data += 'Z';
}

std::string opening(Size size) {
    const std::string width = number(size.width, svg_decimals), height = number(size.height, svg_decimals);
    return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"" + width +
           "mm\" height=\"" + height + "mm\" viewBox=\"0 0 " + width + " " + height + "\" overflow=\"visible\">\n";
}

std::string group_of(CutKind kind, const std::string& paths) {
    return paths.empty() ? ""
                         : "  <g id=\"" + std::string(word_of(kind)) + "\" fill=\"none\" stroke=\"" +
                               (kind == CutKind::kiss    ? "#00838a"
                                : kind == CutKind::score ? "#9a6a00"
                                                         : "#6b2fa0") +
                               "\" stroke-width=\"0.25\">\n" + paths + "  </g>\n";
}

void append_path(std::string& paths, const Contour& line, bool is_open) {
    paths += "    <path d=\"";
    append_data(paths, line, is_open ? End::open : End::closed);
    paths += "\"/>\n";
}

} // namespace

std::string copies_svg(const std::vector<std::shared_ptr<const PlacedCopy>>& copies, const Rect& box,
                       const std::string& png_base64) {
    const std::string width = number(box.width(), svg_decimals), height = number(box.height(), svg_decimals);
    std::string svg = opening({box.width(), box.height()}) + "  <image width=\"" + width + "\" height=\"" + height +
                      "\" preserveAspectRatio=\"none\" href=\"data:image/png;base64," + png_base64 + "\"/>\n";
    for (const CutKind kind : {CutKind::kiss, CutKind::score, CutKind::through}) {
        std::string paths;
        for (const auto& copy : copies)
            for (const CopyLine& line : copy->lines)
                if (line.kind == kind)
                    append_path(paths, transformed(line.path, Transform::shift(-box.min)), line.is_open);
        svg += group_of(kind, paths);
    }
    return svg + "</svg>\n";
}

std::string cut_svg(const JobPlan& plan, std::size_t page) {
    std::string svg = opening(plan.paper);
    for (const CutKind kind : {CutKind::kiss, CutKind::score, CutKind::through}) {
        std::string paths;
        for (const CutPath& cut : plan.pages[page].cuts)
            if (cut.kind == kind)
                append_path(paths, cut.line, cut.is_open);
        svg += group_of(kind, paths);
    }
    return svg + "</svg>\n";
}

std::string outline_svg(const std::vector<Outline>& outlines, const std::vector<Contour>& open, Size size) {
    std::string svg = opening(size);
    for (const Outline& outline : outlines) {
        svg += "  <path fill=\"#26323d\" fill-rule=\"evenodd\" d=\"";
        for (const Contour& contour : outline.contours)
            append_data(svg, contour);
        svg += "\"/>\n";
    }
    for (const Contour& line : open) {
        svg += "  <path fill=\"none\" stroke=\"#26323d\" stroke-width=\"0.25\" d=\"";
        append_data(svg, line, End::open);
        svg += "\"/>\n";
    }
    return svg + "</svg>\n";
}

} // namespace fusuma
