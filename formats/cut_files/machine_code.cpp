#include "formats/cut_files/machine_code.h"

#include "formats/cut_files/gcode.h"
#include "formats/cut_files/hpgl.h"

#include <algorithm>

namespace fusuma {

namespace {

std::vector<std::string> pieces_for(const MachineJob& job, const Machine& machine, std::size_t first) {
    const auto pieces = machine.language == CutLanguage::hpgl ? hpgl_pieces : gcode_pieces;
    return pieces(job.cut(), job.material(), machine, first);
}

} // namespace

std::vector<std::string> code_pieces(const MachineJob& job, std::size_t first) {
    constexpr int short_line = 64; // bytes: some four places
    Machine sent = job.machine();
    int& most = sent.hpgl.most_bytes;
    most = most > 0 ? std::min(most, short_line) : short_line;
    return pieces_for(job, sent, first);
}

std::string machine_code(const MachineJob& job) {
    std::string text;
    for (const std::string& piece : pieces_for(job, job.machine(), 0))
        text += piece;
    return text;
}

std::string lift_code(const Machine& machine) {
    return machine.language == CutLanguage::hpgl ? "PU;\n" : gcode_lift(machine);
}

std::string move_code(const Machine& machine, Point to) {
    return machine.language == CutLanguage::hpgl ? hpgl_move(machine, to) : gcode_move(machine, to);
}

} // namespace fusuma
