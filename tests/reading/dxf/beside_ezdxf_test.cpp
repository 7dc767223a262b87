// Reference: ezdxf (Debian's python3-ezdxf), which draws files at random and says where their lines lie.

#include "core/geometry/measure.h"
#include "formats/basics/file.h"
#include "reading/dxf/dxf_lines.h"

#include <QDir>
#include <QProcess>
#include <QTemporaryDir>
#include <gtest/gtest.h>

namespace fusuma {
namespace {

using Polyline = std::vector<Point>;

double farthest_from(const std::vector<Polyline>& lines, const std::vector<Polyline>& points) {
    Polygons there_and_back = lines; // so that none is closed by another line
    for (Polygon& line : there_and_back)
        line.insert(line.end(), line.rbegin(), line.rend());
    double farthest = 0;
    for (const Polyline& line : points)
        for (std::size_t i = 0; i < line.size();
             i = i + 7 < line.size() || i + 1 == line.size() ? i + 7 : line.size() - 1)
            farthest = std::max(farthest, nearest_on(there_and_back, line[i], farthest).distance);
    return farthest;
}

std::vector<Polyline> lines_of_rows(const QByteArray& rows) {
    std::vector<Polyline> lines;
    for (const QByteArray& row : rows.split('\n')) {
        const QList<QByteArray> numbers = row.split(' ');
        if (numbers.size() < 4)
            continue;
        lines.emplace_back();
        for (qsizetype i = 0; i + 1 < numbers.size(); i += 2)
            lines.back().push_back({numbers[i].toDouble(), numbers[i + 1].toDouble()});
    }
    return lines;
}

TEST(DxfBesideEzdxf, LinesLieWhereEzdxfSeesThem) {
    const QTemporaryDir folder;
    const QString count = qEnvironmentVariable("FUSUMA_DRAWINGS", QStringLiteral("25"));
    ASSERT_EQ(
        QProcess::execute(QStringLiteral("/usr/bin/python3"),
                          {QStringLiteral(SOURCE_DIR "/tests/reading/dxf/drawn_at_random.py"), folder.path(), count}),
        0);
    std::size_t compared = 0;
    for (const QString& name : QDir(folder.path()).entryList({QStringLiteral("*.dxf")})) {
        const QString path = folder.filePath(name);
        const auto read = read_dxf_lines(*read_file(path, 1 << 24));
        ASSERT_TRUE(read) << name.toStdString();
        EXPECT_TRUE(read->left_out.empty()) << name.toStdString();
        std::vector<Polyline> ours;
        for (const DxfLine& line : read->lines)
            ours.push_back(flatten_line(line.path, 0.01));
        const auto theirs = lines_of_rows(*read_file(path.chopped(4) + QStringLiteral(".lines"), 1 << 26));
        EXPECT_FALSE(theirs.empty());
        EXPECT_LT(farthest_from(ours, theirs), 0.03) << name.toStdString();
        EXPECT_LT(farthest_from(theirs, ours), 0.05) << name.toStdString();
        ++compared;
    }
    EXPECT_EQ(compared, count.toUInt());
}

} // namespace
} // namespace fusuma
