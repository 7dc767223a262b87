#include "core/photo/find_print.h"

#include "core/parallel.h"
#include "core/photo/lay_flat.h"

#include <algorithm>

namespace fusuma {

namespace {

/// A flat thing from straight above, as a sensor would see it.
/// @param view      from mm to the photograph's pixels
/// @param on_plane  from the thing's mm to the view's
Scan seen_from_above(const GreyPicture& photo, const View& view, Size size, double px_per_mm, const Work& work,
                     const Transform& on_plane = {}) {
    Scan scan;
    scan.px_per_mm = std::clamp(px_per_mm, 3.0, 12.0);
    scan.width = static_cast<int>(size.width * scan.px_per_mm);
    scan.height = static_cast<int>(size.height * scan.px_per_mm);
    scan.grey.assign(static_cast<std::size_t>(scan.width) * static_cast<std::size_t>(scan.height), 255);
    for_bands(scan.height, work, [&](int first, int last) {
        for (int y = first; y < last; ++y)
            for (int x = 0; x < scan.width; ++x) {
                const auto px = view.to_photo(on_plane.apply({(x + 0.5) / scan.px_per_mm, (y + 0.5) / scan.px_per_mm}));
                if (px && px->x >= 0 && px->y >= 0 && px->x <= photo.width && px->y <= photo.height)
                    scan.grey[static_cast<std::size_t>(y) * static_cast<std::size_t>(scan.width) +
                              static_cast<std::size_t>(x)] = static_cast<std::uint8_t>(photo.at(*px) + 0.5);
            }
    });
    return scan;
}

/// Are the marks large enough in the photograph to be placed?
bool are_seen(const std::vector<Mark>& marks, double px_per_mm) {
    constexpr double least_px = 5; // of a mark's radius
    return std::ranges::min(marks, {}, &Mark::radius).radius * px_per_mm >= least_px;
}

} // namespace

Result<PhotographedPrint> find_print(const Image& photo, const std::vector<Board>& boards,
                                     const std::vector<Mark>& marks, const KnownCamera& camera, const Work& work) {
    if (marks.size() < 3)
        return Problem{"This sheet has fewer than three marks to be found by."_said, "Print it with marks."_said};
    const GreyPicture grey = grey_of(photo, work.part(0, 0.1));
    auto board = find_board(grey, boards, camera, work.part(0.1, 0.5));
    if (!board)
        return board.problem();
    if (!are_seen(marks, board->px_per_mm))
        return Problem{"The picture is too small: the marks on the sheet are hardly seen."_said,
                       "Go nearer, so that the board fills the picture."_said};
    const Scan scan = seen_from_above(grey, board->view, board->board.paper, board->px_per_mm, work.part(0.5, 0.7));
    PhotographedPrint print{locate(marks, find_spots(scan, marks)), std::move(*board)};
    work.at(1);
    return print;
}

Result<Registration> print_on_its_paper(const Image& photo, Size paper, const std::vector<Mark>& marks,
                                        const KnownCamera& camera, const Work& work) {
    const auto flat = lay_flat(photo, {.by = FlatBy::paper, .size = paper}, camera, work.part(0, 0.6));
    if (!flat)
        return flat.problem();
    if (!are_seen(marks, flat->px_per_mm))
        return Problem{"The picture is too small: the marks on the page are hardly seen."_said,
                       "Go nearer, so that the page fills the picture."_said};
    const bool is_sideways = (flat->size.width > flat->size.height) != (paper.width > paper.height);
    const Scan scan =
        seen_from_above(grey_of(photo, work.part(0.6, 0.7)), flat->view, paper, flat->px_per_mm, work.part(0.7, 0.9),
                        is_sideways ? Transform{0, -1, 1, 0, 0, paper.width} : Transform{});
    Registration print = locate(marks, find_spots(scan, marks));
    if (print.fit.a < 0) { // photographed from its other side: the paper looks the same when it is turned by half
        const Transform half{-1, 0, 0, -1, paper.width, paper.height};
        print.fit = print.fit.then(half);
        for (auto& place : print.found)
            if (place)
                place = half.apply(*place);
    }
    work.at(1);
    return print;
}

} // namespace fusuma
