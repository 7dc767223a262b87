#include "formats/basics/json_bounds.h"

namespace fusuma {

Outcome within_bounds(std::string_view text, const JsonBounds& bounds) {
    if (text.size() > bounds.bytes)
        return Problem{"It is longer than the {most} MB that Fusuma takes."_said.with("most", bounds.bytes >> 20)};
    int depth = 0;
    std::size_t values = 1;
    bool is_string = false;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (is_string) {
            i += c == '\\'; // whatever comes after it
            is_string = c != '"';
        } else if (c == '"') {
            is_string = true;
        } else if (c == '[' || c == '{') {
            ++values;
            if (++depth > deepest_json)
                return Problem{"Its brackets are more than {most} deep."_said.with("most", deepest_json)};
        } else if (c == ']' || c == '}') {
            --depth;
        } else if (c == ',' && ++values > bounds.values) {
            return Problem{"It has more than the {most} values that Fusuma takes."_said.with("most", bounds.values)};
        }
    }
    return Done{};
}

std::size_t cut_list(std::string& text, std::string_view name, std::size_t most) {
    int depth = 0;
    bool is_list = false, is_named = false; // within the list, after its name
    std::size_t values = 0, from = 0;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (c == '"') {
            const std::size_t first = i + 1;
            for (++i; i < text.size() && text[i] != '"'; ++i)
                i += text[i] == '\\'; // whatever comes after it
            if (depth == 1)
                is_named = i < text.size() && std::string_view(text).substr(first, i - first) == name;
        } else if (c == '[' || c == '{') {
            is_list |= ++depth == 2 && c == '[' && is_named;
        } else if ((c == ']' || c == '}') && --depth == 1 && is_list) {
            if (values < most)
                return 0;
            text.erase(from, i - from);
            return values + 1 - most;
        } else if (c == ',') {
            is_named &= depth != 1;
            if (is_list && depth == 2 && ++values == most)
                from = i;
        }
    }
    return 0;
}

} // namespace fusuma
