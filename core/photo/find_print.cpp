#include "core/photo/find_print.h"

#include "core/parallel.h"

#include <algorithm>

namespace fusuma {

namespace {

/// The board from straight above, as a sensor would see it.
Scan seen_from_above(const GreyPicture& photo, const FoundBoard& board, const Work& work) {
    Scan scan;
    scan.px_per_mm = std::clamp(board.px_per_mm, 3.0, 12.0);
    scan.width = static_cast<int>(board.board.paper.width * scan.px_per_mm);
    scan.height = static_cast<int>(board.board.paper.height * scan.px_per_mm);
    scan.grey.assign(static_cast<std::size_t>(scan.width) * static_cast<std::size_t>(scan.height), 255);
    for_bands(scan.height, work, [&](int first, int last) {
        for (int y = first; y < last; ++y)
            for (int x = 0; x < scan.width; ++x) {
                const auto px = board.view.to_photo({(x + 0.5) / scan.px_per_mm, (y + 0.5) / scan.px_per_mm});
                if (px && px->x >= 0 && px->y >= 0 && px->x <= photo.width && px->y <= photo.height)
                    scan.grey[static_cast<std::size_t>(y) * static_cast<std::size_t>(scan.width) +
                              static_cast<std::size_t>(x)] = static_cast<std::uint8_t>(photo.at(*px) + 0.5);
            }
    });
    return scan;
}

} // namespace

Result<PhotographedPrint> find_print(const Image& photo, const std::vector<Board>& boards,
                                     const std::vector<Mark>& marks, const KnownCamera& camera, const Work& work) {
    if (marks.size() < 3)
        return Problem{"This sheet has fewer than three marks to be found by.", "Print it with marks."};
    const GreyPicture grey = grey_of(photo, work.part(0, 0.1));
    auto board = find_board(grey, boards, camera, work.part(0.1, 0.5));
    if (!board)
        return board.problem();
    const double least = std::ranges::min(marks, {}, &Mark::radius).radius;
    constexpr double least_px = 5; // of a mark's radius
    if (least * board->px_per_mm < least_px)
        return Problem{"The picture is too small: the marks on the sheet are hardly seen.",
                       "Go nearer, so that the board fills the picture."};
    const Scan scan = seen_from_above(grey, *board, work.part(0.5, 0.7));
    PhotographedPrint print{locate(marks, find_spots(scan, marks)), std::move(*board)};
    work.at(1);
    return print;
}

} // namespace fusuma
