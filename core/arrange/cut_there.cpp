#include "core/arrange/cut_there.h"

#include "core/document/as_photographed.h"

#include <algorithm>

namespace fusuma {

namespace {

/// Five rings without a core: those nearest to the corners, and one more that a half turn puts where none is, so that
/// it is seen which way the board lies.
MarkScheme rings_of(const Board& board) {
    const Size paper = board.paper;
    std::vector<Point> plain, telling;
    const auto is_plain_at = [&](Point p) {
        return std::ranges::any_of(
            board.marks, [&](const Board::Mark& mark) { return !mark.has_core && distance(mark.centre, p) < 1; });
    };
    for (const Board::Mark& mark : board.marks)
        if (!mark.has_core) {
            plain.push_back(mark.centre);
            if (!is_plain_at(Point{paper.width, paper.height} - mark.centre))
                telling.push_back(mark.centre);
        }
    MarkScheme scheme{"Photo board", {}};
    const auto take_nearest = [&](const std::vector<Point>& among, Point to) {
        const auto nearest = std::ranges::min_element(among, {}, [&](Point p) { return distance(p, to); });
        if (nearest == among.end())
            return;
        const Point at = *nearest;
        const bool is_right = at.x > paper.width / 2, is_low = at.y > paper.height / 2;
        SchemeMark mark;
        mark.shape = MarkShape::ring;
        mark.from = is_low ? (is_right ? PaperCorner::bottom_right : PaperCorner::bottom_left)
                           : (is_right ? PaperCorner::top_right : PaperCorner::top_left);
        mark.inward = {is_right ? paper.width - at.x : at.x, is_low ? paper.height - at.y : at.y};
        mark.radius = BoardRing::outer;
        mark.line = BoardRing::outer - BoardRing::inner;
        scheme.marks.push_back(mark);
        std::erase(plain, at);
        std::erase(telling, at);
    };
    for (const Point corner : {Point{0, 0}, {paper.width, 0}, {paper.width, paper.height}, {0, paper.height}})
        take_nearest(plain, corner);
    take_nearest(telling, {paper.width / 3, 0});
    return scheme;
}

} // namespace

std::optional<Board> board_under(const Sticker& sticker) {
    const auto* artwork = std::get_if<PictureArtwork>(&sticker.artwork);
    if (!artwork || !artwork->picture->flat || artwork->picture->flat->by != FlatBy::board)
        return std::nullopt;
    const Size inside = artwork->picture->flat->size;
    const double round = board_on({400, 400}).inside.min.x; // mm, the same on every board
    const Size paper{inside.width + 2 * round, inside.height + 2 * round};
    return can_be_board(paper) ? std::optional(board_on(paper)) : std::nullopt;
}

std::optional<Board> board_under(const Document& document) {
    for (const auto& sticker : document.stickers)
        if (auto board = board_under(*sticker))
            return board;
    return std::nullopt;
}

Document cutting_what_lies_there(Document document) {
    const auto board = board_under(document);
    if (!board)
        return document;
    constexpr double clear = BoardRing::outer + 4; // mm, no more than the inside is away
    document.sheet.paper = board->paper;
    document.sheet.photographed = board->inside;
    document.sheet.marks.kind = MarkKind::scheme;
    document.sheet.marks.scheme = rings_of(*board);
    document.sheet.marks.keep_clear = clear;
    document.placements.clear();
    for (const auto& sticker : document.stickers)
        document.put({.sticker = sticker->id});
    return as_photographed(std::move(document));
}

Document printing_it(Document document) {
    document.sheet.photographed.reset();
    const MarkSettings usual;
    document.sheet.marks.kind = usual.kind;
    document.sheet.marks.keep_clear = usual.keep_clear;
    document.sheet.marks.scheme = {};
    for (Placement& copy : document.placements)
        copy.locked = false;
    return document;
}

} // namespace fusuma
