#include "core/sheet/paper.h"
#include "devices/practice/practice_cutter.h"
#include "formats/basics/language.h"
#include "formats/manual/usual_options.h"

#include <CLI/CLI.hpp>
#include <QCoreApplication>
#include <iostream>

int main(int argc, char** argv) {
    using namespace fusuma;
    const QCoreApplication application(argc, argv);
    speak();
    CLI::App program(
        "Fusuma's practice cutter: listens for HP-GL on a local port and draws the cut over a printed sheet");
    std::string sheet_path, out = "cut.png", paper_text = "a4";
    quint16 port = 9100;
    double speed = 400;
    bool serial = false;
    MachineFaults faults;
    program.add_option("SHEET", sheet_path, "the printed sheet, a picture from the practice printer")->required();
    program.add_option("-o,--out", out, "where the cut sheet goes, as PNG")->capture_default_str();
    program.add_option("--port", port, "TCP port on this machine; 0 takes a free one")->capture_default_str();
    program.add_option("--paper", paper_text, "the sheet's paper: a4, letter or WxH in mm")->capture_default_str();
    program.add_option("--speed", speed, "blade speed in mm/s; 0 cuts at once")->capture_default_str();
    program.add_flag("--serial", serial, "also serve as a serial port, on a pseudo-terminal");
    program.add_option("--blade", faults.blade_offset, "mm that the blade's tip trails its axis")
        ->check(CLI::Range(0.0, 2.0));
    program.add_option("--backlash", faults.backlash, "mm of play in its axes")->check(CLI::Range(0.0, 2.0));
    program.add_option("--drop-after", faults.drop_after, "drop the connection after so many runs");
    add_usual_options(program, "fusuma-practice-cutter");
    try {
        program.parse(argc, argv);
    } catch (const CLI::ParseError& why) {
        return ended_by(program, why);
    }

    const auto paper = parse_paper(paper_text);
    const QImage sheet(QString::fromStdString(sheet_path));
    PracticeCutter cutter(speed);
    const Outcome listening = cutter.listen(port);
    if (!paper || sheet.isNull() || !listening) {
        tell(!paper ? "“{paper}” is not a paper: give a4, letter or WxH in mm."_said.with("paper", paper_text)
             : sheet.isNull() ? "“{file}” is not a picture that can be read."_said.with("file", sheet_path)
                              : listening.problem().said());
        return 2;
    }
    cutter.set_faults(faults, *paper);
    std::cout << "listening on port " << cutter.port() << std::endl;
    if (serial) {
        const auto name = cutter.open_serial();
        if (!name) {
            tell(name.problem().said());
            return 2;
        }
        std::cout << "serial port " << name->toStdString() << std::endl;
    }
    // A machine that was sent junk, or was only knocked at, waits for the next job.
    QObject::connect(&cutter, &PracticeCutter::refused, [&](const QString& why) {
        tell(Said::verbatim(why.toStdString()));
        cutter.load();
    });
    QObject::connect(&cutter, &PracticeCutter::finished, [&] {
        const auto traces = cutter.cut_so_far();
        if (traces.empty())
            return;
        const bool written = cut_sheet(sheet, *paper, traces).save(QString::fromStdString(out), "PNG");
        if (written)
            std::cout << "cut " << traces.size() << " paths, drawn in " << out << std::endl;
        else
            tell("The cut sheet cannot be written to “{file}”."_said.with("file", out));
        QCoreApplication::exit(written ? 0 : 2);
    });
    return QCoreApplication::exec();
}
