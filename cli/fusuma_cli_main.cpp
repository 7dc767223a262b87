#include "cli/commands.h"

#include <QCoreApplication>

int main(int argc, char** argv) {
    const QCoreApplication application(argc, argv); // image plugins need one
    return fusuma::run_program(argc, argv);
}
