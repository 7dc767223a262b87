#include "formats/cut_files/board_files.h"

#include "formats/basics/number.h"
#include "formats/cut_files/hpgl.h"

namespace fusuma {

std::string board_svg(const Board& board) {
    const std::string w = number(board.paper.width, 4), h = number(board.paper.height, 4);
    std::string svg = "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"" +
                      w + "mm\" height=\"" + h + "mm\" viewBox=\"0 0 " + w + " " + h + "\">\n";
    for (const Board::Mark& mark : board.marks) {
        const double ring = (BoardRing::outer + BoardRing::inner) / 2, line = BoardRing::outer - BoardRing::inner;
        const std::string at = " cx=\"" + number(mark.centre.x, 4) + "\" cy=\"" + number(mark.centre.y, 4) + "\"";
        svg += "<circle" + at + " r=\"" + number(ring, 4) + "\" fill=\"none\" stroke=\"#000\" stroke-width=\"" +
               number(line, 4) + "\"/>\n";
        if (mark.has_core)
            svg += "<circle" + at + " r=\"" + number(BoardRing::core, 4) + "\"/>\n";
    }
    return svg + "</svg>\n";
}

std::string board_hpgl(const Board& board, const Machine& machine) {
    CutJob job;
    const Transform on_bed = paper_on_bed(machine, board.paper);
    for (const Board::Mark& mark : board.marks)
        for (Polygon line : drawn_by_pen(mark)) {
            for (Point& p : line)
                p = on_bed.apply(p);
            job.runs.push_back({.tip = line, .axis = line});
        }
    return cut_hpgl(job, {}, machine);
}

} // namespace fusuma
