#include "formats/cut_files/machine_code.h"

#include "formats/cut_files/gcode.h"
#include "formats/cut_files/hpgl.h"

namespace fusuma {

std::vector<std::string> code_pieces(const CutJob& job, const Material& material, const Machine& machine, std::size_t first) {
    return machine.language == CutLanguage::hpgl ? hpgl_pieces(job, material, machine, first)
                                                 : gcode_pieces(job, material, machine, first);
}

std::string machine_code(const MachineJob& job) {
    std::string text;
    for (const std::string& piece : code_pieces(job.cut(), job.material(), job.machine()))
        text += piece;
    return text;
}

std::string begin_code(const Machine& machine) {
    return code_pieces({}, {}, machine).front();
}

std::string resume_code(const Machine& machine) {
    if (machine.language == CutLanguage::hpgl)
        return lift_code(machine); // what its memory holds is still true, and IN would forget it
    Machine without_lines = machine;
    without_lines.before.clear();
    return begin_code(without_lines);
}

std::string lift_code(const Machine& machine) {
    return machine.language == CutLanguage::hpgl ? "PU;\n" : gcode_lift(machine);
}

std::string move_code(const Machine& machine, Point to) {
    return machine.language == CutLanguage::hpgl ? hpgl_move(machine, to) : gcode_move(machine, to);
}

} // namespace fusuma
