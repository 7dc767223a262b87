#include "core/said.h"

#include <algorithm>
#include <cstdio>
#include <ostream>

namespace fusuma {

namespace {

std::string english_value(const Said::Value& value) {
    using Kind = Said::Value::Kind;
    if (value.kind == Kind::length)
        return format_length(value.number, value.unit);
    if (value.kind == Kind::number) {
        char text[64];
        std::snprintf(text, sizeof text, "%.*f", value.decimals, value.number);
        return text;
    }
    std::string all;
    for (std::size_t i = 0; i < value.said.size(); ++i)
        all += (i == 0 ? "" : i + 1 < value.said.size() ? ", " : " and ") + value.said[i].english();
    return all;
}

} // namespace

Said::Said() = default;
Said::Said(const Said&) = default;
Said::Said(Said&&) noexcept = default;
Said& Said::operator=(const Said&) = default;
Said& Said::operator=(Said&&) noexcept = default;
Said::~Said() = default;

Said Said::verbatim(std::string words) {
    Said said;
    said.words = std::move(words);
    return said;
}

Said Said::with(std::string_view name, std::string text) const {
    return with(name, verbatim(std::move(text)));
}

Said Said::with(std::string_view name, Said text) const {
    return with_list(name, {std::move(text)});
}

Said Said::with(std::string_view name, double mm, Unit unit) const {
    Said said = *this;
    said.values.push_back({.name = name, .kind = Value::Kind::length, .said = {}, .number = mm, .unit = unit});
    return said;
}

Said Said::with(std::string_view name, double number, int decimals) const {
    Said said = *this;
    said.values.push_back(
        {.name = name, .kind = Value::Kind::number, .said = {}, .number = number, .decimals = decimals});
    return said;
}

Said Said::with_list(std::string_view name, std::vector<Said> all) const {
    Said said = *this;
    said.values.push_back({.name = name, .kind = Value::Kind::words, .said = std::move(all)});
    return said;
}

Said Said::then(const Said& next) const {
    if (empty() || next.empty())
        return empty() ? next : *this;
    Said both;
    both.parts = {*this, next};
    return both;
}

Said Said::counted(std::size_t many, const char* one) const {
    Said said = *this;
    said.count = static_cast<long>(many);
    said.of_one = one;
    return said;
}

bool Said::empty() const {
    return sentence.empty() && words.empty() && parts.empty();
}

bool Said::operator==(const Said& other) const {
    return sentence == other.sentence && words == other.words && parts == other.parts && count == other.count &&
           values == other.values;
}

bool Said::Value::operator==(const Value& other) const {
    return name == other.name && kind == other.kind && said == other.said && number == other.number &&
           decimals == other.decimals && unit == other.unit;
}

std::string Said::english() const {
    if (sentence.empty()) {
        std::string all = words;
        for (const Said& part : parts)
            all += (all.empty() ? "" : " ") + part.english();
        return all;
    }
    // What is put in may hold such names itself, so each place is filled once.
    const std::string_view text = count == 1 ? of_one : sentence;
    std::string filled;
    for (std::size_t at = 0; at < text.size(); ++at) {
        if (text.substr(at, 2) == "%n") {
            filled += std::to_string(count);
            ++at;
            continue;
        }
        const auto value = std::find_if(values.begin(), values.end(), [rest = text.substr(at)](const Value& one) {
            return rest.starts_with('{') && rest.substr(1).starts_with(one.name) &&
                   rest.substr(1 + one.name.size()).starts_with('}');
        });
        if (value == values.end()) {
            filled += text[at];
            continue;
        }
        filled += english_value(*value);
        at += value->name.size() + 1;
    }
    return filled;
}

std::ostream& operator<<(std::ostream& out, const Said& said) {
    return out << said.english();
}

} // namespace fusuma
