#include "app/common/theme.h"
#include "formats/basics/language.h"
#include "tests/app/watchdog.h"

#include <QApplication>
#include <QSettings>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <gtest/gtest.h>
#include <optional>
#include <string_view>
#include <unistd.h>
#include <vector>

namespace {

/// Is nothing wrong but that the interface thread stood still?
class OnlyBlocks : public testing::EmptyTestEventListener {
  public:
    [[nodiscard]] bool holds() const { return blocks > 0 && others == 0; }

  private:
    int blocks = 0, others = 0;
    void OnTestPartResult(const testing::TestPartResult& part) override {
        if (part.failed())
            ++(std::string_view(part.message()).find(fusuma::app::WatchedApplication::stood_still) ==
                       std::string_view::npos
                   ? others
                   : blocks);
    }
};

/// @return  what the program is to end with; nothing when it is to run again
std::optional<int> run_tests(int argc, char** argv) {
    testing::InitGoogleTest(&argc, argv);
    auto* only_blocks = new OnlyBlocks; // belongs to the listeners
    testing::UnitTest::GetInstance()->listeners().Append(only_blocks);
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM"))
        qputenv("QT_QPA_PLATFORM", "offscreen");
    QStandardPaths::setTestModeEnabled(true);
    fusuma::app::WatchedApplication application(argc, argv);
    QApplication::setOrganizationName(QStringLiteral("Fusuma tests"));
    const QTemporaryDir settings; // of this run alone: others may go on beside it
    QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, settings.path());
    fusuma::speak(QLocale::c()); // English, with its forms for one and many
    fusuma::app::apply_theme(application, fusuma::app::Tone::light);
    const int result = RUN_ALL_TESTS();
    return only_blocks->holds() ? std::nullopt : std::optional(result);
}

} // namespace

/// A machine that others use, too, may stand still in the middle of an event, and processor time does not tell that
/// from work of ours. What is ours comes again, so a run that found nothing else is looked at five times.
int main(int argc, char** argv) {
    const std::vector<char*> as_called(argv, argv + argc + 1); // before GoogleTest takes its options out
    if (const auto result = run_tests(argc, argv))
        return *result;
    constexpr int looks = 5;
    const int looked = qEnvironmentVariableIntValue("FUSUMA_LOOKED") + 1;
    if (looked < looks) {
        qputenv("FUSUMA_LOOKED", QByteArray::number(looked));
        execv("/proc/self/exe", as_called.data());
    }
    return 1;
}
