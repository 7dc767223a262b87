#include "formats/pdf.h"

#include "formats/number.h"

#include <map>
#include <qpdf/QPDF.hh>
#include <qpdf/QPDFPageDocumentHelper.hh>
#include <qpdf/QPDFWriter.hh>

namespace fusuma {

namespace {

constexpr int decimals = 6;

std::string real(double value) {
    return number(value, decimals);
}

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
    std::string colours, alphas;
    colours.reserve(image.pixels() * 3);
    alphas.reserve(image.pixels());
    bool see_through = false;
    for (std::size_t i = 0; i < image.rgba.size(); i += 4) {
        const std::uint8_t alpha = image.rgba[i + 3];
        for (std::size_t c = 0; c < 3; ++c) // clear pixels print as paper, also where a viewer blends them in
            colours += static_cast<char>(alpha == 0 ? 255 : image.rgba[i + c]);
        alphas += static_cast<char>(alpha);
        see_through = see_through || alpha < 255;
    }
    QPDFObjectHandle object = sample_stream(pdf, image, "/DeviceRGB", colours);
    if (see_through)
        object.getDict().replaceKey("/SMask", pdf.makeIndirectObject(sample_stream(pdf, image, "/DeviceGray", alphas)));
    return pdf.makeIndirectObject(object);
}

/// Each picture once in the file, however many copies use it.
class PictureObjects {
  public:
    explicit PictureObjects(QPDF& target) : pdf(target) {}

    /// Name of the picture in the page's resources.
    std::string name(const std::shared_ptr<const Image>& picture, QPDFObjectHandle& resources) {
        auto [it, fresh] = objects.try_emplace(picture.get());
        if (fresh) {
            it->second.name = "/Art" + std::to_string(objects.size());
            it->second.object = image_object(pdf, *picture);
        }
        resources.replaceKey(it->second.name, it->second.object);
        return it->second.name;
    }

  private:
    struct Entry {
        std::string name;
        QPDFObjectHandle object;
    };
    QPDF& pdf;
    std::map<const Image*, Entry> objects;
};

std::string placed_picture(const std::string& name, const Transform& to_page, Size paper) {
    // An image fills the unit square from its bottom left upwards.
    const Transform upside{1, 0, 0, -1, 0, 1};
    const Transform m = upside.then(to_page).then(to_points(paper));
    return "q " + real(m.a) + " " + real(m.b) + " " + real(m.c) + " " + real(m.d) + " " + real(m.dx) + " " +
           real(m.dy) + " cm " + name + " Do Q\n";
}

std::string disc(const Mark& mark, Size paper) {
    constexpr double handle = 0.5522847498307936; // 4/3 (√2 − 1), the cubic quarter circle
    const Point c = to_points(paper).apply(mark.centre);
    const double r = mark.radius * points_per_mm, h = r * handle;
    const auto pair = [](double x, double y) { return real(x) + " " + real(y) + " "; };
    return "0 g " + pair(c.x + r, c.y) + "m " +                                          //
           pair(c.x + r, c.y + h) + pair(c.x + h, c.y + r) + pair(c.x, c.y + r) + "c " + //
           pair(c.x - h, c.y + r) + pair(c.x - r, c.y + h) + pair(c.x - r, c.y) + "c " + //
           pair(c.x - r, c.y - h) + pair(c.x - h, c.y - r) + pair(c.x, c.y - r) + "c " + //
           pair(c.x + h, c.y - r) + pair(c.x + r, c.y - h) + pair(c.x + r, c.y) + "c f\n";
}

QPDFObjectHandle page_object(QPDF& pdf, const JobPlan& plan, const PagePlan& page, PictureObjects& pictures) {
    QPDFObjectHandle x_objects = QPDFObjectHandle::newDictionary();
    std::string content;
    for (const PrintItem& item : page.prints)
        content += std::visit(
            [&](const std::shared_ptr<const Image>& pixels) {
                return placed_picture(pictures.name(pixels, x_objects), item.to_page, plan.paper);
            },
            item.art);
    for (const Mark& mark : page.marks)
        content += disc(mark, plan.paper);

    QPDFObjectHandle object = QPDFObjectHandle::parse("<< /Type /Page >>");
    object.replaceKey("/MediaBox", QPDFObjectHandle::parse("[0 0 " + real(plan.paper.width * points_per_mm) + " " +
                                                           real(plan.paper.height * points_per_mm) + "]"));
    QPDFObjectHandle resources = QPDFObjectHandle::newDictionary();
    resources.replaceKey("/XObject", x_objects);
    object.replaceKey("/Resources", resources);
    object.replaceKey("/Contents", QPDFObjectHandle::newStream(&pdf, content));
    return pdf.makeIndirectObject(object);
}

} // namespace

std::string print_pdf(const JobPlan& plan) {
    QPDF pdf;
    pdf.emptyPDF();
    PictureObjects pictures(pdf);
    for (const PagePlan& page : plan.pages)
        QPDFPageDocumentHelper(pdf).addPage(QPDFPageObjectHelper(page_object(pdf, plan, page, pictures)), false);
    pdf.getRoot().replaceKey("/ViewerPreferences",
                             QPDFObjectHandle::parse("<< /PrintScaling /None /PickTrayByPDFSize true >>"));
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
