#include "formats/cut_files/dxf_write.h"

#include "formats/basics/number.h"

namespace fusuma {

namespace {

constexpr CutKind kinds[] = {CutKind::kiss, CutKind::score, CutKind::through};

/// A file of pairs: what a value means, and the value.
class Pairs {
  public:
    explicit Pairs(double paper_height) : height(paper_height) {}

    void word(int code, std::string_view value) { text += std::to_string(code) + "\n" + std::string(value) + "\n"; }
    void count(int code, std::size_t value) { word(code, std::to_string(value)); }
    void real(int code, double value) { word(code, number(value, 5)); }
    void point(int code, Point p) {
        real(code, p.x);
        real(code + 10, height - p.y);
        real(code + 20, 0);
    }
    /// By which release 2000 names what is in the file.
    void handle() {
        char figures[16];
        const auto end = std::to_chars(figures, figures + sizeof figures, ++last_handle, 16).ptr;
        word(5, {figures, static_cast<std::size_t>(end - figures)});
    }
    /// @param subclass  what release 2000 wants to be told of it; empty for older ones
    void entity(std::string_view name, std::string_view layer, std::string_view subclass) {
        word(0, name);
        if (!subclass.empty()) {
            handle();
            word(100, "AcDbEntity");
        }
        word(8, layer);
        if (!subclass.empty())
            word(100, subclass);
    }
    std::string text;

  private:
    double height;
    unsigned last_handle = 255;
};

void polyline(Pairs& out, const CutPath& cut) {
    constexpr double bend_tolerance = 0.01; // mm
    const std::string_view layer = word_of(cut.kind);
    out.entity("POLYLINE", layer, "");
    out.count(66, 1);
    out.point(10, {0, 0});
    out.count(70, cut.is_open ? 0 : 1);
    for (const Point p : cut.is_open ? flatten_line(cut.line, bend_tolerance) : flatten(cut.line, bend_tolerance)) {
        out.entity("VERTEX", layer, "");
        out.point(10, p);
    }
    out.entity("SEQEND", layer, "");
}

/// A chain of cubic Béziers as one spline of degree three with every joint's knot three times; straight pieces have
/// their control points on thirds.
void spline(Pairs& out, const CutPath& cut) {
    std::vector<Point> controls{cut.line.start};
    for (const Segment& s : cut.line.segments) {
        const Point from = controls.back();
        const bool is_line = s.kind == Segment::Kind::line;
        controls.push_back(is_line ? lerp(from, s.end, 1.0 / 3) : s.control1);
        controls.push_back(is_line ? lerp(from, s.end, 2.0 / 3) : s.control2);
        controls.push_back(s.end);
    }
    const std::size_t pieces = cut.line.segments.size();
    out.entity("SPLINE", word_of(cut.kind), "AcDbSpline");
    constexpr std::size_t planar = 8, closed = 1;
    out.count(70, planar + (cut.is_open ? 0 : closed));
    out.count(71, 3);
    out.count(72, 3 * pieces + 5);
    out.count(73, controls.size());
    out.count(74, 0);
    for (std::size_t joint = 0; joint <= pieces; ++joint)
        for (int i = 0; i < (joint == 0 || joint == pieces ? 4 : 3); ++i)
            out.count(40, joint);
    for (const Point p : controls)
        out.point(10, p);
}

} // namespace

std::string cut_dxf(const JobPlan& plan, DxfCurves curves, std::size_t page) {
    const bool with_splines = curves == DxfCurves::splines;
    Pairs out(plan.paper.height);
    out.word(0, "SECTION");
    out.word(2, "HEADER");
    out.word(9, "$ACADVER");
    out.word(1, with_splines ? "AC1015" : "AC1009");
    out.word(9, "$INSUNITS"); // millimetres
    out.count(70, 4);
    out.word(0, "ENDSEC");
    out.word(0, "SECTION");
    out.word(2, "TABLES");
    out.word(0, "TABLE");
    out.word(2, "LAYER");
    if (with_splines) {
        out.handle();
        out.word(100, "AcDbSymbolTable");
    }
    out.count(70, std::size(kinds));
    for (const CutKind kind : kinds) {
        out.word(0, "LAYER");
        if (with_splines) {
            out.handle();
            out.word(100, "AcDbSymbolTableRecord");
            out.word(100, "AcDbLayerTableRecord");
        }
        out.word(2, word_of(kind));
        out.count(70, 0);
        out.count(62, kind == CutKind::kiss ? 4 : kind == CutKind::score ? 2 : 6); // of the fixed palette
        out.word(6, "CONTINUOUS");
    }
    out.word(0, "ENDTAB");
    out.word(0, "ENDSEC");
    out.word(0, "SECTION");
    out.word(2, "ENTITIES");
    for (const CutPath& cut : plan.pages[page].cuts)
        with_splines ? spline(out, cut) : polyline(out, cut);
    out.word(0, "ENDSEC");
    out.word(0, "EOF");
    return std::move(out.text);
}

} // namespace fusuma
