#include <QGuiApplication>
#include <gtest/gtest.h>

/// fontconfig keeps what it was asked by libraries that draw text.
extern "C" const char* __lsan_default_suppressions();
extern "C" const char* __lsan_default_suppressions() {
    return "leak:libfontconfig\nleak:libx265\nleak:libdav1d\n";
}

int main(int argc, char** argv) {
    testing::InitGoogleTest(&argc, argv);
    qputenv("QT_QPA_PLATFORM", "offscreen");
    const QGuiApplication application(argc, argv); // image plugins, painting and sockets need one
    return RUN_ALL_TESTS();
}
