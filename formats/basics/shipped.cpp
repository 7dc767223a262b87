#include "formats/basics/shipped.h"

#include <filesystem>

namespace fusuma {

namespace {

/// @param place  as seen from the running program's folder
QString beside_program(const char* place) {
    // Not asked of QCoreApplication: programs without one read fonts, too.
    static const std::filesystem::path folder = [] {
        std::error_code none;
        return std::filesystem::read_symlink("/proc/self/exe", none).parent_path();
    }();
    return QString::fromStdString((folder / place).lexically_normal().string()) + QLatin1Char('/');
}

} // namespace

QString shipped_file(const QString& name) {
    return beside_program("../share/fusuma") + name;
}

QString shipped_program(const QString& name) {
    return beside_program("../libexec/fusuma") + name;
}

} // namespace fusuma
