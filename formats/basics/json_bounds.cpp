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

std::size_t cut_lists(std::string& text, std::string_view name, std::size_t most) {
    std::string kept;
    std::size_t taken = 0, dropped = 0;      // what of the text is in `kept`, or dropped
    std::size_t values = 0, after_first = 0; // of the list; where the first `most` of them end
    int depth = 0, list = 0;                 // how deep the list is, 0 outside
    bool is_named = false;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (c == '"') {
            const std::size_t first = i + 1;
            for (++i; i < text.size() && text[i] != '"'; ++i)
                i += text[i] == '\\'; // whatever comes after it
            is_named = i < text.size() && std::string_view(text).substr(first, i - first) == name;
        } else if (c == '[' || c == '{') {
            ++depth;
            if (c == '[' && is_named && list == 0) {
                list = depth;
                values = 0;
            }
        } else if (c == ']' || c == '}') {
            if (depth-- != list || list == 0)
                continue;
            list = 0;
            if (values >= most) {
                kept.append(text, taken, after_first - taken);
                taken = i;
                dropped += values + 1 - most;
            }
        } else if (c == ',') {
            is_named = false;
            if (depth == list && ++values == most)
                after_first = i;
        }
    }
    if (dropped > 0)
        text = kept.append(text, taken);
    return dropped;
}

} // namespace fusuma
