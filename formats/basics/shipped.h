#pragma once

#include <QString>

namespace fusuma {

/// Where a file that ships with the programs is: `../share/fusuma/NAME` from the running program's own folder, which
/// holds for every prefix that they are installed to and for the folder that they were built in. The file may be
/// missing all the same.
/// @param name  such as "fonts/Inter-Regular.otf"
/// Source: Filesystem Hierarchy Standard 3.0, /usr/share: architecture-independent data
[[nodiscard]] QString shipped_file(const QString& name);

/// Where a program is that only Fusuma's programs start: `../libexec/fusuma/NAME` from the running one's folder.
/// Source: Filesystem Hierarchy Standard 3.0, /usr/libexec
[[nodiscard]] QString shipped_program(const QString& name);

} // namespace fusuma
