// The cut lines in SVG and in HP-GL are the same lines: both files are read back and compared point by point.

#include "core/arrange/free_place.h"
#include "core/geometry/measure.h"
#include "formats/cut_files/hpgl.h"
#include "formats/cut_files/svg_write.h"
#include "formats/picture/picture_read.h"
#include "tests/support/hpgl.h"
#include "tests/support/samples.h"

#include <gtest/gtest.h>
#include <sstream>

namespace fusuma {
namespace {

/// Reads the M, L, C and Z of a path's data (SVG 1.1, 8.3), curves as 200 straight pieces each.
Polygon read_path(const std::string& data) {
    Polygon points;
    std::string spaced;
    for (const char c : data)
        spaced += std::isalpha(static_cast<unsigned char>(c)) ? std::string(" ") + c + " " : std::string(1, c);
    std::istringstream in(spaced);
    const auto point = [&] {
        Point p;
        in >> p.x >> p.y;
        return p;
    };
    for (char command; in >> command;) {
        if (command == 'M' || command == 'L') {
            points.push_back(point());
        } else if (command == 'C') {
            const Point p0 = points.back(), p1 = point(), p2 = point(), p3 = point();
            for (int i = 1; i <= 200; ++i) {
                const double t = i / 200.0, u = 1 - t;
                points.push_back(u * u * u * p0 + 3 * u * u * t * p1 + 3 * u * t * t * p2 + t * t * t * p3);
            }
        }
    }
    return points;
}

std::vector<Polygon> read_paths(const std::string& svg) {
    std::vector<Polygon> paths;
    for (std::size_t at = 0; (at = svg.find(" d=\"", at)) != std::string::npos;) {
        const std::size_t end = svg.find('"', at + 4);
        paths.push_back(read_path(svg.substr(at + 4, end - at - 4)));
        at = end;
    }
    return paths;
}

TEST(Agreement, SvgAndHpglHoldTheSameLinesWithin30Micrometres) {
    struct Sheet {
        const char* art;
        Size paper;
    };
    for (const auto& [art, paper] : {Sheet{"octopus.png", {210, 297}},
                                     {"leaping-mackerel.png", {215.9, 279.4}},
                                     {"paper-lantern.png", {210, 297}}}) {
        Document d = with_sticker_added({}, new_sticker(PictureArtwork{*read_picture(test::demo_art(art))}));
        d.sheet.paper = paper;
        Planner evaluator;
        d = place_in_rows(d, evaluator, 1, 2).document;
        d.placements[1].turn = 0.7;
        const auto plan = evaluator.plan(d);
        const auto svg = read_paths(cut_svg(*plan));
        HpglReader reader;
        ASSERT_TRUE(reader.take(test::hpgl_of(*plan)));
        const auto strokes = reader.strokes();
        ASSERT_EQ(svg.size(), strokes.size());
        double worst = 0;
        Polygons cuts; // in an order and from starts of their own
        for (const HpglStroke& stroke : strokes) {
            cuts.emplace_back();
            for (const Point p : stroke.points)
                cuts.back().push_back({p.x, paper.height - p.y});
            for (const Point p : cuts.back())
                worst = std::max(worst, nearest_on(svg, p, worst).distance);
        }
        for (const Polygon& line : svg)
            for (std::size_t k = 0; k < line.size(); k += 20)
                worst = std::max(worst, nearest_on(cuts, line[k], worst).distance);
        EXPECT_LT(worst, 0.03) << art;
    }
}

TEST(Agreement, SamePlanGivesTheSameBytes) {
    const Document d = test::disc_document({{60, 60}, {120, 100}});
    Planner first, second;
    EXPECT_EQ(cut_svg(*first.plan(d)), cut_svg(*second.plan(d)));
    EXPECT_EQ(test::hpgl_of(*first.plan(d)), test::hpgl_of(*second.plan(d)));
}

} // namespace
} // namespace fusuma
