#include "formats/pdf/pdf_write.h"

#include "core/raster/samples.h"
#include "core/units.h"
#include "formats/basics/number.h"
#include "formats/basics/qpdf.h"

#include <QColorSpace>
#include <algorithm>
#include <cmath>
#include <map>

namespace fusuma {

namespace {

constexpr int decimals = 6, path_decimals = 4; // of matrices; of points, 0.04 µm

std::string real(double value) {
    return number(value, decimals);
}

std::string pair_of(Point at) {
    return number(at.x, path_decimals) + " " + number(at.y, path_decimals);
}

/// Puts an image, which fills the unit square from its bottom left upwards, into a unit square with y down.
constexpr Transform upside{1, 0, 0, -1, 0, 1};

/// Millimetres with y down to points with y up.
Transform to_points(Size paper) {
    return {points_per_mm, 0, 0, -points_per_mm, 0, paper.height * points_per_mm};
}

QPDFObjectHandle sample_stream(QPDF& pdf, const Image& image, const char* colour_space, const std::string& samples) {
    QPDFObjectHandle stream = QPDFObjectHandle::newStream(&pdf, samples);
    QPDFObjectHandle dict = stream.getDict();
    dict.replaceKey("/Type", QPDFObjectHandle::newName("/XObject"));
    dict.replaceKey("/Subtype", QPDFObjectHandle::newName("/Image"));
    dict.replaceKey("/Width", QPDFObjectHandle::newInteger(image.width));
    dict.replaceKey("/Height", QPDFObjectHandle::newInteger(image.height));
    dict.replaceKey("/BitsPerComponent", QPDFObjectHandle::newInteger(8));
    dict.replaceKey("/ColorSpace", QPDFObjectHandle::newName(colour_space));
    return stream;
}

QPDFObjectHandle image_object(QPDF& pdf, const Image& image) {
    const Samples samples = samples_of(image);
    QPDFObjectHandle object = sample_stream(pdf, image, "/DeviceRGB", samples.colours);
    if (!samples.alphas.empty())
        object.getDict().replaceKey("/SMask",
                                    pdf.makeIndirectObject(sample_stream(pdf, image, "/DeviceGray", samples.alphas)));
    return pdf.makeIndirectObject(object);
}

std::string matrix(const Transform& m) {
    return real(m.a) + " " + real(m.b) + " " + real(m.c) + " " + real(m.d) + " " + real(m.dx) + " " + real(m.dy) +
           " cm ";
}

std::string fill_colour(Rgb colour) {
    const auto share = [](std::uint8_t part) { return real(part / 255.0) + " "; };
    return share(colour.red) + share(colour.green) + share(colour.blue) + "rg ";
}

std::string curve(const Contour& contour, const Transform& map) {
    const auto pair = [&map](Point p) { return pair_of(map.apply(p)) + " "; };
    std::string path = pair(contour.start) + "m ";
    for (const Segment& s : contour.segments)
        path += s.kind == Segment::Kind::line ? pair(s.end) + "l "
                                              : pair(s.control1) + pair(s.control2) + pair(s.end) + "c ";
    return path;
}

/// By how much pictures may be made smaller, where all their uses print them finer than needed.
class Reductions {
  public:
    Reductions(const JobPlan& plan, double enough_dpi) {
        if (enough_dpi <= 0)
            return;
        for (const PagePlan& page : plan.pages)
            for (const PrintItem& item : page.prints)
                if (const auto* art = std::get_if<PrintArt>(&item.layer.ink)) {
                    if (const auto* pixels = std::get_if<Pixels>(art))
                        use(*pixels, item.layer.from_unit, enough_dpi);
                    else
                        for (const Painted& painted : std::get<1>(*art)->shapes)
                            if (const auto* inner = std::get_if<Pixels>(&painted.ink))
                                use(*inner,
                                    painted.from_unit.then(unit_of(*std::get<1>(*art))).then(item.layer.from_unit),
                                    enough_dpi);
                }
    }
    static Transform unit_of(const DrawnArt& art) { return Transform::scale(1 / art.size.width, 1 / art.size.height); }

    [[nodiscard]] int factor(const Pixels& pixels) const {
        const auto known = factors.find(pixels.identity().get());
        return known != factors.end() ? known->second : 1;
    }
    /// From the unit square that the smaller picture fills to the one that the whole picture does: its last pixels may
    /// stand for fewer.
    [[nodiscard]] Transform fit(const Pixels& pixels) const {
        const int by = factor(pixels);
        const auto over = [by](int px) { return static_cast<double>((px + by - 1) / by * by) / px; };
        return Transform::scale(over(pixels.width()), over(pixels.height()));
    }

  private:
    std::map<const void*, int> factors;

    void use(const Pixels& pixels, const Transform& on_paper, double enough_dpi) {
        const double across = pixels.width() / std::hypot(on_paper.a, on_paper.b),
                     down = pixels.height() / std::hypot(on_paper.c, on_paper.d); // px per mm
        const double by = std::clamp(std::min(across, down) * mm_per_inch / enough_dpi, 1.0, 1000.0);
        auto [known, is_first] = factors.try_emplace(pixels.identity().get(), static_cast<int>(by));
        if (!is_first)
            known->second = std::min(known->second, static_cast<int>(by));
    }
};

/// Each picture and each drawing once in the file, however many copies use it.
class ArtObjects {
  public:
    /// @param colour_space  what plain red, green and blue mean
    ArtObjects(QPDF& target, QPDFObjectHandle colour_space, const Reductions& smaller)
        : pdf(target), colours(std::move(colour_space)), reductions(smaller) {}

    /// From the unit square of a form or picture of the file to the art's.
    [[nodiscard]] Transform to_unit(const PrintArt& art) const {
        const auto* pixels = std::get_if<Pixels>(&art);
        return pixels ? upside.then(reductions.fit(*pixels)) : Reductions::unit_of(*std::get<1>(art));
    }

    /// Name of the art in resources.
    std::string name(const PrintArt& art, QPDFObjectHandle& resources) {
        const void* key = identity_of(art).get();
        auto [it, fresh] = objects.try_emplace(key);
        Entry& entry = it->second;
        if (fresh) {
            entry.name = "/Art" + std::to_string(objects.size());
            entry.object = std::visit([this](const auto& a) { return object_of(a); }, art);
        }
        resources.replaceKey(entry.name, entry.object);
        return entry.name;
    }

  private:
    struct Entry {
        std::string name;
        QPDFObjectHandle object;
    };
    QPDF& pdf;
    QPDFObjectHandle colours;
    const Reductions& reductions;
    std::map<const void*, Entry> objects;

    QPDFObjectHandle object_of(const Pixels& pixels) {
        const int by = reductions.factor(pixels);
        const auto image = pixels.get();
        return image_object(pdf, by > 1 ? reduced(*image, by) : *image);
    }

    /// A form in mm with y down.
    QPDFObjectHandle object_of(const std::shared_ptr<const DrawnArt>& drawn) {
        const DrawnArt& art = *drawn;
        QPDFObjectHandle x_objects = QPDFObjectHandle::newDictionary(), states = QPDFObjectHandle::newDictionary();
        std::string content;
        for (const Painted& painted : art.shapes) {
            std::string path;
            if (painted.area)
                for (const Contour& contour : painted.area->curves.contours)
                    path += curve(contour, {}) + "h ";
            const std::string star = painted.area && painted.area->rule == FillRule::even_odd ? "* " : " ";
            if (const Rgb* colour = std::get_if<Rgb>(&painted.ink)) {
                content += see_through(painted.opacity, states) + fill_colour(*colour) + path + "f" + star + "\n";
                continue;
            }
            const std::string picture = name(std::get<Pixels>(painted.ink), x_objects);
            content += "q " + (path.empty() ? path : path + "W" + star + "n ") +
                       matrix(to_unit(std::get<Pixels>(painted.ink)).then(painted.from_unit)) + picture + " Do Q\n";
        }
        QPDFObjectHandle form = QPDFObjectHandle::newStream(&pdf, content);
        QPDFObjectHandle dict = form.getDict(), spaces = QPDFObjectHandle::newDictionary();
        QPDFObjectHandle resources = QPDFObjectHandle::newDictionary();
        spaces.replaceKey("/DefaultRGB", colours);
        resources.replaceKey("/ColorSpace", spaces);
        resources.replaceKey("/XObject", x_objects);
        resources.replaceKey("/ExtGState", states);
        dict.replaceKey("/Type", QPDFObjectHandle::newName("/XObject"));
        dict.replaceKey("/Subtype", QPDFObjectHandle::newName("/Form"));
        dict.replaceKey("/BBox",
                        QPDFObjectHandle::parse("[0 0 " + real(art.size.width) + " " + real(art.size.height) + "]"));
        dict.replaceKey("/Resources", resources);
        return pdf.makeIndirectObject(form);
    }

    static std::string see_through(double opacity, QPDFObjectHandle& states) {
        const std::string state = "/a" + std::to_string(std::lround(1000 * opacity));
        states.replaceKey(state, QPDFObjectHandle::parse("<< /ca " + real(opacity) + " >>"));
        return state + " gs ";
    }
};

std::string path_of(const Polygons& area, Size paper) {
    const Transform map = to_points(paper);
    std::string path;
    for (const Polygon& polygon : area) {
        const char* operation = " m ";
        for (const Point p : polygon) {
            path += pair_of(map.apply(p)) + operation;
            operation = " l ";
        }
        path += "h ";
    }
    return path;
}

/// @param name     of the art, in the page's resources
/// @param to_unit  as `ArtObjects` tells
std::string placed_art(const std::string& name, const Transform& to_unit, const PrintLayer& layer, Size paper) {
    const std::string clip = layer.area.empty() ? "" : path_of(layer.area, paper) + "W* n ";
    return "q " + clip + matrix(to_unit.then(layer.from_unit).then(to_points(paper))) + name + " Do Q\n";
}

std::string ink(const Mark& mark, Size paper) {
    std::string path = "0 g ";
    for (const Contour& contour : ink_of(mark).contours)
        path += curve(contour, to_points(paper));
    return path + "f*\n";
}

/// A string of a PDF; names may hold any letters.
std::string text(const std::string& words) {
    return QPDFObjectHandle::newUnicodeString(words).unparse();
}

constexpr CutKind kinds[] = {CutKind::kiss, CutKind::score, CutKind::through};

/// The layers of the file and what they need: their optional-content groups and the spot colours of cut lines.
class Layers {
  public:
    Layers(QPDF& target, const JobPlan& plan, const PdfOptions& options) : pdf(target) {
        shows_cuts = !options.with_print;
        if (options.with_print) {
            add("Print", "print", "");
            add("Marks", "marks", "");
        }
        for (const CutKind kind : kinds) {
            bool is_used = false;
            for (const PagePlan& page : plan.pages)
                for (const CutPath& cut : page.cuts)
                    is_used = is_used || cut.kind == kind;
            if (!is_used || !options.with_cut_lines)
                continue;
            const std::string name(word_of(kind));
            add(options.inks.of(kind), name,
                kind == CutKind::kiss    ? "PartialCutting"
                : kind == CutKind::score ? "Creasing"
                                         : "Cutting");
            // Shown as on screen: teal, amber, violet.
            const std::string shown = kind == CutKind::kiss    ? "[1 0.05 0.35 0.3]"
                                      : kind == CutKind::score ? "[0 0.32 1 0.4]"
                                                               : "[0.33 0.71 0 0.37]";
            QPDFObjectHandle ink = QPDFObjectHandle::newArray();
            ink.appendItem(QPDFObjectHandle::newName("/Separation"));
            ink.appendItem(QPDFObjectHandle::newName("/" + options.inks.of(kind)));
            ink.appendItem(QPDFObjectHandle::newName("/DeviceCMYK"));
            ink.appendItem(
                QPDFObjectHandle::parse("<< /FunctionType 2 /Domain [0 1] /C0 [0 0 0 0] /C1 " + shown + " /N 1 >>"));
            inks.replaceKey("/ink-" + name, pdf.makeIndirectObject(ink));
        }
    }

    [[nodiscard]] bool has(const std::string& name) { return groups.hasKey("/" + name); }
    [[nodiscard]] QPDFObjectHandle properties() { return groups; }
    [[nodiscard]] QPDFObjectHandle spot_colours() { return inks; }
    [[nodiscard]] static std::string within(const std::string& name, const std::string& content) {
        return content.empty() ? "" : "/OC /" + name + " BDC\n" + content + "EMC\n";
    }
    /// The file's list of layers: cut lines are off and stay off when printing.
    [[nodiscard]] QPDFObjectHandle catalogue() {
        QPDFObjectHandle result = QPDFObjectHandle::parse("<< >>"), state = QPDFObjectHandle::parse("<< >>");
        QPDFObjectHandle usage = QPDFObjectHandle::parse("<< /Event /Print /Category [/Print] >>");
        usage.replaceKey("/OCGs", all);
        QPDFObjectHandle uses = QPDFObjectHandle::newArray();
        uses.appendItem(usage);
        state.replaceKey("/Name", QPDFObjectHandle::newString("Sheet"));
        state.replaceKey("/Order", all);
        state.replaceKey("/OFF", off);
        state.replaceKey("/AS", uses);
        result.replaceKey("/OCGs", all);
        result.replaceKey("/D", state);
        return result;
    }

  private:
    QPDF& pdf;
    bool shows_cuts = false;
    QPDFObjectHandle groups = QPDFObjectHandle::newDictionary(), inks = QPDFObjectHandle::newDictionary();
    QPDFObjectHandle all = QPDFObjectHandle::newArray(), off = QPDFObjectHandle::newArray();

    void add(const std::string& title, const std::string& name, const std::string& step) {
        const bool is_cut = !step.empty();
        QPDFObjectHandle group = QPDFObjectHandle::parse(
            "<< /Type /OCG /Intent /View /Name " + text(title) + " /Usage << /Print << /Subtype /" +
            (is_cut ? "Cut" : "Print") + " /PrintState /" + (is_cut && !shows_cuts ? "OFF" : "ON") + " >> >>" +
            (is_cut ? " /GTS_Metadata << /GTS_ProcStepsGroup /Structural /GTS_ProcStepsType /" + step + " >>" : "") +
            " >>");
        group = pdf.makeIndirectObject(group);
        groups.replaceKey("/" + name, group);
        all.appendItem(group);
        if (is_cut && !shows_cuts)
            off.appendItem(group);
    }
};

std::string cut_lines(const PagePlan& page, CutKind kind, Size paper) {
    std::string paths;
    for (const CutPath& cut : page.cuts)
        if (cut.kind == kind)
            paths += curve(cut.line, to_points(paper)) + (cut.is_open ? "S\n" : "s\n");
    constexpr double width = 0.25; // mm
    const std::string name = "ink-" + std::string(word_of(kind));
    return paths.empty() ? paths
                         : "q /over gs /" + name + " CS 1 SCN " + real(width * points_per_mm) + " w\n" + paths + "Q\n";
}

/// XMP without dates, so that the same sheet gives the same bytes.
QPDFObjectHandle metadata(QPDF& pdf) {
    QPDFObjectHandle stream = QPDFObjectHandle::newStream(
        &pdf,
        "<?xpacket begin=\"\xef\xbb\xbf\" id=\"W5M0MpCehiHzreSzNTczkc9d\"?>\n<x:xmpmeta xmlns:x=\"adobe:ns:meta/\">"
        "<rdf:RDF xmlns:rdf=\"http://www.w3.org/1999/02/22-rdf-syntax-ns#\"><rdf:Description rdf:about=\"\" "
        "xmlns:dc=\"http://purl.org/dc/elements/1.1/\" xmlns:xmp=\"http://ns.adobe.com/xap/1.0/\" "
        "xmlns:pdf=\"http://ns.adobe.com/pdf/1.3/\"><dc:format>application/pdf</dc:format><dc:title><rdf:Alt>"
        "<rdf:li xml:lang=\"x-default\">Sticker sheet</rdf:li></rdf:Alt></dc:title><xmp:CreatorTool>Fusuma"
        "</xmp:CreatorTool><pdf:Producer>Fusuma</pdf:Producer></rdf:Description></rdf:RDF></x:xmpmeta>\n"
        "<?xpacket end=\"w\"?>\n");
    stream.getDict().replaceKey("/Type", QPDFObjectHandle::newName("/Metadata"));
    stream.getDict().replaceKey("/Subtype", QPDFObjectHandle::newName("/XML"));
    return pdf.makeIndirectObject(stream);
}

/// What plain red, green and blue mean in this file.
QPDFObjectHandle srgb(QPDF& pdf) {
    QPDFObjectHandle profile =
        QPDFObjectHandle::newStream(&pdf, QColorSpace(QColorSpace::SRgb).iccProfile().toStdString());
    profile.getDict().replaceKey("/N", QPDFObjectHandle::newInteger(3));
    QPDFObjectHandle space = QPDFObjectHandle::newArray();
    space.appendItem(QPDFObjectHandle::newName("/ICCBased"));
    space.appendItem(pdf.makeIndirectObject(profile));
    return pdf.makeIndirectObject(space);
}

/// What moves everything so that this printer puts it where it should be; empty when nothing needs to move.
std::string correction(const JobPlan& plan) {
    if (plan.print_correction == Transform{})
        return {};
    const Transform points = to_points(plan.paper);
    const Transform m = points.inverted().then(plan.print_correction).then(points);
    return matrix(m);
}

QPDFObjectHandle page_object(QPDF& pdf, const JobPlan& plan, const PagePlan& page, ArtObjects& art, Layers& layers,
                             const QPDFObjectHandle& colours) {
    QPDFObjectHandle x_objects = QPDFObjectHandle::newDictionary();
    std::string prints, marks;
    for (const PrintItem& item : page.prints) {
        if (const Rgb* colour = std::get_if<Rgb>(&item.layer.ink)) {
            prints += fill_colour(*colour) + path_of(item.layer.area, plan.paper) + "f*\n";
            continue;
        }
        const auto& drawn = std::get<PrintArt>(item.layer.ink);
        prints += placed_art(art.name(drawn, x_objects), art.to_unit(drawn), item.layer, plan.paper);
    }
    for (const Mark& mark : page.marks)
        marks += ink(mark, plan.paper);
    std::string content = layers.has("print") ? "q " + correction(plan) + Layers::within("print", prints) +
                                                    Layers::within("marks", marks) + "Q\n"
                                              : std::string();
    for (const CutKind kind : kinds)
        if (const std::string name(word_of(kind)); layers.has(name))
            content += Layers::within(name, cut_lines(page, kind, plan.paper));

    QPDFObjectHandle object = QPDFObjectHandle::parse("<< /Type /Page >>");
    for (const char* box : {"/MediaBox", "/TrimBox", "/BleedBox"})
        object.replaceKey(box, QPDFObjectHandle::parse("[0 0 " + real(plan.paper.width * points_per_mm) + " " +
                                                       real(plan.paper.height * points_per_mm) + "]"));
    QPDFObjectHandle resources = QPDFObjectHandle::parse("<< /ExtGState << /over << /OP true >> >> >>");
    QPDFObjectHandle spaces = layers.spot_colours().shallowCopy();
    spaces.replaceKey("/DefaultRGB", colours);
    resources.replaceKey("/ColorSpace", spaces);
    resources.replaceKey("/Properties", layers.properties());
    resources.replaceKey("/XObject", x_objects);
    object.replaceKey("/Resources", resources);
    object.replaceKey("/Contents", QPDFObjectHandle::newStream(&pdf, content));
    return pdf.makeIndirectObject(object);
}

} // namespace

std::string print_pdf(const JobPlan& plan, const PdfOptions& options) {
    QPDF pdf;
    pdf.emptyPDF();
    const QPDFObjectHandle colours = srgb(pdf);
    const Reductions reductions(plan, options.enough_dpi);
    ArtObjects art(pdf, colours, reductions);
    Layers layers(pdf, plan, options);
    for (const PagePlan& page : plan.pages)
        QPDFPageDocumentHelper(pdf).addPage(QPDFPageObjectHelper(page_object(pdf, plan, page, art, layers, colours)),
                                            false);
    pdf.getRoot().replaceKey("/ViewerPreferences",
                             QPDFObjectHandle::parse("<< /PrintScaling /None /PickTrayByPDFSize true >>"));
    pdf.getRoot().replaceKey("/OCProperties", layers.catalogue());
    pdf.getRoot().replaceKey("/Metadata", metadata(pdf));
    pdf.getTrailer().replaceKey("/Info", QPDFObjectHandle::parse("<< /Producer (Fusuma) /Title (Sticker sheet) >>"));
    QPDFWriter writer(pdf);
    writer.setOutputMemory();
    writer.setMinimumPDFVersion("1.7");
    writer.setDeterministicID(true);
    writer.write();
    const auto buffer = writer.getBufferSharedPointer();
    return {reinterpret_cast<const char*>(buffer->getBuffer()), buffer->getSize()};
}

} // namespace fusuma
