// Reference: ezdxf (Debian's python3-ezdxf) finds nothing wrong in the DXF files that are written, and sees the same
// lines in them.

#include "core/geometry/edge_grid.h"
#include "core/geometry/measure.h"
#include "formats/cut_files/dxf_write.h"
#include "tests/support/exact_coverage.h"

#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <gtest/gtest.h>

namespace fusuma {
namespace {

JobPlan plan_of_each_kind() {
    JobPlan plan;
    plan.paper = {210, 297};
    plan.pages.resize(1);
    Contour score; // a bend and a straight piece, open
    score.start = {20, 250};
    score.segments = {Segment::cubic_to({40, 200}, {90, 280}, {110, 240}), Segment::line_to({150, 240})};
    Contour leaf;
    leaf.start = {60, 60};
    leaf.segments = {Segment::cubic_to({90, 30}, {130, 50}, {140, 90}),
                     Segment::cubic_to({100, 110}, {70, 100}, {60, 60})};
    plan.pages[0].cuts = {{leaf, CutKind::kiss, CopyId{1}},
                          {contour_of(test::ellipse({100, 180}, 40, 20, 0.3, 200)), CutKind::through, CopyId{2}},
                          {score, CutKind::score, CopyId{2}, true}};
    return plan;
}

TEST(DxfWrite, AnotherProgramSeesTheSameLinesAndNothingWrong) {
    const JobPlan plan = plan_of_each_kind();
    for (const DxfCurves curves : {DxfCurves::polylines, DxfCurves::splines}) {
        const QTemporaryDir folder;
        QFile file(folder.filePath(QStringLiteral("cut.dxf")));
        ASSERT_TRUE(file.open(QIODevice::WriteOnly));
        file.write(QByteArray::fromStdString(cut_dxf(plan, curves)));
        file.close();
        QProcess python;
        python.start(QStringLiteral("/usr/bin/python3"),
                     {QStringLiteral(SOURCE_DIR "/tests/formats/cut_files/seen_by_ezdxf.py"), file.fileName()});
        ASSERT_TRUE(python.waitForFinished());
        EXPECT_EQ(python.exitCode(), 0) << python.readAllStandardError().toStdString();
        const QList<QByteArray> rows = python.readAllStandardOutput().trimmed().split('\n');
        const auto& cuts = plan.pages[0].cuts;
        ASSERT_EQ(static_cast<std::size_t>(rows.size()), cuts.size());
        for (std::size_t i = 0; i < cuts.size(); ++i) {
            const QList<QByteArray> words = rows[static_cast<qsizetype>(i)].split(' ');
            EXPECT_EQ(words[0].toStdString(), word_of(cuts[i].kind));
            EXPECT_EQ(words[1] == "0", cuts[i].is_open);
            Polygon seen;
            for (qsizetype at = 2; at + 1 < words.size(); at += 2)
                seen.push_back(
                    {words[at].toDouble(), plan.paper.height - words[at + 1].toDouble()}); // up from the bottom there
            // There and back, so that an open line is one round that closes on itself.
            const auto there_and_back = [](Polygon line) {
                line.insert(line.end(), line.rbegin(), line.rend());
                return line;
            };
            const Polygon meant = there_and_back(flatten_line(cuts[i].line, 0.001));
            seen = there_and_back(std::move(seen));
            constexpr double tolerance = 0.012; // 0.01 of the polylines, and what five decimals leave
            const EdgeGrid near_seen({seen}), near_meant({meant});
            for (const Point p : seen)
                EXPECT_LT(near_meant.distance_to(p, 1), tolerance) << word_of(cuts[i].kind);
            for (const Point p : meant)
                EXPECT_LT(near_seen.distance_to(p, 1), tolerance) << word_of(cuts[i].kind);
        }
    }
}

} // namespace
} // namespace fusuma
