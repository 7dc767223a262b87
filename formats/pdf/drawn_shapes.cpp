#include "formats/pdf/drawn_shapes.h"

#include "core/geometry/measure.h"
#include "core/parallel.h"
#include "formats/pdf/pdf_path.h"

#include <cmath>
#include <cstdint>
#include <optional>
#include <unordered_map>

namespace fusuma {

namespace {

/// A piece's contours in whole units: the same for letters of any size and place.
using Form = std::vector<std::int32_t>;

/// Contours that follow each other and belong together, such as a letter's.
struct CommonPiece {
    std::size_t first = 0, count = 0;
    Rect box;
    std::uint64_t hash = 0; ///< of its form

    [[nodiscard]] double unit() const { return std::max(box.width(), box.height()) / DrawnShapes::piece_units; }
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
        pieces.push_back({i, 1, bounds(contours[i])});
        // With what it overlaps it is one, and so is all between: strokes of a letter may lie apart from the next.
        for (;;) {
            const auto met = std::find_if(pieces.begin(), pieces.end() - 1, [&](const CommonPiece& earlier) {
                return earlier.box.overlaps(pieces.back().box);
            });
            if (met == pieces.end() - 1)
                break;
            for (auto later = met + 1; later != pieces.end(); ++later) {
                met->count += later->count;
                met->box.include(later->box);
            }
            pieces.erase(met + 1, pieces.end());
        }
        if (pieces.size() > most)
            return {};
    }
    return pieces;
}

Form form_of(const Outline& curves, const CommonPiece& piece) {
    Form form;
    const double unit = piece.unit();
    if (unit <= 0)
        return form;
    const auto place = [&](Point p) {
        form.push_back(static_cast<std::int32_t>(std::lround((p.x - piece.box.min.x) / unit)));
        form.push_back(static_cast<std::int32_t>(std::lround((p.y - piece.box.min.y) / unit)));
    };
    for (std::size_t i = piece.first; i < piece.first + piece.count; ++i) {
        const Contour& contour = curves.contours[i];
        form.push_back(static_cast<std::int32_t>(contour.segments.size()));
        place(contour.start);
        for (const Segment& s : contour.segments) {
            const bool is_line = s.kind == Segment::Kind::line;
            form.push_back(is_line);
            if (!is_line) {
                place(s.control1);
                place(s.control2);
            }
            place(s.end);
        }
    }
    return form;
}

/// Source: FNV-1a, 64 bits (Fowler, Noll, Vo), a number at a time.
std::uint64_t hash_of(const Form& form) {
    std::uint64_t hash = 0xcbf29ce484222325U;
    for (const std::int32_t value : form)
        hash = (hash ^ static_cast<std::uint32_t>(value)) * 0x100000001b3U;
    return hash;
}

std::string painted_path(const Form& form) {
    std::string path;
    auto at = form.begin();
    const auto place = [&] {
        path += std::to_string(at[0]) + " " + std::to_string(at[1]) + " ";
        at += 2;
    };
    while (at != form.end()) {
        const std::int32_t segments = *at++;
        place();
        path += "m ";
        for (std::int32_t i = 0; i < segments; ++i) {
            const bool is_line = *at++ != 0;
            for (int k = is_line ? 2 : 0; k < 3; ++k)
                place();
            path += is_line ? "l " : "c ";
        }
        path += "h ";
    }
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
        for (const Contour& contour : painted.area->curves.contours) {
            append_pdf_path(path, contour, {}, decimals);
            path += "h ";
        }
    return path;
}

using Pieces = std::vector<std::vector<CommonPiece>>; ///< of each of a drawing's shapes

/// The forms that drawings have in common, by their hashes.
struct CommonForms {
    std::vector<Form> forms;
    std::unordered_map<std::uint64_t, std::size_t> numbers;

    /// The number of a piece's form. What only has another's hash has none.
    [[nodiscard]] std::optional<std::size_t> number_of(const Outline& curves, const CommonPiece& piece) const {
        const auto known = numbers.find(piece.hash);
        if (known == numbers.end() || forms[known->second] != form_of(curves, piece))
            return std::nullopt;
        return known->second;
    }
};

void add(DrawnShapes::Shapes& to, const Painted& painted, const std::vector<CommonPiece>& pieces,
         const CommonForms& common, int decimals) {
    std::string content;
    bool has_common = false;
    for (const CommonPiece& piece : pieces) {
        if (const auto known = common.number_of(painted.area->curves, piece)) {
            constexpr int fine = 9;
            const std::string unit = number(piece.unit(), fine);
            content += "q " + unit + " 0 0 " + unit + " " + number(piece.box.min.x, decimals) + " " +
                       number(piece.box.min.y, decimals) + " cm " + DrawnShapes::piece_name(*known) + " Do Q ";
            to.pieces.insert(*known);
            has_common = true;
            continue;
        }
        for (std::size_t i = piece.first; i < piece.first + piece.count; ++i) {
            append_pdf_path(content, painted.area->curves.contours[i], {}, decimals);
            content += "h ";
        }
        content += "f ";
    }
    to.is_painted.push_back(has_common);
    to.paths.push_back(has_common ? std::move(content) : whole_path(painted, decimals));
}

/// Those that come several times, in the order in which they come first.
CommonForms common_of(const std::vector<const DrawnArt*>& arts, const std::vector<Pieces>& pieces) {
    std::unordered_map<std::uint64_t, std::size_t> times;
    const auto for_each_piece = [&](auto&& each) {
        for (std::size_t k = 0; k < arts.size(); ++k)
            for (std::size_t i = 0; i < pieces[k].size(); ++i)
                for (const CommonPiece& piece : pieces[k][i])
                    if (piece.unit() > 0)
                        each(arts[k]->shapes[i], piece);
    };
    for_each_piece([&](const Painted&, const CommonPiece& piece) { ++times[piece.hash]; });
    CommonForms common;
    constexpr std::size_t several = 3;
    for_each_piece([&](const Painted& painted, const CommonPiece& piece) {
        if (times.find(piece.hash)->second >= several &&
            common.numbers.try_emplace(piece.hash, common.forms.size()).second)
            common.forms.push_back(form_of(painted.area->curves, piece));
    });
    return common;
}

} // namespace

DrawnShapes::DrawnShapes(const std::vector<const DrawnArt*>& arts, const Work& work) {
    const auto for_arts = [&](const Work& part, auto&& each) {
        for_each_of(static_cast<int>(arts.size()), part, [&](int k) { each(static_cast<std::size_t>(k)); });
    };
    constexpr std::size_t many = 8;
    std::vector<Pieces> pieces(arts.size());
    for_arts(work.part(0, 0.5), [&](std::size_t k) {
        for (const Painted& painted : arts[k]->shapes) {
            auto& its = pieces[k].emplace_back();
            if (arts.size() <= many)
                continue;
            its = pieces_of(painted);
            for (CommonPiece& piece : its)
                piece.hash = hash_of(form_of(painted.area->curves, piece));
        }
    });
    const CommonForms forms = common_of(arts, pieces);
    for (const Form& form : forms.forms)
        common.push_back(painted_path(form));
    for (const DrawnArt* art : arts)
        shapes[art];
    for_arts(work.part(0.5, 1), [&](std::size_t k) {
        const DrawnArt& art = *arts[k];
        const int decimals = decimals_for(art);
        Shapes& mine = shapes.at(&art);
        for (std::size_t i = 0; i < art.shapes.size(); ++i)
            add(mine, art.shapes[i], pieces[k][i], forms, decimals);
    });
}

} // namespace fusuma
