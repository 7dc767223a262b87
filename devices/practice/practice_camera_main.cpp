// The practice camera as a program: a picture of something flat, photographed on a table.

#include "core/document/artwork.h"
#include "core/sheet/paper.h"
#include "devices/practice/practice_camera.h"
#include "formats/basics/file.h"
#include "formats/basics/language.h"
#include "formats/manual/usual_options.h"
#include "formats/picture/picture_read.h"

#include <CLI/CLI.hpp>
#include <QGuiApplication>
#include <numbers>

int main(int argc, char** argv) {
    using namespace fusuma;
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM"))
        qputenv("QT_QPA_PLATFORM", "offscreen");
    const QGuiApplication app(argc, argv);
    speak();
    CLI::App program(
        "Fusuma's practice camera: photographs a flat thing as a telephone would, with whatever faults are asked for");
    std::string thing, out, size, shadow = "none";
    double tilt = 0, towards = 0, turn = 0;
    PracticeShot shot;
    program.add_option("PICTURE", thing, "what lies on the table, seen from above")->required();
    program.add_option("-o,--out", out, "JPEG file")->required();
    program.add_option("--size", size, "its size: a paper's name or WxH in mm; by its density when not given");
    program.add_option("--width", shot.width, "pixels across")->check(CLI::Range(64, 20000));
    program.add_option("--height", shot.height, "pixels down")->check(CLI::Range(64, 20000));
    program.add_option("--fill", shot.fill, "share of the picture that it fills")->check(CLI::Range(0.05, 1.5));
    program.add_option("--tilt", tilt, "degrees from straight above")->check(CLI::Range(0.0, 75.0));
    program.add_option("--towards", towards, "degrees, the side it is tilted to");
    program.add_option("--turn", turn, "degrees, clockwise");
    program.add_option("--k1", shot.lens.k1, "how the lens bends")->check(CLI::Range(-0.3, 0.3));
    program.add_option("--falls-to", shot.falls_to, "light at the darkest corner, as a share")
        ->check(CLI::Range(0.05, 1.0));
    program.add_option("--shadow", shadow, "none, soft or hard")->check(CLI::IsMember({"none", "soft", "hard"}));
    program.add_option("--blur", shot.blur, "pixels")->check(CLI::Range(0.0, 50.0));
    program.add_option("--noise", shot.noise, "grey values")->check(CLI::Range(0.0, 100.0));
    program.add_option("--quality", shot.quality, "of the JPEG")->check(CLI::Range(1, 100));
    program.add_option("--seed", shot.seed, "of noise and shadow");
    add_usual_options(program, "fusuma-practice-camera");
    try {
        program.parse(argc, argv);
    } catch (const CLI::ParseError& why) {
        return ended_by(program, why);
    }
    constexpr double degree = std::numbers::pi / 180;
    shot.tilt = tilt * degree;
    shot.tilt_towards = towards * degree;
    shot.turn = turn * degree;
    shot.shadow = shadow == "soft"   ? PracticeShot::Shadow::soft
                  : shadow == "hard" ? PracticeShot::Shadow::hard
                                     : PracticeShot::Shadow::none;
    const auto picture = read_picture(QString::fromStdString(thing));
    if (!picture) {
        tell(picture.problem().said());
        return 2;
    }
    const auto paper = size.empty() ? natural_size(PictureArtwork{*picture}) : parse_paper(size);
    if (!paper) {
        tell("--size {size}: give a paper's name or WxH in mm."_said.with("size", size));
        return 2;
    }
    const Outcome written =
        write_file(QString::fromStdString(out), photographed(*(*picture)->pixels.get(), *paper, shot).jpeg);
    if (!written) {
        tell(written.problem().said());
        return 2;
    }
    return 0;
}
