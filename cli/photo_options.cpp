#include "cli/photo_options.h"

#include "cli/border_options.h"
#include "core/photo/lay_flat.h"
#include "core/raster/picture.h"
#include "core/sheet/paper.h"

#include <CLI/CLI.hpp>
#include <QString>

namespace fusuma {

void add_photo_options(CLI::App& app, StickerOptions& o) {
    app.add_option("--flatten", o.flatten,
                   "lay a photograph flat: board[:PAPER], paper:PAPER, card, or corners:X,Y,X,Y,X,Y,X,Y:WxH (pixels "
                   "clockwise from the top left, then mm)");
}

namespace {

Result<FlatWish> flat_wish(const std::string& text) {
    const Problem wrong{"--flatten " + text +
                        ": give board, board:PAPER, paper:PAPER, card or corners:X,Y,X,Y,X,Y,X,Y:WxH."};
    const QStringList parts = QString::fromStdString(text).split(':');
    const auto by = value_of<FlatBy>(parts[0].toStdString());
    if (!by)
        return wrong;
    FlatWish wish{.by = *by};
    const bool has_corners = *by == FlatBy::corners;
    const qsizetype most = has_corners ? 3 : *by == FlatBy::card ? 1 : 2;
    if (parts.size() > most || parts.size() < (has_corners ? 3 : *by == FlatBy::paper ? 2 : 1))
        return wrong;
    if (has_corners) {
        const QStringList numbers = parts[1].split(',');
        if (numbers.size() != 8)
            return wrong;
        for (qsizetype i = 0; i < 8; ++i) {
            bool is_number = false;
            const double value = numbers[i].toDouble(&is_number);
            if (!is_number || !(std::abs(value) < 1e6))
                return wrong;
            Point& corner = wish.corners[static_cast<std::size_t>(i / 2)];
            (i % 2 == 0 ? corner.x : corner.y) = value;
        }
        const QStringList size = parts[2].split('x');
        bool has_width = false, has_height = false;
        if (size.size() == 2)
            wish.size = Size{size[0].toDouble(&has_width), size[1].toDouble(&has_height)};
        return has_width && has_height ? Result<FlatWish>(wish) : wrong;
    }
    if (parts.size() > 1) {
        wish.size = parse_paper(parts[1].toStdString());
        if (!wish.size)
            return Problem{"--flatten " + text + ": " + parts[1].toStdString() + " is no paper; give a4, letter or WxH in mm."};
        if (*by == FlatBy::board && std::min(wish.size->width, wish.size->height) < 90)
            return Problem{"--flatten " + text + ": a board's paper is at least 90 mm each way."};
    }
    return wish;
}

} // namespace

Outcome apply_flatten(const StickerOptions& o, std::shared_ptr<const Picture>& picture) {
    if (o.flatten.empty())
        return Done{};
    const auto wish = flat_wish(o.flatten);
    if (!wish)
        return wish.problem();
    KnownCamera camera;
    if (picture->camera.focal_35mm > 0)
        camera.focal_px = picture->camera.focal_35mm / 36 * std::max(picture->pixels.width, picture->pixels.height);
    const auto flat = lay_flat(picture->pixels, *wish, camera);
    if (!flat)
        return Problem{picture->file_name + ": " + flat.problem().message, flat.problem().hint};
    picture = laid_flat(picture, *flat);
    return Done{};
}

} // namespace fusuma
