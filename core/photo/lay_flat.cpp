#include "core/photo/lay_flat.h"

#include <algorithm>

namespace fusuma {

namespace {

/// The view with its plane's origin moved, and turned by an angle before.
View moved(View view, Point origin, double turn) {
    const double c = std::cos(turn), s = std::sin(turn);
    for (std::size_t r = 0; r < 3; ++r) {
        const double a = view.plane[3 * r], b = view.plane[3 * r + 1];
        view.plane[3 * r + 2] += a * origin.x + b * origin.y;
        view.plane[3 * r] = a * c + b * s;
        view.plane[3 * r + 1] = -a * s + b * c;
    }
    return view;
}

/// All that lies about a card in its plane and is shown at least a third as finely, upright as in the photograph.
Flattening about_card(const FoundSheet& card, Size photo_px) {
    const Point middle{card.size.width / 2, card.size.height / 2};
    Flattening flat;
    flat.by = FlatBy::card;
    flat.residual = card.residual;
    const Point there = *card.view.to_photo(middle);
    const Point right = card.view.to_plane(there + Point{1, 0}).value_or(middle + Point{1, 0}) - middle;
    const View upright = moved(card.view, middle, std::atan2(right.y, right.x));
    const double least = card.view.density(middle) / 3;
    constexpr double farthest = 600; // mm each way
    constexpr int grid = 48;
    Rect box;
    for (int y = 0; y <= grid; ++y)
        for (int x = 0; x <= grid; ++x) {
            const Point px{photo_px.width * (0.002 + 0.996 * x / grid), photo_px.height * (0.002 + 0.996 * y / grid)};
            const auto mm = upright.to_plane(px);
            if (mm && upright.density(*mm) >= least && std::abs(mm->x) < farthest && std::abs(mm->y) < farthest)
                box.include(*mm);
        }
    flat.view = moved(upright, box.min, 0);
    flat.size = {std::max(1.0, box.width()), std::max(1.0, box.height())};
    return flat;
}

Result<Flattening> by_corners(const FlatWish& wish, const View& camera) {
    const Problem wrong{"These four corners do not make the outline of a flat thing."_said,
                        "Give them clockwise from the top left, none inside the others."_said};
    const Size size = wish.size.value_or(Size{});
    if (!(size.width > 0.5 && size.height > 0.5 && size.width <= 5000 && size.height <= 5000))
        return Problem{"What the corners span must be 0.5 to 5000 mm long each way."_said};
    for (std::size_t k = 0; k < 4; ++k) {
        const Point a = wish.corners[k], b = wish.corners[(k + 1) % 4], c = wish.corners[(k + 2) % 4];
        if (!(cross(b - a, c - b) > 4))
            return wrong;
    }
    const auto view =
        view_through({Point{0, 0}, {size.width, 0}, {size.width, size.height}, {0, size.height}}, wish.corners, camera);
    if (!view)
        return wrong;
    Flattening flat;
    flat.by = FlatBy::corners;
    flat.view = *view;
    flat.size = size;
    return flat;
}

} // namespace

Result<Flattening> lay_flat(const Image& photo, const FlatWish& wish, const KnownCamera& known, const Work& work) {
    const Size px{double(photo.width), double(photo.height)};
    if (std::max(photo.width, photo.height) > most_flattened_px)
        return Problem{"The picture has more than 32,000 pixels along a side."_said, "Save it smaller first."_said};
    Result<Flattening> flat = Flattening{};
    if (wish.by == FlatBy::board) {
        const auto found =
            find_board(grey_of(photo, work.part(0, 0.1)),
                       wish.size ? std::vector{board_on(*wish.size)} : usual_boards(), known, work.part(0.1, 1));
        if (!found)
            return found.problem();
        flat = flattening_of(*found);
    } else if (wish.by == FlatBy::corners) {
        View camera = blank_view(px, known.focal_px.value_or(usual_focal(px)));
        camera.lens = known.lens.value_or(Lens{});
        flat = by_corners(wish, camera);
        if (!flat)
            return flat;
    } else {
        constexpr Size a4{210, 297};
        const auto found = wish.by == FlatBy::card ? find_card(photo, known, work)
                                                   : find_paper(photo, wish.size.value_or(a4), known, work);
        if (!found)
            return found.problem();
        flat = wish.by == FlatBy::card ? about_card(*found, px)
                                       : Flattening{FlatBy::paper, found->view, found->size, 1, found->residual};
    }
    flat->px_per_mm = own_density(flat->view, flat->size);
    return flat;
}

std::array<Point, 4> corners_on_photo(const Flattening& flat) {
    const Point corner[] = {{0, 0}, {flat.size.width, 0}, {flat.size.width, flat.size.height}, {0, flat.size.height}};
    std::array<Point, 4> px;
    for (std::size_t k = 0; k < 4; ++k)
        px[k] = flat.view.to_photo(corner[k]).value_or(flat.view.middle);
    return px;
}

} // namespace fusuma
