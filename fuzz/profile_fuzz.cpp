#include "fuzz/target.h"
#include "reading/picture/colour_profile.h"

#include <QColorSpace>

namespace fusuma::fuzz::profile {
namespace {

void take(std::string_view input) {
    static_cast<void>(screen_table(QByteArray::fromRawData(input.data(), std::ssize(input))));
}

std::vector<std::string> seeds() {
    const QByteArray whole = QColorSpace(QColorSpace::DisplayP3).iccProfile();
    return {whole.toStdString(), whole.first(200).toStdString(),
            QColorSpace(QColorSpace::AdobeRgb).iccProfile().toStdString()};
}

const Registered target("profile", take, seeds);

} // namespace
} // namespace fusuma::fuzz::profile
