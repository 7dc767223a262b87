#pragma once

#include "core/plan/plan.h"
#include "core/result.h"

#include <QByteArray>
#include <QString>

namespace fusuma {

/// Lines read from a cut file, mm on the paper with y down.
struct ReadLine {
    std::vector<Point> points; ///< flattened within 0.01 mm; closed ones end where they begin
    CutKind kind = CutKind::kiss;
};
template <class Io> void fields(Io& io, ReadLine& line) {
    io(line.points, line.kind);
}

/// Reads an SVG, DXF or HP-GL file back, by its ending, so that it can be checked against the sheet. Of SVG it takes
/// paths, in groups named after kinds of cut; of DXF every line, of the kind its layer is named after.
/// @param paper  whose bottom left the DXF and HP-GL coordinates start from
Result<std::vector<ReadLine>> read_cut_file(const QByteArray& bytes, const QString& name, Size paper);

/// What a check of a file against the sheet's cut lines came to.
struct FileCheck {
    std::size_t lines = 0; ///< in the file
    double worst = 0;      ///< mm that any place of one side is from the other side's lines
    double worst_of_kind = 0; ///< the same among lines of one kind of cut
    [[nodiscard]] bool agrees() const { return worst_of_kind <= 0.05; }
    [[nodiscard]] bool differs_in_kind_only() const { return worst <= 0.05 && !agrees(); }
};
[[nodiscard]] FileCheck compare(const std::vector<ReadLine>& file, const std::vector<CutPath>& cuts);

} // namespace fusuma
