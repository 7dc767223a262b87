// What file managers call for the picture of a project: the one that is kept in it, brought to the size they want.
// Source: freedesktop.org thumbnail managing standard 0.9 and the .thumbnailer files that call such programs

#include "formats/basics/file.h"
#include "formats/basics/language.h"
#include "formats/manual/usual_options.h"
#include "formats/project/thumbnail.h"

#include <CLI/CLI.hpp>
#include <QBuffer>
#include <QCoreApplication>
#include <fcntl.h>
#include <unistd.h>

int main(int argc, char** argv) {
    using namespace fusuma;
    const QCoreApplication application(argc, argv);
    speak();
    CLI::App program("Fusuma's thumbnailer: takes the picture of a project's first sheet out of it, for file managers");
    std::string project, out;
    int size = thumbnail_px;
    program.add_option("PROJECT", project, "a .fusuma project")->required();
    program.add_option("PNG", out, "where the picture goes")->required();
    program.add_option("-s,--size", size, "pixels along its longer side")
        ->check(CLI::Range(16, 1024))
        ->capture_default_str();
    add_usual_options(program, "fusuma-thumbnailer");
    try {
        program.parse(argc, argv);
    } catch (const CLI::ParseError& why) {
        return ended_by(program, why);
    }
    const int errors = ::dup(STDERR_FILENO), nowhere = ::open("/dev/null", O_WRONLY);
    ::dup2(nowhere, STDERR_FILENO); // libraries write of damaged pictures on their own; one sentence is enough
    const auto picture = thumbnail_in(QString::fromLocal8Bit(project));
    ::dup2(errors, STDERR_FILENO);
    if (!picture) {
        tell("“{project}” holds no picture of its sheet."_said.with("project",
                                                                    file_name_of(QString::fromLocal8Bit(project))));
        return 2;
    }
    QByteArray png;
    QBuffer buffer(&png);
    picture->scaled(size, size, Qt::KeepAspectRatio, Qt::SmoothTransformation).save(&buffer, "PNG");
    const Outcome written = write_file(QString::fromLocal8Bit(out), png);
    if (!written)
        tell(written.problem().said());
    return written ? 0 : 2;
}
