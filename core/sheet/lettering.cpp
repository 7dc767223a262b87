#include "core/sheet/lettering.h"

#include "core/geometry/boolean.h"

#include <map>
#include <string>

namespace fusuma {

namespace {

/// Each glyph's strokes on a grid four wide and six high, y downwards: digits are x and y of points in turn.
const std::map<char, std::string_view>& glyphs() {
    static const std::map<char, std::string_view> all = {{'0', "103041453616050110 3412"},
                                                         {'1', "012026 0646"},
                                                         {'2', "01103041420646"},
                                                         {'3', "0110304142334445361605 1333"},
                                                         {'4', "36300444"},
                                                         {'5', "400002324345361605"},
                                                         {'6', "40200205163645443303"},
                                                         {'7', "004016"},
                                                         {'8', "103041423313020110 1304051636454433"},
                                                         {'9', "06264441301001021343"},
                                                         {'A', "0602204246 0444"},
                                                         {'B', "00063645443303 3342413000"},
                                                         {'C', "4130100105163645"},
                                                         {'D', "00062644422000"},
                                                         {'E', "40000646 0333"},
                                                         {'F', "400006 0333"},
                                                         {'G', "41301001051636454323"},
                                                         {'H', "0006 4046 0343"},
                                                         {'I', "2026"},
                                                         {'J', "4045361605"},
                                                         {'K', "0006 400346"},
                                                         {'L', "000646"},
                                                         {'M', "0600234046"},
                                                         {'N', "06004640"},
                                                         {'O', "103041453616050110"},
                                                         {'P', "06003041423303"},
                                                         {'Q', "103041453616050110 3446"},
                                                         {'R', "06003041423303 2346"},
                                                         {'S', "413010010213334445361605"},
                                                         {'T', "0040 2026"},
                                                         {'U', "000516364540"},
                                                         {'V', "002640"},
                                                         {'W', "0016233640"},
                                                         {'X', "0046 4006"},
                                                         {'Y', "002340 2326"},
                                                         {'Z', "00400646"},
                                                         {'-', "1333"},
                                                         {'.', "2526"},
                                                         {'/', "0640"},
                                                         {'+', "0343 2125"}};
    return all;
}

constexpr double grid_height = 6, advance = 5.6, stroke_width = 0.85; // in steps of the grid

} // namespace

double lettering_width(std::string_view words, double height) {
    return static_cast<double>(words.size()) * advance * height / grid_height;
}

Polygons stroked(const std::vector<Point>& line, double width) {
    Polygons area;
    for (std::size_t i = 0; i + 1 < line.size(); ++i) {
        const Point along = (width / 2) * unit(line[i + 1] - line[i]);
        const Point across{-along.y, along.x};
        const Point from = line[i] - along, to = line[i + 1] + along;
        const Polygon piece{from + across, to + across, to - across, from - across};
        area = area.empty() ? Polygons{piece} : combine(area, {piece}, Combine::join);
    }
    return area;
}

Polygons lettering(std::string_view words, Point at, double height) {
    const double step = height / grid_height;
    Polygons area;
    for (const char c : words) {
        if (const auto glyph = glyphs().find(c); glyph != glyphs().end()) {
            Polygons drawn;
            std::vector<Point> line;
            const auto finish = [&] {
                if (line.size() > 1)
                    drawn = drawn.empty() ? stroked(line, stroke_width * step)
                                          : combine(drawn, stroked(line, stroke_width * step), Combine::join);
                line.clear();
            };
            const std::string_view strokes = glyph->second;
            for (std::size_t i = 0; i < strokes.size();) {
                if (strokes[i] == ' ') {
                    finish();
                    ++i;
                    continue;
                }
                line.push_back(at + step * Point{static_cast<double>(strokes[i] - '0'),
                                                 static_cast<double>(strokes[i + 1] - '0')});
                i += 2;
            }
            finish();
            area.insert(area.end(), drawn.begin(), drawn.end());
        }
        at.x += advance * step;
    }
    return area;
}

} // namespace fusuma
