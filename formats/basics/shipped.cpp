#include "formats/basics/shipped.h"

#include <filesystem>

namespace fusuma {

QString shipped_file(const QString& name) {
    // Not asked of QCoreApplication: programs without one read fonts, too.
    static const std::filesystem::path folder = [] {
        std::error_code none;
        const auto program = std::filesystem::read_symlink("/proc/self/exe", none);
        return (program.parent_path() / "../share/fusuma").lexically_normal();
    }();
    return QString::fromStdString(folder.string()) + QLatin1Char('/') + name;
}

} // namespace fusuma
