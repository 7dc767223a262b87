#include "formats/pdf/drawn_shapes.h"

#include "core/geometry/measure.h"
#include "core/parallel.h"
#include "formats/pdf/pdf_path.h"

#include <unordered_map>

namespace fusuma {

namespace {

/// Contours that follow each other and belong together, such as a letter's.
struct CommonPiece {
    std::size_t first = 0, count = 0;
    Rect box;
};

/// The pieces of a shape that look the same painted one by one; none when they might not.
std::vector<CommonPiece> pieces_of(const Painted& painted) {
    constexpr std::size_t most = 400; // all are compared with all
    if (!std::holds_alternative<Rgb>(painted.ink) || !painted.area || painted.opacity < 1 ||
        painted.area->rule != FillRule::nonzero)
        return {};
    std::vector<CommonPiece> pieces;
    const auto& contours = painted.area->curves.contours;
    for (std::size_t i = 0; i < contours.size(); ++i) {
        const Rect box = bounds(contours[i]);
        if (!pieces.empty() && pieces.back().box.overlaps(box)) {
            ++pieces.back().count;
            pieces.back().box.include(box);
        } else {
            pieces.push_back({i, 1, box});
        }
        if (pieces.size() > most)
            return {};
        for (std::size_t k = 0; k + 1 < pieces.size(); ++k)
            if (pieces[k].box.overlaps(pieces.back().box))
                return {};
    }
    return pieces;
}

double unit_of(const CommonPiece& piece) {
    return std::max(piece.box.width(), piece.box.height()) / DrawnShapes::piece_units;
}

/// The same for letters of any size and place; empty for what has no size.
std::string path_in_units(const Outline& curves, const CommonPiece& piece) {
    const double unit = unit_of(piece);
    std::string path;
    if (unit <= 0)
        return path;
    const Transform map = Transform::shift(-piece.box.min).then(Transform::scale(1 / unit, 1 / unit));
    for (std::size_t i = piece.first; i < piece.first + piece.count; ++i)
        path += pdf_path(curves.contours[i], map, 0) + "h ";
    return path + "f";
}

/// Drawn small in a file, it may be printed large: places are told to within some ten thousandths of its size.
int decimals_for(const DrawnArt& art) {
    constexpr int least = 4, most = 9;
    const double longer = std::max(art.size.width, art.size.height);
    return std::clamp(5 - static_cast<int>(std::floor(std::log10(std::max(longer, 1e-9)))), least, most);
}

std::string whole_path(const Painted& painted, int decimals) {
    std::string path;
    if (painted.area)
        for (const Contour& contour : painted.area->curves.contours)
            path += pdf_path(contour, {}, decimals) + "h ";
    return path;
}

using Numbers = std::unordered_map<std::string, std::size_t>;

void add(DrawnShapes::Shapes& to, const Painted& painted, const Numbers& numbers, int decimals) {
    std::string content;
    bool has_common = false;
    for (const CommonPiece& piece : numbers.empty() ? std::vector<CommonPiece>() : pieces_of(painted)) {
        const auto known = numbers.find(path_in_units(painted.area->curves, piece));
        if (known != numbers.end()) {
            constexpr int fine = 9;
            const std::string unit = number(unit_of(piece), fine);
            content += "q " + unit + " 0 0 " + unit + " " + number(piece.box.min.x, decimals) + " " +
                       number(piece.box.min.y, decimals) + " cm " + DrawnShapes::piece_name(known->second) + " Do Q ";
            to.pieces.insert(known->second);
            has_common = true;
            continue;
        }
        for (std::size_t i = piece.first; i < piece.first + piece.count; ++i)
            content += pdf_path(painted.area->curves.contours[i], {}, decimals) + "h ";
        content += "f ";
    }
    to.is_painted.push_back(has_common);
    to.paths.push_back(has_common ? std::move(content) : whole_path(painted, decimals));
}

/// Paths that come several times, in the order in which they come first.
std::vector<std::string> common_of(const std::vector<const DrawnArt*>& arts, const Work& work) {
    std::vector<std::vector<std::size_t>> hashes(arts.size());
    const auto for_pieces = [&](std::size_t k, auto&& each) {
        for (const Painted& painted : arts[k]->shapes)
            for (const CommonPiece& piece : pieces_of(painted))
                each(painted.area->curves, piece);
    };
    for_each_of(static_cast<int>(arts.size()), work, [&](int at) {
        const auto k = static_cast<std::size_t>(at);
        for_pieces(k, [&](const Outline& curves, const CommonPiece& piece) {
            hashes[k].push_back(std::hash<std::string>{}(path_in_units(curves, piece)));
        });
    });
    std::unordered_map<std::size_t, std::size_t> times;
    for (const auto& of_art : hashes)
        for (const std::size_t hash : of_art)
            ++times[hash];
    std::vector<std::string> common;
    constexpr std::size_t several = 3;
    for (std::size_t k = 0; k < arts.size(); ++k) {
        std::size_t next = 0;
        if (std::ranges::none_of(hashes[k], [&](std::size_t hash) { return times[hash] >= several; }))
            continue;
        for_pieces(k, [&](const Outline& curves, const CommonPiece& piece) {
            std::size_t& count = times[hashes[k][next++]];
            if (count < several)
                return;
            count = 0; // it has its number
            if (std::string path = path_in_units(curves, piece); !path.empty())
                common.push_back(std::move(path));
        });
    }
    return common;
}

} // namespace

DrawnShapes::DrawnShapes(const std::vector<const DrawnArt*>& arts, const Work& work) {
    constexpr std::size_t many = 8;
    if (arts.size() > many)
        common = common_of(arts, work.part(0, 0.5));
    Numbers numbers;
    for (std::size_t i = 0; i < common.size(); ++i)
        numbers.emplace(common[i], i);
    for (const DrawnArt* art : arts)
        shapes[art];
    for_each_of(static_cast<int>(arts.size()), work.part(0.5, 1), [&](int k) {
        const DrawnArt& art = *arts[static_cast<std::size_t>(k)];
        const int decimals = decimals_for(art);
        Shapes& mine = shapes.at(&art);
        for (const Painted& painted : art.shapes)
            add(mine, painted, numbers, decimals);
    });
}

} // namespace fusuma
