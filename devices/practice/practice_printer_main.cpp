#include "devices/practice/practice_printer.h"
#include "formats/basics/file.h"
#include "formats/basics/language.h"
#include "formats/manual/usual_options.h"

#include <CLI/CLI.hpp>
#include <QCoreApplication>

namespace {

using fusuma::operator""_said;

fusuma::Outcome print(const std::string& pdf_path, double dpi, const std::string& out_path) {
    const auto pdf = fusuma::read_file(QString::fromStdString(pdf_path), 1LL << 30);
    if (!pdf)
        return pdf.problem();
    const auto sheet = fusuma::practice_print(*pdf, dpi);
    if (!sheet)
        return sheet.problem();
    if (!sheet->save(QString::fromStdString(out_path), "PNG"))
        return fusuma::Problem{"The sheet cannot be written to “{file}”."_said.with("file", out_path)};
    return fusuma::Done{};
}

} // namespace

int main(int argc, char** argv) {
    const QCoreApplication application(argc, argv);
    fusuma::speak();
    CLI::App program("Fusuma's practice printer: turns a PDF into the picture of the printed sheet");
    std::string pdf, out = "sheet.png";
    double dpi = 300;
    program.add_option("PDF", pdf, "the file to print")->required();
    program.add_option("-o,--out", out, "where the printed sheet goes, as PNG")->capture_default_str();
    program.add_option("--dpi", dpi, "dots per inch")->capture_default_str();
    fusuma::add_usual_options(program, "fusuma-practice-printer");
    try {
        program.parse(argc, argv);
    } catch (const CLI::ParseError& why) {
        return fusuma::ended_by(program, why);
    }
    const auto outcome = print(pdf, dpi, out);
    if (!outcome)
        fusuma::tell(outcome.problem().said());
    return outcome ? 0 : 2;
}
