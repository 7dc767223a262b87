#include "formats/pdf/pdf_write.h"

#include "core/parallel.h"
#include "core/units.h"
#include "formats/basics/deflated.h"
#include "formats/basics/number.h"
#include "formats/basics/qpdf.h"
#include "formats/pdf/drawn_shapes.h"
#include "formats/pdf/pdf_path.h"
#include "formats/pdf/stored_pictures.h"

#include <QColorSpace>
#include <algorithm>
#include <cmath>
#include <map>
#include <set>

namespace fusuma {

namespace {

constexpr int pdf_decimals = 6, path_decimals = 4; // the latter of points on the paper: 0.04 µm

std::string real(double value) {
    return number(value, pdf_decimals);
}

/// Puts an image, which fills the unit square from its bottom left upwards, into a unit square with y down.
constexpr Transform upside{1, 0, 0, -1, 0, 1};

/// Millimetres with y down to points with y up.
Transform to_points(Size paper) {
    return {points_per_mm, 0, 0, -points_per_mm, 0, paper.height * points_per_mm};
}

std::string matrix(const Transform& m) {
    return real(m.a) + " " + real(m.b) + " " + real(m.c) + " " + real(m.d) + " " + real(m.dx) + " " + real(m.dy) +
           " cm ";
}

std::string fill_colour(Rgb colour) {
    const auto share = [](std::uint8_t part) { return real(part / 255.0) + " "; };
    return share(colour.red) + share(colour.green) + share(colour.blue) + "rg ";
}

/// Each drawing that the plan prints, once.
std::vector<const DrawnArt*> drawings_of(const JobPlan& plan) {
    std::vector<const DrawnArt*> arts;
    std::set<const DrawnArt*> seen;
    for (const PagePlan& page : plan.pages)
        for (const PrintItem& item : page.prints)
            if (const auto* art = std::get_if<PrintArt>(&item.layer.ink))
                if (const auto* drawn = std::get_if<std::shared_ptr<const DrawnArt>>(art))
                    if (seen.insert(drawn->get()).second)
                        arts.push_back(drawn->get());
    return arts;
}

std::string path_of(const Polygons& area, const Transform& map) {
    std::string path;
    for (const Polygon& polygon : area) {
        const char* operation = " m ";
        for (const Point p : polygon) {
            const Point at = map.apply(p);
            append_number(path, at.x, path_decimals);
            path += ' ';
            append_number(path, at.y, path_decimals);
            path += operation;
            operation = " l ";
        }
        path += "h ";
    }
    return path;
}

/// Streams whose contents are packed many at a time, on every core.
class Streams {
  public:
    /// The stream has its content once `pack` was called.
    void put(QPDFObjectHandle stream, std::string content, const Work& work) {
        bytes += content.size();
        waiting.emplace_back(std::move(stream), std::move(content));
        constexpr std::size_t many = 4 << 20;
        if (bytes > many)
            pack(work);
    }
    void pack(const Work& work) {
        std::vector<std::string> packed(waiting.size());
        for_each_of(static_cast<int>(waiting.size()), work, [&](int k) {
            const auto i = static_cast<std::size_t>(k);
            packed[i] = deflated(waiting[i].second, {.stop = work.stop});
        });
        for (std::size_t i = 0; i < waiting.size(); ++i)
            waiting[i].first.replaceStreamData(packed[i], QPDFObjectHandle::newName("/FlateDecode"),
                                               QPDFObjectHandle::newNull());
        waiting.clear();
        bytes = 0;
    }

  private:
    std::vector<std::pair<QPDFObjectHandle, std::string>> waiting;
    std::size_t bytes = 0;
};

/// Each picture, each drawing and each layer that several copies print once in the file.
class ArtObjects {
  public:
    /// @param colour_space  what plain red, green and blue mean
    ArtObjects(QPDF& target, QPDFObjectHandle colour_space, const JobPlan& plan, StoredPictures& of_plan,
               const DrawnShapes& drawn, Streams& contents, const Work& work)
        : pdf(target), colours(std::move(colour_space)), pictures(of_plan), drawings(drawn),
          streams(contents), quietly{.stop = work.stop}, pieces(drawn.common_pieces().size()) {
        for (const PagePlan& page : plan.pages)
            for (const PrintItem& item : page.prints)
                if (item.whole && !item.whole->area.empty())
                    ++layers[item.whole.get()].uses;
    }

    /// What prints it. Names what that needs in the page's resources.
    std::string placed(const PrintItem& item, const Transform& to_page, QPDFObjectHandle& resources) {
        const auto found = layers.find(item.whole.get());
        if (found == layers.end() || found->second.uses == 1)
            return painted(item.layer, to_page, resources);
        Layer& layer = found->second;
        if (layer.entry.name.empty()) {
            constexpr double margin = 1; // mm: its box clips, and a clipped edge is softened twice
            QPDFObjectHandle x_objects = QPDFObjectHandle::newDictionary();
            std::string content = painted(*item.whole, {}, x_objects);
            layer.entry.name = "/Layer" + std::to_string(++named_layers);
            layer.entry.object = form(std::move(content), bounds(item.whole->area).grown(margin), x_objects,
                                      QPDFObjectHandle::newDictionary());
        }
        resources.replaceKey(layer.entry.name, layer.entry.object);
        return "q " + matrix(item.placed.then(to_page)) + layer.entry.name + " Do Q\n";
    }

  private:
    struct Entry {
        std::string name;
        QPDFObjectHandle object;
    };
    struct Layer {
        int uses = 0;
        Entry entry;
    };
    QPDF& pdf;
    QPDFObjectHandle colours;
    StoredPictures& pictures;
    const DrawnShapes& drawings;
    Streams& streams;
    Work quietly;
    std::map<const void*, Entry> objects;
    std::map<const PrintLayer*, Layer> layers; ///< of stickers, in mm
    int named_layers = 0;
    std::vector<QPDFObjectHandle> pieces; ///< that drawings have in common

    /// In the units that `map` leads to.
    std::string painted(const PrintLayer& layer, const Transform& map, QPDFObjectHandle& resources) {
        const std::string path = path_of(layer.area, map);
        if (const Rgb* colour = std::get_if<Rgb>(&layer.ink))
            return fill_colour(*colour) + path + "f*\n";
        const auto& art = std::get<PrintArt>(layer.ink);
        const std::string named = name(art, resources);
        return "q " + (path.empty() ? path : path + "W* n ") + matrix(to_unit(art).then(layer.from_unit).then(map)) +
               named + " Do Q\n";
    }

    /// From the unit square of a form or picture of the file to the art's.
    [[nodiscard]] Transform to_unit(const PrintArt& art) const {
        const auto* pixels = std::get_if<Pixels>(&art);
        return pixels ? upside.then(pictures.of(*pixels).turned) : unit_of(*std::get<1>(art));
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

    QPDFObjectHandle object_of(const Pixels& pixels) {
        StoredPicture& picture = pictures.of(pixels);
        QPDFObjectHandle object = image(picture, std::move(picture.colours), picture.is_jpeg, "/DeviceRGB");
        if (!picture.is_jpeg)
            object.getDict().replaceKey(
                "/DecodeParms", QPDFObjectHandle::parse("<</Predictor 15 /Colors 3 /BitsPerComponent 8 /Columns " +
                                                        std::to_string(picture.width) + ">>"));
        if (!picture.alphas.empty())
            object.getDict().replaceKey(
                "/SMask", pdf.makeIndirectObject(image(picture, std::move(picture.alphas), false, "/DeviceGray")));
        return pdf.makeIndirectObject(object);
    }
    QPDFObjectHandle image(const StoredPicture& picture, std::string packed, bool is_jpeg, const char* colour_space) {
        QPDFObjectHandle stream = QPDFObjectHandle::newStream(&pdf, std::move(packed));
        QPDFObjectHandle dict = stream.getDict();
        dict.replaceKey("/Type", QPDFObjectHandle::newName("/XObject"));
        dict.replaceKey("/Subtype", QPDFObjectHandle::newName("/Image"));
        dict.replaceKey("/Width", QPDFObjectHandle::newInteger(picture.width));
        dict.replaceKey("/Height", QPDFObjectHandle::newInteger(picture.height));
        dict.replaceKey("/BitsPerComponent", QPDFObjectHandle::newInteger(8));
        dict.replaceKey("/ColorSpace", QPDFObjectHandle::newName(colour_space));
        dict.replaceKey("/Filter", QPDFObjectHandle::newName(is_jpeg ? "/DCTDecode" : "/FlateDecode"));
        return stream;
    }

    /// A form in units of its own, in the colour of whoever places it.
    QPDFObjectHandle piece_object(std::size_t number) {
        QPDFObjectHandle& form = pieces[number];
        if (!form.isInitialized()) {
            form = pdf.makeIndirectObject(QPDFObjectHandle::newStream(&pdf, drawings.common_pieces()[number]));
            // Far round it, since its box clips, and a clipped edge is softened twice.
            const std::string all = std::to_string(DrawnShapes::piece_units),
                              twice = std::to_string(2 * DrawnShapes::piece_units);
            form.getDict().replaceKey("/Type", QPDFObjectHandle::newName("/XObject"));
            form.getDict().replaceKey("/Subtype", QPDFObjectHandle::newName("/Form"));
            form.getDict().replaceKey(
                "/BBox", QPDFObjectHandle::parse("[-" + all + " -" + all + " " + twice + " " + twice + "]"));
            form.getDict().replaceKey("/Resources", QPDFObjectHandle::newDictionary());
        }
        return form;
    }
    /// A form in mm with y down.
    QPDFObjectHandle object_of(const std::shared_ptr<const DrawnArt>& drawn) {
        const DrawnArt& art = *drawn;
        QPDFObjectHandle x_objects = QPDFObjectHandle::newDictionary(), states = QPDFObjectHandle::newDictionary();
        const DrawnShapes::Shapes& shapes = drawings.of(art);
        for (const std::size_t piece : shapes.pieces)
            x_objects.replaceKey(DrawnShapes::piece_name(piece), piece_object(piece));
        std::string content;
        for (std::size_t i = 0; i < art.shapes.size(); ++i) {
            const Painted& painted = art.shapes[i];
            const std::string& path = shapes.paths[i];
            const std::string star = painted.area && painted.area->rule == FillRule::even_odd ? "* " : " ";
            if (const Rgb* colour = std::get_if<Rgb>(&painted.ink)) {
                content += see_through(painted.opacity, states) + fill_colour(*colour) + path +
                           (shapes.is_painted[i] ? "" : "f" + star) + "\n";
                continue;
            }
            const std::string picture = name(std::get<Pixels>(painted.ink), x_objects);
            content += "q " + see_through(1, states) + (path.empty() ? path : path + "W" + star + "n ") +
                       matrix(to_unit(std::get<Pixels>(painted.ink)).then(painted.from_unit)) + picture + " Do Q\n";
        }
        return form(std::move(content), {{0, 0}, {art.size.width, art.size.height}}, x_objects, states);
    }
    QPDFObjectHandle form(std::string content, const Rect& box, const QPDFObjectHandle& x_objects,
                          const QPDFObjectHandle& states) {
        QPDFObjectHandle stream = QPDFObjectHandle::newStream(&pdf);
        streams.put(stream, std::move(content), quietly);
        QPDFObjectHandle dict = stream.getDict(), spaces = QPDFObjectHandle::newDictionary();
        QPDFObjectHandle resources = QPDFObjectHandle::newDictionary();
        spaces.replaceKey("/DefaultRGB", colours);
        resources.replaceKey("/ColorSpace", spaces);
        resources.replaceKey("/XObject", x_objects);
        resources.replaceKey("/ExtGState", states);
        dict.replaceKey("/Type", QPDFObjectHandle::newName("/XObject"));
        dict.replaceKey("/Subtype", QPDFObjectHandle::newName("/Form"));
        dict.replaceKey("/BBox", QPDFObjectHandle::parse("[" + real(box.min.x) + " " + real(box.min.y) + " " +
                                                         real(box.max.x) + " " + real(box.max.y) + "]"));
        dict.replaceKey("/Resources", resources);
        return pdf.makeIndirectObject(stream);
    }

    static std::string see_through(double opacity, QPDFObjectHandle& states) {
        const std::string state = "/a" + std::to_string(std::lround(1000 * opacity));
        states.replaceKey(state, QPDFObjectHandle::parse("<< /ca " + real(opacity) + " >>"));
        return state + " gs ";
    }
};

std::string ink(const Mark& mark, Size paper) {
    std::string path = "0 g ";
    for (const Contour& contour : ink_of(mark).contours)
        append_pdf_path(path, contour, to_points(paper), path_decimals);
    return path + "f*\n";
}

/// A string of a PDF; names may hold any letters.
std::string text(const std::string& words) {
    return QPDFObjectHandle::newUnicodeString(words).unparse();
}

constexpr CutKind separated_kinds[] = {CutKind::kiss, CutKind::score, CutKind::through};

/// The layers of the file and what they need: their optional-content groups and the spot colours of cut lines.
class Layers {
  public:
    Layers(QPDF& target, const JobPlan& plan, const PdfOptions& options) : pdf(target) {
        shows_cuts = !options.with_print;
        if (options.with_print) {
            add("Print", "print", "");
            add("Marks", "marks", "");
        }
        for (const CutKind kind : separated_kinds) {
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
        if (cut.kind == kind) {
            append_pdf_path(paths, cut.line, to_points(paper), path_decimals);
            paths += cut.is_open ? "S\n" : "s\n";
        }
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
                             const QPDFObjectHandle& colours, Streams& streams, const Work& work) {
    QPDFObjectHandle x_objects = QPDFObjectHandle::newDictionary();
    std::string prints, marks;
    for (const PrintItem& item : page.prints) {
        if (!layers.has("print"))
            break;
        prints += art.placed(item, to_points(plan.paper), x_objects);
    }
    for (const Mark& mark : page.marks)
        marks += ink(mark, plan.paper);
    std::string content = layers.has("print") ? "q " + correction(plan) + Layers::within("print", prints) +
                                                    Layers::within("marks", marks) + "Q\n"
                                              : std::string();
    for (const CutKind kind : separated_kinds)
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
    QPDFObjectHandle contents = QPDFObjectHandle::newStream(&pdf);
    streams.put(contents, std::move(content), work);
    object.replaceKey("/Contents", contents);
    return pdf.makeIndirectObject(object);
}

} // namespace

std::string print_pdf(const JobPlan& plan, const PdfOptions& options, const Work& work) {
    StoredPictures pictures(plan, options, work.part(0, 0.6));
    const DrawnShapes drawings(options.with_print ? drawings_of(plan) : std::vector<const DrawnArt*>(),
                               work.part(0.6, 0.8));
    QPDF pdf;
    pdf.emptyPDF();
    const QPDFObjectHandle colours = options.with_profile ? srgb(pdf) : QPDFObjectHandle::newNull();
    Streams streams;
    ArtObjects art(pdf, colours, plan, pictures, drawings, streams, work);
    Layers layers(pdf, plan, options);
    for (std::size_t i = 0; i < plan.pages.size(); ++i) {
        work.at(0.8 + 0.1 * static_cast<double>(i) / static_cast<double>(plan.pages.size()));
        QPDFPageDocumentHelper(pdf).addPage(QPDFPageObjectHelper(page_object(pdf, plan, plan.pages[i], art, layers,
                                                                             colours, streams, {.stop = work.stop})),
                                            false);
    }
    streams.pack(work.part(0.9, 1));
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
