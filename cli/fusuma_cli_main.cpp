#include "cli/commands.h"

#include <QCoreApplication>
#include <clocale>

int main(int argc, char** argv) {
    const QCoreApplication application(argc, argv); // image plugins need one
    std::setlocale(LC_NUMERIC, "C");                // options and files have points, whatever the locale
    return fusuma::run_program(argc, argv);
}
