#include "reading/dxf/dxf_pairs.h"

#include <QtEndian>
#include <algorithm>
#include <cstdlib>
#include <map>
#include <vector>

namespace fusuma {

namespace {

constexpr qsizetype title_size = 22;

enum class ValueForm { string, real, byte, short_whole, whole, long_whole, bytes };

/// Source: DXF reference, group code value types
ValueForm form_of(int code) {
    const auto is_in = [code](int first, int last) { return code >= first && code <= last; };
    if (is_in(10, 59) || is_in(110, 149) || is_in(210, 239) || is_in(460, 469) || is_in(1010, 1059))
        return ValueForm::real;
    if (is_in(60, 79) || is_in(170, 179) || is_in(270, 289) || is_in(370, 389) || is_in(400, 409) || is_in(1060, 1070))
        return ValueForm::short_whole;
    if (is_in(90, 99) || is_in(420, 429) || is_in(440, 459) || code == 1071)
        return ValueForm::whole;
    if (is_in(160, 169))
        return ValueForm::long_whole;
    if (is_in(290, 299))
        return ValueForm::byte;
    return is_in(310, 319) || code == 1004 ? ValueForm::bytes : ValueForm::string;
}

} // namespace

bool is_binary_dxf(const QByteArray& file) {
    return file.mid(7, title_size - 7) == QByteArray(" Binary DXF\r\n\x1a\0", title_size - 7);
}

DxfPairs::DxfPairs(const QByteArray& of_file) : file(of_file), is_binary(is_binary_dxf(of_file)) {
    if (is_binary) {
        at = title_size;
        has_long_codes = file.mid(at, 2) == QByteArray(2, '\0');
    }
}

std::optional<DxfPair> DxfPairs::next() {
    if (is_at_end_mark)
        return std::nullopt;
    auto pair = is_binary ? next_of_binary() : next_of_text();
    is_at_end_mark = pair && pair->code == 0 && pair->value == "EOF";
    return pair;
}

std::optional<DxfPair> DxfPairs::next_of_text() {
    const auto line = [this]() -> std::optional<std::string> {
        if (at >= file.size())
            return std::nullopt;
        qsizetype end = file.indexOf('\n', at);
        end = end < 0 ? file.size() : end;
        const QByteArray found = file.mid(at, end - at).trimmed();
        at = end + 1;
        return found.toStdString();
    };
    const auto code = line(), value = line();
    if (!code || !value)
        return std::nullopt;
    return DxfPair{static_cast<int>(std::strtol(code->c_str(), nullptr, 10)), *value};
}

std::optional<DxfPair> DxfPairs::next_of_binary() {
    const auto code = binary_code();
    auto value = code ? binary_value(*code) : std::nullopt;
    return value ? std::optional(DxfPair{*code, std::move(*value)}) : std::nullopt;
}

std::optional<int> DxfPairs::binary_code() {
    if (!has_long_codes)
        if (const auto one = number<quint8>(); !one || *one != 255)
            return one;
    return number<qint16>();
}

std::optional<std::string> DxfPairs::binary_value(int code) {
    switch (form_of(code)) {
    case ValueForm::real:
        return written<double>();
    case ValueForm::byte:
        return written<quint8>();
    case ValueForm::short_whole:
        return written<qint16>();
    case ValueForm::whole:
        return written<qint32>();
    case ValueForm::long_whole:
        return written<qint64>();
    case ValueForm::bytes: { // of pictures and proxies, which are not read
        const auto size = number<quint8>();
        if (!size || file.size() - at < *size)
            return std::nullopt;
        at += *size;
        return "0";
    }
    case ValueForm::string:
        break;
    }
    const qsizetype end = file.indexOf('\0', at);
    if (end < 0)
        return std::nullopt;
    const QByteArray found = file.mid(at, end - at).trimmed();
    at = end + 1;
    return found.toStdString();
}

template <typename Number> std::optional<Number> DxfPairs::number() {
    if (file.size() - at < static_cast<qsizetype>(sizeof(Number)))
        return std::nullopt;
    const auto read = qFromLittleEndian<Number>(file.constData() + at);
    at += static_cast<qsizetype>(sizeof(Number));
    return read;
}

template <typename Number> std::optional<std::string> DxfPairs::written() {
    const auto read = number<Number>();
    if (!read)
        return std::nullopt;
    if constexpr (std::is_floating_point_v<Number>)
        return QByteArray::number(*read, 'g', 17).toStdString();
    else
        return std::to_string(*read);
}

bool is_sound_dxf(const QByteArray& file) {
    // Source: DXF reference, the codes of counts
    static const std::map<std::string, std::vector<int>> counts{
        {"LWPOLYLINE", {90}}, {"SPLINE", {72, 73, 74}}, {"LEADER", {76}}, {"HATCH", {91, 93}}};
    const long long most = file.size() / 4 + 1; // pairs
    long long announced = 0;
    std::string entity;
    DxfPairs pairs(file);
    while (const auto pair = pairs.next()) {
        if (form_of(pair->code) == ValueForm::real && (pair->value.empty() || pair->value.front() == '\0'))
            return false;
        if (pair->code == 0)
            entity = pair->value;
        else if (const auto known = counts.find(entity);
                 known != counts.end() && std::ranges::find(known->second, pair->code) != known->second.end()) {
            const long long count = std::strtoll(pair->value.c_str(), nullptr, 10);
            if (count > most || count < -most)
                return false;
            announced += std::abs(count);
        }
    }
    return announced <= most;
}

} // namespace fusuma
