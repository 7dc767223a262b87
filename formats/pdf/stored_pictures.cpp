#include "formats/pdf/stored_pictures.h"

#include "core/parallel.h"
#include "core/raster/alpha.h"
#include "core/raster/samples.h"
#include "core/units.h"
#include "formats/basics/deflated.h"
#include "formats/picture/picture_read.h"

#include <QBuffer>
#include <QImage>
#include <cmath>
#include <limits>

namespace fusuma {

namespace {

/// A picture that is printed, and how fine it is where it prints largest.
struct Use {
    Pixels pixels;
    double dpi = std::numeric_limits<double>::max();
};

/// In the order in which they come.
std::vector<Use> uses_of(const JobPlan& plan) {
    std::vector<Use> uses;
    std::map<const void*, std::size_t> places;
    const auto use = [&](const Pixels& pixels, const Transform& on_paper) {
        const auto [known, is_first] = places.try_emplace(pixels.identity().get(), uses.size());
        if (is_first)
            uses.push_back({pixels});
        const double across = pixels.width() / std::hypot(on_paper.a, on_paper.b),
                     down = pixels.height() / std::hypot(on_paper.c, on_paper.d); // px per mm
        double& dpi = uses[known->second].dpi;
        dpi = std::min(dpi, std::min(across, down) * mm_per_inch);
    };
    for (const PagePlan& page : plan.pages)
        for (const PrintItem& item : page.prints) {
            const auto* art = std::get_if<PrintArt>(&item.layer.ink);
            if (!art)
                continue;
            if (const auto* pixels = std::get_if<Pixels>(art)) {
                use(*pixels, item.layer.from_unit);
                continue;
            }
            const DrawnArt& drawn = *std::get<1>(*art);
            for (const Painted& painted : drawn.shapes)
                if (const auto* inner = std::get_if<Pixels>(&painted.ink))
                    use(*inner, painted.from_unit.then(unit_of(drawn)).then(item.layer.from_unit));
        }
    return uses;
}

/// Its pixels averaged into fewer, colours weighted by their alpha.
Image smaller(const Image& image, double by) {
    const QImage whole(image.rgba.data(), image.width, image.height, QImage::Format_RGBA8888);
    const auto over = [by](int px) { return std::max(1, static_cast<int>(std::ceil(px / by))); };
    return *image_from(
        whole.scaled(over(image.width), over(image.height), Qt::IgnoreAspectRatio, Qt::SmoothTransformation));
}

/// Its hues at half the resolution, as JPEG files commonly have them.
std::string as_jpeg(const Image& image, const Samples& samples, int quality) {
    const QImage rgb(reinterpret_cast<const uchar*>(samples.colours.data()), image.width, image.height,
                     3 * qsizetype{image.width}, QImage::Format_RGB888);
    QByteArray file;
    QBuffer buffer(&file);
    return rgb.save(&buffer, "JPEG", quality) ? file.toStdString() : std::string();
}

/// With pixels round it that are clear: edges are softened by those next to them.
PixelBox printed_part(const Image& image) {
    constexpr int clear = 2;
    const PixelBox box = inked(image).value_or(PixelBox{0, 0, 1, 1});
    return on_picture({box.x - clear, box.y - clear, box.width + 2 * clear, box.height + 2 * clear}, image.width,
                      image.height);
}

StoredPicture packed(const Image& whole, int jpeg_quality, const Work& work) {
    const PixelBox box = printed_part(whole);
    const double across = whole.width, down = whole.height;
    const bool is_all = box == PixelBox{0, 0, whole.width, whole.height};
    const Image part = is_all ? Image() : cropped(whole, box);
    const Image& image = is_all ? whole : part;
    const Samples samples = samples_of(image, work.part(0, 0.2));
    StoredPicture stored{image.width, image.height, {}, false, {}, {}};
    stored.turned =
        Transform::scale(box.width / across, box.height / down).then(Transform::shift({box.x / across, box.y / down}));
    stored.colours = deflated_rows(samples.colours, static_cast<std::size_t>(image.width), 3, work.part(0.2, 0.8));
    if (jpeg_quality > 0) // flat colours take less without loss
        if (std::string jpeg = as_jpeg(image, samples, jpeg_quality);
            !jpeg.empty() && jpeg.size() < stored.colours.size()) {
            stored.colours = std::move(jpeg);
            stored.is_jpeg = true;
        }
    if (!samples.alphas.empty())
        stored.alphas = deflated(samples.alphas, work.part(0.8, 1));
    return stored;
}

StoredPicture stored_picture(const Use& use, const PdfOptions& options, const Work& work) {
    const double by = options.enough_dpi > 0 ? use.dpi / options.enough_dpi : 1;
    if (by <= 1)
        if (auto jpeg = jpeg_of(use.pixels, work.part(0, 0)))
            return {jpeg->stored_width, jpeg->stored_height, std::move(jpeg->file), true, {}, jpeg->turned};
    const auto image = use.pixels.get(work.part(0, 0));
    return by > 1 ? packed(smaller(*image, by), options.jpeg_quality, work)
                  : packed(*image, options.jpeg_quality, work);
}

} // namespace

StoredPictures::StoredPictures(const JobPlan& plan, const PdfOptions& options, const Work& work) {
    if (!options.with_print)
        return;
    const std::vector<Use> uses = uses_of(plan);
    for (const Use& use : uses)
        stored[use.pixels.identity().get()];
    std::atomic<std::size_t> done{0};
    for_each_of(static_cast<int>(uses.size()), work, [&](int k) {
        const Use& use = uses[static_cast<std::size_t>(k)];
        of(use.pixels) = stored_picture(use, options, {work.stop});
        work.at(static_cast<double>(++done) / static_cast<double>(uses.size()));
    });
}

} // namespace fusuma
