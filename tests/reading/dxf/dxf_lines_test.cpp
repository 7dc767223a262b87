#include "reading/dxf/dxf_lines.h"

#include "core/geometry/measure.h"
#include "reading/dxf/dxf_read.h"

#include <gmock/gmock.h>
#include <numbers>

namespace fusuma {
namespace {

QByteArray section(const QByteArray& name, const QByteArray& content) {
    return "0\nSECTION\n2\n" + name + "\n" + content + "0\nENDSEC\n";
}

QByteArray dxf_of(const QByteArray& entities, const QByteArray& before = {}) {
    return before + section("ENTITIES", entities) + "0\nEOF\n";
}

QByteArray block(const QByteArray& name, const QByteArray& content) {
    return "0\nBLOCK\n2\n" + name + "\n10\n0\n20\n0\n" + content + "0\nENDBLK\n";
}

const QByteArray line_of_layer_0 = "0\nLINE\n8\n0\n10\n0\n20\n0\n11\n4\n21\n3\n";

std::vector<std::string> layers_of(const DxfLines& read) {
    std::vector<std::string> layers;
    for (const DxfLine& line : read.lines)
        layers.push_back(line.layer);
    return layers;
}

/// Numbers may be of any size.
TEST(Dxf, LinesThatNoPaperHoldsAreRefused) {
    for (const char* number : {"1e300", "-1e300", "1e12"}) {
        const QByteArray n(number);
        for (const QByteArray& entity :
             {"0\nCIRCLE\n8\n0\n10\n5\n20\n5\n40\n" + n + "\n",
              "0\nARC\n8\n0\n10\n5\n20\n5\n40\n" + n + "\n50\n0\n51\n90\n",
              "0\nLINE\n8\n0\n10\n" + n + "\n20\n0\n11\n4\n21\n4\n",
              "0\nELLIPSE\n8\n0\n10\n0\n20\n0\n11\n4\n21\n4\n40\n" + n + "\n41\n0\n42\n3\n"}) {
            const auto read = read_dxf(dxf_of(entity));
            EXPECT_FALSE(read) << entity.toStdString();
        }
    }
    EXPECT_TRUE(read_dxf(dxf_of("0\nCIRCLE\n8\n0\n10\n5\n20\n5\n40\n7\n")));
}

/// Numbers of corners, knots and points that the file does not hold must not be made room for, nor may a long line keep
/// the library for ever.
TEST(Dxf, CountsThatLieAreRefusedAndEndlessLinesAreRead) {
    for (const QByteArray number : {"75000000000000", "-75000000000000", "200000000", "1000"})
        for (const QByteArray& entity :
             {"0\nLWPOLYLINE\n8\na\n90\n" + number + "\n10\n3\n20\n0\n10\n4\n20\n0\n",
              " 0\n LWPOLYLINE \n8\na\n4294967386\n" + number + "\n10\n3\n20\n0\n10\n4\n20\n0\n",
              "0\nSPLINE\n8\na\n71\n3\n72\n" + number + "\n", "0\nSPLINE\n8\na\n71\n3\n73\n4\n74\n" + number + "\n",
              "0\nLEADER\n8\na\n76\n" + number + "\n10\n3\n20\n0\n", "0\nHATCH\n91\n1\n93\n" + number + "\n"})
            EXPECT_FALSE(read_dxf(dxf_of("0\nLINE\n8\na\n10\n0\n20\n0\n11\n4\n21\n4\n" + entity)))
                << entity.toStdString();
    const auto long_name =
        read_dxf(dxf_of("0\nLINE\n8\n" + QByteArray(100'000, 'a') + "\n10\n0\n20\n0\n11\n4\n21\n4\n"));
    ASSERT_TRUE(long_name);
    EXPECT_EQ(long_name->parts.size(), 1u);
    EXPECT_TRUE(read_dxf(dxf_of("0\nLWPOLYLINE\n8\na\n90\n2\n70\n0\n10\n3\n20\n0\n10\n4\n20\n0\n")));
}

/// The library would take what lay in memory for a number that is not there: other lines at every reading.
TEST(Dxf, ANumberThatIsNotThereIsRefused) {
    for (const QByteArray& nothing : {QByteArray(""), QByteArray(" \t"), QByteArray("\f"), QByteArray(1, '\0')})
        for (const QByteArray& entity :
             {"0\nLWPOLYLINE\n8\na\n90\n2\n70\n1\n10\n3\n20\n0\n42\n" + nothing + "\n10\n4\n20\n0\n42\n1\n",
              "0\nCIRCLE\n8\n0\n10\n5\n20\n" + nothing + "\n40\n7\n",
              "0\nARC\n8\n0\n10\n5\n20\n5\n40\n7\n4294967346\n" + nothing + "\n51\n90\n"})
            EXPECT_FALSE(read_dxf(dxf_of("0\nLINE\n8\na\n10\n0\n20\n0\n11\n4\n21\n4\n" + entity)))
                << entity.toStdString();
    EXPECT_TRUE(read_dxf(dxf_of("0\nLINE\n8\n\n10\n0\n20\n0\n11\n4\n21\n4\n"))); // a layer may be without a name
}

/// Rules of blocks. Source: DXF reference, INSERT and BLOCK
TEST(Dxf, WhatABlockDrawsOnLayer0LiesOnTheLayerThatItIsInsertedOn) {
    const QByteArray own = "0\nCIRCLE\n8\nscore\n10\n1\n20\n1\n40\n1\n";
    const auto read = read_dxf_lines(
        dxf_of("0\nINSERT\n8\nthrough\n2\nPART\n10\n0\n20\n0\n0\nINSERT\n8\nkiss\n2\npart\n10\n9\n20\n0\n",
               section("BLOCKS", block("Part", line_of_layer_0 + own))));
    ASSERT_TRUE(read);
    EXPECT_THAT(layers_of(*read), testing::ElementsAre("through", "score", "kiss", "score"));
    EXPECT_TRUE(read->left_out.empty());
}

TEST(Dxf, WhatIsHiddenIsLeftOutAndTold) {
    const QByteArray layers = section("TABLES", "0\nTABLE\n2\nLAYER\n70\n2\n0\nLAYER\n2\nOff\n70\n0\n62\n-7\n6\nC\n"
                                                "0\nLAYER\n2\nCold\n70\n1\n62\n7\n6\nC\n0\nENDTAB\n");
    const QByteArray line = "10\n0\n20\n0\n11\n4\n21\n3\n", inserted = "2\nPART\n10\n0\n20\n0\n";
    const QByteArray blocks = section("BLOCKS", block("PART", "0\nLINE\n8\nseen\n" + line + line_of_layer_0));
    const auto read = read_dxf_lines(dxf_of("0\nLINE\n8\nOFF\n" + line + "0\nLINE\n8\ncold\n" + line +
                                                "0\nLINE\n8\nseen\n60\n1\n" + line + "0\nLINE\n8\nkept\n" + line +
                                                "0\nINSERT\n8\noff\n" + inserted + "0\nINSERT\n8\ncold\n" + inserted,
                                            layers + blocks));
    ASSERT_TRUE(read);
    EXPECT_THAT(layers_of(*read), testing::ElementsAre("kept", "seen")) << "a frozen layer takes its inserts along";
    EXPECT_THAT(read->left_out, testing::ElementsAre(DxfLeftOut::hidden));
}

TEST(Dxf, InvisibleInsertsAreTold) {
    const auto read = read_dxf_lines(dxf_of(line_of_layer_0 + "0\nINSERT\n8\n0\n60\n1\n2\nPART\n10\n0\n20\n0\n",
                                            section("BLOCKS", block("PART", line_of_layer_0))));
    ASSERT_TRUE(read);
    EXPECT_EQ(read->lines.size(), 1u);
    EXPECT_THAT(read->left_out, testing::ElementsAre(DxfLeftOut::hidden));
}

TEST(Dxf, PaperIsReadWhereThereIsNoModel) {
    const QByteArray on_paper = "0\nCIRCLE\n8\npaper\n67\n1\n10\n5\n20\n5\n40\n1\n";
    EXPECT_THAT(layers_of(*read_dxf_lines(dxf_of(on_paper + line_of_layer_0))), testing::ElementsAre("0"));
    EXPECT_THAT(layers_of(*read_dxf_lines(dxf_of(on_paper))), testing::ElementsAre("paper"));
}

TEST(Dxf, BlocksWithinThemselvesAndBlocksOfBlocksWithoutEndAreRefused) {
    const auto insert = [](const QByteArray& name, const QByteArray& more) {
        return "0\nINSERT\n8\n0\n2\n" + name + "\n10\n1\n20\n0\n" + more;
    };
    EXPECT_FALSE(read_dxf(dxf_of(line_of_layer_0 + insert("A", ""),
                                 section("BLOCKS", block("A", insert("B", "")) + block("B", insert("A", ""))))));
    EXPECT_FALSE(read_dxf(dxf_of(insert("A", "70\n30000\n71\n30000\n44\n0.001\n45\n0.001\n"),
                                 section("BLOCKS", block("A", line_of_layer_0)))));
    EXPECT_FALSE(
        read_dxf(dxf_of(line_of_layer_0 + insert("A", "70\n30000\n71\n30000\n"), section("BLOCKS", block("A", "")))));
    QByteArray tower = block("N0", line_of_layer_0);
    for (int i = 1; i < 20; ++i) {
        const QByteArray lower = "N" + QByteArray::number(i - 1);
        tower += block("N" + QByteArray::number(i), insert(lower, "") + insert(lower, "") + insert(lower, ""));
    }
    EXPECT_FALSE(read_dxf(dxf_of(insert("N19", ""), section("BLOCKS", tower))));
    EXPECT_EQ(read_dxf_lines(dxf_of(insert("N3", ""), section("BLOCKS", tower)))->lines.size(), 27u);
    EXPECT_TRUE(read_dxf(dxf_of(line_of_layer_0 + insert("missing", "")))) << "as nothing is there";
}

TEST(Dxf, WhatHasNoLineIsNamed) {
    const QByteArray place = "8\na\n10\n1\n20\n1\n30\n0\n";
    const auto drawing = read_dxf(dxf_of(line_of_layer_0 + "0\nTEXT\n" + place + "40\n2\n1\nTide\n0\nXLINE\n" + place +
                                         "11\n1\n21\n0\n0\nMLINE\n" + place));
    ASSERT_TRUE(drawing);
    EXPECT_EQ(drawing->note.english(),
              "states no units, so its numbers are taken for millimetres; it comes without its text, "
              "endless lines and things of other kinds");
    const QByteArray unused = section("BLOCKS", block("arrow", "0\nSOLID\n" + place));
    EXPECT_TRUE(read_dxf_lines(dxf_of(line_of_layer_0, unused))->left_out.empty())
        << "of what is not inserted nothing is missed";
}

/// A smoothed polyline holds the corners of its frame beside those of its curve; a mesh has no outline.
TEST(Dxf, FramesOfSmoothedPolylinesAreNotCut) {
    const auto vertex = [](const char* x, const char* y, const char* flags) {
        return QByteArray("0\nVERTEX\n8\na\n10\n") + x + "\n20\n" + y + "\n70\n" + flags + "\n";
    };
    const auto polyline = [&](const QByteArray& flags) {
        return "0\nPOLYLINE\n8\nshape\n66\n1\n70\n" + flags + "\n" + vertex("0", "0", "16") + vertex("0", "0", "8") +
               vertex("2", "1", "8") + vertex("2", "9", "16") + vertex("4", "0", "8") + "0\nSEQEND\n8\nelsewhere\n";
    };
    const auto smooth = read_dxf_lines(dxf_of(polyline("4")));
    ASSERT_TRUE(smooth);
    ASSERT_EQ(smooth->lines.size(), 1u);
    EXPECT_EQ(smooth->lines[0].path.segments.size(), 2u);
    EXPECT_EQ(smooth->lines[0].layer, "shape") << "not that of its end";
    const auto mesh = read_dxf_lines(dxf_of(polyline("64") + line_of_layer_0));
    ASSERT_TRUE(mesh);
    EXPECT_EQ(mesh->lines.size(), 1u);
    EXPECT_THAT(mesh->left_out, testing::ElementsAre(DxfLeftOut::solids));
    const auto unended =
        read_dxf_lines(dxf_of("0\nPOLYLINE\n8\na\n66\n1\n70\n0\n" + vertex("0", "0", "0") + vertex("4", "0", "0")));
    ASSERT_TRUE(unended);
    EXPECT_EQ(unended->lines.size(), 1u);
}

/// The exact circle of nine weighted points. Source: Piegl and Tiller, The NURBS Book, 7.5
TEST(Dxf, WeightsOfSplinesCount) {
    QByteArray circle = "0\nSPLINE\n8\na\n70\n12\n71\n2\n72\n12\n73\n9\n74\n0\n";
    for (const char* knot : {"0", "0", "0", "1", "1", "2", "2", "3", "3", "4", "4", "4"})
        circle += QByteArray("40\n") + knot + "\n";
    const std::array<Point, 9> corners{Point{10, 0}, {10, 10}, {0, 10},   {-10, 10}, {-10, 0},
                                       {-10, -10},   {0, -10}, {10, -10}, {10, 0}};
    for (std::size_t i = 0; i < corners.size(); ++i)
        circle += "41\n" + QByteArray::number(i % 2 == 0 ? 1.0 : std::numbers::sqrt2 / 2, 'g', 17) + "\n";
    for (const Point p : corners)
        circle += "10\n" + QByteArray::number(p.x) + "\n20\n" + QByteArray::number(p.y) + "\n30\n0\n";
    const auto drawing = read_dxf(dxf_of(circle));
    ASSERT_TRUE(drawing);
    const OwnLine& line = drawing->parts.front().lines.front();
    EXPECT_FALSE(line.is_open);
    EXPECT_NEAR(std::abs(signed_area(line.path)), std::numbers::pi * 100, 0.01);
    for (const Point p : flatten(line.path, 0.001))
        EXPECT_NEAR(distance(p, {10, 10}), 10, 0.002);
}

/// Curves stay curves: a spline's cubics, a parabola raised.
TEST(Dxf, SplinesOfDegreesTwoAndThreeAreExactlyAsManyCubicsAsSpans) {
    const auto spline = [](const char* degree, const std::vector<const char*>& knots) {
        QByteArray entity = QByteArray("0\nSPLINE\n8\na\n70\n8\n71\n") + degree + "\n72\n" +
                            QByteArray::number(knots.size()) + "\n73\n5\n74\n0\n";
        for (const char* knot : knots)
            entity += QByteArray("40\n") + knot + "\n";
        for (const char* x : {"0", "10", "20", "30", "40"})
            entity += QByteArray("10\n") + x + "\n20\n" + (x[0] == '1' || x[0] == '3' ? "30" : "0") + "\n30\n0\n";
        return read_dxf_lines(dxf_of(entity));
    };
    EXPECT_EQ(spline("2", {"0", "0", "0", "1", "2", "3", "3", "3"})->lines.at(0).path.segments.size(), 3u);
    EXPECT_EQ(spline("3", {"0", "0", "0", "0", "5", "9", "9", "9", "9"})->lines.at(0).path.segments.size(), 2u);
    EXPECT_THAT(spline("3", {"0", "0", "0", "0", "5", "4", "9", "9", "9"})->left_out,
                testing::ElementsAre(DxfLeftOut::other))
        << "knots that fall";
}

TEST(Dxf, UnitsThatCannotBeMeantAreTakenForMillimetresAndTold) {
    const auto with_units = [](const char* units, const QByteArray& entities) {
        return read_dxf(dxf_of(entities, section("HEADER", QByteArray("9\n$INSUNITS\n70\n") + units + "\n")));
    };
    const QByteArray wide = "0\nLINE\n8\na\n10\n0\n20\n0\n11\n80\n21\n50\n";
    const auto metres = with_units("6", wide);
    ASSERT_TRUE(metres);
    EXPECT_EQ(metres->size, (Size{80, 50}));
    EXPECT_THAT(metres->note.english(), testing::HasSubstr("so its numbers are taken for millimetres"));
    const auto inches = with_units("1", wide);
    ASSERT_TRUE(inches);
    EXPECT_NEAR(inches->size.width, 80 * 25.4, 1e-9);
    EXPECT_TRUE(inches->note.empty());
    EXPECT_FALSE(with_units("4", "0\nLINE\n8\na\n10\n0\n20\n0\n11\n80000\n21\n50\n"));
}

TEST(Dxf, BinaryFilesThatEndEarlyAreRefused) {
    QByteArray file("A draw. Binary DXF\r\n\x1a\0", 22);
    const auto text = [&](const char* value) { file += QByteArray(value) + '\0'; };
    const auto code = [&](char low) { file += QByteArray(1, low) + '\0'; };
    const auto number = [&](double value) { file += QByteArray(reinterpret_cast<const char*>(&value), 8); };
    code(0), text("SECTION"), code(2), text("ENTITIES"), code(0), text("LINE"), code(8), text("kiss");
    code(10), number(0), code(20), number(0), code(11), number(4), code(21), number(3), code(0), text("ENDSEC"),
        code(0), text("EOF");
    const auto whole = read_dxf_lines(file);
    ASSERT_TRUE(whole);
    ASSERT_EQ(whole->lines.size(), 1u);
    EXPECT_EQ(whole->lines[0].path.segments[0].end, (Point{4, 3}));
    for (qsizetype size = 22; size < file.size(); ++size)
        EXPECT_FALSE(read_dxf_lines(file.left(size))) << size;
}

} // namespace
} // namespace fusuma
