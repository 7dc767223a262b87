#include "cli/commands.h"
#include "formats/basics/language.h"
#include "formats/room/room.h"

#include <QCoreApplication>
#include <clocale>

int main(int argc, char** argv) {
    const QCoreApplication application(argc, argv); // image plugins need one
    fusuma::speak();
    std::setlocale(LC_NUMERIC, "C");                // options and files have points, whatever the locale
    return fusuma::run_program(argc, argv);
}
