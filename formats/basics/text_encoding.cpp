#include "formats/basics/text_encoding.h"

#include <QStringDecoder>
#include <iconv.h>

namespace fusuma {

bool is_utf8(std::string_view bytes) {
    QStringDecoder decoder(QStringDecoder::Utf8);
    const QString decoded = decoder(QByteArrayView(bytes.data(), static_cast<qsizetype>(bytes.size())));
    return !decoder.hasError() && !decoded.contains(QChar::ReplacementCharacter);
}

std::string from_windows_1252(std::string_view bytes) {
    iconv_t converter = iconv_open("UTF-8", "WINDOWS-1252");
    std::string result(3 * bytes.size(), '\0');
    char *in = const_cast<char*>(bytes.data()), *out = result.data();
    std::size_t in_left = bytes.size(), out_left = result.size();
    while (in_left > 0 && iconv(converter, &in, &in_left, &out, &out_left) == static_cast<std::size_t>(-1) &&
           in_left > 0) {
        ++in;
        --in_left;
    }
    iconv_close(converter);
    result.resize(result.size() - out_left);
    return result;
}

std::string as_utf8(std::string_view bytes) {
    return is_utf8(bytes) ? std::string(bytes) : from_windows_1252(bytes);
}

} // namespace fusuma
