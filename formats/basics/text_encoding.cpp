#include "formats/basics/text_encoding.h"

#include <QStringDecoder>

namespace fusuma {

bool is_utf8(std::string_view bytes) {
    QStringDecoder decoder(QStringDecoder::Utf8);
    const QString decoded = decoder(QByteArrayView(bytes.data(), static_cast<qsizetype>(bytes.size())));
    return !decoder.hasError() && !decoded.contains(QChar::ReplacementCharacter);
}

bool is_known_encoding(const std::string& name) {
    return QStringDecoder(name.c_str()).isValid();
}

std::string from_encoding(std::string_view bytes, const char* encoding) {
    QString text = QStringDecoder(encoding)(QByteArrayView(bytes.data(), static_cast<qsizetype>(bytes.size())));
    // ICU hands on bytes of the first page that mean nothing as controls.
    text.removeIf([](QChar c) { return c == QChar::ReplacementCharacter || (c >= QChar(0x80) && c < QChar(0xa0)); });
    return text.toStdString();
}

std::string as_utf8(std::string_view bytes) {
    return is_utf8(bytes) ? std::string(bytes) : from_encoding(bytes, western_encoding);
}

} // namespace fusuma
